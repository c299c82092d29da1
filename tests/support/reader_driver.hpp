#pragma once
#include "support/bench_driver.hpp"

#include <QAccessible>
#include <QPointer>
#include <functional>

namespace fusain::testing {

/// Works the bench as somebody does who neither sees it nor has a mouse: finds everything by its role and name
/// in the tree that screen readers read, sets values and presses buttons there. Enter is the one key it knows.
class ReaderDriver : public BenchDriver {
public:
    using BenchDriver::BenchDriver;

    void type(const char* name, const char* text, bool enter = false) override {
        QAccessibleInterface* field = find(QAccessible::EditableText, [&](const QString& said) {
            return plain(said) == QString::fromUtf8(name);
        });
        ASSERT_TRUE(field) << "no field " << name;
        focus(field);
        field->setText(QAccessible::Value, QString::fromUtf8(text));
        if (enter)
            QTest::keyClick(shell_.focusWidget(), Qt::Key_Return);
    }

protected:
    void go() override {
        press([](const QString& said) {
            return said.contains(QStringLiteral("[Space]")) || said.contains(QStringLiteral("[Ctrl+Enter]"));
        });
    }
    void pick(int, const QString& words) override {
        press([&](const QString& said) { return said == words; });
    }
    void fill(int row, int column, const char* text) override {
        QAccessibleInterface* table = find(QAccessible::Table, [](const QString&) { return true; });
        ASSERT_TRUE(table && table->tableInterface());
        QAccessibleInterface* cell = table->tableInterface()->cellAt(row, column);
        ASSERT_TRUE(cell);
        cell->setText(QAccessible::Value, QLatin1String(text));
    }
    void write(const QString& text) override {
        QAccessibleInterface* field = find(QAccessible::EditableText, [](const QString&) { return true; });
        ASSERT_TRUE(field && field->editableTextInterface());
        focus(field);
        field->editableTextInterface()->replaceText(0, field->textInterface()->characterCount(), text);
    }

private:
    using Named = std::function<bool(const QString&)>;

    // A combo box has its name from its label (see helpReaders); everything else says it itself.
    static QString nameOf(QAccessibleInterface* one) {
        for (const auto& [label, relation] : one->relations(QAccessible::Label))
            if (one->role() == QAccessible::ComboBox)
                return label->text(QAccessible::Name);
        return one->text(QAccessible::Name);
    }
    static QAccessibleInterface* findIn(QAccessibleInterface* tree, QAccessible::Role role,
                                        const Named& named) {
        for (int i = 0; tree && i < tree->childCount(); ++i) {
            QAccessibleInterface* child = tree->child(i);
            if (!child || child->state().invisible)
                continue;
            if (child->role() == role && !child->state().disabled && named(nameOf(child)))
                return child;
            if (QAccessibleInterface* inside = findIn(child, role, named))
                return inside;
        }
        return nullptr;
    }
    QAccessibleInterface* find(QAccessible::Role role, const Named& named) {
        return findIn(QAccessible::queryAccessibleInterface(&shell_.bench()), role, named);
    }
    static void focus(QAccessibleInterface* one) {
        one->actionInterface()->doAction(QAccessibleActionInterface::setFocusAction());
    }
    // A button that a reader presses goes down for a moment, as under a finger, before it acts.
    void press(const Named& named) {
        QAccessibleInterface* found = find(QAccessible::Button, named);
        const QPointer button(found ? qobject_cast<QAbstractButton*>(found->object()) : nullptr);
        ASSERT_TRUE(button) << "no such button";
        bool clicked = false;
        const auto told = QObject::connect(button, &QAbstractButton::clicked, &shell_, [&] { clicked = true; });
        found->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
        // The button of an answer goes with its question.
        EXPECT_TRUE(soon([&] { return clicked || !button; }, 5000));
        QObject::disconnect(told);
    }
};

} // namespace fusain::testing

#include "desktop/widgets/parts.hpp"

#include "desktop/widgets/appearance.hpp"
#include "report/base/style.hpp"

#include <QAccessible>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QRegularExpression>
#include <QTextDocument>

namespace fusain::desktop {

QLabel* label(const QString& text, const char* role, bool wrap) {
    auto* result = new QLabel;
    result->setTextFormat(Qt::PlainText); // names and notes are shown, never run
    result->setText(text);
    result->setObjectName(QLatin1String(role));
    result->setWordWrap(wrap);
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Minimum);
    policy.setHeightForWidth(wrap);
    result->setSizePolicy(policy);
    return result;
}

QString plainTip(const QString& text) {
    return Qt::mightBeRichText(text) ? QStringLiteral("<qt>%1</qt>").arg(text.toHtmlEscaped()) : text;
}

QPushButton* button(const QString& text, bool primary) {
    auto* result = new QPushButton(text);
    if (primary)
        result->setObjectName(QStringLiteral("primary"));
    result->setAutoDefault(false);
    return result;
}

void announce(QLabel* label, const QString& text) {
    if (label->text() == text)
        return;
    label->setText(text);
    QAccessibleEvent named(label, QAccessible::NameChanged), alert(label, QAccessible::Alert);
    QAccessible::updateAccessibility(&named);
    QAccessible::updateAccessibility(&alert);
}

QFrame* thinRule() {
    auto* line = new QFrame;
    line->setObjectName(QStringLiteral("thinRule"));
    return line;
}

QHBoxLayout* inOneRow(std::initializer_list<QWidget*> widgets) {
    auto* row = new QHBoxLayout;
    for (QWidget* widget : widgets)
        row->addWidget(widget);
    row->addStretch();
    return row;
}

QTableWidget* table(const QStringList& columns, const QString& accessibleName) {
    auto* result = new QTableWidget(0, static_cast<int>(columns.size()));
    result->setHorizontalHeaderLabels(columns);
    result->setAccessibleName(accessibleName);
    result->verticalHeader()->hide();
    result->verticalHeader()->setDefaultSectionSize(scaled(26));
    result->horizontalHeader()->setStretchLastSection(true);
    result->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    result->setEditTriggers(QAbstractItemView::NoEditTriggers);
    result->setSelectionBehavior(QAbstractItemView::SelectRows);
    result->setSelectionMode(QAbstractItemView::SingleSelection);
    result->setTabKeyNavigation(false);
    result->setShowGrid(false);
    result->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    result->setWordWrap(false);
    return result;
}

void wrapLines(QTableView& table) {
    table.setWordWrap(true);
    table.setTextElideMode(Qt::ElideNone);
    table.verticalHeader()->setMinimumSectionSize(scaled(26));
    table.verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
}

bool isNumber(const QString& text) {
    // A sentence may begin with a number as well.
    static const QRegularExpression aWord(QStringLiteral("\\p{L}{5,}"));
    const QChar first = text.isEmpty() ? QChar() : text.front();
    return (first.isDigit() || first == QChar(0x2212) || first == QLatin1Char('+')) && !text.contains(aWord);
}

void setRow(QTableWidget* table, int row, const QStringList& cells) {
    if (table->rowCount() <= row)
        table->setRowCount(row + 1);
    for (int column = 0; column < cells.size(); ++column) {
        auto* item = new QTableWidgetItem(cells[column]);
        item->setToolTip(plainTip(cells[column]));
        if (isNumber(cells[column]))
            item->setFont(report::numberFont(scaled(13)));
        table->setItem(row, column, item);
    }
}

void showChecked(QAbstractButton* box, bool on) {
    const QSignalBlocker silent(box);
    box->setChecked(on);
}

void showText(QLineEdit* field, const QString& text) {
    const QSignalBlocker silent(field);
    field->setText(text);
}

void followSelection(QAbstractItemView* view) {
    QObject::connect(view->selectionModel(), &QItemSelectionModel::selectionChanged, view,
                     [view](const QItemSelection& selected) {
                         if (selected.size() != 1 || selected.front().height() != 1)
                             return; // many at once: the keyboard is on one of them already
                         const QModelIndex one = selected.front().topLeft(), now = view->currentIndex();
                         if (one.row() != now.row() || one.parent() != now.parent())
                             view->selectionModel()->setCurrentIndex(one, QItemSelectionModel::NoUpdate);
                     });
}

ValueField::ValueField(const QString& name, const QString& unit, QWidget* parent)
    : QWidget(parent), edit_(new QLineEdit), caption_(label(name, "", false)),
      unit_(label(unit, "soft", false)) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    caption_->setMinimumWidth(scaled(200));
    caption_->setBuddy(edit_);
    edit_->setAccessibleName(unit.isEmpty() ? name : name + QStringLiteral(", ") + unit);
    edit_->setMaximumWidth(scaled(120));
    edit_->setMinimumWidth(scaled(96));
    edit_->setFont(QFont(QStringLiteral("Atkinson Hyperlegible Mono")));
    row->addWidget(caption_);
    row->addWidget(edit_);
    row->addWidget(unit_);
    row->addStretch();
    setFocusProxy(edit_);
    connect(edit_, &QLineEdit::textChanged, this, [this] {
        edit_->setModified(true); // also by what does not come from the keys
        Q_EMIT edited();
    });
    connect(edit_, &QLineEdit::returnPressed, this, &ValueField::entered);
}

std::optional<double> ValueField::value() const {
    const auto typed = parseTyped(edit_->text().toStdString());
    return typed ? std::optional(keptFromShown(dimension_, *typed, system_)) : std::nullopt;
}

void ValueField::setDimension(Dimension dimension, UnitSystem system) {
    dimension_ = dimension;
    system_ = system;
    const auto words = unitOf(dimension, system);
    unit_->setText(QString::fromUtf8(words.data(), static_cast<qsizetype>(words.size())));
    edit_->setAccessibleName(caption_->text() + QStringLiteral(", ") + unit_->text());
}

void ValueField::setValue(double value, int decimals) {
    showText(edit_, report::number(shownFromKept(dimension_, value, system_), decimals));
}

void ValueField::makeCompact() {
    caption_->setMinimumWidth(0);
    edit_->setMinimumWidth(scaled(80));
}

void ValueField::clear() {
    showText(edit_, {});
}

} // namespace fusain::desktop

#include "moc_parts.cpp"

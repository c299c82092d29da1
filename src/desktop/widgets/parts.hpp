#pragma once
#include <QComboBox>
#include <QFrame>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QTableWidget>

// After Qt's own headers: moc stumbles over the standard library's concepts when it meets them first.
#include "core/units/format.hpp"
#include "report/base/words.hpp"

#include <functional>
#include <optional>

namespace fusain::desktop {

/// A label styled by role: "title", "heading", "soft", "warning", "verdict", "live".
[[nodiscard]] QLabel* label(const QString& text, const char* role = "", bool wrap = true);
/// What a tool tip shows as it is, whatever it looks like.
[[nodiscard]] QString plainTip(const QString& text);
[[nodiscard]] QPushButton* button(const QString& text, bool primary = false);
/// Changes a text that somebody who does not see it is told at once: a verdict, a problem.
void announce(QLabel* label, const QString& text);
[[nodiscard]] QFrame* thinRule();
/// Shows a box as ticked or not, or a text in a field, without that being taken for an act. Whoever ticks, by
/// key, pointer or through a reader, is heard by `toggled`; whoever writes, by `textChanged`.
void showChecked(QAbstractButton* box, bool on);
void showText(QLineEdit* field, const QString& text);

/// Puts the keyboard on a row that is selected by other means than keys and pointer, as readers do: what is
/// shown follows it. @pre the view has its model
void followSelection(QAbstractItemView* view);
/// Widgets side by side, the rest of the row left free.
[[nodiscard]] QHBoxLayout* inOneRow(std::initializer_list<QWidget*> widgets);
/// A read-only table that the keyboard moves through row by row.
[[nodiscard]] QTableWidget* table(const QStringList& columns, const QString& accessibleName);
/// Rows grow so that nothing in them is cut. For tables of tens of rows: each is measured.
void wrapLines(QTableView& table);
void setRow(QTableWidget* table, int row, const QStringList& cells);
/// Whether a cell is a number with its unit: it stands in the figures' own type.
[[nodiscard]] bool isNumber(const QString& text);

using report::number;

/// A number with its name and unit, typed with a point or a comma.
class ValueField : public QWidget {
    Q_OBJECT
public:
    ValueField(const QString& name, const QString& unit, QWidget* parent = nullptr);
    /// Reads and shows a quantity in the units of the lab; value() and setValue() stay in the kept unit.
    void setDimension(Dimension dimension, UnitSystem system);
    /// The number in its kept unit, or nothing while the text is not one.
    [[nodiscard]] std::optional<double> value() const;
    void setValue(double value, int decimals);
    void clear();
    /// Lets the name be as short as it is, for fields that stand in one row.
    void makeCompact();
    [[nodiscard]] QLineEdit* edit() const { return edit_; }

Q_SIGNALS:
    void edited();
    void entered();

private:
    QLineEdit* edit_;
    QLabel* caption_;
    QLabel* unit_;
    Dimension dimension_ = Dimension::Plain;
    UnitSystem system_ = UnitSystem::Metric;
};

} // namespace fusain::desktop

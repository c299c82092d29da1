#pragma once
#include "core/energy/resting_measurement.hpp"
#include "desktop/widgets/parts.hpp"

#include <QDialog>
#include <QPlainTextEdit>

namespace fusain::desktop {

/// A day described in hours of what is done: the activity level is worked out of it.
class DescribedDayDialog : public QDialog {
    Q_OBJECT
public:
    explicit DescribedDayDialog(QWidget* parent = nullptr);
    void setHours(int row, double hours);
    /// The level, or nothing while the hours are more than a day.
    [[nodiscard]] std::optional<double> level() const;

private:
    void show();
    QTableWidget* parts_;
    QLabel* words_;
    QPushButton* use_;
};

/// A resting test as a table of minutes, judged by the rules for one.
class RestingDialog : public QDialog {
    Q_OBJECT
public:
    explicit RestingDialog(QWidget* parent = nullptr);
    void setText(const QString& text) { minutes_->setPlainText(text); }
    /// What was measured, once it counts.
    [[nodiscard]] Expected<energy::RestingMeasurement> measurement() const;

private:
    void show();
    QPlainTextEdit* minutes_;
    QLabel* words_;
    QPushButton* use_;
};

} // namespace fusain::desktop

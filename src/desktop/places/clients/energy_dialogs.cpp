#include "desktop/places/clients/energy_dialogs.hpp"

#include "core/energy/resting.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "report/base/words.hpp"

#include <QRegularExpression>
#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

/// Parts of a day with their cost against rest, and hours to begin with. Ainsworth BE et al (2011), Med Sci
/// Sports Exerc 43:1575-1581.
struct DayPart {
    const char* name;
    double multiple, hours;
};
constexpr DayPart dayParts[] = {
    {QT_TR_NOOP("asleep or lying"), 0.95, 8.0}, {QT_TR_NOOP("sitting quietly"), 1.3, 5.0},
    {QT_TR_NOOP("desk work"), 1.5, 8.0},        {QT_TR_NOOP("housework, cooking, standing work"), 2.5, 2.0},
    {QT_TR_NOOP("walking"), 3.5, 1.0},          {QT_TR_NOOP("cycling at ease"), 5.8, 0.0},
    {QT_TR_NOOP("running, 8 km/h"), 8.3, 0.0}};

// Two columns of numbers, however they are parted; a line of words is a heading.
std::vector<energy::RestingMinute> minutesFrom(const QString& text) {
    static const QRegularExpression number(QStringLiteral("\\d+(?:[.,]\\d+)?"));
    std::vector<energy::RestingMinute> minutes;
    for (const QString& line : text.split(QLatin1Char('\n'), Qt::SkipEmptyParts)) {
        QList<double> values;
        for (auto found = number.globalMatch(line); found.hasNext();)
            values << found.next().captured().replace(QLatin1Char(','), QLatin1Char('.')).toDouble();
        if (values.size() >= 2)
            minutes.push_back({values[values.size() - 2], values[values.size() - 1]});
    }
    return minutes;
}

} // namespace

DescribedDayDialog::DescribedDayDialog(QWidget* parent)
    : QDialog(parent), parts_(new QTableWidget(static_cast<int>(std::size(dayParts)), 3)), words_(label({})) {
    setWindowTitle(tr("A usual day"));
    setMinimumSize(scaled(560), scaled(420));
    parts_->setHorizontalHeaderLabels({tr("what"), tr("times rest"), tr("hours")});
    parts_->setAccessibleName(tr("Parts of the day"));
    parts_->setColumnWidth(0, scaled(300));
    for (int row = 0; row < parts_->rowCount(); ++row) {
        const DayPart& part = dayParts[row];
        QStringList cells{tr(part.name), QString::number(part.multiple), QString::number(part.hours)};
        for (int column = 0; column < 3; ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            if (column < 2)
                item->setFlags(Qt::ItemIsEnabled);
            parts_->setItem(row, column, item);
        }
    }
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(label(
        tr("Hours of a usual day; the kind of work may be described by the multiple that fits."), "soft"));
    layout->addWidget(parts_, 1);
    layout->addWidget(words_);
    const DialogFoot foot = footOf(this, tr("Use this day"));
    use_ = foot.primary;
    layout->addWidget(foot.box);
    connect(parts_, &QTableWidget::cellChanged, this, &DescribedDayDialog::show);
    show();
}

void DescribedDayDialog::setHours(int row, double hours) {
    parts_->item(row, 2)->setText(QString::number(hours));
}

std::optional<double> DescribedDayDialog::level() const {
    std::vector<energy::Activity> day;
    double hours = 0.0;
    for (int row = 0; row < parts_->rowCount(); ++row) {
        day.push_back(
            {QString(parts_->item(row, 2)->text()).replace(QLatin1Char(','), QLatin1Char('.')).toDouble(),
             dayParts[row].multiple});
        hours += day.back().hours;
    }
    return hours > 24.0 + 1e-9 ? std::nullopt : std::optional(energy::activityLevel(day));
}

void DescribedDayDialog::show() {
    const auto now = level();
    use_->setEnabled(now.has_value());
    words_->setText(now ? tr("Activity level %1: %2. What is left of the day counts as rest.")
                              .arg(number(*now, 2), report::say(energy::activityBand(*now)))
                        : tr("These are more than 24 hours."));
}

RestingDialog::RestingDialog(QWidget* parent)
    : QDialog(parent), minutes_(new QPlainTextEdit), words_(label({})) {
    setWindowTitle(tr("A resting test"));
    setMinimumSize(scaled(520), scaled(460));
    minutes_->setAccessibleName(tr("Oxygen and carbon dioxide, minute by minute"));
    minutes_->setPlaceholderText(tr("0.251  0.212\n0.248  0.209\n…"));
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(
        label(tr("Fasted 5 hours, no caffeine for 4, lying still in a quiet room. One line a minute: "
                 "oxygen and carbon dioxide in L/min (STPD), as the instrument writes them. The first "
                 "five minutes are left out."),
              "soft"));
    layout->addWidget(minutes_, 1);
    layout->addWidget(words_);
    const DialogFoot foot = footOf(this, tr("Use this measurement"));
    use_ = foot.primary;
    layout->addWidget(foot.box);
    connect(minutes_, &QPlainTextEdit::textChanged, this, &RestingDialog::show);
    show();
}

Expected<energy::RestingMeasurement> RestingDialog::measurement() const {
    return energy::judgeResting(minutesFrom(minutes_->toPlainText()));
}

void RestingDialog::show() {
    const auto result = measurement();
    use_->setEnabled(result.has_value());
    words_->setText(result ? tr("%1 kcal a day by Weir, quotient %2, variation %3 %, minutes %4 to %5.")
                                 .arg(number(result->energy.value(), 0), number(result->quotient, 2),
                                      number(result->variation.value(), 1))
                                 .arg(result->firstMinute + 1)
                                 .arg(result->firstMinute + energy::restingSteady)
                           : report::say(result.error()));
}

} // namespace fusain::desktop

#include "moc_energy_dialogs.cpp"

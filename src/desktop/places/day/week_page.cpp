#include "desktop/places/day/week_page.hpp"

#include "desktop/services/day_board.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

#include <QHeaderView>
#include <QLocale>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr int daysOfWeek = 7;

// Weeks begin as they do where the lab is.
QDate firstOfWeek(QDate day) {
    return day.addDays(-((day.dayOfWeek() - QLocale::system().firstDayOfWeek() + daysOfWeek) % daysOfWeek));
}

WeekModel::Day dayOf(DayBoard& board, QDate date, const LabCatalogue& catalogue) {
    board.load({date.startOfDay().toMSecsSinceEpoch()});
    WeekModel::Day day{date, static_cast<qsizetype>(board.plan().conflicts.size()), {}};
    day.problems += board.plan().noFilling ? 1 : 0;
    for (const DayBlock& block : board.blocks()) {
        const QString who = report::plain(block.title);
        day.appointments << QObject::tr("%1  %2\n%3")
                                .arg(report::clock(block.at),
                                     laneName(board.policy().timesOf(block.method).instrument, catalogue),
                                     block.people > 1 ? QObject::tr("%1 (%2)").arg(who).arg(block.people)
                                                      : who);
    }
    return day;
}

} // namespace

QString laneName(const std::string& instrument, const LabCatalogue& catalogue) {
    if (instrument == "tank")
        return QObject::tr("Tank");
    const Instrument* known = catalogue.instrument(instrument);
    return known ? report::say(std::string_view(known->name)) : report::plain(instrument);
}

void WeekModel::setDays(std::vector<Day> days) {
    beginResetModel();
    days_ = std::move(days);
    endResetModel();
}

int WeekModel::rowCount(const QModelIndex& parent) const {
    qsizetype most = 1; // a week without appointments can be walked through all the same
    for (const Day& day : days_)
        most = std::max(most, day.appointments.size());
    return parent.isValid() || days_.empty() ? 0 : static_cast<int>(most);
}

int WeekModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(days_.size());
}

QVariant WeekModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || (role != Qt::DisplayRole && role != Qt::ToolTipRole))
        return {};
    const QString text = days_[static_cast<std::size_t>(index.column())].appointments.value(index.row());
    return role == Qt::ToolTipRole && !text.isEmpty() ? plainTip(text) : text;
}

QVariant WeekModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    const Day& day = days_[static_cast<std::size_t>(section)];
    return QLocale().toString(day.date, QStringLiteral("ddd d MMM")) +
           (day.problems > 0 ? tr("  ▲ %1").arg(day.problems) : QString());
}

WeekPage::WeekPage(Session& session) : session_(session), model_(new WeekModel(this)) {
    setModel(model_);
    setAccessibleName(tr("The week"));
    verticalHeader()->hide();
    verticalHeader()->setDefaultSectionSize(scaled(48));
    horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    setWordWrap(true);
    setSelectionMode(QAbstractItemView::SingleSelection);
    setTabKeyNavigation(false);
    connect(this, &QTableView::activated, this,
            [this](const QModelIndex& index) { Q_EMIT dayChosen(first_.addDays(index.column())); });
}

void WeekPage::showWeekOf(QDate day) {
    first_ = firstOfWeek(day);
    std::vector<WeekModel::Day> days;
    DayBoard board(session_);
    for (int i = 0; i < daysOfWeek; ++i)
        days.push_back(dayOf(board, first_.addDays(i), session_.catalogue()));
    model_->setDays(std::move(days));
    setCurrentIndex(model_->index(0, static_cast<int>(first_.daysTo(day))));
}

} // namespace fusain::desktop

#include "moc_week_page.cpp"

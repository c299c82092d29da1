#include "desktop/places/day/day_place.hpp"

#include "desktop/places/day/booking_dialog.hpp"
#include "desktop/places/day/planning_dialog.hpp"
#include "desktop/places/day/preparation_dialog.hpp"
#include "desktop/places/day/water_dialog.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/day_calendar.hpp"
#include "desktop/services/lab_undo.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/views/look_on.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QMenu>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

QDate calendarDay(Instant instant) {
    return QDateTime::fromMSecsSinceEpoch(instant.milliseconds).date();
}

} // namespace

DayPlace::DayPlace(Session& session)
    : Place(session), board_(session), lists_(session, board_), day_(session.now()),
      title_(label({}, "title", false)),
      ribbon_(new DayRibbon([&session]() -> const report::Palette& { return session.palette(); })),
      now_(new NowBand), tasks_(new RecordsView({tr("done"), tr("time"), tr("where"), tr("what"), tr("how")},
                                                tr("What is to be done, in order"))),
      people_(new RecordsView({tr("time"), tr("who"), tr("method"), tr("state")}, tr("People today"))),
      problems_(new ProblemCards), words_(label({})), booking_(new QVBoxLayout), week_(new WeekPage(session)),
      pages_(new QStackedWidget), team_(new TeamPage(session)) {
    for (QWidget* page : std::initializer_list<QWidget*>{dayPage(), team_, week_})
        pages_->addWidget(page);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->addLayout(head());
    layout->addWidget(thinRule());
    layout->addWidget(pages_, 1);
    connect(team_, &TeamPage::openBench, this, &DayPlace::openBench);
    connect(team_, &TeamPage::left, this, [this] { showTeam(false); });
    connect(&session.hub(), &link::InstrumentHub::statusChanged, this, &DayPlace::noteLink);
    connect(week_, &WeekPage::dayChosen, this,
            [this](QDate day) { showDay({day.startOfDay().addSecs(12 * 3600).toMSecsSinceEpoch()}); });
}

// Which day it is, and the way to others.
QLayout* DayPlace::head() {
    auto* earlier = button(tr("Day before"));
    auto* now = button(tr("Today"));
    auto* later = button(tr("Day after"));
    auto* week = button(tr("Week"));
    auto* row = new QHBoxLayout;
    row->addWidget(title_, 1);
    for (QWidget* each : {earlier, now, later, week})
        row->addWidget(each);
    connect(earlier, &QPushButton::clicked, this, [this] { goTo(-1); });
    connect(later, &QPushButton::clicked, this, [this] { goTo(1); });
    connect(now, &QPushButton::clicked, this, [this] { showDay(session_.now()); });
    connect(week, &QPushButton::clicked, this, [this] { showWeek(pages_->currentIndex() != WholeWeekPage); });
    return row;
}

// The ribbon of appointments, what can be done with one, and the tasks under it.
QWidget* DayPlace::dayPage() {
    auto* page = new QWidget;
    auto* inside = new QVBoxLayout(page);
    inside->setContentsMargins(0, 0, 0, 0);
    inside->addWidget(now_);
    inside->addWidget(ribbon_);
    inside->addLayout(acts());
    inside->addWidget(words_);
    inside->addLayout(booking_);
    auto* left = new QVBoxLayout;
    left->addWidget(label(tr("To do"), "heading"));
    left->addWidget(tasks_, 1);
    auto* right = new QVBoxLayout;
    right->addWidget(problems_);
    right->addWidget(label(tr("People"), "heading"));
    right->addWidget(people_, 1);
    below_ = new QWidget;
    auto* below = new QHBoxLayout(below_);
    below->setContentsMargins(0, 0, 0, 0);
    below->setSpacing(scaled(20));
    below->addLayout(left, 11);
    below->addLayout(right, 10);
    inside->addWidget(below_, 1);
    keepColumns(*tasks_, "day-tasks", {{0, 50}, {1, 128}, {2, 88}, {3, 226}});
    keepColumns(*people_, "day-people", {{0, 62}, {1, 150}, {2, 118}});
    wrapLines(*tasks_);
    wrapLines(*people_);
    connect(now_, &NowBand::acted, this, &DayPlace::answerNow);
    connect(people_, &RecordsView::activatedId, this, &DayPlace::openPerson);
    tasks_->setToolTip(tr("Space ticks a line."));
    connect(ribbon_, &DayRibbon::activated, this, &DayPlace::startSelected);
    connect(ribbon_, &DayRibbon::moved, this, &DayPlace::moveVisit);
    connect(ribbon_, &DayRibbon::chosenChanged, this, &DayPlace::fillWords);
    connect(tasks_, &RecordsView::activatedId, this, &DayPlace::tickSelected);
    auto* tick = new QAction(this);
    tick->setShortcut(Qt::Key_Space);
    tick->setShortcutContext(Qt::WidgetShortcut);
    tasks_->addAction(tick);
    connect(tick, &QAction::triggered, this, &DayPlace::tickSelected);
    return page;
}

QLayout* DayPlace::acts() {
    auto* start = button(tr("Start or resume"));
    auto* bookVisit = button(tr("Book…"));
    auto* cancel = button(tr("Cancel appointment"));
    auto* sheet = button(tr("Preparation sheet…"));
    auto* team = button(tr("Team morning"));
    auto* more = button(tr("More…"));
    auto* menu = new QMenu(more);
    menu->addAction(tr("Export calendar (.ics)…"), this, &DayPlace::calendarOut);
    menu->addAction(tr("Calendar in (.ics)…"), this, &DayPlace::calendarIn);
    menu->addAction(tr("Water log…"), this, &DayPlace::logWater);
    menu->addAction(tr("How the day is planned…"), this, &DayPlace::editPlanning);
    more->setMenu(menu);
    connect(start, &QPushButton::clicked, this, &DayPlace::startSelected);
    connect(bookVisit, &QPushButton::clicked, this, &DayPlace::book);
    connect(cancel, &QPushButton::clicked, this, &DayPlace::cancelSelected);
    connect(sheet, &QPushButton::clicked, this, &DayPlace::showSheet);
    connect(team, &QPushButton::clicked, this, [this] { showTeam(true); });
    return inOneRow({start, bookVisit, cancel, sheet, team, more});
}

QString DayPlace::where() const {
    return pages_->currentIndex() == TeamMorningPage ? tr("Day  ›  Team morning")
           : pages_->currentIndex() == WholeWeekPage ? tr("Day  ›  Week")
                                                     : tr("Day");
}

void DayPlace::showPage(Page page) {
    pages_->setCurrentIndex(page);
    Q_EMIT moved();
    refresh();
    enter();
}

void DayPlace::showTeam(bool on) {
    showPage(on ? TeamMorningPage : DayPage);
}

void DayPlace::showWeek(bool on) {
    showPage(on ? WholeWeekPage : DayPage);
}

void DayPlace::showDay(Instant day) {
    day_ = day;
    today_ = report::sameDay(day, session_.now());
    showPage(DayPage);
}

void DayPlace::goTo(int days) {
    const int step = pages_->currentIndex() == WholeWeekPage ? 7 * days : days;
    const QDateTime there = QDateTime::fromMSecsSinceEpoch(day_.milliseconds).addDays(step);
    const bool week = pages_->currentIndex() == WholeWeekPage;
    showDay({there.toMSecsSinceEpoch()});
    if (week)
        showWeek(true);
}

void DayPlace::enter() {
    if (pages_->currentIndex() == TeamMorningPage)
        return team_->enter();
    pages_->currentIndex() == WholeWeekPage ? week_->setFocus() : ribbon_->setFocus();
}

void DayPlace::refresh() {
    const Instant now = session_.now();
    if (today_)
        day_ = now;
    board_.load(day_, liveSince_);
    title_->setText(today_ ? report::longDay(now) + QStringLiteral(", ") + report::clock(now)
                           : report::longDay(day_));
    if (pages_->currentIndex() == TeamMorningPage)
        team_->refresh();
    if (pages_->currentIndex() == WholeWeekPage)
        return fillWeek();
    ribbon_->setModel(lists_.ribbon(strip_ ? strip_->proposal(board_) : std::vector<Appointment>(), today_));
    fillTasks();
    people_->setRows(lists_.people(today_));
    fillProblems();
    fillWords();
    now_->setVisible(today_ && !strip_); // while somebody is booked, the room is the ribbon's
    if (today_)
        now_->showFact(nowOf(session_, board_));
}

void DayPlace::fillTasks() {
    const auto& tasks = board_.plan().tasks;
    tasks_->setRows(lists_.tasks(today_)); // who was chosen stays chosen, wherever the plan puts it now
    // The first line that is open, until somebody chooses another.
    if (tasks_->current().isEmpty() && !tasks.empty()) {
        const auto open = std::ranges::find(tasks, false, &DayTask::done);
        tasks_->choose(report::plain((open == tasks.end() ? tasks.back() : *open).id));
        QTimer::singleShot(0, tasks_, [this] { // once it has its height; what is done lies above
            tasks_->scrollTo(tasks_->currentIndex(), QAbstractItemView::PositionAtTop);
        });
    }
}

// An instrument that begins to answer has been switched on.
void DayPlace::noteLink(const QString& role) {
    if (!session_.hub().isLive(role))
        liveSince_.erase(role.toStdString());
    else if (liveSince_.try_emplace(role.toStdString(), session_.now()).second && isVisible())
        refresh();
}

void DayPlace::logWater() {
    WaterDialog(session_, board_, this).exec();
}

void DayPlace::fillWords() {
    words_->setText(lists_.lines(ribbon_->chosen().toStdString()).join(QLatin1Char('\n')));
}

// What stands in the way of the day, each with the act that solves it.
void DayPlace::fillProblems() {
    std::vector<DayProblem> problems;
    for (const DelayedAppointment& delay : board_.plan().delays)
        if (const auto* visit = board_.visit(delay.appointment))
            problems.push_back(
                {tr("▲ Call %1: %2 cannot begin at %3, but at %4.")
                     .arg(lists_.reached(visit->clientId), report::say(methodTitle(visit->method)),
                          report::clock(visit->at), report::clock(delay.earliest)),
                 tr("Move to %1").arg(report::clock(delay.earliest)),
                 [this, id = report::plain(visit->id), to = delay.earliest] {
                     moveVisit(id, to.milliseconds);
                 }});
    for (const DayConflict& conflict : board_.plan().conflicts) {
        QStringList who;
        for (const std::string& id : conflict.appointments)
            if (const auto* visit = board_.visit(id))
                who << report::plain(board_.clientName(visit->clientId));
        who.removeDuplicates();
        problems.push_back(
            {QStringLiteral("▲ ") + report::say(conflict.what) + QLatin1Char(' ') +
                 (who.isEmpty() ? QString() : QStringLiteral("(%1)").arg(who.join(QStringLiteral(", ")))),
             conflict.appointments.empty() ? QString() : tr("Choose it"),
             [this, id = conflict.appointments.empty() ? std::string() : conflict.appointments.back()] {
                 ribbon_->choose(report::plain(id));
                 ribbon_->setFocus();
             }});
    }
    problems_->showProblems(problems);
}

void DayPlace::answerNow(const NowFact& fact) {
    switch (fact.act) {
    case NowFact::Act::LogWater:
        return logWater();
    case NowFact::Act::OpenTest:
        return openTest(fact.id);
    case NowFact::Act::StartVisit:
        ribbon_->choose(report::plain(fact.id));
        return startSelected();
    case NowFact::Act::Tick:
        tasks_->choose(report::plain(fact.id));
        return tickSelected();
    case NowFact::Act::Book:
        return book();
    case NowFact::Act::None:
        return;
    }
}

void DayPlace::openTest(const std::string& testId) {
    if (openOnBench(session_, this, testId))
        Q_EMIT openBench();
}

void DayPlace::openPerson(const QString& row) {
    const std::string id = row.section(QLatin1Char(':'), 1).toStdString();
    if (row.startsWith(QLatin1String("test:")))
        return openTest(id);
    ribbon_->choose(report::plain(id)); // a list starts nobody's test
    if (const auto* visit = board_.visit(id); visit && !visit->testId.empty())
        return openTest(visit->testId);
    ribbon_->setFocus();
}

void DayPlace::fillWeek() {
    week_->showWeekOf(calendarDay(day_));
    title_->setText(tr("Week of %1").arg(report::longDay({week_->first().startOfDay().toMSecsSinceEpoch()})));
}

void DayPlace::tickSelected() {
    const auto& tasks = board_.plan().tasks;
    const auto found = std::ranges::find(tasks, tasks_->current().toStdString(), &DayTask::id);
    if (found == tasks.end())
        return;
    const DayTask task = *found; // a copy: keeping a reading plans the day anew
    // The water is read, not only ticked.
    const bool water = task.id == "tank.mix" || task.id.starts_with("tank.water-log");
    if (water && !task.done && WaterDialog(session_, board_, this).exec() != QDialog::Accepted)
        return;
    session_.report(board_.tick(task.id, !task.done));
}

void DayPlace::startSelected() {
    const auto* chosen = board_.visit(ribbon_->chosen().toStdString());
    const auto client = chosen ? session_.book().client(chosen->clientId) : std::nullopt;
    if (!client)
        return;
    const store::Visit visit = *chosen;
    const auto block = std::ranges::find(board_.blocks(), visit.id, &DayBlock::id);
    if (block != board_.blocks().end() && block->people > 1)
        return showTeam(true);
    const bool opened = visit.testId.empty() ? Place::startTest(*client, visit.id, visit.method)
                                             : openOnBench(session_, this, visit.testId);
    if (opened)
        Q_EMIT openBench();
}

void DayPlace::moveVisit(const QString& id, qint64 milliseconds) {
    const auto* visit = board_.visit(id.toStdString());
    const QString who = visit ? report::plain(board_.clientName(visit->clientId)) : QString();
    session_.report(session_.undoing().act(tr("%1 moved to %2").arg(who, report::clock({milliseconds})),
                                           [&] { return board_.move(id.toStdString(), {milliseconds}); }));
}

// Under the ribbon, so that what is proposed is seen among what is booked.
void DayPlace::book() {
    if (strip_)
        return strip_->setFocus();
    strip_ = new BookingDialog(
        session_, std::max(session_.now(), board_.midnight().plusMinutes(board_.policy().opens())), this);
    strip_->setWindowFlags(Qt::Widget);
    booking_->addWidget(strip_);
    below_->hide();
    strip_->show();
    strip_->setFocus();
    connect(strip_, &BookingDialog::proposalChanged, this, [this] {
        day_ = strip_->when(); // the keys stay where they are
        today_ = report::sameDay(day_, session_.now());
        refresh();
    });
    connect(strip_, &QDialog::finished, this,
            [this, before = day_](int outcome) { endBooking(outcome == QDialog::Accepted, before); });
}

void DayPlace::endBooking(bool booked, Instant before) {
    BookingDialog* strip = std::exchange(strip_, nullptr);
    booking_->removeWidget(strip);
    strip->deleteLater();
    below_->show();
    showDay(booked ? strip->when() : before);
    enter();
    if (!booked || !strip->wantsSheet())
        return;
    for (const store::Visit& visit : board_.visits())
        if (report::plain(visit.clientId) == strip->clientId()) {
            ribbon_->choose(report::plain(visit.id));
            return showSheet();
        }
}

void DayPlace::cancelSelected() {
    const std::string id = ribbon_->chosen().toStdString();
    const auto* visit = board_.visit(id);
    const QString who = visit ? report::plain(board_.clientName(visit->clientId)) : QString();
    session_.report(
        session_.undoing().act(tr("appointment of %1 cancelled").arg(who), [&] { return board_.cancel(id); }));
}

void DayPlace::showSheet() {
    const auto* chosen = board_.visit(ribbon_->chosen().toStdString());
    const auto client = chosen ? session_.book().client(chosen->clientId) : std::nullopt;
    if (!client)
        return;
    PreparationDialog::Methods methods;
    for (const store::Visit& visit : board_.visits())
        if (visit.clientId == client->id)
            methods.emplace_back(visit.method, visit.at);
    PreparationDialog(session_, *client, methods, this).exec();
}

bool DayPlace::saveCalendar(const QString& path) {
    return saveText(session_, path, calendarFrom(session_, day_));
}

void DayPlace::calendarOut() {
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Export calendar"), QStringLiteral("appointments.ics"), tr("Calendars (*.ics)"));
    if (!path.isEmpty())
        saveCalendar(path);
}

bool DayPlace::readCalendar(const std::string& content, const std::string& path) {
    const auto taken = takeCalendar(session_, content, path);
    if (!taken)
        return session_.report(tl::unexpected(taken.error()));
    refresh();
    words_->setText(
        tr("%1 appointments booked from the calendar; %2 left out: already booked, cancelled, or without "
           "a client's code and a method.")
            .arg(taken->booked)
            .arg(taken->leftOut) +
        QLatin1Char('\n') + words_->text());
    return true;
}

void DayPlace::calendarIn() {
    if (const auto chosen = chooseText(session_, this, tr("Calendar in"), tr("Calendars (*.ics)")))
        readCalendar(chosen->text, chosen->path);
}

void DayPlace::addCommands(const PlaceCommands& add) {
    const auto someoneChosen = [this] {
        return board_.visit(ribbon_->chosen().toStdString()) ? QString() : tr("Choose an appointment first.");
    };
    add.aboutChosen(
        "day.start", tr("Start the chosen appointment"), [this] { startSelected(); }, {}, someoneChosen);
    add(
        "day.book", tr("Book…"), [this] { book(); }, QKeySequence(Qt::CTRL | Qt::Key_B));
    add.aboutChosen(
        "day.cancel", tr("Cancel the chosen appointment"), [this] { cancelSelected(); }, {}, someoneChosen);
    add.aboutChosen(
        "day.preparation", tr("Preparation sheet…"), [this] { showSheet(); }, {}, someoneChosen);
    add("day.team", tr("Team morning"), [this] { showTeam(true); });
    add(
        "day.today", tr("Today"), [this] { showDay(session_.now()); }, QKeySequence(Qt::ALT | Qt::Key_Home));
    add(
        "day.before", tr("Day before"), [this] { goTo(-1); }, QKeySequence(Qt::ALT | Qt::Key_PageUp));
    add(
        "day.after", tr("Day after"), [this] { goTo(1); }, QKeySequence(Qt::ALT | Qt::Key_PageDown));
    add("day.week", tr("Week"), [this] { showWeek(true); });
    add("day.water", tr("Water log…"), [this] { logWater(); });
    add("day.planning", tr("How the day is planned…"), [this] { editPlanning(); });
    add("day.calendar-out", tr("Export calendar (.ics)…"), [this] { calendarOut(); });
    add("day.calendar-in", tr("Calendar in (.ics)…"), [this] { calendarIn(); });
    add.note(tr("Choose an appointment"), tr("Left, Right"));
    add.note(tr("Move it by five minutes"), tr("Shift+Left, Shift+Right"));
    add.note(tr("Start it"), tr("Enter"));
    add.note(tr("Tick a line of the list"), tr("Space"));
}

void DayPlace::editPlanning() {
    if (PlanningDialog(session_, board_.policy(), this).exec() == QDialog::Accepted)
        refresh();
}

} // namespace fusain::desktop

#include "moc_day_place.cpp"

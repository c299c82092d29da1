#include "desktop/services/day_now.hpp"

#include "desktop/services/workstation.hpp"

#include "desktop/services/water_book.hpp"
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QObject>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr double soon = 120.0;      // minutes before a test in which its obstacles are pressing
constexpr double mayStart = 20.0;   // minutes before an appointment in which starting it is offered
constexpr double startsSoon = 10.0; // minutes before a line of the plan

// Who is not here yet, in order of time.
std::vector<const DayBlock*> toCome(const DayBoard& board) {
    std::vector<const DayBlock*> blocks;
    for (const DayBlock& block : board.blocks())
        if (block.state == "booked")
            blocks.push_back(&block);
    std::ranges::stable_sort(blocks, {}, [](const DayBlock* block) { return block->at.milliseconds; });
    return blocks;
}

const DayTask* firstOpen(const DayBoard& board, bool late) {
    const auto found = std::ranges::find_if(
        board.plan().tasks, [late](const DayTask& task) { return !task.done && (!late || task.late); });
    return found == board.plan().tasks.end() ? nullptr : &*found;
}

QString nextInWords(const DayBoard& board) {
    QStringList words;
    if (const DayTask* task = firstOpen(board, false))
        words << QObject::tr("to do %1 %2")
                     .arg(report::clock(task->from), report::say(std::string_view(task->title)));
    const auto people = toCome(board);
    if (!people.empty())
        words << QObject::tr("next %1 %2, %3")
                     .arg(report::clock(people.front()->at), report::plain(people.front()->title),
                          report::say(methodTitle(people.front()->method)));
    return words.join(QStringLiteral("  ·  "));
}

std::optional<NowFact> badWater(Session& session, const DayBoard& board) {
    const Instant at = session.now();
    const bool needed =
        std::ranges::any_of(session.openRuns(),
                            [](const Procedure* run) { return run->method() == methodHydrostatic; }) ||
        std::ranges::any_of(board.blocks(), [&](const DayBlock& block) {
            return block.method == methodHydrostatic && block.state == "booked" &&
                   minutesBetween(at, block.at) < soon && block.until > at;
        });
    const auto obstacle = needed ? session.water().obstacle(at) : std::nullopt;
    if (!obstacle)
        return std::nullopt;
    return NowFact{QObject::tr("Nobody in the tank: %1").arg(report::say(obstacle->what)),
                   report::say(obstacle->remedy),
                   NowFact::Act::LogWater,
                   QObject::tr("Log the water"),
                   {},
                   true};
}

std::optional<NowFact> stoppedTest(Session& session, const DayBoard& board) {
    const Instant at = session.now();
    for (const DayBlock* block : toCome(board)) {
        if (minutesBetween(at, block->at) > soon)
            continue;
        if (const auto obstacle = session.obstacleToTests(block->method))
            return NowFact{QObject::tr("%1 cannot be tested at %2 yet.")
                               .arg(report::plain(block->title), report::clock(block->at)),
                           report::say(obstacle->what) + QLatin1Char(' ') + report::say(obstacle->remedy),
                           NowFact::Act::None,
                           {},
                           {},
                           true};
    }
    return std::nullopt;
}

// Tests that are open and of which something holds, with one of them to open: that on the bench, else the
// first.
struct OpenTests {
    QStringList people;
    std::string toOpen;
};
template <class Holds>
OpenTests openTests(Session& session, Holds holds) {
    OpenTests open;
    for (const AnyTest& test : session.book().runningTests()) {
        const RawTest& record = common(test);
        const auto client = session.book().client(record.subject.clientId);
        if (!client || record.state != TestState::Running || !holds(record))
            continue;
        const QString elsewhere = session.workstation().elsewhere(record.id);
        open.people << QObject::tr("%1 (%2)").arg(session.nameOf(*client),
                                                  report::say(methodTitle(methodOf(test)))) +
                           (elsewhere.isEmpty() ? QString() : QLatin1Char(' ') + elsewhere);
        if (open.toOpen.empty() || (session.run() && session.run()->record().id == record.id))
            open.toOpen = record.id;
    }
    return open;
}

std::optional<NowFact> toOpen(const OpenTests& open, const QString& frame, const QString& button,
                              const DayBoard& board) {
    if (open.people.empty())
        return std::nullopt;
    return NowFact{frame.arg(open.people.join(QStringLiteral(", "))),
                   nextInWords(board),
                   NowFact::Act::OpenTest,
                   button,
                   open.toOpen,
                   false};
}

// Tests of today that have begun: on the bench, or where the last session left them.
std::optional<NowFact> begun(Session& session, const DayBoard& board) {
    const auto today = [now = session.now()](const RawTest& record) {
        return report::sameDay(record.startedAt, now) && !isHandedOver(record);
    };
    return toOpen(openTests(session, today), QObject::tr("Being measured: %1"), QObject::tr("Open the bench"),
                  board);
}

// What was handed over, for the physiologist who is at the desk.
std::optional<NowFact> toSign(Session& session, const DayBoard& board) {
    if (!may(session.atTheBench().role, Right::Answer))
        return std::nullopt;
    return toOpen(openTests(session, &isHandedOver), QObject::tr("To sign: %1"), QObject::tr("Open the test"),
                  board);
}

std::optional<NowFact> notSigned(Session& session, const DayBoard& board) {
    for (const AnyTest& test : session.book().runningTests())
        if (const auto client = session.book().client(common(test).subject.clientId))
            return NowFact{QObject::tr("%1: the test of %2 is not signed.")
                               .arg(session.nameOf(*client), report::longDay(common(test).startedAt)),
                           nextInWords(board),
                           NowFact::Act::OpenTest,
                           QObject::tr("Open the test"),
                           common(test).id,
                           false};
    return std::nullopt;
}

NowFact toDo(const DayBoard& board, const DayTask& task, const QString& frame) {
    QStringList more;
    if (const QString detail = report::say(task.detail); !detail.isEmpty())
        more << detail;
    if (const auto people = toCome(board); !people.empty())
        more << QObject::tr("next %1 %2, %3")
                    .arg(report::clock(people.front()->at), report::plain(people.front()->title),
                         report::say(methodTitle(people.front()->method)));
    return {frame.arg(report::say(std::string_view(task.title))),
            more.join(QStringLiteral("  ·  ")),
            NowFact::Act::Tick,
            QObject::tr("Done"),
            task.id,
            task.late};
}

std::optional<NowFact> lateWork(Session& /*session*/, const DayBoard& board) {
    const DayTask* task = firstOpen(board, true);
    return task ? std::optional(toDo(board, *task, QObject::tr("Late: %1"))) : std::nullopt;
}

std::optional<NowFact> work(Session& session, const DayBoard& board) {
    const DayTask* task = firstOpen(board, false);
    return task && minutesBetween(session.now(), task->from) <= startsSoon
               ? std::optional(toDo(board, *task, QObject::tr("Now: %1")))
               : std::nullopt;
}

std::optional<NowFact> whoComes(Session& session, const DayBoard& board) {
    const auto people = toCome(board);
    if (people.empty())
        return std::nullopt;
    const DayBlock& block = *people.front();
    const double minutes = minutesBetween(session.now(), block.at);
    NowFact fact{
        QObject::tr("%1 %2, %3")
            .arg(report::clock(block.at), report::plain(block.title), report::say(methodTitle(block.method))),
        minutes < 0.0 ? QObject::tr("%1 min ago").arg(static_cast<int>(-minutes))
                      : QObject::tr("in %1 min").arg(static_cast<int>(minutes)),
        NowFact::Act::None,
        {},
        block.id,
        minutes < 0.0};
    if (minutes <= mayStart) {
        fact.act = NowFact::Act::StartVisit;
        fact.button = QObject::tr("Start the test");
    }
    return fact;
}

} // namespace

NowFact nowOf(Session& session, const DayBoard& board) {
    for (const auto find : {&badWater, &stoppedTest, &lateWork, &toSign, &begun, &work, &whoComes, &notSigned})
        if (auto fact = find(session, board))
            return *fact;
    if (board.blocks().empty())
        return {
            QObject::tr("Nobody is booked today."), {}, NowFact::Act::Book, QObject::tr("Book…"), {}, false};
    return {QObject::tr("All of today is done."), {}, NowFact::Act::None, {}, {}, false};
}

} // namespace fusain::desktop

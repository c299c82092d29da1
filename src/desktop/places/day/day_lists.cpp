#include "desktop/places/day/day_lists.hpp"

#include "desktop/places/day/week_page.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/water_book.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("fusain", text);
}

QString stateWords(const std::string& state) {
    if (state == "running")
        return tr("▶ at the bench");
    if (state == "done")
        return tr("✓ signed");
    if (state == "measured")
        return tr("measured, not signed");
    if (state == "aside")
        return tr("called again later");
    if (state == "refused")
        return tr("ended without a result");
    return tr("booked");
}

QString titleOf(const DayBlock& block) {
    return block.people > 1 ? tr("%1 (%2)").arg(report::plain(block.title)).arg(block.people)
                            : report::plain(block.title);
}

QString timesOf(const DayTask& task) {
    return QStringLiteral("%1 – %2").arg(report::clock(task.from), report::clock(task.to));
}

} // namespace

bool DayLists::inTrouble(const std::string& visitId) const {
    const DayPlan& plan = board_.plan();
    return std::ranges::find(plan.delays, visitId, &DelayedAppointment::appointment) != plan.delays.end() ||
           std::ranges::any_of(plan.conflicts, [&](const DayConflict& each) {
               return std::ranges::find(each.appointments, visitId) != each.appointments.end();
           });
}

DayRibbon::Lane DayLists::lane(const MethodTimes& times, const std::vector<Appointment>& proposal) const {
    DayRibbon::Lane lane{laneName(times.instrument, session_.catalogue()), {}};
    for (const DayTask& task : board_.plan().tasks)
        if (task.instrument == times.instrument)
            lane.blocks.push_back(
                {{}, report::say(std::string_view(task.title)), task.from, task.to, task.done, task.late});
    for (const DayBlock& block : board_.blocks())
        if (block.method == times.method)
            lane.blocks.push_back({report::plain(block.id), titleOf(block), block.at, block.until,
                                   block.state == "done", inTrouble(block.id)});
    for (const Appointment& each : proposal)
        if (each.method == times.method)
            lane.blocks.push_back({{},
                                   tr("proposed"),
                                   each.at,
                                   each.at.plusMinutes(times.atTheBench.value()),
                                   false,
                                   false,
                                   true});
    return lane;
}

DayRibbon::Model DayLists::ribbon(const std::vector<Appointment>& proposal, bool today) const {
    DayRibbon::Model model;
    model.now = session_.now();
    model.opening = board_.midnight().plusMinutes(board_.policy().opens());
    model.closing = board_.midnight().plusMinutes(board_.policy().closes());
    Instant from = model.opening, to = model.closing;
    const auto owned = session_.ownedMethods();
    for (const MethodTimes& times : board_.policy().methods) {
        if (std::ranges::find(owned, times.method) == owned.end())
            continue;
        model.lanes.push_back(lane(times, proposal));
        if (times.method == methodHydrostatic && today)
            noteWater(model.lanes.back());
        for (const DayRibbon::Block& block : model.lanes.back().blocks) {
            if (block.appointment() || block.proposed ||
                !block.done) // the night's work is folded once it is done
                from = std::min(from, block.from);
            to = std::max(to, block.to);
        }
    }
    // Whole hours at both ends.
    const double hours = minutesBetween(board_.midnight(), from) / 60.0;
    model.from = board_.midnight().plusMinutes(60.0 * std::floor(hours));
    model.to = to;
    return model;
}

// Whoever looks at the tank's lane sees whether anybody may be in it.
void DayLists::noteWater(DayRibbon::Lane& lane) const {
    const auto state = session_.water().stateAt(session_.now());
    lane.noteWarns = session_.water().obstacle(session_.now()).has_value();
    lane.note = lane.noteWarns           ? tr("▲ nobody in")
                : state && state->latest ? tr("✓ water %1").arg(report::clock(state->latest->at))
                                         : QString();
}

std::vector<TableModel::Row> DayLists::tasks(bool today) const {
    std::vector<TableModel::Row> rows;
    for (const DayTask& task : board_.plan().tasks)
        rows.push_back({report::plain(task.id),
                        {{task.done   ? QStringLiteral("✓")
                          : task.late ? tr("▲ late")
                                      : QStringLiteral("–")},
                         {timesOf(task), static_cast<qlonglong>(task.from.milliseconds)},
                         {laneName(task.instrument, session_.catalogue())},
                         {report::say(std::string_view(task.title))},
                         {howOf(task, today)}}});
    return rows;
}

// What a line is about; once it is ticked, when and by whom, or by the instrument itself.
QString DayLists::howOf(const DayTask& task, bool today) const {
    QStringList words;
    if (const auto tick = board_.ticks().find(task.id); tick != board_.ticks().end())
        words << QStringLiteral("%1 %2").arg(report::clock(tick->second.at),
                                             report::plain(session_.computing().staffNames()(tick->second.by)));
    else if (task.done && task.id.starts_with("warm-up.") && today)
        words << tr("done");
    if (const QString detail = report::say(task.detail); !detail.isEmpty())
        words << detail;
    return words.join(QStringLiteral("  ·  "));
}

std::vector<TableModel::Row> DayLists::people(bool today) const {
    std::vector<TableModel::Row> rows;
    if (today)
        for (const AnyTest& test : session_.book().runningTests())
            if (const auto client = session_.book().client(common(test).subject.clientId);
                client && !report::sameDay(common(test).startedAt, session_.now()))
                rows.push_back({QStringLiteral("test:") + report::plain(common(test).id),
                                {{report::day(common(test).startedAt), 0},
                                 {session_.nameOf(*client)},
                                 {report::say(methodTitle(methodOf(test)))},
                                 {tr("▲ not signed")}}});
    for (const DayBlock& block : board_.blocks()) {
        const auto* visit = board_.visit(block.id);
        const auto client = visit && block.people == 1 ? session_.book().client(visit->clientId) : std::nullopt;
        const bool consent =
            client && client->ageAt(block.at) < anthropometry::adultAge && !client->guardianConsent;
        QString state = consent ? tr("▲ guardian's consent missing") : stateWords(block.state);
        if (client && !visit->note.empty())
            state += QStringLiteral("  ·  ") + report::plain(visit->note);
        rows.push_back({QStringLiteral("visit:") + report::plain(block.id),
                        {{report::clock(block.at), static_cast<qlonglong>(block.at.milliseconds)},
                         {titleOf(block)},
                         {report::say(methodTitle(block.method))},
                         {state}}});
    }
    return rows;
}

QString DayLists::chosenLine(const store::Visit& visit) const {
    QString line = tr("%1  %2, %3: %4")
                       .arg(report::clock(visit.at), reached(visit.clientId),
                            report::say(methodTitle(visit.method)), stateWords(visit.state));
    if (const auto water = board_.plan().waterAt.find(visit.id); water != board_.plan().waterAt.end())
        line += tr("; water about %1 °C").arg(number(water->second.value(), 1));
    if (!visit.note.empty())
        line += QStringLiteral("  ·  ") + report::plain(visit.note);
    return line;
}

QStringList DayLists::lines(const std::string& chosen) const {
    const DayPlan& plan = board_.plan();
    const auto* visit = board_.visit(chosen);
    QStringList lines{visit ? chosenLine(*visit) : tr("Nobody is booked. \"Book\" is the first step.")};
    if (plan.noFilling)
        lines << QStringLiteral("▲ ") + report::say(*plan.noFilling);
    for (const Message& cost : plan.costs)
        lines << QStringLiteral("– ") + report::say(cost);
    constexpr qsizetype most = 3;
    if (lines.size() > most) {
        const qsizetype left = lines.size() - most + 1;
        lines = lines.mid(0, most - 1) << tr("… and %1 more").arg(left);
    }
    return lines;
}

QString DayLists::reached(const std::string& clientId) const {
    const QString name = report::plain(board_.clientName(clientId));
    const auto client = session_.book().client(clientId);
    return client && !client->telephone.empty() && !session_.namesHidden()
               ? tr("%1 (tel. %2)").arg(name, report::plain(client->telephone))
               : name;
}

} // namespace fusain::desktop

#include "desktop/services/day_board.hpp"

#include "desktop/services/water_book.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "store/book/latest.hpp"

#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr auto policyKey = "planning";
constexpr std::string_view teamNote = "team";

// Which lane an instrument's check belongs to: what stands in the tank is the tank's.
std::string laneOf(const Instrument& instrument, const PlanningPolicy& policy) {
    for (const MethodTimes& times : policy.methods)
        if (times.instrument == instrument.id)
            return instrument.id;
    return instrument.methods.empty() ? instrument.id : policy.timesOf(instrument.methods.front()).instrument;
}

} // namespace

PlanningPolicy planningInForce(Session& session) {
    if (const std::string kept = session.book().setting(policyKey); !kept.empty())
        if (const auto json = parseJson(kept, policyKey))
            if (auto own = planningFromJson(*json, policyKey))
                return std::move(*own);
    return session.catalogue().planning;
}

Expected<void> keepPlanning(Session& session, const PlanningPolicy& policy) {
    // Read back as it will be: what cannot be read must not be kept.
    if (const auto readable = planningFromJson(toJson(policy), policyKey); !readable)
        return tl::unexpected(readable.error());
    return session.book().setSetting(policyKey, toJson(policy).dump(), session.atTheBench().id);
}

void DayBoard::load(Instant day, const std::map<std::string, Instant>& liveSince) {
    midnight_ = report::startOfLocalDay(day);
    loadedUpTo_ = store::latestEvent(session_.book());
    visits_ = session_.book().visitsBetween(midnight_, report::startOfLocalDay(day, 1));
    std::erase_if(visits_, [](const store::Visit& visit) { return visit.state == "cancelled"; });
    policy_ = planningInForce(session_);
    ticks_ = readTicks();
    DayInputs inputs;
    makeBlocks();
    inputs.appointments = appointments();
    inputs.checks = dueChecks();
    for (const auto& [task, tick] : ticks_)
        if (!task.starts_with("check.") && task != waterWork)
            inputs.done[task] = tick.at;
    if (const auto water = session_.water().on(midnight_); water && !water->empty())
        inputs.done[std::string(waterWork)] = water->back().at;
    // What warms up says so by its link: the tank's is the load cell's.
    if (midnight_ == report::startOfLocalDay(session_.now()))
        for (const WarmUp& warmUp : policy_.warmUps)
            if (const auto live = liveSince.find(warmUp.instrument == "tank" ? "load-cell" : warmUp.instrument);
                live != liveSince.end())
                inputs.underWay["warm-up." + warmUp.instrument] = live->second;
    inputs.midnight = midnight_;
    inputs.now = session_.now();
    plan_ = planDay(inputs, policy_);
}

// As the planner sees them: a team is one, for as long as its queue.
std::vector<Appointment> DayBoard::appointments() const {
    std::vector<Appointment> found;
    for (const DayBlock& block : blocks_) {
        const store::Visit& first = *visit(block.id);
        Appointment appointment{block.id,     block.people > 1 ? block.id : first.clientId,
                                block.method, block.at,
                                over(first),  first.state != "booked" && first.state != "refused"};
        if (block.people > 1)
            appointment.takes = Minutes(minutesBetween(block.at, block.until));
        found.push_back(std::move(appointment));
    }
    return found;
}

// People of one team, who queue at one instrument, are one block as long as the queue.
void DayBoard::makeBlocks() {
    constexpr double perPerson = 4.0; // minutes, of the last in the queue
    blocks_.clear();
    for (const store::Visit& each : visits_) {
        const auto known = std::ranges::find_if(blocks_, [&](const DayBlock& block) {
            return each.note.starts_with(teamNote) && block.title == each.note && block.method == each.method;
        });
        if (known == blocks_.end()) {
            const bool team = each.note.starts_with(teamNote);
            blocks_.push_back(
                {each.id, team ? each.note : clientName(each.clientId), each.method, each.at,
                 each.at.plusMinutes(team ? perPerson : policy_.timesOf(each.method).atTheBench.value()),
                 each.state, 1});
            continue;
        }
        ++known->people;
        known->until = each.at.plusMinutes(perPerson);
    }
}

bool DayBoard::over(const store::Visit& visit) {
    return visit.state != "booked" && visit.state != "running";
}

const store::Visit* DayBoard::visit(const std::string& id) const {
    const auto found = std::ranges::find(visits_, id, &store::Visit::id);
    return found == visits_.end() ? nullptr : &*found;
}

std::string DayBoard::clientName(const std::string& clientId) const {
    const auto client = session_.book().client(clientId);
    return client ? session_.nameOf(*client).toStdString() : std::string();
}

std::vector<DueCheck> DayBoard::dueChecks() const {
    std::vector<DueCheck> due;
    const Instant when = std::max(session_.now(), midnight_);
    for (const Instrument& instrument : session_.catalogue().instruments) {
        const auto checks = session_.book().checks(instrument.id);
        for (const CheckDefinition& check : instrument.checks)
            if (!statusOf(check, checks, when).good())
                due.push_back({check.id, laneOf(instrument, policy_), check.title});
    }
    return due;
}

std::string DayBoard::tickKey() const {
    return "day-done." + report::day(midnight_).toStdString();
}

std::map<std::string, Tick> DayBoard::readTicks() const {
    std::map<std::string, Tick> done;
    const auto json = parseJson(session_.book().setting(tickKey(), "{}"), tickKey());
    if (!json || !json->is_object())
        return done;
    for (const auto& [task, tick] : json->items()) {
        const bool named = tick.is_object(); // books from before hold the time alone
        const auto at = instantFromIso(named              ? tick.value("at", "")
                                       : tick.is_string() ? tick.get<std::string>()
                                                          : "");
        if (at)
            done[task] = {*at, named ? tick.value("by", "") : ""};
    }
    return done;
}

Expected<void> DayBoard::tick(const std::string& taskId, bool done) {
    if (taskId.starts_with("check."))
        return failure({FUSAIN_TEXT("A check is done when it is made."), {}}, {},
                       {FUSAIN_TEXT("Do the check in Quality; this line goes when it is done."), {}});
    return session_.book().changeSetting(
        tickKey(), session_.atTheBench().id, [&](const std::string&) -> Expected<std::string> {
            Json json = Json::object();
            for (const auto& [task, tick] : readTicks())
                json[task] = {{"at", isoText(tick.at)}, {"by", tick.by}};
            if (done)
                json[taskId] = {{"at", isoText(session_.now())}, {"by", session_.atTheBench().id}};
            else
                json.erase(taskId);
            return json.dump();
        });
}

std::vector<WaterLogEntry> DayBoard::waterLog(int days) const {
    std::vector<WaterLogEntry> entries;
    for (int back = 0; back < days; ++back)
        if (const auto day = session_.water().on(report::startOfLocalDay(midnight_, -back)))
            entries.insert(entries.end(), day->rbegin(), day->rend());
    return entries;
}

Expected<void> DayBoard::logWater(const water::CareReading& reading, const std::string& note) {
    if (const auto problem = water::problemWith(reading))
        return failure(*problem, {}, {FUSAIN_TEXT("Read it again; nothing was kept."), {}});
    return session_.water().log({session_.now(), session_.atTheBench().id, reading, note});
}

Expected<void> DayBoard::book(const std::string& clientId, const std::string& method, Instant at,
                              const std::string& note) {
    return session_.book().save(
        store::Visit{session_.freshId("visit"), clientId, at, method, "booked", {}, note},
        session_.atTheBench().id);
}

Expected<void> DayBoard::move(const std::string& visitId, Instant to) {
    const store::Visit* standing = visit(visitId);
    if (!standing || standing->state != "booked")
        return failure({FUSAIN_TEXT("This appointment has begun or is over; it stays where it is."), {}});
    store::Visit moved = *standing;
    moved.at = to;
    return session_.book().save(moved, session_.atTheBench().id, loadedUpTo_);
}

Expected<void> DayBoard::cancel(const std::string& visitId) {
    const store::Visit* standing = visit(visitId);
    if (!standing || standing->state != "booked")
        return failure({FUSAIN_TEXT("This appointment has begun or is over; it is not cancelled."), {}});
    store::Visit cancelled = *standing;
    cancelled.state = "cancelled";
    return session_.book().save(cancelled, session_.atTheBench().id, loadedUpTo_);
}

std::vector<Appointment> DayBoard::proposed(const std::string& clientId, const std::vector<std::string>& wanted,
                                            Instant notBefore) const {
    if (wanted.size() == 1) { // where it was asked for; a conflict is shown, not moved away
        Appointment one;
        one.clientId = clientId;
        one.method = wanted.front();
        one.at = notBefore;
        return {one};
    }
    const DayRequest request{clientId, wanted, notBefore};
    return scheduleDay({&request, 1}, appointments(), midnight_, policy_);
}

Expected<void> DayBoard::bookBattery(const std::string& clientId, const std::vector<std::string>& wanted,
                                     Instant notBefore, const std::string& note) {
    const auto placed = proposed(clientId, wanted, notBefore);
    if (placed.empty())
        return failure({FUSAIN_TEXT("There is no room for these tests on this day."), {}}, {},
                       {FUSAIN_TEXT("Choose another day, or fewer methods."), {}});
    return session_.book().together([&]() -> Expected<void> {
        for (const Appointment& each : placed)
            if (auto done = book(each.clientId, each.method, each.at, note); !done)
                return done;
        return {};
    });
}

} // namespace fusain::desktop

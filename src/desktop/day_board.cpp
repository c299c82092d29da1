#include "desktop/day_board.hpp"

#include "report/words.hpp"

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

void DayBoard::load(Instant day) {
    midnight_ = report::startOfLocalDay(day);
    visits_ = session_.book().visitsBetween(midnight_, report::startOfLocalDay(day, 1));
    std::erase_if(visits_, [](const store::Visit& visit) { return visit.state == "cancelled"; });
    policy_ = session_.catalogue().planning;
    if (const std::string kept = session_.book().setting(policyKey); !kept.empty())
        if (const auto json = parseJson(kept, policyKey))
            if (auto own = planningFromJson(*json, policyKey))
                policy_ = std::move(*own);
    DayInputs inputs;
    makeBlocks();
    inputs.appointments = appointments();
    inputs.checks = dueChecks();
    inputs.done = ticks();
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
                                over(first),  first.state != "booked"};
        if (block.people > 1)
            appointment.minutes = minutesBetween(block.at, block.until);
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
                 each.at.plusMinutes(team ? perPerson : policy_.timesOf(each.method).benchMinutes), each.state,
                 1});
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

std::map<std::string, Instant> DayBoard::ticks() const {
    std::map<std::string, Instant> done;
    const auto json = parseJson(session_.book().setting(tickKey(), "{}"), tickKey());
    if (json && json->is_object())
        for (const auto& [task, when] : json->items())
            if (const auto at = when.is_string() ? instantFromIso(when.get<std::string>()) : std::nullopt)
                done[task] = *at;
    return done;
}

Expected<void> DayBoard::tick(const std::string& taskId, bool done) {
    Json json = Json::object();
    for (const auto& [task, at] : ticks())
        json[task] = isoText(at);
    if (done)
        json[taskId] = isoText(session_.now());
    else
        json.erase(taskId);
    return session_.book().setSetting(tickKey(), json.dump(), session_.atTheBench().id);
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
    return session_.book().save(moved, session_.atTheBench().id);
}

Expected<void> DayBoard::cancel(const std::string& visitId) {
    const store::Visit* standing = visit(visitId);
    if (!standing || standing->state != "booked")
        return failure({FUSAIN_TEXT("This appointment has begun or is over; it is not cancelled."), {}});
    store::Visit cancelled = *standing;
    cancelled.state = "cancelled";
    return session_.book().save(cancelled, session_.atTheBench().id);
}

Expected<void> DayBoard::bookBattery(const std::string& clientId, const std::vector<std::string>& wanted,
                                     Instant notBefore, const std::string& note) {
    const DayRequest request{clientId, wanted, notBefore};
    const auto placed = scheduleDay({&request, 1}, appointments(), midnight_.plusMinutes(policy_.opening.from),
                                    midnight_.plusMinutes(policy_.opening.to), policy_);
    if (placed.empty())
        return failure({FUSAIN_TEXT("There is no room for these tests on this day."), {}}, {},
                       {FUSAIN_TEXT("Choose another day, or fewer methods."), {}});
    for (const Appointment& each : placed)
        if (auto done = book(each.clientId, each.method, each.at, note); !done)
            return done;
    return {};
}

Expected<void> DayBoard::keepPolicy(const PlanningPolicy& policy) {
    // Read back as it will be: what cannot be read must not be kept.
    if (const auto readable = planningFromJson(toJson(policy), policyKey); !readable)
        return tl::unexpected(readable.error());
    return session_.book().setSetting(policyKey, toJson(policy).dump(), session_.atTheBench().id);
}

} // namespace fusain::desktop

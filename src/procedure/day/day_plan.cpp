#include "procedure/day/day_plan.hpp"

#include "core/units/format.hpp"
#include "record/all/record.hpp"

#include <algorithm>
#include <ranges>

namespace fusain {
namespace {

struct Work {
    std::string id, title;
    Message detail;
    double minutes;
};

const std::string tankLane = "tank";

class Planner {
public:
    Planner(const DayInputs& inputs, const PlanningPolicy& policy) : inputs_(inputs), policy_(policy) {
        appointments_ = inputs.appointments;
        std::ranges::stable_sort(appointments_, {}, &Appointment::at);
    }

    DayPlan plan() {
        for (const std::string& lane : lanes())
            prepare(lane);
        findConflicts();
        findCosts();
        delay();
        std::ranges::stable_sort(plan_.tasks, {}, &DayTask::from);
        return std::move(plan_);
    }

private:
    [[nodiscard]] std::vector<std::string> lanes() const {
        std::vector<std::string> found;
        for (const Appointment& each : appointments_)
            if (const std::string& lane = laneOf(each); std::ranges::find(found, lane) == found.end())
                found.push_back(lane);
        return found;
    }
    [[nodiscard]] const std::string& laneOf(const Appointment& each) const {
        return policy_.timesOf(each.method).instrument;
    }
    [[nodiscard]] std::vector<Appointment> on(const std::string& lane) const {
        std::vector<Appointment> found;
        std::ranges::copy_if(appointments_, std::back_inserter(found),
                             [&](const Appointment& each) { return laneOf(each) == lane; });
        return found;
    }

    // What comes before the first client of a lane, in order.
    [[nodiscard]] std::vector<Work> worksBefore(const std::string& lane) {
        std::vector<Work> works = lane == tankLane ? fillingWorks() : std::vector<Work>{};
        const auto warm = std::ranges::find(policy_.warmUps, lane, &WarmUp::instrument);
        std::vector<Work> ready;
        if (warm != policy_.warmUps.end())
            ready.push_back({"warm-up." + lane, warm->title, {}, warm->minutes});
        for (const DueCheck& check : inputs_.checks)
            if (check.instrument == lane)
                ready.push_back({"check." + check.id + "." + lane,
                                 check.title,
                                 {FUSAIN_TEXT("A quality check that is due."), {}},
                                 policy_.checking.value()});
        // The tank's own instruments warm while it fills; the check wants the chair in place.
        if (lane == tankLane)
            beside_ = ready;
        else
            works.insert(works.end(), ready.begin(), ready.end());
        return works;
    }

    [[nodiscard]] std::vector<Work> fillingWorks() {
        const TankSetup& tank = policy_.tank;
        const double settle = (tank.mixing + tank.lowering + tank.hangingTheChair).value();
        std::vector<Work> works{{"tank.disinfect",
                                 FUSAIN_TEXT("Disinfect the tank"),
                                 {FUSAIN_TEXT("Never mix with acid or ammonia. Keep surfaces wet for the full "
                                              "contact time. Ventilate; wear gloves."),
                                  {}},
                                 tank.disinfectMinutes},
                                {"tank.rinse", FUSAIN_TEXT("Rinse twice and drain"), {}, tank.rinseMinutes}};
        filling_.reset();
        if (const auto filling = water::planFilling(tank.tank, tank.supply, tank.wanted, Minutes(settle))) {
            filling_ = *filling;
            const double cold = (filling->whole - filling->hot).value();
            works.push_back({"tank.fill-hot",
                             FUSAIN_TEXT("Fill: hot water alone"),
                             {FUSAIN_TEXT("{1} min at {2} L/min; nobody inside."),
                              {fixed(filling->hot.value(), 0), fixed(tank.supply.flow.value(), 1)}},
                             filling->hot.value()});
            works.push_back({"tank.fill-cold",
                             FUSAIN_TEXT("Fill: cold water alone"),
                             {FUSAIN_TEXT("{1} min; the full tank will have {2} °C."),
                              {fixed(cold, 0), fixed(filling->full.value(), 1)}},
                             cold});
        } else {
            plan_.noFilling = filling.error().what;
            works.push_back({"tank.fill", FUSAIN_TEXT("Fill the tank"), filling.error().what,
                             tank.tank.volume.value() / tank.supply.flow.value()});
        }
        works.push_back({std::string(waterWork),
                         FUSAIN_TEXT("Stir, read the temperature, log chlorine and pH"),
                         {},
                         tank.mixing.value()});
        works.push_back(
            {"tank.lower", FUSAIN_TEXT("Let some out below the overflow"), {}, tank.lowering.value()});
        works.push_back({"tank.chair",
                         FUSAIN_TEXT("Hang the chair, zero the load cell"),
                         {FUSAIN_TEXT("Late, so that the cell does not creep under the weight."), {}},
                         tank.hangingTheChair.value()});
        return works;
    }

    // What a check or the water log proves is done when it was made, not when somebody was at the bench after
    // it.
    [[nodiscard]] static bool proved(const std::string& id) {
        return id.starts_with("check.") || id == waterWork;
    }

    void add(const std::string& lane, const Work& work, Instant from, Instant planned) {
        plan_.tasks.push_back({work.id, lane, work.title, work.detail, from, from.plusMinutes(work.minutes),
                               inputs_.done.contains(work.id), from > planned});
    }

    // Back from the first client; then forward again from what is done and from now. What is not ticked within
    // its time is taken to be under way, what is not ticked after it not to have begun.
    Instant chain(const std::string& lane, const std::vector<Work>& works, Instant until, bool begun) {
        Instant planned = until;
        for (const Work& work : works)
            planned = planned.plusMinutes(-work.minutes);
        Instant free = planned;
        for (const Work& work : works) {
            Instant from = std::max(planned, free);
            bool over = begun;
            if (const auto going = inputs_.underWay.find(work.id);
                going != inputs_.underWay.end() && !begun && !inputs_.done.contains(work.id)) {
                from = going->second;
                free = from.plusMinutes(work.minutes);
                over |= free <= inputs_.now;
            } else if (const auto ticked = inputs_.done.find(work.id); ticked != inputs_.done.end()) {
                free = std::max(free, ticked->second);
            } else if (begun) {
                free = from.plusMinutes(work.minutes);
            } else {
                if (from.plusMinutes(work.minutes) < inputs_.now)
                    from = inputs_.now;
                free = from.plusMinutes(work.minutes);
            }
            add(lane, work, from, planned);
            plan_.tasks.back().done |= over && !proved(work.id);
            planned = planned.plusMinutes(work.minutes);
        }
        return free;
    }

    void prepare(const std::string& lane) {
        const auto clients = on(lane);
        const Instant first = clients.front().at;
        beside_.clear();
        const auto works = worksBefore(lane);
        // Once somebody is at the bench, what had to be ready was.
        const bool begun = std::ranges::any_of(clients, &Appointment::begun);
        Instant ready = chain(lane, works, first, begun);
        if (!beside_.empty())
            ready = std::max(ready, chain(lane, beside_, first, begun));
        readyAt_[lane] = begun ? first : ready;
        if (lane == tankLane)
            afterFilling(clients);
    }

    // How warm it is at each client, and hot water where it has cooled too far.
    void followWarmth(const std::vector<Appointment>& clients) {
        const TankSetup& tank = policy_.tank;
        Instant since =
            clients.front().at.plusMinutes(-(tank.mixing + tank.lowering + tank.hangingTheChair).value());
        Celsius then = filling_->full;
        Instant free = since;
        for (const Appointment& each : clients) {
            Celsius there = water::standing(tank.tank, then, Minutes(minutesBetween(since, each.at)));
            if (there < water::leastComfortable && tank.supply.hot > tank.wanted) {
                const water::TopUp topUp = water::planTopUp(tank.tank, tank.supply, there, tank.wanted);
                const Instant from = each.at.plusMinutes(-topUp.whole.value() - tank.mixing.value());
                if (from >= free) {
                    add(tankLane,
                        {"tank.top-up." + each.id,
                         FUSAIN_TEXT("Warm the tank: let some out, run in hot water, stir"),
                         {FUSAIN_TEXT("{1} L out and in, {2} min; nobody inside. From {3} to {4} °C."),
                          {fixed(topUp.exchanged.value(), 0), fixed(topUp.whole.value(), 0),
                           fixed(there.value(), 1), fixed(tank.wanted.value(), 1)}},
                         topUp.whole.value() + tank.mixing.value()},
                        from, from);
                    there = tank.wanted;
                    then = there;
                    since = each.at;
                } else {
                    conflict(
                        {FUSAIN_TEXT(
                             "The tank will have {1} °C for this client, and there is no time to warm it."),
                         {fixed(there.value(), 1)}},
                        each);
                }
            }
            plan_.waterAt.emplace(each.id, there);
            free = endOf(each, policy_);
        }
    }

    void afterFilling(const std::vector<Appointment>& clients) {
        const Instant last = endOf(clients.back(), policy_), first = clients.front().at;
        if (filling_)
            followWarmth(clients);
        int number = 1;
        for (Instant at = first.plusMinutes(60.0 * policy_.water.every.value()); at < last;
             at = at.plusMinutes(60.0 * policy_.water.every.value()))
            add(tankLane,
                {"tank.water-log." + std::to_string(number++),
                 FUSAIN_TEXT("Water log: chlorine, pH, temperature"),
                 {},
                 5.0},
                at, at);
        add(tankLane, {"tank.chair-off", FUSAIN_TEXT("Take the chair off the load cell"), {}, 5.0}, last, last);
        const Instant after = last.plusMinutes(5.0);
        add(tankLane,
            {"tank.drain", FUSAIN_TEXT("Drain, scrub, disinfect, rinse twice, leave to dry"), {}, 45.0}, after,
            after);
    }

    void conflict(Message what, const Appointment& a, const Appointment* b = nullptr) {
        DayConflict found{std::move(what), {a.id}};
        if (b)
            found.appointments.push_back(b->id);
        plan_.conflicts.push_back(std::move(found));
    }

    void findConflicts() {
        for (std::size_t i = 0; i < appointments_.size(); ++i) {
            const Appointment& a = appointments_[i];
            if (!isOpen(a, inputs_.midnight, policy_))
                conflict(
                    {FUSAIN_TEXT("{1} is outside the opening hours."), {std::string(methodTitle(a.method))}},
                    a);
            for (std::size_t k = i + 1; k < appointments_.size(); ++k) {
                const Appointment& b = appointments_[k];
                if (laneOf(a) == laneOf(b) && b.at < freeAfter(a, policy_))
                    conflict(
                        {FUSAIN_TEXT("Two clients on one instrument ({1}): it is free again {2} min later."),
                         {std::string(methodTitle(a.method)),
                          fixed(minutesBetween(b.at, freeAfter(a, policy_)), 0)}},
                        a, &b);
                else if (a.clientId == b.clientId && b.at < endOf(a, policy_))
                    conflict({FUSAIN_TEXT("One client in two places: {1} and {2}."),
                              {std::string(methodTitle(a.method)), std::string(methodTitle(b.method))}},
                             a, &b);
            }
        }
    }

    void findCosts() {
        std::vector<std::string> seen;
        for (const Appointment& each : appointments_) {
            if (std::ranges::find(seen, each.clientId) != seen.end())
                continue;
            seen.push_back(each.clientId);
            std::vector<Appointment> own;
            std::ranges::copy(appointments_ | std::views::filter([&](const Appointment& other) {
                                  return other.clientId == each.clientId;
                              }),
                              std::back_inserter(own));
            const auto costs = costsOf(own, policy_);
            plan_.costs.insert(plan_.costs.end(), costs.begin(), costs.end());
        }
    }

    // Who is late makes others late: on the same instrument, and the client's own next test.
    void delay() {
        std::map<std::string, Instant> laneFree = readyAt_, clientFree;
        for (const Appointment& each : appointments_) {
            if (each.over)
                continue;
            Instant begins = std::max(each.at, laneFree[laneOf(each)]);
            if (const auto busy = clientFree.find(each.clientId); busy != clientFree.end())
                begins = std::max(begins, busy->second);
            if (each.at < inputs_.now && !each.begun)
                begins = std::max(begins, inputs_.now);
            if (each.begun)
                begins = each.at;
            Appointment moved = each;
            moved.at = begins;
            // An overlap that was booked is a conflict, not a delay: the delay counts what is beyond it.
            laneFree[laneOf(each)] = freeAfter(moved, policy_);
            clientFree[each.clientId] = endOf(moved, policy_);
            if (const double minutes = minutesBetween(each.at, begins); minutes >= 1.0)
                plan_.delays.push_back({each.id, begins, minutes});
        }
    }

    const DayInputs& inputs_;
    const PlanningPolicy& policy_;
    std::vector<Appointment> appointments_;
    std::vector<Work> beside_;
    std::optional<water::FillPlan> filling_;
    std::map<std::string, Instant> readyAt_;
    DayPlan plan_;
};

} // namespace

DayPlan planDay(const DayInputs& inputs, const PlanningPolicy& policy) {
    return Planner(inputs, policy).plan();
}

} // namespace fusain

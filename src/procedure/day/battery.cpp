#include "procedure/day/battery.hpp"

#include "record/all/record.hpp"

#include <algorithm>
#include <optional>

namespace fusain {
namespace {

constexpr double step = 5.0; // minutes: nobody books at 08:03

const OrderRule* ruleAgainst(const std::string& before, const std::string& after,
                             const PlanningPolicy& policy) {
    const auto found = std::ranges::find_if(
        policy.order, [&](const OrderRule& rule) { return rule.then == before && rule.first == after; });
    return found == policy.order.end() ? nullptr : &*found;
}

const OrderRule* ruleFor(const std::string& before, const std::string& after, const PlanningPolicy& policy) {
    return ruleAgainst(after, before, policy);
}

int broken(const std::vector<std::string>& order, const PlanningPolicy& policy) {
    int count = 0;
    for (std::size_t i = 0; i < order.size(); ++i)
        for (std::size_t k = i + 1; k < order.size(); ++k)
            count += ruleAgainst(order[i], order[k], policy) != nullptr;
    return count;
}

bool laneFree(const Appointment& wanted, std::span<const Appointment> standing, const PlanningPolicy& policy) {
    const std::string& lane = policy.timesOf(wanted.method).instrument;
    return std::ranges::none_of(standing, [&](const Appointment& other) {
        return policy.timesOf(other.method).instrument == lane && other.at < freeAfter(wanted, policy) &&
               wanted.at < freeAfter(other, policy);
    });
}

bool clientFree(const Appointment& wanted, std::span<const Appointment> standing,
                const PlanningPolicy& policy) {
    return std::ranges::none_of(standing, [&](const Appointment& other) {
        return other.clientId == wanted.clientId && other.at < endOf(wanted, policy) &&
               wanted.at < endOf(other, policy);
    });
}

// The battery from one starting moment on, each method at its first free time after the one before.
std::optional<std::vector<Appointment>> placeFrom(const std::vector<std::string>& order,
                                                  const DayRequest& request, Instant start,
                                                  std::span<const Appointment> standing, Instant midnight,
                                                  const PlanningPolicy& policy) {
    const Instant closing = midnight.plusMinutes(policy.closes());
    std::vector<Appointment> placed;
    Instant next = start;
    for (const std::string& method : order) {
        Appointment wanted{{}, request.clientId, method, next};
        while (endOf(wanted, policy) <= closing &&
               !(laneFree(wanted, standing, policy) && clientFree(wanted, standing, policy) &&
                 isOpen(wanted, midnight, policy)))
            wanted.at = wanted.at.plusMinutes(step);
        if (endOf(wanted, policy) > closing)
            return std::nullopt;
        placed.push_back(wanted);
        next = freeAfter(wanted, policy);
    }
    return placed;
}

} // namespace

Instant endOf(const Appointment& appointment, const PlanningPolicy& policy) {
    return appointment.at.plusMinutes(
        appointment.takes.value_or(policy.timesOf(appointment.method).atTheBench).value());
}

Instant freeAfter(const Appointment& appointment, const PlanningPolicy& policy) {
    return endOf(appointment, policy).plusMinutes(policy.timesOf(appointment.method).changing.value());
}

bool isOpen(const Appointment& appointment, Instant midnight, const PlanningPolicy& policy) {
    return policy.openThroughout(minutesBetween(midnight, appointment.at),
                                 minutesBetween(midnight, endOf(appointment, policy)));
}

std::vector<std::string> bestOrder(std::vector<std::string> wanted, const PlanningPolicy& policy) {
    const auto rank = [&](const std::string& method) {
        return std::ranges::find(policy.methods, method, &MethodTimes::method) - policy.methods.begin();
    };
    const auto usual = [&](const std::string& a, const std::string& b) { return rank(a) < rank(b); };
    std::ranges::sort(wanted, usual);
    std::vector<std::string> best = wanted;
    while (std::next_permutation(wanted.begin(), wanted.end(), usual))
        if (broken(wanted, policy) < broken(best, policy))
            best = wanted;
    return best;
}

std::vector<Message> reasonsFor(std::span<const std::string> order, const PlanningPolicy& policy) {
    std::vector<Message> reasons;
    for (std::size_t i = 1; i < order.size(); ++i)
        if (const OrderRule* rule = ruleFor(order[i - 1], order[i], policy))
            reasons.push_back(
                {FUSAIN_TEXT("{1} before {2}: {3}"),
                 {std::string(methodTitle(rule->first)), std::string(methodTitle(rule->then)), rule->why}});
    return reasons;
}

std::vector<Message> costsOf(std::span<const Appointment> ofOneClient, const PlanningPolicy& policy) {
    std::vector<Message> costs;
    for (const Appointment& before : ofOneClient)
        for (const Appointment& after : ofOneClient)
            if (before.at < after.at)
                if (const OrderRule* rule = ruleAgainst(before.method, after.method, policy))
                    costs.push_back({FUSAIN_TEXT("{1} after {2} costs: {3}."),
                                     {std::string(methodTitle(after.method)),
                                      std::string(methodTitle(before.method)), rule->cost}});
    return costs;
}

std::vector<Appointment> scheduleDay(std::span<const DayRequest> requests,
                                     std::span<const Appointment> standing, Instant midnight,
                                     const PlanningPolicy& policy) {
    const Instant opening = midnight.plusMinutes(policy.opens()),
                  closing = midnight.plusMinutes(policy.closes());
    std::vector<Appointment> day(standing.begin(), standing.end());
    for (const DayRequest& request : requests) {
        const auto order = bestOrder(request.methods, policy);
        std::optional<std::vector<Appointment>> best;
        for (Instant start = std::max(opening, request.notBefore); start < closing;
             start = start.plusMinutes(step)) {
            const auto placed = placeFrom(order, request, start, day, midnight, policy);
            if (!placed)
                break; // a later beginning has no more room
            const auto waiting = [](const std::vector<Appointment>& battery) {
                return minutesBetween(battery.front().at, battery.back().at);
            };
            // Done earliest; of those, with the least waiting in between.
            if (!best || placed->back().at < best->back().at ||
                (placed->back().at == best->back().at && waiting(*placed) < waiting(*best)))
                best = placed;
            if (placed->back().at > best->back().at)
                break;
        }
        if (best)
            day.insert(day.end(), best->begin(), best->end());
    }
    return {day.begin() + static_cast<std::ptrdiff_t>(standing.size()), day.end()};
}

} // namespace fusain

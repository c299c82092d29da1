#pragma once
#include "core/base/message.hpp"
#include "record/base/calendar.hpp"
#include "record/lab/planning.hpp"

#include <optional>
#include <span>
#include <string>
#include <vector>

namespace fusain {

/// An appointment as the planner sees it.
struct Appointment {
    std::string id;
    std::string clientId;
    std::string method;
    Instant at;
    bool over = false;                 ///< measured, signed or ended: it delays nobody any more
    bool begun = false;                ///< at the bench, or over: whatever had to be ready is
    std::optional<Minutes> takes = {}; ///< with the client, where it is not the method's usual time: a team
};
/// When the client has left, and when the next one can begin on the same instrument.
[[nodiscard]] Instant endOf(const Appointment& appointment, const PlanningPolicy& policy);
[[nodiscard]] Instant freeAfter(const Appointment& appointment, const PlanningPolicy& policy);
/// Whether the lab is open for the whole of it. @param midnight at which the lab's day begins
[[nodiscard]] bool isOpen(const Appointment& appointment, Instant midnight, const PlanningPolicy& policy);

/// The order of several methods on one day that breaks the fewest rules; of equals the first in the order of
/// the policy's methods. @param wanted each once, at most six
[[nodiscard]] std::vector<std::string> bestOrder(std::vector<std::string> wanted, const PlanningPolicy& policy);
/// Why the methods stand in this order: the rule of each pair of neighbours.
[[nodiscard]] std::vector<Message> reasonsFor(std::span<const std::string> order, const PlanningPolicy& policy);
/// What an order of one client's appointments costs: one sentence for each rule that it breaks.
[[nodiscard]] std::vector<Message> costsOf(std::span<const Appointment> ofOneClient,
                                           const PlanningPolicy& policy);

/// A client who wants to be tested by some methods on one day.
struct DayRequest {
    std::string clientId;
    std::vector<std::string> methods; ///< each once
    Instant notBefore;
};
/// Places requests into a day, one after the other, each battery in its best order as early and as close
/// together as the lanes and the opening hours allow. @param midnight at which the lab's day begins
/// @return the appointments without ids; a client for whom there is no room is left out whole
[[nodiscard]] std::vector<Appointment> scheduleDay(std::span<const DayRequest> requests,
                                                   std::span<const Appointment> standing, Instant midnight,
                                                   const PlanningPolicy& policy);

} // namespace fusain

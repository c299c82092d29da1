#pragma once
#include "core/base/problem.hpp"
#include "record/base/calendar.hpp"

#include <string>
#include <vector>

namespace fusain::exchange {

/// An event of a calendar, as far as a lab's day needs it.
struct CalendarEvent {
    std::string uid;
    Instant from, to;
    std::string summary;
    std::string description;
};

/// What was read from a calendar file.
struct CalendarRead {
    std::vector<CalendarEvent> events; ///< in order of time; each repeat is one of its own
    int leftOut = 0;                   ///< without a beginning, cancelled, or repeated within a day
};

/// Writes events as iCalendar (RFC 5545), times in UTC.
/// @param stamp when it is written
[[nodiscard]] std::string toICalendar(const std::vector<CalendarEvent>& events, Instant stamp);

/// Reads the events between two moments, repeats included. Times are in their own zone, in UTC, or floating and
/// then in `zone`; an event of whole days begins at midnight.
/// @param zone of the lab, such as "Europe/London"  @param most repeats of one event that are followed
/// @return a Problem for a text that is no calendar, or is larger than 4 MB
[[nodiscard]] Expected<CalendarRead> fromICalendar(const std::string& text, const std::string& where,
                                                   Instant from, Instant to, const std::string& zone,
                                                   int most = 2000);

} // namespace fusain::exchange

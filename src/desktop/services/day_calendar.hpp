#pragma once
#include "desktop/services/session.hpp"

namespace fusain::desktop {

/// The booked appointments of a year from a day on, as iCalendar. A calendar travels: it carries codes, never
/// names.
[[nodiscard]] std::string calendarFrom(Session& session, Instant day);

/// What became of another calendar's events.
struct CalendarTaken {
    int booked = 0;
    int leftOut = 0; ///< booked already, cancelled, or without a client's code and a method
};
/// Books the events of a year that name one of our clients by code, and a method.
/// @return a Problem for a text that is no calendar, or when the lab book could not keep one
[[nodiscard]] Expected<CalendarTaken> takeCalendar(Session& session, const std::string& text,
                                                   const std::string& path);

} // namespace fusain::desktop

#include "exchange/lab/icalendar.hpp"

#include <algorithm>
#include <libical/ical.h>
#include <memory>

namespace fusain::exchange {
namespace {

struct Free {
    void operator()(icalcomponent* component) const { icalcomponent_free(component); }
};
using Component = std::unique_ptr<icalcomponent, Free>;

icaltimetype utc(Instant instant) {
    return icaltime_from_timet_with_zone(static_cast<time_t>(instant.milliseconds / 1000), 0,
                                         icaltimezone_get_utc_timezone());
}

std::string textOf(const char* text) {
    return text ? text : "";
}

struct Reading {
    CalendarRead& read;
    const CalendarEvent& pattern;
    Instant from, to;
    int left;
};

// libical gives each repeat with its own beginning and end, exceptions already left out.
void addRepeat(icalcomponent*, icaltime_span* span, void* data) {
    auto& reading = *static_cast<Reading*>(data);
    CalendarEvent event = reading.pattern;
    event.from = {static_cast<std::int64_t>(span->start) * 1000};
    event.to = {static_cast<std::int64_t>(span->end) * 1000};
    if (event.from >= reading.from && event.from < reading.to && reading.left-- > 0)
        reading.read.events.push_back(std::move(event));
}

// A repeat every second, minute or hour is none of a lab's day, and walking it takes as long as its author
// wishes.
bool repeatsWithinADay(icalcomponent* event) {
    for (icalproperty* rule = icalcomponent_get_first_property(event, ICAL_RRULE_PROPERTY); rule;
         rule = icalcomponent_get_next_property(event, ICAL_RRULE_PROPERTY)) {
        const icalrecurrencetype repeat = icalproperty_get_rrule(rule);
        if (repeat.freq == ICAL_SECONDLY_RECURRENCE || repeat.freq == ICAL_MINUTELY_RECURRENCE ||
            repeat.freq == ICAL_HOURLY_RECURRENCE || repeat.by_second[0] != ICAL_RECURRENCE_ARRAY_MAX ||
            repeat.by_minute[1] != ICAL_RECURRENCE_ARRAY_MAX)
            return true;
    }
    return false;
}

// A floating time is meant in the lab's own zone.
void giveZone(icalcomponent* event, icaltimezone* zone) {
    for (const icalproperty_kind kind : {ICAL_DTSTART_PROPERTY, ICAL_DTEND_PROPERTY}) {
        icalproperty* property = icalcomponent_get_first_property(event, kind);
        if (!property)
            continue;
        icaltimetype time = icalproperty_get_datetime_with_component(property, event);
        if (time.zone || icaltime_is_utc(time) || !zone)
            continue;
        time.zone = zone;
        const icaltimetype inUtc = icaltime_convert_to_zone(time, icaltimezone_get_utc_timezone());
        if (icalcomponent_get_first_property(event, ICAL_RRULE_PROPERTY)) {
            // A repeat keeps its local hour over a change of the clock, so it needs its zone.
            icalproperty_set_value(property, icalvalue_new_datetime(time));
            icalproperty_remove_parameter_by_kind(property, ICAL_TZID_PARAMETER);
            icalproperty_add_parameter(property, icalparameter_new_tzid(icaltimezone_get_tzid(zone)));
        } else {
            icalproperty_set_value(property, icalvalue_new_datetime(inUtc));
        }
    }
}

} // namespace

std::string toICalendar(const std::vector<CalendarEvent>& events, Instant stamp) {
    const Component calendar(icalcomponent_new_vcalendar());
    icalcomponent_add_property(calendar.get(), icalproperty_new_version("2.0"));
    icalcomponent_add_property(calendar.get(), icalproperty_new_prodid("-//Fusain//Fusain//EN"));
    for (const CalendarEvent& each : events) {
        icalcomponent* event = icalcomponent_new_vevent();
        icalcomponent_set_uid(event, each.uid.c_str());
        icalcomponent_set_dtstamp(event, utc(stamp));
        icalcomponent_set_dtstart(event, utc(each.from));
        icalcomponent_set_dtend(event, utc(each.to));
        icalcomponent_set_summary(event, each.summary.c_str());
        if (!each.description.empty())
            icalcomponent_set_description(event, each.description.c_str());
        icalcomponent_add_component(calendar.get(), event);
    }
    char* text = icalcomponent_as_ical_string_r(calendar.get());
    std::string written = textOf(text);
    icalmemory_free_buffer(text);
    return written;
}

Expected<CalendarRead> fromICalendar(const std::string& text, const std::string& where, Instant from,
                                     Instant to, const std::string& zone, int most) {
    constexpr std::size_t largest = 4 << 20;
    if (text.size() > largest)
        return failure({FUSAIN_TEXT("This calendar is larger than 4 MB."), {}}, where,
                       {FUSAIN_TEXT("Export only the weeks that are wanted."), {}});
    icalerror_set_errors_are_fatal(0);
    const Component calendar(icalparser_parse_string(text.c_str()));
    if (!calendar || (icalcomponent_isa(calendar.get()) != ICAL_VCALENDAR_COMPONENT &&
                      !icalcomponent_get_first_component(calendar.get(), ICAL_VCALENDAR_COMPONENT)))
        return failure({FUSAIN_TEXT("This is not a calendar in the iCalendar form."), {}}, where,
                       {FUSAIN_TEXT("Save it as .ics in the other program and try again."), {}});
    icaltimezone* own = icaltimezone_get_builtin_timezone(zone.c_str());
    CalendarRead read;
    icalcomponent* inner = icalcomponent_isa(calendar.get()) == ICAL_VCALENDAR_COMPONENT
                               ? calendar.get()
                               : icalcomponent_get_first_component(calendar.get(), ICAL_VCALENDAR_COMPONENT);
    for (icalcomponent* event = icalcomponent_get_first_component(inner, ICAL_VEVENT_COMPONENT); event;
         event = icalcomponent_get_next_component(inner, ICAL_VEVENT_COMPONENT)) {
        if (!icalcomponent_get_first_property(event, ICAL_DTSTART_PROPERTY) ||
            icalcomponent_get_status(event) == ICAL_STATUS_CANCELLED) {
            ++read.leftOut;
            continue;
        }
        if (repeatsWithinADay(event)) {
            ++read.leftOut;
            continue;
        }
        giveZone(event, own);
        const CalendarEvent pattern{textOf(icalcomponent_get_uid(event)),
                                    {},
                                    {},
                                    textOf(icalcomponent_get_summary(event)),
                                    textOf(icalcomponent_get_description(event))};
        Reading reading{read, pattern, from, to, most};
        icalcomponent_foreach_recurrence(event, utc(from), utc(to), addRepeat, &reading);
    }
    std::ranges::stable_sort(read.events, {},
                             [](const CalendarEvent& event) { return event.from.milliseconds; });
    return read;
}

} // namespace fusain::exchange

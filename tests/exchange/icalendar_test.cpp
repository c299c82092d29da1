#include "exchange/lab/icalendar.hpp"

#include <gtest/gtest.h>

namespace fusain::exchange::icalendar_test {
namespace {

Instant at(const char* iso) {
    return *instantFromIso(iso);
}
const Instant winter = at("2026-01-01T00:00:00.000Z"), nextWinter = at("2027-01-01T00:00:00.000Z");

std::string calendar(const std::string& event) {
    return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//other//EN\r\n" + event + "END:VCALENDAR\r\n";
}
std::vector<std::string> beginnings(const std::string& event, const char* zone = "Europe/London") {
    const auto read = fromICalendar(calendar(event), "x.ics", winter, nextWinter, zone);
    EXPECT_TRUE(read) << read.error().english();
    std::vector<std::string> found;
    for (const CalendarEvent& each : read->events)
        found.push_back(isoText(each.from).substr(0, 16));
    return found;
}

TEST(ICalendar, ComesBackAsItWasWritten) {
    const std::vector<CalendarEvent> events{
        {"visit-1@lab", at("2026-03-12T08:00:00.000Z"), at("2026-03-12T08:50:00.000Z"),
         "underwater weighing; SP-101, with a comma", "line one\nline two"}};
    const auto read = fromICalendar(toICalendar(events, winter), "own.ics", winter, nextWinter, "UTC");
    ASSERT_TRUE(read);
    ASSERT_EQ(read->events.size(), 1u);
    EXPECT_EQ(read->events[0].uid, events[0].uid);
    EXPECT_EQ(read->events[0].from, events[0].from);
    EXPECT_EQ(read->events[0].to, events[0].to);
    EXPECT_EQ(read->events[0].summary, events[0].summary);
    EXPECT_EQ(read->events[0].description, events[0].description);
}

TEST(ICalendar, AForeignZoneIsTurnedIntoTheLabsTime) {
    // 9 o'clock in New York on 12 March 2026: summer time there since 8 March, UTC-4.
    EXPECT_EQ(beginnings("BEGIN:VEVENT\r\nUID:a\r\nDTSTART;TZID=America/New_York:20260312T090000\r\n"
                         "DTEND;TZID=America/New_York:20260312T093000\r\nSUMMARY:x\r\nEND:VEVENT\r\n"),
              (std::vector<std::string>{"2026-03-12T13:00"}));
}

TEST(ICalendar, AFloatingTimeIsMeantInTheLabsOwnZone) {
    EXPECT_EQ(
        beginnings(
            "BEGIN:VEVENT\r\nUID:a\r\nDTSTART:20260712T090000\r\nDTEND:20260712T100000\r\nEND:VEVENT\r\n"),
        (std::vector<std::string>{"2026-07-12T08:00"})); // British summer time
}

TEST(ICalendar, RepeatsKeepTheirHourOverTheNightOfTheChangeAndLeaveExceptionsOut) {
    // Weekly at 9 in London; clocks go forward on 29 March 2026. The third is an exception.
    EXPECT_EQ(beginnings("BEGIN:VEVENT\r\nUID:a\r\nDTSTART;TZID=Europe/London:20260316T090000\r\n"
                         "DTEND;TZID=Europe/London:20260316T100000\r\nRRULE:FREQ=WEEKLY;COUNT=4\r\n"
                         "EXDATE;TZID=Europe/London:20260330T090000\r\nEND:VEVENT\r\n"),
              (std::vector<std::string>{"2026-03-16T09:00", "2026-03-23T09:00", "2026-04-06T08:00"}));
}

TEST(ICalendar, AnEndlessRepeatEndsWithTheTimeAskedFor) {
    EXPECT_LE(
        beginnings("BEGIN:VEVENT\r\nUID:a\r\nDTSTART:20260101T090000Z\r\nRRULE:FREQ=DAILY\r\nEND:VEVENT\r\n")
            .size(),
        366u);
}

TEST(ICalendar, WhatIsCancelledOrHasNoBeginningIsLeftOutAndCounted) {
    const auto read = fromICalendar(
        calendar("BEGIN:VEVENT\r\nUID:a\r\nSUMMARY:no beginning\r\nEND:VEVENT\r\n"
                 "BEGIN:VEVENT\r\nUID:b\r\nDTSTART:20260312T090000Z\r\nSTATUS:CANCELLED\r\nEND:VEVENT\r\n"),
        "x.ics", winter, nextWinter, "UTC");
    ASSERT_TRUE(read);
    EXPECT_TRUE(read->events.empty());
    EXPECT_EQ(read->leftOut, 2);
}

TEST(ICalendar, OtherFilesAreRefused) {
    for (const char* text : {"", "hello", "{\"json\": 1}", "BEGIN:VCARD\r\nEND:VCARD\r\n"}) {
        const auto read = fromICalendar(text, "photo.ics", winter, nextWinter, "UTC");
        ASSERT_FALSE(read) << text;
        EXPECT_EQ(read.error().where, "photo.ics");
    }
    // So is a file that ends in the middle: half a calendar would look like a quiet year.
    EXPECT_FALSE(fromICalendar("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a\r\nDTSTART:2026",
                               "cut.ics", winter, nextWinter, "UTC"));
}

} // namespace
} // namespace fusain::exchange::icalendar_test

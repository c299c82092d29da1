// Files that somebody made to do harm, or that came about by accident: each is refused in words, or read as
// what it is, and none costs time or memory beyond its size.
#include "exchange/base/csv_table.hpp"
#include "exchange/lab/icalendar.hpp"
#include "exchange/lab/quality_csv.hpp"
#include "record/base/json.hpp"
#include "record/base/people.hpp"

#include <gtest/gtest.h>

namespace fusain::exchange::hostile_files_test {
namespace {

TEST(HostileJson, WhatLiesTooDeepIsRefusedBeforeItIsParsed) {
    const std::string brackets(60 << 20, '['); // 60 MB
    const auto refused = parseJson(brackets, "deep.json");
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("64 deep"), std::string::npos);
    const auto nested = [](int depth) { return std::string(depth, '[') + std::string(depth, ']'); };
    EXPECT_TRUE(parseJson(nested(64), "x"));
    EXPECT_FALSE(parseJson(nested(65), "x"));
    // Brackets in a text are none, an escaped quote does not end it, and one after another are not deep.
    EXPECT_TRUE(parseJson(R"({"a": ")" + std::string(100, '[') + R"(\"["})", "x"));
    std::string wide = "[[]";
    for (int i = 0; i < 500; ++i)
        wide += ",[{}]";
    EXPECT_TRUE(parseJson(wide + "]", "x"));
}

TEST(HostileCalendar, ARepeatWithinADayIsLeftOutAndNotWalked) {
    for (const char* rule : {"FREQ=SECONDLY", "FREQ=MINUTELY", "FREQ=HOURLY", "FREQ=DAILY;BYSECOND=1,2,3",
                             "FREQ=DAILY;BYMINUTE=1,2,3"}) {
        const auto read = fromICalendar(
            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a\r\nDTSTART:19700101T090000Z\r\nRRULE:" +
                std::string(rule) + "\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
            "x.ics", *instantFromIso("2026-01-01T00:00:00.000Z"), *instantFromIso("2027-01-01T00:00:00.000Z"),
            "UTC");
        ASSERT_TRUE(read) << rule;
        EXPECT_TRUE(read->events.empty()) << rule;
        EXPECT_EQ(read->leftOut, 1) << rule;
    }
    EXPECT_FALSE(fromICalendar(std::string((4 << 20) + 1, ' '), "large.ics", {}, {}, "UTC"));
}

// "Größe" in three encodings.
TEST(HostileTable, EveryUsualEncodingIsReadAndNamed) {
    const std::string utf8 = "Gr\xC3\xB6\xC3\x9F"
                             "e;b\n1;2\n",
                      windows = "Gr\xF6\xDF"
                                "e;b\n1;2\n";
    std::string little = "\xFF\xFE", big = "\xFE\xFF";
    for (const char16_t c : std::u16string(u"Gr\u00F6\u00DFe;b\n1;2\n")) {
        little += {static_cast<char>(c & 0xFF), static_cast<char>(c >> 8)};
        big += {static_cast<char>(c >> 8), static_cast<char>(c & 0xFF)};
    }
    for (const auto& [bytes, encoding] :
         {std::pair(utf8, "UTF-8"), std::pair("\xEF\xBB\xBF" + utf8, "UTF-8"),
          std::pair(windows, "WINDOWS-1252"), std::pair(little, "UTF-16"), std::pair(big, "UTF-16")}) {
        const auto table = tableFromCsv(bytes, "x.csv");
        ASSERT_TRUE(table) << encoding << table.error().english();
        EXPECT_EQ(table->header.front(), "Gr\xC3\xB6\xC3\x9F"
                                         "e")
            << encoding;
        EXPECT_EQ(table->encoding, encoding);
    }
    EXPECT_FALSE(tableFromCsv("\xFF\xFE\x41", "half.csv")); // half a letter
}

TEST(HostileTable, ACellIsNoFormula) {
    for (const char* formula : {"=HYPERLINK(\"x\")", "@SUM(1)", "-2+3", "+1", "\tx", "\rx"})
        EXPECT_EQ(csvCell(formula).find_first_of("=@-+\t\r"), csvCell(formula).find('\'') + 1) << formula;
    EXPECT_EQ(csvCell("plain"), "plain");
    EXPECT_EQ(csvCell("a=b"), "a=b");
    Check check;
    check.by = "bram";
    check.note = "=1+1";
    EXPECT_NE(checksToCsv(std::vector{check}).find("\"'=1+1\""), std::string::npos);
}

TEST(HostileName, LengthAndCharactersAreLimited) {
    Client client;
    client.birthDate = *dateFromIso("1984-06-02");
    client.name = std::string(200, 'a');
    const Instant now = *instantFromIso("2026-03-12T08:00:00.000Z");
    EXPECT_FALSE(problemWith(client, now));
    client.name += 'a';
    EXPECT_TRUE(problemWith(client, now));
    client.name = "Ailsa\x1B[31m";
    EXPECT_TRUE(problemWith(client, now));
    client.name = "Ailsa";
    client.note = "line\nand line\ttab";
    EXPECT_FALSE(problemWith(client, now));
    client.note = std::string(4001, 'n');
    EXPECT_TRUE(problemWith(client, now));
    client.note.clear();
    client.code = std::string(61, 'c');
    EXPECT_TRUE(problemWith(client, now));
}

} // namespace
} // namespace fusain::exchange::hostile_files_test

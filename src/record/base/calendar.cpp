#include "record/base/calendar.hpp"

#include <array>
#include <charconv>
#include <fmt/format.h>

namespace fusain {
namespace {

using namespace std::chrono;

std::optional<int> digits(std::string_view text, std::size_t from, std::size_t count) {
    if (text.size() < from + count)
        return std::nullopt;
    int value = 0;
    const char* end = text.data() + from + count;
    const auto [stopped, error] = std::from_chars(text.data() + from, end, value);
    return error == std::errc() && stopped == end && value >= 0 ? std::optional(value) : std::nullopt;
}

Date anniversary(Date birth, year inYear) {
    const Date candidate = inYear / birth.month() / birth.day();
    return candidate.ok() ? candidate : Date(inYear / birth.month() / last); // 29 February
}

} // namespace

std::string isoText(Date date) {
    return fmt::format("{:04}-{:02}-{:02}", static_cast<int>(date.year()), static_cast<unsigned>(date.month()),
                       static_cast<unsigned>(date.day()));
}

std::string longText(Date date) {
    static constexpr std::array names{"January", "February", "March",     "April",   "May",      "June",
                                      "July",    "August",   "September", "October", "November", "December"};
    return fmt::format("{} {} {}", static_cast<unsigned>(date.day()),
                       names[static_cast<unsigned>(date.month()) - 1], static_cast<int>(date.year()));
}

std::optional<Date> dateFromIso(std::string_view text) {
    const auto y = digits(text, 0, 4), m = digits(text, 5, 2), d = digits(text, 8, 2);
    if (text.size() != 10 || text[4] != '-' || text[7] != '-' || !y || !m || !d)
        return std::nullopt;
    const Date date = year(*y) / month(static_cast<unsigned>(*m)) / day(static_cast<unsigned>(*d));
    return date.ok() ? std::optional(date) : std::nullopt;
}

Date dateOf(Instant instant) {
    return Date(floor<days>(sys_time<milliseconds>(milliseconds(instant.milliseconds))));
}

Instant startOf(Date date) {
    return {duration_cast<milliseconds>(sys_days(date).time_since_epoch()).count()};
}

std::string isoText(Instant instant) {
    const std::int64_t inDay = instant.milliseconds - startOf(dateOf(instant)).milliseconds;
    return fmt::format("{}T{:02}:{:02}:{:02}.{:03}Z", isoText(dateOf(instant)), inDay / 3600000,
                       inDay / 60000 % 60, inDay / 1000 % 60, inDay % 1000);
}

std::string clockText(Instant instant) {
    return isoText(instant).substr(11, 5);
}

std::optional<Instant> instantFromIso(std::string_view text) {
    const auto date = dateFromIso(text.substr(0, 10));
    const auto h = digits(text, 11, 2), m = digits(text, 14, 2), s = digits(text, 17, 2),
               ms = digits(text, 20, 3);
    if (!date || text.size() != 24 || text[10] != 'T' || text[13] != ':' || text[16] != ':' ||
        text[19] != '.' || text[23] != 'Z' || !h || !m || !s || !ms || *h > 23 || *m > 59 || *s > 60)
        return std::nullopt;
    return Instant{startOf(*date).milliseconds + ((*h * 60LL + *m) * 60 + *s) * 1000 + *ms};
}

Years ageOn(Date birth, Date on) {
    int completed = static_cast<int>(on.year()) - static_cast<int>(birth.year());
    if (sys_days(anniversary(birth, on.year())) > sys_days(on))
        --completed;
    const sys_days previous = anniversary(birth, birth.year() + years(completed));
    const sys_days next = anniversary(birth, birth.year() + years(completed + 1));
    return Years(completed + static_cast<double>((sys_days(on) - previous).count()) /
                                 static_cast<double>((next - previous).count()));
}

} // namespace fusain

#pragma once
#include "core/units/units.hpp"

#include <chrono>
#include <cstdint>
#include <optional>
#include <string>

namespace fusain {

/// A moment: milliseconds since 1970-01-01T00:00:00Z.
struct Instant {
    std::int64_t milliseconds = 0;
    friend auto operator<=>(const Instant&, const Instant&) = default;
    [[nodiscard]] Instant plusMinutes(double minutes) const {
        return {milliseconds + static_cast<std::int64_t>(minutes * 60000.0)};
    }
};
[[nodiscard]] inline double minutesBetween(Instant from, Instant to) {
    return static_cast<double>(to.milliseconds - from.milliseconds) / 60000.0;
}

using Date = std::chrono::year_month_day;

/// "2026-03-12T07:40:00.000Z"
[[nodiscard]] std::string isoText(Instant instant);
[[nodiscard]] std::optional<Instant> instantFromIso(std::string_view text);
/// "07:40" in coordinated universal time shifted by the lab's offset.
[[nodiscard]] std::string clockText(Instant instant);
/// "2026-03-12"
[[nodiscard]] std::string isoText(Date date);
[[nodiscard]] std::optional<Date> dateFromIso(std::string_view text);
/// "12 March 2026"
[[nodiscard]] std::string longText(Date date);
[[nodiscard]] Date dateOf(Instant instant);
[[nodiscard]] Instant startOf(Date date);

/// Age as completed years plus the fraction of the current one; negative when `on` lies before the birth.
[[nodiscard]] Years ageOn(Date birth, Date on);

} // namespace fusain

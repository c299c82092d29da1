#pragma once
#include "core/readiness/rule.hpp"
#include "record/base/calendar.hpp"

#include <QString>

namespace fusain::desktop {

/// Reads a time as people say it, in hours before `now`: "07:15" (the latest such time), "yesterday 19:00",
/// "3.5 h", "90 min", "2 days ago", "10 weeks", "never". "yesterday" alone counts from its last minute, which
/// is the latest that it can have been.
/// @return nothing for anything else
[[nodiscard]] std::optional<readiness::Answer> readTime(const QString& text, Instant now);

/// Reads a number that may carry the unit that it was asked in: "4.8 weeks", "1,020".
[[nodiscard]] std::optional<double> readNumber(const QString& text, const QString& unit);

} // namespace fusain::desktop

#pragma once
#include "core/message.hpp"
#include "core/problem.hpp"
#include "core/units/format.hpp"
#include "record/calendar.hpp"

#include <QString>

namespace fusain::report {

/// A sentence of the lower floors in the user's language, with its numbers put in.
[[nodiscard]] QString say(const Message& message);
/// A text marked with FUSAIN_TEXT in the user's language.
[[nodiscard]] QString say(std::string_view marked);
/// What happened, where, what was kept, what to do.
[[nodiscard]] QString say(const Problem& problem);

/// A number with so many decimals, as it stands on a page or a screen.
[[nodiscard]] QString number(double value, int decimals);

// Times are kept in UTC and said in the lab's own zone, which is the computer's.
/// A quantity with its unit, as a page shows it.
[[nodiscard]] QString say(const Shown& value);
/// "07:40"
[[nodiscard]] QString clock(Instant instant);
/// "2026-03-12"
[[nodiscard]] QString day(Instant instant);
/// "12 March 2026", in the language of the program
[[nodiscard]] QString longDay(Instant instant);
/// The moment at which the lab's calendar day of `instant` begins, `daysLater` days on.
[[nodiscard]] Instant startOfLocalDay(Instant instant, int daysLater = 0);

} // namespace fusain::report

#pragma once
#include "core/base/message.hpp"
#include "core/base/problem.hpp"
#include "core/units/format.hpp"
#include "record/base/calendar.hpp"

#include <QString>

namespace fusain::report {

/// A sentence of a page in the language that is being written; marked for translation where it stands.
[[nodiscard]] QString tr(const char* text);
/// The same with a number in the place of "%n", in the form that goes with it.
[[nodiscard]] QString tr(const char* text, int number);
/// A text that is in no language: a name, a code, a formula.
[[nodiscard]] QString plain(std::string_view text);
/// A sentence of the lower floors in the user's language, with its numbers put in.
[[nodiscard]] QString say(const Message& message);
/// A text marked with FUSAIN_TEXT in the user's language.
[[nodiscard]] QString say(std::string_view marked);
[[nodiscard]] inline QString say(const std::string& marked) {
    return say(std::string_view(marked));
}
[[nodiscard]] inline QString say(const char* marked) {
    return say(std::string_view(marked));
}
/// What happened, where, what was kept, what to do.
/// As a sentence: it begins with a capital.
[[nodiscard]] QString sentence(const Message& message);
[[nodiscard]] QString sentence(const QString& words);
[[nodiscard]] QString say(const Problem& problem);

/// A number that a lower floor wrote, such as "83.01", as the language of the words writes it; other texts stay.
[[nodiscard]] QString written(const std::string& value);
/// A number with so many decimals, as it stands on a page or a screen.
[[nodiscard]] QString number(double value, int decimals);
/// The same with its sign, also of what is above zero.
[[nodiscard]] QString signedNumber(double value, int decimals);

// Times are kept in UTC and said in the lab's own zone, which is the computer's.
/// A quantity with its unit, as a page shows it.
[[nodiscard]] QString say(const Shown& value);
/// "07:40"
[[nodiscard]] QString clock(Instant instant);
/// "2026-03-12"
[[nodiscard]] QString day(Instant instant);
/// "12 March 2026", in the language of the program
[[nodiscard]] QString longDay(Instant instant);
/// "Thursday 5 March 2026": what somebody has to come on.
[[nodiscard]] QString weekday(Instant instant);
/// "5 Mar 2026", for the axis of a picture that a client keeps.
[[nodiscard]] QString shortDay(Instant instant);
/// The moment at which the lab's calendar day of `instant` begins, `daysLater` days on.
[[nodiscard]] Instant startOfLocalDay(Instant instant, int daysLater = 0);
[[nodiscard]] bool sameDay(Instant a, Instant b);

} // namespace fusain::report

#pragma once
#include "procedure/quality/standing.hpp"

#include <QString>

namespace fusain::desktop {

/// Whether the instrument may be used, in one sentence that joins the check with its chart, and what to do.
/// It begins with ✓ or ▲. @param checks of the instrument, in order of time
[[nodiscard]] QString standingWords(const CheckStanding& standing, const std::vector<Check>& checks,
                                    Instant now);
/// What the check compares with, and what it has to show.
[[nodiscard]] QString ruleWords(const CheckDefinition& check);
/// The verdict on a check that was made, with its numbers.
[[nodiscard]] QString verdictOn(const Check& made, const CheckDefinition& check);
/// "today 13:10", "Sunday 15 March 2026 07:12"
[[nodiscard]] QString dayAndClock(Instant instant, Instant now);
/// The greatest error that passes: of the mean, or of each reading where the mean has no limit.
[[nodiscard]] double limitOf(const CheckDefinition& check);

} // namespace fusain::desktop

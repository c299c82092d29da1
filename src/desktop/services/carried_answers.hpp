#pragma once
#include "desktop/services/session.hpp"

#include <map>

namespace fusain::desktop {

/// An answer that the same client gave today at another test, as it stands now.
struct CarriedAnswer {
    readiness::Answer answer;
    Instant at; ///< when it was given
};
/// What the client of the test on the bench said before, by the rule that it answers.
struct SaidBefore {
    std::map<std::string, CarriedAnswer> today;
    std::map<std::string, readiness::Answer> last; ///< at the latest earlier test with that rule
};
/// What was asked today in the same words is not asked again. Hours since grow with the clock; what was said to
/// a list as a whole holds for the same rule only, and what is about an earlier test of one method for no
/// other.
/// @pre a test is on the bench
[[nodiscard]] SaidBefore saidBefore(Session& session, std::span<const readiness::Rule* const> rules);

} // namespace fusain::desktop

#pragma once
#include "desktop/services/session.hpp"

namespace fusain::desktop {

/// An answer that the same client gave today at another test, as it stands now.
struct CarriedAnswer {
    readiness::Answer answer;
    Instant at; ///< when it was given
    std::string method;
};
/// What was asked once is not asked again: rules of several protocols about one thing share a topic of the
/// preparation. Hours since grow with the clock; what was said to a list as a whole holds for the same rule
/// only.
/// @return nothing where today's other tests of this client do not say it
[[nodiscard]] std::optional<CarriedAnswer> carriedAnswer(Session& session, const readiness::Rule& rule);

} // namespace fusain::desktop

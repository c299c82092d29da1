#pragma once
#include "desktop/services/session.hpp"
#include "link/simulation/all/true_body.hpp"
#include "record/practice/reading_exercise.hpp"

namespace fusain::desktop {

/// Plays a whole test of a made-up person some weeks ago, through the real procedure into the lab book, signed.
/// @param person the true body; what the visit says of it goes before  @return the id of the test
[[nodiscard]] Expected<std::string> playVisit(Session& session, const Client& client, const ReadingVisit& visit,
                                              const Json& person, simulation::Random& random);

} // namespace fusain::desktop

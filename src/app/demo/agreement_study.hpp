#pragma once
#include "demo/visits.hpp"

namespace fusain::demo {

/// Thirty volunteers who were weighed under water and scanned on one day: what agreement between two methods,
/// and a cross-calibration, rest on. The same random state gives the same readings; the clock is left at the
/// last.
[[nodiscard]] Expected<void> agreementStudy(Visits& visits, simulation::Random& random);

} // namespace fusain::demo

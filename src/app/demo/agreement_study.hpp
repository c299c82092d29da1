#pragma once
#include "link/simulation/tank/submersion.hpp"
#include "record/library/catalogue.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::demo {

/// Thirty volunteers who were weighed under water and scanned on one day: what agreement between two methods,
/// and a cross-calibration, rest on. The same random state gives the same readings; `clock` is left at the
/// last.
[[nodiscard]] Expected<void> agreementStudy(store::LabBook& book, const LabCatalogue& catalogue,
                                            simulation::Random& random, Instant& clock);

} // namespace fusain::demo

#pragma once
#include "procedure/method/procedure.hpp"
#include "record/library/catalogue.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::demo {

/// The demo's today.
[[nodiscard]] Instant demoNow();

/// Fills a new lab book with the made-up lab: staff, clients, their tests measured by the simulator through the
/// real procedure, checks and today's appointments. The same seed gives the same book.
[[nodiscard]] Expected<void> fillDemoBook(store::LabBook& book, const LabCatalogue& catalogue, Instant& clock,
                                          std::uint64_t seed);

} // namespace fusain::demo

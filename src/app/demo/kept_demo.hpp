#pragma once
#include "demo/demo_book.hpp"

namespace fusain::demo {

/// The demo's lab book at `path`, made once for this build of the program and its data and then copied: playing
/// some forty tests takes seconds, copying the book none.
/// @param clock is put where the made-up morning begins
/// @param cache folder; a missing, unwritable or damaged one costs time and nothing else
[[nodiscard]] Expected<void> demoBookAt(const QString& path, const LabCatalogue& catalogue, const Clock& now,
                                        Instant& clock, const QString& cache);

} // namespace fusain::demo

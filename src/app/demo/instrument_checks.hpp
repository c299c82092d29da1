#pragma once
#include "link/simulation/tank/submersion.hpp"
#include "record/library/catalogue.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::demo {

// What the lab knows of its instruments: checks of the weeks before today, and precision studies. The same
// random state gives the same readings; `clock` is left at the last of them.

/// The floor scale every week, one week heavy.
[[nodiscard]] Expected<void> scaleChecks(store::LabBook& book, simulation::Random& random, Instant& clock);
/// A month of five-fold cylinder checks, every working morning, one of them failing before a service.
[[nodiscard]] Expected<void> chamberChecks(store::LabBook& book, simulation::Random& random, Instant& clock);
/// Thirty people measured twice: the lab's own precision of the chamber.
[[nodiscard]] Expected<void> chamberPrecision(store::LabBook& book, simulation::Random& random, Instant& clock);
/// Daily resistor and weekly RC checks of the analyzer.
[[nodiscard]] Expected<void> impedanceChecks(store::LabBook& book, simulation::Random& random, Instant& clock);
/// The lab's own precision study of the densitometer.
[[nodiscard]] Expected<void> scannerPrecision(store::LabBook& book, simulation::Random& random, Instant& clock);
/// Daily soft-tissue and weekly spine phantom.
[[nodiscard]] Expected<void> scannerChecks(store::LabBook& book, simulation::Random& random, Instant& clock);

/// The objects that the demo's lab compares its instruments with, and until when their certificates hold.
[[nodiscard]] Expected<void> referenceObjects(store::LabBook& book, const LabCatalogue& catalogue);
/// What was made this morning at the tank: the thermometer, the spirometer, and the water.
[[nodiscard]] Expected<void> tankMorning(store::LabBook& book, Instant& clock);

} // namespace fusain::demo

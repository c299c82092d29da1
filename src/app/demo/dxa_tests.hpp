#pragma once
#include "demo/demo_book.hpp"
#include "procedure/dxa_procedure.hpp"

namespace fusain::demo {

/// What the demo does with one person on the densitometer.
struct DxaDay {
    simulation::DensitometerFaults firstScan; ///< of a scan that is set aside; none by default
    std::vector<ReportedValue> reported;
    std::vector<dxa::ReportedBone> bones;
    bool afterMenopause = false;
    const char* interpretation = "Read calmly; lines and sums agree. Prepared as asked.";
};

/// Runs one scan of one true body through the real procedure.
[[nodiscard]] Expected<void> runDxaTest(store::LabBook& book, DxaProcedure& run, const TrueBody& body,
                                        const std::string& code, const DxaDay& day, const Staff& technician,
                                        const Staff& physiologist, simulation::Random& random, Instant& clock);

/// The same body as the densitometer sees it.
[[nodiscard]] simulation::ScannedPerson scannedPersonOf(const TrueBody& body);

/// The lab's own precision study of the densitometer.
[[nodiscard]] Expected<void> scannerPrecision(store::LabBook& book, simulation::Random& random, Instant& clock);
/// Daily soft-tissue and weekly spine phantom.
[[nodiscard]] Expected<void> scannerChecks(store::LabBook& book, simulation::Random& random, Instant& clock);

} // namespace fusain::demo

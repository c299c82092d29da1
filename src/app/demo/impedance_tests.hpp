#pragma once
#include "demo/demo_book.hpp"
#include "procedure/impedance_procedure.hpp"

namespace fusain::demo {

/// What the demo does with one person on the impedance analyzer.
struct ImpedanceDay {
    simulation::AnalyzerFaults firstSweep; ///< of a sweep that is then repeated; none by default
    /// Answers that break a rule, with the reason for which the test went on.
    struct Deviation {
        const char* rule;
        double hours;
        const char* reason;
    };
    std::vector<Deviation> deviations;
    double waterShift = 1.0; ///< factor on the water outside the cells: food, drink, warm muscles
    const char* interpretation = "Read calmly; the signal was clean. Prepared as asked.";
    const char* inSpite = nullptr; ///< why the physiologist uses a sweep that the rules would repeat
    bool finish = true;
};

/// Runs one impedance test of one true body through the real procedure, sweep and all.
[[nodiscard]] Expected<void> runImpedanceTest(store::LabBook& book, ImpedanceProcedure& run,
                                              const TrueBody& body, const std::string& code,
                                              const ImpedanceDay& day, const Staff& technician,
                                              const Staff& physiologist, simulation::Random& random,
                                              Instant& clock);

/// The same body as the analyzer sees it.
[[nodiscard]] simulation::AnalyzerPerson analyzerPersonOf(const TrueBody& body);

/// Daily resistor and weekly RC checks of the analyzer.
[[nodiscard]] Expected<void> impedanceChecks(store::LabBook& book, simulation::Random& random, Instant& clock);

} // namespace fusain::demo

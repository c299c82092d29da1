#pragma once
#include "demo/demo_book.hpp"
#include "procedure/chamber_procedure.hpp"

namespace fusain::demo {

/// What the demo does with one person in the chamber.
struct ChamberDay {
    bool measureGas = true;     ///< by panting; else the prediction stands
    double restlessness = 0.03; ///< L, how differently the person sits from trial to trial
    bool finish = true;         ///< up to the signed report; else the test is left at the trials
};

/// Runs one chamber test of one true body through the real procedure, pressures and all.
[[nodiscard]] Expected<void> runChamberTest(store::LabBook& book, ChamberProcedure& run, const TrueBody& body,
                                            const ChamberDay& day, const Staff& technician,
                                            const Staff& physiologist, simulation::Random& random,
                                            Instant& clock);

/// A month of five-fold cylinder checks, every working morning, one of them failing before a service.
[[nodiscard]] Expected<void> chamberChecks(store::LabBook& book, simulation::Random& random, Instant& clock);

/// Thirty people measured twice: the lab's own precision of the chamber.
[[nodiscard]] Expected<void> chamberPrecision(store::LabBook& book, simulation::Random& random, Instant& clock);

} // namespace fusain::demo

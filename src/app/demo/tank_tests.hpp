#pragma once
#include "demo/demo_book.hpp"
#include "procedure/hydrostatic_procedure.hpp"

namespace fusain::demo {

/// Runs one tank test of one true body through the real procedure. Stops at the first problem.
class TankTest {
public:
    TankTest(store::LabBook& book, HydrostaticProcedure procedure, TrueBody body, simulation::Random& random,
             Instant& clock)
        : book_(book), run_(std::move(procedure)), body_(body), random_(random), clock_(clock) {}

    /// Everything before the first trial.
    Expected<void> prepare();
    /// @param trials to weigh; 0: until the rule is satisfied
    /// @param heldBack litres of air that stay in the lungs in the first trial, less each time
    Expected<void> weigh(int trials, double heldBack);
    Expected<void> finish(const Staff& technician, const Staff& physiologist);
    HydrostaticProcedure& run() { return run_; }

private:
    store::LabBook& book_;
    HydrostaticProcedure run_;
    TrueBody body_;
    simulation::Random& random_;
    Instant& clock_;
};

} // namespace fusain::demo

#pragma once
#include "procedure/method/run_sheet.hpp"

namespace fusain {

/// The run sheet of underwater weighing, in the order of the work.
enum class HydrostaticStep {
    TankReady,
    LoadCell,
    WaterTemperature,
    Screening,
    Readiness,
    DryMass,
    VitalCapacity,
    Rehearsal,
    Trials,
    OutSafely,
    Result,
    Interpretation,
    Sign,
    Report,
    After
};

/// The run sheet of underwater weighing: one row a step, in the order of HydrostaticStep.
[[nodiscard]] std::span<const StepText> hydrostaticSteps();

} // namespace fusain

#pragma once
#include "procedure/run_sheet.hpp"

#include <span>

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

/// Titles and instructions in the order of HydrostaticStep.
[[nodiscard]] std::span<const StepText> hydrostaticSteps();

} // namespace fusain

#pragma once
#include "procedure/method/run_sheet.hpp"

namespace fusain {

/// The run sheet of the air-displacement chamber, in the order of the work.
enum class ChamberStep {
    WarmUp,
    Scale,
    Calibration,
    Screening,
    Readiness,
    Mass,
    VolumeTrials,
    ThoracicGas,
    Result,
    Interpretation,
    Sign,
    Report,
    After
};

/// The run sheet of the air-displacement chamber: one row a step, in the order of ChamberStep.
[[nodiscard]] std::span<const StepText> chamberSteps();

} // namespace fusain

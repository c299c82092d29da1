#pragma once
#include "procedure/method/run_sheet.hpp"

namespace fusain {

/// The run sheet of the densitometer, in the order of the work.
enum class DxaStep {
    Phantom,
    Screening,
    Readiness,
    Mass,
    Dose,
    Positioning,
    Scan,
    Lines,
    Result,
    Interpretation,
    Sign,
    Report,
    After
};

/// The run sheet of the densitometer: one row a step, in the order of DxaStep.
[[nodiscard]] std::span<const StepText> dxaSteps();

} // namespace fusain

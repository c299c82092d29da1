#pragma once
#include "procedure/method/run_sheet.hpp"

namespace fusain {

/// The run sheet of the impedance analyzer, in the order of the work.
enum class ImpedanceStep {
    WarmUp,
    Module,
    Identity,
    Screening,
    Readiness,
    Mass,
    Electrodes,
    Posture,
    Sweep,
    Result,
    Interpretation,
    Sign,
    Report,
    After
};

/// The run sheet of the impedance analyzer: one row a step, in the order of ImpedanceStep.
[[nodiscard]] std::span<const StepText> impedanceSteps();

} // namespace fusain

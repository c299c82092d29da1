#pragma once
#include "procedure/method/run_sheet.hpp"

namespace fusain {

/// The run sheet of girths, in the order of the work.
enum class GirthStep {
    Tape,
    Screening,
    Readiness,
    Mass,
    Landmarks,
    Girths,
    Result,
    Interpretation,
    Sign,
    Report,
    After
};

/// The run sheet of girths: one row a step, in the order of GirthStep.
[[nodiscard]] std::span<const StepText> girthSteps();

} // namespace fusain

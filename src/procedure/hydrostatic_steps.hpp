#pragma once
#include <array>
#include <string_view>

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

inline constexpr std::size_t hydrostaticStepCount = 15;

struct StepText {
    std::string_view id;
    std::string_view title;
    std::string_view instruction; ///< one sentence, for the stand-back view too
};

[[nodiscard]] const StepText& textOf(HydrostaticStep step);

enum class StepState { Waiting, Current, Done, Attention };

} // namespace fusain

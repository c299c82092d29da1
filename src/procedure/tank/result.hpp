#pragma once
#include "core/hydrostatic/composition.hpp"
#include "core/hydrostatic/trial_rules.hpp"
#include "procedure/method/density_result.hpp"
#include "record/tank/method.hpp"

namespace fusain {

/// The residual volume that a result rests on.
struct ResidualVolumeUsed {
    Litres volume;
    Litres standardError;
    bool measured = false;
    std::string how;      ///< method of the measurement, or title of the prediction
    std::string equation; ///< catalogue id of the prediction; empty when measured
    bool withinValidity = true;
};

/// A computed test: the body, what it was computed from, and what to be careful about.
struct HydrostaticResult : DensityResult {
    using Method = TankMethod;
    hydrostatic::CompositionInputs inputs;
    KilogramsPerLitre waterDensity{0.0};
    hydrostatic::TrialJudgement trials;
    ResidualVolumeUsed residualVolume;
};

/// Computes a raw record by a policy. The same code serves the bench, the reports and fusain-calc.
/// @return a Problem naming the reading that is missing, or the person whom no permitted equation covers
[[nodiscard]] Expected<HydrostaticResult>
computeHydrostatic(const HydrostaticTest& test, const HydrostaticPolicy& policy, const WhatIf& whatIf = {});

/// Standard error of the mean underwater mass from the scatter between the trials used.
/// @param used net masses that the rule takes, kg; @param floor least standard deviation assumed, kg
/// A single reading carries 0.05 kg, the usual scatter of one reading: a lab-adjustable default.
[[nodiscard]] double betweenTrialsError(std::span<const double> used, double floor);

/// Residual volume by a catalogue prediction. @param vitalCapacity L BTPS, needed by the fraction of vital
/// capacity
[[nodiscard]] Expected<ResidualVolumeUsed> predictResidualVolume(const std::string& equation, Sex sex,
                                                                 Metres height, Years age,
                                                                 std::optional<Litres> vitalCapacity);

/// The form in which results are stored and printed by fusain-calc: values with standard errors, recipe and
/// flags.
[[nodiscard]] Json toJson(const HydrostaticResult& result, const HydrostaticTest& test,
                          const HydrostaticPolicy& policy);

/// Version of the computation, stored with every result so that a difference after an upgrade is seen.
inline constexpr std::string_view engineVersion = "hydrostatic-1";

} // namespace fusain

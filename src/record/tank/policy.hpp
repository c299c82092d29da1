#pragma once
#include "core/hydrostatic/trial_rules.hpp"
#include "record/base/document_kind.hpp"
#include "record/method/policy.hpp"

namespace fusain {

/// How this lab does underwater weighing: the schools it follows and the uncertainties it states for its
/// instruments.
struct HydrostaticPolicy : DensityPolicy {
    hydrostatic::TrialPolicy trials;
    std::string residualVolumeEquation = "lung.residual-volume.crapo-1982";
    Litres gutGas{0.1};
    Litres gutGasError{0.1};
    Kilograms typedReadingError{0.02};  ///< of a swinging number read by eye
    Kilograms betweenTrialsFloor{0.02}; ///< least standard deviation assumed between trials
    Litres measuredResidualVolumeError{0.1};
    Celsius waterTemperatureError{0.1};
    Seconds restBetweenDives{0.0}; ///< breath-hold dives follow each other no faster
};

[[nodiscard]] Json toJson(const HydrostaticPolicy& policy);
/// Reads and checks a policy: known equations, grade A only, sensible numbers.
[[nodiscard]] Expected<HydrostaticPolicy> hydrostaticPolicyFromJson(const Json& json, const std::string& where);

[[nodiscard]] std::string_view trialRuleText(hydrostatic::TrialRule rule);
[[nodiscard]] std::optional<hydrostatic::TrialRule> trialRuleFromText(std::string_view text);
/// The rule as a person would say it, marked for translation.
[[nodiscard]] std::string_view trialRuleTitle(hydrostatic::TrialRule rule);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind hydrostaticPolicyKind();

} // namespace fusain

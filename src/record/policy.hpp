#pragma once
#include "core/airdisplacement/trial_rules.hpp"
#include "core/hydrostatic/trial_rules.hpp"
#include "record/json.hpp"

namespace fusain {

/// What the policies of all methods decide.
struct MethodPolicy {
    std::string id;
    std::string title;
    std::string source; ///< where the rules and the choices come from
    std::string fatReference = "fat-percent.gallagher-2000.white";
    bool physiologistSigns = true;
    Kilograms dryMassError{0.05};
};

/// What the policies of both densitometric methods decide: from density on, the two are the same.
struct DensityPolicy : MethodPolicy {
    std::string adultConversion = "fat.density.siri-1961";
    std::string childConversion = "fat.density.lohman-1989";
    double fatFreeDensitySpread = 0.006; ///< kg/L between people; about 2.5 %fat of method error
};

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
};

[[nodiscard]] Json toJson(const HydrostaticPolicy& policy);
/// Reads and checks a policy: known equations, grade A only, sensible numbers.
[[nodiscard]] Expected<HydrostaticPolicy> hydrostaticPolicyFromJson(const Json& json, const std::string& where);

/// How this lab measures in the air-displacement chamber.
struct ChamberPolicy : DensityPolicy {
    ChamberPolicy() { dryMassError = Kilograms(0.01); }
    airdisplacement::TrialPolicy trials;
    Litres volumeTrialError{0.045}; ///< standard deviation of one volume trial about the person's volume
    Litres predictedThoracicGasError{0.44}; ///< predicted against measured, sheet 7.2
    Litres measuredThoracicGasError{0.10};
    double surfaceAreaError = 0.05; ///< fraction, of a predicted body surface area
    Kilograms scaleTolerance{0.01}; ///< what the chamber's scale may be off at 20 kg
};
[[nodiscard]] Json toJson(const ChamberPolicy& policy);
[[nodiscard]] Expected<ChamberPolicy> chamberPolicyFromJson(const Json& json, const std::string& where);

/// What every policy has, for the policies of the methods.
void readMethodPolicy(const Json& json, MethodPolicy& policy);
[[nodiscard]] Json methodPolicyJson(const MethodPolicy& policy, std::string_view method);
/// A Problem that says what to do about a policy.
[[nodiscard]] Problem wrongPolicy(Message what, const std::string& where);

[[nodiscard]] std::string_view trialRuleText(hydrostatic::TrialRule rule);
[[nodiscard]] std::optional<hydrostatic::TrialRule> trialRuleFromText(std::string_view text);
/// The rule as a person would say it, marked for translation.
[[nodiscard]] std::string_view trialRuleTitle(hydrostatic::TrialRule rule);

} // namespace fusain

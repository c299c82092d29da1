#pragma once
#include "core/airdisplacement/trial_rules.hpp"
#include "record/base/document_kind.hpp"
#include "record/method/policy.hpp"

namespace fusain {

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

/// The keys of this kind of document.
[[nodiscard]] DocumentKind chamberPolicyKind();

} // namespace fusain

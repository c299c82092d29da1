#include "record/chamber/policy.hpp"

#include "record/chamber/method.hpp"
#include "record/method/policy_fields.hpp"

namespace fusain {
namespace {

const Fields<airdisplacement::TrialPolicy>& trialFields() {
    using Trials = airdisplacement::TrialPolicy;
    static const auto fields =
        Fields<Trials>("trial policy")
            .required("trial_tolerance_l", &Trials::tolerance, "how far two trials may differ",
                      aboveUpTo(0.0, 5.0))
            .optional("trials_per_set", &Trials::trialsPerSet, "before recalibrating", between(2, 10))
            .optional("sets", &Trials::sets, "before the session ends", between(1, 5));
    return fields;
}

const Fields<ChamberPolicy>& policyFields() {
    using Policy = ChamberPolicy;
    static const auto fields =
        Fields<Policy>("policy of a chamber test")
            .with(densityPolicyFields(ChamberMethod::id))
            .flat(&Policy::trials, trialFields())
            .optional("volume_trial_error_l", &Policy::volumeTrialError, "standard error of one trial",
                      between(0.0, 5.0))
            .optional("predicted_thoracic_gas_error_l", &Policy::predictedThoracicGasError, "standard error",
                      between(0.0, 5.0))
            .optional("measured_thoracic_gas_error_l", &Policy::measuredThoracicGasError, "standard error",
                      between(0.0, 5.0))
            .optional("surface_area_error_fraction", &Policy::surfaceAreaError, "standard error",
                      between(0.0, 1.0))
            .optional("scale_tolerance_kg", &Policy::scaleTolerance, "of the scale check", aboveUpTo(0.0, 5.0));
    return fields;
}

} // namespace

Json toJson(const ChamberPolicy& policy) {
    return policyFields().write(policy);
}

Expected<ChamberPolicy> chamberPolicyFromJson(const Json& json, const std::string& where) {
    return readPolicy(json, where, policyFields(), [](const ChamberPolicy& policy, const std::string& place) {
        return problemWithConversions(policy, place);
    });
}

DocumentKind chamberPolicyKind() {
    return {"Policy of a chamber test", policyFields().notes()};
}

} // namespace fusain

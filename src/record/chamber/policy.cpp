#include "record/chamber/policy.hpp"

#include "record/base/json.hpp"
#include "record/chamber/method.hpp"

namespace fusain {

Json toJson(const ChamberPolicy& policy) {
    Json json = densityPolicyJson(policy, ChamberMethod::id);
    json.update({{"trial_tolerance_l", policy.trials.tolerance.value()},
                 {"trials_per_set", policy.trials.trialsPerSet},
                 {"sets", policy.trials.sets},
                 {"volume_trial_error_l", policy.volumeTrialError.value()},
                 {"predicted_thoracic_gas_error_l", policy.predictedThoracicGasError.value()},
                 {"measured_thoracic_gas_error_l", policy.measuredThoracicGasError.value()},
                 {"surface_area_error_fraction", policy.surfaceAreaError},
                 {"scale_tolerance_kg", policy.scaleTolerance.value()}});
    return json;
}

Expected<ChamberPolicy> chamberPolicyFromJson(const Json& json, const std::string& where) {
    auto policy = readDocument(where, [&] {
        ChamberPolicy p;
        readDensityPolicy(json, p);
        p.trials = {Litres(json.at("trial_tolerance_l").get<double>()), json.value("trials_per_set", 3),
                    json.value("sets", 2)};
        p.volumeTrialError = Litres(json.value("volume_trial_error_l", p.volumeTrialError.value()));
        p.predictedThoracicGasError =
            Litres(json.value("predicted_thoracic_gas_error_l", p.predictedThoracicGasError.value()));
        p.measuredThoracicGasError =
            Litres(json.value("measured_thoracic_gas_error_l", p.measuredThoracicGasError.value()));
        p.surfaceAreaError = json.value("surface_area_error_fraction", p.surfaceAreaError);
        p.scaleTolerance = Kilograms(json.value("scale_tolerance_kg", p.scaleTolerance.value()));
        return p;
    });
    if (!policy)
        return policy;
    if (auto problem = problemWithConversions(*policy, where))
        return tl::unexpected(*problem);
    if (!(policy->trials.tolerance.value() > 0.0) || policy->trials.trialsPerSet < 2 || policy->trials.sets < 1)
        return tl::unexpected(wrongPolicy(
            {FUSAIN_TEXT("Volume trials need a tolerance above zero, at least two trials and one set."), {}},
            where));
    return policy;
}

} // namespace fusain

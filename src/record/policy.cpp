#include "record/policy.hpp"

#include "core/compartments/two_component.hpp"
#include "core/equations.hpp"

#include <array>
#include <utility>

namespace fusain {
namespace {

using hydrostatic::TrialRule;

struct RuleName {
    TrialRule rule;
    std::string_view text;
    std::string_view title;
};
constexpr std::array ruleNames{
    RuleName{TrialRule::MeanOfThreeHeaviest, "mean-of-three-heaviest",
             FUSAIN_TEXT("mean of the three heaviest")},
    RuleName{TrialRule::RepresentativeWeight, "representative-weight",
             FUSAIN_TEXT("heaviest repeated reading")},
    RuleName{TrialRule::SingleHeaviest, "single-heaviest", FUSAIN_TEXT("single heaviest")},
    RuleName{TrialRule::MeanOfLastThree, "mean-of-last-three", FUSAIN_TEXT("mean of the last three")},
};

std::optional<Problem> problemWithConversions(const DensityPolicy& policy, const std::string& where) {
    for (const std::string& id : {policy.adultConversion, policy.childConversion})
        if (!compartments::findDensityConversion(id))
            return wrongPolicy({FUSAIN_TEXT("\"{1}\" is not a conversion of density to fat."), {id}}, where);
    if (!compartments::findDensityConversion(policy.childConversion)->childConstants)
        return wrongPolicy({FUSAIN_TEXT("\"{1}\" is not for children."), {policy.childConversion}}, where);
    return std::nullopt;
}

void readDensity(const Json& json, DensityPolicy& policy) {
    readMethodPolicy(json, policy);
    policy.adultConversion = json.at("adult_conversion").get<std::string>();
    policy.childConversion = json.at("child_conversion").get<std::string>();
    policy.fatFreeDensitySpread = json.value("fat_free_density_spread_kg_per_l", policy.fatFreeDensitySpread);
}

Json densityJson(const DensityPolicy& policy, std::string_view method) {
    Json json = methodPolicyJson(policy, method);
    json.update({{"adult_conversion", policy.adultConversion},
                 {"child_conversion", policy.childConversion},
                 {"fat_free_density_spread_kg_per_l", policy.fatFreeDensitySpread}});
    return json;
}

std::optional<Problem> problemWith(const HydrostaticPolicy& policy, const std::string& where) {
    const auto wrong = [&](Message what) { return wrongPolicy(std::move(what), where); };
    if (auto problem = problemWithConversions(policy, where))
        return problem;
    const Equation* residual = findEquation(policy.residualVolumeEquation);
    if (!residual || residual->grade != 'A' ||
        !policy.residualVolumeEquation.starts_with("lung.residual-volume."))
        return wrong({FUSAIN_TEXT("\"{1}\" is not a residual volume prediction of the catalogue."),
                      {policy.residualVolumeEquation}});
    if (!(policy.trials.tolerance.value() > 0.0) || policy.trials.minimumTrials < 3 ||
        policy.trials.maximumTrials < policy.trials.minimumTrials || policy.trials.maximumTrials > 10)
        return wrong(
            {FUSAIN_TEXT("Trials need a tolerance above zero, at least three and at most ten trials."), {}});
    return std::nullopt;
}

} // namespace

Problem wrongPolicy(Message what, const std::string& where) {
    return {std::move(what), where, {}, {FUSAIN_TEXT("Correct the policy, or use another one."), {}}};
}

void readMethodPolicy(const Json& json, MethodPolicy& policy) {
    policy.id = json.at("id").get<std::string>();
    policy.title = json.at("title").get<std::string>();
    policy.source = json.at("source").get<std::string>();
    policy.fatReference = json.at("fat_reference").get<std::string>();
    policy.physiologistSigns = json.value("physiologist_signs", true);
    policy.dryMassError = Kilograms(json.value("dry_mass_error_kg", policy.dryMassError.value()));
}

Json methodPolicyJson(const MethodPolicy& policy, std::string_view method) {
    return {{"id", policy.id},
            {"title", policy.title},
            {"method", method},
            {"source", policy.source},
            {"fat_reference", policy.fatReference},
            {"physiologist_signs", policy.physiologistSigns},
            {"dry_mass_error_kg", policy.dryMassError.value()}};
}

std::string_view trialRuleText(TrialRule rule) {
    return ruleNames[static_cast<std::size_t>(rule)].text;
}
std::string_view trialRuleTitle(TrialRule rule) {
    return ruleNames[static_cast<std::size_t>(rule)].title;
}
std::optional<TrialRule> trialRuleFromText(std::string_view text) {
    for (const RuleName& name : ruleNames)
        if (name.text == text)
            return name.rule;
    return std::nullopt;
}

Json toJson(const HydrostaticPolicy& policy) {
    Json json = densityJson(policy, "hydrostatic");
    json.update({{"trial_rule", trialRuleText(policy.trials.rule)},
                 {"trial_tolerance_kg", policy.trials.tolerance.value()},
                 {"trial_resolution_kg", policy.trials.resolution.value()},
                 {"minimum_trials", policy.trials.minimumTrials},
                 {"maximum_trials", policy.trials.maximumTrials},
                 {"residual_volume_equation", policy.residualVolumeEquation},
                 {"gut_gas_l", policy.gutGas.value()},
                 {"gut_gas_error_l", policy.gutGasError.value()},
                 {"typed_reading_error_kg", policy.typedReadingError.value()},
                 {"between_trials_floor_kg", policy.betweenTrialsFloor.value()},
                 {"measured_residual_volume_error_l", policy.measuredResidualVolumeError.value()},
                 {"water_temperature_error_c", policy.waterTemperatureError.value()}});
    return json;
}

Expected<HydrostaticPolicy> hydrostaticPolicyFromJson(const Json& json, const std::string& where) {
    auto policy = readDocument(where, [&] {
        HydrostaticPolicy p;
        readDensity(json, p);
        const auto rule = trialRuleFromText(json.at("trial_rule").get<std::string>());
        if (!rule)
            throw Json::type_error::create(302, "trial_rule must be one of the four known rules", &json);
        p.trials = {*rule, Kilograms(json.at("trial_tolerance_kg").get<double>()),
                    Kilograms(json.value("trial_resolution_kg", 0.01)), json.value("minimum_trials", 3),
                    json.value("maximum_trials", 10)};
        p.residualVolumeEquation = json.at("residual_volume_equation").get<std::string>();
        p.gutGas = Litres(json.at("gut_gas_l").get<double>());
        p.gutGasError = Litres(json.value("gut_gas_error_l", 0.1));
        p.typedReadingError = Kilograms(json.value("typed_reading_error_kg", 0.02));
        p.betweenTrialsFloor = Kilograms(json.value("between_trials_floor_kg", 0.02));
        p.measuredResidualVolumeError = Litres(json.value("measured_residual_volume_error_l", 0.1));
        p.waterTemperatureError = Celsius(json.value("water_temperature_error_c", 0.1));
        return p;
    });
    if (policy)
        if (auto problem = problemWith(*policy, where))
            return tl::unexpected(*problem);
    return policy;
}

Json toJson(const ChamberPolicy& policy) {
    Json json = densityJson(policy, "air-displacement");
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
        readDensity(json, p);
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

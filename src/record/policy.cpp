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

std::optional<Problem> problemWith(const HydrostaticPolicy& policy, const std::string& where) {
    const auto wrong = [&](Message what) {
        return Problem{
            std::move(what), where, {}, {FUSAIN_TEXT("Correct the policy, or use another one."), {}}};
    };
    const Equation* residual = findEquation(policy.residualVolumeEquation);
    if (!residual || residual->grade != 'A' ||
        !policy.residualVolumeEquation.starts_with("lung.residual-volume."))
        return wrong({FUSAIN_TEXT("\"{1}\" is not a residual volume prediction of the catalogue."),
                      {policy.residualVolumeEquation}});
    for (const std::string& id : {policy.adultConversion, policy.childConversion})
        if (!compartments::findDensityConversion(id))
            return wrong({FUSAIN_TEXT("\"{1}\" is not a conversion of density to fat."), {id}});
    if (!compartments::findDensityConversion(policy.childConversion)->childConstants)
        return wrong({FUSAIN_TEXT("\"{1}\" is not for children."), {policy.childConversion}});
    if (!(policy.trials.tolerance.value() > 0.0) || policy.trials.minimumTrials < 3 ||
        policy.trials.maximumTrials < policy.trials.minimumTrials || policy.trials.maximumTrials > 10)
        return wrong(
            {FUSAIN_TEXT("Trials need a tolerance above zero, at least three and at most ten trials."), {}});
    return std::nullopt;
}

} // namespace

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
    return {{"id", policy.id},
            {"title", policy.title},
            {"method", "hydrostatic"},
            {"source", policy.source},
            {"trial_rule", trialRuleText(policy.trials.rule)},
            {"trial_tolerance_kg", policy.trials.tolerance.value()},
            {"trial_resolution_kg", policy.trials.resolution.value()},
            {"minimum_trials", policy.trials.minimumTrials},
            {"maximum_trials", policy.trials.maximumTrials},
            {"residual_volume_equation", policy.residualVolumeEquation},
            {"gut_gas_l", policy.gutGas.value()},
            {"gut_gas_error_l", policy.gutGasError.value()},
            {"adult_conversion", policy.adultConversion},
            {"child_conversion", policy.childConversion},
            {"fat_reference", policy.fatReference},
            {"physiologist_signs", policy.physiologistSigns},
            {"fat_free_density_spread_kg_per_l", policy.fatFreeDensitySpread},
            {"dry_mass_error_kg", policy.dryMassError.value()},
            {"typed_reading_error_kg", policy.typedReadingError.value()},
            {"between_trials_floor_kg", policy.betweenTrialsFloor.value()},
            {"measured_residual_volume_error_l", policy.measuredResidualVolumeError.value()},
            {"water_temperature_error_c", policy.waterTemperatureError.value()}};
}

Expected<HydrostaticPolicy> policyFromJson(const Json& json, const std::string& where) {
    auto policy = readDocument(where, [&] {
        HydrostaticPolicy p;
        p.id = json.at("id").get<std::string>();
        p.title = json.at("title").get<std::string>();
        p.source = json.at("source").get<std::string>();
        const auto rule = trialRuleFromText(json.at("trial_rule").get<std::string>());
        if (!rule)
            throw Json::type_error::create(302, "trial_rule must be one of the four known rules", &json);
        p.trials = {*rule, Kilograms(json.at("trial_tolerance_kg").get<double>()),
                    Kilograms(json.value("trial_resolution_kg", 0.01)), json.value("minimum_trials", 3),
                    json.value("maximum_trials", 10)};
        p.residualVolumeEquation = json.at("residual_volume_equation").get<std::string>();
        p.gutGas = Litres(json.at("gut_gas_l").get<double>());
        p.gutGasError = Litres(json.value("gut_gas_error_l", 0.1));
        p.adultConversion = json.at("adult_conversion").get<std::string>();
        p.childConversion = json.at("child_conversion").get<std::string>();
        p.fatReference = json.at("fat_reference").get<std::string>();
        p.physiologistSigns = json.value("physiologist_signs", true);
        p.fatFreeDensitySpread = json.value("fat_free_density_spread_kg_per_l", 0.006);
        p.dryMassError = Kilograms(json.value("dry_mass_error_kg", 0.05));
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

} // namespace fusain

#include "record/tank/policy.hpp"

#include "core/catalogue/equations.hpp"
#include "record/base/json.hpp"
#include "record/tank/method.hpp"

#include <array>

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
    Json json = densityPolicyJson(policy, TankMethod::id);
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
                 {"water_temperature_error_c", policy.waterTemperatureError.value()},
                 {"rest_between_dives_s", policy.restBetweenDives.value()}});
    return json;
}

Expected<HydrostaticPolicy> hydrostaticPolicyFromJson(const Json& json, const std::string& where) {
    auto policy = readDocument(where, [&] {
        HydrostaticPolicy p;
        readDensityPolicy(json, p);
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
        p.restBetweenDives = Seconds(json.value("rest_between_dives_s", 0.0));
        return p;
    });
    if (policy)
        if (auto problem = problemWith(*policy, where))
            return tl::unexpected(*problem);
    return policy;
}

} // namespace fusain

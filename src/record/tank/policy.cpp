#include "record/tank/policy.hpp"

#include "core/catalogue/equations.hpp"
#include "record/method/policy_fields.hpp"
#include "record/tank/method.hpp"

#include <array>

namespace fusain {
namespace {

using hydrostatic::TrialRule;

constexpr Named<TrialRule> rules[] = {{"mean-of-three-heaviest", TrialRule::MeanOfThreeHeaviest},
                                      {"representative-weight", TrialRule::RepresentativeWeight},
                                      {"single-heaviest", TrialRule::SingleHeaviest},
                                      {"mean-of-last-three", TrialRule::MeanOfLastThree}};
// In the order of TrialRule.
constexpr std::array<std::string_view, 4> titles{
    FUSAIN_TEXT("mean of the three heaviest"), FUSAIN_TEXT("heaviest repeated reading"),
    FUSAIN_TEXT("single heaviest"), FUSAIN_TEXT("mean of the last three")};

const Fields<hydrostatic::TrialPolicy>& trialPolicyFields() {
    using Trials = hydrostatic::TrialPolicy;
    static const auto fields =
        Fields<Trials>("trial policy")
            .word("trial_rule", &Trials::rule, rules, "which trials make the result")
            .required("trial_tolerance_kg", &Trials::tolerance, "how far trials may differ",
                      aboveUpTo(0.0, 1.0))
            .optional("trial_resolution_kg", &Trials::resolution, "below it two readings are one value",
                      aboveUpTo(0.0, 1.0))
            .optional("minimum_trials", &Trials::minimumTrials, "before there is a result", between(3, 10))
            .optional("maximum_trials", &Trials::maximumTrials, "in one session", between(3, 10))
            .check([](const Trials& trials) {
                return std::string(trials.minimumTrials <= trials.maximumTrials
                                       ? ""
                                       : "minimum_trials must not be more than maximum_trials");
            });
    return fields;
}

const Fields<HydrostaticPolicy>& policyFields() {
    using Policy = HydrostaticPolicy;
    static const auto fields =
        Fields<Policy>("policy of a weighing")
            .with(densityPolicyFields(TankMethod::id))
            .flat(&Policy::trials, trialPolicyFields())
            .required("residual_volume_equation", &Policy::residualVolumeEquation, "id of a prediction")
            .required("gut_gas_l", &Policy::gutGas, "gas in the gut", between(0.0, 1.0))
            .optional("gut_gas_error_l", &Policy::gutGasError, "its standard error", between(0.0, 1.0))
            .optional("typed_reading_error_kg", &Policy::typedReadingError, "of a number read by eye",
                      between(0.0, 5.0))
            .optional("between_trials_floor_kg", &Policy::betweenTrialsFloor,
                      "least standard deviation assumed between trials", between(0.0, 5.0))
            .optional("measured_residual_volume_error_l", &Policy::measuredResidualVolumeError,
                      "standard error", between(0.0, 2.0))
            .optional("water_temperature_error_c", &Policy::waterTemperatureError, "standard error",
                      between(0.0, 5.0))
            .optional("rest_between_dives_s", &Policy::restBetweenDives, "dives follow no faster",
                      between(0.0, 3600.0));
    return fields;
}

std::optional<Problem> unusable(const HydrostaticPolicy& policy, const std::string& where) {
    const auto wrong = [&](Message what) { return wrongPolicy(std::move(what), where); };
    if (auto problem = problemWithConversions(policy, where))
        return problem;
    const Equation* residual = findEquation(policy.residualVolumeEquation);
    if (!residual || residual->grade != 'A' ||
        !policy.residualVolumeEquation.starts_with("lung.residual-volume."))
        return wrong({FUSAIN_TEXT("\"{1}\" is not a residual volume prediction of the catalogue."),
                      {policy.residualVolumeEquation}});
    return std::nullopt;
}

} // namespace

std::string_view trialRuleText(TrialRule rule) {
    return wordFor(rule, rules);
}
std::string_view trialRuleTitle(TrialRule rule) {
    return titles[static_cast<std::size_t>(rule)];
}

Json toJson(const HydrostaticPolicy& policy) {
    return policyFields().write(policy);
}

Expected<HydrostaticPolicy> hydrostaticPolicyFromJson(const Json& json, const std::string& where) {
    return readPolicy(json, where, policyFields(), unusable);
}

DocumentKind hydrostaticPolicyKind() {
    return {"Policy of an underwater weighing", policyFields().notes()};
}

} // namespace fusain

#include "procedure/tank/result.hpp"

#include "core/water/tank_filling.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/hydrostatic/body_density.hpp"
#include "core/lung/static_volumes.hpp"
#include "core/lung/vital_capacity.hpp"
#include "core/numeric/statistics.hpp"
#include "core/water/density.hpp"
#include "procedure/method/result_json.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

std::optional<Litres> largestVitalCapacity(const HydrostaticTest& test) {
    std::optional<Litres> largest;
    for (const VitalCapacityEffort& effort : test.efforts)
        if (effort.acceptable && (!largest || effort.volume > *largest))
            largest = effort.volume;
    return largest;
}

Expected<ResidualVolumeUsed> residualVolumeFor(const HydrostaticTest& test, const HydrostaticPolicy& policy,
                                               const WhatIf& whatIf) {
    if (whatIf.lungGas)
        return ResidualVolumeUsed{
            *whatIf.lungGas, policy.measuredResidualVolumeError, true, "what if", {}, true};
    if (test.residualVolume && !whatIf.residualVolumeEquation)
        return ResidualVolumeUsed{test.residualVolume->volume,
                                  policy.measuredResidualVolumeError,
                                  true,
                                  test.residualVolume->method,
                                  {},
                                  true};
    return predictResidualVolume(whatIf.residualVolumeEquation.value_or(policy.residualVolumeEquation),
                                 test.subject.sex, test.subject.height, test.subject.age,
                                 largestVitalCapacity(test));
}

struct Underwater {
    hydrostatic::TrialJudgement judgement;
    Measured<Kilograms> net;
};

Underwater underwaterMass(const HydrostaticTest& test, const HydrostaticPolicy& policy) {
    const hydrostatic::TrialPolicy& rule = policy.trials;
    std::vector<hydrostatic::TrialReading> readings;
    for (const WeighingTrial& trial : test.trials)
        if (trial.counts())
            readings.push_back({trial.number, trial.net()});
    Underwater result{hydrostatic::judgeTrials(readings, rule)};
    std::vector<double> used;
    double readingVariance = 0.0;
    for (const WeighingTrial& trial : test.trials)
        if (std::ranges::find(result.judgement.used, trial.number) != result.judgement.used.end()) {
            used.push_back(trial.net().value());
            readingVariance += trial.standardError.value() * trial.standardError.value();
        }
    if (used.empty())
        return result;
    const double n = static_cast<double>(used.size());
    result.net = Measured<Kilograms>(result.judgement.net, Source::UnderwaterReading,
                                     Kilograms(std::sqrt(readingVariance) / n))
                     .with(Source::BetweenTrials,
                           Kilograms(betweenTrialsError(used, policy.betweenTrialsFloor.value())));
    return result;
}

/// A check that a trial in use was taken under and that did not agree; null when there is none.
const LoadCellCheck* disagreeingCheck(const hydrostatic::TrialJudgement& judgement,
                                      const HydrostaticTest& test) {
    for (const int number : judgement.used) {
        const WeighingTrial* trial = test.trials.find(number);
        const LoadCellCheck* check = trial ? test.loadCellChecks.find(trial->check) : nullptr;
        if (check && !check->agrees())
            return check;
    }
    return nullptr;
}

void flagResult(HydrostaticResult& result, const HydrostaticTest& test) {
    auto& flags = result.flags;
    flagBody(result);
    if (water::judgeTemperature(result.inputs.waterTemperature.estimate()) ==
        water::TemperatureVerdict::Unusual)
        flags.push_back(
            {FUSAIN_TEXT("Water at {1} °C, outside the comfort range of {2} to {3} °C."),
             {fixed(result.inputs.waterTemperature.estimate().value(), 1),
              fixed(water::leastComfortable.value(), 0), fixed(water::mostComfortable.value(), 0)}});
    if (!result.residualVolume.withinValidity)
        flags.push_back(
            {FUSAIN_TEXT("Height or age is outside the validated range of the residual-volume equation."), {}});
    if (result.trials.verdict != hydrostatic::TrialVerdict::Enough)
        flags.push_back({FUSAIN_TEXT("The trials do not meet the lab's rule: they differ by {1} kg."),
                         {fixed(result.trials.spread.value(), 2)}});
    if (result.trials.rising)
        flags.push_back(
            {FUSAIN_TEXT("The trials were still rising: the breathing out may not have been complete."), {}});
    if (const auto capacity = largestVitalCapacity(test)) {
        const double expected =
            lung::forcedVitalCapacityHankinson1999(test.subject.sex, test.subject.height, test.subject.age)
                .volume.value();
        const double ratio = capacity->value() / expected;
        if (ratio < 0.7 || ratio > 1.3)
            flags.push_back({FUSAIN_TEXT("The vital capacity is {1} % of what is expected for height and age."),
                             {fixed(100.0 * ratio, 0)}});
    }
    if (const LoadCellCheck* wrong = disagreeingCheck(result.trials, test))
        flags.push_back({FUSAIN_TEXT("The load cell was {1} kg off its reference mass."),
                         {signedFixed(wrong->error().value(), 3)}});
}

} // namespace

double betweenTrialsError(std::span<const double> used, double floor) {
    if (used.size() < 2)
        return 0.05;
    return std::max(floor, statistics::standardDeviation(used)) / std::sqrt(static_cast<double>(used.size()));
}

Expected<ResidualVolumeUsed> predictResidualVolume(const std::string& equation, Sex sex, Metres height,
                                                   Years age, std::optional<Litres> vitalCapacity) {
    lung::PredictedVolume predicted{};
    std::string how;
    if (age < anthropometry::adultEquationsAge && equation != "lung.residual-volume.polgar-1971")
        return failure(
            {FUSAIN_TEXT("No equation for adults may predict the residual volume of a child."), {}}, {},
            {FUSAIN_TEXT("Measure it, or record the value and method of a measurement elsewhere."), {}});
    if (equation == "lung.residual-volume.crapo-1982") {
        predicted = lung::residualVolumeCrapo1982(sex, height, age);
        how = "Crapo 1982";
    } else if (equation == "lung.residual-volume.ecsc-1993") {
        predicted = lung::residualVolumeEcsc1993(sex, height, age);
        how = "Quanjer 1993";
    } else if (equation == "lung.residual-volume.wilmore-1969") {
        if (!vitalCapacity)
            return tl::unexpected(missingReading("vital capacity"));
        predicted = lung::residualVolumeWilmore1969(sex, *vitalCapacity, age);
        how = "Wilmore 1969";
    } else if (equation == "lung.residual-volume.polgar-1971") {
        predicted = lung::residualVolumePolgar1971(sex, height, age);
        how = "Polgar 1971, not yet verified";
    } else {
        return failure(
            {FUSAIN_TEXT("\"{1}\" is not a residual volume prediction of the catalogue."), {equation}});
    }
    return ResidualVolumeUsed{predicted.volume, predicted.standardError, false, how,
                              equation,         predicted.withinValidity};
}

Expected<HydrostaticResult> computeHydrostatic(const HydrostaticTest& test, const HydrostaticPolicy& policy,
                                               const WhatIf& whatIf) {
    if (!test.dryMass)
        return tl::unexpected(missingReading("dry mass"));
    if (!test.waterTemperature)
        return tl::unexpected(missingReading("water temperature"));
    HydrostaticResult result;
    const Underwater underwater = underwaterMass(test, policy);
    if (underwater.judgement.used.empty())
        return tl::unexpected(missingReading("a trial that counts"));
    const auto residual = residualVolumeFor(test, policy, whatIf);
    if (!residual)
        return tl::unexpected(residual.error());

    const auto conversion = chooseConversion(policy, test.subject, whatIf.conversion);
    if (!conversion)
        return tl::unexpected(conversion.error());
    result.mass = Kilograms(test.dryMass->value);
    result.conversion = conversion->id;
    result.constants = conversion->constants;
    setLungGas(result, Source::ResidualVolume, residual->measured);
    result.residualVolume = *residual;
    result.trials = underwater.judgement;
    result.inputs = {massOfTheDay(result.mass, policy.dryMassError, policy.day),
                     underwater.net,
                     Measured<Celsius>(Celsius(test.waterTemperature->value), Source::WaterTemperature,
                                       policy.waterTemperatureError),
                     lungVolume(Source::ResidualVolume,
                                {residual->volume, residual->standardError, residual->measured,
                                 policy.measuredResidualVolumeError},
                                policy.day.residualVolume),
                     Measured<Litres>(policy.gutGas, Source::GutGas, policy.gutGasError),
                     conversion->constants,
                     fatFreeDensitySpread(policy, test.subject, result.mass),
                     test.subject.height};
    const hydrostatic::Composition composition = hydrostatic::compose(result.inputs);
    result.waterDensity = composition.waterDensity;
    result.body = composition.body;
    flagResult(result, test);
    return result;
}

Json toJson(const HydrostaticResult& result, const HydrostaticTest& test, const HydrostaticPolicy& policy) {
    Json json = bodyJson(result);
    json["method"] = TankMethod::id;
    json["test"] = test.id;
    json["test_version"] = test.version;
    json["recipe"] = {
        {"engine", engineVersion},
        {"policy", policy.id},
        {"trial_rule", trialRuleText(policy.trials.rule)},
        {"conversion", result.conversion},
        {"residual_volume", result.residualVolume.measured ? "measured" : result.residualVolume.equation},
        {"water_density", "water.density.tanaka-2001"}};
    json["trials_used"] = result.trials.used;
    json["net_underwater_mass"] = {{"value", result.inputs.underwaterMass.estimate().value()}, {"unit", "kg"}};
    json["residual_volume"] = {{"value", result.residualVolume.volume.value()},
                               {"standard_error", result.residualVolume.standardError.value()},
                               {"unit", "L"},
                               {"how", result.residualVolume.how}};
    json["water_density"] = {{"value", result.waterDensity.value()}, {"unit", "kg/L"}};
    return json;
}

} // namespace fusain

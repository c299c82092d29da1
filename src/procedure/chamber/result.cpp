#include "procedure/chamber/result.hpp"

#include "core/airdisplacement/body_volume.hpp"
#include "core/anthropometry/ages.hpp"
#include "core/anthropometry/surface_area.hpp"
#include "core/units/format.hpp"
#include "procedure/method/result_json.hpp"

#include <algorithm>
#include <cmath>
#include <map>

namespace fusain {
namespace {

Expected<ThoracicGasUsed> thoracicGasFor(const ChamberTest& test, const ChamberPolicy& policy,
                                         const WhatIf& whatIf) {
    if (whatIf.lungGas)
        return ThoracicGasUsed{
            *whatIf.lungGas, policy.measuredThoracicGasError, true, FUSAIN_TEXT("what if"), {}, true};
    if (test.thoracicGas)
        return ThoracicGasUsed{test.thoracicGas->volume,
                               policy.measuredThoracicGasError,
                               true,
                               test.thoracicGas->method,
                               {},
                               true};
    return predictThoracicGas(test.subject, policy);
}

// Trials of the present set; all of them count as one opinion about the volume.
airdisplacement::TrialJudgement judge(const ChamberTest& test, const ChamberPolicy& policy) {
    std::vector<airdisplacement::VolumeReading> readings;
    for (const VolumeTrial& trial : test.trials)
        if (trial.counts() && trial.set == test.set)
            readings.push_back({trial.number, trial.volume});
    return airdisplacement::judgeVolumes(readings, test.set, policy.trials);
}

// Trials under one calibration share its error; the errors of two calibrations are independent.
Litres calibrationError(const airdisplacement::TrialJudgement& trials, const ChamberTest& test) {
    std::map<int, int> trialsUnder;
    for (const int number : trials.used)
        if (const VolumeTrial* trial = test.trials.find(number))
            ++trialsUnder[trial->calibration];
    double variance = 0.0;
    for (const auto& [number, count] : trialsUnder) {
        const ChamberCalibration* calibration = test.calibrations.find(number);
        if (!calibration || !calibration->fromPressures)
            continue;
        const double share = static_cast<double>(count) / static_cast<double>(trials.used.size());
        const double error = share * calibration->fromPressures->errorAt(trials.rawVolume).value();
        variance += error * error;
    }
    return Litres(std::sqrt(variance));
}

void flagResult(ChamberResult& result, const ChamberTest& test, const ChamberPolicy& policy) {
    flagBody(result);
    if (!result.thoracicGas.withinValidity)
        result.flags.push_back(
            {FUSAIN_TEXT("Height or age is outside the validated range of the thoracic-gas equation."), {}});
    if (test.set > 1)
        result.flags.push_back(
            {FUSAIN_TEXT("The first set of trials did not agree; the chamber was calibrated anew."), {}});
    const ScaleCheck* check = test.scaleChecks.heldAt(test.mass->at);
    if (check && std::abs(check->error().value()) > policy.scaleTolerance.value() + 1e-9)
        result.flags.push_back({FUSAIN_TEXT("The scale was {1} kg off its reference mass."),
                                {signedFixed(check->error().value(), 3)}});
}

// What the body takes up and gives off from day to day, as the chamber sees it. The tank sees it on land only:
// water weighs nothing in water.
Measured<Litres> onThisDay(const Measured<Litres>& volume, const DayToDay& day) {
    return volume.with(Source::BodyWaterOfTheDay, Litres(day.bodyWater.value() / bodyWaterDensity))
        .with(Source::GutContentOfTheDay, Litres(day.gutContent.value() / gutContentDensity))
        .with(Source::GutGas, isothermalShare * day.gutGas);
}

} // namespace

Expected<ThoracicGasUsed> predictThoracicGas(const TestSubject& subject, const ChamberPolicy& policy) {
    const bool child = subject.age < anthropometry::adultEquationsAge;
    const auto predicted =
        child ? airdisplacement::thoracicGasFields2004(subject.sex, subject.height, subject.age)
              : airdisplacement::thoracicGasAdult(subject.sex, subject.height, subject.age);
    if (child && !predicted.withinValidity)
        return failure({FUSAIN_TEXT("No equation predicts the thoracic gas of this child."), {}}, {},
                       {FUSAIN_TEXT("Measure it by panting, or record a measurement made elsewhere."), {}});
    return ThoracicGasUsed{predicted.volume,
                           child ? predicted.standardError : policy.predictedThoracicGasError,
                           false,
                           child ? "Fields 2004" : "Crapo 1982 and half a tidal volume",
                           child ? "chamber.thoracic-gas.fields-2004" : "chamber.thoracic-gas.adult",
                           predicted.withinValidity};
}

Expected<ChamberResult> computeChamber(const ChamberTest& test, const ChamberPolicy& policy,
                                       const WhatIf& whatIf) {
    if (!test.mass)
        return tl::unexpected(missingReading("mass"));
    ChamberResult result;
    result.trials = judge(test, policy);
    if (result.trials.verdict != airdisplacement::TrialVerdict::Enough)
        return tl::unexpected(missingReading("two volume trials that agree"));
    const auto gas = thoracicGasFor(test, policy, whatIf);
    if (!gas)
        return tl::unexpected(gas.error());
    const auto conversion = chooseConversion(policy, test.subject, whatIf.conversion);
    if (!conversion)
        return tl::unexpected(conversion.error());

    result.mass = Kilograms(test.mass->value);
    result.conversion = conversion->id;
    result.constants = conversion->constants;
    setLungGas(result, Source::ThoracicGas, gas->measured);
    result.thoracicGas = *gas;
    const auto mass = massOfTheDay(result.mass, policy.dryMassError, policy.day);
    const SquareMetres area = anthropometry::surfaceAreaDuBois1916(result.mass, test.subject.height);
    const SquareCentimetres skin(squareCentimetres(area));
    const Litres artefact = airdisplacement::surfaceAreaArtefact(area);
    result.surfaceArea = {skin, Source::SurfaceArea, policy.surfaceAreaError * skin};
    // Negative as the artefact is: more skin, less volume.
    result.surfaceAreaArtefact = {artefact, Source::SurfaceArea, policy.surfaceAreaError * artefact};
    result.rawVolume =
        onThisDay({result.trials.rawVolume, Source::VolumeTrials,
                   policy.volumeTrialError / std::sqrt(static_cast<double>(result.trials.used.size()))},
                  policy.day);
    if (const Litres error = calibrationError(result.trials, test); error.value() > 0.0)
        result.rawVolume = result.rawVolume.with(Source::Calibration, error);
    const auto volume = airdisplacement::bodyVolume(airdisplacement::BodyInChamber<Measured>{
        .rawVolume = result.rawVolume,
        .surfaceAreaArtefact = result.surfaceAreaArtefact,
        .thoracicGas =
            lungVolume(Source::ThoracicGas,
                       {gas->volume, gas->standardError, gas->measured, policy.measuredThoracicGasError},
                       policy.day.thoracicGas)});
    result.body =
        compartments::bodyFrom(mass, volume, conversion->constants,
                               fatFreeDensitySpread(policy, test.subject, result.mass), test.subject.height);
    flagResult(result, test, policy);
    return result;
}

Json toJson(const ChamberResult& result, const ChamberTest& test, const ChamberPolicy& policy) {
    Json json = bodyJson(result);
    json["method"] = ChamberMethod::id;
    json["test"] = test.id;
    json["test_version"] = test.version;
    json["recipe"] = {{"engine", chamberEngineVersion},
                      {"policy", policy.id},
                      {"conversion", result.conversion},
                      {"thoracic_gas", result.thoracicGas.measured ? "measured" : result.thoracicGas.equation},
                      {"surface_area", "anthropometry.surface-area.dubois-1916"}};
    json["trials_used"] = result.trials.used;
    json["raw_volume"] = {{"value", result.rawVolume.estimate().value()}, {"unit", "L"}};
    json["surface_area_artefact"] = {{"value", result.surfaceAreaArtefact.estimate().value()}, {"unit", "L"}};
    json["thoracic_gas"] = {{"value", result.thoracicGas.volume.value()},
                            {"standard_error", result.thoracicGas.standardError.value()},
                            {"unit", "L"},
                            {"how", result.thoracicGas.how}};
    return json;
}

} // namespace fusain

#include "procedure/chamber_procedure.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain {
namespace {

using Done = ChamberProcedure::Done;
using enum ChamberStep;

} // namespace

std::span<const StepText> chamberSteps() {
    static constexpr std::array texts = std::to_array<StepText>({
        {"warm-up", FUSAIN_TEXT("Warmed up"),
         FUSAIN_TEXT("The chamber has been on for half an hour; door and windows of the room are shut."),
         StepKind::Confirm},
        {"scale", FUSAIN_TEXT("Scale check"),
         FUSAIN_TEXT("Empty the scale, zero it, then put the reference masses on."), StepKind::Check},
        {"calibration", FUSAIN_TEXT("Calibration"),
         FUSAIN_TEXT("First the empty chamber, then with the cylinder inside. Take the cylinder out again."),
         StepKind::Reading},
        {"screening", FUSAIN_TEXT("Screening"),
         FUSAIN_TEXT("Show the release control inside: the door is held by magnets and never locks."),
         StepKind::Screening},
        {"readiness", FUSAIN_TEXT("Readiness"),
         FUSAIN_TEXT("Ask how the client prepared; look at swimwear, cap and jewellery."), StepKind::Readiness},
        {"mass", FUSAIN_TEXT("Mass"),
         FUSAIN_TEXT("In swimwear and cap, bladder emptied, on the chamber's scale."), StepKind::Reading},
        {"volume-trials", FUSAIN_TEXT("Volume trials"),
         FUSAIN_TEXT("Close the door without leaning on it. Sit still, hands in the lap, breathe quietly. Open "
                     "the door "
                     "between trials."),
         StepKind::Reading},
        {"thoracic-gas", FUSAIN_TEXT("Thoracic gas"),
         FUSAIN_TEXT("Nose clip on, breathe through the tube; when it closes, three gentle puffs with the "
                     "cheeks held."),
         StepKind::OptionalReading},
        {"result", FUSAIN_TEXT("Result"), FUSAIN_TEXT("Read the result and its interval."), StepKind::Confirm},
        {"interpretation", FUSAIN_TEXT("Interpretation"), FUSAIN_TEXT("Say what it means, in your own words."),
         StepKind::Interpretation},
        {"sign", FUSAIN_TEXT("Sign"), FUSAIN_TEXT("Signing locks the readings."), StepKind::Sign},
        {"report", FUSAIN_TEXT("Report"),
         FUSAIN_TEXT("Preview, print or save the client copy and the lab copy."), StepKind::Afterwards},
        {"after", FUSAIN_TEXT("After"),
         FUSAIN_TEXT("Wipe the seat, wash the cap, throw the tube's filter away."), StepKind::Afterwards},
    });
    return texts;
}

airdisplacement::TrialJudgement ChamberProcedure::trials() const {
    std::vector<airdisplacement::VolumeReading> readings;
    for (const VolumeTrial& trial : test_.trials)
        if (trial.counts() && trial.set == test_.set)
            readings.push_back({trial.number, trial.volume});
    return airdisplacement::judgeVolumes(readings, test_.set, setting_.policy.trials);
}

bool ChamberProcedure::readingDone(Step step) const {
    switch (step.as<ChamberStep>()) {
    case Scale:
        return test_.scale &&
               std::abs(test_.scale->error().value()) <= setting_.policy.scaleTolerance.value() + 1e-9;
    case Calibration:
        return test_.calibration && std::abs(test_.calibration->error().value()) <= cylinderTolerance + 1e-9;
    case Mass:
        return test_.mass.has_value();
    case VolumeTrials:
        return trials().verdict == airdisplacement::TrialVerdict::Enough;
    case ThoracicGas:
        return test_.thoracicGas.has_value();
    default:
        return false;
    }
}

bool ChamberProcedure::needsAttention(Step step) const {
    return (step == Scale && test_.scale && !isDone(step)) ||
           (step == Calibration && test_.calibration && !isDone(step));
}

std::vector<Step> ChamberProcedure::requiredFor(Step step) const {
    switch (step.as<ChamberStep>()) {
    case Mass:
        return {Screening};
    case VolumeTrials:
        return {Scale, Calibration, Screening, Readiness, Mass};
    case ThoracicGas:
        return {VolumeTrials};
    case Result:
    case Interpretation:
        return {VolumeTrials, ThoracicGas};
    case Sign:
        return {Result, Interpretation};
    case Report:
        return {Sign};
    default:
        return {};
    }
}

Done ChamberProcedure::checkScale(Kilograms nominal, Kilograms reading) {
    if (!(nominal.value() >= 1.0 && nominal.value() <= 200.0) || !std::isfinite(reading.value()))
        return refused({FUSAIN_TEXT("A reference mass for the scale lies between 1 and 200 kg."), {}},
                       {FUSAIN_TEXT("Check the numbers."), {}});
    return appendOpen("scale.checked", toJson(ScaleCheck{nominal, reading, now()}));
}

Done ChamberProcedure::calibrate(const airdisplacement::Calibration& calibration) {
    return appendOpen("chamber.calibrated", toJson(ChamberCalibration{calibration, calibration.cylinderVolume,
                                                                      calibration.cylinderVolume, now()}));
}

Done ChamberProcedure::calibrateTyped(Litres certified, Litres reading) {
    if (!(certified.value() >= 5.0 && certified.value() <= 150.0) ||
        !(reading.value() >= 0.5 * certified.value() && reading.value() <= 2.0 * certified.value()))
        return refused({FUSAIN_TEXT("A cylinder holds 5 to 150 L, and its reading lies near that."), {}},
                       {FUSAIN_TEXT("Type litres: the certificate's, then the chamber's."), {}});
    return appendOpen("chamber.calibrated",
                      toJson(ChamberCalibration{std::nullopt, certified, reading, now()}));
}

Done ChamberProcedure::weigh(Kilograms mass, Origin origin) {
    if (auto obstacle = obstacleTo(Mass))
        return refused(*obstacle, {});
    if (!(mass.value() >= 10.0 && mass.value() <= 250.0))
        return refused(
            {FUSAIN_TEXT("A mass of {1} kg cannot be right."), {fixed(mass.value(), 2)}},
            {FUSAIN_TEXT("It lies between 10 and 250 kg. Check the unit and what stands on the scale."), {}});
    return appendOpen("mass.read", toJson(Reading{mass.value(), origin, now()}));
}

Done ChamberProcedure::acceptTrial(Litres volume, Litres standardError, Origin origin,
                                   const std::string& reading,
                                   std::vector<airdisplacement::PressureSample> samples) {
    if (auto obstacle = obstacleTo(VolumeTrials))
        return refused(*obstacle, {});
    switch (trials().verdict) {
    case airdisplacement::TrialVerdict::Recalibrate:
        return refused(trials().message, {FUSAIN_TEXT("Start over with a new calibration."), {}});
    case airdisplacement::TrialVerdict::EndSession:
        return refused(trials().message, {FUSAIN_TEXT("End the test with a reason."), {}});
    default:
        break;
    }
    if (!(volume.value() >= 5.0 && volume.value() <= 300.0))
        return refused(
            {FUSAIN_TEXT("A raw volume of {1} L cannot be right."), {fixed(volume.value(), 3)}},
            {FUSAIN_TEXT("It lies near the mass in kilograms, a little below. Check the reading."), {}});
    if (!airdisplacement::plausibleRawVolume(Kilograms(test_.mass->value), volume))
        return refused(
            {FUSAIN_TEXT("{1} L does not go with a mass of {2} kg: no living body has that density."),
             {fixed(volume.value(), 3), fixed(test_.mass->value, 2)}},
            {FUSAIN_TEXT("Is the cylinder still inside? Check the reading and the mass."), {}});
    return appendOpen("volume.accepted", toJson(VolumeTrial{static_cast<int>(test_.trials.size()) + 1,
                                                            test_.set,
                                                            volume,
                                                            standardError,
                                                            origin,
                                                            now(),
                                                            {},
                                                            reading,
                                                            std::move(samples)}));
}

Done ChamberProcedure::setAside(int trial, const std::string& reason) {
    if (blank(reason))
        return refused({FUSAIN_TEXT("Setting a trial aside needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    if (std::ranges::find(test_.trials, trial, &VolumeTrial::number) == test_.trials.end())
        return refused({FUSAIN_TEXT("There is no trial {1}."), {std::to_string(trial)}}, {});
    return appendOpen("volume.set-aside", {{"number", trial}, {"reason", reason}});
}

Done ChamberProcedure::restore(int trial) {
    return appendOpen("volume.restored", {{"number", trial}});
}

Done ChamberProcedure::startOver(const std::string& reason) {
    if (blank(reason))
        return refused({FUSAIN_TEXT("Starting over needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    if (test_.set >= setting_.policy.trials.sets)
        return refused({FUSAIN_TEXT("The session has been started over before; the policy allows {1} sets."),
                        {std::to_string(setting_.policy.trials.sets)}},
                       {FUSAIN_TEXT("End the test with a reason and rebook."), {}});
    return appendOpen("chamber.started-over", {{"reason", reason}});
}

Done ChamberProcedure::measureThoracicGas(Litres volume, const std::string& method) {
    if (!(volume.value() >= 0.5 && volume.value() <= 8.0))
        return refused({FUSAIN_TEXT("{1} L of thoracic gas cannot be right."), {fixed(volume.value(), 2)}},
                       {FUSAIN_TEXT("It lies between 0.5 and 8 L."), {}});
    if (blank(method))
        return refused({FUSAIN_TEXT("Measured thoracic gas needs its method."), {}},
                       {FUSAIN_TEXT("For example panting, or plethysmography elsewhere."), {}});
    return appendOpen("thoracic-gas.measured", toJson(MeasuredThoracicGas{volume, method, now()}));
}

} // namespace fusain

#include "procedure/chamber/procedure.hpp"

#include "core/anthropometry/limits.hpp"
#include "core/anthropometry/surface_area.hpp"
#include "core/units/comparison.hpp"
#include "procedure/chamber/events.hpp"
#include "procedure/chamber/result.hpp"
#include "procedure/method/result_json.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

using Done = Procedure::Done;

constexpr std::string_view pressureReader = "chamber-pressures 1";

constexpr NumberedWords words{FUSAIN_TEXT("Excluding a trial needs a reason."),
                              FUSAIN_TEXT("There is no trial {1}.")};

} // namespace

airdisplacement::TrialJudgement ChamberProcedure::trials() const {
    std::vector<airdisplacement::VolumeReading> readings;
    for (const VolumeTrial& trial : test_.trials)
        if (trial.counts() && trial.set == test_.set)
            readings.push_back({trial.number, trial.volume});
    return airdisplacement::judgeVolumes(readings, test_.set, setting_.policy.trials);
}

std::optional<Json> ChamberProcedure::resultDocument() const {
    const auto result = computeChamber(test_, setting_.policy, {});
    return result ? std::optional(numbersOf(toJson(*result, test_, setting_.policy))) : std::nullopt;
}

bool ChamberProcedure::readingDone(Step step) const {
    using enum ChamberStep;
    switch (step.as<ChamberStep>()) {
    case Scale:
        return test_.scale() &&
               within(std::abs(test_.scale()->error().value()), setting_.policy.scaleTolerance.value());
    case Calibration:
        return test_.calibration() &&
               within(std::abs(test_.calibration()->error().value()), cylinderTolerance.value());
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
    return (step == ChamberStep::Scale && test_.scale() && !isDone(step)) ||
           (step == ChamberStep::Calibration && test_.calibration() && !isDone(step));
}

Done ChamberProcedure::checkScale(Kilograms nominal, Kilograms reading, const Attribution& from) {
    if (!(nominal.value() >= 1.0 && nominal.value() <= 200.0) || !std::isfinite(reading.value()))
        return refused({FUSAIN_TEXT("A reference mass for the scale is 1 to 200 kg."), {}},
                       {FUSAIN_TEXT("Check the numbers."), {}});
    return keep<chamber::ScaleChecked>(
        ScaleCheck{{from, test_.scaleChecks.nextNumber(), {}}, nominal, reading});
}

Done ChamberProcedure::calibrate(const airdisplacement::Calibration& calibration, const Attribution& from) {
    return keep<chamber::Calibrated>(ChamberCalibration{{from, test_.calibrations.nextNumber(), {}},
                                                        test_.set,
                                                        calibration,
                                                        calibration.cylinderVolume,
                                                        calibration.cylinderVolume});
}

Done ChamberProcedure::calibrateTyped(Litres certified, Litres reading, const Attribution& from) {
    if (!(certified.value() >= 5.0 && certified.value() <= 150.0) ||
        !(reading.value() >= 0.5 * certified.value() && reading.value() <= 2.0 * certified.value()))
        return refused({FUSAIN_TEXT("A cylinder is 5 to 150 L, and its reading is close to that."), {}},
                       {FUSAIN_TEXT("Type litres: the certificate's, then the chamber's."), {}});
    return keep<chamber::Calibrated>(ChamberCalibration{
        {from, test_.calibrations.nextNumber(), {}}, test_.set, std::nullopt, certified, reading});
}

Done ChamberProcedure::weigh(Kilograms mass, const Attribution& from, const std::string& keptBecause) {
    return readMass<chamber::MassRead>(ChamberStep::Mass, mass, anthropometry::plausibleMassInChamber, from,
                                       keptBecause);
}

Done ChamberProcedure::acceptTrial(Litres volume, Litres standardError, const Attribution& from) {
    return keepTrial({{from, 0, {}}, test_.set, 0, volume, standardError, {}, {}});
}

std::optional<airdisplacement::VolumeReadingResult>
ChamberProcedure::read(std::span<const airdisplacement::PressureSample> samples) const {
    return readUnder(test_.calibration(), samples);
}

std::optional<airdisplacement::VolumeReadingResult>
ChamberProcedure::readAgain(const VolumeTrial& trial) const {
    return readUnder(test_.calibrations.find(trial.calibration), trial.pressures.samples);
}

std::optional<airdisplacement::VolumeReadingResult>
ChamberProcedure::readUnder(const ChamberCalibration* calibration,
                            std::span<const airdisplacement::PressureSample> samples) const {
    if (!calibration || !calibration->fromPressures || !test_.mass)
        return std::nullopt;
    const Kilograms mass(test_.mass->value);
    return airdisplacement::readVolume(
        samples, *calibration->fromPressures,
        {mass, anthropometry::surfaceAreaDuBois1916(mass, test_.subject.height)});
}

Done ChamberProcedure::acceptPressures(std::vector<airdisplacement::PressureSample> samples,
                                       const Attribution& from) {
    const auto reading = read(samples);
    if (!reading)
        return refused({FUSAIN_TEXT("Recorded pressures need a calibration of this chamber and the mass."), {}},
                       {});
    if (!reading->readable())
        return refused(reading->message(), {FUSAIN_TEXT("Repeat the trial."), {}});
    return keepTrial({{from, 0, {}},
                      test_.set,
                      0,
                      reading->volume,
                      reading->standardError,
                      {std::string(pressureReader), "readable"},
                      std::move(samples)});
}

Done ChamberProcedure::keepTrial(VolumeTrial trial) {
    if (auto obstacle = obstacleTo(ChamberStep::VolumeTrials))
        return refused(*obstacle, {});
    if (auto sameCalibration = takenBefore<chamber::Calibrated, chamber::StartedOver>(
            trial, {FUSAIN_TEXT("The chamber was calibrated again after this volume was recorded."), {}});
        !sameCalibration)
        return sameCalibration;
    switch (trials().verdict) {
    case airdisplacement::TrialVerdict::Recalibrate:
        return refused(trials().message, {FUSAIN_TEXT("Start over with a new calibration."), {}});
    case airdisplacement::TrialVerdict::EndSession:
        return refused(trials().message, {FUSAIN_TEXT("End the test with a reason."), {}});
    default:
        break;
    }
    if (!(trial.volume.value() >= 5.0 && trial.volume.value() <= 300.0))
        return refused({FUSAIN_TEXT("Raw volume {1} L is out of range."), {fixed(trial.volume.value(), 3)}},
                       {FUSAIN_TEXT("It is a little below the mass in kilograms. Check the reading."), {}});
    if (!airdisplacement::plausibleRawVolume(Kilograms(test_.mass->value), trial.volume))
        return refused(
            {FUSAIN_TEXT("{1} L does not go with a mass of {2} kg: no living body has that density."),
             {fixed(trial.volume.value(), 3), fixed(test_.mass->value, 2)}},
            {FUSAIN_TEXT("Is the cylinder still inside? Check the reading and the mass."), {}});
    trial.number = test_.trials.nextNumber();
    trial.calibration = test_.calibration() ? test_.calibration()->number : 0;
    return keep<chamber::VolumeAccepted>(std::move(trial));
}

Done ChamberProcedure::setAside(int number, const std::string& reason) {
    return setNumberedAside<chamber::VolumeSetAside>(words, number, test_.trials.find(number), reason);
}

Done ChamberProcedure::restore(int number) {
    return restoreNumbered<chamber::VolumeRestored>(words, number, test_.trials.find(number));
}

Done ChamberProcedure::startOver(const std::string& reason) {
    if (blank(reason))
        return refused({FUSAIN_TEXT("Starting over needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    if (test_.set >= setting_.policy.trials.sets)
        return refused({FUSAIN_TEXT("The session has been started over before; the policy allows {1} sets."),
                        {std::to_string(setting_.policy.trials.sets)}},
                       {FUSAIN_TEXT("End the test with a reason and rebook."), {}});
    return appendOpen(chamber::StartedOver{reason});
}

Done ChamberProcedure::measureThoracicGas(Litres volume, const std::string& method, const Attribution& from) {
    if (!(volume.value() >= 0.5 && volume.value() <= 8.0))
        return refused({FUSAIN_TEXT("Thoracic gas volume {1} L is out of range."), {fixed(volume.value(), 2)}},
                       {FUSAIN_TEXT("The range is 0.5 to 8 L."), {}});
    if (blank(method))
        return refused({FUSAIN_TEXT("Measured thoracic gas needs its method."), {}},
                       {FUSAIN_TEXT("For example panting, or plethysmography elsewhere."), {}});
    // What was measured elsewhere is no breath against the closed tube.
    if (const auto bar = barTo(ChamberStep::ThoracicGas); bar && from.origin == Origin::Link)
        return refused(*bar,
                       {FUSAIN_TEXT("Use the predicted volume, or one that was measured elsewhere."), {}});
    return keep<chamber::ThoracicGasMeasured>(MeasuredThoracicGas{from, volume, method});
}

} // namespace fusain

#include "procedure/tank/procedure.hpp"

#include "core/anthropometry/limits.hpp"
#include "core/units/comparison.hpp"
#include "core/water/density.hpp"
#include "procedure/method/result_json.hpp"
#include "procedure/tank/events.hpp"
#include "procedure/tank/result.hpp"
#include "record/base/json.hpp"

#include <algorithm>

namespace fusain {
namespace {

using Done = Procedure::Done;

std::vector<hydrostatic::TrialReading> countingTrials(const HydrostaticTest& test) {
    std::vector<hydrostatic::TrialReading> readings;
    for (const WeighingTrial& trial : test.trials)
        if (trial.counts())
            readings.push_back({trial.number, trial.net()});
    return readings;
}

constexpr std::string_view traceReader = "weighing-trace 1";

constexpr NumberedWords words{FUSAIN_TEXT("Excluding a trial needs a reason."),
                              FUSAIN_TEXT("There is no trial {1}.")};

} // namespace

std::optional<Json> HydrostaticProcedure::resultDocument() const {
    const auto result = computeHydrostatic(test_, setting_.policy, {});
    return result ? std::optional(numbersOf(toJson(*result, test_, setting_.policy))) : std::nullopt;
}

bool HydrostaticProcedure::readingDone(Step step) const {
    using enum HydrostaticStep;
    switch (step.as<HydrostaticStep>()) {
    case LoadCell:
        return test_.loadCell() && test_.loadCell()->agrees();
    case WaterTemperature:
        return test_.waterTemperature.has_value();
    case DryMass:
        return test_.dryMass.has_value();
    case VitalCapacity:
        return test_.residualVolume || vitalCapacity().verdict != lung::SessionVerdict::NeedMore;
    case Trials:
        return trials().verdict != hydrostatic::TrialVerdict::NeedMore;
    default:
        return false;
    }
}

bool HydrostaticProcedure::needsAttention(Step step) const {
    return step == HydrostaticStep::LoadCell && test_.loadCell() && !isDone(step);
}

lung::SessionJudgement HydrostaticProcedure::vitalCapacity() const {
    std::vector<lung::Effort> efforts;
    for (const VitalCapacityEffort& effort : test_.efforts)
        efforts.push_back({effort.volume, effort.acceptable});
    return lung::judgeSession(efforts, test_.subject.age);
}

hydrostatic::TrialJudgement HydrostaticProcedure::trials() const {
    return hydrostatic::judgeTrials(countingTrials(test_), setting_.policy.trials);
}

Done HydrostaticProcedure::checkLoadCell(Kilograms tare, Kilograms referenceNominal, Kilograms referenceReading,
                                         const Attribution& from) {
    if (!(referenceNominal.value() >= 0.5 && referenceNominal.value() <= 50.0) ||
        !(std::abs(tare.value()) <= 60.0) || !std::isfinite(referenceReading.value()))
        return refused(
            {FUSAIN_TEXT("A reference mass is 0.5 to 50 kg, and chair and belt are below 60 kg."), {}},
            {FUSAIN_TEXT("Check the numbers."), {}});
    return keep<tank::LoadCellChecked>(
        LoadCellCheck{{from, test_.loadCellChecks.nextNumber(), {}}, tare, referenceNominal, referenceReading});
}

Done HydrostaticProcedure::readWaterTemperature(Celsius temperature, const Attribution& from) {
    if (water::judgeTemperature(temperature) == water::TemperatureVerdict::Refused)
        return refused(
            {FUSAIN_TEXT("Water at {1} °C: no test below 20 or above 40 °C."), {fixed(temperature.value(), 1)}},
            {FUSAIN_TEXT("Check the thermometer and its unit, or warm or cool the water."), {}});
    return keep<tank::WaterTemperatureRead>(Reading{from, temperature.value()});
}

Done HydrostaticProcedure::weighDry(Kilograms mass, const Attribution& from, const std::string& keptBecause) {
    if (!anthropometry::plausibleMass.holds(mass))
        return refused(
            {FUSAIN_TEXT("Dry mass {1} kg is out of range."), {fixed(mass.value(), 2)}},
            {FUSAIN_TEXT("The range is 10 to 300 kg. Check the unit: pounds are converted only in US units."),
             {}});
    return keep<tank::DryMassRead>(Reading{from, mass.value()}, keptBecause);
}

Done HydrostaticProcedure::readRoom(Celsius temperature, MillimetresOfMercury pressure,
                                    const Attribution& from) {
    if (!(temperature.value() >= 10.0 && temperature.value() <= 45.0) ||
        !(pressure.value() >= 500.0 && pressure.value() <= 820.0))
        return refused({FUSAIN_TEXT("Room temperature is 10 to 45 °C, air pressure 500 to 820 mmHg."), {}},
                       {FUSAIN_TEXT("Check the units: 760 mmHg is 1013 hPa."), {}});
    const auto own = attributed(from);
    if (!own)
        return tl::unexpected(own.error());
    return appendOpen(tank::RoomRead{{*own, temperature.value()}, {*own, pressure.value()}});
}

bool HydrostaticProcedure::possibleVitalCapacity(Litres volume) {
    return volume.value() >= 0.5 && volume.value() <= 10.0;
}

Done HydrostaticProcedure::addEffort(Litres volume, bool acceptable, const std::string& remark,
                                     const Attribution& from) {
    if (test_.efforts.size() >= static_cast<std::size_t>(lung::maximumManoeuvres))
        return refused({FUSAIN_TEXT("Eight efforts are the most for one session."), {}},
                       {FUSAIN_TEXT("Use the largest, or rebook."), {}});
    if (!possibleVitalCapacity(volume))
        return refused({FUSAIN_TEXT("Vital capacity {1} L is out of range."), {fixed(volume.value(), 2)}},
                       {FUSAIN_TEXT("The range is 0.5 to 10 L."), {}});
    return keep<tank::VitalCapacityAdded>(
        VitalCapacityEffort{from, static_cast<int>(test_.efforts.size()) + 1, volume, acceptable, remark});
}

Done HydrostaticProcedure::measureResidualVolume(Litres volume, const std::string& method,
                                                 const Attribution& from) {
    if (!(volume.value() >= 0.2 && volume.value() <= 5.0))
        return refused({FUSAIN_TEXT("Residual volume {1} L is out of range."), {fixed(volume.value(), 2)}},
                       {FUSAIN_TEXT("The range is 0.2 to 5 L."), {}});
    if (blank(method))
        return refused({FUSAIN_TEXT("A measured residual volume needs its method."), {}},
                       {FUSAIN_TEXT("For example oxygen dilution, helium or plethysmography."), {}});
    return keep<tank::ResidualVolumeMeasured>(MeasuredResidualVolume{from, volume, method});
}

Done HydrostaticProcedure::acceptTrial(Kilograms gross, Kilograms standardError, const Attribution& from) {
    return keepTrial({{from, 0, {}}, gross, standardError, 0, {}, {}, {}});
}

Done HydrostaticProcedure::acceptTrace(std::vector<hydrostatic::ForceSample> trace, const Attribution& from) {
    const Kilograms tare = test_.loadCell() ? test_.loadCell()->tare : Kilograms(0.0);
    const hydrostatic::TraceReading reading = hydrostatic::analyseTrace(trace, tare);
    if (reading.verdict != hydrostatic::TraceVerdict::Readable)
        return refused(reading.message(), {FUSAIN_TEXT("Repeat the trial."), {}});
    return keepTrial({{from, 0, {}},
                      reading.gross,
                      reading.standardError,
                      0,
                      {},
                      {std::string(traceReader), "readable"},
                      std::move(trace)});
}

Done HydrostaticProcedure::recordedUnderThisCheck(const Attribution& from) const {
    return takenBefore<tank::LoadCellChecked>(
        from, {FUSAIN_TEXT("The load cell was checked again after this trial was recorded."), {}});
}

Done HydrostaticProcedure::keepTrial(WeighingTrial trial) {
    if (auto obstacle = obstacleTo(HydrostaticStep::Trials))
        return refused(*obstacle, {});
    if (auto same = recordedUnderThisCheck(trial); !same)
        return same;
    if (test_.trials.counting() >= setting_.policy.trials.maximumTrials)
        return refused({FUSAIN_TEXT("{1} trials are the most for one session."),
                        {std::to_string(setting_.policy.trials.maximumTrials)}},
                       {FUSAIN_TEXT("Use what there is, or rebook."), {}});
    if (const LoadCellCheck* check = test_.loadCell()) {
        trial.check = check->number;
        trial.tare = check->tare;
    }
    const Kilograms net = trial.net();
    if (!std::isfinite(net.value()) || !(trial.standardError.value() >= 0.0) ||
        net.value() >= test_.dryMass->value)
        return refused({FUSAIN_TEXT("{1} kg under water is not below the dry mass of {2} kg."),
                        {fixed(net.value(), 2), fixed(test_.dryMass->value, 2)}},
                       {FUSAIN_TEXT("Check the reading, the tare and the units."), {}});
    if (std::abs(net.value()) > 15.0)
        return refused(
            {FUSAIN_TEXT("Underwater mass {1} kg is out of range (−15 to 15 kg)."), {fixed(net.value(), 2)}},
            {FUSAIN_TEXT("Check the reading, the tare and the belt."), {}});
    trial.number = test_.trials.nextNumber();
    return keep<tank::TrialAccepted>(std::move(trial));
}

std::optional<Instant> HydrostaticProcedure::restUntil() const {
    if (test_.trials.size() == 0)
        return std::nullopt;
    return test_.trials[test_.trials.size() - 1].at.plusMinutes(setting_.policy.restBetweenDives.value() /
                                                                60.0);
}

Done HydrostaticProcedure::setAside(int number, const std::string& reason) {
    return setNumberedAside<tank::TrialSetAside>(words, number, test_.trials.find(number), reason);
}

Done HydrostaticProcedure::restore(int number) {
    const WeighingTrial* trial = test_.trials.find(number);
    if (trial && !trial->counts() && test_.trials.counting() >= setting_.policy.trials.maximumTrials)
        return refused({FUSAIN_TEXT("{1} trials are the most for one session."),
                        {std::to_string(setting_.policy.trials.maximumTrials)}},
                       {FUSAIN_TEXT("Exclude another one first."), {}});
    return restoreNumbered<tank::TrialRestored>(words, number, trial);
}

} // namespace fusain

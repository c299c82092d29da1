#include "record/tank/record.hpp"

#include "record/method/schema.hpp"
#include "record/tank/method.hpp"

#include <array>

namespace fusain {

template <>
struct RecordedAs<hydrostatic::ForceSample> {
    static constexpr std::array<std::string_view, 2> columns{"time_s", "gross_kg"};
    static std::array<double, 2> numbers(const hydrostatic::ForceSample& sample) {
        return {sample.time.value(), sample.gross.value()};
    }
    static hydrostatic::ForceSample sample(std::span<const double, 2> numbers) {
        return {Seconds(numbers[0]), Kilograms(numbers[1])};
    }
};

namespace {

// Wider than what a procedure accepts: what cannot be a reading of such an instrument.
constexpr Limits forceLimits = between(-100.0, 500.0);
constexpr Limits waterLimits = between(0.0, 60.0);
constexpr Limits roomLimits = between(-20.0, 60.0);
constexpr Limits pressureLimits = between(200.0, 900.0);

const Fields<VitalCapacityEffort>& effortFields() {
    static const auto fields =
        Fields<VitalCapacityEffort>("blow")
            .with(attributionFields())
            .required("number", &VitalCapacityEffort::number, "1, 2, 3 … in the order of the work", atLeast(1))
            .required("volume_l_btps", &VitalCapacityEffort::volume, "at body conditions", lungLimits)
            .optional("acceptable", &VitalCapacityEffort::acceptable, "whether it may count")
            .optional("remark", &VitalCapacityEffort::remark, "what was seen");
    return fields;
}

const Fields<WeighingTrial>& trialFields() {
    static const auto fields = [] {
        auto made = Fields<WeighingTrial>("weighing trial");
        made.with(numberedFields())
            .required("gross_kg", &WeighingTrial::gross, "steady reading, chair and belt included", forceLimits)
            .required("standard_error_kg", &WeighingTrial::standardError, "of the reading alone", atLeast(0.0))
            .required("load_cell_check", &WeighingTrial::check,
                      "number of the check it was taken under; 0 for none", atLeast(0))
            .required("tare_kg", &WeighingTrial::tare, "chair and belt at that check", forceLimits)
            .flat(&WeighingTrial::verdict, verdictFields());
        addRecording(made, "trace", &WeighingTrial::trace, "what the load cell sent");
        return made;
    }();
    return fields;
}

const Fields<LoadCellCheck>& checkFields() {
    static const auto fields =
        Fields<LoadCellCheck>("load-cell check")
            .with(numberedFields())
            .required("tare_kg", &LoadCellCheck::tare, "chair and belt submerged", forceLimits)
            .required("reference_nominal_kg", &LoadCellCheck::referenceNominal, "as marked", forceLimits)
            .required("reference_reading_kg", &LoadCellCheck::referenceReading, "what was read more with it",
                      forceLimits);
    return fields;
}

const Fields<MeasuredResidualVolume>& residualVolumeFields() {
    static const auto fields =
        Fields<MeasuredResidualVolume>("measured residual volume")
            .with(attributionFields())
            .required("volume_l_btps", &MeasuredResidualVolume::volume, "at body conditions", lungLimits)
            .required("method", &MeasuredResidualVolume::method, "how it was measured");
    return fields;
}

const Fields<Reading>& waterFields() {
    static const auto fields = readingFields(Celsius::symbol(), waterLimits);
    return fields;
}
const Fields<Reading>& roomFields() {
    static const auto fields = readingFields(Celsius::symbol(), roomLimits);
    return fields;
}
const Fields<Reading>& pressureFields() {
    static const auto fields = readingFields(MillimetresOfMercury::symbol(), pressureLimits);
    return fields;
}

} // namespace

const Fields<HydrostaticTest>& hydrostaticTestFields() {
    using Test = HydrostaticTest;
    static const auto fields =
        Fields<Test>("raw record of a weighing")
            .with(rawTestFields(TankMethod::id))
            .list("load_cell_checks", &Test::loadCellChecks, checkFields(), "the latest holds for what follows")
            .part("water_temperature_c", &Test::waterTemperature, waterFields(), "of the tank")
            .part("dry_mass_kg", &Test::dryMass, massFields(), "on the scale")
            .part("room_temperature_c", &Test::roomTemperature, roomFields(), "at the spirometer")
            .part("pressure_mmhg", &Test::pressure, pressureFields(), "of the air")
            .list("vital_capacity", &Test::efforts, effortFields(), "blows")
            .part("residual_volume", &Test::residualVolume, residualVolumeFields(), "where it was measured")
            .list("trials", &Test::trials, trialFields(), "submersions")
            .check([](const Test& test) { return repeatedNumber(test.trials, "trials"); })
            .check([](const Test& test) { return repeatedNumber(test.loadCellChecks, "load_cell_checks"); })
            .check([](const Test& test) { return repeatedNumber(test.efforts, "vital_capacity"); });
    return fields;
}

Json toJson(const VitalCapacityEffort& effort) {
    return effortFields().write(effort);
}
VitalCapacityEffort effortFromJson(const Json& json) {
    return effortFields().read(json);
}
Json toJson(const WeighingTrial& trial) {
    return trialFields().write(trial);
}
WeighingTrial trialFromJson(const Json& json) {
    return trialFields().read(json);
}
Json toJson(const LoadCellCheck& check) {
    return checkFields().write(check);
}
LoadCellCheck loadCellCheckFromJson(const Json& json) {
    return checkFields().read(json);
}
Json toJson(const MeasuredResidualVolume& volume) {
    return residualVolumeFields().write(volume);
}
MeasuredResidualVolume measuredResidualVolumeFromJson(const Json& json) {
    return residualVolumeFields().read(json);
}
Reading waterTemperatureFromJson(const Json& json) {
    return waterFields().read(json);
}
Reading roomTemperatureFromJson(const Json& json) {
    return roomFields().read(json);
}
Reading pressureFromJson(const Json& json) {
    return pressureFields().read(json);
}
Json toJson(const HydrostaticTest& test) {
    return hydrostaticTestFields().write(test);
}

namespace {

// Schema 1 knew one check of the load cell, the latest, and used it for every trial.
void bringForward(Json& json) {
    Json checks = Json::array();
    if (json.contains("load_cell")) {
        checks.push_back(json.at("load_cell"));
        checks.back()["number"] = 1;
        json.erase("load_cell");
    }
    for (Json& trial : json["trials"]) {
        trial["load_cell_check"] = checks.size();
        trial["tare_kg"] = checks.empty() ? Json(0.0) : checks.front().at("tare_kg");
        bringVerdictForward(trial);
    }
    json["load_cell_checks"] = std::move(checks);
}

} // namespace

Expected<HydrostaticTest> hydrostaticTestFromJson(const Json& json, const std::string& where) {
    return readRecord(json, where, bringForward, hydrostaticTestFields());
}

DocumentKind hydrostaticTestKind() {
    return {"Raw record of an underwater weighing", hydrostaticTestFields().notes()};
}

} // namespace fusain

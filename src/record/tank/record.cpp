#include "record/tank/record.hpp"

#include "record/base/json_lists.hpp"
#include "record/method/recorded_json.hpp"
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

Json toJson(const VitalCapacityEffort& effort) {
    Json json = attributionJson(effort);
    json.update({{"number", effort.number},
                 {"volume_l_btps", effort.volume.value()},
                 {"acceptable", effort.acceptable},
                 {"remark", effort.remark}});
    return json;
}
VitalCapacityEffort effortFromJson(const Json& json) {
    return {attributionFromJson(json), json.at("number").get<int>(),
            Litres(json.at("volume_l_btps").get<double>()), json.value("acceptable", true),
            json.value("remark", "")};
}

Json toJson(const WeighingTrial& trial) {
    Json json = numberedJson(trial);
    json["gross_kg"] = trial.gross.value();
    json["standard_error_kg"] = trial.standardError.value();
    json["load_cell_check"] = trial.check;
    json["tare_kg"] = trial.tare.value();
    setVerdict(json, trial.verdict);
    setRecorded(json, "trace", trial.trace);
    return json;
}
WeighingTrial trialFromJson(const Json& json) {
    return {numberedFromJson(json),
            Kilograms(json.at("gross_kg").get<double>()),
            Kilograms(json.at("standard_error_kg").get<double>()),
            json.at("load_cell_check").get<int>(),
            Kilograms(json.at("tare_kg").get<double>()),
            verdictIn(json),
            recordedIn<hydrostatic::ForceSample>(json, "trace")};
}

Json toJson(const LoadCellCheck& check) {
    Json json = numberedJson(check);
    json.update({{"tare_kg", check.tare.value()},
                 {"reference_nominal_kg", check.referenceNominal.value()},
                 {"reference_reading_kg", check.referenceReading.value()}});
    return json;
}
LoadCellCheck loadCellCheckFromJson(const Json& json) {
    return {numberedFromJson(json), Kilograms(json.at("tare_kg").get<double>()),
            Kilograms(json.at("reference_nominal_kg").get<double>()),
            Kilograms(json.at("reference_reading_kg").get<double>())};
}

Json toJson(const MeasuredResidualVolume& volume) {
    Json json = attributionJson(volume);
    json.update({{"volume_l_btps", volume.volume.value()}, {"method", volume.method}});
    return json;
}
MeasuredResidualVolume measuredResidualVolumeFromJson(const Json& json) {
    return {attributionFromJson(json), Litres(json.at("volume_l_btps").get<double>()),
            json.at("method").get<std::string>()};
}

Json toJson(const HydrostaticTest& test) {
    Json json = commonJson(test, TankMethod::id);
    json["vital_capacity"] = listOf(test.efforts);
    json["trials"] = listOf(test.trials);
    json["load_cell_checks"] = listOf(test.loadCellChecks);
    setIf(json, "water_temperature_c", test.waterTemperature);
    setIf(json, "dry_mass_kg", test.dryMass);
    setIf(json, "room_temperature_c", test.roomTemperature);
    setIf(json, "pressure_mmhg", test.pressure);
    setIf(json, "residual_volume", test.residualVolume);
    return json;
}

namespace {

HydrostaticTest testFrom(const Json& json) {
    HydrostaticTest test;
    readCommon(json, test);
    readList(json, "load_cell_checks", test.loadCellChecks, loadCellCheckFromJson);
    readIf(json, "water_temperature_c", test.waterTemperature, readingFromJson);
    readIf(json, "dry_mass_kg", test.dryMass, readingFromJson);
    readIf(json, "room_temperature_c", test.roomTemperature, readingFromJson);
    readIf(json, "pressure_mmhg", test.pressure, readingFromJson);
    readList(json, "vital_capacity", test.efforts, effortFromJson);
    readIf(json, "residual_volume", test.residualVolume, measuredResidualVolumeFromJson);
    readList(json, "trials", test.trials, trialFromJson);
    return test;
}

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
    return readRecord(json, where, bringForward, testFrom);
}

} // namespace fusain

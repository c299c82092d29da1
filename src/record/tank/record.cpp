#include "record/tank/record.hpp"

#include "record/base/json_lists.hpp"
#include "record/tank/method.hpp"

namespace fusain {

Json toJson(const VitalCapacityEffort& effort) {
    return {
        {"number", effort.number}, {"volume_l_btps", effort.volume.value()}, {"acceptable", effort.acceptable},
        {"remark", effort.remark}, {"origin", originText(effort.origin)},    {"at", isoText(effort.at)}};
}
VitalCapacityEffort effortFromJson(const Json& json) {
    return {json.at("number").get<int>(),
            Litres(json.at("volume_l_btps").get<double>()),
            json.value("acceptable", true),
            json.value("remark", ""),
            originFrom(json),
            instantAt(json, "at")};
}

Json toJson(const WeighingTrial& trial) {
    Json json = numberedJson(trial);
    json["gross_kg"] = trial.gross.value();
    json["standard_error_kg"] = trial.standardError.value();
    if (!trial.reading.empty())
        json["reading"] = trial.reading;
    if (!trial.trace.empty()) {
        Json times = Json::array(), masses = Json::array();
        for (const auto& sample : trial.trace) {
            times.push_back(sample.time.value());
            masses.push_back(sample.gross.value());
        }
        json["trace"] = {{"time_s", times}, {"gross_kg", masses}};
    }
    return json;
}
WeighingTrial trialFromJson(const Json& json) {
    WeighingTrial trial{numberedFromJson(json),
                        Kilograms(json.at("gross_kg").get<double>()),
                        Kilograms(json.at("standard_error_kg").get<double>()),
                        json.value("reading", ""),
                        {}};
    if (const auto trace = json.find("trace"); trace != json.end()) {
        const Json& times = trace->at("time_s");
        const Json& masses = trace->at("gross_kg");
        if (times.size() != masses.size())
            throw Json::other_error::create(501, "time_s and gross_kg differ in length", &*trace);
        for (std::size_t i = 0; i < times.size(); ++i)
            trial.trace.push_back({Seconds(times.at(i).get<double>()), Kilograms(masses.at(i).get<double>())});
    }
    return trial;
}

Json toJson(const LoadCellCheck& check) {
    return {{"tare_kg", check.tare.value()},
            {"reference_nominal_kg", check.referenceNominal.value()},
            {"reference_reading_kg", check.referenceReading.value()},
            {"at", isoText(check.at)}};
}
LoadCellCheck loadCellCheckFromJson(const Json& json) {
    return {Kilograms(json.at("tare_kg").get<double>()),
            Kilograms(json.at("reference_nominal_kg").get<double>()),
            Kilograms(json.at("reference_reading_kg").get<double>()), instantAt(json, "at")};
}

Json toJson(const MeasuredResidualVolume& volume) {
    return {{"volume_l_btps", volume.volume.value()}, {"method", volume.method}, {"at", isoText(volume.at)}};
}
MeasuredResidualVolume measuredResidualVolumeFromJson(const Json& json) {
    return {Litres(json.at("volume_l_btps").get<double>()), json.at("method").get<std::string>(),
            instantAt(json, "at")};
}

Json toJson(const HydrostaticTest& test) {
    Json json = commonJson(test, TankMethod::id);
    json["vital_capacity"] = listOf(test.efforts);
    json["trials"] = listOf(test.trials);
    setIf(json, "load_cell", test.loadCell);
    setIf(json, "water_temperature_c", test.waterTemperature);
    setIf(json, "dry_mass_kg", test.dryMass);
    setIf(json, "room_temperature_c", test.roomTemperature);
    setIf(json, "pressure_mmhg", test.pressure);
    setIf(json, "residual_volume", test.residualVolume);
    return json;
}

Expected<HydrostaticTest> hydrostaticTestFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        HydrostaticTest test;
        readCommon(json, test);
        readIf(json, "load_cell", test.loadCell, loadCellCheckFromJson);
        readIf(json, "water_temperature_c", test.waterTemperature, readingFromJson);
        readIf(json, "dry_mass_kg", test.dryMass, readingFromJson);
        readIf(json, "room_temperature_c", test.roomTemperature, readingFromJson);
        readIf(json, "pressure_mmhg", test.pressure, readingFromJson);
        readList(json, "vital_capacity", test.efforts, effortFromJson);
        readIf(json, "residual_volume", test.residualVolume, measuredResidualVolumeFromJson);
        readList(json, "trials", test.trials, trialFromJson);
        return test;
    });
}

} // namespace fusain

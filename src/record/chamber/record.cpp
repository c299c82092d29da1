#include "record/chamber/record.hpp"

#include "record/base/json_lists.hpp"
#include "record/chamber/method.hpp"
#include "record/method/recorded_json.hpp"
#include "record/method/schema.hpp"

#include <algorithm>
#include <array>

namespace fusain {

template <>
struct RecordedAs<airdisplacement::PressureSample> {
    static constexpr std::array<std::string_view, 3> columns{"time_s", "test_pa", "reference_pa"};
    static std::array<double, 3> numbers(const airdisplacement::PressureSample& sample) {
        return {sample.time.value(), sample.test.value(), sample.reference.value()};
    }
    static airdisplacement::PressureSample sample(std::span<const double, 3> numbers) {
        return {Seconds(numbers[0]), Pascals(numbers[1]), Pascals(numbers[2])};
    }
};

namespace {

using airdisplacement::PressureSample;
using airdisplacement::Response;

Json toJson(const Response& response) {
    return {{"ratio", response.ratio},
            {"ratio_error", response.ratioError},
            {"phase_rad", response.phase},
            {"phase_error_rad", response.phaseError}};
}
Response responseFrom(const Json& json) {
    return {json.at("ratio").get<double>(), json.at("ratio_error").get<double>(),
            json.at("phase_rad").get<double>(), json.at("phase_error_rad").get<double>()};
}

} // namespace

Json toJson(const ScaleCheck& check) {
    Json json = numberedJson(check);
    json.update({{"nominal_kg", check.nominal.value()}, {"reading_kg", check.reading.value()}});
    return json;
}
ScaleCheck scaleCheckFromJson(const Json& json) {
    return {numberedFromJson(json), Kilograms(json.at("nominal_kg").get<double>()),
            Kilograms(json.at("reading_kg").get<double>())};
}

Json toJson(const ChamberCalibration& calibration) {
    Json json = numberedJson(calibration);
    json.update({{"set", calibration.set},
                 {"cylinder_certified_l", calibration.cylinderCertified.value()},
                 {"cylinder_reading_l", calibration.cylinderReading.value()}});
    if (const auto& measured = calibration.fromPressures)
        json["pressures"] = {{"empty", toJson(measured->empty)},
                             {"cylinder", toJson(measured->cylinder)},
                             {"cylinder_l", measured->cylinderVolume.value()},
                             {"cylinder_error_l", measured->cylinderError.value()}};
    return json;
}
ChamberCalibration calibrationFromJson(const Json& json) {
    ChamberCalibration calibration{numberedFromJson(json), json.at("set").get<int>(), std::nullopt,
                                   Litres(json.at("cylinder_certified_l").get<double>()),
                                   Litres(json.at("cylinder_reading_l").get<double>())};
    if (const auto pressures = json.find("pressures"); pressures != json.end())
        calibration.fromPressures = {responseFrom(pressures->at("empty")),
                                     responseFrom(pressures->at("cylinder")),
                                     Litres(pressures->at("cylinder_l").get<double>()),
                                     Litres(pressures->value("cylinder_error_l", 0.0))};
    return calibration;
}

Json toJson(const VolumeTrial& trial) {
    Json json = numberedJson(trial);
    json.update({{"set", trial.set},
                 {"calibration", trial.calibration},
                 {"volume_l", trial.volume.value()},
                 {"standard_error_l", trial.standardError.value()}});
    setVerdict(json, trial.verdict);
    setRecorded(json, "pressures", trial.pressures);
    return json;
}
VolumeTrial volumeTrialFromJson(const Json& json) {
    return {numberedFromJson(json),
            json.at("set").get<int>(),
            json.at("calibration").get<int>(),
            Litres(json.at("volume_l").get<double>()),
            Litres(json.value("standard_error_l", 0.0)),
            verdictIn(json),
            recordedIn<PressureSample>(json, "pressures")};
}

Json toJson(const MeasuredThoracicGas& gas) {
    Json json = attributionJson(gas);
    json.update({{"volume_l_btps", gas.volume.value()}, {"method", gas.method}});
    return json;
}
MeasuredThoracicGas measuredThoracicGasFromJson(const Json& json) {
    return {attributionFromJson(json), Litres(json.at("volume_l_btps").get<double>()),
            json.at("method").get<std::string>()};
}

Json toJson(const ChamberTest& test) {
    Json json = commonJson(test, ChamberMethod::id);
    json["scale_checks"] = listOf(test.scaleChecks);
    json["calibrations"] = listOf(test.calibrations);
    setIf(json, "mass_kg", test.mass);
    json["volume_trials"] = listOf(test.trials);
    setIf(json, "thoracic_gas", test.thoracicGas);
    json["set"] = test.set;
    return json;
}

namespace {

ChamberTest testFrom(const Json& json) {
    ChamberTest test;
    readCommon(json, test);
    readList(json, "scale_checks", test.scaleChecks, scaleCheckFromJson);
    readList(json, "calibrations", test.calibrations, calibrationFromJson);
    readIf(json, "mass_kg", test.mass, readingFromJson);
    readList(json, "volume_trials", test.trials, volumeTrialFromJson);
    readIf(json, "thoracic_gas", test.thoracicGas, measuredThoracicGasFromJson);
    test.set = json.at("set").get<int>();
    return test;
}

// Schema 1 kept the calibration of the present set and those of earlier sets, one for each.
void bringForward(Json& json) {
    Json calibrations = json.value("earlier_calibrations", Json::array());
    if (json.contains("calibration"))
        calibrations.push_back(json.at("calibration"));
    json["set"] = json.value("set", 1);
    // A set that was started over keeps its calibration; the sets count from 1 and end with the present one.
    const int first = json.at("set").get<int>() - static_cast<int>(calibrations.size()) +
                      (json.contains("calibration") ? 1 : 0);
    for (std::size_t i = 0; i < calibrations.size(); ++i) {
        calibrations[i]["number"] = i + 1;
        calibrations[i]["set"] = first + static_cast<int>(i);
    }
    for (Json& trial : json["volume_trials"]) {
        trial["set"] = trial.value("set", 1);
        const auto made =
            std::ranges::find(calibrations, trial.at("set"), [](const Json& each) { return each.at("set"); });
        trial["calibration"] = made == calibrations.end() ? Json(0) : made->at("number");
        bringVerdictForward(trial);
    }
    json["scale_checks"] = Json::array();
    if (json.contains("scale")) {
        json["scale_checks"].push_back(json.at("scale"));
        json["scale_checks"].back()["number"] = 1;
    }
    json["calibrations"] = std::move(calibrations);
    for (const char* old : {"scale", "calibration", "earlier_calibrations"})
        json.erase(old);
}

} // namespace

Expected<ChamberTest> chamberTestFromJson(const Json& json, const std::string& where) {
    return readRecord(json, where, bringForward, testFrom);
}

} // namespace fusain

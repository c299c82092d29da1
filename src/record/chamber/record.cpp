#include "record/chamber/record.hpp"

#include "record/base/json_lists.hpp"
#include "record/chamber/method.hpp"

#include <cmath>

namespace fusain {
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

Json samplesJson(const std::vector<PressureSample>& samples) {
    Json times = Json::array(), test = Json::array(), reference = Json::array();
    for (const PressureSample& sample : samples) {
        times.push_back(sample.time.value());
        test.push_back(sample.test.value());
        reference.push_back(sample.reference.value());
    }
    return {{"time_s", times}, {"test_pa", test}, {"reference_pa", reference}};
}
std::vector<PressureSample> samplesFrom(const Json& json) {
    const Json &times = json.at("time_s"), &test = json.at("test_pa"), &reference = json.at("reference_pa");
    if (times.size() != test.size() || times.size() != reference.size())
        throw Json::other_error::create(501, "time_s, test_pa and reference_pa differ in length", &json);
    std::vector<PressureSample> samples;
    for (std::size_t i = 0; i < times.size(); ++i)
        samples.push_back({Seconds(times.at(i).get<double>()), Pascals(test.at(i).get<double>()),
                           Pascals(reference.at(i).get<double>())});
    return samples;
}

} // namespace

Json toJson(const ScaleCheck& check) {
    return {{"nominal_kg", check.nominal.value()},
            {"reading_kg", check.reading.value()},
            {"at", isoText(check.at)}};
}
ScaleCheck scaleCheckFromJson(const Json& json) {
    return {Kilograms(json.at("nominal_kg").get<double>()), Kilograms(json.at("reading_kg").get<double>()),
            instantAt(json, "at")};
}

Json toJson(const ChamberCalibration& calibration) {
    Json json{{"cylinder_certified_l", calibration.cylinderCertified.value()},
              {"cylinder_reading_l", calibration.cylinderReading.value()},
              {"at", isoText(calibration.at)}};
    if (const auto& measured = calibration.fromPressures)
        json["pressures"] = {{"empty", toJson(measured->empty)},
                             {"cylinder", toJson(measured->cylinder)},
                             {"cylinder_l", measured->cylinderVolume.value()},
                             {"cylinder_error_l", measured->cylinderError.value()}};
    return json;
}
ChamberCalibration calibrationFromJson(const Json& json) {
    ChamberCalibration calibration{std::nullopt, Litres(json.at("cylinder_certified_l").get<double>()),
                                   Litres(json.at("cylinder_reading_l").get<double>()), instantAt(json, "at")};
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
                 {"volume_l", trial.volume.value()},
                 {"standard_error_l", trial.standardError.value()}});
    if (!trial.reading.empty())
        json["reading"] = trial.reading;
    if (!trial.samples.empty())
        json["pressures"] = samplesJson(trial.samples);
    return json;
}
VolumeTrial volumeTrialFromJson(const Json& json) {
    VolumeTrial trial{numberedFromJson(json),
                      json.value("set", 1),
                      Litres(json.at("volume_l").get<double>()),
                      Litres(json.value("standard_error_l", 0.0)),
                      json.value("reading", ""),
                      {}};
    if (const auto pressures = json.find("pressures"); pressures != json.end())
        trial.samples = samplesFrom(*pressures);
    return trial;
}

Json toJson(const MeasuredThoracicGas& gas) {
    return {{"volume_l_btps", gas.volume.value()}, {"method", gas.method}, {"at", isoText(gas.at)}};
}
MeasuredThoracicGas measuredThoracicGasFromJson(const Json& json) {
    return {Litres(json.at("volume_l_btps").get<double>()), json.at("method").get<std::string>(),
            instantAt(json, "at")};
}

Json toJson(const ChamberTest& test) {
    Json json = commonJson(test, ChamberMethod::id);
    setIf(json, "scale", test.scale);
    setIf(json, "calibration", test.calibration);
    json["earlier_calibrations"] = listOf(test.earlierCalibrations);
    setIf(json, "mass_kg", test.mass);
    json["volume_trials"] = listOf(test.trials);
    setIf(json, "thoracic_gas", test.thoracicGas);
    json["set"] = test.set;
    return json;
}

Expected<ChamberTest> chamberTestFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        ChamberTest test;
        readCommon(json, test);
        readIf(json, "scale", test.scale, scaleCheckFromJson);
        readIf(json, "calibration", test.calibration, calibrationFromJson);
        readList(json, "earlier_calibrations", test.earlierCalibrations, calibrationFromJson);
        readIf(json, "mass_kg", test.mass, readingFromJson);
        readList(json, "volume_trials", test.trials, volumeTrialFromJson);
        readIf(json, "thoracic_gas", test.thoracicGas, measuredThoracicGasFromJson);
        test.set = json.value("set", 1);
        return test;
    });
}

} // namespace fusain

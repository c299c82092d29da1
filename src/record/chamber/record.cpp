#include "record/chamber/record.hpp"

#include "record/chamber/method.hpp"
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

constexpr Limits chamberLimits = between(0.0, 1000.0);

const Fields<Response>& responseFields() {
    static const auto fields =
        Fields<Response>("response")
            .required("ratio", &Response::ratio, "of the pressure swings, test over reference", above(0.0))
            .required("ratio_error", &Response::ratioError, "its standard error", atLeast(0.0))
            .required("phase_rad", &Response::phase, "of the test side behind the reference")
            .required("phase_error_rad", &Response::phaseError, "its standard error", atLeast(0.0));
    return fields;
}

const Fields<airdisplacement::Calibration>& pressureFields() {
    using airdisplacement::Calibration;
    static const auto fields =
        Fields<Calibration>("calibration from pressures")
            .part("empty", &Calibration::empty, responseFields(), "of the empty chamber")
            .part("cylinder", &Calibration::cylinder, responseFields(), "with the cylinder inside")
            .required("cylinder_l", &Calibration::cylinderVolume, "as certified", chamberLimits)
            .optional("cylinder_error_l", &Calibration::cylinderError, "standard error of it", atLeast(0.0));
    return fields;
}

const Fields<ScaleCheck>& scaleFields() {
    static const auto fields =
        Fields<ScaleCheck>("scale check")
            .with(numberedFields())
            .required("nominal_kg", &ScaleCheck::nominal, "as marked", massLimits)
            .required("reading_kg", &ScaleCheck::reading, "as read", between(-100.0, 500.0));
    return fields;
}

const Fields<ChamberCalibration>& calibrationFields() {
    using Calibration = ChamberCalibration;
    static const auto fields =
        Fields<Calibration>("chamber calibration")
            .with(numberedFields())
            .required("set", &Calibration::set, "of the volume trials that it was made for", atLeast(1))
            .required("cylinder_certified_l", &Calibration::cylinderCertified, "as the certificate says",
                      chamberLimits)
            .required("cylinder_reading_l", &Calibration::cylinderReading, "as the chamber read it",
                      between(-1000.0, 1000.0))
            .part("pressures", &Calibration::fromPressures, pressureFields(), "where pressures were recorded");
    return fields;
}

const Fields<VolumeTrial>& volumeFields() {
    static const auto fields = [] {
        auto made = Fields<VolumeTrial>("volume trial");
        made.with(numberedFields())
            .required("set", &VolumeTrial::set, "2, 3 … after starting over", atLeast(1))
            .required("calibration", &VolumeTrial::calibration,
                      "number of the calibration it was taken under; 0 for none", atLeast(0))
            .required("volume_l", &VolumeTrial::volume, "raw, as the chamber gives it", chamberLimits)
            .optional("standard_error_l", &VolumeTrial::standardError, "within the trial; 0 for a typed volume",
                      atLeast(0.0))
            .flat(&VolumeTrial::verdict, verdictFields());
        addRecording(made, "pressures", &VolumeTrial::pressures, "what the transducers sent");
        return made;
    }();
    return fields;
}

const Fields<MeasuredThoracicGas>& gasFields() {
    using Gas = MeasuredThoracicGas;
    static const auto fields =
        Fields<Gas>("measured thoracic gas")
            .with(attributionFields())
            .required("volume_l_btps", &Gas::volume, "mean during quiet breathing", lungLimits)
            .required("method", &Gas::method, "how it was measured");
    return fields;
}

} // namespace

const Fields<ChamberTest>& chamberTestFields() {
    using Test = ChamberTest;
    static const auto fields =
        Fields<Test>("raw record of a chamber test")
            .with(rawTestFields(ChamberMethod::id))
            .list("scale_checks", &Test::scaleChecks, scaleFields(), "the latest holds for what follows")
            .list("calibrations", &Test::calibrations, calibrationFields(), "the latest of a set holds for it")
            .part("mass_kg", &Test::mass, massFields(), "on the scale")
            .list("volume_trials", &Test::trials, volumeFields(), "with the door shut")
            .part("thoracic_gas", &Test::thoracicGas, gasFields(), "where it was measured")
            .required("set", &Test::set, "of volume trials; grows with each starting over", atLeast(1))
            .check([](const Test& test) { return repeatedNumber(test.trials, "volume_trials"); })
            .check([](const Test& test) { return repeatedNumber(test.calibrations, "calibrations"); })
            .check([](const Test& test) { return repeatedNumber(test.scaleChecks, "scale_checks"); });
    return fields;
}

Json toJson(const ScaleCheck& check) {
    return scaleFields().write(check);
}
ScaleCheck scaleCheckFromJson(const Json& json) {
    return scaleFields().read(json);
}
Json toJson(const ChamberCalibration& calibration) {
    return calibrationFields().write(calibration);
}
ChamberCalibration calibrationFromJson(const Json& json) {
    return calibrationFields().read(json);
}
Json toJson(const VolumeTrial& trial) {
    return volumeFields().write(trial);
}
VolumeTrial volumeTrialFromJson(const Json& json) {
    return volumeFields().read(json);
}
Json toJson(const MeasuredThoracicGas& gas) {
    return gasFields().write(gas);
}
MeasuredThoracicGas measuredThoracicGasFromJson(const Json& json) {
    return gasFields().read(json);
}
Json toJson(const ChamberTest& test) {
    return chamberTestFields().write(test);
}

namespace {

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
    return readRecord(json, where, bringForward, chamberTestFields());
}

DocumentKind chamberTestKind() {
    return {"Raw record of a chamber test", chamberTestFields().notes()};
}

} // namespace fusain

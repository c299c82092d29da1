#pragma once
#include "core/airdisplacement/chamber.hpp"
#include "record/method/repeated.hpp"

namespace fusain {

/// The scale of the chamber against its reference mass.
struct ScaleCheck {
    Kilograms nominal;
    Kilograms reading;
    Instant at;
    [[nodiscard]] Kilograms error() const { return reading - nominal; }
};

/// The chamber made ready: from recorded pressures, or typed from a chamber that calibrates itself.
struct ChamberCalibration {
    std::optional<airdisplacement::Calibration> fromPressures;
    Litres cylinderCertified; ///< as the certificate says
    Litres cylinderReading;   ///< as the chamber read it
    Instant at;
    [[nodiscard]] Litres error() const { return cylinderReading - cylinderCertified; }
};

/// One volume trial with the door shut.
struct VolumeTrial : NumberedReading {
    int set = 1;             ///< 2, 3 … after recalibrating
    Litres volume;           ///< raw, as the chamber gives it
    Litres standardError{0}; ///< within the trial; 0 for a typed volume
    std::string reading;     ///< what the analysis of the pressures said
    std::vector<airdisplacement::PressureSample> samples;
};

/// Thoracic gas that was measured: by panting in the chamber, or elsewhere.
struct MeasuredThoracicGas {
    Litres volume; ///< L BTPS, mean during quiet breathing
    std::string method;
    Instant at;
};

/// The raw record of one test in the air-displacement chamber.
struct ChamberTest : RawTest {
    std::optional<ScaleCheck> scale;
    std::optional<ChamberCalibration> calibration; ///< of the present set
    std::vector<ChamberCalibration> earlierCalibrations;
    std::optional<Reading> mass; ///< kg
    Repeated<VolumeTrial> trials;
    std::optional<MeasuredThoracicGas> thoracicGas;
    int set = 1; ///< of volume trials; grows with each recalibration
};

[[nodiscard]] Json toJson(const ChamberTest& test);
[[nodiscard]] Expected<ChamberTest> chamberTestFromJson(const Json& json, const std::string& where);

// Parts that also travel inside events.
[[nodiscard]] Json toJson(const ScaleCheck& check);
[[nodiscard]] ScaleCheck scaleCheckFromJson(const Json& json);
[[nodiscard]] Json toJson(const ChamberCalibration& calibration);
[[nodiscard]] ChamberCalibration calibrationFromJson(const Json& json);
[[nodiscard]] Json toJson(const VolumeTrial& trial);
[[nodiscard]] VolumeTrial volumeTrialFromJson(const Json& json);
[[nodiscard]] Json toJson(const MeasuredThoracicGas& gas);
[[nodiscard]] MeasuredThoracicGas measuredThoracicGasFromJson(const Json& json);

} // namespace fusain

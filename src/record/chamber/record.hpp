#pragma once
#include "core/airdisplacement/chamber.hpp"
#include "record/base/document_kind.hpp"
#include "record/method/recorded.hpp"
#include "record/method/repeated.hpp"

namespace fusain {

/// The scale of the chamber against its reference mass.
struct ScaleCheck : NumberedReading {
    Kilograms nominal;
    Kilograms reading;
    [[nodiscard]] Kilograms error() const { return reading - nominal; }
};

/// The chamber made ready: from recorded pressures, or typed from a chamber that calibrates itself.
struct ChamberCalibration : NumberedReading {
    int set = 1; ///< of the volume trials that it was made for
    std::optional<airdisplacement::Calibration> fromPressures;
    Litres cylinderCertified; ///< as the certificate says
    Litres cylinderReading;   ///< as the chamber read it
    [[nodiscard]] Litres error() const { return cylinderReading - cylinderCertified; }
};

/// One volume trial with the door shut.
struct VolumeTrial : NumberedReading {
    int set = 1;             ///< 2, 3 … after starting over
    int calibration = 0;     ///< number of the calibration that it was taken under; 0 for none
    Litres volume;           ///< raw, as the chamber gives it
    Litres standardError{0}; ///< within the trial; 0 for a typed volume
    SignalVerdict verdict;   ///< of the recorded pressures; empty for a typed volume
    Recorded<airdisplacement::PressureSample> pressures;
};

/// Thoracic gas that was measured: by panting in the chamber, or elsewhere.
struct MeasuredThoracicGas : Attribution {
    Litres volume; ///< L BTPS, mean during quiet breathing
    std::string method;
};

/// The raw record of one test in the air-displacement chamber.
struct ChamberTest : RawTest {
    Repeated<ScaleCheck> scaleChecks;
    Repeated<ChamberCalibration> calibrations; ///< the latest holds for the trials that follow it
    std::optional<Reading> mass;               ///< kg
    Repeated<VolumeTrial> trials;
    std::optional<MeasuredThoracicGas> thoracicGas;
    int set = 1; ///< of volume trials; grows with each starting over
    /// The check of the scale that holds now; null before the first.
    [[nodiscard]] const ScaleCheck* scale() const { return scaleChecks.latest(); }
    /// The calibration that holds now; null until the present set has one.
    [[nodiscard]] const ChamberCalibration* calibration() const {
        const ChamberCalibration* latest = calibrations.latest();
        return latest && latest->set == set ? latest : nullptr;
    }
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

/// The keys of this kind of document.
[[nodiscard]] DocumentKind chamberTestKind();

} // namespace fusain

#pragma once
#include "core/base/message.hpp"
#include "core/base/problem.hpp"
#include "core/units/units.hpp"

#include <optional>
#include <span>
#include <vector>

namespace fusain::airdisplacement {

/// One sample of the two chambers: pressure about the surrounding air.
struct PressureSample {
    Seconds time;
    Pascals test;      ///< front chamber, where the person sits
    Pascals reference; ///< behind the diaphragm
};

inline constexpr Hertz driveFrequency{3.0}; ///< of the diaphragm between the chambers
inline constexpr double adiabaticExponent = 1.4;

/// How the two chambers answer the diaphragm over one recording.
///
/// One diaphragm gives equal and opposite volume changes to both chambers, so that the ratio of the pressure
/// amplitudes is the ratio of the (adiabatic) air volumes: R = P_ref/P_test = V_air/V_ref; stroke, air pressure
/// and exponent cancel.
struct Response {
    double ratio = 0.0;      ///< P_ref/P_test
    double ratioError = 0.0; ///< standard error
    double phase = 0.0;      ///< of the ratio, rad: how much the test chamber loses in a cycle
    double phaseError = 0.0;
};

/// Two-point calibration: V = V_cyl·(R_empty − R)/(R_empty − R_cyl).
/// @par Source the chamber comparison above; Dempster P, Aitkens S (1995), Med Sci Sports Exerc 27:1692-1697.
struct Calibration {
    Response empty;
    Response cylinder;
    Litres cylinderVolume{50.0};
    Litres cylinderError{0.0}; ///< standard uncertainty of the certificate

    /// Volume of an object in the test chamber, from the ratio that it gives.
    [[nodiscard]] Litres volumeAt(double ratio) const {
        return cylinderVolume * ((empty.ratio - ratio) / (empty.ratio - cylinder.ratio));
    }
    /// Air left in the test chamber at this ratio.
    [[nodiscard]] Litres airAt(double ratio) const {
        return cylinderVolume * (ratio / (empty.ratio - cylinder.ratio));
    }
    /// Standard error that the calibration itself puts on a volume.
    [[nodiscard]] Litres errorAt(Litres volume) const;
};

/// Fits the drive frequency to both pressures, window by window of one second (baseline, slope, bend, cosine,
/// sine), and takes robust means. A recording shorter than 5 s, with gaps, or without a drive is refused with a
/// reason.
[[nodiscard]] Expected<Response> responseOf(std::span<const PressureSample> samples);

/// Calibrates from an empty recording and one with the cylinder.
/// @param certified volume of the cylinder, 5 … 150 L, with its standard uncertainty
/// @return a Problem when the cylinder was in both or neither, the door was open, or it is larger than the
/// chamber
[[nodiscard]] Expected<Calibration> calibrate(std::span<const PressureSample> empty,
                                              std::span<const PressureSample> cylinder, Litres certified,
                                              Litres certificateError);

enum class TrialState {
    Waiting,      ///< too short to say anything
    Readable,     ///< the volume stands
    Movement,     ///< the person moved
    Cough,        ///< short blows of pressure
    DoorLeak,     ///< air escapes: the door is not shut
    Draught,      ///< the volume drifts: temperature changes about the chamber
    WarmOrDamp,   ///< the closed chamber warms up: a warm or damp person
    LooseAir,     ///< air held in hair, clothing or a cap is compressed isothermally
    CylinderLeft, ///< the calibration cylinder is still inside
    Implausible   ///< no living body has this density
};

/// What is known of the person before the trial.
struct Occupant {
    Kilograms mass;
    SquareMetres surfaceArea;
};

/// True when a living body can give this raw volume. Skin and lungs make the chamber under-read by some litres,
/// so that mass over raw volume may lie between 0.93 and 1.18 kg/L.
[[nodiscard]] constexpr bool plausibleRawVolume(Kilograms mass, Litres raw) {
    const double apparent = mass.value() / raw.value();
    return raw.value() > 0.0 && apparent >= 0.93 && apparent <= 1.18;
}

struct VolumeReadingResult {
    TrialState state = TrialState::Waiting;
    Litres volume{0.0};                ///< raw
    Litres standardError{0.0};         ///< from the scatter within the trial
    Litres driftPerTrial;              ///< over 50 s
    double phaseExcess = 0.0;          ///< rad, beyond calibration and skin
    std::vector<double> windowVolumes; ///< L, one a second, for the picture
    std::vector<double> windowTimes;   ///< s
    [[nodiscard]] bool readable() const { return state == TrialState::Readable; }
    [[nodiscard]] Message message() const;
};

/// Reads one trial. Limits are engineering choices of this program, documented in
/// docs/science/air-displacement.md with the simulation that supports them.
[[nodiscard]] VolumeReadingResult readVolume(std::span<const PressureSample> samples,
                                             const Calibration& calibration, const Occupant& occupant);

/// One sample of the panting against an occlusion.
struct PantingSample {
    Seconds time;
    Pascals chamber;
    CentimetresOfWater airway;
};

/// Thoracic gas from panting: TGV = (PB − 47 mmHg)·ΔV/ΔPairway, ΔV from the chamber by Poisson's law.
struct PantingResult {
    Litres thoracicGas{0.0};
    double fit = 0.0;           ///< r² of chamber against airway pressure
    double relativeError = 0.0; ///< of the slope
    CentimetresOfWater peak{0.0};
    bool accepted = false; ///< r² ≥ 0.95, slope within 5 %, airway pressure below 35 cmH2O
    Message message;
};

/// @param air in the chamber, from Calibration::airAt  @param barometric 500 … 820 mmHg
/// @par Source DuBois AB et al (1956), J Clin Invest 35:322-326; airway limit McCrory MA et al (1998), J Appl
/// Physiol 84:1475-1479. The two measures of fit are this program's own.
[[nodiscard]] PantingResult judgePanting(std::span<const PantingSample> samples, Litres air,
                                         MillimetresOfMercury barometric);

} // namespace fusain::airdisplacement

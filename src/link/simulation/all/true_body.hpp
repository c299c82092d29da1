#pragma once
#include "link/simulation/chamber/chamber.hpp"
#include "link/simulation/girth/tape.hpp"
#include "link/simulation/impedance/analyzer.hpp"
#include "link/simulation/scan/densitometer.hpp"
#include "record/base/json_fwd.hpp"

#include <string>

namespace fusain::simulation {

/// A made-up body, known exactly: what the simulated instruments measure.
struct TrueBody {
    Sex sex = Sex::Female;
    double mass = 70.0;                     ///< kg
    double fatFraction = 0.25;              ///< of the mass
    double residualVolume = 1.4;            ///< L BTPS
    double vitalCapacity = 4.0;             ///< L BTPS
    double fatFreeDensity = 1.100;          ///< kg/L
    double moreThoracicGas = 0.0;           ///< L beyond what the other lung volumes suggest
    double heightCm = 170.0;                ///< cm
    double waterOfFatFree = 0.732;          ///< water as part of the fat-free mass
    double rightArm = 0.99, leftArm = 1.01; ///< resistance against what is usual: above 1 is thinner
    double trunkFat = 0.50;                 ///< part of the fat that lies in the trunk
    double limbs = 1.0;                     ///< lean of arms and legs against what is usual
    [[nodiscard]] double density() const {
        return 1.0 / (fatFraction / 0.900 + (1.0 - fatFraction) / fatFreeDensity);
    }
    /// Net mass under water of `waterDensity` with 0.1 L of gas in the gut.
    [[nodiscard]] double netUnderwater(double waterDensity) const {
        return mass - (mass / density() + residualVolume + 0.1) * waterDensity;
    }
};
[[nodiscard]] Json toJson(const TrueBody& body);
/// An ordinary body for somebody of whom a demonstration knows little: fat and lungs as is usual for sex and
/// height. @param mass nothing: that of a body mass index of 23
[[nodiscard]] TrueBody usualBody(Sex sex, Metres height, std::optional<Kilograms> mass);
/// Keys that are missing keep their usual values.
[[nodiscard]] TrueBody trueBodyFromJson(const Json& json);

/// The same body as the chamber sees it; its thoracic gas is made of its other lung volumes.
[[nodiscard]] ChamberOccupant occupantOf(const TrueBody& body, Metres height);
/// The same body as the impedance analyzer sees it.
[[nodiscard]] AnalyzerPerson analyzerPersonOf(const TrueBody& body);
/// The same body as the densitometer sees it.
[[nodiscard]] ScannedPerson scannedPersonOf(const TrueBody& body);

/// The same body under the tape.
[[nodiscard]] TapedPerson tapedPersonOf(const TrueBody& body);

/// The person on the simulated instruments.
struct VirtualPerson {
    double dryMass = 70.0;          ///< kg
    double netUnderwaterMass = 3.3; ///< kg after breathing out completely
    double vitalCapacity = 5.2;     ///< L BTPS
    double learning = 0.0;          ///< L of air still held back in the first trial; a third less each time
    ChamberOccupant inChamber;      ///< the same body as the chamber sees it
    AnalyzerPerson onAnalyzer;      ///< and as the impedance analyzer does
    ScannedPerson onScanner;        ///< and as the densitometer does
    TapedPerson underTape;          ///< and as the tape does
    std::string code;               ///< that the densitometer writes on its scans
};
/// How warm the simulated tank is.
inline constexpr Celsius tankWater{34.2};
/// The body on all instruments, in a tank of that warmth.
[[nodiscard]] VirtualPerson virtualPersonOf(const TrueBody& body);

} // namespace fusain::simulation

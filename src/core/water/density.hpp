#pragma once
#include "core/numeric/measured.hpp"
#include "core/units/units.hpp"

namespace fusain::water {

/// Density of air-free water at 101.325 kPa.
/// @param temperature ITS-90, 0 … 40 °C
/// @return kg/L; expanded uncertainty below 1 ppm
/// @par Source Tanaka M, Girard G, Davis R, Peuto A, Bignell N (2001), Metrologia 38:301-309 (CIPM formula).
[[nodiscard]] KilogramsPerLitre densityTanaka2001(Celsius temperature);

/// As densityTanaka2001, carrying the uncertainty of the temperature.
[[nodiscard]] Measured<KilogramsPerLitre> densityTanaka2001(const Measured<Celsius>& temperature);

/// Density of air-free water at 101.325 kPa; the cross-check of densityTanaka2001.
/// @param temperature IPTS-68, 0 … 150 °C (t68 = 1.00024·t90)
/// @return kg/L; fit error of order 1 … 5 ppm
/// @par Source Kell GS (1975), J Chem Eng Data 20:97-105.
[[nodiscard]] KilogramsPerLitre densityKell1975(Celsius temperature);

/// What a water temperature means for a test.
enum class TemperatureVerdict {
    Comfortable, ///< 32 … 36 °C
    Unusual,     ///< 20 … 32 or 36 … 40 °C: the test may go on with a warning
    Refused      ///< below 20 or above 40 °C, or not a number
};
[[nodiscard]] TemperatureVerdict judgeTemperature(Celsius temperature);

} // namespace fusain::water

#pragma once
#include "core/units/units.hpp"

#include <optional>
#include <string>

namespace fusain {

/// How quantities are shown. Storage and computation are always metric.
enum class UnitSystem { Metric, UsCustomary };

/// What kind of quantity a typed or shown number is, for the units of the lab.
enum class Dimension {
    Plain,      ///< the same in every system
    Mass,       ///< kg or lb
    Height,     ///< kept in cm; cm or in
    Temperature ///< °C everywhere: limits, protocols and tables of water speak of it
};
/// The unit in which people of this system read the dimension; empty for Plain.
[[nodiscard]] std::string_view unitOf(Dimension dimension, UnitSystem system);
/// From the kept unit (kg, cm, °C) to the shown one, and back. Exact conversions; nothing is rounded.
[[nodiscard]] double shownFromKept(Dimension dimension, double kept, UnitSystem system);
[[nodiscard]] double keptFromShown(Dimension dimension, double shown, UnitSystem system);

/// A number made ready for people: rounded text and its unit, never used for computing.
struct Shown {
    std::string number;
    std::string unit;
    [[nodiscard]] std::string text() const {
        return unit == "%" ? number + " %" : number + (unit.empty() ? "" : " " + unit);
    }
};

/// `value` with `decimals` digits after the point, a real minus sign (U+2212) and no "-0".
[[nodiscard]] std::string fixed(double value, int decimals);
/// As fixed, with a sign always in front: "+0.3", "−1.2", "0.0" stays unsigned.
[[nodiscard]] std::string signedFixed(double value, int decimals);

[[nodiscard]] Shown show(Kilograms mass, UnitSystem system, int decimals = 1);
[[nodiscard]] Shown show(Metres height, UnitSystem system);
[[nodiscard]] Shown show(Celsius temperature, int decimals = 1);
[[nodiscard]] Shown show(Litres volume, int decimals = 2);
[[nodiscard]] Shown show(KilogramsPerLitre density, int decimals = 4);
[[nodiscard]] Shown show(Percent percent, int decimals = 1);
[[nodiscard]] Shown show(KilogramsPerSquareMetre index, int decimals = 1);

/// Reads a number as people type or paste it: a point or a comma as decimal mark, spaces around or as thousands
/// marks, a leading sign in ASCII or U+2212. Returns nothing for anything else (two marks, letters, empty
/// text).
[[nodiscard]] std::optional<double> parseTyped(std::string_view text);

} // namespace fusain

#pragma once
#include "core/units/quantity.hpp"

namespace fusain {

namespace unit {
struct Kilogram {
    static constexpr std::string_view symbol = "kg";
};
struct Litre {
    static constexpr std::string_view symbol = "L";
};
struct Metre {
    static constexpr std::string_view symbol = "m";
};
struct Centimetre {
    static constexpr std::string_view symbol = "cm";
};
struct Ratio { ///< of two lengths, masses …
    static constexpr std::string_view symbol = "";
};
struct Celsius {
    static constexpr std::string_view symbol = "°C";
};
struct KilogramPerLitre {
    static constexpr std::string_view symbol = "kg/L";
};
struct MillimetreOfMercury {
    static constexpr std::string_view symbol = "mmHg";
};
struct Year {
    static constexpr std::string_view symbol = "y";
};
struct Minute {
    static constexpr std::string_view symbol = "min";
};
struct Hour {
    static constexpr std::string_view symbol = "h";
};
struct MilligramPerLitre {
    static constexpr std::string_view symbol = "mg/L";
};
struct LitrePerMinute {
    static constexpr std::string_view symbol = "L/min";
};
struct WattPerKelvin {
    static constexpr std::string_view symbol = "W/K";
};
struct KilogramPerSecond {
    static constexpr std::string_view symbol = "kg/s";
};
struct KilogramPerWeek {
    static constexpr std::string_view symbol = "kg/week";
};
struct KilocaloriePerKilogramDay {
    static constexpr std::string_view symbol = "kcal/(kg d)";
};
struct Second {
    static constexpr std::string_view symbol = "s";
};
struct Percent {
    static constexpr std::string_view symbol = "%";
};
struct KilogramPerSquareMetre {
    static constexpr std::string_view symbol = "kg/m²";
};
struct LitrePerSecond {
    static constexpr std::string_view symbol = "L/s";
};
struct Hertz {
    static constexpr std::string_view symbol = "Hz";
};
struct Pascal {
    static constexpr std::string_view symbol = "Pa";
};
struct CentimetreOfWater {
    static constexpr std::string_view symbol = "cmH2O";
};
struct Ohm {
    static constexpr std::string_view symbol = "Ω";
};
struct Degree {
    static constexpr std::string_view symbol = "°";
};
struct SquareMetre {
    static constexpr std::string_view symbol = "m²";
};
struct SquareCentimetre {
    static constexpr std::string_view symbol = "cm²";
};
struct GramPerSquareCentimetre {
    static constexpr std::string_view symbol = "g/cm²";
};
struct Microsievert {
    static constexpr std::string_view symbol = "µSv";
};
struct KilocaloriePerDay {
    static constexpr std::string_view symbol = "kcal/d";
};
} // namespace unit

template <>
struct QuotientOf<unit::Kilogram, unit::KilogramPerLitre> {
    using type = unit::Litre;
};
template <>
struct QuotientOf<unit::Kilogram, unit::Litre> {
    using type = unit::KilogramPerLitre;
};

using Kilograms = Quantity<unit::Kilogram>;
using Litres = Quantity<unit::Litre>;
using Metres = Quantity<unit::Metre>;
using Centimetres = Quantity<unit::Centimetre>;
using Ratio = Quantity<unit::Ratio>;
using Celsius = Quantity<unit::Celsius>;
using KilogramsPerLitre = Quantity<unit::KilogramPerLitre>;
using MillimetresOfMercury = Quantity<unit::MillimetreOfMercury>;
using Years = Quantity<unit::Year>;
using Minutes = Quantity<unit::Minute>;
using Hours = Quantity<unit::Hour>;
using MilligramsPerLitre = Quantity<unit::MilligramPerLitre>;
using LitresPerMinute = Quantity<unit::LitrePerMinute>;
using WattsPerKelvin = Quantity<unit::WattPerKelvin>;
using KilogramsPerSecond = Quantity<unit::KilogramPerSecond>;
using KilogramsPerWeek = Quantity<unit::KilogramPerWeek>;
using KilocaloriesPerKilogramDay = Quantity<unit::KilocaloriePerKilogramDay>;
using Seconds = Quantity<unit::Second>;
using Percent = Quantity<unit::Percent>;
using KilogramsPerSquareMetre = Quantity<unit::KilogramPerSquareMetre>;
using LitresPerSecond = Quantity<unit::LitrePerSecond>;
using Hertz = Quantity<unit::Hertz>;
using Pascals = Quantity<unit::Pascal>;
using CentimetresOfWater = Quantity<unit::CentimetreOfWater>;
using Ohms = Quantity<unit::Ohm>;
using Degrees = Quantity<unit::Degree>;
using SquareMetres = Quantity<unit::SquareMetre>;
using SquareCentimetres = Quantity<unit::SquareCentimetre>;
using GramsPerSquareCentimetre = Quantity<unit::GramPerSquareCentimetre>;
using Microsieverts = Quantity<unit::Microsievert>;
using KilocaloriesPerDay = Quantity<unit::KilocaloriePerDay>;

[[nodiscard]] constexpr Hertz kilohertz(double kilohertz) {
    return Hertz(kilohertz * 1000.0);
}

/// Sex as the published equations use it: the sex of the group from which each was derived.
enum class Sex { Male, Female };

[[nodiscard]] constexpr double centimetres(Metres height) {
    return height.value() * 100.0;
}
[[nodiscard]] constexpr Metres metresFromCentimetres(double centimetres) {
    return Metres(centimetres / 100.0);
}
[[nodiscard]] constexpr double hectopascals(MillimetresOfMercury pressure) {
    return pressure.value() * 1013.25 / 760.0;
}
[[nodiscard]] constexpr MillimetresOfMercury pressureFromHectopascals(double hectopascals) {
    return MillimetresOfMercury(hectopascals * 760.0 / 1013.25);
}

[[nodiscard]] constexpr Pascals pascals(MillimetresOfMercury pressure) {
    return Pascals(pressure.value() * 101325.0 / 760.0);
}
[[nodiscard]] constexpr double squareCentimetres(SquareMetres area) {
    return area.value() * 1e4;
}

inline constexpr double kilogramsPerPound = 0.45359237; ///< exact (international pound, 1959)
inline constexpr double metresPerInch = 0.0254;         ///< exact
[[nodiscard]] constexpr double pounds(Kilograms mass) {
    return mass.value() / kilogramsPerPound;
}
[[nodiscard]] constexpr Kilograms massFromPounds(double pounds) {
    return Kilograms(pounds * kilogramsPerPound);
}
[[nodiscard]] constexpr double inches(Metres length) {
    return length.value() / metresPerInch;
}
[[nodiscard]] constexpr Metres lengthFromInches(double inches) {
    return Metres(inches * metresPerInch);
}

} // namespace fusain

#pragma once
#include "core/units/units.hpp"

#include <array>
#include <string_view>

namespace fusain {

/// How much the same person, with the same fat, lean and bone, differs from one day to another: standard
/// deviations of one day about that person's mean. Grade B and C as a whole and not verified value by value:
/// for a lab to replace by its own between-day study.
struct DayToDay {
    Kilograms bodyWater{0.40};
    Kilograms gutContent{0.35};
    Litres gutGas{0.09};
    Litres residualVolume{0.08};
    Litres thoracicGas{0.15};
    double resistance = 0.02; ///< relative; about half of it where the electrode places are marked
    double reactance = 0.03;  ///< relative
    Litres spectrumWater{0.5};
};

/// One of these variations, as people read it.
struct DayToDayEntry {
    std::string_view name; ///< marked for translation
    double value;          ///< in `unit`
    std::string_view unit;
};
[[nodiscard]] std::array<DayToDayEntry, 8> entriesOf(const DayToDay& day);

/// Density of what comes and goes from day to day, kg/L: water at body temperature, and the content of the gut.
inline constexpr double bodyWaterDensity = 0.9934, gutContentDensity = 1.0;
/// What the chamber sees of gas that stays at body temperature: it gives way more than the air around it.
inline constexpr double isothermalShare = 0.6;

} // namespace fusain

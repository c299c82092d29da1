#pragma once
#include "core/base/problem.hpp"
#include "core/units/units.hpp"

#include <span>

namespace fusain::energy {

/// Gas exchange of one minute at rest, L/min STPD.
struct RestingMinute {
    double oxygen = 0.0;
    double carbonDioxide = 0.0;
};

/// A resting test as it counts.
struct RestingMeasurement {
    KilocaloriesPerDay energy{0.0};
    double quotient = 0.0;       ///< carbon dioxide over oxygen
    Percent variation;           ///< the larger coefficient of variation of both gases
    std::size_t firstMinute = 0; ///< of the five that count, from 0
};

/// How many minutes are thrown away at the beginning, and how many steady ones count.
inline constexpr std::size_t restingSettle = 5, restingSteady = 5;

/// Judges a resting test: the first five minutes are left out; of the rest the five in a row with the least
/// variation count, if both gases vary by at most 10 % and the quotient lies within 0.67 to 1.0.
/// @param minutes one value a minute, in order, each above 0
/// @return a Problem that says what was not met
/// @par Source Compher C et al (2006), J Am Diet Assoc 106:881-903 (to be confirmed against the source); Weir
/// JB (1949), J Physiol 109:1-9.
[[nodiscard]] Expected<RestingMeasurement> judgeResting(std::span<const RestingMinute> minutes);

} // namespace fusain::energy

#pragma once
#include "core/units/units.hpp"

namespace fusain::anthropometry {

/// Mass for height: mass / height². Body mass gives BMI, fat mass FMI, fat-free mass FFMI; FMI + FFMI = BMI.
/// @param mass kg, ≥ 0  @param height m, > 0  @return kg/m²
/// @par Source Quetelet's index; Hattori K et al (1997), Am J Hum Biol 9:573-578 for the FFMI-FMI chart.
[[nodiscard]] constexpr KilogramsPerSquareMetre massIndex(Kilograms mass, Metres height) {
    return KilogramsPerSquareMetre(mass.value() / (height.value() * height.value()));
}

} // namespace fusain::anthropometry

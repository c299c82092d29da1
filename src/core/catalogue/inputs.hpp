#pragma once
#include "core/catalogue/equations.hpp"

namespace fusain {

// Inputs that several entries of the catalogue share.
inline constexpr EquationInput sexInput{"sex", "sex", "", 0, 1};
inline constexpr EquationInput ageInput{"age_y", "age", "y", 0, 110};
inline constexpr EquationInput massInput{"mass_kg", "mass", "kg", 3, 250};
inline constexpr EquationInput heightInput{"height_cm", "standing height", "cm", 50, 220};

/// A value without an error of its own.
[[nodiscard]] inline EquationValue plainValue(double value) {
    return {value, std::nullopt, {}};
}

} // namespace fusain

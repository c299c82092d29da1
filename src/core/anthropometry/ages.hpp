#pragma once
#include "core/units/units.hpp"

namespace fusain::anthropometry {

// Ages of life at which a rule changes. What one equation covers stands with that equation.

/// From here on somebody is spoken to as an adult: bands, targets and percentiles are given, and nobody else's
/// consent is needed. A lab-adjustable default, the age of majority in most countries; local law
/// decides.
inline constexpr Years adultAge{18.0};

/// From here on the equations of adults for body density and lung volumes are used; below it those for
/// children.
/// @par Source Lohman TG (1989), Pediatr Exerc Sci 1:19-30: constants for 7 to 16 years.
inline constexpr Years adultEquationsAge{17.0};

/// From here on lean mass of the limbs is held against the limits for older people, and their equations are
/// used.
/// @par Source Sergi G et al (2015), Clin Nutr 34:667-673: people from 60 years; Cruz-Jentoft AJ et al (2019),
/// Age Ageing 48:16-31.
inline constexpr Years olderAge{60.0};

} // namespace fusain::anthropometry

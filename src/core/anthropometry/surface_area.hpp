#pragma once
#include "core/units/units.hpp"

namespace fusain::anthropometry {

/// Body surface area. @param mass kg, 3 … 200  @param height 0.5 … 2.2 m
/// @return 71.84·W^0.425·H^0.725 cm² (H in cm), as m²; error about 5 %
/// @par Source DuBois D, DuBois EF (1916), Arch Intern Med 17:863-871.
[[nodiscard]] SquareMetres surfaceAreaDuBois1916(Kilograms mass, Metres height);

/// Body surface area, infants to adults. @return 0.024265·W^0.5378·H^0.3964 m² (H in cm)
/// @par Source Haycock GB, Schwartz GJ, Wisotsky DH (1978), J Pediatr 93:62-66.
[[nodiscard]] SquareMetres surfaceAreaHaycock1978(Kilograms mass, Metres height);

} // namespace fusain::anthropometry

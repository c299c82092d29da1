#include "core/anthropometry/surface_area.hpp"

#include <cmath>

namespace fusain::anthropometry {

SquareMetres surfaceAreaDuBois1916(Kilograms mass, Metres height) {
    return SquareMetres(71.84 * std::pow(mass.value(), 0.425) * std::pow(centimetres(height), 0.725) / 1e4);
}

SquareMetres surfaceAreaHaycock1978(Kilograms mass, Metres height) {
    return SquareMetres(0.024265 * std::pow(mass.value(), 0.5378) * std::pow(centimetres(height), 0.3964));
}

} // namespace fusain::anthropometry

#pragma once
#include "core/compartments/body.hpp"
#include "core/numeric/measured.hpp"

namespace fusain::hydrostatic {

/// Everything that the arithmetic of underwater weighing needs, each with its uncertainty.
struct CompositionInputs {
    Uncertain dryMass{0.0};          ///< kg
    Uncertain underwaterMass{0.0};   ///< kg, net
    Uncertain waterTemperature{0.0}; ///< °C
    Uncertain residualVolume{0.0};   ///< L BTPS
    Uncertain gutGas{0.0};           ///< L BTPS
    compartments::TwoComponentConstants constants = compartments::siri1961;
    double fatFreeDensitySpread = 0.0; ///< kg/L between people
    Metres height{0.0};
};

/// What comes out, in full double precision.
struct Composition {
    KilogramsPerLitre waterDensity{0.0};
    compartments::Body body;
};

/// The whole chain: water density, body volume, body density, %fat, masses and indices. Nothing is rounded on
/// the way.
/// @par Source the functions it is made of: densityTanaka2001, volumeAndDensity, compartments::bodyFrom.
[[nodiscard]] Composition compose(const CompositionInputs& inputs);

} // namespace fusain::hydrostatic

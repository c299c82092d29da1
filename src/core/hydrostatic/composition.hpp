#pragma once
#include "core/compartments/body.hpp"
#include "core/numeric/measured.hpp"

namespace fusain::hydrostatic {

/// Everything that the arithmetic of underwater weighing needs, each with its uncertainty.
struct CompositionInputs {
    Measured<Kilograms> dryMass;
    Measured<Kilograms> underwaterMass; ///< net
    Measured<Celsius> waterTemperature;
    Measured<Litres> residualVolume; ///< BTPS
    Measured<Litres> gutGas;         ///< BTPS
    compartments::TwoComponentConstants constants = compartments::siri1961;
    KilogramsPerLitre fatFreeDensitySpread{0.0}; ///< between people
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

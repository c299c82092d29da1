#include "core/hydrostatic/composition.hpp"

#include "core/hydrostatic/body_density.hpp"
#include "core/water/density.hpp"

namespace fusain::hydrostatic {

Composition compose(const CompositionInputs& inputs) {
    Composition result;
    const auto waterDensity = water::densityTanaka2001(inputs.waterTemperature);
    const auto volume = volumeAndDensity(WeighedBody<Measured>{.dryMass = inputs.dryMass,
                                                               .underwaterMass = inputs.underwaterMass,
                                                               .waterDensity = waterDensity,
                                                               .residualVolume = inputs.residualVolume,
                                                               .gutGas = inputs.gutGas})
                            .bodyVolume;
    result.waterDensity = waterDensity.estimate();
    result.body = compartments::bodyFrom(inputs.dryMass, volume, inputs.constants, inputs.fatFreeDensitySpread,
                                         inputs.height);
    return result;
}

} // namespace fusain::hydrostatic

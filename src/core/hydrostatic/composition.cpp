#include "core/hydrostatic/composition.hpp"

#include "core/hydrostatic/body_density.hpp"
#include "core/water/density.hpp"

namespace fusain::hydrostatic {

Composition compose(const CompositionInputs& inputs) {
    Composition result;
    const Uncertain waterDensity = water::densityTanaka2001(inputs.waterTemperature);
    const Uncertain volume = volumeAndDensity(inputs.dryMass, inputs.underwaterMass, waterDensity,
                                              inputs.residualVolume, inputs.gutGas)
                                 .bodyVolume;
    result.waterDensity = KilogramsPerLitre(waterDensity.estimate());
    result.body = compartments::bodyFrom(inputs.dryMass, volume, inputs.constants, inputs.fatFreeDensitySpread,
                                         inputs.height);
    return result;
}

} // namespace fusain::hydrostatic

#include "core/hydrostatic/composition.hpp"

#include "core/hydrostatic/body_density.hpp"
#include "core/water/density.hpp"

namespace fusain::hydrostatic {

Composition compose(const CompositionInputs& inputs) {
    Composition result;
    const Uncertain waterDensity = water::densityTanaka2001(inputs.waterTemperature);
    const auto [volume, density] = volumeAndDensity(inputs.dryMass, inputs.underwaterMass, waterDensity,
                                                    inputs.residualVolume, inputs.gutGas);
    const Uncertain fat = compartments::fatPercent(inputs.constants, density, inputs.fatFreeDensitySpread);
    const Uncertain fatMass = inputs.dryMass * fat / Uncertain(100.0);
    const Uncertain fatFreeMass = inputs.dryMass - fatMass;
    const Uncertain heightSquared(inputs.height.value() * inputs.height.value());
    result.waterDensity = KilogramsPerLitre(waterDensity.estimate());
    result.bodyVolume = Measured<Litres>(volume);
    result.bodyDensity = Measured<KilogramsPerLitre>(density);
    result.fatPercent = Measured<Percent>(fat);
    result.fatMass = Measured<Kilograms>(fatMass);
    result.fatFreeMass = Measured<Kilograms>(fatFreeMass);
    result.fatMassIndex = Measured<KilogramsPerSquareMetre>(fatMass / heightSquared);
    result.fatFreeMassIndex = Measured<KilogramsPerSquareMetre>(fatFreeMass / heightSquared);
    return result;
}

} // namespace fusain::hydrostatic

#include "core/compartments/body.hpp"

namespace fusain::compartments {

Body bodyFrom(const Uncertain& mass, const Uncertain& volume, const TwoComponentConstants& constants,
              double fatFreeDensitySpread, Metres height) {
    const Uncertain density = mass / volume;
    const Uncertain fat = fatPercent(constants, density, fatFreeDensitySpread);
    const Uncertain fatMass = mass * fat / Uncertain(100.0);
    const Uncertain fatFreeMass = mass - fatMass;
    const Uncertain heightSquared(height.value() * height.value());
    Body body;
    body.volume = Measured<Litres>(volume);
    body.density = Measured<KilogramsPerLitre>(density);
    body.fatPercent = Measured<Percent>(fat);
    body.fatMass = Measured<Kilograms>(fatMass);
    body.fatFreeMass = Measured<Kilograms>(fatFreeMass);
    body.fatMassIndex = Measured<KilogramsPerSquareMetre>(fatMass / heightSquared);
    body.fatFreeMassIndex = Measured<KilogramsPerSquareMetre>(fatFreeMass / heightSquared);
    return body;
}

} // namespace fusain::compartments

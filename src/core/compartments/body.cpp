#include "core/compartments/body.hpp"

namespace fusain::compartments {

namespace {

Composition compositionWith(const Uncertain& fat, const Uncertain& fatMass, const Uncertain& fatFreeMass,
                            Metres height) {
    const Uncertain heightSquared(height.value() * height.value());
    return {Measured<Percent>(fat), Measured<Kilograms>(fatMass), Measured<Kilograms>(fatFreeMass),
            Measured<KilogramsPerSquareMetre>(fatMass / heightSquared),
            Measured<KilogramsPerSquareMetre>(fatFreeMass / heightSquared)};
}

} // namespace

Composition compositionFrom(const Uncertain& mass, const Uncertain& fatFreeMass, Metres height) {
    const Uncertain fatMass = mass - fatFreeMass;
    return compositionWith(Uncertain(100.0) * fatMass / mass, fatMass, fatFreeMass, height);
}

Body bodyFrom(const Uncertain& mass, const Uncertain& volume, const TwoComponentConstants& constants,
              double fatFreeDensitySpread, Metres height) {
    const Uncertain density = mass / volume;
    const Uncertain fat = fatPercent(constants, density, fatFreeDensitySpread);
    const Uncertain fatMass = mass * fat / Uncertain(100.0);
    return {compositionWith(fat, fatMass, mass - fatMass, height), Measured<Litres>(volume),
            Measured<KilogramsPerLitre>(density)};
}

} // namespace fusain::compartments

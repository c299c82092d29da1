#include "core/compartments/body.hpp"

namespace fusain::compartments {

namespace {

Composition compositionWith(const Measured<Percent>& fat, const Measured<Kilograms>& fatMass,
                            const Measured<Kilograms>& fatFreeMass, Metres height) {
    using Index = Measured<KilogramsPerSquareMetre>;
    const double heightSquared = height.value() * height.value();
    const auto indexOf = [&](const Measured<Kilograms>& part) {
        return Index((1.0 / heightSquared * part).uncertain());
    };
    return {fat, fatMass, fatFreeMass, indexOf(fatMass), indexOf(fatFreeMass)};
}

} // namespace

Composition compositionFrom(const Masses& masses, Metres height) {
    const auto fatMass = masses.mass - masses.fatFreeMass;
    return compositionWith(Measured<Percent>(Uncertain(100.0) * (fatMass / masses.mass)), fatMass,
                           masses.fatFreeMass, height);
}

Body bodyFrom(const Measured<Kilograms>& mass, const Measured<Litres>& volume,
              const TwoComponentConstants& constants, KilogramsPerLitre fatFreeDensitySpread, Metres height) {
    const auto density = mass / volume;
    const auto fat = fatPercent(constants, density, fatFreeDensitySpread);
    const Measured<Kilograms> fatMass(mass.uncertain() * fat.uncertain() / Uncertain(100.0));
    return {compositionWith(fat, fatMass, mass - fatMass, height), volume, density};
}

} // namespace fusain::compartments

#pragma once
#include "core/compartments/two_component.hpp"

namespace fusain::compartments {

/// Fat and the rest of a body, in full double precision, however they were found.
struct Composition {
    Measured<Percent> fatPercent;
    Measured<Kilograms> fatMass;
    Measured<Kilograms> fatFreeMass;
    Measured<KilogramsPerSquareMetre> fatMassIndex;
    Measured<KilogramsPerSquareMetre> fatFreeMassIndex;
};
/// A body in two parts. Each by its name: both are masses.
struct Masses {
    Measured<Kilograms> mass;
    Measured<Kilograms> fatFreeMass;
};
/// From mass and fat-free mass to the rest.
[[nodiscard]] Composition compositionFrom(const Masses& masses, Metres height);

/// A body by density and the two-component model.
struct Body : Composition {
    Measured<Litres> volume; ///< free of lung and gut gas
    Measured<KilogramsPerLitre> density;
};

/// From mass and volume to the masses and indices. Nothing is rounded on the way.
/// @param volume however it was measured  @param fatFreeDensitySpread standard deviation between people
/// @par Source compartments::fatPercent and anthropometry::massIndex.
[[nodiscard]] Body bodyFrom(const Measured<Kilograms>& mass, const Measured<Litres>& volume,
                            const TwoComponentConstants& constants, KilogramsPerLitre fatFreeDensitySpread,
                            Metres height);

/// True for densities that a living person can have.
[[nodiscard]] constexpr bool plausibleBodyDensity(KilogramsPerLitre density) {
    return density.value() >= 0.93 && density.value() <= 1.10;
}

} // namespace fusain::compartments

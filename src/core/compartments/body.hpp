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
/// From mass and fat-free mass to the rest. @param mass kg  @param fatFreeMass kg  @param height m
[[nodiscard]] Composition compositionFrom(const Uncertain& mass, const Uncertain& fatFreeMass, Metres height);

/// A body by density and the two-component model.
struct Body : Composition {
    Measured<Litres> volume; ///< free of lung and gut gas
    Measured<KilogramsPerLitre> density;
};

/// From mass and volume to the masses and indices. Nothing is rounded on the way.
/// @param mass kg  @param volume L, however it was measured
/// @param fatFreeDensitySpread standard deviation between people, kg/L  @param height m
/// @par Source compartments::fatPercent and anthropometry::massIndex.
[[nodiscard]] Body bodyFrom(const Uncertain& mass, const Uncertain& volume,
                            const TwoComponentConstants& constants, double fatFreeDensitySpread, Metres height);

/// True for densities that a living person can have.
[[nodiscard]] constexpr bool plausibleBodyDensity(KilogramsPerLitre density) {
    return density.value() >= 0.93 && density.value() <= 1.10;
}

} // namespace fusain::compartments

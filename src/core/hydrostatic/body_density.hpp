#pragma once
#include "core/numeric/measured.hpp"
#include "core/units/units.hpp"

namespace fusain::hydrostatic {

/// Lung-free body volume Db's denominator: (Ma − Mw)/Dw − (RV + GI), and the density Ma / volume.
template <class Number>
struct VolumeAndDensity {
    Number bodyVolume;
    Number bodyDensity;
};

/// Body volume (L) and density (kg/L) by underwater weighing.
///
/// One formula for plain numbers and for numbers with uncertainty.
/// @param Ma dry mass in air, kg, 10 … 300
/// @param Mw net underwater mass (gross − tare), kg, −10 … 10; negative when the body floats
/// @param Dw water density at the weighing temperature, kg/L, 0.98 … 1.00
/// @param RV gas left in the lungs, L BTPS (residual volume, or the volume actually held)
/// @param GI gas in the gut, L BTPS, by convention 0.1
/// @return volume in L and density in kg/L; plausible human densities lie in 0.93 … 1.10
/// @par Source Buskirk ER (1961) and Goldman RF, Buskirk ER (1961), in Brozek & Henschel, Techniques for
/// Measuring Body Composition, NAS-NRC; Brozek J et al (1963), Ann N Y Acad Sci 110:113-140.
template <class Number>
[[nodiscard]] constexpr VolumeAndDensity<Number>
volumeAndDensity(const Number& Ma, const Number& Mw, const Number& Dw, const Number& RV, const Number& GI) {
    const Number volume = (Ma - Mw) / Dw - (RV + GI);
    return {volume, Ma / volume};
}

/// Typed form of volumeAndDensity: the density alone.
[[nodiscard]] inline KilogramsPerLitre bodyDensity(Kilograms dryMass, Kilograms netUnderwaterMass,
                                                   KilogramsPerLitre waterDensity, Litres residualVolume,
                                                   Litres gutGas) {
    return KilogramsPerLitre(volumeAndDensity(dryMass.value(), netUnderwaterMass.value(), waterDensity.value(),
                                              residualVolume.value(), gutGas.value())
                                 .bodyDensity);
}

} // namespace fusain::hydrostatic

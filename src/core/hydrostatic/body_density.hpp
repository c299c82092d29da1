#pragma once
#include "core/numeric/measured.hpp"
#include "core/units/units.hpp"

namespace fusain::hydrostatic {

/// What is read of one person in air and under water. Each by its name: two of them are masses, two are gases.
/// @tparam As Plain, or Measured for readings with their uncertainty
template <template <class> class As>
struct WeighedBody {
    As<Kilograms> dryMass;        ///< Ma in air, 10 … 300
    As<Kilograms> underwaterMass; ///< Mw net (gross − tare), −10 … 10; negative when the body floats
    As<KilogramsPerLitre> waterDensity; ///< Dw at the weighing temperature, 0.98 … 1.00
    As<Litres> residualVolume;          ///< RV BTPS: gas left in the lungs, or the volume actually held
    As<Litres> gutGas;                  ///< GI BTPS, by convention 0.1
};

/// Lung-free body volume Db's denominator: (Ma − Mw)/Dw − (RV + GI), and the density Ma / volume.
template <template <class> class As>
struct VolumeAndDensity {
    As<Litres> bodyVolume;
    As<KilogramsPerLitre> bodyDensity;
};

/// Body volume (L) and density (kg/L) by underwater weighing.
///
/// One formula for plain quantities and for those with uncertainty.
/// @return volume in L and density in kg/L; plausible human densities lie in 0.93 … 1.10
/// @par Source Buskirk ER (1961) and Goldman RF, Buskirk ER (1961), in Brozek & Henschel, Techniques for
/// Measuring Body Composition, NAS-NRC; Brozek J et al (1963), Ann N Y Acad Sci 110:113-140.
template <template <class> class As>
[[nodiscard]] constexpr VolumeAndDensity<As> volumeAndDensity(const WeighedBody<As>& body) {
    const As<Litres> volume =
        (body.dryMass - body.underwaterMass) / body.waterDensity - (body.residualVolume + body.gutGas);
    return {volume, body.dryMass / volume};
}

} // namespace fusain::hydrostatic

#pragma once
#include "core/lung/static_volumes.hpp"
#include "core/numeric/measured.hpp"
#include "core/units/units.hpp"

namespace fusain::airdisplacement {

/// How much the air that clings to the skin makes the chamber under-read: it is compressed isothermally and so
/// looks 40 % larger than it is.
/// @param surfaceArea m², 0.3 … 3.5  @return litres, negative: −4.67e-5 L per cm²
/// @par Source Dempster P, Aitkens S (1995), Med Sci Sports Exerc 27:1692-1697.
[[nodiscard]] constexpr Litres surfaceAreaArtefact(SquareMetres surfaceArea) {
    return Litres(-4.67e-5 * squareCentimetres(surfaceArea));
}

/// What a chamber says of one person. Each by its name: all three are volumes.
/// @tparam As Plain, or Measured for readings with their uncertainty
template <template <class> class As>
struct BodyInChamber {
    As<Litres> rawVolume;           ///< 10 … 250
    As<Litres> surfaceAreaArtefact; ///< negative
    As<Litres> thoracicGas;         ///< BTPS, 0.5 … 8
};

/// Volume of the body without the air in its lungs: Vb = Vraw − SAA + 0.40·TGV. The artefact is negative, so
/// that both terms add. There is no gut-gas term.
///
/// One formula for plain quantities and for those with uncertainty.
/// @par Source Dempster P, Aitkens S (1995); McCrory MA et al (1995), Med Sci Sports Exerc 27:1686-1691.
template <template <class> class As>
[[nodiscard]] constexpr As<Litres> bodyVolume(const BodyInChamber<As>& body) {
    return body.rawVolume - body.surfaceAreaArtefact + 0.40 * body.thoracicGas;
}

/// Thoracic gas during quiet breathing, adults: Crapo's functional residual capacity and half a tidal volume
/// (0.60 L in men, 0.35 L in women).
/// @param age 17 … 90 y  @return standard error 0.44 L, predicted against measured
/// @par Source McCrory MA et al (1998), J Appl Physiol 84:1475-1479; Crapo RO et al (1982).
[[nodiscard]] lung::PredictedVolume thoracicGasAdult(Sex sex, Metres height, Years age);

/// Thoracic gas, children: M 0.00056H² − 0.12442H + 8.15194, F 0.00044H² − 0.09220H + 6.00305 (H cm).
/// @param height at least 1.11 m (boys), 1.05 m (girls): the curves turn upward below
/// @param age 6 … 17 y  @return litres; scatter 0.3 L is a lab-adjustable default
/// @par Source Fields DA, Hull HR, Cheline AJ, Yao M, Higgins PB (2004), Obes Res 12:1797-1804.
[[nodiscard]] lung::PredictedVolume thoracicGasFields2004(Sex sex, Metres height, Years age);

} // namespace fusain::airdisplacement

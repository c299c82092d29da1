#pragma once
#include "core/anthropometry/ages.hpp"
#include "core/anthropometry/limits.hpp"
#include "core/numeric/measured.hpp"
#include "core/units/units.hpp"

#include <optional>
#include <span>
#include <string_view>

namespace fusain::compartments {

/// Constants of %fat = 100·(C1/D − C2). The implied fat-free density is C1/C2, the implied fat density C1/(1 +
/// C2).
struct TwoComponentConstants {
    double C1;
    double C2;
    [[nodiscard]] constexpr double fatFreeDensity() const { return C1 / C2; }
    [[nodiscard]] constexpr double fatDensity() const { return C1 / (1.0 + C2); }
};

/// Siri WE (1961), in Brozek & Henschel, NAS-NRC, pp 223-244: fat 0.900, fat-free 1.100. White adults about
/// 20-50 y.
inline constexpr TwoComponentConstants siri1961{4.95, 4.50};
/// Brozek J et al (1963), Ann N Y Acad Sci 110:113-140: reference man 15.3 % at 1.064.
inline constexpr TwoComponentConstants brozek1963{4.570, 4.142};
/// Schutte JE et al (1984), J Appl Physiol 56:1647-1649: 15 black men 18-32 y; fat-free density inferred, not
/// measured.
inline constexpr TwoComponentConstants schutte1984{4.374, 3.928};
/// Wagner DR, Heyward VH (2001), J Appl Physiol 90:649-656: black men 19-45 y, four-component reference.
inline constexpr TwoComponentConstants wagnerHeyward2001{4.858, 4.394};
/// Heyward VH, Wagner DR (2004), Applied Body Composition Assessment: black women 24-79 y.
inline constexpr TwoComponentConstants heywardWagnerBlackWomen2004{4.85, 4.39};

/// Lohman TG (1986) Exerc Sport Sci Rev 14:325-357; (1989) Pediatr Exerc Sci 1:19-30: constants by sex and
/// completed years. Rows for 7 … 16 y are certain; 17 and 18 y (one row) are to be confirmed against the
/// source.
/// @return nothing outside 7 … 18 completed years
[[nodiscard]] std::optional<TwoComponentConstants> lohman1989(Sex sex, Years age);

/// Group constants for white people, Heyward VH, Wagner DR (2004): by sex and completed years, 7 … 80 y.
[[nodiscard]] std::optional<TwoComponentConstants> heywardWagnerWhite2004(Sex sex, Years age);

/// %fat of a body of density D (kg/L, 0.93 … 1.10). @return percent; below 0 or above 100 is possible and is
/// flagged by the caller, never clipped.
[[nodiscard]] constexpr Percent fatPercent(const TwoComponentConstants& constants, KilogramsPerLitre density) {
    return Percent(100.0 * (constants.C1 / density.value() - constants.C2));
}

/// How the density of the fat-free body differs between people: standard deviations, kg/L. Four-component work
/// finds 0.006 to 0.010; the values are engineering choices within it, for a lab to replace.
/// @par Source Siri WE (1961) and Lohman TG (1981), Hum Biol 53:181-225, who put the error of % fat by density
/// at 3.9 and 2.7 points; the spread by group is not verified.
struct FatFreeDensitySpread {
    KilogramsPerLitre healthyAdults{0.0064}; ///< 18 to 60 years, body mass index below 30 kg/m²
    KilogramsPerLitre others{0.008};
    [[nodiscard]] constexpr KilogramsPerLitre of(Years age, KilogramsPerSquareMetre bodyMassIndex) const {
        const bool adult = age >= anthropometry::adultAge && age <= anthropometry::olderAge;
        return adult && bodyMassIndex < anthropometry::obeseBodyMassIndex ? healthyAdults : others;
    }
};

/// As fatPercent, with uncertainty: the technical part from the density, and the method part from the spread of
/// the fat-free density between people.
/// @param fatFreeDensitySpread standard deviation between people (0 leaves the method part out)
[[nodiscard]] Measured<Percent> fatPercent(const TwoComponentConstants& constants,
                                           const Measured<KilogramsPerLitre>& density,
                                           KilogramsPerLitre fatFreeDensitySpread);

/// A named way from density to fat that a policy can choose.
struct DensityConversion {
    std::string_view id;     ///< as in the catalogue
    std::string_view title;  ///< marked for translation
    bool groupSpecific;      ///< never chosen automatically: only on the operator's explicit choice
    bool childConstants;     ///< for 7 … 16 y
    std::string_view caveat; ///< English, marked for translation; empty if there is none
    /// Constants for this person, or nothing when the person lies outside the published validity.
    std::optional<TwoComponentConstants> (*constantsFor)(Sex, Years);
};

/// Every conversion that ships, the default first.
[[nodiscard]] std::span<const DensityConversion> densityConversions();
[[nodiscard]] const DensityConversion* findDensityConversion(std::string_view id);

} // namespace fusain::compartments

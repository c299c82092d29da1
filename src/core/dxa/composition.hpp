#pragma once
#include "core/anthropometry/limb_balance.hpp"
#include "core/compartments/body.hpp"
#include "core/dxa/scan.hpp"
#include "core/numeric/day_to_day.hpp"

namespace fusain::dxa {

/// How well scans repeat. Until a lab has its own study: the poorest repeatability of total fat that the
/// positions allow, and the upper ends of the usual published ranges for limbs.
/// @par Source 3 % of total fat, 2 % of total lean: ISCD positions 2013 (Hangartner TN et al, J Clin Densitom
/// 16:520-536).
struct ScanPrecision {
    double fat = 0.03;          ///< relative, of the fat of the whole body
    double lean = 0.02;         ///< relative, of the lean of the whole body
    Kilograms leastFat{0.2};    ///< standard error of the fat of somebody with little of it
    double mass = 0.0015;       ///< relative, of the sum
    double boneMineral = 0.015; ///< relative
    double armLean = 0.03, legLean = 0.018, trunkLean = 0.016; ///< relative
    double armFat = 0.05, legFat = 0.025, trunkFat = 0.035;    ///< relative
    /// Standard deviation of the scanner's fat against a four-component model, as a fraction of the mass of the
    /// body. An lab-adjustable default within the published limits of agreement (± 3 to 6 %fat).
    double model = 0.023;

    /// Relative standard errors of one region; the head's are those of the trunk.
    [[nodiscard]] double leanOf(Region region) const;
    [[nodiscard]] double fatOf(Region region) const;
};

/// The body as the scan sees it.
///
/// Fat and lean repeat each by its own error. How the scanner's fat lies to the truth for one person is the
/// split of soft tissue: what is too much in one is missing in the other. @param height m
struct BodyByScan {
    compartments::Composition composition; ///< fat in the whole mass
    Measured<Kilograms> lean;
    Measured<Kilograms> boneMineral;
    Measured<Kilograms> mass;
};
[[nodiscard]] BodyByScan bodyFrom(const RegionReading& total, const ScanPrecision& precision,
                                  const DayToDay& day, Metres height);

/// Indices of a scan, as their papers define them. @par Source sheet 1.2.
struct Indices {
    std::optional<double> androidGynoid;      ///< android %fat over gynoid %fat, both by one convention
    double trunkToLimbFat = 0.0;              ///< fat of the trunk over that of arms and legs, kg/kg
    double trunkToLegFatPercent = 0.0;        ///< %fat of the trunk over %fat of the legs
    KilogramsPerSquareMetre fatMassIndex;     ///< VanItallie 1990, Am J Clin Nutr 52:953-959
    KilogramsPerSquareMetre leanIndex;        ///< lean/h²
    Kilograms limbLean;                       ///< of arms and legs; Heymsfield 1990, Am J Clin Nutr 52:214-218
    KilogramsPerSquareMetre limbLeanIndex;    ///< Baumgartner 1998, Am J Epidemiol 147:755-763
    SquareMetres limbLeanByBmi;               ///< limbLean over the body mass index; Cawthon 2014
    KilogramsPerSquareMetre boneMineralIndex; ///< BMC/h²
};
/// @param scan with its six parts  @param height m  @param scaleMass kg, for the body mass index
[[nodiscard]] Indices indicesOf(const Scan& scan, Metres height, Kilograms scaleMass, FatConvention convention);
/// Standard error of the lean of all four limbs, kg.
[[nodiscard]] Kilograms limbLeanError(const Scan& scan, const ScanPrecision& precision);

/// What a lab calls a notable difference between two limbs; schools differ.
struct BalanceThreshold {
    enum class Kind { Mass, Percent } kind = Kind::Mass;
    double arms = 0.45; ///< kg or %
    double legs = 0.9;
    friend bool operator==(const BalanceThreshold&, const BalanceThreshold&) = default;
};
/// Right against left within one scan.
/// @param right, left masses of one tissue, kg  @param relativeError of one of them  @param limit of this pair
[[nodiscard]] anthropometry::LimbBalance balance(Kilograms right, Kilograms left, double relativeError,
                                                 BalanceThreshold::Kind kind, double limit);

/// Volume of visceral fat from the mass that the densitometer reported: m/0.94 kg/L.
/// @par Source Kaul S et al (2012), Obesity 20:1313-1318.
[[nodiscard]] Litres visceralVolume(Kilograms mass);

} // namespace fusain::dxa

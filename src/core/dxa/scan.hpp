#pragma once
#include "core/units/units.hpp"

#include <array>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace fusain::dxa {

/// Regions of a whole-body scan. Android and gynoid lie inside trunk and legs and are never added to them;
/// subtotal is the total without the head.
enum class Region { Head, LeftArm, RightArm, Trunk, LeftLeg, RightLeg, Subtotal, Total, Android, Gynoid };
inline constexpr std::array regions{Region::Head,    Region::LeftArm,  Region::RightArm, Region::Trunk,
                                    Region::LeftLeg, Region::RightLeg, Region::Subtotal, Region::Total,
                                    Region::Android, Region::Gynoid};
/// The six that add up to the total.
inline constexpr std::array parts{Region::Head,  Region::LeftArm, Region::RightArm,
                                  Region::Trunk, Region::LeftLeg, Region::RightLeg};
/// "left-arm", "total" … as in files.
[[nodiscard]] std::string_view regionKey(Region region);
[[nodiscard]] std::optional<Region> regionFromKey(std::string_view key);
/// English name, marked for translation.
[[nodiscard]] std::string_view regionName(Region region);

/// The two sides of a pair of limbs.
struct Pair {
    Region right;
    Region left;
};
inline constexpr Pair arms{Region::RightArm, Region::LeftArm};
inline constexpr Pair legs{Region::RightLeg, Region::LeftLeg};

/// One region as the densitometer gives it.
struct RegionReading {
    Region region = Region::Total;
    Kilograms fat{0.0};
    Kilograms lean{0.0};                   ///< free of fat and of bone mineral
    Kilograms boneMineral{0.0};            ///< ash, as densitometers give it
    std::optional<SquareCentimetres> area; ///< of the bone
    std::optional<Kilograms> printedMass;  ///< the instrument's own sum, for the running check

    [[nodiscard]] Kilograms softTissue() const { return fat + lean; }
    [[nodiscard]] Kilograms mass() const { return fat + lean + boneMineral; }
    [[nodiscard]] Kilograms fatFree() const { return lean + boneMineral; }
    /// Fat in the soft tissue: 100·fat/(fat + lean). Half a point to one and a half above the next.
    [[nodiscard]] Percent fatOfTissue() const { return Percent(100.0 * (fat / softTissue())); }
    /// Fat in the whole mass: 100·fat/(fat + lean + BMC); the one that goes with other methods.
    [[nodiscard]] Percent fatOfMass() const { return Percent(100.0 * (fat / mass())); }
    /// Bone mineral over area, of a projection and so dependent on size; nothing without the area.
    [[nodiscard]] std::optional<GramsPerSquareCentimetre> boneDensity() const;
};

/// Body fat percentage is written in two ways; a page says which.
enum class FatConvention { WholeMass, SoftTissue };
[[nodiscard]] std::string_view conventionName(FatConvention convention); ///< marked for translation
[[nodiscard]] Percent fatPercent(const RegionReading& region, FatConvention convention);

/// A whole-body scan: the regions that the densitometer gave, in any order.
struct Scan {
    std::vector<RegionReading> regions;
    [[nodiscard]] const RegionReading* of(Region region) const;
    /// Sum of the two limbs; nothing when one is missing.
    [[nodiscard]] std::optional<RegionReading> both(Pair pair) const;
};
/// The sum of regions, under the name `as`; nothing when one is missing.
[[nodiscard]] std::optional<RegionReading> sumOf(const Scan& scan, std::span<const Region> which, Region as);

/// The whole body of somebody who is wider than the field, from the side that lay inside it.
///
/// total = 2·(arm + leg of the complete side + its half of trunk and head).
/// @param half the complete side's arm and leg, and the halves of trunk and head, as read
/// @return all six parts, subtotal and total; nothing when one of the four is missing
/// @par Source Tataranni PA, Ravussin E (1995), Am J Clin Nutr 62:730-734; the error for one person is about 1
/// % of mass.
[[nodiscard]] std::optional<Scan> mirrored(const Scan& half);

} // namespace fusain::dxa

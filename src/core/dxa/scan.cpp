#include "core/dxa/scan.hpp"

#include "core/base/message.hpp"

#include <algorithm>

namespace fusain::dxa {
namespace {

struct Name {
    Region region;
    std::string_view key;
    std::string_view text;
};
constexpr std::array names{
    Name{Region::Head, "head", FUSAIN_TEXT("head")},
    Name{Region::LeftArm, "left-arm", FUSAIN_TEXT("left arm")},
    Name{Region::RightArm, "right-arm", FUSAIN_TEXT("right arm")},
    Name{Region::Trunk, "trunk", FUSAIN_TEXT("trunk")},
    Name{Region::LeftLeg, "left-leg", FUSAIN_TEXT("left leg")},
    Name{Region::RightLeg, "right-leg", FUSAIN_TEXT("right leg")},
    Name{Region::Subtotal, "subtotal", FUSAIN_TEXT("total without head")},
    Name{Region::Total, "total", FUSAIN_TEXT("total")},
    Name{Region::Android, "android", FUSAIN_TEXT("android")},
    Name{Region::Gynoid, "gynoid", FUSAIN_TEXT("gynoid")},
};

RegionReading plus(const RegionReading& a, const RegionReading& b, Region as) {
    RegionReading sum{as, a.fat + b.fat, a.lean + b.lean, a.boneMineral + b.boneMineral, {}, {}};
    if (a.area && b.area)
        sum.area = *a.area + *b.area;
    return sum;
}

RegionReading named(RegionReading reading, Region as) {
    reading.region = as;
    reading.printedMass.reset();
    return reading;
}

} // namespace

std::string_view regionKey(Region region) {
    return std::ranges::find(names, region, &Name::region)->key;
}

std::optional<Region> regionFromKey(std::string_view key) {
    const auto found = std::ranges::find(names, key, &Name::key);
    return found == names.end() ? std::nullopt : std::optional(found->region);
}

std::string_view regionName(Region region) {
    return std::ranges::find(names, region, &Name::region)->text;
}

std::optional<GramsPerSquareCentimetre> RegionReading::boneDensity() const {
    if (!area || area->value() <= 0.0)
        return std::nullopt;
    return GramsPerSquareCentimetre(1000.0 * boneMineral.value() / area->value());
}

std::string_view conventionName(FatConvention convention) {
    return convention == FatConvention::WholeMass ? FUSAIN_TEXT("fat in the whole mass, bone included")
                                                  : FUSAIN_TEXT("fat in the soft tissue, without bone");
}

Percent fatPercent(const RegionReading& region, FatConvention convention) {
    return convention == FatConvention::WholeMass ? region.fatOfMass() : region.fatOfTissue();
}

const RegionReading* Scan::of(Region region) const {
    const auto found = std::ranges::find(regions, region, &RegionReading::region);
    return found == regions.end() ? nullptr : &*found;
}

std::optional<RegionReading> Scan::both(Pair pair) const {
    return sumOf(*this, std::array{pair.right, pair.left}, pair.right);
}

std::optional<RegionReading> sumOf(const Scan& scan, std::span<const Region> which, Region as) {
    std::optional<RegionReading> sum;
    for (const Region region : which) {
        const RegionReading* part = scan.of(region);
        if (!part)
            return std::nullopt;
        sum = sum ? plus(*sum, *part, as) : named(*part, as);
    }
    return sum;
}

std::optional<Scan> mirrored(const Scan& half) {
    const bool right = half.of(Region::RightArm) && half.of(Region::RightLeg);
    const RegionReading* arm = half.of(right ? Region::RightArm : Region::LeftArm);
    const RegionReading* leg = half.of(right ? Region::RightLeg : Region::LeftLeg);
    const RegionReading *trunk = half.of(Region::Trunk), *head = half.of(Region::Head);
    if (!arm || !leg || !trunk || !head)
        return std::nullopt;
    Scan whole;
    for (const Region side : {Region::RightArm, Region::LeftArm})
        whole.regions.push_back(named(*arm, side));
    for (const Region side : {Region::RightLeg, Region::LeftLeg})
        whole.regions.push_back(named(*leg, side));
    whole.regions.push_back(plus(*trunk, *trunk, Region::Trunk));
    whole.regions.push_back(plus(*head, *head, Region::Head));
    whole.regions.push_back(*sumOf(whole, std::span(parts).subspan(1), Region::Subtotal));
    whole.regions.push_back(*sumOf(whole, parts, Region::Total));
    return whole;
}

} // namespace fusain::dxa

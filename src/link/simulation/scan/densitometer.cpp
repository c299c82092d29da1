#include "link/simulation/scan/densitometer.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::simulation {
namespace {

using dxa::Region;
using dxa::RegionReading;

double grams(double kilograms) {
    return std::round(kilograms * 1000.0) / 1000.0;
}

RegionReading& at(dxa::Scan& scan, Region region) {
    return *std::ranges::find(scan.regions, region, &RegionReading::region);
}

/// Parts of the whole that a region usually holds.
struct Share {
    Region region;
    double lean, bone, limbFat; ///< limbFat: of the fat outside trunk and head
};
constexpr std::array shares{
    Share{Region::LeftArm, 0.062, 0.072, 0.12}, Share{Region::RightArm, 0.064, 0.074, 0.12},
    Share{Region::LeftLeg, 0.169, 0.200, 0.38}, Share{Region::RightLeg, 0.170, 0.202, 0.38}};
constexpr double headFat = 0.05, headLean = 0.062, headBone = 0.172;

double buildOf(const ScannedPerson& person, Region region) {
    switch (region) {
    case Region::LeftArm:
        return person.leftArm;
    case Region::RightArm:
        return person.rightArm;
    case Region::LeftLeg:
        return person.leftLeg;
    default:
        return person.rightLeg;
    }
}

// What lies inside trunk and legs; added when the parts are complete.
void addOverlapping(dxa::Scan& scan) {
    const RegionReading trunk = *scan.of(Region::Trunk), leg = *scan.both(dxa::legs);
    scan.regions.push_back(
        {Region::Android, 0.17 * trunk.fat, 0.145 * trunk.lean, 0.05 * trunk.boneMineral, {}, {}});
    scan.regions.push_back({Region::Gynoid,
                            0.07 * trunk.fat + 0.30 * leg.fat,
                            0.08 * trunk.lean + 0.26 * leg.lean,
                            0.10 * trunk.boneMineral + 0.18 * leg.boneMineral,
                            {},
                            {}});
}

void addSums(dxa::Scan& scan) {
    scan.regions.push_back(*dxa::sumOf(scan, std::span(dxa::parts).subspan(1), Region::Subtotal));
    scan.regions.push_back(*dxa::sumOf(scan, dxa::parts, Region::Total));
}

void disturb(dxa::Scan& scan, const DensitometerFaults& faults) {
    if (faults.armOutside) {
        RegionReading& arm = at(scan, Region::LeftArm);
        arm = {Region::LeftArm, 0.45 * arm.fat, 0.45 * arm.lean, 0.45 * arm.boneMineral, {}, {}};
    }
    if (faults.linesWrong) {
        RegionReading &arm = at(scan, Region::RightArm), &trunk = at(scan, Region::Trunk);
        const double cut = 0.34;
        trunk.fat += cut * arm.fat;
        trunk.lean += cut * arm.lean;
        trunk.boneMineral += cut * arm.boneMineral;
        arm = {
            Region::RightArm, (1 - cut) * arm.fat, (1 - cut) * arm.lean, (1 - cut) * arm.boneMineral, {}, {}};
    }
    if (faults.metal)
        at(scan, Region::Trunk).boneMineral += Kilograms(3.4);
}

} // namespace

dxa::Scan trueRegions(const ScannedPerson& person) {
    dxa::Scan scan;
    const Kilograms limbFat = person.fat * (1.0 - person.trunkFat - headFat);
    Kilograms lean{0.0}, bone{0.0};
    for (const Share& share : shares) {
        scan.regions.push_back({share.region,
                                limbFat * share.limbFat,
                                person.lean * (share.lean * buildOf(person, share.region)),
                                person.boneMineral * share.bone,
                                {},
                                {}});
        lean += scan.regions.back().lean;
        bone += scan.regions.back().boneMineral;
    }
    scan.regions.push_back(
        {Region::Head, person.fat * headFat, person.lean * headLean, person.boneMineral * headBone, {}, {}});
    scan.regions.push_back({Region::Trunk,
                            person.fat * person.trunkFat,
                            person.lean - lean - scan.regions.back().lean,
                            person.boneMineral - bone - scan.regions.back().boneMineral,
                            {},
                            {}});
    addSums(scan);
    addOverlapping(scan);
    return scan;
}

dxa::Scan playWholeBody(const dxa::Scan& truth, const DensitometerFaults& faults,
                        const DensitometerNoise& noise, Random& random) {
    const double more = faults.moves ? 5.0 : 1.0;
    const double split = gauss(random, noise.split * more);
    dxa::Scan scan;
    for (const Region region : dxa::parts) {
        const RegionReading& part = *truth.of(region);
        const double shift = part.fat.value() * (split + gauss(random, noise.region * more));
        const double density = 1.0 + gauss(random, noise.boneMineral * more);
        scan.regions.push_back({region,
                                Kilograms(std::max(0.0, part.fat.value() + shift)),
                                Kilograms(std::max(0.0, part.lean.value() - shift)),
                                part.boneMineral * density,
                                SquareCentimetres(std::round(1000.0 * part.boneMineral.value() / 1.05)),
                                {}});
    }
    disturb(scan, faults);
    for (RegionReading& part : scan.regions)
        part = {part.region,
                Kilograms(grams(part.fat.value())),
                Kilograms(grams(part.lean.value())),
                Kilograms(grams(part.boneMineral.value())),
                part.area,
                {}};
    addSums(scan);
    addOverlapping(scan);
    for (RegionReading& part : scan.regions)
        for (auto value : {&RegionReading::fat, &RegionReading::lean, &RegionReading::boneMineral})
            part.*value = Kilograms(grams((part.*value).value()));
    return scan;
}

Percent playPhantom(Percent nominal, double off, Random& random) {
    return Percent(std::round((nominal.value() + off + gauss(random, 0.16)) * 100.0) / 100.0);
}

} // namespace fusain::simulation

#include "core/dxa/composition.hpp"

#include "core/anthropometry/indices.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::dxa {

double ScanPrecision::leanOf(Region region) const {
    switch (region) {
    case Region::LeftArm:
    case Region::RightArm:
        return armLean;
    case Region::LeftLeg:
    case Region::RightLeg:
        return legLean;
    default:
        return trunkLean;
    }
}

double ScanPrecision::fatOf(Region region) const {
    switch (region) {
    case Region::LeftArm:
    case Region::RightArm:
        return armFat;
    case Region::LeftLeg:
    case Region::RightLeg:
        return legFat;
    default:
        return trunkFat;
    }
}

BodyByScan bodyFrom(const RegionReading& total, const ScanPrecision& precision, const DayToDay& day,
                    Metres height) {
    const double fatError = std::max(precision.fat * total.fat.value(), precision.leastFat.value());
    const Uncertain fatRepeat(0.0, Source::ScanFat, fatError);
    const Uncertain leanRepeat(0.0, Source::ScanLean, precision.lean * total.lean.value());
    const Uncertain model(0.0, Source::ScanModel, precision.model * total.mass().value());
    const Uncertain beam(0.0, Source::ScanMass, precision.mass * total.mass().value());
    const Uncertain bone(total.boneMineral.value(), Source::ScanBone,
                         precision.boneMineral * total.boneMineral.value());
    // What comes and goes from day to day is lean to a densitometer.
    const Uncertain ofTheDay = Uncertain(0.0, Source::BodyWaterOfTheDay, day.bodyWater.value()) +
                               Uncertain(0.0, Source::GutContentOfTheDay, day.gutContent.value());
    const Uncertain fat = Uncertain(total.fat.value()) + fatRepeat + model;
    const Uncertain lean = Uncertain(total.lean.value()) + beam + leanRepeat - model + ofTheDay;
    const Uncertain mass = fat + lean + bone;
    return {compartments::compositionFrom(
                {.mass = Measured<Kilograms>(mass), .fatFreeMass = Measured<Kilograms>(lean + bone)}, height),
            Measured<Kilograms>(lean), Measured<Kilograms>(bone), Measured<Kilograms>(mass)};
}

Indices indicesOf(const Scan& scan, Metres height, Kilograms scaleMass, FatConvention convention) {
    const RegionReading total = *sumOf(scan, parts, Region::Total);
    const RegionReading arm = *scan.both(arms), leg = *scan.both(legs), trunk = *scan.of(Region::Trunk);
    const RegionReading *android = scan.of(Region::Android), *gynoid = scan.of(Region::Gynoid);
    Indices indices;
    if (android && gynoid)
        indices.androidGynoid = fatPercent(*android, convention) / fatPercent(*gynoid, convention);
    indices.trunkToLimbFat = trunk.fat / (arm.fat + leg.fat);
    indices.trunkToLegFatPercent = fatPercent(trunk, convention) / fatPercent(leg, convention);
    indices.fatMassIndex = anthropometry::massIndex(total.fat, height);
    indices.leanIndex = anthropometry::massIndex(total.lean, height);
    indices.limbLean = arm.lean + leg.lean;
    indices.limbLeanIndex = anthropometry::massIndex(indices.limbLean, height);
    indices.limbLeanByBmi =
        SquareMetres(indices.limbLean.value() / anthropometry::massIndex(scaleMass, height).value());
    indices.boneMineralIndex = anthropometry::massIndex(total.boneMineral, height);
    return indices;
}

Kilograms limbLeanError(const Scan& scan, const ScanPrecision& precision) {
    double variance = 0.0;
    for (const Pair pair : {arms, legs})
        for (const Region region : {pair.right, pair.left})
            variance += std::pow(precision.leanOf(region) * scan.of(region)->lean.value(), 2);
    return Kilograms(std::sqrt(variance));
}

anthropometry::LimbBalance balance(Kilograms right, Kilograms left, double relativeError,
                                   BalanceThreshold::Kind kind, double limit) {
    const double error = relativeError * std::hypot(right.value(), left.value());
    const Kilograms middle = 0.5 * (right + left);
    return {right - left, Kilograms(normal95 * error),
            kind == BalanceThreshold::Kind::Mass ? Kilograms(limit) : middle * (limit / 100.0),
            Percent(100.0 * ((right - left) / middle))};
}

Litres visceralVolume(Kilograms mass) {
    constexpr double adiposeDensity = 0.94; // kg/L
    return Litres(mass.value() / adiposeDensity);
}

} // namespace fusain::dxa

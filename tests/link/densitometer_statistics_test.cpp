// The simulated densitometer: it repeats as it says, and its faults are named by the rules.
#include "core/dxa/composition.hpp"
#include "core/dxa/scan_rules.hpp"
#include "link/simulation/scan/densitometer.hpp"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>

namespace fusain::simulation::densitometer_statistics_test {
namespace {

using dxa::Fault;
using dxa::Region;

ScannedPerson drawn(Random& random) {
    std::uniform_real_distribution<double> part(0.10, 0.42), mass(48.0, 110.0), side(0.96, 1.04);
    const double body = mass(random), fat = part(random);
    ScannedPerson person;
    person.fat = Kilograms(body * fat);
    person.boneMineral = Kilograms(body * (1.0 - fat) * 0.044);
    person.lean = Kilograms(body * (1.0 - fat) * 0.956);
    person.rightArm = side(random);
    person.leftLeg = side(random);
    return person;
}

TEST(Densitometer, TheTruthAddsUp) {
    const auto truth = trueRegions({});
    EXPECT_NEAR(truth.of(Region::Total)->fat.value(), 15.0, 1e-9);
    EXPECT_NEAR(truth.of(Region::Total)->lean.value(), 56.0, 1e-9);
    EXPECT_NEAR(truth.of(Region::Total)->boneMineral.value(), 3.0, 1e-9);
    EXPECT_TRUE(dxa::judgeScan(truth, Kilograms(74.0), {}).empty());
}

TEST(Densitometer, TheSameSeedGivesTheSameScan) {
    Random first(7), second(7);
    const auto truth = trueRegions({});
    const auto a = playWholeBody(truth, {}, {}, first), b = playWholeBody(truth, {}, {}, second);
    for (std::size_t i = 0; i < a.regions.size(); ++i)
        EXPECT_EQ(a.regions[i].fat, b.regions[i].fat);
}

TEST(Densitometer, CleanScansAreHardlyEverDoubted) {
    // 500 people; at most 1 % may be sent back.
    Random random(20260312);
    int doubted = 0;
    for (int i = 0; i < 500; ++i) {
        const auto truth = trueRegions(drawn(random));
        const auto scan = playWholeBody(truth, {}, {}, random);
        doubted += dxa::mustRepeat(dxa::judgeScan(scan, truth.of(Region::Total)->mass(), {}));
    }
    EXPECT_LE(doubted, 5);
}

TEST(Densitometer, EveryFaultThatCanBeSeenIsNamed) {
    // 300 people per fault; at least 95 % must be named.
    struct Case {
        DensitometerFaults faults;
        std::vector<Fault> named;
    };
    const Case cases[] = {{{true, false, false, false}, {Fault::OutOfField}},
                          {{false, true, false, false}, {Fault::Sides, Fault::OutOfField}},
                          {{false, false, true, false}, {Fault::Bone, Fault::ScaleMass}}};
    Random random(5);
    for (const Case& each : cases) {
        int named = 0;
        for (int i = 0; i < 300; ++i) {
            const auto truth = trueRegions(drawn(random));
            const auto scan = playWholeBody(truth, each.faults, {}, random);
            const auto findings = dxa::judgeScan(scan, truth.of(Region::Total)->mass(), {});
            named += std::ranges::any_of(findings, [&](const dxa::ScanFinding& finding) {
                return std::ranges::find(each.named, finding.fault) != each.named.end();
            });
        }
        EXPECT_GE(named, 285) << static_cast<int>(each.named.front());
    }
}

TEST(Densitometer, TheStatedErrorHoldsItsRepeats) {
    // One person scanned 500 times: the interval by the precision of the simulator covers the truth in 93 to 97
    // %.
    Random random(11);
    const auto truth = trueRegions({});
    dxa::ScanPrecision precision;
    // The split of the whole, and the regions by themselves: √(0.012² + 0.015²·Σ(share²)) of the fat.
    double shares = 0.0;
    for (const Region part : dxa::parts)
        shares += std::pow(truth.of(part)->fat.value() / 15.0, 2);
    precision.fat = std::sqrt(0.012 * 0.012 + 0.015 * 0.015 * shares);
    precision.leastFat = Kilograms(1e-6);
    int covered = 0;
    for (int i = 0; i < 500; ++i) {
        const auto scan = playWholeBody(truth, {}, {}, random);
        const auto body = dxa::bodyFrom(*scan.of(Region::Total), precision, {}, Metres(1.78));
        covered += std::abs((body.composition.fatMass.estimate()).value() - 15.0) <
                   normal95 * body.composition.fatMass.repeatability().value();
    }
    EXPECT_GE(covered, 465);
    EXPECT_LE(covered, 485);
}

} // namespace
} // namespace fusain::simulation::densitometer_statistics_test

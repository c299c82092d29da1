// Simulated people with a known truth: four components against two, and what "real" is worth over a year.
#include "core/compartments/multi_component.hpp"
#include "core/dxa/composition.hpp"
#include "core/quality/precision.hpp"
#include "link/simulation/scan/densitometer.hpp"
#include "procedure/meaning/progress.hpp"
#include "support/taken.hpp"

#include <cmath>
#include <gtest/gtest.h>

namespace fusain::simulation::progress_statistics_test {
namespace {

using compartments::Readings;

double gauss(Random& random, double deviation) {
    return std::normal_distribution(0.0, deviation)(random);
}

/// Somebody made of fat, water, bone mineral and the rest, with the spread between people.
struct BuiltBody {
    double mass, fat, water, boneMineral, density;
};
BuiltBody drawBody(Random& random) {
    std::uniform_real_distribution<double> masses(48.0, 110.0), fats(0.08, 0.42);
    const double mass = masses(random), fat = fats(random), fatFree = 1.0 - fat;
    const double water = fatFree * (0.732 + gauss(random, 0.02)),
                 bone = fatFree * (0.050 + gauss(random, 0.006));
    // Wang's parts: soft mineral goes with the water, densities 0.9007, 0.9937, 2.982, 3.317 and 1.34 kg/L.
    const double soft = 0.0129 * water, rest = fatFree - water - bone - soft;
    const double density = 1.0 / (fat / 0.9007 + water / 0.9937 + bone / 2.982 + soft / 3.317 + rest / 1.34);
    return {mass, 100.0 * fat, water * mass, bone * mass, density};
}

TEST(FourComponents, CoverTheTruthAndErrLessThanTwo) {
    // 500 people. Readings: volume 0.08 L, water 0.8 L (dilution), bone mineral 1.5 %, mass 0.05 kg.
    Random random(20260304);
    const auto& wang = *compartments::findMultiComponentModel("fat.four.wang-2002");
    constexpr double volumeError = 0.08, waterError = 0.8, boneError = 0.015, massError = 0.05;
    int covered = 0;
    double four = 0.0, siri = 0.0, brozek = 0.0, scan = 0.0;
    for (int i = 0; i < 500; ++i) {
        const BuiltBody body = drawBody(random);
        const double volume = body.mass / body.density + gauss(random, volumeError);
        const double mass = body.mass + gauss(random, massError);
        const double bone = body.boneMineral * (1.0 + gauss(random, boneError));
        const Readings readings{
            Measured<Kilograms>(Kilograms(mass), Source::DryMass, Kilograms(massError)),
            Measured<Litres>(Litres(volume), Source::UnderwaterReading, Litres(volumeError)),
            Measured<Litres>(Litres(body.water / 0.9937 + gauss(random, waterError)), Source::Resistance,
                             Litres(waterError)),
            Measured<Kilograms>(Kilograms(bone), Source::ScanBone, Kilograms(boneError * bone)), Metres(1.75)};
        const auto found = compartments::compositionFrom(wang, readings);
        ASSERT_TRUE(found);
        const double error = found->fatPercent.estimate().value() - body.fat;
        // These bodies are what the model assumes: that error is not in them.
        const double readingsOnly =
            std::sqrt(std::pow(found->fatPercent.totalError().value(), 2) -
                      std::pow(found->fatPercent.uncertain().share(Source::ModelAssumption), 2));
        covered += std::abs(error) < normal95 * readingsOnly;
        four += std::abs(error) / 500.0;
        const KilogramsPerLitre density(mass / volume);
        siri += std::abs(fatPercent(compartments::siri1961, density).value() - body.fat) / 500.0;
        brozek += std::abs(fatPercent(compartments::brozek1963, density).value() - body.fat) / 500.0;
        scan += std::abs(gauss(random, 100.0 * dxa::ScanPrecision{}.model)) / 500.0;
    }
    EXPECT_GE(covered, 465); // 93 %
    EXPECT_LE(covered, 485); // 97 %
    EXPECT_LT(four, siri);
    EXPECT_LT(four, brozek);
    EXPECT_LT(four, scan);
    EXPECT_LT(four, 1.0);
}

/// A client scanned at the beginning and a year later.
class YearOfScans {
public:
    YearOfScans(std::uint64_t seed, DxaPolicy policy) : random_(seed), policy_(std::move(policy)) {}

    /// @param times the least significant change by which the fat really falls
    /// @return how many of `clients` are told that their change is real
    int toldReal(int clients, double times) {
        int told = 0;
        for (int i = 0; i < clients; ++i) {
            ScannedPerson person;
            person.fat = Kilograms(std::uniform_real_distribution(10.0, 40.0)(random_));
            const double least = quality::leastSignificantChange(policy_.precision.fat * person.fat.value());
            const auto before = test(person, "2025-03-10T08:00:00.000Z");
            person.fat -= Kilograms(times * least);
            told += compare(Followed::FatMass, before, test(person, "2026-03-10T08:00:00.000Z")).verdict ==
                    Verdict::Real;
        }
        return told;
    }

private:
    ComputedTest test(const ScannedPerson& person, const char* when) {
        DxaTest record;
        record.subject = {"c", Sex::Male, Years(40), Metres(1.8), false};
        record.startedAt = *instantFromIso(when);
        const dxa::Scan truth = trueRegions(person);
        record.mass = Reading(testing::taken(Origin::Link, record.startedAt),
                              truth.of(dxa::Region::Total)->mass().value());
        DxaScan scan;
        scan.number = 1;
        scan.readings = playWholeBody(truth, {}, {}, random_);
        record.scans = {scan};
        return *computeTest(record, policy_);
    }
    Random random_;
    DxaPolicy policy_;
};

// The simulator's own precision of total fat, from its split and its regions.
DxaPolicy knownPrecision() {
    DxaPolicy policy;
    const auto truth = trueRegions({});
    double shares = 0.0;
    for (const dxa::Region part : dxa::parts)
        shares += std::pow(truth.of(part)->fat / truth.of(dxa::Region::Total)->fat, 2);
    policy.precision.fat = std::sqrt(0.012 * 0.012 + 0.015 * 0.015 * shares);
    policy.precision.leastFat = Kilograms(1e-6);
    return policy;
}

TEST(RealChanges, AreToldFromNoise) {
    // 300 clients, fixed seed. Known precision: 5 % false alarms are expected, ± 3 binomial standard errors
    // (3.8 %).
    YearOfScans known(7, knownPrecision());
    const int falseAlarms = known.toldReal(300, 0.0);
    EXPECT_LE(falseAlarms, 26);
    EXPECT_GE(falseAlarms, 4);
    EXPECT_GE(known.toldReal(300, 2.0), 240); // 80 % of changes twice the least significant one
    // With the precision that is assumed until a lab has its own, false alarms stay below 5 %.
    YearOfScans assumed(7, DxaPolicy{});
    EXPECT_LE(assumed.toldReal(300, 0.0), 15);
    EXPECT_GE(assumed.toldReal(300, 2.0), 240);
}

} // namespace
} // namespace fusain::simulation::progress_statistics_test

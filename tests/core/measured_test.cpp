#include "core/compartments/two_component.hpp"
#include "core/hydrostatic/body_density.hpp"
#include "core/numeric/statistics.hpp"
#include "core/quality/precision.hpp"
#include "core/water/density.hpp"

#include <gtest/gtest.h>
#include <random>
#include <vector>

namespace fusain::measured_test {
namespace {

TEST(Measured, SubtractingAPartOfItselfKnowsTheCorrelation) {
    const Uncertain mass(70.0, Source::DryMass, 0.05);
    const Uncertain fatFree = mass - mass * Uncertain(0.2);
    EXPECT_NEAR(fatFree.share(Source::DryMass), 0.04, 1e-15); // 0.8 · 0.05, not the root sum of squares
}

TEST(Measured, AnswersThreeQuestionsWithThreeFigures) {
    const Uncertain x = Uncertain(20.0, Source::DryMass, 3.0) + Uncertain(0.0, Source::BodyWaterOfTheDay, 4.0) +
                        Uncertain(0.0, Source::FatFreeDensity, 12.0);
    const Measured<Percent> measured(x);
    EXPECT_DOUBLE_EQ(measured.repeatability().value(), 3.0);
    EXPECT_DOUBLE_EQ(measured.visitError().value(), 5.0);
    EXPECT_DOUBLE_EQ(measured.personError().value(), 12.0);
    EXPECT_DOUBLE_EQ(measured.totalError().value(), 13.0);
    EXPECT_NEAR(measured.leastSignificantChange().value(), 13.859038, 1e-6); // 1.959964·√2·5
    EXPECT_NEAR(measured.halfInterval().value(), 25.479532, 1e-6);
    EXPECT_NEAR(measured.low().value(), -5.479532, 1e-6);
    EXPECT_NEAR(measured.high().value(), 45.479532, 1e-6);
    const auto budget = measured.budget(); // every source, whatever its kind
    ASSERT_EQ(budget.size(), 3u);
    EXPECT_EQ(budget.front().source, Source::FatFreeDensity);
    EXPECT_NEAR(budget.front().fraction, 144.0 / 169.0, 1e-12);
}

// Where a source belongs decides whether a change is real: one line each.
TEST(Measured, EverySourceHasItsKind) {
    using enum Source;
    for (const Source source :
         {DryMass, UnderwaterReading, BetweenTrials, ResidualVolume, WaterTemperature, VolumeTrials,
          Calibration, ThoracicGas, Resistance, Reactance, ScanFat, ScanLean, ScanMass, ScanBone})
        EXPECT_EQ(kindOf(source), SourceKind::Repeat) << sourceName(source);
    for (const Source source : {GutGas, LungOfTheDay, BodyWaterOfTheDay, GutContentOfTheDay, ResistanceOfTheDay,
                                ReactanceOfTheDay, SpectrumOfTheDay})
        EXPECT_EQ(kindOf(source), SourceKind::Day) << sourceName(source);
    for (const Source source :
         {SurfaceArea, PredictionEquation, ElectrodeConversion, ScanModel, FatFreeDensity, LungPrediction})
        EXPECT_EQ(kindOf(source), SourceKind::Person) << sourceName(source);
}

TEST(Measured, BudgetIsSortedAndSumsToOne) {
    const Uncertain x = Uncertain(1.0, Source::DryMass, 1.0) + Uncertain(1.0, Source::ResidualVolume, 2.0);
    const auto budget = varianceBudget(x);
    ASSERT_EQ(budget.size(), 2u);
    EXPECT_EQ(budget[0].source, Source::ResidualVolume);
    EXPECT_DOUBLE_EQ(budget[0].fraction, 0.8);
    EXPECT_DOUBLE_EQ(budget[1].fraction, 0.2);
}

struct Inputs {
    double mass = 71.3, underwater = 2.87, temperature = 34.1, residualVolume = 1.55, gas = 0.1;
    double sMass = 0.05, sUnderwater = 0.03, sTemperature = 0.2, sResidualVolume = 0.38, sGas = 0.05,
           sBiology = 0.006;
};

// The chain written anew in plain doubles, with the fat-free density as an input: what the Monte Carlo draws
// from.
struct Outcome {
    double density, fat, fatMass, fatFreeMass;
};
Outcome plainChain(double mass, double underwater, double temperature, double residualVolume, double gas,
                   double fatFreeDensity) {
    const double water = water::densityTanaka2001(Celsius(temperature)).value();
    const double density = mass / ((mass - underwater) / water - residualVolume - gas);
    const double f = 0.900,
                 fat = f * fatFreeDensity / (fatFreeDensity - f) / density - f / (fatFreeDensity - f);
    return {density, 100.0 * fat, mass * fat, mass * (1.0 - fat)};
}

// 200,000 draws: the standard deviation has a relative standard error of 1/√(2·200000) = 0.16 %, so 3 % is 19
// of them.
TEST(Uncertainty, AgreesWithMonteCarloWithinThreePercent) {
    const Inputs in;
    const auto body = hydrostatic::volumeAndDensity(hydrostatic::WeighedBody<Measured>{
        .dryMass{Kilograms(in.mass), Source::DryMass, Kilograms(in.sMass)},
        .underwaterMass{Kilograms(in.underwater), Source::UnderwaterReading, Kilograms(in.sUnderwater)},
        .waterDensity = water::densityTanaka2001(
            Measured<Celsius>(Celsius(in.temperature), Source::WaterTemperature, Celsius(in.sTemperature))),
        .residualVolume{Litres(in.residualVolume), Source::ResidualVolume, Litres(in.sResidualVolume)},
        .gutGas{Litres(in.gas), Source::GutGas, Litres(in.sGas)}});
    const Uncertain density = body.bodyDensity.uncertain();
    const Uncertain fat =
        compartments::fatPercent(compartments::siri1961, body.bodyDensity, KilogramsPerLitre(in.sBiology))
            .uncertain();
    const Uncertain mass(in.mass, Source::DryMass, in.sMass);
    const Uncertain fatMass = mass * fat / Uncertain(100.0);
    const Uncertain fatFreeMass = mass - fatMass;

    std::mt19937_64 random(20260312);
    std::normal_distribution<double> normal;
    std::vector<double> densities, fats, fatMasses, fatFreeMasses;
    for (int i = 0; i < 200000; ++i) {
        const Outcome drawn =
            plainChain(in.mass + in.sMass * normal(random), in.underwater + in.sUnderwater * normal(random),
                       in.temperature + in.sTemperature * normal(random),
                       in.residualVolume + in.sResidualVolume * normal(random),
                       in.gas + in.sGas * normal(random), 1.100 + in.sBiology * normal(random));
        densities.push_back(drawn.density);
        fats.push_back(drawn.fat);
        fatMasses.push_back(drawn.fatMass);
        fatFreeMasses.push_back(drawn.fatFreeMass);
    }
    const auto agrees = [](const Uncertain& linear, const std::vector<double>& drawn) {
        const double deviation = statistics::standardDeviation(drawn);
        EXPECT_NEAR(Measured<Percent>(linear).totalError().value(), deviation, 0.03 * deviation);
    };
    agrees(density, densities);
    agrees(fat, fats);
    agrees(fatMass, fatMasses);
    agrees(fatFreeMass, fatFreeMasses);
}

TEST(Statistics, SmallSamplesByHand) {
    const std::vector<double> values{2.0, 4.0, 4.0, 6.0};
    EXPECT_DOUBLE_EQ(statistics::mean(values), 4.0);
    EXPECT_DOUBLE_EQ(statistics::standardDeviation(values), std::sqrt(8.0 / 3.0));
    EXPECT_DOUBLE_EQ(statistics::median(values), 4.0);
    EXPECT_DOUBLE_EQ(statistics::spread(values), 4.0);
    EXPECT_EQ(statistics::standardDeviation(std::vector<double>{1.0}), 0.0);
    EXPECT_NEAR(statistics::studentT95(2.0), 4.302652729911275, 1e-9); // t table, 0.975, 2 degrees of freedom
}

TEST(LeastSignificantChange, IsTwoPointSevenSevenPrecisionErrors) {
    EXPECT_NEAR(quality::leastSignificantChange(1.0), 2.7718076, 1e-6);      // 1.959964·√2
    EXPECT_NEAR(quality::leastSignificantChange(3.0, 4.0), 9.7998199, 1e-6); // 1.959964·5
}

} // namespace
} // namespace fusain::measured_test

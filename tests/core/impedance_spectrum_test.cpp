#include "core/impedance/cole.hpp"
#include "support/property.hpp"

#include <gtest/gtest.h>
#include <random>

namespace fusain::impedance::impedance_spectrum_test {
namespace {

// The man of the sheet's examples: 480 and 60 Ω at 50 kHz; values computed there independently.
constexpr Impedance man{Ohms(480.0), Ohms(60.0)};

TEST(Spectrum, MagnitudeAndPhaseOfTheExamples) {
    EXPECT_NEAR(magnitude(man).value(), 483.735465, 1e-6);
    EXPECT_NEAR(phaseAngle(man).value(), 7.125016, 1e-6);
    EXPECT_NEAR(phaseAngle({Ohms(580.0), Ohms(62.0)}).value(), 6.101551, 1e-6);
    const Impedance back = fromPolar(Ohms(483.735465), Degrees(7.125016));
    EXPECT_NEAR(back.resistance.value(), 480.0, 1e-5);
    EXPECT_NEAR(back.reactance.value(), 60.0, 1e-5);
    EXPECT_NEAR(resistanceIndex(Metres(1.75), Ohms(480.0)), 63.802083, 1e-6);
}

TEST(Spectrum, ParallelFormOfTheExample) {
    const Impedance parallel = parallelForm(man); // 234,000/480 = 487.5 and 234,000/60 = 3900
    EXPECT_DOUBLE_EQ(parallel.resistance.value(), 487.5);
    EXPECT_DOUBLE_EQ(parallel.reactance.value(), 3900.0);
    const Impedance back = seriesForm(parallel);
    EXPECT_NEAR(back.resistance.value(), 480.0, 1e-9);
    EXPECT_NEAR(back.reactance.value(), 60.0, 1e-9);
}

TEST(Spectrum, FormsGoThereAndBack) {
    testing::holdsFor("series to parallel and back", [] {
        const double r = *rc::gen::inRange(10, 2000), x = *rc::gen::inRange(1, 400);
        const Impedance back = seriesForm(parallelForm({Ohms(r), Ohms(x)}));
        RC_ASSERT(std::abs(back.resistance.value() - r) < 1e-9 * r);
        RC_ASSERT(std::abs(back.reactance.value() - x) < 1e-9 * r);
    });
}

TEST(Spectrum, PhaseFromTheSlopeOfTheMagnitude) {
    // Sheet 1.13: |Z| at 20 and 125 kHz give 8.03° where 6.98° is true, for the arc of its Monte-Carlo.
    const ColeModel arc{Ohms(583.0), Ohms(391.0), 0.70, Hertz(40e3), Seconds(0.0)};
    const auto at = [&](double khz) { return pointOf(kilohertz(khz), arc.at(kilohertz(khz))); };
    EXPECT_NEAR(phaseFromMagnitudes(at(20), at(125)).value(), 8.03, 0.01);
}

struct Worked {
    const char* who;
    double zero, infinite, cells, capacitance, greatest;
    std::array<double, 6> magnitudes; ///< at 1, 5, 50, 100, 200, 250 kHz
};
class ColeExample : public ::testing::TestWithParam<Worked> {};

TEST_P(ColeExample, TheModelGivesTheSheetsNumbers) {
    const Worked& worked = GetParam();
    const ColeModel model{Ohms(worked.zero), Ohms(worked.infinite), 0.70, Hertz(40e3), Seconds(0.0)};
    EXPECT_NEAR(model.intracellularResistance().value(), worked.cells, 2e-3);
    EXPECT_NEAR(model.membraneCapacitance() * 1e9, worked.capacitance, 1e-4);
    EXPECT_NEAR(model.greatestReactance().value(), worked.greatest, 1e-3);
    const std::array frequencies{1.0, 5.0, 50.0, 100.0, 200.0, 250.0};
    for (std::size_t i = 0; i < frequencies.size(); ++i)
        EXPECT_NEAR(magnitude(model.at(kilohertz(frequencies[i]))).value(), worked.magnitudes[i], 1e-3);
}
INSTANTIATE_TEST_SUITE_P(Sheet, ColeExample,
                         ::testing::Values(Worked{"M",
                                                  589.2956,
                                                  391.8270,
                                                  1169.3100,
                                                  2.2625,
                                                  60.504,
                                                  {582.068, 565.225, 483.735, 452.994, 429.356, 423.555}},
                                           Worked{"W",
                                                  692.9388,
                                                  488.8879,
                                                  1660.2207,
                                                  1.6909,
                                                  62.521,
                                                  {685.453, 667.945, 583.304, 551.609, 527.349, 521.408}},
                                           Worked{"O",
                                                  565.6149,
                                                  410.9312,
                                                  1502.6069,
                                                  1.9238,
                                                  47.395,
                                                  {559.934, 546.621, 482.296, 458.297, 439.970, 435.486}}),
                         [](const auto& each) { return each.param.who; });

// The test modules of the sheet: R_E parallel to R_I and C in series, so an exponent of 1.
TEST(ColeModel, ATestModuleIsAnArcWithTheExponentOne) {
    const double re = 549.0, ri = 1910.0, c = 1.5e-9;
    const ColeModel module{Ohms(re), Ohms(re * ri / (re + ri)), 1.0,
                           Hertz(1.0 / (2.0 * std::numbers::pi * c * (re + ri))), Seconds(0.0)};
    EXPECT_NEAR(module.characteristicFrequency.value(), 43149.0, 1.0);
    const Impedance at50 = module.at(kilohertz(50.0));
    EXPECT_NEAR(at50.resistance.value(), 478.748, 1e-3);
    EXPECT_NEAR(at50.reactance.value(), 60.626, 1e-3);
    EXPECT_NEAR(module.at(kilohertz(1000.0)).resistance.value(), 426.657, 1e-3);
    EXPECT_NEAR(module.membraneCapacitance(), c, 1e-15);
}

constexpr std::array eightFrequencies{1.0, 5.0, 20.0, 50.0, 100.0, 250.0, 500.0, 1000.0};
const ColeModel truth{Ohms(583.0), Ohms(391.0), 0.70, Hertz(40e3), Seconds(15e-9)};

std::vector<SpectrumPoint> measured(const ColeModel& model, std::span<const double> khz, double noise,
                                    std::mt19937_64& random, bool magnitudeOnly = false) {
    std::vector<SpectrumPoint> points;
    std::normal_distribution<double> gauss(0.0, noise);
    for (const double each : khz) {
        const Impedance z = model.at(kilohertz(each));
        const std::complex<double> error(gauss(random), gauss(random));
        const auto read = z.complex() + error * magnitude(z).value();
        points.push_back(magnitudeOnly ? magnitudePoint(kilohertz(each), Ohms(std::abs(read)))
                                       : pointOf(kilohertz(each), impedanceOf(read)));
    }
    return points;
}

TEST(ColeFit, WithoutNoiseTheTruthComesBack) {
    std::mt19937_64 random(1);
    const auto fit = fitCole(measured(truth, eightFrequencies, 0.0, random));
    ASSERT_TRUE(fit);
    EXPECT_EQ(fit->verdict, FitVerdict::Good);
    EXPECT_NEAR(fit->model.zeroResistance.value(), 583.0, 1e-4);
    EXPECT_NEAR(fit->model.infiniteResistance.value(), 391.0, 1e-4);
    EXPECT_NEAR(fit->model.exponent, 0.70, 1e-6);
    EXPECT_NEAR(fit->model.characteristicFrequency.value(), 40e3, 0.1);
    EXPECT_NEAR(fit->model.delay.value() * 1e9, 15.0, 1e-4);
}

// The sheet's Monte-Carlo: SD(R0) 0.62, SD(R∞) 0.56 Ω at 0.1 % noise on eight frequencies. With 1,000 spectra a
// standard deviation is known to 2.2 %, so ± 10 % is 4.5 of its own errors; a coverage of 95 % to ± 0.69
// points.
TEST(ColeFit, ScattersAndCoversAsTheSheetSays) {
    std::mt19937_64 random(20260312);
    constexpr int spectra = 1000;
    double zeroSquares = 0.0, infiniteSquares = 0.0;
    int zeroCovered = 0, infiniteCovered = 0, cellsCovered = 0, good = 0;
    for (int i = 0; i < spectra; ++i) {
        const auto fit = fitCole(measured(truth, eightFrequencies, 0.001, random));
        ASSERT_TRUE(fit);
        const double zero = fit->model.zeroResistance.value() - 583.0;
        const double infinite = fit->model.infiniteResistance.value() - 391.0;
        zeroSquares += zero * zero;
        infiniteSquares += infinite * infinite;
        const double factor = fit->intervalFactor();
        zeroCovered += std::abs(zero) <= factor * fit->zeroResistanceError.value();
        infiniteCovered += std::abs(infinite) <= factor * fit->infiniteResistanceError.value();
        cellsCovered +=
            std::abs((fit->model.intracellularResistance() - truth.intracellularResistance()).value()) <=
            factor * fit->intracellularResistanceError.value();
        good += fit->verdict == FitVerdict::Good;
    }
    EXPECT_NEAR(std::sqrt(zeroSquares / spectra), 0.62, 0.06);
    EXPECT_NEAR(std::sqrt(infiniteSquares / spectra), 0.56, 0.06);
    for (const int covered : {zeroCovered, infiniteCovered, cellsCovered}) {
        EXPECT_GE(covered, 930);
        EXPECT_LE(covered, 970);
    }
    EXPECT_GE(good, 990);
}

// The sheet: SD(R0) 0.7 and SD(R∞) 0.7 Ω from magnitudes alone; 500 spectra give a standard deviation to 3.2 %.
TEST(ColeFit, MagnitudesAloneGiveTheSameArcLessSurely) {
    std::mt19937_64 random(5);
    double both = 0.0, alone = 0.0, zeroSquares = 0.0;
    for (int i = 0; i < 500; ++i) {
        const auto complete = fitCole(measured(truth, eightFrequencies, 0.001, random));
        const auto magnitudes = fitCole(measured(truth, eightFrequencies, 0.001, random, true));
        ASSERT_TRUE(complete && magnitudes);
        EXPECT_TRUE(magnitudes->magnitudeOnly);
        both += complete->infiniteResistanceError.value();
        alone += magnitudes->infiniteResistanceError.value();
        zeroSquares += std::pow(magnitudes->model.zeroResistance.value() - 583.0, 2);
    }
    EXPECT_GT(alone, 1.1 * both);
    EXPECT_NEAR(std::sqrt(zeroSquares / 500), 0.7, 0.1);
    EXPECT_FALSE(fitCole(measured(truth, std::array{5.0, 20.0, 50.0, 100.0, 250.0}, 0.001, random, true)));
}

// The worked robust fit: 40 frequencies, 0.1 % noise, 15 ns, outliers planted at 12.94 and 99.3 kHz.
TEST(ColeFit, FindsTwoPlantedOutliers) {
    std::mt19937_64 random(3);
    std::vector<double> khz;
    for (int i = 0; i < 40; ++i)
        khz.push_back(5.0 * std::pow(200.0, i / 39.0));
    khz[7] = 12.94;
    khz[22] = 99.3;
    auto points = measured(truth, khz, 0.001, random);
    for (const std::size_t i : {std::size_t{7}, std::size_t{22}})
        points[i] = pointOf(points[i].frequency, impedanceOf(points[i].impedance->complex() * 1.03));
    const auto fit = fitCole(points);
    ASSERT_TRUE(fit);
    ASSERT_EQ(fit->outliers.size(), 2u);
    EXPECT_DOUBLE_EQ(fit->outliers[0].value(), 12940.0);
    EXPECT_DOUBLE_EQ(fit->outliers[1].value(), 99300.0);
    EXPECT_NEAR(fit->model.zeroResistance.value(), 583.0, 1.5);
    EXPECT_NEAR(fit->model.infiniteResistance.value(), 391.0, 1.5);
    EXPECT_NEAR(fit->model.delay.value() * 1e9, 15.0, 1.0);
    EXPECT_NE(fit->verdict, FitVerdict::Rejected);
}

// 80 ns is more than leads of the usual length bring.
TEST(ColeFit, ALongDelayIsSaidInNanoseconds) {
    std::mt19937_64 random(1);
    ColeModel longLeads = truth;
    longLeads.delay = Seconds(80e-9);
    const auto fit = fitCole(measured(longLeads, eightFrequencies, 0.0, random));
    ASSERT_TRUE(fit);
    const auto said = [&](const char* words) {
        return std::ranges::any_of(fit->remarks, [&](const Message& remark) {
            return remark.english().find(words) != std::string::npos;
        });
    };
    EXPECT_TRUE(said("A delay of 80 ns is long"));
    EXPECT_FALSE(said("away from the reading"));
}

TEST(ColeFit, RefusesWhatIsNoArc) {
    std::mt19937_64 random(3);
    auto points = measured(truth, eightFrequencies, 0.001, random);
    for (std::size_t i = 0; i < points.size(); ++i) // a sawtooth of 6 %
        points[i] =
            pointOf(points[i].frequency, impedanceOf(points[i].impedance->complex() * (i % 2 ? 1.06 : 1.0)));
    const auto fit = fitCole(points);
    ASSERT_TRUE(fit);
    EXPECT_EQ(fit->verdict, FitVerdict::Rejected);
    EXPECT_FALSE(fit->remarks.empty());
    EXPECT_FALSE(fitCole(std::vector<SpectrumPoint>(8, magnitudePoint(kilohertz(50.0), Ohms(500.0)))));
    EXPECT_FALSE(fitCole({}));
}

TEST(ColeFit, ThatIsNotANumberDoesNotSpoilTheRest) {
    std::mt19937_64 random(3);
    auto points = measured(truth, eightFrequencies, 0.0, random);
    points[3].impedance->reactance = Ohms(std::nan(""));
    points[4].impedance->resistance = Ohms(-5.0);
    const auto fit = fitCole(points);
    ASSERT_TRUE(fit);
    EXPECT_NEAR(fit->model.zeroResistance.value(), 583.0, 1e-3);
}

} // namespace
} // namespace fusain::impedance::impedance_spectrum_test

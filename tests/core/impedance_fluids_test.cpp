// Water from the arc, the vector, and what both say: against the worked numbers of the formula sheet.
#include "core/impedance/fluids.hpp"
#include "core/impedance/vector.hpp"
#include "support/property.hpp"

#include <cmath>
#include <gtest/gtest.h>
#include <random>

namespace fusain::impedance::impedance_fluids_test {
namespace {

struct Arc {
    FluidSubject subject;
    double zero, infinite;
};
const Arc M{{Sex::Male, Metres(1.75), Kilograms(70)}, 589.2956, 391.8270};
const Arc W{{Sex::Female, Metres(1.65), Kilograms(60)}, 692.9388, 488.8879};
const Arc O{{Sex::Female, Metres(1.65), Kilograms(105)}, 565.6149, 410.9312};

struct Worked {
    const Arc& arc;
    FluidMethod method;
    double extracellular, intracellular, fraction;
};

TEST(Fluids, GiveTheSheetsNumbersByEveryMethod) {
    const Worked worked[] = {{M, FluidMethod::DeLorenzo1997, 17.5624, 27.3215, 0.3913},
                             {M, FluidMethod::Matthie2005, 17.6095, 23.5124, 0.4282},
                             {M, FluidMethod::Moissl2006, 17.0186, 24.5872, 0.4090},
                             {W, FluidMethod::DeLorenzo1997, 14.2973, 17.2479, 0.4532},
                             {W, FluidMethod::Matthie2005, 13.5371, 15.3719, 0.4683},
                             {W, FluidMethod::Moissl2006, 13.4299, 17.3348, 0.4365},
                             {O, FluidMethod::DeLorenzo1997, 19.7264, 22.5635, 0.4665},
                             {O, FluidMethod::Matthie2005, 18.6776, 19.3564, 0.4911},
                             {O, FluidMethod::Moissl2006, 18.3015, 18.6074, 0.4959}};
    for (const Worked& each : worked) {
        const Fluids fluids =
            fluidsFrom(each.method, each.arc.subject, Ohms(each.arc.zero), Ohms(each.arc.infinite));
        EXPECT_NEAR(fluids.extracellular.value(), each.extracellular, 2e-4) << fluidMethodTitle(each.method);
        EXPECT_NEAR(fluids.intracellular.value(), each.intracellular, 2e-4) << fluidMethodTitle(each.method);
        EXPECT_NEAR(fluids.extracellularFraction(), each.fraction, 6e-5);
    }
}

// V ∝ R^(−2/3): + 1 L in 17.0 L lowers R0 by about 8.8 % (sheet 4.2).
TEST(Fluids, MoreWaterIsLessResistance) {
    const double more = 589.2956 * (1.0 - 0.0882 * 0.95);
    const double before =
        fluidsFrom(FluidMethod::Moissl2006, M.subject, Ohms(M.zero), Ohms(M.infinite)).extracellular.value();
    const double after =
        fluidsFrom(FluidMethod::Moissl2006, M.subject, Ohms(more), Ohms(M.infinite)).extracellular.value();
    EXPECT_NEAR(after - before, 1.0, 0.03);
}

TEST(Fluids, CellsHoldMoreWhenTheirResistanceFalls) {
    testing::holdsFor("monotone in R∞ at a given R0", [] {
        const double zero = *rc::gen::inRange(400, 800),
                     ratio = 0.5 + 0.4 * *rc::gen::inRange(0, 1000) / 1000.0;
        for (const FluidMethod method :
             {FluidMethod::Moissl2006, FluidMethod::DeLorenzo1997, FluidMethod::Matthie2005}) {
            const auto wide = fluidsFrom(method, M.subject, Ohms(zero), Ohms(zero * ratio));
            const auto narrow = fluidsFrom(method, M.subject, Ohms(zero), Ohms(zero * (ratio + 0.01)));
            RC_ASSERT(wide.intracellular > narrow.intracellular);
            RC_ASSERT(std::abs((wide.extracellular - narrow.extracellular).value()) < 1e-12);
        }
    });
}

// The propagated error against a Monte-Carlo of the fit: 400 spectra give a standard deviation to 3.5 %.
TEST(Fluids, TheErrorOfTheArcReachesTheWater) {
    const ColeModel truth{Ohms(M.zero), Ohms(M.infinite), 0.70, Hertz(40e3), Seconds(10e-9)};
    std::mt19937_64 random(4);
    std::normal_distribution<double> gauss(0.0, 0.002);
    double squares = 0.0, claimed = 0.0;
    constexpr int spectra = 400;
    const double expected =
        fluidsFrom(FluidMethod::Moissl2006, M.subject, Ohms(M.zero), Ohms(M.infinite)).intracellular.value();
    for (int i = 0; i < spectra; ++i) {
        std::vector<SpectrumPoint> points;
        for (const double khz : {1.0, 5.0, 20.0, 50.0, 100.0, 250.0, 500.0, 1000.0}) {
            const Impedance z = truth.at(kilohertz(khz));
            const std::complex<double> error(gauss(random), gauss(random));
            points.push_back(pointOf(kilohertz(khz), impedanceOf(z.complex() + error * magnitude(z).value())));
        }
        const auto fit = fitCole(points);
        ASSERT_TRUE(fit);
        const Fluids fluids = fluidsFrom(FluidMethod::Moissl2006, M.subject, *fit);
        squares += std::pow(fluids.intracellular.value() - expected, 2);
        claimed += std::pow(fluids.intracellularError.value(), 2);
    }
    EXPECT_NEAR(std::sqrt(claimed / squares), 1.0, 0.15);
}

TEST(Hydration, BandsMoveWithAge) {
    EXPECT_DOUBLE_EQ(usualHydration(Years(40)).low, 0.70);
    EXPECT_DOUBLE_EQ(usualHydration(Years(18)).high, 0.76);
    EXPECT_NEAR(usualHydration(Years(5)).low + 0.03, 0.765, 1e-12);
    EXPECT_NEAR(usualHydration(Years(11)).low + 0.03, 0.752, 1e-12);
    EXPECT_GT(usualHydration(Years(8)).low, usualHydration(Years(14)).low);
}

const VectorReference& men() {
    return *vectorReferenceFor(Sex::Male);
}
const VectorReference& women() {
    return *vectorReferenceFor(Sex::Female);
}
VectorReference sheetMen() { // the sheet's worked numbers use the unrounded correlation
    VectorReference reference = men();
    reference.correlation = 0.471;
    return reference;
}
VectorReference sheetWomen() {
    VectorReference reference = women();
    reference.correlation = 0.408;
    return reference;
}

TEST(Vector, DistancesOfTheSheet) {
    const auto vector = [](double r, double x, double h) { return vectorOf({Ohms(r), Ohms(x)}, Metres(h)); };
    EXPECT_NEAR(distanceSquared(vector(480, 60, 1.75), men()), 1.03814, 6e-3);
    EXPECT_NEAR(populationInside(vector(480, 60, 1.75), men()), 0.405, 3e-3);
    EXPECT_NEAR(populationInside(vector(580, 62, 1.65), women()), 0.252, 3e-3);
    EXPECT_NEAR(populationInside(vector(480, 47, 1.65), women()), 0.746, 3e-3);
    EXPECT_DOUBLE_EQ(distanceSquared(men().mean, men()), 0.0);
}

TEST(Vector, EllipsesOfTheSheet) {
    for (const auto& [probability, major, minor] :
         {std::tuple(0.50, 51.22, 7.48), std::tuple(0.75, 72.51, 10.59), std::tuple(0.95, 106.83, 15.61)}) {
        const auto ellipse = toleranceEllipse(sheetMen(), probability, true);
        EXPECT_NEAR(ellipse.majorAxis, major, 0.02);
        EXPECT_NEAR(ellipse.minorAxis, minor, 0.02);
        EXPECT_NEAR(ellipse.tilt * 180.0 / std::numbers::pi, 4.59, 0.02);
    }
    const auto woman = toleranceEllipse(sheetWomen(), 0.50, true);
    EXPECT_NEAR(woman.majorAxis, 58.02, 0.03);
    EXPECT_NEAR(woman.minorAxis, 8.29, 0.02);
    // k of the mean with n = 354: 0.017118, so the axis is √(0.017118/6.077031) of the tolerance ellipse's.
    EXPECT_NEAR(confidenceEllipse(men(), 0.95).majorAxis / toleranceEllipse(men(), 0.95, true).majorAxis,
                std::sqrt(0.017118 / 6.077031), 1e-5);
}

TEST(Vector, MenAndWomenDifferAsTheSheetSays) {
    const auto difference = compareGroups(sheetMen(), sheetWomen());
    EXPECT_NEAR(difference.distance, 1.6011, 3e-3);
    EXPECT_NEAR(difference.tSquared, 464.99, 2.0);
    EXPECT_LT(difference.probability, 1e-70);
}

TEST(Vector, DirectionsMeanFluidOrCells) {
    const BodyVector from = men().mean;
    const auto moved = [&](double dr, double dx) {
        return migration(from, {from.resistance + dr, from.reactance + dx}, men());
    };
    EXPECT_EQ(moved(0.0, 0.0), Migration::None);
    EXPECT_EQ(moved(-40.0, -3.2), Migration::MoreFluid); // along the long axis
    EXPECT_EQ(moved(40.0, 3.2), Migration::LessFluid);
    EXPECT_EQ(moved(0.0, 5.0), Migration::MoreCells);
    EXPECT_EQ(moved(0.0, -5.0), Migration::FewerCells);
}

TEST(Vector, TheLabsOwnPeopleMakeAReference) {
    std::mt19937_64 random(9);
    std::normal_distribution<double> gauss;
    std::vector<BodyVector> people;
    for (int i = 0; i < 4000; ++i) {
        const double a = gauss(random), b = 0.47 * a + std::sqrt(1.0 - 0.47 * 0.47) * gauss(random);
        people.push_back({298.6 + 43.2 * a, 30.8 + 7.2 * b});
    }
    const auto own = ownReference(people, Sex::Male, "own");
    ASSERT_TRUE(own);
    EXPECT_NEAR(own->mean.resistance, 298.6, 3.0);
    EXPECT_NEAR(own->deviation.reactance, 7.2, 0.4);
    EXPECT_NEAR(own->correlation, 0.47, 0.05);
    EXPECT_EQ(own->people, 4000);
    EXPECT_FALSE(ownReference(std::span(people).first(9), Sex::Male, "few"));
    EXPECT_FALSE(ownReference(std::vector<BodyVector>(20, BodyVector{300, 30}), Sex::Male, "all alike"));
}

} // namespace
} // namespace fusain::impedance::impedance_fluids_test

#include "core/compartments/body.hpp"
#include "core/hydrostatic/body_density.hpp"
#include "core/water/density.hpp"
#include "support/property.hpp"

#include <gtest/gtest.h>

namespace fusain::two_component_test {
namespace {

using namespace compartments;

// Ma 70, gross 7.45, tare 4.15, 34 °C Kell, RV 1.30, GI 0.1; worked with bc to 20 digits:
// volume = (70 − 3.30)/0.9943715018774842 − 1.40 = 65.67754584082806 L, density = 70/volume
// = 1.065813271550182.
TEST(BodyDensity, WorkedExample) {
    const auto body = hydrostatic::volumeAndDensity(
        hydrostatic::WeighedBody<Plain>{.dryMass = Kilograms(70.0),
                                        .underwaterMass = Kilograms(3.30),
                                        .waterDensity = water::densityKell1975(Celsius(34.0)),
                                        .residualVolume = Litres(1.30),
                                        .gutGas = Litres(0.1)});
    EXPECT_NEAR(body.bodyVolume.value(), 65.67754584082806, 1e-12);
    EXPECT_NEAR(body.bodyDensity.value(), 1.065813271550182, 1e-14);
    EXPECT_NEAR(fatPercent(siri1961, body.bodyDensity).value(), 14.4341, 5e-5);
    EXPECT_NEAR(fatPercent(brozek1963, body.bodyDensity).value(), 14.5805, 5e-5);
}

TEST(BodyDensity, AFloatingBodyHasANegativeUnderwaterMass) {
    // The same man at total lung capacity, 6.50 L: expected −1.8707 kg; density is recovered.
    EXPECT_NEAR(hydrostatic::volumeAndDensity(
                    hydrostatic::WeighedBody<Plain>{.dryMass = Kilograms(70),
                                                    .underwaterMass = Kilograms(-1.8707319),
                                                    .waterDensity = water::densityKell1975(Celsius(34.0)),
                                                    .residualVolume = Litres(6.50),
                                                    .gutGas = Litres(0.1)})
                    .bodyDensity.value(),
                1.065813271550182, 1e-7);
}

TEST(BodyDensity, PlausibleRangeIncludesItsEnds) {
    EXPECT_TRUE(compartments::plausibleBodyDensity(KilogramsPerLitre(0.93)));
    EXPECT_TRUE(compartments::plausibleBodyDensity(KilogramsPerLitre(1.10)));
    EXPECT_FALSE(compartments::plausibleBodyDensity(KilogramsPerLitre(0.9299)));
    EXPECT_FALSE(compartments::plausibleBodyDensity(KilogramsPerLitre(1.1001)));
}

struct Printed {
    TwoComponentConstants constants;
    double at1060, at1045;
};

TEST(FatFromDensity, PrintedExamplesOfEveryConversion) {
    // 100·(C1/D − C2), printed to three decimals.
    const Printed table[] = {{siri1961, 16.981, 23.684},
                             {brozek1963, 16.932, 23.121},
                             {schutte1984, 19.842, 25.765},
                             {wagnerHeyward2001, 18.902, 25.480}};
    for (const Printed& row : table) {
        EXPECT_NEAR(fatPercent(row.constants, KilogramsPerLitre(1.060)).value(), row.at1060, 5e-4);
        EXPECT_NEAR(fatPercent(row.constants, KilogramsPerLitre(1.045)).value(), row.at1045, 5e-4);
    }
}

TEST(FatFromDensity, ConstantsImplyTheirComponentDensities) {
    EXPECT_NEAR(siri1961.fatFreeDensity(), 1.100, 1e-12);
    EXPECT_NEAR(siri1961.fatDensity(), 0.900, 1e-12);
    EXPECT_NEAR(wagnerHeyward2001.fatFreeDensity(), 1.1056, 1e-4);
}

TEST(FatFromDensity, ChildrenByCompletedYears) {
    // D 1.045 at 12 years: boy 100·(5.23/1.045 − 4.81) = 19.48, girl 18.39.
    const KilogramsPerLitre density(1.045);
    EXPECT_NEAR(fatPercent(*lohman1989(Sex::Male, Years(12.9)), density).value(), 19.478, 5e-4);
    EXPECT_NEAR(fatPercent(*lohman1989(Sex::Female, Years(12.0)), density).value(), 18.392, 5e-4);
    EXPECT_FALSE(lohman1989(Sex::Female, Years(6.9)));
    EXPECT_TRUE(lohman1989(Sex::Female, Years(7.0)));
}

TEST(FatFromDensity, ChildrenGetOnlyChildConstantsAndAdultsOnlyAdultOnes) {
    for (const DensityConversion& conversion : densityConversions()) {
        if (conversion.groupSpecific)
            continue;
        EXPECT_EQ(conversion.constantsFor(Sex::Female, Years(11)).has_value(), conversion.childConstants)
            << conversion.id;
        EXPECT_EQ(conversion.constantsFor(Sex::Male, Years(40)).has_value(), !conversion.childConstants)
            << conversion.id;
    }
}

TEST(FatFromDensity, TheDefaultIsNotGroupSpecific) {
    EXPECT_EQ(densityConversions().front().id, "fat.density.siri-1961");
    EXPECT_FALSE(densityConversions().front().groupSpecific);
}

TEST(FatFromDensity, DenserIsLeanerAndTheFormulaInverts) {
    testing::holdsFor("monotonic and invertible", [] {
        const double density = *rc::gen::inRange(930, 1100) / 1000.0;
        const double fat = fatPercent(siri1961, KilogramsPerLitre(density)).value();
        RC_ASSERT(fatPercent(siri1961, KilogramsPerLitre(density + 0.001)).value() < fat);
        RC_ASSERT(std::abs(siri1961.C1 / (fat / 100.0 + siri1961.C2) - density) < 1e-12);
    });
}

TEST(FatFromDensity, TheBiologyTermMatchesADirectDifference) {
    // Change the fat-free density by ±s with fat density 0.900 kept: C1 = f·d/(d − f), C2 = f/(d − f).
    const auto withFatFree = [](double d) {
        const double f = 0.900;
        return 100.0 * (f * d / (d - f) / 1.05 - f / (d - f));
    };
    const double expected = (withFatFree(1.1001) - withFatFree(1.0999)) / 0.0002 * 0.006;
    const auto fat =
        fatPercent(siri1961, Measured<KilogramsPerLitre>(Uncertain(1.05)), KilogramsPerLitre(0.006));
    EXPECT_NEAR(std::abs(fat.uncertain().share(Source::FatFreeDensity)), std::abs(expected), 0.002);
}

// The edges belong to the healthy adults: 18 and 60 years; a body mass index of 30 does not.
TEST(FatFreeDensitySpread, IsWiderOutsideHealthyAdults) {
    const FatFreeDensitySpread spread;
    using BodyMassIndex = KilogramsPerSquareMetre;
    EXPECT_EQ(spread.of(Years(18.0), BodyMassIndex(22.0)), KilogramsPerLitre(0.0064));
    EXPECT_EQ(spread.of(Years(60.0), BodyMassIndex(29.999)), KilogramsPerLitre(0.0064));
    EXPECT_EQ(spread.of(Years(17.999), BodyMassIndex(22.0)), KilogramsPerLitre(0.008));
    EXPECT_EQ(spread.of(Years(60.001), BodyMassIndex(22.0)), KilogramsPerLitre(0.008));
    EXPECT_EQ(spread.of(Years(40.0), BodyMassIndex(30.0)), KilogramsPerLitre(0.008));
}

// Each age of the table by its printed constants, from the first day of the year to the last.
TEST(FatFromDensity, EveryAgeOfTheTableOfChildren) {
    struct Printed {
        int from, to;
        double boy, girl;
    };
    for (const Printed& row :
         {Printed{7, 8, 5.38, 5.43}, Printed{9, 10, 5.30, 5.35}, Printed{11, 12, 5.23, 5.25},
          Printed{13, 14, 5.07, 5.12}, Printed{15, 16, 5.03, 5.07}, Printed{17, 18, 4.95, 5.05}})
        for (const double age : {row.from + 0.0, row.from + 0.99, row.to + 0.0, row.to + 0.99}) {
            EXPECT_EQ(lohman1989(Sex::Male, Years(age))->C1, row.boy) << age;
            EXPECT_EQ(lohman1989(Sex::Female, Years(age))->C1, row.girl) << age;
        }
    EXPECT_FALSE(lohman1989(Sex::Male, Years(19.0)));
}

TEST(FatFromDensity, EveryGroupEndsWhereItsStudyEnded) {
    const auto holds = [](const char* id, Sex sex, double age) {
        const auto found =
            std::ranges::find(densityConversions(), std::string_view(id), &DensityConversion::id);
        return found != densityConversions().end() && found->constantsFor(sex, Years(age)).has_value();
    };
    for (const auto& [id, sex, from, to] :
         {std::tuple("fat.density.schutte-1984", Sex::Male, 18.0, 33.0),
          std::tuple("fat.density.wagner-heyward-2001", Sex::Male, 19.0, 46.0),
          std::tuple("fat.density.heyward-wagner-2004.black-women", Sex::Female, 24.0, 80.0)}) {
        EXPECT_TRUE(holds(id, sex, from)) << id;
        EXPECT_FALSE(holds(id, sex, std::nextafter(from, 0.0))) << id;
        EXPECT_TRUE(holds(id, sex, std::nextafter(to, 0.0))) << id;
        EXPECT_FALSE(holds(id, sex, to)) << id;
        EXPECT_FALSE(holds(id, sex == Sex::Male ? Sex::Female : Sex::Male, 30.0)) << id;
    }
}

} // namespace
} // namespace fusain::two_component_test

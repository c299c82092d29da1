// Example of the sheet, 5.2 and 5.3: D 1.065, water 0.620, total mineral 0.0540, bone mineral 0.0424 of the
// mass.
#include "core/compartments/dilution.hpp"
#include "core/compartments/multi_component.hpp"
#include "support/property.hpp"

#include <gtest/gtest.h>

namespace fusain::compartments::multi_component_test {
namespace {

double example(const char* id) {
    const MultiComponentModel& model = *findMultiComponentModel(id);
    const double mineral = model.mineral == Mineral::Total  ? 0.0540
                           : model.mineral == Mineral::None ? 0.0
                                                            : 0.0424;
    return fatPercent(model, 1.065, 0.620, mineral);
}

TEST(MultiComponent, EveryModelGivesTheSheetsExample) {
    EXPECT_NEAR(example("fat.four.wang-2002"), 14.377, 5e-4);
    EXPECT_NEAR(example("fat.four.selinger-1977"), 14.825, 5e-4);
    EXPECT_NEAR(example("fat.four.friedl-1992"), 14.842, 5e-4);
    EXPECT_NEAR(example("fat.four.withers-1998"), 15.160, 5e-4);
    EXPECT_NEAR(example("fat.three.siri-1961"), 15.113, 5e-4);
    EXPECT_NEAR(example("fat.three.modlesky-1996"), 15.376, 5e-4);
    EXPECT_NEAR(example("fat.three.fuller-1992"), 14.583, 5e-4);
    EXPECT_NEAR(example("fat.four.fuller-1992"), 15.105, 5e-4);
    EXPECT_EQ(findMultiComponentModel("fat.four.heymsfield-1990"), nullptr); // impossible water: not shipped
}

TEST(MultiComponent, TheDefaultIsOfGradeAAndTheOthersStandBeside) {
    EXPECT_EQ(multiComponentModels().front().id, "fat.four.wang-2002");
    EXPECT_EQ(multiComponentModels().front().grade, 'A');
    for (const auto& model : multiComponentModels())
        EXPECT_NE(model.grade, 'C') << model.id;
}

Readings readings() {
    return {Measured<Kilograms>(Uncertain(70.0, Source::DryMass, 0.05)),
            Measured<Litres>(Uncertain(70.0 / 1.065, Source::UnderwaterReading, 0.10)),
            Measured<Litres>(Uncertain(43.4 / 0.9937, Source::Resistance, 0.8)),
            Measured<Kilograms>(Uncertain(2.968, Source::ScanBone, 0.03)), Metres(1.75)};
}

TEST(MultiComponent, TheErrorsOfAllReadingsReachTheFat) {
    const auto& wang = *findMultiComponentModel("fat.four.wang-2002");
    const auto body = compositionFrom(wang, readings());
    ASSERT_TRUE(body);
    EXPECT_NEAR(body->fatPercent.estimate().value(), 14.377, 1e-3);
    // By hand, points of fat: volume 100·2.748/70·0.10 = 0.393; water 100·0.699·0.9937/70·0.8 = 0.794;
    // mineral 100·1.129/70·0.03 = 0.048; mass: 100·(−2.748·V/W² + (0.699·0.9937·TBW − 1.129·B)/W²)·0.05 =
    // −0.156.
    // What the model assumes: 1.0.
    EXPECT_NEAR(body->fatPercent.totalError().value(),
                std::sqrt(0.393 * 0.393 + 0.794 * 0.794 + 0.048 * 0.048 + 0.156 * 0.156 + 1.0), 0.005);
    EXPECT_NEAR((body->fatMass.estimate() + body->fatFreeMass.estimate()).value(), 70.0, 1e-9);
}

TEST(MultiComponent, FourComponentsWantMineral) {
    Readings without = readings();
    without.boneMineral.reset();
    EXPECT_FALSE(compositionFrom(*findMultiComponentModel("fat.four.wang-2002"), without));
    const auto three = compositionFrom(*findMultiComponentModel("fat.three.siri-1961"), without);
    ASSERT_TRUE(three);
    EXPECT_NEAR(three->fatPercent.estimate().value(), 15.113, 1e-3);
}

TEST(MultiComponent, ABodyBuiltOfItsPartsIsFoundAgain) {
    // Densities that Selinger's model implies (sheet 5.3): fat 0.9006, water 0.9937, mineral 3.038,
    // rest 1.3398.
    testing::holdsFor("built body", [] {
        const double fat = *rc::gen::inRange(50, 450) / 1000.0;
        const double water = (1.0 - fat) * *rc::gen::inRange(680, 780) / 1000.0;
        const double mineral = (1.0 - fat) * *rc::gen::inRange(50, 80) / 1000.0;
        const double rest = 1.0 - fat - water - mineral;
        const double density = 1.0 / (fat / 0.9006 + water / 0.9937 + mineral / 3.038 + rest / 1.3398);
        const auto& model = *findMultiComponentModel("fat.four.selinger-1977");
        RC_ASSERT(std::abs(fatPercent(model, density, water, mineral) - 100.0 * fat) < 0.12);
    });
}

// By hand: 10 g of ²H₂O that raise the water of the body by 240 mg/kg have mixed with 41.6667 kg; over 1.041 it
// is 40.0256 kg, over 0.9937 kg/L 40.2794 L.
TEST(Dilution, IsTheDoseOverTheRiseWithoutTheOverfill) {
    EXPECT_NEAR(
        bodyWater({Tracer::Deuterium, Kilograms(0.010), Enrichment::MilligramsPerKilogram, 150.0, 390.0})
            .value(),
        40.2794, 5e-5);
    // 6 g of H₂¹⁸O, 130 ppm of atoms: 18.015/20.015·6000/130/1.007/0.9937 L.
    EXPECT_NEAR(
        bodyWater({Tracer::Oxygen18, Kilograms(0.006), Enrichment::AtomsPerMillion, 2000.0, 2130.0}).value(),
        41.5147, 5e-5);
    // 5 g of ²H₂O, 120 ppm: 18.015/20.028·5000/120/1.041/0.9937 L.
    EXPECT_NEAR(
        bodyWater({Tracer::Deuterium, Kilograms(0.005), Enrichment::AtomsPerMillion, 150.0, 270.0}).value(),
        36.2309, 5e-5);
    EXPECT_NEAR(bodyWaterByDilution(Litres(40.0)).totalError().value(), 0.6, 1e-12);
}

// With dilution four components are worth their name: about 1.3 points instead of 3.5.
TEST(Dilution, MakesFourComponentsSure) {
    Readings with = readings();
    with.bodyWater = bodyWaterByDilution(readings().bodyWater.estimate());
    const auto body = compositionFrom(*findMultiComponentModel("fat.four.wang-2002"), with);
    EXPECT_LT(body->fatPercent.totalError().value(), 1.35);
    EXPECT_NEAR(body->fatPercent.uncertain().share(Source::ModelAssumption), 1.0, 1e-12);
    const auto three = compositionFrom(*findMultiComponentModel("fat.three.siri-1961"), with);
    EXPECT_NEAR(three->fatPercent.uncertain().share(Source::ModelAssumption), 1.3, 1e-12);
}

} // namespace
} // namespace fusain::compartments::multi_component_test

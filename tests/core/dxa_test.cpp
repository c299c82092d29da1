// The test man of the sheet: fat 18.0, lean 50.0, BMC 2.8 kg, 1.75 m, arms 3.1/3.3 and legs 8.5/8.6 kg lean.
#include "core/dxa/composition.hpp"
#include "core/dxa/safety.hpp"
#include "core/dxa/scan_rules.hpp"
#include "support/property.hpp"

#include <gtest/gtest.h>

namespace fusain::dxa::dxa_test {
namespace {

RegionReading region(Region which, double fat, double lean, double bone) {
    return {which, Kilograms(fat), Kilograms(lean), Kilograms(bone), {}, {}};
}

Scan testMan() {
    Scan scan{{region(Region::Head, 1.0, 3.3, 0.5), region(Region::LeftArm, 1.0, 3.1, 0.2),
               region(Region::RightArm, 1.1, 3.3, 0.2), region(Region::Trunk, 9.4, 23.2, 0.9),
               region(Region::LeftLeg, 2.7, 8.5, 0.5), region(Region::RightLeg, 2.8, 8.6, 0.5)}};
    scan.regions.push_back(region(Region::Subtotal, 17.0, 46.7, 2.3));
    scan.regions.push_back(region(Region::Total, 18.0, 50.0, 2.8));
    scan.regions.push_back(region(Region::Android, 1.6, 3.35, 0.05));
    scan.regions.push_back(region(Region::Gynoid, 2.7, 7.1, 0.2));
    return scan;
}

std::vector<ScanFinding> judged(const Scan& scan, double scale = 70.8) {
    return judgeScan(scan, Kilograms(scale), {});
}

bool has(const std::vector<ScanFinding>& findings, Fault fault) {
    return std::ranges::find(findings, fault, &ScanFinding::fault) != findings.end();
}

RegionReading& at(Scan& scan, Region region) {
    return *std::ranges::find(scan.regions, region, &RegionReading::region);
}

TEST(DxaRegion, BothConventionsOfFatAreNamedAndKept) {
    const RegionReading& total = *testMan().of(Region::Total);
    EXPECT_NEAR(total.fatOfTissue().value(), 26.470588235294116, 1e-12); // sheet 1.2
    EXPECT_NEAR(total.fatOfMass().value(), 25.423728813559322, 1e-12);   // sheet 1.2
    EXPECT_EQ(fatPercent(total, FatConvention::WholeMass).value(), total.fatOfMass().value());
    EXPECT_NE(conventionName(FatConvention::WholeMass), conventionName(FatConvention::SoftTissue));
}

TEST(DxaRegion, BoneDensityIsMineralOverArea) {
    RegionReading total = region(Region::Total, 18, 50, 2.8);
    EXPECT_FALSE(total.boneDensity());
    total.area = SquareCentimetres(0.0);
    EXPECT_FALSE(total.boneDensity());
    total.area = SquareCentimetres(2240.0);
    EXPECT_NEAR(total.boneDensity()->value(), 1.25, 1e-12); // 2800 g / 2240 cm²
}

TEST(DxaRegion, KeysRoundTrip) {
    for (const Region each : regions)
        EXPECT_EQ(regionFromKey(regionKey(each)), each);
    EXPECT_FALSE(regionFromKey("thorax"));
}

TEST(DxaIndices, GiveTheSheetsNumbers) {
    const Indices indices = indicesOf(testMan(), Metres(1.75), Kilograms(70.8), FatConvention::WholeMass);
    EXPECT_NEAR(indices.limbLean.value(), 23.5, 1e-12);
    EXPECT_NEAR(indices.limbLeanIndex.value(), 7.673469387755102, 1e-12);
    EXPECT_NEAR(indices.limbLeanByBmi.value(), 1.016507768361582, 1e-12);
    EXPECT_NEAR(indices.fatMassIndex.value(), 5.877551, 1e-6);
    EXPECT_NEAR(indices.leanIndex.value(), 16.326531, 1e-6);
    EXPECT_NEAR(indices.trunkToLimbFat, 9.4 / 7.6, 1e-12);
    EXPECT_NEAR(*indices.androidGynoid, 32.0 / 27.0, 1e-12); // 1.6/5.0 and 2.7/10.0
    Scan without = testMan();
    std::erase_if(without.regions, [](const auto& each) { return each.region == Region::Android; });
    EXPECT_FALSE(indicesOf(without, Metres(1.75), Kilograms(70.8), FatConvention::WholeMass).androidGynoid);
}

TEST(DxaBody, FatAndLeanRepeatEachByItself) {
    const BodyByScan body = bodyFrom(*testMan().of(Region::Total), {}, {}, Metres(1.75));
    EXPECT_NEAR(body.composition.fatPercent.estimate().value(), 25.423728813559322, 1e-12);
    EXPECT_NEAR(body.composition.fatMass.estimate().value(), 18.0, 1e-12);
    EXPECT_NEAR(body.composition.fatMass.repeatability().value(), 0.54, 1e-12); // 3 % of 18 kg
    EXPECT_NEAR(body.composition.fatMass.visitError().value(), 0.54, 1e-12);    // water is not fat
    // Lean: 2 % of 50 kg and 0.15 % of 70.8 kg: √(1² + 0.1062²) = 1.00562; with the day √(… + 0.40² + 0.35²)
    // = 1.13744
    EXPECT_NEAR(body.lean.repeatability().value(), 1.00562, 1e-5);
    EXPECT_NEAR(body.lean.visitError().value(), 1.13744, 1e-5);
    EXPECT_NEAR(body.mass.personError().value(), 0.0, 1e-12);
    EXPECT_NEAR(body.composition.fatPercent.personError().value(), 2.3, 1e-9); // 0.023 of the mass
    // Somebody with little fat has an error that does not vanish.
    const BodyByScan lean = bodyFrom(region(Region::Total, 4.0, 55.0, 3.0), {}, {}, Metres(1.75));
    EXPECT_NEAR(lean.composition.fatMass.repeatability().value(), 0.2, 1e-12);
}

TEST(DxaBalance, IsJudgedAgainstTheErrorFirstAndTheThresholdThen) {
    // Sheet 1.2: 8.6/8.5 kg gives 1.1695906432748495 %. One leg errs by 1.8 %: 1.96·0.018·√(8.6²+8.5²) = 0.427
    // kg.
    const anthropometry::LimbBalance even =
        balance(Kilograms(8.6), Kilograms(8.5), 0.018, BalanceThreshold::Kind::Mass, 0.9);
    EXPECT_NEAR(even.asymmetry.value(), 1.1695906432748495, 1e-12);
    EXPECT_NEAR(even.leastSignificant.value(), 0.42659, 1e-4);
    EXPECT_FALSE(even.real());
    const anthropometry::LimbBalance arm =
        balance(Kilograms(3.4), Kilograms(2.5), 0.03, BalanceThreshold::Kind::Mass, 0.45);
    EXPECT_TRUE(arm.real());
    EXPECT_TRUE(arm.notable());
    // 10 % of the middle of 3.4 and 2.5 kg.
    EXPECT_NEAR(
        balance(Kilograms(3.4), Kilograms(2.5), 0.03, BalanceThreshold::Kind::Percent, 10).threshold.value(),
        0.295, 1e-12);
    const anthropometry::LimbBalance small =
        balance(Kilograms(3.3), Kilograms(3.0), 0.03, BalanceThreshold::Kind::Mass, 0.45);
    EXPECT_TRUE(small.real());
    EXPECT_FALSE(small.notable());
}

TEST(DxaSafety, DoseIsComparedWithBackground) {
    EXPECT_NEAR(daysOfBackground(Microsieverts(5.0)), 0.7609375, 1e-12); // sheet 1.6
}

TEST(DxaSafety, VisceralVolumeByAdiposeDensity) {
    EXPECT_NEAR(visceralVolume(Kilograms(1.0)).value(), 1.0638297872340427, 1e-12); // sheet 1.4
}

TEST(DxaSafety, ScoresFollowSexAgeAndMenopause) {
    EXPECT_EQ(scoreFor(Sex::Female, Years(60), true), BoneScore::T);
    EXPECT_EQ(scoreFor(Sex::Female, Years(45), false), BoneScore::Z);
    EXPECT_EQ(scoreFor(Sex::Male, Years(49.9), false), BoneScore::Z);
    EXPECT_EQ(scoreFor(Sex::Male, Years(50), false), BoneScore::T);
    EXPECT_EQ(scoreFor(Sex::Female, Years(12), true), BoneScore::Z);
}

TEST(DxaSafety, TheWholeBodyIsNeverADiagnosisAndAChildHasNoScoreWithTheHead) {
    const ReportedBone whole{"total", GramsPerSquareCentimetre(1.02), -2.6, -1.9};
    const auto adult = boneSentence(whole, Sex::Male, Years(60), false).english();
    EXPECT_NE(adult.find("not a diagnosis"), std::string::npos) << adult;
    EXPECT_NE(adult.find("T-score"), std::string::npos);
    const auto younger = boneSentence(whole, Sex::Male, Years(30), false).english();
    EXPECT_NE(younger.find("Z-score"), std::string::npos);
    EXPECT_EQ(younger.find("T-score"), std::string::npos);
    const auto child = boneSentence(whole, Sex::Female, Years(11), false).english();
    EXPECT_EQ(child.find("1.9"), std::string::npos) << child;
    EXPECT_NE(boneSentence({"spine", {}, {}, -2.0}, Sex::Female, Years(30), false)
                  .english()
                  .find("below the expected range"),
              std::string::npos); // exactly −2.0 counts
}

TEST(DxaRules, AGoodScanHasNoObjection) {
    EXPECT_TRUE(judged(testMan()).empty()) << judged(testMan()).front().what.english();
}

TEST(DxaRules, ASumMayBeOffByTheRoundingOfItsParts) {
    Scan scan = testMan();
    at(scan, Region::Total).fat = Kilograms(18.0035); // (6 + 1)·0.001/2, exactly on the limit
    EXPECT_FALSE(has(judged(scan), Fault::RegionSum));
    at(scan, Region::Total).fat = Kilograms(18.0036);
    EXPECT_TRUE(has(judged(scan), Fault::RegionSum));
    scan = testMan();
    at(scan, Region::Subtotal).lean = Kilograms(47.7);
    const auto findings = judged(scan);
    ASSERT_TRUE(has(findings, Fault::RegionSum));
    EXPECT_TRUE(mustRepeat(findings));
    EXPECT_NE(findings.front().what.english().find("46.700 kg, the page shows 47.700"), std::string::npos)
        << findings.front().what.english();
}

TEST(DxaRules, ARowMustAddUpToItsPrintedMass) {
    Scan scan = testMan();
    at(scan, Region::Trunk).printedMass = Kilograms(33.502); // (3 + 1)·0.001/2 = 0.002
    EXPECT_FALSE(has(judged(scan), Fault::TissueSum));
    at(scan, Region::Trunk).printedMass = Kilograms(35.5);
    EXPECT_TRUE(has(judged(scan), Fault::TissueSum));
}

TEST(DxaRules, AndroidLiesInTheTrunkAndGynoidInTrunkAndLegs) {
    Scan scan = testMan();
    at(scan, Region::Android).fat = Kilograms(9.5);
    EXPECT_TRUE(has(judged(scan), Fault::Overlap));
    scan = testMan();
    at(scan, Region::Gynoid).lean = Kilograms(41.0); // 23.2 + 8.5 + 8.6 = 40.3
    EXPECT_TRUE(has(judged(scan), Fault::Overlap));
}

TEST(DxaRules, TheScaleIsComparedByPercent) {
    EXPECT_FALSE(has(judged(testMan(), 71.5), Fault::ScaleMass)); // −0.979 %
    const auto look = judged(testMan(), 72.0);                    // −1.67 %
    ASSERT_TRUE(has(look, Fault::ScaleMass));
    EXPECT_FALSE(mustRepeat(look));
    EXPECT_TRUE(mustRepeat(judged(testMan(), 76.0)));
    EXPECT_TRUE(judgeScan(testMan(), std::nullopt, {}).empty());
}

TEST(DxaRules, PoundsAndGramsAreRecognized) {
    for (const double factor : {1.0 / kilogramsPerPound, 1000.0}) {
        Scan scan = testMan();
        for (RegionReading& each : scan.regions)
            each = region(each.region, each.fat.value() * factor, each.lean.value() * factor,
                          each.boneMineral.value() * factor);
        const auto findings = judged(scan);
        ASSERT_TRUE(has(findings, Fault::Unit)) << factor;
        EXPECT_TRUE(mustRepeat(findings));
    }
}

TEST(DxaRules, MissingNegativeAndNonNumbersAreNamed) {
    Scan scan = testMan();
    std::erase_if(scan.regions, [](const auto& each) { return each.region == Region::LeftLeg; });
    EXPECT_NE(judged(scan).front().what.english().find("left leg"), std::string::npos);
    scan = testMan();
    at(scan, Region::Trunk).lean = Kilograms(std::nan(""));
    EXPECT_TRUE(has(judged(scan), Fault::Number));
    at(scan, Region::Trunk).lean = Kilograms(-1.0);
    EXPECT_TRUE(has(judged(scan), Fault::Number));
}

TEST(DxaRules, ACutOffLimbAndACopiedOneAreSeen) {
    Scan scan = testMan();
    at(scan, Region::LeftArm) = region(Region::LeftArm, 0.4, 1.4, 0.1);
    const auto cut = judged(scan);
    ASSERT_TRUE(has(cut, Fault::OutOfField));
    scan = testMan();
    at(scan, Region::LeftLeg) = region(Region::LeftLeg, 2.8, 8.6, 0.5);
    EXPECT_TRUE(has(judged(scan), Fault::Mirrored));
    EXPECT_FALSE(has(judgeScan(scan, Kilograms(70.8), {}, true), Fault::Mirrored));
}

TEST(DxaRules, BoneMineralInGramsIsSeen) {
    Scan scan = testMan();
    for (RegionReading& each : scan.regions)
        each.boneMineral = Kilograms(each.boneMineral.value() * 1000.0);
    EXPECT_TRUE(mustRepeat(judgeScan(scan, std::nullopt, {})));
}

TEST(DxaHalfBody, TheCompleteSideIsDoubled) {
    const Scan half{{region(Region::RightArm, 1.1, 3.3, 0.2), region(Region::RightLeg, 2.8, 8.6, 0.5),
                     region(Region::Trunk, 4.7, 11.6, 0.45), region(Region::Head, 0.5, 1.65, 0.25)}};
    const auto whole = mirrored(half);
    ASSERT_TRUE(whole);
    EXPECT_NEAR(whole->of(Region::Total)->fat.value(), 2 * (1.1 + 2.8 + 4.7 + 0.5), 1e-12);
    EXPECT_NEAR(whole->of(Region::Total)->lean.value(), 2 * (3.3 + 8.6 + 11.6 + 1.65), 1e-12);
    EXPECT_EQ(whole->of(Region::LeftLeg)->lean, whole->of(Region::RightLeg)->lean);
    EXPECT_FALSE(mustRepeat(judgeScan(*whole, std::nullopt, {}, true)));
    EXPECT_FALSE(mirrored({{half.regions[0], half.regions[1]}}));
}

TEST(DxaRules, ASumOfAnyNumberOfRoundedPartsIsNeverDoubted) {
    testing::holdsFor("rounding", [] {
        Scan scan = testMan();
        double fat = 0.0;
        for (const Region each : parts) {
            const double true_ = *rc::gen::inRange(200000, 9000000) / 1e6;
            fat += true_;
            at(scan, each).fat = Kilograms(std::round(true_ * 1000.0) / 1000.0);
        }
        std::erase_if(scan.regions, [](const auto& each) {
            return each.region == Region::Subtotal || each.region == Region::Android ||
                   each.region == Region::Gynoid;
        });
        at(scan, Region::Total).fat = Kilograms(std::round(fat * 1000.0) / 1000.0);
        RC_ASSERT(!has(judgeScan(scan, std::nullopt, {}), Fault::RegionSum));
    });
}

TEST(DxaRules, ADigitOfThePrintIsNoOverlapAndAHundredthNoDifference) {
    Scan scan = testMan();
    const Kilograms trunk = at(scan, Region::Trunk).fat;
    at(scan, Region::Android).fat = trunk + Kilograms(0.001);
    EXPECT_FALSE(has(judged(scan), Fault::Overlap));
    at(scan, Region::Android).fat = trunk + Kilograms(0.0015);
    EXPECT_TRUE(has(judged(scan), Fault::Overlap));
    const auto against = [](double scale) { return has(judged(testMan(), scale), Fault::ScaleMass); };
    const double total = 70.8; // of the test man
    EXPECT_FALSE(against(total / 1.01));
    EXPECT_FALSE(against(total / 0.99));
    EXPECT_TRUE(against(total / 1.0101));
    EXPECT_TRUE(against(total / 0.9899));
}

} // namespace
} // namespace fusain::dxa::dxa_test

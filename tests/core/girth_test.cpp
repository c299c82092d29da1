#include "core/girth/limits.hpp"
#include "core/girth/repeats.hpp"

#include <cmath>
#include <gtest/gtest.h>

namespace fusain::girth_test {
namespace {

using namespace girth;

std::vector<Repeat> numbered(std::initializer_list<double> values) {
    std::vector<Repeat> readings;
    for (const double value : values)
        readings.push_back({static_cast<int>(readings.size()) + 1, Centimetres(value)});
    return readings;
}
RepeatJudgement waist(std::initializer_list<double> values) {
    return judge(numbered(values), Site::Waist, {});
}

TEST(Girth, ThreeReadingsWithinTheToleranceGiveTheirMean) {
    const auto judged = waist({84.2, 84.9, 84.6});
    EXPECT_EQ(judged.verdict, RepeatVerdict::Enough);
    EXPECT_NEAR(judged.value.value(), 84.0 + 17.0 / 30.0, 1e-12);
    EXPECT_NEAR(judged.spread.value(), 0.7, 1e-12);
    EXPECT_EQ(judged.used, (std::vector{1, 2, 3}));
}

TEST(Girth, TwoReadingsAreTooFewHoweverWellTheyAgree) {
    const auto judged = waist({84.2, 84.2});
    EXPECT_EQ(judged.verdict, RepeatVerdict::NeedMore);
    EXPECT_EQ(judged.value.value(), 0.0);
    EXPECT_TRUE(judged.used.empty());
    EXPECT_EQ(waist({}).verdict, RepeatVerdict::NeedMore);
}

// A range that is the tolerance itself agrees, one millimetre more does not: for the trunk and for a limb.
TEST(Girth, TheToleranceItselfStillAgrees) {
    EXPECT_EQ(waist({84.0, 84.5, 85.0}).verdict, RepeatVerdict::Enough);
    EXPECT_EQ(waist({84.0, 84.5, 85.1}).verdict, RepeatVerdict::NeedMore);
    EXPECT_EQ(judge(numbered({30.0, 30.2, 30.5}), Site::Arm, {}).verdict, RepeatVerdict::Enough);
    EXPECT_EQ(judge(numbered({30.0, 30.2, 30.6}), Site::Arm, {}).verdict, RepeatVerdict::NeedMore);
    for (const Site site : sites)
        EXPECT_EQ(RepeatRule().toleranceOf(site).value(), site == Site::Waist || site == Site::Hip ? 1.0 : 0.5);
}

TEST(Girth, OfMoreReadingsTheThreeThatAreClosestTogetherStand) {
    const auto judged = waist({88.0, 84.2, 86.1, 84.8, 84.4});
    EXPECT_EQ(judged.verdict, RepeatVerdict::Enough);
    EXPECT_EQ(judged.used, (std::vector{2, 4, 5}));
    EXPECT_NEAR(judged.value.value(), (84.2 + 84.8 + 84.4) / 3.0, 1e-12);
}

TEST(Girth, TheMostThatAreTakenAndDoNotAgreeGiveTheirMedian) {
    const auto judged = waist({80.0, 82.0, 84.0, 86.0, 88.5});
    EXPECT_EQ(judged.verdict, RepeatVerdict::Scattered);
    EXPECT_EQ(judged.value.value(), 84.0);
    EXPECT_NEAR(judged.spread.value(), 8.5, 1e-12);
    EXPECT_EQ(judged.used.size(), 5u);
    EXPECT_EQ(waist({80.0, 82.0, 84.0, 86.0}).verdict, RepeatVerdict::NeedMore);
    const RepeatRule four{3, 4, Centimetres(1.0), Centimetres(0.5)};
    EXPECT_EQ(judge(numbered({80.0, 82.0, 84.0, 86.0}), Site::Waist, four).value.value(), 83.0);
}

TEST(Girth, TheSheetsManAndWomanHaveTheirRatios) {
    const auto cm = [](double value) { return Measured<Centimetres>(Uncertain(value)); };
    EXPECT_NEAR(waistToHeight(cm(96.0), Metres(1.75)).estimate().value(), 0.548571, 1e-6);
    EXPECT_NEAR(waistToHip(cm(96.0), cm(100.0)).estimate().value(), 0.96, 1e-12);
    EXPECT_NEAR(waistToHeight(cm(78.0), Metres(1.65)).estimate().value(), 0.472727, 1e-6);
    EXPECT_NEAR(waistToHip(cm(78.0), cm(98.0)).estimate().value(), 0.795918, 1e-6);
}

// Waist and hip err by themselves; what the tape errs by cancels in their quotient.
TEST(Girth, ARatioAddsTheErrorsOfBothAndForgetsTheTape) {
    const auto measured = [](double value, double reading, double day) {
        return Measured<Centimetres>(Centimetres(value), Source::TapeReading, Centimetres(reading))
            .with(Source::LandmarkOfTheDay, Centimetres(day))
            .with(Source::TapeScale, Centimetres(value * 0.002));
    };
    const auto ratio = waistToHip(measured(80.0, 0.3, 1.0), measured(100.0, 0.4, 0.8));
    const double readings = 0.8 * std::hypot(0.3 / 80.0, 0.4 / 100.0),
                 day = 0.8 * std::hypot(1.0 / 80.0, 0.8 / 100.0);
    EXPECT_NEAR(ratio.repeatability().value(), readings, 1e-12);
    EXPECT_NEAR(ratio.visitError().value(), std::hypot(readings, day), 1e-12);
    EXPECT_NEAR(ratio.personError().value(), 0.0, 1e-12);
}

// Beyond a limit only with the whole interval; a limit of "more than" is not reached by its own value.
TEST(Girth, AValueIsBeyondALimitOnlyWithItsWholeInterval) {
    const LimitSet& waist = *limitSet("waist.who-2008");
    const auto man = [&](double value, double half) { return standingOf(value, half, waist, Sex::Male); };
    EXPECT_EQ(man(90.0, 3.9), Standing::Below);
    EXPECT_EQ(man(90.0, 4.0), Standing::Below); // just reaches it
    EXPECT_EQ(man(90.0, 4.1), Standing::CloseToLimit);
    EXPECT_EQ(man(97.0, 3.1), Standing::CloseToLimit);
    EXPECT_EQ(man(97.0, 2.9), Standing::Above);
    EXPECT_EQ(man(100.0, 3.0), Standing::CloseToHigh);
    EXPECT_EQ(man(106.0, 3.9), Standing::High);
    EXPECT_EQ(man(106.0, 4.0), Standing::CloseToHigh);
    EXPECT_EQ(man(94.0, 0.0), Standing::Below);
    EXPECT_EQ(standingOf(80.1, 0.0, waist, Sex::Female), Standing::Above);
    EXPECT_EQ(standingOf(88.1, 0.0, waist, Sex::Female), Standing::High);
}

TEST(Girth, ALimitOfAtLeastIsReachedByItsOwnValue) {
    const LimitSet &height = *limitSet("waist-to-height.ashwell-2005"),
                   &hip = *limitSet("waist-to-hip.who-2008");
    EXPECT_EQ(standingOf(0.5, 0.0, height, Sex::Male), Standing::Above);
    EXPECT_EQ(standingOf(0.4999, 0.0, height, Sex::Male), Standing::Below);
    EXPECT_EQ(standingOf(0.6, 0.0, height, Sex::Female), Standing::High);
    EXPECT_EQ(standingOf(0.90, 0.0, hip, Sex::Male), Standing::Above);
    EXPECT_EQ(standingOf(0.8499, 0.0, hip, Sex::Female), Standing::Below);
    EXPECT_EQ(standingOf(0.85, 0.0, hip, Sex::Female), Standing::Above);
    const LimitSet& asian = *limitSet("waist.harmonised-asian-2009");
    EXPECT_EQ(standingOf(90.0, 0.0, asian, Sex::Male), Standing::Above);
    EXPECT_EQ(standingOf(80.0, 0.0, asian, Sex::Female), Standing::Above);
    EXPECT_FALSE(limitSet("waist.nobody"));
}

TEST(Girth, SitesAreReadBackByTheirKey) {
    for (const Site site : sites)
        EXPECT_EQ(siteFromKey(textOf(site).key), site);
    EXPECT_FALSE(siteFromKey("calf"));
}

} // namespace
} // namespace fusain::girth_test

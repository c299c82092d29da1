#include "core/quality/check_rule.hpp"
#include "core/quality/control_chart.hpp"
#include "core/quality/precision_study.hpp"

#include <cmath>
#include <gtest/gtest.h>
#include <map>
#include <rapidcheck/gtest.h>

namespace fusain::quality::quality_test {
namespace {

using enum ControlRule;

// Points (from 1) that break a rule.
std::vector<int> pointsThatBreak(const std::vector<ChartPoint>& points, ControlRule rule) {
    std::vector<int> found;
    for (std::size_t i = 0; i < points.size(); ++i)
        if (points[i].breaks(rule))
            found.push_back(static_cast<int>(i) + 1);
    return found;
}

// Worked set 1: mean 100, SD 2, values 100 + 2z. Flags worked by hand from the definitions.
const std::vector<double> firstSetZ{0.5,  -0.4, 2.3,  -2.2, 0.3,  2.1,  2.4,  1.2,  1.4,  -0.2, -3.2, 1.1,
                                    -0.3, -0.5, -0.2, -0.8, -0.1, -0.6, -0.4, -0.9, -0.3, -0.7, -0.5, 0.4};

std::vector<ChartPoint> firstSet(const ChartSettings& settings = {}) {
    std::vector<double> values;
    std::vector<int> runs;
    for (std::size_t i = 0; i < firstSetZ.size(); ++i) {
        values.push_back(100.0 + 2.0 * firstSetZ[i]);
        runs.push_back(static_cast<int>(i / 2)); // two controls a run
    }
    return judgeChart(values, {100.0, 2.0, 0}, runs, settings);
}

TEST(ControlChart, MultirulesOnTheFirstWorkedSet) {
    const auto points = firstSet();
    EXPECT_EQ(pointsThatBreak(points, OneTwoS), (std::vector{3, 4, 6, 7, 11}));
    EXPECT_EQ(pointsThatBreak(points, OneThreeS), (std::vector{11}));
    EXPECT_EQ(pointsThatBreak(points, TwoTwoS), (std::vector{7}));
    EXPECT_EQ(pointsThatBreak(points, RangeFourS), (std::vector{4}));
    EXPECT_EQ(pointsThatBreak(points, FourOneS), (std::vector{9}));
    EXPECT_EQ(pointsThatBreak(points, TenX), (std::vector{22, 23}));
}

TEST(ControlChart, SumsOnTheFirstWorkedSet) {
    const auto points = firstSet();
    EXPECT_NEAR(points[6].cusumHigh, 3.5, 1e-9);
    EXPECT_NEAR(points[7].cusumHigh, 4.2, 1e-9);
    EXPECT_NEAR(points[8].cusumHigh, 5.1, 1e-9);
    EXPECT_NEAR(points[9].cusumHigh, 4.4, 1e-9);
    EXPECT_EQ(pointsThatBreak(points, Cusum), (std::vector{9}));
    ChartSettings four;
    four.cusumLimit = 4.0;
    EXPECT_EQ(pointsThatBreak(firstSet(four), Cusum), (std::vector{8, 9, 10}));
    ChartSettings narrow;
    narrow.ewmaLimit = 2.7;
    const auto averaged = firstSet(narrow);
    EXPECT_EQ(pointsThatBreak(averaged, Ewma), (std::vector{8, 9}));
    EXPECT_NEAR(averaged[7].ewma, 101.7880576, 1e-7);
    EXPECT_NEAR(averaged[7].ewmaReach, 1.77448643, 1e-7);
    ChartSettings three;
    three.ewmaLimit = 3.0;
    EXPECT_EQ(pointsThatBreak(firstSet(three), Ewma), (std::vector{9}));
}

TEST(ControlChart, WithoutRunsTheRangeRuleNeverApplies) {
    std::vector<double> values;
    for (const double z : firstSetZ)
        values.push_back(100.0 + 2.0 * z);
    EXPECT_TRUE(pointsThatBreak(judgeChart(values, {100.0, 2.0, 0}), RangeFourS).empty());
}

// Worked set 2: a step of −1.5 SD from point 11. Points 4 and 11 lie exactly on ±1 SD, point 16 exactly on −2
// SD.
TEST(ControlChart, AStepAndPointsExactlyOnALimit) {
    const std::vector<double> values{1.001, 0.997, 1.002, 1.004, 0.998, 0.995, 1.003,
                                     1.000, 0.999, 1.002, 0.996, 0.993, 0.995, 0.990,
                                     0.997, 0.992, 0.994, 0.991, 0.998, 0.986, 0.984};
    const auto points = judgeChart(values, {1.000, 0.004, 0});
    EXPECT_EQ(pointsThatBreak(points, OneTwoS), (std::vector{14, 18, 20, 21}));
    EXPECT_EQ(pointsThatBreak(points, OneThreeS), (std::vector{20, 21}));
    EXPECT_EQ(pointsThatBreak(points, TwoTwoS), (std::vector{21}));
    EXPECT_TRUE(pointsThatBreak(points, FourOneS).empty());
    EXPECT_EQ(pointsThatBreak(points, TenX), (std::vector{20, 21}));
    EXPECT_NEAR(points[20].cusumLow, 15.5, 1e-9);
    EXPECT_EQ(pointsThatBreak(points, Cusum), (std::vector{16, 17, 18, 19, 20, 21}));
    ChartSettings three;
    three.ewmaLimit = 3.0;
    const auto averaged = judgeChart(values, {1.000, 0.004, 0}, {}, three);
    EXPECT_EQ(pointsThatBreak(averaged, Ewma), (std::vector{14, 16, 17, 18, 19, 20, 21}));
    EXPECT_NEAR(averaged[13].ewma, 0.99598710, 1e-8);
    EXPECT_NEAR(averaged[14].ewma, 0.99618968, 1e-8);
}

// Worked set 3: a baseline of ten, then a slow drift.
TEST(ControlChart, ABaselineAndADrift) {
    const std::vector<double> first{24.1, 23.9, 24.3, 24.0, 23.8, 24.2, 24.0, 24.1, 23.9, 24.2};
    const auto baseline = baselineFrom(first);
    ASSERT_TRUE(baseline);
    EXPECT_NEAR(baseline->mean, 24.05, 1e-12);
    EXPECT_NEAR(baseline->standardDeviation, 0.15811388300841922, 1e-12);
    EXPECT_NEAR(standardDeviationFromMovingRange(first), 0.2265563, 1e-6);
    const std::vector<double> drift{24.0, 24.2, 24.1, 24.3, 24.2, 24.4, 24.3, 24.5, 24.4, 24.6, 24.5, 24.7};
    const auto points = judgeChart(drift, *baseline);
    EXPECT_EQ(pointsThatBreak(points, OneTwoS), (std::vector{6, 8, 9, 10, 11, 12}));
    EXPECT_EQ(pointsThatBreak(points, OneThreeS), (std::vector{10, 12}));
    EXPECT_EQ(pointsThatBreak(points, TwoTwoS), (std::vector{9, 10, 11, 12}));
    EXPECT_EQ(pointsThatBreak(points, FourOneS), (std::vector{9, 10, 11, 12}));
    EXPECT_EQ(pointsThatBreak(points, TenX), (std::vector{11, 12}));
    EXPECT_NEAR(points[5].cusumHigh, 3.508328, 1e-6);
    EXPECT_NEAR(points[7].cusumHigh, 6.935516, 1e-6);
    EXPECT_EQ(pointsThatBreak(points, Cusum), (std::vector{8, 9, 10, 11, 12}));
    ChartSettings quick;
    quick.cusumLimit = 4.0;
    quick.cusumStart = 2.0;
    EXPECT_EQ(pointsThatBreak(judgeChart(drift, *baseline, {}, quick), Cusum),
              (std::vector{6, 7, 8, 9, 10, 11, 12}));
    ChartSettings narrow;
    narrow.ewmaLimit = 2.7;
    const auto averaged = judgeChart(drift, *baseline, {}, narrow);
    EXPECT_NEAR(averaged[5].ewma, 24.19013120, 1e-8);
    EXPECT_EQ(pointsThatBreak(averaged, Ewma), (std::vector{6, 7, 8, 9, 10, 11, 12}));
}

TEST(ControlChart, TooFewValuesMakeNoBaseline) {
    EXPECT_FALSE(baselineFrom(std::vector<double>(9, 1.0)));
    EXPECT_TRUE(baselineFrom(std::vector<double>(10, 1.0)));
}

TEST(ControlChart, OnlyTheSingleTwoSdIsAWarning) {
    ChartPoint point;
    point.rules = {OneTwoS};
    EXPECT_FALSE(point.rejected());
    point.rules.push_back(TenX);
    EXPECT_TRUE(point.rejected());
}

RC_GTEST_PROP(ControlChart, ShiftingValuesAndCentreTogetherChangesNothing, ()) {
    const auto offsets = *rc::gen::container<std::vector<int>>(30, rc::gen::inRange(-400, 400));
    std::vector<double> here, there;
    for (const int offset : offsets) {
        here.push_back(10.0 + offset / 100.0);
        there.push_back(1010.0 + offset / 100.0);
    }
    const auto a = judgeChart(here, {10.0, 1.0, 0}), b = judgeChart(there, {1010.0, 1.0, 0});
    for (std::size_t i = 0; i < a.size(); ++i)
        RC_ASSERT(a[i].rules == b[i].rules);
}

// Five people three times, worked with a calculator.
TEST(PrecisionStudy, FivePeopleThreeTimes) {
    const std::vector<std::vector<double>> people{
        {18.2, 18.5, 18.3}, {25.1, 24.6, 24.9}, {12.0, 12.3, 12.1}, {31.4, 31.9, 31.5}, {22.7, 22.4, 22.9}};
    const auto precision = precisionOf(people);
    ASSERT_TRUE(precision);
    EXPECT_NEAR(precision->rootMeanSquareSd, 0.22060522810365726, 1e-12);
    EXPECT_NEAR(precision->rootMeanSquareCv, 1.023435988421279, 1e-12);
    EXPECT_EQ(precision->degreesOfFreedom, 10);
    EXPECT_NEAR(precision->upperBound, 0.3514400109615348, 1e-10);
    EXPECT_NEAR(precision->leastSignificantChange, 0.6114752586007831, 1e-12);
    EXPECT_FALSE(precision->enough());
}

TEST(PrecisionStudy, TheUpperBoundIsOneSided) {
    EXPECT_NEAR(upperBoundFactor(27), 1.2929, 5e-5);
    EXPECT_NEAR(upperBoundFactor(30), 1.2737, 5e-5);
}

TEST(PrecisionStudy, UnequalRepeatsWeighByTheirDegreesOfFreedom) {
    // SD² 0.02 with 1 df and 0.01 with 2 df: √((0.02 + 2·0.01)/3) = 0.1154700538.
    const std::vector<std::vector<double>> people{{10.0, 10.2}, {20.0, 20.1, 19.9}, {5.0}};
    EXPECT_NEAR(precisionOf(people)->rootMeanSquareSd, 0.1154700538, 1e-9);
    EXPECT_EQ(precisionOf(people)->degreesOfFreedom, 3);
    EXPECT_FALSE(precisionOf(std::vector<std::vector<double>>{{5.0}}));
}

TEST(CheckRule, FiveCylinderVolumes) {
    const CheckRule rule{50.0, 5, 0.100, 0.075, std::nullopt};
    EXPECT_TRUE(judgeCheck(std::vector{50.02, 49.98, 50.05, 50.00, 49.97}, rule, "L", 3).passed);
    EXPECT_FALSE(judgeCheck(std::vector{50.02, 49.98, 50.05, 50.00}, rule, "L", 3).passed); // four are too few
    EXPECT_TRUE(
        judgeCheck(std::vector{50.1, 50.1, 50.1, 50.1, 50.1}, rule, "L", 3).passed); // exactly on the limit
    EXPECT_FALSE(judgeCheck(std::vector{50.11, 50.11, 50.11, 50.11, 50.11}, rule, "L", 3).passed);
    EXPECT_FALSE(judgeCheck(std::vector{49.9, 50.1, 49.9, 50.1, 50.0}, rule, "L", 3).passed); // SD 0.1
}

TEST(CheckRule, EveryStrokeOfTheSyringeWithinThreePercent) {
    const CheckRule rule{3.0, 3, std::nullopt, std::nullopt, 0.09};
    EXPECT_TRUE(judgeCheck(std::vector{2.91, 3.0, 3.09}, rule, "L", 2).passed);
    EXPECT_FALSE(judgeCheck(std::vector{2.90, 3.0, 3.0}, rule, "L", 2).passed);
}

} // namespace
} // namespace fusain::quality::quality_test

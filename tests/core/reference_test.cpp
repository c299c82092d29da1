#include "core/reference/own_people.hpp"
#include "core/reference/reference_set.hpp"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

namespace fusain::reference::reference_test {
namespace {

TEST(Distribution, ZScoreOfAMeanAndDeviation) {
    // By hand: (6.10 − 6.98)/0.92 = −0.956522; the normal distribution below it: 16.94 % (tables: Φ(−0.9565)).
    const Distribution women{MeanAndDeviation{6.98, 0.92}};
    EXPECT_NEAR(zScore(women, 6.10).value(), -0.956522, 1e-6);
    EXPECT_NEAR(standing(women, 6.10)->percent, 16.94, 0.01);
    EXPECT_NEAR(valueAt(women, 5.0).value(), 6.98 - 1.644854 * 0.92, 1e-6);
}

TEST(Distribution, ZScoreBySkewMedianAndVariation) {
    // L = −1.5, M = 20, S = 0.10, x = 25. By hand: (25/20)^−1.5 = 1/1.397542 = 0.715542;
    // (0.715542 − 1)/(−1.5·0.10) = 1.896388. Back: 20·(1 − 0.15·1.896388)^(−1/1.5) = 25.
    const Distribution skewed{LambdaMuSigma{-1.5, 20.0, 0.10}};
    EXPECT_NEAR(zScore(skewed, 25.0).value(), 1.896388, 1e-5);
    EXPECT_NEAR(zScore(skewed, 20.0).value(), 0.0, 1e-12);
    // L = 0: ln(25/20)/0.10 = 2.231436.
    EXPECT_NEAR(zScore(Distribution{LambdaMuSigma{0.0, 20.0, 0.10}}, 25.0).value(), 2.231436, 1e-6);
    // L = 1 is the plain normal: (25 − 20)/(20·0.10) = 2.5.
    EXPECT_NEAR(zScore(Distribution{LambdaMuSigma{1.0, 20.0, 0.10}}, 25.0).value(), 2.5, 1e-12);
    EXPECT_FALSE(zScore(skewed, 0.0));
}

TEST(Distribution, PercentilesInProportionAndNothingBeyondTheTable) {
    const Distribution table{PercentileTable{{{10, 14.0}, {50, 20.0}, {90, 30.0}}}};
    EXPECT_FALSE(zScore(table, 20.0));
    EXPECT_DOUBLE_EQ(standing(table, 14.0)->percent, 10.0);
    EXPECT_DOUBLE_EQ(standing(table, 17.0)->percent, 30.0); // half way from 10 to 50
    EXPECT_DOUBLE_EQ(standing(table, 25.0)->percent, 70.0); // half way from 50 to 90
    EXPECT_EQ(standing(table, 30.1)->reach, Standing::Reach::Above);
    EXPECT_EQ(standing(table, 13.9)->reach, Standing::Reach::Below);
    EXPECT_DOUBLE_EQ(valueAt(table, 70.0).value(), 25.0);
    EXPECT_FALSE(valueAt(table, 95.0));
}

TEST(Distribution, BandsSayNoPercentile) {
    EXPECT_FALSE(zScore(Distribution{}, 20.0));
    EXPECT_FALSE(standing(Distribution{}, 20.0));
    EXPECT_FALSE(valueAt(Distribution{}, 50.0));
}

RC_GTEST_PROP(DistributionProperties, ValueAtTheStandingIsTheValue, ()) {
    const double lambda = *rc::gen::inRange(-20, 20) / 10.0;
    const double sigma = *rc::gen::inRange(5, 25) / 100.0;
    const double value = *rc::gen::inRange(160, 260) / 10.0;
    const Distribution skewed{LambdaMuSigma{lambda, 20.0, sigma}};
    const auto place = standing(skewed, value);
    if (place->percent > 0.01 && place->percent < 99.99)
        RC_ASSERT(std::abs(valueAt(skewed, place->percent).value() - value) < 1e-6);
}

RC_GTEST_PROP(DistributionProperties, AHigherValueStandsNoLower, ()) {
    const double low = *rc::gen::inRange(100, 350) / 10.0, more = *rc::gen::inRange(0, 100) / 10.0;
    for (const Distribution& each :
         {Distribution{MeanAndDeviation{20.0, 4.0}}, Distribution{LambdaMuSigma{-1.0, 20.0, 0.15}},
          Distribution{PercentileTable{{{5, 12.0}, {50, 20.0}, {95, 31.0}}}}})
        RC_ASSERT(standing(each, low)->percent <= standing(each, low + more)->percent);
}

std::vector<OwnValue> women(int count, double age) {
    std::vector<OwnValue> values;
    for (int i = 0; i < count; ++i)
        values.push_back({Sex::Female, Years(age), 20.0 + i});
    return values;
}

TEST(OwnPeople, AreAReferenceFromFiftyOfOneSexAndAgeBand) {
    EXPECT_TRUE(rowsFromOwnPeople(women(49, 35.0)).empty());
    const auto rows = rowsFromOwnPeople(women(51, 35.0));
    ASSERT_EQ(rows.size(), 1u);
    EXPECT_EQ(rows[0].ageFrom.value(), 30.0);
    EXPECT_EQ(rows[0].ageTo.value(), 39.0);
    EXPECT_EQ(rows[0].people, 51);
    // 51 values 20, 21 … 70: the p-th percentile lies at 20 + p/100·50.
    EXPECT_DOUBLE_EQ(rows[0].low, 25.0);
    EXPECT_DOUBLE_EQ(rows[0].high, 65.0);
    EXPECT_DOUBLE_EQ(valueAt(rows[0].distribution, 50.0).value(), 45.0);
}

TEST(OwnPeople, LeaveChildrenOutAndKeepTheAgeBandsApart) {
    EXPECT_TRUE(rowsFromOwnPeople(women(200, 17.9)).empty());
    auto mixed = women(30, 29.9);
    const auto older = women(30, 30.0);
    mixed.insert(mixed.end(), older.begin(), older.end());
    EXPECT_TRUE(rowsFromOwnPeople(mixed).empty());
    EXPECT_EQ(rowsFromOwnPeople(women(60, 84.0)).at(0).ageFrom.value(), 70.0);
}

TEST(ReferenceRow, WithoutAnUpperEndIsOpenAbove) {
    ReferenceRow row;
    row.low = 5.5;
    EXPECT_TRUE(row.openAbove());
    EXPECT_DOUBLE_EQ(row.middle(), 5.5);
    EXPECT_EQ(positionIn(row, 5.4), Position::Below);
    EXPECT_EQ(positionIn(row, 50.0), Position::Within);
}

TEST(OwnPeople, AnEighteenYearOldIsAnAdult) {
    for (const double age : {18.0, 18.5, 20.0, 29.9}) {
        const auto rows = rowsFromOwnPeople(women(52, age));
        ASSERT_EQ(rows.size(), 1u) << age;
        EXPECT_EQ(rows[0].ageFrom.value(), 18.0);
        EXPECT_EQ(rows[0].ageTo.value(), 29.0);
        // 52 values 20, 21 … 71: between two of them, in proportion.
        EXPECT_NEAR(rows[0].low, 25.1, 1e-12);
        EXPECT_NEAR(rows[0].high, 65.9, 1e-12);
    }
}

TEST(Standing, OfTheLastPointOfATableIsItsPercent) {
    const Distribution table = PercentileTable{{{10.0, 14.0}, {50.0, 20.0}, {90.0, 30.0}}};
    EXPECT_DOUBLE_EQ(standing(table, 30.0)->percent, 90.0);
    EXPECT_EQ(standing(table, 30.0)->reach, standing(table, 20.0)->reach);
    EXPECT_DOUBLE_EQ(valueAt(table, 90.0).value(), 30.0);
}

} // namespace
} // namespace fusain::reference::reference_test

// Paired methods and trends. AG: the sheet's made-up set (DXA, then impedance); PEFR is not needed beside it.
#include "core/quality/agreement.hpp"
#include "core/quality/trend.hpp"
#include "support/property.hpp"

#include <array>
#include <cmath>
#include <gtest/gtest.h>
#include <random>
#include <vector>

namespace fusain::quality::agreement_test {
namespace {

const std::vector<PairedValue> AG{{14.2, 13.1}, {18.6, 19.4}, {21.3, 19.8}, {24.8, 22.0},
                                  {26.1, 25.7}, {28.4, 25.2}, {30.7, 29.9}, {32.9, 29.1},
                                  {35.2, 33.6}, {37.8, 33.4}, {41.5, 38.9}, {45.3, 40.6}};

TEST(AgreementOfMethods, BiasAndLimitsAreTheSheets) {
    const auto a = agreementOf(AG);
    ASSERT_TRUE(a);
    EXPECT_EQ(a->people, 12);
    EXPECT_NEAR(a->bias.value, -2.175, 1e-12);
    EXPECT_NEAR(a->bias.low, -3.2488670483, 1e-9);
    EXPECT_NEAR(a->bias.high, -1.1011329517, 1e-9);
    EXPECT_NEAR(a->deviation, 1.6901452331355737, 1e-12);
    EXPECT_NEAR(a->lower.value, -5.487623785587777, 1e-9);
    EXPECT_NEAR(a->upper.value, 1.137623785587777, 1e-9);
    EXPECT_NEAR(a->lower.low, -7.3769405519, 1e-8);
    EXPECT_NEAR(a->lower.high, -3.5983070192, 1e-8);
    EXPECT_NEAR(a->upper.low, -0.7516929808, 1e-8);
    EXPECT_NEAR(a->upper.high, 3.0269405519, 1e-8);
    EXPECT_NEAR(a->proportionalSlope, -0.1232418597, 1e-9);
    EXPECT_NEAR(a->proportionalP, 0.02472, 1e-5);
}

TEST(AgreementOfMethods, ConcordanceIsTheSheets) {
    const auto a = agreementOf(AG);
    EXPECT_NEAR(a->correlation, 0.9890828850, 1e-9);
    EXPECT_NEAR(a->concordance.value, 0.950232594011057, 1e-12);
    EXPECT_NEAR(a->concordance.low, 0.8730438788, 1e-9);
    EXPECT_NEAR(a->concordance.high, 0.9809678036, 1e-9);
}

TEST(AgreementOfMethods, DemingIsTheSheets) {
    const auto line = demingLine(AG);
    ASSERT_TRUE(line);
    EXPECT_NEAR(line->slope.value, 0.8833151858, 1e-9);
    EXPECT_NEAR(line->intercept.value, 1.2944284747, 1e-9);
    EXPECT_NEAR(line->slope.low, 0.7943006661, 1e-8);
    EXPECT_NEAR(line->slope.high, 0.9723297057, 1e-8);
    EXPECT_NEAR(line->intercept.low, -1.5409369508, 1e-7);
    EXPECT_NEAR(line->intercept.high, 4.1297939001, 1e-7);
    const auto unequal = demingLine(AG, 2.25);
    EXPECT_NEAR(unequal->slope.value, 0.8797999529, 1e-9);
    EXPECT_NEAR(unequal->intercept.value, 1.3989480673, 1e-9);
    EXPECT_EQ(line->least, 14.2);
    EXPECT_EQ(line->most, 45.3);
}

TEST(AgreementOfMethods, TooFewOrAllTheSameGiveNothing) {
    EXPECT_FALSE(agreementOf(std::span(AG).first(2)));
    EXPECT_FALSE(demingLine(std::span(AG).first(2)));
    EXPECT_FALSE(agreementOf(std::vector<PairedValue>(5, {20.0, 20.0})));
    EXPECT_FALSE(demingLine(std::vector<PairedValue>(5, {20.0, 20.0})));
}

TEST(AgreementOfMethods, ALineIsFoundAgainWhereThereIsOne) {
    testing::holdsFor("exact line", [] {
        const double slope = *rc::gen::inRange(50, 200) / 100.0,
                     intercept = *rc::gen::inRange(-500, 500) / 100.0;
        std::vector<PairedValue> pairs;
        for (int i = 0; i < 10; ++i)
            pairs.push_back({10.0 + 3.0 * i, intercept + slope * (10.0 + 3.0 * i)});
        const auto line = demingLine(pairs);
        RC_ASSERT(line.has_value());
        RC_ASSERT(std::abs(line->slope.value - slope) < 1e-9);
        RC_ASSERT(std::abs(line->intercept.value - intercept) < 1e-7);
    });
}

TEST(AgreementOfMethods, TheIntervalOfTheSlopeHoldsTheTruth) {
    // 400 lines through 40 people with errors in both; 95 % ± 3 binomial standard errors: 367 … 393.
    std::mt19937 random(11);
    std::normal_distribution<double> normal;
    int held = 0;
    for (int run = 0; run < 400; ++run) {
        std::vector<PairedValue> pairs;
        for (int i = 0; i < 40; ++i) {
            const double truth = 25.0 + 8.0 * normal(random);
            pairs.push_back({truth + normal(random), 1.0 + 0.95 * truth + normal(random)});
        }
        held += demingLine(pairs)->slope.contains(0.95);
    }
    EXPECT_GE(held, 367);
    EXPECT_LE(held, 395);
}

TEST(TwoMachines, TheLeastSignificantChangeCountsTheConversion) {
    EXPECT_NEAR(leastSignificantChangeConverted(1.0, 0.3, 0.35, 0.0), 0.9034987545, 1e-9);  // sheet 2
    EXPECT_NEAR(leastSignificantChangeConverted(1.02, 0.3, 0.35, 0.5), 1.3381488142, 1e-9); // sheet 2
    DemingLine line;
    line.slope.value = 1.0;
    line.residual = 0.5;
    EXPECT_NEAR(personalScatter(line, 0.3, 0.4), 0.0, 1e-7); // 0.25 − 0.09 − 0.16
    EXPECT_EQ(personalScatter(line, 0.5, 0.4), 0.0);         // never below nothing
}

TEST(TrendOfVisits, IsTheLineOfLeastSquares) {
    // numpy: slope −0.0111102/d; ×7 −0.0777713, standard error 0.00622470, t(3) 3.18245.
    const std::array visits{DatedValue{0, 25.0}, DatedValue{61, 24.2}, DatedValue{125, 23.9},
                            DatedValue{200, 22.6}, DatedValue{300, 21.7}};
    const auto trend = trendOf(visits);
    ASSERT_TRUE(trend);
    EXPECT_NEAR(trend->perWeek, -0.07777129944157546, 1e-12);
    EXPECT_NEAR(trend->perWeekError, 0.006224701149798583, 1e-12);
    EXPECT_NEAR(trend->half95, 0.019809777175675204, 1e-9);
    EXPECT_TRUE(trend->real());
    EXPECT_FALSE(trendOf(std::span(visits).first(3)));
    EXPECT_FALSE(trendOf(std::vector<DatedValue>(4, {10.0, 20.0})));
}

TEST(TrendOfVisits, TheEarliestDateIsTheLimitOverTheRate) {
    EXPECT_NEAR(*daysUntilVisible(1.2, -0.1), 84.0, 1e-12);
    EXPECT_FALSE(daysUntilVisible(1.2, 0.0));
}

} // namespace
} // namespace fusain::quality::agreement_test

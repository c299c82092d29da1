#include "core/water/care.hpp"

#include <gtest/gtest.h>
#include <limits>

namespace fusain::water::water_care_test {
namespace {

const CareReading good{4.0, 0.2, 7.5, Celsius(35.0)};

std::vector<CareFinding> judged(CareReading reading) {
    return judgeCare(reading, {}, Litres(1500.0), Percent(10.0));
}

TEST(WaterCare, TheDoseIsTheArithmetic) {
    // +2 mg/L in 1500 L from a 10 % solution: 3000 mg of chlorine; 10 % are 100 mg in a mL: 30 mL.
    EXPECT_DOUBLE_EQ(chlorineDose(2.0, Litres(1500.0), Percent(10.0)), 30.0);
}

TEST(WaterCare, TheShareThatDisinfectsFallsWithThePh) {
    // 1/(1 + 10^(pH − 7.53)): 10^-0.33 = 0.4677, 10^-0.03 = 0.9333, 10^0.27 = 1.8621.
    EXPECT_NEAR(hypochlorousShare(7.2, Celsius(34.0)), 0.650, 0.001);
    EXPECT_NEAR(hypochlorousShare(7.5, Celsius(34.0)), 0.482, 0.001);
    EXPECT_NEAR(hypochlorousShare(7.8, Celsius(34.0)), 0.318, 0.001);
}

TEST(WaterCare, GoodWaterHasNothingToSay) {
    EXPECT_TRUE(judged(good).empty());
    EXPECT_EQ(worst(judged(good)), CareVerdict::Good);
    for (const double edge : {3.0, 5.0})
        EXPECT_TRUE(judged({edge, 0.4, 7.2, Celsius(33.0)}).empty()) << edge;
    EXPECT_TRUE(judged({4.0, std::nullopt, 7.8, Celsius(36.0)}).empty());
}

TEST(WaterCare, TooLittleChlorineSaysHowMuchToAdd) {
    const auto findings = judged({2.0, 0.2, 7.5, Celsius(35.0)});
    ASSERT_EQ(findings.size(), 1u);
    EXPECT_EQ(findings[0].verdict, CareVerdict::NobodyIn);
    // To the middle of 3 and 5: +2 mg/L, 30 mL.
    EXPECT_NE(findings[0].what.english().find("Add 30 mL of the 10.0 % solution"), std::string::npos)
        << findings[0].what.english();
}

TEST(WaterCare, WhatKeepsPeopleOutStandsFirst) {
    const auto findings = judged({11.0, 0.6, 8.1, Celsius(41.0)});
    ASSERT_EQ(findings.size(), 4u);
    EXPECT_EQ(findings[0].verdict, CareVerdict::NobodyIn);
    EXPECT_EQ(findings[1].verdict, CareVerdict::NobodyIn);
    EXPECT_EQ(findings[3].verdict, CareVerdict::PutRight);
    EXPECT_EQ(worst(judged({6.0, 0.2, 7.5, Celsius(35.0)})), CareVerdict::PutRight);
    EXPECT_EQ(worst(judged({4.0, 0.2, 7.0, Celsius(35.0)})), CareVerdict::PutRight);
    EXPECT_EQ(worst(judged({4.0, 0.2, 7.5, Celsius(31.9)})), CareVerdict::PutRight);
    EXPECT_EQ(worst(judged({4.0, 0.2, 7.5, Celsius(32.0)})), CareVerdict::Good); // the bench says the same
    EXPECT_EQ(worst(judged({4.0, 0.2, 7.5, Celsius(36.0)})), CareVerdict::Good);
    EXPECT_EQ(worst(judged({4.0, 0.2, 7.5, Celsius(36.1)})), CareVerdict::PutRight);
}

TEST(WaterCare, AnImpossibleReadingIsNone) {
    EXPECT_FALSE(problemWith(good));
    EXPECT_TRUE(problemWith({-1.0, std::nullopt, 7.5, Celsius(35.0)}));
    EXPECT_TRUE(problemWith({4.0, 30.0, 7.5, Celsius(35.0)}));
    EXPECT_TRUE(problemWith({4.0, std::nullopt, 20.0, Celsius(35.0)}));
    EXPECT_TRUE(problemWith({4.0, std::nullopt, 7.5, Celsius(95.0)}));
    EXPECT_TRUE(problemWith({std::numeric_limits<double>::quiet_NaN(), std::nullopt, 7.5, Celsius(35.0)}));
}

} // namespace
} // namespace fusain::water::water_care_test

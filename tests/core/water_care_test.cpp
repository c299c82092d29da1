#include "core/water/care.hpp"

#include <gtest/gtest.h>
#include <limits>

namespace fusain::water::water_care_test {
namespace {

// Chlorine in mg/L, free and combined.
CareReading reading(double free, std::optional<double> combined, double acidity, double temperature) {
    return {MilligramsPerLitre(free), combined ? std::optional(MilligramsPerLitre(*combined)) : std::nullopt,
            acidity, Celsius(temperature)};
}
const CareReading good = reading(4.0, 0.2, 7.5, 35.0);

std::vector<CareFinding> judged(const CareReading& read) {
    return judgeCare(read, {}, Litres(1500.0), Percent(10.0));
}

TEST(WaterCare, TheDoseIsTheArithmetic) {
    // +2 mg/L in 1500 L from a 10 % solution: 3000 mg of chlorine; 10 % are 100 mg in a mL: 30 mL.
    EXPECT_DOUBLE_EQ(chlorineDose(MilligramsPerLitre(2.0), Litres(1500.0), Percent(10.0)), 30.0);
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
        EXPECT_TRUE(judged(reading(edge, 0.4, 7.2, 33.0)).empty()) << edge;
    EXPECT_TRUE(judged(reading(4.0, std::nullopt, 7.8, 36.0)).empty());
}

TEST(WaterCare, TooLittleChlorineSaysHowMuchToAdd) {
    const auto findings = judged(reading(2.0, 0.2, 7.5, 35.0));
    ASSERT_EQ(findings.size(), 1u);
    EXPECT_EQ(findings[0].verdict, CareVerdict::NobodyIn);
    // To the middle of 3 and 5: +2 mg/L, 30 mL.
    EXPECT_NE(findings[0].what.english().find("Add 30 mL of the 10.0 % solution"), std::string::npos)
        << findings[0].what.english();
}

TEST(WaterCare, WhatKeepsPeopleOutStandsFirst) {
    const auto findings = judged(reading(11.0, 0.6, 8.1, 41.0));
    ASSERT_EQ(findings.size(), 4u);
    EXPECT_EQ(findings[0].verdict, CareVerdict::NobodyIn);
    EXPECT_EQ(findings[1].verdict, CareVerdict::NobodyIn);
    EXPECT_EQ(findings[3].verdict, CareVerdict::PutRight);
    EXPECT_EQ(worst(judged(reading(6.0, 0.2, 7.5, 35.0))), CareVerdict::PutRight);
    EXPECT_EQ(worst(judged(reading(4.0, 0.2, 7.0, 35.0))), CareVerdict::PutRight);
    EXPECT_EQ(worst(judged(reading(4.0, 0.2, 7.5, 31.9))), CareVerdict::PutRight);
    EXPECT_EQ(worst(judged(reading(4.0, 0.2, 7.5, 32.0))), CareVerdict::Good); // the bench says the same
    EXPECT_EQ(worst(judged(reading(4.0, 0.2, 7.5, 36.0))), CareVerdict::Good);
    EXPECT_EQ(worst(judged(reading(4.0, 0.2, 7.5, 36.1))), CareVerdict::PutRight);
}

TEST(WaterCare, AnImpossibleReadingIsNone) {
    EXPECT_FALSE(problemWith(good));
    EXPECT_TRUE(problemWith(reading(-1.0, std::nullopt, 7.5, 35.0)));
    EXPECT_TRUE(problemWith(reading(4.0, 30.0, 7.5, 35.0)));
    EXPECT_TRUE(problemWith(reading(4.0, std::nullopt, 20.0, 35.0)));
    EXPECT_TRUE(problemWith(reading(4.0, std::nullopt, 7.5, 95.0)));
    EXPECT_TRUE(problemWith(reading(std::numeric_limits<double>::quiet_NaN(), std::nullopt, 7.5, 35.0)));
}

} // namespace
} // namespace fusain::water::water_care_test

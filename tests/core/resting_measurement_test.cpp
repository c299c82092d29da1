#include "core/energy/resting_measurement.hpp"

#include <gtest/gtest.h>
#include <vector>

namespace fusain::energy::resting_measurement_test {
namespace {

std::vector<RestingMinute> steady(std::size_t minutes, double oxygen = 0.25, double carbonDioxide = 0.2125) {
    return std::vector<RestingMinute>(minutes, {oxygen, carbonDioxide});
}

TEST(RestingMeasurement, TheSteadyMinutesGiveTheEnergyByWeir) {
    // 1440·(3.941·0.25 + 1.106·0.2125) = 1440·(0.98525 + 0.235025) = 1757.196 kcal a day.
    const auto result = judgeResting(steady(10));
    ASSERT_TRUE(result);
    EXPECT_NEAR(result->energy.value(), 1757.196, 1e-3);
    EXPECT_NEAR(result->quotient, 0.85, 1e-12);
    EXPECT_EQ(result->firstMinute, 5u);
}

TEST(RestingMeasurement, TheFirstFiveMinutesNeverCount) {
    auto minutes = steady(12);
    for (std::size_t i = 0; i < 5; ++i)
        minutes[i] = {0.60, 0.50};
    EXPECT_NEAR(judgeResting(minutes)->energy.value(), 1757.196, 1e-3);
    const auto few = judgeResting(steady(9));
    ASSERT_FALSE(few);
    EXPECT_NE(few.error().english().find("9 minutes are too few"), std::string::npos) << few.error().english();
}

TEST(RestingMeasurement, TheSteadiestFiveCountAndUnsteadyOnesAreRefused) {
    auto minutes = steady(14);
    minutes[6].oxygen = 0.40; // the windows from 5 and 6 on are spoilt
    const auto result = judgeResting(minutes);
    ASSERT_TRUE(result);
    EXPECT_GE(result->firstMinute, 7u);
    for (std::size_t i = 0; i < minutes.size(); ++i)
        minutes[i] = {i % 2 ? 0.30 : 0.20, 0.2125};
    const auto refused = judgeResting(minutes);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("vary"), std::string::npos);
}

TEST(RestingMeasurement, AnImpossibleQuotientIsRefused) {
    const auto leak = judgeResting(steady(10, 0.25, 0.16)); // 0.64
    ASSERT_FALSE(leak);
    EXPECT_NE(leak.error().english().find("0.64"), std::string::npos);
    EXPECT_TRUE(judgeResting(steady(10, 0.25, 0.168)));   // 0.672
    EXPECT_FALSE(judgeResting(steady(10, 0.25, 0.2525))); // 1.01
    EXPECT_FALSE(judgeResting(steady(10, 0.25, 0.0)));
}

} // namespace
} // namespace fusain::energy::resting_measurement_test

#include "core/numeric/best_estimate.hpp"
#include "core/units/units.hpp"

#include <gtest/gtest.h>

namespace fusain::best_estimate_test {
namespace {

bool density(Source source) {
    return source == Source::FatFreeDensity;
}

TEST(BestEstimate, WeighsIndependentValuesByTheirVariances) {
    const std::vector values{Uncertain(20.0, Source::ScanFat, 1.0), Uncertain(26.0, Source::Resistance, 2.0)};
    const BestEstimate best = bestEstimate(values, &density);
    EXPECT_NEAR(best.weights[0], 0.8, 1e-12); // 1/1 against 1/4
    EXPECT_NEAR(best.weights[1], 0.2, 1e-12);
    EXPECT_NEAR(best.value.estimate(), 21.2, 1e-12);
    EXPECT_NEAR(Measured<Percent>(best.value).totalError().value(), std::sqrt(0.8), 1e-12);
}

// Worked by hand: variances 7.25 and 9, covariance 6.25; w = (9 − 6.25)/(7.25 + 9 − 12.5) = 0.7333, and the
// variance (7.25·9 − 6.25²)/3.75 = 6.98333.
TEST(BestEstimate, KnowsWhatTwoValuesShare) {
    const std::vector values{
        Uncertain(20.0, Source::UnderwaterReading, 1.0) + Uncertain(0.0, Source::FatFreeDensity, 2.5),
        Uncertain(23.0, Source::VolumeTrials, std::sqrt(2.75)) + Uncertain(0.0, Source::FatFreeDensity, 2.5)};
    const BestEstimate best = bestEstimate(values, &density);
    EXPECT_NEAR(best.weights[0], 0.733333, 1e-6);
    EXPECT_NEAR(best.value.estimate(), 20.8, 1e-9);
    EXPECT_NEAR(std::pow(Measured<Percent>(best.value).totalError().value(), 2), 6.983333, 1e-6);
    EXPECT_NEAR(best.value.share(Source::FatFreeDensity), 2.5, 1e-12) << "shared errors do not average out";
    EXPECT_NEAR(errorOfDifference(values[0], values[1], &density), std::sqrt(3.75), 1e-12);
    EXPECT_NEAR(covariance(values[0], values[1], &density), 6.25, 1e-12);
}

// One that leans on another and is less sure would get a weight below 0: it gets none.
TEST(BestEstimate, GivesNoWeightBelowZero) {
    const std::vector values{
        Uncertain(20.0, Source::FatFreeDensity, 1.0) + Uncertain(0.0, Source::UnderwaterReading, 0.1),
        Uncertain(22.0, Source::FatFreeDensity, 3.0) + Uncertain(0.0, Source::VolumeTrials, 0.1),
        Uncertain(24.0, Source::ScanFat, 2.0)};
    const BestEstimate best = bestEstimate(values, &density);
    EXPECT_EQ(best.weights[1], 0.0);
    EXPECT_NEAR(best.weights[0] + best.weights[2], 1.0, 1e-12);
    EXPECT_GT(best.weights[2], 0.0);
}

TEST(BestEstimate, OfOneValueIsThatValue) {
    const std::vector values{Uncertain(20.0, Source::ScanFat, 1.0)};
    const BestEstimate best = bestEstimate(values, &density);
    EXPECT_EQ(best.value.estimate(), 20.0);
    EXPECT_EQ(best.weights, std::vector{1.0});
}

} // namespace
} // namespace fusain::best_estimate_test

// The body of somebody whom a demonstration does not know: never the client's before.
#include "link/simulation/all/true_body.hpp"

#include <gtest/gtest.h>

namespace fusain::simulation::true_body_test {
namespace {

TEST(UsualBody, WeighsWhatWasMeasuredLastOrWhatIsUsualForTheHeight) {
    EXPECT_EQ(usualBody(Sex::Female, Metres(1.66), Kilograms(54.2)).mass, 54.2);
    EXPECT_NEAR(usualBody(Sex::Male, Metres(1.80), std::nullopt).mass, 74.52, 1e-9);
    EXPECT_EQ(virtualPersonOf(usualBody(Sex::Female, Metres(1.66), Kilograms(54.2))).dryMass, 54.2);
}

TEST(UsualBody, SinksWithEmptyLungsAndFloatsWithFullOnes) {
    for (const auto sex : {Sex::Female, Sex::Male})
        for (const double height : {1.45, 1.66, 1.95}) {
            const auto body = usualBody(sex, Metres(height), std::nullopt);
            const double water = 0.9943; // kg/L at 34.2 °C
            EXPECT_GT(body.netUnderwater(water), 0.5);
            EXPECT_LT(body.netUnderwater(water) - body.vitalCapacity * water, 0.5);
        }
}

} // namespace
} // namespace fusain::simulation::true_body_test

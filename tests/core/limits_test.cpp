#include "core/anthropometry/ages.hpp"
#include "core/anthropometry/limits.hpp"
#include "core/anthropometry/segment.hpp"
#include "core/units/comparison.hpp"

#include <cmath>
#include <gtest/gtest.h>
#include <limits>

namespace fusain::limits_test {
namespace {

using namespace anthropometry;

TEST(Within, ExactlyOnTheLimitIsWithinIt) {
    EXPECT_TRUE(within(0.3, 0.3));
    EXPECT_TRUE(within(0.1 + 0.2, 0.3)); // one bit above it
    EXPECT_FALSE(within(0.3 + 1e-8, 0.3));
    EXPECT_FALSE(within(std::nan(""), 0.3));
}

TEST(Plausible, HoldsAtBothEndsAndForNothingThatIsNoNumber) {
    EXPECT_TRUE(plausibleMass.holds(Kilograms(10.0)));
    EXPECT_TRUE(plausibleMass.holds(Kilograms(300.0)));
    EXPECT_FALSE(plausibleMass.holds(Kilograms(std::nextafter(10.0, 0.0))));
    EXPECT_FALSE(plausibleMass.holds(Kilograms(std::nextafter(300.0, 301.0))));
    EXPECT_FALSE(plausibleMass.holds(Kilograms(std::nan(""))));
    EXPECT_FALSE(plausibleMass.holds(Kilograms(std::numeric_limits<double>::infinity())));
    EXPECT_TRUE(plausibleMassInChamber.holds(Kilograms(250.0)));
    EXPECT_FALSE(plausibleMassInChamber.holds(Kilograms(250.1)));
    EXPECT_TRUE(plausibleHeight.holds(Metres(0.5)));
    EXPECT_TRUE(plausibleHeight.holds(Metres(2.3)));
    EXPECT_FALSE(plausibleHeight.holds(Metres(2.31)));
    EXPECT_FALSE(plausibleHeight.holds(Metres(175.0))); // centimetres
}

TEST(Ages, StandInTheirOrder) {
    EXPECT_LT(adultEquationsAge, adultAge);
    EXPECT_LT(adultAge, olderAge);
}

TEST(Segments, KeysAndSegmentsNameEachOther) {
    for (const Segment segment : segments)
        EXPECT_EQ(segmentFromKey(segmentKey(segment)), segment);
    EXPECT_FALSE(segmentFromKey("left-foot"));
    EXPECT_EQ(bodySegments.size() + 1, segments.size()); // all but the whole
}

} // namespace
} // namespace fusain::limits_test

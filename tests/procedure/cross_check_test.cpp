// A mass against what the same client weighed before: the limits, and which test decides.
#include "procedure/all/cross_check.hpp"

#include <gtest/gtest.h>

namespace fusain::cross_check_test {
namespace {

HydrostaticTest weighed(const char* id, const char* when, double mass) {
    HydrostaticTest test;
    test.id = id;
    test.startedAt = *instantFromIso(when);
    test.dryMass = Reading(Attribution::typed(), mass);
    return test;
}

bool doubted(const std::vector<AnyTest>& tests, double mass) {
    HydrostaticTest now;
    now.id = "now";
    now.startedAt = *instantFromIso("2026-03-12T10:00:00.000Z");
    return massDoubt(tests, now, Kilograms(mass), [](Instant a, Instant b) { return dateOf(a) == dateOf(b); })
        .has_value();
}

TEST(MassDoubt, ThreePerCentOrThreeKilogramsFromAnotherDay) {
    const std::vector<AnyTest> light{weighed("a", "2026-01-10T08:00:00.000Z", 60.0)};
    EXPECT_FALSE(doubted(light, 61.8)); // 3 % of 60 kg
    EXPECT_TRUE(doubted(light, 61.81));
    EXPECT_FALSE(doubted(light, 58.2));
    EXPECT_TRUE(doubted(light, 58.19));
    const std::vector<AnyTest> heavy{weighed("a", "2026-01-10T08:00:00.000Z", 150.0)};
    EXPECT_FALSE(doubted(heavy, 153.0)); // 3 kg, which is less than 3 %
    EXPECT_TRUE(doubted(heavy, 153.01));
}

TEST(MassDoubt, OneKilogramOnTheSameDayAndTheLatestTestDecides) {
    const std::vector<AnyTest> both{weighed("a", "2026-01-10T08:00:00.000Z", 60.0),
                                    weighed("b", "2026-03-12T07:50:00.000Z", 70.0)};
    EXPECT_FALSE(doubted(both, 71.0));
    EXPECT_TRUE(doubted(both, 71.01));
    EXPECT_TRUE(doubted(both, 60.0));
}

TEST(MassDoubt, NothingToCompareWithIsNoDoubt) {
    EXPECT_FALSE(doubted({}, 70.0));
    EXPECT_FALSE(doubted({weighed("now", "2026-03-12T10:00:00.000Z", 20.0)}, 70.0)); // this test itself
    EXPECT_FALSE(doubted({weighed("later", "2026-04-12T10:00:00.000Z", 20.0)}, 70.0));
    EXPECT_FALSE(doubted({HydrostaticTest{}}, 70.0)); // no mass
}

TEST(HeightDoubt, IsAskedOfAdultsFromTwoCentimetresOn) {
    EXPECT_FALSE(heightDoubt(Metres(1.75), Metres(1.77), Years(40.0)));
    EXPECT_FALSE(heightDoubt(Metres(1.75), Metres(1.73), Years(40.0)));
    EXPECT_TRUE(heightDoubt(Metres(1.75), Metres(1.7701), Years(40.0)));
    EXPECT_TRUE(heightDoubt(Metres(1.75), Metres(1.7299), Years(40.0)));
    EXPECT_TRUE(heightDoubt(Metres(1.75), Metres(1.80), Years(18.0)));
    EXPECT_FALSE(heightDoubt(Metres(1.75), Metres(1.80), Years(17.99))); // children grow
}

} // namespace
} // namespace fusain::cross_check_test

// One verdict for an instrument: whether its check holds, and what its chart says of the latest one.
#include "procedure/quality/standing.hpp"

#include <gtest/gtest.h>

namespace fusain::standing_test {
namespace {

class StandingOfCheck : public ::testing::Test {
protected:
    StandingOfCheck() {
        definition.id = "reference-mass";
        definition.title = "Reference mass";
        definition.unit = "kg";
        definition.rule.nominal = 20.0;
        definition.rule.meanLimit = 0.05;
        definition.every = Hours(24.0);
    }
    void add(double reading, bool passed = true) {
        checks.push_back({std::to_string(checks.size()),
                          "scale",
                          definition.id,
                          at(checks.size()),
                          20.0,
                          reading,
                          passed,
                          "bram",
                          "",
                          {reading}});
    }
    void baseline() { // mean 20.000, SD 0.0105
        for (int i = 0; i < 10; ++i)
            add(i % 2 == 0 ? 19.99 : 20.01);
    }
    static Instant at(std::size_t day) { return {static_cast<std::int64_t>(day) * 86'400'000}; }
    [[nodiscard]] Instant last() const { return checks.back().at; }
    [[nodiscard]] CheckStanding standing(Instant now) const {
        return standingOf(definition, statusOf(definition, checks, now), controlSeries(definition, checks));
    }
    CheckDefinition definition;
    std::vector<Check> checks;
};

TEST_F(StandingOfCheck, ACheckHoldsUntilTheMinuteThatItIsDue) {
    add(20.0);
    EXPECT_EQ(standing(last()).standing, Standing::Valid);
    EXPECT_NEAR(standing(last()).left(last()), 1.0, 1e-12);
    const Instant later = last().plusMinutes(18.0 * 60.0);
    EXPECT_NEAR(standing(later).left(later), 0.25, 1e-12);
    const Instant justBefore = last().plusMinutes(24.0 * 60.0 - 1.0), due = last().plusMinutes(24.0 * 60.0);
    EXPECT_EQ(standing(justBefore).standing, Standing::Valid);
    EXPECT_EQ(standing(due).standing, Standing::Due);
    EXPECT_EQ(standing(due).left(due), 0.0);
}

TEST_F(StandingOfCheck, NothingIsLeftWhereNothingWasMade) {
    EXPECT_EQ(standing(at(3)).standing, Standing::Due);
    EXPECT_EQ(standing(at(3)).left(at(3)), 0.0);
}

TEST_F(StandingOfCheck, AValidCheckThatTheChartRejectsIsOutOfControl) {
    baseline();
    add(20.0 + 3.1 * 0.010541);
    EXPECT_EQ(standing(last()).standing, Standing::OutOfControl);
    EXPECT_EQ(standing(last()).rule, quality::ControlRule::OneThreeS);
    add(20.0); // the next is well again
    EXPECT_EQ(standing(last()).standing, Standing::Valid);
    EXPECT_FALSE(standing(last()).rule);
}

TEST_F(StandingOfCheck, AWarningAloneLeavesItValid) {
    baseline();
    add(20.0 + 2.5 * 0.010541);
    ASSERT_TRUE(controlSeries(definition, checks).points.back().breaks(quality::ControlRule::OneTwoS));
    EXPECT_EQ(standing(last()).standing, Standing::Valid);
}

TEST_F(StandingOfCheck, AFailedCheckOutweighsItsChartAndAnExpiredCertificateBoth) {
    baseline();
    add(20.2, false);
    EXPECT_EQ(standing(last()).standing, Standing::Failed);
    definition.certificateUntil = dateFromIso("1970-01-10");
    EXPECT_EQ(standing(last()).standing, Standing::CertificateExpired);
}

TEST_F(StandingOfCheck, AfterAServiceTheOldChartSaysNothing) {
    baseline();
    add(20.0 + 3.1 * 0.010541);
    checks.push_back(
        {"service", "scale", "service", last().plusMinutes(60.0), 0, 0, true, "oriel", "levelled", {}});
    EXPECT_EQ(standing(last()).standing, Standing::Due);
    EXPECT_FALSE(standing(last()).rule);
}

TEST_F(StandingOfCheck, TheWorstOfAnInstrumentIsShownAndOfEqualOnesTheFirst) {
    CheckDefinition other = definition;
    other.id = "second";
    const CheckStanding valid{&definition, Standing::Valid, {}, {}}, due{&other, Standing::Due, {}, {}};
    EXPECT_EQ(worstOf({valid, due}).check, &other);
    EXPECT_EQ(worstOf({valid, {&other, Standing::Valid, {}, {}}}).check, &definition);
    const CheckStanding failed{&definition, Standing::Failed, {}, {}},
        odd{&other, Standing::OutOfControl, {}, {}};
    EXPECT_EQ(worstOf({odd, due}).standing, Standing::Due);
    EXPECT_EQ(worstOf({due, failed}).standing, Standing::Failed);
}

} // namespace
} // namespace fusain::standing_test

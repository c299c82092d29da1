#include "core/hydrostatic/trial_rules.hpp"
#include "support/property.hpp"

#include <algorithm>
#include <gtest/gtest.h>

namespace fusain::hydrostatic::trial_rules_test {
namespace {

std::vector<TrialReading> trials(std::initializer_list<double> masses) {
    std::vector<TrialReading> readings;
    for (const double mass : masses)
        readings.push_back({static_cast<int>(readings.size()) + 1, Kilograms(mass)});
    return readings;
}

const std::vector<TrialReading> ten = trials({7.10, 7.25, 7.30, 7.38, 7.42, 7.45, 7.40, 7.45, 7.44, 7.40});

TrialJudgement judged(const std::vector<TrialReading>& readings, TrialRule rule, double tolerance = 0.1,
                      double resolution = 0.01) {
    return judgeTrials(readings, {rule, Kilograms(tolerance), Kilograms(resolution), 3, 10});
}

// The four schools on the same ten readings, worked by hand.
TEST(TrialRules, FourSchoolsOnOneSeries) {
    EXPECT_NEAR(judged(ten, TrialRule::MeanOfThreeHeaviest).net.value(), (7.45 + 7.45 + 7.44) / 3.0, 1e-12);
    EXPECT_NEAR(judged(ten, TrialRule::RepresentativeWeight).net.value(), 7.42, 1e-12);
    EXPECT_NEAR(judged(ten, TrialRule::RepresentativeWeight, 0.1, 0.05).net.value(), 7.45, 0.006);
    EXPECT_NEAR(judged(ten, TrialRule::SingleHeaviest).net.value(), 7.45, 1e-12);
    EXPECT_NEAR(judged(ten, TrialRule::MeanOfLastThree).net.value(), 7.43, 1e-12);
}

TEST(TrialRules, NamesTheTrialsItUses) {
    EXPECT_EQ(judged(ten, TrialRule::MeanOfThreeHeaviest).used, (std::vector<int>{6, 8, 9}));
    EXPECT_EQ(judged(ten, TrialRule::MeanOfLastThree).used, (std::vector<int>{8, 9, 10}));
}

TEST(TrialRules, EqualityWithTheToleranceAgrees) {
    EXPECT_EQ(judged(trials({3.0, 3.1, 3.05}), TrialRule::MeanOfThreeHeaviest).verdict, TrialVerdict::Enough);
    EXPECT_EQ(judged(trials({3.0, 3.1001, 3.05}), TrialRule::MeanOfThreeHeaviest).verdict,
              TrialVerdict::NeedMore);
}

TEST(TrialRules, SayWhichTrialsTheyTook) {
    EXPECT_EQ(judged(trials({3.30, 3.32, 3.31}), TrialRule::MeanOfThreeHeaviest).message.english(),
              "Trials 1, 2 + 3 agree within 0.02 kg. Enough trials.");
    const auto last = judged(trials({3.00, 3.30, 3.32, 3.31}), TrialRule::MeanOfLastThree);
    EXPECT_EQ(last.verdict, TrialVerdict::Enough);
    EXPECT_EQ(last.used, (std::vector{2, 3, 4}));
    EXPECT_EQ(judged(trials({3.30, 3.31}), TrialRule::MeanOfLastThree).verdict, TrialVerdict::NeedMore);
}

// A trial that stands apart is named; at the tolerance it does not, and where it could be either of two, none
// is.
TEST(TrialRules, TheOneTrialThatStandsApartIsNamed) {
    const TrialPolicy policy{.rule = TrialRule::MeanOfThreeHeaviest, .tolerance = Kilograms(0.1)};
    const auto judged = [&](std::vector<double> net) {
        std::vector<TrialReading> trials;
        for (const double each : net)
            trials.push_back({static_cast<int>(trials.size()) + 1, Kilograms(each)});
        return judgeTrials(trials, policy);
    };
    EXPECT_EQ(judged({0.905, 0.900, 1.600}).outlier, 3);
    EXPECT_NE(judged({0.905, 0.900, 1.600}).message.english().find("trial 3 differs by 0.70 kg"),
              std::string::npos);
    EXPECT_EQ(judged({2.0, 0.905, 0.900, 0.95}).outlier, 1);
    EXPECT_FALSE(judged({0.90, 1.00, 0.95}).outlier);                  // exactly the tolerance
    EXPECT_EQ(judged({0.90, 0.95, 1.001}).outlier.has_value(), false); // the first or the last
    EXPECT_FALSE(judged({0.90, 1.60}).outlier);
    EXPECT_FALSE(judged({0.90, 0.92, 1.60, 1.62}).outlier); // two against two
}

TEST(TrialRules, TwoTrialsAreNeverEnough) {
    for (const TrialRule rule : {TrialRule::MeanOfThreeHeaviest, TrialRule::RepresentativeWeight,
                                 TrialRule::SingleHeaviest, TrialRule::MeanOfLastThree})
        EXPECT_EQ(judged(trials({3.0, 3.0}), rule).verdict, TrialVerdict::NeedMore);
}

TEST(TrialRules, TenScatteredTrialsAreTheLimit) {
    const auto scattered = trials({1.0, 1.3, 1.6, 1.9, 2.2, 2.5, 2.8, 3.1, 3.4, 3.7});
    EXPECT_EQ(judged(scattered, TrialRule::MeanOfThreeHeaviest).verdict, TrialVerdict::AtLimit);
}

TEST(TrialRules, RisingTrialsAreNamedAsLearning) {
    const auto rising = judged(trials({2.60, 2.75, 2.90}), TrialRule::MeanOfThreeHeaviest);
    EXPECT_TRUE(rising.rising);
    EXPECT_NEAR(rising.risePerTrial.value(), 0.15, 1e-12);
    EXPECT_NE(rising.message.english().find("learning to breathe out"), std::string::npos)
        << rising.message.english();
    EXPECT_FALSE(judged(trials({2.60, 2.75, 2.74}), TrialRule::MeanOfThreeHeaviest).rising);
}

TEST(TrialRules, AnEmptyListUsesNothing) {
    for (const TrialRule rule : {TrialRule::MeanOfThreeHeaviest, TrialRule::RepresentativeWeight,
                                 TrialRule::SingleHeaviest, TrialRule::MeanOfLastThree}) {
        const auto nothing = judged({}, rule);
        EXPECT_TRUE(nothing.used.empty());
        EXPECT_EQ(nothing.verdict, TrialVerdict::NeedMore);
    }
}

TEST(TrialRules, TheResultLiesAmongTheReadings) {
    testing::holdsFor("between the smallest and the largest", [] {
        const auto grams = *rc::gen::nonEmpty(rc::gen::container<std::vector<int>>(rc::gen::inRange(0, 12000)));
        std::vector<TrialReading> readings;
        for (const int mass : grams)
            readings.push_back({static_cast<int>(readings.size()) + 1, Kilograms(mass / 1000.0)});
        const auto [low, high] = std::ranges::minmax(grams);
        for (const TrialRule rule : {TrialRule::MeanOfThreeHeaviest, TrialRule::RepresentativeWeight,
                                     TrialRule::SingleHeaviest, TrialRule::MeanOfLastThree}) {
            const double net = judgeTrials(readings, {rule}).net.value();
            RC_ASSERT(net >= low / 1000.0 - 1e-9);
            RC_ASSERT(net <= high / 1000.0 + 1e-9);
        }
    });
}

} // namespace
} // namespace fusain::hydrostatic::trial_rules_test

// One engine for what can be said: places and changes with their verdicts, at their edges, and the gate of the
// preparation.
#include "procedure/all/procedure.hpp"
#include "procedure/meaning/key_points.hpp"
#include "procedure/meaning/pattern.hpp"
#include "procedure/meaning/statements.hpp"
#include "support/dxa_run.hpp"

#include <gtest/gtest.h>

namespace fusain::statements_test {
namespace {

using namespace testing;

// The first answer with an effect, as it would be with the rule broken.
AnsweredQuestion& broken(ComputedTest& test, readiness::Effect effect) {
    auto& answers = std::get<DxaTest>(test.test).answers;
    auto found = std::ranges::find(answers, effect, &AnsweredQuestion::effect);
    EXPECT_NE(found, answers.end());
    found->finding.kept = false;
    return *found;
}

TEST(Places, AreBelowOrAboveOnlyWithTheWholeInterval) {
    reference::ReferenceRow row;
    row.low = 10.0;
    row.high = 20.0;
    EXPECT_EQ(placeIn(row, 7.9, 2.0), ReferencePlace::Below);
    EXPECT_EQ(placeIn(row, 8.0, 2.0), ReferencePlace::CloseToLower); // the interval ends on the limit
    EXPECT_EQ(placeIn(row, 9.99, 2.0), ReferencePlace::CloseToLower);
    EXPECT_EQ(placeIn(row, 10.0, 2.0), ReferencePlace::Within); // though its interval reaches out
    EXPECT_EQ(placeIn(row, 20.0, 2.0), ReferencePlace::Within);
    EXPECT_EQ(placeIn(row, 20.01, 2.0), ReferencePlace::CloseToUpper);
    EXPECT_EQ(placeIn(row, 22.0, 2.0), ReferencePlace::CloseToUpper);
    EXPECT_EQ(placeIn(row, 22.1, 2.0), ReferencePlace::Above);
    row.high = std::numeric_limits<double>::infinity();
    EXPECT_EQ(placeIn(row, 1e9, 0.0), ReferencePlace::Within);
    EXPECT_EQ(placeIn(row, 9.0, 0.0), ReferencePlace::Below);
}

TEST(TestStatements, CompareWithTheLastAndTheFirstTest) {
    const std::vector<ComputedTest> history{scannedOn("2025-09-01T08:00:00.000Z"),
                                            scannedOn("2026-01-01T08:00:00.000Z", 1.0)};
    const ComputedTest now = scannedOn("2026-03-12T08:00:00.000Z", 2.0);
    const Statements said({.test = &now, .history = history});
    EXPECT_FALSE(said.obstacle());
    EXPECT_EQ(said.last(), 1u);
    EXPECT_EQ(said.first(), 0u);
    const auto* last = said.change(Followed::FatMass, Since::Last);
    const auto* first = said.change(Followed::FatMass, Since::First);
    ASSERT_TRUE(last && first);
    EXPECT_EQ(last->comparison.verdict, Verdict::MayBeNoise); // 1.0 kg, limit 1.4
    EXPECT_EQ(first->comparison.verdict, Verdict::Real);      // 2.0 kg
    EXPECT_EQ(verdictOf(*last), "within measurement error");
    EXPECT_EQ(verdictOf(*first), "exceeds the LSC");
    EXPECT_NE(
        labSentence(*first).english().find("fat mass −2.0 kg since 2025-09-01: exceeds the LSC of 1.4 kg"),
        std::string::npos)
        << labSentence(*first).english();
    // With one test before there is a last one only.
    const Statements one({.test = &now, .history = std::span(history).first(1)});
    EXPECT_TRUE(one.change(Followed::FatMass, Since::Last));
    EXPECT_FALSE(one.change(Followed::FatMass, Since::First));
    EXPECT_FALSE(one.first());
    EXPECT_TRUE(Statements({.test = &now}).change(Followed::FatMass, Since::Last) == nullptr);
}

TEST(TestStatements, WhatWasPreparedOtherwiseIsNotCompared) {
    const std::vector<ComputedTest> history{scannedOn("2026-01-01T08:00:00.000Z")};
    for (const auto effect : {readiness::Effect::Over, readiness::Effect::Under, readiness::Effect::Noise}) {
        ComputedTest now = scannedOn("2026-03-12T08:00:00.000Z", 2.0);
        const std::string question = broken(now, effect).question;
        const Statements said({.test = &now, .history = history});
        EXPECT_FALSE(said.change(Followed::FatMass, Since::Last));
        ASSERT_TRUE(said.obstacle());
        EXPECT_TRUE(said.preparedOtherwise());
        EXPECT_NE(said.obstacle()->english().find(question), std::string::npos);
        // The scale is the scale, breakfast and all.
        EXPECT_EQ(compare(Followed::Mass, history[0], now).verdict, Verdict::Real);
        EXPECT_FALSE(massBalance(history[0], now));
        // The client is told of the preparation, not of another machine.
        const auto facts = keyPointFacts({&now, &said, false, nullptr});
        EXPECT_TRUE(facts.contains("preparation.unlike"));
        EXPECT_FALSE(facts.contains("setting.changed"));
        EXPECT_FALSE(facts.contains("fat.change.real"));
    }
    // Broken both times it is the same both times; a rule of safety says nothing of fat.
    ComputedTest then = history[0], now = scannedOn("2026-03-12T08:00:00.000Z", 2.0);
    broken(then, readiness::Effect::Over);
    broken(now, readiness::Effect::Over);
    EXPECT_EQ(compare(Followed::FatMass, then, now).verdict, Verdict::Real);
    broken(now, readiness::Effect::None);
    EXPECT_EQ(compare(Followed::FatMass, then, now).verdict, Verdict::Real);
}

TEST(TestStatements, ThePushOfThePreparationIsSaidWhereItsDirectionIsKnown) {
    using readiness::Effect;
    const PreparationDifference over{"food", "ate", Effect::Over, 0.0},
        under{"drink", "drank", Effect::Under, 0.0}, noise{"sauna", "sauna", Effect::Noise, 0.0};
    EXPECT_EQ(expectedPush(Followed::FatMass, {over}), 1);
    EXPECT_EQ(expectedPush(Followed::FatPercent, {under, under}), -1);
    EXPECT_EQ(expectedPush(Followed::FatFreeMass, {over}), -1);
    EXPECT_EQ(expectedPush(Followed::Mass, {over}), 0);
    EXPECT_EQ(expectedPush(Followed::FatMass, {over, under}), 0); // against each other
    EXPECT_EQ(expectedPush(Followed::FatMass, {over, noise}), 0);
    EXPECT_EQ(expectedPush(Followed::FatMass, {}), 0);
}

TEST(TestStatements, AnotherTimeOfDayCountsFromSixHoursOn) {
    const ComputedTest morning = scannedOn("2026-01-01T08:00:00.000Z");
    const auto verdictAt = [&](const char* when) {
        return compare(Followed::FatMass, morning, scannedOn(when, 2.0)).verdict;
    };
    EXPECT_EQ(verdictAt("2026-03-12T13:55:00.000Z"), Verdict::Real);
    EXPECT_EQ(verdictAt("2026-03-12T14:05:00.000Z"), Verdict::NotComparable);
    EXPECT_EQ(verdictAt("2026-03-12T02:05:00.000Z"), Verdict::Real); // across the night the other way
    EXPECT_EQ(verdictAt("2026-03-12T01:55:00.000Z"), Verdict::NotComparable);
    // The page says so from two hours on.
    EXPECT_EQ(preparedOtherwise(scannedOn("2026-03-12T09:55:00.000Z").record(), morning.record()).size(), 0u);
    EXPECT_EQ(preparedOtherwise(scannedOn("2026-03-12T10:05:00.000Z").record(), morning.record()).size(), 1u);
}

TEST(TestStatements, LimbsStandAgainstHeightAndBodyMass) {
    const ComputedTest now = scannedOn("2026-03-12T08:00:00.000Z");
    // 3.1 + 3.3 + 8.5 + 8.6 = 23.5 kg; the man is 1.75 m and 70.8 kg.
    EXPECT_NEAR(valueOf(Followed::LimbLeanIndex, now)->value, 23.5 / (1.75 * 1.75), 1e-12);
    EXPECT_NEAR(valueOf(Followed::LimbLeanShare, now)->value, 23.5 / 7.08, 1e-12);
    const auto whole = *valueOf(Followed::LimbLean, now), share = *valueOf(Followed::LimbLeanShare, now);
    EXPECT_NEAR(share.halfInterval() / share.value, whole.halfInterval() / whole.value, 1e-12);
    EXPECT_NEAR(whole.halfInterval(), std::get<DxaResult>(now.result).limbLean.halfInterval().value(), 1e-12);
}

TEST(Builds, AreBothBeyondOneEndOrLedByOne) {
    const auto setOf = [](double low, double high) {
        reference::ReferenceSet set;
        reference::ReferenceRow row;
        row.sex = man.sex;
        row.ageTo = Years(120.0);
        row.low = low;
        row.high = high;
        set.rows.push_back(row);
        return set;
    };
    const auto fat = setOf(2.0, 6.0), lean = setOf(16.0, 20.0); // both four wide
    const auto built = [&](double fatIndex, double leanIndex) {
        compartments::Composition body;
        body.fatMassIndex = Measured<KilogramsPerSquareMetre>(
            KilogramsPerSquareMetre(fatIndex), Source::BetweenTrials, KilogramsPerSquareMetre(0.1));
        body.fatFreeMassIndex = Measured<KilogramsPerSquareMetre>(
            KilogramsPerSquareMetre(leanIndex), Source::BetweenTrials, KilogramsPerSquareMetre(0.1));
        return patternText(weightPattern(body, &fat, &lean, man));
    };
    EXPECT_EQ(built(4.0, 18.0), "even");
    EXPECT_EQ(built(1.9, 15.9), "both low");
    EXPECT_EQ(built(2.0, 15.9), "even");      // on the limit is within
    EXPECT_EQ(built(6.1, 26.0), "both high"); // though lean is further out
    EXPECT_EQ(built(6.0, 18.0), "fat-led");
    EXPECT_EQ(built(5.9, 18.0), "even");
    EXPECT_EQ(built(4.0, 20.1), "mostly muscle");
    EXPECT_EQ(patternText(weightPattern({}, nullptr, &lean, man)), "not covered by the reference");
}

TEST(TestStatements, SidesHaveOneVerdict) {
    ComputedTest now = scannedOn("2026-03-12T08:00:00.000Z");
    auto& arms = std::get<DxaResult>(now.result).armLean;
    const auto verdict = [&](double difference) {
        arms.difference = Kilograms(difference);
        arms.leastSignificant = Kilograms(0.2);
        arms.threshold = Kilograms(0.3);
        return verdictOf(*Statements({.test = &now}).sides(SidesStatement::Limbs::Arms));
    };
    EXPECT_EQ(verdict(0.2), "within measurement error");
    EXPECT_EQ(verdict(-0.21), "difference below the lab's threshold");
    EXPECT_EQ(verdict(0.3), "difference below the lab's threshold");
    EXPECT_EQ(verdict(-0.31), "notable difference");
    std::get<DxaResult>(now.result).halfBody = "right";
    EXPECT_FALSE(Statements({.test = &now}).sides(SidesStatement::Limbs::Arms));
}

// A point rests on the statement of its own fact, and on no other of the same kind.
TEST(TestStatements, APointRestsOnTheStatementOfItsFact) {
    const ComputedTest then = scannedOn("2026-01-01T08:00:00.000Z"),
                       now = scannedOn("2026-03-12T08:00:00.000Z", 2.0);
    reference::ReferenceRow row;
    row.sex = man.sex;
    row.ageTo = Years(120.0);
    row.low = 1.0;
    row.high = 99.0;
    reference::ReferenceSet set;
    set.rows.push_back(row);
    const Statements statements({.test = &now,
                                 .history = std::span(&then, 1),
                                 .fat = &set,
                                 .fatMassIndex = &set,
                                 .fatFreeMassIndex = &set,
                                 .limbLeanIndex = &set});
    const auto behind = [&](const char* fact) {
        KeyPointRule rule;
        rule.fact = fact;
        return statementBehind({&rule, {}, {}}, statements);
    };
    const auto place = [&](const char* fact) { return std::get<PlaceStatement>(*behind(fact)).quantity; };
    const auto change = [&](const char* fact) { return std::get<ChangeStatement>(*behind(fact)).quantity; };
    EXPECT_EQ(place("fat.place"), Followed::FatPercent);
    EXPECT_EQ(place("limb-lean.low"), Followed::LimbLeanIndex);
    EXPECT_EQ(change("fat.change.real"), Followed::FatMass);
    EXPECT_EQ(change("lean.change.real"), Followed::FatFreeMass);
    EXPECT_EQ(change("loss.percent-a-week"), Followed::Mass);
    EXPECT_EQ(change("loss.lean.percent"), Followed::Mass);
    EXPECT_EQ(std::get<SidesStatement>(*behind("arms.notable")).limbs, SidesStatement::Limbs::Arms);
    EXPECT_EQ(std::get<SidesStatement>(*behind("legs.notable")).limbs, SidesStatement::Limbs::Legs);
    EXPECT_EQ(behind("fat.since-first.change.real"), nullptr); // there is one earlier test alone
    EXPECT_EQ(behind("preparation.deviations"), nullptr);
}

} // namespace
} // namespace fusain::statements_test

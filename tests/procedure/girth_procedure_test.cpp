#include "procedure/all/replay.hpp"
#include "procedure/girth/result.hpp"
#include "procedure/girth/sheet.hpp"
#include "procedure/meaning/statements.hpp"
#include "support/girth_run.hpp"

#include <cmath>

namespace fusain::girth_procedure_test {
namespace {

using namespace testing;
using girth::RepeatVerdict;
using girth::Site;

class Girths : public ::testing::Test {
protected:
    MemoryJournal journal;
    GirthProcedure run = *GirthProcedure::begin(girthSetting(), "t", man, technician, journal, SteppingClock());
};

TEST_F(Girths, NothingIsReadBeforeTheTapeTheQuestionsAndTheMarks) {
    EXPECT_FALSE(run.takeGirth(Site::Waist, Centimetres(90.0)));
    prepare(run);
    EXPECT_TRUE(run.takeGirth(Site::Waist, Centimetres(90.0)));
    EXPECT_EQ(run.test().girths.front().number, 1);
}

// A tape that reads the rule two millimetres wrong is right, three are too many.
TEST_F(Girths, ATapeThatReadsItsRuleWrongIsNotUsed) {
    EXPECT_NE(run.stateOf(GirthStep::Tape), StepState::Attention); // before anybody looked at it
    ASSERT_TRUE(run.checkTape(Centimetres(100.0), Centimetres(99.7)));
    EXPECT_FALSE(run.isDone(GirthStep::Tape));
    ASSERT_TRUE(run.goTo(GirthStep::Screening));
    EXPECT_EQ(run.stateOf(GirthStep::Tape), StepState::Attention);
    for (const GirthStep later : {GirthStep::Mass, GirthStep::Girths})
        EXPECT_NE(run.stateOf(later), StepState::Attention);
    ASSERT_TRUE(run.checkTape(Centimetres(100.0), Centimetres(100.2)));
    EXPECT_TRUE(run.isDone(GirthStep::Tape));
    EXPECT_FALSE(run.checkTape(Centimetres(19.9), Centimetres(20.0)));
    EXPECT_TRUE(run.checkTape(Centimetres(20.0), Centimetres(20.0)));
    EXPECT_FALSE(run.checkTape(Centimetres(200.1), Centimetres(200.0)));
    EXPECT_FALSE(run.checkTape(Centimetres(100.0), Centimetres(std::nan(""))));
}

// All sites once before any of them again: nobody reads with the last number still in mind.
TEST_F(Girths, TheSitesComeInRounds) {
    prepare(run);
    std::vector<Site> order;
    for (int i = 0; i < 10; ++i) {
        order.push_back(*run.nextSite());
        MUST(run.takeGirth(order.back(), Centimetres(50.0)));
    }
    for (std::size_t i = 0; i < order.size(); ++i)
        EXPECT_EQ(order[i], girth::sites[i % girth::sites.size()]) << i;
}

TEST_F(Girths, OnlyTheSiteThatDoesNotAgreeIsTakenAgain) {
    prepare(run);
    for (const double waist : {90.0, 92.5, 94.6})
        for (const Site site : girth::sites)
            MUST(run.takeGirth(site, Centimetres(site == Site::Waist ? waist : 50.0)));
    EXPECT_EQ(run.nextSite(), Site::Waist);
    EXPECT_FALSE(run.isDone(GirthStep::Girths));
    MUST(run.takeGirth(Site::Waist, Centimetres(92.0)));
    MUST(run.takeGirth(Site::Waist, Centimetres(92.9)));
    EXPECT_FALSE(run.nextSite());
    EXPECT_TRUE(run.isDone(GirthStep::Girths));
    EXPECT_FALSE(run.takeGirth(Site::Waist, Centimetres(92.0))); // five are the most
    const auto result = computeGirths(run.test(), run.setting().policy);
    ASSERT_TRUE(result);
    EXPECT_NEAR(result->at(Site::Waist)->value.estimate().value(), (92.5 + 92.0 + 92.9) / 3.0, 1e-12);
    EXPECT_TRUE(result->flags.empty());
}

TEST_F(Girths, WhatNobodyHasThereIsRefused) {
    prepare(run);
    for (const Site site : girth::sites) {
        const auto& text = girth::textOf(site);
        EXPECT_FALSE(run.takeGirth(site, text.least - Centimetres(0.1)));
        EXPECT_FALSE(run.takeGirth(site, text.most + Centimetres(0.1)));
        EXPECT_TRUE(run.takeGirth(site, text.least));
        EXPECT_TRUE(run.takeGirth(site, text.most));
        EXPECT_FALSE(run.takeGirth(site, Centimetres(std::nan(""))));
    }
}

TEST_F(Girths, AReadingThatIsExcludedStaysAndMayComeBack) {
    prepare(run);
    measure(run);
    EXPECT_FALSE(run.setAside(1, " "));
    EXPECT_FALSE(run.setAside(99, "why"));
    ASSERT_TRUE(run.setAside(1, "over the shirt"));
    EXPECT_EQ(run.nextSite(), Site::Waist);
    EXPECT_EQ(run.test().girths.size(), 15u);
    MUST(run.takeGirth(Site::Waist, Centimetres(96.0)));
    MUST(run.takeGirth(Site::Waist, Centimetres(96.0)));
    MUST(run.takeGirth(Site::Waist, Centimetres(96.0)));
    EXPECT_FALSE(run.restore(1)); // five count already
    ASSERT_TRUE(run.setAside(16, "too many"));
    EXPECT_TRUE(run.restore(1));
}

TEST_F(Girths, TheReadingsScatterAndTheirMedianIsFlagged) {
    prepare(run);
    for (const double waist : {80.0, 84.0, 88.0, 92.0, 96.0})
        MUST(run.takeGirth(Site::Waist, Centimetres(waist)));
    const auto result = computeGirths(run.test(), run.setting().policy);
    ASSERT_TRUE(result);
    EXPECT_EQ(result->at(Site::Waist)->value.estimate().value(), 88.0);
    ASSERT_EQ(result->flags.size(), 1u);
    EXPECT_NE(result->flags.front().english().find("16.0 cm"), std::string::npos);
}

TEST_F(Girths, ThereIsNoResultWithoutAMassOrAWaist) {
    EXPECT_FALSE(computeGirths(run.test(), run.setting().policy));
    prepare(run);
    const auto result = computeGirths(run.test(), run.setting().policy);
    ASSERT_FALSE(result);
    EXPECT_NE(result.error().english().find("waist"), std::string::npos);
}

// Three readings at 95.95, 96.05 and 96.05 … the floor of the tape's division stands for their scatter; with
// the day and the tape, as the policy has them.
TEST_F(Girths, TheIntervalIsOfReadingsDayAndTape) {
    prepare(run);
    for (const double waist : {96.0, 96.4, 95.9})
        MUST(run.takeGirth(Site::Waist, Centimetres(waist)));
    const auto result = computeGirths(run.test(), run.setting().policy);
    const auto& waist = result->at(Site::Waist)->value;
    EXPECT_NEAR(waist.repeatability().value(), 0.264575131 / std::sqrt(3.0), 1e-8);
    EXPECT_NEAR(waist.visitError().value(), std::hypot(0.264575131 / std::sqrt(3.0), 1.0), 1e-8);
    EXPECT_NEAR(waist.totalError().value(), std::sqrt(0.07 / 3.0 + 1.0 + 0.01), 1e-8);
    EXPECT_NEAR(waist.leastSignificantChange().value(), 1.959963984540054 * std::sqrt(2.0 * (0.07 / 3.0 + 1.0)),
                1e-8);
}

TEST_F(Girths, TheIndicesStandBesideTheirLimits) {
    prepare(run);
    measure(run, 96.0);
    const auto result = computeGirths(run.test(), run.setting().policy);
    ASSERT_EQ(result->indices.size(), 3u);
    const auto sentences = girthFindings(*result, Sex::Male);
    EXPECT_NE(sentences[0].english().find("Waist 96.0 cm"), std::string::npos) << sentences[0].english();
    EXPECT_NE(sentences[0].english().find("close to the limit of 94"), std::string::npos)
        << sentences[0].english();
    EXPECT_EQ(result->indices[2].standing, girth::Standing::Above); // 0.96 against 0.90
}

TEST_F(Girths, LimitsOfAdultsAreNoLimitsOfAChildOrOfAHighBodyMassIndex) {
    TestSubject child = man;
    child.age = Years(17.99);
    auto young = *GirthProcedure::begin(girthSetting(), "u", child, technician, journal, SteppingClock());
    prepare(young, Kilograms(60.0));
    measure(young);
    for (const GirthIndex& index : computeGirths(young.test(), young.setting().policy)->indices) {
        EXPECT_FALSE(index.standing);
        EXPECT_FALSE(index.whyNot.empty());
    }
    const double height = man.height.value();
    for (const auto& [mass, compared] : {std::pair(34.99, true), std::pair(35.0, false)}) {
        auto heavy = *GirthProcedure::begin(girthSetting(), "v", man, technician, journal, SteppingClock());
        prepare(heavy, Kilograms(mass * height * height + (compared ? 0.0 : 1e-9)));
        measure(heavy, 110.0);
        const auto indices = computeGirths(heavy.test(), heavy.setting().policy)->indices;
        EXPECT_TRUE(indices[0].standing);
        EXPECT_EQ(indices[1].standing.has_value(), compared) << mass;
    }
}

TEST_F(Girths, AChangeIsJudgedByTheLeastSignificantOne) {
    const auto then = tapedOn("2026-01-12T09:00:00.000Z", 96.0);
    const double least = valueOf(Followed::Waist, then)->visitError * 1.959963984540054 * std::sqrt(2.0);
    for (const auto& [change, verdict] :
         {std::pair(least - 0.01, Verdict::MayBeNoise), std::pair(least + 0.01, Verdict::Real)}) {
        const auto now = tapedOn("2026-03-12T09:00:00.000Z", 96.0 - change);
        EXPECT_EQ(compare(Followed::Waist, then, now).verdict, verdict) << change;
    }
    EXPECT_FALSE(valueOf(Followed::FatMass, then));
    const auto now = tapedOn("2026-03-12T09:00:00.000Z", 90.0);
    const Statements statements({.test = &now, .history = std::span(&then, 1)});
    EXPECT_EQ(statements.last(), 0u); // comparable, although there is no fat
}

// The lab's own study of the waist takes the place of the policy's day-to-day error, and of no other site's.
TEST_F(Girths, TheLabsOwnStudyTakesThePlaceOfThePolicy) {
    const auto test = tapedOn("2026-03-12T09:00:00.000Z");
    LabPrecision own;
    own.others["waist"] = {0.4, true};
    EXPECT_NEAR(valueOf(Followed::Waist, test, own)->visitError, 0.4, 1e-12);
    EXPECT_NEAR(valueOf(Followed::Hip, test, own)->visitError, valueOf(Followed::Hip, test)->visitError, 1e-12);
    EXPECT_EQ(studiedOf("tape").size(), 5u);
    EXPECT_EQ(studiedOf("scanner").size(), 3u);
}

TEST_F(Girths, TheJournalReadAgainGivesTheSameTestAndDocument) {
    prepare(run);
    measure(run);
    finish(run);
    const auto again = replayTest(run.events());
    ASSERT_TRUE(again);
    EXPECT_EQ(toJson(*again), toJson(run.test()));
    const auto read = girthTestFromJson(toJson(run.test()), "t");
    ASSERT_TRUE(read);
    EXPECT_EQ(toJson(*read), toJson(run.test()));
    const auto document = computeTest(snapshotOf(run), run.setting().policy)->document();
    EXPECT_NEAR(document.at("girths").at("waist").at("value").get<double>(), 96.0, 0.1);
    EXPECT_EQ(document.at("girths").at("waist").at("unit"), "cm");
    EXPECT_TRUE(document.contains("waist_to_hip"));
}

TEST_F(Girths, APolicyWithoutAWaistOrWithAnotherIndexsLimitsIsRefused) {
    const Json good = dataFile("policies/girths.json").at(0);
    const auto with = [&](const char* key, Json value) {
        Json changed = good;
        changed[key] = std::move(value);
        return girthPolicyFromJson(changed, "mine.json");
    };
    EXPECT_TRUE(girthPolicyFromJson(good, "mine.json"));
    EXPECT_FALSE(with("sites", {"hip"}));
    EXPECT_FALSE(with("sites", {"waist", "waist"}));
    EXPECT_FALSE(with("sites", {"waist", "calf"}));
    EXPECT_FALSE(with("minimum_readings", 6));
    EXPECT_TRUE(with("minimum_readings", 5));
    EXPECT_FALSE(with("waist_limits", "waist-to-hip.who-2008"));
    EXPECT_FALSE(with("waist_limits", "nobody's"));
    EXPECT_FALSE(with("tape_error_cm", -0.1));
}

} // namespace
} // namespace fusain::girth_procedure_test

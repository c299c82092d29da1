// What a practice test is judged by, and how far somebody has come.
#include "procedure/practice/debrief.hpp"
#include "procedure/practice/replay.hpp"
#include "record/base/json.hpp"
#include "support/practice_cases.hpp"

#include <algorithm>
#include <gtest/gtest.h>

namespace fusain::debrief_test {
namespace {

using testing::dataFile;
using testing::practiceCases;
using testing::protocolOf;

Instant at(double minutes) {
    return instantFromIso("2026-03-12T07:40:00.000Z")->plusMinutes(minutes);
}

const PracticeCase& caseOf(const std::vector<PracticeCase>& all, std::string_view id) {
    return *std::ranges::find(all, id, &PracticeCase::id);
}

// Three trials a minute after three recordings each.
HydrostaticTest threeTrials() {
    HydrostaticTest test;
    test.startedAt = at(0);
    for (int number = 1; number <= 3; ++number) {
        WeighingTrial trial;
        trial.number = number;
        trial.at = at(10.0 * number + 1.0);
        test.trials.push_back(trial);
    }
    return test;
}
PracticeLog threeRecordings(std::vector<std::string> second) {
    PracticeLog log;
    log.recordings = {{at(10), {}}, {at(20), std::move(second)}, {at(30), {}}};
    return log;
}

TEST(PracticeCases, AreAtLeastTwentyFourOverTheMethods) {
    const auto all = practiceCases();
    EXPECT_GE(all.size(), 24u);
    for (const std::string_view method : methods)
        EXPECT_GE(std::ranges::count(all, method, &PracticeCase::method), 6) << method;
    for (const char* level : {"plain", "harder", "nasty"})
        EXPECT_GE(std::ranges::count(all, level, &PracticeCase::level), 6) << level;
}

TEST(PracticeCases, AskOnlyForRulesAndStepsThatThereAre) {
    for (const PracticeCase& practice : practiceCases()) {
        const Protocol protocol = protocolOf(practice.method);
        for (const auto& [rule, answer] : practice.answers) {
            ASSERT_TRUE(protocol.find(rule)) << practice.id << ' ' << rule;
            EXPECT_FALSE(readiness::judge(*protocol.find(rule), answer).kept) << practice.id << ' ' << rule;
        }
        EXPECT_FALSE(practice.hints.empty()) << practice.id << ": somebody who is stuck finds nothing";
    }
}

TEST(PracticeFactsOf, ARecordCountWhatWasSpoiltAndWhatWasInvented) {
    HydrostaticTest test = threeTrials();
    auto facts = practiceFacts(test, threeRecordings({"splash"}));
    EXPECT_EQ(facts.at("trials"), 3.0);
    for (const char* not_ : {"signed", "refused", "vain", "set-aside", "good-set-aside"})
        EXPECT_EQ(facts.at(not_), 0.0) << not_;
    EXPECT_EQ(facts.at("spoilt-used"), 1.0);
    EXPECT_EQ(facts.at("invented"), 0.0);

    test.trials[1].setAsideReason = "a splash";
    facts = practiceFacts(test, threeRecordings({"splash"}));
    EXPECT_EQ(facts.at("spoilt-used"), 0.0);
    EXPECT_EQ(facts.at("good-set-aside"), 0.0);

    facts = practiceFacts(test, threeRecordings({}));
    EXPECT_EQ(facts.at("good-set-aside"), 1.0) << "the same trial without a fault was a good one";
    EXPECT_EQ(facts.at("invented"), 1.0);
}

TEST(PracticeFactsOf, ActsCountTowardsTheGoalOrAsVain) {
    PracticeLog log = threeRecordings({});
    log.acts = {{at(12), "still-water", true, true}, {at(13), "look-at-chair", false, false}};
    const auto facts = practiceFacts(threeTrials(), log);
    EXPECT_EQ(facts.at("did.still-water"), 1.0);
    EXPECT_EQ(facts.at("vain"), 1.0);
}

TEST(Debriefs, NameWhatWasCaughtMissedAndInvented) {
    const auto all = practiceCases();
    HydrostaticTest test = threeTrials();
    test.state = TestState::Signed;
    PracticeLog log = threeRecordings({"splash"});
    const PracticeCase& splash = caseOf(all, "tank-splash");
    Debrief debrief = debriefOf(splash, test, log, nullptr, at(45));
    EXPECT_EQ(debrief.caught, 0);
    EXPECT_EQ(debrief.missed, 2); // the splash, and the trial that it spoilt
    ASSERT_TRUE(debrief.next());
    EXPECT_EQ(debrief.next()->id, "found-still-water");
    EXPECT_DOUBLE_EQ(debrief.minutes, 45.0);

    log.acts = {{at(21), "still-water", true, true}, {at(22), "check-scale", false, false}};
    debrief = debriefOf(splash, test, log, nullptr, at(45));
    EXPECT_EQ(debrief.caught, 1);
    EXPECT_EQ(debrief.invented, 1);
    EXPECT_EQ(debrief.missed, 1);
    EXPECT_EQ(debrief.next()->id, "none-spoilt"); // what is missed comes before what is invented
    EXPECT_EQ(debrief.next()->missed, "A faulty reading was left in the result.");
}

TEST(Replays, PutWhatWasWrongAndWhatWasDecidedOnOneTime) {
    HydrostaticTest test = threeTrials();
    test.trials[2].setAsideReason = "to be sure";
    PracticeLog log = threeRecordings({"splash"});
    log.acts = {{at(25), "still-water", true, true}};
    const Replay replay = replayOf(test, log, at(45));
    EXPECT_DOUBLE_EQ(replay.minutes, 45.0);
    ASSERT_EQ(replay.recordings.size(), 3u);
    EXPECT_DOUBLE_EQ(replay.recordings[1].from, 20.0);
    EXPECT_DOUBLE_EQ(replay.recordings[1].until, 21.0); // when its trial was accepted
    EXPECT_EQ(replay.recordings[1].spoiltBy, std::vector<std::string>{"splash"});
    ASSERT_EQ(replay.readings.size(), 3u);
    EXPECT_TRUE(replay.readings[0].right());
    EXPECT_FALSE(replay.readings[1].right()); // spoilt and used
    EXPECT_FALSE(replay.readings[2].right()); // good and thrown away
    ASSERT_EQ(replay.acts.size(), 1u);
    EXPECT_DOUBLE_EQ(replay.acts[0].at, 25.0);
    EXPECT_TRUE(replay.acts[0].mended);
}

TEST(Replays, ARecordingOfWhichNothingWasTakenLastsUntilTheNext) {
    HydrostaticTest test;
    test.startedAt = at(0);
    test.trials.push_back(*threeTrials().trials.find(3)); // only the third was taken
    const Replay replay = replayOf(test, threeRecordings({"splash"}), at(45));
    EXPECT_DOUBLE_EQ(replay.recordings[0].until, 20.0);
    EXPECT_DOUBLE_EQ(replay.recordings[1].until, 30.0);
    EXPECT_DOUBLE_EQ(replay.recordings[2].until, 31.0);
    EXPECT_DOUBLE_EQ(replayOf(HydrostaticTest{}, {}, Instant{}).minutes, 0.0);
}

TEST(Debriefs, WhatNobodyAskedIsNotWrittenDown) {
    const auto all = practiceCases();
    const PracticeCase& ate = caseOf(all, "tank-ate");
    HydrostaticTest test = threeTrials();
    EXPECT_EQ(debriefOf(ate, test, {}, nullptr, at(1)).missed, 2); // and it is not signed
    AnsweredQuestion food;
    food.rule = "hw_food";
    food.finding.kept = false;
    test.answers = {food};
    EXPECT_EQ(debriefOf(ate, test, {}, nullptr, at(1)).missed, 1);
}

TEST(PracticeProgress, CountsTheLastAttemptAndWhoWasHelped) {
    const auto all = practiceCases();
    const std::vector<AttemptScore> attempts{{"tank-plain", at(0), 1.0, false},
                                             {"tank-air", at(10), 1.0, true},
                                             {"tank-wall", at(20), 1.0, false},
                                             {"tank-wall", at(30), 0.5, false}};
    const auto progress = progressOver(all, attempts);
    ASSERT_EQ(progress.size(), methods.size());
    EXPECT_EQ(progress[0].method, methodHydrostatic);
    EXPECT_EQ(progress[0].met, 2) << "the last attempt at the wall was not";
    EXPECT_EQ(progress[0].alone, 1);
    EXPECT_FALSE(progress[0].complete());
    EXPECT_EQ(progress[1].met, 0);
}

TEST(PracticeLogs, ComeBackAsTheyWere) {
    PracticeLog log = threeRecordings({"splash", "wall-touch"});
    log.caseId = "tank-splash";
    log.trainee = "sunniva";
    log.help = HelpLevel::Prompts;
    log.hints = 2;
    log.acts = {{at(21), "still-water", true, true}};
    const auto back = practiceLogFromJson(toJson(log), "log");
    ASSERT_TRUE(back);
    EXPECT_EQ(toJson(*back), toJson(log));
    EXPECT_EQ(back->before(at(25))->spoiltBy.size(), 2u);
    EXPECT_EQ(back->before(at(5)), nullptr);
    Json broken = toJson(log);
    broken["help"] = "much";
    EXPECT_FALSE(practiceLogFromJson(broken, "log"));
    broken = toJson(log);
    broken["acts"][0]["at"] = "yesterday";
    EXPECT_FALSE(practiceLogFromJson(broken, "log"));
}

TEST(PracticeCases, ACaseWithMissingPartsIsRefused) {
    const Json good = dataFile("practice/cases/tank.json").at(0);
    const auto refusedAfter = [&](auto spoil) {
        Json json = good;
        spoil(json);
        return !practiceCaseFromJson(json, "mine.json");
    };
    EXPECT_TRUE(practiceCaseFromJson(good, "mine.json"));
    EXPECT_TRUE(refusedAfter([](Json& json) { json["expect"] = Json::array(); }));
    EXPECT_TRUE(refusedAfter([](Json& json) { json["person"].erase("fat_fraction"); }));
    EXPECT_TRUE(refusedAfter([](Json& json) { json["method"] = "calipers"; }));
    EXPECT_TRUE(refusedAfter([](Json& json) { json["level"] = "easy"; }));
    EXPECT_TRUE(refusedAfter([](Json& json) { json["born"] = "in May"; }));
    EXPECT_TRUE(refusedAfter([](Json& json) { json["answers"]["hw_food"] = Json::object(); }));
    EXPECT_TRUE(refusedAfter([](Json& json) { json["expect"][0]["kind"] = "wish"; }));
    EXPECT_TRUE(refusedAfter([](Json& json) { json["earlier"] = {{"weeks_ago", -2}}; }));
}

TEST(PracticeActs, NameTheMethodsThatTheyBelongTo) {
    for (const Json& each : dataFile("practice/acts/acts.json"))
        EXPECT_TRUE(practiceActFromJson(each, "acts.json"));
    EXPECT_FALSE(practiceActFromJson(
        {{"id", "x"}, {"methods", {"calipers"}}, {"say", "x"}, {"helped", "x"}, {"in_vain", "x"}}, "mine"));
}

} // namespace
} // namespace fusain::debrief_test

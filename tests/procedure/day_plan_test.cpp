#include "procedure/day/day_plan.hpp"
#include "record/base/json.hpp"
#include "support/hydrostatic_run.hpp"

#include <algorithm>
#include <gtest/gtest.h>
#include <random>

namespace fusain::day_plan_test {
namespace {

using testing::dataFile;

const PlanningPolicy& policy() {
    static const PlanningPolicy kept = *planningFromJson(dataFile("planning/standard.json"), "planning");
    return kept;
}
Instant at(const char* clock) {
    return *instantFromIso(std::string("2026-03-12T") + clock + ":00.000Z");
}
DayInputs dayOf(std::vector<Appointment> appointments, Instant now = at("00:00")) {
    DayInputs inputs;
    inputs.appointments = std::move(appointments);
    inputs.midnight = at("00:00");
    inputs.now = now;
    return inputs;
}
const DayTask& task(const DayPlan& plan, const std::string& id) {
    const auto found = std::ranges::find(plan.tasks, id, &DayTask::id);
    EXPECT_NE(found, plan.tasks.end()) << id;
    return *found;
}
std::string clockOf(Instant instant) {
    return isoText(instant).substr(11, 5);
}

TEST(Battery, TheBestOrderBreaksNoRule) {
    const std::vector<std::string> expected{"impedance", "dxa", "air-displacement", "hydrostatic"};
    EXPECT_EQ(bestOrder({"hydrostatic", "air-displacement", "dxa", "impedance"}, policy()), expected);
    EXPECT_EQ(reasonsFor(expected, policy()).size(), 3u);
}

TEST(Battery, AnotherOrderIsPossibleAndSaysItsCost) {
    const Appointment wet[] = {{"a", "c", "hydrostatic", at("08:00")},
                               {"b", "c", "air-displacement", at("09:30")}};
    const auto costs = costsOf(wet, policy());
    ASSERT_EQ(costs.size(), 1u);
    EXPECT_NE(costs[0].english().find("2 points"), std::string::npos) << costs[0].english();
    const Appointment dry[] = {{"a", "c", "air-displacement", at("08:00")},
                               {"b", "c", "hydrostatic", at("09:30")}};
    EXPECT_TRUE(costsOf(dry, policy()).empty());
}

TEST(DayPlan, WorksTheTankBackFromTheFirstClient) {
    const auto plan = planDay(dayOf({{"a", "c", "hydrostatic", at("09:30")}}), policy());
    // By hand: chair 15 min before 09:30 → 09:15; lower 5 → 09:10; mix 10 → 09:00; fill 1300/8 = 162.5 min →
    // 06:17:30; rinse 15 → 06:02:30; disinfect 15 → 05:47:30.
    EXPECT_EQ(clockOf(task(plan, "tank.chair").from), "09:15");
    EXPECT_EQ(clockOf(task(plan, "tank.mix").from), "09:00");
    EXPECT_EQ(clockOf(task(plan, "tank.fill-hot").from), "06:17");
    EXPECT_EQ(clockOf(task(plan, "tank.disinfect").from), "05:47");
    EXPECT_EQ(task(plan, "tank.fill-hot").to, task(plan, "tank.fill-cold").from);
    EXPECT_NEAR(plan.waterAt.at("a").value(), 35.0, 0.05);
    EXPECT_TRUE(plan.delays.empty());
    EXPECT_EQ(clockOf(task(plan, "tank.chair-off").from), "10:20"); // 50 minutes on the bench
}

TEST(DayPlan, TheWaterCoolsFromClientToClient) {
    const auto plan = planDay(
        dayOf({{"a", "c", "hydrostatic", at("09:30")}, {"b", "d", "hydrostatic", at("12:30")}}), policy());
    // Three hours at k = 2.7743e-4: 13·(1 − 0.951289) = 0.633 °C.
    EXPECT_NEAR((plan.waterAt.at("a") - plan.waterAt.at("b")).value(), 0.633, 0.01);
    EXPECT_EQ(clockOf(task(plan, "tank.water-log.1").from), "11:30");
}

TEST(DayPlan, WarmUpsAndDueChecksStandBeforeTheFirstClient) {
    auto inputs = dayOf({{"a", "c", "air-displacement", at("08:00")}});
    inputs.checks = {{"cylinder-volume", "chamber", "Cylinder volume, five times"}};
    const auto plan = planDay(inputs, policy());
    EXPECT_EQ(clockOf(task(plan, "check.cylinder-volume.chamber").from), "07:50");
    EXPECT_EQ(clockOf(task(plan, "warm-up.chamber").from), "07:05");
}

TEST(DayPlan, RunningLateMovesWhatFollowsAndNamesWhomToCall) {
    auto inputs =
        dayOf({{"a", "c", "hydrostatic", at("09:30")}, {"b", "d", "hydrostatic", at("10:45")}}, at("07:00"));
    inputs.done = {{"tank.disinfect", at("06:02")}};
    // Rinsing should have ended at 06:17 and is not ticked: it begins at 07:00, and everything is 57.5 minutes
    // late.
    const auto plan = planDay(inputs, policy());
    EXPECT_TRUE(task(plan, "tank.rinse").late);
    EXPECT_FALSE(task(plan, "tank.disinfect").late);
    ASSERT_EQ(plan.delays.size(), 2u);
    EXPECT_EQ(plan.delays[0].appointment, "a");
    EXPECT_NEAR(plan.delays[0].minutes, 57.5, 0.6);
    // The second client: 10:27:30 + 50 + 20 minutes = 11:37:30 instead of 10:45.
    EXPECT_NEAR(plan.delays[1].minutes, 52.5, 0.6);
}

TEST(DayPlan, WhatIsUnderWayIsNotLate) {
    auto inputs = dayOf({{"a", "c", "hydrostatic", at("09:30")}}, at("07:00"));
    inputs.done = {{"tank.disinfect", at("06:02")}, {"tank.rinse", at("06:16")}};
    EXPECT_TRUE(planDay(inputs, policy()).delays.empty());
}

TEST(DayPlan, OnceSomebodyIsAtTheBenchWhatHadToBeReadyWas) {
    auto inputs =
        dayOf({{"a", "c", "hydrostatic", at("09:30"), false, true}, {"b", "d", "hydrostatic", at("11:00")}},
              at("09:40"));
    const auto plan = planDay(inputs, policy());
    EXPECT_TRUE(task(plan, "tank.chair").done);
    EXPECT_FALSE(task(plan, "tank.drain").done);
    EXPECT_TRUE(plan.delays.empty());
}

TEST(DayPlan, AnInstrumentThatAnswersTicksItsOwnWarmUp) {
    // Live since 07:00; 45 minutes of warm-up end at 07:45, not at 08:00 as it would be worked back.
    auto inputs = dayOf({{"a", "c", "air-displacement", at("08:00")}}, at("07:20"));
    inputs.underWay = {{"warm-up.chamber", at("07:00")}};
    auto plan = planDay(inputs, policy());
    EXPECT_EQ(clockOf(task(plan, "warm-up.chamber").from), "07:00");
    EXPECT_EQ(clockOf(task(plan, "warm-up.chamber").to), "07:45");
    EXPECT_FALSE(task(plan, "warm-up.chamber").done);
    inputs.now = at("07:46");
    EXPECT_TRUE(task(planDay(inputs, policy()), "warm-up.chamber").done);
    // Switched on at 07:40 it is warm at 08:25: whoever comes at eight is called.
    inputs.now = at("07:41");
    inputs.underWay = {{"warm-up.chamber", at("07:40")}};
    plan = planDay(inputs, policy());
    EXPECT_TRUE(task(plan, "warm-up.chamber").late);
    ASSERT_EQ(plan.delays.size(), 1u);
    EXPECT_NEAR(plan.delays[0].minutes, 25.0, 0.1);
}

TEST(DayPlan, ATankThatCoolsUntilTheAfternoonIsWarmedAgain) {
    PlanningPolicy drafty = policy();
    drafty.tank.tank.heatLoss = WattsPerKelvin(120.0);
    // k = 120·60/(4180·0.995·1300) = 1.3317e-3 a minute: from 35 °C at 08:00 with a room of 22 °C,
    // 13·e^(−0.4794) = 8.05 after six hours: 30.05 °C at 14:00. 1300·4.95/29.95 = 215 L out and in, 53.7
    // minutes, and 10 of stirring.
    const auto plan = planDay(
        dayOf({{"a", "c", "hydrostatic", at("08:00")}, {"b", "d", "hydrostatic", at("14:00")}}), drafty);
    const DayTask& warm = task(plan, "tank.top-up.b");
    EXPECT_NEAR(minutesBetween(warm.from, at("14:00")), 63.7, 0.5);
    EXPECT_NE(warm.detail.english().find("215 L"), std::string::npos) << warm.detail.english();
    EXPECT_NEAR(plan.waterAt.at("b").value(), 35.0, 0.01);
    EXPECT_TRUE(plan.conflicts.empty());
}

TEST(DayPlan, ATankThatIsTooColdWithoutTimeToWarmItIsSaid) {
    PlanningPolicy icy = policy();
    icy.tank.tank.heatLoss = WattsPerKelvin(420.0);
    const auto plan =
        planDay(dayOf({{"a", "c", "hydrostatic", at("09:00")}, {"b", "d", "hydrostatic", at("10:10")}}), icy);
    ASSERT_EQ(plan.conflicts.size(), 1u);
    EXPECT_NE(plan.conflicts[0].what.english().find("no time to warm it"), std::string::npos);
    EXPECT_LT(plan.waterAt.at("b").value(), 32.0);
}

TEST(DayPlan, NobodyIsBookedIntoTheLunchBreak) {
    PlanningPolicy withBreak = policy();
    withBreak.opening = *openingFromText("08:00-12:00, 13:00-17:00");
    const auto plan =
        planDay(dayOf({{"a", "c", "dxa", at("11:50")}, {"b", "d", "dxa", at("13:00")}}), withBreak);
    ASSERT_EQ(plan.conflicts.size(), 1u);
    EXPECT_EQ(plan.conflicts[0].appointments, std::vector<std::string>{"a"});
    const DayRequest late{"c", {"impedance", "dxa", "air-displacement"}, at("11:30")};
    const auto placed = scheduleDay({&late, 1}, {}, at("00:00"), withBreak);
    ASSERT_EQ(placed.size(), 3u);
    EXPECT_EQ(clockOf(placed[0].at), "11:35") << "the latest before the break: least waiting";
    EXPECT_EQ(clockOf(placed[1].at), "13:00") << "the scan would have ended after twelve";
}

TEST(OpeningHours, AreReadAsTheyAreTyped) {
    const auto hours = openingFromText("06:30-12:00, 13:00-18:15");
    ASSERT_TRUE(hours);
    EXPECT_EQ(openingText(*hours), "06:30-12:00, 13:00-18:15");
    EXPECT_NE(openingFromText("06:00-12:00, 11:30-18:00").error().english().find("overlap"), std::string::npos);
    EXPECT_FALSE(openingFromText("12:00-06:00"));
    EXPECT_FALSE(openingFromText("06:00-25:00"));
    EXPECT_FALSE(openingFromText("six to twelve"));
    EXPECT_FALSE(openingFromText(""));
}

TEST(DayPlan, ATeamTakesItsOwnTime) {
    const auto plan = planDay(dayOf({{"a", "team", "impedance", at("08:00"), false, false, Minutes(56.0)},
                                     {"b", "d", "impedance", at("08:50")}}),
                              policy());
    ASSERT_EQ(plan.conflicts.size(), 1u); // 08:56 and five minutes of change
}

TEST(DayPlan, NamesWhatCannotBe) {
    const auto plan = planDay(dayOf({{"a", "c", "dxa", at("08:00")},
                                     {"b", "d", "dxa", at("08:20")},
                                     {"e", "c", "impedance", at("08:10")},
                                     {"f", "g", "dxa", at("05:00")}}),
                              policy());
    std::string all;
    for (const DayConflict& conflict : plan.conflicts)
        all += conflict.what.english() + "\n";
    EXPECT_NE(all.find("Two clients on one instrument"), std::string::npos) << all;
    EXPECT_NE(all.find("10 min later"), std::string::npos) << all; // 08:00 + 25 + 5 against 08:20
    EXPECT_NE(all.find("One client in two places"), std::string::npos) << all;
    EXPECT_NE(all.find("outside the opening hours"), std::string::npos) << all;
    EXPECT_EQ(plan.conflicts.size(), 3u);
    EXPECT_EQ(plan.costs.size(), 1u); // impedance after the scan
}

TEST(DayPlan, ATankThatCannotBeWarmedIsSaid) {
    PlanningPolicy cold = policy();
    cold.tank.supply.hot = Celsius(33.0);
    const auto plan = planDay(dayOf({{"a", "c", "hydrostatic", at("09:30")}}), cold);
    ASSERT_TRUE(plan.noFilling);
    EXPECT_NE(plan.noFilling->english().find("hot water alone"), std::string::npos);
}

TEST(DayPlan, AnEmptyDayHasNothingToDo) {
    const auto plan = planDay(dayOf({}), policy());
    EXPECT_TRUE(plan.tasks.empty());
    EXPECT_TRUE(plan.conflicts.empty());
}

// 200 random days, judged by a checker that shares no code with the planner.
TEST(Schedule, TwoHundredRandomDaysBreakNoRule) {
    std::mt19937_64 chance(20260312);
    const std::map<std::string, std::pair<double, double>> times{
        {"impedance", {25, 5}}, {"dxa", {25, 5}}, {"air-displacement", {30, 10}}, {"hydrostatic", {50, 20}}};
    const std::map<std::string, int> rank{
        {"impedance", 0}, {"dxa", 1}, {"air-displacement", 2}, {"hydrostatic", 3}};
    int placedClients = 0, leftOut = 0;
    for (int day = 0; day < 200; ++day) {
        std::vector<DayRequest> requests;
        const int clients = std::uniform_int_distribution(1, 12)(chance);
        for (int c = 0; c < clients; ++c) {
            DayRequest request{"client-" + std::to_string(c),
                               {},
                               at("06:00").plusMinutes(30.0 * std::uniform_int_distribution(0, 12)(chance))};
            for (const auto& [method, length] : times)
                if (std::bernoulli_distribution(0.5)(chance))
                    request.methods.push_back(method);
            std::ranges::shuffle(request.methods, chance);
            if (!request.methods.empty())
                requests.push_back(std::move(request));
        }
        const auto placed = scheduleDay(requests, {}, at("00:00"), policy());
        for (const DayRequest& request : requests) {
            std::vector<Appointment> own;
            std::ranges::copy_if(placed, std::back_inserter(own),
                                 [&](const Appointment& a) { return a.clientId == request.clientId; });
            ASSERT_TRUE(own.empty() || own.size() == request.methods.size())
                << "a battery is placed whole or not at all";
            own.empty() ? ++leftOut : ++placedClients;
            for (std::size_t i = 0; i < own.size(); ++i) {
                EXPECT_GE(own[i].at, request.notBefore);
                if (i > 0) {
                    EXPECT_LT(rank.at(own[i - 1].method), rank.at(own[i].method));
                    EXPECT_GE(minutesBetween(own[i - 1].at, own[i].at), times.at(own[i - 1].method).first);
                }
            }
        }
        for (const Appointment& a : placed) {
            EXPECT_GE(minutesBetween(at("06:00"), a.at), 0.0);
            EXPECT_GE(minutesBetween(a.at, at("18:00")), times.at(a.method).first);
            for (const Appointment& b : placed)
                if (&a != &b && a.method == b.method && a.at <= b.at) {
                    EXPECT_GE(minutesBetween(a.at, b.at), times.at(a.method).first + times.at(a.method).second);
                }
        }
    }
    EXPECT_GT(placedClients, 1000);
    EXPECT_LT(leftOut, placedClients / 4);
}

TEST(Schedule, ADayWithoutRoomLeavesTheClientOut) {
    std::vector<DayRequest> requests;
    for (int c = 0; c < 12; ++c)
        requests.push_back({"client-" + std::to_string(c), {"hydrostatic"}, at("06:00")});
    // Twelve hours hold ten of 70 minutes, and one more whose change may run past closing time: 10·70 + 50 =
    // 750 > 720.
    EXPECT_EQ(scheduleDay(requests, {}, at("00:00"), policy()).size(), 10u);
}

TEST(PlanningFile, ComesBackAndSaysWhatDoesNotFit) {
    EXPECT_EQ(toJson(*planningFromJson(toJson(policy()), "again")), toJson(policy()));
    Json json = toJson(policy());
    json["opening"][0]["to"] = "05:00";
    EXPECT_NE(planningFromJson(json, "mine.json").error().english().find("opening hours"), std::string::npos);
    json = toJson(policy());
    json["opening"].push_back({{"from", "17:00"}, {"to", "19:00"}});
    EXPECT_NE(planningFromJson(json, "mine.json").error().english().find("overlap"), std::string::npos);
    json = toJson(policy());
    json["methods"].push_back(json["methods"][0]);
    EXPECT_NE(planningFromJson(json, "mine.json").error().english().find("every method"), std::string::npos);
    json = toJson(policy());
    json["methods"][0]["method"] = "Girths";
    EXPECT_NE(planningFromJson(json, "mine.json").error().english().find("no method Girths"), std::string::npos);
    json = toJson(policy());
    json["order"].push_back({{"first", "hydrostatic"}, {"then", "impedance"}, {"why", ""}, {"cost", ""}});
    EXPECT_NE(planningFromJson(json, "mine.json").error().english().find("contradict"), std::string::npos);
    json = toJson(policy());
    json["tank"]["wanted_c"] = 41;
    EXPECT_FALSE(planningFromJson(json, "mine.json"));
}

// A lab's own planning goes on after a version that brought a method which it does not know.
TEST(PlanningFile, OneFromBeforeAMethodWasAddedGoesOn) {
    Json json = toJson(policy());
    std::erase_if(json["methods"].get_ref<Json::array_t&>(),
                  [](const Json& each) { return each.at("method") == methodGirths; });
    const auto read = planningFromJson(json, "mine.json");
    ASSERT_TRUE(read) << read.error().english();
    EXPECT_EQ(read->timesOf(methodGirths).method, methodGirths);
    EXPECT_EQ(read->timesOf(methodGirths).instrument, "tape"); // the lane of its instrument
    EXPECT_EQ(read->timesOf(methodHydrostatic).instrument, policy().timesOf(methodHydrostatic).instrument);
}

} // namespace
} // namespace fusain::day_plan_test

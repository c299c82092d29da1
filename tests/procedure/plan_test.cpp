// Plans and the guard rails before them. The sheet's man of 95 kg with 28 kg of fat, 180 cm, 35 y.
#include "procedure/meaning/plan.hpp"
#include "record/base/json.hpp"

#include <cmath>
#include <gtest/gtest.h>

namespace fusain::plan_test {
namespace {

const PlanSubject heavyMan{Sex::Male, Years(35), Metres(1.80), Kilograms(95), Kilograms(28), Kilograms(67)};
const PlanSubject woman{Sex::Female, Years(30), Metres(1.65), Kilograms(60), Kilograms(17), Kilograms(43)};

PlanRequest losing(double kcal, int weeks = 12) {
    PlanRequest request;
    request.change = KilocaloriesPerDay(-kcal);
    request.weeks = weeks;
    return request;
}

bool stopped(const PlanSubject& subject, const PlanRequest& request, const char* words) {
    const auto plan = makePlan(subject, request);
    return !plan && plan.error().english().find(words) != std::string::npos;
}

TEST(PlanOfLoss, FollowsTheDynamicModelAndShowsTheStaticRuleBesideIt) {
    PlanRequest request = losing(500);
    request.measuredResting = KilocaloriesPerDay(1905); // as the sheet: Mifflin, level 1.6
    const auto plan = makePlan(heavyMan, request);
    ASSERT_TRUE(plan) << plan.error().english();
    EXPECT_NEAR(plan->balance.value(), 3048, 1e-9);
    EXPECT_NEAR(plan->intake.value(), 2548, 1e-9);
    ASSERT_EQ(plan->points.size(), 13u);
    EXPECT_NEAR(plan->points[12].mass.value(), 90.687, 0.01); // sheet 2.5
    EXPECT_NEAR(plan->points[12].fatMass.value(), 25.171, 0.01);
    EXPECT_NEAR(plan->staticChange.value(), -5.455, 1e-3);
    EXPECT_LT(plan->points[12].lowest, plan->points[12].mass);
    EXPECT_GT(plan->points[12].highest, plan->points[12].mass);
    EXPECT_GE(plan->estimates.size(), 5u);
}

TEST(PlanOfLoss, TheTargetIsARangeAndTakesItsTime) {
    PlanRequest request = losing(500);
    request.targetFat = Percent(20.0);
    const auto plan = makePlan(heavyMan, request);
    ASSERT_TRUE(plan) << plan.error().english();
    EXPECT_NEAR(plan->target->fatFreeKept.value(), 83.75, 1e-6);
    EXPECT_NEAR(plan->target->byPartition.value(), 75.77, 0.005);
    // ln(83.75/95)/ln(0.993) = 17.9 weeks
    EXPECT_NEAR(plan->weeksAtSafeRate->first, 17.94, 0.02);
    EXPECT_GT(plan->weeksAtSafeRate->second, plan->weeksAtSafeRate->first);
}

TEST(PlanGuards, WhoGetsNoPlanIsToldWhoHelps) {
    PlanSubject subject = heavyMan;
    subject.age = Years(17.9);
    EXPECT_TRUE(stopped(subject, losing(300), "Under 18"));
    subject = woman;
    subject.answers.pregnant = true;
    EXPECT_TRUE(stopped(subject, losing(300), "midwife"));
    subject = woman;
    subject.mass = Kilograms(50.0); // 18.4
    EXPECT_TRUE(stopped(subject, losing(100), "below 18.5"));
    subject = heavyMan;
    subject.answers.eatingDisorder = true;
    EXPECT_TRUE(stopped(subject, losing(300), "eating disorders"));
    subject.answers.eatingDisorder = false;
    subject.answers.eatingQuestions = 1;
    EXPECT_TRUE(makePlan(subject, losing(300)));
    subject.answers.eatingQuestions = 2;
    EXPECT_TRUE(stopped(subject, losing(300), "eating disorders"));
    EXPECT_EQ(eatingQuestions().size(), 5u);
}

TEST(PlanGuards, TargetsHaveAFloor) {
    PlanRequest request = losing(200);
    request.targetFat = Percent(12.0); // exactly the essential fat of a woman
    EXPECT_TRUE(stopped(woman, request, "essential fat"));
    request.targetFat = Percent(22.0); // the partition leads to 49.07 kg, index 18.02
    EXPECT_TRUE(stopped(woman, request, "below 18.5"));
    request.targetFat = Percent(27.0);
    EXPECT_TRUE(makePlan(woman, request));
}

TEST(PlanGuards, IntakeStaysAboveRestAndLeavesEnoughAfterTraining) {
    // The woman: Cunningham 1991, 1298.8 kcal at rest, 2078 at a level of 1.6.
    EXPECT_TRUE(stopped(woman, losing(800), "at rest"));
    EXPECT_TRUE(makePlan(woman, losing(500)));
    PlanRequest training = losing(300);
    training.exercise = KilocaloriesPerDay(600); // (1778 − 600)/43 = 27
    EXPECT_TRUE(stopped(woman, training, "after training"));
    training.exercise = KilocaloriesPerDay(400); // 32: reduced, a caution
    const auto plan = makePlan(woman, training);
    ASSERT_TRUE(plan) << plan.error().english();
    EXPECT_NE(plan->cautions.front().english().find("reduced"), std::string::npos);
}

TEST(PlanOfLoss, ProteinGoesByWhoItIsFor) {
    PlanSubject subject = woman;
    EXPECT_NEAR(makePlan(subject, losing(200))->proteinLow, 48.0, 1e-9); // 0.8 g/kg
    subject.answers.athlete = true;
    EXPECT_NEAR(makePlan(subject, losing(200))->proteinLow, 98.9, 1e-9); // 2.3 g/kg fat-free, sheet 2.3
    EXPECT_NEAR(makePlan(subject, losing(0))->proteinHigh, 120.0, 1e-9); // 2.0 g/kg
    subject.answers.kidneyDisease = true;
    const auto plan = makePlan(subject, losing(200));
    EXPECT_EQ(plan->proteinHigh, 0.0);
    EXPECT_NE(plan->cautions.front().english().find("Kidney"), std::string::npos);
}

TEST(PlanRequests, RoundTripAndStayInTheirRange) {
    PlanRequest request = losing(450, 26);
    request.targetFat = Percent(21.5);
    request.measuredResting = KilocaloriesPerDay(1511);
    const auto back = planRequestFromJson(toJson(request));
    ASSERT_TRUE(back);
    EXPECT_EQ(toJson(*back), toJson(request));
    EXPECT_EQ(planRequestFromJson(Json{{"weeks", 5000}})->weeks, 52);
    EXPECT_FALSE(planRequestFromJson(Json{{"weeks", "many"}}));
}

} // namespace
} // namespace fusain::plan_test

// Plans and the guard rails before them. The sheet's man of 95 kg with 28 kg of fat, 180 cm, 35 y.
#include "procedure/meaning/plan_schools.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <cmath>
#include <fstream>
#include <gtest/gtest.h>

namespace fusain::plan_test {
namespace {

const ScreeningQuestions& questions() {
    static const auto set = [] {
        std::ifstream file(FUSAIN_SOURCE_DIR "/data/screening/standard.json");
        return *screeningQuestionsFromJson(Json::parse(file), "standard.json");
    }();
    return set;
}

const Instant today{1'772'000'000'000};

/// Everything was asked and answered with no, but for what is said otherwise.
std::vector<Asked> asked(Sex sex, Years age,
                         const std::vector<std::pair<std::string, ScreeningAnswer>>& otherwise = {}) {
    Screening screening;
    for (const ScreeningQuestion& question : questions().questions)
        screening.put(screeningItem(questions(), question, ScreeningAnswer::No, today, "oriel"));
    for (const auto& [id, answer] : otherwise)
        for (const ScreeningQuestion& question : questions().questions)
            if (question.id == id)
                screening.put(screeningItem(questions(), question, answer, today, "oriel"));
    return askedOf(questions(), screening, sex, age, today);
}

const PlanSubject heavyMan{Sex::Male,
                           Years(35),
                           Metres(1.80),
                           Kilograms(95),
                           Kilograms(28),
                           Kilograms(67),
                           {false, asked(Sex::Male, Years(35))}};
const PlanSubject woman{Sex::Female,
                        Years(30),
                        Metres(1.65),
                        Kilograms(60),
                        Kilograms(17),
                        Kilograms(43),
                        {false, asked(Sex::Female, Years(30))}};

/// Somebody who says yes to this.
PlanSubject saying(PlanSubject subject, const std::vector<std::pair<std::string, ScreeningAnswer>>& answers) {
    subject.answers.health = asked(subject.sex, subject.age, answers);
    return subject;
}

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

TEST(PlanOfLoss, TheWeekAtTheTargetIsTheFirstThatReachesIt) {
    const auto course = [](std::initializer_list<double> percents) {
        Plan plan;
        for (const double percent : percents)
            plan.points.push_back({static_cast<int>(plan.points.size()), Kilograms(100.0), Kilograms(percent),
                                   Kilograms(100.0 - percent), Kilograms(100.0), Kilograms(100.0),
                                   KilocaloriesPerDay(2400.0)});
        return plan;
    };
    const Plan down = course({30.0, 28.0, 25.0, 24.0}), up = course({12.0, 13.0, 15.0});
    EXPECT_EQ(weekAtTarget(down, Percent(25.0)), 2);
    EXPECT_EQ(weekAtTarget(down, Percent(24.99)), 3);
    EXPECT_EQ(weekAtTarget(down, Percent(23.9)), std::nullopt);
    EXPECT_EQ(weekAtTarget(down, Percent(30.0)), 0); // there already
    EXPECT_EQ(weekAtTarget(up, Percent(13.0)), 1);
    EXPECT_EQ(weekAtTarget(up, Percent(15.1)), std::nullopt);
    EXPECT_EQ(weekAtTarget(Plan{}, Percent(15.0)), std::nullopt);
}

TEST(PlanGuards, WhoGetsNoPlanIsToldWhoHelps) {
    PlanSubject subject = heavyMan;
    subject.age = Years(17.9);
    EXPECT_TRUE(stopped(subject, losing(300), "Under 18"));
    using enum ScreeningAnswer;
    EXPECT_TRUE(stopped(saying(woman, {{"pregnant", Yes}}), losing(300), "midwife"));
    EXPECT_TRUE(stopped(saying(woman, {{"breast-feeding", Yes}}), losing(300), "Breast-feeding"));
    for (const char* id : {"insulin", "glp-1", "heart-kidney", "bariatric", "unexplained-loss", "cancer"})
        EXPECT_FALSE(makePlan(saying(heavyMan, {{id, Yes}}), losing(300))) << id;
    EXPECT_FALSE(makePlan(saying(heavyMan, {{"insulin", Yes}}), losing(0))) << "nor at balance";
    subject = woman;
    subject.mass = Kilograms(50.0); // 18.4
    EXPECT_TRUE(stopped(subject, losing(100), "below 18.5"));
    subject = heavyMan;
    subject.answers.lowLimbLean = true;
    EXPECT_TRUE(stopped(subject, losing(100), "costs more of it"));
}

TEST(PlanGuards, TwoOfTheFiveAboutEatingOrAHistoryStop) {
    using enum ScreeningAnswer;
    EXPECT_TRUE(stopped(saying(heavyMan, {{"eating-history", Yes}}), losing(300), "eating disorders"));
    EXPECT_TRUE(makePlan(saying(heavyMan, {{"eating-1", Yes}}), losing(300)));
    EXPECT_TRUE(
        stopped(saying(heavyMan, {{"eating-1", Yes}, {"eating-4", Yes}}), losing(300), "eating disorders"));
    // A lab whose questions know no history stops as well.
    PlanSubject fiveOnly = saying(heavyMan, {{"eating-1", Yes}, {"eating-4", Yes}});
    std::erase_if(fiveOnly.answers.health,
                  [](const Asked& each) { return each.question->effect == ScreeningEffect::EatingHistory; });
    EXPECT_TRUE(stopped(fiveOnly, losing(300), "eating disorders"));
    EXPECT_TRUE(eatingConcern(saying(heavyMan, {{"eating-history", Yes}}).answers.health));
    EXPECT_FALSE(eatingConcern(saying(heavyMan, {{"eating-2", Yes}}).answers.health));
}

// Unasked, declined and out of date count as not cleared: no loss, but a plan to keep the weight.
TEST(PlanGuards, UnaskedIsNotCleared) {
    using enum ScreeningAnswer;
    PlanSubject nobodyAsked = heavyMan;
    nobodyAsked.answers.health.clear();
    EXPECT_TRUE(stopped(nobodyAsked, losing(300), "health questions"));
    EXPECT_TRUE(makePlan(nobodyAsked, losing(0)));
    EXPECT_TRUE(stopped(saying(heavyMan, {{"eating-3", Declined}}), losing(50), "1 are open"));
    PlanRequest target = losing(0);
    target.targetFat = Percent(20.0); // less than today: a loss as well
    EXPECT_TRUE(stopped(nobodyAsked, target, "health questions"));

    Screening old;
    const ScreeningQuestion& eating = questions().questions.front();
    old.put(screeningItem(questions(), eating, No, today, "oriel"));
    const double day = 24.0 * 60.0;
    EXPECT_EQ(old.clearanceOf(eating.id, today.plusMinutes(90 * day - 1)), Clearance::Cleared);
    EXPECT_EQ(old.clearanceOf(eating.id, today.plusMinutes(90 * day)), Clearance::NotAsked);
    EXPECT_EQ(old.clearanceOf("pregnant", today), Clearance::NotAsked);
    old.put(screeningItem(questions(), eating, Yes, today, "oriel"));
    EXPECT_EQ(old.clearanceOf(eating.id, today.plusMinutes(4000 * day)), Clearance::Said) << "a yes stays";
}

TEST(PlanGuards, WhoIsAskedWhat) {
    const auto has = [](Sex sex, double age, const char* id) {
        return std::ranges::any_of(questions().concerning(sex, Years(age)),
                                   [&](const ScreeningQuestion* each) { return each->id == id; });
    };
    EXPECT_TRUE(has(Sex::Female, 30, "pregnant"));
    EXPECT_FALSE(has(Sex::Male, 30, "pregnant"));
    EXPECT_FALSE(has(Sex::Male, 69.9, "frailty"));
    EXPECT_TRUE(has(Sex::Male, 70.0, "frailty"));
}

TEST(PlanGuards, TargetsHaveAFloor) {
    PlanRequest request = losing(200);
    request.targetFat = Percent(12.0); // exactly the essential fat of a woman
    EXPECT_TRUE(stopped(woman, request, "essential fat"));
    request.targetFat = Percent(19.9);
    EXPECT_TRUE(stopped(woman, request, "no numbers for a target so low"));
    PlanSubject athlete = woman;
    athlete.answers.athlete = true;
    request.targetFat = Percent(14.9);
    EXPECT_TRUE(stopped(athlete, request, "no numbers for a target so low"));
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
    EXPECT_TRUE(stopped(woman, training, "Energy availability"));
    PlanRequest hard = losing(0);
    hard.exercise = KilocaloriesPerDay(1000); // at balance, (2078 − 1000)/43 = 25
    EXPECT_TRUE(stopped(woman, hard, "Energy availability"));
    training.exercise = KilocaloriesPerDay(400); // 32: reduced, a caution
    const auto plan = makePlan(woman, training);
    ASSERT_TRUE(plan) << plan.error().english();
    EXPECT_NE(plan->cautions.front().english().find("reduced"), std::string::npos);
}

// From the second week on: the first loses water too. The pace of these plans lies on both sides of
// it.
TEST(PlanOfLoss, MoreThanOnePercentAWeekIsSaid) {
    int fast = 0, slow = 0;
    for (double kcal = 300; kcal <= 1800; kcal += 5) {
        PlanRequest request = losing(kcal);
        request.measuredResting = KilocaloriesPerDay(1500);
        request.activityLevel = 2.2;
        const auto plan = makePlan(heavyMan, request);
        if (!plan)
            continue;
        const bool said = std::ranges::any_of(plan->cautions, [](const Message& caution) {
            return caution.english().find("More than 1 % of the mass a week") != std::string::npos;
        });
        const double pace = (plan->points[1].mass - plan->points[4].mass).value() / 3.0; // kg a week
        EXPECT_EQ(said, pace > 0.95) << kcal << " kcal, " << pace << " kg a week";
        fast += pace > 0.95 && pace < 1.05;
        slow += pace > 0.85 && pace < 0.95;
    }
    EXPECT_GT(fast, 3);
    EXPECT_GT(slow, 3);
}

TEST(PlanOfLoss, ProteinGoesByWhoItIsFor) {
    PlanSubject subject = woman;
    EXPECT_NEAR(makePlan(subject, losing(200))->proteinLow, 48.0, 1e-9); // 0.8 g/kg
    subject.answers.athlete = true;
    EXPECT_NEAR(makePlan(subject, losing(200))->proteinLow, 98.9, 1e-9); // 2.3 g/kg fat-free, sheet 2.3
    EXPECT_NEAR(makePlan(subject, losing(0))->proteinHigh, 120.0, 1e-9); // 2.0 g/kg
    subject = saying(subject, {{"kidney", ScreeningAnswer::Yes}});
    const auto plan = makePlan(subject, losing(200));
    EXPECT_EQ(plan->proteinHigh, 0.0);
    EXPECT_NE(plan->cautions.front().english().find("Kidney"), std::string::npos);
}

TEST(PlanGuards, HoldForTheWholeCourse) {
    // 56 kg at 1.65 m is 20.6; 18.5 is 50.4 kg.
    PlanSubject light = woman;
    light.mass = Kilograms(56.0);
    light.fatMass = Kilograms(16.0);
    light.fatFreeMass = Kilograms(40.0);
    const auto plan = makePlan(light, losing(500, 52));
    ASSERT_TRUE(plan) << plan.error().english();
    ASSERT_TRUE(plan->crossing);
    const auto week = static_cast<std::size_t>(plan->crossing->week);
    const double square = light.height.value() * light.height.value();
    const auto beyond = [&](const PlanPoint& point) {
        return point.mass.value() / square < 18.5 || 100.0 * (point.fatMass / point.mass) < 20.0;
    };
    EXPECT_TRUE(beyond(plan->points[week]));
    EXPECT_FALSE(beyond(plan->points[week - 1]));
    EXPECT_NE(plan->crossing->why.english().find("week " + std::to_string(week)), std::string::npos);
    EXPECT_FALSE(makePlan(light, losing(500, static_cast<int>(week) - 1))->crossing) << "it ends before";
    EXPECT_FALSE(makePlan(light, losing(0, 52))->crossing) << "nothing is lost";
    // Heavy and lean: the fat is what runs out first, long before the index does.
    PlanSubject lean = heavyMan;
    lean.mass = Kilograms(85.0);
    lean.fatMass = Kilograms(10.0);
    lean.fatFreeMass = Kilograms(75.0);
    const auto course = makePlan(lean, losing(500, 52));
    ASSERT_TRUE(course) << course.error().english();
    ASSERT_TRUE(course->crossing);
    const auto crossed = static_cast<std::size_t>(course->crossing->week);
    const auto fat = [&](std::size_t at) {
        return 100.0 * (course->points[at].fatMass / course->points[at].mass);
    };
    EXPECT_LT(fat(crossed), 10.0);
    EXPECT_GE(fat(crossed - 1), 10.0);
    EXPECT_NE(course->crossing->why.english().find("body fat would be below 10 %"), std::string::npos)
        << course->crossing->why.english();
    light.answers.belowReference = true;
    EXPECT_TRUE(stopped(light, losing(100), "eating enough"));
    EXPECT_TRUE(makePlan(light, losing(0)));
}

TEST(PlanSchools, StandSideBySideForThisPerson) {
    PlanRequest base = losing(0);
    base.measuredResting = KilocaloriesPerDay(1905);
    const auto all = plansBySchool(heavyMan, base);
    ASSERT_EQ(all.size(), planSchools().size());
    const auto of = [&](std::string_view id) -> const SchoolPlan& {
        return *std::ranges::find_if(all, [&](const SchoolPlan& each) { return each.school->id == id; });
    };
    // 1905 · 1.6 = 3048 kcal.
    EXPECT_NEAR(of("fixed-500").plan->intake.value(), 2548.0, 1e-9);
    EXPECT_NEAR(of("less-10").plan->intake.value(), 2743.2, 1e-9);
    EXPECT_NEAR(of("less-20").plan->intake.value(), 2438.4, 1e-9);
    EXPECT_NEAR(of("more-10").plan->intake.value(), 3352.8, 1e-9);
    EXPECT_NEAR(of("at-rest").plan->intake.value(), 1905.0, 1e-6);
    // Moving 250 kcal more, and eating 250 less than today.
    EXPECT_NEAR(of("split-250").plan->intake.value(), 2798.0, 1e-9);
    EXPECT_NEAR(of("split-250").plan->balance.value(), 3298.0, 1e-9);
    EXPECT_GT(of("more-10").plan->points.back().mass, heavyMan.mass);
    for (const SchoolPlan& each : all) {
        EXPECT_FALSE(each.school->source.empty()) << each.school->id;
        EXPECT_FALSE(each.school->caveat.empty()) << each.school->id;
    }
    PlanSubject child = heavyMan;
    child.age = Years(16.0);
    EXPECT_TRUE(plansBySchool(child, base).empty());
    // A small woman is told why 500 kcal are not for her.
    PlanSubject small = woman;
    const auto hers = plansBySchool(small, losing(0));
    for (const SchoolPlan& each : hers)
        if (each.school->id == "less-20") {
            EXPECT_TRUE(each.plan) << each.plan.error().english();
        }
}

TEST(PlanSchools, DaysWithTrainingAndWithoutMakeTheSameWeek) {
    // 2400 kcal as a mean, 200 of it for training on three days: 7·200/3 = 466.7 on each of them.
    const auto days = daysApart(KilocaloriesPerDay(2400), KilocaloriesPerDay(200), 3);
    ASSERT_TRUE(days);
    EXPECT_NEAR(days->rest.value(), 2200.0, 1e-9);
    EXPECT_NEAR(days->training.value(), 2666.6667, 1e-3);
    EXPECT_NEAR((3.0 * days->training.value() + 4.0 * days->rest.value()) / 7.0, 2400.0, 1e-9);
    EXPECT_FALSE(daysApart(KilocaloriesPerDay(2400), KilocaloriesPerDay(200), 7));
    EXPECT_FALSE(daysApart(KilocaloriesPerDay(2400), KilocaloriesPerDay(200), 0));
    EXPECT_FALSE(daysApart(KilocaloriesPerDay(2400), KilocaloriesPerDay(0), 3));
}

TEST(PlanRequests, RoundTripAndStayInTheirRange) {
    PlanRequest request = losing(450, 26);
    request.targetFat = Percent(21.5);
    request.measuredResting = KilocaloriesPerDay(1511);
    request.notes = "walks";
    request.trainingDays = 3;
    const auto back = planRequestFromJson(toJson(request), "plan");
    ASSERT_TRUE(back);
    EXPECT_EQ(toJson(*back), toJson(request));
    const auto refused = [&](const char* key, const Json& value) {
        Json json = toJson(request);
        json[key] = value;
        const auto read = planRequestFromJson(json, "plan");
        return !read && read.error().english().find(key) != std::string::npos;
    };
    for (const auto& [key, value] :
         std::initializer_list<std::pair<const char*, Json>>{{"weeks", 0},
                                                             {"weeks", 53},
                                                             {"weeks", "many"},
                                                             {"weeks", 2.5},
                                                             {"activity_level", 1.19},
                                                             {"activity_level", 2.51},
                                                             {"training_days", 8},
                                                             {"exercise_kcal", -1},
                                                             {"target_fat_percent", 0.9},
                                                             {"week", 12},
                                                             {"format", "fusain-policy"},
                                                             {"notes", 7},
                                                             {"change_kcal", nullptr}})
        EXPECT_TRUE(refused(key, value)) << key << ' ' << value.dump();
    for (const auto& [key, value] : std::initializer_list<std::pair<const char*, Json>>{{"weeks", 1},
                                                                                        {"weeks", 52},
                                                                                        {"activity_level", 1.2},
                                                                                        {"activity_level", 2.5},
                                                                                        {"training_days", 7}})
        EXPECT_FALSE(refused(key, value)) << key << ' ' << value.dump();
}

// A plan of before kept the health answers with it; who trains hard is still read from there.
TEST(PlanRequests, OneFromBeforeIsRead) {
    const auto read = planRequestFromJson(
        Json{{"format", "fusain-plan"}, {"weeks", 8}, {"asked", {{"athlete", true}, {"pregnant", false}}}},
        "plan");
    ASSERT_TRUE(read) << read.error().english();
    EXPECT_TRUE(read->athlete);
    EXPECT_EQ(read->weeks, 8);
}

} // namespace
} // namespace fusain::plan_test

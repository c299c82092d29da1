#include "procedure/meaning/plan_schools.hpp"

#include <algorithm>
#include <array>

namespace fusain {
namespace {

using Kcal = KilocaloriesPerDay;

PlanRequest changedBy(PlanRequest request, Kcal change) {
    request.change = change;
    return request;
}

PlanRequest byPart(PlanRequest request, Kcal balance, double part) {
    return changedBy(std::move(request), balance * part);
}

// Moving more raises what is spent; what is eaten is held against the expenditure of today.
PlanRequest split(PlanRequest request, Kcal, Kcal resting) {
    constexpr Kcal eatenLess(250.0), movedMore(250.0);
    constexpr double mostActive = 2.5;
    request.exercise = request.exercise + movedMore;
    request.activityLevel = std::min(mostActive, request.activityLevel + movedMore / resting);
    return changedBy(std::move(request), Kcal(0.0) - eatenLess - movedMore);
}

constexpr std::string_view convention = FUSAIN_TEXT("convention");

constexpr std::array schools{
    PlanSchool{"fixed-500", FUSAIN_TEXT("500 kcal a day less"), convention,
               FUSAIN_TEXT("The same for everybody: a lot for a small person. Loss slows down over the weeks."),
               [](PlanRequest base, Kcal, Kcal) { return changedBy(std::move(base), Kcal(-500.0)); }},
    PlanSchool{"split-250", FUSAIN_TEXT("250 kcal eaten less, 250 moved more"), convention,
               FUSAIN_TEXT("Some of the movement is often made up for by resting or eating more."), &split},
    PlanSchool{"less-10", FUSAIN_TEXT("10 % below expenditure"), convention,
               FUSAIN_TEXT("Slow; a single test sees it late."),
               [](PlanRequest base, Kcal balance, Kcal) { return byPart(std::move(base), balance, -0.1); }},
    PlanSchool{"less-20", FUSAIN_TEXT("20 % below expenditure"), convention,
               FUSAIN_TEXT("Expenditure itself is known to about 15 % only."),
               [](PlanRequest base, Kcal balance, Kcal) { return byPart(std::move(base), balance, -0.2); }},
    PlanSchool{"at-rest", FUSAIN_TEXT("As much as the body spends at rest"), convention,
               FUSAIN_TEXT("The lowest intake that a plan may use. It is not a goal."),
               [](PlanRequest base, Kcal balance, Kcal resting) {
                   return changedBy(std::move(base), resting - balance);
               }},
    PlanSchool{
        "more-10", FUSAIN_TEXT("10 % above expenditure, to gain"), convention,
        FUSAIN_TEXT("How much of it becomes muscle hangs on the training; the model does not know that."),
        [](PlanRequest base, Kcal balance, Kcal) { return byPart(std::move(base), balance, 0.1); }},
};

} // namespace

std::span<const PlanSchool> planSchools() {
    return schools;
}

std::vector<SchoolPlan> plansBySchool(const PlanSubject& subject, const PlanRequest& base) {
    PlanRequest still = base;
    still.change = Kcal(0.0);
    still.targetFat.reset();
    const auto today = makePlan(subject, still);
    std::vector<SchoolPlan> all;
    if (today)
        for (const PlanSchool& school : schools) {
            PlanRequest request = school.request(base, today->balance, today->resting);
            auto plan = makePlan(subject, request);
            all.push_back({&school, std::move(request), std::move(plan)});
        }
    return all;
}

std::optional<DaysApart> daysApart(Kcal intake, Kcal exercise, int trainingDays) {
    constexpr int week = 7;
    if (trainingDays < 1 || trainingDays >= week || exercise.value() <= 0.0)
        return std::nullopt;
    const Kcal eachTraining = exercise * (static_cast<double>(week) / trainingDays);
    const Kcal rest = intake - exercise;
    return DaysApart{rest + eachTraining, rest};
}

} // namespace fusain

#pragma once
#include "procedure/meaning/plan.hpp"

#include <span>

namespace fusain {

/// A way of choosing the energy of a plan that practitioners follow. Each says where it comes from and what it
/// does not say; none of them is a law.
struct PlanSchool {
    std::string_view id;     ///< "fixed-500" …
    std::string_view title;  ///< marked for translation
    std::string_view source; ///< a citation, or "convention"; marked for translation
    std::string_view caveat; ///< marked for translation
    /// What the school asks of this person.
    /// @param base the way of life and the weeks, which stay  @param balance expenditure today
    PlanRequest (*request)(PlanRequest base, KilocaloriesPerDay balance, KilocaloriesPerDay resting);
};
[[nodiscard]] std::span<const PlanSchool> planSchools();

/// A school worked out for one person; a stop takes the place of a plan.
struct SchoolPlan {
    const PlanSchool* school = nullptr;
    PlanRequest request;
    Expected<Plan> plan;
};
/// All of them side by side. @return nothing for somebody who must not get a plan at all
[[nodiscard]] std::vector<SchoolPlan> plansBySchool(const PlanSubject& subject, const PlanRequest& base);

/// Days with training and days without, of a week with the same energy as the plan.
struct DaysApart {
    KilocaloriesPerDay training, rest;
};
/// @param intake of the plan, the mean of a week  @param exercise net of rest, the mean of a day
/// @param trainingDays a week, 1 to 6  @return nothing without training, or where every day is alike
[[nodiscard]] std::optional<DaysApart> daysApart(KilocaloriesPerDay intake, KilocaloriesPerDay exercise,
                                                 int trainingDays);

} // namespace fusain

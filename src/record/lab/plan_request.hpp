#pragma once
#include "core/units/units.hpp"
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

#include <optional>
#include <string>

namespace fusain {

/// What is wished for, and what is eaten and done: what a plan is made from, kept with its client.
struct PlanRequest {
    std::optional<Percent> targetFat;
    int weeks = 12;                   ///< 1 to 52
    KilocaloriesPerDay change{0.0};   ///< of intake against balance
    double activityLevel = 1.6;       ///< 1.2 to 2.5
    KilocaloriesPerDay exercise{0.0}; ///< net of rest, part of the above
    std::optional<KilocaloriesPerDay> measuredResting;
    bool athlete = false;
    int trainingDays = 0;   ///< a week; 0 where every day is alike
    std::string notes = {}; ///< what the client wants to note until the next time, in their own words
};
[[nodiscard]] Json toJson(const PlanRequest& request);
/// @return a Problem with the key for what no plan can be made from
[[nodiscard]] Expected<PlanRequest> planRequestFromJson(const Json& json, const std::string& where);
[[nodiscard]] DocumentKind planRequestKind();

} // namespace fusain

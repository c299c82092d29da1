#pragma once
#include "procedure/meaning/plan.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::desktop {

/// The plan that was saved for a client. @return nothing where none was; a Problem for one that cannot be read
[[nodiscard]] Expected<std::optional<PlanRequest>> readPlan(store::LabBook& book, const std::string& clientId);
/// The same where nobody can be told of a Problem: the page of the plan tells it.
[[nodiscard]] std::optional<PlanRequest> savedPlan(store::LabBook& book, const std::string& clientId);
/// @return a Problem with the value for a plan that could not be read again
[[nodiscard]] Expected<void> savePlan(store::LabBook& book, const std::string& clientId,
                                      const PlanRequest& plan, const std::string& by,
                                      std::optional<std::int64_t> madeFrom = {});

} // namespace fusain::desktop

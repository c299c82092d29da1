#pragma once
#include "procedure/meaning/plan.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::desktop {

/// The plan that was saved for a client. @return nothing where none was, or where it cannot be read
[[nodiscard]] std::optional<PlanRequest> savedPlan(store::LabBook& book, const std::string& clientId);
[[nodiscard]] Expected<void> savePlan(store::LabBook& book, const std::string& clientId,
                                      const PlanRequest& plan, const std::string& by);

} // namespace fusain::desktop

#include "desktop/services/plans.hpp"

#include "desktop/services/screenings.hpp"
#include "record/base/json.hpp"

namespace fusain::desktop {

std::optional<PlanRequest> savedPlan(store::LabBook& book, const std::string& clientId) {
    const std::string kept = book.setting(paperKey("plan", clientId));
    const auto json = kept.empty() ? Expected<Json>(tl::unexpected(Problem{})) : parseJson(kept, "plan");
    const auto request =
        json ? planRequestFromJson(*json) : Expected<PlanRequest>(tl::unexpected(json.error()));
    return request ? std::optional(*request) : std::nullopt;
}

Expected<void> savePlan(store::LabBook& book, const std::string& clientId, const PlanRequest& plan,
                        const std::string& by) {
    return book.setSetting(paperKey("plan", clientId), toJson(plan).dump(), by);
}

} // namespace fusain::desktop

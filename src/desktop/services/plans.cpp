#include "desktop/services/plans.hpp"

#include "desktop/services/screenings.hpp"
#include "record/base/json.hpp"

namespace fusain::desktop {

Expected<std::optional<PlanRequest>> readPlan(store::LabBook& book, const std::string& clientId) {
    const std::string kept = book.setting(paperKey("plan", clientId));
    if (kept.empty())
        return std::nullopt;
    const auto json = parseJson(kept, "plan");
    if (!json)
        return tl::unexpected(json.error());
    const auto request = planRequestFromJson(*json, "plan");
    return request ? Expected<std::optional<PlanRequest>>(*request) : tl::unexpected(request.error());
}

std::optional<PlanRequest> savedPlan(store::LabBook& book, const std::string& clientId) {
    return readPlan(book, clientId).value_or(std::nullopt);
}

Expected<void> savePlan(store::LabBook& book, const std::string& clientId, const PlanRequest& plan,
                        const std::string& by, std::optional<std::int64_t> madeFrom) {
    const Json document = toJson(plan);
    if (const auto back = planRequestFromJson(document, "plan"); !back)
        return tl::unexpected(back.error()); // nothing is kept that could not be read again
    return book.setSetting(paperKey("plan", clientId), document.dump(), by, madeFrom);
}

} // namespace fusain::desktop

#include "record/lab/plan_request.hpp"

#include "record/base/fields.hpp"

namespace fusain {
namespace {

const Fields<PlanRequest>& requestFields() {
    using Request = PlanRequest;
    static const auto fields =
        Fields<Request>("plan")
            .constant("format", "fusain-plan", Presence::Optional)
            .sparse("target_fat_percent", &Request::targetFat, "what is wished for", between(1.0, 75.0))
            .optional("weeks", &Request::weeks, "how long", between(1.0, 52.0))
            .optional("change_kcal", &Request::change, "of intake against balance", between(-3000.0, 3000.0))
            .optional("activity_level", &Request::activityLevel, "expenditure over rest", between(1.2, 2.5))
            .optional("exercise_kcal", &Request::exercise, "net of rest, part of the expenditure",
                      between(0.0, 6000.0))
            .sparse("measured_resting_kcal", &Request::measuredResting, "in place of an equation",
                    between(300.0, 6000.0))
            .optional("athlete", &Request::athlete, "trains hard")
            .sparse("training_days", &Request::trainingDays, "a week", between(0.0, 7.0))
            .sparse("notes", &Request::notes, "what the client wants to note until the next time")
            // Plans of before kept the health answers with them; those now stand with the client.
            .custom(
                {"asked",
                 "answers",
                 {},
                 {},
                 Presence::Sparse,
                 "of plans from before; `athlete` is read",
                 {},
                 {}},
                [](const Json& json, Request& request) {
                    request.athlete = request.athlete || json.value("athlete", false);
                },
                [](const Request&) { return std::optional<Json>(); });
    return fields;
}

} // namespace

Json toJson(const PlanRequest& request) {
    return requestFields().write(request);
}

Expected<PlanRequest> planRequestFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return requestFields().read(json); });
}

DocumentKind planRequestKind() {
    return {"Plan", requestFields().notes()};
}

} // namespace fusain

#include "record/girth/policy.hpp"

#include "record/girth/method.hpp"
#include "record/girth/site_field.hpp"
#include "record/method/policy_fields.hpp"

#include <algorithm>
#include <set>

namespace fusain {
namespace {

const Fields<girth::RepeatRule>& repeatFields() {
    using Rule = girth::RepeatRule;
    static const auto fields =
        Fields<Rule>("rule of the repeats")
            .optional("minimum_readings", &Rule::least, "of a site, before it has a value", between(3, 10))
            .optional("maximum_readings", &Rule::most, "of a site, in one session", between(3, 10))
            .optional("trunk_tolerance_cm", &Rule::trunkTolerance, "range of three readings of waist or hip",
                      aboveUpTo(0.0, 10.0))
            .optional("limb_tolerance_cm", &Rule::limbTolerance, "the same of neck, arm and thigh",
                      aboveUpTo(0.0, 10.0))
            .check([](const Rule& rule) {
                return std::string(
                    rule.least <= rule.most ? "" : "minimum_readings must not be more than maximum_readings");
            });
    return fields;
}

const Fields<GirthOfTheDay>& dayFields() {
    using Day = GirthOfTheDay;
    constexpr Limits limits = between(0.0, 10.0);
    static const auto fields = Fields<Day>("girth from day to day")
                                   .optional("waist_cm", &Day::waist, "standard deviation", limits)
                                   .optional("hip_cm", &Day::hip, "standard deviation", limits)
                                   .optional("neck_cm", &Day::neck, "standard deviation", limits)
                                   .optional("arm_cm", &Day::arm, "standard deviation", limits)
                                   .optional("thigh_cm", &Day::thigh, "standard deviation", limits);
    return fields;
}

std::string siteProblem(const GirthPolicy& policy) {
    const std::set<girth::Site> each(policy.sites.begin(), policy.sites.end());
    if (each.size() != policy.sites.size())
        return "sites has a site twice";
    return each.contains(girth::Site::Waist) ? "" : "sites must have the waist";
}

const Fields<GirthPolicy>& policyFields() {
    using Policy = GirthPolicy;
    static const auto fields =
        Fields<Policy>("policy of girths")
            .with(methodPolicyFields(GirthMethod::id))
            .optional("sites", &Policy::sites, "that a test needs")
            .flat(&Policy::repeats, repeatFields())
            .optional("repeat_floor_cm", &Policy::repeatFloor,
                      "least standard deviation assumed between readings", between(0.0, 5.0))
            .optional("tape_error_cm", &Policy::tapeError, "standard error of the tape", between(0.0, 5.0))
            .part("day_to_day", &Policy::dayToDay, dayFields(), "landmark found anew, food and breath",
                  Presence::Optional)
            .optional("waist_limits", &Policy::waistLimits, "id of published limits")
            .optional("waist_to_height_limits", &Policy::waistToHeightLimits, "id of published limits")
            .optional("waist_to_hip_limits", &Policy::waistToHipLimits, "id of published limits")
            .check(siteProblem);
    return fields;
}

std::optional<Problem> unusable(const GirthPolicy& policy, const std::string& where) {
    using girth::Index;
    for (const auto& [id, index] : {std::pair(&policy.waistLimits, Index::Waist),
                                    std::pair(&policy.waistToHeightLimits, Index::WaistToHeight),
                                    std::pair(&policy.waistToHipLimits, Index::WaistToHip)})
        if (const girth::LimitSet* known = girth::limitSet(*id); !known || known->index != index)
            return wrongPolicy({FUSAIN_TEXT("\"{1}\" is not a set of limits for this index."), {*id}}, where);
    return std::nullopt;
}

} // namespace

Json toJson(const GirthPolicy& policy) {
    return policyFields().write(policy);
}

Expected<GirthPolicy> girthPolicyFromJson(const Json& json, const std::string& where) {
    return readPolicy(json, where, policyFields(), unusable);
}

DocumentKind girthPolicyKind() {
    return {"Policy of girths", policyFields().notes()};
}

} // namespace fusain

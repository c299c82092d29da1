#include "record/method/policy.hpp"

#include "core/compartments/two_component.hpp"
#include "record/base/json.hpp"

#include <utility>

namespace fusain {
Problem wrongPolicy(Message what, const std::string& where) {
    return {std::move(what), where, {}, {FUSAIN_TEXT("Correct the policy, or use another one."), {}}};
}

void readMethodPolicy(const Json& json, MethodPolicy& policy) {
    policy.id = json.at("id").get<std::string>();
    policy.title = json.at("title").get<std::string>();
    policy.source = json.at("source").get<std::string>();
    policy.fatReference = json.at("fat_reference").get<std::string>();
    policy.physiologistSigns = json.value("physiologist_signs", true);
    policy.dryMassError = Kilograms(json.value("dry_mass_error_kg", policy.dryMassError.value()));
}

Json methodPolicyJson(const MethodPolicy& policy, std::string_view method) {
    return {{"id", policy.id},
            {"title", policy.title},
            {"method", method},
            {"source", policy.source},
            {"fat_reference", policy.fatReference},
            {"physiologist_signs", policy.physiologistSigns},
            {"dry_mass_error_kg", policy.dryMassError.value()}};
}

std::optional<Problem> problemWithConversions(const DensityPolicy& policy, const std::string& where) {
    for (const std::string& id : {policy.adultConversion, policy.childConversion})
        if (!compartments::findDensityConversion(id))
            return wrongPolicy({FUSAIN_TEXT("\"{1}\" is not a conversion of density to fat."), {id}}, where);
    if (!compartments::findDensityConversion(policy.childConversion)->childConstants)
        return wrongPolicy({FUSAIN_TEXT("\"{1}\" is not for children."), {policy.childConversion}}, where);
    return std::nullopt;
}

void readDensityPolicy(const Json& json, DensityPolicy& policy) {
    readMethodPolicy(json, policy);
    policy.adultConversion = json.at("adult_conversion").get<std::string>();
    policy.childConversion = json.at("child_conversion").get<std::string>();
    policy.fatFreeDensitySpread = json.value("fat_free_density_spread_kg_per_l", policy.fatFreeDensitySpread);
}

Json densityPolicyJson(const DensityPolicy& policy, std::string_view method) {
    Json json = methodPolicyJson(policy, method);
    json.update({{"adult_conversion", policy.adultConversion},
                 {"child_conversion", policy.childConversion},
                 {"fat_free_density_spread_kg_per_l", policy.fatFreeDensitySpread}});
    return json;
}

} // namespace fusain

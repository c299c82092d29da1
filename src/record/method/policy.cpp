#include "record/method/policy.hpp"

#include "core/compartments/two_component.hpp"
#include "record/base/json.hpp"

#include <utility>

namespace fusain {
Problem wrongPolicy(Message what, const std::string& where) {
    return {std::move(what), where, {}, {FUSAIN_TEXT("Correct the policy, or use another one."), {}}};
}

namespace {

// What a policy of before does not say is as the program ships it.
DayToDay dayFrom(const Json& json) {
    DayToDay day;
    const Json given = json.value("day", Json::object());
    const auto read = [&](const char* key, double usual) {
        const double value = given.value(key, usual);
        if (!(value >= 0.0))
            throw Json::other_error::create(501, "a day-to-day variation is not negative", &json);
        return value;
    };
    day.bodyWater = Kilograms(read("body_water_kg", day.bodyWater.value()));
    day.gutContent = Kilograms(read("gut_content_kg", day.gutContent.value()));
    day.gutGas = Litres(read("gut_gas_l", day.gutGas.value()));
    day.residualVolume = Litres(read("residual_volume_l", day.residualVolume.value()));
    day.thoracicGas = Litres(read("thoracic_gas_l", day.thoracicGas.value()));
    day.resistance = read("resistance", day.resistance);
    day.reactance = read("reactance", day.reactance);
    day.spectrumWater = Litres(read("spectrum_water_l", day.spectrumWater.value()));
    return day;
}

Json toJson(const DayToDay& day) {
    return {{"body_water_kg", day.bodyWater.value()},
            {"gut_content_kg", day.gutContent.value()},
            {"gut_gas_l", day.gutGas.value()},
            {"residual_volume_l", day.residualVolume.value()},
            {"thoracic_gas_l", day.thoracicGas.value()},
            {"resistance", day.resistance},
            {"reactance", day.reactance},
            {"spectrum_water_l", day.spectrumWater.value()}};
}

} // namespace

void readMethodPolicy(const Json& json, MethodPolicy& policy) {
    policy.id = json.at("id").get<std::string>();
    policy.title = json.at("title").get<std::string>();
    policy.source = json.at("source").get<std::string>();
    policy.fatReference = json.at("fat_reference").get<std::string>();
    policy.physiologistSigns = json.value("physiologist_signs", true);
    policy.dryMassError = Kilograms(json.value("dry_mass_error_kg", policy.dryMassError.value()));
    policy.day = dayFrom(json);
}

Json methodPolicyJson(const MethodPolicy& policy, std::string_view method) {
    return {{"id", policy.id},
            {"title", policy.title},
            {"method", method},
            {"source", policy.source},
            {"fat_reference", policy.fatReference},
            {"physiologist_signs", policy.physiologistSigns},
            {"dry_mass_error_kg", policy.dryMassError.value()},
            {"day", toJson(policy.day)}};
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
    // A policy that knows one spread had it for everybody.
    auto& spread = policy.fatFreeDensitySpread;
    if (const auto one = optionalAt<double>(json, "fat_free_density_spread_kg_per_l"))
        spread = {*one, *one};
    spread.others = json.value("fat_free_density_spread_others_kg_per_l", spread.others);
}

Json densityPolicyJson(const DensityPolicy& policy, std::string_view method) {
    Json json = methodPolicyJson(policy, method);
    json.update({{"adult_conversion", policy.adultConversion},
                 {"child_conversion", policy.childConversion},
                 {"fat_free_density_spread_kg_per_l", policy.fatFreeDensitySpread.healthyAdults},
                 {"fat_free_density_spread_others_kg_per_l", policy.fatFreeDensitySpread.others}});
    return json;
}

} // namespace fusain

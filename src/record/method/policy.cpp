#include "record/method/policy.hpp"

#include "core/compartments/two_component.hpp"
#include "record/method/policy_fields.hpp"

namespace fusain {
Problem wrongPolicy(Message what, const std::string& where) {
    return {std::move(what), where, {}, {FUSAIN_TEXT("Correct the policy, or use another one."), {}}};
}

namespace {

const Fields<DayToDay>& dayFields() {
    static const auto fields =
        Fields<DayToDay>("day-to-day variation")
            .optional("body_water_kg", &DayToDay::bodyWater, "water", atLeast(0.0))
            .optional("gut_content_kg", &DayToDay::gutContent, "content of the gut", atLeast(0.0))
            .optional("gut_gas_l", &DayToDay::gutGas, "gas in the gut", atLeast(0.0))
            .optional("residual_volume_l", &DayToDay::residualVolume, "residual volume", atLeast(0.0))
            .optional("thoracic_gas_l", &DayToDay::thoracicGas, "thoracic gas", atLeast(0.0))
            .optional("resistance", &DayToDay::resistance, "fraction of the resistance", between(0.0, 1.0))
            .optional("reactance", &DayToDay::reactance, "fraction of the reactance", between(0.0, 1.0))
            .optional("spectrum_water_l", &DayToDay::spectrumWater, "water from a spectrum", atLeast(0.0));
    return fields;
}

} // namespace

Fields<MethodPolicy> methodPolicyFields(std::string_view method) {
    using Policy = MethodPolicy;
    return Fields<Policy>("policy")
        .format("fusain-policy", 1)
        .constant("method", method)
        .required("id", &Policy::id, "stable; records name it")
        .required("title", &Policy::title, "as a person reads it")
        .required("source", &Policy::source, "where the rules and the choices come from")
        .required("fat_reference", &Policy::fatReference, "id of the reference set for % fat")
        .optional("physiologist_signs", &Policy::physiologistSigns, "whether a second signature is needed")
        .optional("dry_mass_error_kg", &Policy::dryMassError, "standard error of the scale", atLeast(0.0))
        .part("day", &Policy::day, dayFields(), "of an unchanged person, standard deviations",
              Presence::Optional);
}

Fields<DensityPolicy> densityPolicyFields(std::string_view method) {
    using Policy = DensityPolicy;
    auto fields = Fields<Policy>("policy");
    fields.with(methodPolicyFields(method))
        .required("adult_conversion", &Policy::adultConversion, "id of the conversion of density to fat")
        .required("child_conversion", &Policy::childConversion, "id of one that is for children");
    // A policy that knows one spread had it for everybody.
    const FieldNote healthy{"fat_free_density_spread_kg_per_l",
                            "number",
                            std::string(KilogramsPerLitre::symbol()),
                            between(0.0, 0.1),
                            Presence::Optional,
                            "of healthy adults, standard deviation",
                            {},
                            {}};
    fields.custom(
        healthy,
        [healthy](const Json& json, Policy& policy) {
            const KilogramsPerLitre spread(numberIn(json, healthy));
            policy.fatFreeDensitySpread = {spread, spread};
        },
        [](const Policy& policy) { return Json(policy.fatFreeDensitySpread.healthyAdults.value()); });
    FieldNote others = healthy;
    others.key = "fat_free_density_spread_others_kg_per_l";
    others.meaning = "of everybody else, standard deviation";
    fields.custom(
        others,
        [others](const Json& json, Policy& policy) {
            policy.fatFreeDensitySpread.others = KilogramsPerLitre(numberIn(json, others));
        },
        [](const Policy& policy) { return Json(policy.fatFreeDensitySpread.others.value()); });
    return fields;
}

std::optional<Problem> problemWithConversions(const DensityPolicy& policy, const std::string& where) {
    for (const std::string& id : {policy.adultConversion, policy.childConversion})
        if (!compartments::findDensityConversion(id))
            return wrongPolicy({FUSAIN_TEXT("\"{1}\" is not a conversion of density to fat."), {id}}, where);
    if (!compartments::findDensityConversion(policy.childConversion)->childConstants)
        return wrongPolicy({FUSAIN_TEXT("\"{1}\" is not for children."), {policy.childConversion}}, where);
    return std::nullopt;
}

} // namespace fusain

#include "record/any_policy.hpp"

#include "record/any_test.hpp"

namespace fusain {

const MethodPolicy& common(const AnyPolicy& policy) {
    return std::visit([](const MethodPolicy& shared) -> const MethodPolicy& { return shared; }, policy);
}

std::string_view methodOf(const AnyPolicy& policy) {
    return methods[policy.index()];
}

std::vector<std::string> equationsOf(const AnyPolicy& policy) {
    if (const auto* impedance = std::get_if<ImpedancePolicy>(&policy))
        return {impedance->adultFatFreeMass, impedance->childFatFreeMass, impedance->bodyWater,
                impedance->skeletalMuscle,   impedance->limbLean,         impedance->limbLeanOlder};
    if (std::holds_alternative<DxaPolicy>(policy))
        return {};
    if (const auto* tank = std::get_if<HydrostaticPolicy>(&policy))
        return {tank->adultConversion, tank->childConversion, tank->residualVolumeEquation};
    const auto& chamber = std::get<ChamberPolicy>(policy);
    return {chamber.adultConversion, chamber.childConversion};
}

Json toJson(const AnyPolicy& policy) {
    return std::visit([](const auto& own) { return toJson(own); }, policy);
}

Expected<AnyPolicy> anyPolicyFromJson(const Json& json, const std::string& where) {
    const auto method = readDocument(where, [&] { return json.at("method").get<std::string>(); });
    if (!method)
        return tl::unexpected(method.error());
    const auto widened = [](auto read) -> Expected<AnyPolicy> {
        if (!read)
            return tl::unexpected(read.error());
        return AnyPolicy(std::move(*read));
    };
    if (*method == methodHydrostatic)
        return widened(hydrostaticPolicyFromJson(json, where));
    if (*method == methodChamber)
        return widened(chamberPolicyFromJson(json, where));
    if (*method == methodImpedance)
        return widened(impedancePolicyFromJson(json, where));
    if (*method == methodDxa)
        return widened(dxaPolicyFromJson(json, where));
    return failure({FUSAIN_TEXT("\"{1}\" is not a method that this program knows."), {*method}}, where);
}

} // namespace fusain

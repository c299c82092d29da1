#include "record/all/policy.hpp"

#include "record/base/json.hpp"

namespace fusain {

const MethodPolicy& common(const AnyPolicy& policy) {
    return std::visit([](const MethodPolicy& shared) -> const MethodPolicy& { return shared; }, policy);
}

std::string_view methodOf(const AnyPolicy& policy) {
    return Methods::ids[policy.index()];
}

std::vector<std::string> equationsOf(const AnyPolicy& policy) {
    std::vector<std::string> equations;
    Methods::each([&]<class Method> {
        if (const auto* own = std::get_if<typename Method::Policy>(&policy))
            equations = Method::equations(*own);
    });
    return equations;
}

Json toJson(const AnyPolicy& policy) {
    return std::visit(
        []<class Policy>(const Policy& own) { return static_cast<Json (*)(const Policy&)>(&toJson)(own); },
        static_cast<const Methods::OneOf<PolicyOf>&>(policy));
}

DocumentKind documentKindOf(const AnyPolicy& policy) {
    return std::visit(Overloaded{[](const HydrostaticPolicy&) { return hydrostaticPolicyKind(); },
                                 [](const ChamberPolicy&) { return chamberPolicyKind(); },
                                 [](const ImpedancePolicy&) { return impedancePolicyKind(); },
                                 [](const DxaPolicy&) { return dxaPolicyKind(); },
                                 [](const GirthPolicy&) { return girthPolicyKind(); }},
                      static_cast<const Methods::OneOf<PolicyOf>&>(policy));
}

Expected<AnyPolicy> anyPolicyFromJson(const Json& json, const std::string& where) {
    const auto method = readDocument(where, [&] { return json.at("method").get<std::string>(); });
    if (!method)
        return tl::unexpected(method.error());
    Expected<AnyPolicy> policy;
    if (!Methods::with(*method, [&]<class Method> { policy = Method::policyFromJson(json, where); }))
        return failure({FUSAIN_TEXT("\"{1}\" is not a known method."), {*method}}, where);
    return policy;
}

} // namespace fusain

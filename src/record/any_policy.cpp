#include "record/any_policy.hpp"

#include "record/any_test.hpp"

namespace fusain {

const DensityPolicy& common(const AnyPolicy& policy) {
    return std::visit([](const DensityPolicy& shared) -> const DensityPolicy& { return shared; }, policy);
}

std::string_view methodOf(const AnyPolicy& policy) {
    return std::holds_alternative<HydrostaticPolicy>(policy) ? methodHydrostatic : methodChamber;
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
    return failure({FUSAIN_TEXT("\"{1}\" is not a method that this program knows."), {*method}}, where);
}

} // namespace fusain

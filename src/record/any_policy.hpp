#pragma once
#include "record/policy.hpp"

#include <variant>

namespace fusain {

/// A policy of any method.
using AnyPolicy = std::variant<HydrostaticPolicy, ChamberPolicy>;

[[nodiscard]] const DensityPolicy& common(const AnyPolicy& policy);
[[nodiscard]] std::string_view methodOf(const AnyPolicy& policy);
[[nodiscard]] Json toJson(const AnyPolicy& policy);
/// Reads a policy by its "method".
[[nodiscard]] Expected<AnyPolicy> anyPolicyFromJson(const Json& json, const std::string& where);

} // namespace fusain

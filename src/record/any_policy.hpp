#pragma once
#include "record/dxa_policy.hpp"
#include "record/impedance_policy.hpp"

#include <variant>

namespace fusain {

/// A policy of any method.
using AnyPolicy = std::variant<HydrostaticPolicy, ChamberPolicy, ImpedancePolicy, DxaPolicy>;

[[nodiscard]] const MethodPolicy& common(const AnyPolicy& policy);
[[nodiscard]] std::string_view methodOf(const AnyPolicy& policy);
/// Catalogue ids of the equations that a policy has chosen.
[[nodiscard]] std::vector<std::string> equationsOf(const AnyPolicy& policy);
[[nodiscard]] Json toJson(const AnyPolicy& policy);
/// Reads a policy by its "method".
[[nodiscard]] Expected<AnyPolicy> anyPolicyFromJson(const Json& json, const std::string& where);

} // namespace fusain

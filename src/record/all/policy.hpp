#pragma once
#include "record/all/methods.hpp"

namespace fusain {

template <class Method>
using PolicyOf = typename Method::Policy;

/// A policy of any method. A type of its own, so that headers can name it ahead.
struct AnyPolicy : Methods::OneOf<PolicyOf> {
    using variant::variant;
};

[[nodiscard]] const MethodPolicy& common(const AnyPolicy& policy);
[[nodiscard]] std::string_view methodOf(const AnyPolicy& policy);
/// Catalogue ids of the equations that a policy has chosen.
[[nodiscard]] std::vector<std::string> equationsOf(const AnyPolicy& policy);
[[nodiscard]] Json toJson(const AnyPolicy& policy);
/// The keys that its document has, with what they hold.
[[nodiscard]] DocumentKind documentKindOf(const AnyPolicy& policy);
/// Reads a policy by its "method".
[[nodiscard]] Expected<AnyPolicy> anyPolicyFromJson(const Json& json, const std::string& where);

} // namespace fusain

#pragma once
#include "record/base/fields.hpp"
#include "record/method/policy.hpp"

namespace fusain {

// For the sources of the policies only: the tables of what several of them decide.

[[nodiscard]] Fields<MethodPolicy> methodPolicyFields(std::string_view method);
/// Of both densitometric methods.
[[nodiscard]] Fields<DensityPolicy> densityPolicyFields(std::string_view method);

/// Reads a policy by its table and looks at what needs a catalogue. @param problemWith of a policy, nothing
/// when it can be used
template <class Policy, class ProblemWith>
[[nodiscard]] Expected<Policy> readPolicy(const Json& json, const std::string& where,
                                          const Fields<Policy>& fields, ProblemWith problemWith) {
    auto policy = readDocument(where, [&] { return fields.read(json); });
    if (policy)
        if (auto problem = problemWith(*policy, where))
            return tl::unexpected(*problem);
    return policy;
}

} // namespace fusain

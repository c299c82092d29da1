#pragma once
#include "procedure/all/methods.hpp"
#include "record/all/policy.hpp"
#include "record/all/record.hpp"

namespace fusain {

struct LabCatalogue;

/// The result of any method.
using AnyResult = Methods::OneOf<ResultOf>;

/// A raw record of any method together with the policy that it was computed by, and the result.
struct ComputedTest {
    AnyTest test;
    AnyPolicy policy;
    AnyResult result;

    [[nodiscard]] const RawTest& record() const { return common(test); }
    [[nodiscard]] const TestResult& shared() const;
    /// Fat and the rest; null for a test that gives none.
    [[nodiscard]] const compartments::Composition* composition() const;
    /// Null for a method that does not go through the density of the body.
    [[nodiscard]] const DensityResult* density() const;
    /// What the physiologist can say beyond fat.
    [[nodiscard]] std::vector<Message> findings() const;
    [[nodiscard]] std::vector<WorkedLine> sheet() const;
    /// As stored beside the raw record and printed by fusain-calc.
    [[nodiscard]] Json document() const;

    /// Calls visit(record, policy, result) with the types of the method; every overload gives the same type.
    template <class Visit>
    decltype(auto) visit(Visit&& visit) const {
        return std::visit(
            [&]<class Result>(const Result& found) -> decltype(auto) {
                using Method = typename Result::Method;
                return visit(std::get<typename Method::Record>(test), std::get<typename Method::Policy>(policy),
                             found);
            },
            result);
    }
};

/// Whether tests by this method can say how much fat there is; false for an unknown one.
[[nodiscard]] bool givesFat(std::string_view method);

/// Computes a record. @return a Problem when a reading is missing, when no permitted equation covers the
/// person, or when the policy is for another method
[[nodiscard]] Expected<ComputedTest> computeTest(const AnyTest& test, const AnyPolicy& policy,
                                                 const WhatIf& whatIf = {});

/// The policy as it stood when the test began; of the catalogue only for records that do not carry it.
/// @return a Problem when the one that it carries cannot be read, or the one that it names is not in the
/// catalogue: another never takes its place
[[nodiscard]] Expected<AnyPolicy> policyOf(const AnyTest& test, const LabCatalogue& catalogue);
/// The protocol as it stood when the test began; the same holds for it.
[[nodiscard]] Expected<Protocol> protocolOf(const AnyTest& test, const LabCatalogue& catalogue);
/// Computes a record by its own policy.
[[nodiscard]] Expected<ComputedTest> computeByItsPolicy(const AnyTest& test, const LabCatalogue& catalogue,
                                                        const WhatIf& whatIf = {});

} // namespace fusain

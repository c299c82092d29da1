#pragma once
#include "procedure/chamber_result.hpp"
#include "procedure/hydrostatic_result.hpp"
#include "procedure/impedance_result.hpp"
#include "procedure/lab_catalogue.hpp"
#include "procedure/worked_sheet.hpp"

namespace fusain {

using AnyResult = std::variant<HydrostaticResult, ChamberResult, ImpedanceResult, DxaResult>;

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
    [[nodiscard]] std::vector<WorkedLine> sheet() const;
    /// As stored beside the raw record and printed by fusain-calc.
    [[nodiscard]] Json document() const;
};

/// Computes a record. @return a Problem when a reading is missing, when no permitted equation covers the
/// person, or when the policy is for another method
[[nodiscard]] Expected<ComputedTest> computeTest(const AnyTest& test, const AnyPolicy& policy,
                                                 const WhatIf& whatIf = {});

/// The policy as it stood when the test began; the shipped one only for records that do not carry it.
[[nodiscard]] AnyPolicy policyOf(const AnyTest& test, const LabCatalogue& catalogue);

} // namespace fusain

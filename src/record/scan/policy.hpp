#pragma once
#include "core/dxa/composition.hpp"
#include "core/dxa/scan_rules.hpp"
#include "record/base/document_kind.hpp"
#include "record/method/policy.hpp"
#include "record/scan/record.hpp"

namespace fusain {

/// How this lab measures on its densitometer.
struct DxaPolicy : MethodPolicy {
    ScannerSetup scanner{"Scanner", "", "whole body"};
    dxa::FatConvention convention = dxa::FatConvention::WholeMass; ///< of the percentages shown by region
    dxa::ScanPrecision precision;
    dxa::ScanLimits limits;
    dxa::BalanceThreshold balance;
    Percent phantomTolerance{0.5}; ///< a lab-adjustable default: about three of its deviations
    Microsieverts dosePerScan{5.0};
    Microsieverts yearlyDose{50.0};         ///< above it the licensed operator decides; an engineering choice
    Microsieverts yearlyDoseOfMinors{20.0}; ///< the same below 18 years
    [[nodiscard]] Microsieverts yearlyDoseOf(Years age) const {
        return age < anthropometry::adultAge ? std::min(yearlyDose, yearlyDoseOfMinors) : yearlyDose;
    }
    Kilograms tableLimit{150.0}; ///< as printed on the machine
};

[[nodiscard]] Json toJson(const DxaPolicy& policy);
/// Reads and checks a policy: errors, tolerances and limits above zero.
[[nodiscard]] Expected<DxaPolicy> dxaPolicyFromJson(const Json& json, const std::string& where);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind dxaPolicyKind();

} // namespace fusain

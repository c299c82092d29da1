#pragma once
#include "procedure/method/method.hpp"
#include "procedure/scan/procedure.hpp"
#include "procedure/scan/result.hpp"
#include "procedure/scan/sheet.hpp"

namespace fusain {

/// The densitometer on the floor of procedures.
template <>
struct Running<ScanMethod> {
    using Procedure = DxaProcedure;
    using Result = DxaResult;
    /// The instrument whose precision studies speak of this method.
    static constexpr std::string_view precisionInstrument = "scanner";

    /// Whether its tests can say how much fat there is.
    static constexpr bool givesFat = true;
    /// Whether a lung volume can be tried on the worked sheet.
    static constexpr bool triesLungGas = false;
    /// What can be tried in place of the equation that gives fat.
    [[nodiscard]] static std::vector<EquationChoice> equationsToTry() {
        return {}; // a scan's own equations are not published
    }
    /// The run sheet, one row a step.
    [[nodiscard]] static std::span<const StepText> sheet() { return dxaSteps(); }
    [[nodiscard]] static Expected<Result> compute(const DxaTest& test, const DxaPolicy& policy, const WhatIf&) {
        return computeDxa(test, policy);
    }
    /// Puts the lab's own calibrations into the policy of a new test: this method has none.
    static void takeCalibrations(DxaPolicy&, const SettingOf&) {}
    /// Brings the instrument to how the policy says it is connected, until somebody says otherwise.
    [[nodiscard]] static Expected<void> setUp(Procedure& procedure, const DxaPolicy& policy) {
        return procedure.setScanner(policy.scanner);
    }
    /// Fat and the rest; null for a test that gives none.
    [[nodiscard]] static const compartments::Composition* composition(const Result& result) {
        return &result.composition;
    }
    /// Null for a method that does not go through the density of the body.
    [[nodiscard]] static const DensityResult* density(const Result&) { return nullptr; }
    /// What the physiologist can say beyond fat.
    [[nodiscard]] static std::vector<Message> findings(const Result& result, const DxaTest& test) {
        return dxaFindings(result, test);
    }
};

} // namespace fusain

#pragma once
#include "procedure/impedance/procedure.hpp"
#include "procedure/impedance/result.hpp"
#include "procedure/impedance/sheet.hpp"
#include "procedure/method/method.hpp"

namespace fusain {

/// The impedance analyzer on the floor of procedures.
template <>
struct Running<ImpedanceMethod> {
    using Procedure = ImpedanceProcedure;
    using Result = ImpedanceResult;
    /// The instrument whose precision studies speak of this method.
    static constexpr std::string_view precisionInstrument = "analyzer";

    /// Whether its tests can say how much fat there is.
    static constexpr bool givesFat = true;
    /// Whether a lung volume can be tried on the worked sheet.
    static constexpr bool triesLungGas = false;
    /// What can be tried in place of the equation that gives fat.
    [[nodiscard]] static std::vector<EquationChoice> equationsToTry() { return fatFreeMassEquations(); }
    /// The run sheet, one row a step.
    [[nodiscard]] static std::span<const StepText> sheet() { return impedanceSteps(); }
    [[nodiscard]] static Expected<Result> compute(const ImpedanceTest& test, const ImpedancePolicy& policy,
                                                  const WhatIf& whatIf) {
        return computeImpedance(test, policy, whatIf);
    }
    /// Puts the lab's own calibrations, by sex, into the policy of a new test.
    static void takeCalibrations(ImpedancePolicy& policy, const SettingOf& setting) {
        fusain::takeCalibrations(policy, setting);
    }
    /// Brings the instrument to how the policy says it is connected, until somebody says otherwise.
    [[nodiscard]] static Expected<void> setUp(Procedure& procedure, const ImpedancePolicy& policy) {
        return procedure.setUp(
            {policy.analyzer, {}, policy.electrodes, policy.geometry, "right", std::nullopt});
    }
    /// Fat and the rest; null for a test that gives none.
    [[nodiscard]] static const compartments::Composition* composition(const Result& result) {
        return result.composition ? &*result.composition : nullptr;
    }
    /// Null for a method that does not go through the density of the body.
    [[nodiscard]] static const DensityResult* density(const Result&) { return nullptr; }
    /// What the physiologist can say beyond fat.
    [[nodiscard]] static std::vector<Message> findings(const Result& result, const ImpedanceTest& test) {
        return impedanceFindings(result, test.subject);
    }
};

} // namespace fusain

#pragma once
#include "procedure/method/method.hpp"
#include "procedure/tank/procedure.hpp"
#include "procedure/tank/result.hpp"
#include "procedure/tank/sheet.hpp"

namespace fusain {

/// Underwater weighing on the floor of procedures.
template <>
struct Running<TankMethod> {
    using Procedure = HydrostaticProcedure;
    using Result = HydrostaticResult;
    /// The instrument whose precision studies speak of this method.
    static constexpr std::string_view precisionInstrument = "load-cell";

    /// Whether its tests can say how much fat there is.
    static constexpr bool givesFat = true;
    /// Whether a lung volume can be tried on the worked sheet.
    static constexpr bool triesLungGas = true;
    /// What can be tried in place of the equation that gives fat.
    [[nodiscard]] static std::vector<EquationChoice> equationsToTry() { return densityConversionsToTry(); }
    /// The run sheet, one row a step.
    [[nodiscard]] static std::span<const StepText> sheet() { return hydrostaticSteps(); }
    [[nodiscard]] static Expected<Result> compute(const HydrostaticTest& test, const HydrostaticPolicy& policy,
                                                  const WhatIf& whatIf) {
        return computeHydrostatic(test, policy, whatIf);
    }
    /// Puts the lab's own calibrations into the policy of a new test: this method has none.
    static void takeCalibrations(HydrostaticPolicy&, const SettingOf&) {}
    /// Brings the instrument to how the policy says it is connected, until somebody says otherwise.
    [[nodiscard]] static Expected<void> setUp(Procedure&, const HydrostaticPolicy&) {
        return {}; // nothing has to be said to the instrument
    }
    /// Fat and the rest; null for a test that gives none.
    [[nodiscard]] static const compartments::Composition* composition(const Result& result) {
        return &result.body;
    }
    /// Null for a method that does not go through the density of the body.
    [[nodiscard]] static const DensityResult* density(const Result& result) { return &result; }
    /// What the physiologist can say beyond fat.
    [[nodiscard]] static std::vector<Message> findings(const Result&, const HydrostaticTest&) { return {}; }
};

} // namespace fusain

#pragma once
#include "procedure/chamber/procedure.hpp"
#include "procedure/chamber/result.hpp"
#include "procedure/chamber/sheet.hpp"
#include "procedure/method/method.hpp"

namespace fusain {

/// Air displacement on the floor of procedures.
template <>
struct Running<ChamberMethod> {
    using Procedure = ChamberProcedure;
    using Result = ChamberResult;
    /// The instrument whose precision studies speak of this method.
    static constexpr std::string_view precisionInstrument = "chamber";

    /// Whether its tests can say how much fat there is.
    static constexpr bool givesFat = true;
    /// Whether a lung volume can be tried on the worked sheet.
    static constexpr bool triesLungGas = true;
    /// What can be tried in place of the equation that gives fat.
    [[nodiscard]] static std::vector<EquationChoice> equationsToTry() { return densityConversionsToTry(); }
    /// The run sheet, one row a step.
    [[nodiscard]] static std::span<const StepText> sheet() { return chamberSteps(); }
    [[nodiscard]] static Expected<Result> compute(const ChamberTest& test, const ChamberPolicy& policy,
                                                  const WhatIf& whatIf) {
        return computeChamber(test, policy, whatIf);
    }
    /// Puts the lab's own calibrations into the policy of a new test: this method has none.
    static void takeCalibrations(ChamberPolicy&, const SettingOf&) {}
    /// Brings the instrument to how the policy says it is connected, until somebody says otherwise.
    [[nodiscard]] static Expected<void> setUp(Procedure&, const ChamberPolicy&) {
        return {}; // nothing has to be said to the instrument
    }
    /// Fat and the rest; null for a test that gives none.
    [[nodiscard]] static const compartments::Composition* composition(const Result& result) {
        return &result.body;
    }
    /// Null for a method that does not go through the density of the body.
    [[nodiscard]] static const DensityResult* density(const Result& result) { return &result; }
    /// What the physiologist can say beyond fat.
    [[nodiscard]] static std::vector<Message> findings(const Result&, const ChamberTest&) { return {}; }
};

} // namespace fusain

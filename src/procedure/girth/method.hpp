#pragma once
#include "procedure/girth/procedure.hpp"
#include "procedure/girth/result.hpp"
#include "procedure/girth/sheet.hpp"
#include "procedure/method/method.hpp"

namespace fusain {

/// Girths with a tape on the floor of procedures.
template <>
struct Running<GirthMethod> {
    using Procedure = GirthProcedure;
    using Result = GirthResult;
    /// The instrument whose precision studies speak of this method.
    static constexpr std::string_view precisionInstrument = "tape";

    /// Whether its tests can say how much fat there is.
    static constexpr bool givesFat = false;
    /// Whether a lung volume can be tried on the worked sheet.
    static constexpr bool triesLungGas = false;
    /// What can be tried in place of the equation that gives fat.
    [[nodiscard]] static std::vector<EquationChoice> equationsToTry() {
        return {}; // a girth gives no fat
    }
    /// The run sheet, one row a step.
    [[nodiscard]] static std::span<const StepText> sheet() { return girthSteps(); }
    [[nodiscard]] static Expected<Result> compute(const GirthTest& test, const GirthPolicy& policy,
                                                  const WhatIf&) {
        return computeGirths(test, policy);
    }
    /// Puts the lab's own calibrations into the policy of a new test: this method has none.
    static void takeCalibrations(GirthPolicy&, const SettingOf&) {}
    /// Brings the instrument to how the policy says it is connected, until somebody says otherwise.
    [[nodiscard]] static Expected<void> setUp(Procedure&, const GirthPolicy&) {
        return {}; // nothing has to be said to a tape
    }
    /// Fat and the rest; null for a test that gives none.
    [[nodiscard]] static const compartments::Composition* composition(const Result&) { return nullptr; }
    /// Null for a method that does not go through the density of the body.
    [[nodiscard]] static const DensityResult* density(const Result&) { return nullptr; }
    /// What the physiologist can say beyond fat.
    [[nodiscard]] static std::vector<Message> findings(const Result& result, const GirthTest& test) {
        return girthFindings(result, test.subject.sex);
    }
};

} // namespace fusain

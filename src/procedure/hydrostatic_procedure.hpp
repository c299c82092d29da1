#pragma once
#include "core/lung/vital_capacity.hpp"
#include "procedure/hydrostatic_steps.hpp"
#include "procedure/procedure.hpp"
#include "record/policy.hpp"

namespace fusain {

using HydrostaticSetting = Setting<HydrostaticPolicy>;

/// One underwater weighing, from the empty tank to the signed report.
class HydrostaticProcedure : public MethodProcedure<HydrostaticProcedure, HydrostaticTest, HydrostaticPolicy> {
public:
    [[nodiscard]] std::span<const StepText> steps() const override;
    [[nodiscard]] HydrostaticStep currentStep() const { return current().as<HydrostaticStep>(); }
    [[nodiscard]] lung::SessionJudgement vitalCapacity() const;
    [[nodiscard]] hydrostatic::TrialJudgement trials() const;

    Done checkLoadCell(Kilograms tare, Kilograms referenceNominal, Kilograms referenceReading);
    Done readWaterTemperature(Celsius temperature, Origin origin);
    Done weighDry(Kilograms mass, Origin origin);
    Done readRoom(Celsius temperature, MillimetresOfMercury pressure, Origin origin);
    /// @param volume L BTPS
    Done addEffort(Litres volume, bool acceptable, const std::string& remark, Origin origin);
    Done measureResidualVolume(Litres volume, const std::string& method);
    /// @param gross steady indicator reading; @param standardError of that reading
    Done acceptTrial(Kilograms gross, Kilograms standardError, Origin origin, const std::string& reading = {},
                     std::vector<hydrostatic::ForceSample> trace = {});
    Done setAside(int trial, const std::string& reason);
    Done restore(int trial);

protected:
    [[nodiscard]] std::vector<Step> requiredFor(Step step) const override;
    [[nodiscard]] bool readingDone(Step step) const override;
    [[nodiscard]] bool needsAttention(Step step) const override;

private:
    friend MethodProcedure;
    using MethodProcedure::MethodProcedure;
};

/// Largest disagreement of the load cell with its reference mass, kg: an engineering choice of this program,
/// worth 0.14 %fat in a 70 kg person.
inline constexpr double loadCellTolerance = 0.02;

} // namespace fusain

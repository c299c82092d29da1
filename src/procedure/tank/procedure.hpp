#pragma once
#include "core/lung/vital_capacity.hpp"
#include "procedure/method/procedure.hpp"
#include "procedure/tank/events.hpp"
#include "procedure/tank/steps.hpp"
#include "record/tank/method.hpp"

namespace fusain {

using HydrostaticSetting = Setting<HydrostaticPolicy>;

/// One underwater weighing, from the empty tank to the signed report.
class HydrostaticProcedure : public MethodProcedure<HydrostaticProcedure, TankMethod> {
public:
    [[nodiscard]] std::span<const StepText> steps() const override { return hydrostaticSteps(); }
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
    Done setAside(int number, const std::string& reason);
    Done restore(int number);

protected:
    [[nodiscard]] bool readingDone(Step step) const override;
    [[nodiscard]] bool needsAttention(Step step) const override;

private:
    friend MethodProcedure;
    using MethodProcedure::MethodProcedure;
};

} // namespace fusain

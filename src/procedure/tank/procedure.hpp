#pragma once
#include "core/lung/vital_capacity.hpp"
#include "procedure/method/procedure.hpp"
#include "procedure/tank/steps.hpp"
#include "record/tank/method.hpp"

namespace fusain {

using HydrostaticSetting = Setting<HydrostaticPolicy>;

/// Does to the record what an event says; throws Json::exception for readDocument.
void applyEvent(HydrostaticTest& test, const Event& event);
/// Reads what an event says and does nothing; throws Json::exception for what could not be read again.
void checkEvent(const HydrostaticTest& test, const Event& event);

/// One underwater weighing, from the empty tank to the signed report.
class HydrostaticProcedure : public MethodProcedure<HydrostaticProcedure, TankMethod> {
public:
    [[nodiscard]] std::span<const StepText> steps() const override { return hydrostaticSteps(); }
    [[nodiscard]] HydrostaticStep currentStep() const { return current().as<HydrostaticStep>(); }
    [[nodiscard]] lung::SessionJudgement vitalCapacity() const;
    [[nodiscard]] hydrostatic::TrialJudgement trials() const;

    Done checkLoadCell(Kilograms tare, Kilograms referenceNominal, Kilograms referenceReading,
                       const Attribution& from = Attribution::typed());
    Done readWaterTemperature(Celsius temperature, const Attribution& from);
    /// @param keptBecause why it is this client's although it is far from what they weighed before
    Done weighDry(Kilograms mass, const Attribution& from, const std::string& keptBecause = {});
    Done readRoom(Celsius temperature, MillimetresOfMercury pressure, const Attribution& from);
    /// Whether a person can have this vital capacity (L BTPS, 0.5 to 10): no other one is accepted.
    [[nodiscard]] static bool possibleVitalCapacity(Litres volume);
    /// @param volume L BTPS
    Done addEffort(Litres volume, bool acceptable, const std::string& remark, const Attribution& from);
    Done measureResidualVolume(Litres volume, const std::string& method,
                               const Attribution& from = Attribution::typed());
    /// A reading that somebody took from the indicator. @param gross steady indicator reading
    /// @param standardError of that reading
    Done acceptTrial(Kilograms gross, Kilograms standardError, const Attribution& from = Attribution::typed());
    /// Reads a recorded trace and accepts what it reads. @return a Problem with what the trace shows when it
    /// has no steady reading
    Done acceptTrace(std::vector<hydrostatic::ForceSample> trace, const Attribution& from);
    /// Whether what was recorded is still to be taken: not when the load cell was checked again since it began.
    /// When the next dive may begin; nothing before the first.
    [[nodiscard]] std::optional<Instant> restUntil() const;
    [[nodiscard]] Done recordedUnderThisCheck(const Attribution& from) const;
    Done setAside(int number, const std::string& reason);
    Done restore(int number);

protected:
    [[nodiscard]] std::optional<Json> resultDocument() const override;
    [[nodiscard]] bool readingDone(Step step) const override;
    [[nodiscard]] bool needsAttention(Step step) const override;

private:
    Done keepTrial(WeighingTrial trial);

    friend MethodProcedure;
    using MethodProcedure::MethodProcedure;
};

} // namespace fusain

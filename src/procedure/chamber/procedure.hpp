#pragma once
#include "core/airdisplacement/trial_rules.hpp"
#include "procedure/chamber/events.hpp"
#include "procedure/chamber/steps.hpp"
#include "procedure/method/procedure.hpp"
#include "record/chamber/method.hpp"

namespace fusain {

using ChamberSetting = Setting<ChamberPolicy>;

/// One test in the air-displacement chamber.
class ChamberProcedure : public MethodProcedure<ChamberProcedure, ChamberMethod> {
public:
    [[nodiscard]] std::span<const StepText> steps() const override { return chamberSteps(); }
    [[nodiscard]] ChamberStep currentStep() const { return current().as<ChamberStep>(); }
    /// Of the present set.
    [[nodiscard]] airdisplacement::TrialJudgement trials() const;

    Done checkScale(Kilograms nominal, Kilograms reading);
    /// From recorded pressures.
    Done calibrate(const airdisplacement::Calibration& calibration);
    /// Typed from a chamber that calibrates itself: what it read for the cylinder.
    Done calibrateTyped(Litres certified, Litres reading);
    Done weigh(Kilograms mass, Origin origin);
    /// @param volume raw, L
    Done acceptTrial(Litres volume, Litres standardError, Origin origin, const std::string& reading = {},
                     std::vector<airdisplacement::PressureSample> samples = {});
    Done setAside(int number, const std::string& reason);
    Done restore(int number);
    /// Gives the present set up: a new calibration and new trials are needed.
    Done startOver(const std::string& reason);
    Done measureThoracicGas(Litres volume, const std::string& method);

protected:
    [[nodiscard]] bool readingDone(Step step) const override;
    [[nodiscard]] bool needsAttention(Step step) const override;

private:
    friend MethodProcedure;
    using MethodProcedure::MethodProcedure;
};

/// Largest error of a cylinder read by a chamber that calibrates itself: an engineering choice of this program.
inline constexpr double cylinderTolerance = 0.100; // L

} // namespace fusain

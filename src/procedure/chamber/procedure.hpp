#pragma once
#include "core/airdisplacement/trial_rules.hpp"
#include "procedure/chamber/steps.hpp"
#include "procedure/method/procedure.hpp"
#include "record/chamber/method.hpp"

namespace fusain {

using ChamberSetting = Setting<ChamberPolicy>;

/// Does to the record what an event says; throws Json::exception for readDocument.
void applyEvent(ChamberTest& test, const Event& event);
/// Reads what an event says and does nothing; throws Json::exception for what could not be read again.
void checkEvent(const ChamberTest& test, const Event& event);

/// One test in the air-displacement chamber.
class ChamberProcedure : public MethodProcedure<ChamberProcedure, ChamberMethod> {
public:
    [[nodiscard]] std::span<const StepText> steps() const override { return chamberSteps(); }
    [[nodiscard]] ChamberStep currentStep() const { return current().as<ChamberStep>(); }
    /// Of the present set.
    [[nodiscard]] airdisplacement::TrialJudgement trials() const;

    Done checkScale(Kilograms nominal, Kilograms reading, const Attribution& from = Attribution::typed());
    /// From recorded pressures.
    Done calibrate(const airdisplacement::Calibration& calibration,
                   const Attribution& from = Attribution::typed());
    /// Typed from a chamber that calibrates itself: what it read for the cylinder.
    Done calibrateTyped(Litres certified, Litres reading, const Attribution& from = Attribution::typed());
    /// @param keptBecause why it is this client's although it is far from what they weighed before
    Done weigh(Kilograms mass, const Attribution& from, const std::string& keptBecause = {});
    /// A volume that somebody read from the chamber. @param volume raw, L
    Done acceptTrial(Litres volume, Litres standardError, const Attribution& from = Attribution::typed());
    /// What recorded pressures say by the present calibration and the mass; nothing without these.
    [[nodiscard]] std::optional<airdisplacement::VolumeReadingResult>
    read(std::span<const airdisplacement::PressureSample> samples) const;
    /// What the pressures of a kept trial say by the calibration that it was taken under.
    [[nodiscard]] std::optional<airdisplacement::VolumeReadingResult> readAgain(const VolumeTrial& trial) const;
    /// Reads recorded pressures and accepts what they read. @return a Problem with what they show when no
    /// volume stands
    Done acceptPressures(std::vector<airdisplacement::PressureSample> samples, const Attribution& from);
    Done setAside(int number, const std::string& reason);
    Done restore(int number);
    /// Gives the present set up: a new calibration and new trials are needed.
    Done startOver(const std::string& reason);
    Done measureThoracicGas(Litres volume, const std::string& method,
                            const Attribution& from = Attribution::typed());

protected:
    [[nodiscard]] std::optional<Json> resultDocument() const override;
    [[nodiscard]] bool readingDone(Step step) const override;
    [[nodiscard]] bool needsAttention(Step step) const override;

private:
    [[nodiscard]] std::optional<airdisplacement::VolumeReadingResult>
    readUnder(const ChamberCalibration* calibration,
              std::span<const airdisplacement::PressureSample> samples) const;
    Done keepTrial(VolumeTrial trial);

    friend MethodProcedure;
    using MethodProcedure::MethodProcedure;
};

/// Largest error of a cylinder read by a chamber that calibrates itself: a lab-adjustable default.
inline constexpr Litres cylinderTolerance{0.100};

} // namespace fusain

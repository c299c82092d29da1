#pragma once
#include "desktop/bench/step_panel.hpp"
#include "desktop/widgets/pressure_recorder.hpp"

namespace fusain::desktop {

/// The chamber's scale: zero, then the reference masses.
class ScalePanel : public StepPanel {
    Q_OBJECT
public:
    explicit ScalePanel(Session& session);
    void refresh() override;
    [[nodiscard]] QString primaryText() const override { return tr("Keep the check"); }
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;

private:
    [[nodiscard]] std::optional<double> reading() const;
    QLabel* live_;
    ValueField* nominal_;
    ValueField* reading_;
};

/// Empty, then with the cylinder; or typed from a chamber that calibrates itself.
class CalibrationPanel : public StepPanel {
    Q_OBJECT
public:
    explicit CalibrationPanel(Session& session);
    void refresh() override;
    [[nodiscard]] QString primaryText() const override;
    [[nodiscard]] bool primaryEnabled() const override { return !recorder_->recording(); }
    void primary() override;
    void repeat() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;

private:
    void recorded();
    PressureRecorder* recorder_;
    std::vector<airdisplacement::PressureSample> empty_;
    ValueField* certified_;
    ValueField* reading_;
    QLabel* progress_;
    QLabel* state_;
};

} // namespace fusain::desktop

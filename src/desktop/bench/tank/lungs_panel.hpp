#pragma once
#include "core/lung/vital_capacity.hpp"
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/step_panel.hpp"
#include "procedure/tank/method.hpp"

namespace fusain::desktop {

/// Vital capacity from the spirometer link or typed, and a residual volume measured elsewhere.
class LungsPanel : public MethodPanel<TankMethod> {
    Q_OBJECT
public:
    explicit LungsPanel(Session& session);
    void refresh() override;
    [[nodiscard]] QString primaryText() const override;
    void primary() override;
    void repeat() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;

private:
    enum class State { Idle, Blowing, Judged };
    [[nodiscard]] bool linked() const;
    void takeFrame(const link::Frame& frame);
    void finishEffort();
    void keepEffort();
    void keepTyped();
    void keepResidualVolume();
    void goWithout();
    [[nodiscard]] std::optional<double> btps() const;

    State state_ = State::Idle;
    std::vector<lung::VolumeSample> curve_;
    std::optional<lung::ManoeuvreQuality> judged_;
    FigureView* plot_;
    ValueField* temperature_;
    ValueField* pressure_;
    ValueField* typed_;
    ValueField* residual_;
    QLineEdit* method_;
    QLabel* efforts_;
};

} // namespace fusain::desktop

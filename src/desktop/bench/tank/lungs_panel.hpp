#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/recordings/tank/blow_recording.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "procedure/tank/method.hpp"

namespace fusain::desktop {

/// Vital capacity from the spirometer link or typed, and a residual volume measured elsewhere.
class LungsPanel : public MethodPanel<TankMethod> {
    Q_OBJECT
public:
    explicit LungsPanel(Session& session);
    void refresh() override;
    void entered() override;
    [[nodiscard]] QString primaryText() const override;
    void primary() override;
    void repeat() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;

private:
    [[nodiscard]] bool linked() const;
    /// Shows the blow as it stands and judges a complete one.
    void judge();
    [[nodiscard]] Expected<void> keepRoom();
    void keepBlow();
    [[nodiscard]] bool canBeKept() const;
    void keepTyped();
    void keepResidualVolume();
    void goWithout();
    [[nodiscard]] std::optional<double> btps() const;

    Attribution roomFrom_; ///< where temperature and pressure in the fields come from
    std::optional<lung::ManoeuvreQuality> judged_;
    std::vector<std::vector<lung::VolumeSample>> curves_; ///< of the efforts kept since the step began
    FigureView* plot_;
    ValueField* temperature_;
    ValueField* pressure_;
    ValueField* typed_;
    ValueField* residual_;
    QLineEdit* method_;
    QLabel* efforts_;
};

} // namespace fusain::desktop

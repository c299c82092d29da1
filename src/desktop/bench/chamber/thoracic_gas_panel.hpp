#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/recordings/chamber/pressure_recording.hpp"
#include "procedure/chamber/method.hpp"

namespace fusain::desktop {

/// Thoracic gas: panting in the chamber, typed from elsewhere, or predicted.
class ThoracicGasPanel : public MethodPanel<ChamberMethod> {
    Q_OBJECT
public:
    explicit ThoracicGasPanel(Session& session);
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
    void judge();
    void keepTyped();
    void goPredicted();
    std::optional<airdisplacement::PantingResult> result_;
    ValueField* barometric_;
    ValueField* typed_;
    QLineEdit* method_;
    QLabel* state_;
};

} // namespace fusain::desktop

#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/reading_panels.hpp"
#include "desktop/recordings/chamber/pressure_recording.hpp"
#include "desktop/views/check_scale.hpp"
#include "procedure/chamber/method.hpp"

namespace fusain::desktop {

/// The chamber's scale: zero, then the reference masses.
class ScalePanel : public MethodPanel<ChamberMethod> {
    Q_OBJECT
public:
    explicit ScalePanel(Session& session);
    void refresh() override;
    void entered() override;
    [[nodiscard]] QString primaryText() const override;
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    [[nodiscard]] QString conclusion() const override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;

private:
    [[nodiscard]] bool typed() const;
    [[nodiscard]] std::optional<double> reading() const;
    void showScale();
    QLabel* live_;
    CheckScale* scale_;
    ValueField* nominal_;
    ValueField* reading_;
};

/// Empty, then with the cylinder; or typed from a chamber that calibrates itself.
class CalibrationPanel : public MethodPanel<ChamberMethod> {
    Q_OBJECT
public:
    explicit CalibrationPanel(Session& session);
    void refresh() override;
    void entered() override;
    [[nodiscard]] QString primaryText() const override;
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    void repeat() override;
    [[nodiscard]] QString conclusion() const override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;

private:
    void accept();
    void showStations();
    FigureView *stations_, *strip_;
    CheckScale* scale_;
    ValueField* certified_;
    ValueField* reading_;
    QLabel* progress_;
    QLabel* state_;
};

[[nodiscard]] ReadingPanel* chamberMassPanel(Session& session);

} // namespace fusain::desktop

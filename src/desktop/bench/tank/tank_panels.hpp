#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/reading_panels.hpp"
#include "desktop/views/check_scale.hpp"
#include "procedure/tank/method.hpp"

namespace fusain::desktop {

/// Zero with chair and belt, then the reference mass.
class LoadCellPanel : public MethodPanel<TankMethod> {
    Q_OBJECT
public:
    explicit LoadCellPanel(Session& session);
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
    [[nodiscard]] bool linked() const;
    void showLive();
    void showStations();
    enum class Stage { Zero, Reference } stage_ = Stage::Zero;
    QLabel* live_;
    FigureView* stations_;
    CheckScale* scale_;
    ValueField* tare_;
    ValueField* nominal_;
    ValueField* reading_;
    QLabel* history_;
};

[[nodiscard]] ReadingPanel* waterTemperaturePanel(Session& session);
[[nodiscard]] ReadingPanel* dryMassPanel(Session& session);

} // namespace fusain::desktop

#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/views/check_scale.hpp"
#include "procedure/girth/method.hpp"

namespace fusain::desktop {

/// The tape along a rule of known length.
class TapePanel : public MethodPanel<GirthMethod> {
    Q_OBJECT
public:
    explicit TapePanel(Session& session);
    void refresh() override;
    void entered() override;
    [[nodiscard]] QString primaryText() const override;
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    [[nodiscard]] QString conclusion() const override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override { return reading_->edit(); }
    [[nodiscard]] QLineEdit* typingField() const override { return reading_->edit(); }

private:
    void showError();
    CheckScale* scale_;
    ValueField *nominal_, *reading_;
};

} // namespace fusain::desktop

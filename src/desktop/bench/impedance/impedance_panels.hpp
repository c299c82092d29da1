#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/views/check_scale.hpp"
#include "procedure/impedance/method.hpp"

namespace fusain::desktop {

/// The test module in place of the person.
class ModulePanel : public MethodPanel<ImpedanceMethod> {
    Q_OBJECT
public:
    explicit ModulePanel(Session& session);
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
    void keep(double reading, const Attribution& from);
    QLabel* live_;
    CheckScale* scale_;
    ValueField* nominal_;
    ValueField* reading_;
};

/// Who is here: the code typed or scanned, the height, and the history that appears, so that nobody is taken
/// for somebody else.
class IdentityPanel : public MethodPanel<ImpedanceMethod> {
    Q_OBJECT
public:
    explicit IdentityPanel(Session& session);
    void refresh() override;
    void entered() override;
    [[nodiscard]] QString primaryText() const override { return tr("It is this person"); }
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] QWidget* firstField() const override { return code_; }

private:
    [[nodiscard]] std::vector<impedance::IdentityDoubt> doubts() const;
    QLineEdit* code_;
    ValueField* height_;
    QLabel* doubt_;
    QLabel* history_;
};

} // namespace fusain::desktop

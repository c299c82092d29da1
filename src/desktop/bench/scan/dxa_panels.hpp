#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/views/check_scale.hpp"
#include "procedure/scan/method.hpp"

#include <QCheckBox>

namespace fusain::desktop {

/// The soft-tissue phantom of the day, typed, read over the link, or taken from this morning's quality check.
class PhantomPanel : public MethodPanel<ScanMethod> {
    Q_OBJECT
public:
    explicit PhantomPanel(Session& session);
    void refresh() override;
    void entered() override;
    [[nodiscard]] QString primaryText() const override;
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    [[nodiscard]] QString conclusion() const override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override { return reading_->edit(); }

private:
    [[nodiscard]] std::optional<Check> ofLastDay() const;
    void showScale();
    Attribution from_; ///< where the reading in the field comes from
    QLabel* live_;
    CheckScale* scale_;
    ValueField* nominal_;
    ValueField* reading_;
    QLabel* morning_;
};

/// Scans and dose of the last twelve months, here and elsewhere, against the lab's limit.
class DosePanel : public MethodPanel<ScanMethod> {
    Q_OBJECT
public:
    explicit DosePanel(Session& session);
    void refresh() override;
    void entered() override;
    [[nodiscard]] QString primaryText() const override { return tr("That is right"); }
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] QWidget* firstField() const override { return elsewhere_->edit(); }

private:
    struct Here {
        int scans = 0;
        Microsieverts dose{0.0};
    };
    [[nodiscard]] Here here() const;
    QLabel* here_;
    ValueField* elsewhere_;
    QCheckBox* menopause_;
    QLabel* sum_;
};

} // namespace fusain::desktop

#pragma once
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/views/findings_view.hpp"
#include "desktop/widgets/page_preview.hpp"

#include <QCheckBox>

namespace fusain::desktop {

/// The findings of the running test.
class ResultPanel : public StepPanel {
    Q_OBJECT
public:
    ResultPanel(Session& session, std::span<const StepText> sheet, Step step);
    void refresh() override;
    [[nodiscard]] QString primaryText() const override { return tr("Result seen"); }
    void primary() override;
    [[nodiscard]] StandBack standBack() const override;

private:
    FindingsView* findings_;
};

/// Preview of both copies; print and save.
class ReportPanel : public StepPanel {
    Q_OBJECT
public:
    ReportPanel(Session& session, std::span<const StepText> sheet, Step step);
    void refresh() override;
    [[nodiscard]] QString primaryText() const override { return tr("Save as PDF…"); }
    void primary() override;
    /// Writes the shown copy to `path` and confirms the step. @return whether it was written
    bool saveTo(const QString& path);
    void showCopy(bool lab);

private:
    void showPages();
    [[nodiscard]] std::optional<report::PageFlow> pages();
    QComboBox* copy_;
    QCheckBox* withoutNumbers_;
    PagePreview* preview_;
    std::string shownTest_; ///< the test for which the box was set as is usual
};

} // namespace fusain::desktop

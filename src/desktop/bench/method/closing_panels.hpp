#pragma once
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/views/findings_view.hpp"
#include "desktop/widgets/page_preview.hpp"

#include <QCheckBox>
#include <QPlainTextEdit>

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

/// The physiologist's own words, with sentences to take over.
class InterpretationPanel : public StepPanel {
    Q_OBJECT
public:
    InterpretationPanel(Session& session, std::span<const StepText> sheet, Step step);
    void refresh() override;
    void entered() override;
    [[nodiscard]] QString primaryText() const override { return tr("Keep the interpretation"); }
    void primary() override;
    [[nodiscard]] QWidget* firstField() const override { return text_; }

private:
    QLabel* suggestions_;
    QPlainTextEdit* text_;
    QString suggested_;
    std::string draftOf_;                   ///< id of the test that the text in the box is about
    std::map<std::string, QString> drafts_; ///< of other open tests, by id
};

/// Two names lock the record.
class SignPanel : public StepPanel {
    Q_OBJECT
public:
    SignPanel(Session& session, std::span<const StepText> sheet, Step step);
    void refresh() override;
    [[nodiscard]] QString primaryText() const override;
    void primary() override;
    [[nodiscard]] QString verdict() const override;

private:
    QLabel* summary_;
    QComboBox* technician_;
    QComboBox* physiologist_;
    std::string filledFor_; ///< test and version that the boxes stand for
    std::vector<Staff> staff_;
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

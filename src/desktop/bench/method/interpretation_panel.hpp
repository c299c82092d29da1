#pragma once
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/widgets/page_preview.hpp"

#include <QCheckBox>
#include <QPlainTextEdit>
#include <QTimer>

namespace fusain::report {
struct TestReport;
}

namespace fusain::desktop {

/// The physiologist's own words for the client: what matters most to tick, the text, and beside it the page as
/// it will be printed. A number that is not one of the test is named.
class InterpretationPanel : public StepPanel {
    Q_OBJECT
public:
    InterpretationPanel(Session& session, std::span<const StepText> sheet, Step step);
    void refresh() override;
    void entered() override;
    [[nodiscard]] QString primaryText() const override { return tr("Save the interpretation"); }
    void primary() override;
    [[nodiscard]] QWidget* firstField() const override;

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    /// What can be taken over: the client's sentence, and what the lab reads in its place.
    struct Choice {
        QWidget* row;
        QCheckBox* box;
        QLabel *client, *lab;
        QString sentence;
    };
    [[nodiscard]] QWidget* written();
    void offer(const report::TestReport& report);
    void take(std::size_t choice, bool on);
    void showTicks();
    /// The page as it would be printed, and what is strange in the text.
    void showPage(report::TestReport report);
    void showPageAsWritten();

    std::vector<Choice> choices_;
    QLabel *noChoice_, *findings_, *strange_;
    QPlainTextEdit* text_;
    PagePreview* page_;
    QTimer settled_;                        ///< until the typing rests
    std::string draftOf_;                   ///< id of the test that the text in the box is about
    std::map<std::string, QString> drafts_; ///< of other open tests, by id
};

} // namespace fusain::desktop

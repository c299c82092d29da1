#pragma once
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/services/carried_answers.hpp"

namespace fusain::desktop {

/// Screening or readiness as one sheet: a question a line with what was said last time and today. The list can
/// be read out and answered as a whole, what was said today at another test is taken over, and exceptions are
/// answered one by one with a number key or a typed time.
class QuestionsPanel : public StepPanel {
    Q_OBJECT
public:
    QuestionsPanel(Session& session, std::span<const StepText> steps, Step step);
    void refresh() override;
    [[nodiscard]] QString primaryText() const override;
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    [[nodiscard]] const readiness::Rule* current() const;
    void showQuestion();
    void fillSheet();
    void allAsAsked();
    void takeOver();
    [[nodiscard]] bool goToLetter(const QString& typed);
    void keepTyped(const readiness::Rule& rule);
    [[nodiscard]] int row() const;
    [[nodiscard]] std::vector<const readiness::Rule*> unanswered() const;
    [[nodiscard]] std::vector<const readiness::Rule*> toldAsList() const;
    /// What a live instrument answers to a question.
    [[nodiscard]] std::optional<double> readNow(const readiness::Rule& rule) const;
    void give(const readiness::Answer& answer);
    void goOnPast();
    void rebook();
    /// The answer to the current question when it still needs a decision.
    [[nodiscard]] const AnsweredQuestion* openAnswer() const;
    [[nodiscard]] bool waitedLongEnough(const AnsweredQuestion& answer) const;
    [[nodiscard]] QString answerText(const AnsweredQuestion& answer) const;

    std::vector<const readiness::Rule*> rules_;
    bool correcting_ = false; ///< the answer that awaits a decision is given anew
    QLabel* question_;
    QLabel* effect_;
    QWidget* choices_;
    QLineEdit* typed_;
    QPushButton* rebook_;
    QPushButton* change_;
    QPushButton* override_; ///< of a contraindication: the physiologist's, never the primary
    QPushButton *all_, *carry_;
    QTableWidget* sheet_;
    SaidBefore said_; ///< looked up once for each test
    std::string lookedUpFor_;
};

} // namespace fusain::desktop

#pragma once
#include "desktop/widgets/parts.hpp"
#include "record/lab/screening.hpp"

#include <QCheckBox>
#include <QDialog>

namespace fusain::desktop {

/// The questions about health of one client, each with its answer and how long that holds.
class HealthDialog : public QDialog {
    Q_OBJECT
public:
    /// @param before what was answered already; an answer that is out of date is asked again
    HealthDialog(const ScreeningQuestions& set, std::vector<const ScreeningQuestion*> questions,
                 Screening before, Instant now, std::string by, QWidget* parent = nullptr);
    /// What is known now: the answers of before, and those given here.
    [[nodiscard]] Screening screening() const;
    /// True when the client agrees that it is kept.
    [[nodiscard]] bool consent() const { return consent_->isChecked(); }
    void answer(const std::string& question, ScreeningAnswer answer);

private:
    const ScreeningQuestions& set_;
    std::vector<const ScreeningQuestion*> questions_;
    Screening before_;
    Instant now_;
    std::string by_;
    QTableWidget* table_;
    std::vector<QComboBox*> answers_; ///< of each question
    QCheckBox* consent_;
};

} // namespace fusain::desktop

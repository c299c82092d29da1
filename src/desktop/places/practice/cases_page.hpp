#pragma once
#include "desktop/places/practice/attempts.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"

#include <QListWidget>

namespace fusain::desktop {

/// The cases: what awaits the trainee, how much help there is, and afterwards what was caught, what was
/// missed, and the false alarms.
class CasesPage : public QWidget {
    Q_OBJECT
public:
    CasesPage(Session& session, PracticeRun& run, Attempts& attempts);
    void refresh();
    void enter() { list_->setFocus(); }
    bool begin(const std::string& caseId);
    void choose(const std::string& caseId);
    [[nodiscard]] QString debriefText() const { return debrief_->text(); }

Q_SIGNALS:
    void begun();

private:
    [[nodiscard]] const PracticeCase* chosen() const;
    [[nodiscard]] QStringList goalLines(const Attempt& attempt);
    [[nodiscard]] QString textOf(const Attempt& attempt);
    void showCase();
    void showReplay(const Attempt* attempt);
    void showTruth(const Attempt* attempt);

    Session& session_;
    PracticeRun& run_;
    Attempts& attempts_;
    QListWidget* list_;
    QLabel *title_, *story_, *debriefTitle_, *debrief_;
    QComboBox* help_;
    FigureView *replay_, *truth_;
};

} // namespace fusain::desktop

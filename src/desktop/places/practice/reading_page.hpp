#pragma once
#include "desktop/places/practice/attempts.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/practice/reading.hpp"
#include "report/base/page_flow.hpp"

#include <QListWidget>

namespace fusain::desktop {

/// Reading practice: a client's page with a known truth. The trainee marks what is real, what noise and what
/// cannot be compared; the answer gives the reasons.
class ReadingPage : public QWidget {
    Q_OBJECT
public:
    ReadingPage(Session& session, Attempts& attempts);
    void refresh();
    void enter() { list_->setFocus(); }
    /// Makes the page of an exercise. @return whether it stands
    bool open(const std::string& exerciseId);
    /// Marks one line: 1 real, 2 noise, 3 not comparable.
    void mark(int line, Verdict verdict);
    /// Compares the marks with the key. @return nothing while a line is not marked
    std::optional<ReadingScore> check();
    [[nodiscard]] const std::vector<ReadingLine>& key() const { return key_; }
    [[nodiscard]] QString answerText() const { return answer_->text(); }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void prepareAndOpen(const ReadingExercise& exercise);
    [[nodiscard]] std::vector<AnyTest> playedVisits(const ReadingExercise& exercise);
    Expected<Client> personOf(const ReadingExercise& exercise);
    Expected<void> playNext(const ReadingExercise& exercise, simulation::Random& random);
    Expected<void> make(const ReadingExercise& exercise);
    void showPage(const ReadingExercise& exercise);
    void showMarks();
    [[nodiscard]] QString explanation(const std::vector<Verdict>& marked) const;

    Session& session_;
    Attempts& attempts_;
    QListWidget* list_;
    FigureView* page_;
    QLabel *story_, *answer_;
    QTableWidget* lines_;
    QPushButton* check_;
    const ReadingExercise *shown_ = nullptr, *preparing_ = nullptr;
    std::vector<ComputedTest> tests_;
    std::vector<ReadingLine> key_;
    std::vector<std::optional<Verdict>> marks_;
    bool checked_ = false;
};

} // namespace fusain::desktop

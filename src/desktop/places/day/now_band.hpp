#pragma once
#include "desktop/services/day_now.hpp"

#include <QFrame>
#include <QLabel>
#include <QPushButton>

namespace fusain::desktop {

/// One sentence over the whole width of the day, and the one button that answers it.
class NowBand : public QFrame {
    Q_OBJECT
public:
    NowBand();
    void showFact(const NowFact& fact);
    [[nodiscard]] const NowFact& fact() const { return fact_; }

Q_SIGNALS:
    void acted(const fusain::desktop::NowFact& fact);

private:
    NowFact fact_;
    QLabel *sentence_, *more_;
    QPushButton* button_;
};

/// Something that stands in the way of the day, with the act that solves it.
struct DayProblem {
    QString words;
    QString button; ///< empty where nothing can be done from here
    std::function<void()> solve;
};

/// Problems under each other, each with its button.
class ProblemCards : public QWidget {
    Q_OBJECT
public:
    ProblemCards();
    void showProblems(const std::vector<DayProblem>& problems);

private:
    void clear();
};

} // namespace fusain::desktop

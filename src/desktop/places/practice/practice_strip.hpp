#pragma once
#include "desktop/places/practice/practice_run.hpp"

#include <QComboBox>
#include <QFrame>
#include <QLabel>
#include <QPushButton>

namespace fusain::desktop {

/// Under the mark of the practice room while a case runs: what the made-up person says, and what the trainee
/// can say and do beside the screen. Ctrl+D opens the list of it, Ctrl+J asks for a hint.
class PracticeStrip : public QFrame {
    Q_OBJECT
public:
    explicit PracticeStrip(PracticeRun& run, QWidget* parent = nullptr);
    [[nodiscard]] QString words() const { return words_->text(); }
    /// Chooses an act in the list and does it.
    void actBy(const std::string& id);

Q_SIGNALS:
    /// Something was done: the keys belong to the bench again.
    void acted();

private:
    void refresh();
    void act();
    void say();

    PracticeRun& run_;
    QLabel* words_;
    QComboBox* acts_;
    QPushButton *do_, *hint_;
    const PracticeCase* shown_ = nullptr;
    QString answer_, hintText_;
    int step_ = -1;
};

} // namespace fusain::desktop

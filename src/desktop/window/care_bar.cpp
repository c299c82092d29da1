#include "desktop/window/care_bar.hpp"

#include "desktop/services/book_care.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "desktop/window/waiting.hpp"
#include "report/base/words.hpp"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QTimer>

namespace fusain::desktop {

CareBar::CareBar(Session& session, QWidget* window)
    : session_(session), waiting_(new Waiting(session, window)), said_(label({}, "warning")),
      save_(button(tr("Save a copy…"), true)), decide_(button(tr("Decide…"), true)) {
    setObjectName(QStringLiteral("verdictLine"));
    auto* line = new QHBoxLayout(this);
    line->addWidget(said_, 1);
    line->addWidget(save_);
    line->addWidget(decide_);
    hide();
    connect(save_, &QPushButton::clicked, this, &CareBar::saveElsewhere);
    connect(decide_, &QPushButton::clicked, this, &CareBar::decide);
    connect(&session.care(), &BookCare::displaced, this, &CareBar::displaced);
    connect(&session.care(), &BookCare::back, this, &CareBar::back);
    connect(&session.care(), &BookCare::verified, this, [this] {
        if (const auto& found = session_.care().verification(); found && !found->sound())
            show(verificationWords(*found));
    });
    QTimer::singleShot(0, this, [this] {
        if (canRead())
            deliver(); // what waited since the window was closed
    });
}

void CareBar::show(const QString& words, const QPushButton* way) {
    announce(said_, words);
    for (QPushButton* each : {save_, decide_})
        each->setVisible(each == way);
    setVisible(true);
}

// What nobody has decided yet is not forgotten.
void CareBar::deliver() {
    waiting_->deliver();
    const int left = session_.book().waitingCount();
    if (left > 0 && !session_.book().away())
        show(
            tr("%n entry(s) of this workstation wait for your decision: another workstation has written to the "
               "same test.",
               nullptr, left),
            decide_);
    else if (decide_->isVisible())
        hide();
}

void CareBar::decide() {
    if (session_.atTheBench().id.empty())
        session_.report(failure({FUSAIN_TEXT("Choose who is at the bench first."), {}}));
    else
        deliver();
}

void CareBar::displaced(const Problem& problem) {
    if (session_.book().address().onServer())
        sayItIsAway();
    else
        show(report::say(problem), save_);
}

void CareBar::sayItIsAway() {
    show(waiting_->words());
    saysAway_ = true;
}

void CareBar::back() {
    saysAway_ = false;
    hide();
    deliver();
    session_.tellChanges(true, true); // others may have written meanwhile
}

bool CareBar::canRead() {
    if (!session_.book().address().onServer())
        return true;
    if (!session_.book().away()) // else it is looked for every few seconds
        static_cast<void>(session_.book().notOurs());
    if (session_.book().away())
        sayItIsAway();
    else if (saysAway_) // an act reached it before anybody looked for it
        back();
    return !session_.book().away();
}

// The window still holds the file that it opened, although its name is gone: all that was accepted goes into a
// new book.
void CareBar::saveElsewhere() {
    const QString path = QFileDialog::getSaveFileName(this, tr("Save as a new lab book"), tr("rescued.fusain"));
    if (path.isEmpty())
        return;
    const auto saved = session_.book().rescue(path);
    const QString words =
        !saved           ? report::say(saved.error())
        : saved->sound() ? tr("Saved and verified: %1. Close this window and open that lab book.").arg(path)
                         : tr("Saved: %1").arg(path) + QLatin1Char('\n') + verificationWords(*saved);
    show(words, saved ? nullptr : save_);
}

} // namespace fusain::desktop

#include "moc_care_bar.cpp"

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
      save_(button(tr("Save a copy…"), true)) {
    setObjectName(QStringLiteral("verdictLine"));
    auto* line = new QHBoxLayout(this);
    line->addWidget(said_, 1);
    line->addWidget(save_);
    hide();
    connect(save_, &QPushButton::clicked, this, &CareBar::saveElsewhere);
    connect(&session.care(), &BookCare::displaced, this, &CareBar::displaced);
    connect(&session.care(), &BookCare::back, this, &CareBar::back);
    connect(&session.care(), &BookCare::verified, this, [this] {
        if (const auto& found = session_.care().verification(); found && !found->sound())
            show(verificationWords(*found), false);
    });
    QTimer::singleShot(0, this, [this] {
        if (canRead())
            waiting_->deliver(); // what waited since the window was closed
    });
}

void CareBar::show(const QString& words, bool saving) {
    announce(said_, words);
    save_->setVisible(saving);
    setVisible(true);
}

void CareBar::displaced(const Problem& problem) {
    if (session_.book().address().onServer())
        sayItIsAway();
    else
        show(report::say(problem), true);
}

void CareBar::sayItIsAway() {
    show(waiting_->words(), false);
    saysAway_ = true;
}

void CareBar::back() {
    saysAway_ = false;
    hide();
    waiting_->deliver();
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
    show(!saved           ? report::say(saved.error())
         : saved->sound() ? tr("Saved and verified: %1. Close this window and open that lab book.").arg(path)
                          : tr("Saved: %1").arg(path) + QLatin1Char('\n') + verificationWords(*saved),
         !saved);
}

} // namespace fusain::desktop

#include "moc_care_bar.cpp"

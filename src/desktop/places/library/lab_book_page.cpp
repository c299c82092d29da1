#include "desktop/places/library/lab_book_page.hpp"

#include "report/base/words.hpp"

#include <QFileDialog>
#include <QVBoxLayout>

namespace fusain::desktop {

LabBookPage::LabBookPage(Session& session) : session_(session), book_(label({})) {
    auto* layout = new QVBoxLayout(this);
    auto* verifyBook = button(tr("Verify the lab book"));
    auto* backUpBook = button(tr("Back up…"));
    auto* restoreBook = button(tr("Restore a copy…"));
    layout->addWidget(
        label(tr("Every change is on disk in the chained journal before it is shown. Copies are made daily "
                 "beside the book."),
              "soft"));
    layout->addLayout(inOneRow({verifyBook, backUpBook, restoreBook}));
    layout->addWidget(book_);
    layout->addStretch();
    connect(verifyBook, &QPushButton::clicked, this, &LabBookPage::verify);
    connect(backUpBook, &QPushButton::clicked, this, &LabBookPage::backUp);
    connect(restoreBook, &QPushButton::clicked, this, &LabBookPage::restore);
}

void LabBookPage::verify() {
    const auto verification = session_.book().verify();
    book_->setText(verification.sound() ? tr("✓ %1 events, each as it was written.").arg(verification.events)
                                        : damageWords(verification));
}

QString LabBookPage::damageWords(const store::Verification& verification) {
    const auto since = verification.damagedSince();
    QStringList lines{since ? tr("▲ This lab book is damaged. The first part that is not as it was written is of %1.")
                                  .arg(report::day(*since))
                            : tr("▲ This lab book is damaged.")};
    constexpr std::size_t most = 12;
    for (std::size_t i = 0; i < std::min(most, verification.faults.size()); ++i)
        lines << report::say(verification.faults[i].what);
    if (verification.faults.size() > most)
        lines << tr("… and %n more", nullptr, static_cast<int>(verification.faults.size() - most));
    lines << tr("Nothing was changed by this check. Restore a copy from before that day beside this book and compare.");
    return lines.join(QLatin1Char('\n'));
}

void LabBookPage::backUp() {
    const QString path = QFileDialog::getSaveFileName(this, tr("Back up the lab book"), tr("copy.fusain"));
    if (path.isEmpty())
        return;
    const auto done = session_.book().backUp(path);
    book_->setText(done ? tr("✓ Copied and checked: %1").arg(path) : report::say(done.error()));
}

void LabBookPage::restore() {
    const QString from = QFileDialog::getOpenFileName(this, tr("Restore a copy"));
    const QString to = from.isEmpty() ? QString()
                                      : QFileDialog::getSaveFileName(this, tr("Restore as a new lab book"),
                                                                     tr("restored.fusain"));
    if (to.isEmpty())
        return;
    const auto done = store::LabBook::restore(from, to);
    book_->setText(done ? tr("✓ Restored: open it with fusain %1").arg(to) : report::say(done.error()));
}

} // namespace fusain::desktop

#include "moc_lab_book_page.cpp"

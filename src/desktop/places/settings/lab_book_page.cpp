#include "desktop/places/settings/lab_book_page.hpp"

#include "desktop/services/background.hpp"
#include "desktop/services/book_care.hpp"
#include "desktop/widgets/ask.hpp"
#include "report/base/words.hpp"
#include "store/book/sealed_file.hpp"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QTemporaryDir>
#include <QVBoxLayout>

namespace fusain::desktop {

LabBookPage::LabBookPage(Session& session) : session_(session), book_(label({})), copies_(label({}, "soft")) {
    auto* layout = new QVBoxLayout(this);
    auto* verifyBook = button(tr("Verify the lab book"));
    auto* backUpBook = button(tr("Back up…"));
    layout->addWidget(label(
        tr("Every change is on disk in the chained journal before it is shown. The copy of the day is made "
           "beside the book when the window opens, every hour and after each signature. The menu at the "
           "foot of the left column restores a copy."),
        "soft"));
    auto* sealed = button(tr("Back up sealed…"));
    sealed->setToolTip(tr("A copy that only a passphrase opens: for a disk that leaves the house."));
    auto* second = button(tr("Second copy folder…"));
    layout->addLayout(inOneRow({verifyBook, backUpBook, sealed, second}));
    connect(sealed, &QPushButton::clicked, this, &LabBookPage::backUpSealed);
    connect(second, &QPushButton::clicked, this, &LabBookPage::chooseSecond);
    connect(&session_.care(), &BookCare::verified, this, &LabBookPage::show);
    connect(&session_.care(), &BookCare::verificationCancelled, this,
            [this] { book_->setText(tr("Cancelled. Nothing new is known of the lab book.")); });
    connect(&session_.care(), &BookCare::copied, this,
            [this](const QString& path) { copies_->setText(tr("✓ Copied: %1").arg(path)); });
    connect(&session_.care(), &BookCare::copyFailed, this,
            [this](const Problem& problem) { copies_->setText(report::say(problem)); });
    layout->addWidget(book_);
    layout->addWidget(copies_);
    layout->addStretch();
    connect(verifyBook, &QPushButton::clicked, this, &LabBookPage::verify);
    connect(backUpBook, &QPushButton::clicked, this, &LabBookPage::backUp);
}

void LabBookPage::verify() {
    book_->setText(tr("Reading the whole lab book…"));
    session_.care().verifyAll();
}

void LabBookPage::show() {
    if (const auto& verification = session_.care().verification())
        book_->setText(verificationWords(*verification));
}

// Where a second copy of each day goes: another disk, so that one does not take both.
void LabBookPage::chooseSecond() {
    const QString folder = QFileDialog::getExistingDirectory(this, tr("A second folder for the daily copies"));
    if (folder.isEmpty() || !session_.report(session_.book().setSetting("second-copies", folder.toStdString(),
                                                                        session_.atTheBench().id)))
        return;
    session_.care().copy();
}

void LabBookPage::backUp() {
    const QString path = QFileDialog::getSaveFileName(this, tr("Back up the lab book"), tr("copy.fusain"));
    if (!path.isEmpty())
        copyTo(path,
               [](const auto& copy, const QString& to, Progress& progress) { return copy(to, &progress); });
}

// The plain copy is made beside the sealed one, in a folder that is gone afterwards.
void LabBookPage::backUpSealed() {
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Back up the lab book, sealed"), tr("copy.fusain-sealed"));
    if (path.isEmpty())
        return;
    const auto passphrase =
        askNewSecret(this, tr("Seal the copy"),
                     tr("Passphrase of this copy, at least %n characters. Without it nobody can open the copy.",
                        nullptr, int(leastPassphrase)));
    if (passphrase)
        copyTo(path, [passphrase](const auto& copy, const QString& to, Progress& progress) -> Expected<void> {
            const QTemporaryDir beside(QFileInfo(to).absoluteDir().filePath(QStringLiteral("sealing-XXXXXX")));
            const QString plain = beside.filePath(QStringLiteral("copy.fusain"));
            auto done = copy(plain, &progress);
            return done ? store::sealFile(plain, to, *passphrase, {}, &progress) : done;
        });
}

void LabBookPage::copyTo(const QString& path, const Keep& keep) {
    copies_->setText(tr("Backing up…"));
    session_.background().run(
        tr("Backing up to %1").arg(path),
        [from = session_.book().path(), path, keep](Progress& progress) -> Expected<void> {
            const auto book = store::LabBook::openForReading(from);
            if (!book)
                return tl::unexpected(book.error());
            return keep([&](const QString& to, Progress* told) { return (*book)->backUp(to, told); }, path,
                        progress);
        },
        this,
        [this, path](const Expected<void>& done) {
            copies_->setText(done ? tr("✓ Copied and checked: %1").arg(path) : report::say(done.error()));
        });
}

} // namespace fusain::desktop

#include "moc_lab_book_page.cpp"

#include "desktop/window/book_menu.hpp"

#include "desktop/services/background.hpp"
#include "desktop/widgets/ask.hpp"
#include "report/base/words.hpp"
#include "store/book/sealed_file.hpp"

#include <QCoreApplication>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QLineEdit>
#include <QMessageBox>
#include <QProcess>
#include <QPushButton>
#include <QTemporaryDir>

namespace fusain::desktop {
namespace {

QString filter() {
    return QObject::tr("Lab books (*.fusain)");
}

} // namespace

BookMenu::BookMenu(Session& session, RecentBooks recent, QWidget* window)
    : QMenu(window), session_(session), recentBooks_(std::move(recent)), recent_(new QMenu(tr("Recent"), this)),
      start_([](const QStringList& arguments) {
          return QProcess::startDetached(QCoreApplication::applicationFilePath(), arguments);
      }) {
    addAction(tr("Open lab book…"), this, &BookMenu::openBook)->setShortcut(QKeySequence::Open);
    addAction(tr("Open lab book on a server…"), this, &BookMenu::openOnServer);
    addMenu(recent_);
    addAction(tr("New lab book…"), this, &BookMenu::newBook);
    addAction(tr("Restore a copy…"), this, &BookMenu::restoreBook);
    addSeparator();
    addAction(tr("Open practice room"), this, [this] {
        startWith({QStringLiteral("--practice")});
    })->setEnabled(!session.practice());
    connect(recent_, &QMenu::aboutToShow, this, &BookMenu::fillRecent);
}

QString BookMenu::folder() const {
    return session_.book().address().onServer() ? QDir::homePath()
                                                : QFileInfo(session_.book().path()).absolutePath();
}

// A book whose disk is not connected stays in the list and says so.
void BookMenu::fillRecent() {
    recent_->clear();
    for (const QString& path : recentBooks_.paths()) {
        if (path == session_.book().path())
            continue;
        const bool there = QFileInfo::exists(path);
        const QString name = QDir::toNativeSeparators(path);
        auto* action = recent_->addAction(there ? name : tr("%1 (not connected)").arg(name), this,
                                          [this, path] { openPath(path); });
        action->setEnabled(there);
    }
    if (recent_->isEmpty())
        recent_->addAction(tr("No other lab book yet"))->setEnabled(false);
}

void BookMenu::openBook() {
    if (const QString path =
            QFileDialog::getOpenFileName(parentWidget(), tr("Open lab book"), folder(), filter());
        !path.isEmpty())
        openPath(path);
}

void BookMenu::openPath(const QString& path) {
    QMessageBox box(QMessageBox::Question, tr("Open lab book"), tr("Open %1?").arg(QFileInfo(path).fileName()),
                    QMessageBox::NoButton, parentWidget());
    box.setTextFormat(Qt::PlainText);
    box.setInformativeText(
        tr("It opens in a window of its own. Open tests in this lab book are kept either way."));
    const auto* beside = box.addButton(tr("Stay in this window"), QMessageBox::AcceptRole);
    const auto* instead = box.addButton(tr("Close this window"), QMessageBox::AcceptRole);
    box.setDefaultButton(box.addButton(tr("Go back"), QMessageBox::RejectRole));
    box.exec();
    if (box.clickedButton() != beside && box.clickedButton() != instead)
        return;
    startWith({path});
    if (box.clickedButton() == instead)
        Q_EMIT replaced();
}

void BookMenu::newBook() {
    QFileDialog dialog(parentWidget(), tr("New lab book"), folder(), filter());
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    dialog.setDefaultSuffix(QStringLiteral("fusain"));
    dialog.setOption(QFileDialog::DontConfirmOverwrite); // nothing is ever overwritten
    if (dialog.exec() != QDialog::Accepted || dialog.selectedFiles().isEmpty())
        return;
    const QString path = dialog.selectedFiles().constFirst();
    if (QFileInfo::exists(path))
        session_.report(failure({FUSAIN_TEXT("There is already a file here."), {}}, path.toStdString(),
                                {FUSAIN_TEXT("Choose a new name; nothing is ever overwritten."), {}}));
    else
        startWith({QStringLiteral("--new"), path});
}

void BookMenu::openOnServer() {
    bool asked = false;
    const QString said = QInputDialog::getText(
        parentWidget(), tr("Open lab book on a server"),
        tr("Address of the lab book. A password is kept in ~/.pgpass, not here."), QLineEdit::Normal,
        QStringLiteral("postgresql://user@host/labbook?sslmode=verify-full"), &asked);
    if (!asked)
        return;
    if (const auto address = store::BookAddress::read(said.trimmed()); !address)
        session_.report(tl::unexpected(address.error()));
    else
        openPath(address->text());
}

void BookMenu::restoreBook() {
    const QString copies = store::LabBook::copiesBeside(session_.book().path());
    const QString from = QFileDialog::getOpenFileName(
        parentWidget(), tr("Choose a copy to restore"), QFileInfo::exists(copies) ? copies : folder(),
        tr("Lab books and sealed copies (*.fusain *.fusain-sealed)"));
    if (from.isEmpty())
        return;
    QFileDialog dialog(parentWidget(), tr("Restore as a new lab book"), folder(), filter());
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    dialog.setDefaultSuffix(QStringLiteral("fusain"));
    dialog.selectFile(QStringLiteral("restored.fusain"));
    dialog.setOption(QFileDialog::DontConfirmOverwrite);
    if (dialog.exec() != QDialog::Accepted || dialog.selectedFiles().isEmpty())
        return;
    const QString to = dialog.selectedFiles().constFirst();
    std::string passphrase;
    if (store::isSealed(from)) {
        const auto said = askSecret(parentWidget(), tr("Open the copy"), tr("Passphrase of this copy"));
        if (!said)
            return;
        passphrase = *said;
    }
    session_.background().run(
        tr("Checking the copy and restoring it"),
        [from, to, passphrase](Progress& progress) -> Expected<void> {
            if (!store::isSealed(from))
                return store::LabBook::restore(from, to, &progress);
            const QTemporaryDir beside(QFileInfo(to).absoluteDir().filePath(QStringLiteral("opening-XXXXXX")));
            const QString plain = beside.filePath(QStringLiteral("copy.fusain"));
            auto opened = store::unsealFile(from, plain, passphrase, &progress);
            return opened ? store::LabBook::restore(plain, to, &progress) : opened;
        },
        this,
        [this, to](const Expected<void>& done) {
            if (session_.report(done))
                openPath(to);
        });
}

void BookMenu::startWith(const QStringList& arguments) {
    if (!start_(arguments))
        session_.report(
            failure({FUSAIN_TEXT("Another window could not be started."), {}}, {},
                    {FUSAIN_TEXT("Start Fusain from the desktop and open the lab book there."), {}}));
}

} // namespace fusain::desktop

#include "moc_book_menu.cpp"

// Copies of the lab book.
#include "store/book/lab_book.hpp"
#include "store/book/sql.hpp"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSqlQuery>

namespace fusain::store {

Expected<void> LabBook::backUp(const QString& target) {
    const QString partial = target + QStringLiteral(".partial");
    QFile::remove(partial);
    if (auto made = BookPlace::makeEmpty(partial); !made)
        return made;
    if (auto done = run(QSqlDatabase::database(connection_), QStringLiteral("VACUUM INTO ?"), {partial});
        !done) {
        QFile::remove(partial);
        return tl::unexpected(done.error());
    }
    {
        auto copy = openForReading(partial);
        if (!copy || !(*copy)->verify().sound()) {
            QFile::remove(partial);
            return failure({FUSAIN_TEXT("The copy did not pass its check and was thrown away."), {}},
                           target.toStdString(), {FUSAIN_TEXT("Check the disk, then back up again."), {}},
                           {FUSAIN_TEXT("The lab book itself is unchanged."), {}});
        }
    }
    return putInPlace(partial, target, Over::Anything);
}

Expected<QString> LabBook::backUpDaily(Instant now, int keep) {
    const QFileInfo book(path_);
    QDir folder(book.absolutePath());
    const QString name = book.completeBaseName() + QStringLiteral(".copies");
    if (!folder.exists(name) && !folder.mkdir(name))
        return failure({FUSAIN_TEXT("The folder for daily copies cannot be made."), {}},
                       folder.filePath(name).toStdString());
    folder.cd(name);
    const QString today =
        folder.filePath(QString::fromStdString(isoText(dateOf(now))) + QStringLiteral(".fusain"));
    if (!QFile::exists(today))
        if (auto done = backUp(today); !done)
            return tl::unexpected(done.error());
    QStringList copies = folder.entryList({QStringLiteral("20*.fusain")}, QDir::Files, QDir::Name);
    while (copies.size() > keep)
        QFile::remove(folder.filePath(copies.takeFirst()));
    return today;
}

Expected<void> LabBook::restore(const QString& backup, const QString& target) {
    if (QFile::exists(target))
        return failure({FUSAIN_TEXT("There is already a file at the place to restore to."), {}},
                       target.toStdString(),
                       {FUSAIN_TEXT("Choose a new name; nothing is ever overwritten."), {}});
    auto copy = openForReading(backup);
    if (!copy)
        return tl::unexpected(copy.error());
    const Verification verification = (*copy)->verify();
    if (!verification.sound())
        return failure({FUSAIN_TEXT("This copy is damaged: {1}"), {verification.faults.front().what.english()}},
                       backup.toStdString(), {FUSAIN_TEXT("Try an older copy."), {}});
    return (*copy)->backUp(target);
}

} // namespace fusain::store

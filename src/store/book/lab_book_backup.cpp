// Copies of the lab book.
#include "store/book/anchors.hpp"
#include "store/book/copying.hpp"
#include "store/book/lab_book.hpp"
#include "store/book/sql.hpp"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSqlQuery>
#include <QSysInfo>
#include <algorithm>

namespace fusain::store {

// One moment of the book, whatever is written meanwhile.
Expected<void> LabBook::writeCopy(const QString& partial) {
    QFile::remove(partial);
    if (address_.onServer())
        return makeFile(partial, clock_,
                        [this](LabBook& file) { return copyRows(connection(), file.connection()); });
    if (auto made = BookPlace::makeEmpty(partial); !made)
        return made;
    const auto written = run(connection(), QStringLiteral("VACUUM INTO ?"), {partial});
    if (!written)
        QFile::remove(partial);
    return written ? Expected<void>() : tl::unexpected(written.error());
}

namespace {

Expected<void> cancelled() {
    return failure({FUSAIN_TEXT("Cancelled."), {}}, {}, {}, {FUSAIN_TEXT("No copy was made."), {}});
}

} // namespace

Expected<void> LabBook::backUp(const QString& target, Progress* progress) {
    const QString partial = target + QStringLiteral(".partial");
    if (auto written = writeCopy(partial); !written)
        return written;
    {
        auto copy = openForReading(partial);
        const Verification found = copy ? (*copy)->verify({}, progress) : Verification{};
        if (!copy || !found.sound())
            QFile::remove(partial);
        if (found.cancelled)
            return cancelled();
        if (!copy || !found.sound()) {
            const bool damaged = !verify().sound();
            return failure({damaged ? FUSAIN_TEXT("The lab book is damaged. No copy of it replaces a good one.")
                                    : FUSAIN_TEXT("The copy did not pass its check and was deleted."),
                            {}},
                           target.toStdString(),
                           {damaged ? FUSAIN_TEXT("See Settings, Lab book and copies, for what is damaged.")
                                    : FUSAIN_TEXT("Check the disk, then back up again."),
                            {}},
                           {FUSAIN_TEXT("The lab book itself is unchanged."), {}});
        }
    }
    return putInPlace(partial, target, Over::Anything);
}

Expected<Verification> LabBook::rescue(const QString& target) {
    const QString partial = target + QStringLiteral(".partial");
    if (auto written = writeCopy(partial); !written)
        return tl::unexpected(written.error());
    if (auto put = putInPlace(partial, target, Over::Nothing); !put)
        return tl::unexpected(put.error());
    const auto saved = openForReading(target);
    return saved ? (*saved)->verify() : Expected<Verification>(tl::unexpected(saved.error()));
}

namespace {

// How far the journal of a copy goes; −1 for a file that is no copy of ours.
std::int64_t reachOf(const QString& copy) {
    const auto opened = LabBook::openForReading(copy);
    return opened ? (*opened)->eventCount() : -1;
}

const QString ofADay = QStringLiteral("????-??-??.fusain"); // the names that daily copies have

// The copies that reach least far go first: a clock that was wrong for a day gives no copy a place for ever.
// Only daily copies are looked at: whatever else is in the folder is somebody's.
void thinOut(const QDir& folder, int keep) {
    std::vector<std::pair<std::int64_t, QString>> copies;
    for (const QString& name : folder.entryList({ofADay}, QDir::Files, QDir::Name))
        copies.emplace_back(reachOf(folder.filePath(name)), name);
    std::ranges::stable_sort(copies, {}, &std::pair<std::int64_t, QString>::first);
    for (std::size_t i = 0; i + static_cast<std::size_t>(keep) < copies.size(); ++i)
        QFile::remove(folder.filePath(copies[i].second));
}

Expected<QDir> copiesFolder(const QString& path) {
    if (!QDir().mkpath(path))
        return failure({FUSAIN_TEXT("The folder for daily copies cannot be made."), {}}, path.toStdString(),
                       {FUSAIN_TEXT("Check that its disk is connected and may be written."), {}});
    QFile::setPermissions(path, QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
    QDir folder(path);
    for (const QString& left : folder.entryList({ofADay + QStringLiteral(".partial")}, QDir::Files))
        QFile::remove(folder.filePath(left)); // of a copy that was cut short
    return folder;
}

} // namespace

QString LabBook::copiesBeside(const QString& path) {
    const auto address = BookAddress::read(path);
    return address ? address->beside(QStringLiteral(".copies")) : QString();
}

// Several labs may share the second folder: each book of each computer has a folder of its own in it.
QString LabBook::copiesIn(const QString& folder, const QString& path) {
    return QDir(folder).filePath(
        QStringLiteral("%1 on %2.copies")
            .arg(BookAddress::read(path).value_or(BookAddress()).name(), QSysInfo::machineHostName()));
}

std::vector<Fault> LabBook::againstNotedHeads(const QString& folder) const {
    return store::againstNotedHeads(folder, connection());
}

Expected<QString> LabBook::backUpDaily(Instant now, const QString& into, int keep) {
    const auto folder = copiesFolder(into.isEmpty() ? copiesBeside(path()) : copiesIn(into, path()));
    if (!folder)
        return tl::unexpected(folder.error());
    const QString today =
        folder->filePath(QString::fromStdString(isoText(dateOf(now))) + QStringLiteral(".fusain"));
    // A book on a server has copies of its own there: here one a day, of a book that may be large.
    if (!QFile::exists(today) || (!address_.onServer() && reachOf(today) != eventCount()))
        if (auto done = backUp(today); !done)
            return tl::unexpected(done.error());
    thinOut(*folder, keep);
    if (auto noted = noteHead(folder->path(), now, lastSequence_, lastHash_); !noted)
        return tl::unexpected(noted.error());
    return today;
}

Expected<void> LabBook::restore(const QString& backup, const QString& target, Progress* progress) {
    const auto address = BookAddress::read(target);
    if (!address)
        return tl::unexpected(address.error());
    if (!address->onServer() && QFile::exists(target))
        return failure({FUSAIN_TEXT("There is already a file at the place to restore to."), {}},
                       target.toStdString(),
                       {FUSAIN_TEXT("Choose a new name; nothing is ever overwritten."), {}});
    auto copy = openForReading(backup);
    if (!copy)
        return tl::unexpected(copy.error());
    const Verification verification = (*copy)->verify({}, progress);
    if (verification.cancelled)
        return cancelled();
    if (!verification.sound())
        return failure({FUSAIN_TEXT("This copy is damaged: {1}"), {verification.faults.front().what.english()}},
                       backup.toStdString(), {FUSAIN_TEXT("Try an older copy."), {}});
    if (!address->onServer())
        return (*copy)->backUp(target, progress);
    if (verification.earlierSchema)
        return failure({FUSAIN_TEXT("This copy is of an older Fusain."), {}}, backup.toStdString(),
                       {FUSAIN_TEXT("Open it once as a file, which brings it forward, then copy it."), {}});
    return (*copy)->copyToServer(*address, progress);
}

// Tables, rows and their verification in one transaction: there is a whole book afterwards, or nothing.
Expected<void> LabBook::copyToServer(const BookAddress& address, Progress* progress) {
    LabBook server(address);
    auto done = server.connect(false);
    if (!done)
        return done;
    if (!dialectOf(address).isEmpty(server.connection()))
        return notEmpty(address);
    Transaction whole(server.connection());
    done = server.migrate(0);
    if (done)
        done = copyRows(connection(), server.connection(), progress);
    if (!done)
        return done;
    const Verification found = server.verify({}, progress);
    if (found.cancelled)
        return cancelled();
    if (!found.sound())
        return failure({FUSAIN_TEXT("The copy did not pass its check and was deleted."), {}},
                       address.text().toStdString(), {FUSAIN_TEXT("Check the server, then copy again."), {}});
    return whole.commit();
}

} // namespace fusain::store

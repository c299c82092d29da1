#include "store/book/place.hpp"

#include "record/base/calendar.hpp"
#include "store/book/network_folder.hpp"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSysInfo>
#include <fcntl.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>
#include <utility>

namespace fusain::store {
namespace {

QByteArray native(const QString& path) {
    return QFile::encodeName(path);
}

tl::unexpected<Problem> notTaken(Message what, const QString& path, Message remedy) {
    return failure(std::move(what), path.toStdString(), std::move(remedy),
                   {FUSAIN_TEXT("Nothing was created or changed."), {}});
}

QString noteOf(const QString& path) {
    return path + QStringLiteral(".open");
}

// Who has it, for the words to the next who wants it; the lock itself is the kernel's.
void leaveNote(const QString& path) {
    QFile note(noteOf(path));
    if (note.open(QIODevice::WriteOnly | QIODevice::Truncate))
        note.write(QStringLiteral("%1\n%2\n%3\n")
                       .arg(QSysInfo::machineHostName())
                       .arg(::getpid())
                       .arg(QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-dd hh:mm")))
                       .toUtf8());
}

// Host, process and since when; fewer when there is no note.
QStringList noteAt(const QString& path) {
    QFile note(noteOf(path));
    return note.open(QIODevice::ReadOnly) ? QString::fromUtf8(note.read(1000)).split(QLatin1Char('\n'))
                                          : QStringList();
}

Message whoHas(const QString& path) {
    const QStringList lines = noteAt(path);
    if (lines.size() < 3)
        return {FUSAIN_TEXT("This lab book is open in another window."), {}};
    return {FUSAIN_TEXT("This lab book is open on {1} (process {2}) since {3}."),
            {lines[0].toStdString(), lines[1].toStdString(), lines[2].toStdString()}};
}

bool isDatabase(int file) {
    char start[15];
    return ::pread(file, start, sizeof start, 0) == sizeof start &&
           std::string_view(start, sizeof start) == "SQLite format 3";
}

// What the file itself says against taking it. @pre it is open
std::optional<tl::unexpected<Problem>> objectionTo(int file, const struct stat& status, const QString& path) {
    if (!S_ISREG(status.st_mode))
        return notTaken({FUSAIN_TEXT("This is a folder or a device, not a file."), {}}, path,
                        {FUSAIN_TEXT("Choose a lab book."), {}});
    if (status.st_nlink > 1)
        return notTaken(
            {FUSAIN_TEXT("This lab book has a second name (a hard link). Two windows could write to it."), {}},
            path, {FUSAIN_TEXT("Remove the other name, or open a copy."), {}});
    if (status.st_size == 0)
        return notTaken({FUSAIN_TEXT("This lab book is empty (0 bytes). The file is damaged."), {}}, path,
                        {FUSAIN_TEXT("Restore the newest daily copy."), {}});
    if (!isDatabase(file))
        return notTaken({FUSAIN_TEXT("This file is not a lab book, or is damaged."), {}}, path,
                        {FUSAIN_TEXT("Choose another file, or restore the newest daily copy."), {}});
    if (::flock(file, LOCK_EX | LOCK_NB) != 0)
        return notTaken(whoHas(path), path,
                        {FUSAIN_TEXT("Close it there. If that computer was switched off, wait a minute, then "
                                     "try again."),
                         {}});
    return std::nullopt;
}

} // namespace

BookPlace::BookPlace(BookPlace&& other) noexcept
    : path_(std::move(other.path_)), file_(std::exchange(other.file_, -1)), device_(other.device_),
      inode_(other.inode_), wasReadableByOthers_(other.wasReadableByOthers_),
      endedBadly_(std::move(other.endedBadly_)) {}

BookPlace& BookPlace::operator=(BookPlace&& other) noexcept {
    if (this != &other) {
        leave();
        path_ = std::move(other.path_);
        file_ = std::exchange(other.file_, -1);
        device_ = other.device_;
        inode_ = other.inode_;
        wasReadableByOthers_ = other.wasReadableByOthers_;
        endedBadly_ = std::move(other.endedBadly_);
    }
    return *this;
}

BookPlace::~BookPlace() {
    leave();
}

void BookPlace::leave() {
    if (file_ < 0)
        return;
    if (holds())
        QFile::remove(noteOf(path_));
    ::close(file_);
    file_ = -1;
}

Expected<BookPlace> BookPlace::take(const QString& path) {
    const QFileInfo asked(path);
    if (!asked.dir().exists())
        return notTaken(
            {FUSAIN_TEXT("The folder of this lab book is not there: is its disk or share connected?"), {}},
            path, {FUSAIN_TEXT("Connect it, then start again."), {}});
    if (!asked.exists())
        return notTaken(
            {FUSAIN_TEXT("There is no lab book here."), {}}, path,
            {FUSAIN_TEXT("Is its disk or share connected? Otherwise create a new one, or restore a copy."),
             {}});
    BookPlace place;
    place.path_ = asked.canonicalFilePath();
    if (auto objection = objectionToFolder(place.path_))
        return tl::unexpected(*objection);
    place.file_ = ::open(native(place.path_), O_RDONLY | O_CLOEXEC | O_NONBLOCK);
    struct stat status = {};
    if (place.file_ < 0 || ::fstat(place.file_, &status) != 0)
        return notTaken({FUSAIN_TEXT("Your account cannot read this lab book."), {}}, path,
                        {FUSAIN_TEXT("Ask your system administrator."), {}});
    if (auto objection = objectionTo(place.file_, status, place.path_)) {
        ::close(std::exchange(place.file_, -1));
        return *objection;
    }
    place.device_ = status.st_dev;
    place.inode_ = status.st_ino;
    place.wasReadableByOthers_ = (status.st_mode & 077) != 0;
    if (place.wasReadableByOthers_)
        ::fchmod(place.file_, 0600);
    place.endedBadly_ = noteAt(place.path_).value(2).toStdString();
    leaveNote(place.path_);
    return place;
}

Expected<void> BookPlace::makeEmpty(const QString& path) {
    const int made = ::open(native(path), O_CREAT | O_EXCL | O_WRONLY | O_CLOEXEC, 0600);
    if (made < 0)
        return notTaken({FUSAIN_TEXT("A file cannot be created here."), {}}, path,
                        {FUSAIN_TEXT("Check that the folder exists and that you may write to it."), {}});
    ::close(made);
    return {};
}

bool BookPlace::holds() const {
    if (file_ < 0)
        return true;
    struct stat status = {};
    return ::stat(native(path_), &status) == 0 && status.st_dev == device_ && status.st_ino == inode_;
}

Expected<void> putInPlace(const QString& finished, const QString& path, Over over) {
    const auto synced = [](const QString& what) {
        const int file = ::open(native(what), O_RDONLY | O_CLOEXEC);
        const bool done = file >= 0 && ::fsync(file) == 0;
        if (file >= 0)
            ::close(file);
        return done;
    };
    const bool put =
        synced(finished) &&
        (over == Over::Nothing ? ::link(native(finished), native(path)) == 0 && ::unlink(native(finished)) == 0
                               : ::rename(native(finished), native(path)) == 0);
    if (!put || !synced(QFileInfo(path).absolutePath()))
        return failure({FUSAIN_TEXT("The file could not be renamed into its folder."), {}}, path.toStdString(),
                       {FUSAIN_TEXT("Choose another folder or name."), {}});
    return {};
}

} // namespace fusain::store

#include "desktop/services/book_care.hpp"

#include "desktop/services/background.hpp"
#include "desktop/services/session.hpp"
#include "report/base/words.hpp"

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QFile>
#include <QPointer>
#include <cmath>

namespace fusain::desktop {
namespace {

constexpr int hour = 3600 * 1000, lookEvery = 3000; // ms
constexpr double daysBetweenWholes = 7.0;

// A connection of its own, which only reads: the window's is not touched.
store::Verification verificationOf(const QString& path, const QStringList& copies,
                                   const std::optional<store::Verified>& earlier, Instant now,
                                   Progress* progress) {
    const auto book = store::LabBook::openForReading(path);
    store::Verification found;
    if (book) {
        found = (*book)->verify(earlier, progress);
        for (const QString& folder : copies)
            for (const store::Fault& fault : (*book)->againstNotedHeads(folder))
                found.faults.push_back(fault);
    } else
        found.faults.push_back({book.error().what, {}});
    if (found.sound() && !found.earlierSchema)
        store::rememberVerified(path, {found.events, found.head, found.before > 0 ? earlier->wholly : now});
    else if (!found.faults.empty() || !found.cancelled)
        QFile::remove(store::verifiedFile(path));
    return found;
}

} // namespace

BookCare::BookCare(Session& session) : session_(session), path_(session.book().path()) {
    pool_.setMaxThreadCount(1); // one after the other
    connect(&hourly_, &QTimer::timeout, this, &BookCare::copy);
    connect(&looking_, &QTimer::timeout, this, &BookCare::lookAtTheFile);
    looking_.start(lookEvery);
}

BookCare::~BookCare() {
    finish();
}

void BookCare::finish() {
    pool_.waitForDone();
}

void BookCare::begin() {
    connect(&session_, &Session::testSigned, this, &BookCare::copy);
    hourly_.start(hour);
    verify();
    copy();
}

void BookCare::verify() {
    auto earlier = store::verifiedUpTo(path_);
    // A clock that was wrong must not put the whole off for ever.
    if (earlier && std::abs(minutesBetween(earlier->wholly, session_.now())) > daysBetweenWholes * 24.0 * 60.0)
        earlier.reset();
    verifyAfter(earlier);
}

void BookCare::verifyAll() {
    auto found = std::make_shared<store::Verification>();
    session_.background().run(
        tr("Verifying the lab book"),
        [path = path_, copies = copyFolders(), found,
         now = session_.now()](Progress& progress) -> Expected<void> {
            *found = verificationOf(path, copies, {}, now, &progress);
            return {};
        },
        this, [this, found](const Expected<void>&) { take(*found); });
}

void BookCare::verifyAfter(const std::optional<store::Verified>& earlier) {
    pool_.start([self = QPointer(this), path = path_, copies = copyFolders(), earlier, now = session_.now()] {
        QMetaObject::invokeMethod(QCoreApplication::instance(),
                                  [self, found = verificationOf(path, copies, earlier, now, nullptr)] {
                                      if (self)
                                          self->take(found);
                                  });
    });
}

void BookCare::take(const store::Verification& found) {
    if (found.cancelled && found.faults.empty()) // what was found before is still what is known
        return Q_EMIT verificationCancelled();
    verification_ = found; // damage counts, however far it was looked for
    Q_EMIT verified();
}

QStringList BookCare::copyFolders() const {
    QStringList folders{store::LabBook::copiesBeside(path_)};
    if (const std::string second = session_.book().setting("second-copies"); !second.empty())
        folders << store::LabBook::copiesIn(QString::fromStdString(second), path_);
    return folders;
}

void BookCare::copy() {
    if (session_.book().notOurs())
        return; // whatever is at this path now must not replace our copies
    copyInto({});
    if (const std::string second = session_.book().setting("second-copies"); !second.empty())
        copyInto(QString::fromStdString(second));
}

void BookCare::copyInto(const QString& folder) {
    pool_.start([self = QPointer(this), path = path_, folder, now = session_.now()] {
        const auto book = store::LabBook::openForReading(path);
        const auto made =
            book ? (*book)->backUpDaily(now, folder) : Expected<QString>(tl::unexpected(book.error()));
        QMetaObject::invokeMethod(QCoreApplication::instance(), [self, made] {
            if (!self)
                return;
            if (made)
                Q_EMIT self->copied(*made);
            else
                Q_EMIT self->copyFailed(made.error());
        });
    });
}

// A network that drops what is sent to it lets every look wait: then it is looked at more seldom.
void BookCare::lookAtTheFile() {
    QElapsedTimer took;
    took.start();
    const bool missed = displaced_ || session_.book().away(); // an act at the bench may have noticed it first
    const auto problem = session_.book().notOurs();
    constexpr int restFor = 10; // times as long as the look took
    looking_.setInterval(std::max(lookEvery, restFor * static_cast<int>(took.elapsed())));
    if (problem && !displaced_)
        Q_EMIT displaced(*problem);
    if (!problem && missed)
        Q_EMIT back();
    displaced_ = problem.has_value();
}

QString verificationWords(const store::Verification& verification) {
    if (verification.sound() && verification.before > 0)
        return QObject::tr(
                   "✓ Sound: the %1 events since the last verification, and the records that they are about. "
                   "The %2 before them were found sound within the last week.")
            .arg(verification.events - verification.before)
            .arg(verification.before);
    if (verification.sound())
        return QObject::tr("✓ Sound: %1 events, and all records agree with them.").arg(verification.events);
    const auto since = verification.damagedSince();
    QStringList lines{since ? QObject::tr("▲ This lab book is damaged since %1.").arg(report::day(*since))
                            : QObject::tr("▲ This lab book is damaged.")};
    constexpr std::size_t most = 12;
    for (std::size_t i = 0; i < std::min(most, verification.faults.size()); ++i)
        lines << report::say(verification.faults[i].what);
    if (verification.faults.size() > most)
        lines << QObject::tr("… and %1 more").arg(verification.faults.size() - most);
    lines << QObject::tr(
        "This check changed nothing. Restore a copy from before that day under a new name, then "
        "compare.");
    return lines.join(QLatin1Char('\n'));
}

} // namespace fusain::desktop

#include "moc_book_care.cpp"

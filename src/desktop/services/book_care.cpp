#include "desktop/services/book_care.hpp"

#include "desktop/services/session.hpp"
#include "report/base/words.hpp"

#include <QCoreApplication>
#include <QPointer>

namespace fusain::desktop {
namespace {

constexpr int hour = 3600 * 1000, lookEvery = 3000; // ms

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

// A connection of its own, which only reads: the window's is not touched.
void BookCare::verify() {
    pool_.start([self = QPointer(this), path = path_] {
        const auto book = store::LabBook::openForReading(path);
        auto found = std::make_shared<store::Verification>();
        if (book)
            *found = (*book)->verify();
        else
            found->faults.push_back({book.error().what, {}});
        QMetaObject::invokeMethod(QCoreApplication::instance(), [self, found] {
            if (!self)
                return;
            self->verification_ = *found;
            Q_EMIT self->verified();
        });
    });
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
        const auto made = book ? (*book)->backUpDaily(now, folder)
                               : Expected<QString>(tl::unexpected(book.error()));
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

void BookCare::lookAtTheFile() {
    const auto problem = session_.book().notOurs();
    if (problem && !displaced_)
        Q_EMIT displaced(*problem);
    displaced_ = problem.has_value();
}

QString verificationWords(const store::Verification& verification) {
    if (verification.sound())
        return QObject::tr("✓ Sound: %1 events, and all records agree with them.").arg(verification.events);
    const auto since = verification.damagedSince();
    QStringList lines{
        since ? QObject::tr("▲ This lab book is damaged since %1.")
                    .arg(report::day(*since))
              : QObject::tr("▲ This lab book is damaged.")};
    constexpr std::size_t most = 12;
    for (std::size_t i = 0; i < std::min(most, verification.faults.size()); ++i)
        lines << report::say(verification.faults[i].what);
    if (verification.faults.size() > most)
        lines << QObject::tr("… and %1 more").arg(verification.faults.size() - most);
    lines << QObject::tr("This check changed nothing. Restore a copy from before that day under a new name, then "
                         "compare.");
    return lines.join(QLatin1Char('\n'));
}

} // namespace fusain::desktop

#include "moc_book_care.cpp"

#include "fusain/stay_awake.hpp"

#include "desktop/services/session.hpp"

#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>

namespace fusain {
namespace {

QDBusMessage toScreenSaver(const QString& what, const QVariantList& with) {
    QDBusMessage message = QDBusMessage::createMethodCall(QStringLiteral("org.freedesktop.ScreenSaver"),
                                                          QStringLiteral("/org/freedesktop/ScreenSaver"),
                                                          QStringLiteral("org.freedesktop.ScreenSaver"), what);
    message.setArguments(with);
    return message;
}

} // namespace

StayAwake::StayAwake(desktop::Session& session, QObject* parent) : QObject(parent), session_(session) {
    connect(&session, &desktop::Session::changed, this, &StayAwake::follow);
    follow();
}

StayAwake::~StayAwake() {
    release();
}

void StayAwake::follow() {
    const auto runs = session_.openRuns();
    const bool measuring = std::ranges::any_of(
        runs, [](const Procedure* run) { return run->record().state == TestState::Running; });
    if (!measuring) {
        asked_ = false;
        return release();
    }
    if (asked_ || !QDBusConnection::sessionBus().isConnected())
        return;
    asked_ = true;
    auto* watcher = new QDBusPendingCallWatcher(
        QDBusConnection::sessionBus().asyncCall(
            toScreenSaver(QStringLiteral("Inhibit"), {QStringLiteral("Fusain"), tr("a test is running")})),
        this);
    connect(watcher, &QDBusPendingCallWatcher::finished, this, [this, watcher] {
        const QDBusPendingReply<quint32> reply = *watcher;
        watcher->deleteLater();
        if (reply.isValid())
            cookie_ = reply.value();
        if (!asked_) // it ended meanwhile
            release();
    });
}

void StayAwake::release() {
    if (cookie_)
        QDBusConnection::sessionBus().asyncCall(toScreenSaver(QStringLiteral("UnInhibit"), {*cookie_}));
    cookie_.reset();
}

} // namespace fusain

#include "moc_stay_awake.cpp"

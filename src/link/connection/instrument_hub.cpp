#include "link/connection/instrument_hub.hpp"

#include <QCoreApplication>

namespace fusain::link {

InstrumentHub::InstrumentHub(QObject* parent) : QObject(parent) {
    qRegisterMetaType<Frame>();
    qRegisterMetaType<LinkStatus>();
    thread_.setObjectName(QStringLiteral("instrument links"));
    thread_.start();
}

InstrumentHub::~InstrumentHub() {
    for (InstrumentLink* link : std::as_const(links_))
        link->deleteLater();
    thread_.quit();
    thread_.wait();
}

const QStringList& InstrumentHub::roles() {
    static const QStringList list{QStringLiteral("floor-scale"),   QStringLiteral("load-cell"),
                                  QStringLiteral("thermometer"),   QStringLiteral("spirometer"),
                                  QStringLiteral("room"),          QStringLiteral("chamber"),
                                  QStringLiteral("chamber-scale"), QStringLiteral("analyzer"),
                                  QStringLiteral("scanner"),       QStringLiteral("tape")};
    return list;
}

void InstrumentHub::configure(const QString& role, const LinkSettings& settings) {
    if (InstrumentLink* old = links_.take(role))
        old->deleteLater();
    auto* link = new InstrumentLink(role, settings, clock_);
    link->moveToThread(&thread_);
    links_[role] = link;
    addresses_[role] = settings.toText();
    connect(link, &InstrumentLink::frameRead, this, [this, role](const Frame& frame) {
        latest_[role] = frame;
        Q_EMIT frameArrived(frame);
    });
    connect(link, &InstrumentLink::statusChanged, this, [this](const QString& of, const LinkStatus& status) {
        const bool words = wordsFor(statuses_.value(of)) != wordsFor(status);
        statuses_[of] = status;
        if (status.state != LinkState::Live)
            latest_.remove(of); // what it showed before it was lost is no reading of now
        if (status.state == LinkState::Connecting)
            sent_.remove(of);
        if (words)
            Q_EMIT statusChanged(of);
    });
    QMetaObject::invokeMethod(link, &InstrumentLink::start);
}

std::optional<Frame> InstrumentHub::latest(const QString& role) const {
    const auto found = latest_.constFind(role);
    return found == latest_.constEnd() || !isLive(role) ? std::nullopt : std::optional(*found);
}

void InstrumentHub::send(const QString& role, const QString& line) {
    InstrumentLink* link = links_.value(role);
    if (!link)
        return;
    const LinkState state = status(role).state;
    if (state == LinkState::Live || state == LinkState::Silent)
        ++sent_[role];
    QMetaObject::invokeMethod(link, [link, line] { link->send(line); });
}

bool InstrumentHub::claim(const QString& role, const QObject* who) {
    const QObject* holder = claims_.value(role, who);
    if (holder != who)
        return false;
    claims_[role] = who;
    return true;
}

void InstrumentHub::release(const QString& role, const QObject* who) {
    if (claims_.value(role) == who)
        claims_.remove(role);
}

QString wordsFor(const LinkStatus& status) {
    QString malformed;
    if (status.malformed > 0)
        malformed += QCoreApplication::translate("link", ", %1 bad lines").arg(status.malformed);
    if (status.lost > 0)
        malformed += QCoreApplication::translate("link", ", %1 lines lost").arg(status.lost);
    if (status.repeated > 0)
        malformed += QCoreApplication::translate("link", ", %1 lines came twice").arg(status.repeated);
    switch (status.state) {
    case LinkState::Live:
        return QCoreApplication::translate("link", "live") + malformed;
    case LinkState::Connecting:
        return QCoreApplication::translate("link", "looking for it") + malformed;
    case LinkState::Silent:
        return QCoreApplication::translate("link", "silent") + malformed;
    case LinkState::Off:
        break;
    }
    return QCoreApplication::translate("link", "typed entry");
}

} // namespace fusain::link

#include "moc_instrument_hub.cpp"

#pragma once
#include "link/connection/instrument_link.hpp"

#include <QMap>
#include <QThread>

namespace fusain::link {

/// All instruments of the bench. The links run on one thread of their own; frames arrive on the caller's.
class InstrumentHub : public QObject {
    Q_OBJECT
public:
    explicit InstrumentHub(QObject* parent = nullptr);
    ~InstrumentHub() override;

    /// The instruments that the methods know.
    [[nodiscard]] static const QStringList& roles();
    /// By what clock links that are configured from here on notice silence; the computer's own until it is set.
    void setClock(LinkClock clock) { clock_ = std::move(clock); }
    void configure(const QString& role, const LinkSettings& settings);
    [[nodiscard]] LinkStatus status(const QString& role) const { return statuses_.value(role); }
    [[nodiscard]] bool isLive(const QString& role) const { return status(role).state == LinkState::Live; }
    [[nodiscard]] std::optional<Frame> latest(const QString& role) const;
    void send(const QString& role, const QString& line);
    /// Where an instrument is reached, such as "tcp:localhost:4001".
    [[nodiscard]] QString address(const QString& role) const { return addresses_.value(role); }
    /// Takes an instrument for one who records from it. @return false while somebody else has it
    [[nodiscard]] bool claim(const QString& role, const QObject* who);
    void release(const QString& role, const QObject* who);
    /// How many lines went to an instrument since its link was last made.
    [[nodiscard]] unsigned long sent(const QString& role) const { return sent_.value(role); }

Q_SIGNALS:
    void frameArrived(const fusain::link::Frame& frame);
    void statusChanged(const QString& role);

private:
    QThread thread_;
    LinkClock clock_ = monotonicClock();
    QMap<QString, InstrumentLink*> links_;
    QMap<QString, LinkStatus> statuses_;
    QMap<QString, Frame> latest_;
    QMap<QString, unsigned long> sent_;
    QMap<QString, QString> addresses_;
    QMap<QString, const QObject*> claims_;
};

/// A link's state in words: "live", "looking for it", "silent", "typed entry".
[[nodiscard]] QString wordsFor(const LinkStatus& status);

} // namespace fusain::link

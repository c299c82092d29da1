#pragma once
#include "link/connection/frame.hpp"

#include <QIODevice>
#include <QObject>
#include <QTimer>
#include <functional>
#include <memory>
#include <optional>

namespace fusain::link {

/// How an instrument is reached.
struct LinkSettings {
    enum class Kind { None, Tcp, Serial } kind = Kind::None;
    QString address; ///< "host:port", or the serial port's path
    int baudRate = 9600;
    QString parity = QStringLiteral("none"); ///< none, even, odd
    /// Reads "none", "tcp:host:port" or "serial:/dev/ttyUSB0:9600:none".
    [[nodiscard]] static LinkSettings fromText(const QString& text);
    [[nodiscard]] QString toText() const;
};

enum class LinkState { Off, Connecting, Live, Silent };

/// What a link is doing, for the spine: a word with its counts.
struct LinkStatus {
    LinkState state = LinkState::Off;
    quint64 frames = 0;
    quint64 malformed = 0;
    quint64 lost = 0;     ///< lines that were sent and did not come
    quint64 repeated = 0; ///< lines that came twice or late, and were not taken
    QString detail;
};

/// Milliseconds that only ever grow; asked from the links' thread.
using LinkClock = std::function<qint64()>;
/// The computer's own, which does not follow changes of the date.
[[nodiscard]] LinkClock monotonicClock();

/// One instrument on its port. Lives on the links' thread, reconnects by itself, and never blocks the window.
class InstrumentLink : public QObject {
    Q_OBJECT
public:
    /// @param clock by which a silent instrument is noticed
    InstrumentLink(QString role, LinkSettings settings, LinkClock clock);
    ~InstrumentLink() override;

public Q_SLOTS:
    void start();
    void stop();
    /// Sends one line to the instrument, such as "zero". Real devices ignore what they do not know.
    void send(const QString& line);

Q_SIGNALS:
    void frameRead(const fusain::link::Frame& frame);
    void statusChanged(const QString& role, const fusain::link::LinkStatus& status);

private:
    void connectDevice();
    void deviceReady();
    void lost(const QString& reason);
    void readDevice();
    [[nodiscard]] bool isNext(unsigned long sequence);
    void watch();
    void setState(LinkState state, const QString& detail = {});

    QString role_;
    LinkSettings settings_;
    std::unique_ptr<QIODevice> device_;
    LineAssembler lines_;
    LinkStatus status_;
    QTimer* retry_ = nullptr;
    QTimer* watchdog_ = nullptr;
    LinkClock clock_;
    std::optional<qint64> lastFrame_;       ///< by the clock
    std::optional<unsigned long> sequence_; ///< of the last line on this connection
};

} // namespace fusain::link

Q_DECLARE_METATYPE(fusain::link::Frame)
Q_DECLARE_METATYPE(fusain::link::LinkStatus)

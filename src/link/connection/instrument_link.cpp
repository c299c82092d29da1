#include "link/connection/instrument_link.hpp"

#include <QSerialPort>
#include <QTcpSocket>
#include <chrono>

namespace fusain::link {
namespace {

constexpr int retryMilliseconds = 500;
constexpr int silentMilliseconds = 3000;

QSerialPort::Parity parityFrom(const QString& text) {
    return text == QLatin1String("even")  ? QSerialPort::EvenParity
           : text == QLatin1String("odd") ? QSerialPort::OddParity
                                          : QSerialPort::NoParity;
}

const QStringList& parities() {
    static const QStringList words{QStringLiteral("none"), QStringLiteral("even"), QStringLiteral("odd")};
    return words;
}

constexpr int leastBaudRate = 50;

} // namespace

LinkSettings LinkSettings::fromText(const QString& text) {
    LinkSettings settings;
    QStringList parts = text.split(QLatin1Char(':'));
    if (parts[0] == QLatin1String("tcp") && parts.size() == 3 && parts[2].toUShort() > 0) {
        settings.kind = Kind::Tcp;
        settings.address = parts[1] + QLatin1Char(':') + parts[2];
    } else if (parts[0] == QLatin1String("serial") && parts.size() >= 2) {
        // From the right: the stable names of ports hold colons themselves.
        settings.kind = Kind::Serial;
        if (parts.size() > 3 && parities().contains(parts.back()) && parts[parts.size() - 2].toInt() > 0)
            settings.parity = parts.takeLast();
        if (parts.size() > 2 && parts.back().toInt() >= leastBaudRate)
            settings.baudRate = parts.takeLast().toInt();
        settings.address = parts.mid(1).join(QLatin1Char(':'));
    }
    return settings;
}

QString LinkSettings::toText() const {
    if (kind == Kind::Tcp)
        return QStringLiteral("tcp:") + address;
    if (kind == Kind::Serial)
        return QStringLiteral("serial:%1:%2:%3").arg(address).arg(baudRate).arg(parity);
    return QStringLiteral("none");
}

LinkClock monotonicClock() {
    return [] {
        using namespace std::chrono;
        return static_cast<qint64>(duration_cast<milliseconds>(steady_clock::now().time_since_epoch()).count());
    };
}

InstrumentLink::InstrumentLink(QString role, LinkSettings settings, LinkClock clock)
    : role_(std::move(role)), settings_(std::move(settings)), clock_(std::move(clock)) {}

InstrumentLink::~InstrumentLink() {
    if (device_)
        device_->disconnect(this);
}

void InstrumentLink::start() {
    retry_ = new QTimer(this);
    retry_->setSingleShot(true);
    connect(retry_, &QTimer::timeout, this, &InstrumentLink::connectDevice);
    watchdog_ = new QTimer(this);
    connect(watchdog_, &QTimer::timeout, this, &InstrumentLink::watch);
    watchdog_->start(500);
    connectDevice();
}

void InstrumentLink::stop() {
    if (retry_)
        retry_->stop();
    if (watchdog_)
        watchdog_->stop();
    if (device_)
        device_->disconnect(this);
    device_.reset();
    setState(LinkState::Off);
}

void InstrumentLink::connectDevice() {
    if (settings_.kind == LinkSettings::Kind::None)
        return setState(LinkState::Off);
    lines_.clear();
    sequence_.reset();
    setState(LinkState::Connecting);
    if (settings_.kind == LinkSettings::Kind::Tcp) {
        auto socket = std::make_unique<QTcpSocket>();
        connect(socket.get(), &QTcpSocket::connected, this, &InstrumentLink::deviceReady);
        connect(socket.get(), &QTcpSocket::disconnected, this,
                [this] { lost(QStringLiteral("disconnected")); });
        connect(socket.get(), &QTcpSocket::errorOccurred, this,
                [this] { lost(device_ ? device_->errorString() : QString()); });
        connect(socket.get(), &QIODevice::readyRead, this, &InstrumentLink::readDevice);
        auto* raw = socket.get();
        device_ = std::move(socket);
        raw->connectToHost(settings_.address.section(QLatin1Char(':'), 0, 0),
                           static_cast<quint16>(settings_.address.section(QLatin1Char(':'), 1).toInt()));
        return;
    }
    auto port = std::make_unique<QSerialPort>(settings_.address);
    port->setBaudRate(settings_.baudRate);
    port->setParity(parityFrom(settings_.parity));
    connect(port.get(), &QIODevice::readyRead, this, &InstrumentLink::readDevice);
    connect(port.get(), &QSerialPort::errorOccurred, this, [this](QSerialPort::SerialPortError error) {
        if (error != QSerialPort::NoError && error != QSerialPort::TimeoutError)
            lost(device_ ? device_->errorString() : QString());
    });
    auto* raw = port.get();
    device_ = std::move(port);
    if (raw->open(QIODevice::ReadWrite))
        deviceReady();
}

void InstrumentLink::deviceReady() {
    lastFrame_ = clock_();
    setState(LinkState::Live);
}

// The device may be inside its own signal: it is deleted later, and a new one is tried after a moment.
void InstrumentLink::lost(const QString& reason) {
    if (!device_)
        return;
    device_->disconnect(this);
    device_.release()->deleteLater();
    setState(LinkState::Connecting, reason);
    retry_->start(retryMilliseconds);
}

void InstrumentLink::readDevice() {
    const QByteArray bytes = device_->readAll();
    const std::size_t droppedBefore = lines_.dropped();
    for (const std::string& line : lines_.add({bytes.constData(), static_cast<std::size_t>(bytes.size())})) {
        const auto frame = parseFrame(line);
        if (!frame || frame->role != role_.toStdString()) {
            ++status_.malformed;
            continue;
        }
        lastFrame_ = clock_();
        if (!isNext(frame->sequence))
            continue;
        ++status_.frames;
        if (status_.state != LinkState::Live)
            setState(LinkState::Live);
        Q_EMIT frameRead(*frame);
    }
    status_.malformed += lines_.dropped() - droppedBefore;
}

// Lines are numbered one by one. One that was there already says nothing new; after a gap the others are
// missing. An instrument that is switched off and on begins again.
bool InstrumentLink::isNext(unsigned long sequence) {
    constexpr unsigned long begins = 1, farthest = 1000000;
    const bool again = sequence_ && sequence <= *sequence_ && sequence > begins;
    if (again || (sequence_ && sequence > *sequence_ && sequence - *sequence_ > farthest)) {
        ++status_.repeated;
        return false;
    }
    if (sequence_ && sequence > *sequence_)
        status_.lost += sequence - *sequence_ - 1;
    sequence_ = sequence;
    return true;
}

void InstrumentLink::watch() {
    if (status_.state == LinkState::Live && lastFrame_ && clock_() - *lastFrame_ > silentMilliseconds)
        setState(LinkState::Silent, QStringLiteral("no readings"));
    Q_EMIT statusChanged(role_, status_);
}

void InstrumentLink::send(const QString& line) {
    if (device_ && device_->isOpen())
        device_->write(line.toUtf8() + '\n');
}

void InstrumentLink::setState(LinkState state, const QString& detail) {
    status_.state = state;
    status_.detail = detail;
    Q_EMIT statusChanged(role_, status_);
}

} // namespace fusain::link

#include "moc_instrument_link.cpp"

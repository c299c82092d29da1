#include "link/connection/instrument_hub.hpp"
#include "link/simulation/all/simulated_lab.hpp"

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QTcpServer>
#include <QTcpSocket>
#include <gtest/gtest.h>

namespace fusain::link::hub_test {
namespace {

using simulation::LabFaults;
using simulation::SimulatedLab;

const QString loadCell = QStringLiteral("load-cell");

// Lets the event loop run until `condition` holds; gives up after `milliseconds`.
template <class Condition>
bool soon(Condition condition, int milliseconds = 150000) {
    QElapsedTimer timer;
    timer.start();
    while (!condition() && timer.elapsed() < milliseconds)
        QCoreApplication::processEvents(QEventLoop::AllEvents, 10);
    return condition();
}

class Links : public ::testing::Test {
protected:
    void listen(const LabFaults& faults = {}) {
        lab = std::make_unique<SimulatedLab>(3, simulation::VirtualPerson{}, faults);
        port = lab->openTcp(loadCell);
        hub.configure(loadCell, LinkSettings::fromText(QStringLiteral("tcp:127.0.0.1:%1").arg(port)));
        QObject::connect(&hub, &InstrumentHub::frameArrived, &hub,
                         [this](const Frame& frame) { frames.push_back(frame); });
    }
    InstrumentHub hub;
    std::unique_ptr<SimulatedLab> lab;
    quint16 port = 0;
    std::vector<Frame> frames;
};

TEST_F(Links, ReadingsArriveOverTcp) {
    listen();
    ASSERT_TRUE(soon([&] { return frames.size() > 20; }));
    EXPECT_TRUE(hub.isLive(loadCell));
    EXPECT_NEAR(hub.latest(loadCell)->value("kg"), 0.0, 0.02); // chair and belt, zeroed
}

TEST_F(Links, ReadingsArriveOverASerialTerminal) {
    lab = std::make_unique<SimulatedLab>(3, simulation::VirtualPerson{}, LabFaults{});
    const QString path = lab->openTerminal(loadCell);
    ASSERT_FALSE(path.isEmpty());
    hub.configure(loadCell, LinkSettings::fromText(QStringLiteral("serial:%1:9600:none").arg(path)));
    EXPECT_TRUE(soon([&] { return hub.latest(loadCell).has_value(); }));
    hub.send(loadCell, QStringLiteral("cue reference 5"));
    EXPECT_TRUE(soon([&] { return hub.latest(loadCell) && hub.latest(loadCell)->value("kg") > 4.9; }));
}

TEST_F(Links, ThePulledCableComesBackByItself) {
    listen();
    ASSERT_TRUE(soon([&] { return frames.size() > 5; }));
    lab->pullCables();
    ASSERT_TRUE(soon([&] { return hub.status(loadCell).state == LinkState::Connecting; }));
    EXPECT_FALSE(hub.latest(loadCell));
    // Until a new reading is there the old one is none, even when the cable is in again.
    const unsigned long last = frames.back().sequence;
    const std::size_t before = frames.size();
    ASSERT_TRUE(soon([&] { return hub.isLive(loadCell); }));
    if (const auto latest = hub.latest(loadCell))
        EXPECT_GT(latest->sequence, last);
    EXPECT_TRUE(soon([&] { return hub.isLive(loadCell) && frames.size() > before + 5; }));
}

TEST_F(Links, GarbageIsCountedAndThrownAway) {
    LabFaults faults;
    faults.garbage = true;
    listen(faults);
    ASSERT_TRUE(soon([&] { return hub.status(loadCell).malformed > 3 && frames.size() > 20; }));
    for (const Frame& frame : frames)
        EXPECT_EQ(frame.role, "load-cell");
    EXPECT_NE(wordsFor(hub.status(loadCell)).indexOf(QStringLiteral("bad lines")), -1);
}

TEST_F(Links, ASilentInstrumentIsCalledSilent) {
    LabFaults faults;
    faults.thermometerDead = true;
    lab = std::make_unique<SimulatedLab>(3, simulation::VirtualPerson{}, faults);
    const QString thermometer = QStringLiteral("thermometer");
    hub.setClock(lab->clock());
    hub.configure(thermometer,
                  LinkSettings::fromText(QStringLiteral("tcp:127.0.0.1:%1").arg(lab->openTcp(thermometer))));
    EXPECT_TRUE(soon([&] { return hub.status(thermometer).state == LinkState::Silent; }));
}

TEST_F(Links, NothingThereIsLookedForWithoutEnd) {
    hub.configure(loadCell, LinkSettings::fromText(QStringLiteral("tcp:127.0.0.1:1")));
    // Refused at once, looked for again: it says so twice.
    int tries = 0;
    QObject::connect(&hub, &InstrumentHub::statusChanged, &hub, [&] { ++tries; });
    EXPECT_TRUE(soon([&] { return hub.status(loadCell).state == LinkState::Connecting; }));
    EXPECT_TRUE(soon([&] { return !hub.status(loadCell).detail.isEmpty(); }));
    EXPECT_EQ(hub.status(loadCell).state, LinkState::Connecting);
}

/// A device that sends what it is told to.
class Sender {
public:
    Sender() { EXPECT_TRUE(server_.listen(QHostAddress::LocalHost)); }
    LinkSettings settings() const {
        return LinkSettings::fromText(QStringLiteral("tcp:127.0.0.1:%1").arg(server_.serverPort()));
    }
    void send(unsigned long sequence, double value) {
        if (!socket_ && server_.waitForNewConnection(10000))
            socket_ = server_.nextPendingConnection();
        ASSERT_TRUE(socket_);
        socket_->write(QByteArray::fromStdString(formatFrame({"load-cell", sequence, {{"kg", value}}})) + '\n');
        socket_->flush();
    }

private:
    QTcpServer server_;
    QTcpSocket* socket_ = nullptr;
};

TEST_F(Links, LostDoubledAndReplayedLinesAreCountedAndOnlyNewOnesTaken) {
    Sender device;
    std::vector<unsigned long> taken;
    QObject::connect(&hub, &InstrumentHub::frameArrived, &hub,
                     [&](const Frame& frame) { taken.push_back(frame.sequence); });
    hub.configure(loadCell, device.settings());
    for (const unsigned long sequence : {5ul, 5ul, 6ul, 4ul, 9ul, 1000000000000000000ul, 10ul, 1ul, 2ul})
        device.send(sequence, 4.0);
    ASSERT_TRUE(soon([&] { return !taken.empty() && taken.back() == 2ul; }));
    // 5 once, 6, 9 after two that are missing, 10; switched off and on: 1, 2.
    EXPECT_EQ(taken, (std::vector{5ul, 6ul, 9ul, 10ul, 1ul, 2ul}));
    ASSERT_TRUE(soon([&] { return hub.status(loadCell).repeated == 3; }));
    EXPECT_EQ(hub.status(loadCell).lost, 2u);
    EXPECT_TRUE(wordsFor(hub.status(loadCell)).contains(QStringLiteral("2 lines lost")));
}

TEST_F(Links, AValueThatNoInstrumentShowsIsABadLine) {
    Sender device;
    hub.configure(loadCell, device.settings());
    device.send(1, 1e9);
    device.send(2, 1.1e9);
    device.send(3, -1e308);
    ASSERT_TRUE(soon([&] { return hub.status(loadCell).malformed == 2; }));
    EXPECT_EQ(hub.status(loadCell).frames, 1u);
}

TEST(LinkSettings, RoundTripAsText) {
    for (const char* text : {"none", "tcp:127.0.0.1:4000", "serial:/dev/ttyUSB0:19200:even"})
        EXPECT_EQ(LinkSettings::fromText(QLatin1String(text)).toText(), QLatin1String(text));
    EXPECT_EQ(LinkSettings::fromText(QStringLiteral("pigeon")).kind, LinkSettings::Kind::None);
    EXPECT_EQ(LinkSettings::fromText(QStringLiteral("tcp:host:notaport")).kind, LinkSettings::Kind::None);
    // The stable name of a port holds colons itself.
    const auto stable = LinkSettings::fromText(
        QStringLiteral("serial:/dev/serial/by-path/pci-0000:00:14.0-usb-0:2:1.0-port0:9600:even"));
    EXPECT_EQ(stable.address, QLatin1String("/dev/serial/by-path/pci-0000:00:14.0-usb-0:2:1.0-port0"));
    EXPECT_EQ(stable.baudRate, 9600);
    EXPECT_EQ(stable.parity, QLatin1String("even"));
    const auto alone =
        LinkSettings::fromText(QStringLiteral("serial:/dev/serial/by-path/pci-0000:00:14.0-port0"));
    EXPECT_EQ(alone.address, QLatin1String("/dev/serial/by-path/pci-0000:00:14.0-port0"));
    EXPECT_EQ(alone.baudRate, 9600);
}

} // namespace
} // namespace fusain::link::hub_test

#include "link/simulation/all/simulated_lab.hpp"

#include "record/base/json.hpp"
#include "record/scan/file.hpp"

#include <QFile>
#include <QSaveFile>
#include <QSocketNotifier>
#include <QTcpServer>
#include <QTcpSocket>
#include <array>
#include <cmath>
#include <cstdlib>
#include <fcntl.h>
#include <termios.h>
#include <unistd.h>

namespace fusain::simulation {
namespace {

constexpr int tickMilliseconds = 20;  // the load cell's 50 Hz
constexpr double chairAndBelt = 4.15; // kg in the water before zeroing

} // namespace

struct SimulatedLab::Instrument {
    std::unique_ptr<QTcpServer> server;
    std::vector<QTcpSocket*> clients;
    int terminal = -1;
    std::unique_ptr<QSocketNotifier> notifier;
    unsigned long sequence = 0;
    unsigned long taken = 0;
    QByteArray pending;
};

SimulatedLab::SimulatedLab(std::uint64_t seed, VirtualPerson person, LabFaults faults, QObject* parent)
    : QObject(parent), random_(seed), person_(person), faults_(faults) {
    connect(&timer_, &QTimer::timeout, this, &SimulatedLab::tick);
    timer_.setTimerType(Qt::PreciseTimer);
    timer_.start(tickMilliseconds);
}

SimulatedLab::~SimulatedLab() {
    for (auto& [role, instrument] : instruments_) {
        // A socket says goodbye while it dies; by then nobody must listen any more.
        for (QTcpSocket* socket : instrument->clients)
            socket->disconnect(this);
        if (instrument->terminal >= 0)
            ::close(instrument->terminal);
    }
}

quint16 SimulatedLab::openTcp(const QString& role, quint16 port) {
    auto& instrument = instruments_[role] = std::make_unique<Instrument>();
    instrument->server = std::make_unique<QTcpServer>();
    if (!instrument->server->listen(QHostAddress::LocalHost, port))
        return 0;
    Instrument* target = instrument.get();
    connect(target->server.get(), &QTcpServer::newConnection, this, [this, target, role] {
        while (QTcpSocket* socket = target->server->nextPendingConnection()) {
            target->clients.push_back(socket);
            target->taken = 0;
            connect(socket, &QTcpSocket::disconnected, this, [target, socket] {
                std::erase(target->clients, socket);
                socket->deleteLater();
            });
            connect(socket, &QIODevice::readyRead, this, [this, target, socket, role] {
                for (; socket->canReadLine(); ++target->taken)
                    take(role, QString::fromUtf8(socket->readLine()).trimmed());
            });
        }
    });
    return instrument->server->serverPort();
}

QString SimulatedLab::openTerminal(const QString& role) {
    const int terminal = ::posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK);
    if (terminal < 0 || ::grantpt(terminal) != 0 || ::unlockpt(terminal) != 0)
        return {};
    const QString path = QString::fromLocal8Bit(::ptsname(terminal));
    termios raw{};
    if (::tcgetattr(terminal, &raw) == 0) {
        ::cfmakeraw(&raw);
        ::tcsetattr(terminal, TCSANOW, &raw);
    }
    auto& instrument = instruments_[role] = std::make_unique<Instrument>();
    instrument->terminal = terminal;
    instrument->notifier = std::make_unique<QSocketNotifier>(terminal, QSocketNotifier::Read);
    Instrument* target = instrument.get();
    connect(target->notifier.get(), &QSocketNotifier::activated, this, [this, target, role] {
        char bytes[256];
        const ssize_t count = ::read(target->terminal, bytes, sizeof bytes);
        if (count <= 0) {
            // Nobody holds the other end: look again with the next tick instead of spinning.
            target->notifier->setEnabled(false);
            QTimer::singleShot(200, this, [target] { target->notifier->setEnabled(true); });
            return;
        }
        target->pending.append(bytes, static_cast<int>(count));
        for (qsizetype end = target->pending.indexOf('\n'); end >= 0; end = target->pending.indexOf('\n')) {
            take(role, QString::fromUtf8(target->pending.left(end)).trimmed());
            target->pending.remove(0, end + 1);
        }
    });
    return path;
}

void SimulatedLab::setPace(int milliseconds, std::function<bool()> ready) {
    ready_ = std::move(ready);
    timer_.start(milliseconds);
}

std::function<qint64()> SimulatedLab::clock() const {
    return [time = time_] { return time->load(); };
}

unsigned long SimulatedLab::sent(const QString& role) const {
    const auto found = instruments_.find(role);
    return found == instruments_.end() ? 0 : found->second->sequence;
}

unsigned long SimulatedLab::taken(const QString& role) const {
    const auto found = instruments_.find(role);
    return found == instruments_.end() ? 0 : found->second->taken;
}

void SimulatedLab::pullCables() {
    for (auto& [role, instrument] : instruments_)
        for (QTcpSocket* socket : std::vector<QTcpSocket*>(instrument->clients))
            socket->abort();
}

void SimulatedLab::emitFrame(const QString& role, std::map<std::string, double> values) {
    const auto found = instruments_.find(role);
    if (found == instruments_.end())
        return;
    Instrument& instrument = *found->second;
    QByteArray line = QByteArray::fromStdString(
                          link::formatFrame({role.toStdString(), ++instrument.sequence, std::move(values)})) +
                      '\n';
    if (faults_.garbage && ++lines_ % 5 == 0)
        line = QByteArrayLiteral("\x03#~ noise \xff\x00 on the line *ZZ\n");
    for (QTcpSocket* socket : instrument.clients)
        socket->write(line);
    if (instrument.terminal >= 0) [[maybe_unused]]
        const ssize_t written =
            ::write(instrument.terminal, line.constData(), static_cast<std::size_t>(line.size()));
}

void SimulatedLab::setScript(FaultScript script, int recordings) {
    script_ = std::move(script);
    recordings_ = recordings;
    faults_ = script_.during(recordings);
}

bool SimulatedLab::mend(std::string_view act) {
    const bool mended = script_.mend(act, recordings_ + 1);
    if (mended)
        faults_ = script_.during(recordings_);
    // Lines are drawn again on the scan that is there: no second dose.
    if (mended && act == "lines-again" && scans_ > 0) {
        beginRecording();
        leaveScan(true);
    }
    return mended;
}

void SimulatedLab::beginRecording() {
    ++recordings_;
    const auto names = script_.namesDuring(recordings_);
    if (!script_.empty())
        faults_ = script_.during(recordings_);
    QStringList spoiltBy;
    for (const std::string& name : names)
        spoiltBy << QString::fromStdString(name);
    Q_EMIT recordingBegun(recordings_, spoiltBy);
}

double SimulatedLab::loadCellReading() {
    const double drift =
        faults_.zeroDrift ? zeroDriftRate * static_cast<double>(ticks_) * tickMilliseconds / 1000.0 : 0.0;
    if (submersionAt_ < submersion_.size())
        return submersion_[submersionAt_++].gross.value() + chairAndBelt - zero_ + drift;
    return chairAndBelt + hung_ - zero_ + drift + gauss(random_, 0.002);
}

void SimulatedLab::tick() {
    if (ready_ && !ready_())
        return;
    ++ticks_;
    *time_ = ticks_ * tickMilliseconds;
    const double seconds = static_cast<double>(ticks_) * tickMilliseconds / 1000.0;
    emitFrame(QStringLiteral("load-cell"), {{"t", seconds}, {"kg", std::round(loadCellReading() * 1e4) / 1e4}});
    if (blowAt_ < blow_.size()) {
        emitFrame(QStringLiteral("spirometer"),
                  {{"t", static_cast<double>(blowAt_) * tickMilliseconds / 1000.0}, {"l", blow_[blowAt_]}});
        if (++blowAt_ == blow_.size())
            emitFrame(QStringLiteral("spirometer"), {{"end", 1.0}});
    }
    tickChamber();
    tickAnalyzer();
    tickScanner();
    if (ticks_ % 5 == 0) {
        tickChamberScale();
        tickTape();
        const double sway = faults_.scaleUnstable ? 0.4 : 0.01;
        const double mass =
            onScale_ ? person_.dryMass + (faults_.scaleOffset ? scaleOffsetError : 0.0) + gauss(random_, sway)
                     : gauss(random_, 0.01);
        emitFrame(QStringLiteral("floor-scale"),
                  {{"kg", std::round(mass * 100.0) / 100.0}, {"stable", faults_.scaleUnstable ? 0.0 : 1.0}});
    }
    if (ticks_ % 50 == 0) {
        if (!faults_.thermometerDead)
            emitFrame(QStringLiteral("thermometer"),
                      {{"c", std::round((34.2 + gauss(random_, 0.03)) * 100.0) / 100.0}});
        emitFrame(
            QStringLiteral("room"),
            {{"c", std::round((23.4 + gauss(random_, 0.05)) * 10.0) / 10.0},
             {"mmhg", faults_.roomFrozen ? 300.0 : std::round((756.3 + gauss(random_, 0.1)) * 10.0) / 10.0}});
        emitFrame(QStringLiteral("spirometer"), {{"idle", 1.0}});
        if (scanned_ < 0.0)
            emitFrame(QStringLiteral("scanner"), {{"idle", 1.0}});
        if (analyzerAt_ >= analyzerFrames_.size())
            emitFrame(QStringLiteral("analyzer"), {{"idle", 1.0}});
    }
}

// 100 Hz: two samples a tick in life. Between recordings the diaphragm moves on in the empty chamber.
void SimulatedLab::tickChamber() {
    const auto rounded = [](double x) { return std::round(x * 1e4) / 1e4; };
    for (int i = 0; i < 2 * chamberSpeed_; ++i) {
        ++chamberSamples_;
        const double t = rounded(static_cast<double>(chamberSamples_) / chamber_.sampleRate);
        if (pantingAt_ < panting_.size()) {
            const auto& sample = panting_[pantingAt_++];
            emitFrame(QStringLiteral("chamber"), {{"t", t},
                                                  {"test", rounded(sample.chamber.value())},
                                                  {"airway", rounded(sample.airway.value())}});
        } else if (pressureAt_ < pressures_.size()) {
            const auto& sample = pressures_[pressureAt_++];
            emitFrame(
                QStringLiteral("chamber"),
                {{"t", t}, {"test", rounded(sample.test.value())}, {"ref", rounded(sample.reference.value())}});
        } else if (chamberSamples_ % 100 == 0) {
            emitFrame(QStringLiteral("chamber"), {{"idle", 1.0}});
        }
    }
}

void SimulatedLab::tickChamberScale() {
    const double mass =
        onChamberScale_ + (faults_.chamberScaleOffset ? chamberScaleError : 0.0) + gauss(random_, 0.003);
    emitFrame(QStringLiteral("chamber-scale"), {{"kg", std::round(mass * 1000.0) / 1000.0}});
}

void SimulatedLab::takeChamber(const QString& line) {
    constexpr double calibrationSeconds = 29.0, trialSeconds = 54.0;
    pressureAt_ = pantingAt_ = 0;
    panting_.clear();
    pressures_.clear();
    if (line == QLatin1String("cue empty") || line == QLatin1String("cue cylinder")) {
        pressures_ =
            playCalibration(chamber_, line.endsWith(QLatin1String("cylinder")), calibrationSeconds, random_);
    } else if (line == QLatin1String("cue trial")) {
        beginRecording();
        ChamberOccupant occupant = person_.inChamber;
        occupant.tissueVolume += gauss(random_, 0.03); // people never sit twice the same
        occupant.faults = faults_.chamber;
        pressures_ = playVolumeTrial(chamber_, occupant, trialSeconds, random_);
    } else if (line == QLatin1String("cue pant")) {
        panting_ = playPanting(chamber_, person_.inChamber, 12.0, false, random_);
    }
}

// Open, then round the body; it stays there until it is taken off.
void SimulatedLab::tickTape() {
    const bool round = laying_ == 0 && laid_ > Centimetres(0.0);
    laying_ = std::max(0, laying_ - 1);
    emitFrame(QStringLiteral("tape"), {{"cm", round ? laid_.value() : 0.0}});
}

void SimulatedLab::takeTape(const QString& line) {
    constexpr int framesOfALaying = 8;
    laid_ = Centimetres(0.0);
    const auto site = girth::siteFromKey(line.section(QLatin1Char(' '), 2).toStdString());
    if (!line.startsWith(QLatin1String("cue girth ")) || !site)
        return;
    beginRecording();
    laid_ = layTape(person_.underTape, *site, faults_.tape, random_);
    laying_ = framesOfALaying;
}

// A sweep of 49 readings takes a minute in life.
void SimulatedLab::tickAnalyzer() {
    if (analyzerAt_ >= analyzerFrames_.size())
        return;
    constexpr double readingsPerSecond = 49.0 / 60.0;
    analyzerDue_ += readingsPerSecond * analyzerSpeed_ * tickMilliseconds / 1000.0;
    for (; analyzerDue_ >= 1.0 && analyzerAt_ < analyzerFrames_.size(); analyzerDue_ -= 1.0)
        emitFrame(QStringLiteral("analyzer"), analyzerFrames_[analyzerAt_++]);
}

void SimulatedLab::takeAnalyzer(const QString& line) {
    const auto frameOf = [](const impedance::SpectrumPoint& point) {
        const auto rounded = [](double x) { return std::round(x * 1e3) / 1e3; };
        return std::map<std::string, double>{{"hz", point.frequency.value()},
                                             {"r", rounded(point.impedance->resistance.value())},
                                             {"xc", rounded(point.impedance->reactance.value())},
                                             {"scatter", std::round(point.scatter.value_or(0.0) * 1e5) / 1e5}};
    };
    analyzerFrames_.clear();
    analyzerAt_ = 0;
    analyzerDue_ = 0.0;
    if (line == QLatin1String("cue sweep")) {
        beginRecording();
        const auto sweep = playSweep(analyzer_, person_.onAnalyzer, faults_.analyzer, random_);
        for (const impedance::Spectrum& spectrum : sweep.spectra)
            for (const impedance::SpectrumPoint& point : spectrum.points) {
                analyzerFrames_.push_back(frameOf(point));
                analyzerFrames_.back()["segment"] = static_cast<double>(spectrum.segment);
            }
        analyzerFrames_.push_back(frameOf(*sweep.closing));
        analyzerFrames_.back()["closing"] = 1.0;
        const auto total = static_cast<double>(analyzerFrames_.size());
        for (std::size_t i = 0; i < analyzerFrames_.size(); ++i) {
            analyzerFrames_[i]["n"] = static_cast<double>(i + 1);
            analyzerFrames_[i]["of"] = total;
        }
        analyzerFrames_.push_back({{"end", 1.0}});
    } else if (line.startsWith(QLatin1String("cue module"))) {
        analyzerFrames_.push_back(
            frameOf(playModule(line.endsWith(QLatin1String("rc")), faults_.analyzerOff, random_)));
        analyzerFrames_.back()["module"] = 1.0;
        analyzerDue_ = 1.0;
    }
}

void SimulatedLab::startSubmersion() {
    const double heldBack = person_.learning * std::pow(2.0 / 3.0, trials_);
    beginRecording();
    const double net = person_.netUnderwaterMass - 0.994 * heldBack + gauss(random_, 0.015);
    ++trials_;
    submersion_ = playSubmersion(submersionWith(faults_, net, random_), random_).samples;
    submersionAt_ = 0;
}

// The arm moves for seven minutes of life; then the densitometer leaves the scan in its folder.
void SimulatedLab::tickScanner() {
    constexpr double scanSeconds = 420.0;
    if (scanned_ < 0.0)
        return;
    scanned_ += scanSpeed_ * tickMilliseconds / 1000.0;
    if (ticks_ % 10 == 0)
        emitFrame(QStringLiteral("scanner"),
                  {{"percent", std::min(100.0, std::floor(100.0 * scanned_ / scanSeconds))}});
    if (scanned_ < scanSeconds)
        return;
    scanned_ = -1.0;
    leaveScan();
}

void SimulatedLab::takeScanner(const QString& line) {
    if (line == QLatin1String("cue scan")) {
        beginRecording();
        scanned_ = 0.0;
    } else if (line == QLatin1String("cue stop")) {
        scanned_ = -1.0;
    } else if (line.startsWith(QLatin1String("cue phantom"))) {
        const Percent nominal(line.section(QLatin1Char(' '), 2).toDouble());
        emitFrame(QStringLiteral("scanner"),
                  {{"phantom", playPhantom(nominal, faults_.phantomOff, random_).value()}});
    }
}

void SimulatedLab::leaveScan(bool again) {
    Random draw = again ? scanDraw_ : random_;
    scanDraw_ = draw;
    ScanFile file;
    file.clientCode = person_.code;
    file.scannedAt = scanClock_ ? scanClock_() : Instant{};
    file.scanner = {"Scanner", "3.1", "whole body"};
    file.dose = Microsieverts(5.0);
    file.scan = playWholeBody(trueRegions(person_.onScanner), faults_.scanner, {}, draw);
    if (!again)
        random_ = draw;
    QSaveFile kept(scanFolder_ +
                   QStringLiteral("/scan-%1-%2.json").arg(QString::fromStdString(person_.code)).arg(++scans_));
    const bool written = !scanFolder_.isEmpty() && kept.open(QIODevice::WriteOnly) &&
                         kept.write(QByteArray::fromStdString(fusain::toJson(file).dump(1))) > 0 &&
                         kept.commit();
    emitFrame(QStringLiteral("scanner"), {{"done", written ? 1.0 : 0.0}});
}

void SimulatedLab::startBlow() {
    const double capacity =
        person_.vitalCapacity * (1.0 - std::abs(gauss(random_, 0.012))) / 1.083; // at ambient conditions
    const double seconds = faults_.spirometerLeak ? 1.6 : 7.5;
    blow_.clear();
    for (double t = 0.0; t < seconds; t += tickMilliseconds / 1000.0)
        blow_.push_back(t < 0.2 ? 0.0 : capacity * (1.0 - std::exp(-(t - 0.2) / 0.6)));
    blowAt_ = 0;
}

// Three litres from the calibration syringe, as the spirometer sees them: a slow, a middling and a fast stroke
// in turn.
void SimulatedLab::startSyringe() {
    constexpr std::array strokeSeconds{3.0, 1.2, 0.6};
    const double volume = 3.0 * (1.0 + gauss(random_, 0.006)) * (faults_.spirometerLeak ? 0.9 : 1.0);
    const double seconds = faults_.strokesAlike ? strokeSeconds[1] : strokeSeconds[strokes_++ % 3];
    blow_.clear();
    for (double t = 0.0; t < seconds + 0.4; t += tickMilliseconds / 1000.0)
        blow_.push_back(std::min(volume, volume * t / seconds));
    blowAt_ = 0;
}

void SimulatedLab::take(const QString& role, const QString& line) {
    if (role == QLatin1String("load-cell")) {
        if (line == QLatin1String("zero"))
            zero_ = chairAndBelt + hung_;
        else if (line.startsWith(QLatin1String("cue reference")))
            hung_ = line.section(QLatin1Char(' '), 2).toDouble();
        else if (line == QLatin1String("cue under"))
            startSubmersion();
        else if (line == QLatin1String("cue out"))
            submersionAt_ = submersion_.size();
    } else if (role == QLatin1String("floor-scale")) {
        if (line.startsWith(QLatin1String("cue step")))
            onScale_ = line.endsWith(QLatin1String("on"));
    } else if (role == QLatin1String("chamber")) {
        takeChamber(line);
    } else if (role == QLatin1String("analyzer")) {
        takeAnalyzer(line);
    } else if (role == QLatin1String("scanner")) {
        takeScanner(line);
    } else if (role == QLatin1String("tape")) {
        takeTape(line);
    } else if (role == QLatin1String("chamber-scale")) {
        onChamberScale_ = line.startsWith(QLatin1String("cue reference"))
                              ? line.section(QLatin1Char(' '), 2).toDouble()
                          : line == QLatin1String("cue step-on") ? person_.dryMass
                                                                 : 0.0;
    } else if (role == QLatin1String("spirometer") && line == QLatin1String("cue blow")) {
        startBlow();
    } else if (role == QLatin1String("spirometer") && line == QLatin1String("cue syringe")) {
        startSyringe();
    }
}

} // namespace fusain::simulation

#include "moc_simulated_lab.cpp"

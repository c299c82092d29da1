#include "desktop/recordings/chamber/pressure_recording.hpp"

namespace fusain::desktop {
namespace {

constexpr double settlingSeconds = 1.0;
constexpr std::size_t pantingSamples = 340;

} // namespace

PressureRecording::PressureRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent)
    : Recording(hub, chamberRole, whose, parent) {}

Expected<void> PressureRecording::start(const QString& cue, double seconds) {
    if (auto begun = begin(cue); !begun)
        return begun;
    samples_.clear();
    start_.reset();
    seconds_ = seconds;
    complete_ = false;
    Q_EMIT advanced();
    return {};
}

void PressureRecording::replay(std::vector<airdisplacement::PressureSample> samples, std::string name) {
    beginFromFile(std::move(name));
    samples_ = std::move(samples);
    complete_ = true;
    Q_EMIT finished();
}

void PressureRecording::clear() {
    end();
    samples_.clear();
    complete_ = false;
    Q_EMIT advanced();
}

void PressureRecording::take(const link::Frame& frame) {
    if (!frame.has("test") || !frame.has("ref"))
        return;
    if (!start_)
        start_ = frame.value("t");
    // The first second is still the door closing, or the tail of what went before.
    const double t = frame.value("t") - *start_ - settlingSeconds;
    if (t < 0.0 || (!samples_.empty() && t <= samples_.back().time.value()))
        return;
    samples_.push_back({Seconds(t), Pascals(frame.value("test")), Pascals(frame.value("ref"))});
    if (t >= seconds_ - 0.011) {
        end();
        complete_ = true;
        Q_EMIT finished();
    } else if (samples_.size() % 10 == 0) {
        Q_EMIT advanced();
    }
}

CalibrationRecording::CalibrationRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent)
    : PressureRecording(hub, whose, parent) {
    connect(this, &Recording::finished, this, [this] {
        if (!empty_.empty())
            return;
        empty_ = samples();
        clear();
    });
}

Expected<void> CalibrationRecording::startNext() {
    return start(empty_.empty() ? QStringLiteral("cue empty") : QStringLiteral("cue cylinder"),
                 calibrationSeconds);
}

void CalibrationRecording::startOver() {
    empty_.clear();
    clear();
}

PantingRecording::PantingRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent)
    : Recording(hub, chamberRole, whose, parent) {}

Expected<void> PantingRecording::start() {
    if (auto begun = begin(QStringLiteral("cue pant")); !begun)
        return begun;
    samples_.clear();
    complete_ = false;
    Q_EMIT advanced();
    return {};
}

void PantingRecording::clear() {
    end();
    samples_.clear();
    complete_ = false;
    Q_EMIT advanced();
}

void PantingRecording::take(const link::Frame& frame) {
    if (frame.has("airway"))
        samples_.push_back({Seconds(frame.value("t")), Pascals(frame.value("test")),
                            CentimetresOfWater(frame.value("airway"))});
    if (samples_.size() < pantingSamples)
        return;
    end();
    complete_ = true;
    Q_EMIT finished();
}

} // namespace fusain::desktop

#include "moc_pressure_recording.cpp"

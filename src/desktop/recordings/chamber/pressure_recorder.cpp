#include "desktop/recordings/chamber/pressure_recorder.hpp"

namespace fusain::desktop {
namespace {

constexpr double settlingSeconds = 1.0;
} // namespace

PressureRecorder::PressureRecorder(Session& session, QObject* parent) : QObject(parent), session_(session) {
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, &PressureRecorder::take);
}

bool PressureRecorder::linked() const {
    return session_.hub().isLive(chamberRole);
}

void PressureRecorder::start(const QString& cue, double seconds) {
    samples_.clear();
    start_.reset();
    seconds_ = seconds;
    recording_ = true;
    session_.hub().send(chamberRole, cue);
}

void PressureRecorder::stop() {
    recording_ = false;
}

void PressureRecorder::replay(std::vector<airdisplacement::PressureSample> samples) {
    samples_ = std::move(samples);
    recording_ = false;
    Q_EMIT finished();
}

void PressureRecorder::take(const link::Frame& frame) {
    if (!recording_ || frame.role != "chamber" || !frame.has("test") || !frame.has("ref"))
        return;
    if (!start_)
        start_ = frame.value("t");
    // The first second is still the door closing, or the tail of what went before.
    const double t = frame.value("t") - *start_ - settlingSeconds;
    if (t < 0.0)
        return;
    if (!samples_.empty() && t <= samples_.back().time.value())
        return;
    samples_.push_back({Seconds(t), Pascals(frame.value("test")), Pascals(frame.value("ref"))});
    if (t >= seconds_ - 0.011) {
        recording_ = false;
        Q_EMIT finished();
    } else if (samples_.size() % 10 == 0) {
        Q_EMIT sampled();
    }
}

} // namespace fusain::desktop

#include "moc_pressure_recorder.cpp"

#include "desktop/recordings/tank/trial_recording.hpp"

namespace fusain::desktop {
namespace {

constexpr int replayMilliseconds = 20;

} // namespace

TrialRecording::TrialRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent)
    : Recording(hub, QStringLiteral("load-cell"), whose, parent), replayTimer_(new QTimer(this)) {
    replayTimer_->setInterval(replayMilliseconds);
    connect(replayTimer_, &QTimer::timeout, this, [this] {
        if (replayAt_ >= replayed_.size())
            return replayTimer_->stop();
        add(replayed_[replayAt_++]);
    });
}

void TrialRecording::reset(Kilograms tare) {
    replayTimer_->stop();
    samples_.clear();
    analyzer_ = hydrostatic::WeighingTraceAnalyzer(tare);
    startTime_.reset();
}

Expected<void> TrialRecording::start(Kilograms tare) {
    if (auto begun = begin(QStringLiteral("cue under")); !begun)
        return begun;
    reset(tare);
    holds_ = true;
    Q_EMIT advanced();
    return {};
}

void TrialRecording::replay(std::vector<hydrostatic::ForceSample> samples, std::string name, Kilograms tare) {
    beginFromFile(std::move(name));
    reset(tare);
    replayed_ = std::move(samples);
    replayAt_ = 0;
    holds_ = true;
    replayTimer_->start();
}

void TrialRecording::clear() {
    if (recording())
        send(QStringLiteral("cue out"));
    end();
    reset(Kilograms(0.0));
    holds_ = false;
    Q_EMIT advanced();
}

void TrialRecording::take(const link::Frame& frame) {
    if (!startTime_)
        startTime_ = frame.value("t");
    add({Seconds(frame.value("t") - *startTime_), Kilograms(frame.value("kg"))});
}

void TrialRecording::add(const hydrostatic::ForceSample& sample) {
    samples_.push_back(sample);
    analyzer_.add(sample);
    if (reading().up) {
        replayTimer_->stop();
        end();
    }
    if (reading().up || samples_.size() % 3 == 0)
        Q_EMIT advanced();
}

} // namespace fusain::desktop

#include "moc_trial_recording.cpp"

#include "desktop/recordings/tank/blow_recording.hpp"

namespace fusain::desktop {

BlowRecording::BlowRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent)
    : Recording(hub, QStringLiteral("spirometer"), whose, parent) {}

Expected<void> BlowRecording::start() {
    if (auto begun = begin(QStringLiteral("cue blow")); !begun)
        return begun;
    curve_.clear();
    complete_ = false;
    Q_EMIT advanced();
    return {};
}

void BlowRecording::finish() {
    end();
    complete_ = true;
    Q_EMIT finished();
}

void BlowRecording::clear() {
    end();
    curve_.clear();
    complete_ = false;
    Q_EMIT advanced();
}

void BlowRecording::take(const link::Frame& frame) {
    if (frame.has("end"))
        return finish();
    if (!frame.has("l"))
        return;
    curve_.push_back({Seconds(frame.value("t")), Litres(frame.value("l"))});
    Q_EMIT advanced();
}

} // namespace fusain::desktop

#include "moc_blow_recording.cpp"

#include "desktop/recordings/scan/scan_recording.hpp"

namespace fusain::desktop {

ScanRecording::ScanRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent)
    : Recording(hub, scannerRole, whose, parent) {}

Expected<void> ScanRecording::start() {
    percent_ = 0.0;
    auto begun = begin(QStringLiteral("cue scan"));
    Q_EMIT advanced();
    return begun;
}

void ScanRecording::clear() {
    end();
    Q_EMIT advanced();
}

void ScanRecording::take(const link::Frame& frame) {
    if (frame.has("percent"))
        percent_ = frame.value("percent");
    if (frame.has("done")) {
        end();
        Q_EMIT finished();
        return;
    }
    Q_EMIT advanced();
}

} // namespace fusain::desktop

#include "moc_scan_recording.cpp"

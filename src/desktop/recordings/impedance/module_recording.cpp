#include "desktop/recordings/impedance/module_recording.hpp"

#include "desktop/recordings/impedance/sweep_recording.hpp"

#include <cmath>

namespace fusain::desktop {

ModuleRecording::ModuleRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent)
    : Recording(hub, analyzerRole, whose, parent) {}

Expected<void> ModuleRecording::start() {
    reading_.reset();
    auto begun = begin(QStringLiteral("cue module 500"));
    Q_EMIT advanced();
    return begun;
}

void ModuleRecording::clear() {
    end();
    reading_.reset();
    Q_EMIT advanced();
}

void ModuleRecording::take(const link::Frame& frame) {
    if (!frame.has("module"))
        return;
    reading_ = std::hypot(frame.value("r"), frame.value("xc"));
    end();
    Q_EMIT finished();
}

} // namespace fusain::desktop

#include "moc_module_recording.cpp"

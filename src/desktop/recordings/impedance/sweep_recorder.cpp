#include "desktop/recordings/impedance/sweep_recorder.hpp"

#include <algorithm>

namespace fusain::desktop {
namespace {} // namespace

SweepRecorder::SweepRecorder(Session& session, QObject* parent) : QObject(parent), session_(session) {
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, &SweepRecorder::take);
}

bool SweepRecorder::linked() const {
    return session_.hub().isLive(analyzerRole);
}

void SweepRecorder::start() {
    stop();
    recording_ = true;
    session_.hub().send(analyzerRole, QStringLiteral("cue sweep"));
}

void SweepRecorder::stop() {
    recording_ = false;
    sweep_ = {};
    done_ = total_ = 0;
}

void SweepRecorder::take(const link::Frame& frame) {
    if (!recording_ || frame.role != "analyzer")
        return;
    if (frame.has("end")) {
        recording_ = false;
        Q_EMIT finished();
        return;
    }
    if (!frame.has("hz") || !frame.has("r") || !frame.has("xc") || frame.has("module"))
        return;
    auto point =
        impedance::pointOf(Hertz(frame.value("hz")), {Ohms(frame.value("r")), Ohms(frame.value("xc"))});
    if (frame.has("scatter"))
        point.scatter = frame.value("scatter");
    done_ = static_cast<int>(frame.value("n"));
    total_ = static_cast<int>(frame.value("of"));
    if (frame.has("closing")) {
        sweep_.closing = point;
    } else {
        const auto index = static_cast<std::size_t>(frame.value("segment"));
        if (index >= impedance::segments.size())
            return;
        const auto segment = impedance::segments[index];
        auto spectrum = std::ranges::find(sweep_.spectra, segment, &impedance::Spectrum::segment);
        if (spectrum == sweep_.spectra.end())
            spectrum = sweep_.spectra.insert(sweep_.spectra.end(), {segment, {}});
        spectrum->points.push_back(point);
    }
    Q_EMIT advanced();
}

} // namespace fusain::desktop

#include "moc_sweep_recorder.cpp"

#include "desktop/recordings/impedance/sweep_recording.hpp"

#include <algorithm>

namespace fusain::desktop {

SweepRecording::SweepRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent)
    : Recording(hub, analyzerRole, whose, parent) {}

Expected<void> SweepRecording::start() {
    clear();
    return begin(QStringLiteral("cue sweep"));
}

void SweepRecording::clear() {
    end();
    complete_ = false;
    sweep_ = {};
    done_ = total_ = 0;
    Q_EMIT advanced();
}

void SweepRecording::take(const link::Frame& frame) {
    if (frame.has("end")) {
        end();
        complete_ = true;
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

#include "moc_sweep_recording.cpp"

#pragma once
#include "core/hydrostatic/weighing_trace.hpp"
#include "desktop/recordings/method/recording.hpp"

#include <QTimer>

namespace fusain::desktop {

/// One submersion: the load cell from "under" until the client is up. What it read stays until it is accepted,
/// thrown away, or the next trial starts.
class TrialRecording : public Recording {
    Q_OBJECT
public:
    TrialRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent);

    /// @param tare what the load cell shows for chair and belt
    [[nodiscard]] Expected<void> start(Kilograms tare);
    /// Plays a saved trace as if it came from the load cell.
    void replay(std::vector<hydrostatic::ForceSample> samples, std::string name, Kilograms tare);
    /// Ends the trial and forgets it.
    void clear();
    /// Whether there is a trial: one that runs, or one that was read and not yet accepted.
    [[nodiscard]] bool holds() const { return holds_; }
    [[nodiscard]] const std::vector<hydrostatic::ForceSample>& samples() const { return samples_; }
    [[nodiscard]] const hydrostatic::TraceReading& reading() const { return analyzer_.reading(); }
    [[nodiscard]] bool readable() const {
        return holds_ && reading().verdict == hydrostatic::TraceVerdict::Readable;
    }

protected:
    void take(const link::Frame& frame) override;

private:
    void reset(Kilograms tare);
    void add(const hydrostatic::ForceSample& sample);

    bool holds_ = false;
    std::optional<double> startTime_;
    std::vector<hydrostatic::ForceSample> samples_;
    hydrostatic::WeighingTraceAnalyzer analyzer_;
    std::vector<hydrostatic::ForceSample> replayed_;
    std::size_t replayAt_ = 0;
    QTimer* replayTimer_;
};

} // namespace fusain::desktop

#pragma once
#include "core/impedance/spectrum.hpp"
#include "desktop/recordings/method/recording.hpp"

namespace fusain::desktop {

/// The analyzer's link.
inline const QString analyzerRole = QStringLiteral("analyzer");

/// Collects one sweep of the impedance analyzer, reading by reading.
class SweepRecording : public Recording {
    Q_OBJECT
public:
    SweepRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent);
    /// Whether a sweep is complete and neither accepted nor thrown away.
    [[nodiscard]] bool complete() const { return complete_; }
    /// What has come so far.
    [[nodiscard]] const impedance::Sweep& sweep() const { return sweep_; }
    /// Readings so far and in all; 0 of 0 before the first.
    [[nodiscard]] std::pair<int, int> progress() const { return {done_, total_}; }
    [[nodiscard]] Expected<void> start();
    /// Ends the sweep and forgets what has come.
    void clear();

protected:
    void take(const link::Frame& frame) override;

private:
    bool complete_ = false;
    impedance::Sweep sweep_;
    int done_ = 0, total_ = 0;
};

} // namespace fusain::desktop

#pragma once
#include "core/lung/vital_capacity.hpp"
#include "desktop/recordings/method/recording.hpp"

namespace fusain::desktop {

/// One forced expiration on the spirometer, from the start until the spirometer ends it.
class BlowRecording : public Recording {
    Q_OBJECT
public:
    BlowRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent);
    [[nodiscard]] Expected<void> start();
    /// Ends the blow by hand; what came is kept.
    void finish();
    /// Ends the blow and forgets it.
    void clear();
    /// Whether a blow is complete and neither kept nor thrown away.
    [[nodiscard]] bool complete() const { return complete_; }
    [[nodiscard]] const std::vector<lung::VolumeSample>& curve() const { return curve_; }

protected:
    void take(const link::Frame& frame) override;

private:
    bool complete_ = false;
    std::vector<lung::VolumeSample> curve_;
};

} // namespace fusain::desktop

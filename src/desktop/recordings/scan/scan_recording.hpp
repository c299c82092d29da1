#pragma once
#include "desktop/recordings/method/recording.hpp"

namespace fusain::desktop {

/// The densitometer's link.
inline const QString scannerRole = QStringLiteral("scanner");

/// A scan while it is made: how far it is. The scan itself comes as a file.
class ScanRecording : public Recording {
    Q_OBJECT
public:
    ScanRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent);
    [[nodiscard]] Expected<void> start();
    void clear();
    [[nodiscard]] double percent() const { return percent_; }

protected:
    void take(const link::Frame& frame) override;

private:
    double percent_ = 0.0;
};

} // namespace fusain::desktop

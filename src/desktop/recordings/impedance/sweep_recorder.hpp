#pragma once
#include "core/impedance/spectrum.hpp"
#include "desktop/services/session.hpp"

namespace fusain::desktop {

/// The analyzer's link.
inline const QString analyzerRole = QStringLiteral("analyzer");

/// Collects one sweep of the impedance analyzer, reading by reading.
class SweepRecorder : public QObject {
    Q_OBJECT
public:
    SweepRecorder(Session& session, QObject* parent);
    [[nodiscard]] bool linked() const;
    [[nodiscard]] bool recording() const { return recording_; }
    /// What has come so far.
    [[nodiscard]] const impedance::Sweep& sweep() const { return sweep_; }
    /// Readings so far and in all; 0 of 0 before the first.
    [[nodiscard]] std::pair<int, int> progress() const { return {done_, total_}; }
    void start();
    /// Forgets what has come.
    void stop();

Q_SIGNALS:
    void advanced();
    void finished();

private:
    void take(const link::Frame& frame);

    Session& session_;
    bool recording_ = false;
    impedance::Sweep sweep_;
    int done_ = 0, total_ = 0;
};

} // namespace fusain::desktop

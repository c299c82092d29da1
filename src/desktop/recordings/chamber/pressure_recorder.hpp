#pragma once
#include "core/airdisplacement/chamber.hpp"
#include "desktop/services/session.hpp"

namespace fusain::desktop {

/// The chamber's link.
inline const QString chamberRole = QStringLiteral("chamber");

/// How long the chamber is recorded for a calibration or a check, and for a trial, s.
inline constexpr double calibrationSeconds = 25.0;
inline constexpr double trialSeconds = 50.0;

/// Records pressures of the chamber for as long as a recording lasts; what the panels have in common.
class PressureRecorder : public QObject {
    Q_OBJECT
public:
    explicit PressureRecorder(Session& session, QObject* parent);
    /// Tells the chamber what happens, and records `seconds` of pressures.
    void start(const QString& cue, double seconds);
    void stop();
    [[nodiscard]] bool recording() const { return recording_; }
    [[nodiscard]] bool linked() const;
    [[nodiscard]] const std::vector<airdisplacement::PressureSample>& samples() const { return samples_; }
    /// Plays saved samples as if they came from the chamber.
    void replay(std::vector<airdisplacement::PressureSample> samples);

Q_SIGNALS:
    void sampled();
    void finished();

private:
    void take(const link::Frame& frame);
    Session& session_;
    bool recording_ = false;
    double seconds_ = 0.0;
    std::optional<double> start_;
    std::vector<airdisplacement::PressureSample> samples_;
};

} // namespace fusain::desktop

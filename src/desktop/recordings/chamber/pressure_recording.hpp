#pragma once
#include "core/airdisplacement/chamber.hpp"
#include "desktop/recordings/method/recording.hpp"

namespace fusain::desktop {

/// The chamber's link.
inline const QString chamberRole = QStringLiteral("chamber");

/// How long the chamber is recorded for a calibration or a check, and for a trial, s.
inline constexpr double calibrationSeconds = 25.0;
inline constexpr double trialSeconds = 50.0;

/// Pressures of the chamber for as long as a trial, a calibration or a check lasts.
class PressureRecording : public Recording {
    Q_OBJECT
public:
    PressureRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent);
    /// Tells the chamber what happens, and records `seconds` of pressures.
    [[nodiscard]] Expected<void> start(const QString& cue, double seconds);
    /// Plays saved samples as if they came from the chamber.
    void replay(std::vector<airdisplacement::PressureSample> samples, std::string name);
    /// Ends the recording and forgets it.
    void clear();
    /// Whether a recording is complete and neither used nor thrown away.
    [[nodiscard]] bool complete() const { return complete_; }
    [[nodiscard]] const std::vector<airdisplacement::PressureSample>& samples() const { return samples_; }

protected:
    void take(const link::Frame& frame) override;

private:
    bool complete_ = false;
    double seconds_ = 0.0;
    std::optional<double> start_;
    std::vector<airdisplacement::PressureSample> samples_;
};

/// A volume trial with somebody in the chamber; what it reads so far is judged once a second.
class VolumeRecording : public PressureRecording {
    Q_OBJECT
public:
    using PressureRecording::PressureRecording;
};

/// The calibration of one test: the empty chamber, then the cylinder.
class CalibrationRecording : public PressureRecording {
    Q_OBJECT
public:
    CalibrationRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent);
    /// The empty chamber, once it is recorded; `complete` then speaks of the cylinder.
    [[nodiscard]] const std::vector<airdisplacement::PressureSample>& empty() const { return empty_; }
    [[nodiscard]] Expected<void> startNext();
    void startOver();

private:
    std::vector<airdisplacement::PressureSample> empty_;
};

/// Panting against a closed valve, for the thoracic gas.
class PantingRecording : public Recording {
    Q_OBJECT
public:
    PantingRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent);
    [[nodiscard]] Expected<void> start();
    void clear();
    [[nodiscard]] bool complete() const { return complete_; }
    [[nodiscard]] const std::vector<airdisplacement::PantingSample>& samples() const { return samples_; }

protected:
    void take(const link::Frame& frame) override;

private:
    bool complete_ = false;
    std::vector<airdisplacement::PantingSample> samples_;
};

} // namespace fusain::desktop

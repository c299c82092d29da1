#pragma once
#include "core/lung/syringe.hpp"
#include "desktop/recordings/chamber/pressure_recording.hpp"
#include "desktop/services/session.hpp"
#include "record/lab/instrument.hpp"

namespace fusain::desktop {

/// Collects the readings of one check of an instrument: typed, taken from the live instrument, from the air
/// chamber with its cylinder, or from strokes of a syringe. It judges nothing; the last reading hands the check
/// over.
class GuidedCheck : public QObject {
    Q_OBJECT
public:
    /// @param host the page that shows the check; readings arrive only while it is visible
    GuidedCheck(Session& session, QWidget* host);
    /// Starts the readings of a check; those of another one are forgotten.
    void begin(const Instrument* instrument, const CheckDefinition* check);
    /// What the reference object is certified to be.
    void setNominal(double nominal) { nominal_ = nominal; }
    [[nodiscard]] double nominal() const { return nominal_; }
    [[nodiscard]] const std::vector<double>& readings() const { return readings_; }
    /// What belongs into the log beside the readings, e.g. the flows of the strokes.
    [[nodiscard]] std::string note() const;
    /// What has been taken and what comes next.
    [[nodiscard]] QString progress() const;
    /// Whether the instrument is leading, or readings have been taken.
    [[nodiscard]] bool underWay() const { return !words_.isEmpty() || !readings_.empty(); }
    void take(double reading);
    void takeLive();

Q_SIGNALS:
    void progressed();
    /// The last reading is in.
    void complete();

private:
    void say(const QString& words);
    void recordChamber();
    void chamberRecorded();
    void takeFrame(const link::Frame& frame);
    void takeStroke();

    Session& session_;
    QWidget* host_;
    const Instrument* instrument_ = nullptr;
    const CheckDefinition* check_ = nullptr;
    double nominal_ = 0.0;
    std::vector<double> readings_;
    QString words_; ///< what to do now, where the instrument leads
    PressureRecording* recorder_;
    std::vector<airdisplacement::PressureSample> empty_;
    std::optional<airdisplacement::Calibration> calibration_;
    bool module_ = false; ///< the analyzer has been told to read its module
    bool stroking_ = false;
    std::vector<lung::VolumeSample> stroke_;
    std::vector<lung::SyringeStroke> strokes_;
};

} // namespace fusain::desktop

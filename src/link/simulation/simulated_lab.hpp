#pragma once
#include "link/frame.hpp"
#include "link/simulation/analyzer.hpp"
#include "link/simulation/chamber.hpp"
#include "link/simulation/densitometer.hpp"
#include "link/simulation/submersion.hpp"

#include "record/calendar.hpp"

#include <QIODevice>
#include <QMap>
#include <QObject>
#include <QTimer>
#include <functional>
#include <memory>
#include <set>

class QTcpServer;

namespace fusain::simulation {

/// The person on the simulated instruments.
struct VirtualPerson {
    double dryMass = 70.0;          ///< kg
    double netUnderwaterMass = 3.3; ///< kg after breathing out completely
    double vitalCapacity = 5.2;     ///< L BTPS
    double learning = 0.0;          ///< L of air still held back in the first trial; a third less each time
    ChamberOccupant inChamber;      ///< the same body as the chamber sees it
    AnalyzerPerson onAnalyzer;      ///< and as the impedance analyzer does
    ScannedPerson onScanner;        ///< and as the densitometer does
    std::string code;               ///< that the densitometer writes on its scans
};

/// What goes wrong, per instrument.
struct LabFaults {
    bool scaleUnstable = false;
    bool scaleOffset = false; ///< floor scale reads 0.4 kg high
    bool zeroDrift = false;   ///< load cell drifts 2 g/s
    bool incompleteBreathingOut = false;
    bool wallTouch = false;
    bool splash = false;
    bool thermometerDead = false;
    ChamberFaults chamber;           ///< of every volume trial
    bool chamberScaleOffset = false; ///< the chamber's scale reads 0.1 kg high
    AnalyzerFaults analyzer;         ///< of every sweep
    DensitometerFaults scanner;      ///< of every scan
    double phantomOff = 0.0;         ///< points of fat that the densitometer has drifted
    double analyzerOff = 0.0;        ///< relative error of the analyzer on its test module
    bool spirometerLeak = false;     ///< efforts stop early
    bool strokesAlike = false;       ///< every stroke of the syringe at the same flow
    bool roomFrozen = false;         ///< barometer and room thermometer stand still at an impossible 300 mmHg
    bool garbage = false;            ///< every fifth line of every instrument is noise
};

/// The simulated instruments: each has its own TCP port or pseudo-terminal and speaks the line protocol.
/// Seeded: the same seed and the same cues give the same readings.
class SimulatedLab : public QObject {
    Q_OBJECT
public:
    SimulatedLab(std::uint64_t seed, VirtualPerson person, LabFaults faults, QObject* parent = nullptr);
    ~SimulatedLab() override;

    /// Opens a TCP port for a role on this machine. @return the port, 0 when none could be opened
    [[nodiscard]] quint16 openTcp(const QString& role, quint16 port = 0);
    /// Opens a pseudo-terminal for a role. @return its path, empty when none could be opened
    [[nodiscard]] QString openTerminal(const QString& role);
    void setPerson(const VirtualPerson& person) {
        person_ = person;
        trials_ = 0;
    }
    void setFaults(const LabFaults& faults) { faults_ = faults; }
    /// How many times faster than life the chamber plays; 1 is life.
    void setChamberSpeed(int speed) { chamberSpeed_ = speed; }
    /// How the analyzer is connected, and how many times faster than life a sweep of it runs; life is a minute.
    void setAnalyzer(const AnalyzerModel& analyzer, int speed) {
        analyzer_ = analyzer;
        analyzerSpeed_ = speed;
    }
    /// Where the densitometer leaves its scans, what it takes for the time, and how many times faster than life
    /// a scan runs; life is seven minutes.
    void setScanner(const QString& folder, std::function<Instant()> clock, int speed) {
        scanFolder_ = folder;
        scanClock_ = std::move(clock);
        scanSpeed_ = speed;
    }
    /// Pulls every cable; clients see their connection end.
    void pullCables();

    /// Takes one cue, as a client would send it: "cue under", "cue out", "cue reference 5", "zero", "cue
    /// step-on", "cue blow".
    void take(const QString& role, const QString& line);

private:
    struct Instrument;
    void tick();
    void emitFrame(const QString& role, std::map<std::string, double> values);
    [[nodiscard]] double loadCellReading();
    void startSubmersion();
    void startBlow();
    void startSyringe();
    void tickChamber();
    void tickChamberScale();
    void takeChamber(const QString& line);
    void tickAnalyzer();
    void takeAnalyzer(const QString& line);
    void tickScanner();
    void takeScanner(const QString& line);
    void leaveScan();

    Random random_;
    VirtualPerson person_;
    LabFaults faults_;
    std::map<QString, std::unique_ptr<Instrument>> instruments_;
    QTimer timer_;
    qint64 ticks_ = 0;
    int trials_ = 0;
    double hung_ = 0.0;  ///< kg on the hook
    double zero_ = 4.15; ///< kg taken off: chair and belt, as zeroed before
    bool onScale_ = false;
    std::vector<hydrostatic::ForceSample> submersion_;
    std::size_t submersionAt_ = 0;
    ChamberModel chamber_;
    int chamberSpeed_ = 1;
    PressureTrace pressures_;
    std::size_t pressureAt_ = 0;
    std::vector<airdisplacement::PantingSample> panting_;
    std::size_t pantingAt_ = 0;
    qint64 chamberSamples_ = 0;
    double onChamberScale_ = 0.0; ///< kg
    AnalyzerModel analyzer_;
    int analyzerSpeed_ = 1;
    std::vector<std::map<std::string, double>> analyzerFrames_; ///< of the sweep that runs
    std::size_t analyzerAt_ = 0;
    double analyzerDue_ = 0.0; ///< frames that time has earned
    QString scanFolder_;
    std::function<Instant()> scanClock_;
    int scanSpeed_ = 1;
    double scanned_ = -1.0; ///< seconds of life since the arm began to move; below zero when it rests
    int scans_ = 0;
    std::vector<double> blow_;
    std::size_t blowAt_ = 0;
    std::size_t strokes_ = 0; ///< of the syringe
    unsigned long lines_ = 0;
};

} // namespace fusain::simulation

#pragma once
#include "link/connection/frame.hpp"
#include "link/simulation/all/faults.hpp"
#include "link/simulation/all/true_body.hpp"
#include "record/base/calendar.hpp"

#include <QIODevice>
#include <QMap>
#include <QObject>
#include <QStringList>
#include <QTimer>
#include <atomic>
#include <functional>
#include <memory>
#include <set>

class QTcpServer;

namespace fusain::simulation {

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
    /// Lets faults come and go with the recordings from here on. @param recordings that there have been
    void setScript(FaultScript script, int recordings = 0);
    /// Somebody does what may help against a fault of the script. @return whether something was mended
    bool mend(std::string_view act);
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
    /// How time passes for the instruments. @param milliseconds of the event loop from one tick to the next,
    /// each of which is 20 ms of theirs  @param ready time stands still while it is false; empty: never
    void setPace(int milliseconds, std::function<bool()> ready);
    /// The instruments' own time: milliseconds since they were switched on, for links that shall not go by the
    /// computer's. It outlives the lab and may be asked from any thread.
    [[nodiscard]] std::function<qint64()> clock() const;
    /// Number of the last line that an instrument sent.
    [[nodiscard]] unsigned long sent(const QString& role) const;
    /// How many lines an instrument took over its TCP port since somebody last connected.
    [[nodiscard]] unsigned long taken(const QString& role) const;
    /// Pulls every cable; clients see their connection end.
    void pullCables();

    /// Takes one cue, as a client would send it: "cue under", "cue out", "cue reference 5", "zero", "cue
    /// step-on", "cue blow".
    void take(const QString& role, const QString& line);

Q_SIGNALS:
    /// A submersion, volume trial, sweep or scan begins. @param spoiltBy names of the faults during it
    void recordingBegun(int number, const QStringList& spoiltBy);

private:
    struct Instrument;
    void tick();
    void beginRecording();
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
    void tickTape();
    void takeTape(const QString& line);
    /// Leaves a scan in the folder. @param again the last one once more, analysed anew
    void leaveScan(bool again = false);

    Random random_;
    VirtualPerson person_;
    LabFaults faults_;
    FaultScript script_;
    int recordings_ = 0; ///< since the script was set
    std::map<QString, std::unique_ptr<Instrument>> instruments_;
    QTimer timer_;
    std::function<bool()> ready_;
    qint64 ticks_ = 0;
    std::shared_ptr<std::atomic<qint64>> time_ = std::make_shared<std::atomic<qint64>>(0); ///< ms
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
    Random scanDraw_;       ///< as it was before the last scan
    Centimetres laid_{0.0}; ///< what the tape will show once it is round the body
    int laying_ = 0;        ///< frames until it is
    std::vector<double> blow_;
    std::size_t blowAt_ = 0;
    std::size_t strokes_ = 0; ///< of the syringe
    unsigned long lines_ = 0;
};

} // namespace fusain::simulation

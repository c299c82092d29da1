#pragma once
#include "desktop/recordings/method/recording.hpp"
#include "desktop/services/changes.hpp"
#include "desktop/services/day_pins.hpp"
#include "desktop/services/own_settings.hpp"
#include "link/connection/instrument_hub.hpp"
#include "procedure/method/procedure.hpp"
#include "report/base/letterhead.hpp"
#include "report/base/pen_marks.hpp"
#include "report/base/style.hpp"
#include "store/book/lab_book.hpp"

#include <QObject>
#include <QTimer>
#include <functional>

namespace fusain {
struct AnyPolicy;
struct AnyTest;
struct LabCatalogue;
} // namespace fusain

namespace fusain::store {
class Signatures;
}

namespace fusain::desktop {

class Computing;
class InstrumentChecks;
class LabUndo;
class LabPolicies;
class LabReferences;
class Background;
class BookCare;
class WaterBook;
class Workstation;

/// What all places of the window share: the lab book, the services over it, the clock, who is at the bench, and
/// the running test.
class Session : public QObject {
    Q_OBJECT
public:
    /// @param own what this account keeps for itself on this workstation
    Session(std::unique_ptr<store::LabBook> book, LabCatalogue catalogue, Clock clock,
            OwnSettings own = OwnSettings(), QObject* parent = nullptr);

    ~Session() override;

    store::LabBook& book() { return *book_; }
    [[nodiscard]] const LabCatalogue& catalogue() const { return *catalogue_; }
    [[nodiscard]] Instant now() const { return clock_(); }
    [[nodiscard]] const Clock& clock() const { return clock_; }
    LabReferences& references() { return *references_; }
    [[nodiscard]] const LabPolicies& policies() const { return *policies_; }
    InstrumentChecks& checks() { return *checks_; }
    WaterBook& water() { return *water_; }
    BookCare& care() { return *care_; }
    Computing& computing() { return *computing_; }
    LabUndo& undoing() { return *undoing_; }
    Background& background() { return *background_; }
    /// This one among the workstations of the lab.
    Workstation& workstation() { return *workstation_; }
    OwnSettings& own() { return own_; }
    link::InstrumentHub& hub() { return hub_; }
    [[nodiscard]] std::string labName();
    /// What pages carry of the lab.
    [[nodiscard]] report::Letterhead letterhead();
    /// Where the journal ends now, as a line that can be printed and checked later; empty for a new book.
    [[nodiscard]] std::string journalHead();
    /// The methods that this lab has; all until it says so.
    [[nodiscard]] std::vector<std::string_view> ownedMethods();
    /// Whether one of them uses this instrument.
    [[nodiscard]] bool owns(const Instrument& instrument);

    // Who and how
    [[nodiscard]] const Staff& atTheBench() const { return atTheBench_; }
    /// Whether what was typed is somebody's passphrase, or their PIN of the day: enough for the bench and the
    /// lock, not for a signature.
    [[nodiscard]] Expected<void> isThemselves(const std::string& staff, const std::string& typed);
    [[nodiscard]] DayPins& pins() { return pins_; }
    /// Puts somebody at the bench. @param passphrase of a person who has a key, or their PIN of the day
    /// @return false, with a Problem reported, where it is not theirs
    bool setAtTheBench(const Staff& staff, const std::string& passphrase = {});
    /// Keys of the lab's people, and what they signed.
    store::Signatures& signatures() { return *signatures_; }
    [[nodiscard]] bool namesHidden() const { return namesHidden_; }
    void setNamesHidden(bool hidden);
    [[nodiscard]] bool dark() const { return dark_; }
    void setDark(bool dark);
    /// Black on white or white on black; what the desktop asks for until the person has chosen.
    [[nodiscard]] bool highContrast() const { return highContrast_; }
    void setHighContrast(bool high);
    /// What was drawn and chosen while a visit was talked over; forgotten when the program ends.
    /// @param visit the client and the day
    report::PenMarks& marksOf(const std::string& client, Instant day);
    /// Something of the account's own, for the person at the bench.
    [[nodiscard]] QVariant ofPerson(const QString& key, const QVariant& otherwise = {}) const;
    void setOfPerson(const QString& key, const QVariant& value);
    [[nodiscard]] const report::Palette& palette() const;
    /// A practice room: made-up people only, marked on every screen and page.
    [[nodiscard]] bool practice() const { return practice_; }
    void setPractice() { practice_ = true; }
    /// A demonstration, whose lab book is gone when the window closes.
    [[nodiscard]] bool forgets() const { return forgets_; }
    void setForgets() { forgets_ = true; }
    /// What the made-up client of a practice case answers to a question; empty outside of one.
    using ClientSays = std::function<QString(const readiness::Rule&)>;
    [[nodiscard]] const ClientSays& clientSays() const { return clientSays_; }
    void setClientSays(ClientSays says) { clientSays_ = std::move(says); }
    /// Units in which this lab reads masses on land, heights and temperatures. Records stay metric.
    [[nodiscard]] UnitSystem units();
    [[nodiscard]] QString nameOf(const Client& client) const;

    /// How a client gets out of the instrument, in the lab's own words; empty until the lab has entered them.
    [[nodiscard]] QString wayOut(std::string_view method);
    /// What the lab asks and says at a test by this method.
    [[nodiscard]] const Protocol& protocolFor(std::string_view method) const;

    // Open tests; one of them is on the bench
    [[nodiscard]] Procedure* run() { return onBench_ ? onBench_->procedure.get() : nullptr; }
    /// The recordings of the test on the bench. @pre there is one
    [[nodiscard]] Recordings& recordings() { return *onBench_->recordings; }
    /// Every open test: on the bench, or at an instrument while another is on the bench.
    [[nodiscard]] std::vector<const Procedure*> openRuns() const;
    /// What is unusual about starting this test now, to be asked before: another open test on the instrument,
    /// an appointment of another day or hour.
    [[nodiscard]] std::vector<Message> objectionsTo(const Client& client, const std::string& visitId,
                                                    std::string_view method);
    /// What does not go with the mass that this client had before; nothing when it goes.
    [[nodiscard]] std::optional<Message> massDoubt(Kilograms mass);
    /// Why no test by this method may start now: a check of an instrument, the water of the tank.
    [[nodiscard]] std::optional<Problem> obstacleToTests(std::string_view method) const;
    /// Makes a test of readings that were taken elsewhere, without the bench. @param takenAt when they were
    /// taken
    Expected<void> importTest(const Client& client, Instant takenAt, std::string_view method,
                              const std::function<Expected<void>(Procedure&)>& readings);
    /// Starts a test. An overdue or failed check of an instrument stops it, unless the physiologist overrides
    /// with a reason.
    Expected<void> startRun(const Client& client, const std::string& visitId,
                            std::string_view method = "hydrostatic", const std::string& override = {});
    /// Puts a test on the bench; the one that was there stays open. @return a Problem for one that another
    /// workstation has
    Expected<void> resumeRun(const std::string& testId);
    /// Takes a test off the bench, because what this window knows of it is behind the record.
    void leave(const std::string& testId);
    /// Puts one on the bench that another workstation has: it loses it, and the journal says why.
    Expected<void> takeOverRun(const std::string& testId, const std::string& reason);
    /// Ends the running test without a result and frees its appointment.
    Expected<void> endRun(const std::string& reason);
    /// Closes the test on the bench with its recordings; what was accepted is kept.
    void closeRun();
    /// Reports a command's outcome: a Problem is shown, success refreshes every place. @return whether it
    /// succeeded
    bool report(const Expected<void>& outcome);
    /// Tells what has been written since it was last told. A success of which nothing was written is told as
    /// one of what is shown: a place may show more than the book holds.
    /// @param shown whether what is shown has changed besides, such as the test on the bench
    /// @param elsewhere whether another workstation wrote it
    void tellChanges(bool shown = false, bool elsewhere = false);

    /// Keeps a check of an instrument with its verdict. @param readings in the unit of the reference
    Expected<void> keepCheck(const std::string& instrument, const std::string& check, double nominal,
                             const std::vector<double>& readings, const std::string& note = {});
    /// Computes a test by another policy and stores the result beside the earlier ones.
    Expected<void> recompute(const AnyTest& test, const AnyPolicy& policy);
    /// Signs the running test and stores its result beside the raw record.
    /// @param passphrase of whoever answers for the result, where they have a key: it is signed with that
    Expected<void> signRun(const Staff& technician, const std::optional<Staff>& physiologist,
                           const std::string& passphrase = {});
    /// Writes into the record of whom a scan was labelled for that it was taken for the client on the bench.
    Expected<void> noteReassigned(const std::string& code, const std::string& file, const std::string& reason);
    [[nodiscard]] std::string freshId(const std::string& prefix);

Q_SIGNALS:
    void testSigned();
    /// What the lab book holds, or what is shown of it, has changed.
    void changed(const fusain::desktop::Changes& changes);
    void appearanceChanged();
    /// Another person is at the bench, with keys and a look of their own.
    void personChanged();
    /// A recording of the test on the bench has begun, advanced or ended.
    void recorded();
    void problemRaised(const fusain::Problem& problem);

private:
    void othersWrote();
    [[nodiscard]] std::vector<Problem> catchUpWithOthers();
    [[nodiscard]] Expected<void> takeUp(const AnyTest& test);
    void close(const std::string& testId);
    Expected<void> saveVisitOfRun(const std::string& state);
    Expected<void> noteWetHair(Procedure& run, const Client& client);

    std::unique_ptr<store::LabBook> book_;
    std::unique_ptr<LabCatalogue> catalogue_;
    Clock clock_;
    std::unique_ptr<LabReferences> references_;
    std::unique_ptr<LabPolicies> policies_;
    std::unique_ptr<InstrumentChecks> checks_;
    std::unique_ptr<WaterBook> water_;
    std::unique_ptr<BookCare> care_;
    std::unique_ptr<Computing> computing_;
    std::unique_ptr<store::Signatures> signatures_;
    DayPins pins_;
    OwnSettings own_;
    std::unique_ptr<Workstation> workstation_;
    LabUndo* undoing_;
    Background* background_;
    link::InstrumentHub hub_;   // outlives the recordings
    QTimer speaking_;           ///< says that this workstation still has its tests
    std::int64_t toldUpTo_ = 0; ///< number of the last event that places know of
    Staff atTheBench_;
    bool namesHidden_ = false;
    std::map<std::pair<std::string, qint64>, report::PenMarks> marks_; ///< by client and day
    bool dark_ = false, highContrast_ = false;
    void recallLook();
    bool practice_ = false, forgets_ = false;
    ClientSays clientSays_;
    struct OpenTest {
        std::unique_ptr<Procedure> procedure;
        std::unique_ptr<Recordings> recordings;
    };
    void putOnBench(std::unique_ptr<Procedure> procedure);
    [[nodiscard]] Expected<std::unique_ptr<Procedure>> begin(const Client& client, std::string_view method,
                                                             std::optional<Instant> takenAt);
    Expected<void> noteStart(Procedure& run, const Client& client, const std::string& visitId,
                             const std::string& override);

    std::vector<std::unique_ptr<OpenTest>> open_;
    OpenTest* onBench_ = nullptr;
};

/// For a recording of this test, which must outlive it.
[[nodiscard]] RecordedFor recordedFor(const Procedure& run);

} // namespace fusain::desktop

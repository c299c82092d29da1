#pragma once
#include "procedure/method/journal.hpp"
#include "record/base/document.hpp"
#include "record/base/people.hpp"
#include "record/lab/instrument.hpp"
#include "store/book/address.hpp"
#include "store/book/dialect.hpp"
#include "store/book/identity.hpp"
#include "store/book/place.hpp"
#include "store/book/projection.hpp"
#include "store/book/verification.hpp"

#include <QSqlDatabase>
#include <QSqlQuery>
#include <any>
#include <limits>
#include <map>
#include <memory>
#include <set>

namespace fusain {
struct AnyTest;
}

namespace fusain::store {

class ClientIndex;
class Outbox;
class KnownTests;

/// An appointment and what became of it.
struct Visit {
    std::string id;
    std::string clientId;
    Instant at;
    std::string method = "hydrostatic";
    std::string state = "booked"; ///< booked, running, aside, measured, done, refused
    std::string testId;
    std::string note;
};

/// One stored result: computed by a recipe from a raw record, never overwritten.
struct StoredResult {
    std::string testId;
    int testVersion = 1;
    int number = 1; ///< 1 is what was signed; 2, 3 … are recomputations beside it
    Instant at;
    Document document;
};

/// What is known of a test whose record is damaged.
struct UnreadableTest {
    std::string id;
    Instant startedAt;
    std::string method;
    Message why;
};

/// One person's value of a stored result.
struct PersonValue {
    std::string clientId;
    Sex sex = Sex::Female;
    Years age; ///< at the test
    double value = 0.0;
};

/// The lab book: a file, or a database of a server, with the lab's clients, visits, raw records, results,
/// checks and the journal of events.
///
/// Every change is an event in the journal, chained by hash, and is on disk when the call returns. Every row of
/// every table follows from the events (Projection). On a server other workstations write too: each addition
/// goes behind what the journal holds by then.
class LabBook : public Journal {
public:
    /// Opens the lab book at `path` (BookAddress): a file for this window alone. A missing, empty, foreign,
    /// damaged or newer file is left as it is and explained; an older one is copied beside itself before it is
    /// brought forward.
    [[nodiscard]] static Expected<std::unique_ptr<LabBook>> open(const QString& path, Clock clock);
    /// Makes a new, empty lab book where there is no file, or in an empty database, and opens it.
    [[nodiscard]] static Expected<std::unique_ptr<LabBook>> create(const QString& path, Clock clock);
    /// Opens what is there, or creates it: for programs that are asked to.
    [[nodiscard]] static Expected<std::unique_ptr<LabBook>> openOrCreate(const QString& path, Clock clock);
    /// Opens for looking only; nothing is created or migrated.
    [[nodiscard]] static Expected<std::unique_ptr<LabBook>> openForReading(const QString& path);
    ~LabBook() override;
    LabBook(const LabBook&) = delete;
    LabBook& operator=(const LabBook&) = delete;

    [[nodiscard]] const BookAddress& address() const { return address_; }
    [[nodiscard]] QString path() const { return address_.text(); }
    /// Why nothing more is accepted: the file was removed or replaced, or somebody else writes to it. Nothing
    /// as long as all is well.
    [[nodiscard]] std::optional<Problem> notOurs() const;
    /// Whether its server was away when it was last looked for; nobody waits for the answer.
    [[nodiscard]] bool away() const { return away_; }
    /// Since when the window had the book that went without closing it; empty when it was closed.
    [[nodiscard]] const std::string& endedBadly() const { return place_.endedBadly(); }
    /// Whether other accounts could read the file before it was opened; they cannot any more.
    [[nodiscard]] bool wasReadableByOthers() const { return place_.wasReadableByOthers(); }
    [[nodiscard]] std::string name() const { return address_.name().toStdString(); }
    /// What its clock says.
    [[nodiscard]] Instant now() const { return clock_(); }
    /// A sentence when the clock stands before the latest event of the book.
    [[nodiscard]] std::optional<Problem> clockWarning(Instant now);

    // Journal
    [[nodiscard]] Expected<Event> append(Event event) override;
    [[nodiscard]] Expected<void> together(const std::function<Expected<void>()>& work) override;
    /// The events of a test of which this window goes on from here: where another workstation writes to it
    /// meanwhile, what is written here after that is refused.
    [[nodiscard]] std::vector<Event> takeUp(const std::string& test);
    /// Whether another workstation has added to a test that this window goes on with.
    [[nodiscard]] bool movedOn(const std::string& test);
    /// From here on what is accepted in a running test while the server is away is kept on this workstation
    /// (Outbox) until it is back. @param path of the file; what waits there is delivered
    void collectIn(const QString& path);
    /// What waits for the server, in order.
    [[nodiscard]] std::vector<Event> waiting();
    [[nodiscard]] int waitingCount();
    /// Whether something of a test does.
    [[nodiscard]] bool waitsFor(const std::string& test);
    /// What others wrote to a test of which something waits, since the first of that was accepted.
    [[nodiscard]] std::vector<Event> writtenMeanwhile(const std::string& test);
    /// Puts what waits into the book. @return how much; a Problem when the server is away, or where another
    /// workstation has written to the same test: then it goes on waiting, and somebody decides
    [[nodiscard]] Expected<int> deliver();
    /// Decides it: what waits goes behind what the other wrote, or is not taken. What is not taken stands in
    /// the journal with the reason.
    [[nodiscard]] Expected<int> deliverBehind(const std::string& test);
    [[nodiscard]] Expected<void> doNotTake(const std::string& test, const std::string& by,
                                           const std::string& reason);
    /// Tells when another workstation has written; never of a book that is a file.
    void listen(std::function<void()> told);
    /// The events of a test, client …, in order, with their recordings.
    [[nodiscard]] std::vector<Event> eventsOf(const std::string& subject);
    [[nodiscard]] std::int64_t eventCount();
    /// Number of the last event of the book.
    [[nodiscard]] std::int64_t lastEvent() const { return lastSequence_; }
    /// The hash of an event; nothing where the journal has none of that number.
    [[nodiscard]] std::optional<std::string> hashOf(std::int64_t sequence);
    /// The hash of the last event, which stands for all of the journal; empty for a new book.
    [[nodiscard]] const std::string& head() const { return lastHash_; }
    /// Kind and subject of each event after a number, in order.
    [[nodiscard]] std::vector<std::pair<std::string, std::string>> subjectsSince(std::int64_t sequence);
    /// Number of the last event of a subject; 0 when it has none.
    [[nodiscard]] std::int64_t lastEventOf(const std::string& subject);
    /// All of it; or, where an earlier verification is given, what was written after it.
    [[nodiscard]] Verification verify(const std::optional<Verified>& earlier = {},
                                      Progress* progress = nullptr);

    /// Appends an event of now, of a kind that is no change of a row or has one of its own.
    [[nodiscard]] Expected<void> note(std::string_view kind, const std::string& subject, const std::string& by,
                                      Json data);

    /// Takes from the file what was overwritten or destroyed: of a server its administrator does
    /// (docs/server.md).
    void clearTraces();
    /// The keys under which clients stand here.
    [[nodiscard]] Identities& identities() { return *identities_; }
    [[nodiscard]] const Identities& identities() const { return *identities_; }

    // People
    /// @param madeFrom the last event of the book when the edit began; an edit of something that was changed
    /// since is refused
    Expected<void> save(const Client& client, const std::string& by, std::optional<std::int64_t> madeFrom = {});
    [[nodiscard]] std::vector<Client> clients();
    [[nodiscard]] std::set<std::string> clientIds();
    [[nodiscard]] std::optional<Client> client(const std::string& id);
    /// By a part of the name or code, or by birth date; all for an empty text. @param most stops after so many
    [[nodiscard]] std::vector<Client> findClients(const std::string& text,
                                                  std::size_t most = std::numeric_limits<std::size_t>::max());
    /// The same, their ids alone: for a list that reads whom it shows.
    [[nodiscard]] std::vector<std::string> findClientIds(const std::string& text);
    /// Others with the same name or with the same birth date and a similar name.
    [[nodiscard]] std::vector<Client> likelyDuplicates(const Client& client);
    Expected<void> save(const Staff& staff, const std::string& by);
    [[nodiscard]] std::vector<Staff> staff();

    // Visits, tests, results, checks
    Expected<void> save(const Visit& visit, const std::string& by, std::optional<std::int64_t> madeFrom = {});
    /// Visits from `from` up to but not including `to`, in order of time.
    [[nodiscard]] std::vector<Visit> visitsBetween(Instant from, Instant to);
    [[nodiscard]] std::vector<Visit> visitsOf(const std::string& clientId);
    // Tests are read without their recordings, which a list or a result does not need.

    /// The same test with its recordings, as far as their blocks can be read.
    [[nodiscard]] Expected<AnyTest> withRecordings(const AnyTest& test);
    /// The newest version of each test of a client, oldest first.
    [[nodiscard]] std::vector<AnyTest> testsOf(const std::string& clientId);
    /// Tests of a client whose record cannot be read: they are shown, not passed over.
    [[nodiscard]] std::vector<UnreadableTest> unreadableTestsOf(const std::string& clientId);
    [[nodiscard]] std::optional<AnyTest> test(const std::string& id, int version = 0);
    [[nodiscard]] std::vector<AnyTest> versionsOf(const std::string& testId);
    [[nodiscard]] std::vector<AnyTest> runningTests();
    Expected<void> save(const StoredResult& result, const std::string& by);
    [[nodiscard]] std::vector<StoredResult> resultsOf(const std::string& testId);
    Expected<void> save(const Check& check, const std::string& by);
    [[nodiscard]] std::vector<Check> checks(const std::string& instrument);
    Expected<void> save(const Study& study, const std::string& by);
    [[nodiscard]] std::vector<Study> studies(const std::string& instrument = {});
    /// Tests of a method that were started after `since`, oldest first.
    [[nodiscard]] std::vector<AnyTest> testsSince(Instant since, std::string_view method);

    /// Signed tests by two methods of the clients who had both, oldest first.
    [[nodiscard]] std::vector<AnyTest> testsOfBoth(const std::string& method, const std::string& other);
    /// How many clients have signed tests by both methods, on whatever days.
    [[nodiscard]] int clientsOfBoth(std::string_view method, std::string_view other);
    /// The last signed result of each person by a method, as one number. @param field of the stored result,
    /// such as "fat_percent"
    [[nodiscard]] std::vector<PersonValue> latestValues(std::string_view method, const std::string& field);

    // Settings of the lab (policy in force, units, theme …)

    /// Puts in the place of a setting what follows from it; nobody else changes it in between.
    Expected<void>
    changeSetting(const std::string& key, const std::string& by,
                  const std::function<Expected<std::string>(const std::string& present)>& change);
    /// @param madeFrom as for a client
    Expected<void> setSetting(const std::string& key, const std::string& value, const std::string& by,
                              std::optional<std::int64_t> madeFrom = {});
    [[nodiscard]] std::string setting(const std::string& key, const std::string& otherwise = {});

    /// Keys and values of all settings whose key begins with `prefix`, in order of the key.
    [[nodiscard]] std::vector<std::pair<std::string, std::string>> settingsUnder(const std::string& prefix);

    /// Writes a consistent copy to `target` and verifies it. @return a Problem, and no copy, when it is not
    /// sound or was cancelled
    Expected<void> backUp(const QString& target, Progress* progress = nullptr);
    /// Saves what this window holds, damaged or not, where there is no file: for a book whose own file is gone.
    /// @return what the verification of it found
    Expected<Verification> rescue(const QString& target);
    /// The copy of the day, brought up to date; of all copies the `keep` that reach farthest are kept.
    /// @param into second folder, in which the book has one of its own (copiesIn); empty: beside the book
    Expected<QString> backUpDaily(Instant now, const QString& into = {}, int keep = 14);
    /// Where the daily copies of a book are.
    [[nodiscard]] static QString copiesBeside(const QString& path);
    /// Where they are in a second folder.
    [[nodiscard]] static QString copiesIn(const QString& folder, const QString& path);
    /// Heads that were noted beside the daily copies of a folder and are not in this journal any more.
    [[nodiscard]] std::vector<Fault> againstNotedHeads(const QString& folder) const;
    /// Replaces nothing: checks `backup` and copies it to `target`, which must not exist. Both may be a file or
    /// on a server.
    static Expected<void> restore(const QString& backup, const QString& target, Progress* progress = nullptr);

private:
    [[nodiscard]] bool mayWait(const Event& event) const;
    [[nodiscard]] Expected<void> deliverFirst();
    [[nodiscard]] Expected<Event> keepWaiting(Event event);
    [[nodiscard]] Expected<Event> write(Event event);
    [[nodiscard]] Expected<std::int64_t> deliverOne(const Event& waiting, std::int64_t after);
    [[nodiscard]] std::optional<std::int64_t> inTheBook(const Event& waiting, std::int64_t after);
    /// Rows as they were seen last, where the server is away.
    template <class T, class Convert>
    [[nodiscard]] std::vector<T> seen(const QString& what, Expected<QSqlQuery> rows, Convert convert);

    friend class Leases; // which are beside the record, on the same connection
    friend class SealedNames;
    explicit LabBook(BookAddress address);
    [[nodiscard]] QSqlDatabase connection() const;
    Expected<void> connect(bool readOnly);
    [[nodiscard]] Expected<void> sayHello() const;
    [[nodiscard]] std::optional<Problem> serverAway() const;
    [[nodiscard]] static Expected<std::unique_ptr<LabBook>> createOnServer(const BookAddress& address,
                                                                           Clock clock);
    [[nodiscard]] static Expected<std::unique_ptr<LabBook>> createFile(const QString& path, Clock clock);
    /// Makes a file whole, without opening it. @param fill what goes into the empty book
    static Expected<void> makeFile(const QString& path, Clock clock,
                                   const std::function<Expected<void>(LabBook&)>& fill);
    [[nodiscard]] Expected<int> schemaOfFile();
    Expected<void> bringForward();
    Expected<void> migrate(int version);
    Expected<void> takeOver();
    Expected<void> replayAllTests();
    Expected<void> takeRecordingsOutOfAllTests();
    Expected<void> writeCopy(const QString& partial);
    Expected<void> copyToServer(const BookAddress& address, Progress* progress);
    [[nodiscard]] static tl::unexpected<Problem> notEmpty(const BookAddress& address);
    Expected<void> readHead();
    Expected<void> follow();
    Expected<void> standAtTheEnd(const std::string& subject);
    Expected<void> replace(std::string_view kind, const std::string& subject, const std::string& by, Json data,
                           std::optional<std::int64_t> madeFrom);

    BookPlace place_; ///< first: it is left when the database is closed
    BookAddress address_;
    QString connectionName_;
    Dialect::Access access_ = Dialect::Access::ReadWrite;
    Clock clock_;
    std::string lastHash_;
    std::int64_t lastSequence_ = 0;
    std::map<std::string, std::int64_t> written_; ///< the last event of each test that this window goes on with
    std::unique_ptr<Identities> identities_;      ///< before what reads and writes with it
    std::unique_ptr<Projection> projection_;
    std::unique_ptr<KnownTests> known_;
    std::unique_ptr<Outbox> outbox_;   ///< nothing for a book that is a file
    std::map<QString, std::any> seen_; ///< what was read last, of a book on a server
    mutable bool away_ = false;        ///< as of the last look
    std::unique_ptr<ClientIndex> index_;
};

} // namespace fusain::store

// Somebody or something changes the file of a lab book behind its back: every change is found.
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "store/book/lab_book.hpp"
#include "store/book/network_folder.hpp"
#include "store/book/tables.hpp"
#include "support/hydrostatic_run.hpp"

#include <QFile>
#include <QFileInfo>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <atomic>
#include <random>
#include <stdexcept>
#include <sys/stat.h>
#include <thread>
#include <tuple>
#include <unistd.h>

namespace fusain::store::tamper_test {
namespace {

using namespace fusain::testing;

/// More are made by hand: FUSAIN_TAMPERINGS=2000.
int often(int usually) {
    const int asked = qEnvironmentVariableIntValue("FUSAIN_TAMPERINGS");
    return asked > 0 ? asked : usually;
}

/// A connection to a file that knows nothing of lab books.
class Hand {
public:
    explicit Hand(const QString& path) {
        QSqlDatabase database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name());
        database.setDatabaseName(path);
        EXPECT_TRUE(database.open());
    }
    ~Hand() {
        QSqlDatabase::database(name(), false).close();
        QSqlDatabase::removeDatabase(name());
    }
    Hand(const Hand&) = delete;
    Hand& operator=(const Hand&) = delete;
    QSqlQuery run(const QString& sql, const QVariantList& values = {}) {
        QSqlQuery query(QSqlDatabase::database(name()));
        EXPECT_TRUE(query.prepare(sql)) << sql.toStdString() << query.lastError().text().toStdString();
        for (const QVariant& value : values)
            query.addBindValue(value);
        EXPECT_TRUE(query.exec()) << sql.toStdString() << query.lastError().text().toStdString();
        return query;
    }
    int count(const QString& table) {
        auto rows = run(QStringLiteral("SELECT count(*) FROM ") + table);
        rows.next();
        return rows.value(0).toInt();
    }

private:
    static QString name() { return QStringLiteral("hand"); }
};

class Tampered : public ::testing::Test {
protected:
    // A book with something in every table.
    Tampered() {
        auto book = open();
        EXPECT_TRUE(book->save(Staff{"bram", "Bram Iyengar", Role::Technician}, "bram"));
        EXPECT_TRUE(book->save(Staff{"oriel", "Oriel Thackway", Role::Physiologist}, "bram"));
        for (const char* number : {"1", "2", "3"}) {
            Client client{std::string("client-") + number,
                          std::string("SP-00") + number,
                          "Ailsa Brandvold",
                          *dateFromIso("1984-06-02"),
                          Sex::Male,
                          Metres(1.75),
                          UnitSystem::Metric,
                          "",
                          false};
            EXPECT_TRUE(book->save(client, "bram"));
            EXPECT_TRUE(book->save(
                Visit{std::string("v") + number, client.id, clock(), "hydrostatic", "done", {}, {}}, "bram"));
            EXPECT_TRUE(book->save(Check{std::string("c") + number,
                                         "chamber",
                                         "cylinder-volume",
                                         clock(),
                                         50.0,
                                         50.1,
                                         false,
                                         "bram",
                                         "",
                                         {50.1}},
                                   "bram"));
            EXPECT_TRUE(book->save(Study{std::string("s") + number,
                                         "chamber",
                                         "fat-percent",
                                         "%",
                                         clock(),
                                         "oriel",
                                         {{18.2, 18.4}},
                                         ""},
                                   "oriel"));
            TestSubject subject = man;
            subject.clientId = client.id;
            auto run = HydrostaticProcedure::begin(standardSetting(), std::string("t") + number, subject,
                                                   technician, *book, clock);
            prepare(*run);
            weighThreeTimes(*run);
            EXPECT_TRUE(run->undo());
            EXPECT_TRUE(run->acceptTrace(steadyTrace(7.45), linked(*run, "load-cell")));
            finish(*run);
            EXPECT_TRUE(book->save(StoredResult{run->record().id, 1, 1, clock(), Json{{"fat", 14.4}}}, "bram"));
            if (std::string_view(number) == "2") {
                run->setAtTheBench(physiologist);
                EXPECT_TRUE(run->amend("the wrong scale"));
                EXPECT_TRUE(run->weighDry(Kilograms(71.0), Attribution::typed()));
            }
        }
        EXPECT_TRUE(book->setSetting("units", "us", "bram"));
        const auto verification = book->verify();
        EXPECT_TRUE(verification.sound()) << verification.faults.front().what.english();
        book.reset();
        Hand(file()).run(QStringLiteral("PRAGMA wal_checkpoint(TRUNCATE)"));
    }
    QString file(const char* name = "lab.fusain") const { return folder.filePath(QLatin1String(name)); }
    std::unique_ptr<LabBook> open() {
        auto book = LabBook::openOrCreate(file(), clock);
        EXPECT_TRUE(book) << book.error().english();
        return std::move(*book);
    }
    QString copy() {
        const QString path = file("tampered.fusain");
        QFile::remove(path);
        QFile::remove(path + QStringLiteral("-wal"));
        QFile::copy(file(), path);
        return path;
    }
    // Whether it is said that something is wrong; the file may be too damaged to open.
    static bool found(const QString& path) {
        const auto book = LabBook::openForReading(path);
        return !book || !(*book)->verify().sound();
    }

    QTemporaryDir folder;
    SteppingClock clock;
};

TEST_F(Tampered, EveryRowThatIsChangedDeletedOrAddedAtRandomIsFound) {
    std::mt19937 random(14);
    const auto draw = [&](int of) { return std::uniform_int_distribution(0, of - 1)(random); };
    std::vector<Table> tables = projectedTables();
    tables.push_back({"journal", {"sequence"}, {"sequence", "at", "staff", "kind", "subject", "data", "hash"}});
    tables.push_back({"meta", {"key"}, {"key", "value"}});
    tables.push_back({"recordings", {"name"}, {"name", "data"}});
    for (int i = 0; i < often(60); ++i) {
        const QString path = copy();
        const Table& table = tables[static_cast<std::size_t>(draw(static_cast<int>(tables.size())))];
        const QString column = table.columns[draw(static_cast<int>(table.columns.size()))];
        const int how = draw(3);
        {
            Hand hand(path);
            const QString row =
                QStringLiteral(" WHERE rowid = (SELECT rowid FROM %1 ORDER BY rowid LIMIT 1 OFFSET %2)")
                    .arg(table.name)
                    .arg(draw(hand.count(table.name)));
            if (how == 0)
                hand.run(QStringLiteral("DELETE FROM ") + table.name + row);
            else if (how == 1) // text gets a letter more, a number one more
                hand.run(QStringLiteral(
                             "UPDATE %1 SET %2 = CASE typeof(%2) WHEN 'integer' THEN %2 + 1000 ELSE %2 || ' ' "
                             "END")
                             .arg(table.name, column) +
                         row);
            else {
                QStringList values;
                for (const QString& each : table.columns)
                    values << (each == table.key.front()
                                   ? QStringLiteral(
                                         "CASE typeof(%1) WHEN 'integer' THEN %1 + 1000 ELSE %1 || '-' END")
                                         .arg(each)
                               : each == QLatin1String("code") ? QStringLiteral("code || '-'")
                                                               : each);
                hand.run(
                    QStringLiteral("INSERT INTO %1 (%2) SELECT %3 FROM %1")
                        .arg(table.name, table.columns.join(QLatin1Char(',')), values.join(QLatin1Char(','))) +
                    row);
            }
        }
        ASSERT_TRUE(found(path)) << i << ": " << table.name.toStdString() << ' ' << column.toStdString() << ' '
                                 << how;
    }
}

// Each forgery that once passed as sound.
TEST_F(Tampered, WhatOnceWasNotSeenIsFoundAndNamed) {
    const std::pair<const char*, const char*> forgeries[]{
        {"UPDATE results SET document = replace(document, '14.4', '12.3') WHERE test = 't1'", "result t1/1/1"},
        {"DELETE FROM results", "result"},
        {"UPDATE clients SET document = replace(document, 'male', 'female') WHERE id = 'client-1'",
         "client client-1"},
        {"UPDATE clients SET name = 'Somebody Else' WHERE id = 'client-2'", "client client-2"},
        {"INSERT INTO clients SELECT 'x', 'X', name, birth_date, document FROM clients LIMIT 1",
         "no event wrote it"},
        {"UPDATE checks SET document = replace(document, 'false', 'true')", "check c1"},
        {"DELETE FROM checks", "was written, and is not in the book"},
        {"DELETE FROM studies", "precision study"},
        {"DELETE FROM visits", "appointment"},
        {"UPDATE staff SET document = replace(document, 'technician', 'physiologist')", "colleague bram"},
        {"UPDATE settings SET value = 'metric' WHERE key = 'units'", "setting units"},
        {"UPDATE tests SET document = replace(document, '70.0', '60.0') WHERE id = 't2' AND version = 1",
         "raw record t2/1"},
        {"INSERT INTO tests SELECT 'forged', version, client, method, started_at, state, document FROM tests "
         "WHERE id = "
         "'t1'",
         "raw record forged/1"},
        {"DELETE FROM journal WHERE sequence = (SELECT max(sequence) FROM journal)",
         "events are missing at its end"},
        {"UPDATE journal SET subject = CAST(subject AS BLOB) WHERE subject = 't1'",
         "The file is damaged: journal"},
        {"UPDATE visits SET note = CAST(note AS BLOB) WHERE id = 'v2'", "The file is damaged: visits"},
        {"DELETE FROM recordings", "was written, and is not in the book"},
        {"UPDATE recordings SET data = substr(data, 1, length(data) - 9)", "is not as it was written"},
        {"UPDATE recordings SET data = x'FFFFFFFF789C'", "is not as it was written"},
        {"INSERT INTO recordings SELECT replace(name, 'a', 'b'), data FROM recordings", "recording"},
        {"INSERT INTO meta VALUES ('created', 'long ago')", "What the book says of itself"},
        {"UPDATE meta SET value = value || '-' WHERE key = 'schema'", "What the book says of itself"},
        {"UPDATE meta SET value = '5' WHERE key = 'schema'", "What the book says of itself"},
        {"CREATE TABLE more (a TEXT)", "A table of the book"}};
    for (const auto& [sql, words] : forgeries) {
        const QString path = copy();
        Hand(path).run(QLatin1String(sql));
        const auto verification = (*LabBook::openForReading(path))->verify();
        ASSERT_FALSE(verification.sound()) << sql;
        std::string all;
        for (const Fault& fault : verification.faults)
            all += fault.what.english() + '\n';
        EXPECT_NE(all.find(words), std::string::npos) << sql << '\n' << all;
    }
}

TEST_F(Tampered, DamageIsSaidWithTheDayOfWhatNoLongerHolds) {
    const QString path = copy();
    Hand(path).run(QStringLiteral("UPDATE visits SET note = 'changed' WHERE id = 'v2'"));
    const auto verification = (*LabBook::openForReading(path))->verify();
    ASSERT_EQ(verification.faults.size(), 1u);
    ASSERT_TRUE(verification.damagedSince());
    EXPECT_EQ(isoText(dateOf(*verification.damagedSince())), "2026-03-12");
}

TEST_F(Tampered, ABitThatFlipsIsReportedOrWithoutEffect) {
    std::mt19937 random(15);
    QFile whole(file());
    ASSERT_TRUE(whole.open(QIODevice::ReadOnly));
    const QByteArray bytes = whole.readAll();
    const auto contents = [](const QString& path) {
        QStringList all;
        Hand hand(path);
        for (const char* table : {"journal", "clients", "staff", "visits", "tests", "results", "checks",
                                  "studies", "settings", "meta"})
            for (auto rows =
                     hand.run(QStringLiteral("SELECT * FROM %1 ORDER BY 1, 2").arg(QLatin1String(table)));
                 rows.next();)
                for (int i = 0; i < 7; ++i)
                    all << rows.value(i).toString();
        return all;
    };
    const QStringList before = contents(file());
    for (int i = 0; i < often(60); ++i) {
        QByteArray flipped = bytes;
        const auto at = std::uniform_int_distribution<qsizetype>(0, bytes.size() - 1)(random);
        flipped[at] = static_cast<char>(flipped[at] ^ (1 << std::uniform_int_distribution(0, 7)(random)));
        const QString path = copy();
        QFile out(path);
        ASSERT_TRUE(out.open(QIODevice::WriteOnly | QIODevice::Truncate));
        out.write(flipped);
        out.close();
        if (found(path))
            continue;
        const QStringList after = contents(path);
        ASSERT_EQ(after.size(), before.size()) << "byte " << at;
        for (qsizetype each = 0; each < after.size(); ++each)
            ASSERT_EQ(after[each].toStdString(), before[each].toStdString()) << "byte " << at;
    }
}

// The window writes while the book is verified beside it: what comes in between is no damage.
TEST_F(Tampered, AVerificationBesideTheWorkSeesOneMoment) {
    auto book = open();
    std::atomic<bool> over = false;
    std::atomic<int> made = 0;
    std::string wrong;
    std::thread beside([&] {
        while (!over && wrong.empty()) {
            const auto reader = LabBook::openForReading(file());
            const auto verification = (*reader)->verify();
            if (!verification.sound())
                wrong = verification.faults.front().what.english();
            ++made;
        }
    });
    for (int i = 0; i < 4000 && made < 12; ++i)
        EXPECT_TRUE(book->setSetting("theme", std::to_string(i), "bram"));
    over = true;
    beside.join();
    EXPECT_EQ(wrong, "");
    EXPECT_GT(made, 0);
}

// A record that its events do not lead to, in a book of before: it is kept as found, and the book is sound
// then.
TEST_F(Tampered, WhatWasFoundInAnOlderBookIsNoDamageAfterwards) {
    const QString path = file("five.fusain");
    QFile::copy(QStringLiteral(FUSAIN_SOURCE_DIR "/tests/data/schema-5/lab-book-5.fusain"), path);
    QFile(path).setPermissions(QFile::ReadOwner | QFile::WriteOwner);
    {
        Hand hand(path);
        hand.run(QStringLiteral(
            "UPDATE tests SET document = replace(document, '70.0', '60.0') WHERE id = 'tank-running'"));
        hand.run(QStringLiteral("UPDATE results SET document = '{\"fat\":1.0}' WHERE test = 'tank-signed'"));
    }
    auto book = LabBook::open(path, clock);
    ASSERT_TRUE(book) << book.error().english();
    const auto verification = (*book)->verify();
    EXPECT_TRUE(verification.sound()) << verification.faults.front().what.english();
    const auto changed = (*book)->test("tank-running");
    EXPECT_EQ((*book)->eventsOf("tests").size(), 1u);
    EXPECT_EQ(std::get<HydrostaticTest>(*changed).dryMass->value, 60.0);
    const auto whole = (*book)->withRecordings(*changed); // what was changed kept its recording all the same
    ASSERT_TRUE(whole);
    int recorded = 0;
    for (const WeighingTrial& trial : std::get<HydrostaticTest>(*whole).trials)
        recorded += static_cast<int>(trial.trace.samples.size());
    EXPECT_EQ(recorded, 40);
}

// At each start only what is new is looked at; once a week, and when asked, all of it.
TEST_F(Tampered, TheNewPartIsVerifiedOnItsOwn) {
    Verified earlier;
    {
        auto book = open();
        const auto whole = book->verify();
        ASSERT_TRUE(whole.sound());
        earlier = {whole.events, whole.head, clock()};
        const auto nothingNew = book->verify(earlier);
        EXPECT_TRUE(nothingNew.sound());
        EXPECT_EQ(nothingNew.before, whole.events);
        auto run = HydrostaticProcedure::begin(standardSetting(), "t9", man, technician, *book, clock);
        prepare(*run);
        MUST(run->acceptTrace(steadyTrace(), linked(*run, "load-cell")));
        MUST(book->setSetting("units", "metric", "bram"));
        const auto part = book->verify(earlier);
        EXPECT_TRUE(part.sound()) << part.faults.front().what.english();
        EXPECT_EQ(part.before, whole.events);
        EXPECT_EQ(part.events, book->eventCount());
        EXPECT_EQ(part.head, book->verify().head);
        // An end that is not in the journal vouches for nothing.
        EXPECT_EQ(book->verify(Verified{earlier.events, std::string(64, '0'), {}}).before, 0);
        EXPECT_EQ(book->verify(Verified{earlier.events + 1000, earlier.head, {}}).before, 0);
        book.reset();
        Hand(file()).run(QStringLiteral("PRAGMA wal_checkpoint(TRUNCATE)"));
    }
    const std::tuple<const char*, bool, const char*> changes[]{
        {"UPDATE tests SET state = 'signed' WHERE id = 't9'", true, "raw record t9/1"},
        {"DELETE FROM tests WHERE id = 't9'", true, "raw record t9/1"},
        {"DELETE FROM recordings WHERE name IN (SELECT json_extract(data, '$.trace.block') FROM journal WHERE "
         "subject = "
         "'t9')",
         true, "recording"},
        {"UPDATE settings SET value = 'us'", true, "setting units"},
        {"UPDATE journal SET staff = 'oriel' WHERE sequence = (SELECT max(sequence) FROM journal)", true,
         "was changed"},
        {"UPDATE journal SET sequence = sequence + 1 WHERE sequence = (SELECT max(sequence) FROM journal)",
         true, "is missing"},
        {"CREATE TRIGGER later AFTER INSERT ON tests BEGIN SELECT 1; END", true, "A table of the book"},
        {"UPDATE tests SET state = 'running' WHERE id = 't1'", false, "raw record t1/1"}};
    for (const auto& [sql, inNewPart, words] : changes) {
        const QString path = copy();
        Hand(path).run(QLatin1String(sql));
        const auto book = *LabBook::openForReading(path);
        const auto part = book->verify(earlier), whole = book->verify();
        EXPECT_EQ(part.sound(), !inNewPart) << sql;
        EXPECT_FALSE(whole.sound()) << sql;
        EXPECT_NE((inNewPart ? part : whole).faults.front().what.english().find(words), std::string::npos)
            << sql << '\n'
            << (inNewPart ? part : whole).faults.front().what.english();
    }
}

TEST_F(Tampered, WhatWasVerifiedIsRememberedBesideTheBook) {
    EXPECT_FALSE(verifiedUpTo(file()));
    rememberVerified(file(), {12, "abc", clock()});
    const auto kept = verifiedUpTo(file());
    ASSERT_TRUE(kept);
    EXPECT_EQ(kept->events, 12);
    EXPECT_EQ(kept->head, "abc");
    QFile damaged(verifiedFile(file()));
    ASSERT_TRUE(damaged.open(QIODevice::WriteOnly));
    damaged.write("{\"events\": \"many\"");
    damaged.close();
    EXPECT_FALSE(verifiedUpTo(file()));
}

TEST_F(Tampered, ADamagedBookReplacesNoGoodCopyAndIsRescuedAllTheSame) {
    const QString path = copy(), daily = file("daily.fusain");
    MUST((*LabBook::openForReading(path))->backUp(daily));
    Hand(path).run(QStringLiteral("DELETE FROM checks"));
    auto damaged = LabBook::open(path, clock);
    ASSERT_TRUE(damaged);
    const auto refused = (*damaged)->backUp(daily);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("damaged"), std::string::npos);
    EXPECT_TRUE((*LabBook::openForReading(daily))->verify().sound());
    const auto rescued = (*damaged)->rescue(file("rescued.fusain"));
    ASSERT_TRUE(rescued) << rescued.error().english();
    EXPECT_FALSE(rescued->sound());
    EXPECT_EQ((*LabBook::openForReading(file("rescued.fusain")))->eventCount(), (*damaged)->eventCount());
    EXPECT_FALSE((*damaged)->rescue(file("rescued.fusain"))); // never over a file
}

// An exception in the middle of an act costs the act; the journal goes on where it was.
TEST_F(Tampered, AnExceptionInAnActLeavesTheJournalWhereItWas) {
    auto book = open();
    const auto events = book->eventCount();
    EXPECT_THROW(static_cast<void>(book->together([&]() -> Expected<void> {
                     EXPECT_TRUE(book->setSetting("theme", "dark", "bram"));
                     throw std::runtime_error("made for the test");
                 })),
                 std::runtime_error);
    EXPECT_EQ(book->eventCount(), events);
    MUST(book->setSetting("theme", "light", "bram"));
    EXPECT_TRUE(book->verify().sound());
}

class Place : public Tampered {};

TEST_F(Place, OneBookIsOpenOnceByWhateverName) {
    auto first = open();
    ASSERT_TRUE(QFile::link(file(), file("linked.fusain")));
    for (const QString& name : {file(), file("linked.fusain")}) {
        const auto second = LabBook::open(name, clock);
        ASSERT_FALSE(second);
        EXPECT_NE(second.error().english().find("is open on"), std::string::npos) << second.error().english();
    }
    first.reset();
    EXPECT_TRUE(LabBook::open(file("linked.fusain"), clock)); // by a link, when nobody has it
    ASSERT_EQ(::link(QFile::encodeName(file()), QFile::encodeName(file("hard.fusain"))), 0);
    const auto hard = LabBook::open(file("hard.fusain"), clock);
    ASSERT_FALSE(hard);
    EXPECT_NE(hard.error().english().find("second name"), std::string::npos);
}

TEST_F(Place, NothingIsCreatedWithoutBeingAskedForAndNothingIsDamage) {
    EXPECT_FALSE(LabBook::open(file("missing.fusain"), clock));
    EXPECT_FALSE(QFile::exists(file("missing.fusain")));
    const auto away = LabBook::open(folder.filePath(QStringLiteral("share/lab.fusain")), clock);
    ASSERT_FALSE(away);
    EXPECT_NE(away.error().english().find("disk or share"), std::string::npos);
    QFile empty(file("empty.fusain"));
    ASSERT_TRUE(empty.open(QIODevice::WriteOnly));
    empty.close();
    const auto damaged = LabBook::open(file("empty.fusain"), clock);
    ASSERT_FALSE(damaged);
    EXPECT_NE(damaged.error().english().find("0 bytes"), std::string::npos);
    EXPECT_EQ(QFileInfo(file("empty.fusain")).size(), 0);
    EXPECT_FALSE(LabBook::create(file(), clock)); // never over a file
}

TEST_F(Place, ABookThatIsTakenAwayAcceptsNothingAndWhatIsInHandIsSaved) {
    auto book = open();
    const auto events = book->eventCount();
    ASSERT_TRUE(QFile::remove(file()));
    EXPECT_TRUE(book->notOurs());
    const auto refused = book->setSetting("theme", "dark", "bram");
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("removed or replaced"), std::string::npos);
    EXPECT_EQ(book->eventCount(), events);
    MUST(book->backUp(file("rescued.fusain")));
    const auto rescued = LabBook::open(file("rescued.fusain"), clock);
    ASSERT_TRUE(rescued);
    EXPECT_EQ((*rescued)->eventCount(), events);
    EXPECT_TRUE((*rescued)->verify().sound());
}

TEST_F(Place, ABookThatIsReplacedAcceptsNothing) {
    auto book = open();
    ASSERT_TRUE(QFile::copy(file(), file("other.fusain")));
    ASSERT_EQ(::rename(QFile::encodeName(file("other.fusain")), QFile::encodeName(file())), 0);
    EXPECT_FALSE(book->setSetting("theme", "dark", "bram"));
}

TEST_F(Place, WhatAnotherProgramWroteIsNotWrittenOver) {
    auto book = open();
    Hand(file()).run(QStringLiteral("UPDATE meta SET value = '9999 ab' WHERE key = 'head'"));
    const auto refused = book->setSetting("theme", "dark", "bram");
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("Another program"), std::string::npos);
}

TEST_F(Place, OnlyTheOwnAccountReadsABook) {
    const auto modeOf = [](const QString& path) {
        struct stat status = {};
        ::stat(QFile::encodeName(path), &status);
        return status.st_mode & 0777;
    };
    EXPECT_EQ(modeOf(file()), 0600u);
    ASSERT_EQ(::chmod(QFile::encodeName(file()), 0644), 0);
    auto book = open();
    EXPECT_TRUE(book->wasReadableByOthers());
    EXPECT_EQ(modeOf(file()), 0600u);
    const auto copy = book->backUpDaily(clock());
    ASSERT_TRUE(copy);
    EXPECT_EQ(modeOf(*copy), 0600u);
    EXPECT_EQ(modeOf(QFileInfo(*copy).absolutePath()), 0700u);
}

TEST_F(Place, ASessionThatWasNotClosedIsRemembered) {
    { EXPECT_TRUE(open()->endedBadly().empty()); }
    QFile note(file("lab.fusain.open")); // as a killed program leaves it
    ASSERT_TRUE(note.open(QIODevice::WriteOnly));
    note.write("reception\n4242\n2026-03-11 17:02\n");
    note.close();
    { EXPECT_EQ(open()->endedBadly(), "2026-03-11 17:02"); }
    EXPECT_TRUE(open()->endedBadly().empty()); // that one was closed
}

// A second folder may hold other things, other labs' books and copies among them.
TEST_F(Place, NothingButOurOwnCopiesIsEverRemovedFromAFolder) {
    const QString shared = folder.filePath(QStringLiteral("shared"));
    QDir().mkpath(shared);
    for (const char* name : {"other lab.fusain", "2026-01-01.fusain", "download.partial"})
        ASSERT_TRUE(QFile::copy(file(), shared + QLatin1Char('/') + QLatin1String(name)));
    auto book = open();
    for (int day = 0; day < 4; ++day)
        ASSERT_TRUE(book->backUpDaily(Instant{clock().milliseconds + day * 86400000LL}, shared, 2));
    EXPECT_EQ(QDir(shared).entryList(QDir::Files).size(), 3);
    const QDir own(LabBook::copiesIn(shared, file()));
    EXPECT_EQ(own.entryList({QStringLiteral("*.fusain")}, QDir::Files).size(), 2);
}

TEST_F(Place, ACopyIsBroughtUpToDateAndOneFromAWrongClockGetsNoPlaceForEver) {
    auto book = open();
    const auto future = book->backUpDaily(*instantFromIso("2099-12-31T08:00:00.000Z"));
    ASSERT_TRUE(future);
    const auto today = book->backUpDaily(clock());
    MUST(book->setSetting("theme", "dark", "bram"));
    ASSERT_TRUE(book->backUpDaily(clock(), {}, 1));
    EXPECT_FALSE(QFile::exists(*future)); // it reaches least far
    const auto copy = LabBook::openForReading(*today);
    ASSERT_TRUE(copy);
    EXPECT_EQ((*copy)->eventCount(), book->eventCount());
    QFile left(QFileInfo(*today).absolutePath() + QStringLiteral("/2026-03-01.fusain.partial"));
    ASSERT_TRUE(left.open(QIODevice::WriteOnly));
    left.close();
    ASSERT_TRUE(book->backUpDaily(clock()));
    EXPECT_FALSE(left.exists());
}

TEST(NetworkFolder, IsRefusedWithTheReasonAndTheRemedy) {
    for (const auto& [kind, refused] :
         {std::pair("ext4", false), std::pair("btrfs", false), std::pair("tmpfs", false),
          std::pair("overlay", false), std::pair("nfs4", true), std::pair("cifs", true),
          std::pair("fuse.sshfs", true)}) {
        const auto objection = objectionToFolder(QStringLiteral("/lab/lab.fusain"),
                                                 [&](const QString&) { return QLatin1String(kind); });
        EXPECT_EQ(objection.has_value(), refused) << kind;
        if (objection) {
            EXPECT_NE(objection->english().find(kind), std::string::npos);
            EXPECT_NE(objection->english().find("PostgreSQL"), std::string::npos);
        }
    }
    EXPECT_FALSE(fileSystemOf(QStringLiteral("/")).isEmpty());
}

// What was noted elsewhere finds even a journal that was written anew from its first event.
TEST_F(Tampered, ARewrittenJournalIsFoundByTheHeadsThatWereNoted) {
    const QString elsewhere = file("elsewhere");
    {
        auto book = open();
        ASSERT_TRUE(book->backUpDaily(clock(), elsewhere));
        ASSERT_TRUE(book->backUpDaily(clock(), elsewhere)); // noted once
        EXPECT_TRUE(book->againstNotedHeads(LabBook::copiesIn(elsewhere, book->path())).empty());
        EXPECT_TRUE(book->againstNotedHeads(file("nowhere")).empty());
    }
    const QString noted = LabBook::copiesIn(elsewhere, file());
    QFile heads(noted + QStringLiteral("/heads.txt"));
    ASSERT_TRUE(heads.open(QIODevice::ReadOnly));
    EXPECT_EQ(heads.readAll().count('\n'), 1);
    {
        Hand hand(file());
        std::string head;
        auto rows = hand.run(QStringLiteral(
            "SELECT sequence, at, staff, kind, subject, data, hash FROM journal ORDER BY sequence"));
        std::vector<Event> events;
        while (rows.next())
            events.push_back(eventIn(rows));
        rows.finish();
        for (Event& event : events) {
            if (event.sequence == 1)
                event.by = "nobody";
            event.hash = head = chainHash(head, event);
            hand.run(QStringLiteral("UPDATE journal SET staff = ?, hash = ? WHERE sequence = ?"),
                     {QString::fromStdString(event.by), QString::fromStdString(event.hash),
                      qlonglong(event.sequence)});
        }
        hand.run(QStringLiteral("UPDATE meta SET value = ? WHERE key = 'head'"),
                 {headText(events.back().sequence, head)});
    }
    const auto book = *LabBook::openForReading(file());
    EXPECT_TRUE(book->verify().sound()); // by itself it cannot tell
    EXPECT_EQ(book->againstNotedHeads(noted).size(), 1u);
}

} // namespace
} // namespace fusain::store::tamper_test

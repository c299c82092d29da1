#include "procedure/all/procedure.hpp"
#include "record/base/json.hpp"
#include "store/book/lab_book.hpp"
#include "store/transfer/data_files.hpp"
#include "support/chamber_run.hpp"
#include "support/engines.hpp"

#include <QFile>
#include <QFileInfo>
#include <QSqlDatabase>
#include <QSqlQuery>

namespace fusain::store::lab_book_test {
namespace {

using namespace fusain::testing;

class Book : public ::testing::TestWithParam<Engine> {
protected:
    QString file(const char* name) const { return shelf.file(name); }
    std::unique_ptr<LabBook> open() {
        auto book = LabBook::openOrCreate(shelf.address(), clock);
        EXPECT_TRUE(book) << book.error().english();
        return std::move(*book);
    }
    static Client ailsa() {
        return {"client-1",  "SP-001",     "Ailsa Brandvold",  *dateFromIso("1984-06-02"),
                Sex::Female, Metres(1.68), UnitSystem::Metric, "",
                false};
    }
    BookShelf shelf{GetParam()};
    SteppingClock clock;
};
INSTANTIATE_TEST_SUITE_P(Engines, Book, bothEngines, nameOfEngine);

/// What only a file can be.
class BookFile : public Book {
protected:
    QString file() const { return Book::file("lab.fusain"); }
};
INSTANTIATE_TEST_SUITE_P(Engines, BookFile, ::testing::Values(Engine::File), nameOfEngine);

TEST_P(Book, KeepsClientsAndFindsThem) {
    auto book = open();
    MUST(book->save(ailsa(), "bram"));
    EXPECT_EQ(book->findClients("BRAND").size(), 1u);
    EXPECT_EQ(book->findClients("sp-001").size(), 1u);
    EXPECT_EQ(book->findClients("1984-06").size(), 1u);
    EXPECT_TRUE(book->findClients("nobody").empty());
}

TEST_P(Book, WarnsOfDuplicates) {
    auto book = open();
    MUST(book->save(ailsa(), "bram"));
    Client again = ailsa();
    again.id = "client-2";
    again.code = "SP-002";
    EXPECT_EQ(book->likelyDuplicates(again).size(), 1u);
    again.name = "Ailsa B. Brandvold-Roe";
    EXPECT_EQ(book->likelyDuplicates(again).size(), 1u); // same birth date, shares a name
    again.birthDate = *dateFromIso("1990-01-01");
    EXPECT_TRUE(book->likelyDuplicates(again).empty());
}

TEST_P(Book, RefusesImpossibleClients) {
    auto book = open();
    Client client = ailsa();
    client.birthDate = *dateFromIso("2033-01-01");
    EXPECT_FALSE(book->save(client, "bram"));
    EXPECT_TRUE(book->clients().empty());
}

TEST_P(Book, ATestIsThereAfterClosingAtAnyMoment) {
    {
        auto book = open();
        MUST(book->save(ailsa(), "bram"));
        auto run = HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, *book, clock);
        ASSERT_TRUE(run);
        prepare(*run);
        MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
    } // no farewell: the object goes as in a crash
    auto book = open();
    ASSERT_EQ(book->runningTests().size(), 1u);
    auto resumed =
        HydrostaticProcedure::resume(standardSetting(), book->eventsOf("t1"), technician, *book, clock);
    ASSERT_TRUE(resumed);
    EXPECT_EQ(resumed->test().trials.size(), 1u);
    MUST(resumed->acceptTrial(Kilograms(7.46), Kilograms(0.02)));
    MUST(resumed->undo());
    EXPECT_EQ(toJson(*book->test("t1")), toJson(resumed->test()));
    EXPECT_TRUE(book->verify().sound());
}

TEST_P(Book, AnAmendmentKeepsBothVersions) {
    auto book = open();
    MUST(book->save(ailsa(), "bram"));
    auto run = HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, *book, clock);
    prepare(*run);
    weighThreeTimes(*run);
    finish(*run);
    run->setAtTheBench(physiologist);
    MUST(run->amend("scale in the wrong unit"));
    MUST(run->weighDry(Kilograms(71.0), Attribution::typed()));
    ASSERT_EQ(book->versionsOf("t1").size(), 2u);
    EXPECT_EQ(std::get<HydrostaticTest>(*book->test("t1", 1)).dryMass->value, 70.0);
    EXPECT_EQ(common(*book->test("t1", 1)).state, TestState::Signed);
    EXPECT_EQ(std::get<HydrostaticTest>(*book->test("t1")).dryMass->value, 71.0);
    EXPECT_EQ(book->testsOf("client-1").size(), 1u);
    EXPECT_TRUE(book->verify().sound());
}

TEST_P(Book, ResultsAreStoredBesideNeverOver) {
    auto book = open();
    MUST(book->save(ailsa(), "bram"));
    ASSERT_TRUE(HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, *book, clock));
    MUST(book->save(StoredResult{"t1", 1, 1, clock(), Json{{"fat_percent", 14.4}}}, "bram"));
    MUST(book->save(StoredResult{"t1", 1, 2, clock(), Json{{"fat_percent", 14.6}}}, "bram"));
    EXPECT_FALSE(book->save(StoredResult{"t1", 1, 1, clock(), Json{{"fat_percent", 99.0}}}, "bram"));
    EXPECT_EQ(book->resultsOf("t1").size(), 2u);
}

TEST_P(Book, VerifyFindsAChangedEvent) {
    {
        auto book = open();
        MUST(book->save(ailsa(), "bram"));
        MUST(book->setSetting("theme", "dark", "bram"));
        EXPECT_TRUE(book->verify().sound());
    }
    shelf.tamper(QStringLiteral("UPDATE journal SET staff = 'oriel' WHERE sequence = 1"));
    const auto verification = open()->verify();
    EXPECT_FALSE(verification.sound());
}

TEST_P(Book, VerifyFindsARemovedEvent) {
    {
        auto book = open();
        MUST(book->save(ailsa(), "bram"));
        MUST(book->setSetting("theme", "dark", "bram"));
    }
    shelf.tamper(QStringLiteral("DELETE FROM journal WHERE sequence = 1"));
    EXPECT_FALSE(open()->verify().sound());
}

TEST_P(Book, VerifyFindsAChangedRawRecord) {
    {
        auto book = open();
        MUST(book->save(ailsa(), "bram"));
        auto run = HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, *book, clock);
        prepare(*run);
    }
    shelf.tamper(QStringLiteral("UPDATE tests SET document = replace(document, '70.0', '60.0')"));
    EXPECT_FALSE(open()->verify().sound());
}

TEST_P(BookFile, ForeignFilesAreLeftAlone) {
    QFile other(file());
    ASSERT_TRUE(other.open(QIODevice::WriteOnly));
    other.write("dear diary");
    other.close();
    const auto refused = LabBook::open(shelf.address(), clock);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("not a lab book"), std::string::npos);
    ASSERT_TRUE(other.open(QIODevice::ReadOnly));
    EXPECT_EQ(other.readAll(), QByteArray("dear diary"));
}

TEST_P(Book, AnotherProgramsDatabaseIsLeftAlone) {
    shelf.tamper(QStringLiteral("CREATE TABLE songs (title TEXT)"));
    EXPECT_FALSE(LabBook::open(shelf.address(), clock));
}

TEST_P(BookFile, ATruncatedFileIsExplained) {
    { MUST(open()->save(ailsa(), "bram")); }
    QFile book(file());
    ASSERT_TRUE(book.resize(book.size() / 2));
    const auto opened = LabBook::open(shelf.address(), clock);
    // Either the opening or the check says so; it must not pass as sound.
    EXPECT_TRUE(!opened || !(*opened)->verify().sound());
}

TEST_P(Book, ANewerBookIsRefused) {
    open();
    shelf.tamper(QStringLiteral("UPDATE meta SET value = '99' WHERE key = 'schema'"));
    const auto refused = LabBook::open(shelf.address(), clock);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("newer Fusain"), std::string::npos);
}

// A book of schema 1 is copied beside itself and brought forward; its checks keep their numbers under the new
// names.
TEST_P(BookFile, AnOlderBookIsCopiedAndBroughtForward) {
    open();
    shelf.tamper(QStringLiteral("DROP TABLE studies"));
    shelf.tamper(QStringLiteral("DROP TABLE recordings"));
    shelf.tamper(QStringLiteral("DROP TABLE secrets"));
    shelf.tamper(QStringLiteral("DROP TABLE grants"));
    for (const char* index : {"checks_instrument", "tests_state", "tests_method"})
        shelf.tamper(QStringLiteral("DROP INDEX ") + QLatin1String(index));
    shelf.tamper(QStringLiteral("UPDATE meta SET value = '1' WHERE key = 'schema'"));
    shelf.tamper(QStringLiteral(
        "INSERT INTO checks (id, instrument, kind, at, document) VALUES ('c', 'Tank', 'load-cell', "
        "'2026-03-12T07:00:00.000Z', '{\"nominal_kg\": 5.0, \"reading_kg\": 5.01, \"passed\": true}')"));
    auto book = open();
    const auto checks = book->checks("load-cell");
    ASSERT_EQ(checks.size(), 1u);
    EXPECT_DOUBLE_EQ(checks[0].nominal, 5.0);
    EXPECT_DOUBLE_EQ(checks[0].reading, 5.01);
    EXPECT_TRUE(QFile::exists(file() + QStringLiteral(".before-schema-2")));
    EXPECT_TRUE(book->studies().empty());
}

TEST_P(Book, KeepsChecksWithEveryReadingAndStudies) {
    auto book = open();
    MUST(book->save(
        Check{"c1", "chamber", "cylinder-volume", clock(), 50.0, 50.01, true, "bram", "", {50.0, 50.02}},
        "bram"));
    MUST(book->save(
        Study{"s1", "chamber", "fat-percent", "%", clock(), "oriel", {{18.2, 18.4}, {25.0, 25.3}}, "trainee"},
        "oriel"));
    EXPECT_EQ(book->checks("chamber").front().readings, (std::vector{50.0, 50.02}));
    EXPECT_TRUE(book->checks("load-cell").empty());
    EXPECT_EQ(book->studies("chamber").front().people[1][1], 25.3);
    EXPECT_EQ(book->studies("chamber").front().group, "trainee");
    EXPECT_TRUE(book->verify().sound());
}

TEST_P(Book, AChamberTestIsKeptBesideTankTests) {
    auto book = open();
    MUST(book->save(ailsa(), "bram"));
    TestSubject subject = man;
    subject.clientId = ailsa().id;
    auto run = ChamberProcedure::begin(chamberSetting(), "c1", subject, technician, *book, clock);
    ASSERT_TRUE(run) << run.error().english();
    prepare(*run);
    measureTwice(*run);
    EXPECT_EQ(toJson(*book->test("c1")), toJson(snapshotOf(*run)));
    EXPECT_EQ(methodOf(*book->test("c1")), methodChamber);
    EXPECT_EQ(book->testsSince(Instant{0}, methodChamber).size(), 1u);
    EXPECT_TRUE(book->testsSince(Instant{0}, methodHydrostatic).empty());
    EXPECT_TRUE(book->verify().sound());
}

TEST_P(Book, BacksUpChecksAndRestores) {
    auto book = open();
    MUST(book->save(ailsa(), "bram"));
    const auto daily = book->backUpDaily(clock());
    ASSERT_TRUE(daily) << daily.error().english();
    MUST(LabBook::restore(*daily, file("restored.fusain")));
    EXPECT_FALSE(LabBook::restore(*daily, file("restored.fusain"))); // never over a file
    EXPECT_EQ((*LabBook::open(file("restored.fusain"), clock))->clients().size(), 1u);
}

TEST_P(Book, ACancelledCopyIsNotThereAndACancelledVerificationIsNotSound) {
    auto book = open();
    MUST(book->save(ailsa(), "bram"));
    Progress progress;
    EXPECT_FALSE(progress.share());
    EXPECT_TRUE(book->verify({}, &progress).sound());
    EXPECT_DOUBLE_EQ(*progress.share(), 1.0);
    progress.cancel();
    const Verification found = book->verify({}, &progress);
    EXPECT_TRUE(found.cancelled);
    EXPECT_FALSE(found.sound());
    EXPECT_TRUE(found.faults.empty());
    const auto copied = book->backUp(file("copy.fusain"), &progress);
    ASSERT_FALSE(copied);
    EXPECT_EQ(copied.error().what.english(), "Cancelled.");
    MUST(book->backUp(file("whole.fusain")));
    EXPECT_FALSE(LabBook::restore(file("whole.fusain"), file("restored.fusain"), &progress));
    for (const char* name :
         {"copy.fusain", "copy.fusain.partial", "restored.fusain", "restored.fusain.partial"})
        EXPECT_FALSE(QFile::exists(file(name))) << name;
}

TEST_P(Book, OldDailyCopiesAreThinnedOut) {
    auto book = open();
    for (int day = 0; day < 5; ++day)
        ASSERT_TRUE(book->backUpDaily(Instant{clock().milliseconds + day * 86400000LL}, {}, 3));
    EXPECT_EQ(QDir(LabBook::copiesBeside(shelf.address())).entryList(QDir::Files).size(), 3);
}

TEST_P(Book, AClockSetBackIsNoticed) {
    auto book = open();
    MUST(book->save(ailsa(), "bram"));
    EXPECT_FALSE(book->clockWarning(clock()));
    EXPECT_TRUE(book->clockWarning(Instant{clock().milliseconds - 3600000}));
}

TEST_P(Book, WhatIsDoneTogetherIsKeptWholeOrNotAtAll) {
    auto book = open();
    MUST(book->save(ailsa(), "bram"));
    auto run = HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, *book, clock);
    ASSERT_TRUE(run);
    prepare(*run);
    weighThreeTimes(*run);
    MUST(run->confirm(HydrostaticStep::OutSafely));
    MUST(run->confirm(HydrostaticStep::Result));
    MUST(run->interpret("In the band."));
    const auto events = book->eventCount();
    const StoredResult result{"t1", 1, 1, clock(), Json{{"fat", 14.4}}};
    // The result is written, then something else fails: neither it nor the signature is there.
    EXPECT_FALSE(run->sign(technician, physiologist, [&]() -> Expected<void> {
        if (auto stored = book->save(result, "bram"); !stored)
            return stored;
        return failure({"the visit could not be kept", {}});
    }));
    EXPECT_EQ(run->test().state, TestState::Running);
    EXPECT_EQ(book->eventCount(), events);
    EXPECT_TRUE(book->resultsOf("t1").empty());
    EXPECT_EQ(common(*book->test("t1")).state, TestState::Running);
    MUST(run->sign(technician, physiologist, [&] { return book->save(result, "bram"); }));
    EXPECT_EQ(book->resultsOf("t1").size(), 1u);
    EXPECT_EQ(common(*book->test("t1")).state, TestState::Signed);
    EXPECT_TRUE(book->verify().sound());
    run = tl::unexpected(Problem{});
    book.reset();
    book = open();
    EXPECT_EQ(common(*book->test("t1")).state, TestState::Signed);
    EXPECT_EQ(book->resultsOf("t1").size(), 1u);
}

TEST_P(Book, AnAppointmentKeepsTheMethodThatItWasChangedTo) {
    auto book = open();
    MUST(book->save(ailsa(), "bram"));
    Visit visit{"v1", "client-1", clock(), "hydrostatic", "booked", {}, {}};
    MUST(book->save(visit, "bram"));
    visit.method = "dxa";
    visit.note = "rather lying";
    MUST(book->save(visit, "bram"));
    EXPECT_EQ(book->visitsOf("client-1").front().method, "dxa");
    const Event kept = book->eventsOf("v1").back(); // the audit can tell what was changed
    EXPECT_EQ(kept.data->at("method"), "dxa");
    EXPECT_EQ(kept.data->at("note"), "rather lying");
}

// The page limit of SQLite stands for a full disk: the same error code, without needing a small file system.
TEST_P(BookFile, AFullDiskLosesNothingAndWorkGoesOnAfterwards) {
    auto book = open();
    MUST(book->save(ailsa(), "bram"));
    auto run = HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, *book, clock);
    ASSERT_TRUE(run);
    prepare(*run);
    const Json before = toJson(run->test());
    const auto connection = QSqlDatabase::connectionNames().constFirst();
    QSqlQuery limit(QSqlDatabase::database(connection));
    ASSERT_TRUE(limit.exec(QStringLiteral("PRAGMA page_count")) && limit.next());
    ASSERT_TRUE(limit.exec(QStringLiteral("PRAGMA max_page_count = %1").arg(limit.value(0).toInt())));
    std::vector<hydrostatic::ForceSample> trace;
    for (int i = 0; i < 3000; ++i)
        trace.push_back({Seconds(0.02 * i), Kilograms(7.44 + 0.004 * std::sin(0.3 * i * i))}); // packs badly
    const auto refused = run->acceptTrace(trace, linked(*run, "load-cell"));
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("disk is full"), std::string::npos) << refused.error().english();
    EXPECT_EQ(toJson(run->test()), before);
    ASSERT_TRUE(limit.exec(QStringLiteral("PRAGMA max_page_count = 1000000")));
    MUST(run->acceptTrace(trace, linked(*run, "load-cell")));
    EXPECT_EQ(std::get<HydrostaticTest>(*book->test("t1")).trials.size(), 1u);
    EXPECT_TRUE(book->verify().sound());
}

TEST(DataFiles, TheShippedCatalogueIsRead) {
    const auto catalogue = readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data"));
    ASSERT_TRUE(catalogue) << catalogue.error().english();
    EXPECT_EQ(common(catalogue->policyFor(methodHydrostatic, {})).id, "policy.hydrostatic.three-heaviest");
    for (const auto& policy : catalogue->policies)
        EXPECT_TRUE(catalogue->reference(common(policy).fatReference)) << common(policy).id;
}

} // namespace
} // namespace fusain::store::lab_book_test

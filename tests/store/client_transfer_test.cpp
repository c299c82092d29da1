// A client taken out of one lab book and put into another.
#include "record/base/json.hpp"
#include "store/transfer/client_transfer.hpp"
#include "support/dxa_run.hpp"
#include "support/engines.hpp"
#include "support/impedance_run.hpp"

#include <gtest/gtest.h>

namespace fusain::store::client_transfer_test {
namespace {

using namespace testing;

class Transfer : public ::testing::TestWithParam<Engine> {
protected:
    Transfer() : from(open("from")), to(open("to")) {}
    std::unique_ptr<LabBook> open(const char* name) {
        auto book = LabBook::openOrCreate(shelf.address(name), SteppingClock());
        EXPECT_TRUE(book) << book.error().english();
        return std::move(*book);
    }
    // Somebody with a signed scan and an impedance test that is still running.
    void fill() {
        const Client client{"client-1", "SP-101",     "Ailsa Brandvold",  *dateFromIso("1984-06-02"),
                            Sex::Male,  Metres(1.75), UnitSystem::Metric, "",
                            false};
        MUST(from->save(client, "bram"));
        auto scan = *DxaProcedure::begin(dxaSetting(), "t-dxa", man, technician, *from, SteppingClock());
        prepare(scan);
        MUST(scan.acceptScan(scanOf(sheetsScan())));
        finish(scan);
        MUST(from->save(
            StoredResult{"t-dxa", 1, 1, *instantFromIso("2026-03-12T08:00:00.000Z"), Json{{"fat", 25.4}}},
            "bram"));
        auto sweep =
            *ImpedanceProcedure::begin(impedanceSetting(), "t-imp", man, technician, *from, SteppingClock());
        prepare(sweep);
        MUST(sweep.weigh(Kilograms(77.7), Attribution::typed()));
        MUST(sweep.undo());                    // what was taken back stays taken back
        MUST(sweep.goTo(ImpedanceStep::Mass)); // looking is not part of the record
        MUST(sweep.acceptSweep(cleanSweep(), linked(sweep)));
        MUST(from->setSetting("plan.client-1", Json{{"weeks", 12}}.dump(), "bram"));
    }
    BookShelf shelf{GetParam()};
    std::unique_ptr<LabBook> from, to;
    const Instant someDay = *instantFromIso("2026-03-13T08:00:00.000Z");
};
INSTANTIATE_TEST_SUITE_P(Engines, Transfer, bothEngines, nameOfEngine);

TEST_P(Transfer, GivesTheSameRecordBack) {
    fill();
    const auto record = takeOut(*from, "client-1");
    ASSERT_TRUE(record) << record.error().english();
    ASSERT_EQ(record->tests.size(), 2u);
    const std::string text = toJson(*record).dump();
    const auto read = clientRecordFromJson(*parseJson(text, "r"), "r");
    ASSERT_TRUE(read) << read.error().english();
    MUST(putIn(*to, *read, {"oriel", {}, "a.json", "00"}));
    const auto again = takeOut(*to, "client-1");
    ASSERT_TRUE(again) << again.error().english();
    EXPECT_EQ(toJson(*again).dump(), text); // not a digit, not an author, not a moment is different
    EXPECT_TRUE(to->verify().sound());
    EXPECT_NEAR(std::get<ImpedanceTest>(*to->test("t-imp")).mass->value, 70.0, 1e-12);
    // The running test goes on where it was.
    auto resumed =
        ImpedanceProcedure::resume(impedanceSetting(), to->eventsOf("t-imp"), technician, *to, SteppingClock());
    ASSERT_TRUE(resumed);
    MUST(resumed->confirm(ImpedanceStep::Result));
}

TEST_P(Transfer, IsDoneOnceAndChangesNothingTheSecondTime) {
    fill();
    const auto record = *takeOut(*from, "client-1");
    MUST(putIn(*to, record, {"oriel", {}, "a.json", "00"}));
    const auto events = to->eventCount();
    EXPECT_FALSE(putIn(*to, record, {"oriel", {}, "a.json", "00"}));
    ClientRecord other = record;
    other.client.id = "client-9"; // another person with the same code
    EXPECT_FALSE(putIn(*to, other, {"oriel", {}, "a.json", "00"}));
    other.client.code = "SP-999"; // and with tests that are here already
    EXPECT_FALSE(putIn(*to, other, {"oriel", {}, "a.json", "00"}));
    EXPECT_EQ(to->eventCount(), events);
    EXPECT_FALSE(takeOut(*to, "nobody"));
}

// A record that reads well and does not hold together: each once ended the program, with half of it in the
// book.
TEST_P(Transfer, ARecordThatFailsHalfWayLeavesNothing) {
    fill();
    const ClientRecord good = *takeOut(*from, "client-1");
    const auto damaged = [&](auto change) {
        ClientRecord record = good;
        change(record.tests.back());
        return record;
    };
    const std::vector<ClientRecord> bad{
        damaged([](ClientRecord::Test& test) {
            test.events.back().data = Json::array({1, 2});
        }),
        damaged([](ClientRecord::Test& test) { test.events.back().data = Json("a word"); }),
        damaged([](ClientRecord::Test& test) { test.events.back().kind = "no.such"; }),
        damaged([](ClientRecord::Test& test) {
            Event undo = test.events.back();
            undo.kind = "event.undone";
            undo.data = Json("a word");
            test.events.push_back(undo);
        }),
        damaged([](ClientRecord::Test& test) { test.results.emplace_back(Json(12)); }),
        damaged([](ClientRecord::Test& test) {
            test.results.emplace_back(Json{{"version", 7}, {"number", 1}, {"document", Json::object()}});
        }),
    };
    const auto events = to->eventCount();
    for (std::size_t i = 0; i < bad.size(); ++i) {
        const auto refused = putIn(*to, bad[i], {"oriel", {}, "a.json", "00"});
        ASSERT_FALSE(refused) << i;
        EXPECT_EQ(to->eventCount(), events) << i;
        EXPECT_TRUE(to->clients().empty()) << i;
    }
    EXPECT_TRUE(to->verify().sound());
    MUST(putIn(*to, good, {"oriel", {}, "a.json", "00"})); // the good one goes in afterwards
    const auto imported = to->eventsOf("client-1");
    const auto said = std::ranges::find(imported, "record.imported", &Event::kind);
    ASSERT_NE(said, imported.end());
    EXPECT_EQ(said->by, "oriel");
    EXPECT_EQ(said->data->at("file_hash"), "00");
}

TEST_P(Transfer, ARecordThatWasPutInIsTakenBackAsOne) {
    fill();
    auto record = *takeOut(*from, "client-1");
    record.papers["plan"] = Json{{"goal", 70.0}};
    MUST(to->setSetting("units", "us", "bram"));
    MUST(putIn(*to, record, {"oriel", {}, "a.json", "00"}));
    ASSERT_EQ(imports(*to).size(), 1u);
    const Import import = imports(*to).front();
    EXPECT_EQ(import.from.file, "a.json");
    EXPECT_EQ(import.clients, std::vector<std::string>{"client-1"});
    EXPECT_EQ(import.tests.size(), record.tests.size());

    // Not when the client is expected, nor when anything was done since.
    MUST(to->save(Visit{"v1", "client-1", someDay, "dxa", "booked", {}, {}}, "bram"));
    auto refused = takeBack(*to, import, "bram", someDay);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("has been here since"), std::string::npos);
    EXPECT_FALSE(to->clients().empty());
}

// A plan that came with the client and was worked on since is not taken back with it.
TEST_P(Transfer, APlanThatWasChangedSinceKeepsItsClient) {
    fill();
    auto record = *takeOut(*from, "client-1");
    record.papers["plan"] = Json{{"goal", 70.0}};
    MUST(putIn(*to, record, {"oriel", {}, "a.json", "00"}));
    const Import import = imports(*to).front();
    EXPECT_FALSE(obstacleToTakingBack(*to, import));
    MUST(to->setSetting("plan.client-1", Json{{"goal", 68.0}}.dump(), "oriel"));
    EXPECT_FALSE(takeBack(*to, import, "bram", someDay));
    EXPECT_EQ(to->clients().size(), 1u);
}

TEST_P(Transfer, TakingBackLeavesTheBookOfBefore) {
    fill();
    const auto record = *takeOut(*from, "client-1");
    MUST(putIn(*to, record, {"oriel", {}, "a.json", "00"}));
    const Import import = imports(*to).front();
    MUST(takeBack(*to, import, "bram", someDay));
    EXPECT_TRUE(to->clients().empty());
    for (const std::string& test : import.tests) {
        EXPECT_FALSE(to->test(test));
        EXPECT_TRUE(to->resultsOf(test).empty());
    }
    const auto verified = to->verify();
    EXPECT_TRUE(verified.sound()) << verified.faults.front().what.english();
    EXPECT_TRUE(imports(*to).front().takenBack);
    EXPECT_FALSE(takeBack(*to, imports(*to).front(), "bram", someDay));
    const auto again = putIn(*to, record, {"oriel", {}, "a.json", "00"});
    EXPECT_TRUE(again) << again.error().english(); // and in again
    EXPECT_TRUE(to->verify().sound());
    EXPECT_EQ(to->testsOf("client-1").size(), record.tests.size());
}

TEST_P(Transfer, DamagedFilesAreRefusedWhole) {
    fill();
    const Json good = toJson(*takeOut(*from, "client-1"));
    const auto refused = [&](const char* pointer, const Json& value) {
        Json json = good;
        json[Json::json_pointer(pointer)] = value;
        const auto read = clientRecordFromJson(json, "damaged.json");
        return !read && read.error().english().find("damaged.json") != std::string::npos;
    };
    EXPECT_TRUE(refused("/format", "fusain-policy"));
    EXPECT_TRUE(refused("/schema", 99));
    EXPECT_TRUE(refused("/client/sex", "Male"));
    EXPECT_TRUE(refused("/tests/0/record/scans/0/regions/2/region", "tail"));
    EXPECT_TRUE(refused("/tests/0/events", Json::array()));
    EXPECT_TRUE(refused("/tests/1/record/subject/client_id", "somebody-else"));
    EXPECT_TRUE(refused("/tests/0/events/3/at", "yesterday"));
    const std::string text = good.dump();
    EXPECT_FALSE(parseJson(text.substr(0, text.size() / 2), "cut.json"));
}

} // namespace
} // namespace fusain::store::client_transfer_test

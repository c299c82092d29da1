// A lab book and a client's record as released versions wrote them, with the results that they computed then:
// tests, events and records of schema 1 in the book of schema 3.
#include "procedure/all/computed.hpp"
#include "procedure/all/procedure.hpp"
#include "record/base/json.hpp"
#include "store/book/erasure.hpp"
#include "store/transfer/client_transfer.hpp"
#include "store/transfer/data_files.hpp"
#include "support/hydrostatic_run.hpp"

#include <QFile>
#include <QTemporaryDir>

namespace fusain::store::golden_test {
namespace {

using namespace testing;

const QString golden = QStringLiteral(FUSAIN_SOURCE_DIR "/tests/data/schema-1/");

Json goldenFile(const char* name) {
    return *readJsonFile(golden + QLatin1String(name));
}

const LabCatalogue& catalogue() {
    static const LabCatalogue shipped = *readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data"));
    return shipped;
}

/// Where a number differs by more than the last digits, or a word, or a key is missing; empty when nowhere.
std::string difference(const Json& was, const Json& is, const std::string& where) {
    if (was.is_number() && is.is_number()) {
        const double a = was.get<double>(), b = is.get<double>();
        return std::abs(a - b) <= 1e-9 * std::max(1.0, std::abs(a))
                   ? ""
                   : where + ": " + was.dump() + " → " + is.dump();
    }
    if (was.is_structured() && was.type() == is.type() && was.size() <= is.size()) {
        for (const auto& [key, value] : was.items()) {
            if (key == "standard_error" || key == "method_error" || key == "variance_budget")
                continue; // what ± means was settled later; the values stand
            const Json* found = is.is_array() ? &is[std::stoul(key)] : is.contains(key) ? &is.at(key) : nullptr;
            if (!found)
                return where + "/" + key + ": missing";
            if (auto inside = difference(value, *found, where + "/" + key); !inside.empty())
                return inside;
        }
        return "";
    }
    return was == is ? "" : where + ": " + was.dump() + " → " + is.dump();
}

/// Where schema 1 computed with the set-up of now instead of the reading's own: what is computed instead.
struct Corrected {
    std::string place;           ///< in the result
    std::optional<double> value; ///< nothing where there is no such value
};
const std::map<std::string, Corrected> corrected{
    // Three trials, then a check with a belt that is a kilogram lighter: as the same trials without that check.
    {"tank-checked-again", {"/fat_percent/value", 14.433633145400382}},
    // A sweep lying with gel electrodes, then the analyzer set up for standing: as the sweep before it.
    {"analyzer-set-up-again", {"/fat_percent/value", 18.3650259348985}},
};

class Golden : public ::testing::Test {
protected:
    Golden() {
        QFile::copy(golden + QStringLiteral("lab-book-3.fusain"), folder.filePath(QStringLiteral("old")));
        QFile(folder.filePath(QStringLiteral("old"))).setPermissions(QFile::ReadOwner | QFile::WriteOwner);
        book = open("old");
    }
    std::unique_ptr<LabBook> open(const char* name) {
        auto opened = LabBook::openOrCreate(folder.filePath(QLatin1String(name)), SteppingClock());
        EXPECT_TRUE(opened) << opened.error().english();
        return std::move(*opened);
    }
    AnyTest replayed(const std::string& id) {
        const auto kept = *book->test(id);
        const auto run = resumeTest(*policyOf(kept, catalogue()), catalogue().protocolFor(methodOf(kept)),
                                    book->eventsOf(id), technician, *book, SteppingClock());
        EXPECT_TRUE(run) << run.error().english();
        return snapshotOf(**run);
    }
    static void computesAsBefore(const AnyTest& test, const Json& was) {
        EXPECT_EQ(stateText(common(test).state), was.at("state"));
        const auto is = computeByItsPolicy(test, catalogue());
        ASSERT_EQ(is.has_value(), was.contains("result")) << common(test).id;
        if (const auto other = corrected.find(common(test).id); other != corrected.end()) {
            const Json result = is->document();
            const Json::json_pointer place(other->second.place);
            EXPECT_NE(difference(was.at("result"), result, ""), "");
            ASSERT_EQ(result.contains(place), other->second.value.has_value())
                << common(test).id << result.dump(1);
            if (other->second.value) {
                EXPECT_NEAR(result.at(place).get<double>(), *other->second.value, 1e-9);
            }
        } else if (is) {
            EXPECT_EQ(difference(was.at("result"), is->document(), common(test).id), "");
        }
    }
    QTemporaryDir folder;
    std::unique_ptr<LabBook> book;
    Json results = goldenFile("results.json");
};

TEST_F(Golden, TheRecordsOfTheBookGiveTheNumbersOfThen) {
    ASSERT_EQ(book->testsOf("client-1").size(), results.size());
    for (const auto& [id, was] : results.items())
        computesAsBefore(*book->test(id), was);
}

TEST_F(Golden, TheEventsOfTheBookGiveTheNumbersOfThen) {
    for (const auto& [id, was] : results.items())
        computesAsBefore(replayed(id), was);
}

// Its visceral fat came with a scan of somebody else, which was set aside.
TEST_F(Golden, ReportedValuesStayWithTheScanThatTheyCameWith) {
    const auto test = std::get<DxaTest>(replayed("scanner-two-files"));
    EXPECT_EQ(test.scan()->number, 2);
    EXPECT_EQ(test.reportedOfScan(), nullptr);
    EXPECT_EQ(test.reported.front().find("visceral-fat-mass")->value, 1.9); // kept, with its own scan
}

TEST_F(Golden, TheBookIsSound) {
    const auto verification = book->verify();
    EXPECT_TRUE(verification.sound()) << verification.faults.front().what.english();
    EXPECT_FALSE(verification.earlierSchema);
}

// What the events of schema 4 left out (the document of a result, when a check was made) is kept as it was
// found; from then on a change of any of it is seen.
TEST_F(Golden, ABookOfSchema4KeepsWhatItsEventsLeftOut) {
    const QString path = folder.filePath(QStringLiteral("four"));
    QFile::copy(QStringLiteral(FUSAIN_SOURCE_DIR "/tests/data/schema-4/lab-book-4.fusain"), path);
    QFile(path).setPermissions(QFile::ReadOwner | QFile::WriteOwner);
    std::size_t results = 0;
    {
        auto before = LabBook::openForReading(path);
        ASSERT_TRUE(before);
        EXPECT_TRUE((*before)->verify().sound());
        EXPECT_TRUE((*before)->verify().earlierSchema);
        for (const Client& client : (*before)->clients())
            for (const AnyTest& test : (*before)->testsOf(client.id))
                results += (*before)->resultsOf(common(test).id).size();
    }
    ASSERT_GT(results, 0u);
    auto forward = open("four");
    EXPECT_TRUE(forward->verify().sound()) << forward->verify().faults.front().what.english();
    EXPECT_EQ(std::ranges::count(forward->eventsOf("results"), "row.found", &Event::kind),
              static_cast<std::ptrdiff_t>(results));
    std::size_t kept = 0;
    for (const Client& client : forward->clients())
        for (const AnyTest& test : forward->testsOf(client.id))
            kept += forward->resultsOf(common(test).id).size();
    EXPECT_EQ(kept, results);
    EXPECT_TRUE(QFile::exists(path + QStringLiteral(".before-schema-5")));
}

TEST_F(Golden, ABookOfSchema5KeepsItsRecordingsOnceAndItsEventsAsTheyWere) {
    const QString path = folder.filePath(QStringLiteral("five"));
    QFile::copy(QStringLiteral(FUSAIN_SOURCE_DIR "/tests/data/schema-5/lab-book-5.fusain"), path);
    QFile(path).setPermissions(QFile::ReadOwner | QFile::WriteOwner);
    auto forward = open("five");
    const Verification verified = forward->verify();
    EXPECT_TRUE(verified.sound()) << verified.faults.front().what.english();
    int recorded = 0;
    for (const auto& [id, was] : results.items()) {
        const auto test = forward->test(id);
        ASSERT_TRUE(test) << id;
        computesAsBefore(*test, was);
        const auto whole = forward->withRecordings(*test);
        ASSERT_TRUE(whole) << whole.error().english();
        computesAsBefore(*whole, was);
        const auto* tank = std::get_if<HydrostaticTest>(&*whole);
        for (std::size_t i = 0; tank && i < tank->trials.size(); ++i) {
            const auto& listed = std::get<HydrostaticTest>(*test).trials[i].trace;
            if (listed.empty())
                continue;
            ++recorded;
            EXPECT_TRUE(listed.samples.empty());
            ASSERT_EQ(tank->trials[i].trace.samples.size(), 40u);
            EXPECT_EQ(tank->trials[i].trace.samples[1].gross.value(), double(7.41f));
        }
    }
    EXPECT_GT(recorded, 3);
}

// Its clients stand in the journal in clear, and stay so; what is saved from here on is sealed.
TEST_F(Golden, ABookOfSchema6KeepsItsEventsAndSealsWhoeverIsSavedNext) {
    const QString path = folder.filePath(QStringLiteral("six"));
    QFile::copy(QStringLiteral(FUSAIN_SOURCE_DIR "/tests/data/schema-6/lab-book-6.fusain"), path);
    QFile(path).setPermissions(QFile::ReadOwner | QFile::WriteOwner);
    auto forward = open("six");
    EXPECT_TRUE(forward->verify().sound()) << forward->verify().faults.front().what.english();
    for (const auto& [id, was] : results.items())
        computesAsBefore(*forward->test(id), was);
    Client client = forward->clients().front();
    client.note = "sealed from here";
    MUST(forward->save(client, "bram"));
    EXPECT_TRUE(forward->verify().sound());
    const auto erased = eraseClient(*forward, client.id, "oriel", "asked for");
    ASSERT_TRUE(erased);
    EXPECT_GT(erased->inClear, 0); // and it is said
    EXPECT_TRUE(forward->verify().sound());
}

TEST_F(Golden, TheClientsRecordGoesIntoANewBook) {
    const auto record = clientRecordFromJson(goldenFile("client.json"), "client.json");
    ASSERT_TRUE(record) << record.error().english();
    auto other = open("new");
    MUST(putIn(*other, *record, {"oriel", {}, "a.json", "00"}));
    for (const auto& [id, was] : results.items())
        computesAsBefore(*other->test(id), was);
}

} // namespace
} // namespace fusain::store::golden_test

// A lab book and a client's record as released versions wrote them, with the results that they computed then:
// tests, events and records of schema 1 in the book of schema 3.
#include "procedure/all/computed.hpp"
#include "procedure/all/procedure.hpp"
#include "record/base/json.hpp"
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

class Golden : public ::testing::Test {
protected:
    Golden() {
        QFile::copy(golden + QStringLiteral("lab-book-3.fusain"), folder.filePath(QStringLiteral("old")));
        QFile(folder.filePath(QStringLiteral("old"))).setPermissions(QFile::ReadOwner | QFile::WriteOwner);
        book = open("old");
    }
    std::unique_ptr<LabBook> open(const char* name) {
        auto opened = LabBook::open(folder.filePath(QLatin1String(name)), SteppingClock());
        EXPECT_TRUE(opened) << opened.error().english();
        return std::move(*opened);
    }
    AnyTest replayed(const std::string& id) {
        const auto kept = *book->test(id);
        const auto run = resumeTest(policyOf(kept, catalogue()), catalogue().protocolFor(methodOf(kept)),
                                    book->eventsOf(id), technician, *book, SteppingClock());
        EXPECT_TRUE(run) << run.error().english();
        return snapshotOf(**run);
    }
    static void computesAsBefore(const AnyTest& test, const Json& was) {
        EXPECT_EQ(stateText(common(test).state), was.at("state"));
        const auto is = computeTest(test, policyOf(test, catalogue()));
        ASSERT_EQ(is.has_value(), was.contains("result")) << common(test).id;
        if (is) {
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

TEST_F(Golden, TheBookIsSound) {
    EXPECT_EQ(book->verify().faults, std::vector<std::string>{});
}

TEST_F(Golden, TheClientsRecordGoesIntoANewBook) {
    const auto record = clientRecordFromJson(goldenFile("client.json"), "client.json");
    ASSERT_TRUE(record) << record.error().english();
    auto other = open("new");
    MUST(putIn(*other, *record, "oriel"));
    for (const auto& [id, was] : results.items())
        computesAsBefore(*other->test(id), was);
}

} // namespace
} // namespace fusain::store::golden_test

// Who a client is can be destroyed, and nothing else goes with it.
#include "procedure/all/procedure.hpp"
#include "record/base/json.hpp"
#include "store/book/compensation.hpp"
#include "store/book/erasure.hpp"
#include "store/transfer/client_transfer.hpp"
#include "support/engines.hpp"
#include "support/hydrostatic_run.hpp"

#include <QDir>
#include <QFile>

namespace fusain::store::erasure_test {
namespace {

using namespace testing;

class Erasure : public ::testing::TestWithParam<Engine> {
protected:
    std::unique_ptr<LabBook> open(const char* name = "lab.fusain") {
        auto opened = LabBook::openOrCreate(shelf.address(name), clock);
        EXPECT_TRUE(opened) << opened.error().english();
        return std::move(*opened);
    }
    static Client ailsa() {
        Client client{man.clientId, "SP-001",     "Ailsa Brandvold",  *dateFromIso("1984-06-02"),
                      Sex::Female,  Metres(1.68), UnitSystem::Metric, "wears a blue cap",
                      false};
        client.telephone = "Skerry Point 301";
        return client;
    }
    // A client with a test, and another.
    void fill(LabBook& book) {
        MUST(book.save(ailsa(), "bram"));
        Client other = ailsa();
        other.id = "client-2";
        other.code = "SP-002";
        other.name = "Dov Castellane";
        other.birthDate = *dateFromIso("1990-11-23");
        other.note = other.telephone = {};
        MUST(book.save(other, "bram"));
        auto run = HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, book, clock);
        prepare(*run);
        MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
    }
    [[nodiscard]] static std::string faults(LabBook& book) {
        std::string all;
        for (const Fault& fault : book.verify().faults)
            all += fault.what.english() + '\n';
        return all;
    }
    BookShelf shelf{GetParam()};
    SteppingClock clock;
};
INSTANTIATE_TEST_SUITE_P(Engines, Erasure, bothEngines, nameOfEngine);

TEST_P(Erasure, DestroysTheIdentityAndKeepsTheMeasurements) {
    auto book = open();
    fill(*book);
    const auto events = book->eventCount();
    EXPECT_FALSE(eraseClient(*book, man.clientId, "oriel", ""));
    EXPECT_FALSE(eraseClient(*book, "nobody", "oriel", "asked for"));
    const auto erased = eraseClient(*book, man.clientId, "oriel", "asked for in writing");
    ASSERT_TRUE(erased) << erased.error().english();
    EXPECT_EQ(erased->inClear, 0);
    const auto left = book->client(man.clientId);
    EXPECT_EQ(left->name, "SP-001");
    EXPECT_EQ(isoText(left->birthDate), "1984-01-01");
    EXPECT_EQ(left->telephone + left->note, "");
    EXPECT_TRUE(book->findClients("brandvold").empty());
    EXPECT_EQ(book->testsOf(man.clientId).size(), 1u);
    EXPECT_EQ(book->client("client-2")->name, "Dov Castellane");
    EXPECT_EQ(book->eventCount(), events + 1);
    EXPECT_EQ(book->eventsOf(man.clientId).back().by, "oriel");
    EXPECT_EQ(faults(*book), "");
    EXPECT_TRUE(takeOut(*book, man.clientId));
    // A copy knows no more, and goes on from there.
    MUST(book->backUp(shelf.file("copy.fusain")));
    book.reset();
    auto again = open();
    Client edited = *again->client(man.clientId);
    edited.note = "came back";
    MUST(again->save(edited, "bram"));
    EXPECT_EQ(again->client(man.clientId)->note, "came back");
    EXPECT_EQ(faults(*again), "");
}

// Not in the file, its log or its copy; what an act before it did cannot be undone into being again.
TEST_P(Erasure, LeavesNoTraceOfTheNameAndNoWayBack) {
    auto book = open();
    fill(*book);
    Client moved = ailsa();
    moved.telephone = "Skerry Point 302";
    const auto act = asAct(*book, [&] { return book->save(moved, "bram"); });
    ASSERT_TRUE(act);
    ASSERT_TRUE(eraseClient(*book, man.clientId, "oriel", "asked for"));
    EXPECT_TRUE(obstacleToUndoing(*book, *act));
    MUST(book->backUp(shelf.file("copy.fusain")));
    book.reset();
    for (const QFileInfo& file : QFileInfo(shelf.file("copy.fusain")).dir().entryInfoList(QDir::Files)) {
        QFile whole(file.filePath());
        ASSERT_TRUE(whole.open(QIODevice::ReadOnly));
        const QByteArray bytes = whole.readAll();
        for (const char* part : {"Brandvold", "1984-06-02", "Skerry Point 301", "blue cap"})
            EXPECT_FALSE(bytes.contains(part)) << file.fileName().toStdString() << ' ' << part;
        EXPECT_TRUE(!bytes.startsWith("SQLite") || bytes.contains("Castellane"));
    }
}

TEST_P(Erasure, AKeyThatIsLostOrChangedWithoutItIsAFault) {
    for (const auto& [name, act] :
         {std::pair("one.fusain", "DELETE FROM secrets WHERE subject = 'client-2'"),
          std::pair("two.fusain", "UPDATE secrets SET secret = substr(secret, 3) || substr(secret, 1, 2) WHERE "
                                  "subject = 'client-2'")}) {
        auto book = open(name);
        fill(*book);
        EXPECT_EQ(faults(*book), "");
        shelf.tamper(QLatin1String(act), name);
        EXPECT_NE(faults(*book).find("client client-2"), std::string::npos) << act << faults(*book);
    }
}

} // namespace
} // namespace fusain::store::erasure_test

// Names that are sealed at rest: who has the file, and not a passphrase, sees measurements under codes.
#include "procedure/all/procedure.hpp"
#include "record/base/json.hpp"
#include "store/book/erasure.hpp"
#include "store/book/sealed_names.hpp"
#include "store/book/signatures.hpp"
#include "store/transfer/client_transfer.hpp"
#include "support/engines.hpp"
#include "support/hydrostatic_run.hpp"

#include <QDir>
#include <QFile>

namespace fusain::store::sealed_names_test {
namespace {

using namespace testing;

constexpr SealingCost cheap{1, 64ULL * 1024};
const std::string orielsWords = "four grey seals swim", bramsWords = "rain on the slipway";

class AtRest : public ::testing::TestWithParam<Engine> {
protected:
    std::unique_ptr<LabBook> open(const char* name = "lab.fusain") {
        auto opened = LabBook::openOrCreate(shelf.address(name), clock);
        EXPECT_TRUE(opened) << opened.error().english();
        return std::move(*opened);
    }
    static Client person(const char* id, const char* code, const char* name, const char* born) {
        Client client{id, code, name, *dateFromIso(born), Sex::Female, Metres(1.68), UnitSystem::Metric,
                      "", false};
        client.note = std::string("friend of ") + name;
        client.telephone = "Skerry Point 301";
        return client;
    }
    // Two clients, a test, an appointment with a note, a paper, and two colleagues of whom one has a key.
    void fill(LabBook& book) {
        MUST(book.save(person(man.clientId.c_str(), "SP-001", "Ailsa Brandvold", "1984-06-02"), "bram"));
        MUST(book.save(person("client-2", "SP-002", "Dov Castellane", "1990-11-23"), "bram"));
        MUST(book.save(Staff{"oriel", "Oriel Thackway", Role::Physiologist}, "bram"));
        MUST(book.save(Staff{"bram", "Bram Iyengar", Role::Technician}, "bram"));
        MUST(book.save(
            Visit{"v1", man.clientId, clock(), "hydrostatic", "booked", "", "afraid of the blue steps"},
            "bram"));
        MUST(book.setSetting(paperKey("plan", man.clientId), R"({"notes":"walks with Rosalind"})", "bram"));
        auto run = HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, book, clock);
        prepare(*run);
        MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
        MUST(Signatures(book, cheap).makeKey("oriel", orielsWords));
    }
    [[nodiscard]] static std::string faults(LabBook& book) {
        std::string all;
        for (const Fault& fault : book.verify().faults)
            all += fault.what.english() + '\n';
        return all;
    }
    void sealIt(LabBook& book) {
        phrase = SealedNames::newPhrase();
        const auto sealed = SealedNames(book, cheap).seal("oriel", phrase);
        ASSERT_TRUE(sealed) << sealed.error().english();
        EXPECT_EQ(*sealed, 0);
        MUST(SealedNames(book, cheap).allow("oriel", *Signatures(book, cheap).keyOf("oriel")));
    }
    BookShelf shelf{GetParam()};
    SteppingClock clock;
    std::string phrase;
};
INSTANTIATE_TEST_SUITE_P(Engines, AtRest, bothEngines, nameOfEngine);

TEST_P(AtRest, NothingInTheFileOrItsCopyTellsOfAPerson) {
    auto book = open();
    fill(*book);
    sealIt(*book);
    EXPECT_EQ(book->client(man.clientId)->name, "Ailsa Brandvold"); // here they are read as before
    EXPECT_EQ(book->visitsOf(man.clientId).front().note, "afraid of the blue steps");
    EXPECT_EQ(faults(*book), "");
    Client third = person("client-3", "SP-003", "Yusuf Calloway", "1987-01-30");
    MUST(book->save(third, "bram")); // and what comes later is sealed too
    MUST(book->backUp(shelf.file("copy.fusain")));
    book.reset();
    for (const QFileInfo& file : QFileInfo(shelf.file("copy.fusain")).dir().entryInfoList(QDir::Files)) {
        QFile whole(file.filePath());
        ASSERT_TRUE(whole.open(QIODevice::ReadOnly));
        const QByteArray bytes = whole.readAll();
        for (const char* part : {"Brandvold", "Castellane", "Calloway", "1984-06-02", "1987-01-30",
                                 "Skerry Point 301", "blue steps", "Rosalind"})
            EXPECT_FALSE(bytes.contains(part)) << file.fileName().toStdString() << ' ' << part;
        EXPECT_TRUE(!bytes.startsWith("SQLite") || bytes.contains("SP-003"));
    }
}

TEST_P(AtRest, WithoutAPassphraseThereAreCodesAndNothingCanBeChanged) {
    {
        auto book = open();
        fill(*book);
        sealIt(*book);
    }
    auto book = open();
    const SealedNames names(*book, cheap);
    ASSERT_TRUE(names.locked());
    EXPECT_EQ(book->client(man.clientId)->name, "SP-001");
    EXPECT_EQ(book->client(man.clientId)->code, "SP-001");
    EXPECT_TRUE(book->findClients("brandvold").empty());
    EXPECT_EQ(book->findClients("sp-001").size(), 1u);
    EXPECT_EQ(book->visitsOf(man.clientId).front().note, "");
    EXPECT_EQ(book->setting(paperKey("plan", man.clientId)), "");
    EXPECT_EQ(book->testsOf(man.clientId).size(), 1u); // measurements stand under the code
    EXPECT_EQ(faults(*book), "");                      // and are verified without any key
    const auto events = book->eventCount();
    EXPECT_FALSE(book->save(person("client-9", "SP-009", "Wren Tallis", "1979-03-03"), "bram"));
    EXPECT_FALSE(book->setSetting(paperKey("plan", man.clientId), "{}", "bram"));
    EXPECT_FALSE(book->save(Visit{"v1", man.clientId, clock(), "hydrostatic", "booked", "", "moved"}, "bram"));
    EXPECT_TRUE(book->save(Visit{"v2", man.clientId, clock(), "hydrostatic", "booked", "", ""}, "bram"));
    EXPECT_EQ(book->eventCount(), events + 1);
    EXPECT_FALSE(
        eraseClient(*book, man.clientId, "oriel", "asked for")); // what is left would be made of nothing
    EXPECT_FALSE(takeOut(*book, man.clientId));
    EXPECT_FALSE(Signatures(*book, cheap).isPassphraseOf("oriel", "not these words"));
    EXPECT_TRUE(names.locked());
    MUST(Signatures(*book, cheap).isPassphraseOf("oriel", orielsWords));
    EXPECT_FALSE(names.locked());
    EXPECT_EQ(book->client(man.clientId)->name, "Ailsa Brandvold");
    EXPECT_EQ(book->findClients("brandvold").size(), 1u);
    EXPECT_EQ(book->visitsOf(man.clientId).front().note, "afraid of the blue steps");
    EXPECT_EQ(book->setting(paperKey("plan", man.clientId)), R"({"notes":"walks with Rosalind"})");
    SealedNames(*book, cheap).close();
    EXPECT_EQ(book->client(man.clientId)->name, "SP-001");
    EXPECT_TRUE(book->findClients("brandvold").empty());
}

TEST_P(AtRest, ThePhraseOnPaperOpensThemWhenEveryPassphraseIsLost) {
    {
        auto book = open();
        fill(*book);
        sealIt(*book);
    }
    auto book = open();
    SealedNames names(*book, cheap);
    std::string wrong = phrase;
    wrong[6] = wrong[6] == 'K' ? 'L' : 'K';
    EXPECT_FALSE(names.openWithPhrase(wrong));                    // a letter misread is noticed
    EXPECT_FALSE(names.openWithPhrase(SealedNames::newPhrase())); // a phrase of another book
    EXPECT_TRUE(names.locked());
    std::string typed = phrase;
    std::ranges::replace(typed, '-', ' ');
    std::ranges::transform(typed, typed.begin(), [](char c) { return static_cast<char>(std::tolower(c)); });
    MUST(names.openWithPhrase(typed));
    EXPECT_EQ(book->client("client-2")->name, "Dov Castellane");
    // Another phrase takes its place.
    const std::string next = SealedNames::newPhrase();
    MUST(names.changePhrase(next));
    names.close();
    EXPECT_FALSE(names.openWithPhrase(phrase));
    MUST(names.openWithPhrase(next));
}

TEST_P(AtRest, WhoMakesAPassphraseSeesThemAndWhoseKeyIsRevokedDoesNot) {
    auto book = open();
    fill(*book);
    sealIt(*book);
    Signatures signatures(*book, cheap);
    SealedNames names(*book, cheap);
    EXPECT_EQ(names.holders(), std::vector<std::string>{"oriel"});
    MUST(signatures.makeKey("bram", bramsWords));
    EXPECT_EQ(names.holders(), (std::vector<std::string>{"bram", "oriel"}));
    names.close();
    MUST(signatures.isPassphraseOf("bram", bramsWords));
    EXPECT_FALSE(names.locked());
    const std::string before = book->setting(Identities::setting);
    // Whoever copied the file before keeps what was in it; what is written later is under another key.
    MUST(signatures.revokeKey("bram", "oriel", "has left"));
    EXPECT_EQ(names.holders(), std::vector<std::string>{"oriel"});
    EXPECT_NE(book->setting(Identities::setting), before);
    EXPECT_FALSE(names.locked());
    EXPECT_EQ(book->client("client-2")->name, "Dov Castellane");
    EXPECT_EQ(faults(*book), "");
    names.close();
    MUST(signatures.isPassphraseOf("bram", "")); // taken at their word, without names
    EXPECT_TRUE(names.locked());
    MUST(signatures.isPassphraseOf("oriel", orielsWords));
    EXPECT_EQ(book->client("client-2")->name, "Dov Castellane");
    // A passphrase that is changed opens them as the one before did.
    MUST(signatures.makeKey("oriel", "a heron on one leg", orielsWords));
    names.close();
    MUST(signatures.isPassphraseOf("oriel", "a heron on one leg"));
    EXPECT_FALSE(names.locked());
}

TEST_P(AtRest, CanBeOpenedForGoodAndLeavesNoKeyBehind) {
    auto book = open();
    fill(*book);
    sealIt(*book);
    MUST(SealedNames(*book, cheap).unseal("oriel"));
    EXPECT_EQ(faults(*book), "");
    EXPECT_TRUE(SealedNames(*book, cheap).holders().empty());
    book.reset();
    auto again = open();
    EXPECT_FALSE(SealedNames(*again, cheap).on());
    EXPECT_EQ(again->client(man.clientId)->name, "Ailsa Brandvold");
    EXPECT_EQ(again->visitsOf(man.clientId).front().note, "afraid of the blue steps");
    EXPECT_EQ(again->findClients("castellane").size(), 1u);
}

TEST_P(AtRest, ErasingTakesTheNotesAndPapersToo) {
    for (const bool atRest : {false, true}) {
        auto book = open(atRest ? "one.fusain" : "two.fusain");
        fill(*book);
        if (atRest)
            sealIt(*book);
        ASSERT_TRUE(eraseClient(*book, man.clientId, "oriel", "asked for in writing"));
        EXPECT_EQ(book->client(man.clientId)->name, "SP-001");
        EXPECT_EQ(book->visitsOf(man.clientId).front().note, "");
        EXPECT_EQ(book->setting(paperKey("plan", man.clientId)), "");
        EXPECT_EQ(book->client("client-2")->name, "Dov Castellane");
        EXPECT_EQ(faults(*book), "");
    }
}

TEST_P(AtRest, AFailureInTheMiddleLeavesEverythingAsItWas) {
    auto book = open();
    fill(*book);
    const auto head = book->head();
    EXPECT_FALSE(SealedNames(*book, cheap).seal("oriel", "short"));
    EXPECT_FALSE(book->together([&]() -> Expected<void> {
        const auto sealed = SealedNames(*book, cheap).seal("oriel", SealedNames::newPhrase());
        EXPECT_TRUE(sealed);
        return failure({FUSAIN_TEXT("The disk is full."), {}});
    }));
    EXPECT_EQ(book->head(), head);
    EXPECT_FALSE(SealedNames(*book, cheap).on());
    EXPECT_EQ(book->client(man.clientId)->name, "Ailsa Brandvold");
    EXPECT_EQ(faults(*book), "");
    // A key that was made in it is not used after it.
    EXPECT_FALSE(book->together([&]() -> Expected<void> {
        EXPECT_TRUE(book->save(person("client-4", "SP-004", "Wren Tallis", "1979-03-03"), "bram"));
        EXPECT_EQ(book->client("client-4")->name, "Wren Tallis");
        return failure({FUSAIN_TEXT("The disk is full."), {}});
    }));
    MUST(book->save(person("client-4", "SP-004", "Wren Tallis", "1979-03-03"), "bram"));
    book.reset();
    EXPECT_EQ(open()->eventsOf("client-4").back().data->value("name", ""), "Wren Tallis");
}

TEST_P(AtRest, ACopyToTheOtherEngineStaysSealed) {
    BookShelf other(GetParam() == Engine::File ? Engine::Server : Engine::File);
    auto book = open();
    fill(*book);
    sealIt(*book);
    book.reset();
    MUST(LabBook::restore(shelf.address(), other.address("there.fusain")));
    auto there = LabBook::open(other.address("there.fusain"), clock);
    ASSERT_TRUE(there) << there.error().english();
    EXPECT_EQ((*there)->client("client-2")->name, "SP-002");
    MUST(Signatures(**there, cheap).isPassphraseOf("oriel", orielsWords));
    EXPECT_EQ((*there)->client("client-2")->name, "Dov Castellane");
    EXPECT_EQ(faults(**there), "");
}

TEST(RecoveryPhrase, IsReadAsItIsWrittenAndNoticesEverySingleLetter) {
    for (int i = 0; i < 50; ++i) {
        const std::string phrase = SealedNames::newPhrase();
        ASSERT_EQ(phrase.size(), 34u) << phrase;
        EXPECT_EQ(SealedNames::phraseIn(phrase), phrase);
        EXPECT_NE(SealedNames::newPhrase(), phrase);
        for (std::size_t at = 0; at < phrase.size(); ++at) {
            if (phrase[at] == '-')
                continue;
            std::string wrong = phrase;
            wrong[at] = wrong[at] == 'A' ? 'B' : 'A';
            EXPECT_FALSE(SealedNames::phraseIn(wrong)) << wrong;
            if (const std::size_t next = phrase[at + 1] == '-' ? at + 2 : at + 1;
                next <= 31 && phrase[at] != phrase[next]) {
                wrong = phrase;
                std::swap(wrong[at], wrong[next]);
                EXPECT_FALSE(SealedNames::phraseIn(wrong)) << wrong;
            }
        }
    }
    EXPECT_FALSE(SealedNames::phraseIn(""));
    EXPECT_FALSE(SealedNames::phraseIn("ABCD-EFGH"));
    EXPECT_FALSE(SealedNames::phraseIn("ÄBCD-EFGH"));
}

} // namespace
} // namespace fusain::store::sealed_names_test

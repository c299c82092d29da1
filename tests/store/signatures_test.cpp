// Keys and signatures: who has no passphrase signs nothing, and what was signed cannot be changed unseen.
#include "store/book/signatures.hpp"

#include "procedure/method/common_events.hpp"
#include "record/base/json.hpp"
#include "support/engines.hpp"
#include "support/hydrostatic_run.hpp"

#include <QFile>
#include <QSqlQuery>
#include <algorithm>
#include <array>

namespace fusain::store::signatures_test {
namespace {

using namespace testing;

constexpr SealingCost cheap{1, 8192};
const std::string words = "four quiet herons walk", others = "nine loud kettles sing";

TEST(SigningKey, OpensForItsPassphraseAlone) {
    const auto key = makeSigningKey(words, cheap);
    ASSERT_TRUE(key);
    EXPECT_TRUE(opens(words, *key));
    for (const std::string& wrong : {std::string(), others, words + ' ', std::string("Four quiet herons walk")})
        EXPECT_FALSE(opens(wrong, *key)) << wrong;
    EXPECT_FALSE(signedText("text", others, *key));
    EXPECT_FALSE(makeSigningKey("1234567", cheap));
    EXPECT_TRUE(makeSigningKey("12345678", cheap));
}

// The seed of RFC 8032, test 1, gives its public key and, for an empty text, its signature.
TEST(SigningKey, IsTheStandardsEd25519) {
    constexpr std::array<unsigned char, 32> seed{
        0x9d, 0x61, 0xb1, 0x9d, 0xef, 0xfd, 0x5a, 0x60, 0xba, 0x84, 0x4a, 0xf4, 0x92, 0xec, 0x2c, 0xc4,
        0x44, 0x49, 0xc5, 0x69, 0x7b, 0x32, 0x69, 0x19, 0x70, 0x3b, 0xac, 0x03, 0x1c, 0xae, 0x7f, 0x60};
    const auto key = makeSigningKey(words, cheap, [&](std::span<unsigned char> bytes) {
        std::copy_n(seed.begin(), std::min(bytes.size(), seed.size()), bytes.begin());
    });
    ASSERT_TRUE(key);
    EXPECT_EQ(key->publicKey, "d75a980182b10ab7d54bfed3c964073a0ee172f3daa62325af021a68f707511a");
    EXPECT_EQ(
        *signedText("", words, *key),
        "e5564300c360ac729086e2cc806e828a84877f1eb8e5d974d873e065224901555fb8821590a33bacc61e39701cf9b46bd25"
        "bf5f0595bbe24655141438e7a100b");
    EXPECT_TRUE(isSignatureOf("", *signedText("", words, *key), key->publicKey));
    EXPECT_FALSE(isSignatureOf("x", *signedText("", words, *key), key->publicKey));
    EXPECT_FALSE(isSignatureOf("", "e556", key->publicKey));
    EXPECT_FALSE(isSignatureOf("", "", ""));
}

TEST(SigningKey, ComesBackFromItsDocument) {
    const auto key = makeSigningKey(words, cheap);
    const auto back = signingKeyFromJson(toJson(*key), "key");
    ASSERT_TRUE(back) << back.error().english();
    EXPECT_TRUE(opens(words, *back));
    Json broken = toJson(*key);
    broken["cost"]["memory"] = 0;
    EXPECT_FALSE(signingKeyFromJson(broken, "key"));
    broken = toJson(*key);
    broken["sealed"] = std::string(broken["sealed"]).substr(2);
    EXPECT_FALSE(opens(words, *signingKeyFromJson(broken, "key")));
}

class Signing : public ::testing::TestWithParam<Engine> {
protected:
    Instant at = *instantFromIso("2026-03-12T08:00:00.000Z");
    BookShelf shelf{GetParam()};
    std::unique_ptr<LabBook> book = *LabBook::create(shelf.address(), [this] { return at; });
    Signatures signatures{*book, cheap};

    void fill() {
        MUST(book->save(Staff{"oriel", "Oriel Thackway", Role::Physiologist}, "oriel"));
        MUST(book->save(Staff{"bram", "Bram Iyengar", Role::Technician}, "oriel"));
    }
    // As the procedure writes it; the rows of tests are not what this is about.
    void signedEvent(const std::string& test, const std::string& physiologist) {
        Event event;
        event.at = at;
        event.by = physiologist;
        event.kind = TestSigned::kind;
        event.subject = test;
        event.data = Json{{"technician", "bram"}, {"physiologist", physiologist}, {"result", "00"}};
        MUST(book->append(std::move(event)));
    }
    [[nodiscard]] std::string faults() {
        std::string all;
        for (const Fault& fault : book->verify().faults)
            all += fault.what.english() + '\n';
        return all;
    }
};

INSTANTIATE_TEST_SUITE_P(Engines, Signing, bothEngines, nameOfEngine);

/// What is done with a file.
class SigningFile : public Signing {};
INSTANTIATE_TEST_SUITE_P(Engines, SigningFile, ::testing::Values(Engine::File), nameOfEngine);

TEST_P(Signing, ASignatureStandsUnderAllThatCameBeforeIt) {
    fill();
    MUST(signatures.makeKey("oriel", words));
    signedEvent("t-1", "oriel");
    EXPECT_FALSE(signatures.sign("t-1", 1, "oriel", others));
    MUST(signatures.sign("t-1", 1, "oriel", words));
    const auto found = signatures.signatureOf("t-1", 1);
    ASSERT_TRUE(found);
    EXPECT_EQ(found->sequence, book->lastEvent() - 1);
    EXPECT_EQ(found->head, *book->hashOf(found->sequence));
    EXPECT_TRUE(isSignatureOf(statementOf(*found), found->signature, signatures.keyOf("oriel")->publicKey));
    EXPECT_FALSE(signatures.signatureOf("t-1", 2));
    EXPECT_EQ(faults(), "");
    EXPECT_EQ(book->verify().signatures, 1);
}

TEST_P(Signing, WhoHasNoKeySignsAsBefore) {
    fill();
    signedEvent("t-1", "oriel");
    MUST(signatures.sign("t-1", 1, "oriel", {}));
    EXPECT_FALSE(signatures.signatureOf("t-1", 1));
    EXPECT_EQ(faults(), "");
}

TEST_P(Signing, ATestInTheNameOfSomebodyWithAKeyNeedsTheKey) {
    fill();
    MUST(signatures.makeKey("oriel", words));
    signedEvent("t-1", "oriel");
    EXPECT_NE(faults().find("Test t-1 was signed in the name of oriel without their key"), std::string::npos);
    signedEvent("t-2", "");
    EXPECT_EQ(faults().find("t-2"), std::string::npos); // the technician has none
}

TEST_P(Signing, AKeyIsReplacedByItsOwnerOnly) {
    fill();
    MUST(signatures.makeKey("oriel", words));
    const std::string first = signatures.keyOf("oriel")->publicKey;
    EXPECT_FALSE(signatures.makeKey("oriel", others, "not this one"));
    EXPECT_EQ(signatures.keyOf("oriel")->publicKey, first);
    MUST(signatures.makeKey("oriel", others, words));
    EXPECT_NE(signatures.keyOf("oriel")->publicKey, first);
    EXPECT_EQ(faults(), "");
    MUST(signatures.revokeKey("oriel", "oriel", "the passphrase was seen"));
    EXPECT_FALSE(signatures.keyOf("oriel"));
    EXPECT_FALSE(signatures.revokeKey("oriel", "oriel", "again"));
    MUST(signatures.makeKey("oriel", words));
    EXPECT_EQ(faults(), "");
}

TEST_P(Signing, AKeyThatSomebodyPutInIsFound) {
    fill();
    MUST(signatures.makeKey("oriel", words));
    Event event;
    event.at = at;
    event.by = "oriel";
    event.kind = kinds::keyMade;
    event.subject = "key.oriel";
    event.data = Json{{"key", toJson(*makeSigningKey(others, cheap))}};
    MUST(book->append(std::move(event)));
    EXPECT_NE(faults().find("The signing key of oriel was replaced without approval"), std::string::npos);
}

// A record from another lab, or this lab's own that comes back, was signed in names that this book may know.
TEST_P(Signing, WhatIsPutInIsNotAskedForAKeyOfThisBook) {
    fill();
    MUST(signatures.makeKey("oriel", words));
    const auto append = [&](std::string_view kind, const std::string& subject, Json data) {
        Event event;
        event.at = at;
        event.by = "bram";
        event.kind = kind;
        event.subject = subject;
        event.data = std::move(data);
        MUST(book->append(std::move(event)));
    };
    append("record.imported", "client-9", {{"file", "a.json"}, {"tests", 1}, {"ids", {"t-9"}}});
    signedEvent("t-9", "oriel");
    append(kinds::importMade, "imports", Json::object());
    EXPECT_EQ(faults().find("without their key"), std::string::npos) << faults();
    signedEvent("t-9", "oriel"); // amended here: that is this lab's
    EXPECT_NE(faults().find("Test t-9 was signed in the name of oriel without their key"), std::string::npos);
}

// After an earlier verification the keys from before it are still known.
TEST_P(Signing, FiveWrongPassphrasesInARowMakeTheNextOneWait) {
    fill();
    MUST(signatures.makeKey("oriel", words));
    for (int attempt = 0; attempt < Signatures::attempts; ++attempt)
        EXPECT_FALSE(signatures.isPassphraseOf("oriel", others));
    EXPECT_FALSE(signatures.isPassphraseOf("oriel", words));  // not even looked at
    EXPECT_FALSE(signatures.makeKey("oriel", others, words)); // nor where a new one is made
    at = at.plusMinutes(Signatures::waitMinutes - 0.01);
    EXPECT_FALSE(signatures.isPassphraseOf("oriel", words));
    at = at.plusMinutes(-60.0); // the clock set back
    EXPECT_FALSE(signatures.isPassphraseOf("oriel", words));
    at = at.plusMinutes(60.02);
    EXPECT_FALSE(signatures.isPassphraseOf("oriel", others)); // and from here again
    EXPECT_FALSE(signatures.isPassphraseOf("oriel", words));
    at = at.plusMinutes(Signatures::waitMinutes);
    MUST(signatures.isPassphraseOf("oriel", words));
    EXPECT_FALSE(signatures.isPassphraseOf("oriel", others));
    MUST(signatures.isPassphraseOf("oriel", words)); // counted anew
    EXPECT_EQ(book->eventsOf("attempts.oriel").size(), 9u);
    EXPECT_EQ(faults(), "");
}

// Another way to guess would be no limit.
TEST_P(Signing, AGuessWhereANewPassphraseIsMadeCountsToo) {
    fill();
    MUST(signatures.makeKey("oriel", words));
    for (int attempt = 0; attempt < Signatures::attempts; ++attempt)
        EXPECT_FALSE(signatures.makeKey("oriel", others, others));
    EXPECT_FALSE(signatures.isPassphraseOf("oriel", words));
    at = at.plusMinutes(Signatures::waitMinutes);
    MUST(signatures.makeKey("oriel", others, words));
    MUST(signatures.isPassphraseOf("oriel", others));
    EXPECT_EQ(faults(), "");
}

TEST_P(Signing, WhereEverybodySignsInNobodyIsTakenAtTheirWord) {
    fill();
    MUST(signatures.isPassphraseOf("bram", {}));
    EXPECT_FALSE(signatures.setEverybodySignsIn(true, "oriel")); // she has none herself
    MUST(signatures.makeKey("oriel", words));
    MUST(signatures.setEverybodySignsIn(true, "oriel"));
    EXPECT_TRUE(signatures.everybodySignsIn());
    EXPECT_FALSE(signatures.isPassphraseOf("bram", {}));
    signedEvent("t-1", "bram");
    EXPECT_FALSE(signatures.sign("t-1", 1, "bram", {}));
    MUST(signatures.makeKey("bram", others));
    MUST(signatures.isPassphraseOf("bram", others));
    MUST(signatures.sign("t-1", 1, "bram", others));
    MUST(signatures.setEverybodySignsIn(false, "oriel"));
    EXPECT_EQ(book->eventsOf("sign-in").size(), 2u); // the journal says which mode was in force
}

TEST_P(Signing, OnlyTheNewPartIsLookedAtWithTheKeysOfBefore) {
    fill();
    MUST(signatures.makeKey("oriel", words));
    const auto before = book->verify();
    const Verified earlier{before.events, before.head, at};
    signedEvent("t-1", "oriel");
    EXPECT_EQ(book->verify(earlier).faults.size(), 1u);
    MUST(signatures.sign("t-1", 1, "oriel", words));
    const auto after = book->verify(earlier);
    EXPECT_TRUE(after.sound()) << after.faults.front().what.english();
    EXPECT_EQ(after.before, before.events);
    EXPECT_EQ(after.signatures, 1);
}

/// Somebody with the file, the program's sources and no passphrase: changes one signed thing, and writes every
/// hash after it anew, so that the chain is whole again.
class Forger {
public:
    explicit Forger(const QString& path) {
        database_ = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("forger"));
        database_.setDatabaseName(path);
        EXPECT_TRUE(database_.open());
    }
    ~Forger() {
        database_.close();
        database_ = {};
        QSqlDatabase::removeDatabase(QStringLiteral("forger"));
    }
    void change(const std::function<void(Event&)>& what) {
        QSqlQuery rows(
            QStringLiteral("SELECT sequence, at, staff, kind, subject, data, hash FROM journal ORDER "
                           "BY sequence"),
            database_);
        std::vector<Event> events;
        while (rows.next())
            events.push_back(eventIn(rows));
        std::string head;
        for (Event& event : events) {
            what(event);
            event.hash = head = chainHash(head, event);
            QSqlQuery update(database_);
            update.prepare(
                QStringLiteral("UPDATE journal SET at = ?, staff = ?, data = ?, hash = ? WHERE sequence "
                               "= ?"));
            for (const std::string& value : {isoText(event.at), event.by, event.data->dump(), event.hash})
                update.addBindValue(QString::fromStdString(value));
            update.addBindValue(qlonglong(event.sequence));
            EXPECT_TRUE(update.exec());
        }
        EXPECT_TRUE(setHead(database_, events.back().sequence, head));
    }

private:
    QSqlDatabase database_;
};

// A hundred different acts upon what was signed, each with the whole chain made good after it. What stands
// behind the last signature is not under one yet: that needs a head that was noted elsewhere.
TEST_P(SigningFile, AForgerWithTheFileIsFoundEveryTime) {
    fill();
    MUST(signatures.makeKey("oriel", words));
    for (int i = 0; i < 20; ++i) {
        MUST(book->setSetting("note-" + std::to_string(i), "as it was " + std::to_string(i), "bram"));
        signedEvent("t-" + std::to_string(i), "oriel");
        MUST(signatures.sign("t-" + std::to_string(i), 1, "oriel", words));
    }
    ASSERT_EQ(faults(), "");
    const std::int64_t last = book->lastEvent();
    book.reset();
    int found = 0, tried = 0;
    for (int attack = 0; attack < 100; ++attack) {
        const QString copy = shelf.file("forged-%1.fusain").arg(attack);
        ASSERT_TRUE(QFile::copy(shelf.address(), copy));
        const std::int64_t victim = 4 + attack % static_cast<int>(last - 4);
        {
            Forger forger(copy);
            forger.change([&](Event& event) {
                if (event.sequence != victim)
                    return;
                if (attack % 3 == 0)
                    event.at = event.at.plusMinutes(1.0);
                else if (attack % 3 == 1)
                    event.by = "bram2";
                else
                    event.data = Json{{"value", "forged"}, {"technician", "bram"}, {"physiologist", ""}};
            });
        }
        const auto forged = LabBook::openForReading(copy);
        ++tried;
        found += !forged || !(*forged)->verify().sound();
    }
    EXPECT_EQ(found, tried);
}

} // namespace
} // namespace fusain::store::signatures_test

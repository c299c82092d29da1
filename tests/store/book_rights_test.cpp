// What only some may change is refused by the book, whichever screen asks for it.
#include "store/book/erasure.hpp"
#include "store/book/lab_book.hpp"
#include "store/book/rights.hpp"
#include "store/book/signatures.hpp"

#include "procedure/method/common_events.hpp"
#include "record/base/json.hpp"

#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace fusain::store::book_rights_test {
namespace {

const Clock clock = [] { return *instantFromIso("2026-03-12T07:40:00.000Z"); };
const Staff oriel{"oriel", "Oriel Thackway", Role::Physiologist},
    bram{"bram", "Bram Iyengar", Role::Technician}, ida{"ida", "Ida Moreau", Role::Administrator},
    tam{"tam", "Tam Okeke", Role::Trainee};

class BookRights : public ::testing::Test {
protected:
    void SetUp() override {
        book = *LabBook::create(folder.filePath("lab.fusain"), clock);
        ASSERT_TRUE(book->save(oriel, "oriel")); // the first says so of themselves
        for (const Staff& each : {bram, ida, tam})
            ASSERT_TRUE(book->save(each, "oriel"));
    }
    /// Who of the four may.
    std::string who(const std::function<bool(const std::string&)>& change) {
        std::string may;
        for (const Staff& each : {oriel, bram, ida, tam})
            may += change(each.id) ? each.id + " " : std::string();
        return may;
    }
    std::string whoSets(const char* key) {
        return who([&](const std::string& by) { return bool(book->setSetting(key, "x", by)); });
    }
    QTemporaryDir folder;
    std::unique_ptr<LabBook> book;
};

TEST_F(BookRights, APhysiologistOwnsPoliciesReferencesLimitsAndCalibrations) {
    for (const char* key : {"policy.hydrostatic", "reference.fat-percent", "reference-set.lab.fat-percent.1",
                            "limits.chamber.cylinder-volume", "calibration.contact-to-gel.female",
                            "cross-calibration.dxa.hydrostatic"})
        EXPECT_EQ(whoSets(key), "oriel ") << key;
    for (const char* key : {"reference.chamber.cylinder-volume", "lab-name", "planning", "water-log.2026-03-12",
                            "policy", "plan.client-1"})
        EXPECT_EQ(whoSets(key), "oriel bram ida tam ") << key;
}

TEST_F(BookRights, ColleaguesAreSaidByAPhysiologistOrAnAdministrator) {
    EXPECT_EQ(who([&](const std::string& by) {
                  return bool(book->save(Staff{"new", "Sunniva Pell", Role::Physiologist}, by));
              }),
              "oriel ida ");
    EXPECT_EQ(whoSets("sign-in"), "oriel ida ");
    EXPECT_EQ(whoSets("identities-at-rest"), "oriel ida ");
    EXPECT_EQ(who([&](const std::string& by) {
                  return bool(book->note(kinds::keyRevoked, keySubjectOf("sunniva"), by, {{"reason", "lost"}}));
              }),
              "oriel ida ");
    EXPECT_TRUE(book->note(kinds::keyRevoked, keySubjectOf("tam"), "tam", {{"reason", "lost"}})); // one's own
    EXPECT_EQ(book->staff().size(), 5U);
}

TEST_F(BookRights, ErasingImportingAndMeasuringHaveTheirPeople) {
    const auto event = [](std::string_view kind, const std::string& by) {
        return Event{0, clock(), by, std::string(kind), "client-1", Json::object(), {}};
    };
    const auto people = book->staff();
    EXPECT_EQ(
        who([&](const std::string& by) { return bool(mayChange(people, event(kinds::clientErased, by))); }),
        "oriel ida ");
    EXPECT_EQ(who([&](const std::string& by) { return bool(mayChange(people, event(kinds::importMade, by))); }),
              "oriel bram tam ");
    // An imported test keeps who measured then, whatever they do now.
    for (const std::string_view kind : {kinds::clientSaved, std::string_view(TestStarted::kind)})
        EXPECT_EQ(who([&](const std::string& by) { return bool(mayChange(people, event(kind, by))); }),
                  "oriel bram ida tam ");
}

// A lab that begins with a technician is not locked out of having a physiologist.
TEST_F(BookRights, TheFirstWhoMaySayWhoWorksHereIsSaidByAnybody) {
    auto other = *LabBook::create(folder.filePath("other.fusain"), clock);
    EXPECT_TRUE(other->save(bram, "bram"));
    EXPECT_FALSE(other->setSetting("policy.hydrostatic", "x", "bram"));
    EXPECT_TRUE(other->save(oriel, "bram"));
    EXPECT_FALSE(other->save(ida, "bram"));
    EXPECT_TRUE(other->save(ida, "oriel"));
}

// A technician cannot become a physiologist, nor anybody by putting nobody at the bench.
TEST_F(BookRights, NobodyGainsARight) {
    const auto promoted = book->save(Staff{"bram", "Bram Iyengar", Role::Physiologist}, "bram");
    ASSERT_FALSE(promoted);
    EXPECT_EQ(promoted.error().what.english(), "Only a physiologist or an administrator can do this.");
    EXPECT_FALSE(book->setSetting("policy.hydrostatic", "x", ""));
    EXPECT_FALSE(book->setSetting("policy.hydrostatic", "x", "bram"));
    EXPECT_EQ(book->setting("policy.hydrostatic"), "");
    EXPECT_EQ(book->lastEvent(), 4); // nothing was kept
    EXPECT_TRUE(book->verify().sound());
    EXPECT_TRUE(book->setSetting("policy.hydrostatic", "x", "an import")); // a program, no person
}

} // namespace
} // namespace fusain::store::book_rights_test

#include "procedure/day/preparation_sheet.hpp"
#include "record/base/json.hpp"
#include "support/hydrostatic_run.hpp"

#include <algorithm>
#include <gtest/gtest.h>
#include <set>

namespace fusain::preparation_sheet_test {
namespace {

using testing::dataFile;

Protocol protocol(const std::string& method) {
    return *protocolFromJson(dataFile("protocols/" + method + ".json"), method);
}
PreparationTexts texts() {
    return *preparationFromJson(dataFile("preparation/standard.json"), "preparation");
}
const PreparationLine* find(const std::vector<PreparationLine>& lines, const std::string& topic) {
    const auto found = std::ranges::find(lines, topic, &PreparationLine::topic);
    return found == lines.end() ? nullptr : &*found;
}
Instant at(const char* iso) {
    return *instantFromIso(iso);
}
const SheetReader man{Sex::Male, Years(30), false}, woman{Sex::Female, Years(30), true},
    child{Sex::Female, Years(11), false};

class Sheet : public ::testing::Test {
protected:
    Protocol tank = protocol("hydrostatic"), chamber = protocol("air-displacement"),
             gel = protocol("impedance"), scan = protocol("dxa"), tape = protocol("girths");
};

TEST_F(Sheet, ALimitIsWorkedBackFromTheAppointment) {
    const PlannedMethod planned{"hydrostatic", at("2026-03-12T08:30:00.000Z"), &tank};
    const auto sheet = preparationSheet({&planned, 1}, man, texts());
    // Four hours without food: 04:30. Twelve without fizzy drinks: 20:30 the evening before.
    ASSERT_TRUE(find(sheet.avoid, "food"));
    EXPECT_EQ(isoText(*find(sheet.avoid, "food")->from), "2026-03-12T04:30:00.000Z");
    EXPECT_EQ(isoText(*find(sheet.avoid, "fizzy")->from), "2026-03-11T20:30:00.000Z");
    EXPECT_FALSE(find(sheet.avoid, "caffeine")); // the tank does not ask
    EXPECT_TRUE(find(sheet.tell, "fits"));
}

TEST_F(Sheet, OfSeveralMethodsTheStrictestLimitCountsFromItsOwnBeginning) {
    const PlannedMethod planned[] = {{"air-displacement", at("2026-03-12T09:00:00.000Z"), &chamber},
                                     {"impedance", at("2026-03-12T08:00:00.000Z"), &gel}};
    const auto sheet = preparationSheet(planned, man, texts());
    EXPECT_EQ(sheet.methods.front().method, "impedance"); // in order of time
    // Impedance wants four hours before 08:00, the chamber two before 09:00.
    EXPECT_EQ(isoText(*find(sheet.avoid, "food")->from), "2026-03-12T04:00:00.000Z");
    // Training: twelve hours before 08:00 against two before 09:00.
    EXPECT_EQ(isoText(*find(sheet.avoid, "exercise")->from), "2026-03-11T20:00:00.000Z");
    EXPECT_TRUE(std::ranges::is_sorted(sheet.avoid, {}, [](const PreparationLine& line) {
        return line.from ? line.from->milliseconds : std::numeric_limits<std::int64_t>::max();
    }));
}

TEST_F(Sheet, SaysOnlyWhatConcernsTheReader) {
    const PlannedMethod planned{"dxa", at("2026-03-12T08:00:00.000Z"), &scan};
    const auto his = preparationSheet({&planned, 1}, man, texts()),
               hers = preparationSheet({&planned, 1}, woman, texts());
    EXPECT_FALSE(find(his.tell, "pregnancy"));
    EXPECT_TRUE(find(hers.tell, "pregnancy"));
    EXPECT_FALSE(find(his.prepare, "same-time")); // a first test
    EXPECT_TRUE(find(hers.prepare, "same-time"));
}

TEST_F(Sheet, AChildIsToldNothingOfAlcoholAndInItsOwnWords) {
    const PlannedMethod planned[] = {{"impedance", at("2026-03-12T08:00:00.000Z"), &gel},
                                     {"dxa", at("2026-03-12T08:20:00.000Z"), &scan}};
    const auto sheet = preparationSheet(planned, child, texts());
    EXPECT_TRUE(sheet.forChild);
    EXPECT_FALSE(find(sheet.avoid, "alcohol"));
    EXPECT_FALSE(find(sheet.tell, "table"));
    ASSERT_TRUE(find(sheet.avoid, "food"));
    EXPECT_NE(find(sheet.avoid, "food")->sentence.find("snack"), std::string::npos);
}

TEST_F(Sheet, EveryRuleThatWillBeAskedIsOnASheetOrKeptByTheLab) {
    std::set<std::string> covered;
    const PreparationTexts all = texts();
    for (const PreparationTopic& topic : all.topics)
        covered.insert(topic.rules.begin(), topic.rules.end());
    covered.insert(all.inTheLab.begin(), all.inTheLab.end());
    std::set<std::string> asked;
    for (const Protocol* each : {&tank, &chamber, &gel, &scan, &tape})
        for (const auto* rules : {&each->screening, &each->readiness})
            for (const auto& rule : *rules)
                asked.insert(rule.id);
    EXPECT_EQ(covered, asked); // and no line is about a rule that is gone
}

TEST(PreparationFile, SaysWhatDoesNotFit) {
    Json json = dataFile("preparation/standard.json");
    json["topics"][0]["kind"] = "forbid";
    EXPECT_NE(preparationFromJson(json, "mine.json").error().english().find("forbid"), std::string::npos);
    json = dataFile("preparation/standard.json");
    json["topics"].push_back(json["topics"][0]);
    EXPECT_NE(preparationFromJson(json, "mine.json").error().english().find("twice"), std::string::npos);
    json = dataFile("preparation/standard.json");
    json["topics"][3]["rules"] = Json::array();
    EXPECT_FALSE(preparationFromJson(json, "mine.json"));
}

} // namespace
} // namespace fusain::preparation_sheet_test

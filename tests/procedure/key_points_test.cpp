// What is worth saying: at most three, the most important first, kindly, and never a target to a child.
#include "procedure/all/procedure.hpp"
#include "procedure/meaning/key_points.hpp"
#include "record/base/json.hpp"
#include "support/dxa_run.hpp"

#include <algorithm>
#include <gtest/gtest.h>

namespace fusain::key_points_test {
namespace {

using namespace testing;

std::vector<KeyPointRule> rules() {
    std::vector<KeyPointRule> all;
    for (const Json& json : dataFile("interpretation/key_points.json")) {
        auto rule = keyPointRuleFromJson(json, "key_points.json");
        EXPECT_TRUE(rule) << rule.error().english();
        all.push_back(std::move(*rule));
    }
    return all;
}

std::vector<std::string> said(const KeyPointFacts& facts) {
    static const auto all = rules();
    std::vector<std::string> ids;
    for (const KeyPoint& point : keyPoints(facts, all))
        ids.push_back(point.rule->id);
    return ids;
}

TEST(KeyPoints, SizeAgainstTheErrorDecidesTheOrder) {
    // Weights 2.0 and 1.8; 1.2 and 2.5 times the error: 2.4 and 4.5.
    const KeyPointFacts facts{{"visit", 2},
                              {"fat.change.real", -1},
                              {"fat.change.size", 1.2},
                              {"lean.change.real", 1},
                              {"lean.change.size", 2.5},
                              {"fat.place", 0}};
    EXPECT_EQ(said(facts), (std::vector<std::string>{"lean.rose", "fat.fell", "fat.within"}));
    KeyPointFacts huge = facts;
    huge["fat.change.size"] = 50.0; // counts three times: 6.0
    EXPECT_EQ(said(huge).front(), "fat.fell");
}

TEST(KeyPoints, AtMostThreeAndNeverTwoAboutOneFact) {
    const KeyPointFacts facts{{"visit", 1},        {"fat.place", 1},     {"arms.notable", 1},
                              {"legs.notable", 1}, {"limb-lean.low", 1}, {"preparation.deviations", 2}};
    EXPECT_EQ(said(facts).size(), 3u);
    EXPECT_EQ(said(facts).front(), "limb-lean.low");
}

TEST(KeyPoints, AFactOnTheEdgeOfItsRangeCounts) {
    EXPECT_EQ(said({{"loss.lean.percent", 25.0}, {"loss.kg", 5.0}}),
              std::vector<std::string>{"loss.much-lean"});
    EXPECT_TRUE(said({{"loss.lean.percent", 24.9}}).empty());
    EXPECT_EQ(said({{"body-mass-index", 18.49}}), std::vector<std::string>{"thin"});
    EXPECT_TRUE(said({{"body-mass-index", 18.5}}).empty());
    EXPECT_TRUE(said({}).empty());
}

TEST(KeyPoints, AChildHearsNothingOfFatOrWeight) {
    const KeyPointFacts child{{"minor", 1},           {"visit", 1},
                              {"fat.place", 1},       {"body-mass-index", 16},
                              {"fat.change.real", 1}, {"arms.notable", 1}};
    EXPECT_EQ(said(child), std::vector<std::string>{"first"});
}

TEST(KeyPoints, SomebodyThinIsNotPraisedForLess) {
    const KeyPointFacts facts{
        {"visit", 2},     {"body-mass-index", 18.0},   {"fat.change.real", -1}, {"fat.change.size", 3.0},
        {"fat.place", 0}, {"loss.percent-a-week", 1.5}};
    EXPECT_EQ(said(facts), (std::vector<std::string>{"thin", "loss.fast"})); // said without a number
}

TEST(KeyPoints, WordsAreKind) {
    for (const KeyPointRule& rule : rules())
        for (const char* word :
             {"bad", "poor", "fail", "obese", "overweight", "should", "must", "ideal", "normal", "too fat"})
            EXPECT_EQ(rule.sentence.find(word), std::string::npos) << rule.id << ": " << word;
}

TEST(KeyPoints, AScanGivesItsFacts) {
    const auto before = scannedOn("2026-01-01T08:00:00.000Z"), now = scannedOn("2026-03-12T08:00:00.000Z", 2.0);
    const std::vector<ComputedTest> history{before};
    const Statements statements({.test = &now, .history = history});
    const auto facts = keyPointFacts({&now, &statements, false, nullptr});
    EXPECT_EQ(facts.at("fat.change.real"), -1.0);
    EXPECT_NEAR(facts.at("fat.change.kg"), 2.0, 1e-9);
    EXPECT_NEAR(facts.at("fat.change.size"), 2.0 / 1.41892, 1e-4);
    EXPECT_EQ(facts.at("lean.change.real"), 0.0);
    EXPECT_EQ(facts.at("arms.notable"), 0.0);
    EXPECT_FALSE(facts.contains("fat.place")); // no reference, no place
    EXPECT_FALSE(facts.contains("limb-lean.low"));
    const auto all = rules();
    const auto points = keyPoints(facts, all);
    ASSERT_FALSE(points.empty());
    EXPECT_NE(points.front().sentence.english().find("2.0 kg of fat"), std::string::npos)
        << points.front().sentence.english();
}

TEST(KeyPointFiles, WhatIsWrongIsNamed) {
    const Json good = dataFile("interpretation/key_points.json").at(0);
    const auto refused = [&](const char* key, const Json& value) {
        Json json = good;
        json[key] = value;
        return !keyPointRuleFromJson(json, "k.json").has_value();
    };
    EXPECT_TRUE(refused("kind", "praise"));
    EXPECT_TRUE(refused("sentence", "lost {7} kg"));
    EXPECT_TRUE(refused("least", 5));
    EXPECT_TRUE(refused("weight", 0));
    EXPECT_TRUE(refused("fact", 3));
}

// Ten kilograms in ten weeks, four of them lean.
TEST(KeyPoints, WhatALossWasMadeOfIsWorkedOut) {
    const std::vector<ComputedTest> history{scannedOn("2026-01-01T08:00:00.000Z")};
    const ComputedTest now = scannedOn("2026-03-12T08:00:00.000Z", 6.0, 4.0);
    const Statements statements({.test = &now, .history = history});
    auto facts = keyPointFacts({&now, &statements, false, nullptr});
    EXPECT_NEAR(facts["loss.kg"], 10.0, 1e-6);
    EXPECT_NEAR(facts["loss.lean.percent"], 40.0, 1e-6);
    EXPECT_NEAR(facts["loss.percent-a-week"], 100.0 * 1.0 / 60.8, 1e-6);
    const ComputedTest fatAlone = scannedOn("2026-03-12T08:00:00.000Z", 6.0);
    const Statements leaner({.test = &fatAlone, .history = history});
    EXPECT_FALSE(keyPointFacts({&fatAlone, &leaner, false, nullptr}).contains("loss.lean.percent"));
}

} // namespace
} // namespace fusain::key_points_test

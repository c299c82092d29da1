#include "record/all/policy.hpp"
#include "record/all/record.hpp"
#include "record/base/document.hpp"
#include "record/base/json.hpp"
#include "support/taken.hpp"

#include <gtest/gtest.h>

namespace fusain::repeated_test {
namespace {

WeighingTrial trial(int number, const char* setAside = "") {
    return {{{}, number, setAside}, Kilograms(3.0 + number), Kilograms(0.01), 0, Kilograms(0.0), {}, {}};
}

TEST(Repeated, CountsFindsAndKeepsWhatWasSetAside) {
    Repeated<WeighingTrial> trials;
    EXPECT_EQ(trials.nextNumber(), 1);
    EXPECT_EQ(trials.latest(), nullptr);
    trials.push_back(trial(1));
    trials.push_back(trial(2));
    trials.push_back(trial(3, "bubbles"));
    EXPECT_EQ(trials.nextNumber(), 4);
    EXPECT_EQ(trials.counting(), 2);
    EXPECT_EQ(trials.latest()->number, 2); // the third does not count
    EXPECT_EQ(trials.find(3)->setAsideReason, "bubbles");
    EXPECT_EQ(trials.find(4), nullptr);
    EXPECT_EQ(trials.find(0), nullptr);
    trials.find(3)->setAsideReason.clear();
    EXPECT_EQ(trials.latest()->number, 3);
}

TEST(Repeated, WritesTheKeysThatRecordsHaveAlwaysHad) {
    const Instant at = *instantFromIso("2026-03-12T07:40:00.000Z");
    const LoadCellCheck check{
        {testing::taken(Origin::Link, at), 2, "moved"}, Kilograms(0.5), Kilograms(5.0), Kilograms(5.01)};
    EXPECT_EQ(toJson(check), (Json{{"number", 2},
                                   {"origin", "link"},
                                   {"at", "2026-03-12T07:40:00.000Z"},
                                   {"set_aside", "moved"},
                                   {"tare_kg", 0.5},
                                   {"reference_nominal_kg", 5.0},
                                   {"reference_reading_kg", 5.01}}));
    LoadCellCheck counts = check;
    counts.setAsideReason.clear();
    EXPECT_FALSE(toJson(counts).contains("set_aside"));
    const LoadCellCheck back = loadCellCheckFromJson(toJson(check));
    EXPECT_EQ(back.number, 2);
    EXPECT_EQ(back.origin, Origin::Link);
    EXPECT_EQ(back.at, at);
    EXPECT_EQ(back.setAsideReason, "moved");
}

TEST(Document, IsAValue) {
    Document empty;
    EXPECT_TRUE(empty->is_null());
    Document first = Json{{"a", 1}};
    Document second = first;
    (*second)["a"] = 2;
    EXPECT_EQ(first->at("a"), 1); // a copy of its own
    const Document third = std::move(second);
    EXPECT_EQ(third->at("a"), 2);
    second = third;
    EXPECT_TRUE(second == third);
    EXPECT_FALSE(first == third);
    EXPECT_TRUE(Document::object()->is_object());
    (*empty)["b"] = true; // null becomes what is put in
    EXPECT_TRUE(empty->at("b"));
}

TEST(Document, CopiesShareTheValueUntilOneIsChanged) {
    Document first = Json{{"a", 1}};
    const Document second = first;
    EXPECT_EQ(&*std::as_const(first), &*second);
    (*first)["a"] = 2;
    EXPECT_NE(&*std::as_const(first), &*second);
    EXPECT_EQ(second->at("a"), 1);
    const Json* own = &*std::as_const(first);
    (*first)["a"] = 3; // nobody shares it: nothing is copied
    EXPECT_EQ(&*std::as_const(first), own);
}

TEST(Document, TakesNothingButJson) {
    // {{"text", "x"}} would be a list of two strings, not an object.
    EXPECT_FALSE((std::is_constructible_v<Document, std::string>));
    EXPECT_FALSE((std::is_constructible_v<Document, int>));
    EXPECT_TRUE((std::is_constructible_v<Document, Json>));
}

TEST(Methods, EachHasItsOwnNamesAndNoneIsGuessed) {
    std::set<std::string_view> ids, titles;
    Methods::each([&]<class Method> {
        ids.insert(Method::id);
        titles.insert(Method::title);
        EXPECT_EQ(methodTitle(Method::id), Method::title);
        EXPECT_EQ(methodOf(emptyTest(std::string(Method::id))), Method::id);
        EXPECT_EQ(methodOf(AnyPolicy(typename Method::Policy{})), Method::id);
    });
    EXPECT_EQ(ids.size(), Methods::count);
    EXPECT_EQ(titles.size(), Methods::count);
    EXPECT_FALSE(Methods::with("Hydrostatic", []<class Method> { FAIL() << Method::id; }));
    EXPECT_THROW(emptyTest("hydrostatics"), Json::exception);
}

TEST(Methods, TheMassIsThatOfTheMethodsOwnReading) {
    HydrostaticTest tank;
    EXPECT_FALSE(massOf(AnyTest(tank)));
    tank.dryMass = Reading(Attribution::typed(), 70.5);
    EXPECT_EQ(massOf(AnyTest(tank))->value(), 70.5);
    DxaTest scan;
    scan.mass = Reading(testing::taken(Origin::Link), 81.0);
    EXPECT_EQ(massOf(AnyTest(scan))->value(), 81.0);
}

TEST(LoadCell, ATwentyGramDisagreementStillAgrees) {
    const auto check = [](double reading) {
        return LoadCellCheck{{}, Kilograms(0.0), Kilograms(5.0), Kilograms(reading)};
    };
    EXPECT_TRUE(check(5.02).agrees());
    EXPECT_TRUE(check(4.98).agrees());
    EXPECT_FALSE(check(5.0201).agrees());
    EXPECT_FALSE(check(4.9799).agrees());
    EXPECT_FALSE(check(std::nan("")).agrees());
}

} // namespace
} // namespace fusain::repeated_test

// What was done outside a test is undone by new events, and only while nobody has built on it.
#include "record/base/json.hpp"
#include "store/book/compensation.hpp"
#include "support/engines.hpp"

#include <gtest/gtest.h>

namespace fusain::store::compensation_test {
namespace {

using namespace testing;

class Compensation : public ::testing::TestWithParam<Engine> {
protected:
    void SetUp() override {
        book = std::move(*LabBook::create(shelf.address(), [this] { return now; }));
        ASSERT_TRUE(book->save(Staff{"bram", "Bram Iyengar", Role::Technician}, "bram"));
        ASSERT_TRUE(book->save(person(1.75), "bram"));
        ASSERT_TRUE(book->save(visit(now), "bram"));
    }
    [[nodiscard]] static Client person(double height) {
        return {"teo",     "C-1",          "Teo Marangwe",     *dateFromIso("1990-01-01"),
                Sex::Male, Metres(height), UnitSystem::Metric, "",
                false};
    }
    [[nodiscard]] static Visit visit(Instant at) { return {"v-1", "teo", at, "hydrostatic", "booked", {}, {}}; }
    Act did(const std::function<Expected<void>()>& work) {
        const auto act = asAct(*book, work);
        EXPECT_TRUE(act);
        return act.value_or(Act{});
    }
    [[nodiscard]] Instant visitAt() { return book->visitsOf("teo").at(0).at; }

    BookShelf shelf{GetParam()};
    Instant now = *instantFromIso("2026-03-12T08:00:00.000Z");
    std::unique_ptr<LabBook> book;
};
INSTANTIATE_TEST_SUITE_P(Engines, Compensation, bothEngines, nameOfEngine);

TEST_P(Compensation, PutsBackWhatWasThereAndCanBeUndoneInTurn) {
    const Instant later = now.plusMinutes(30.0);
    const Act moved = did([&] { return book->save(visit(later), "bram"); });
    const auto back = undo(*book, moved, "bram", now);
    ASSERT_TRUE(back);
    EXPECT_EQ(visitAt(), now);
    ASSERT_TRUE(undo(*book, *back, "bram", now));
    EXPECT_EQ(visitAt(), later);
    EXPECT_TRUE(book->verify().sound());
    EXPECT_EQ(book->eventsOf("v-1").size(), 4u); // all of it stays in the journal
}

TEST_P(Compensation, ANewAppointmentIsCancelledAndANewSettingIsEmpty) {
    const Act booked = did([&] {
        return book->save(Visit{"v-2", "teo", now, "dxa", "booked", {}, {}}, "bram");
    });
    ASSERT_TRUE(undo(*book, booked, "bram", now));
    EXPECT_EQ(book->visitsOf("teo").back().state, "cancelled");
    const Act set = did([&] { return book->setSetting("lab-name", "Heron Quay", "bram"); });
    ASSERT_TRUE(undo(*book, set, "bram", now));
    EXPECT_EQ(book->setting("lab-name"), "");
}

TEST_P(Compensation, SeveralChangesAreOneAct) {
    const Act act = did([&]() -> Expected<void> {
        if (auto first = book->save(person(1.80), "bram"); !first)
            return first;
        if (auto second = book->save(person(1.81), "bram"); !second)
            return second;
        return book->save(visit(now.plusMinutes(5.0)), "bram");
    });
    ASSERT_TRUE(undo(*book, act, "bram", now));
    EXPECT_EQ(book->client("teo")->height->value(), 1.75);
    EXPECT_EQ(visitAt(), now);
}

TEST_P(Compensation, WhatWasChangedAgainStays) {
    const Act moved = did([&] { return book->save(visit(now.plusMinutes(30.0)), "bram"); });
    ASSERT_TRUE(book->save(visit(now.plusMinutes(45.0)), "bram"));
    const auto before = book->eventCount();
    const auto refused = undo(*book, moved, "bram", now);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("changed again"), std::string::npos);
    EXPECT_EQ(book->eventCount(), before);
    EXPECT_EQ(visitAt(), now.plusMinutes(45.0));
}

TEST_P(Compensation, SomebodyNewAndAnImportHaveNoSuchWayBack) {
    Client other = person(1.6);
    other.id = "wren";
    other.code = "C-2";
    const Act added = did([&] { return book->save(other, "bram"); });
    EXPECT_TRUE(obstacleToUndoing(*book, added));
    EXPECT_FALSE(undo(*book, added, "bram", now));
    EXPECT_TRUE(book->client("wren"));
    const Act check = did([&] {
        return book->save(Check{"c-1", "scale", "twenty", now, 20.0, 20.0, true, "bram", {}, {20.0}}, "bram");
    });
    EXPECT_TRUE(obstacleToUndoing(*book, check));
}

TEST_P(Compensation, WorkThatFailsIsNoAct) {
    const auto failed = asAct(*book, [&]() -> Expected<void> {
        if (auto done = book->save(visit(now.plusMinutes(5.0)), "bram"); !done)
            return done;
        return failure({"not this", {}});
    });
    EXPECT_FALSE(failed);
    EXPECT_EQ(visitAt(), now);
}

} // namespace
} // namespace fusain::store::compensation_test

// What happened in a test is said in words, whatever it was.
#include "report/base/event_words.hpp"

#include "procedure/chamber/events.hpp"
#include "procedure/girth/events.hpp"
#include "procedure/impedance/events.hpp"
#include "procedure/scan/events.hpp"
#include "procedure/tank/events.hpp"

#include <gtest/gtest.h>

namespace fusain::report::event_words_test {
namespace {

template <class AnyEvent>
std::vector<std::string> withoutTitle() {
    std::vector<std::string> missing;
    [&]<class... Kinds>(std::type_identity<std::variant<Kinds...>>) {
        ((titleOfEvent(Kinds::kind).isEmpty() ? missing.emplace_back(Kinds::kind) : missing.emplace_back()),
         ...);
    }(std::type_identity<AnyEvent>());
    std::erase(missing, std::string());
    return missing;
}

TEST(EventWords, EveryEventOfEveryMethodHasATitleButWhereTheBenchWent) {
    const std::vector<std::string> only{std::string(StepShown::kind)};
    EXPECT_EQ(withoutTitle<tank::AnyEvent>(), only);
    EXPECT_EQ(withoutTitle<chamber::AnyEvent>(), only);
    EXPECT_EQ(withoutTitle<analyzer::AnyEvent>(), only);
    EXPECT_EQ(withoutTitle<scanner::AnyEvent>(), only);
    EXPECT_EQ(withoutTitle<tape::AnyEvent>(), only);
}

TEST(EventWords, ALineSaysWhenWhatWhichAndWhy) {
    const Instant at = *instantFromIso("2026-03-12T07:41:00.000Z");
    const auto line = [&](std::string kind, Json data) {
        return eventLine(Event{1, at, "bram", std::move(kind), "t1", std::move(data), {}}).toStdString();
    };
    EXPECT_EQ(line("trial.set-aside", {{"number", 1}, {"reason", "breath not out"}}),
              "07:41  trial excluded 1: breath not out");
    EXPECT_EQ(line("note.added", {{"kind", "remark"}, {"text", "a cough"}}), "07:41  note: a cough");
    EXPECT_EQ(line("trial.restored", {{"number", 2}}), "07:41  trial included again 2");
    EXPECT_EQ(line("step.shown", {{"step", "trials"}}), "");
    EXPECT_EQ(line("no.such", Json::object()), "");
}

} // namespace
} // namespace fusain::report::event_words_test

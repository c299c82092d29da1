#include "core/readiness/rule.hpp"
#include "support/property.hpp"

#include <gtest/gtest.h>

namespace fusain::readiness::readiness_test {
namespace {

Rule rule(AnswerType type, Comparison okIf, double limit, std::string unit) {
    Rule made;
    made.id = "r";
    made.type = type;
    made.okIf = okIf;
    made.limit = limit;
    made.unit = std::move(unit);
    made.actionIfBroken = Action::Wait;
    return made;
}

Rule choice(std::string wanted) {
    Rule made = rule(AnswerType::Choice, Comparison::Equals, 0.0, "");
    made.limitChoice = std::move(wanted);
    made.choices = {"yes", "no", "no beard", "unsure"};
    return made;
}

Answer hours(double since) {
    Answer answer;
    answer.ago = Hours(since);
    return answer;
}

Answer told(KeptAsTold how) {
    Answer answer;
    answer.keptAsTold = how;
    return answer;
}

TEST(Readiness, ALimitIsKeptExactlyOnIt) {
    const Rule food = rule(AnswerType::TimeSince, Comparison::AtLeast, 4.0, "h");
    EXPECT_TRUE(judge(food, hours(4.0)).kept);
    EXPECT_FALSE(judge(food, hours(3.99)).kept);
    EXPECT_NEAR(judge(food, hours(3.5)).wait.value(), 30.0, 1e-9);
    const Rule bladder = rule(AnswerType::TimeSince, Comparison::AtMost, 30.0, "min");
    EXPECT_TRUE(judge(bladder, hours(0.5)).kept);
    EXPECT_FALSE(judge(bladder, hours(0.51)).kept);
    EXPECT_EQ(judge(bladder, hours(0.51)).wait.value(), 0.0); // waiting does not help
    EXPECT_FALSE(judge(rule(AnswerType::TimeSince, Comparison::MoreThan, 4.0, "h"), hours(4.0)).kept);
    EXPECT_FALSE(judge(rule(AnswerType::TimeSince, Comparison::LessThan, 4.0, "h"), hours(4.0)).kept);
}

TEST(Readiness, UnitsAreHoursMinutesOrDays) {
    EXPECT_EQ(limitHours(rule(AnswerType::TimeSince, Comparison::AtLeast, 90.0, "min")), 1.5);
    EXPECT_EQ(limitHours(rule(AnswerType::TimeSince, Comparison::AtLeast, 2.0, "d")), 48.0);
    EXPECT_EQ(limitHours(rule(AnswerType::TimeSince, Comparison::AtLeast, 12.0, "h")), 12.0);
}

TEST(Readiness, NeverMeetsOnlyWhatMustBeLongAgo) {
    Answer never;
    never.never = true;
    EXPECT_TRUE(judge(rule(AnswerType::TimeSince, Comparison::AtLeast, 4.0, "h"), never).kept);
    EXPECT_FALSE(judge(rule(AnswerType::TimeSince, Comparison::AtMost, 4.0, "h"), never).kept);
}

TEST(Readiness, NothingSaidBreaksEveryRule) {
    EXPECT_TRUE(Answer{}.unknown());
    for (const Rule& each : {rule(AnswerType::TimeSince, Comparison::AtLeast, 4.0, "h"), choice("no"),
                             rule(AnswerType::Number, Comparison::AtMost, 0.2, "kg")})
        EXPECT_EQ(judge(each, {}).action, Action::Wait);
}

TEST(Readiness, ATimeSpentStandingIsWaitedFor) {
    const Rule standing = rule(AnswerType::Number, Comparison::AtLeast, 5.0, "min");
    EXPECT_TRUE(growsWithTime(standing));
    Answer two;
    two.number = 2.0;
    EXPECT_NEAR(judge(standing, two).wait.value(), 3.0, 1e-12);
    EXPECT_FALSE(growsWithTime(rule(AnswerType::Number, Comparison::AtMost, 5.0, "min")));
}

// "Not sure" begins like "no" and is none.
TEST(Readiness, OnlyTheWantedChoiceKeepsARule) {
    const auto says = [](const char* word) {
        Answer answer;
        answer.choice = word;
        return judge(choice("no"), answer).kept;
    };
    EXPECT_TRUE(says("no"));
    for (const char* other :
         {"yes", "not sure", "not asked", "no beard", "now in the third month", "No", "unsure", ""})
        EXPECT_FALSE(says(other)) << other;
}

TEST(Readiness, AGroupIsBelievedOnlyWhereTheRuleLetsItBeAsked) {
    Rule implant = choice("no");
    EXPECT_TRUE(judge(implant, told(KeptAsTold::List)).kept);
    EXPECT_FALSE(judge(implant, told(KeptAsTold::Group)).kept);
    implant.mayAskGroup = true;
    EXPECT_TRUE(judge(implant, told(KeptAsTold::Group)).kept);
    EXPECT_FALSE(told(KeptAsTold::Group).unknown());
}

TEST(Readiness, AMadeUpAnswerKeepsItsRuleAtAnyMargin) {
    testing::holdsFor("kept at any margin", [] {
        const double margin = *rc::gen::inRange(0, 100) / 100.0;
        const double limit = *rc::gen::inRange(1, 5000) / 100.0;
        for (const AnswerType type : {AnswerType::TimeSince, AnswerType::Number})
            for (const Comparison okIf : {Comparison::AtLeast, Comparison::AtMost})
                for (const char* unit : {"h", "min", "d"}) {
                    const Rule made = rule(type, okIf, limit, unit);
                    RC_ASSERT(judge(made, answerKeeping(made, margin)).kept);
                }
    });
    EXPECT_TRUE(judge(choice("no"), answerKeeping(choice("no"))).kept);
    // 4 h, half as much again: 6 h.
    EXPECT_EQ(answerKeeping(rule(AnswerType::TimeSince, Comparison::AtLeast, 4.0, "h"), 0.5).ago, Hours(6.0));
}

} // namespace
} // namespace fusain::readiness::readiness_test

// A perfect trainee meets every goal of every case, a careless one misses exactly what was planted.
#include "procedure/practice/debrief.hpp"
#include "support/hydrostatic_run.hpp"

#include <algorithm>
#include <gtest/gtest.h>

namespace fusain {
namespace {

using testing::dataFile;

std::vector<PracticeCase> cases() {
    std::vector<PracticeCase> read;
    for (const Json& each : dataFile("practice/cases.json")) {
        auto practice = practiceCaseFromJson(each, "cases.json");
        EXPECT_TRUE(practice) << practice.error().english();
        read.push_back(std::move(*practice));
    }
    return read;
}
Protocol protocolOf(const std::string& method) {
    return *protocolFromJson(dataFile("protocols/" + method + ".json"), method);
}

// The record that a trainee leaves behind, as far as goals look at it.
struct Trainee {
    bool writesDown = true; ///< what the client really says
    bool stops = true;      ///< where a rule blocks
    bool setsAside = true;  ///< a reading that a fault of the instrument spoilt
};

template <class List>
void addReadings(List& readings, bool faulty, bool setsAside) {
    readings.resize(faulty ? 4 : 3);
    if (faulty && setsAside)
        readings[0].setAsideReason = "disturbed";
}

AnyTest recordOf(const PracticeCase& practice, const Trainee& trainee) {
    AnyTest any = emptyTest(practice.method);
    const Protocol protocol = protocolOf(practice.method);
    bool blocked = false;
    std::visit(
        [&](auto& test) {
            for (const auto* rules : {&protocol.screening, &protocol.readiness})
                for (const auto& rule : *rules) {
                    const auto own = practice.answers.find(rule.id);
                    const auto answer = trainee.writesDown && own != practice.answers.end()
                                            ? own->second
                                            : readiness::answerKeeping(rule, 0.2);
                    AnsweredQuestion answered;
                    answered.rule = rule.id;
                    answered.answer = answer;
                    answered.finding = readiness::judge(rule, answer);
                    blocked |= !answered.finding.kept && answered.finding.action == readiness::Action::Blocked;
                    test.answers.push_back(answered);
                }
            const bool fear = practice.id == "tank-fear" && trainee.writesDown;
            test.state = (blocked || fear) && trainee.stops ? TestState::Refused : TestState::Signed;
        },
        any);
    const bool faulty = !practice.faults.empty();
    if (auto* tank = std::get_if<HydrostaticTest>(&any))
        addReadings(tank->trials, faulty, trainee.setsAside);
    else if (auto* chamber = std::get_if<ChamberTest>(&any))
        addReadings(chamber->trials, faulty, trainee.setsAside);
    else if (auto* impedance = std::get_if<ImpedanceTest>(&any))
        addReadings(impedance->sweeps, faulty, trainee.setsAside);
    else
        addReadings(std::get<DxaTest>(any).scans, faulty, trainee.setsAside);
    return any;
}

TEST(PracticeCases, AreAtLeastTwentyFourOverTheFourMethods) {
    const auto all = cases();
    EXPECT_GE(all.size(), 24u);
    for (const std::string_view method : methods)
        EXPECT_GE(std::ranges::count(all, method, &PracticeCase::method), 5) << method;
}

TEST(PracticeCases, AskOnlyForRulesThatTheProtocolAsks) {
    for (const PracticeCase& practice : cases()) {
        const Protocol protocol = protocolOf(practice.method);
        for (const auto& [rule, answer] : practice.answers) {
            ASSERT_TRUE(protocol.find(rule)) << practice.id << ' ' << rule;
            EXPECT_FALSE(readiness::judge(*protocol.find(rule), answer).kept) << practice.id << ' ' << rule;
        }
    }
}

TEST(PracticeCases, APerfectTraineeMeetsEveryGoal) {
    for (const PracticeCase& practice : cases()) {
        const auto debrief = debriefOf(practice, recordOf(practice, {}), nullptr, Instant{});
        EXPECT_DOUBLE_EQ(debrief.score(), 1.0) << practice.id;
    }
}

TEST(PracticeCases, ACarelessTraineeMissesExactlyWhatWasPlanted) {
    for (const PracticeCase& practice : cases()) {
        const auto debrief = debriefOf(practice, recordOf(practice, {false, false, false}), nullptr, Instant{});
        const bool planted = !practice.faults.empty() || !practice.answers.empty();
        // The splash only costs trials, which even the careless weigh.
        const int missed = static_cast<int>(debrief.goals.size()) - debrief.met;
        EXPECT_EQ(missed, planted && practice.id != "tank-splash" ? static_cast<int>(debrief.goals.size()) : 0)
            << practice.id;
    }
}

TEST(PracticeCases, SettingAsideAGoodReadingIsInvented) {
    const auto all = cases();
    const auto plain = std::ranges::find(all, "tank-plain", &PracticeCase::id);
    AnyTest test = recordOf(*plain, {});
    std::get<HydrostaticTest>(test).trials[0].setAsideReason = "looked odd";
    EXPECT_EQ(debriefOf(*plain, test, nullptr, Instant{}).met, 1);
}

TEST(PracticeCases, ACaseWithMissingPartsIsRefused) {
    Json json = dataFile("practice/cases.json").at(0);
    json["expect"] = Json::array();
    EXPECT_FALSE(practiceCaseFromJson(json, "mine.json"));
    json = dataFile("practice/cases.json").at(0);
    json["person"].erase("fat_fraction");
    EXPECT_NE(practiceCaseFromJson(json, "mine.json").error().english().find("fat_fraction"),
              std::string::npos);
    json = dataFile("practice/cases.json").at(0);
    json["method"] = "calipers";
    EXPECT_FALSE(practiceCaseFromJson(json, "mine.json"));
}

} // namespace
} // namespace fusain

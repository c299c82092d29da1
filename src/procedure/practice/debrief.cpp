#include "procedure/practice/debrief.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

template <class List>
void countReadings(std::map<std::string, double>& facts, const List& readings) {
    for (const auto& each : readings)
        ++facts[each.counts() ? "trials" : "set-aside"];
}

} // namespace

std::map<std::string, double> practiceFacts(const AnyTest& test) {
    const RawTest& record = common(test);
    std::map<std::string, double> facts{{"signed", record.state == TestState::Signed ? 1.0 : 0.0},
                                        {"refused", record.state == TestState::Refused ? 1.0 : 0.0},
                                        {"trials", 0.0},
                                        {"set-aside", 0.0}};
    if (const auto* tank = std::get_if<HydrostaticTest>(&test))
        countReadings(facts, tank->trials);
    else if (const auto* chamber = std::get_if<ChamberTest>(&test))
        countReadings(facts, chamber->trials);
    else if (const auto* impedance = std::get_if<ImpedanceTest>(&test))
        countReadings(facts, impedance->sweeps);
    else
        countReadings(facts, std::get<DxaTest>(test).scans);
    facts["drift-noticed"] = std::min(1.0, facts["refused"] + facts["set-aside"]);
    for (const AnsweredQuestion& answer : record.answers)
        facts["answer." + answer.rule + ".broken"] = answer.finding.kept ? 0.0 : 1.0;
    return facts;
}

std::optional<bool> Debrief::holdsTruth() const {
    if (!measured || !halfInterval || !truth)
        return std::nullopt;
    return std::abs(*measured - *truth) <= *halfInterval;
}

Debrief debriefOf(const PracticeCase& practice, const AnyTest& test, const ComputedTest* computed,
                  Instant end) {
    Debrief debrief;
    const auto facts = practiceFacts(test);
    for (const PracticeGoal& goal : practice.goals) {
        const auto fact = facts.find(goal.fact);
        const bool met =
            fact != facts.end() && fact->second >= goal.least && (!goal.most || fact->second <= *goal.most);
        debrief.goals.push_back({&goal, met});
        debrief.met += met;
    }
    debrief.truth = 100.0 * practice.person.at("fat_fraction").get<double>();
    if (const auto* composition = computed ? computed->composition() : nullptr) {
        debrief.measured = composition->fatPercent.estimate().value();
        debrief.halfInterval = normal95 * composition->fatPercent.totalError().value();
    }
    debrief.minutes = minutesBetween(common(test).startedAt, end);
    return debrief;
}

} // namespace fusain

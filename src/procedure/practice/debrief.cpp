#include "procedure/practice/debrief.hpp"

#include "record/base/json.hpp"

#include <algorithm>
#include <cmath>
#include <ranges>

namespace fusain {
namespace {

template <class List>
void countReadings(std::map<std::string, double>& facts, const List& readings, const PracticeLog& log) {
    for (const auto& each : readings) {
        const auto* recording = log.before(each.at);
        const bool spoilt = recording && !recording->spoiltBy.empty();
        ++facts[each.counts() ? "trials" : "set-aside"];
        if (each.counts() == spoilt)
            ++facts[spoilt ? "spoilt-used" : "good-set-aside"];
    }
}

// What nobody asked or did is not known, and meets nothing.
bool holds(const PracticeGoal& goal, const std::map<std::string, double>& facts) {
    const auto fact = facts.find(goal.fact);
    return fact != facts.end() && fact->second >= goal.least && (!goal.most || fact->second <= *goal.most);
}

} // namespace

std::map<std::string, double> practiceFacts(const AnyTest& test, const PracticeLog& log) {
    const RawTest& record = common(test);
    std::map<std::string, double> facts{{"signed", record.state == TestState::Signed ? 1.0 : 0.0},
                                        {"refused", record.state == TestState::Refused ? 1.0 : 0.0},
                                        {"trials", 0.0},
                                        {"set-aside", 0.0},
                                        {"spoilt-used", 0.0},
                                        {"good-set-aside", 0.0},
                                        {"vain", 0.0}};
    Methods::with(methodOf(test), [&]<class Method> {
        countReadings(facts, Method::readings(std::get<typename Method::Record>(test)), log);
    });
    for (const PracticeLog::Act& act : log.acts) {
        ++facts["did." + act.id];
        facts["vain"] += act.calledFor ? 0.0 : 1.0;
    }
    facts["invented"] = facts["good-set-aside"] + facts["vain"];
    facts["answered"] = static_cast<double>(record.answers.size());
    for (const AnsweredQuestion& answer : record.answers)
        facts["answer." + answer.rule + ".broken"] = answer.finding.kept ? 0.0 : 1.0;
    return facts;
}

std::optional<bool> Debrief::holdsTruth() const {
    if (!measured || !halfInterval || !truth)
        return std::nullopt;
    return std::abs((*measured - *truth).value()) <= halfInterval->value();
}

const PracticeGoal* Debrief::next() const {
    for (const GoalKind kind : {GoalKind::Catch, GoalKind::Finish, GoalKind::Restraint})
        for (const GoalOutcome& outcome : goals)
            if (!outcome.met && outcome.goal->kind == kind)
                return outcome.goal;
    return nullptr;
}

Debrief debriefOf(const PracticeCase& practice, const AnyTest& test, const PracticeLog& log,
                  const ComputedTest* computed, Instant end) {
    Debrief debrief;
    const auto facts = practiceFacts(test, log);
    for (const PracticeGoal& goal : practice.goals) {
        const bool met = holds(goal, facts);
        debrief.goals.push_back({&goal, met});
        debrief.met += met;
        debrief.caught += met && goal.kind == GoalKind::Catch;
        debrief.missed += !met && goal.kind != GoalKind::Restraint; // a restraint that fails is invented
    }
    debrief.invented = static_cast<int>(facts.at("invented"));
    debrief.truth = Percent(100.0 * practice.person->at("fat_fraction").get<double>());
    if (const auto* composition = computed ? computed->composition() : nullptr) {
        debrief.measured = composition->fatPercent.estimate();
        debrief.halfInterval = composition->fatPercent.halfInterval();
    }
    debrief.minutes = minutesBetween(common(test).startedAt, end);
    return debrief;
}

std::vector<MethodProgress> progressOver(std::span<const PracticeCase> cases,
                                         std::span<const AttemptScore> attempts) {
    const auto latestFirst = attempts | std::views::reverse;
    std::vector<MethodProgress> progress;
    for (const std::string_view method : methods) {
        MethodProgress line{method};
        for (const PracticeCase& practice : cases) {
            if (practice.method != method)
                continue;
            ++line.cases;
            const auto last = std::ranges::find(latestFirst, practice.id, &AttemptScore::caseId);
            if (last == latestFirst.end() || last->score < 1.0)
                continue;
            ++line.met;
            line.alone += !last->helped;
        }
        progress.push_back(line);
    }
    return progress;
}

} // namespace fusain

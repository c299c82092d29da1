#include "desktop/places/practice/attempts.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/services/lab_policies.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"

#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr auto readingSetting = "practice-reading.";

} // namespace

void Attempts::read() {
    if (readAt_ == session_.book().eventCount())
        return;
    readAt_ = session_.book().eventCount();
    const auto& cases = session_.catalogue().practice;
    for (const auto& [key, value] : session_.book().settingsUnder(std::string(practiceLogKey))) {
        const std::string testId = key.substr(practiceLogKey.size());
        if (finished_.contains(testId))
            continue;
        const auto log = practiceLogOf(session_.book(), testId);
        const auto practice = log ? std::ranges::find(cases, log->caseId, &PracticeCase::id) : cases.end();
        const auto test = session_.book().test(testId);
        if (practice == cases.end() || !test || common(*test).state == TestState::Running)
            continue;
        const auto computed = session_.computing().computed(*test);
        const auto events = session_.book().eventsOf(testId);
        const Instant start = common(*test).startedAt, end = events.empty() ? start : events.back().at;
        finished_.emplace(testId,
                          Attempt{&*practice, testId, start, *log,
                                  debriefOf(*practice, *test, *log, computed ? &*computed : nullptr, end),
                                  replayOf(*test, *log, end)});
    }
}

std::vector<const Attempt*> Attempts::all() {
    read();
    std::vector<const Attempt*> ordered;
    for (const auto& [id, attempt] : finished_)
        ordered.push_back(&attempt);
    std::ranges::stable_sort(ordered, {}, [](const Attempt* each) { return each->at; });
    return ordered;
}

const Attempt* Attempts::lastOf(const std::string& caseId, const std::string& trainee) {
    const Attempt* last = nullptr;
    for (const Attempt* each : all())
        if (each->practice->id == caseId && (trainee.empty() || each->log.trainee == trainee))
            last = each;
    return last;
}

std::vector<std::string> Attempts::trainees() {
    std::vector<std::string> ids;
    const auto add = [&ids](const std::string& id) {
        if (std::ranges::find(ids, id) == ids.end())
            ids.push_back(id);
    };
    for (const Attempt* each : all())
        add(each->log.trainee);
    for (const ReadingAttempt& each : readings())
        add(each.trainee);
    return ids;
}

std::vector<MethodProgress> Attempts::progressOf(const std::string& trainee) {
    std::vector<AttemptScore> scores;
    for (const Attempt* each : all())
        if (each->log.trainee == trainee)
            scores.push_back({each->practice->id, each->at, each->debrief.score(), each->helped()});
    return progressOver(session_.catalogue().practice, scores);
}

std::vector<ReadingAttempt> Attempts::readings() {
    std::vector<ReadingAttempt> answered;
    for (const auto& [key, value] : session_.book().settingsUnder(readingSetting)) {
        const auto json = parseJson(value, key);
        const auto attempt =
            json ? readDocument(key,
                                [&] {
                                    return ReadingAttempt{
                                        json->at("exercise").get<std::string>(),
                                        json->at("trainee").get<std::string>(),
                                        instantFromIso(json->at("at").get<std::string>()).value_or(Instant{}),
                                        json->at("right").get<int>(), json->at("asked").get<int>()};
                                })
                 : tl::unexpected(json.error());
        if (attempt)
            answered.push_back(*attempt);
    }
    std::ranges::stable_sort(answered, {}, &ReadingAttempt::at);
    return answered;
}

Expected<void> Attempts::keep(const ReadingAttempt& attempt) {
    return session_.book().setSetting(readingSetting + session_.freshId("reading"),
                                      Json{{"exercise", attempt.exercise},
                                           {"trainee", attempt.trainee},
                                           {"at", isoText(attempt.at)},
                                           {"right", attempt.right},
                                           {"asked", attempt.asked}}
                                          .dump(),
                                      attempt.trainee);
}

std::optional<simulation::Cost> Attempts::costOf(const PracticeCase& practice, const std::string& fault) {
    const auto [cost, fresh] = costs_.try_emplace(practice.id + '|' + fault);
    if (fresh) {
        simulation::Experiment experiment;
        experiment.method = practice.method;
        experiment.body = simulation::trueBodyFromJson(practice.person);
        cost->second = simulation::costOf(fault, experiment, session_.policies().forNewTest(practice.method),
                                          session_.catalogue().protocolFor(practice.method));
    }
    return cost->second;
}

} // namespace fusain::desktop

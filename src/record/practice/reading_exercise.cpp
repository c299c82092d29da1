#include "record/practice/reading_exercise.hpp"

#include "record/all/record.hpp"
#include "record/base/json_lists.hpp"
#include "record/practice/practice_case.hpp"

#include <algorithm>

namespace fusain {
namespace {

ReadingVisit visitFrom(const Json& json) {
    ReadingVisit visit;
    visit.weeksAgo = json.at("weeks_ago").get<double>();
    visit.method = json.at("method").get<std::string>();
    checkMethod(visit.method, json);
    visit.person = json.value("person", Json::object());
    visit.waterShift = json.value("water_shift", 1.0);
    const Json answers = json.value("answers", Json::object());
    for (const auto& [rule, answer] : answers.items())
        visit.answers[rule] = practiceAnswerFromJson(answer);
    visit.software = json.value("software", "");
    visit.startsAtHour = json.value("starts_at_hour", 8.0);
    return visit;
}

} // namespace

Expected<ReadingExercise> readingExerciseFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        ReadingExercise read;
        read.id = json.at("id").get<std::string>();
        read.title = json.at("title").get<std::string>();
        read.story = json.at("story").get<std::string>();
        read.person = json.at("person");
        read.seed = json.value("seed", 1);
        readList(json, "visits", read.visits, visitFrom);
        read.quantities = json.at("ask").get<std::vector<std::string>>();
        if (read.quantities.empty())
            throw Json::other_error::create(501, "an exercise asks for at least one quantity", &json);
        if (read.visits.size() < 2 ||
            !std::ranges::is_sorted(read.visits, std::ranges::greater(), &ReadingVisit::weeksAgo))
            throw Json::other_error::create(501, "an exercise has two visits or more, the oldest first", &json);
        return read;
    });
}

} // namespace fusain

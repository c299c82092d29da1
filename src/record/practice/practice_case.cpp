#include "record/practice/practice_case.hpp"

#include "record/all/record.hpp"
#include "record/base/json_lists.hpp"

#include <algorithm>

namespace fusain {
namespace {

[[noreturn]] void refuse(const std::string& why, const Json& at) {
    throw Json::other_error::create(501, why, &at);
}

Date dateAt(const Json& json, const char* key) {
    const auto date = dateFromIso(json.at(key).get<std::string>());
    if (!date)
        refuse(std::string(key) + " is not a date", json);
    return *date;
}

GoalKind goalKindFrom(const Json& json) {
    const std::string kind = json.value("kind", "catch");
    if (kind == "catch")
        return GoalKind::Catch;
    if (kind == "restraint")
        return GoalKind::Restraint;
    if (kind != "finish")
        refuse("kind is catch, restraint or finish", json);
    return GoalKind::Finish;
}

PracticeGoal goalFrom(const Json& json) {
    return {json.at("id").get<std::string>(),   goalKindFrom(json),
            json.at("say").get<std::string>(),  json.value("missed", json.at("say").get<std::string>()),
            json.at("fact").get<std::string>(), json.value("least", 1.0),
            optionalAt<double>(json, "most"),   json.value("cost", ""),
            json.value("practise", "")};
}

PracticeFault faultFrom(const Json& json) {
    if (json.is_string())
        return {json.get<std::string>(), {}};
    return {json.at("fault").get<std::string>(), json.value("recordings", std::vector<int>{})};
}

PracticeRemark remarkFrom(const Json& json) {
    return {json.at("step").get<std::string>(), json.at("say").get<std::string>()};
}

PracticeChecks checksFrom(const Json& json) {
    return {json.at("instrument").get<std::string>(), json.at("check").get<std::string>(),
            json.at("readings").get<std::vector<double>>()};
}

PracticeEarlier earlierFrom(const Json& json) {
    PracticeEarlier earlier{json.at("weeks_ago").get<double>(), json.value("person", Json::object())};
    if (earlier.weeksAgo <= 0.0)
        refuse("an earlier test lies weeks ago", json);
    return earlier;
}

PracticeMistaken mistakenFrom(const Json& json) {
    return {json.at("name").get<std::string>(), dateAt(json, "born"), json.at("height_cm").get<double>()};
}

} // namespace

void checkMethod(const std::string& method, const Json& at) {
    if (std::ranges::find(methods, method) == methods.end())
        refuse("unknown method \"" + method + "\"", at);
}

readiness::Answer practiceAnswerFromJson(const Json& json) {
    readiness::Answer answer;
    answer.hoursSince = optionalAt<double>(json, "hours");
    answer.number = optionalAt<double>(json, "number");
    answer.choice = json.value("choice", "");
    if (answer.unknown())
        refuse("an answer has hours, a number or a choice", json);
    return answer;
}

Expected<PracticeCase> practiceCaseFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        PracticeCase read;
        read.id = json.at("id").get<std::string>();
        read.method = json.at("method").get<std::string>();
        checkMethod(read.method, json);
        read.title = json.at("title").get<std::string>();
        read.level = json.at("level").get<std::string>();
        if (read.level != "plain" && read.level != "harder" && read.level != "nasty")
            refuse("level is plain, harder or nasty", json);
        read.story = json.at("story").get<std::string>();
        read.name = json.at("name").get<std::string>();
        read.birthDate = dateAt(json, "born");
        read.person = json.at("person");
        for (const char* needed : {"sex", "mass_kg", "fat_fraction", "height_cm"})
            static_cast<void>(read.person->at(needed));
        readList(json, "faults", read.faults, faultFrom);
        const Json answers = json.value("answers", Json::object());
        for (const auto& [rule, answer] : answers.items())
            read.answers[rule] = practiceAnswerFromJson(answer);
        readList(json, "remarks", read.remarks, remarkFrom);
        read.hints = json.value("hints", std::map<std::string, std::string>{});
        readList(json, "checks", read.checks, checksFrom);
        readIf(json, "earlier", read.earlier, earlierFrom);
        readIf(json, "mistaken_for", read.mistaken, mistakenFrom);
        for (const Json& goal : json.at("expect"))
            read.goals.push_back(goalFrom(goal));
        if (read.goals.empty())
            refuse("a case has at least one goal", json);
        return read;
    });
}

Expected<PracticeAct> practiceActFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        PracticeAct act{json.at("id").get<std::string>(), json.at("methods").get<std::vector<std::string>>(),
                        json.at("say").get<std::string>(), json.at("helped").get<std::string>(),
                        json.at("in_vain").get<std::string>()};
        for (const std::string& method : act.methods)
            checkMethod(method, json);
        return act;
    });
}

} // namespace fusain

#include "record/practice_case.hpp"

#include "record/any_test.hpp"

#include <algorithm>

namespace fusain {
namespace {

[[noreturn]] void refuse(const std::string& why, const Json& at) {
    throw Json::other_error::create(501, why, &at);
}

readiness::Answer answerFrom(const Json& json) {
    readiness::Answer answer;
    answer.hoursSince = optionalAt<double>(json, "hours");
    answer.number = optionalAt<double>(json, "number");
    answer.choice = json.value("choice", "");
    if (answer.unknown())
        refuse("an answer has hours, a number or a choice", json);
    return answer;
}

PracticeGoal goalFrom(const Json& json) {
    return {json.at("id").get<std::string>(),   json.at("say").get<std::string>(),
            json.at("fact").get<std::string>(), json.value("least", 1.0),
            optionalAt<double>(json, "most"),   json.value("cost", ""),
            json.value("practise", "")};
}

} // namespace

Expected<PracticeCase> practiceCaseFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        PracticeCase read;
        read.id = json.at("id").get<std::string>();
        read.method = json.at("method").get<std::string>();
        if (std::ranges::find(methods, read.method) == methods.end())
            refuse("unknown method \"" + read.method + "\"", json);
        read.title = json.at("title").get<std::string>();
        read.level = json.at("level").get<std::string>();
        if (read.level != "plain" && read.level != "harder" && read.level != "nasty")
            refuse("level is plain, harder or nasty", json);
        read.story = json.at("story").get<std::string>();
        read.person = json.at("person");
        for (const char* needed : {"sex", "mass_kg", "fat_fraction", "height_cm"})
            static_cast<void>(read.person.at(needed));
        read.faults = json.value("faults", std::vector<std::string>{});
        const Json answers = json.value("answers", Json::object());
        for (const auto& [rule, answer] : answers.items())
            read.answers[rule] = answerFrom(answer);
        for (const Json& goal : json.at("expect"))
            read.goals.push_back(goalFrom(goal));
        if (read.goals.empty())
            refuse("a case has at least one goal", json);
        return read;
    });
}

} // namespace fusain

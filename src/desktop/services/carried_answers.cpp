#include "desktop/services/carried_answers.hpp"

#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

#include <algorithm>

namespace fusain::desktop {
namespace {

// Of one topic, the same kind of answer.
bool aboutTheSame(const readiness::Rule& rule, const readiness::Rule& other, const PreparationTexts& texts) {
    if (rule.id == other.id)
        return true;
    const auto has = [](const PreparationTopic& topic, const std::string& id) {
        return std::ranges::find(topic.rules, id) != topic.rules.end();
    };
    return rule.type == other.type && rule.unit == other.unit &&
           std::ranges::any_of(texts.topics, [&](const PreparationTopic& topic) {
               return has(topic, rule.id) && has(topic, other.id);
           });
}

std::optional<readiness::Answer> asItStandsNow(const AnsweredQuestion& given, const readiness::Rule& rule,
                                               Instant now) {
    readiness::Answer answer = given.answer;
    if (answer.keptAsTold != readiness::KeptAsTold::No)
        return given.rule == rule.id ? std::optional(answer) : std::nullopt;
    if (answer.number)
        return std::nullopt; // a temperature or minutes of lying are of their moment
    if (!answer.choice.empty() && std::ranges::find(rule.choices, answer.choice) == rule.choices.end())
        return std::nullopt;
    if (answer.hoursSince)
        answer.hoursSince = *answer.hoursSince + minutesBetween(given.at, now) / 60.0;
    return answer.unknown() ? std::nullopt : std::optional(answer);
}

} // namespace

std::optional<CarriedAnswer> carriedAnswer(Session& session, const readiness::Rule& rule) {
    const RawTest& own = session.run()->record();
    std::optional<CarriedAnswer> latest;
    for (const AnyTest& test : session.book().testsOf(own.subject.clientId)) {
        const RawTest& record = common(test);
        if (record.id == own.id || !report::sameDay(record.startedAt, session.now()))
            continue;
        const Protocol& protocol = session.protocolFor(methodOf(test));
        for (const AnsweredQuestion& given : record.answers) {
            const readiness::Rule* asked = protocol.find(given.rule);
            if (!asked || !aboutTheSame(rule, *asked, session.catalogue().preparation) ||
                (latest && given.at < latest->at))
                continue;
            if (const auto answer = asItStandsNow(given, rule, session.now()))
                latest = CarriedAnswer{*answer, given.at, std::string(methodOf(test))};
        }
    }
    return latest;
}

} // namespace fusain::desktop

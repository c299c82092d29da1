#include "desktop/services/carried_answers.hpp"

#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <algorithm>

namespace fusain::desktop {
namespace {

// The very same question, whichever protocol asks it: two that are only alike may have different answers.
bool isSameQuestion(const AnsweredQuestion& given, const readiness::Rule& rule) {
    return given.rule == rule.id || (given.question == rule.question && rule.appliesIf != "repeat test");
}

std::optional<readiness::Answer> asItStandsNow(const AnsweredQuestion& given, const readiness::Rule& rule,
                                               Instant now) {
    readiness::Answer answer = given.answer;
    if (answer.keptAsTold != readiness::KeptAsTold::No)
        return given.rule == rule.id ? std::optional(answer) : std::nullopt;
    const bool time = answer.ago || answer.never;
    if (time != (rule.type == readiness::AnswerType::TimeSince) || answer.number || answer.unknown())
        return std::nullopt; // a temperature or minutes of lying are of their moment
    if (!answer.choice.empty() && std::ranges::find(rule.choices, answer.choice) == rule.choices.end())
        return std::nullopt;
    if (answer.ago)
        answer.ago = *answer.ago + Hours(minutesBetween(given.at, now) / 60.0);
    return answer;
}

void takeToday(SaidBefore& said, const AnsweredQuestion& given, const readiness::Rule& rule, Instant now) {
    const auto known = said.today.find(rule.id);
    if (known != said.today.end() && given.at < known->second.at)
        return;
    if (const auto answer = asItStandsNow(given, rule, now))
        said.today.insert_or_assign(rule.id, CarriedAnswer{*answer, given.at});
}

} // namespace

SaidBefore saidBefore(Session& session, std::span<const readiness::Rule* const> rules) {
    const RawTest& own = session.run()->record();
    SaidBefore said;
    for (const AnyTest& test : session.book().testsOf(own.subject.clientId)) {
        const RawTest& record = common(test);
        if (record.id == own.id)
            continue;
        const bool today = report::sameDay(record.startedAt, session.now());
        for (const readiness::Rule* rule : rules)
            for (const AnsweredQuestion& given : record.answers) {
                if (given.rule == rule->id && record.startedAt < own.startedAt)
                    said.last.insert_or_assign(rule->id, given.answer);
                if (today && isSameQuestion(given, *rule))
                    takeToday(said, given, *rule, session.now());
            }
    }
    return said;
}

} // namespace fusain::desktop

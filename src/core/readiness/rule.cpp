#include "core/readiness/rule.hpp"

namespace fusain::readiness {
namespace {

bool holds(Comparison comparison, double value, double limit) {
    switch (comparison) {
    case Comparison::AtLeast:
        return value >= limit;
    case Comparison::MoreThan:
        return value > limit;
    case Comparison::AtMost:
        return value <= limit;
    case Comparison::LessThan:
        return value < limit;
    case Comparison::Equals:
        return value == limit;
    }
    return false;
}

bool keeps(const Rule& rule, const Answer& answer) {
    if (answer.keptAsTold != KeptAsTold::No)
        return answer.keptAsTold == KeptAsTold::List || rule.mayAskGroup;
    switch (rule.type) {
    case AnswerType::TimeSince:
        if (answer.never)
            return rule.okIf == Comparison::AtLeast || rule.okIf == Comparison::MoreThan;
        return answer.ago && holds(rule.okIf, answer.ago->value(), limitHours(rule));
    case AnswerType::Number:
        return answer.number && holds(rule.okIf, *answer.number, rule.limit);
    case AnswerType::Choice:
        return answer.choice == rule.limitChoice; // "not sure" is no "no"
    }
    return false;
}

} // namespace

double limitHours(const Rule& rule) {
    if (rule.unit == "min")
        return rule.limit / 60.0;
    return rule.unit == "d" || rule.unit == "days" ? rule.limit * 24.0 : rule.limit;
}

Answer answerKeeping(const Rule& rule, double margin) {
    const bool wantsMore = rule.okIf == Comparison::AtLeast || rule.okIf == Comparison::MoreThan;
    const double factor = wantsMore ? 1.0 + margin : 1.0 - margin;
    Answer answer;
    if (rule.type == AnswerType::Choice)
        answer.choice = rule.limitChoice;
    else if (rule.type == AnswerType::Number)
        answer.number = rule.limit * factor;
    else
        answer.ago = Hours(limitHours(rule) * factor);
    return answer;
}

bool growsWithTime(const Rule& rule) {
    return rule.type == AnswerType::Number && rule.unit == "min" && rule.okIf == Comparison::AtLeast;
}

Finding judge(const Rule& rule, const Answer& answer) {
    Finding finding;
    finding.kept = keeps(rule, answer);
    if (finding.kept)
        return finding;
    finding.action = rule.actionIfBroken;
    if (rule.type == AnswerType::TimeSince && rule.okIf == Comparison::AtLeast && answer.ago)
        finding.wait = Minutes((limitHours(rule) - answer.ago->value()) * 60.0);
    if (growsWithTime(rule) && answer.number)
        finding.wait = Minutes(rule.limit - *answer.number);
    return finding;
}

} // namespace fusain::readiness

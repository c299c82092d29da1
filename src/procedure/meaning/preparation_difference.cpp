#include "procedure/meaning/preparation_difference.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

constexpr double noticeableHours = 2.0, spoilingHours = 6.0;

// By how much the later test was later in its day; across midnight the shorter way round.
double hoursLaterInTheDay(const RawTest& now, const RawTest& earlier) {
    constexpr double minutesOfDay = 24.0 * 60.0;
    const double days = minutesBetween(earlier.startedAt, now.startedAt) / minutesOfDay;
    return (days - std::round(days)) * 24.0;
}

Message timeOfDayInWords(double hoursLater) {
    return {hoursLater > 0.0
                ? FUSAIN_TEXT("{1} hours later in the day than at the earlier test: fluid and food differ.")
                : FUSAIN_TEXT("{1} hours earlier in the day than at the earlier test: fluid and food differ."),
            {fixed(std::abs(hoursLater), 0)}};
}

Message inWords(const PreparationDifference& difference, const readiness::Rule& rule) {
    using readiness::Effect;
    return {
        difference.effect == Effect::Noise
            ? FUSAIN_TEXT("Differs from the last test: \"{1}\" The change is less certain ({2}).")
        : difference.effect == Effect::Over
            ? FUSAIN_TEXT("Differs from the last test: \"{1}\" Fat may read higher than at that test ({2}).")
            : FUSAIN_TEXT("Differs from the last test: \"{1}\" Fat may read lower than at that test ({2})."),
        {rule.question, rule.effectSize}};
}

} // namespace

std::vector<PreparationDifference> preparedOtherwise(const RawTest& now, const RawTest& earlier) {
    using readiness::Effect;
    std::vector<PreparationDifference> differences;
    if (const double later = hoursLaterInTheDay(now, earlier); std::abs(later) > noticeableHours)
        differences.push_back({{}, {}, Effect::Noise, later});
    for (const AnsweredQuestion& answer : now.answers) {
        const AnsweredQuestion* before = earlier.answerTo(answer.rule);
        if (!before || answer.finding.kept == before->finding.kept || answer.effect == Effect::None)
            continue;
        const bool nowBroken = !answer.finding.kept;
        const bool over = (answer.effect == Effect::Over) == nowBroken;
        differences.push_back({answer.rule, answer.question,
                               answer.effect == Effect::Noise ? Effect::Noise
                               : over                         ? Effect::Over
                                                              : Effect::Under,
                               0.0});
    }
    return differences;
}

std::vector<PreparationDifference> spoilingDifferences(const RawTest& now, const RawTest& earlier) {
    auto differences = preparedOtherwise(now, earlier);
    std::erase_if(differences, [](const PreparationDifference& each) {
        return each.rule.empty() && std::abs(each.hoursLater) <= spoilingHours;
    });
    return differences;
}

std::vector<Message> preparationDifferences(const RawTest& now, const RawTest& earlier,
                                            const Protocol& protocol) {
    std::vector<Message> messages;
    for (const PreparationDifference& difference : preparedOtherwise(now, earlier)) {
        if (difference.rule.empty())
            messages.push_back(timeOfDayInWords(difference.hoursLater));
        else if (const readiness::Rule* rule = protocol.find(difference.rule))
            messages.push_back(inWords(difference, *rule));
    }
    return messages;
}

} // namespace fusain

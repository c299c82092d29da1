#include "procedure/meaning/preparation_difference.hpp"

#include <cmath>

namespace fusain {

std::vector<Message> preparationDifferences(const RawTest& now, const RawTest& earlier,
                                            const Protocol& protocol) {
    constexpr double minutesOfDay = 24.0 * 60.0, noticeable = 120.0;
    std::vector<Message> differences;
    const double days = minutesBetween(earlier.startedAt, now.startedAt) / minutesOfDay;
    const double shift = (days - std::round(days)) * minutesOfDay;
    if (std::abs(shift) > noticeable)
        differences.push_back(
            {shift > 0.0
                 ? FUSAIN_TEXT("{1} hours later in the day than at the earlier test: fluid and food differ.")
                 : FUSAIN_TEXT("{1} hours earlier in the day than at the earlier test: fluid and food differ."),
             {fixed(std::abs(shift) / 60.0, 0)}});
    for (const AnsweredQuestion& answer : now.answers) {
        const AnsweredQuestion* then = earlier.answerTo(answer.rule);
        const readiness::Rule* rule = protocol.find(answer.rule);
        if (!then || !rule || answer.finding.kept == then->finding.kept ||
            answer.effect == readiness::Effect::None)
            continue;
        const bool nowBroken = !answer.finding.kept;
        const bool over = (answer.effect == readiness::Effect::Over) == nowBroken;
        differences.push_back(
            {answer.effect == readiness::Effect::Noise
                 ? FUSAIN_TEXT("Differs from the last test: \"{1}\" The change is less certain ({2}).")
             : over ? FUSAIN_TEXT(
                          "Differs from the last test: \"{1}\" Fat may read higher than at that test ({2}).")
                    : FUSAIN_TEXT(
                          "Differs from the last test: \"{1}\" Fat may read lower than at that test ({2})."),
             {rule->question, rule->effectSize}});
    }
    return differences;
}

} // namespace fusain

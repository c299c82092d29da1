#include "procedure/meaning/change.hpp"

#include "core/quality/precision.hpp"

#include <algorithm>

namespace fusain {

std::optional<Outcome> outcomeOf(const ComputedTest& test) {
    const auto* composition = test.composition();
    if (!composition)
        return std::nullopt;
    return Outcome{test.record().startedAt, test.shared().mass,       *composition,
                   test.shared().repeated,  test.shared().conversion, test.shared().setting};
}

std::optional<Message> obstacleToChange(const Outcome& earlier, const Outcome& now) {
    if (earlier.setting == now.setting)
        return std::nullopt;
    return Message{
        FUSAIN_TEXT("Not comparable with the last test: then {1}, now {2}. No change is computed without a "
                    "cross-calibration."),
        {earlier.setting, now.setting}};
}

Changes changesSince(const Outcome& earlier, const Outcome& now, const LabPrecision& own) {
    // Only what is predicted in both tests, by the same equation, cancels.
    std::vector<Source> repeated;
    if (earlier.conversion == now.conversion)
        std::ranges::copy_if(now.repeated, std::back_inserter(repeated), [&](Source source) {
            return std::ranges::find(earlier.repeated, source) != earlier.repeated.end();
        });
    const auto change = [&](const auto& before, const auto& after, const std::optional<double>& study) {
        const double difference = (after.estimate() - before.estimate()).value();
        return Change{difference, study ? quality::leastSignificantChange(*study)
                                        : quality::leastSignificantChange(repeatError(before, repeated),
                                                                          repeatError(after, repeated))};
    };
    const auto &a = earlier.composition, &b = now.composition;
    return {change(a.fatPercent, b.fatPercent, own.fatPercent), change(a.fatMass, b.fatMass, own.fatMass),
            change(a.fatFreeMass, b.fatFreeMass, own.fatFreeMass)};
}

int monthsToNextTest(const Outcome& outcome) {
    const double limit =
        quality::leastSignificantChange(repeatError(outcome.composition.fatPercent, outcome.repeated));
    return std::clamp(static_cast<int>(std::ceil(limit / 0.5)), 2, 6);
}

} // namespace fusain

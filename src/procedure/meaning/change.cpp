#include "procedure/meaning/change.hpp"

#include "core/quality/precision.hpp"
#include "core/quality/trend.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {

std::optional<Outcome> outcomeOf(const ComputedTest& test) {
    const auto* composition = test.composition();
    if (!composition)
        return std::nullopt;
    return Outcome{test.record().startedAt, test.shared().mass, *composition, test.shared().conversion,
                   test.shared().setting};
}

std::optional<Message> obstacleToChange(const Outcome& earlier, const Outcome& now) {
    if (earlier.setting == now.setting)
        return std::nullopt;
    return Message{
        FUSAIN_TEXT("Not comparable with the last test: then {1}, now {2}. No change is computed without a "
                    "cross-calibration."),
        {earlier.setting, now.setting}};
}

double personErrorOfChange(const Uncertain& before, const Uncertain& after, bool sameEquation) {
    double variance = 0.0;
    for (std::size_t i = 0; i < sourceCount; ++i) {
        if (kindOf(static_cast<Source>(i)) != SourceKind::Person)
            continue;
        const double a = before.shares()[i], b = after.shares()[i];
        variance += sameEquation ? (b - a) * (b - a) : a * a + b * b;
    }
    return std::sqrt(variance);
}

Changes changesSince(const Outcome& earlier, const Outcome& now, const LabPrecision& own) {
    const bool sameEquation = earlier.conversion == now.conversion;
    const auto change = [&](const auto& before, const auto& after, const std::optional<StudiedError>& study) {
        const Uncertain &a = before.uncertain(), &b = after.uncertain();
        return Change{b.estimate() - a.estimate(),
                      quality::leastSignificantChange(std::hypot(visitError(a, study), visitError(b, study)),
                                                      personErrorOfChange(a, b, sameEquation))};
    };
    const auto &a = earlier.composition, &b = now.composition;
    return {change(a.fatPercent, b.fatPercent, own.fatPercent), change(a.fatMass, b.fatMass, own.fatMass),
            change(a.fatFreeMass, b.fatFreeMass, own.fatFreeMass)};
}

double Change::directionProbability() const {
    const double error = leastSignificant / normal95;
    return error > 0.0 ? 0.5 * std::erfc(-std::abs(difference) / error / std::sqrt(2.0)) : 1.0;
}

int weeksToNextTest(const Outcome& outcome, const LabPrecision& own, double pace) {
    constexpr int soonest = 2, latest = 26;
    const double limit =
        quality::leastSignificantChange(visitError(outcome.composition.fatMass.uncertain(), own.fatMass));
    const double days = quality::daysUntilVisible(limit, pace).value_or(0.0);
    return std::clamp(static_cast<int>(std::ceil(days / 7.0)), soonest, latest);
}

Instant weeksAfter(Instant instant, int weeks) {
    return instant.plusMinutes(weeks * 7.0 * 24.0 * 60.0);
}

} // namespace fusain

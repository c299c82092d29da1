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

double FollowedValue::halfInterval() const {
    const double all = std::hypot(shares.errorOf(SourceKind::Repeat), shares.errorOf(SourceKind::Day),
                                  shares.errorOf(SourceKind::Person));
    return normal95 * (all > 0.0 ? all : visitError);
}

Change changeBetween(const FollowedValue& before, const FollowedValue& now) {
    double person = 0.0;
    for (std::size_t i = 0; i < sourceCount; ++i)
        if (kindOf(static_cast<Source>(i)) == SourceKind::Person)
            person = std::hypot(person, now.shares.shares()[i] - before.shares.shares()[i]);
    return {now.value - before.value,
            quality::leastSignificantChange(std::hypot(before.visitError, now.visitError), person)};
}

double Change::directionProbability() const {
    const double error = leastSignificant / normal95;
    return error > 0.0 ? 0.5 * std::erfc(-std::abs(difference) / error / std::sqrt(2.0)) : 1.0;
}

double leastVisibleFat(const Outcome& outcome, const LabPrecision& own) {
    return quality::leastSignificantChange(visitError(outcome.composition.fatMass.uncertain(), own.fatMass));
}

int weeksToNextTest(const Outcome& outcome, const LabPrecision& own, double pace) {
    constexpr int soonest = 2, latest = 26;
    const double days = quality::daysUntilVisible(leastVisibleFat(outcome, own), pace).value_or(0.0);
    return std::clamp(static_cast<int>(std::ceil(days / 7.0)), soonest, latest);
}

Instant weeksAfter(Instant instant, int weeks) {
    return instant.plusMinutes(weeks * 7.0 * 24.0 * 60.0);
}

} // namespace fusain

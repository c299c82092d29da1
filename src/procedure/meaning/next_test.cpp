#include "procedure/meaning/next_test.hpp"

#include "core/quality/precision.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

// Seen, not hoped for: a trend over four visits, or else a change beyond its limit.
std::optional<double> shownPace(const ComputedTest& test, std::span<const ComputedTest> history,
                                const LabPrecision& own) {
    std::vector<ComputedTest> all(history.begin(), history.end());
    all.push_back(test);
    for (const Series& line : seriesOf(Followed::FatMass, all, own))
        if (line.points.back().testId == test.record().id)
            if (const auto trend = trendOf(line); trend && trend->real())
                return trend->perWeek;
    for (auto past = history.rbegin(); past != history.rend(); ++past)
        if (const Comparison since = compare(Followed::FatMass, *past, test, own);
            since.verdict == Verdict::Real)
            return since.perWeek;
    return std::nullopt;
}

} // namespace

std::optional<NextTest> nextTest(const ComputedTest& test, std::span<const ComputedTest> history,
                                 const LabPrecision& own) {
    const auto outcome = outcomeOf(test);
    if (!outcome)
        return std::nullopt;
    NextTest next;
    const Instant day = test.record().startedAt;
    next.leastVisible =
        quality::leastSignificantChange(visitError(outcome->composition.fatMass.uncertain(), own.fatMass));
    next.at = weeksAfter(day, weeksToNextTest(*outcome, own));
    if (const auto pace = shownPace(test, history, own)) {
        next.ownPace = *pace;
        next.atOwnPace = weeksAfter(day, weeksToNextTest(*outcome, own, std::abs(*pace)));
    }
    return next;
}

} // namespace fusain

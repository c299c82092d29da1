#include "procedure/meaning/retest_time.hpp"

#include <algorithm>
#include <cmath>
#include <ranges>

namespace fusain {
namespace {

// Seen, not hoped for: a trend over four visits, or else a change beyond its limit.
std::optional<double> shownPace(std::span<const ComputedTest> upToNow, const LabPrecision& own) {
    const ComputedTest& test = upToNow.back();
    for (const Series& line : seriesOf(Followed::FatMass, upToNow, own))
        if (line.points.back().testId == test.record().id)
            if (const auto trend = trendOf(line); trend && trend->real())
                return trend->perWeek;
    for (const ComputedTest& past : upToNow.first(upToNow.size() - 1) | std::views::reverse)
        if (const Comparison since = compare(Followed::FatMass, past, test, own);
            since.verdict == Verdict::Real)
            return since.perWeek;
    return std::nullopt;
}

} // namespace

std::optional<NextTest> nextTest(std::span<const ComputedTest> upToNow, const LabPrecision& own) {
    const auto outcome = upToNow.empty() ? std::nullopt : outcomeOf(upToNow.back());
    if (!outcome)
        return std::nullopt;
    NextTest next{weeksAfter(outcome->at, weeksToNextTest(*outcome, own)),
                  Kilograms(leastVisibleFat(*outcome, own)),
                  {},
                  {}};
    if (const auto pace = shownPace(upToNow, own)) {
        next.ownPace = KilogramsPerWeek(*pace);
        next.atOwnPace = weeksAfter(outcome->at, weeksToNextTest(*outcome, own, std::abs(*pace)));
    }
    return next;
}

} // namespace fusain

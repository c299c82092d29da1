#include "core/quality/control_chart.hpp"

#include "core/base/message.hpp"
#include "core/numeric/statistics.hpp"
#include "core/units/comparison.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::quality {
namespace {

bool above(double z, double limit) {
    return z > limit + equality;
}
bool below(double z, double limit) {
    return z < -limit - equality;
}

// The last `count` points, this one included, all beyond the same limit.
bool consecutive(std::span<const ChartPoint> points, std::size_t at, std::size_t count, double limit) {
    if (at + 1 < count)
        return false;
    const auto window = points.subspan(at + 1 - count, count);
    return std::ranges::all_of(window, [&](const ChartPoint& point) { return above(point.z, limit); }) ||
           std::ranges::all_of(window, [&](const ChartPoint& point) { return below(point.z, limit); });
}

// Another value of the same run, up to this one, lies beyond 2 SD on the other side.
bool rangeWithinRun(std::span<const ChartPoint> points, std::span<const int> runs, std::size_t at) {
    for (std::size_t i = at; i-- > 0 && runs[i] == runs[at];)
        if ((above(points[i].z, 2.0) && below(points[at].z, 2.0)) ||
            (below(points[i].z, 2.0) && above(points[at].z, 2.0)))
            return true;
    return false;
}

} // namespace

std::optional<Baseline> baselineFrom(std::span<const double> values) {
    if (static_cast<int>(values.size()) < leastBaseline)
        return std::nullopt;
    return Baseline{statistics::mean(values), statistics::standardDeviation(values),
                    static_cast<int>(values.size())};
}

double standardDeviationFromMovingRange(std::span<const double> values) {
    std::vector<double> ranges;
    for (std::size_t i = 1; i < values.size(); ++i)
        ranges.push_back(std::abs(values[i] - values[i - 1]));
    return statistics::mean(ranges) / 1.128;
}

std::string_view inWords(ControlRule rule) {
    switch (rule) {
    case ControlRule::OneTwoS:
        return FUSAIN_TEXT("one beyond 2 SD (warning)");
    case ControlRule::OneThreeS:
        return FUSAIN_TEXT("one beyond 3 SD");
    case ControlRule::TwoTwoS:
        return FUSAIN_TEXT("two in a row beyond the same 2 SD");
    case ControlRule::RangeFourS:
        return FUSAIN_TEXT("4 SD apart within one run");
    case ControlRule::FourOneS:
        return FUSAIN_TEXT("four in a row beyond the same 1 SD");
    case ControlRule::TenX:
        return FUSAIN_TEXT("ten in a row on one side");
    case ControlRule::Cusum:
        return FUSAIN_TEXT("CUSUM limit exceeded");
    case ControlRule::Ewma:
        return FUSAIN_TEXT("the weighted average has moved (EWMA)");
    }
    return "";
}

bool ChartPoint::breaks(ControlRule rule) const {
    return std::ranges::find(rules, rule) != rules.end();
}

bool ChartPoint::rejected() const {
    return std::ranges::any_of(rules, [](ControlRule rule) { return !isWarning(rule); });
}

std::vector<ChartPoint> judgeChart(std::span<const double> values, const Baseline& baseline,
                                   std::span<const int> runs, const ChartSettings& settings) {
    std::vector<ChartPoint> points;
    points.reserve(values.size());
    double high = settings.cusumStart, low = settings.cusumStart, ewma = baseline.mean, forgotten = 1.0;
    const double lambda = settings.ewmaWeight, sd = baseline.standardDeviation;
    for (std::size_t i = 0; i < values.size(); ++i) {
        ChartPoint point;
        point.z = sd > 0.0 ? (values[i] - baseline.mean) / sd : 0.0;
        high = std::max(0.0, point.z - settings.cusumAllowance + high);
        low = std::max(0.0, -point.z - settings.cusumAllowance + low);
        ewma = lambda * values[i] + (1.0 - lambda) * ewma;
        forgotten *= (1.0 - lambda) * (1.0 - lambda);
        point.cusumHigh = high;
        point.cusumLow = low;
        point.ewma = ewma;
        point.ewmaReach = settings.ewmaLimit * sd * std::sqrt(lambda / (2.0 - lambda) * (1.0 - forgotten));
        points.push_back(point);
        const auto flag = [&](ControlRule rule, bool broken) {
            if (broken)
                points[i].rules.push_back(rule);
        };
        flag(ControlRule::OneTwoS, above(point.z, 2.0) || below(point.z, 2.0));
        flag(ControlRule::OneThreeS, above(point.z, 3.0) || below(point.z, 3.0));
        flag(ControlRule::TwoTwoS, consecutive(points, i, 2, 2.0));
        flag(ControlRule::RangeFourS, !runs.empty() && rangeWithinRun(points, runs, i));
        flag(ControlRule::FourOneS, consecutive(points, i, 4, 1.0));
        flag(ControlRule::TenX, consecutive(points, i, 10, 0.0));
        flag(ControlRule::Cusum, high > settings.cusumLimit + equality || low > settings.cusumLimit + equality);
        flag(ControlRule::Ewma, std::abs(ewma - baseline.mean) > point.ewmaReach + equality);
    }
    return points;
}

} // namespace fusain::quality

#include "core/quality/agreement.hpp"

#include "core/numeric/measured.hpp"
#include "core/numeric/statistics.hpp"

#include <algorithm>
#include <boost/math/distributions/students_t.hpp>
#include <cmath>
#include <vector>

namespace fusain::quality {
namespace {

/// Means and mean squares (1/n) of the pairs.
struct Moments {
    double x = 0.0, y = 0.0, xx = 0.0, yy = 0.0, xy = 0.0;
    explicit Moments(std::span<const PairedValue> pairs) {
        const double n = static_cast<double>(pairs.size());
        for (const PairedValue& pair : pairs) {
            x += pair.reference / n;
            y += pair.other / n;
        }
        for (const PairedValue& pair : pairs) {
            xx += (pair.reference - x) * (pair.reference - x) / n;
            yy += (pair.other - y) * (pair.other - y) / n;
            xy += (pair.reference - x) * (pair.other - y) / n;
        }
    }
};

WithInterval around(double value, double half) {
    return {value, value - half, value + half};
}

// Slope of d on the mean, and the chance of such a slope where there is none.
void proportional(Agreement& agreement, std::span<const PairedValue> pairs) {
    std::vector<PairedValue> bySize;
    for (const PairedValue& pair : pairs)
        bySize.push_back({0.5 * (pair.reference + pair.other), pair.other - pair.reference});
    const Moments m(bySize);
    if (m.xx <= 0.0 || m.yy <= 0.0)
        return;
    const double n = static_cast<double>(pairs.size());
    agreement.proportionalSlope = m.xy / m.xx;
    const double r2 = m.xy * m.xy / (m.xx * m.yy);
    if (r2 >= 1.0) {
        agreement.proportionalP = 0.0;
        return;
    }
    const double t = std::sqrt(r2 * (n - 2.0) / (1.0 - r2));
    agreement.proportionalP =
        2.0 * boost::math::cdf(boost::math::complement(boost::math::students_t(n - 2.0), t));
}

WithInterval concordance(const Moments& m, double correlation, double n) {
    const double shift = (m.x - m.y) * (m.x - m.y);
    const double c = 2.0 * m.xy / (m.xx + m.yy + shift);
    const double r = correlation;
    if (std::abs(c) >= 1.0 || r == 0.0)
        return around(c, 0.0);
    const double u2 = shift / std::sqrt(m.xx * m.yy);
    const double oneLess = 1.0 - c * c;
    const double variance = ((1.0 - r * r) * c * c / (oneLess * r * r) +
                             2.0 * c * c * c * (1.0 - c) * u2 / (r * oneLess * oneLess) -
                             c * c * c * c * u2 * u2 / (2.0 * r * r * oneLess * oneLess)) /
                            (n - 2.0);
    const double z = std::atanh(c), half = normal95 * std::sqrt(std::max(0.0, variance));
    return {c, std::tanh(z - half), std::tanh(z + half)};
}

struct Line {
    double slope, intercept;
};
std::optional<Line> deming(std::span<const PairedValue> pairs, double ratio) {
    const Moments m(pairs);
    if (m.xy == 0.0)
        return std::nullopt;
    const double difference = m.yy - ratio * m.xx;
    const double slope =
        (difference + std::sqrt(difference * difference + 4.0 * ratio * m.xy * m.xy)) / (2.0 * m.xy);
    return Line{slope, m.y - slope * m.x};
}

} // namespace

std::optional<Agreement> agreementOf(std::span<const PairedValue> pairs) {
    const Moments m(pairs);
    if (pairs.size() < 3 || m.xx <= 0.0 || m.yy <= 0.0)
        return std::nullopt;
    const double n = static_cast<double>(pairs.size());
    std::vector<double> differences;
    for (const PairedValue& pair : pairs)
        differences.push_back(pair.other - pair.reference);
    Agreement agreement;
    agreement.people = static_cast<int>(pairs.size());
    agreement.deviation = statistics::standardDeviation(differences);
    const double t = statistics::studentT95(n - 1.0), s = agreement.deviation;
    agreement.bias = around(m.y - m.x, t * s / std::sqrt(n));
    const double limitHalf = t * s * std::sqrt(1.0 / n + normal95 * normal95 / (2.0 * (n - 1.0)));
    agreement.lower = around(agreement.bias.value - normal95 * s, limitHalf);
    agreement.upper = around(agreement.bias.value + normal95 * s, limitHalf);
    agreement.correlation = m.xy / std::sqrt(m.xx * m.yy);
    agreement.concordance = concordance(m, agreement.correlation, n);
    proportional(agreement, pairs);
    return agreement;
}

std::optional<DemingLine> demingLine(std::span<const PairedValue> pairs, double errorRatio) {
    const auto whole = pairs.size() < 3 ? std::nullopt : deming(pairs, errorRatio);
    if (!whole || !(errorRatio > 0.0))
        return std::nullopt;
    const double n = static_cast<double>(pairs.size());
    std::vector<double> slopes, intercepts, residuals;
    std::vector<PairedValue> others(pairs.begin() + 1, pairs.end());
    for (std::size_t left = 0; left < pairs.size(); ++left) {
        if (const auto without = deming(others, errorRatio)) {
            slopes.push_back(n * whole->slope - (n - 1.0) * without->slope);
            intercepts.push_back(n * whole->intercept - (n - 1.0) * without->intercept);
        }
        if (left < others.size())
            others[left] = pairs[left];
        residuals.push_back(pairs[left].other - whole->intercept - whole->slope * pairs[left].reference);
    }
    const double t = statistics::studentT95(n - 2.0) / std::sqrt(n);
    DemingLine line;
    line.slope = around(whole->slope, t * statistics::standardDeviation(slopes));
    line.intercept = around(whole->intercept, t * statistics::standardDeviation(intercepts));
    line.errorRatio = errorRatio;
    line.residual = statistics::standardDeviation(residuals) * std::sqrt((n - 1.0) / (n - 2.0));
    line.people = static_cast<int>(pairs.size());
    const auto [least, most] = std::ranges::minmax(pairs, std::ranges::less(), &PairedValue::reference);
    line.least = least.reference;
    line.most = most.reference;
    return line;
}

double leastSignificantChangeConverted(double slope, double firstError, double secondError, double scatter) {
    return normal95 *
           std::sqrt(std::pow(slope * firstError, 2) + secondError * secondError + scatter * scatter);
}

double personalScatter(const DemingLine& line, double referenceError, double otherError) {
    return std::sqrt(std::max(0.0, line.residual * line.residual - otherError * otherError -
                                       std::pow(line.slope.value * referenceError, 2)));
}

} // namespace fusain::quality

#include "core/quality/trend.hpp"

#include "core/numeric/statistics.hpp"

#include <cmath>

namespace fusain::quality {

std::optional<Trend> trendOf(std::span<const DatedValue> visits) {
    const double n = static_cast<double>(visits.size());
    if (visits.size() < visitsForTrend)
        return std::nullopt;
    double day = 0.0, mean = 0.0, square = 0.0, product = 0.0;
    for (const DatedValue& visit : visits) {
        day += visit.days / n;
        mean += visit.value / n;
    }
    for (const DatedValue& visit : visits) {
        square += (visit.days - day) * (visit.days - day);
        product += (visit.days - day) * (visit.value - mean);
    }
    if (square <= 0.0)
        return std::nullopt;
    const double slope = product / square;
    double residual = 0.0;
    for (const DatedValue& visit : visits)
        residual += std::pow(visit.value - mean - slope * (visit.days - day), 2);
    Trend trend;
    trend.perWeek = 7.0 * slope;
    trend.perWeekError = 7.0 * std::sqrt(residual / (n - 2.0) / square);
    trend.half95 = statistics::studentT95(n - 2.0) * trend.perWeekError;
    return trend;
}

std::optional<double> daysUntilVisible(double leastSignificant, double perWeek) {
    if (perWeek == 0.0)
        return std::nullopt;
    return 7.0 * leastSignificant / std::abs(perWeek);
}

} // namespace fusain::quality

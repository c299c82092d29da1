#include "core/quality/precision_study.hpp"

#include "core/numeric/statistics.hpp"
#include "core/quality/precision.hpp"

#include <boost/math/distributions/chi_squared.hpp>
#include <cmath>

namespace fusain::quality {

double upperBoundFactor(int degreesOfFreedom) {
    const double df = std::max(1, degreesOfFreedom);
    return std::sqrt(df / boost::math::quantile(boost::math::chi_squared(df), 0.05));
}

std::optional<Precision> precisionOf(std::span<const std::vector<double>> people) {
    double variance = 0.0, relative = 0.0;
    int df = 0, counted = 0;
    for (const std::vector<double>& repeats : people) {
        if (repeats.size() < 2)
            continue;
        const double sd = statistics::standardDeviation(repeats), mean = statistics::mean(repeats);
        variance += static_cast<double>(repeats.size() - 1) * sd * sd;
        relative += mean != 0.0 ? (sd / mean) * (sd / mean) : 0.0;
        df += static_cast<int>(repeats.size()) - 1;
        ++counted;
    }
    if (df == 0)
        return std::nullopt;
    Precision precision;
    precision.rootMeanSquareSd = std::sqrt(variance / df);
    precision.rootMeanSquareCv = 100.0 * std::sqrt(relative / counted);
    precision.degreesOfFreedom = df;
    precision.upperBound = precision.rootMeanSquareSd * upperBoundFactor(df);
    precision.leastSignificantChange = leastSignificantChange(precision.rootMeanSquareSd);
    return precision;
}

} // namespace fusain::quality

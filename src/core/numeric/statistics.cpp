#include "core/numeric/statistics.hpp"

#include <algorithm>
#include <boost/math/distributions/students_t.hpp>
#include <cmath>
#include <numeric>
#include <vector>

namespace fusain::statistics {

double mean(std::span<const double> values) {
    return values.empty()
               ? 0.0
               : std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
}

double standardDeviation(std::span<const double> values) {
    if (values.size() < 2)
        return 0.0;
    const double centre = mean(values);
    double sum = 0.0;
    for (const double value : values)
        sum += (value - centre) * (value - centre);
    return std::sqrt(sum / static_cast<double>(values.size() - 1));
}

double median(std::span<const double> values) {
    if (values.empty())
        return 0.0;
    std::vector<double> sorted(values.begin(), values.end());
    const auto middle = sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2);
    std::ranges::nth_element(sorted, middle);
    if (sorted.size() % 2 == 1)
        return *middle;
    return 0.5 * (*middle + *std::max_element(sorted.begin(), middle));
}

double spread(std::span<const double> values) {
    if (values.empty())
        return 0.0;
    const auto [low, high] = std::ranges::minmax(values);
    return high - low;
}

double studentT95(double degreesOfFreedom) {
    return boost::math::quantile(boost::math::students_t(std::max(1.0, degreesOfFreedom)), 0.975);
}

} // namespace fusain::statistics

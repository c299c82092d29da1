#pragma once
#include <span>

namespace fusain::statistics {

/// Arithmetic mean; 0 for an empty list.
[[nodiscard]] double mean(std::span<const double> values);
/// Sample standard deviation (n − 1); 0 for fewer than two values.
[[nodiscard]] double standardDeviation(std::span<const double> values);
/// Median (mean of the middle two for an even count); 0 for an empty list.
[[nodiscard]] double median(std::span<const double> values);
/// Largest minus smallest; 0 for an empty list.
[[nodiscard]] double spread(std::span<const double> values);
/// Two-sided 95 % factor of Student's t with `degreesOfFreedom` ≥ 1.
[[nodiscard]] double studentT95(double degreesOfFreedom);

} // namespace fusain::statistics

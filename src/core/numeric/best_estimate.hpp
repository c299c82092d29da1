#pragma once
#include "core/numeric/measured.hpp"

#include <span>

namespace fusain {

/// Several values of one quantity, put together.
struct BestEstimate {
    Uncertain value{0.0};
    std::vector<double> weights; ///< of each value, ≥ 0, summing to 1
};

/// Covariance of two values of one quantity through the sources that are the same error in both.
/// @param same whether the error of a source is the same in both; of every other source they are independent
[[nodiscard]] double covariance(const Uncertain& a, const Uncertain& b, bool (*same)(Source));

/// Standard error of a − b, where some sources are the same error in both.
[[nodiscard]] double errorOfDifference(const Uncertain& a, const Uncertain& b, bool (*same)(Source));

/// The linear unbiased estimate of least variance whose weights are none below 0: of values that lean on one
/// another, one that adds nothing gets none.
/// @param values at least one, none without error
/// @par Source Generalized least squares: Aitken AC (1936), Proc R Soc Edinb 55:42-48.
[[nodiscard]] BestEstimate bestEstimate(std::span<const Uncertain> values, bool (*same)(Source));

} // namespace fusain

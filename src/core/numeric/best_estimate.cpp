#include "core/numeric/best_estimate.hpp"

#include <Eigen/Dense>

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

// Weights of the values that take part, by Σ⁻¹1 scaled to a sum of 1.
Eigen::VectorXd weightsOf(const Eigen::MatrixXd& covariances, const std::vector<int>& taking) {
    const Eigen::MatrixXd part = covariances(taking, taking);
    const Eigen::VectorXd weights =
        part.ldlt().solve(Eigen::VectorXd::Ones(static_cast<Eigen::Index>(taking.size())));
    return weights / weights.sum();
}

Uncertain weighted(std::span<const Uncertain> values, const std::vector<double>& weights,
                   bool (*same)(Source)) {
    double estimate = 0.0;
    Uncertain::Shares shares{};
    for (std::size_t i = 0; i < values.size(); ++i) {
        estimate += weights[i] * values[i].estimate();
        for (std::size_t s = 0; s < sourceCount; ++s) {
            const double share = weights[i] * values[i].shares()[s];
            shares[s] = same(static_cast<Source>(s)) ? shares[s] + share : std::hypot(shares[s], share);
        }
    }
    return {estimate, shares};
}

} // namespace

double covariance(const Uncertain& a, const Uncertain& b, bool (*same)(Source)) {
    double sum = 0.0;
    for (std::size_t s = 0; s < sourceCount; ++s)
        if (same(static_cast<Source>(s)))
            sum += a.shares()[s] * b.shares()[s];
    return sum;
}

double errorOfDifference(const Uncertain& a, const Uncertain& b, bool (*same)(Source)) {
    double variance = 0.0;
    for (std::size_t s = 0; s < sourceCount; ++s) {
        const double x = a.shares()[s], y = b.shares()[s];
        variance += same(static_cast<Source>(s)) ? (x - y) * (x - y) : x * x + y * y;
    }
    return std::sqrt(variance);
}

BestEstimate bestEstimate(std::span<const Uncertain> values, bool (*same)(Source)) {
    const auto count = static_cast<Eigen::Index>(values.size());
    Eigen::MatrixXd covariances(count, count);
    for (Eigen::Index i = 0; i < count; ++i)
        for (Eigen::Index j = 0; j < count; ++j) {
            const Uncertain &a = values[static_cast<std::size_t>(i)], &b = values[static_cast<std::size_t>(j)];
            covariances(i, j) = i == j ? covariance(a, a, [](Source) { return true; }) : covariance(a, b, same);
        }
    std::vector<int> taking;
    for (int i = 0; i < static_cast<int>(count); ++i)
        taking.push_back(i);
    Eigen::VectorXd found = weightsOf(covariances, taking);
    for (Eigen::Index least = 0; taking.size() > 1 && found.minCoeff(&least) < 0.0;
         found = weightsOf(covariances, taking))
        taking.erase(taking.begin() + least);

    std::vector<double> weights(values.size(), 0.0);
    for (std::size_t i = 0; i < taking.size(); ++i)
        weights[static_cast<std::size_t>(taking[i])] = found[static_cast<Eigen::Index>(i)];
    return {weighted(values, weights, same), weights};
}

} // namespace fusain

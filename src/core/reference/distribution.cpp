#include "core/reference/distribution.hpp"

#include <algorithm>
#include <boost/math/distributions/normal.hpp>
#include <cmath>

namespace fusain::reference {
namespace {

using Point = PercentileTable::Point;

template <class... F>
struct Cases : F... {
    using F::operator()...;
};

const boost::math::normal standardNormal;

// `wanted` and `other` are the two columns of the table: percent by value, or value by percent.
double between(const std::vector<Point>& points, double at, double Point::*wanted, double Point::*given) {
    const auto above = std::ranges::find_if(points, [&](const Point& point) { return point.*given >= at; });
    if (above == points.begin())
        return (*above).*wanted;
    const Point &low = *std::prev(above), &high = *above;
    return low.*wanted + (at - low.*given) / (high.*given - low.*given) * (high.*wanted - low.*wanted);
}

std::optional<Standing> standingIn(const PercentileTable& table, double value) {
    const Point &first = table.points.front(), &last = table.points.back();
    if (value < first.value)
        return Standing{first.percent, Standing::Reach::Below};
    if (value > last.value)
        return Standing{last.percent, Standing::Reach::Above};
    return Standing{between(table.points, value, &Point::percent, &Point::value)};
}

} // namespace

std::optional<double> zScore(const Distribution& distribution, double value) {
    return std::visit(Cases{[&](const MeanAndDeviation& d) -> std::optional<double> {
                                return (value - d.mean) / d.standardDeviation;
                            },
                            [&](const LambdaMuSigma& d) -> std::optional<double> {
                                if (value <= 0.0)
                                    return std::nullopt;
                                const double ratio = value / d.mu;
                                return d.lambda == 0.0
                                           ? std::log(ratio) / d.sigma
                                           : (std::pow(ratio, d.lambda) - 1.0) / (d.lambda * d.sigma);
                            },
                            [](const auto&) -> std::optional<double> { return std::nullopt; }},
                      distribution);
}

std::optional<Standing> standing(const Distribution& distribution, double value) {
    if (const auto* table = std::get_if<PercentileTable>(&distribution))
        return standingIn(*table, value);
    const auto z = zScore(distribution, value);
    return z ? std::optional(Standing{100.0 * boost::math::cdf(standardNormal, *z)}) : std::nullopt;
}

std::optional<double> valueAt(const Distribution& distribution, double percent) {
    return std::visit(
        Cases{[](std::monostate) -> std::optional<double> { return std::nullopt; },
              [&](const MeanAndDeviation& d) -> std::optional<double> {
                  return d.mean + boost::math::quantile(standardNormal, percent / 100.0) * d.standardDeviation;
              },
              [&](const LambdaMuSigma& d) -> std::optional<double> {
                  const double z = boost::math::quantile(standardNormal, percent / 100.0);
                  if (d.lambda == 0.0)
                      return d.mu * std::exp(d.sigma * z);
                  const double inner = 1.0 + d.lambda * d.sigma * z;
                  return inner > 0.0 ? std::optional(d.mu * std::pow(inner, 1.0 / d.lambda)) : std::nullopt;
              },
              [&](const PercentileTable& table) -> std::optional<double> {
                  if (percent < table.points.front().percent || percent > table.points.back().percent)
                      return std::nullopt;
                  return between(table.points, percent, &Point::value, &Point::percent);
              }},
        distribution);
}

} // namespace fusain::reference

#pragma once
#include <optional>
#include <variant>
#include <vector>

namespace fusain::reference {

/// A normal spread about a mean.
struct MeanAndDeviation {
    double mean = 0.0;
    double standardDeviation = 1.0; ///< above 0
};

/// A skewed spread: the power that makes it normal, the median, and the coefficient of variation.
/// @par Source Cole TJ, Green PJ (1992), Stat Med 11:1305-1319.
struct LambdaMuSigma {
    double lambda = 1.0;
    double mu = 0.0;    ///< above 0
    double sigma = 0.1; ///< above 0
};

/// Values at stated percentiles, both rising.
struct PercentileTable {
    struct Point {
        double percent = 50.0; ///< of the people whose value is lower, 0 to 100
        double value = 0.0;
    };
    std::vector<Point> points; ///< at least two
};

/// How the values of the reference people spread, as far as the source says.
using Distribution = std::variant<std::monostate, MeanAndDeviation, LambdaMuSigma, PercentileTable>;

/// How many standard deviations a value lies from the middle.
///
/// z = (x − mean)/SD; for a skewed spread z = ((x/M)^L − 1)/(L·S), or ln(x/M)/S at L = 0.
/// @param value in the unit of the set; above 0 for a skewed spread
/// @return nothing for bands or a table of percentiles, which do not say it
[[nodiscard]] std::optional<double> zScore(const Distribution& distribution, double value);

/// The percentile at which a value lies.
struct Standing {
    enum class Reach { Inside, Below, Above };
    double percent = 50.0; ///< of the reference people whose value is lower; the table's end when outside it
    Reach reach = Reach::Inside;
};
/// From the z-score, or between the points of a table in proportion. A table says nothing beyond its ends.
/// @return nothing for a set of bands
[[nodiscard]] std::optional<Standing> standing(const Distribution& distribution, double value);

/// The value at a percentile. @param percent 0 to 100, both excluded
/// @return nothing for bands, or beyond the ends of a table
[[nodiscard]] std::optional<double> valueAt(const Distribution& distribution, double percent);

} // namespace fusain::reference

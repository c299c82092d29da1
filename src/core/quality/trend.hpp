#pragma once
#include <optional>
#include <span>

namespace fusain::quality {

/// One visit on a time axis.
struct DatedValue {
    double days = 0.0; ///< since any common moment
    double value = 0.0;
};

/// A straight line through visits, by least squares.
struct Trend {
    double perWeek = 0.0;
    double perWeekError = 0.0; ///< standard error
    double half95 = 0.0;       ///< half-width of the 95 % interval of perWeek, Student's t with n − 2
    [[nodiscard]] bool real() const { return perWeek > half95 || perWeek < -half95; }
};
/// @param visits at least four, not all on one day  @return nothing otherwise
[[nodiscard]] std::optional<Trend> trendOf(std::span<const DatedValue> visits);
inline constexpr int visitsForTrend = 4;

/// Days until a steady change can be told from error: LSC over the rate.
/// @param leastSignificant in the unit of the rate, ≥ 0  @param perWeek expected, any sign, not 0
/// @return nothing for no expected change
/// @par Source monitoring time interval, Glüer CC (1999), Osteoporos Int 9:155-159.
[[nodiscard]] std::optional<double> daysUntilVisible(double leastSignificant, double perWeek);

} // namespace fusain::quality

#pragma once
#include <optional>
#include <span>
#include <vector>

namespace fusain::quality {

/// Precision of a measurement from repeats of several people.
struct Precision {
    double rootMeanSquareSd = 0.0;       ///< unit of the quantity
    double rootMeanSquareCv = 0.0;       ///< percent
    int degreesOfFreedom = 0;            ///< Σ(n − 1)
    double upperBound = 0.0;             ///< one-sided 95 % of the SD, unit of the quantity
    double leastSignificantChange = 0.0; ///< 95 %, unit of the quantity
    [[nodiscard]] bool enough() const { return degreesOfFreedom >= leastDegreesOfFreedom; }
    /// 15 people three times or 30 people twice give 30; 27 is the fewest for an upper bound within 30 %.
    static constexpr int leastDegreesOfFreedom = 27;
};

/// RMS-SD = √(Σ(n_i − 1)·SD_i²/Σ(n_i − 1)), RMS-CV = 100·√(Σ(SD_i/x̄_i)²/m), LSC = 1.96·√2·RMS-SD.
/// @param people repeats of each person, at least two each; people with fewer are left out
/// @return nothing when no person has two repeats
/// @par Source Glüer CC et al (1995), Osteoporos Int 5:262-270.
[[nodiscard]] std::optional<Precision> precisionOf(std::span<const std::vector<double>> people);

/// Factor by which the one-sided 95 % upper bound exceeds a precision error: √(df/χ²(0.05, df)).
/// @param degreesOfFreedom ≥ 1  @return 1.2737 at 30 (the two-sided bound would be 1.3367)
[[nodiscard]] double upperBoundFactor(int degreesOfFreedom);

} // namespace fusain::quality

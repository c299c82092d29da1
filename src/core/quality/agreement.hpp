#pragma once
#include <optional>
#include <span>

namespace fusain::quality {

/// One person measured by two methods.
struct PairedValue {
    double reference = 0.0; ///< by the method that the other is compared with
    double other = 0.0;
};

/// A number with its two-sided 95 % confidence interval.
struct WithInterval {
    double value = 0.0;
    double low = 0.0;
    double high = 0.0;
    [[nodiscard]] bool contains(double what) const { return low <= what && what <= high; }
};

/// How two methods agree over people measured by both; d = other − reference.
struct Agreement {
    int people = 0;
    WithInterval bias;            ///< mean of d
    double deviation = 0.0;       ///< standard deviation of d
    WithInterval lower, upper;    ///< 95 % limits of agreement, each with its interval
    double proportionalSlope = 0; ///< of d on the mean of both
    double proportionalP = 1.0;   ///< two-sided; below 0.05 the limits depend on the level
    WithInterval concordance;     ///< Lin's coefficient
    double correlation = 0.0;
};
/// @param pairs at least 3 people, one pair each, with some spread
/// @return nothing for fewer, or where all values are the same
/// @par Source Bland JM, Altman DG (1986), Lancet 1:307-310; (1999), Stat Methods Med Res 8:135-160 (interval
/// of the limits); Lin LI (1989), Biometrics 45:255-268, corrected (2000) 56:324-325.
[[nodiscard]] std::optional<Agreement> agreementOf(std::span<const PairedValue> pairs);

/// A straight line between two methods that both err.
struct DemingLine {
    WithInterval slope, intercept;
    double errorRatio = 1.0; ///< variance of the other's error over that of the reference
    double residual = 0.0;   ///< standard deviation of other − (intercept + slope·reference)
    int people = 0;
    double least = 0.0, most = 0.0; ///< of the reference values it rests on
    [[nodiscard]] double convert(double reference) const { return intercept.value + slope.value * reference; }
};
/// other = a + b·reference, errors in both; intervals from the jackknife with n − 2 degrees of freedom.
/// @param pairs at least 3  @param errorRatio σ²(other)/σ²(reference), > 0
/// @par Source Deming WE (1943); Linnet K (1993), Clin Chem 39:424-432.
[[nodiscard]] std::optional<DemingLine> demingLine(std::span<const PairedValue> pairs, double errorRatio = 1.0);

/// People that a cross-calibration needs at least. @par Source sheet 4: n ≥ 30 over the whole range.
inline constexpr int crossCalibrationPeople = 30;

/// Least significant change when the first test was by another method and was converted:
/// z·√((b·PE1)² + PE2² + s²). @param scatter of the conversion for one person, without repeat error
[[nodiscard]] double leastSignificantChangeConverted(double slope, double firstError, double secondError,
                                                     double scatter);
/// The scatter for one person in a conversion: what is left of its residual when both repeat errors are out.
[[nodiscard]] double personalScatter(const DemingLine& line, double referenceError, double otherError);

} // namespace fusain::quality

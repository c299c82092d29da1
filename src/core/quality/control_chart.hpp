#pragma once
#include <optional>
#include <span>
#include <string_view>
#include <vector>

namespace fusain::quality {

/// Where a chart stands: centre and standard deviation of a process in control.
struct Baseline {
    double mean = 0.0;
    double standardDeviation = 0.0;
    int count = 0; ///< values it was built from; 0 when both were given
};

/// Fewest values from which a baseline is built (ISCD; 20 to 25 over ten days are better).
inline constexpr int leastBaseline = 10;

/// Mean and sample standard deviation of the first values. @return nothing for fewer than leastBaseline
[[nodiscard]] std::optional<Baseline> baselineFrom(std::span<const double> values);

/// Standard deviation from the moving range, MR̄/1.128: blind to a slow drift within the baseline. @param values
/// at least 2
/// @par Source Montgomery DC, Introduction to Statistical Quality Control.
[[nodiscard]] double standardDeviationFromMovingRange(std::span<const double> values);

/// The classic multirules. All use strict inequalities: a value exactly on a limit (within 1e-9) is not
/// flagged.
/// @par Source Westgard JO et al (1981), Clin Chem 27:493-501; Shewhart WA (1931).
enum class ControlRule {
    OneTwoS,    ///< one value beyond 2 SD: a warning
    OneThreeS,  ///< one beyond 3 SD
    TwoTwoS,    ///< two in a row beyond the same 2 SD
    RangeFourS, ///< within one run, one above +2 SD and another below −2 SD
    FourOneS,   ///< four in a row beyond the same 1 SD
    TenX,       ///< ten in a row on one side of the centre
    Cusum,      ///< the cumulative sum has passed its limit
    Ewma        ///< the weighted average has passed its limit
};

/// The rule in words, marked for translation.
[[nodiscard]] std::string_view inWords(ControlRule rule);
/// True for rules that warn and do not reject.
[[nodiscard]] constexpr bool isWarning(ControlRule rule) {
    return rule == ControlRule::OneTwoS;
}

struct ChartSettings {
    double cusumAllowance = 0.5; ///< k, in SD
    double cusumLimit = 5.0;     ///< h, in SD
    double cusumStart = 0.0;     ///< h/2 gives a fast initial response
    double ewmaWeight = 0.2;     ///< λ
    double ewmaLimit = 2.962;    ///< L
};

/// One point of the chart.
struct ChartPoint {
    double z = 0.0; ///< (value − mean)/SD
    double cusumHigh = 0.0, cusumLow = 0.0;
    double ewma = 0.0;              ///< unit of the value
    double ewmaReach = 0.0;         ///< half width of its limits here
    std::vector<ControlRule> rules; ///< that this point breaks
    [[nodiscard]] bool breaks(ControlRule rule) const;
    [[nodiscard]] bool rejected() const; ///< breaks any rule that does not only warn
};

/// Judges values in order of time. Windows end at the point they flag; nothing is reset.
/// @param runs number of the run that each value belongs to (equal numbers stand together); empty: each its own
/// run, so that the within-run rule never applies
/// @par Source Page ES (1954), Biometrika 41:100 (CUSUM); Roberts SW (1959), Technometrics 1:239 (EWMA).
[[nodiscard]] std::vector<ChartPoint> judgeChart(std::span<const double> values, const Baseline& baseline,
                                                 std::span<const int> runs = {},
                                                 const ChartSettings& settings = {});

} // namespace fusain::quality

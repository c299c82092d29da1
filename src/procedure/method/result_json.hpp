#pragma once
#include "core/anthropometry/limb_balance.hpp"
#include "procedure/method/result.hpp"
#include "record/base/json.hpp"

#include <fmt/format.h>
#include <string>

namespace fusain {

/// A value with its three figures and its variance budget, as stored and printed by fusain-calc.
template <class Q>
[[nodiscard]] Json valueJson(const Measured<Q>& value) {
    // A budget is read by people: what is less than half a percent of the variance is left out, digits beyond
    // six too.
    constexpr double leastFraction = 0.005;
    const auto shortened = [](double number) { return std::stod(fmt::format("{:.6g}", number)); };
    Json budget = Json::array();
    for (const BudgetLine& line : value.budget())
        if (line.fraction >= leastFraction)
            budget.push_back({{"source", sourceName(line.source)},
                              {"kind", kindText(kindOf(line.source))},
                              {"standard_error", shortened(line.standardError)},
                              {"fraction", shortened(line.fraction)}});
    return {{"value", value.estimate().value()},
            {"unit", Q::symbol()},
            {"repeatability_se", value.repeatability().value()},
            {"lsc95", value.leastSignificantChange().value()},
            {"ci95_low", value.low().value()},
            {"ci95_high", value.high().value()},
            {"variance_budget", budget}};
}

/// The difference of a pair of limbs with its limits, as stored and printed by fusain-calc.
[[nodiscard]] inline Json balanceJson(const anthropometry::LimbBalance& balance) {
    return {{"difference_kg", balance.difference.value()},
            {"asymmetry_percent", balance.asymmetry.value()},
            {"least_significant_kg", balance.leastSignificant.value()},
            {"threshold_kg", balance.threshold.value()},
            {"real", balance.real()},
            {"notable", balance.notable()}};
}

/// What somebody who confirms a result has seen of it: all but which program computed it and the test's
/// version.
[[nodiscard]] inline Json numbersOf(Json result) {
    result.erase("test_version");
    if (result.contains("recipe"))
        result["recipe"].erase("engine");
    return result;
}

} // namespace fusain

#pragma once
#include "procedure/method/result.hpp"
#include "record/base/json.hpp"

namespace fusain {

/// A value with its standard errors and variance budget, as stored and printed by fusain-calc.
template <class Q>
[[nodiscard]] Json valueJson(const Measured<Q>& value) {
    Json budget = Json::array();
    for (const BudgetLine& line : value.budget())
        budget.push_back({{"source", sourceName(line.source)},
                          {"standard_error", line.standardError},
                          {"fraction", line.fraction}});
    return {{"value", value.estimate().value()},
            {"unit", Q::symbol()},
            {"standard_error", value.technicalError().value()},
            {"method_error", value.methodError().value()},
            {"variance_budget", budget}};
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

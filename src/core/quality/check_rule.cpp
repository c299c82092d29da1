#include "core/quality/check_rule.hpp"

#include "core/numeric/statistics.hpp"
#include "core/units/comparison.hpp"
#include "core/units/format.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::quality {
CheckVerdict judgeCheck(std::span<const double> readings, const CheckRule& rule, const std::string& unit,
                        int decimals) {
    CheckVerdict verdict;
    verdict.mean = statistics::mean(readings);
    verdict.standardDeviation = statistics::standardDeviation(readings);
    const auto shown = [&](double value) { return fixed(value, decimals) + " " + unit; };
    if (static_cast<int>(readings.size()) < rule.readings) {
        verdict.message = {FUSAIN_TEXT("{1} of {2} readings."),
                           {std::to_string(readings.size()), std::to_string(rule.readings)}};
        return verdict;
    }
    const double error = verdict.mean - rule.nominal;
    if (rule.meanLimit && std::abs(error) > *rule.meanLimit + equality) {
        verdict.message = {FUSAIN_TEXT("The mean is {1} off, more than {2}."),
                           {signedFixed(error, decimals) + " " + unit, shown(*rule.meanLimit)}};
        return verdict;
    }
    if (rule.spreadLimit && verdict.standardDeviation > *rule.spreadLimit + equality) {
        verdict.message = {FUSAIN_TEXT("The readings scatter by {1}, more than {2}."),
                           {shown(verdict.standardDeviation), shown(*rule.spreadLimit)}};
        return verdict;
    }
    if (rule.eachLimit) {
        const auto outside = std::ranges::find_if(readings, [&](double reading) {
            return std::abs(reading - rule.nominal) > *rule.eachLimit + equality;
        });
        if (outside != readings.end()) {
            verdict.message = {FUSAIN_TEXT("One reading is {1}, more than {2} off."),
                               {shown(*outside), shown(*rule.eachLimit)}};
            return verdict;
        }
    }
    verdict.passed = true;
    const auto limit = rule.meanLimit ? rule.meanLimit : rule.eachLimit;
    verdict.message =
        limit ? Message{FUSAIN_TEXT("Passed: error {1}, limit {2}."),
                        {signedFixed(error, decimals) + " " + unit, shown(*limit)}}
              : Message{FUSAIN_TEXT("Passed: error {1}."), {signedFixed(error, decimals) + " " + unit}};
    return verdict;
}

} // namespace fusain::quality

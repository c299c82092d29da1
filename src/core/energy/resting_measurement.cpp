#include "core/energy/resting_measurement.hpp"

#include "core/energy/resting.hpp"
#include "core/units/format.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::energy {
namespace {

struct Gas {
    double mean, variation;
};

Gas gasOf(std::span<const RestingMinute> minutes, double RestingMinute::*gas) {
    const double count = static_cast<double>(minutes.size());
    double sum = 0.0, squares = 0.0;
    for (const RestingMinute& each : minutes)
        sum += each.*gas;
    const double mean = sum / count;
    for (const RestingMinute& each : minutes)
        squares += (each.*gas - mean) * (each.*gas - mean);
    return {mean, 100.0 * std::sqrt(squares / (count - 1.0)) / mean};
}

} // namespace

Expected<RestingMeasurement> judgeResting(std::span<const RestingMinute> minutes) {
    if (minutes.size() < restingSettle + restingSteady)
        return failure({FUSAIN_TEXT("{1} minutes are too few: five to settle and five steady ones are needed."),
                        {std::to_string(minutes.size())}},
                       {}, {FUSAIN_TEXT("Measure on."), {}});
    if (std::ranges::any_of(minutes, [](const RestingMinute& each) {
            return !(each.oxygen > 0.0 && each.carbonDioxide > 0.0);
        }))
        return failure({FUSAIN_TEXT("Gas exchange is above 0 in every minute."), {}}, {},
                       {FUSAIN_TEXT("Correct it and try again."), {}});
    RestingMeasurement best;
    best.variation = Percent(INFINITY);
    for (std::size_t from = restingSettle; from + restingSteady <= minutes.size(); ++from) {
        const auto window = minutes.subspan(from, restingSteady);
        const Gas oxygen = gasOf(window, &RestingMinute::oxygen),
                  carbonDioxide = gasOf(window, &RestingMinute::carbonDioxide);
        const Percent variation(std::max(oxygen.variation, carbonDioxide.variation));
        if (variation < best.variation)
            best = {restingFromGases(oxygen.mean, carbonDioxide.mean), carbonDioxide.mean / oxygen.mean,
                    variation, from};
    }
    // A quotient of 0.85 judges the variation alone, so that each failing is said by its own name.
    if (!acceptableResting(1.0, 0.85, best.variation.value()))
        return failure({FUSAIN_TEXT("The steadiest five minutes still vary by {1} %, more than 10 %."),
                        {fixed(best.variation.value(), 0)}},
                       {}, {FUSAIN_TEXT("Let the person settle and measure on."), {}});
    if (!acceptableResting(1.0, best.quotient, best.variation.value()))
        return failure(
            {FUSAIN_TEXT("A quotient of {1} is not one of a resting, breathing person (0.67 to 1.0)."),
             {fixed(best.quotient, 2)}},
            {}, {FUSAIN_TEXT("Look for a leak, hasty breathing or a meal, and measure again."), {}});
    return best;
}

} // namespace fusain::energy

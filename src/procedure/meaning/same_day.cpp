#include "procedure/meaning/same_day.hpp"

#include "core/numeric/best_estimate.hpp"
#include "procedure/meaning/change.hpp"

#include <cmath>

namespace fusain {
namespace {

// How far a method's own assumptions reach, and what to say of them: the further, the likelier it is the cause
// of a difference.
struct Assumption {
    int reach = 0; ///< 0 for a method that rests on none here
    Message says;
};

Assumption assumptionOf(const ComputedTest& test) {
    return std::visit(
        Overloaded{
            [](const ImpedanceResult&) {
                return Assumption{
                    3,
                    {FUSAIN_TEXT("Most likely the impedance equation, whose error for one person is "
                                 "kilograms; fluid moves "
                                 "the two methods in different directions."),
                     {}}};
            },
            [](const GirthResult&) { return Assumption{}; }, // it gives no fat
            [](const DxaResult&) {
                return Assumption{
                    2,
                    {FUSAIN_TEXT("Most likely the densitometer's own calibration of fat and lean, "
                                 "which differs from "
                                 "make to make and person to person."),
                     {}}};
            },
            [](const DensityResult& density) {
                if (density.lungGasMeasured)
                    return Assumption{};
                return Assumption{
                    1,
                    {density.lungGas == Source::ThoracicGas
                         ? FUSAIN_TEXT(
                               "Most likely the thoracic gas in the chamber, which was predicted: measure it.")
                         : FUSAIN_TEXT(
                               "Most likely the residual volume in the tank, which was predicted: measure it."),
                     {}}};
            },
        },
        test.result);
}

// What the larger uncertainty rests on: an equation or a predicted lung gas first, then deviations, then the
// usual suspects.
Message causeOf(const ComputedTest& test, const ComputedTest& other) {
    const Assumption own = assumptionOf(test), theirs = assumptionOf(other);
    if (own.reach + theirs.reach > 0)
        return own.reach >= theirs.reach ? own.says : theirs.says;
    for (const ComputedTest* each : {&test, &other})
        for (const AnsweredQuestion& answer : each->record().answers)
            if (!answer.finding.kept)
                return {FUSAIN_TEXT("A deviation could explain it: \"{1}\""), {answer.question}};
    return {FUSAIN_TEXT("Both lung volumes were measured and the preparation was as asked: think of trapped "
                        "air in the tank, "
                        "or of clothing and hair in the chamber."),
            {}};
}

} // namespace

bool sameOnOneDay(Source source) {
    return source == Source::FatFreeDensity || source == Source::BodyWaterOfTheDay ||
           source == Source::GutContentOfTheDay || source == Source::GutGas;
}

std::optional<OtherMethod> compareMethods(const ComputedTest& test, const ComputedTest& other) {
    const auto own = outcomeOf(test), theirs = outcomeOf(other);
    if (!own || !theirs)
        return std::nullopt;
    const auto &a = own->composition.fatPercent, &b = theirs->composition.fatPercent;
    OtherMethod comparison;
    comparison.method = methodOf(other.test);
    comparison.fatPercent = b.estimate();
    comparison.difference = a.estimate() - b.estimate();
    comparison.halfInterval =
        Percent(normal95 * errorOfDifference(a.uncertain(), b.uncertain(), &sameOnOneDay));
    const double noticeable = 1.0; // %fat: below this nobody asks why
    if (!comparison.agrees() || std::abs(comparison.difference.value()) > noticeable)
        comparison.likelyCause = causeOf(test, other);
    return comparison;
}

} // namespace fusain

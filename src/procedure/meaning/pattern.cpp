#include "procedure/meaning/pattern.hpp"

#include <cmath>

namespace fusain {

WeightPattern weightPattern(const compartments::Composition& composition,
                            const reference::ReferenceSet* fatMassIndex,
                            const reference::ReferenceSet* fatFreeMassIndex, const TestSubject& subject) {
    const auto* fat = fatMassIndex ? fatMassIndex->rowFor(subject.sex, subject.age) : nullptr;
    const auto* lean = fatFreeMassIndex ? fatFreeMassIndex->rowFor(subject.sex, subject.age) : nullptr;
    if (!fat || !lean)
        return WeightPattern::Unknown;
    const double fatDistance =
        (composition.fatMassIndex.estimate().value() - fat->middle()) / (fat->high - fat->low);
    const double leanDistance =
        (composition.fatFreeMassIndex.estimate().value() - lean->middle()) / (lean->high - lean->low);
    constexpr double end = 0.5; // of a range, from its middle
    if (fatDistance < -end && leanDistance < -end)
        return WeightPattern::BothLow;
    if (fatDistance > end && leanDistance > end)
        return WeightPattern::BothHigh;
    if (std::abs(fatDistance - leanDistance) < 0.5)
        return WeightPattern::Even;
    return fatDistance > leanDistance ? WeightPattern::FatLed : WeightPattern::MuscleLed;
}

std::string_view patternText(WeightPattern pattern) {
    switch (pattern) {
    case WeightPattern::BothLow:
        return FUSAIN_TEXT("both low");
    case WeightPattern::BothHigh:
        return FUSAIN_TEXT("both high");
    case WeightPattern::FatLed:
        return FUSAIN_TEXT("fat-led");
    case WeightPattern::MuscleLed:
        return FUSAIN_TEXT("mostly muscle");
    case WeightPattern::Even:
        return FUSAIN_TEXT("even");
    case WeightPattern::Unknown:
        break;
    }
    return FUSAIN_TEXT("not covered by the reference");
}

} // namespace fusain

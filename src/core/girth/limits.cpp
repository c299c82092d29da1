#include "core/girth/limits.hpp"

#include "core/base/message.hpp"

#include <algorithm>
#include <array>

namespace fusain::girth {
namespace {

constexpr std::string_view whoCitation =
    "WHO (2011), Waist circumference and waist-hip ratio: report of a WHO expert consultation, Geneva 2008";

constexpr std::array sets{
    LimitSet{"waist.who-2008", Index::Waist, FUSAIN_TEXT("waist, WHO 2008"), 94.0, 80.0, 102.0, 88.0, false,
             std::nullopt, whoCitation},
    LimitSet{"waist.harmonised-asian-2009", Index::Waist, FUSAIN_TEXT("waist, limits for Asian adults, 2009"),
             90.0, 80.0, std::nullopt, std::nullopt, true, std::nullopt,
             "Alberti KG et al (2009), Circulation 120:1640-1645"},
    LimitSet{"waist-to-height.ashwell-2005", Index::WaistToHeight, FUSAIN_TEXT("waist-to-height, 0.5 and 0.6"),
             0.5, 0.5, 0.6, 0.6, true, KilogramsPerSquareMetre(35.0),
             "Ashwell M, Hsieh SD (2005), Int J Food Sci Nutr 56:303-307; Browning LM et al (2010), Nutr Res "
             "Rev 23:247-269"},
    LimitSet{"waist-to-hip.who-2008", Index::WaistToHip, FUSAIN_TEXT("waist-to-hip, WHO 2008"), 0.90, 0.85,
             std::nullopt, std::nullopt, true, std::nullopt, whoCitation},
};

// The hip is laid on a landmark of its own and read by itself: its errors are none of those of the waist.
Uncertain ofTheHip(const Uncertain& hip) {
    Uncertain own(hip.estimate());
    for (std::size_t i = 0; i < sourceCount; ++i) {
        const auto source = static_cast<Source>(i);
        const Source mine = source == Source::TapeReading        ? Source::HipReading
                            : source == Source::LandmarkOfTheDay ? Source::HipOfTheDay
                                                                 : source;
        if (hip.share(source) != 0.0)
            own = own + Uncertain(0.0, mine, hip.share(source));
    }
    return own;
}

bool beyond(double value, double limit, bool limitCounts) {
    return limitCounts ? value >= limit : value > limit;
}

} // namespace

Measured<Ratio> waistToHeight(const Measured<Centimetres>& waist, Metres height) {
    return Measured<Ratio>(waist.uncertain() * (1.0 / (100.0 * height.value())));
}

Measured<Ratio> waistToHip(const Measured<Centimetres>& waist, const Measured<Centimetres>& hip) {
    return Measured<Ratio>(waist.uncertain() / ofTheHip(hip.uncertain()));
}

std::span<const LimitSet> limitSets() {
    return sets;
}

const LimitSet* limitSet(std::string_view id) {
    const auto found = std::ranges::find(sets, id, &LimitSet::id);
    return found == sets.end() ? nullptr : &*found;
}

Standing standingOf(double value, double half, const LimitSet& limits, Sex sex) {
    const auto whole = [&](double limit) { return beyond(value - half, limit, limits.limitCounts); };
    const auto reaches = [&](double limit) { return beyond(value + half, limit, limits.limitCounts); };
    if (const auto high = limits.highFor(sex)) {
        if (whole(*high))
            return Standing::High;
        if (beyond(value, *high, limits.limitCounts) || (reaches(*high) && whole(limits.limitFor(sex))))
            return Standing::CloseToHigh;
    }
    if (whole(limits.limitFor(sex)))
        return Standing::Above;
    return reaches(limits.limitFor(sex)) ? Standing::CloseToLimit : Standing::Below;
}

} // namespace fusain::girth

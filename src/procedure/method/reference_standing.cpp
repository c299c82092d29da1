#include "procedure/method/reference_standing.hpp"

#include "core/units/format.hpp"

namespace fusain {

std::optional<Message> standingIn(const reference::ReferenceSet& set, const TestSubject& subject,
                                  double value) {
    constexpr double adult = 18.0;
    const auto* row = subject.age.value() < adult ? nullptr : set.rowFor(subject.sex, subject.age);
    const auto place = row ? reference::standing(row->distribution, value) : std::nullopt;
    if (!place)
        return std::nullopt;
    using Reach = reference::Standing::Reach;
    const std::string percent = fixed(place->percent, 0);
    if (place->reach == Reach::Below)
        return Message{FUSAIN_TEXT("Below the lowest percentile ({1}) of {2}."), {percent, set.title}};
    if (place->reach == Reach::Above)
        return Message{FUSAIN_TEXT("Above the highest percentile ({1}) of {2}."), {percent, set.title}};
    if (const auto z = reference::zScore(row->distribution, value))
        return Message{FUSAIN_TEXT("{1} % of the people of {2} have a lower value (z-score {3})."),
                       {percent, set.title, signedFixed(*z, 2)}};
    return Message{FUSAIN_TEXT("{1} % of the people of {2} have a lower value."), {percent, set.title}};
}

} // namespace fusain

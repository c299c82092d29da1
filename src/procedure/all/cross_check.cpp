#include "procedure/all/cross_check.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/impedance/signal.hpp"
#include "core/units/comparison.hpp"
#include "core/units/format.hpp"

namespace fusain {
namespace {

constexpr double otherDay = 3.0, otherDayShare = 0.03, sameDayMost = 1.0; // kg, of the mass, kg

} // namespace

std::optional<Message> heightDoubt(Metres before, Metres now, Years age) {
    if (age < anthropometry::adultAge ||
        within(std::abs((now - before).value()), impedance::IdentityLimits{}.height.value()))
        return std::nullopt;
    return Message{FUSAIN_TEXT("The height was {1} cm before, and is {2} cm now."),
                   {fixed(centimetres(before), 1), fixed(centimetres(now), 1)}};
}

std::optional<Message> massDoubt(std::span<const AnyTest> tests, const RawTest& now, Kilograms mass,
                                 const std::function<bool(Instant, Instant)>& sameDay) {
    std::optional<Message> doubt;
    for (const AnyTest& test : tests) {
        const RawTest& other = common(test);
        const auto then = massOf(test);
        if (!then || other.id == now.id ||
            !(other.startedAt < now.startedAt || sameDay(other.startedAt, now.startedAt)))
            continue;
        const bool today = sameDay(other.startedAt, now.startedAt);
        const double off = (mass - *then).value(),
                     most = today ? sameDayMost : std::min(otherDay, otherDayShare * then->value());
        doubt.reset(); // the latest test decides
        if (!within(std::abs(off), most))
            doubt = Message{
                today ? FUSAIN_TEXT("{1} kg: {2} kg against {3} kg by another instrument today. Same person?")
                      : FUSAIN_TEXT("{1} kg: {2} kg against {3} kg at the last visit. Same person?"),
                {fixed(mass.value(), 1), signedFixed(off, 1), fixed(then->value(), 1)}};
    }
    return doubt;
}

} // namespace fusain

#include "desktop/services/day_pins.hpp"

#include "core/base/message.hpp"

#include <QDateTime>
#include <algorithm>

namespace fusain::desktop {
namespace {

bool readsAsPin(std::string_view text) {
    return text.size() >= DayPins::leastDigits && text.size() <= DayPins::mostDigits &&
           std::ranges::all_of(text, [](char each) { return each >= '0' && each <= '9'; });
}

QDate dayOf(Instant now) {
    return QDateTime::fromMSecsSinceEpoch(now.milliseconds).date();
}

} // namespace

Expected<void> DayPins::choose(const std::string& staff, std::string_view pin, Instant now) {
    if (!readsAsPin(pin))
        return failure({FUSAIN_TEXT("A PIN has {1} to {2} digits."),
                        {std::to_string(leastDigits), std::to_string(mostDigits)}});
    Pin made{dayOf(now), {}, {}, 0};
    BoxKey key;
    if (!fillRandomly(made.salt))
        return failure({FUSAIN_TEXT("No random numbers can be had on this computer."), {}});
    if (auto done = keyFrom(pin, made.salt, cost_, key); !done)
        return done;
    std::ranges::copy(key, made.key.begin());
    pins_[staff] = made;
    return {};
}

bool DayPins::has(const std::string& staff, Instant now) const {
    const auto found = pins_.find(staff);
    return found != pins_.end() && found->second.day == dayOf(now);
}

bool DayPins::opens(const std::string& staff, std::string_view typed, Instant now) {
    if (!has(staff, now) || typed.size() >= leastPassphrase)
        return false;
    Pin& pin = pins_.at(staff);
    BoxKey key;
    if (keyFrom(typed, pin.salt, cost_, key) && std::ranges::equal(key, pin.key)) {
        pin.wrong = 0;
        return true;
    }
    if (++pin.wrong == attempts)
        pins_.erase(staff);
    return false;
}

} // namespace fusain::desktop

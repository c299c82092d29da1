#pragma once
#include "record/base/calendar.hpp"
#include "record/base/sealing.hpp"

#include <QDate>
#include <map>

namespace fusain::desktop {

/// Short numbers with which people unlock this window and take the bench until the day ends, after they have
/// proved with their passphrase who they are. They are kept nowhere: another window, another day and a
/// signature ask for the passphrase.
class DayPins {
public:
    explicit DayPins(SealingCost cost = {}) : cost_(cost) {}

    /// Fewest and most digits; every passphrase is longer.
    static constexpr std::size_t leastDigits = 4, mostDigits = leastPassphrase - 1;
    /// After so many wrong ones in a row it is gone.
    static constexpr int attempts = 3;

    /// @param staff id of somebody who has just proved who they are
    /// @param pin `leastDigits` to `mostDigits` digits  @param now of the day on which it holds
    [[nodiscard]] Expected<void> choose(const std::string& staff, std::string_view pin, Instant now);
    [[nodiscard]] bool has(const std::string& staff, Instant now) const;
    /// Whether what was typed is the PIN of somebody. A short text that is not counts as an attempt.
    [[nodiscard]] bool opens(const std::string& staff, std::string_view typed, Instant now);

private:
    struct Pin {
        QDate day;
        std::array<unsigned char, 16> salt;
        std::array<unsigned char, 32> key;
        int wrong = 0;
    };
    SealingCost cost_;
    std::map<std::string, Pin> pins_; ///< by staff id
};

} // namespace fusain::desktop

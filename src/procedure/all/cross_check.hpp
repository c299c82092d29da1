#pragma once
#include "record/all/record.hpp"

#include <span>

namespace fusain {

/// A mass that does not go with what the client weighed before: more than 3 kg or 3 % from the last test of
/// another day, more than 1 kg from one of the same day. Engineering choices of this program.
/// @param tests of the client, oldest first  @param now the test that is weighed for  @param sameDay whether
/// two moments are of one day of the lab
/// @return a sentence that asks whether it is the same person; nothing when it goes
[[nodiscard]] std::optional<Message> massDoubt(std::span<const AnyTest> tests, const RawTest& now,
                                               Kilograms mass,
                                               const std::function<bool(Instant, Instant)>& sameDay);

/// Why a height may be another person's, in another unit or a slip of the hand: an adult's differs by more than
/// 2 cm from the one of before, a lab-adjustable default. Children grow: nothing for them.
[[nodiscard]] std::optional<Message> heightDoubt(Metres before, Metres now, Years age);

} // namespace fusain

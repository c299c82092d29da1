#pragma once
#include "core/base/message.hpp"
#include "core/reference/reference_set.hpp"
#include "record/method/raw_record.hpp"

namespace fusain {

/// Where a value stands among the people of a reference set, in words: its percentile, and the z-score where
/// the set gives one.
/// @param value in the unit of the set
/// @return nothing for somebody under 18, who gets no ranks; for a set that does not cover the person; for
/// bands
[[nodiscard]] std::optional<Message> standingIn(const reference::ReferenceSet& set, const TestSubject& subject,
                                                double value);

} // namespace fusain

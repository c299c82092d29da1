#pragma once
#include "record/all/record.hpp"
#include "record/base/event.hpp"

#include <span>

namespace fusain {

/// Applies one event of the journal to a raw record. Events of other kinds are passed over.
void applyEvent(AnyTest& test, const Event& event);

/// The raw record that a list of events leads to; its method is that of "test.started". A malformed event
/// becomes a Problem naming its sequence.
[[nodiscard]] Expected<AnyTest> replayTest(std::span<const Event> events);

} // namespace fusain

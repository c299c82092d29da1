#pragma once
#include "record/event.hpp"
#include "record/hydrostatic_test.hpp"

#include <span>

namespace fusain {

/// Applies one event of the journal to a raw record.
void applyEvent(HydrostaticTest& test, const Event& event);

/// The events that still hold: without those that a later "event.undone" took back, and without the undoing
/// itself.
[[nodiscard]] std::vector<Event> effectiveEvents(std::span<const Event> events);

/// The raw record that a list of events leads to. A malformed event becomes a Problem naming its sequence.
[[nodiscard]] Expected<HydrostaticTest> replayHydrostaticTest(std::span<const Event> events);

} // namespace fusain

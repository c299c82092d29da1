#pragma once
#include "record/any_test.hpp"
#include "record/event.hpp"

#include <span>

namespace fusain {

/// Applies one event of the journal to a raw record. Events of other kinds are passed over.
void applyEvent(HydrostaticTest& test, const Event& event);
void applyEvent(ChamberTest& test, const Event& event);
void applyEvent(ImpedanceTest& test, const Event& event);
void applyEvent(DxaTest& test, const Event& event);
void applyEvent(AnyTest& test, const Event& event);

/// Applies what every method has in common: start, answers, notes, signing … @return false for any other kind.
bool applyCommonEvent(RawTest& test, const Event& event);

/// The events that still hold: without those that a later "event.undone" took back, and without the undoing
/// itself.
[[nodiscard]] std::vector<Event> effectiveEvents(std::span<const Event> events);

/// The raw record that a list of events leads to; its method is that of "test.started". A malformed event
/// becomes a Problem naming its sequence.
[[nodiscard]] Expected<AnyTest> replayTest(std::span<const Event> events);

} // namespace fusain

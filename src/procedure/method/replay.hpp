#pragma once
#include "record/base/event.hpp"

#include <functional>
#include <span>

namespace fusain {

/// The events that still hold: without those that a later "event.undone" took back, and without the undoing
/// itself.
[[nodiscard]] std::vector<Event> effectiveEvents(std::span<const Event> events);

/// Hands the events that still hold to `apply`, in order. @return a Problem naming the sequence of a malformed
/// one
[[nodiscard]] Expected<void> applyEach(std::span<const Event> events,
                                       const std::function<void(const Event&)>& apply);

} // namespace fusain

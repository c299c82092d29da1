#pragma once
#include "record/base/event.hpp"
#include "record/base/people.hpp"

namespace fusain::store {

/// The right that a change of the lab book needs, by the kind of its event and by what it changes; nothing for
/// what everybody who works here does. What a test needs is asked by its procedure; a test that is
/// imported keeps the names of who measured then.
[[nodiscard]] std::optional<Right> rightFor(const Event& event);

/// Whether somebody of these people may make a change.
/// @param staff who works here; a name that is not among them is no person (an import, a lab book that begins)
/// @return a Problem that says who can
[[nodiscard]] Expected<void> mayChange(const std::vector<Staff>& staff, const Event& event);

} // namespace fusain::store

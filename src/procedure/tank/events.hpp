#pragma once
#include "procedure/method/events.hpp"
#include "record/tank/record.hpp"

namespace fusain {

/// Applies one event of the journal to the raw record. Events of other kinds are passed over.
void applyEvent(HydrostaticTest& test, const Event& event);

} // namespace fusain

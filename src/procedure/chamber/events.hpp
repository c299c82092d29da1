#pragma once
#include "procedure/method/events.hpp"
#include "record/chamber/record.hpp"

namespace fusain {

/// Applies one event of the journal to the raw record. Events of other kinds are passed over.
void applyEvent(ChamberTest& test, const Event& event);

} // namespace fusain

#pragma once
#include "desktop/bench/method/bench_method.hpp"
#include "procedure/chamber/method.hpp"

namespace fusain::desktop {

/// Air displacement at the bench.
template <>
struct AtTheBench<ChamberMethod> {
    /// Makes the panel of a step.
    [[nodiscard]] static StepPanel* panel(Session& session, Step step);
    /// The readings so far.
    [[nodiscard]] static QList<QStringList> readings(const ChamberTest& test, UnitSystem units);
};

} // namespace fusain::desktop

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
    /// What a step has given so far, short; empty before it has.
    [[nodiscard]] static QString valueOf(const ChamberTest& test, Step step, UnitSystem units);
};

} // namespace fusain::desktop

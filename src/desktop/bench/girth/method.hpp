#pragma once
#include "desktop/bench/method/bench_method.hpp"
#include "procedure/girth/method.hpp"

namespace fusain::desktop {

/// Girths with a tape at the bench.
template <>
struct AtTheBench<GirthMethod> {
    /// Makes the panel of a step.
    [[nodiscard]] static StepPanel* panel(Session& session, Step step);
    /// The readings so far.
    [[nodiscard]] static QList<QStringList> readings(const GirthTest& test, UnitSystem units);
    /// What a step has given so far, short; empty before it has.
    [[nodiscard]] static QString valueOf(const GirthTest& test, Step step, UnitSystem units);
};

} // namespace fusain::desktop

#pragma once
#include "desktop/bench/method/bench_method.hpp"
#include "procedure/scan/method.hpp"

namespace fusain::desktop {

/// The densitometer at the bench.
template <>
struct AtTheBench<ScanMethod> {
    /// Makes the panel of a step.
    [[nodiscard]] static StepPanel* panel(Session& session, Step step);
    /// The readings so far.
    [[nodiscard]] static QList<QStringList> readings(const DxaTest& test, UnitSystem units);
    /// What a step has given so far, short; empty before it has.
    [[nodiscard]] static QString valueOf(const DxaTest& test, Step step, UnitSystem units);
};

} // namespace fusain::desktop

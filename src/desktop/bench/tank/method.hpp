#pragma once
#include "desktop/bench/method/bench_method.hpp"
#include "procedure/tank/method.hpp"

namespace fusain::desktop {

/// Underwater weighing at the bench.
template <>
struct AtTheBench<TankMethod> {
    /// Makes the panel of a step.
    [[nodiscard]] static StepPanel* panel(Session& session, Step step);
    /// What stands over every step: the water.
    [[nodiscard]] static QWidget* strip(Session& session);
    static void refreshStrip(QWidget& strip);
    /// The readings so far.
    [[nodiscard]] static QList<QStringList> readings(const HydrostaticTest& test, UnitSystem units);
    /// What a step has given so far, short; empty before it has.
    [[nodiscard]] static QString valueOf(const HydrostaticTest& test, Step step, UnitSystem units);
};

} // namespace fusain::desktop

#pragma once
#include "core/anthropometry/limits.hpp"
#include "desktop/bench/method/reading_panels.hpp"
#include "procedure/method/method.hpp"

namespace fusain::desktop {

/// What is said of a mass that lies outside its range, in the units of the lab; empty for one inside.
[[nodiscard]] QString massOutOfRange(Kilograms mass, const anthropometry::Plausible<Kilograms>& range,
                                     UnitSystem units);

/// Mass on the floor scale, for a method that weighs a dressed person.
template <class Method>
[[nodiscard]] ReadingPanel* floorScalePanel(Session& session, std::span<const StepText> sheet, Step step) {
    return new ReadingPanel(
        session, sheet, step,
        {"floor-scale", "kg", QObject::tr("Mass"), Dimension::Mass, 2, QStringLiteral("cue step-on"),
         [](Procedure& run, double value, const Attribution& from, const std::string& keptBecause) {
             return runningAs<Method>(run).weigh(Kilograms(value), from, keptBecause);
         },
         [](const Procedure& run) { return runningAs<Method>(run).test().mass; },
         [&session](double value) {
             return massOutOfRange(Kilograms(value), anthropometry::plausibleMass, session.units());
         }});
}

} // namespace fusain::desktop

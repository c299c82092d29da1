#pragma once
#include "core/anthropometry/limits.hpp"
#include "desktop/bench/method/reading_panels.hpp"
#include "procedure/method/method.hpp"

namespace fusain::desktop {

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
         [](double value) {
             return anthropometry::plausibleMass.holds(Kilograms(value))
                        ? QString()
                        : QObject::tr("A mass lies between 10 and 300 kg.");
         }});
}

} // namespace fusain::desktop

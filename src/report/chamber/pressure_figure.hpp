#pragma once
#include "core/airdisplacement/chamber.hpp"
#include "report/base/style.hpp"

#include <QPainter>
#include <vector>

namespace fusain::report {

/// The recordings of a calibration: how the pressure swings in the test chamber, empty and with the cylinder.
/// What fills the chamber makes the swing larger.
struct PressureStripModel {
    std::vector<airdisplacement::PressureSample> empty, cylinder;
    double seconds = 25.0; ///< that each recording takes
};
void paintPressureStrip(QPainter& painter, const QRectF& area, const PressureStripModel& model,
                        const Palette& palette);

} // namespace fusain::report

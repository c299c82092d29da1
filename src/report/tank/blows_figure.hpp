#pragma once
#include "core/lung/vital_capacity.hpp"
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>
#include <utility>
#include <vector>

namespace fusain::report {

/// The efforts of a vital capacity: their curves over each other, and their volumes as bars.
struct BlowsModel {
    /// Exhaled volume over time at room conditions; the last is the one that is being made.
    std::vector<std::vector<lung::VolumeSample>> curves;
    struct Bar {
        int number = 0;
        double volume = 0.0; ///< L BTPS
        bool acceptable = true;
    };
    std::vector<Bar> bars;
    double agreement = 0.150; ///< L within which the two largest must lie
};

/// Left the curves on one scale, right a bar an effort with the bracket in which the two largest must lie.
void paintBlows(QPainter& painter, const QRectF& area, const BlowsModel& model, const Palette& palette);

} // namespace fusain::report

#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>
#include <vector>

namespace fusain::report {

/// A check of an instrument as it is made: the error of each reading on a scale with the limit, over the errors
/// of the checks before it.
struct CheckScaleModel {
    double limit = 1.0;          ///< greatest error that passes, above 0, in the unit of the check
    std::vector<double> errors;  ///< of the readings taken, in their order
    std::optional<double> live;  ///< error of what the instrument shows now
    std::vector<double> earlier; ///< errors of the latest checks, oldest first
    int decimals = 3;
    QString unit;
};

/// Zero in the middle, the limit as a hatched bracket, each reading as a numbered mark above the line, the
/// checks before it as ticks below. An error beyond twice the limit stands at the edge with its figure.
void paintCheckScale(QPainter& painter, const QRectF& area, const CheckScaleModel& model,
                     const Palette& palette);

} // namespace fusain::report

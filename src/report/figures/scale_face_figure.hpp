#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>
#include <vector>

namespace fusain::report {

/// A scale as somebody reads it: a ring that closes as the reading steadies, and under it where the reading
/// lies among the client's last visits.
struct ScaleFaceModel {
    double steadiness = 0.0; ///< 0 … 1; 1 closes the ring
    std::optional<double> reading;
    struct Visit {
        double value;
        QString day;
    };
    std::vector<Visit> visits; ///< oldest first
    QString unit;
};
void paintScaleFace(QPainter& painter, const QRectF& area, const ScaleFaceModel& model, const Palette& palette);

/// How steady the last readings are: 1 while they lie within the tolerance, less the further they are apart.
/// @param tolerance above 0, in the unit of the readings  @return 0 for fewer than two readings
[[nodiscard]] double steadinessOf(const std::vector<double>& readings, double tolerance);

} // namespace fusain::report

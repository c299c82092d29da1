#pragma once
#include "core/impedance/cole.hpp"
#include "core/impedance/vector.hpp"
#include "report/base/style.hpp"

#include <QPainter>

namespace fusain::report {

/// A spectrum in the plane of resistance and reactance: the readings, the fitted arc, and the points left out
/// of it.
struct ArcModel {
    std::vector<impedance::SpectrumPoint> points;
    std::optional<impedance::ColeFit> fit;
};
void paintArc(QPainter& painter, const QRectF& area, const ArcModel& model, const Palette& palette);

/// Vectors of one person over time against the tolerance ellipses (50, 75 and 95 %) of a population.
struct VectorModel {
    impedance::VectorReference reference;
    struct Visit {
        impedance::BodyVector vector;
        QString label;
    };
    std::vector<Visit> path; ///< oldest first; the last is the present
};
void paintVector(QPainter& painter, const QRectF& area, const VectorModel& model, const Palette& palette);

} // namespace fusain::report

#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>
#include <vector>

namespace fusain::report {

/// Fat-free mass index against fat mass index with lines of equal body mass index and equal %fat; the visits
/// are a path.
/// @par Source Hattori K, Tatsumi N, Tanaka S (1997), Am J Hum Biol 9:573-578.
struct FieldModel {
    struct Point {
        double fatFreeMassIndex, fatMassIndex; ///< kg/m²
        QString label;
    };
    std::vector<Point> path;         ///< oldest first; the last is the present
    std::optional<QRectF> reference; ///< x: fat-free mass index, y: fat mass index
    QString referenceName;
};
void paintField(QPainter& painter, const QRectF& area, const FieldModel& model, const Palette& palette);

/// The technical variance as bars, largest first.
struct BudgetBar {
    QString name;
    double fraction;
    QString size;
};
void paintBudget(QPainter& painter, const QRectF& area, const std::vector<BudgetBar>& bars,
                 const Palette& palette);

} // namespace fusain::report

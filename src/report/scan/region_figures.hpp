#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>
#include <vector>

namespace fusain::report {

/// Regions of a scan as a compact table: what each holds, and what changed, as spindles on one axis for fat and
/// one for lean. A change within the error is drawn hollow.
struct RegionMatrixModel {
    struct Change {
        double difference = 0.0; ///< kg
        double least = 0.0;      ///< kg, least significant change
        [[nodiscard]] bool real() const { return difference > least || difference < -least; }
    };
    struct Row {
        QString name;
        QString fat, lean, bone, percent;
        std::optional<Change> fatChange, leanChange;
        bool strong = false; ///< total and subtotal
    };
    std::vector<Row> rows;
    bool amounts = true; ///< what each region holds; without it only the changes
    QString percentTitle;
    QString changeTitle; ///< "since 12 March 2025"; empty without an earlier scan
    QString note;
};
void paintRegionMatrix(QPainter& painter, const QRectF& area, const RegionMatrixModel& model,
                       const Palette& palette);

} // namespace fusain::report

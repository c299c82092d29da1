#pragma once
#include "core/quality/control_chart.hpp"
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>

namespace fusain::report {

/// A control chart on real dates.
struct ControlChartModel {
    std::vector<double> days; ///< since 1970, one a value
    std::vector<double> values;
    std::vector<quality::ChartPoint> points;
    /// Limits hold from one day to another: between two services.
    struct Limits {
        double fromDay, untilDay;
        quality::Baseline baseline;
    };
    std::vector<Limits> limits;   ///< the last are the present ones, which the axis names
    std::vector<double> services; ///< days on which the instrument was serviced
    QString unit;
    int decimals = 3;
    QString firstDay, lastDay;
};

/// Centre, warning (2 SD) and action (3 SD) lines; a dot in control, a diamond for a warning, a triangle when a
/// rule rejects; the weighted average as a thin berry line; a service as a vertical rule.
void paintControlChart(QPainter& painter, const QRectF& area, const ControlChartModel& model,
                       const Palette& palette);

/// The last twenty values against the present limits, without axes: a card's picture. Values further out than 4
/// SD stand at the edge.
void paintControlSpark(QPainter& painter, const QRectF& area, const ControlChartModel& model,
                       const Palette& palette);

/// The value whose mark lies within 12 pixels of a place in the picture; the nearest when there are several.
/// @param area the same that was painted
[[nodiscard]] std::optional<std::size_t> controlPointAt(const QPointF& place, const QRectF& area,
                                                        const ControlChartModel& model);

} // namespace fusain::report

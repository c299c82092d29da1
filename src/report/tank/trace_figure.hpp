#pragma once
#include "core/hydrostatic/weighing_trace.hpp"
#include "report/base/style.hpp"

#include <QPainter>
#include <span>

namespace fusain::report {

/// The load cell over time with the window that was read shaded and the value it gave.
struct TraceModel {
    std::span<const hydrostatic::ForceSample> samples;
    hydrostatic::TraceReading reading;
    double seconds = 15.0; ///< width of the time axis
};
void paintTrace(QPainter& painter, const QRectF& area, const TraceModel& model, const Palette& palette);

} // namespace fusain::report

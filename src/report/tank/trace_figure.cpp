#include "report/tank/trace_figure.hpp"

#include "core/units/format.hpp"
#include "report/base/figure_reading.hpp"
#include "report/figures/rule_figure.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

struct TraceAxes {
    QRectF plot;
    double seconds, low, high;
    [[nodiscard]] double x(double t) const { return plot.left() + t / seconds * plot.width(); }
    [[nodiscard]] double y(double mass) const {
        return plot.bottom() - (mass - low) / (high - low) * plot.height();
    }
};

// The scale follows the calm part: the plunge at the start may leave the picture.
TraceAxes axesFor(const QRectF& area, const TraceModel& model) {
    double low = -1.0, high = 10.0;
    if (!model.samples.empty()) {
        std::vector<double> masses;
        for (std::size_t i = model.samples.size() / 5; i < model.samples.size(); ++i)
            masses.push_back(model.samples[i].gross.value());
        std::ranges::sort(masses);
        low = masses[masses.size() / 50] - 0.15;
        high = masses[masses.size() - 1 - masses.size() / 50] + 0.15;
        if (high - low < 0.6) {
            const double middle = 0.5 * (low + high);
            low = middle - 0.3;
            high = middle + 0.3;
        }
    }
    double seconds = model.seconds;
    if (!model.samples.empty())
        seconds = std::max(seconds, model.samples.back().time.value());
    return {area.adjusted(46, 8, -8, -24), seconds, low, high};
}

void paintGrid(QPainter& painter, const TraceAxes& axes, const Palette& palette) {
    painter.setFont(numberFont(11));
    const double step = graduation(axes.high - axes.low, 5);
    for (double mass = std::ceil(axes.low / step) * step; mass <= axes.high; mass += step) {
        painter.setPen(QPen(palette.rule, 0.8));
        painter.drawLine(QPointF(axes.plot.left(), axes.y(mass)), QPointF(axes.plot.right(), axes.y(mass)));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(axes.plot.left() - 46, axes.y(mass) - 8, 40, 16),
                         Qt::AlignRight | Qt::AlignVCenter, number(mass, step < 0.1 ? 2 : 1));
    }
    const double every = graduation(axes.seconds, 7);
    for (double t = 0.0; t <= axes.seconds + 1e-9; t += every)
        painter.drawText(QRectF(axes.x(t) - 24, axes.plot.bottom() + 4, 48, 16), Qt::AlignCenter,
                         number(t, 0) + (t == 0.0 ? QStringLiteral(" s") : QString()));
}

} // namespace

void paintTrace(QPainter& painter, const QRectF& area, const TraceModel& model, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const TraceAxes axes = axesFor(area, model);
    paintGrid(painter, axes, palette);
    painter.setClipRect(axes.plot);
    const bool readable = model.reading.verdict == hydrostatic::TraceVerdict::Readable ||
                          model.reading.verdict == hydrostatic::TraceVerdict::Contact;
    if (readable && model.reading.windowEnd > model.reading.windowStart) {
        const QRectF window(QPointF(axes.x(model.reading.windowStart.value()), axes.plot.top()),
                            QPointF(axes.x(model.reading.windowEnd.value()), axes.plot.bottom()));
        painter.fillRect(window, palette.rule);
    }
    QPolygonF line;
    // At most two points a pixel are drawn; the record keeps every sample.
    const std::size_t stride = std::max<std::size_t>(
        1, model.samples.size() / static_cast<std::size_t>(2.0 * axes.plot.width() + 1.0));
    for (std::size_t i = 0; i < model.samples.size(); i += stride)
        line << QPointF(axes.x(model.samples[i].time.value()), axes.y(model.samples[i].gross.value()));
    painter.setPen(QPen(palette.ink, 1.2));
    painter.drawPolyline(line);
    if (readable) {
        const double y = axes.y(model.reading.gross.value());
        painter.setPen(QPen(palette.berry, 1.6));
        painter.drawLine(QPointF(axes.plot.left(), y), QPointF(axes.plot.right(), y));
        if (isRead(painter))
            readAs(painter, {axes.plot.center().x(), y},
                   tr("Steady reading: %1 kg").arg(number(model.reading.gross.value(), 3)));
    }
    if (isRead(painter)) { // each second; the record keeps every sample
        double next = 0.0;
        for (const auto& sample : model.samples)
            if (sample.time.value() >= next) {
                readAs(painter, {axes.x(sample.time.value()), axes.y(sample.gross.value())},
                       tr("%1 s: %2 kg").arg(number(sample.time.value(), 1), number(sample.gross.value(), 3)));
                next += 1.0;
            }
    }
    painter.restore();
}

} // namespace fusain::report

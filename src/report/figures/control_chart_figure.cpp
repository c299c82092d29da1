#include "report/figures/control_chart_figure.hpp"

#include "core/units/format.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

// Where days and values lie in the picture.
struct Axes {
    Axes(const QRectF& area, const ControlChartModel& model) : plot(area.adjusted(76, 10, -64, -22)) {
        sd = model.baseline.standardDeviation > 0.0 ? model.baseline.standardDeviation : 1.0;
        const auto [least, most] = std::ranges::minmax(model.values);
        low = std::min(least, model.baseline.mean - 3.4 * sd);
        high = std::max(most, model.baseline.mean + 3.4 * sd);
        margin = 0.05 * (high - low);
        firstDay = model.days.front();
        lastDay = std::max(model.days.back(), firstDay + 1.0);
    }
    [[nodiscard]] double x(double day) const {
        return plot.left() + (day - firstDay) / (lastDay - firstDay) * plot.width();
    }
    [[nodiscard]] double y(double value) const {
        return plot.bottom() - (value - low + margin) / (high - low + 2.0 * margin) * plot.height();
    }
    QRectF plot;
    double sd = 1.0, low = 0.0, high = 1.0, margin = 0.0, firstDay = 0.0, lastDay = 1.0;
};

void paintMark(QPainter& painter, const QPointF& at, const quality::ChartPoint& point, const Palette& palette) {
    painter.setPen(QPen(point.rejected() || !point.rules.empty() ? palette.aril : palette.ink, 1.4));
    painter.setBrush(point.rejected() ? palette.aril : point.rules.empty() ? palette.ink : palette.sheet);
    if (point.rejected())
        painter.drawPolygon(QPolygonF({at + QPointF(0, -6), at + QPointF(6, 5), at + QPointF(-6, 5)}));
    else if (!point.rules.empty())
        painter.drawPolygon(
            QPolygonF({at + QPointF(0, -5), at + QPointF(5, 0), at + QPointF(0, 5), at + QPointF(-5, 0)}));
    else
        painter.drawEllipse(at, 3.0, 3.0);
}

} // namespace

void paintControlChart(QPainter& painter, const QRectF& area, const ControlChartModel& model,
                       const Palette& palette) {
    if (model.values.empty())
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const Axes axes(area, model);
    const QRectF& plot = axes.plot;
    const double sd = axes.sd;
    const auto x = [&](double day) { return axes.x(day); };
    const auto y = [&](double value) { return axes.y(value); };
    const bool roomy = y(model.baseline.mean) - y(model.baseline.mean + sd) > 14.0;
    painter.setFont(numberFont(11));
    for (const int multiple : {-3, -2, 0, 2, 3}) {
        const double value = model.baseline.mean + multiple * sd;
        painter.setPen(QPen(multiple == 0 ? palette.ink : palette.softInk, multiple == 0 ? 1.2 : 1.0,
                            multiple == 0             ? Qt::SolidLine
                            : std::abs(multiple) == 2 ? Qt::DotLine
                                                      : Qt::DashLine));
        painter.drawLine(QPointF(plot.left(), y(value)), QPointF(plot.right(), y(value)));
        if (std::abs(multiple) == 2 && !roomy)
            continue;
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(area.left(), y(value) - 8, 70, 16), Qt::AlignRight | Qt::AlignVCenter,
                         QString::fromStdString(fixed(value, model.decimals)));
        const QString name = multiple == 0
                                 ? QCoreApplication::translate("report", "centre")
                                 : QString::fromStdString(signedFixed(multiple, 0)) + QStringLiteral(" SD");
        painter.drawText(QRectF(plot.right() + 6, y(value) - 8, 60, 16), Qt::AlignLeft | Qt::AlignVCenter,
                         name);
    }
    painter.setPen(QPen(palette.ink, 1.0));
    for (const double day : model.services) {
        painter.drawLine(QPointF(x(day), plot.top()), QPointF(x(day), plot.bottom()));
        painter.drawText(QRectF(x(day) + 3, plot.top(), 80, 14), Qt::AlignLeft,
                         QCoreApplication::translate("report", "service"));
    }
    painter.setPen(QPen(palette.berry, 1.2));
    painter.setBrush(Qt::NoBrush);
    QPolygonF average;
    for (std::size_t i = 0; i < model.points.size(); ++i)
        average << QPointF(x(model.days[i]), y(model.points[i].ewma));
    painter.drawPolyline(average);
    for (std::size_t i = 0; i < model.points.size(); ++i)
        paintMark(painter, QPointF(x(model.days[i]), y(model.values[i])), model.points[i], palette);
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(plot.left() - 20, plot.bottom() + 4, 140, 16), Qt::AlignLeft, model.firstDay);
    painter.drawText(QRectF(plot.right() - 140, plot.bottom() + 4, 140, 16), Qt::AlignRight, model.lastDay);
    painter.restore();
}

std::optional<std::size_t> controlPointAt(const QPointF& place, const QRectF& area,
                                          const ControlChartModel& model) {
    if (model.values.empty())
        return std::nullopt;
    const Axes axes(area, model);
    std::optional<std::size_t> nearest;
    double least = 12.0;
    for (std::size_t i = 0; i < model.values.size(); ++i) {
        const QPointF away = place - QPointF(axes.x(model.days[i]), axes.y(model.values[i]));
        if (const double distance = std::hypot(away.x(), away.y()); distance <= least) {
            least = distance;
            nearest = i;
        }
    }
    return nearest;
}

} // namespace fusain::report

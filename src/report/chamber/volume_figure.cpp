#include "report/chamber/volume_figure.hpp"

#include "core/units/format.hpp"
#include "report/base/figure_reading.hpp"
#include "report/figures/rule_figure.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::report {

void paintVolumeTrace(QPainter& painter, const QRectF& area,
                      const airdisplacement::VolumeReadingResult& reading, const Palette& palette) {
    if (reading.windowVolumes.empty())
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF plot = area.adjusted(54, 6, -8, -18);
    const auto [low, high] = std::ranges::minmax(reading.windowVolumes);
    const double middle = 0.5 * (low + high), reach = std::max(0.3, 0.6 * (high - low));
    const double longest = std::max(50.0, reading.windowTimes.back() + 1.0);
    const auto x = [&](double t) { return plot.left() + t / longest * plot.width(); };
    const auto y = [&](double v) { return plot.center().y() - (v - middle) / reach * plot.height() / 2.0; };
    const double step = graduation(2.0 * reach, 4);
    painter.setFont(numberFont(11));
    for (double v = std::ceil((middle - reach) / step) * step; v <= middle + reach; v += step) {
        painter.setPen(QPen(palette.rule, 1));
        painter.drawLine(QPointF(plot.left(), y(v)), QPointF(plot.right(), y(v)));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(area.left(), y(v) - 8, 48, 16), Qt::AlignRight | Qt::AlignVCenter,
                         number(v, step < 0.1 ? 2 : 1));
    }
    painter.setPen(palette.softInk);
    for (int t = 0; t <= static_cast<int>(longest); t += 10)
        painter.drawText(QRectF(x(t) - 24, plot.bottom() + 2, 48, 16), Qt::AlignCenter,
                         t == 0 ? QStringLiteral("0 s") : QString::number(t));
    painter.setPen(QPen(palette.ink, 1.0));
    QPolygonF line;
    for (std::size_t i = 0; i < reading.windowVolumes.size(); ++i)
        line << QPointF(x(reading.windowTimes[i]), y(reading.windowVolumes[i]));
    painter.drawPolyline(line);
    painter.setBrush(palette.ink);
    for (const QPointF& point : line)
        painter.drawEllipse(point, 1.6, 1.6);
    if (isRead(painter))
        for (std::size_t i = 0; i < reading.windowVolumes.size(); ++i)
            readAs(
                painter, line[static_cast<qsizetype>(i)],
                tr("%1 s: %2 L").arg(number(reading.windowTimes[i], 1), number(reading.windowVolumes[i], 3)));
    if (reading.state != airdisplacement::TrialState::Waiting) {
        painter.setPen(QPen(palette.berry, 1.8));
        painter.drawLine(QPointF(plot.left(), y(reading.volume.value())),
                         QPointF(plot.right(), y(reading.volume.value())));
    }
    painter.restore();
}

} // namespace fusain::report

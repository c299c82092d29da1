#include "report/chamber/pressure_figure.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

using Samples = std::vector<airdisplacement::PressureSample>;

double meanOf(const Samples& samples) {
    double sum = 0.0;
    for (const auto& sample : samples)
        sum += sample.test.value();
    return sum / static_cast<double>(std::max<std::size_t>(1, samples.size()));
}

double swingOf(const Samples& samples) {
    double most = 0.0;
    const double mean = meanOf(samples);
    for (const auto& sample : samples)
        most = std::max(most, std::abs(sample.test.value() - mean));
    return most;
}

void paintStrip(QPainter& painter, const QRectF& strip, const Samples& samples, const QString& name,
                double reach, double seconds, const Palette& palette) {
    painter.setFont(textFont(12));
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(strip.left(), strip.top(), 110, strip.height()), Qt::AlignVCenter, name);
    const QRectF plot = strip.adjusted(116, 4, -8, -4);
    painter.setPen(QPen(palette.rule, 1.0));
    painter.drawLine(QPointF(plot.left(), plot.center().y()), QPointF(plot.right(), plot.center().y()));
    if (samples.empty())
        return;
    const double mean = meanOf(samples), start = samples.front().time.value();
    QPolygonF line;
    for (const auto& sample : samples)
        line << QPointF(plot.left() + std::min(1.0, (sample.time.value() - start) / seconds) * plot.width(),
                        plot.center().y() - (sample.test.value() - mean) / reach * 0.5 * plot.height());
    painter.setPen(QPen(palette.ink, 0.8));
    painter.drawPolyline(line);
    if (isRead(painter))
        readAs(painter, plot.center(),
               tr("%1: pressure swings by ± %2 Pa").arg(name, number(swingOf(samples), 2)));
}

} // namespace

void paintPressureStrip(QPainter& painter, const QRectF& area, const PressureStripModel& model,
                        const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double reach = std::max({1e-6, swingOf(model.empty), swingOf(model.cylinder)}),
                 half = 0.5 * area.height();
    paintStrip(painter, QRectF(area.left(), area.top(), area.width(), half), model.empty, tr("empty chamber"),
               reach, model.seconds, palette);
    paintStrip(painter, QRectF(area.left(), area.top() + half, area.width(), half), model.cylinder,
               tr("with the cylinder"), reach, model.seconds, palette);
    painter.restore();
}

} // namespace fusain::report

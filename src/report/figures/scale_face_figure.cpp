#include "report/figures/scale_face_figure.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

#include <QCoreApplication>
#include <algorithm>

namespace fusain::report {
namespace {

constexpr double ringSize = 84.0, ringWidth = 7.0;

void paintRing(QPainter& painter, const QRectF& ring, const ScaleFaceModel& model, const Palette& palette) {
    constexpr int top = 90 * 16, whole = 360 * 16; // sixteenths of a degree
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(palette.rule, ringWidth));
    painter.drawEllipse(ring);
    const bool steady = model.steadiness >= 1.0;
    painter.setPen(QPen(steady ? palette.leaf : palette.aril, ringWidth, Qt::SolidLine, Qt::FlatCap));
    if (model.reading)
        painter.drawArc(ring, top, -static_cast<int>(std::clamp(model.steadiness, 0.0, 1.0) * whole));
    painter.setFont(textFont(12, Weight::SemiBold));
    painter.setPen(palette.ink);
    const QString word = !model.reading ? tr("empty") : steady ? tr("steady") : tr("settling");
    painter.drawText(ring, Qt::AlignCenter, word);
    if (isRead(painter))
        readAs(painter, ring.center(), word);
}

// The last visits as ticks on one line, the reading of now as a triangle above it.
void paintVisits(QPainter& painter, const QRectF& area, const ScaleFaceModel& model, const Palette& palette) {
    std::vector<double> values;
    for (const auto& visit : model.visits)
        values.push_back(visit.value);
    const auto [least, most] = std::ranges::minmax(values);
    const double margin = std::max(3.0, 0.5 * (most - least));
    const double low = least - margin, high = most + margin, y = area.center().y();
    const auto x = [&](double value) {
        return area.left() + (std::clamp(value, low, high) - low) / (high - low) * area.width();
    };
    painter.setPen(QPen(palette.ink, 1.2));
    painter.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
    for (const auto& visit : model.visits) {
        painter.setPen(QPen(palette.softInk, &visit == &model.visits.back() ? 2.6 : 1.4));
        painter.drawLine(QPointF(x(visit.value), y - 8.0), QPointF(x(visit.value), y + 8.0));
        if (isRead(painter))
            readAs(painter, {x(visit.value), y},
                   tr("%1: %2 %3").arg(visit.day, number(visit.value, 1), model.unit));
    }
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    const auto& last = model.visits.back();
    painter.drawText(QRectF(area.left(), y + 10.0, area.width(), 16.0), Qt::AlignLeft,
                     tr("last visit %1: %2 %3").arg(last.day, number(last.value, 1), model.unit));
    if (!model.reading)
        return;
    const double at = x(*model.reading);
    painter.setPen(Qt::NoPen);
    painter.setBrush(palette.berry);
    painter.drawPolygon(QPolygonF({{at, y - 3.0}, {at - 6.0, y - 15.0}, {at + 6.0, y - 15.0}}));
}

} // namespace

double steadinessOf(const std::vector<double>& readings, double tolerance) {
    if (readings.size() < 2)
        return 0.0;
    const auto [least, most] = std::ranges::minmax(readings);
    return most - least <= tolerance ? 1.0 : tolerance / (most - least);
}

void paintScaleFace(QPainter& painter, const QRectF& area, const ScaleFaceModel& model,
                    const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF ring(area.left() + ringWidth, area.top() + 0.5 * (area.height() - ringSize), ringSize,
                      ringSize);
    paintRing(painter, ring, model, palette);
    if (!model.visits.empty())
        paintVisits(painter,
                    QRectF(ring.right() + 28.0, area.top(), area.right() - ring.right() - 40.0, area.height()),
                    model, palette);
    painter.restore();
}

} // namespace fusain::report

#include "report/figures/change_figure.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

#include <QPainterPath>
#include <algorithm>

namespace fusain::report {
namespace {

constexpr double markReach = 5.0; // times the LSC, from the middle to the edge
constexpr double farthest = 4.0;

QString markWords(const ChangeMark& mark) {
    switch (mark.state) {
    case ChangeMark::State::Exceeds:
        return tr("exceeds the LSC");
    case ChangeMark::State::Within:
        return tr("within measurement error");
    case ChangeMark::State::NotComparable:
        break;
    }
    return mark.push > 0   ? tr("not comparable; the preparation alone reads higher")
           : mark.push < 0 ? tr("not comparable; the preparation alone reads lower")
                           : tr("not comparable");
}

void paintPush(QPainter& painter, const QPointF& from, int push, const Palette& palette) {
    constexpr double length = 16.0, head = 4.0;
    const QPointF tip = from + QPointF(push * length, 0.0);
    painter.setPen(QPen(palette.aril, 1.4));
    painter.drawLine(from, tip);
    painter.setBrush(palette.aril);
    painter.drawPolygon(
        QPolygonF({tip, tip + QPointF(-push * head, -0.7 * head), tip + QPointF(-push * head, 0.7 * head)}));
}

} // namespace

void paintChangeMark(QPainter& painter, const QRectF& area, const ChangeMark& mark, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double unit = 0.5 * area.width() / markReach, middle = area.center().x(), y = area.center().y();
    const double high = 0.32 * area.height();
    painter.fillRect(QRectF(middle - unit, y - high, 2.0 * unit, 2.0 * high),
                     QBrush(palette.rule, Qt::BDiagPattern));
    painter.setPen(QPen(palette.softInk, 1.0));
    for (const double x : {middle - unit, middle, middle + unit})
        painter.drawLine(QPointF(x, y - high), QPointF(x, y + high));
    const double x = middle + std::clamp(mark.ratio, -farthest, farthest) * unit;
    QPainterPath lens(QPointF(x - unit, y));
    lens.quadTo(QPointF(x, y - 2.0 * high), QPointF(x + unit, y));
    lens.quadTo(QPointF(x, y + 2.0 * high), QPointF(x - unit, y));
    const bool exceeds = mark.state == ChangeMark::State::Exceeds,
               dashed = mark.state == ChangeMark::State::NotComparable;
    painter.setPen(QPen(exceeds ? palette.berry : palette.softInk, 1.3, dashed ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(exceeds ? QBrush(palette.berry) : QBrush(Qt::NoBrush));
    painter.drawPath(lens);
    painter.setPen(QPen(palette.ink, 1.5));
    painter.drawLine(QPointF(x, y - high), QPointF(x, y + high));
    if (dashed && mark.push != 0)
        paintPush(painter, {middle, area.bottom() - 3.0}, mark.push, palette);
    if (isRead(painter))
        readAs(painter, {x, y}, markWords(mark));
    painter.restore();
}

} // namespace fusain::report

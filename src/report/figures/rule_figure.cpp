#include "report/figures/rule_figure.hpp"

#include "core/units/format.hpp"
#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

#include <QPainterPath>
#include <cmath>

namespace fusain::report {

double graduation(double range, int count) {
    const double raw = range / count, power = std::pow(10.0, std::floor(std::log10(raw))),
                 leading = raw / power;
    return (leading < 1.5 ? 1.0 : leading < 3.5 ? 2.0 : leading < 7.5 ? 5.0 : 10.0) * power;
}

void paintSpindle(QPainter& painter, const Spindle& spindle, double origin, double pixelsPerUnit, double y,
                  double height, const Palette& palette) {
    const double x = origin + spindle.estimate * pixelsPerUnit, half = spindle.halfWidth * pixelsPerUnit;
    const QColor colour = spindle.past ? palette.softInk : palette.berry;
    if (half > 1.0) {
        QPainterPath lens(QPointF(x - half, y));
        lens.quadTo(QPointF(x, y - height), QPointF(x + half, y));
        lens.quadTo(QPointF(x, y + height), QPointF(x - half, y));
        painter.setPen(QPen(colour, 1.2));
        painter.setBrush(spindle.past ? Qt::NoBrush : QBrush(colour, Qt::SolidPattern));
        painter.drawPath(lens);
    }
    painter.setPen(QPen(spindle.past ? colour : palette.ink, 1.6));
    painter.drawLine(QPointF(x, y - height * 0.85), QPointF(x, y + height * 0.85));
}

void paintBand(QPainter& painter, double left, double right, double y, const Palette& palette) {
    painter.setPen(QPen(palette.softInk, 0.8));
    for (double x = left; x < right; x += 5.0)
        painter.drawLine(QPointF(x, y + 7.0),
                         QPointF(std::min(x + 5.0, right), y + 7.0 - std::min(5.0, right - x)));
    painter.setPen(QPen(palette.ink, 1.2));
    painter.drawPolyline(QPolygonF({{left, y}, {left, y + 8.0}, {right, y + 8.0}, {right, y}}));
}

namespace {

QString valueOf(const Spindle& spindle, const RuleModel& model) {
    const QString value = number(spindle.estimate, model.decimals) +
                          (model.unit.isEmpty() ? QString() : QLatin1Char(' ') + model.unit);
    return spindle.halfWidth > 0.0 ? value + tr("  ± %1 (95 %)").arg(number(spindle.halfWidth, model.decimals))
                                   : value;
}

} // namespace

void paintRule(QPainter& painter, const QRectF& area, const RuleModel& model, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double left = area.left() + 10.0, width = area.width() - 20.0;
    const double scale = width / (model.to - model.from), origin = left - model.from * scale;
    const double line = area.top() + (model.said ? 30.0 : 52.0);

    painter.setFont(textFont(13, Weight::SemiBold));
    painter.setPen(palette.ink);
    if (!model.said)
        painter.drawText(QRectF(area.left(), area.top(), area.width() * 0.6, 18),
                         Qt::AlignLeft | Qt::AlignVCenter, model.title);
    if (!model.spindles.empty() && !model.said) {
        const Spindle& now = model.spindles.back();
        const QString value = valueOf(now, model);
        painter.setFont(numberFont(13, Weight::SemiBold));
        painter.setPen(palette.berry);
        painter.drawText(QRectF(area.left(), area.top(), area.width(), 18), Qt::AlignRight | Qt::AlignVCenter,
                         value);
    }

    painter.setPen(QPen(palette.ink, 1.2));
    painter.drawLine(QPointF(left, line), QPointF(left + width, line));
    const double step = graduation(model.to - model.from, 8);
    painter.setFont(numberFont(11));
    for (double x = std::ceil(model.from / step) * step; x <= model.to + 1e-9; x += step) {
        const double at = origin + x * scale;
        painter.setPen(QPen(palette.ink, 1.0));
        painter.drawLine(QPointF(at, line), QPointF(at, line + 6.0));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(at - 30, line + 6.0, 60, 14), Qt::AlignCenter,
                         number(x, step < 0.1   ? 2
                                   : step < 1.0 ? 1
                                                : 0));
    }
    if (model.spindles.empty())
        if (isRead(painter))
            readAs(painter, {left, line}, tr("%1: no value").arg(model.title));
    for (const Spindle& spindle : model.spindles) {
        paintSpindle(painter, spindle, origin, scale, line - 14.0, 12.0, palette);
        if (isRead(painter))
            readAs(painter, {origin + spindle.estimate * scale, line - 14.0},
                   (spindle.past ? tr("%1, before: %2") : QStringLiteral("%1: %2"))
                       .arg(model.title, valueOf(spindle, model)));
    }
    if (model.band)
        if (isRead(painter))
            readAs(painter, {origin + 0.5 * (model.band->first + model.band->second) * scale, line + 25.0},
                   tr("Reference %1 to %2 %3, %4")
                       .arg(number(model.band->first, model.decimals),
                            number(model.band->second, model.decimals), model.unit, model.reference));
    if (model.band)
        paintBand(painter, std::max(left, origin + model.band->first * scale),
                  std::min(left + width, origin + model.band->second * scale), line + 21.0, palette);
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    const QRectF below(area.left(), line + 32.0, area.width(), std::max(18.0, area.bottom() - line - 32.0));
    const bool fits =
        painter.fontMetrics().boundingRect(below.toRect(), Qt::TextWordWrap, model.reference).height() <=
        below.height();
    painter.drawText(below,
                     fits ? Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap : Qt::AlignLeft | Qt::AlignTop,
                     fits ? model.reference
                          : painter.fontMetrics().elidedText(model.reference, Qt::ElideRight,
                                                             static_cast<int>(below.width())));
    painter.restore();
}

void paintRules(QPainter& painter, const QRectF& area, const std::vector<RuleModel>& models,
                const Palette& palette) {
    if (models.empty())
        return;
    const double scale = std::min(1.0, area.height() / (ruleHeight * static_cast<double>(models.size())));
    painter.save();
    painter.translate(area.topLeft());
    painter.scale(scale, scale);
    for (std::size_t i = 0; i < models.size(); ++i)
        paintRule(painter, QRectF(0, static_cast<double>(i) * ruleHeight, area.width() / scale, ruleHeight),
                  models[i], palette);
    painter.restore();
}

} // namespace fusain::report

#include "report/figures/spindles_figure.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::report {

void paintSpindles(QPainter& painter, const QRectF& area, const std::vector<NamedSpindle>& rows,
                   const Palette& palette) {
    if (rows.empty())
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    double low = 1e9, high = -1e9;
    for (const NamedSpindle& row : rows) {
        low = std::min(low, row.value - row.half);
        high = std::max(high, row.value + row.half);
    }
    low = std::floor(low) - 1.0;
    high = std::ceil(high) + 1.0;
    const double names = std::min(250.0, 0.42 * area.width()), left = area.left() + names,
                 right = area.right() - 130, scale = (right - left) / (high - low),
                 height = std::min(30.0, (area.height() - 24) / static_cast<double>(rows.size()));
    painter.setFont(numberFont(11));
    const double step = graduation(high - low, 8);
    for (double value = std::ceil(low / step) * step; value <= high; value += step) {
        const double x = left + (value - low) * scale;
        painter.setPen(QPen(palette.rule, 0.8));
        painter.drawLine(QPointF(x, area.top()), QPointF(x, area.bottom() - 22));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(x - 30, area.bottom() - 20, 60, 16), Qt::AlignCenter,
                         number(value, step < 1.0 ? 1 : 0));
    }
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(right + 10, area.bottom() - 20, 120, 16), Qt::AlignVCenter, tr("± is the 95 % CI"));
    double y = area.top() + 0.5 * height;
    for (const NamedSpindle& row : rows) {
        painter.setFont(textFont(12, row.strong ? Weight::SemiBold : Weight::Regular));
        painter.setPen(palette.ink);
        painter.drawText(QRectF(area.left(), y - 10, names - 10, 20), Qt::AlignVCenter, row.name);
        paintSpindle(painter, {row.value, row.half, !row.strong}, left - low * scale, scale, y, 0.4 * height,
                     palette);
        const QString value = QStringLiteral("%1 ± %2 %").arg(number(row.value, 1), number(row.half, 1));
        if (isRead(painter))
            readAs(painter, {left + (row.value - low) * scale, y}, tr("%1: %2 (95 % CI)").arg(row.name, value));
        painter.setFont(numberFont(12));
        painter.setPen(palette.ink);
        painter.drawText(QRectF(right + 10, y - 10, 120, 20), Qt::AlignVCenter, value);
        y += height;
    }
    painter.restore();
}

} // namespace fusain::report

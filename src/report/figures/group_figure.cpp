#include "report/figures/group_figure.hpp"

#include "core/numeric/statistics.hpp"
#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace fusain::report {
void paintGroup(QPainter& painter, const QRectF& area, const GroupModel& model, const Palette& palette) {
    std::vector<double> all = model.women;
    all.insert(all.end(), model.men.begin(), model.men.end());
    if (all.empty())
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const auto [least, most] = std::ranges::minmax(all);
    const double step = graduation(std::max(most - least, 0.1 * std::abs(most)), 6);
    const double from = std::floor(least / step) * step,
                 to = std::max(std::ceil(most / step), std::floor(least / step) + 1.0) * step;
    const QRectF plot = area.adjusted(70, 26, -16, -24);
    const auto x = [&](double value) { return plot.left() + (value - from) / (to - from) * plot.width(); };
    painter.setFont(textFont(13, Weight::SemiBold));
    painter.setPen(palette.ink);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 18), Qt::AlignLeft,
                     tr("%1, %2; %3 people, median %4")
                         .arg(model.title, model.unit)
                         .arg(all.size())
                         .arg(number(statistics::median(all), model.decimals)));
    painter.drawLine(plot.bottomLeft(), plot.bottomRight());
    painter.setFont(numberFont(11));
    for (double value = from; value <= to + 1e-9; value += step) {
        painter.setPen(palette.softInk);
        painter.drawLine(QPointF(x(value), plot.bottom()), QPointF(x(value), plot.bottom() + 4));
        painter.drawText(QRectF(x(value) - 30, plot.bottom() + 6, 60, 14), Qt::AlignHCenter,
                         number(value, step < 1.0 ? 1 : 0));
    }
    const double row = plot.height() / 2.0;
    int line = 0;
    for (const auto& [name, values] : {std::pair(tr("women"), model.women), std::pair(tr("men"), model.men)}) {
        const double y = plot.top() + row * (0.5 + line++);
        if (values.empty())
            continue;
        painter.setFont(textFont(11));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(area.left(), y - 8, 60, 16), Qt::AlignLeft | Qt::AlignVCenter, name);
        // Equal neighbours step aside, so that each dot is one person.
        std::vector<double> sorted = values;
        std::ranges::sort(sorted);
        double lastX = -1e9;
        int stacked = 0;
        painter.setPen(QPen(palette.ink, 1.0));
        painter.setBrush(palette.sheet);
        for (const double value : sorted) {
            stacked = x(value) - lastX < 8.0 ? stacked + 1 : 0;
            lastX = x(value);
            const QPointF dot(x(value), y + (stacked % 2 ? -1.0 : 1.0) * 5.0 * ((stacked + 1) / 2));
            painter.drawEllipse(dot, 4.0, 4.0);
            if (isRead(painter))
                readAs(painter, dot,
                       QStringLiteral("%1: %2 %3").arg(name, number(value, model.decimals), model.unit));
        }
        const double middle = x(statistics::median(sorted));
        painter.setPen(QPen(palette.berry, 2.0));
        painter.drawLine(QPointF(middle, y - 0.42 * row), QPointF(middle, y + 0.42 * row));
    }
    painter.restore();
}

} // namespace fusain::report

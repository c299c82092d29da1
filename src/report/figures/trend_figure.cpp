#include "report/figures/trend_figure.hpp"

#include "core/units/format.hpp"
#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <array>
#include <cmath>

namespace fusain::report {
namespace {

/// Where values and days lie on the paper.
struct TrendAxes {
    QRectF plot;
    double low = 1e9, high = -1e9, firstDay = 1e18, lastDay = -1e18;

    TrendAxes(const QRectF& place, const TrendModel& model) : plot(place) {
        for (const auto& line : model.lines)
            for (const auto& point : line.points) {
                low = std::min(low, point.value - point.halfWidth);
                high = std::max(high, point.value + point.halfWidth);
                firstDay = std::min(firstDay, point.day);
                lastDay = std::max(lastDay, point.day);
            }
        const double margin = std::max(0.02 * std::abs(high), 0.1 * (high - low));
        low -= margin;
        high += margin;
    }
    [[nodiscard]] double x(double day) const {
        return plot.left() + 40 + (day - firstDay) / std::max(1.0, lastDay - firstDay) * (plot.width() - 80);
    }
    [[nodiscard]] double dayAt(double x) const {
        return firstDay + (x - plot.left() - 40) / (plot.width() - 80) * std::max(1.0, lastDay - firstDay);
    }
    [[nodiscard]] double y(double value) const {
        return plot.bottom() - (value - low) / (high - low) * plot.height();
    }
};

void paintMark(QPainter& painter, const QPointF& at, std::size_t line) {
    switch (line % 3) {
    case 0:
        painter.drawEllipse(at, 4.5, 4.5);
        break;
    case 1:
        painter.drawRect(QRectF(at.x() - 4, at.y() - 4, 8, 8));
        break;
    default:
        painter.drawPolygon(QPolygonF(
            {at + QPointF(0, -5.5), at + QPointF(5.5, 0), at + QPointF(0, 5.5), at + QPointF(-5.5, 0)}));
    }
}

void paintLine(QPainter& painter, const TrendAxes& axes, const TrendModel::Line& line, std::size_t number,
               bool last, const QString& unit, const Palette& palette) {
    static constexpr std::array styles{Qt::SolidLine, Qt::DashLine, Qt::DotLine};
    QPolygonF path;
    for (const auto& point : line.points)
        path << QPointF(axes.x(point.day), axes.y(point.value));
    painter.setPen(QPen(palette.softInk, 1.4, styles[number % styles.size()]));
    painter.drawPolyline(path);
    for (std::size_t i = 0; i < line.points.size(); ++i) {
        const auto& point = line.points[i];
        const bool present = last && i + 1 == line.points.size();
        const double x = axes.x(point.day);
        painter.setPen(QPen(present ? palette.berry : palette.ink, present ? 3.0 : 2.0));
        painter.drawLine(QPointF(x, axes.y(point.value - point.halfWidth)),
                         QPointF(x, axes.y(point.value + point.halfWidth)));
        painter.setBrush(present ? palette.berry : palette.sheet);
        paintMark(painter, {x, axes.y(point.value)}, number);
        if (isRead(painter))
            readAs(painter, {x, axes.y(point.value)},
                   tr("%1, %2: %3 ± %4 %5 (95 %, from visit to visit)")
                       .arg(line.name, point.label, report::number(point.value, 1),
                            report::number(point.halfWidth, 1), unit));
    }
}

// Dates under the plot, as many as there is room for.
void paintDays(QPainter& painter, const TrendAxes& axes, const TrendModel& model, const Palette& palette) {
    std::vector<const TrendModel::Point*> points;
    for (const auto& line : model.lines)
        for (const auto& point : line.points)
            points.push_back(&point);
    std::ranges::sort(points, {}, &TrendModel::Point::day);
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    double free = -1e9;
    for (const auto* point : points)
        if (const double x = axes.x(point->day); x - 50 >= free) {
            painter.drawText(QRectF(x - 50, axes.plot.bottom() + 4, 100, 16), Qt::AlignCenter, point->label);
            free = x + 46;
        }
}

// Which mark is which line; a single line needs no key.
void paintKey(QPainter& painter, const QRectF& area, const TrendModel& model, const Palette& palette) {
    if (model.lines.size() < 2)
        return;
    painter.setFont(textFont(11));
    double x = area.left() + 44;
    for (std::size_t i = 0; i < model.lines.size(); ++i) {
        painter.setPen(QPen(palette.ink, 1.6));
        painter.setBrush(palette.sheet);
        paintMark(painter, {x + 5, area.top() + 29}, i);
        painter.setPen(palette.softInk);
        const double width = QFontMetricsF(painter.font()).horizontalAdvance(model.lines[i].name);
        painter.drawText(QRectF(x + 15, area.top() + 21, width + 4, 16), Qt::AlignVCenter, model.lines[i].name);
        x += width + 40;
    }
}

QRectF trendPlot(const QRectF& area, const TrendModel& model) {
    return area.adjusted(44, model.lines.size() > 1 ? 42 : 26, -16, -24);
}

} // namespace

std::optional<double> trendDayAt(double x, const QRectF& area, const TrendModel& model) {
    return model.lines.empty() ? std::nullopt
                               : std::optional(TrendAxes(trendPlot(area, model), model).dayAt(x));
}

void paintTrend(QPainter& painter, const QRectF& area, const TrendModel& model, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(textFont(13, Weight::SemiBold));
    painter.setPen(palette.ink);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                     model.title + QStringLiteral(", ") + model.unit);
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 18), Qt::AlignRight | Qt::AlignVCenter,
                     model.note);
    if (model.lines.empty()) {
        painter.restore();
        return;
    }
    const TrendAxes axes(trendPlot(area, model), model);
    if (model.band)
        painter.fillRect(
            QRectF(QPointF(axes.plot.left(),
                           std::max(axes.plot.top(), axes.y(model.band->first + model.band->second))),
                   QPointF(axes.plot.right(),
                           std::min(axes.plot.bottom(), axes.y(model.band->first - model.band->second)))),
            palette.rule);
    painter.setFont(numberFont(11));
    const double step = graduation(axes.high - axes.low, 4);
    for (double value = std::ceil(axes.low / step) * step; value <= axes.high; value += step) {
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(area.left(), axes.y(value) - 8, 38, 16), Qt::AlignRight | Qt::AlignVCenter,
                         number(value, step < 0.1   ? 2
                                       : step < 1.0 ? 1
                                                    : 0));
    }
    for (std::size_t i = 0; i < model.lines.size(); ++i)
        paintLine(painter, axes, model.lines[i], i, i + 1 == model.lines.size(), model.unit, palette);
    paintDays(painter, axes, model, palette);
    paintKey(painter, area, model, palette);
    painter.restore();
}

void paintSmallTrend(QPainter& painter, const QRectF& area, const TrendModel& model, bool chosen,
                     const Palette& palette) {
    constexpr double left = 104.0, right = 64.0;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    if (chosen)
        painter.fillRect(QRectF(area.left(), area.top() + 4, 3, area.height() - 8), palette.berry);
    painter.setFont(textFont(12, chosen ? Weight::SemiBold : Weight::Regular));
    painter.setPen(palette.ink);
    painter.drawText(QRectF(area.left() + 10, area.top(), left - 10, area.height()),
                     Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap, model.title);
    if (!model.lines.empty()) {
        const TrendAxes axes(area.adjusted(left - 30, 6, -right + 30, -6), model);
        for (std::size_t i = 0; i < model.lines.size(); ++i)
            paintLine(painter, axes, model.lines[i], i, i + 1 == model.lines.size(), model.unit, palette);
        const double last = model.lines.back().points.back().value;
        painter.setFont(numberFont(12));
        painter.setPen(palette.ink);
        painter.drawText(QRectF(area.right() - right, area.top(), right, area.height()),
                         Qt::AlignRight | Qt::AlignVCenter,
                         QStringLiteral("%1 %2").arg(number(last, 1), model.unit));
    }
    painter.setPen(QPen(palette.rule, 1.0));
    painter.drawLine(area.bottomLeft(), area.bottomRight());
    painter.restore();
}

void paintBalance(QPainter& painter, const QRectF& area, const BalanceModel& model, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    double most = std::max(0.5, std::abs(model.mass));
    for (const auto& part : model.parts)
        most = std::max(most, std::abs(part.difference) + part.least);
    const double left = area.left() + 130, right = area.right() - 130, zero = 0.5 * (left + right),
                 scale = 0.5 * (right - left) / most;
    double y = area.top();
    const auto row = [&](const QString& name, double difference, double least, bool sum) {
        const bool real = sum || std::abs(difference) > least;
        painter.setFont(textFont(12, sum ? Weight::SemiBold : Weight::Regular));
        painter.setPen(palette.ink);
        painter.drawText(QRectF(area.left(), y, 124, balanceRowHeight), Qt::AlignVCenter, name);
        const QRectF bar =
            QRectF(QPointF(zero, y + 7), QPointF(zero + difference * scale, y + 19)).normalized();
        painter.setPen(QPen(real ? palette.berry : palette.softInk, 1.2));
        painter.setBrush(sum ? QBrush(palette.ink) : real ? QBrush(palette.berry) : QBrush(Qt::NoBrush));
        painter.drawRect(bar);
        if (!sum) {
            painter.setPen(QPen(palette.ink, 1.2));
            const double end = zero + difference * scale, half = least * scale;
            painter.drawLine(QPointF(end - half, y + 13), QPointF(end + half, y + 13));
            for (const double edge : {end - half, end + half})
                painter.drawLine(QPointF(edge, y + 9), QPointF(edge, y + 17));
        }
        if (isRead(painter))
            readAs(painter, {zero + difference * scale, y + 13},
                   sum ? QStringLiteral("%1: %2 kg").arg(name, signedNumber(difference, 1))
                       : tr("%1: %2 kg, LSC %3 kg").arg(name, signedNumber(difference, 1), number(least, 1)));
        painter.setFont(numberFont(12, sum ? Weight::SemiBold : Weight::Regular));
        painter.setPen(real ? palette.ink : palette.softInk);
        painter.drawText(QRectF(right + 8, y, 122, balanceRowHeight), Qt::AlignVCenter,
                         signedNumber(difference, 1) + QStringLiteral(" kg") +
                             (real ? QString() : tr("  (noise)")));
        y += balanceRowHeight;
    };
    for (const auto& part : model.parts)
        row(part.name, part.difference, part.least, false);
    painter.setPen(QPen(palette.ink, 1));
    painter.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
    row(tr("together"), model.mass, 0.0, true);
    painter.setPen(QPen(palette.ink, 1));
    painter.drawLine(QPointF(zero, area.top()), QPointF(zero, y));
    painter.restore();
}

} // namespace fusain::report

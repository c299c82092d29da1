#include "report/figures/control_chart_figure.hpp"

#include "core/units/comparison.hpp"
#include "core/units/format.hpp"
#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <set>

namespace fusain::report {
namespace {

// Where days and values lie in the picture.
// The scale is made for the limits: a value far beyond them stands in a strip of its own at the edge, behind a
// break of the axis, so that one outlier does not press all others into a line.
struct ChartAxes {
    ChartAxes(const QRectF& area, const ControlChartModel& model) : plot(area.adjusted(76, 10, -64, -22)) {
        constexpr double shown = 5.0, room = 3.4; // standard deviations
        double farLow = 0.0, farHigh = 0.0;
        for (const ControlChartModel::Limits& limits : model.limits) {
            const auto& [mean, sd, count] = limits.baseline;
            const bool first = &limits == &model.limits.front();
            low = first ? mean - room * sd : std::min(low, mean - room * sd);
            high = first ? mean + room * sd : std::max(high, mean + room * sd);
            farLow = first ? mean - shown * sd : std::min(farLow, mean - shown * sd);
            farHigh = first ? mean + shown * sd : std::max(farHigh, mean + shown * sd);
        }
        for (const double value : model.values) {
            low = std::min(low, std::max(value, farLow));
            high = std::max(high, std::min(value, farHigh));
            brokenBelow |= value < farLow;
            brokenAbove |= value > farHigh;
        }
        if (!(high > low))
            high = low + 1.0;
        margin = 0.05 * (high - low);
        firstDay = model.days.front();
        lastDay = std::max(model.days.back(), firstDay + 1.0);
        scale = plot.adjusted(0, brokenAbove ? strip : 0.0, 0, brokenBelow ? -strip : 0.0);
    }
    [[nodiscard]] double x(double day) const {
        return plot.left() + (day - firstDay) / (lastDay - firstDay) * plot.width();
    }
    [[nodiscard]] bool isFar(double value) const {
        return (brokenAbove && value > high + equality) || (brokenBelow && value < low - equality);
    }
    [[nodiscard]] double y(double value) const {
        if (isFar(value))
            return value > high ? plot.top() + 6.0 : plot.bottom() - 6.0;
        return scale.bottom() - (value - low + margin) / (high - low + 2.0 * margin) * scale.height();
    }
    static constexpr double strip = 26.0;
    QRectF plot, scale; ///< scale is the part of the plot that is true to scale
    bool brokenAbove = false, brokenBelow = false;
    double low = 0.0, high = 1.0, margin = 0.0, firstDay = 0.0, lastDay = 1.0;
};

// A zigzag where the axis is broken.
void paintBreaks(QPainter& painter, const ChartAxes& axes, const Palette& palette) {
    painter.setPen(QPen(palette.softInk, 1.0));
    for (const auto& [broken, y] : {std::pair(axes.brokenAbove, axes.scale.top() - 6.0),
                                    std::pair(axes.brokenBelow, axes.scale.bottom() + 6.0)}) {
        if (!broken)
            continue;
        QPolygonF zigzag;
        for (double x = axes.plot.left(); x <= axes.plot.right(); x += 6.0)
            zigzag << QPointF(x, y + (zigzag.size() % 2 == 0 ? -2.0 : 2.0));
        painter.drawPolyline(zigzag);
    }
}

// The figure of a value beyond the break stands beside its mark, on the side that is free; where neither is,
// the mark says it only to who reads it.
void paintFarFigures(QPainter& painter, const ChartAxes& axes, const ControlChartModel& model,
                     const Palette& palette) {
    constexpr double beside = 9.0, width = 64.0;
    std::vector<double> taken{axes.plot.left(), axes.plot.right() + 60.0};
    for (const double day : model.services)
        taken.push_back(axes.x(day));
    for (std::size_t i = 0; i < model.values.size(); ++i)
        if (axes.isFar(model.values[i]))
            taken.push_back(axes.x(model.days[i]));
    const auto isFree = [&](double from, double until) {
        return std::ranges::none_of(taken, [&](double x) { return from <= x && x <= until; });
    };
    painter.setPen(palette.softInk);
    for (std::size_t i = 0; i < model.values.size(); ++i) {
        if (!axes.isFar(model.values[i]))
            continue;
        const double x = axes.x(model.days[i]), top = axes.y(model.values[i]) - 8.0;
        const QString words = number(model.values[i], model.decimals);
        if (isFree(x - beside - width, x - 1.0))
            painter.drawText(QRectF(x - beside - width, top, width, 16.0), Qt::AlignVCenter | Qt::AlignRight,
                             words);
        else if (isFree(x + 1.0, x + beside + width))
            painter.drawText(QRectF(x + beside, top, width, 16.0), Qt::AlignVCenter, words);
    }
}

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

// Centre, warning and action lines of one stretch; the present ones reach the right edge and carry their
// numbers.
void paintLimits(QPainter& painter, const QRectF& area, const ChartAxes& axes,
                 const ControlChartModel::Limits& limits, const ControlChartModel& model,
                 const Palette& palette) {
    const QRectF& plot = axes.plot;
    const double mean = limits.baseline.mean, sd = limits.baseline.standardDeviation;
    const bool present = &limits == &model.limits.back();
    const bool roomy = axes.y(mean) - axes.y(mean + sd) > 14.0;
    const double left = axes.x(limits.fromDay), right = present ? plot.right() : axes.x(limits.untilDay);
    for (const int multiple : {-3, -2, 0, 2, 3}) {
        const double y = axes.y(mean + multiple * sd);
        painter.setPen(QPen(multiple == 0 ? palette.ink : palette.softInk, multiple == 0 ? 1.2 : 1.0,
                            multiple == 0             ? Qt::SolidLine
                            : std::abs(multiple) == 2 ? Qt::DotLine
                                                      : Qt::DashLine));
        painter.drawLine(QPointF(left, y), QPointF(right, y));
        if (!present || (std::abs(multiple) == 2 && !roomy))
            continue;
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(area.left(), y - 8, 70, 16), Qt::AlignRight | Qt::AlignVCenter,
                         number(mean + multiple * sd, model.decimals));
        const QString name = multiple == 0 ? QCoreApplication::translate("fusain", "centre")
                                           : signedNumber(multiple, 0) + QStringLiteral(" SD");
        painter.drawText(QRectF(plot.right() + 6, y - 8, 60, 16), Qt::AlignLeft | Qt::AlignVCenter, name);
    }
}

// The moving average; where many values share a column of the picture, only the least and the greatest of each
// are drawn, which looks the same.
void paintAverage(QPainter& painter, const ChartAxes& axes, const ControlChartModel& model,
                  const Palette& palette) {
    QPolygonF line;
    std::size_t columnStart = 0;
    // The average stays on the scale: beyond the break it runs along the edge.
    const auto at = [&](std::size_t i) {
        return QPointF(axes.x(model.days[i]), axes.y(std::clamp(model.points[i].ewma, axes.low, axes.high)));
    };
    for (std::size_t i = 0; i < model.points.size(); ++i) {
        const bool last = i + 1 == model.points.size();
        if (!last && std::floor(at(i + 1).x()) == std::floor(at(columnStart).x()))
            continue;
        const auto begin = model.points.begin() + static_cast<std::ptrdiff_t>(columnStart);
        const auto [least, most] =
            std::minmax_element(begin, model.points.begin() + static_cast<std::ptrdiff_t>(i) + 1,
                                [](const auto& a, const auto& b) { return a.ewma < b.ewma; });
        for (const auto extreme : {std::min(least, most), std::max(least, most)})
            line << at(static_cast<std::size_t>(extreme - model.points.begin()));
        columnStart = i + 1;
    }
    // Single lines: joining the corners of a long zigzag costs more than everything else in the picture.
    QVector<QLineF> pieces;
    for (qsizetype i = 1; i < line.size(); ++i)
        pieces << QLineF(line[i - 1], line[i]);
    painter.setPen(QPen(palette.berry, 1.2));
    painter.drawLines(pieces);
}

// Every value has its mark. In a crowd the quiet ones shrink to dots, one for each place that holds any, so
// that those that break a rule stay visible above them.
void paintMarks(QPainter& painter, const ChartAxes& axes, const ControlChartModel& model,
                const Palette& palette) {
    const bool crowded = static_cast<double>(model.values.size()) * 4.0 > axes.plot.width();
    const auto at = [&](std::size_t i) { return QPointF(axes.x(model.days[i]), axes.y(model.values[i])); };
    if (crowded) {
        std::set<std::pair<int, int>> places;
        QVector<QRectF> dots;
        for (std::size_t i = 0; i < model.points.size(); ++i)
            if (model.points[i].rules.empty() &&
                places.emplace(static_cast<int>(at(i).x() / 2.0), static_cast<int>(at(i).y() / 2.0)).second)
                dots << QRectF(at(i) - QPointF(1.0, 1.0), QSizeF(2.0, 2.0));
        painter.setPen(Qt::NoPen);
        painter.setBrush(palette.ink);
        painter.setRenderHint(QPainter::Antialiasing, false);
        painter.drawRects(dots);
        painter.setRenderHint(QPainter::Antialiasing);
    }
    for (std::size_t i = 0; i < model.points.size(); ++i)
        if (!crowded || !model.points[i].rules.empty())
            paintMark(painter, at(i), model.points[i], palette);
}

void readMarks(QPainter& painter, const ChartAxes& axes, const ControlChartModel& model) {
    constexpr double dayMilliseconds = 86'400'000.0;
    for (std::size_t i = 0; i < model.points.size(); ++i) {
        QString words = QStringLiteral("%1: %2 %3")
                            .arg(day({static_cast<qint64>(model.days[i] * dayMilliseconds)}),
                                 number(model.values[i], model.decimals), model.unit);
        if (model.points[i].rejected())
            words += QStringLiteral(", ") + QCoreApplication::translate("fusain", "out of control");
        else if (!model.points[i].rules.empty())
            words += QStringLiteral(", ") + QCoreApplication::translate("fusain", "warning");
        readAs(painter, {axes.x(model.days[i]), axes.y(model.values[i])}, words);
    }
}

} // namespace

void paintControlChart(QPainter& painter, const QRectF& area, const ControlChartModel& model,
                       const Palette& palette) {
    if (model.values.empty())
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const ChartAxes axes(area, model);
    const QRectF& plot = axes.plot;
    const auto x = [&](double day) { return axes.x(day); };
    painter.setFont(numberFont(11));
    for (const ControlChartModel::Limits& limits : model.limits)
        paintLimits(painter, area, axes, limits, model, palette);
    painter.setPen(QPen(palette.ink, 1.0));
    for (const double day : model.services) {
        painter.drawLine(QPointF(x(day), plot.top()), QPointF(x(day), plot.bottom()));
        painter.drawText(QRectF(x(day) + 3, plot.top(), 80, 14), Qt::AlignLeft,
                         QCoreApplication::translate("fusain", "service"));
    }
    paintBreaks(painter, axes, palette);
    paintAverage(painter, axes, model, palette);
    paintMarks(painter, axes, model, palette);
    paintFarFigures(painter, axes, model, palette);
    if (isRead(painter))
        readMarks(painter, axes, model);
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(plot.left() - 20, plot.bottom() + 4, 140, 16), Qt::AlignLeft, model.firstDay);
    painter.drawText(QRectF(plot.right() - 140, plot.bottom() + 4, 140, 16), Qt::AlignRight, model.lastDay);
    painter.restore();
}

void paintControlSpark(QPainter& painter, const QRectF& area, const ControlChartModel& model,
                       const Palette& palette) {
    if (model.values.empty() || model.limits.empty())
        return;
    constexpr std::size_t most = 20;
    constexpr double shown = 4.0; // standard deviations to either side
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& [mean, sd, count] = model.limits.back().baseline;
    const double unit = sd > 0.0 ? sd : 1.0;
    const auto y = [&](double value) {
        return area.center().y() -
               std::clamp((value - mean) / unit, -shown, shown) / shown * 0.5 * area.height();
    };
    for (const int multiple : {-3, 0, 3}) {
        painter.setPen(QPen(palette.rule, 1.0, multiple == 0 ? Qt::SolidLine : Qt::DashLine));
        const double at = y(mean + multiple * unit);
        painter.drawLine(QPointF(area.left(), at), QPointF(area.right(), at));
    }
    const std::size_t first = model.values.size() > most ? model.values.size() - most : 0;
    const double step = area.width() / static_cast<double>(most);
    for (std::size_t i = first; i < model.values.size(); ++i) {
        const double x = area.right() - (static_cast<double>(model.values.size() - i) - 0.5) * step;
        paintMark(painter, {x, y(model.values[i])}, model.points[i], palette);
    }
    painter.restore();
}

std::optional<std::size_t> controlPointAt(const QPointF& place, const QRectF& area,
                                          const ControlChartModel& model) {
    if (model.values.empty())
        return std::nullopt;
    const ChartAxes axes(area, model);
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

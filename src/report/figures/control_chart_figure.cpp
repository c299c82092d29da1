#include "report/figures/control_chart_figure.hpp"

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
struct ChartAxes {
    ChartAxes(const QRectF& area, const ControlChartModel& model) : plot(area.adjusted(76, 10, -64, -22)) {
        const auto [least, most] = std::ranges::minmax(model.values);
        low = least;
        high = most;
        for (const ControlChartModel::Limits& limits : model.limits) {
            low = std::min(low, limits.baseline.mean - 3.4 * limits.baseline.standardDeviation);
            high = std::max(high, limits.baseline.mean + 3.4 * limits.baseline.standardDeviation);
        }
        if (!(high > low))
            high = low + 1.0;
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
    double low = 0.0, high = 1.0, margin = 0.0, firstDay = 0.0, lastDay = 1.0;
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
                         QString::fromStdString(fixed(mean + multiple * sd, model.decimals)));
        const QString name = multiple == 0
                                 ? QCoreApplication::translate("fusain", "centre")
                                 : QString::fromStdString(signedFixed(multiple, 0)) + QStringLiteral(" SD");
        painter.drawText(QRectF(plot.right() + 6, y - 8, 60, 16), Qt::AlignLeft | Qt::AlignVCenter, name);
    }
}

// The moving average; where many values share a column of the picture, only the least and the greatest of each
// are drawn, which looks the same.
void paintAverage(QPainter& painter, const ChartAxes& axes, const ControlChartModel& model,
                  const Palette& palette) {
    QPolygonF line;
    std::size_t columnStart = 0;
    const auto at = [&](std::size_t i) { return QPointF(axes.x(model.days[i]), axes.y(model.points[i].ewma)); };
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
    paintAverage(painter, axes, model, palette);
    paintMarks(painter, axes, model, palette);
    if (isRead(painter))
        readMarks(painter, axes, model);
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(plot.left() - 20, plot.bottom() + 4, 140, 16), Qt::AlignLeft, model.firstDay);
    painter.drawText(QRectF(plot.right() - 140, plot.bottom() + 4, 140, 16), Qt::AlignRight, model.lastDay);
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

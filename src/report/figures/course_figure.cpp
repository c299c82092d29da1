#include "report/figures/course_figure.hpp"

#include "core/units/format.hpp"
#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

/// Where weeks and masses lie on the paper.
struct CourseAxes {
    QRectF plot;
    double first = 0.0, last = 0.0; ///< weeks
    double low = 1e9, high = -1e9;  ///< kg

    CourseAxes(const QRectF& area, const CourseModel& model)
        : plot(area.adjusted(44, 24, -150, -24)), last(static_cast<double>(model.weeks.size() - 1)) {
        const auto hold = [this](double least, double most) {
            low = std::min(low, least);
            high = std::max(high, most);
        };
        for (const auto& week : model.weeks)
            hold(std::min(week.lowest, week.byStaticRule), std::max(week.highest, week.byStaticRule));
        for (const auto& visit : model.past) {
            hold(visit.mass - visit.half, visit.mass + visit.half);
            first = std::min(first, visit.week);
        }
        if (model.target)
            hold(model.target->low, model.target->high);
        const double margin = std::max(0.5, 0.08 * (high - low));
        low -= margin;
        high += margin;
        if (first < 0.0)
            first -= 0.02 * (last - first);
    }
    [[nodiscard]] double x(double week) const {
        return plot.left() + (week - first) / (last - first) * plot.width();
    }
    [[nodiscard]] double y(double mass) const {
        return plot.bottom() - (mass - low) / (high - low) * plot.height();
    }
};

// Beyond a guard the course is dashed, and the words stand at the crossing.
void paintCrossing(QPainter& painter, const CourseAxes& axes, const QPolygonF& line, std::size_t week,
                   const QString& words, const Palette& palette) {
    const auto from = static_cast<qsizetype>(week);
    painter.setPen(QPen(palette.aril, 2.0, Qt::DashLine));
    painter.drawPolyline(line.sliced(from));
    const double x = line[from].x();
    painter.setPen(QPen(palette.aril, 1.2));
    painter.drawLine(QPointF(x, axes.plot.top()), QPointF(x, axes.plot.bottom()));
    painter.setFont(textFont(11, Weight::SemiBold));
    const bool toTheRight = x < axes.plot.center().x();
    painter.drawText(toTheRight ? QRectF(QPointF(x + 6.0, axes.plot.top()), axes.plot.bottomRight())
                                : QRectF(axes.plot.topLeft(), QPointF(x - 6.0, axes.plot.bottom())),
                     Qt::TextWordWrap | Qt::AlignTop | (toTheRight ? Qt::AlignLeft : Qt::AlignRight), words);
    if (isRead(painter))
        readAs(painter, line[from], words);
}

// What was measured stands before today, each visit with its interval.
void paintPast(QPainter& painter, const CourseAxes& axes, const CourseModel& model, const Palette& palette) {
    if (model.past.empty())
        return;
    QPolygonF way;
    for (const auto& visit : model.past)
        way << QPointF(axes.x(visit.week), axes.y(visit.mass));
    painter.setPen(QPen(palette.softInk, 1.4));
    painter.drawPolyline(way);
    for (const auto& visit : model.past) {
        const QPointF at(axes.x(visit.week), axes.y(visit.mass));
        painter.setPen(QPen(palette.ink, 1.6));
        painter.drawLine(QPointF(at.x(), axes.y(visit.mass - visit.half)),
                         QPointF(at.x(), axes.y(visit.mass + visit.half)));
        painter.setBrush(palette.sheet);
        painter.drawEllipse(at, 3.5, 3.5);
        if (isRead(painter))
            readAs(painter, at,
                   tr("measured %1: %2 ± %3 kg (95 %, from visit to visit)")
                       .arg(visit.label, number(visit.mass, 1), number(visit.half, 1)));
    }
    painter.setPen(QPen(palette.softInk, 1.0));
    painter.drawLine(QPointF(axes.x(0.0), axes.plot.top()), QPointF(axes.x(0.0), axes.plot.bottom()));
}

// Where the goal lies, as a hatched stretch of the masses.
void paintTarget(QPainter& painter, const CourseAxes& axes, const CourseModel::Target& target,
                 const Palette& palette) {
    constexpr double thinnest = 3.0;
    QRectF band(QPointF(axes.plot.left(), axes.y(target.high)),
                QPointF(axes.plot.right(), axes.y(target.low)));
    if (band.height() < thinnest)
        band.adjust(0.0, -0.5 * thinnest, 0.0, 0.5 * thinnest);
    painter.fillRect(band, QBrush(palette.softInk, Qt::BDiagPattern));
    painter.setFont(textFont(11));
    painter.setPen(palette.ink);
    painter.drawText(QRectF(axes.plot.right() + 8, band.center().y() - 8, 142, 16), Qt::AlignVCenter,
                     target.words);
    if (isRead(painter))
        readAs(painter, band.center(),
               tr("%1: %2 to %3 kg").arg(target.words, number(target.low, 1), number(target.high, 1)));
}

// The interval, the model's course and the static rule; up to a guard the course is solid.
void paintWeeks(QPainter& painter, const CourseAxes& axes, const CourseModel& model, const Palette& palette) {
    QPolygonF band, line, rule;
    for (std::size_t i = 0; i < model.weeks.size(); ++i) {
        const CourseModel::Week& week = model.weeks[i];
        const double x = axes.x(static_cast<double>(i));
        band << QPointF(x, axes.y(week.highest));
        line << QPointF(x, axes.y(week.mass));
        rule << QPointF(x, axes.y(week.byStaticRule));
        if (isRead(painter))
            readAs(painter, line.last(),
                   tr("week %1: %2 kg (95 % CI %3 to %4)")
                       .arg(i)
                       .arg(number(week.mass, 1), number(week.lowest, 1), number(week.highest, 1)));
    }
    for (std::size_t i = model.weeks.size(); i-- > 0;)
        band << QPointF(axes.x(static_cast<double>(i)), axes.y(model.weeks[i].lowest));
    painter.setPen(Qt::NoPen);
    painter.setBrush(palette.rule);
    painter.drawPolygon(band);
    if (model.target)
        paintTarget(painter, axes, *model.target, palette);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(palette.softInk, 1.4, Qt::DotLine));
    if (model.withStaticRule)
        painter.drawPolyline(rule);
    const auto allowed = static_cast<qsizetype>(model.crossing.value_or(model.weeks.size()));
    painter.setPen(QPen(palette.berry, 2.2));
    painter.drawPolyline(line.first(std::min(allowed + 1, line.size())));
    if (model.crossing)
        paintCrossing(painter, axes, line, *model.crossing, model.crossingWords, palette);
}

void paintScales(QPainter& painter, const QRectF& area, const CourseAxes& axes, const Palette& palette) {
    painter.setFont(numberFont(11));
    painter.setPen(palette.softInk);
    const double step = graduation(axes.high - axes.low, 5);
    for (double mass = std::ceil(axes.low / step) * step; mass <= axes.high; mass += step)
        painter.drawText(QRectF(area.left(), axes.y(mass) - 8, 38, 16), Qt::AlignRight | Qt::AlignVCenter,
                         number(mass, step < 1.0 ? 1 : 0));
    const double every = axes.last - axes.first > 54.0 ? 16.0 : axes.last - axes.first > 27.0 ? 8.0 : 4.0;
    for (double week = std::ceil(axes.first / every) * every; week <= axes.last; week += every)
        painter.drawText(QRectF(axes.x(week) - 30, axes.plot.bottom() + 4, 60, 16), Qt::AlignCenter,
                         number(week, 0));
    painter.setFont(textFont(11));
    painter.drawText(QRectF(axes.plot.right() + 34, axes.plot.bottom() + 4, 110, 16), Qt::AlignVCenter,
                     tr("weeks"));
}

// Direct labels, kept apart where the ends, or the goal, lie close together.
void paintLabels(QPainter& painter, const CourseAxes& axes, const CourseModel& model, const Palette& palette) {
    constexpr double apart = 15.0;
    const CourseModel::Week& end = model.weeks.back();
    std::vector<double> taken;
    if (model.target)
        taken.push_back(axes.y(0.5 * (model.target->low + model.target->high)) - 8);
    const auto free = [&](double wanted, double step) {
        while (std::ranges::any_of(taken, [&](double at) { return std::abs(at - wanted) < apart; }))
            wanted += step;
        taken.push_back(wanted);
        return wanted;
    };
    const bool above = end.mass >= end.byStaticRule;
    painter.setFont(textFont(11));
    painter.setPen(palette.berry);
    painter.drawText(QRectF(axes.plot.right() + 8, free(axes.y(end.mass) - 8, above ? -1.0 : 1.0), 142, 16),
                     Qt::AlignVCenter, tr("dynamic model"));
    painter.setPen(palette.softInk);
    painter.drawText(
        QRectF(axes.plot.right() + 8, free(axes.y(end.byStaticRule) - 8, above ? 1.0 : -1.0), 142, 16),
        Qt::AlignVCenter, tr("static 7700 kcal/kg"));
}

} // namespace

void paintCourse(QPainter& painter, const QRectF& area, const CourseModel& model, const Palette& palette) {
    if (model.weeks.size() < 2)
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const CourseAxes axes(area, model);
    painter.setFont(textFont(13, Weight::SemiBold));
    painter.setPen(palette.ink);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("Body mass over the weeks, kg"));
    paintWeeks(painter, axes, model, palette);
    paintPast(painter, axes, model, palette);
    paintScales(painter, area, axes, palette);
    if (model.withStaticRule)
        paintLabels(painter, axes, model, palette);
    painter.restore();
}

} // namespace fusain::report

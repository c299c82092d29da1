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

// Beyond a guard the course is dashed, and the words stand at the crossing.
void paintCrossing(QPainter& painter, const QRectF& plot, const QPolygonF& line, std::size_t week,
                   const QString& words, const Palette& palette) {
    const auto from = static_cast<qsizetype>(week);
    painter.setPen(QPen(palette.aril, 2.0, Qt::DashLine));
    painter.drawPolyline(line.sliced(from));
    const double x = line[from].x();
    painter.setPen(QPen(palette.aril, 1.2));
    painter.drawLine(QPointF(x, plot.top()), QPointF(x, plot.bottom()));
    painter.setFont(textFont(11, Weight::SemiBold));
    const bool toTheRight = x < plot.center().x();
    painter.drawText(toTheRight ? QRectF(QPointF(x + 6.0, plot.top()), plot.bottomRight())
                                : QRectF(plot.topLeft(), QPointF(x - 6.0, plot.bottom())),
                     Qt::TextWordWrap | Qt::AlignTop | (toTheRight ? Qt::AlignLeft : Qt::AlignRight), words);
    if (isRead(painter))
        readAs(painter, line[from], words);
}

} // namespace

void paintCourse(QPainter& painter, const QRectF& area, const CourseModel& model, const Palette& palette) {
    if (model.weeks.size() < 2)
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF plot = area.adjusted(44, 24, -150, -24);
    double low = 1e9, high = -1e9;
    for (const auto& week : model.weeks) {
        low = std::min({low, week.lowest, week.byStaticRule});
        high = std::max({high, week.highest, week.byStaticRule});
    }
    const double margin = std::max(0.5, 0.08 * (high - low)),
                 last = static_cast<double>(model.weeks.size() - 1);
    low -= margin;
    high += margin;
    const auto x = [&](std::size_t week) {
        return plot.left() + static_cast<double>(week) / last * plot.width();
    };
    const auto y = [&](double mass) { return plot.bottom() - (mass - low) / (high - low) * plot.height(); };
    painter.setFont(textFont(13, Weight::SemiBold));
    painter.setPen(palette.ink);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("Body mass over the weeks, kg"));
    QPolygonF band, line, rule;
    for (std::size_t i = 0; i < model.weeks.size(); ++i) {
        band << QPointF(x(i), y(model.weeks[i].highest));
        line << QPointF(x(i), y(model.weeks[i].mass));
        rule << QPointF(x(i), y(model.weeks[i].byStaticRule));
        if (isRead(painter))
            readAs(painter, line.last(),
                   tr("week %1: %2 kg (95 % CI %3 to %4)")
                       .arg(i)
                       .arg(number(model.weeks[i].mass, 1), number(model.weeks[i].lowest, 1),
                            number(model.weeks[i].highest, 1)));
    }
    for (std::size_t i = model.weeks.size(); i-- > 0;)
        band << QPointF(x(i), y(model.weeks[i].lowest));
    painter.setPen(Qt::NoPen);
    painter.setBrush(palette.rule);
    painter.drawPolygon(band);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(palette.softInk, 1.4, Qt::DotLine));
    if (model.withStaticRule)
        painter.drawPolyline(rule);
    const auto allowed = static_cast<qsizetype>(model.crossing.value_or(model.weeks.size()));
    painter.setPen(QPen(palette.berry, 2.2));
    painter.drawPolyline(line.first(std::min(allowed + 1, line.size())));
    if (model.crossing)
        paintCrossing(painter, plot, line, *model.crossing, model.crossingWords, palette);
    painter.setFont(numberFont(11));
    painter.setPen(palette.softInk);
    const double step = graduation(high - low, 5);
    for (double mass = std::ceil(low / step) * step; mass <= high; mass += step)
        painter.drawText(QRectF(area.left(), y(mass) - 8, 38, 16), Qt::AlignRight | Qt::AlignVCenter,
                         number(mass, step < 1.0 ? 1 : 0));
    for (std::size_t i = 0; i<model.weeks.size(); i += model.weeks.size()> 27 ? 8 : 4)
        painter.drawText(QRectF(x(i) - 30, plot.bottom() + 4, 60, 16), Qt::AlignCenter, QString::number(i));
    painter.setFont(textFont(11));
    painter.drawText(QRectF(plot.right() + 34, plot.bottom() + 4, 110, 16), Qt::AlignVCenter, tr("weeks"));
    if (!model.withStaticRule)
        return painter.restore();
    // Direct labels, kept apart where the ends lie close together.
    double labelY = y(model.weeks.back().mass) - 8, otherY = y(model.weeks.back().byStaticRule) - 8;
    if (std::abs(labelY - otherY) < 15)
        otherY = labelY + (otherY >= labelY ? 15 : -15);
    painter.setPen(palette.berry);
    painter.drawText(QRectF(plot.right() + 8, labelY, 142, 16), Qt::AlignVCenter, tr("dynamic model"));
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(plot.right() + 8, otherY, 142, 16), Qt::AlignVCenter, tr("static 7700 kcal/kg"));
    painter.restore();
}

} // namespace fusain::report

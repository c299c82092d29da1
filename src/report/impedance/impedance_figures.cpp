#include "report/impedance/impedance_figures.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusain::report {
namespace {

using impedance::BodyVector;
using impedance::SpectrumPoint;

// Two axes that start at any value, with graduations and names.
struct Plane {
    QRectF plot;
    double x0, x1, y0, y1;
    [[nodiscard]] QPointF at(double x, double y) const {
        return {plot.left() + (x - x0) / (x1 - x0) * plot.width(),
                plot.bottom() - (y - y0) / (y1 - y0) * plot.height()};
    }
};

void paintAxes(QPainter& painter, const Plane& plane, const QString& xName, const QString& yName,
               const Palette& palette) {
    painter.setPen(QPen(palette.ink, 1.2));
    painter.drawLine(plane.plot.bottomLeft(), plane.plot.bottomRight());
    painter.drawLine(plane.plot.bottomLeft(), plane.plot.topLeft());
    painter.setFont(numberFont(11));
    painter.setPen(palette.softInk);
    const double xStep = graduation(plane.x1 - plane.x0, 4), yStep = graduation(plane.y1 - plane.y0, 5);
    for (double x = std::ceil(plane.x0 / xStep) * xStep; x <= plane.x1 + 1e-9; x += xStep) {
        const QPointF foot = plane.at(x, plane.y0);
        painter.drawLine(foot, foot + QPointF(0, 4));
        painter.drawText(QRectF(foot.x() - 30, foot.y() + 5, 60, 14), Qt::AlignHCenter | Qt::AlignTop,
                         QString::number(x));
    }
    for (double y = std::ceil(plane.y0 / yStep) * yStep; y <= plane.y1 + 1e-9; y += yStep) {
        const QPointF foot = plane.at(plane.x0, y);
        painter.drawLine(foot, foot - QPointF(4, 0));
        painter.drawText(QRectF(foot.x() - 46, foot.y() - 8, 38, 16), Qt::AlignRight | Qt::AlignVCenter,
                         QString::number(y));
    }
    painter.setFont(textFont(11));
    painter.drawText(QRectF(plane.plot.left(), plane.plot.bottom() + 20, plane.plot.width(), 16),
                     Qt::AlignRight, xName);
    painter.drawText(QPointF(plane.plot.left() - 44, plane.plot.top() - 6), yName);
}

impedance::Impedance turnedBack(const SpectrumPoint& point, const std::optional<impedance::ColeFit>& fit) {
    if (!fit || fit->verdict == impedance::FitVerdict::Rejected)
        return *point.impedance;
    const double angle = 2.0 * std::numbers::pi * point.frequency.value() * fit->model.delay.value();
    return impedance::impedanceOf(point.impedance->complex() * std::polar(1.0, angle));
}

QString kilohertzText(Hertz frequency) {
    return QString::number(frequency.value() / 1000.0, 'g', 4);
}

} // namespace

void paintArc(QPainter& painter, const QRectF& area, const ArcModel& model, const Palette& palette) {
    std::vector<const SpectrumPoint*> complete;
    for (const SpectrumPoint& point : model.points)
        if (point.impedance)
            complete.push_back(&point);
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    if (complete.empty()) {
        painter.setFont(textFont(13));
        painter.setPen(palette.softInk);
        painter.drawText(area, Qt::AlignCenter | Qt::TextWordWrap,
                         model.points.empty()
                             ? tr("The arc appears here with the first readings.")
                             : tr("Magnitudes only: the arc is fitted, but there are no reactances to draw."));
        painter.restore();
        return;
    }
    double low = 1e9, high = 0.0, top = 0.0;
    for (const SpectrumPoint* point : complete) {
        low = std::min(low, point->impedance->resistance.value());
        high = std::max(high, point->impedance->resistance.value());
        top = std::max(top, point->impedance->reactance.value());
    }
    if (model.fit) {
        low = std::min(low, model.fit->model.infiniteResistance.value());
        high = std::max(high, model.fit->model.zeroResistance.value());
        top = std::max(top, model.fit->model.greatestReactance().value());
    }
    const double margin = std::max(0.08 * (high - low), 0.01 * high);
    Plane plane{area.adjusted(58, 24, -16, -40), low - margin, high + margin, 0.0, std::max(1.2 * top, 1.0)};
    paintAxes(painter, plane, tr("resistance R, Ω"), tr("reactance Xc, Ω"), palette);
    painter.setClipRect(plane.plot.adjusted(-10, -24, 16, 4));
    if (model.fit && model.fit->verdict != impedance::FitVerdict::Rejected) {
        impedance::ColeModel arc = model.fit->model;
        arc.delay = Seconds(0.0); // the body's own arc; the leads turn the highest frequencies off it
        QPolygonF line;
        for (double log = 1.5; log <= 8.0; log += 0.05) {
            const auto z = arc.at(Hertz(std::pow(10.0, log)));
            line << plane.at(z.resistance.value(), z.reactance.value());
        }
        painter.setPen(QPen(palette.berry, 1.6));
        painter.setBrush(Qt::NoBrush);
        painter.drawPolyline(line);
    }
    painter.setFont(numberFont(11));
    for (const SpectrumPoint* point : complete) {
        // What the leads delay is turned back, so that a point can lie on the arc; where it was read stays as a
        // ring.
        const auto body = turnedBack(*point, model.fit);
        const QPointF at = plane.at(body.resistance.value(), body.reactance.value());
        const QPointF read =
            plane.at(point->impedance->resistance.value(), point->impedance->reactance.value());
        if (QLineF(at, read).length() > 4.0) {
            painter.setPen(QPen(palette.rule, 1.2));
            painter.setBrush(Qt::NoBrush);
            painter.drawLine(at, read);
            painter.drawEllipse(read, 2.6, 2.6);
        }
        const bool out =
            model.fit && std::ranges::find(model.fit->outliers, point->frequency) != model.fit->outliers.end();
        painter.setPen(QPen(out ? palette.aril : palette.ink, 1.4));
        painter.setBrush(out ? palette.sheet : palette.ink);
        painter.drawEllipse(at, out ? 5.0 : 3.2, out ? 5.0 : 3.2);
        if (isRead(painter))
            readAs(painter, at,
                   (out ? tr("%1 kHz: R %2 Ω, Xc %3 Ω, off the arc") : tr("%1 kHz: R %2 Ω, Xc %3 Ω"))
                       .arg(kilohertzText(point->frequency), number(point->impedance->resistance.value(), 1),
                            number(point->impedance->reactance.value(), 1)));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(at.x() - 30, at.y() - 22, 60, 14), Qt::AlignCenter,
                         kilohertzText(point->frequency));
    }
    painter.restore();
}

void paintVector(QPainter& painter, const QRectF& area, const VectorModel& model, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const auto outer = impedance::toleranceEllipse(model.reference, 0.95);
    double x0 = outer.centre.resistance - 1.1 * outer.majorAxis,
           x1 = outer.centre.resistance + 1.1 * outer.majorAxis,
           y0 = outer.centre.reactance - 3.0 * model.reference.deviation.reactance,
           y1 = outer.centre.reactance + 2.8 * model.reference.deviation.reactance;
    for (const auto& visit : model.path) {
        x0 = std::min(x0, visit.vector.resistance - 20.0);
        x1 = std::max(x1, visit.vector.resistance + 20.0);
        y0 = std::max(0.0, std::min(y0, visit.vector.reactance - 6.0));
        y1 = std::max(y1, visit.vector.reactance + 6.0);
    }
    const Plane plane{area.adjusted(58, 24, -16, -72), x0, x1, y0, y1};
    paintAxes(painter, plane, tr("R/H, Ω/m"), tr("Xc/H, Ω/m"), palette);
    painter.setFont(numberFont(11));
    for (const double probability : {0.95, 0.75, 0.50}) {
        const auto ellipse = impedance::toleranceEllipse(model.reference, probability);
        QPolygonF line;
        for (int step = 0; step <= 72; ++step) {
            const double angle = step * 5.0 * std::numbers::pi / 180.0;
            const double along = ellipse.majorAxis * std::cos(angle),
                         across = ellipse.minorAxis * std::sin(angle);
            line << plane.at(
                ellipse.centre.resistance + along * std::cos(ellipse.tilt) - across * std::sin(ellipse.tilt),
                ellipse.centre.reactance + along * std::sin(ellipse.tilt) + across * std::cos(ellipse.tilt));
        }
        painter.setPen(QPen(palette.softInk, 1.0,
                            probability == 0.50   ? Qt::SolidLine
                            : probability == 0.75 ? Qt::DashLine
                                                  : Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawPolyline(line);
        painter.setPen(palette.softInk);
        const QPointF right = line[0];
        painter.drawText(QRectF(right.x() - 34, right.y() - 16, 32, 14), Qt::AlignRight,
                         QStringLiteral("%1 %").arg(100.0 * probability));
    }
    // What the directions mean, along the axes of the ellipse.
    painter.setFont(textFont(11));
    painter.drawText(QRectF(plane.plot.left() + 4, plane.plot.bottom() - 18, 160, 14), Qt::AlignLeft,
                     tr("← more fluid"));
    painter.drawText(QRectF(plane.plot.right() - 164, plane.plot.top() + 2, 160, 14), Qt::AlignRight,
                     tr("less fluid →"));
    painter.drawText(QRectF(plane.plot.left() + 4, plane.plot.top() + 2, 160, 14), Qt::AlignLeft,
                     tr("↖ more cell mass"));
    painter.drawText(QRectF(plane.plot.right() - 164, plane.plot.bottom() - 18, 160, 14), Qt::AlignRight,
                     tr("less cell mass ↘"));
    QPolygonF path;
    for (const auto& visit : model.path)
        path << plane.at(visit.vector.resistance, visit.vector.reactance);
    painter.setPen(QPen(palette.berry, 1.4));
    painter.drawPolyline(path);
    for (int i = 0; i < path.size(); ++i) {
        const bool present = i + 1 == path.size();
        painter.setBrush(present ? palette.berry : palette.sheet);
        painter.drawEllipse(path[i], present ? 5.0 : 4.0, present ? 5.0 : 4.0);
        const auto& visit = model.path[static_cast<std::size_t>(i)];
        if (isRead(painter))
            readAs(
                painter, path[i],
                QStringLiteral("%1: R/H %2 Ω/m, Xc/H %3 Ω/m")
                    .arg(visit.label, number(visit.vector.resistance, 1), number(visit.vector.reactance, 1)));
        painter.setPen(present ? palette.berry : palette.softInk);
        painter.setFont(textFont(11));
        // An earlier visit right beside the present one keeps its mark and loses its name.
        if (present || QLineF(path[i], path.back()).length() > 34.0)
            painter.drawText(path[i] + QPointF(8, 4), model.path[static_cast<std::size_t>(i)].label);
        painter.setPen(QPen(palette.berry, 1.4));
    }
    painter.setPen(palette.softInk);
    painter.setFont(textFont(11));
    painter.drawText(
        QRectF(area.left(), area.bottom() - 32, area.width(), 32), Qt::AlignLeft | Qt::TextWordWrap,
        model.reference.grade == 'A' ? tr("%1, n = %2")
                                     : tr("%1, n = %2; the correlation not yet verified")
                                           .arg(QString::fromStdString(model.reference.title))
                                           .arg(model.reference.people));
    painter.restore();
}

} // namespace fusain::report

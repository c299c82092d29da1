#include "report/figures/field_figure.hpp"

#include "core/units/format.hpp"
#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

constexpr double narrowBudget = 380.0; // figure units

struct Field {
    QRectF plot;
    double x0, x1, y0, y1;
    [[nodiscard]] QPointF at(double fatFree, double fat) const {
        return {plot.left() + (fatFree - x0) / (x1 - x0) * plot.width(),
                plot.bottom() - (fat - y0) / (y1 - y0) * plot.height()};
    }
};

Field fieldFor(const QRectF& area, const FieldModel& model) {
    double x0 = 13.0, x1 = 24.0, y0 = 0.0, y1 = 14.0;
    for (const auto& point : model.path) {
        x0 = std::min(x0, std::floor(point.fatFreeMassIndex) - 1.0);
        x1 = std::max(x1, std::ceil(point.fatFreeMassIndex) + 1.0);
        y1 = std::max(y1, std::ceil(point.fatMassIndex) + 2.0);
    }
    return {area.adjusted(42, 8, -12, -56), x0, x1, y0, y1};
}

void paintIsolines(QPainter& painter, const Field& field, const Palette& palette) {
    painter.setFont(textFont(11));
    for (const double bmi : {18.5, 25.0, 30.0, 35.0}) {
        painter.setPen(QPen(palette.rule, 1.2, Qt::DashLine));
        painter.drawLine(field.at(field.x0, bmi - field.x0), field.at(field.x1, bmi - field.x1));
        // The label stands where the line leaves through the bottom or the right.
        const double x = std::min(bmi - field.y0 - 1.4, field.x1 - 1.8);
        if (x > field.x0 && bmi - x < field.y1 - 0.5) {
            painter.setPen(palette.softInk);
            painter.drawText(field.at(x, bmi - x) + QPointF(4, -4), QStringLiteral("BMI %1").arg(bmi));
        }
    }
    for (const double fat : {10.0, 20.0, 30.0, 40.0}) {
        const double slope = fat / (100.0 - fat);
        painter.setPen(QPen(palette.rule, 1.2));
        painter.drawLine(field.at(field.x0, slope * field.x0), field.at(field.x1, slope * field.x1));
        if (slope * field.x0 < field.y1 - 0.5) {
            painter.setPen(palette.softInk);
            painter.drawText(field.at(field.x0, slope * field.x0) + QPointF(4, -4),
                             QStringLiteral("%1 %").arg(fat));
        }
    }
}

void paintFieldAxes(QPainter& painter, const Field& field, const Palette& palette) {
    painter.setPen(QPen(palette.ink, 1.2));
    painter.drawLine(field.plot.bottomLeft(), field.plot.bottomRight());
    painter.drawLine(field.plot.bottomLeft(), field.plot.topLeft());
    painter.setFont(numberFont(11));
    painter.setPen(palette.softInk);
    for (double x = field.x0 + 1.0; x <= field.x1; x += 2.0)
        painter.drawText(QRectF(field.at(x, field.y0).x() - 20, field.plot.bottom() + 3, 40, 14),
                         Qt::AlignCenter, QString::number(x));
    for (double y = 2.0; y <= field.y1; y += 2.0)
        painter.drawText(QRectF(field.plot.left() - 32, field.at(field.x0, y).y() - 7, 26, 14),
                         Qt::AlignRight | Qt::AlignVCenter, QString::number(y));
    painter.setFont(textFont(11));
    painter.drawText(QRectF(field.plot.left(), field.plot.bottom() + 18, field.plot.width(), 16),
                     Qt::AlignRight, QStringLiteral("fat-free mass index, kg/m²"));
    painter.save();
    painter.translate(field.plot.left() - 40, field.plot.top());
    painter.rotate(-90);
    painter.drawText(QRectF(-field.plot.height(), 0, field.plot.height(), 14), Qt::AlignRight,
                     QStringLiteral("fat mass index, kg/m²"));
    painter.restore();
}

} // namespace

void paintField(QPainter& painter, const QRectF& area, const FieldModel& model, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const Field field = fieldFor(area, model);
    painter.save();
    painter.setClipRect(field.plot);
    if (model.reference) {
        const QRectF box(field.at(model.reference->left(), model.reference->bottom()),
                         field.at(model.reference->right(), model.reference->top()));
        painter.setPen(QPen(palette.softInk, 1.0));
        painter.setBrush(QBrush(palette.rule, Qt::BDiagPattern));
        painter.drawRect(box.normalized());
    }
    paintIsolines(painter, field, palette);
    QPolygonF path;
    for (const auto& point : model.path)
        path << field.at(point.fatFreeMassIndex, point.fatMassIndex);
    painter.setPen(QPen(palette.softInk, 1.4));
    painter.drawPolyline(path);
    painter.setFont(textFont(11));
    for (qsizetype i = 0; i < path.size(); ++i) {
        const bool present = i + 1 == path.size();
        painter.setPen(QPen(present ? palette.berry : palette.softInk, 1.6));
        painter.setBrush(present ? palette.berry : palette.sheet);
        painter.drawEllipse(path[i], present ? 6.0 : 4.0, present ? 6.0 : 4.0);
        const auto& point = model.path[static_cast<std::size_t>(i)];
        if (isRead(painter))
            readAs(painter, path[i],
                   QStringLiteral("%1: FFMI %2 kg/m², FMI %3 kg/m²")
                       .arg(point.label, number(point.fatFreeMassIndex, 1), number(point.fatMassIndex, 1)));
        if (present || i == 0) {
            painter.setPen(palette.ink);
            painter.drawText(path[i] + QPointF(9, 4), model.path[static_cast<std::size_t>(i)].label);
        }
    }
    painter.restore();
    paintFieldAxes(painter, field, palette);
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(area.left(), area.bottom() - 16, area.width(), 16),
                     Qt::AlignLeft | Qt::AlignVCenter, model.referenceName);
    painter.restore();
}

void paintBudget(QPainter& painter, const QRectF& area, const std::vector<BudgetBar>& bars,
                 const Palette& palette) {
    painter.save();
    const bool narrow = area.width() < narrowBudget; // the sizes stand in the reading only
    const double names = area.width() * (narrow ? 0.56 : 0.42);
    double y = area.top();
    for (const BudgetBar& bar : bars) {
        painter.setFont(textFont(11));
        painter.setPen(palette.ink);
        const bool twoLines = painter.fontMetrics().horizontalAdvance(bar.name) > names;
        if (y + (twoLines ? 34 : 18) > area.bottom())
            break;
        painter.drawText(QRectF(area.left(), y, names, twoLines ? 32 : 18),
                         Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap, bar.name);
        if (twoLines)
            y += 7; // the bar stands beside the middle of both
        const QRectF full(area.left() + names + 0.01 * area.width(), y + 4,
                          area.width() * (narrow ? 0.26 : 0.32), 10);
        painter.fillRect(
            QRectF(full.topLeft(), QSizeF(std::max(1.0, full.width() * bar.fraction), full.height())),
            palette.ink);
        painter.setPen(QPen(palette.rule, 1));
        painter.drawRect(full);
        if (isRead(painter))
            readAs(painter, full.center(),
                   QStringLiteral("%1: %2 %, %3").arg(bar.name, number(100.0 * bar.fraction, 0), bar.size));
        painter.setFont(numberFont(11));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(full.right() + 8, y, area.right() - full.right() - 8, 18),
                         Qt::AlignLeft | Qt::AlignVCenter,
                         QStringLiteral("%1 %  %2")
                             .arg(number(100.0 * bar.fraction, 0).rightJustified(3))
                             .arg(narrow ? QString() : bar.size));
        y += twoLines ? 27 : 20;
    }
    painter.restore();
}

} // namespace fusain::report

#include "report/scan/region_figures.hpp"

#include "core/units/format.hpp"
#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

using Change = RegionMatrixModel::Change;

constexpr double headHeight = 40.0, rowHeight = 25.0;

/// Where the columns of one painting stand.
struct MatrixColumns {
    double name, fat, lean, bone, percent, fatAxis, leanAxis, axisWidth;
    MatrixColumns(const QRectF& area, bool amounts, bool changes) {
        const double text = !amounts ? 112.0 : changes ? 0.52 * area.width() : area.width();
        name = area.left();
        fat = area.left() + 0.46 * text;
        lean = area.left() + 0.63 * text;
        bone = area.left() + 0.82 * text;
        percent = area.left() + text;
        axisWidth = 0.5 * (area.right() - percent) - 10.0;
        fatAxis = percent + 10.0;
        leanAxis = fatAxis + axisWidth + 10.0;
    }
};

double greatest(const RegionMatrixModel& model, std::optional<Change> RegionMatrixModel::Row::*which) {
    double most = 0.2;
    for (const auto& row : model.rows)
        if (row.*which)
            most = std::max(most, std::abs((row.*which)->difference) + (row.*which)->least);
    return most;
}

void right(QPainter& painter, double x, double y, const QString& text) {
    painter.drawText(QRectF(x - 90.0, y, 90.0, rowHeight), Qt::AlignRight | Qt::AlignVCenter, text);
}

void paintHead(QPainter& painter, const QRectF& area, const RegionMatrixModel& model, const MatrixColumns& at,
               const Palette& palette) {
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    const double y = area.top() + headHeight - rowHeight - 2.0;
    painter.drawText(QRectF(at.name, y, 140, rowHeight), Qt::AlignVCenter, tr("region"));
    if (model.amounts) {
        right(painter, at.fat, y, tr("fat, kg"));
        right(painter, at.lean, y, tr("lean, kg"));
        right(painter, at.bone, y, tr("bone, kg"));
        right(painter, at.percent, y, model.percentTitle);
    }
    if (!model.changeTitle.isEmpty()) {
        painter.drawText(QRectF(at.fatAxis, area.top() - 4, 2 * at.axisWidth + 20, 18), Qt::AlignHCenter,
                         model.changeTitle);
        painter.drawText(QRectF(at.fatAxis, y, at.axisWidth, rowHeight), Qt::AlignCenter, tr("fat, kg"));
        painter.drawText(QRectF(at.leanAxis, y, at.axisWidth, rowHeight), Qt::AlignCenter, tr("lean, kg"));
    }
    painter.setPen(QPen(palette.ink, 1.0));
    painter.drawLine(QPointF(area.left(), area.top() + headHeight),
                     QPointF(area.right(), area.top() + headHeight));
}

// The axis has its zero in the middle; the number stands on the side where the spindle is not.
void paintChange(QPainter& painter, double left, double width, double y, const Change& change, double most,
                 const Palette& palette) {
    const double centre = left + 0.5 * width, scale = 0.40 * width / most;
    painter.setPen(QPen(palette.rule, 1.0));
    painter.drawLine(QPointF(centre, y - 0.5 * rowHeight), QPointF(centre, y + 0.5 * rowHeight));
    paintSpindle(painter, {change.difference, change.least, !change.real()}, centre, scale, y, 11.0, palette);
    painter.setFont(numberFont(11, change.real() ? Weight::SemiBold : Weight::Regular));
    painter.setPen(change.real() ? palette.ink : palette.softInk);
    const bool onRight = change.difference < 0.0;
    painter.drawText(QRectF(onRight ? left + width - 52 : left, y - 8, 52, 16),
                     (onRight ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter,
                     signedNumber(change.difference, 2));
}

QString rowInWords(const RegionMatrixModel::Row& row) {
    QStringList parts;
    if (!row.fat.isEmpty())
        parts << tr("fat %1 kg, lean %2 kg, bone %3 kg, %4 %").arg(row.fat, row.lean, row.bone, row.percent);
    const auto add = [&](const std::optional<Change>& change, const QString& name) {
        if (change)
            parts << tr("change of %1 %2 kg, LSC %3 kg")
                         .arg(name, signedNumber(change->difference, 2), number(change->least, 2));
    };
    add(row.fatChange, tr("fat"));
    add(row.leanChange, tr("lean"));
    return QStringLiteral("%1: %2").arg(row.name, parts.join(QStringLiteral("; ")));
}

} // namespace

void paintRegionMatrix(QPainter& painter, const QRectF& area, const RegionMatrixModel& model,
                       const Palette& palette) {
    const double needed = headHeight + rowHeight * static_cast<double>(model.rows.size()) + 22.0;
    const double scale = std::min(1.0, area.height() / needed);
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(area.topLeft());
    painter.scale(scale, scale);
    const QRectF place(0, 0, area.width() / scale, area.height() / scale);
    const MatrixColumns at(place, model.amounts, !model.changeTitle.isEmpty());
    paintHead(painter, place, model, at, palette);
    const double mostFat = greatest(model, &RegionMatrixModel::Row::fatChange),
                 mostLean = greatest(model, &RegionMatrixModel::Row::leanChange);
    double y = headHeight;
    for (const auto& row : model.rows) {
        const Weight weight = row.strong ? Weight::SemiBold : Weight::Regular;
        painter.setPen(palette.ink);
        painter.setFont(textFont(12, weight));
        painter.drawText(QRectF(at.name, y, 150, rowHeight), Qt::AlignVCenter, row.name);
        painter.setFont(numberFont(12, weight));
        right(painter, at.fat, y, row.fat);
        right(painter, at.lean, y, row.lean);
        right(painter, at.bone, y, row.bone);
        right(painter, at.percent, y, row.percent);
        if (row.fatChange)
            paintChange(painter, at.fatAxis, at.axisWidth, y + 0.5 * rowHeight, *row.fatChange, mostFat,
                        palette);
        if (row.leanChange)
            paintChange(painter, at.leanAxis, at.axisWidth, y + 0.5 * rowHeight, *row.leanChange, mostLean,
                        palette);
        if (isRead(painter))
            readAs(painter, {at.name + 40.0, y + 0.5 * rowHeight}, rowInWords(row));
        y += rowHeight;
        painter.setPen(QPen(palette.rule, 0.6));
        painter.drawLine(QPointF(place.left(), y), QPointF(place.right(), y));
    }
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(0, y + 3, place.width(), 18), Qt::AlignLeft | Qt::AlignVCenter, model.note);
    painter.restore();
}

} // namespace fusain::report

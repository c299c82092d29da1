#include "report/figures/body_figures.hpp"

#include "core/numeric/measured.hpp"
#include "core/units/format.hpp"
#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

#include <QCoreApplication>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

using anthropometry::Segment;

// The body in a box of 100 by 220: the client's right is on the left of the picture.
QPainterPath outlineOf(Segment segment) {
    QPainterPath path;
    const auto mirrored = [](const QPainterPath& right) { return QTransform(-1, 0, 0, 1, 100, 0).map(right); };
    switch (segment) {
    case Segment::RightArm:
        path.moveTo(30, 46);
        path.cubicTo(20, 50, 18, 66, 15, 84);
        path.cubicTo(13, 96, 8, 108, 5, 122);
        path.lineTo(11, 124);
        path.cubicTo(16, 110, 22, 98, 25, 86);
        path.lineTo(30, 62);
        path.closeSubpath();
        return path;
    case Segment::LeftArm:
        return mirrored(outlineOf(Segment::RightArm));
    case Segment::RightLeg:
        path.moveTo(33, 112);
        path.cubicTo(29, 132, 31, 152, 33, 168);
        path.cubicTo(33, 186, 34, 200, 33, 214);
        path.lineTo(43, 214);
        path.cubicTo(44, 196, 46, 180, 45, 168);
        path.lineTo(49, 118);
        path.closeSubpath();
        return path;
    case Segment::LeftLeg:
        return mirrored(outlineOf(Segment::RightLeg));
    default:
        path.moveTo(32, 46);
        path.cubicTo(40, 42, 60, 42, 68, 46);
        path.lineTo(65, 84);
        path.cubicTo(64, 94, 68, 102, 67, 112);
        path.lineTo(50, 118);
        path.lineTo(33, 112);
        path.cubicTo(32, 102, 36, 94, 35, 84);
        path.closeSubpath();
        return path;
    }
}

// Lines lean one way below the reference and the other way above it; the denser, the further away. Near it:
// none.
void hatch(QPainter& painter, const QPainterPath& shape, double partOfReference, const Palette& palette) {
    const double away = partOfReference - 1.0;
    if (std::abs(away) < 0.05)
        return;
    painter.save();
    painter.setClipPath(shape, Qt::IntersectClip);
    const double spacing = std::clamp(9.0 - 22.0 * std::abs(away), 3.0, 8.0);
    const QRectF box = shape.boundingRect();
    painter.setPen(QPen(palette.berry, 0.8));
    const double run = box.height();
    for (double x = box.left() - run; x < box.right() + run; x += spacing)
        painter.drawLine(QPointF(x, box.bottom()), QPointF(x + (away > 0.0 ? run : -run), box.top()));
    painter.restore();
}

// A two-armed balance: it tilts with the difference; the error and the threshold are marked on its foot, so
// that noise does not look like an imbalance.
void paintBeam(QPainter& painter, const QRectF& area, const anthropometry::LimbBalance& balance,
               const QString& name, const Palette& palette) {
    const QPointF centre(area.center().x(), area.top() + 22);
    const double reach = area.width() / 2.0 - 34.0;
    const double scale = std::max({balance.threshold.value(), balance.leastSignificant.value(),
                                   std::abs(balance.difference.value()), 0.1});
    const double tilt = -14.0 * balance.difference.value() / scale; // right heavier: right arm of the beam down
    painter.setPen(QPen(palette.ink, 1.2));
    painter.drawLine(centre, centre + QPointF(0, 16));
    painter.setPen(QPen(balance.notable() ? palette.aril : palette.ink, balance.real() ? 2.2 : 1.4,
                        balance.real() ? Qt::SolidLine : Qt::DashLine));
    painter.drawLine(centre + QPointF(-reach, -tilt), centre + QPointF(reach, tilt));
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(area.left(), centre.y() - 18 - tilt, 30, 14), Qt::AlignLeft, tr("right"));
    painter.drawText(QRectF(area.right() - 30, centre.y() - 18 + tilt, 30, 14), Qt::AlignRight, tr("left"));
    painter.setPen(palette.ink);
    const QString verdict = balance.notable() ? tr("notable")
                            : balance.real()  ? tr("real, but small")
                                              : tr("within the error");
    painter.drawText(
        QRectF(area.left(), centre.y() + 18, area.width(), 15), Qt::AlignHCenter,
        tr("%1 %2 kg: %3")
            .arg(name, QString::fromStdString(signedFixed(balance.difference.value(), 2)), verdict));
    if (isRead(painter))
        readAs(painter, {area.center().x(), centre.y() + 25},
               tr("%1, right − left: %2 kg, measurement error ± %3 kg (95 %), threshold %4 kg: %5")
                   .arg(name, QString::fromStdString(signedFixed(balance.difference.value(), 2)),
                        number(balance.leastSignificant.value(), 2), number(balance.threshold.value(), 2),
                        verdict));
    painter.setPen(palette.softInk);
    painter.drawText(
        QRectF(area.left(), centre.y() + 33, area.width(), 15), Qt::AlignHCenter,
        tr("error ± %1, threshold %2")
            .arg(number(balance.leastSignificant.value(), 2), number(balance.threshold.value(), 2)));
}

} // namespace

void paintLimbs(QPainter& painter, const QRectF& area, const LimbsModel& model, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const bool beams = model.arms || model.legs;
    const QRectF place = area.adjusted(0, 18, 0, beams ? -92 : -22);
    const double scale = std::min(place.height() / 220.0, place.width() / 300.0);
    const QPointF origin(place.center().x() - 50.0 * scale, place.top());
    painter.save();
    painter.translate(origin);
    painter.scale(scale, scale);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(palette.ink, 1.2 / scale));
    painter.drawEllipse(QPointF(50, 24), 10, 13);
    painter.drawLine(QPointF(46, 36), QPointF(46, 43));
    painter.drawLine(QPointF(54, 36), QPointF(54, 43));
    for (const Segment segment : anthropometry::bodySegments) {
        const QPainterPath shape = outlineOf(segment);
        for (const auto& part : model.parts)
            if (part.segment == segment)
                hatch(painter, shape, part.partOfReference, palette);
        painter.setPen(QPen(palette.ink, 1.2 / scale));
        painter.drawPath(shape);
    }
    painter.restore();
    // Callouts beside the body, never on it.
    const auto callout = [&](Segment segment) -> std::pair<QPointF, bool> {
        switch (segment) {
        case Segment::RightArm:
            return {{14, 84}, true};
        case Segment::LeftArm:
            return {{86, 84}, false};
        case Segment::RightLeg:
            return {{34, 160}, true};
        case Segment::LeftLeg:
            return {{66, 160}, false};
        default:
            return {{64, 60}, false};
        }
    };
    for (const auto& part : model.parts) {
        const auto [point, right] = callout(part.segment);
        const QPointF at = origin + point * scale;
        const double width = 118.0, x = right ? area.left() + 2 : area.right() - width - 2;
        const double y = part.segment == Segment::Trunk ? area.top() + 22 : at.y() - 16;
        painter.setPen(QPen(palette.rule, 1.0));
        painter.drawLine(at, QPointF(right ? x + width : x, y + 10));
        const auto align = right ? Qt::AlignLeft : Qt::AlignRight;
        painter.setPen(palette.softInk);
        painter.setFont(textFont(11));
        painter.drawText(QRectF(x, y, width, 15), align, say(anthropometry::segmentName(part.segment)));
        painter.drawText(QRectF(x, y + 32, width, 15), align, part.detail);
        painter.setPen(palette.ink);
        painter.setFont(numberFont(13));
        painter.drawText(QRectF(x, y + 14, width, 18), align, part.value);
        if (isRead(painter))
            readAs(painter, {x + 0.5 * width, y + 22},
                   QStringLiteral("%1: %2, %3")
                       .arg(say(anthropometry::segmentName(part.segment)), part.value, part.detail));
    }
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 16), Qt::AlignLeft, tr("client's right"));
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 16), Qt::AlignRight, tr("client's left"));
    const double half = area.width() / 2.0;
    const QRectF foot(area.left(), area.bottom() - 90, area.width(), 72);
    if (model.arms)
        paintBeam(painter, QRectF(foot.left(), foot.top(), half - 8, foot.height()), *model.arms, tr("arms"),
                  palette);
    if (model.legs)
        paintBeam(painter, QRectF(foot.left() + half + 8, foot.top(), half - 8, foot.height()), *model.legs,
                  tr("legs"), palette);
    painter.setPen(palette.softInk);
    painter.setFont(textFont(11));
    painter.drawText(QRectF(area.left(), area.bottom() - 16, area.width(), 16), Qt::AlignHCenter, model.note);
    painter.restore();
}

void paintCore(QPainter& painter, const QRectF& area, const CoreModel& model, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    double greatest = 1.0;
    for (const auto& column : model.columns) {
        double sum = 0.0;
        for (const auto& layer : column.layers)
            sum += layer.kilograms;
        greatest = std::max(greatest, sum);
    }
    const QRectF plot = area.adjusted(0, 22, 0, -40);
    const double count = static_cast<double>(model.columns.size()), names = 214.0;
    const double gap = model.columns.size() > 1 ? std::clamp(0.17 * area.width(), 46.0, 110.0) : 0.0;
    const double perKilogram = plot.height() / greatest,
                 width = std::clamp((area.width() - names - gap * (count - 1.0)) / count, 36.0, 74.0);
    const double left =
        std::max(area.left(), area.center().x() - 0.5 * (count * width + (count - 1.0) * gap + names));
    static constexpr std::array brushes{Qt::Dense6Pattern, Qt::Dense5Pattern, Qt::FDiagPattern,
                                        Qt::DiagCrossPattern, Qt::NoBrush};
    std::vector<double> earlierTop;
    for (std::size_t c = 0; c < model.columns.size(); ++c) {
        const auto& column = model.columns[c];
        const double x = left + static_cast<double>(c) * (width + gap);
        const bool last = c + 1 == model.columns.size();
        painter.setFont(textFont(11));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(x, area.top(), width + 52, 18), Qt::AlignLeft | Qt::AlignVCenter, column.title);
        double y = plot.bottom();
        for (std::size_t i = 0; i < column.layers.size(); ++i) {
            const auto& layer = column.layers[i];
            const double height = layer.kilograms * perKilogram;
            const QRectF box(x, y - height, width, height);
            painter.setPen(QPen(palette.ink, 1.2));
            painter.setBrush(QBrush(palette.softInk, brushes[i % brushes.size()]));
            painter.drawRect(box);
            if (isRead(painter))
                readAs(
                    painter, box.center(),
                    QStringLiteral("%1, %2: %3 kg").arg(column.title, layer.name, number(layer.kilograms, 1)));
            if (last) {
                painter.setPen(palette.ink);
                painter.setFont(numberFont(12));
                const QRectF words(box.right() + 10, box.center().y() - 9, 220, 18);
                painter.drawText(words, Qt::AlignLeft | Qt::AlignVCenter,
                                 number(layer.kilograms, 1) + QStringLiteral(" kg"));
                painter.setFont(textFont(12));
                painter.drawText(words.adjusted(72, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter, layer.name);
            }
            if (c > 0) { // the difference stands between the columns
                const auto& before = model.columns[c - 1].layers;
                if (i < before.size()) {
                    const double difference = layer.kilograms - before[i].kilograms;
                    const bool measurable =
                        std::abs(difference) > normal95 * std::hypot(layer.visitError, before[i].visitError);
                    painter.setPen(measurable ? palette.berry : palette.softInk);
                    painter.setFont(numberFont(12));
                    painter.drawText(QRectF(x - gap, box.center().y() - 9, gap, 18), Qt::AlignCenter,
                                     measurable ? QString::fromStdString(signedFixed(difference, 1))
                                                : QStringLiteral("≈"));
                }
            }
            y -= height;
        }
    }
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(area.left(), area.bottom() - 34, area.width(), 34),
                     Qt::AlignLeft | Qt::TextWordWrap, model.note);
    painter.restore();
}

} // namespace fusain::report

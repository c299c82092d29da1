#include "report/figures/pairs_figure.hpp"

#include "core/units/format.hpp"
#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

constexpr double head = 22.0, foot = 20.0; // figure units
constexpr double inner = 0.17;             // of the width, from the spine to where 0 kg is
constexpr double beamReach = 34.0;         // of the small beam to either side
constexpr double leastHalf = 4.0;          // of a lens

QString verdictOf(const anthropometry::LimbBalance& balance) {
    return balance.notable() ? tr("notable") : balance.real() ? tr("real, but small") : tr("within the error");
}

QString signedKilograms(double kilograms) {
    return signedNumber(kilograms, 2);
}

/// Where things stand in the area.
struct Frame {
    QRectF area;
    double spine, zero, perKilogram, row;
    [[nodiscard]] double x(double kilograms, bool right) const {
        // The client's right side stands at the left of the picture, as one sees somebody.
        return spine + (right ? -1.0 : 1.0) * (zero + kilograms * perKilogram);
    }
};

Frame frameFor(const QRectF& area, const PairsModel& model) {
    double most = 1.0;
    for (const auto& pair : model.pairs)
        for (const PairsModel::Part& part : {pair.right, pair.left})
            most = std::max({most, part.kilograms + part.half, part.reference.value_or(0.0)});
    const double zero = inner * area.width();
    const auto rows = static_cast<double>(model.pairs.size() + (model.trunk ? 1 : 0));
    return {area, area.center().x(), zero, (0.5 * area.width() - zero - 26.0) / most,
            std::min(96.0, (area.height() - head - foot) / std::max(1.0, rows))};
}

void paintPart(QPainter& painter, const Frame& frame, const PairsModel::Part& part, const QString& name,
               bool right, double y, int decimals, const Palette& palette) {
    const double x = frame.x(part.kilograms, right);
    painter.setPen(QPen(palette.rule, 1.0));
    painter.drawLine(QPointF(frame.x(0.0, right), y), QPointF(x, y));
    if (part.reference) {
        const double at = frame.x(*part.reference, right);
        painter.setPen(QPen(palette.softInk, 1.2));
        painter.drawLine(QPointF(at, y + 7), QPointF(at, y + 15));
        painter.drawLine(QPointF(at - 4, y + 15), QPointF(at + 4, y + 15));
    }
    paintSpindle(painter,
                 {0.0, part.half > 0.0 ? std::max(part.half * frame.perKilogram, leastHalf) : 0.0, false}, x,
                 1.0, y, 8.0, palette);
    painter.setFont(numberFont(12, Weight::SemiBold));
    painter.setPen(palette.ink);
    painter.drawText(QRectF(x - 34, y - 26, 68, 15), Qt::AlignCenter, number(part.kilograms, decimals));
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    const double wide = painter.fontMetrics().horizontalAdvance(part.detail) + 4.0;
    const double left =
        std::clamp(x - 0.5 * wide, frame.area.left(), std::max(frame.area.left(), frame.area.right() - wide));
    painter.drawText(QRectF(left, y + 16, wide, 14), Qt::AlignCenter, part.detail);
    if (isRead(painter))
        readAs(painter, {x, y},
               tr("%1: %2 kg%3, %4")
                   .arg((right ? tr("%1, right") : tr("%1, left")).arg(name), number(part.kilograms, decimals),
                        part.half > 0.0 ? tr(" ± %1 (95 % CI)").arg(number(part.half, decimals)) : QString(),
                        part.detail));
}

// What can be told apart as a bracket, the lab's threshold as two marks, the difference as a bar from the
// middle towards the heavier side.
void paintBeam(QPainter& painter, const QPointF& middle, const anthropometry::LimbBalance& balance,
               const Palette& palette) {
    const double most = std::max({balance.threshold.value(), balance.leastSignificant.value(),
                                  std::abs(balance.difference.value()), 0.1}),
                 scale = beamReach / most, least = balance.leastSignificant.value() * scale,
                 threshold = balance.threshold.value() * scale;
    painter.fillRect(QRectF(middle.x() - least, middle.y() - 5, 2.0 * least, 10),
                     QBrush(palette.rule, Qt::BDiagPattern));
    painter.setPen(QPen(palette.softInk, 1.0));
    for (const double side : {-1.0, 1.0})
        painter.drawLine(QPointF(middle.x() + side * threshold, middle.y() - 6),
                         QPointF(middle.x() + side * threshold, middle.y() + 6));
    painter.setPen(QPen(balance.notable() ? palette.berry : palette.ink, balance.real() ? 4.0 : 1.6));
    painter.drawLine(middle, middle - QPointF(balance.difference.value() * scale, 0.0));
    painter.setPen(QPen(palette.ink, 1.2));
    painter.drawLine(middle - QPointF(0, 6), middle + QPointF(0, 6));
}

void paintBalance(QPainter& painter, const Frame& frame, const PairsModel::Pair& pair, double top,
                  const Palette& palette) {
    const double width = 2.0 * frame.zero;
    const QRectF line(frame.spine - 0.5 * width, top, width, 15);
    painter.setFont(textFont(13, Weight::SemiBold));
    painter.setPen(palette.ink);
    painter.drawText(line, Qt::AlignCenter, pair.name);
    if (!pair.balance)
        return;
    const auto& balance = *pair.balance;
    paintBeam(painter, {frame.spine, top + 27}, balance, palette);
    painter.setFont(textFont(11, balance.notable() ? Weight::SemiBold : Weight::Regular));
    painter.setPen(balance.notable() ? palette.berry : palette.ink);
    painter.drawText(line.translated(0, 36), Qt::AlignCenter,
                     tr("right − left %1 kg").arg(signedKilograms(balance.difference.value())));
    painter.setFont(textFont(11));
    painter.drawText(line.translated(0, 51), Qt::AlignCenter, verdictOf(balance));
    if (isRead(painter))
        readAs(painter, {frame.spine, top + 27},
               tr("%1, right − left: %2 kg, measurement error ± %3 kg (95 %), threshold %4 kg, %5")
                   .arg(pair.name, signedKilograms(balance.difference.value()),
                        number(balance.leastSignificant.value(), 2), number(balance.threshold.value(), 2),
                        verdictOf(balance)));
}

} // namespace

void paintPairs(QPainter& painter, const QRectF& area, const PairsModel& model, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const Frame frame = frameFor(area, model);
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 16), Qt::AlignLeft, tr("client's right"));
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 16), Qt::AlignRight, tr("client's left"));
    painter.setFont(textFont(12, Weight::SemiBold));
    painter.setPen(palette.ink);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 16), Qt::AlignHCenter, model.what);
    double y = area.top() + head;
    for (const auto& pair : model.pairs) {
        const double middle = y + 0.5 * frame.row;
        paintPart(painter, frame, pair.right, pair.name, true, middle, model.decimals, palette);
        paintPart(painter, frame, pair.left, pair.name, false, middle, model.decimals, palette);
        paintBalance(painter, frame, pair, middle - 33.0, palette);
        y += frame.row;
    }
    if (model.trunk) {
        const double middle = y + 0.4 * frame.row;
        const QString trunk = tr("Trunk %1 kg").arg(number(model.trunk->kilograms, model.decimals > 1 ? 1 : 0));
        painter.setFont(textFont(13, Weight::SemiBold));
        painter.setPen(palette.ink);
        painter.drawText(QRectF(area.left(), middle - 10, area.width(), 18), Qt::AlignCenter, trunk);
        painter.setFont(textFont(11));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(area.left(), middle + 7, area.width(), 15), Qt::AlignCenter,
                         model.trunk->detail);
        if (isRead(painter))
            readAs(painter, {frame.spine, middle}, QStringLiteral("%1, %2").arg(trunk, model.trunk->detail));
    }
    painter.setFont(textFont(11));
    painter.setPen(palette.softInk);
    painter.drawText(
        QRectF(area.left(), area.bottom() - 16, area.width(), 16), Qt::AlignHCenter,
        painter.fontMetrics().elidedText(model.note, Qt::ElideRight, static_cast<int>(area.width())));
    painter.restore();
}

} // namespace fusain::report

#include "report/figures/replay_figure.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"

#include <algorithm>
#include <array>

namespace fusain::report {
namespace {

constexpr double bandHeight = 18.0, rowHeight = 18.0, axisHeight = 20.0;
constexpr double besideMark = 9.0;
constexpr std::size_t rowsOfWords = 5;

struct TimeLine {
    TimeLine(const QRectF& area, double minutes)
        : line(area.adjusted(8, 4, -8, -axisHeight)), minutes(std::max(0.5, minutes)) {}
    [[nodiscard]] double x(double at) const {
        return line.left() + std::clamp(at / minutes, 0.0, 1.0) * line.width();
    }
    QRectF line;
    double minutes;
};

void paintBands(QPainter& painter, const TimeLine& time, const ReplayModel& model, const Palette& palette) {
    double freeFrom = time.line.left();
    for (const ReplayModel::Band& band : model.bands) {
        const double left = time.x(band.from);
        const QRectF drawn(left, time.line.top() + 16.0, std::max(4.0, time.x(band.until) - left), bandHeight);
        const bool wrong = !band.words.isEmpty();
        painter.setPen(QPen(wrong ? palette.aril : palette.softInk, 1.2));
        painter.setBrush(wrong ? QBrush(palette.aril, Qt::BDiagPattern) : QBrush(Qt::NoBrush));
        painter.drawRect(drawn);
        if (wrong && left >= freeFrom) {
            painter.setPen(palette.aril);
            painter.setFont(textFont(11, Weight::SemiBold));
            const double width = painter.fontMetrics().horizontalAdvance(band.words);
            const double from = std::min(left, time.line.right() - width);
            painter.drawText(QRectF(from, time.line.top() - 2.0, width + 4.0, 16.0), Qt::AlignVCenter,
                             band.words);
            freeFrom = from + width + 12.0;
        }
        if (isRead(painter))
            readAs(painter, drawn.center(),
                   wrong ? tr("minute %1, recording: %2").arg(number(band.from, 1), band.words)
                         : tr("minute %1, recording: nothing wrong").arg(number(band.from, 1)));
    }
}

void paintPinMark(QPainter& painter, const QPointF& at, bool right, const Palette& palette) {
    painter.setPen(Qt::NoPen);
    painter.setBrush(right ? palette.leaf : palette.aril);
    if (right)
        painter.drawEllipse(at, 4.5, 4.5);
    else
        painter.drawPolygon(QPolygonF({at + QPointF(0, -6), at + QPointF(6, 5), at + QPointF(-6, 5)}));
}

// The words of each pin in the first row that is free there.
void paintPins(QPainter& painter, const TimeLine& time, const ReplayModel& model, const Palette& palette) {
    std::array<double, rowsOfWords> freeFrom;
    freeFrom.fill(time.line.left());
    const double top = time.line.top() + 16.0 + bandHeight + 12.0;
    painter.setFont(textFont(12));
    for (const ReplayModel::Pin& pin : model.pins) {
        const double x = time.x(pin.at), width = painter.fontMetrics().horizontalAdvance(pin.words) + 4.0;
        const bool toTheRight = x + besideMark + width <= time.line.right();
        const double from = toTheRight ? x + besideMark : std::max(time.line.left(), x - besideMark - width);
        const auto free = std::ranges::find_if(freeFrom, [&](double until) { return from >= until; });
        const bool fits =
            free != freeFrom.end() &&
            top + static_cast<double>(free - freeFrom.begin() + 1) * rowHeight < time.line.bottom();
        const double y = top + (fits ? static_cast<double>(free - freeFrom.begin()) * rowHeight : 0.0);
        painter.setPen(QPen(palette.rule, 1.0));
        painter.drawLine(QPointF(x, y + 5.0), QPointF(x, time.line.bottom()));
        paintPinMark(painter, {x, fits ? y : top}, pin.right, palette);
        if (fits) {
            painter.setPen(palette.ink);
            painter.drawText(QRectF(from, y - 9.0, width, 18.0), Qt::AlignVCenter, pin.words);
            *free = std::max(from + width, x + besideMark) + 6.0;
        }
        if (isRead(painter))
            readAs(painter, {x, y},
                   (pin.right ? tr("minute %1: %2, right") : tr("minute %1: %2, not right"))
                       .arg(number(pin.at, 1), pin.words));
    }
}

void paintAxis(QPainter& painter, const TimeLine& time, const Palette& palette) {
    painter.setPen(QPen(palette.ink, 1.0));
    painter.drawLine(time.line.bottomLeft(), time.line.bottomRight());
    painter.setFont(numberFont(11));
    const double step = graduation(time.minutes, 8);
    for (double at = 0.0; at <= time.minutes + 1e-9; at += step) {
        painter.setPen(QPen(palette.ink, 1.0));
        painter.drawLine(QPointF(time.x(at), time.line.bottom()), QPointF(time.x(at), time.line.bottom() + 4));
        painter.setPen(palette.softInk);
        const QRectF words(time.x(at) - 30.0, time.line.bottom() + 4.0, 60.0, 16.0);
        painter.drawText(at == 0.0                                 ? words.translated(22.0, 0.0)
                         : words.right() > time.line.right() + 8.0 ? words.translated(-22.0, 0.0)
                                                                   : words,
                         Qt::AlignHCenter,
                         at == 0.0 ? tr("0 min")
                                   : number(at, step < 0.1   ? 2
                                                : step < 1.0 ? 1
                                                             : 0));
    }
}

} // namespace

void paintReplay(QPainter& painter, const QRectF& area, const ReplayModel& model, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const TimeLine time(area, model.minutes);
    paintAxis(painter, time, palette);
    paintBands(painter, time, model, palette);
    paintPins(painter, time, model, palette);
    painter.restore();
}

} // namespace fusain::report

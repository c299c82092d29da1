#include "report/tank/blows_figure.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

#include <algorithm>
#include <ranges>

namespace fusain::report {
namespace {

constexpr double leastVolume = 6.0, leastSeconds = 8.0, barsShare = 0.36;

void paintCurves(QPainter& painter, const QRectF& area, const BlowsModel& model, const Palette& palette) {
    const QRectF plot = area.adjusted(40, 8, -8, -20);
    double largest = leastVolume, longest = leastSeconds;
    for (const auto& curve : model.curves)
        for (const auto& sample : curve) {
            largest = std::max(largest, sample.volume.value() + 0.5);
            longest = std::max(longest, sample.time.value());
        }
    const auto x = [&](double time) { return plot.left() + time / longest * plot.width(); };
    const auto y = [&](double volume) { return plot.bottom() - volume / largest * plot.height(); };
    painter.setFont(numberFont(11));
    for (double volume = 0.0; volume <= largest; volume += 2.0) {
        painter.setPen(QPen(palette.rule, 1));
        painter.drawLine(QPointF(plot.left(), y(volume)), QPointF(plot.right(), y(volume)));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(area.left(), y(volume) - 8, 34, 16), Qt::AlignRight | Qt::AlignVCenter,
                         number(volume, 0) + (volume == 0.0 ? QStringLiteral(" L") : QString()));
    }
    for (double time = 0.0; time <= longest; time += 2.0)
        painter.drawText(QRectF(x(time) - 24, plot.bottom() + 3, 48, 16), Qt::AlignHCenter,
                         number(time, 0) + (time == 0.0 ? QStringLiteral(" s") : QString()));
    for (const auto& curve : model.curves) {
        QPolygonF line;
        for (const auto& sample : curve)
            line << QPointF(x(sample.time.value()), y(sample.volume.value()));
        const bool newest = &curve == &model.curves.back();
        painter.setPen(QPen(newest ? palette.berry : palette.softInk, newest ? 1.8 : 1.2));
        painter.drawPolyline(line);
    }
}

// The bars begin near the smallest effort: what counts is how far the largest two are apart.
void paintBars(QPainter& painter, const QRectF& area, const BlowsModel& model, const Palette& palette) {
    const auto volume = [](const BlowsModel::Bar& bar) { return bar.volume; };
    const double largest = std::ranges::max(model.bars | std::views::transform(volume));
    const double smallest = std::ranges::min(model.bars | std::views::transform(volume));
    const double from = std::max(0.0, std::min(smallest, largest - 3.0 * model.agreement) - model.agreement);
    const QRectF plot = area.adjusted(28, 8, -64, -4);
    const auto x = [&](double litres) {
        return plot.left() + (litres - from) / (largest + 0.5 * model.agreement - from) * plot.width();
    };
    double best = 0.0;
    for (const BlowsModel::Bar& bar : model.bars)
        if (bar.acceptable)
            best = std::max(best, bar.volume);
    if (best > 0.0) {
        const QRectF bracket(x(best - model.agreement), plot.top(), x(best) - x(best - model.agreement),
                             plot.height());
        painter.fillRect(bracket, QBrush(palette.rule, Qt::BDiagPattern));
        painter.setPen(QPen(palette.softInk, 1.2));
        painter.drawLine(bracket.topLeft(), bracket.bottomLeft());
        painter.drawLine(bracket.topRight(), bracket.bottomRight());
    }
    const double step = std::min(26.0, plot.height() / static_cast<double>(model.bars.size()));
    for (std::size_t i = 0; i < model.bars.size(); ++i) {
        const BlowsModel::Bar& bar = model.bars[i];
        const double top = plot.top() + (static_cast<double>(i) + 0.2) * step;
        const QRectF drawn(plot.left(), top, x(bar.volume) - plot.left(), 0.6 * step);
        painter.setPen(QPen(bar.acceptable ? palette.berry : palette.softInk, 1.2));
        painter.setBrush(bar.acceptable ? QBrush(palette.berry) : QBrush(Qt::NoBrush));
        painter.drawRect(drawn);
        painter.setFont(numberFont(12));
        painter.setPen(palette.ink);
        painter.drawText(QRectF(area.left(), top, 22, 0.6 * step), Qt::AlignVCenter | Qt::AlignRight,
                         number(bar.number, 0));
        painter.drawText(QRectF(plot.right() + 6, top, 58, 0.6 * step), Qt::AlignVCenter,
                         tr("%1 L").arg(number(bar.volume, 2)));
        if (isRead(painter))
            readAs(painter, drawn.center(),
                   (bar.acceptable ? tr("effort %1: %2 L BTPS") : tr("effort %1: %2 L BTPS, not acceptable"))
                       .arg(bar.number)
                       .arg(number(bar.volume, 2)));
    }
}

} // namespace

void paintBlows(QPainter& painter, const QRectF& area, const BlowsModel& model, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double bars = model.bars.empty() ? 0.0 : barsShare * area.width();
    paintCurves(painter, area.adjusted(0, 0, -bars, 0), model, palette);
    if (!model.bars.empty())
        paintBars(painter, QRectF(area.right() - bars, area.top(), bars, area.height()), model, palette);
    painter.restore();
}

} // namespace fusain::report

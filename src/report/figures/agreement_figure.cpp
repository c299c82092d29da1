#include "report/figures/agreement_figure.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

/// A scale with round steps that holds all of its values.
struct Scale {
    double from = 0.0, to = 1.0, step = 1.0;
    Scale(double least, double most, int steps) {
        step = graduation(std::max(most - least, 0.1), steps);
        from = std::floor(least / step) * step;
        to = std::max(std::ceil(most / step), std::floor(least / step) + 1.0) * step;
    }
    [[nodiscard]] double share(double value) const { return (value - from) / (to - from); }
};

double meanOf(const quality::PairedValue& pair) {
    return (pair.reference + pair.other) / 2.0;
}

double differenceOf(const quality::PairedValue& pair) {
    return pair.other - pair.reference;
}

Scale across(const AgreementModel& model) {
    const auto [least, most] = std::ranges::minmax(model.pairs, {}, meanOf);
    return {meanOf(least), meanOf(most), 6};
}

Scale upwards(const AgreementModel& model) {
    const auto [least, most] = std::ranges::minmax(model.pairs, {}, differenceOf);
    return {std::min({differenceOf(least), model.agreement.lower.low, 0.0}),
            std::max({differenceOf(most), model.agreement.upper.high, 0.0}), 6};
}

/// Where the plot lies, and how values become places in it.
struct Plot {
    QRectF area;
    Scale horizontal, vertical;
    [[nodiscard]] double x(double value) const { return area.left() + horizontal.share(value) * area.width(); }
    [[nodiscard]] double y(double value) const { return area.bottom() - vertical.share(value) * area.height(); }
};

void paintAxes(QPainter& painter, const QRectF& area, const Plot& plot, const AgreementModel& model,
               const Palette& palette) {
    painter.setFont(textFont(12));
    painter.setPen(palette.softInk);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("%1 minus %2, %3").arg(model.other, model.reference, model.unit));
    painter.drawText(QRectF(plot.area.left(), area.bottom() - 16, plot.area.width(), 16), Qt::AlignRight,
                     tr("mean of both, %1").arg(model.unit));
    painter.setFont(numberFont(11));
    const auto decimals = [](double step) { return step < 1.0 ? 1 : 0; };
    for (double value = plot.vertical.from; value <= plot.vertical.to + 1e-9; value += plot.vertical.step)
        painter.drawText(QRectF(area.left(), plot.y(value) - 8, plot.area.left() - area.left() - 6, 16),
                         Qt::AlignRight | Qt::AlignVCenter, signedNumber(value, decimals(plot.vertical.step)));
    for (double value = plot.horizontal.from; value <= plot.horizontal.to + 1e-9; value += plot.horizontal.step)
        painter.drawText(QRectF(plot.x(value) - 30, plot.area.bottom() + 4, 60, 14), Qt::AlignHCenter,
                         number(value, decimals(plot.horizontal.step)));
    painter.setPen(palette.ink);
    painter.drawLine(plot.area.bottomLeft(), plot.area.bottomRight());
    painter.setPen(QPen(palette.rule, 1.0));
    painter.drawLine(QPointF(plot.area.left(), plot.y(0.0)), QPointF(plot.area.right(), plot.y(0.0)));
}

// A line as wide as what is known of it, with its name at the right.
void paintBand(QPainter& painter, const Plot& plot, const quality::WithInterval& line, const QString& name,
               const AgreementModel& model, const Palette& palette, bool middle) {
    QColor band = middle ? palette.berry : palette.softInk;
    band.setAlpha(40);
    painter.fillRect(
        QRectF(QPointF(plot.area.left(), plot.y(line.high)), QPointF(plot.area.right(), plot.y(line.low))),
        band);
    painter.setPen(QPen(middle ? palette.berry : palette.softInk, middle ? 2.0 : 1.0,
                        middle ? Qt::SolidLine : Qt::DashLine));
    painter.drawLine(QPointF(plot.area.left(), plot.y(line.value)),
                     QPointF(plot.area.right(), plot.y(line.value)));
    painter.setFont(textFont(11));
    painter.setPen(palette.ink);
    painter.drawText(QRectF(plot.area.right() + 8, plot.y(line.value) - 16, 128, 32),
                     Qt::AlignLeft | Qt::AlignVCenter,
                     name + QLatin1Char('\n') + signedNumber(line.value, model.decimals));
    if (isRead(painter))
        readAs(painter, QPointF(plot.area.right(), plot.y(line.value)),
               tr("%1: %2 %3 (95 % CI %4 to %5)")
                   .arg(name, signedNumber(line.value, model.decimals), model.unit,
                        signedNumber(line.low, model.decimals), signedNumber(line.high, model.decimals)));
}

} // namespace

void paintAgreement(QPainter& painter, const QRectF& area, const AgreementModel& model,
                    const Palette& palette) {
    if (model.pairs.empty())
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const Plot plot{area.adjusted(52, 24, -140, -36), across(model), upwards(model)};
    paintAxes(painter, area, plot, model, palette);
    const quality::Agreement& found = model.agreement;
    paintBand(painter, plot, found.upper, tr("upper limit"), model, palette, false);
    paintBand(painter, plot, found.bias, tr("mean difference"), model, palette, true);
    paintBand(painter, plot, found.lower, tr("lower limit"), model, palette, false);
    painter.setPen(QPen(palette.ink, 1.0));
    painter.setBrush(palette.sheet);
    for (const quality::PairedValue& pair : model.pairs) {
        const QPointF dot(plot.x(meanOf(pair)), plot.y(differenceOf(pair)));
        painter.drawEllipse(dot, 4.0, 4.0);
        if (isRead(painter))
            readAs(painter, dot,
                   tr("mean %1, difference %2 %3")
                       .arg(number(meanOf(pair), model.decimals),
                            signedNumber(differenceOf(pair), model.decimals), model.unit));
    }
    painter.restore();
}

} // namespace fusain::report

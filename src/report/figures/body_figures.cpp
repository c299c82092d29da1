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
                                     measurable ? signedNumber(difference, 1) : QStringLiteral("≈"));
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

#include "report/figures/check_scale_figure.hpp"

#include "core/units/comparison.hpp"
#include "core/units/format.hpp"
#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

constexpr double reach = 2.0; // of the limit, to either side
constexpr double margin = 46.0;

// Where errors lie in the picture.
struct ErrorScale {
    ErrorScale(const QRectF& area, double limit)
        : line(area.left() + margin, area.center().y() + 4.0, area.width() - 2.0 * margin, 0.0), limit(limit) {}
    [[nodiscard]] double x(double error) const {
        return line.center().x() + std::clamp(error / (reach * limit), -1.0, 1.0) * 0.5 * line.width();
    }
    [[nodiscard]] bool beyond(double error) const { return std::abs(error) > reach * limit; }
    QRectF line;
    double limit;
};

QString errorWords(const CheckScaleModel& model, double error) {
    return signedNumber(error, model.decimals) + QLatin1Char(' ') + model.unit;
}

void paintBracket(QPainter& painter, const ErrorScale& scale, const CheckScaleModel& model,
                  const Palette& palette) {
    const double y = scale.line.top(), left = scale.x(-model.limit), right = scale.x(model.limit);
    painter.fillRect(QRectF(left, y - 9.0, right - left, 18.0), QBrush(palette.rule, Qt::BDiagPattern));
    painter.setPen(QPen(palette.ink, 1.2));
    painter.drawLine(QPointF(scale.line.left(), y), QPointF(scale.line.right(), y));
    painter.drawLine(QPointF(scale.x(0.0), y - 9.0), QPointF(scale.x(0.0), y + 9.0));
    painter.setPen(QPen(palette.ink, 1.6));
    for (const double x : {left, right})
        painter.drawLine(QPointF(x, y - 13.0), QPointF(x, y + 13.0));
    painter.setFont(numberFont(11));
    painter.setPen(palette.softInk);
    for (const double error : {-model.limit, 0.0, model.limit})
        painter.drawText(QRectF(scale.x(error) - 60.0, y + 24.0, 120.0, 16.0), Qt::AlignHCenter,
                         error == 0.0 ? QStringLiteral("0") : errorWords(model, error));
    if (isRead(painter))
        readAs(painter, {scale.x(0.0), y},
               tr("limit of the error: ± %1")
                   .arg(number(model.limit, model.decimals) + QLatin1Char(' ') + model.unit));
}

void paintEarlier(QPainter& painter, const ErrorScale& scale, const CheckScaleModel& model,
                  const Palette& palette) {
    for (const double error : model.earlier) {
        const double x = scale.x(error), y = scale.line.top();
        painter.setPen(QPen(palette.softInk, &error == &model.earlier.back() ? 2.6 : 1.4));
        painter.drawLine(QPointF(x, y + 12.0), QPointF(x, y + 21.0));
        if (isRead(painter))
            readAs(painter, {x, y + 16.0}, tr("earlier check: %1").arg(errorWords(model, error)));
    }
}

// A reading within the limit is a filled lens, one beyond it a triangle.
void paintReading(QPainter& painter, const ErrorScale& scale, const CheckScaleModel& model, std::size_t which,
                  const Palette& palette) {
    const double error = model.errors[which], x = scale.x(error), y = scale.line.top();
    const bool passes = std::abs(error) <= model.limit + equality;
    painter.setPen(Qt::NoPen);
    painter.setBrush(passes ? palette.berry : palette.aril);
    if (passes)
        painter.drawEllipse(QPointF(x, y), 4.5, 8.0);
    else
        painter.drawPolygon(QPolygonF({{x, y - 8.0}, {x + 7.0, y + 6.0}, {x - 7.0, y + 6.0}}));
    painter.setFont(numberFont(12, Weight::SemiBold));
    painter.setPen(palette.ink);
    const QString words = scale.beyond(error) ? errorWords(model, error) : plain(std::to_string(which + 1));
    painter.drawText(QRectF(x - 60.0, y - 30.0, 120.0, 16.0), Qt::AlignHCenter, words);
    if (isRead(painter))
        readAs(painter, {x, y},
               (passes ? tr("reading %1: %2, within the limit") : tr("reading %1: %2, beyond the limit"))
                   .arg(which + 1)
                   .arg(errorWords(model, error)));
}

void paintLive(QPainter& painter, const ErrorScale& scale, double error, const Palette& palette) {
    const double x = scale.x(error), y = scale.line.top();
    painter.setPen(QPen(palette.berry, 1.4, Qt::DashLine));
    painter.setBrush(Qt::NoBrush);
    painter.drawEllipse(QPointF(x, y), 6.0, 10.0);
}

} // namespace

void paintCheckScale(QPainter& painter, const QRectF& area, const CheckScaleModel& model,
                     const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const ErrorScale scale(area, model.limit);
    paintBracket(painter, scale, model, palette);
    paintEarlier(painter, scale, model, palette);
    if (model.live)
        paintLive(painter, scale, *model.live, palette);
    for (std::size_t i = 0; i < model.errors.size(); ++i)
        paintReading(painter, scale, model, i, palette);
    painter.restore();
}

} // namespace fusain::report

#include "desktop/views/mark_delegates.hpp"

#include "desktop/widgets/appearance.hpp"
#include "report/figures/rule_figure.hpp"

namespace fusain::desktop {
namespace {

void paintOnScale(QPainter& painter, const QRectF& area, const SpindleMark& mark,
                  const report::Palette& palette) {
    constexpr double high = 9.0;
    const double unit = area.width() / (mark.to - mark.from), origin = area.left() - mark.from * unit,
                 y = area.center().y();
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(palette.rule, 1.0));
    const double step = report::graduation(mark.to - mark.from, 4);
    for (double at = std::ceil(mark.from / step) * step; at <= mark.to + 1e-9; at += step)
        painter.drawLine(QPointF(origin + at * unit, area.top()), QPointF(origin + at * unit, area.bottom()));
    report::paintSpindle(painter, {mark.value, mark.half, !mark.present}, origin, unit, y, high, palette);
    painter.restore();
}

} // namespace

QVariant pictureOf(const SpindleMark& mark) {
    return QVariant::fromValue(mark);
}

QVariant pictureOf(const report::ChangeMark& mark) {
    return QVariant::fromValue(mark);
}

void MarkDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                         const QModelIndex& index) const {
    QStyledItemDelegate::paint(painter, option, index);
    const QVariant picture = index.data(role_);
    const QRectF area = QRectF(option.rect).adjusted(4, 1, -4, -1);
    if (picture.canConvert<SpindleMark>())
        paintOnScale(*painter, area, picture.value<SpindleMark>(), session_.palette());
    else if (picture.canConvert<report::ChangeMark>())
        report::paintChangeMark(*painter, area, picture.value<report::ChangeMark>(), session_.palette());
}

} // namespace fusain::desktop

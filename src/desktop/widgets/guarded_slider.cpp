#include "desktop/widgets/guarded_slider.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"

#include <QHelpEvent>
#include <QPainter>
#include <QStyle>
#include <QStyleOptionSlider>
#include <QToolTip>
#include <algorithm>

namespace fusain::desktop {

GuardedSlider::GuardedSlider(int least, int most, int step, int value, const QString& accessibleName)
    : QSlider(Qt::Horizontal) {
    setRange(least, most);
    setSingleStep(step);
    setPageStep(step);
    setValue(value);
    setAccessibleName(accessibleName);
    setMinimumHeight(scaled(22));
}

void GuardedSlider::setForbidden(std::vector<Stretch> stretches) {
    stretches_ = std::move(stretches);
    QStringList words;
    for (const Stretch& each : stretches_)
        words << tr("Not from %1 to %2: %3").arg(each.from).arg(each.to).arg(each.why);
    setAccessibleDescription(words.join(QLatin1Char('\n')));
    update();
}

QString GuardedSlider::reasonNear(int value) const {
    const auto nearest = std::ranges::min_element(stretches_, {}, [value](const Stretch& each) {
        return value < each.from ? each.from - value : value > each.to ? value - each.to : 0;
    });
    return nearest == stretches_.end() ? QString() : tr("Hatched: %1").arg(nearest->why);
}

int GuardedSlider::placeOf(int value) const {
    QStyleOptionSlider option;
    initStyleOption(&option);
    const int handle = style()->pixelMetric(QStyle::PM_SliderLength, &option, this);
    return handle / 2 + QStyle::sliderPositionFromValue(minimum(), maximum(), value, width() - handle);
}

bool GuardedSlider::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip)
        return QSlider::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    const auto under = std::ranges::find_if(stretches_, [&](const Stretch& each) {
        return placeOf(each.from) - 4 <= help->pos().x() && help->pos().x() <= placeOf(each.to) + 4;
    });
    if (under == stretches_.end())
        QToolTip::hideText();
    else
        QToolTip::showText(help->globalPos(), plainTip(under->why), this);
    return true;
}

void GuardedSlider::paintEvent(QPaintEvent* event) {
    {
        QPainter painter(this);
        QColor hatch = palette().color(QPalette::Text);
        hatch.setAlpha(150);
        for (const Stretch& each : stretches_)
            painter.fillRect(QRect(QPoint(placeOf(each.from), height() / 2 - scaled(7)),
                                   QPoint(std::max(placeOf(each.to), placeOf(each.from) + 3),
                                          height() / 2 + scaled(7))),
                             QBrush(hatch, Qt::BDiagPattern));
    }
    QSlider::paintEvent(event);
}

std::vector<GuardedSlider::Stretch> stretchesOf(int least, int most, int step,
                                                const std::function<QString(int)>& reasonAt) {
    std::vector<GuardedSlider::Stretch> found;
    for (int value = least; value <= most; value += step) {
        const QString why = reasonAt(value);
        if (why.isEmpty())
            continue;
        if (!found.empty() && found.back().to == value - step && found.back().why == why)
            found.back().to = value;
        else
            found.push_back({value, value, why});
    }
    return found;
}

} // namespace fusain::desktop

#include "moc_guarded_slider.cpp"

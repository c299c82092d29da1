#include "report/figures/reference_figure.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"

#include <algorithm>
#include <cmath>
#include <limits>

namespace fusain::report {
namespace {

constexpr double oldest = 95.0; // years that are drawn

// One scale for both halves. An open range and people far outside do not stretch it beyond twice the ranges.
struct ReferenceAxes {
    explicit ReferenceAxes(const ReferenceModel& model) {
        double low = std::numeric_limits<double>::max(), high = std::numeric_limits<double>::lowest(),
               first = oldest;
        for (const ReferenceModel::Range& range : model.ranges) {
            low = std::min(low, range.low);
            high = std::max(high, range.high.value_or(range.low));
            first = std::min(first, range.ageFrom);
        }
        const double room = std::max(high - low, 0.1 * std::max(1.0, std::abs(high)));
        from = low - 0.35 * room;
        to = high + 0.5 * room;
        for (const ReferenceModel::Person& person : model.people) {
            from = std::min(from, std::max(person.value, low - room));
            to = std::max(to, std::min(person.value, high + room));
            first = std::min(first, person.age);
        }
        ageFrom = std::max(0.0, std::floor(first / 10.0) * 10.0);
    }
    double from = 0.0, to = 1.0, ageFrom = 0.0;
};

class Half {
public:
    Half(const QRectF& area, const ReferenceAxes& axes) : plot_(area.adjusted(46, 22, -10, -20)), axes_(axes) {}
    [[nodiscard]] double x(double age) const {
        return plot_.left() + (std::clamp(age, axes_.ageFrom, oldest) - axes_.ageFrom) /
                                  (oldest - axes_.ageFrom) * plot_.width();
    }
    [[nodiscard]] double y(double value) const {
        return plot_.bottom() - (std::clamp(value, axes_.from, axes_.to) - axes_.from) /
                                    (axes_.to - axes_.from) * plot_.height();
    }
    [[nodiscard]] const QRectF& plot() const { return plot_; }
    [[nodiscard]] const ReferenceAxes& axes() const { return axes_; }

private:
    QRectF plot_;
    const ReferenceAxes& axes_;
};

void paintScales(QPainter& painter, const Half& half, const QString& title, const Palette& palette) {
    const QRectF& plot = half.plot();
    painter.setFont(textFont(12, Weight::SemiBold));
    painter.setPen(palette.ink);
    painter.drawText(QRectF(plot.left(), plot.top() - 22.0, plot.width(), 18.0), Qt::AlignLeft, title);
    painter.setFont(numberFont(11));
    const double step = graduation(half.axes().to - half.axes().from, 4);
    for (double value = std::ceil(half.axes().from / step) * step; value <= half.axes().to; value += step) {
        painter.setPen(QPen(palette.rule, 1.0));
        painter.drawLine(QPointF(plot.left(), half.y(value)), QPointF(plot.right(), half.y(value)));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(plot.left() - 46.0, half.y(value) - 8.0, 40.0, 16.0),
                         Qt::AlignRight | Qt::AlignVCenter, number(value, step < 1.0 ? 1 : 0));
    }
    for (double age = half.axes().ageFrom; age <= oldest; age += 20.0)
        painter.drawText(QRectF(half.x(age) - 24.0, plot.bottom() + 4.0, 48.0, 16.0), Qt::AlignHCenter,
                         age == half.axes().ageFrom ? tr("%1 y").arg(number(age, 0)) : number(age, 0));
}

QString rangeWords(const ReferenceModel::Range& range, const QString& unit) {
    const QString who = range.female ? tr("women") : tr("men");
    const QString ages = QStringLiteral("%1–%2").arg(number(range.ageFrom, 0), number(range.ageTo, 0));
    return range.high
               ? tr("%1 %2: %3 to %4 %5").arg(who, ages, number(range.low, 1), number(*range.high, 1), unit)
               : tr("%1 %2: from %3 %4").arg(who, ages, number(range.low, 1), unit);
}

void paintRange(QPainter& painter, const Half& half, const ReferenceModel::Range& range, const QString& unit,
                const Palette& palette) {
    const double bottom = half.y(range.low), top = range.high ? half.y(*range.high) : half.plot().top();
    const QRectF drawn(half.x(range.ageFrom), top, half.x(range.ageTo + 1.0) - half.x(range.ageFrom),
                       bottom - top);
    painter.fillRect(drawn, QBrush(palette.softInk, Qt::BDiagPattern));
    painter.setPen(QPen(palette.ink, 1.4));
    painter.drawLine(drawn.bottomLeft(), drawn.bottomRight());
    if (range.high)
        painter.drawLine(drawn.topLeft(), drawn.topRight());
    if (isRead(painter))
        readAs(painter, drawn.center(), rangeWords(range, unit));
}

// One that lies outside the picture is a triangle at its edge.
void paintPerson(QPainter& painter, const Half& half, const ReferenceModel::Person& person, const QString& unit,
                 const Palette& palette) {
    const QPointF at(half.x(person.age), half.y(person.value));
    const bool beyond = person.value < half.axes().from || person.value > half.axes().to;
    painter.setPen(Qt::NoPen);
    painter.setBrush(palette.berry);
    if (beyond) {
        const double tip = person.value > half.axes().to ? -5.0 : 5.0;
        painter.drawPolygon(QPolygonF({at + QPointF(0, tip), at + QPointF(4, 0), at + QPointF(-4, 0)}));
    } else {
        painter.drawEllipse(at, 3.0, 3.0);
    }
    if (isRead(painter))
        readAs(painter, at,
               tr("a client of %1 years: %2 %3").arg(number(person.age, 0), number(person.value, 1), unit));
}

} // namespace

void paintReference(QPainter& painter, const QRectF& area, const ReferenceModel& model,
                    const Palette& palette) {
    if (model.ranges.empty())
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const ReferenceAxes axes(model);
    for (const bool female : {true, false}) {
        const QRectF side(area.left() + (female ? 0.0 : 0.5 * area.width()), area.top(), 0.5 * area.width(),
                          area.height());
        const Half half(side, axes);
        const auto people = std::ranges::count(model.people, female, &ReferenceModel::Person::female);
        const QString title = female ? tr("Women, %1").arg(model.unit) : tr("Men, %1").arg(model.unit);
        paintScales(painter, half, people > 0 ? tr("%1; %2 of our clients").arg(title).arg(people) : title,
                    palette);
        for (const ReferenceModel::Range& range : model.ranges)
            if (range.female == female)
                paintRange(painter, half, range, model.unit, palette);
        for (const ReferenceModel::Person& person : model.people)
            if (person.female == female)
                paintPerson(painter, half, person, model.unit, palette);
    }
    painter.restore();
}

} // namespace fusain::report

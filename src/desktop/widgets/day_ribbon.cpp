#include "desktop/widgets/day_ribbon.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/words.hpp"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

constexpr double names = 104.0, scaleHeight = 24.0, usualLane = 44.0, lowestLane = 34.0, gap = 8.0,
                 minuteStep = 5.0;

// The ribbon is drawn in units that grow with the size of text, as figures are.
double unit() {
    return textScale();
}

} // namespace

DayRibbon::DayRibbon(std::function<const report::Palette&()> palette, QWidget* parent)
    : QWidget(parent), palette_(std::move(palette)) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("The day by instruments"));
}

void DayRibbon::setModel(Model model) {
    model_ = std::move(model);
    if (!chosenBlock())
        chosen_.clear();
    if (chosen_.isEmpty())
        chooseNext(1);
    setMaximumHeight(sizeHint().height());
    updateGeometry();
    setAccessibleDescription(inWords());
    update();
}

void DayRibbon::choose(const QString& id) {
    if (id == chosen_)
        return;
    chosen_ = id;
    update();
    setAccessibleDescription(inWords());
    Q_EMIT chosenChanged(id);
}

// For who hears the day: the chosen appointment, then all of them by instrument.
QString DayRibbon::inWords() const {
    QStringList lines;
    for (const Lane& lane : model_.lanes)
        for (const Block& block : lane.blocks)
            if (block.appointment() || block.proposed) {
                const QString line = tr("%1 %2, %3").arg(report::clock(block.from), block.text, lane.name) +
                                     (block.done      ? QStringLiteral(", ") + tr("done")
                                      : block.warning ? QStringLiteral(", ") + tr("in conflict or late")
                                                      : QString());
                block.appointment() && block.id == chosen_ ? lines.prepend(tr("Chosen: %1").arg(line))
                                                           : lines.append(line);
            }
    return lines.isEmpty() ? tr("Nobody is booked.") : lines.join(QLatin1Char('\n'));
}

// Where much else is to be seen, such as a sentence of two lines above it, its lanes are lower.
QSize DayRibbon::minimumSizeHint() const {
    const double lanes = static_cast<double>(std::max<std::size_t>(1, model_.lanes.size()));
    return {scaled(300), scaled(scaleHeight + lanes * (lowestLane + gap))};
}

double DayRibbon::laneHeight() const {
    const double lanes = static_cast<double>(std::max<std::size_t>(1, model_.lanes.size()));
    return std::clamp((height() / unit() - scaleHeight) / lanes - gap, lowestLane, usualLane);
}

QSize DayRibbon::sizeHint() const {
    const double lanes = static_cast<double>(std::max<std::size_t>(1, model_.lanes.size()));
    return {scaled(900), scaled(scaleHeight + lanes * (usualLane + gap))};
}

double DayRibbon::drawnWidth() const {
    return width() / unit();
}

double DayRibbon::xOf(Instant at) const {
    const double whole = std::max(1.0, minutesBetween(model_.from, model_.to));
    return names + minutesBetween(model_.from, at) / whole * (drawnWidth() - names - 4.0);
}

QRectF DayRibbon::areaOf(std::size_t lane, const Block& block) const {
    const double top = scaleHeight + static_cast<double>(lane) * (laneHeight() + gap), left = xOf(block.from);
    // Work stands lower than the people it is done for.
    const double inset = block.appointment() || block.proposed ? 0.0 : 0.32 * laneHeight();
    QRectF area(left, top + inset, std::max(3.0, xOf(block.to) - left), laneHeight() - 2.0 * inset);
    if (dragging_ && block.id == chosen_)
        area.translate(xOf(model_.from.plusMinutes(draggedMinutes_)) - xOf(model_.from), 0.0);
    return area;
}

const DayRibbon::Block* DayRibbon::blockAt(const QPointF& place) const {
    for (std::size_t lane = 0; lane < model_.lanes.size(); ++lane)
        for (const Block& block : model_.lanes[lane].blocks)
            if (block.appointment() && areaOf(lane, block).contains(place))
                return &block;
    return nullptr;
}

const DayRibbon::Block* DayRibbon::chosenBlock() const {
    for (const Lane& lane : model_.lanes)
        for (const Block& block : lane.blocks)
            if (block.appointment() && block.id == chosen_)
                return &block;
    return nullptr;
}

// In order of time over all lanes.
void DayRibbon::chooseNext(int step) {
    std::vector<const Block*> people;
    for (const Lane& lane : model_.lanes)
        for (const Block& block : lane.blocks)
            if (block.appointment())
                people.push_back(&block);
    if (people.empty())
        return choose({});
    std::ranges::stable_sort(people, {}, [](const Block* block) { return block->from.milliseconds; });
    const auto found = std::ranges::find(people, chosen_, [](const Block* block) { return block->id; });
    const auto last = static_cast<std::ptrdiff_t>(people.size()) - 1;
    const std::ptrdiff_t place = found == people.end() ? 0 : found - people.begin() + step;
    choose(people[static_cast<std::size_t>(std::clamp<std::ptrdiff_t>(place, 0, last))]->id);
}

void DayRibbon::paintScale(QPainter& painter) const {
    const report::Palette& palette = palette_();
    painter.setFont(report::numberFont(11));
    const Instant first = model_.from;
    for (Instant hour = first; hour <= model_.to; hour = hour.plusMinutes(60.0)) {
        const double x = xOf(hour);
        painter.setPen(QPen(palette.rule, 1));
        painter.drawLine(QPointF(x, scaleHeight - 4), QPointF(x, height() / unit()));
        painter.setPen(palette.softInk);
        const double left = std::min(x - 24.0, width() / unit() - 48.0); // the last hour stays on the ribbon
        painter.drawText(QRectF(left, 0, 48, 18),
                         left < x - 24.0 ? Qt::AlignRight | Qt::AlignVCenter : Qt::AlignCenter,
                         report::clock(hour));
    }
}

void DayRibbon::paintBlock(QPainter& painter, const QRectF& area, const Block& block) const {
    const report::Palette& palette = palette_();
    const bool selected = block.appointment() && block.id == chosen_;
    if (block.proposed) {
        painter.fillRect(area, palette.sheet);
        painter.setPen(QPen(palette.berry, 2.0, Qt::DashLine));
        painter.drawRect(area);
    } else if (block.appointment()) {
        painter.fillRect(area, palette.sheet);
        painter.setPen(QPen(selected ? palette.berry : palette.ink, selected ? 2.5 : 1.0));
        painter.drawRect(area);
    } else {
        painter.fillRect(area, QBrush(block.done ? palette.rule : palette.softInk,
                                      block.done ? Qt::Dense6Pattern : Qt::BDiagPattern));
        painter.setPen(QPen(palette.softInk, 0.8));
        painter.drawRect(area);
    }
    if (block.warning) {
        painter.setPen(QPen(palette.aril, 3.0));
        painter.drawLine(area.bottomLeft(), area.bottomRight());
    }
}

namespace {

// A name of two words on two lines, where they fit; empty where they do not.
QStringList inTwoLines(const QString& name, const QFontMetricsF& metrics, double width) {
    const qsizetype space = name.indexOf(QLatin1Char(' '));
    const QStringList lines{name.left(space), name.mid(space + 1)};
    const bool fit = space > 0 && std::ranges::all_of(lines, [&](const QString& line) {
                         return metrics.horizontalAdvance(line) <= width;
                     });
    return fit ? lines : QStringList();
}

} // namespace

// Time and name inside the block where they fit, beside it where there is room; a name alone, on two lines,
// where there is less, and shortened with dots where even that is too much.
void DayRibbon::paintLabel(QPainter& painter, const QRectF& area, double free, const Block& block) const {
    const report::Palette& palette = palette_();
    const bool selected = block.id == chosen_;
    painter.setPen(selected ? palette.berry : palette.ink);
    const QString mark = block.done ? QStringLiteral("✓ ") : block.warning ? QStringLiteral("▲ ") : QString();
    const Instant at = selected && dragging_ ? block.from.plusMinutes(draggedMinutes_) : block.from;
    const QString time = mark + report::clock(at);
    painter.setFont(report::textFont(12, selected ? report::Weight::SemiBold : report::Weight::Regular));
    const QFontMetricsF metrics(painter.font());
    const double wanted =
        std::max(metrics.horizontalAdvance(time), metrics.horizontalAdvance(block.text)) + 10.0;
    QRectF place = area.adjusted(5, 3, -3, -3);
    if (wanted > area.width() && free > area.width())
        place = QRectF(area.right() + 5, area.top() + 3, free, area.height() - 6);
    QStringList lines{time, block.text};
    if (metrics.horizontalAdvance(block.text) > place.width() && !dragging_)
        if (const QStringList name = inTwoLines(mark + block.text, metrics, place.width()); !name.isEmpty())
            lines = name; // the axis says the time
    const double line = std::min(18.0, place.height() / 2.0);
    for (int i = 0; i < 2; ++i)
        painter.drawText(QRectF(place.left(), place.top() + i * line, place.width(), line),
                         Qt::AlignLeft | Qt::AlignVCenter,
                         metrics.elidedText(lines[i], Qt::ElideRight, place.width()));
}

// From the end of a block to the next one on its lane.
double DayRibbon::roomAfter(std::size_t lane, const Block& block) const {
    double next = drawnWidth();
    for (const Block& other : model_.lanes[lane].blocks)
        if (other.from >= block.to)
            next = std::min(next, areaOf(lane, other).left());
    return next - areaOf(lane, block).right() - 8.0;
}

bool DayRibbon::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip)
        return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    const Block* block = nullptr;
    for (std::size_t lane = 0; lane < model_.lanes.size(); ++lane)
        for (const Block& each : model_.lanes[lane].blocks)
            if (areaOf(lane, each).contains(QPointF(help->pos()) / unit()))
                block = &each;
    if (block)
        QToolTip::showText(
            help->globalPos(),
            plainTip(tr("%1 – %2  %3").arg(report::clock(block->from), report::clock(block->to), block->text)));
    else
        QToolTip::hideText();
    return true;
}

void DayRibbon::paintName(QPainter& painter, const QRectF& area, const Lane& lane) const {
    const report::Palette& palette = palette_();
    painter.setPen(palette.ink);
    painter.setFont(report::textFont(12, report::Weight::SemiBold));
    painter.drawText(lane.note.isEmpty() ? area : area.adjusted(0, 0, 0, -16),
                     Qt::AlignVCenter | Qt::AlignLeft | Qt::TextWordWrap, lane.name);
    if (lane.note.isEmpty())
        return;
    painter.setPen(lane.noteWarns ? palette.aril : palette.softInk);
    painter.setFont(report::textFont(11, lane.noteWarns ? report::Weight::SemiBold : report::Weight::Regular));
    painter.drawText(QRectF(area.left(), area.bottom() - 18, area.width(), 16),
                     Qt::AlignVCenter | Qt::AlignLeft, lane.note);
}

void DayRibbon::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.scale(unit(), unit());
    painter.setRenderHint(QPainter::Antialiasing);
    const report::Palette& palette = palette_();
    for (std::size_t lane = 0; lane < model_.lanes.size(); ++lane) {
        const double top = scaleHeight + static_cast<double>(lane) * (laneHeight() + gap);
        const double opening = xOf(model_.opening), closing = xOf(model_.closing);
        painter.fillRect(QRectF(opening, top, closing - opening, laneHeight()), palette.sheet);
    }
    paintScale(painter);
    for (std::size_t lane = 0; lane < model_.lanes.size(); ++lane) {
        const double top = scaleHeight + static_cast<double>(lane) * (laneHeight() + gap);
        paintName(painter, QRectF(0, top, names - 8, laneHeight()), model_.lanes[lane]);
        painter.save();
        painter.setClipRect(QRectF(names - 2.0, 0, drawnWidth() - names + 2.0, height() / unit()));
        for (const Block& block : model_.lanes[lane].blocks)
            paintBlock(painter, areaOf(lane, block), block);
        for (const Block& block : model_.lanes[lane].blocks)
            if (block.appointment() || block.proposed)
                paintLabel(painter, areaOf(lane, block), roomAfter(lane, block), block);
        painter.restore();
    }
    if (model_.now >= model_.from && model_.now <= model_.to) {
        const double x = xOf(model_.now);
        painter.setPen(QPen(palette.berry, 1.5));
        painter.drawLine(QPointF(x, 18), QPointF(x, height() / unit()));
    }
    if (hasFocus()) {
        painter.setPen(QPen(palette.berry, 1.0, Qt::DotLine));
        painter.drawRect(QRectF(0.0, 0.0, drawnWidth(), height() / unit()).adjusted(0.5, 0.5, -0.5, -0.5));
    }
}

void DayRibbon::keyPressEvent(QKeyEvent* event) {
    const bool shift = event->modifiers().testFlag(Qt::ShiftModifier);
    const int direction = event->key() == Qt::Key_Left ? -1 : event->key() == Qt::Key_Right ? 1 : 0;
    const Block* block = chosenBlock();
    if (direction != 0 && !shift)
        chooseNext(direction);
    else if (direction != 0 && block)
        Q_EMIT moved(chosen_, block->from.plusMinutes(direction * minuteStep).milliseconds);
    else if ((event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) && block)
        Q_EMIT activated(chosen_);
    else
        QWidget::keyPressEvent(event);
}

void DayRibbon::mousePressEvent(QMouseEvent* event) {
    if (const Block* block = blockAt(event->position() / unit())) {
        choose(block->id);
        dragFrom_ = event->position().x() / unit();
        draggedMinutes_ = 0.0;
        dragging_ = true;
    }
}

void DayRibbon::mouseMoveEvent(QMouseEvent* event) {
    if (!dragging_)
        return;
    const double perPixel = minutesBetween(model_.from, model_.to) / std::max(1.0, drawnWidth() - names - 4.0);
    draggedMinutes_ =
        minuteStep * std::round((event->position().x() / unit() - dragFrom_) * perPixel / minuteStep);
    update();
}

void DayRibbon::mouseReleaseEvent(QMouseEvent*) {
    const Block* block = chosenBlock();
    const double minutes = std::exchange(draggedMinutes_, 0.0);
    if (std::exchange(dragging_, false) && block && minutes != 0.0)
        Q_EMIT moved(chosen_, block->from.plusMinutes(minutes).milliseconds);
    update();
}

void DayRibbon::mouseDoubleClickEvent(QMouseEvent* event) {
    if (const Block* block = blockAt(event->position() / unit()))
        Q_EMIT activated(block->id);
}

} // namespace fusain::desktop

#include "moc_day_ribbon.cpp"

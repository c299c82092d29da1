#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QApplication>
#include <QDialog>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainterPath>
#include <QToolTip>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr double reach = 16.0; // units of the figure, from the pointer to a value

// A picture whose description is every value in it.
class FigureForReaders : public QAccessibleWidget {
public:
    explicit FigureForReaders(FigureView* figure)
        : QAccessibleWidget(figure, QAccessible::Graphic), figure_(figure) {}
    [[nodiscard]] QString text(QAccessible::Text which) const override {
        if (which == QAccessible::Value)
            return figure_->current();
        if (which != QAccessible::Description)
            return QAccessibleWidget::text(which);
        QStringList lines;
        for (const report::FigurePoint& point : figure_->points())
            lines << point.words;
        return lines.isEmpty() ? QObject::tr("Nothing is shown yet.") : lines.join(QLatin1Char('\n'));
    }

private:
    FigureView* figure_;
};

// On Linux a combo box tells readers its value as its name; its name comes from a label beside it. Ours have
// their names as accessible names: a hidden label carries each to where readers look for it.
class NamesOfCombos : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() == QEvent::Show)
            if (auto* combo = qobject_cast<QComboBox*>(watched); combo && combo->parentWidget())
                name(*combo);
        return false;
    }

private:
    static void name(QComboBox& combo) {
        const QList<QLabel*> labels =
            combo.parentWidget()->findChildren<QLabel*>(QString(), Qt::FindDirectChildrenOnly);
        const auto buddy = std::ranges::find(labels, static_cast<QWidget*>(&combo),
                                             [](const QLabel* label) { return label->buddy(); });
        if (buddy != labels.end() || combo.accessibleName().isEmpty())
            return;
        auto* label = new QLabel(combo.accessibleName(), combo.parentWidget());
        label->setBuddy(&combo);
        label->hide();
    }
};

} // namespace

void helpReaders() {
    static bool done = false;
    if (std::exchange(done, true))
        return;
    QAccessible::installFactory([](const QString&, QObject* object) -> QAccessibleInterface* {
        auto* figure = qobject_cast<FigureView*>(object);
        return figure ? new FigureForReaders(figure) : nullptr;
    });
    qApp->installEventFilter(new NamesOfCombos(qApp));
}

FigureView::FigureView(const QString& accessibleName, int height, QWidget* parent) : QWidget(parent) {
    setAccessibleName(accessibleName);
    setMinimumHeight(scaled(height));
    setFocusPolicy(Qt::TabFocus);
}

QRectF FigureView::area() const {
    return {0.0, 0.0, stretched_ * shownWidth(), height() / textScale()};
}

double FigureView::shownWidth() const {
    return width() / textScale();
}

void FigureView::stretch(double factor) {
    constexpr double most = 16.0;
    const double middle = (offset_ + 0.5 * shownWidth()) / stretched_;
    stretched_ = axis_ ? std::clamp(stretched_ * factor, 1.0, most) : 1.0;
    read_ = false;
    moveTo(middle * stretched_ - 0.5 * shownWidth());
}

void FigureView::moveTo(double offset) {
    offset_ = std::clamp(offset, 0.0, area().width() - shownWidth());
    update();
}

void FigureView::setPaint(Paint paint) {
    paint_ = std::move(paint);
    read_ = false;
    current_.reset();
    offset_ = std::min(offset_, area().width() - shownWidth());
    update();
    QAccessibleEvent changed(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&changed);
}

const std::vector<report::FigurePoint>& FigureView::points() const {
    if (!std::exchange(read_, true))
        points_ = report::readingOf(paint_, area());
    return points_;
}

QString FigureView::current() const {
    return current_ && *current_ < points().size() ? points()[*current_].words : QString();
}

void FigureView::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    read_ = false;
    moveTo(offset_);
}

bool FigureView::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip)
        return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    const auto found =
        report::nearestTo(QPointF(help->pos()) / textScale() + QPointF(offset_, 0.0), points(), reach);
    if (found)
        QToolTip::showText(help->globalPos(), plainTip(points()[*found].words), this);
    else
        QToolTip::hideText();
    return true;
}

void FigureView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.scale(textScale(), textScale());
    if (paint_)
        paintSheet(painter);
    paintDrag(painter);
    if (!hasFocus())
        return;
    const QRectF shown(0.0, 0.0, shownWidth(), height() / textScale());
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(palette().color(QPalette::Highlight), 1.0, Qt::DotLine));
    painter.drawRect(shown.adjusted(0.5, 0.5, -0.5, -0.5));
    if (current().isEmpty())
        return;
    report::FigurePoint point = points()[*current_];
    point.place.rx() -= offset_;
    painter.setPen(QPen(palette().color(QPalette::Highlight), 2.0));
    painter.drawEllipse(point.place, 9.0, 9.0);
    // The value stands beside its mark, inside the figure.
    painter.setFont(report::textFont(12, report::Weight::SemiBold));
    QRectF words =
        painter.fontMetrics()
            .boundingRect(QRect(0, 0, static_cast<int>(shown.width()) - 16, 200), Qt::TextWordWrap, point.words)
            .toRectF()
            .adjusted(-6, -3, 6, 3);
    words.moveTo(std::clamp(point.place.x() + 12.0, 1.0, std::max(1.0, shown.width() - words.width() - 1.0)),
                 std::clamp(point.place.y() - words.height() - 10.0, 1.0,
                            std::max(1.0, shown.height() - words.height() - 1.0)));
    painter.setPen(QPen(palette().color(QPalette::Text), 1.0));
    painter.setBrush(palette().color(QPalette::Base));
    painter.drawRect(words);
    painter.drawText(words, Qt::AlignCenter | Qt::TextWordWrap, point.words);
}

// The sheet as far as it is seen; its scale stands still at the left.
void FigureView::paintSheet(QPainter& painter) const {
    if (stretched_ == 1.0)
        return paint_(painter, area());
    const double high = height() / textScale();
    painter.save();
    painter.setClipRect(QRectF(*axis_, head_, shownWidth() - *axis_, high - head_));
    painter.translate(-offset_, 0.0);
    paint_(painter, area());
    painter.restore();
    painter.save();
    QPainterPath still;
    still.addRect(QRectF(0.0, 0.0, shownWidth(), head_));
    constexpr double foot = 24.0; // where times stand, which move
    still.addRect(QRectF(0.0, head_, *axis_, high - head_ - foot));
    painter.setClipPath(still);
    paint_(painter, QRectF(0.0, 0.0, shownWidth(), high));
    painter.restore();
}

void FigureView::wheelEvent(QWheelEvent* event) {
    constexpr double step = 1.25;
    if (!axis_ || !(event->modifiers() & Qt::ControlModifier))
        return QWidget::wheelEvent(event);
    stretch(event->angleDelta().y() > 0 ? step : 1.0 / step);
}

QPointF FigureView::placeOf(const QMouseEvent& event) const {
    return event.position() / textScale() + QPointF(offset_, 0.0);
}

void FigureView::mouseMoveEvent(QMouseEvent* event) {
    if (!drag_)
        return;
    drag_->second = placeOf(*event).x();
    update();
}

void FigureView::mouseReleaseEvent(QMouseEvent* event) {
    constexpr double aClick = 12.0; // less is a hand that was not quite still
    if (!drag_)
        return;
    const auto [from, to] = std::minmax({drag_->first, placeOf(*event).x()});
    drag_.reset();
    update();
    if (to - from > aClick)
        Q_EMIT dragged(from, to);
}

void FigureView::paintDrag(QPainter& painter) const {
    if (!drag_)
        return;
    const auto [from, to] = std::minmax({drag_->first, drag_->second});
    QColor band = palette().color(QPalette::Highlight);
    band.setAlpha(48);
    painter.fillRect(QRectF(from - offset_, 0.0, to - from, height() / textScale()), band);
}

void FigureView::mousePressEvent(QMouseEvent* event) {
    const QPointF place = placeOf(*event);
    if (event->button() == Qt::LeftButton)
        drag_ = {place.x(), place.x()};
    if (const auto found = report::nearestTo(place, points(), reach)) {
        setFocus();
        walkTo(static_cast<std::ptrdiff_t>(*found));
    }
    Q_EMIT clicked(place);
}

void FigureView::walkTo(std::ptrdiff_t index) {
    if (points().empty())
        return;
    current_ = static_cast<std::size_t>(
        std::clamp<std::ptrdiff_t>(index, 0, static_cast<std::ptrdiff_t>(points().size()) - 1));
    const double x = points()[*current_].place.x();
    if (x < offset_ + axis_.value_or(0.0) || x > offset_ + shownWidth())
        moveTo(x - 0.5 * shownWidth());
    update();
    QAccessibleValueChangeEvent changed(this, current());
    QAccessible::updateAccessibility(&changed);
}

void FigureView::keyPressEvent(QKeyEvent* event) {
    const auto at = static_cast<std::ptrdiff_t>(current_.value_or(0));
    const auto step = [&](std::ptrdiff_t by) { walkTo(current_ ? at + by : 0); };
    switch (event->key()) {
    case Qt::Key_Right:
        return step(1);
    case Qt::Key_Left:
        return step(-1);
    case Qt::Key_Home:
        return walkTo(0);
    case Qt::Key_End:
        return walkTo(static_cast<std::ptrdiff_t>(points().size()) - 1);
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return showTable();
    case Qt::Key_Plus:
        return axis_ ? stretch(2.0) : QWidget::keyPressEvent(event);
    case Qt::Key_Minus:
        return axis_ ? stretch(0.5) : QWidget::keyPressEvent(event);
    default:
        QWidget::keyPressEvent(event);
    }
}

// The same values as a table: to be read line by line, and copied.
void FigureView::showTable() {
    if (points().empty())
        return;
    QDialog dialog(this);
    dialog.setWindowTitle(accessibleName());
    dialog.resize(scaled(560), scaled(420));
    auto* values = table({tr("what"), tr("value")}, accessibleName());
    values->setColumnWidth(0, scaled(280));
    for (const report::FigurePoint& point : points()) {
        const qsizetype colon = point.words.indexOf(QStringLiteral(": "));
        setRow(values, values->rowCount(),
               {colon < 0 ? point.words : point.words.left(colon),
                colon < 0 ? QString() : point.words.mid(colon + 2)});
    }
    values->setCurrentCell(static_cast<int>(current_.value_or(0)), 0);
    auto* close = button(tr("Close"));
    connect(close, &QPushButton::clicked, &dialog, &QDialog::accept);
    auto* layout = new QVBoxLayout(&dialog);
    layout->addWidget(values, 1);
    layout->addLayout(inOneRow({close}));
    dialog.exec();
    setFocus();
}

} // namespace fusain::desktop

#include "moc_figure_view.cpp"

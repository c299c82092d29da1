#include "desktop/widgets/page_preview.hpp"

#include <QKeyEvent>
#include <QPrintDialog>
#include <QPrinter>
#include <QScrollBar>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {

PagePreview::PagePreview(QWidget* parent)
    : QWidget(parent), sheet_(new FigureView(tr("Report preview"), 360)), view_(new QScrollArea),
      whole_(button(tr("Whole page"))), words_(label({}, "soft", false)) {
    auto* earlier = button(tr("Page before"));
    auto* later = button(tr("Next page"));
    whole_->setCheckable(true);
    view_->setObjectName(QStringLiteral("plain"));
    view_->setAccessibleName(tr("Page"));
    view_->setWidget(sheet_);
    view_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    view_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn); // or the width would depend on the height
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addLayout(inOneRow({earlier, later, whole_, words_}));
    layout->addWidget(view_, 1);
    view_->installEventFilter(this);
    sheet_->installEventFilter(this);
    connect(earlier, &QPushButton::clicked, this, [this] { showPage(page_ - 1); });
    connect(later, &QPushButton::clicked, this, [this] { showPage(page_ + 1); });
    connect(whole_, &QPushButton::toggled, this, &PagePreview::arrange);
}

void PagePreview::setWhole(bool whole) {
    whole_->setChecked(whole);
}

void PagePreview::arrange() {
    const QSize room = view_->viewport()->size();
    const QSizeF paper = pages_ ? report::sizeOf(pages_->paper()) : report::sizeOf(report::Paper::A4);
    const int high = qRound(room.width() * paper.height() / paper.width());
    sheet_->setFixedSize(room.width(), whole_->isChecked() ? std::max(1, room.height()) : std::max(1, high));
}

void PagePreview::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    arrange();
}

// At the foot of a page comes the head of the next.
void PagePreview::read(int direction) {
    QScrollBar* bar = view_->verticalScrollBar();
    const int before = bar->value();
    bar->triggerAction(direction > 0 ? QAbstractSlider::SliderPageStepAdd : QAbstractSlider::SliderPageStepSub);
    const int other = page_ + direction;
    if (bar->value() != before || !pages_ || other < 0 || other >= pages_->pageCount())
        return;
    showPage(other);
    bar->setValue(direction > 0 ? bar->minimum() : bar->maximum());
}

bool PagePreview::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Resize && watched == view_)
        QMetaObject::invokeMethod(this, &PagePreview::arrange, Qt::QueuedConnection);
    if (event->type() == QEvent::KeyPress)
        switch (static_cast<QKeyEvent*>(event)->key()) {
        case Qt::Key_PageDown:
            read(1);
            return true;
        case Qt::Key_PageUp:
            read(-1);
            return true;
        default:
            break;
        }
    return QWidget::eventFilter(watched, event);
}

void PagePreview::setPages(report::PageFlow pages) {
    pages_ = std::move(pages);
    showPage(page_);
    arrange();
}

void PagePreview::clear(const QString& why) {
    pages_.reset();
    words_->setText(why);
    sheet_->setPaint([](QPainter&, const QRectF&) {});
}

void PagePreview::showPage(int page) {
    if (!pages_)
        return;
    page_ = std::clamp(page, 0, pages_->pageCount() - 1);
    words_->setText(tr("page %1 of %2").arg(page_ + 1).arg(pages_->pageCount()));
    sheet_->setPaint([flow = *pages_, page = page_](QPainter& painter, const QRectF& area) {
        const QRectF sheet = flow.sheetIn(area.adjusted(0.0, 4.0, 0.0, -4.0));
        painter.fillRect(sheet, Qt::white);
        painter.setPen(QPen(report::printPalette().rule, 1));
        painter.drawRect(sheet);
        flow.paint(painter, page, sheet);
    });
}

bool PagePreview::print() {
    if (!pages_)
        return false;
    QPrinter printer(QPrinter::HighResolution);
    printer.setFullPage(true);
    printer.setPageSize(
        QPageSize(pages_->paper() == report::Paper::Letter ? QPageSize::Letter : QPageSize::A4));
    QPrintDialog dialog(&printer, this);
    if (dialog.exec() != QDialog::Accepted)
        return false;
    QPainter painter(&printer);
    for (int page = 0; page < pages_->pageCount(); ++page) {
        if (page > 0)
            printer.newPage();
        pages_->paint(painter, page, QRectF(0, 0, printer.width(), printer.height()));
    }
    return true;
}

} // namespace fusain::desktop

#include "moc_page_preview.cpp"

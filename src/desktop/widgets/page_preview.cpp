#include "desktop/widgets/page_preview.hpp"

#include <QPrintDialog>
#include <QPrinter>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {

PagePreview::PagePreview(QWidget* parent)
    : QWidget(parent), sheet_(new FigureView(tr("Report preview"), 360)), words_(label({}, "soft", false)) {
    auto* earlier = button(tr("Page before"));
    auto* later = button(tr("Next page"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addLayout(inOneRow({earlier, later, words_}));
    layout->addWidget(sheet_, 1);
    connect(earlier, &QPushButton::clicked, this, [this] { show(page_ - 1); });
    connect(later, &QPushButton::clicked, this, [this] { show(page_ + 1); });
}

void PagePreview::setPages(report::PageFlow pages) {
    pages_ = std::move(pages);
    show(page_);
}

void PagePreview::clear(const QString& why) {
    pages_.reset();
    words_->setText(why);
    sheet_->setPaint([](QPainter&, const QRectF&) {});
}

void PagePreview::show(int page) {
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

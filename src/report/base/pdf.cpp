#include "report/base/page_flow.hpp"

#include <QPageSize>
#include <QPdfWriter>
#include <QSaveFile>

namespace fusain::report {

Expected<void> writePdf(const PageFlow& pages, const QString& path, const QString& title) {
    // The file appears whole or not at all.
    QSaveFile file(path);
    const auto cannot = [&] {
        return failure(
            {FUSAIN_TEXT("The report could not be written: {1}"), {file.errorString().toStdString()}},
            path.toStdString(), {FUSAIN_TEXT("Choose another folder or make room, then save again."), {}},
            {FUSAIN_TEXT("The test itself is kept."), {}});
    };
    if (!file.open(QIODevice::WriteOnly))
        return cannot();
    {
        QPdfWriter writer(&file);
        writer.setPdfVersion(QPagedPaintDevice::PdfVersion_A1b);
        writer.setPageSize(QPageSize(pages.paper() == Paper::Letter ? QPageSize::Letter : QPageSize::A4));
        writer.setPageMargins(QMarginsF(0, 0, 0, 0));
        writer.setResolution(1200);
        writer.setTitle(title);
        writer.setCreator(QStringLiteral("Fusain"));
        QPainter painter(&writer);
        for (int page = 0; page < pages.pageCount(); ++page) {
            if (page > 0)
                writer.newPage();
            pages.paint(painter, page, QRectF(0, 0, writer.width(), writer.height()));
        }
    }
    // A full disk may show only when the last bytes leave the buffer.
    if (!file.flush() || file.error() != QFileDevice::NoError || !file.commit())
        return cannot();
    return {};
}

} // namespace fusain::report

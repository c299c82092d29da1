#include "report/base/page_flow.hpp"

#include <QFontMetricsF>
#include <QImage>
#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

constexpr double logoWidth = 130.0, logoHeight = 40.0, logoRise = 8.0; // above the text
constexpr int wrapped = Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop;

QFont sized(double size, Weight weight = Weight::Regular) {
    QFont font = textFont(size, weight);
    font.setHintingPreference(QFont::PreferNoHinting);
    return font;
}

// Text is painted at an eighth of an eight times larger font: pixel sizes are whole numbers, points are not.
void paintText(QPainter& painter, const QRectF& area, QFont font, double size, int flags, const QString& text,
               const QColor& colour) {
    painter.save();
    font.setPixelSize(qRound(size * 8.0));
    painter.setFont(font);
    painter.setPen(colour);
    painter.translate(area.topLeft());
    painter.scale(0.125, 0.125);
    painter.drawText(QRectF(0, 0, area.width() * 8.0, area.height() * 8.0), flags, text);
    painter.restore();
}

double heightOf(const QString& text, QFont font, double size, double width, int flags = wrapped) {
    font.setPixelSize(qRound(size * 8.0));
    return std::ceil(QFontMetricsF(font).boundingRect(QRectF(0, 0, width * 8.0, 1e6), flags, text).height() /
                     8.0);
}

} // namespace

void PageFlow::place(double height, Paint paint) {
    if (y_ + height > pageHeight - margin - 16.0 && y_ > margin)
        pageBreak();
    pages_.back().push_back({QRectF(margin, y_, textWidth, height), std::move(paint)});
    y_ += height;
}

void PageFlow::pageBreak() {
    pages_.emplace_back();
    y_ = margin;
}

void PageFlow::append(const PageFlow& other) {
    pages_.insert(pages_.end(), other.pages_.begin(), other.pages_.end());
    y_ = pageHeight; // what follows begins a page of its own
}

// A title leaves the logo its corner.
double PageFlow::titleWidth() const {
    return lab_.logo.isEmpty() ? textWidth : textWidth - logoWidth - 12.0;
}

double PageFlow::widthHere() const {
    return pages_.size() == 1 && y_ < margin - logoRise + logoHeight ? titleWidth() : textWidth;
}

void PageFlow::title(const QString& text) {
    const double width = titleWidth(), height = heightOf(text, sized(20, Weight::Bold), 20, width);
    place(height + 6, [text, width](QPainter& painter, const QRectF& area) {
        paintText(painter, QRectF(area.topLeft(), QSizeF(width, area.height())), sized(20, Weight::Bold), 20,
                  wrapped, text, printPalette().ink);
    });
}

void PageFlow::heading(const QString& text) {
    // A heading never stands alone at the foot of a page.
    if (y_ > pageHeight - margin - 70.0)
        pageBreak();
    y_ += 8.0;
    place(18.0, [text](QPainter& painter, const QRectF& area) {
        paintText(painter, area, sized(12, Weight::SemiBold), 12, wrapped, text, printPalette().berry);
    });
}

void PageFlow::paragraph(const QString& text, double size, const QColor& colour) {
    const double height = heightOf(text, sized(size), size, textWidth);
    place(height + 4.0, [text, size, colour](QPainter& painter, const QRectF& area) {
        paintText(painter, area, sized(size), size, wrapped, text, colour);
    });
}

void PageFlow::row(const QStringList& cells, const std::vector<double>& fractions, bool bold,
                   const std::vector<int>& numbers, double size) {
    constexpr double space = 6.0;
    struct Cell {
        QString text;
        double left, width;
        int flags;
        QFont font;
    };
    std::vector<Cell> laid;
    double left = 0.0, height = 0.0;
    for (qsizetype i = 0; i < cells.size(); ++i) {
        const bool number = std::ranges::find(numbers, static_cast<int>(i)) != numbers.end();
        QFont font = number ? numberFont(size, bold ? Weight::SemiBold : Weight::Regular)
                            : sized(size, bold ? Weight::SemiBold : Weight::Regular);
        const double width = fractions[static_cast<std::size_t>(i)] * textWidth - space;
        const int flags = Qt::TextWordWrap | Qt::AlignTop | (number ? Qt::AlignRight : Qt::AlignLeft);
        height = std::max(height, heightOf(cells[i], font, size, width, flags));
        laid.push_back({cells[i], left, width, flags, font});
        left += fractions[static_cast<std::size_t>(i)] * textWidth;
    }
    place(height + 3.0, [laid, size](QPainter& painter, const QRectF& area) {
        for (const Cell& cell : laid)
            paintText(painter, QRectF(area.left() + cell.left, area.top(), cell.width, area.height()),
                      cell.font, size, cell.flags, cell.text, printPalette().ink);
    });
}

void PageFlow::headline(const QString& text) {
    constexpr double size = 18.0;
    const double width = widthHere(), height = heightOf(text, sized(size, Weight::Bold), size, width);
    place(height + 8.0, [text, width](QPainter& painter, const QRectF& area) {
        paintText(painter, QRectF(area.topLeft(), QSizeF(width, area.height())), sized(size, Weight::Bold),
                  size, wrapped, text, printPalette().ink);
    });
}

void PageFlow::ends(const QString& left, const QString& right, double size, const QColor& colour, bool bold) {
    constexpr double share = 0.6; // of the line, for the text at its left
    const double width = widthHere();
    const QFont font = sized(size, bold ? Weight::SemiBold : Weight::Regular);
    place(heightOf(left, font, size, share * width) + 3.0, [=](QPainter& painter, const QRectF& area) {
        paintText(painter, QRectF(area.topLeft(), QSizeF(share * width, area.height())), font, size, wrapped,
                  left, colour);
        paintText(painter, QRectF(area.topLeft(), QSizeF(width, area.height())), sized(size), size,
                  Qt::AlignRight | Qt::AlignTop, right, colour);
    });
}

void PageFlow::box(const QString& heading, const QStringList& paragraphs, double size) {
    constexpr double air = 12.0, headingSize = 12.0, gapAfter = 4.0;
    const double width = textWidth - 2.0 * air;
    struct Line {
        QString text;
        double size, height;
        QFont font;
    };
    std::vector<Line> lines{{heading, headingSize,
                             heightOf(heading, sized(headingSize, Weight::SemiBold), headingSize, width),
                             sized(headingSize, Weight::SemiBold)}};
    for (const QString& text : paragraphs)
        lines.push_back({text, size, heightOf(text, sized(size), size, width), sized(size)});
    double height = 2.0 * air - gapAfter;
    for (const Line& line : lines)
        height += line.height + gapAfter;
    gap(6.0);
    place(height, [lines](QPainter& painter, const QRectF& area) {
        painter.setPen(QPen(printPalette().rule, 0.8));
        painter.setBrush(lightPalette().paper);
        painter.drawRoundedRect(area, 3.0, 3.0);
        double y = area.top() + air;
        for (const Line& line : lines) {
            paintText(painter, QRectF(area.left() + air, y, area.width() - 2.0 * air, line.height), line.font,
                      line.size, wrapped, line.text, printPalette().ink);
            y += line.height + gapAfter;
        }
    });
    gap(6.0);
}

void PageFlow::figure(double height, Paint paint) {
    place(height, std::move(paint));
}

void PageFlow::rule() {
    place(5.0, [](QPainter& painter, const QRectF& area) {
        painter.setPen(QPen(printPalette().rule, 0.7));
        painter.drawLine(QPointF(area.left(), area.top() + 2), QPointF(area.right(), area.top() + 2));
    });
}

QRectF PageFlow::sheetIn(const QRectF& area) const {
    QRectF sheet(QPointF(), sizeOf(lab_.paper).scaled(area.size(), Qt::KeepAspectRatio));
    sheet.moveCenter(area.center());
    return sheet;
}

// The address at the foot of each page, the logo at the head of the first.
void PageFlow::paintLab(QPainter& painter, int page) const {
    QStringList contact{QString::fromStdString(lab_.address), QString::fromStdString(lab_.telephone)};
    contact.removeAll(QString());
    // Under the name of the page: beside it, a long address would run into it.
    paintText(painter, QRectF(margin, pageHeight - margin + 11, textWidth, 24), sized(8), 8, wrapped,
              contact.join(QStringLiteral(" · ")), printPalette().softInk);
    const QImage logo = page > 0 || lab_.logo.isEmpty() ? QImage() : QImage::fromData(lab_.logo);
    if (logo.isNull())
        return;
    QRectF corner(QPointF(), QSizeF(logo.size()).scaled(logoWidth, logoHeight, Qt::KeepAspectRatio));
    corner.moveTopRight(QPointF(margin + textWidth, margin - logoRise));
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    QImage opaque(logo.size(), QImage::Format_RGB32); // PDF/A-1b knows no transparency
    opaque.fill(Qt::white);
    QPainter(&opaque).drawImage(0, 0, logo);
    painter.drawImage(corner, opaque);
}

void PageFlow::paint(QPainter& painter, int page, const QRectF& target) const {
    const InLanguage language(language_);
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double scale = std::min(target.width() / pageWidth, target.height() / pageHeight);
    painter.translate(target.center() - QPointF(pageWidth, pageHeight) * scale / 2.0);
    painter.scale(scale, scale);
    paintLab(painter, page);
    for (const Block& block : pages_[static_cast<std::size_t>(page)])
        block.paint(painter, block.area);
    const QString number = QStringLiteral("%1   %2 / %3").arg(footer_).arg(page + 1).arg(pageCount());
    const QRectF foot(margin, pageHeight - margin, textWidth, 14);
    paintText(painter, foot, sized(8), 8, Qt::AlignLeft, number, printPalette().softInk);
    if (!lab_.head.empty()) // whoever keeps the page can tell later whether the book was rewritten
        paintText(painter, foot, sized(7), 7, Qt::AlignRight, QString::fromStdString(lab_.head),
                  printPalette().softInk);
    painter.restore();
}

} // namespace fusain::report

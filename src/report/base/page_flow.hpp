#pragma once
#include "core/base/problem.hpp"
#include "report/base/language.hpp"
#include "report/base/letterhead.hpp"
#include "report/base/style.hpp"

#include <QPainter>
#include <functional>
#include <vector>

namespace fusain::report {

/// Sets blocks of text, tables and figures one under the other onto pages of A4. On other paper the same page
/// is made smaller evenly.
///
/// Lengths are points (1/72 inch). The same pages are painted on the screen, on the printer and into the PDF.
class PageFlow {
public:
    static constexpr double pageWidth = 595.0, pageHeight = 842.0, margin = 48.0;
    static constexpr double textWidth = pageWidth - 2.0 * margin;
    using Paint = std::function<void(QPainter&, const QRectF&)>;

    /// The pages keep the language in force (InLanguage) for what their figures say when they are painted.
    /// @param lab whose address stands at the foot of each page and whose logo at the head of the first
    PageFlow(QString footer, Letterhead lab)
        : footer_(std::move(footer)), lab_(std::move(lab)), language_(InLanguage::current()) {
        pages_.emplace_back();
    }

    void title(const QString& text);
    void heading(const QString& text);
    void paragraph(const QString& text, double size = 10.5, const QColor& colour = printPalette().ink);
    /// Columns by fractions of the text width; cells wrap; `numbers` columns are set in the number font,
    /// right-aligned.
    void row(const QStringList& cells, const std::vector<double>& fractions, bool bold = false,
             const std::vector<int>& numbers = {}, double size = 8.5);
    /// One line: a text at the left edge, another at the right.
    void ends(const QString& left, const QString& right, double size, const QColor& colour, bool bold = false);
    /// Paragraphs on a ground of their own, with a heading.
    void box(const QString& heading, const QStringList& paragraphs, double size = 10.0);
    /// The sentence that a page is about.
    void headline(const QString& text);
    void figure(double height, Paint paint);
    void gap(double height) { y_ += height; }
    void rule();
    void pageBreak();
    /// Puts the pages of another flow behind these.
    void append(const PageFlow& other);

    /// Height that is left on the present page.
    [[nodiscard]] double left() const { return pageHeight - margin - 16.0 - y_; }
    [[nodiscard]] int pageCount() const { return static_cast<int>(pages_.size()); }
    [[nodiscard]] Paper paper() const { return lab_.paper; }
    /// The part of `area` that a page takes, as large as fits.
    [[nodiscard]] QRectF sheetIn(const QRectF& area) const;
    /// Paints one page into `target`, scaled evenly to fit.
    void paint(QPainter& painter, int page, const QRectF& target) const;

private:
    struct Block {
        QRectF area;
        Paint paint;
    };
    void place(double height, Paint paint);
    void paintLab(QPainter& painter, int page) const;
    [[nodiscard]] double titleWidth() const;
    /// Beside the logo on the first page, across the page below it.
    [[nodiscard]] double widthHere() const;

    QString footer_;
    Letterhead lab_;
    QString language_;
    std::vector<std::vector<Block>> pages_;
    double y_ = margin;
};

/// Writes the pages as PDF/A-1b. @return a Problem when the file cannot be written; no partial file is left
[[nodiscard]] Expected<void> writePdf(const PageFlow& pages, const QString& path, const QString& title);

} // namespace fusain::report

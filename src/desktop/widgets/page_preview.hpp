#pragma once
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/page_flow.hpp"

namespace fusain::desktop {

/// A document as it will be printed, page by page.
class PagePreview : public QWidget {
    Q_OBJECT
public:
    explicit PagePreview(QWidget* parent = nullptr);
    /// Shows a document; the page stays where it is as far as there is one.
    void setPages(report::PageFlow pages);
    void clear(const QString& why);
    void toFirstPage() { page_ = 0; }
    /// Asks for a printer. @return whether it was printed
    bool print();

private:
    void show(int page);
    std::optional<report::PageFlow> pages_;
    FigureView* sheet_;
    QLabel* words_;
    int page_ = 0;
};

} // namespace fusain::desktop

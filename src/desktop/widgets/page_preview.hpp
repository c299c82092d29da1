#pragma once
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/page_flow.hpp"

#include <QScrollArea>

namespace fusain::desktop {

/// A document as it will be printed, page by page: as wide as there is room, so that it can be read, or as a
/// whole. Page Down goes on reading, to the next page at the foot of one.
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

    /// Shows a page as a whole, or at the width of the view.
    void setWhole(bool whole);
    [[nodiscard]] int page() const { return page_; }

protected:
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void showPage(int page);
    void arrange();
    void read(int direction);
    std::optional<report::PageFlow> pages_;
    FigureView* sheet_;
    QScrollArea* view_;
    QPushButton* whole_;
    QLabel* words_;
    int page_ = 0;
};

} // namespace fusain::desktop

#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "report/method/own_report.hpp"

#include <QGridLayout>
#include <QLabel>

namespace fusain::desktop {

/// All pictures of a result beside each other, each under its name: as many columns as there is width for.
class FigureGrid : public QWidget {
    Q_OBJECT
public:
    explicit FigureGrid(Session& session);
    void showFigures(std::vector<report::NamedFigure> figures);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void arrange();

    struct Cell {
        QLabel* name;
        FigureView* figure;
        QWidget* box;
    };
    Session& session_;
    QGridLayout* grid_;
    std::vector<Cell> cells_; ///< as many as any result had; the rest are hidden
    std::size_t shown_ = 0;
    int columns_ = 0;
};

} // namespace fusain::desktop

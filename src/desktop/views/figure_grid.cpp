#include "desktop/views/figure_grid.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"

#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr int leastWidth = 350, figureHeight = 270, mostColumns = 3; // of a picture, in a drawing for 13 pixels

} // namespace

FigureGrid::FigureGrid(Session& session) : session_(session), grid_(new QGridLayout(this)) {
    grid_->setContentsMargins(0, 0, 0, 0);
    grid_->setHorizontalSpacing(scaled(24));
    grid_->setVerticalSpacing(scaled(16));
}

void FigureGrid::showFigures(std::vector<report::NamedFigure> figures) {
    shown_ = figures.size();
    while (cells_.size() < shown_) {
        Cell cell{label({}, "heading", false), new FigureView({}, figureHeight), new QWidget(this)};
        auto* column = new QVBoxLayout(cell.box);
        column->setContentsMargins(0, 0, 0, 0);
        column->setSpacing(2);
        column->addWidget(cell.name);
        column->addWidget(cell.figure);
        column->addStretch(); // one that stands alone grows no taller
        cell.figure->setFixedHeight(scaled(figureHeight));
        cells_.push_back(cell);
    }
    for (std::size_t i = 0; i < cells_.size(); ++i) {
        const bool used = i < shown_;
        cells_[i].box->setVisible(used);
        if (!used) {
            cells_[i].figure->setPaint({});
            continue;
        }
        cells_[i].name->setText(figures[i].name);
        cells_[i].figure->setAccessibleName(figures[i].name);
        cells_[i].figure->setPaint([paint = std::move(figures[i].paint),
                                    &palette = session_.palette()](QPainter& painter, const QRectF& area) {
            paint(painter, area, palette);
        });
    }
    columns_ = 0;
    arrange();
}

void FigureGrid::arrange() {
    const int columns = std::clamp(width() / scaled(leastWidth), 1, mostColumns);
    if (columns == std::exchange(columns_, columns))
        return;
    for (std::size_t i = 0; i < cells_.size(); ++i) {
        grid_->removeWidget(cells_[i].box);
        if (i < shown_)
            grid_->addWidget(cells_[i].box, static_cast<int>(i) / columns, static_cast<int>(i) % columns);
    }
    for (int column = 0; column < mostColumns; ++column)
        grid_->setColumnStretch(column, column < columns ? 1 : 0);
}

void FigureGrid::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    arrange();
}

} // namespace fusain::desktop

#include "moc_figure_grid.cpp"

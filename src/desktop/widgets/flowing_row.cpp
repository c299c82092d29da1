#include "desktop/widgets/flowing_row.hpp"

#include <QWidget>
#include <algorithm>

namespace fusain::desktop {

FlowingRow::FlowingRow(std::initializer_list<QWidget*> widgets) {
    for (QWidget* each : widgets)
        addWidget(each);
}

FlowingRow::~FlowingRow() {
    qDeleteAll(items_);
}

QLayoutItem* FlowingRow::takeAt(int index) {
    return index >= 0 && index < items_.size() ? items_.takeAt(index) : nullptr;
}

int FlowingRow::arrange(const QRect& room, const std::function<void(QLayoutItem&, const QRect&)>& place) const {
    const int gap = std::max(0, spacing());
    QPoint at = room.topLeft();
    int rowHeight = 0;
    for (QLayoutItem* item : items_) {
        if (item->isEmpty())
            continue;
        const QSize size = item->sizeHint();
        if (at.x() > room.left() && at.x() + size.width() > room.right() + 1) {
            at = QPoint(room.left(), at.y() + rowHeight + gap);
            rowHeight = 0;
        }
        place(*item, QRect(at, size));
        at.rx() += size.width() + gap;
        rowHeight = std::max(rowHeight, size.height());
    }
    return at.y() + rowHeight - room.top();
}

int FlowingRow::heightForWidth(int width) const {
    return arrange(QRect(0, 0, width, 0), [](QLayoutItem&, const QRect&) {});
}

QSize FlowingRow::minimumSize() const {
    QSize least;
    for (const QLayoutItem* item : items_)
        least = least.expandedTo(item->isEmpty() ? QSize() : item->sizeHint());
    return least;
}

void FlowingRow::setGeometry(const QRect& room) {
    QLayout::setGeometry(room);
    arrange(room, [](QLayoutItem& item, const QRect& where) { item.setGeometry(where); });
}

} // namespace fusain::desktop

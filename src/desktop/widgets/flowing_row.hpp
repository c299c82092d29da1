#pragma once
#include <QLayout>
#include <functional>

namespace fusain::desktop {

/// Widgets beside each other at the width that their words need; those that find no room stand in a row below.
class FlowingRow : public QLayout {
public:
    explicit FlowingRow(std::initializer_list<QWidget*> widgets);
    ~FlowingRow() override;
    FlowingRow(const FlowingRow&) = delete;
    FlowingRow& operator=(const FlowingRow&) = delete;

    void addItem(QLayoutItem* item) override { items_.append(item); }
    [[nodiscard]] int count() const override { return static_cast<int>(items_.size()); }
    [[nodiscard]] QLayoutItem* itemAt(int index) const override { return items_.value(index); }
    QLayoutItem* takeAt(int index) override;
    [[nodiscard]] Qt::Orientations expandingDirections() const override { return {}; }
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;
    [[nodiscard]] QSize minimumSize() const override;
    [[nodiscard]] QSize sizeHint() const override { return minimumSize(); }
    void setGeometry(const QRect& room) override;

private:
    /// Where each widget stands; at least the widest fits. @return how high that is
    int arrange(const QRect& room, const std::function<void(QLayoutItem&, const QRect&)>& place) const;
    QList<QLayoutItem*> items_;
};

} // namespace fusain::desktop

#pragma once
#include <QPainter>
#include <QWidget>

// After Qt's own headers: moc stumbles over the standard library's concepts when it meets them first.
#include "report/base/figure_reading.hpp"

#include <functional>

namespace fusain::desktop {

/// Shows a figure and reads it out: the value under the pointer, the next one with the arrow keys, all of them
/// as a table with Enter, and as a description to a screen reader. A figure over time can be stretched.
class FigureView : public QWidget {
    Q_OBJECT
public:
    using Paint = std::function<void(QPainter&, const QRectF&)>;
    FigureView(const QString& accessibleName, int height, QWidget* parent = nullptr);
    void setPaint(Paint paint);
    /// What a figure is painted into, in the figure's own units, which grow with the size of text: the widget,
    /// or a wider sheet of which the widget shows a part.
    [[nodiscard]] QRectF area() const;
    /// Lets time be stretched: with + and −, or the wheel and Ctrl.
    /// @param axis how wide the scale at the left is, and head how high the title: they stay where they are
    void setStretching(double axis, double head = 0.0) {
        axis_ = axis;
        head_ = head;
    }
    void stretch(double factor);
    [[nodiscard]] double stretched() const { return stretched_; }
    /// What the figure says, one line a value.
    [[nodiscard]] const std::vector<report::FigurePoint>& points() const;
    /// The value that the keys have come to; empty before the first.
    [[nodiscard]] QString current() const;
    void showTable();

Q_SIGNALS:
    void clicked(const QPointF& place); ///< in units of the figure
    /// A stretch of the width was drawn over with the pointer; from left to right.
    void dragged(double from, double to);

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;

private:
    [[nodiscard]] double shownWidth() const;
    void moveTo(double offset);
    [[nodiscard]] QPointF placeOf(const QMouseEvent& event) const;
    void paintDrag(QPainter& painter) const;
    void paintSheet(QPainter& painter) const;
    void walkTo(std::ptrdiff_t index);

    Paint paint_;
    mutable std::vector<report::FigurePoint> points_;
    mutable bool read_ = false; ///< points_ belong to what is shown
    std::optional<std::size_t> current_;
    std::optional<double> axis_;                    ///< of a figure that may be stretched
    std::optional<std::pair<double, double>> drag_; ///< where it began, and where it is
    double head_ = 0.0;
    double stretched_ = 1.0; ///< the sheet against the widget
    double offset_ = 0.0;    ///< of the sheet that lies left of the widget
};

/// Makes figures and combo boxes speak to screen readers. Once for the program.
void helpReaders();

} // namespace fusain::desktop

#pragma once
#include <QWidget>

// After Qt's own headers: moc stumbles over the standard library's concepts when it meets them first.
#include "record/base/calendar.hpp"
#include "report/base/style.hpp"

#include <functional>
#include <vector>

namespace fusain::desktop {

/// The day as a ribbon: a lane for each instrument, appointments and the work before them on it, and a line at
/// now. Arrow keys choose an appointment, with Shift they move it by five minutes; the mouse drags it.
class DayRibbon : public QWidget {
    Q_OBJECT
public:
    struct Block {
        QString id; ///< of an appointment; empty for work
        QString text;
        Instant from, to;
        bool done = false;
        bool warning = false;  ///< in conflict, or late
        bool proposed = false; ///< would stand here if it were booked
        [[nodiscard]] bool appointment() const { return !id.isEmpty(); }
    };
    struct Lane {
        QString name;
        std::vector<Block> blocks;
        QString note = {}; ///< under the name, short
        bool noteWarns = false;
    };
    struct Model {
        std::vector<Lane> lanes;
        Instant from, to; ///< of the ribbon
        Instant opening, closing;
        Instant now;
    };

    explicit DayRibbon(std::function<const report::Palette&()> palette, QWidget* parent = nullptr);
    void setModel(Model model);
    [[nodiscard]] QString chosen() const { return chosen_; }
    void choose(const QString& id);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override;

Q_SIGNALS:
    void chosenChanged(const QString& id);
    void activated(const QString& id);
    void moved(const QString& id, qint64 milliseconds);

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;

private:
    [[nodiscard]] double laneHeight() const;
    [[nodiscard]] QString inWords() const;
    [[nodiscard]] double drawnWidth() const;
    [[nodiscard]] double xOf(Instant at) const;
    [[nodiscard]] QRectF areaOf(std::size_t lane, const Block& block) const;
    [[nodiscard]] const Block* blockAt(const QPointF& place) const;
    [[nodiscard]] const Block* chosenBlock() const;
    void chooseNext(int step);
    void paintBlock(QPainter& painter, const QRectF& area, const Block& block) const;
    void paintLabel(QPainter& painter, const QRectF& area, double free, const Block& block) const;
    void paintName(QPainter& painter, const QRectF& area, const Lane& lane) const;
    [[nodiscard]] double roomAfter(std::size_t lane, const Block& block) const;
    void paintScale(QPainter& painter) const;

    std::function<const report::Palette&()> palette_;
    Model model_;
    QString chosen_;
    double dragFrom_ = 0.0, draggedMinutes_ = 0.0;
    bool dragging_ = false;
};

} // namespace fusain::desktop

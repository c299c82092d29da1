#include "report/base/figure_reading.hpp"

#include <QLineF>

namespace fusain::report {

void readAs(QPainter& painter, const QPointF& place, const QString& words) {
    if (auto* reading = dynamic_cast<FigureReading*>(painter.device()))
        reading->points.push_back({painter.transform().map(place), words});
}

bool isRead(const QPainter& painter) {
    return dynamic_cast<const FigureReading*>(painter.device()) != nullptr;
}

std::vector<FigurePoint> readingOf(const std::function<void(QPainter&, const QRectF&)>& paint,
                                   const QRectF& area) {
    FigureReading reading;
    if (paint) {
        QPainter painter(&reading);
        paint(painter, area);
    }
    return reading.points;
}

std::optional<std::size_t> nearestTo(const QPointF& place, const std::vector<FigurePoint>& points,
                                     double reach) {
    std::optional<std::size_t> nearest;
    for (std::size_t i = 0; i < points.size(); ++i)
        if (const double away = QLineF(place, points[i].place).length(); away <= reach) {
            reach = away;
            nearest = i;
        }
    return nearest;
}

} // namespace fusain::report

#pragma once
#include <QPainter>
#include <QPicture>

#include <functional>
#include <optional>
#include <vector>

namespace fusain::report {

/// One thing that a figure shows: where, and in words, for who reads it with a pointer, with keys or by ear.
struct FigurePoint {
    QPointF place;
    QString words; ///< with name, value and unit: "12 March 2026: 25.2 % ± 6.8"
};

/// Said by a figure where it draws a mark; on anything but a FigureReading nothing is kept.
void readAs(QPainter& painter, const QPointF& place, const QString& words);
/// Whether somebody reads. A figure asks before it makes its words: on paper they would cost time, and be looked
/// for in the language of the page.
[[nodiscard]] bool isRead(const QPainter& painter);

/// A sheet that keeps what a figure says of itself instead of its lines. The marks and their words come out of
/// the same drawing, so they cannot differ.
class FigureReading : public QPicture {
public:
    std::vector<FigurePoint> points;
};

/// What a figure says, in the order in which it draws. @param area what it would be painted into
[[nodiscard]] std::vector<FigurePoint> readingOf(const std::function<void(QPainter&, const QRectF&)>& paint,
                                                 const QRectF& area);

/// The point nearest to a place, or nothing when none lies within `reach`.
[[nodiscard]] std::optional<std::size_t> nearestTo(const QPointF& place, const std::vector<FigurePoint>& points,
                                                   double reach);

} // namespace fusain::report

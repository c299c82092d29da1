#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>
#include <vector>

namespace fusain::report {

/// One quantity over real dates. Visits that may be compared are joined; another method or instrument is a line
/// of its own, told apart by its marks and its name, never joined to the first.
struct TrendModel {
    struct Point {
        double day; ///< days since any fixed date
        double value, halfWidth;
        QString label;
    };
    struct Line {
        QString name;
        std::vector<Point> points; ///< oldest first
    };
    QString title;
    QString unit;
    QString note; ///< what the bars are
    std::vector<Line> lines;
    /// The least significant change about the visit that is compared with: middle and half-width.
    std::optional<std::pair<double, double>> band;
};
void paintTrend(QPainter& painter, const QRectF& area, const TrendModel& model, const Palette& palette);
/// The same in little: its name, the way so far with the interval of each visit, the last value; no scales. For
/// several of them side by side, of which one is chosen.
void paintSmallTrend(QPainter& painter, const QRectF& area, const TrendModel& model, bool chosen,
                     const Palette& palette);
/// The day that stands at a place of the painted picture. @param area the same that was painted  @return
/// nothing without a point
[[nodiscard]] std::optional<double> trendDayAt(double x, const QRectF& area, const TrendModel& model);

/// What a change of mass is made of: a bar for each part from a common zero, with its least significant change.
struct BalanceModel {
    struct Part {
        QString name;
        double difference, least; ///< kg
    };
    std::vector<Part> parts;
    double mass = 0.0; ///< kg, the sum
};
inline constexpr double balanceRowHeight = 26.0;
void paintBalance(QPainter& painter, const QRectF& area, const BalanceModel& model, const Palette& palette);

} // namespace fusain::report

#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>
#include <vector>

namespace fusain::report {

/// Mass over the weeks to come with its interval, fat-free mass and fat below it, and the static rule as a
/// dotted line to show how far off it is.
struct CourseModel {
    struct Week {
        double mass, lowest, highest, fatMass, byStaticRule; ///< kg
    };
    std::vector<Week> weeks; ///< week 0 first
    bool withStaticRule = true;
    std::optional<std::size_t> crossing; ///< from this week on the course is not to be followed: dashed
    QString crossingWords;
};
void paintCourse(QPainter& painter, const QRectF& area, const CourseModel& model, const Palette& palette);

} // namespace fusain::report

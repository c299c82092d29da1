#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>
#include <vector>

namespace fusain::report {

/// Mass over the weeks to come with its interval, and the static rule as a dotted line to show how far off it
/// is; before them what was measured, and across both where the goal lies.
struct CourseModel {
    struct Week {
        double mass, lowest, highest, fatMass, byStaticRule; ///< kg
    };
    struct Measured {
        double week; ///< 0 or below
        double mass, half; ///< kg, 95 % from visit to visit
        QString label;
    };
    /// The mass at which the fat is what was wished for: with fat-free mass kept, and with its usual loss.
    struct Target {
        double low, high; ///< kg
        QString words;
    };
    std::vector<Week> weeks; ///< week 0 first
    std::vector<Measured> past; ///< oldest first
    std::optional<Target> target;
    bool withStaticRule = true;
    std::optional<std::size_t> crossing; ///< from this week on the course is not to be followed: dashed
    QString crossingWords;
};
void paintCourse(QPainter& painter, const QRectF& area, const CourseModel& model, const Palette& palette);

} // namespace fusain::report

#pragma once
#include "record/base/calendar.hpp"
#include "report/base/style.hpp"

#include <QPainter>
#include <vector>

namespace fusain::report {

/// How many of the goals were met, attempt by attempt: full marks alone, hollow ones with help.
struct PracticeCourse {
    struct Attempt {
        Instant at;
        double score = 0.0; ///< 0 to 1
        bool helped = false;
    };
    std::vector<Attempt> attempts; ///< oldest first
};
void paintPracticeCourse(QPainter& painter, const QRectF& area, const PracticeCourse& course,
                         const Palette& palette);

} // namespace fusain::report

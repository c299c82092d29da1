#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>
#include <vector>

namespace fusain::report {

/// A reference set along age: its range for women and for men, and people laid over it.
struct ReferenceModel {
    struct Range {
        bool female = true;
        double ageFrom = 0.0, ageTo = 0.0; ///< completed years, both included
        double low = 0.0;
        std::optional<double> high; ///< nothing where the range is open above
    };
    struct Person {
        bool female = true;
        double age = 0.0, value = 0.0;
    };
    std::vector<Range> ranges; ///< at least one
    std::vector<Person> people;
    QString unit;
};

/// Women at the left, men at the right, on one scale: hatched ranges as steps over age, people as dots.
void paintReference(QPainter& painter, const QRectF& area, const ReferenceModel& model, const Palette& palette);

} // namespace fusain::report

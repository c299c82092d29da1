#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <vector>

namespace fusain::report {

/// The values of a group as dots along a scale, with the median as a line: a distribution without names.
struct GroupModel {
    QString title, unit;
    int decimals = 1;
    std::vector<double> women, men;
};
void paintGroup(QPainter& painter, const QRectF& area, const GroupModel& model, const Palette& palette);

} // namespace fusain::report

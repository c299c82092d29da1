#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <vector>

namespace fusain::report {

/// What happened in a test along its time: bands of what was wrong, pins of what was decided.
struct ReplayModel {
    double minutes = 1.0; ///< of the whole
    struct Band {
        double from = 0.0, until = 0.0;
        QString words; ///< what was wrong; empty for a recording without a fault
    };
    struct Pin {
        double at = 0.0;
        QString words;
        bool right = true;
    };
    std::vector<Band> bands;
    std::vector<Pin> pins; ///< in order of time
};

/// Above, recordings as bars, hatched where something was wrong; below, each decision as a pin with its words: a disc
/// where it was right, a triangle where it was not. Words that find no room are in the reading of the figure.
void paintReplay(QPainter& painter, const QRectF& area, const ReplayModel& model, const Palette& palette);

} // namespace fusain::report

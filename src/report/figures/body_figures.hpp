#pragma once
#include "core/anthropometry/limb_balance.hpp"
#include "core/anthropometry/segment.hpp"
#include "report/base/style.hpp"

#include <QPainter>

namespace fusain::report {

/// Our line-drawn body, front view: each segment hatched by how far it lies from its reference, values beside
/// it, and a beam for each pair of limbs that tilts with the difference.
struct LimbsModel {
    struct Part {
        anthropometry::Segment segment;
        QString value;  ///< "3.4 kg"
        QString detail; ///< "102 % of the reference"
        double partOfReference = 1.0;
    };
    std::vector<Part> parts;
    std::optional<anthropometry::LimbBalance> arms, legs;
    QString note; ///< under the figure: calibrated or not, as reported
};
void paintLimbs(QPainter& painter, const QRectF& area, const LimbsModel& model, const Palette& palette);

/// A column cut like a drill core, to scale in kilograms; an earlier visit may stand beside it.
struct CoreModel {
    struct Layer {
        QString name;
        double kilograms = 0.0;
        double visitError =
            0.0; ///< standard error of one visit; a difference that two could have by it has no number
    };
    struct Column {
        QString title;
        std::vector<Layer> layers; ///< from the bottom up; the same names in both columns
    };
    std::vector<Column> columns; ///< one or two, oldest first
    QString note;
};
void paintCore(QPainter& painter, const QRectF& area, const CoreModel& model, const Palette& palette);

} // namespace fusain::report

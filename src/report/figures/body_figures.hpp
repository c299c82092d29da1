#pragma once
#include "report/base/style.hpp"

#include <QPainter>

namespace fusain::report {

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

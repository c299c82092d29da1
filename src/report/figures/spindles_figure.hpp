#pragma once
#include "report/figures/rule_figure.hpp"

namespace fusain::report {

/// A percentage with its interval, under its name.
struct NamedSpindle {
    QString name;
    double value, half;
    bool strong; ///< drawn full; the others as outlines
};
/// Height that a number of rows likes to have.
[[nodiscard]] inline double spindlesHeight(std::size_t rows) {
    return 30.0 * static_cast<double>(rows) + 26.0;
}
/// Spindles under each other on one scale: overlap is agreement.
void paintSpindles(QPainter& painter, const QRectF& area, const std::vector<NamedSpindle>& rows,
                   const Palette& palette);

} // namespace fusain::report

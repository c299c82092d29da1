#pragma once
#include "report/test_report.hpp"

namespace fusain::report {

/// A picture of a result that stands on the screen and on paper.
struct NamedFigure {
    QString name; ///< short, for a row of choices
    std::function<void(QPainter&, const QRectF&, const Palette&)> paint;
    bool onPaper = false; ///< in the lab copy
};

/// The pictures that this result allows, the field first where there is fat.
[[nodiscard]] std::vector<NamedFigure> figuresOf(const TestReport& report);

} // namespace fusain::report

#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>
#include <vector>

namespace fusain::report {

/// A measured value: the lens is as wide as its 95 % interval, the waist line is the estimate.
struct Spindle {
    double estimate = 0.0;
    double halfWidth = 0.0; ///< half of the 95 % interval; 0 draws a bare line
    bool past = false;      ///< an earlier visit: outline only
};

/// Draws a spindle about the horizontal line y. @param pixelsPerUnit scale of the axis
void paintSpindle(QPainter& painter, const Spindle& spindle, double origin, double pixelsPerUnit, double y,
                  double height, const Palette& palette);

/// A reference as a hatched bracket, open above. @param y of its upper ends
void paintBand(QPainter& painter, double left, double right, double y, const Palette& palette);

/// A graduated scale with a reference band as a hatched bracket under it and spindles on it.
struct RuleModel {
    QString title;
    QString unit;
    double from = 0.0, to = 1.0;
    int decimals = 1;
    std::vector<Spindle> spindles; ///< the last one is the present value
    std::optional<std::pair<double, double>> band;
    QString reference; ///< name and population, under the scale
    bool said = false; ///< title and value stand beside the figure already, larger
};

/// Preferred height of a rule in figure units.
inline constexpr double ruleHeight = 104.0;
void paintRule(QPainter& painter, const QRectF& area, const RuleModel& model, const Palette& palette);
/// One rule under the other, each with its height; where the area is lower, all of them shrink together.
void paintRules(QPainter& painter, const QRectF& area, const std::vector<RuleModel>& models,
                const Palette& palette);

/// Step of 1, 2 or 5 times a power of ten that gives about `count` graduations over `range`.
[[nodiscard]] double graduation(double range, int count);

} // namespace fusain::report

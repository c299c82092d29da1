#pragma once
#include "core/anthropometry/limb_balance.hpp"
#include "report/base/style.hpp"

#include <QPainter>
#include <optional>
#include <vector>

namespace fusain::report {

/// Right and left side against each other: a spine down the middle, each limb as a spindle outwards from it on
/// one kilogram scale, and between the two what they differ by, what can be told apart, and what the lab calls
/// notable.
struct PairsModel {
    struct Part {
        double kilograms = 0.0;
        double half = 0.0;               ///< of the 95 % interval; 0 where it is not known
        std::optional<double> reference; ///< kg, as the reference has it for this person
        QString detail;                  ///< in the field's words: "102 % of the reference"
    };
    struct Pair {
        QString name; ///< "Arms"
        Part right, left;
        std::optional<anthropometry::LimbBalance> balance; ///< nothing where one side was not measured
    };
    std::vector<Pair> pairs;
    std::optional<Part> trunk;
    QString what;     ///< what is compared: "Lean mass, kg"
    int decimals = 2; ///< of the masses of limbs
    QString note;     ///< under the figure
};
void paintPairs(QPainter& painter, const QRectF& area, const PairsModel& model, const Palette& palette);

} // namespace fusain::report

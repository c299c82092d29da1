#pragma once
#include "report/figures/rule_figure.hpp"

namespace fusain::report {

/// One value as somebody keeps it in mind: its name, the number large, how sure it is, where it lies, and what
/// became of it.
struct Tile {
    QString name;
    QString value;                  ///< with its unit
    QString interval;               ///< in words; empty where there is none
    std::optional<RuleModel> scale; ///< its spindle and band; nothing draws no scale
    QString bandWords;              ///< under the band
    QString change;                 ///< in words; empty at a first test
};

inline constexpr double tilesHeight = 168.0;
/// Tiles side by side, each as wide as the others.
void paintTiles(QPainter& painter, const QRectF& area, const std::vector<Tile>& tiles, const Palette& palette);

} // namespace fusain::report

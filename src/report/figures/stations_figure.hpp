#pragma once
#include "report/base/style.hpp"

#include <QPainter>
#include <vector>

namespace fusain::report {

/// One station of a step that has several: zero, then the mass, then the verdict.
struct Station {
    enum class State { Waiting, Now, Done, Failed };
    QString name;
    QString value; ///< what it gave; empty before
    State state = State::Waiting;
};

/// Stations in a row, joined by a line that is drawn through as far as the work has come.
void paintStations(QPainter& painter, const QRectF& area, const std::vector<Station>& stations,
                   const Palette& palette);

} // namespace fusain::report

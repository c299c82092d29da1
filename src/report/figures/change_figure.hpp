#pragma once
#include "report/base/style.hpp"

#include <QPainter>

namespace fusain::report {

/// A change against its least significant change, small enough for a row of a table.
struct ChangeMark {
    enum class State {
        Exceeds,      ///< the LSC: filled
        Within,       ///< the error: open
        NotComparable ///< dashed
    };
    double ratio = 0.0; ///< the change over its LSC
    State state = State::Within;
    int push = 0; ///< where the preparation alone would push it: −1 lower, +1 higher, 0 nobody can say
};

/// Zero in the middle, the LSC as a bracket to both sides, the change as a spindle as wide as its interval;
/// beyond four times the LSC it stands at the edge. The push is an arrow under it.
void paintChangeMark(QPainter& painter, const QRectF& area, const ChangeMark& mark, const Palette& palette);

} // namespace fusain::report

#pragma once
#include <QPointF>
#include <QSizeF>
#include <map>
#include <set>
#include <vector>

namespace fusain::report {

/// What was drawn on pictures with a pen, and which of them were chosen to be taken along. Pictures are known
/// by a number.
struct PenMarks {
    /// Points in shares of the picture, so that a line stays where it was drawn when the picture changes size.
    using Line = std::vector<QPointF>;
    struct Drawing {
        QSizeF size; ///< of the picture when it was drawn on, in its own units; its layout hangs on it
        std::vector<Line> lines;
    };
    std::set<int> chosen;
    std::map<int, Drawing> drawn;

    [[nodiscard]] bool empty() const { return chosen.empty() && drawn.empty(); }
};

} // namespace fusain::report

#pragma once
#include "report/base/style.hpp"

#include <QString>

namespace fusain::desktop {

/// The window's style sheet for one palette: paper, thin ink rules, an 8-px grid.
[[nodiscard]] QString styleSheetFor(const report::Palette& palette);

} // namespace fusain::desktop

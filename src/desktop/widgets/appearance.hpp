#pragma once
#include "report/base/style.hpp"

#include <QPalette>
#include <QString>

namespace fusain::desktop {

/// The window's style sheet for one palette: paper, thin ink rules, an 8-px grid.
[[nodiscard]] QString styleSheetFor(const report::Palette& palette);
/// The same colours for what no style sheet reaches: menus, file dialogs, the wizard.
[[nodiscard]] QPalette coloursFor(const report::Palette& palette);

} // namespace fusain::desktop

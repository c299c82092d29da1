#pragma once
#include "report/base/style.hpp"

#include <QPalette>
#include <QString>

namespace fusain::desktop {

/// How much larger text is than in a drawing for 13 pixels: what the desktop asks for, times what the person at
/// the bench chose. From 1 to 2; all widths and heights that text decides follow it.
[[nodiscard]] double textScale();
/// Also sets the font of the program. @pre no widget has been made: they take font and widths when they are
/// @param chosen 1 leaves it to the desktop
void setTextScale(double chosen);
/// A width or height in a drawing for 13 pixels, at the present size of text.
[[nodiscard]] int scaled(double pixels);

/// The window's style sheet for one palette: paper, thin ink rules, an 8-px grid.
[[nodiscard]] QString styleSheetFor(const report::Palette& palette);
/// The same colours for what no style sheet reaches: menus, file dialogs, the wizard.
[[nodiscard]] QPalette coloursFor(const report::Palette& palette);
/// Font, colours and style sheet of the whole program.
void putOn(const report::Palette& palette);

} // namespace fusain::desktop

#pragma once
#include <QColor>
#include <QFont>
#include <QString>

namespace fusain::report {

/// The colours of one appearance. State is never told by colour alone.
struct Palette {
    QColor paper, sheet, ink, softInk, rule, berry, aril, leaf;
};
[[nodiscard]] const Palette& lightPalette();
[[nodiscard]] const Palette& darkPalette();
/// As light, on white: what goes to the printer.
[[nodiscard]] const Palette& printPalette();

/// Loads the bundled fonts once. @return false when a file is missing; the text is then shown in the system's
/// fonts
bool loadFonts(const QString& folder);

enum class Weight { Regular, SemiBold, Bold };
/// Atkinson Hyperlegible Next for text. @param size pixels of the figure's coordinate system
[[nodiscard]] QFont textFont(double size, Weight weight = Weight::Regular);
/// Atkinson Hyperlegible Mono for numbers in columns and live readings.
[[nodiscard]] QFont numberFont(double size, Weight weight = Weight::Regular);

} // namespace fusain::report

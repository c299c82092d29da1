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
/// Black and white, lines as dark as text: for who asks the desktop for high contrast.
[[nodiscard]] const Palette& strongLightPalette();
[[nodiscard]] const Palette& strongDarkPalette();
/// As light, on white: what goes to the printer.
[[nodiscard]] const Palette& printPalette();

/// Contrast of two colours, 1 to 21: (L1 + 0.05) / (L2 + 0.05) of their relative luminances, the lighter first
/// (WCAG 2.1, 1.4.3). Text needs 4.5 to be read, a line that carries meaning 3.
[[nodiscard]] double contrastOf(const QColor& one, const QColor& other);

/// Loads the bundled fonts once. @return false when a file is missing; the text is then shown in the system's
/// fonts
bool loadFonts(const QString& folder);

enum class Weight { Regular, SemiBold, Bold };
/// Atkinson Hyperlegible Next for text. @param size pixels of the figure's coordinate system
[[nodiscard]] QFont textFont(double size, Weight weight = Weight::Regular);
/// Atkinson Hyperlegible Mono for numbers in columns and live readings.
[[nodiscard]] QFont numberFont(double size, Weight weight = Weight::Regular);

} // namespace fusain::report

#pragma once
#include "core/anthropometry/limb_balance.hpp"
#include "report/method/own_report.hpp"

namespace fusain::report {

// What the pages of several methods are written with.

/// Whether a numbered reading was used, and if not, why.
[[nodiscard]] QString use(bool counts, bool used, const std::string& setAside);
/// An answer as it was given, in words.
[[nodiscard]] QString givenText(const readiness::Answer& answer);
/// Citation of a catalogue equation; empty for one that is not there.
[[nodiscard]] QString cite(const std::string& id);
/// Two columns of a page for a client.
void wordsRow(PageFlow& flow, const QString& name, const QString& words);
/// Whether a pair of limbs differs, in plain words.
void limbsInWords(PageFlow& flow, const anthropometry::LimbBalance& limbs, const QString& name);
/// A picture larger or smaller than it is drawn, its letters with it.
void paintScaled(QPainter& painter, const QRectF& area, double scale, const NamedFigure& figure,
                 const Palette& palette);
/// Of a picture that was drawn for the screen, so that its letters fit the page.
inline constexpr double onPaper = 0.75;
/// A picture that was drawn for the screen, on paper at three quarters. @param height of the room on the page
void figureOnPaper(PageFlow& flow, const NamedFigure& figure, double height);
/// One scale under the other.
[[nodiscard]] NamedFigure scales(const QString& name, std::vector<RuleModel> rules);

} // namespace fusain::report

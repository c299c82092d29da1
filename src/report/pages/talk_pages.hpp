#pragma once
#include "report/pages/talk_scenes.hpp"

namespace fusain::report {

/// Lines of a pen over a picture. @param area of the picture, which the lines are shares of
void paintLines(QPainter& painter, const QRectF& area, const std::vector<PenMarks::Line>& lines, double width,
                const QColor& colour);

/// The scenes that were chosen, or all when none was, with what was drawn on them, under the lab's letterhead.
[[nodiscard]] PageFlow talkPages(const VisitReport& visit);
/// Puts the chosen scenes with their drawings behind other pages of the visit; nothing where none was chosen.
void addTalk(PageFlow& flow, const VisitReport& visit);

} // namespace fusain::report

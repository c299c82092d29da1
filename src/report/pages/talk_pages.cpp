#include "report/pages/talk_pages.hpp"

#include "report/base/words.hpp"
#include "report/method/parts.hpp"

#include <QCoreApplication>

namespace fusain::report {
namespace {

constexpr double ordinaryWidth = 720.0; // of a picture that nobody drew on, in its own units
constexpr double ordinaryHeight = 340.0;

// A picture keeps the proportions that it had when it was drawn on: the lines belong to places in it.
void picture(PageFlow& flow, const TalkScene& scene, const PenMarks::Drawing& drawing) {
    const QSizeF size = drawing.size.isEmpty() ? QSizeF(ordinaryWidth, ordinaryHeight) : drawing.size;
    const double scale = PageFlow::textWidth / size.width();
    constexpr double penWidth = 1.8;
    flow.figure(scale * size.height(),
                [figure = *scene.picture, lines = drawing.lines, scale](QPainter& painter, const QRectF& area) {
                    paintScaled(painter, area, scale, figure, printPalette());
                    paintLines(painter, area, lines, penWidth, printPalette().aril);
                });
}

void scenes(PageFlow& flow, const VisitReport& visit) {
    for (const TalkScene& scene : talkScenes(visit)) {
        const int about = static_cast<int>(scene.about);
        if (!visit.marks.chosen.empty() && !visit.marks.chosen.contains(about))
            continue;
        flow.heading(scene.name);
        flow.paragraph(scene.headline, 13);
        if (!scene.below.isEmpty())
            flow.paragraph(scene.below, 10.5, printPalette().softInk);
        const auto drawn = visit.marks.drawn.find(about);
        if (scene.picture)
            picture(flow, scene, drawn == visit.marks.drawn.end() ? PenMarks::Drawing{} : drawn->second);
        flow.gap(6);
    }
}

} // namespace

void paintLines(QPainter& painter, const QRectF& area, const std::vector<PenMarks::Line>& lines, double width,
                const QColor& colour) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    for (const PenMarks::Line& line : lines) {
        QPolygonF points;
        for (const QPointF& point : line)
            points << QPointF(area.left() + point.x() * area.width(), area.top() + point.y() * area.height());
        points.size() == 1 ? painter.drawPoint(points.front()) : painter.drawPolyline(points);
    }
    painter.restore();
}

PageFlow talkPages(const VisitReport& visit) {
    PageFlow flow(tr("%1 · what we talked over").arg(plain(visit.lab.name)), visit.lab);
    flow.title(tr("What we talked over"));
    flow.paragraph(tr("%1 · %2").arg(plain(visit.namesHidden ? visit.client.code : visit.client.name),
                                     longDay(visit.day())),
                   10.5, printPalette().softInk);
    flow.rule();
    scenes(flow, visit);
    return flow;
}

void addTalk(PageFlow& flow, const VisitReport& visit) {
    if (!visit.marks.chosen.empty())
        flow.append(talkPages(visit));
}

} // namespace fusain::report

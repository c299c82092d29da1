#include "report/figures/stations_figure.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

namespace fusain::report {
namespace {

constexpr double radius = 13.0;

QString stateWords(Station::State state) {
    switch (state) {
    case Station::State::Waiting:
        return tr("not yet");
    case Station::State::Now:
        return tr("now");
    case Station::State::Done:
        return tr("done");
    case Station::State::Failed:
        return tr("failed");
    }
    return {};
}

void paintDisc(QPainter& painter, const QPointF& at, const Station& station, std::size_t number,
               const Palette& palette) {
    const bool done = station.state == Station::State::Done, failed = station.state == Station::State::Failed;
    const QColor colour = failed                                 ? palette.aril
                          : done                                 ? palette.leaf
                          : station.state == Station::State::Now ? palette.berry
                                                                 : palette.softInk;
    painter.setPen(QPen(colour, station.state == Station::State::Waiting ? 1.2 : 2.0));
    painter.setBrush(done || failed ? colour : palette.sheet);
    painter.drawEllipse(at, radius, radius);
    painter.setPen(done || failed ? palette.sheet : colour);
    painter.setFont(textFont(13, Weight::Bold));
    painter.drawText(QRectF(at.x() - radius, at.y() - radius, 2.0 * radius, 2.0 * radius), Qt::AlignCenter,
                     done     ? QStringLiteral("✓")
                     : failed ? QStringLiteral("▲")
                              : plain(std::to_string(number)));
}

} // namespace

void paintStations(QPainter& painter, const QRectF& area, const std::vector<Station>& stations,
                   const Palette& palette) {
    if (stations.empty())
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double width = area.width() / static_cast<double>(stations.size()), y = area.top() + radius + 4.0;
    const auto x = [&](std::size_t i) { return area.left() + (static_cast<double>(i) + 0.5) * width; };
    for (std::size_t i = 1; i < stations.size(); ++i) {
        const bool come = stations[i].state != Station::State::Waiting;
        painter.setPen(QPen(come ? palette.ink : palette.rule, 2.0));
        painter.drawLine(QPointF(x(i - 1) + radius + 4.0, y), QPointF(x(i) - radius - 4.0, y));
    }
    for (std::size_t i = 0; i < stations.size(); ++i) {
        const Station& station = stations[i];
        paintDisc(painter, {x(i), y}, station, i + 1, palette);
        const QRectF words(x(i) - 0.5 * width, y + radius + 4.0, width, 18.0);
        painter.setPen(palette.ink);
        painter.setFont(textFont(13, station.state == Station::State::Now ? Weight::Bold : Weight::Regular));
        painter.drawText(words, Qt::AlignCenter, station.name);
        painter.setFont(numberFont(13));
        painter.setPen(palette.softInk);
        painter.drawText(words.translated(0, 18.0), Qt::AlignCenter, station.value);
        if (isRead(painter))
            readAs(painter, {x(i), y},
                   station.name + QStringLiteral(": ") +
                       (station.value.isEmpty()
                            ? stateWords(station.state)
                            : station.value + QStringLiteral(", ") + stateWords(station.state)));
    }
    painter.restore();
}

} // namespace fusain::report

#include "report/figures/tiles_figure.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

namespace fusain::report {
namespace {

constexpr double between = 24.0; // from tile to tile
constexpr double scaleAt = 108.0;

void write(QPainter& painter, const QRectF& line, const QFont& font, const QColor& colour, const QString& text,
           int flags = Qt::AlignLeft | Qt::AlignVCenter) {
    painter.setFont(font);
    painter.setPen(colour);
    painter.drawText(line, flags, text);
}

void paintScale(QPainter& painter, const QRectF& tile, const Tile& model, const Palette& palette) {
    const RuleModel& rule = *model.scale;
    const double perUnit = tile.width() / (rule.to - rule.from), origin = tile.left() - rule.from * perUnit;
    const double line = tile.top() + scaleAt;
    for (const Spindle& spindle : rule.spindles)
        paintSpindle(painter, spindle, origin, perUnit, line - 12.0, 9.0, palette);
    painter.setPen(QPen(palette.ink, 1.2));
    painter.drawLine(QPointF(tile.left(), line), QPointF(tile.right(), line));
    if (!rule.band)
        return;
    const double left = std::max(tile.left(), origin + rule.band->first * perUnit),
                 right = std::min(tile.right(), origin + rule.band->second * perUnit);
    paintBand(painter, left, right, line + 5.0, palette);
    write(painter, QRectF(tile.left(), line + 16.0, tile.width(), 16), textFont(11), palette.softInk,
          model.bandWords);
}

void paintTile(QPainter& painter, const QRectF& tile, const Tile& model, const Palette& palette) {
    const auto line = [&](double top, double height) {
        return QRectF(tile.left(), tile.top() + top, tile.width(), height);
    };
    write(painter, line(0, 18), textFont(14, Weight::SemiBold), palette.softInk, model.name);
    write(painter, line(20, 38), textFont(32, Weight::Bold), palette.berry, model.value);
    write(painter, line(60, 18), textFont(12), palette.softInk, model.interval);
    if (model.scale)
        paintScale(painter, tile, model, palette);
    write(painter, line(144, 20), textFont(14, Weight::SemiBold), palette.ink, model.change);
    if (isRead(painter))
        readAs(painter, tile.center(),
               QStringList{model.name, model.value, model.interval, model.change}.join(QStringLiteral(", ")));
}

} // namespace

void paintTiles(QPainter& painter, const QRectF& area, const std::vector<Tile>& tiles, const Palette& palette) {
    if (tiles.empty())
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double count = static_cast<double>(tiles.size());
    const double width = (area.width() - between * (count - 1.0)) / count;
    double left = area.left();
    for (const Tile& tile : tiles) {
        paintTile(painter, QRectF(left, area.top(), width, area.height()), tile, palette);
        left += width + between;
    }
    painter.restore();
}

} // namespace fusain::report

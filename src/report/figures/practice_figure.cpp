#include "report/figures/practice_figure.hpp"

#include "report/base/figure_reading.hpp"
#include "report/base/words.hpp"

#include <QCoreApplication>
#include <algorithm>

namespace fusain::report {
void paintPracticeCourse(QPainter& painter, const QRectF& area, const PracticeCourse& course,
                         const Palette& palette) {
    const QRectF plot = area.adjusted(52, 12, -16, -30);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(numberFont(11));
    for (const int percent : {0, 50, 100}) {
        const double y = plot.bottom() - plot.height() * percent / 100.0;
        painter.setPen(QPen(palette.rule, 1));
        painter.drawLine(QPointF(plot.left(), y), QPointF(plot.right(), y));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(area.left(), y - 8, 44, 16), Qt::AlignRight | Qt::AlignVCenter,
                         QStringLiteral("%1 %").arg(percent));
    }
    painter.setFont(textFont(11));
    const QRectF foot(plot.left(), plot.bottom() + 6, plot.width(), 20);
    if (course.attempts.empty()) {
        painter.setPen(palette.softInk);
        const QString nothing = tr("goals met, attempt by attempt: nothing yet");
        painter.drawText(plot, Qt::AlignCenter, nothing);
        if (isRead(painter))
            readAs(painter, plot.center(), nothing);
        return;
    }
    // Attempts one after the other: a day of practice has many, a month perhaps none.
    const double step = plot.width() / static_cast<double>(std::max<std::size_t>(8, course.attempts.size()));
    QPolygonF line;
    for (std::size_t i = 0; i < course.attempts.size(); ++i)
        line << QPointF(plot.left() + step * (static_cast<double>(i) + 0.5),
                        plot.bottom() - plot.height() * course.attempts[i].score);
    painter.setPen(QPen(palette.softInk, 1));
    painter.drawPolyline(line);
    for (std::size_t i = 0; i < course.attempts.size(); ++i) {
        painter.setPen(QPen(palette.berry, 1.6));
        painter.setBrush(course.attempts[i].helped ? palette.sheet : palette.berry);
        painter.drawEllipse(line[static_cast<int>(i)], 4.0, 4.0);
        readAs(
            painter, line[static_cast<int>(i)],
            (course.attempts[i].helped ? tr("%1: %2 % of the goals, with help") : tr("%1: %2 % of the goals"))
                .arg(day(course.attempts[i].at), number(100.0 * course.attempts[i].score, 0)));
    }
    painter.setPen(palette.softInk);
    painter.drawText(foot, Qt::AlignLeft | Qt::AlignVCenter,
                     tr("%1 to %2").arg(day(course.attempts.front().at), day(course.attempts.back().at)));
    painter.drawText(foot, Qt::AlignRight | Qt::AlignVCenter, tr("goals met; hollow: with help"));
}

} // namespace fusain::report

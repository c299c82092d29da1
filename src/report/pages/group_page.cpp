#include "report/pages/group_page.hpp"

#include "report/base/words.hpp"

#include <QCoreApplication>

namespace fusain::report {
PageFlow groupPage(const Letterhead& lab, const QString& heading,
                   const std::vector<GroupQuantity>& quantities) {
    PageFlow flow(tr("%1 · group").arg(plain(lab.name)), lab);
    flow.title(heading);
    flow.paragraph(
        tr("Without names. Nobody is ranked: a body is not a result, and the numbers of one person are "
           "that person's own."),
        10.5, printPalette().softInk);
    flow.rule();
    for (const GroupQuantity& each : quantities) {
        if (each.count == 0)
            continue;
        flow.heading(each.figure.title);
        flow.figure(112, [model = each.figure](QPainter& painter, const QRectF& area) {
            painter.save();
            painter.translate(area.topLeft());
            painter.scale(0.8, 0.8);
            paintGroup(painter, QRectF(0, 0, area.width() / 0.8, area.height() / 0.8), model, printPalette());
            painter.restore();
        });
        const int decimals = each.figure.decimals;
        flow.paragraph(tr("n = %1. Median %2 %5, range %3 to %4 %5.")
                           .arg(each.count)
                           .arg(number(each.median, decimals), number(each.least, decimals),
                                number(each.most, decimals), each.figure.unit));
    }
    return flow;
}

} // namespace fusain::report

#include "report/base/words.hpp"
#include "report/tank/method.hpp"
#include "report/tank/trace_figure.hpp"

#include <cmath>

namespace fusain::report {

using Tank = Reported<TankMethod>;

QString Tank::whatWasDone(const Own& report) {
    return tr("You were weighed on land and %1 times under water after breathing out. Fat is lighter than "
              "water and "
              "the rest is heavier, so the two weights together show how much of you is fat.")
        .arg(report.record.trials.counting());
}

void Tank::checks(PageFlow& flow, const Own& report) {
    const HydrostaticTest& test = report.record;
    for (const LoadCellCheck& check : test.loadCellChecks)
        flow.paragraph(tr("Load cell at %1: reference %2 kg read %3 kg; chair and belt %4 kg.")
                           .arg(clock(check.at), number(check.referenceNominal.value(), 3),
                                number(check.referenceReading.value(), 3), number(check.tare.value(), 3)),
                       9);
    QStringList efforts;
    for (const VitalCapacityEffort& effort : test.efforts)
        efforts << number(effort.volume.value(), 2) + (effort.acceptable ? QString() : tr(" (not acceptable)"));
    if (!efforts.isEmpty())
        flow.paragraph(tr("Vital capacity, L BTPS: %1.").arg(efforts.join(QStringLiteral("; "))), 9);
}

void Tank::readings(PageFlow& flow, const Own& report) {
    const HydrostaticTest& test = report.record;
    const HydrostaticResult& result = report.result;
    const std::vector<double> columns{0.08, 0.14, 0.14, 0.1, 0.54};
    const std::vector<int> numbers{1, 2};
    flow.heading(tr("Trials"));
    flow.row({tr("trial"), tr("gross, kg"), tr("net, kg"), tr("time"), tr("used, or why not")}, columns, true,
             numbers);
    for (const WeighingTrial& trial : test.trials) {
        const bool used = std::ranges::find(result.trials.used, trial.number) != result.trials.used.end();
        flow.row({QString::number(trial.number), number(trial.gross.value(), 3), number(trial.net().value(), 3),
                  clock(trial.at), use(trial.counts(), used, trial.setAsideReason)},
                 columns, false, numbers);
    }
    flow.paragraph(say(result.trials.message));
    std::vector<const WeighingTrial*> traced;
    for (const WeighingTrial& trial : test.trials)
        if (!trial.trace.samples.empty())
            traced.push_back(&trial);
    for (std::size_t i = 0; i < traced.size(); i += 2) {
        std::vector<WeighingTrial> pair{*traced[i]};
        if (i + 1 < traced.size())
            pair.push_back(*traced[i + 1]);
        flow.figure(112, [pair](QPainter& painter, const QRectF& area) {
            for (std::size_t k = 0; k < pair.size(); ++k) {
                const QRectF half(area.left() + static_cast<double>(k) * area.width() / 2.0, area.top(),
                                  area.width() / 2.0 - 8.0, area.height());
                painter.setFont(textFont(9));
                painter.setPen(printPalette().softInk);
                painter.drawText(QRectF(half.left() + 48, half.top(), 100, 12), Qt::AlignLeft,
                                 tr("trial %1, kg").arg(pair[k].number));
                // The figure is drawn for the screen: on paper it stands at seven tenths.
                const QRectF area70(0, 0, half.width() / 0.7, (half.height() - 10.0) / 0.7);
                painter.save();
                painter.translate(half.left(), half.top() + 10.0);
                painter.scale(0.7, 0.7);
                paintTrace(painter, area70,
                           {pair[k].trace.samples, hydrostatic::analyseTrace(pair[k].trace.samples)},
                           printPalette());
                painter.restore();
            }
        });
    }
}

void Tank::sources(PageFlow& flow, const Own& report) {
    const HydrostaticResult& result = report.result;
    flow.paragraph(tr("Body density: %1. Water density: %2.")
                       .arg(cite("hydrostatic.body-density"), cite("water.density.tanaka-2001")),
                   8.5);
    flow.paragraph(result.residualVolume.measured
                       ? tr("Residual volume measured: %1.").arg(plain(result.residualVolume.how))
                       : tr("Residual volume predicted: %1.").arg(cite(result.residualVolume.equation)),
                   8.5);
    flow.paragraph(tr("Computed by %1.").arg(plain(std::string(engineVersion))), 8.5);
}

} // namespace fusain::report

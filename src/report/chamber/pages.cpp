#include "core/anthropometry/surface_area.hpp"
#include "report/base/words.hpp"
#include "report/chamber/method.hpp"
#include "report/chamber/volume_figure.hpp"

#include <cmath>

namespace fusain::report {

using Chamber = Reported<ChamberMethod>;

QString Chamber::whatWasDone(const Own& report) {
    return tr("You were weighed, and the chamber measured %1 times how much air you displace: that is your "
              "volume. Fat "
              "takes more room for its weight than the rest, so weight and volume together show how much of "
              "you is fat.")
        .arg(report.record.trials.counting());
}

void Chamber::checks(PageFlow& flow, const Own& report) {
    const ChamberTest& test = report.record;
    for (const ScaleCheck& check : test.scaleChecks)
        flow.paragraph(
            tr("Scale at %1: %2 kg read %3 kg.")
                .arg(clock(check.at), number(check.nominal.value(), 3), number(check.reading.value(), 3)),
            9);
    for (const ChamberCalibration& calibration : test.calibrations)
        flow.paragraph(calibration.fromPressures
                           ? tr("Calibrated at %1 with the cylinder of %2 L; empty ratio %3, with cylinder %4.")
                                 .arg(clock(calibration.at), number(calibration.cylinderCertified.value(), 3),
                                      number(calibration.fromPressures->empty.ratio, 6),
                                      number(calibration.fromPressures->cylinder.ratio, 6))
                           : tr("At %1 the chamber read %2 L for the cylinder of %3 L.")
                                 .arg(clock(calibration.at), number(calibration.cylinderReading.value(), 3),
                                      number(calibration.cylinderCertified.value(), 3)),
                       9);
}

void Chamber::readings(PageFlow& flow, const Own& report) {
    const ChamberTest& test = report.record;
    const ChamberResult& result = report.result;
    const std::vector<double> columns{0.08, 0.08, 0.16, 0.16, 0.1, 0.42};
    const std::vector<int> numbers{2, 3};
    flow.heading(tr("Volume trials"));
    flow.row(
        {tr("trial"), tr("set"), tr("raw volume, L"), tr("± within, L"), tr("time"), tr("used, or why not")},
        columns, true, numbers);
    for (const VolumeTrial& trial : test.trials) {
        const bool used = std::ranges::find(result.trials.used, trial.number) != result.trials.used.end();
        flow.row(
            {QString::number(trial.number), QString::number(trial.set), number(trial.volume.value(), 3),
             trial.standardError.value() > 0.0 ? number(trial.standardError.value(), 3) : QStringLiteral("–"),
             clock(trial.at), use(trial.counts(), used, trial.setAsideReason)},
            columns, false, numbers);
    }
    flow.paragraph(say(result.trials.message));
    for (const VolumeTrial& trial : test.trials)
        if (const ChamberCalibration* made = test.calibrations.find(trial.calibration);
            made && made->fromPressures && !trial.pressures.samples.empty())
            flow.figure(
                84, [trial, calibration = *made->fromPressures,
                     known = airdisplacement::Occupant{Kilograms(test.mass->value),
                                                       anthropometry::surfaceAreaDuBois1916(
                                                           Kilograms(test.mass->value), test.subject.height)}](
                        QPainter& painter, const QRectF& area) {
                    painter.setFont(textFont(9));
                    painter.setPen(printPalette().softInk);
                    painter.drawText(QRectF(area.left(), area.top(), 200, 12), Qt::AlignLeft,
                                     tr("trial %1, L").arg(trial.number));
                    paintVolumeTrace(painter, area.adjusted(0, 12, 0, 0),
                                     airdisplacement::readVolume(trial.pressures.samples, calibration, known),
                                     printPalette());
                });
}

void Chamber::sources(PageFlow& flow, const Own& report) {
    const ChamberResult& result = report.result;
    flow.paragraph(tr("Body volume: %1. Surface area: %2.")
                       .arg(cite("chamber.body-volume"), cite("anthropometry.surface-area.dubois-1916")),
                   8.5);
    flow.paragraph(result.thoracicGas.measured
                       ? tr("Thoracic gas measured: %1.").arg(plain(result.thoracicGas.how))
                       : tr("Thoracic gas predicted: %1.").arg(cite(result.thoracicGas.equation)),
                   8.5);
    flow.paragraph(tr("Computed by %1.").arg(plain(std::string(chamberEngineVersion))), 8.5);
}

} // namespace fusain::report

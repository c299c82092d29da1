#include "core/anthropometry/surface_area.hpp"
#include "core/equations.hpp"
#include "report/dxa_pages.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/figures/trace_figure.hpp"
#include "report/figures/volume_figure.hpp"
#include "report/result_figures.hpp"
#include "report/words.hpp"

#include <QCoreApplication>
#include <cmath>

namespace fusain::report {
namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("fusain", text);
}
QString plain(const std::string& text) {
    return QString::fromStdString(text);
}
QString cite(const std::string& id) {
    const Equation* equation = findEquation(id);
    return equation ? plain(std::string(equation->citation)) : QString();
}

void heading(PageFlow& flow, const TestReport& report) {
    const RawTest& test = report.record();
    flow.title(tr("Lab copy: %1").arg(say(methodTitle(methodOf(report.computed.test)))));
    flow.paragraph(tr("%1 · %2, %3 y, %4 cm · %5 %6 · test %7, version %8")
                       .arg(report.namesHidden ? plain(report.client.code) : plain(report.client.name),
                            plain(std::string(sexText(test.subject.sex))),
                            number(std::floor(test.subject.age.value()), 0),
                            number(centimetres(test.subject.height), 1), longDay(test.startedAt),
                            clock(test.startedAt), plain(test.id))
                       .arg(test.version),
                   9.5, printPalette().softInk);
    if (test.version > 1)
        flow.paragraph(tr("Amended: %1. The earlier version is kept.").arg(plain(test.amendmentReason)));
    if (test.state != TestState::Signed)
        flow.paragraph(tr("Not signed: a draft."), 10.5, printPalette().berry);
    flow.rule();
}

void results(PageFlow& flow, const TestReport& report) {
    const std::vector<double> columns{0.34, 0.16, 0.12, 0.19, 0.19};
    const std::vector<int> numbers{1, 3, 4};
    flow.heading(tr("Results"));
    flow.row({tr("quantity"), tr("value"), tr("unit"), tr("95 % interval ±"), tr("method error")}, columns,
             true, numbers);
    const auto line = [&](const QString& name, const auto& value, int decimals, const QString& unit) {
        flow.row({name, number(value.estimate().value(), decimals), unit,
                  number(normal95 * value.technicalError().value(), decimals),
                  value.methodError().value() > 0.0 ? number(value.methodError().value(), decimals)
                                                    : QStringLiteral("–")},
                 columns, false, numbers);
    };
    if (const DensityResult* density = report.computed.density())
        line(tr("body density"), density->body.density, 4, QStringLiteral("kg/L"));
    if (const auto* c = report.composition()) {
        line(tr("fat"), c->fatPercent, 1, QStringLiteral("%"));
        line(tr("fat mass"), c->fatMass, 1, QStringLiteral("kg"));
        line(tr("fat-free mass"), c->fatFreeMass, 1, QStringLiteral("kg"));
        line(tr("fat mass index"), c->fatMassIndex, 1, QStringLiteral("kg/m²"));
        line(tr("fat-free mass index"), c->fatFreeMassIndex, 1, QStringLiteral("kg/m²"));
    }
    if (const ImpedanceResult* impedance = report.impedance()) {
        if (impedance->bodyWater)
            line(tr("body water"), *impedance->bodyWater, 1, QStringLiteral("L"));
        if (impedance->skeletalMuscle)
            line(tr("skeletal muscle"), *impedance->skeletalMuscle, 1, QStringLiteral("kg"));
        if (impedance->limbLean)
            line(tr("lean mass of the limbs"), *impedance->limbLean, 1, QStringLiteral("kg"));
        if (impedance->phaseAngle)
            line(tr("phase angle"), *impedance->phaseAngle, 2, QStringLiteral("°"));
    }
    if (const DxaResult* scan = report.dxa()) {
        line(tr("lean"), scan->lean, 1, QStringLiteral("kg"));
        line(tr("bone mineral"), scan->boneMineral, 2, QStringLiteral("kg"));
        line(tr("lean mass of the limbs"), scan->limbLean, 1, QStringLiteral("kg"));
    }
    flow.paragraph(
        report.dxa()
            ? tr("The interval is that of a scan taken again, by the precision that the policy states. The "
                 "method error is how a densitometer's fat lies to the truth for one person.")
        : report.computed.density()
            ? tr("The interval holds what the measurement itself leaves open. The method error is the "
                 "spread of fat-free density between people; repeating the test does not shrink it.")
            : tr("The interval holds the reading and the published error of the equation for one person; the "
                 "second is the same again when the test is repeated and does not blur a change."),
        8.5, printPalette().softInk);
}

void sheet(PageFlow& flow, const TestReport& report) {
    const std::vector<double> columns{0.06, 0.21, 0.1, 0.07, 0.09, 0.47};
    const std::vector<int> numbers{2, 4};
    flow.heading(tr("Worked sheet"));
    flow.row({QString(), tr("quantity"), tr("value"), tr("unit"), tr("±"), tr("how")}, columns, true, numbers);
    for (const WorkedLine& line : report.computed.sheet())
        flow.row(
            {plain(line.symbol), say(std::string_view(line.name)), plain(line.value), plain(line.unit),
             plain(line.plusMinus),
             say(line.how) + (line.formula.empty() ? QString() : QStringLiteral("; ") + plain(line.formula))},
            columns, false, numbers);
    if (!report.composition())
        return;
    flow.heading(tr("Where the uncertainty comes from (%fat)"));
    for (const BudgetLine& line : report.composition()->fatPercent.budget())
        flow.row({say(sourceName(line.source)), number(100.0 * line.fraction, 0) + QStringLiteral(" %"),
                  QStringLiteral("± ") + number(line.standardError, 2)},
                 {0.4, 0.12, 0.15}, false, {1, 2});
}

QString use(bool counts, bool used, const std::string& setAside) {
    return !counts ? tr("set aside: %1").arg(plain(setAside))
           : used  ? tr("used")
                   : tr("counts, not used by the rule");
}

void trials(PageFlow& flow, const HydrostaticTest& test, const HydrostaticResult& result) {
    const std::vector<double> columns{0.08, 0.14, 0.14, 0.1, 0.54};
    const std::vector<int> numbers{1, 2};
    flow.heading(tr("Trials"));
    flow.row({tr("trial"), tr("gross, kg"), tr("net, kg"), tr("time"), tr("used, or why not")}, columns, true,
             numbers);
    for (const WeighingTrial& trial : test.trials) {
        const bool used = std::ranges::find(result.trials.used, trial.number) != result.trials.used.end();
        flow.row({QString::number(trial.number), number(trial.gross.value(), 3),
                  number((trial.gross - result.tare).value(), 3), clock(trial.at),
                  use(trial.counts(), used, trial.setAsideReason)},
                 columns, false, numbers);
    }
    flow.paragraph(say(result.trials.message));
    std::vector<const WeighingTrial*> traced;
    for (const WeighingTrial& trial : test.trials)
        if (!trial.trace.empty())
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
                paintTrace(painter, area70, {pair[k].trace, hydrostatic::analyseTrace(pair[k].trace)},
                           printPalette());
                painter.restore();
            }
        });
    }
}

void trials(PageFlow& flow, const ChamberTest& test, const ChamberResult& result) {
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
    if (!test.calibration || !test.calibration->fromPressures)
        return;
    for (const VolumeTrial& trial : test.trials)
        if (!trial.samples.empty())
            flow.figure(
                84, [trial, calibration = *test.calibration->fromPressures,
                     known = airdisplacement::Occupant{Kilograms(test.mass->value),
                                                       anthropometry::surfaceAreaDuBois1916(
                                                           Kilograms(test.mass->value), test.subject.height)}](
                        QPainter& painter, const QRectF& area) {
                    painter.setFont(textFont(9));
                    painter.setPen(printPalette().softInk);
                    painter.drawText(QRectF(area.left(), area.top(), 200, 12), Qt::AlignLeft,
                                     tr("trial %1, L").arg(trial.number));
                    paintVolumeTrace(painter, area.adjusted(0, 12, 0, 0),
                                     airdisplacement::readVolume(trial.samples, calibration, known),
                                     printPalette());
                });
}

void checks(PageFlow& flow, const HydrostaticTest& test) {
    if (test.loadCell)
        flow.paragraph(tr("Load cell at %1: reference %2 kg read %3 kg; chair and belt %4 kg.")
                           .arg(clock(test.loadCell->at), number(test.loadCell->referenceNominal.value(), 3),
                                number(test.loadCell->referenceReading.value(), 3),
                                number(test.loadCell->tare.value(), 3)),
                       9);
    QStringList efforts;
    for (const VitalCapacityEffort& effort : test.efforts)
        efforts << number(effort.volume.value(), 2) + (effort.acceptable ? QString() : tr(" (not acceptable)"));
    if (!efforts.isEmpty())
        flow.paragraph(tr("Vital capacity, L BTPS: %1.").arg(efforts.join(QStringLiteral("; "))), 9);
}

void checks(PageFlow& flow, const ChamberTest& test) {
    if (test.scale)
        flow.paragraph(tr("Scale at %1: %2 kg read %3 kg.")
                           .arg(clock(test.scale->at), number(test.scale->nominal.value(), 3),
                                number(test.scale->reading.value(), 3)),
                       9);
    if (const auto& calibration = test.calibration)
        flow.paragraph(calibration->fromPressures
                           ? tr("Calibrated at %1 with the cylinder of %2 L; empty ratio %3, with cylinder %4.")
                                 .arg(clock(calibration->at), number(calibration->cylinderCertified.value(), 3),
                                      number(calibration->fromPressures->empty.ratio, 6),
                                      number(calibration->fromPressures->cylinder.ratio, 6))
                           : tr("At %1 the chamber read %2 L for the cylinder of %3 L.")
                                 .arg(clock(calibration->at), number(calibration->cylinderReading.value(), 3),
                                      number(calibration->cylinderCertified.value(), 3)),
                       9);
}

void sources(PageFlow& flow, const HydrostaticResult& result) {
    flow.paragraph(tr("Body density: %1. Water density: %2.")
                       .arg(cite("hydrostatic.body-density"), cite("water.density.tanaka-2001")),
                   8.5);
    flow.paragraph(result.residualVolume.measured
                       ? tr("Residual volume measured: %1.").arg(plain(result.residualVolume.how))
                       : tr("Residual volume predicted: %1.").arg(cite(result.residualVolume.equation)),
                   8.5);
    flow.paragraph(tr("Computed by %1.").arg(plain(std::string(engineVersion))), 8.5);
}

void sources(PageFlow& flow, const ChamberResult& result) {
    flow.paragraph(tr("Body volume: %1. Surface area: %2.")
                       .arg(cite("chamber.body-volume"), cite("anthropometry.surface-area.dubois-1916")),
                   8.5);
    flow.paragraph(result.thoracicGas.measured
                       ? tr("Thoracic gas measured: %1.").arg(plain(result.thoracicGas.how))
                       : tr("Thoracic gas predicted: %1.").arg(cite(result.thoracicGas.equation)),
                   8.5);
    flow.paragraph(tr("Computed by %1.").arg(plain(std::string(chamberEngineVersion))), 8.5);
}

void checks(PageFlow& flow, const ImpedanceTest& test) {
    if (test.moduleCheck)
        flow.paragraph(tr("Test module at %1: %2 Ω read %3 Ω.")
                           .arg(clock(test.moduleCheck->at), number(test.moduleCheck->nominal.value(), 1),
                                number(test.moduleCheck->reading.value(), 1)),
                       9);
    flow.paragraph(tr("%1 %2, %3 electrodes, %4, %5 side.")
                       .arg(plain(test.setup.analyzer), plain(test.setup.firmware))
                       .arg(test.setup.electrodes)
                       .arg(say(impedance::geometryName(test.setup.geometry)), plain(test.setup.side)),
                   9);
    if (test.identity)
        for (const std::string& doubt : test.identity->doubts)
            flow.paragraph(tr("Identity confirmed although: %1").arg(plain(doubt)), 9);
}

void checks(PageFlow& flow, const DxaTest& test) {
    dxaChecks(flow, test);
}

void sources(PageFlow& flow, const DxaResult&) {
    flow.paragraph(tr("Fat, lean and bone mineral as the densitometer gives them; its own equations are not "
                      "published. Indices: sources on the worked sheet. Computed by %1.")
                       .arg(plain(std::string(dxaEngineVersion))),
                   8.5);
}

void sources(PageFlow& flow, const ImpedanceResult& result) {
    for (const EquationEstimate& each : result.estimates)
        if (each.chosen)
            flow.paragraph(
                plain(std::string(each.equation->title) + ": " + std::string(each.equation->citation) + "."),
                8.5);
    if (result.fluids)
        flow.paragraph(tr("Water from the arc: %1.")
                           .arg(plain(std::string(impedance::fluidMethodTitle(result.fluids->method)))),
                       8.5);
    flow.paragraph(tr("Computed by %1.").arg(plain(std::string(impedanceEngineVersion))), 8.5);
}

// The sweep that counts, segment by segment at 50 kHz, what the signal said, and the pictures.
void sweeps(PageFlow& flow, const ImpedanceTest& test, const TestReport& report) {
    const ImpedanceSweep* sweep = test.sweep();
    flow.heading(tr("Sweeps"));
    for (const ImpedanceSweep& each : test.sweeps)
        flow.paragraph(each.counts()
                           ? tr("Sweep %1 at %2%3.")
                                 .arg(each.number)
                                 .arg(clock(each.at), &each == sweep ? tr(", used") : tr(", not used"))
                           : tr("Sweep %1 at %2 set aside: %3.")
                                 .arg(each.number)
                                 .arg(clock(each.at), plain(each.setAsideReason)),
                       9);
    if (!sweep)
        return;
    const std::vector<double> columns{0.22, 0.13, 0.13, 0.13, 0.13, 0.26};
    flow.row({tr("at 50 kHz"), tr("R, Ω"), tr("Xc, Ω"), tr("|Z|, Ω"), tr("phase, °"), tr("frequencies")},
             columns, true, {1, 2, 3, 4});
    for (const impedance::Spectrum& spectrum : sweep->readings.spectra)
        if (const auto* point = spectrum.at(impedance::standardFrequency))
            flow.row({say(impedance::segmentName(spectrum.segment)),
                      point->impedance ? number(point->impedance->resistance.value(), 1) : QStringLiteral("–"),
                      point->impedance ? number(point->impedance->reactance.value(), 1) : QStringLiteral("–"),
                      number(point->magnitude.value(), 1),
                      point->impedance ? number(impedance::phaseAngle(*point->impedance).value(), 2)
                                       : QStringLiteral("–"),
                      tr("%1 from %2 to %3 kHz")
                          .arg(spectrum.points.size())
                          .arg(spectrum.points.front().frequency.value() / 1e3)
                          .arg(spectrum.points.back().frequency.value() / 1e3)},
                     columns, false, {1, 2, 3, 4});
    for (const std::string& finding : sweep->findings)
        flow.paragraph(tr("Signal: %1").arg(plain(finding)), 9);
    for (const NamedFigure& figure : figuresOf(report))
        if (figure.onPaper)
            flow.figure(210, [figure](QPainter& painter, const QRectF& area) {
                painter.save();
                painter.translate(area.topLeft());
                painter.scale(0.75, 0.75);
                figure.paint(painter, QRectF(0, 0, area.width() / 0.75, area.height() / 0.75), printPalette());
                painter.restore();
            });
}

void sameDay(PageFlow& flow, const TestReport& report) {
    for (const OtherMethod& other : report.sameDay) {
        flow.heading(tr("Other method on the same day"));
        flow.paragraph(
            tr("%1: %2 % fat. Difference %3 points; the two can differ by %4 (95 %): %5. %6")
                .arg(say(methodTitle(other.method)), number(other.fatPercent.value(), 1),
                     QString::fromStdString(signedFixed(other.difference, 1)), number(other.halfInterval, 1),
                     other.agrees() ? tr("they agree") : tr("they do not agree"), say(other.likelyCause)),
            9.5);
    }
}

void preparation(PageFlow& flow, const TestReport& report) {
    const RawTest& test = report.record();
    flow.heading(report.computed.density() ? tr("Checks, lungs and preparation")
                                           : tr("Checks and preparation"));
    std::visit([&](const auto& own) { checks(flow, own); }, report.computed.test);
    int kept = 0;
    std::array<int, 3> told{};
    for (const AnsweredQuestion& answer : test.answers) {
        ++told[static_cast<std::size_t>(answer.answer.keptAsTold)];
        const auto* rule = report.protocol.find(answer.rule);
        if (answer.finding.kept || !rule) {
            ++kept;
            continue;
        }
        flow.paragraph(
            tr("– %1 Not kept; %2. %3")
                .arg(say(std::string_view(rule->question)), say(effectText(rule->effect)),
                     answer.acceptedReason.empty()
                         ? QString()
                         : tr("Gone on: %1 (%2).").arg(plain(answer.acceptedReason), plain(answer.acceptedBy))),
            9);
    }
    flow.paragraph(tr("%1 of %2 screening and readiness questions were answered as the protocol asks.")
                       .arg(kept)
                       .arg(test.answers.size()),
                   9);
    if (const auto [named, list, group] = told; list + group > 0)
        flow.paragraph(
            tr("Of these, %1 were said in one go to a list that was read out, and %2 together with a "
               "group; they carry no time or figure of their own.")
                .arg(list)
                .arg(group),
            9);
    if (!report.history.empty())
        for (const Message& difference :
             preparationDifferences(test, report.history.back().record(), report.protocol))
            flow.paragraph(say(difference), 9);
    for (const std::string& note : test.notes)
        flow.paragraph(tr("Note: %1").arg(plain(note)), 9);
    for (const Message& flag : report.result().flags)
        flow.paragraph(tr("Flag: %1").arg(say(flag)), 9);
}

void policies(PageFlow& flow, const TestReport& report) {
    flow.heading(tr("Policies and sources"));
    flow.paragraph(
        tr("Trials: %1 (%2).")
            .arg(plain(common(report.computed.policy).title), plain(common(report.computed.policy).source)),
        8.5);
    if (!report.result().conversion.empty())
        flow.paragraph(tr("Conversion: %1.").arg(cite(report.result().conversion)), 8.5);
    std::visit([&](const auto& own) { sources(flow, own); }, report.computed.result);
    if (report.fatReference)
        flow.paragraph(tr("Reference: %1; %2; %3.")
                           .arg(plain(report.fatReference->title), plain(report.fatReference->citation),
                                plain(report.fatReference->bandMeaning)),
                       8.5);
    if (!report.record().interpretation.empty()) {
        flow.heading(tr("Interpretation"));
        flow.paragraph(plain(report.record().interpretation), 9.5);
    }
    flow.heading(tr("Signed"));
    flow.paragraph(
        report.record().signature
            ? tr("%1 and %2, %3")
                  .arg(plain(report.technician),
                       report.physiologist.empty() ? tr("no physiologist") : plain(report.physiologist),
                       longDay(report.record().signature->at) + QLatin1Char(' ') +
                           clock(report.record().signature->at))
            : tr("not yet"),
        9.5);
}

} // namespace

PageFlow labCopy(const TestReport& report) {
    PageFlow flow(tr("%1 · lab copy").arg(plain(report.labName)));
    heading(flow, report);
    results(flow, report);
    sheet(flow, report);
    if (const auto* tank = std::get_if<HydrostaticTest>(&report.computed.test))
        trials(flow, *tank, std::get<HydrostaticResult>(report.computed.result));
    else if (const auto* impedance = std::get_if<ImpedanceTest>(&report.computed.test))
        sweeps(flow, *impedance, report);
    else if (const auto* scan = std::get_if<DxaTest>(&report.computed.test))
        dxaScans(flow, *scan, report);
    else
        trials(flow, std::get<ChamberTest>(report.computed.test),
               std::get<ChamberResult>(report.computed.result));
    sameDay(flow, report);
    preparation(flow, report);
    policies(flow, report);
    return flow;
}

} // namespace fusain::report

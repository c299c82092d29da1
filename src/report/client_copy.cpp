#include "report/dxa_pages.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/reference_rule.hpp"
#include "report/words.hpp"

#include <QCoreApplication>
#include <cmath>

namespace fusain::report {
namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("fusain", text);
}

void header(PageFlow& flow, const TestReport& report) {
    flow.title(tr("Your body composition"));
    const QString who = QString::fromStdString(report.namesHidden ? report.client.code : report.client.name);
    flow.paragraph(tr("%1 · %2 on %3 · %4")
                       .arg(who, say(methodTitle(methodOf(report.computed.test))),
                            longDay(report.record().startedAt), QString::fromStdString(report.labName)),
                   10.5, printPalette().softInk);
    if (report.record().version > 1)
        flow.paragraph(tr("This is version %1. It replaces an earlier page: %2")
                           .arg(report.record().version)
                           .arg(QString::fromStdString(report.record().amendmentReason)));
    flow.rule();
}

QString whatWasDone(const TestReport& report) {
    if (const auto* tank = std::get_if<HydrostaticTest>(&report.computed.test))
        return tr("You were weighed on land and %1 times under water after breathing out. Fat is lighter than "
                  "water and "
                  "the rest is heavier, so the two weights together show how much of you is fat.")
            .arg(std::ranges::count_if(tank->trials, &WeighingTrial::counts));
    if (report.dxa())
        return tr(
            "You were weighed, and lay on a table while a very weak X-ray beam went over you. Fat, lean and "
            "bone hold it back differently: that shows how much of each there is, and where.");
    if (report.impedance())
        return tr(
            "You were weighed, and a current too weak to feel ran through your body. Water and muscle let it "
            "pass easily, fat hardly does: from how much it was held back, the amounts can be worked out.");
    const auto& chamber = std::get<ChamberTest>(report.computed.test);
    return tr("You were weighed, and the chamber measured %1 times how much air you displace: that is your "
              "volume. Fat "
              "takes more room for its weight than the rest, so weight and volume together show how much of "
              "you is fat.")
        .arg(std::ranges::count_if(chamber.trials, &VolumeTrial::counts));
}

void otherMethods(PageFlow& flow, const TestReport& report) {
    for (const OtherMethod& other : report.sameDay) {
        flow.heading(tr("The other measurement today"));
        const QString method = say(methodTitle(other.method));
        flow.paragraph(
            other.agrees()
                ? tr("The other method (%1) gave the same within what the two can tell apart.").arg(method)
                : tr("The other method (%1) gave a different value, more than the two usually differ. Please "
                     "ask "
                     "us before you rely on either.")
                      .arg(method));
    }
}

const reference::ReferenceRow* referenceRow(const TestReport& report) {
    return report.fatReference
               ? report.fatReference->rowFor(report.record().subject.sex, report.record().subject.age)
               : nullptr;
}

// Where the value lies, in words. A value whose interval reaches over an edge of the band is not put on one
// side.
QString placeInWords(const reference::ReferenceRow& row, double fat, double half, bool withNumbers) {
    const QString band = withNumbers
                             ? tr("the range of this reference for people of your sex and age (%1 to %2 %)")
                                   .arg(number(row.low, 0), number(row.high, 0))
                             : tr("the range of this reference for people of your sex and age");
    if (fat + half < row.low)
        return tr("Your value lies below %1.").arg(band);
    if (fat - half > row.high)
        return tr("Your value lies above %1.").arg(band);
    if (fat >= row.low && fat <= row.high)
        return tr("Your value lies within %1.").arg(band);
    return tr("Your value lies at the edge of %1; the test cannot say on which side.").arg(band);
}

void scale(PageFlow& flow, const TestReport& report, double fat, double half) {
    const RuleModel model = referenceRule(tr("Body fat"), QStringLiteral("%"), {fat, half}, 5.0,
                                          report.fatReference, report.record().subject);
    flow.figure(ruleHeight, [model](QPainter& painter, const QRectF& area) {
        paintRule(painter, area, model, printPalette());
    });
    flow.gap(4);
}

void masses(PageFlow& flow, const TestReport& report) {
    const auto& composition = *report.composition();
    const auto mass = [&](const Measured<Kilograms>& value) {
        const Shown half95 = show(Kilograms(normal95 * value.technicalError().value()), report.units);
        return say(show(value.estimate(), report.units)) +
               QStringLiteral("  (± %1)").arg(QString::fromStdString(half95.number));
    };
    const std::vector<double> columns{0.5, 0.5};
    flow.row({tr("Your body mass"), say(show(report.result().mass, report.units))}, columns, false, {}, 10.5);
    flow.row({tr("Fat"), mass(composition.fatMass)}, columns, false, {}, 10.5);
    flow.row({tr("Everything else: muscle, bone, water, organs"), mass(composition.fatFreeMass)}, columns,
             false, {}, 10.5);
}

// What impedance adds to fat and the rest: water and the angle of the cells, in a line each.
void impedanceInWords(PageFlow& flow, const TestReport& report) {
    const ImpedanceResult* result = report.impedance();
    if (!result || report.withoutNumbers)
        return;
    const std::vector<double> columns{0.5, 0.5};
    const Litres water = result->fluids      ? result->fluids->total()
                         : result->bodyWater ? result->bodyWater->estimate()
                                             : Litres(0.0);
    if (water.value() > 0.0)
        flow.row({tr("Water in your body"), number(water.value(), 0) + QStringLiteral(" L")}, columns, false,
                 {}, 10.5);
    if (result->phaseAngle)
        flow.row({tr("Phase angle (a sign of how much of you is cells)"),
                  number(result->phaseAngle->estimate().value(), 1) + QStringLiteral("°")},
                 columns, false, {}, 10.5);
    const auto limbs = [&](const std::optional<impedance::LimbBalance>& pair, const QString& name) {
        if (pair)
            flow.row({name, pair->notable() ? tr("right and left differ; we will look at that together")
                                            : tr("right and left alike, as far as this test can tell")},
                     columns, false, {}, 10.5);
    };
    limbs(result->arms, tr("Your arms"));
    limbs(result->legs, tr("Your legs"));
}

void resultInWords(PageFlow& flow, const TestReport& report) {
    if (!report.composition()) {
        flow.heading(tr("The result"));
        flow.paragraph(
            tr("With electrodes under hands and feet this lab does not work out fat: the published equations "
               "were made for another way of measuring and would be wrong by kilograms. What was measured "
               "is good for following you over time."),
            12);
        return impedanceInWords(flow, report);
    }
    const auto& composition = *report.composition();
    const double fat = composition.fatPercent.estimate().value(),
                 half = normal95 * composition.fatPercent.technicalError().value();
    flow.heading(tr("The result"));
    if (!report.withoutNumbers) {
        flow.paragraph(tr("About %1 % of your body mass is fat. A measurement is never exact: your true value "
                          "by this method most likely lies between %2 and %3 %.")
                           .arg(number(fat, 0), number(fat - half, 0), number(fat + half, 0)),
                       13);
        scale(flow, report, fat, half);
    } else {
        flow.paragraph(
            tr("The measurement went well. This page is in words only; the person who tested you has "
               "the numbers and will talk them over with you if you wish."),
            13);
    }
    if (const auto* row = referenceRow(report))
        flow.paragraph(placeInWords(*row, fat, half, !report.withoutNumbers));
    else
        flow.paragraph(tr("The reference that this lab uses does not cover your age."));
    if (!report.withoutNumbers)
        masses(flow, report);
    if (const ImpedanceResult* impedance = report.impedance(); impedance && impedance->fromReported)
        flow.paragraph(
            tr("These values are as the instrument reported them; how it works them out is not published."));
    impedanceInWords(flow, report);
    if (report.dxa() && !report.withoutNumbers)
        dxaInWords(flow, report);
}

QString changeInWords(const Change& change, const QString& what, const TestReport& report) {
    if (!change.real())
        return tr("%1: no change that this test can tell apart.").arg(what);
    if (report.withoutNumbers)
        return change.difference < 0.0 ? tr("%1: less than then.").arg(what)
                                       : tr("%1: more than then.").arg(what);
    const QString size = say(show(Kilograms(std::abs(change.difference)), report.units));
    return change.difference < 0.0 ? tr("%1: %2 less.").arg(what, size) : tr("%1: %2 more.").arg(what, size);
}

void comparison(PageFlow& flow, const TestReport& report) {
    const auto outcome = outcomeOf(report.computed);
    if (!outcome)
        return;
    const auto since = [&](const Outcome& past, const QString& heading) {
        const Changes changes = changesSince(past, *outcome, report.precision);
        flow.heading(heading.arg(longDay(past.at)));
        flow.paragraph(changeInWords(changes.fatMass, tr("Fat"), report) + QLatin1Char(' ') +
                       changeInWords(changes.fatFreeMass, tr("Everything else"), report));
    };
    if (report.earlier)
        since(*report.earlier, tr("Since your last test, %1"));
    if (report.baseline)
        since(*report.baseline, tr("Since your first test, %1"));
}

QString directionInWords(readiness::Effect effect) {
    switch (effect) {
    case readiness::Effect::Over:
        return tr("That can make the fat look a little higher than it is.");
    case readiness::Effect::Under:
        return tr("That can make the fat look a little lower than it is.");
    case readiness::Effect::Noise:
        return tr("That can make the result less certain.");
    case readiness::Effect::None:
        break;
    }
    return {};
}

void disturbances(PageFlow& flow, const TestReport& report) {
    QStringList items;
    if (const DensityResult* density = report.computed.density(); density && !density->lungGasMeasured)
        items << (density->lungGas == Source::ThoracicGas
                      ? tr("The air in your chest was estimated from your height and age. Measuring it would "
                           "make the "
                           "result more certain.")
                      : tr("The air that stays in your lungs was estimated from your height and age. Measuring "
                           "it "
                           "would make the result about twice as certain."));
    for (const AnsweredQuestion& answer : report.record().answers)
        if (!answer.finding.kept)
            items << tr("You were not quite prepared as asked (\"%1\"). %2")
                         .arg(say(std::string_view(answer.question)), directionInWords(answer.effect));
    for (const Message& flag : report.result().flags)
        items << say(flag);
    flow.heading(tr("What could have disturbed it"));
    if (items.isEmpty())
        flow.paragraph(tr("Nothing that we noticed. You were prepared as asked, and the readings agreed."));
    for (const QString& item : items)
        flow.paragraph(QStringLiteral("– ") + item);
}

} // namespace

PageFlow clientCopy(const TestReport& report) {
    PageFlow flow(tr("%1 · client copy").arg(QString::fromStdString(report.labName)));
    header(flow, report);
    flow.heading(tr("What was done"));
    flow.paragraph(whatWasDone(report));
    resultInWords(flow, report);
    comparison(flow, report);
    otherMethods(flow, report);
    if (!report.record().interpretation.empty()) {
        flow.heading(tr("What we make of it"));
        flow.paragraph(QString::fromStdString(report.record().interpretation));
    }
    disturbances(flow, report);
    flow.heading(tr("Good to know"));
    flow.paragraph(tr(
        "This page describes your body on one day. It is not a diagnosis and says nothing about your worth or "
        "fitness by itself. If you "
        "plan to change your weight, or anything here worries you, talk to your doctor or dietitian first."));
    if (report.record().subject.age.value() < 18.0)
        flow.paragraph(
            tr("For the family: bodies change quickly while they grow. This is about growth, strength and "
               "health; there is no target for weight or fat at this age."));
    if (const auto outcome = outcomeOf(report.computed))
        flow.paragraph(
            tr("A next test makes sense in about %1 months, at the same time of day and prepared the "
               "same way: before that, a change would be too "
               "small for the test to see.")
                .arg(monthsToNextTest(*outcome)));
    flow.gap(8);
    flow.paragraph(
        tr("Tested by %1. %2")
            .arg(
                QString::fromStdString(report.technician),
                report.physiologist.empty()
                    ? QString()
                    : tr("The result is answered for by %1.").arg(QString::fromStdString(report.physiologist))),
        9, printPalette().softInk);
    return flow;
}

} // namespace fusain::report

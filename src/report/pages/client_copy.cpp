#include "core/anthropometry/ages.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/method/reference_rule.hpp"
#include "report/pages/client_words.hpp"
#include "report/pages/test_report.hpp"

#include <QCoreApplication>
#include <cmath>

namespace fusain::report {
namespace {

void header(PageFlow& flow, const TestReport& report) {
    flow.title(tr("Your body composition"));
    const QString who = QString::fromStdString(report.namesHidden ? report.client.code : report.client.name);
    flow.paragraph(tr("%1 · %2 on %3 · %4")
                       .arg(who, say(methodTitle(methodOf(report.computed.test))),
                            longDay(report.record().startedAt), QString::fromStdString(report.lab.name)),
                   10.5, printPalette().softInk);
    if (report.record().version > 1)
        flow.paragraph(tr("This is version %1. It replaces an earlier page: %2")
                           .arg(report.record().version)
                           .arg(QString::fromStdString(report.record().amendmentReason)));
    flow.rule();
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

ForClient forClient(const TestReport& report) {
    return {report.units, report.withoutNumbers};
}

void scale(PageFlow& flow, const TestReport& report, double fat, double half) {
    const RuleModel model = referenceRule(tr("Body fat"), QStringLiteral("%"), {fat, half}, 5.0,
                                          report.references.fat, report.record().subject);
    flow.figure(ruleHeight, [model](QPainter& painter, const QRectF& area) {
        paintRule(painter, area, model, printPalette());
    });
    flow.gap(4);
}

void masses(PageFlow& flow, const TestReport& report) {
    const auto& composition = *report.composition();
    const auto mass = [&](const Measured<Kilograms>& value) {
        const Shown half95 = show(value.halfInterval(), report.units);
        return say(show(value.estimate(), report.units)) +
               tr("  (± %1, 95 %)").arg(QString::fromStdString(half95.number));
    };
    const std::vector<double> columns{0.5, 0.5};
    flow.row({tr("Your body mass"), say(show(report.result().mass, report.units))}, columns, false, {}, 10.5);
    flow.row({tr("Fat"), mass(composition.fatMass)}, columns, false, {}, 10.5);
    flow.row({tr("Everything else: muscle, bone, water, organs"), mass(composition.fatFreeMass)}, columns,
             false, {}, 10.5);
}

// What the method adds to fat and the rest, in a line each.
void more(PageFlow& flow, const TestReport& report) {
    report.visit([&]<class Method>(const OwnReport<Method>& own) { Reported<Method>::inWords(flow, own); });
}

void resultInWords(PageFlow& flow, const TestReport& report) {
    if (!report.composition()) {
        flow.heading(tr("The result"));
        flow.paragraph(
            tr("With electrodes under hands and feet this lab does not work out fat: the published equations "
               "were made for another way of measuring and would be wrong by kilograms. What was measured "
               "is good for following you over time."),
            12);
        return more(flow, report);
    }
    const auto& composition = *report.composition();
    const double fat = composition.fatPercent.estimate().value(),
                 half = composition.fatPercent.halfInterval().value();
    flow.heading(tr("The result"));
    if (!report.withoutNumbers) {
        flow.paragraph(tr("About %1 % of your body mass is fat.").arg(number(fat, 0)) + QLatin1Char(' ') +
                           intervalForClient(composition.fatPercent),
                       13);
        scale(flow, report, fat, half);
    } else {
        flow.paragraph(
            tr("The measurement went well. This page is in words only; the person who tested you has "
               "the numbers and will talk them over with you if you wish."),
            13);
    }
    if (const auto* place = report.statements.place(Followed::FatPercent))
        flow.paragraph(placeForClient(place->place) + QLatin1Char(' ') + rangeForClient(*place, forClient(report)));
    else
        flow.paragraph(tr("The reference that this lab uses does not cover your age."));
    if (!report.withoutNumbers)
        masses(flow, report);
    more(flow, report);
}

void changesSince(PageFlow& flow, const TestReport& report, Since since, const QString& heading) {
    const auto* fat = report.statements.change(Followed::FatMass, since);
    const auto* rest = report.statements.change(Followed::FatFreeMass, since);
    if (!fat || !rest)
        return;
    flow.heading(heading.arg(longDay(fat->comparison.from)));
    flow.paragraph(QStringLiteral("%1. %2.").arg(
        changeForClient(tr("Fat"), fat->comparison.change, forClient(report)),
        changeForClient(tr("Everything else"), rest->comparison.change, forClient(report))));
}

void comparison(PageFlow& flow, const TestReport& report) {
    changesSince(flow, report, Since::Last, tr("Since your test on %1"));
    changesSince(flow, report, Since::First, tr("Since your first test, %1"));
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
    PageFlow flow(tr("%1 · client copy").arg(plain(report.lab.name)), report.lab);
    header(flow, report);
    flow.heading(tr("What was done"));
    flow.paragraph(report.visit(
        []<class Method>(const OwnReport<Method>& own) { return Reported<Method>::whatWasDone(own); }));
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
    if (report.record().subject.age < anthropometry::adultAge)
        flow.paragraph(
            tr("For the family: bodies change quickly while they grow. This is about growth, strength and "
               "health; there is no target for weight or fat at this age."));
    if (const auto outcome = outcomeOf(report.computed))
        flow.paragraph(
            tr("Best time for the next test: from %1 on, at the same time of day and prepared the same way. "
               "Sooner than that, usual changes are too small for the test to see.")
                .arg(longDay(
                    weeksAfter(report.record().startedAt, weeksToNextTest(*outcome, report.precision)))));
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

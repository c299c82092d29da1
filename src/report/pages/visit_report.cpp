#include "report/pages/visit_report.hpp"

#include "core/quality/precision.hpp"
#include "report/base/words.hpp"
#include "report/figures/course_figure.hpp"
#include "report/figures/spindles_figure.hpp"
#include "report/figures/trend_figure.hpp"
#include "report/method/parts.hpp"
#include "report/pages/client_words.hpp"
#include "report/pages/preparation_page.hpp"
#include "report/pages/result_figures.hpp"
#include "report/pages/talk_pages.hpp"
#include "report/pages/trend_model.hpp"

#include <QCoreApplication>
#include <array>
#include <cmath>

namespace fusain::report {

std::vector<NamedSpindle> spindlesOf(const MethodsOfADay& across) {
    std::vector<NamedSpindle> rows;
    const auto add = [&](std::string_view name, const Measured<Percent>& fat) {
        rows.push_back({say(name), fat.estimate().value(), fat.halfInterval().value(), false});
    };
    for (const MethodValue& value : across.values)
        add(methodTitle(value.method), value.fatPercent);
    for (const ModelValue& value : across.models)
        add(value.model->title, value.composition.fatPercent);
    const auto surest = std::ranges::min_element(rows, {}, &NamedSpindle::half);
    if (surest != rows.end())
        surest->strong = true;
    if (across.best)
        add(FUSAIN_TEXT("Combined estimate"), across.best->fatPercent);
    return rows;
}

QString inTogether(const MethodsOfADay& across) {
    if (!across.best)
        return {};
    QStringList parts;
    for (std::size_t i = 0; i < across.values.size(); ++i)
        parts << tr("%1 %2 %").arg(say(methodTitle(across.values[i].method)),
                                   number(100.0 * across.best->weights[i], 0));
    return tr("Combined estimate, beside the methods and never instead of them. Weights: %1.")
        .arg(parts.join(QStringLiteral(", ")));
}

namespace {

QString personOf(const VisitReport& visit) {
    return plain(visit.namesHidden ? visit.client.code : visit.client.name);
}

void spindles(PageFlow& flow, const MethodsOfADay& across) {
    const auto rows = spindlesOf(across);
    figureOnPaper(flow,
                  {{},
                   [rows](QPainter& painter, const QRectF& area, const Palette& palette) {
                       paintSpindles(painter, area, rows, palette);
                   }},
                  onPaper * spindlesHeight(rows.size()));
}

void opening(PageFlow& flow, const VisitReport& visit) {
    flow.title(tr("Your visit on %1").arg(longDay(visit.day())));
    QStringList methods;
    for (const TestReport& test : visit.tests)
        methods << say(methodTitle(methodOf(test.computed.test)));
    flow.paragraph(
        tr("%1 · %2 · %3").arg(personOf(visit), methods.join(QStringLiteral(", ")), plain(visit.lab.name)),
        10.5, printPalette().softInk);
    flow.rule();
}

// Only what the physiologist took over or wrote reaches the client.
void whatMatters(PageFlow& flow, const VisitReport& visit) {
    QStringList said;
    for (const TestReport& test : visit.tests)
        if (const QString text = plain(test.record().interpretation); !text.isEmpty() && !said.contains(text))
            said << text;
    if (said.isEmpty())
        return;
    flow.heading(tr("What matters today"));
    for (const QString& text : said)
        flow.paragraph(text, 11.5);
}

QString rangeText(const Measured<Percent>& fat) {
    const double value = fat.estimate().value(), half = fat.halfInterval().value();
    return tr("about %1 % of your mass is fat, very likely between %2 and %3 %")
        .arg(number(value, 0), number(value - half, 0), number(value + half, 0));
}

void measured(PageFlow& flow, const VisitReport& visit) {
    flow.heading(tr("What was measured"));
    for (const TestReport& test : visit.tests) {
        const QString method = sentence(say(methodTitle(methodOf(test.computed.test))));
        if (visit.withoutNumbers || !test.composition())
            flow.paragraph(test.composition()
                               ? tr("%1: the measurement went well.").arg(method)
                               : tr("%1: good for following you over time; no fat is worked out.").arg(method));
        else
            flow.paragraph(tr("%1: %2.").arg(method, rangeText(test.composition()->fatPercent)));
    }
    if (visit.withoutNumbers || visit.across.values.size() < 2)
        return;
    spindles(flow, visit.across);
    const bool agree = std::ranges::all_of(visit.across.pairs, &MethodPair::agrees);
    flow.paragraph(agree
                       ? tr("Where two bars overlap, the methods say the same: here they all do.")
                       : tr("Each method looks at another side of the body. Here some differ by more than they "
                            "usually do; please ask us before you rely on one of them."));
}

void bodyToday(PageFlow& flow, const VisitReport& visit) {
    const TestReport* richest = visit.richest();
    if (!richest || visit.withoutNumbers)
        return;
    flow.heading(tr("Your body, and how you compare"));
    flow.figure(
        visit.tests.size() > 2 ? 200 : 230,
        [core = coreFigure(*richest), field = fieldFigure(*richest)](QPainter& painter, const QRectF& area) {
            constexpr double scale = 0.68;
            const double half = 0.5 * area.width();
            paintScaled(painter, QRectF(area.left(), area.top(), half - 10, area.height()), scale, core, printPalette());
            paintScaled(painter, QRectF(area.left() + half, area.top(), half, area.height()), scale, field, printPalette());
        });
    flow.paragraph(tr("Left: what your mass is made of. Right: up means more fat for your height, to the right "
                      "more muscle and other lean mass; the path shows your visits."),
                   9.5, printPalette().softInk);
}

QString sinceInWords(const QString& frame, const VisitReport::Since& since, const VisitReport& visit) {
    return frame.arg(longDay(since.earlier), say(methodTitle(since.method)),
                     balanceForClient(since.balance, {visit.units, visit.withoutNumbers}));
}

void changed(PageFlow& flow, const VisitReport& visit) {
    std::size_t visits = 0;
    for (const Series& line : visit.series)
        visits = std::max(visits, line.points.size());
    if (visits < 2 && !visit.since)
        return;
    flow.heading(tr("What changed"));
    if (visits >= 2 && !visit.withoutNumbers)
        figureOnPaper(flow,
                      {{},
                       [model = trendModel(visit.followed, visit.series)](
                           QPainter& painter, const QRectF& area, const Palette& palette) {
                           paintTrend(painter, area, model, palette);
                       }},
                      150);
    if (visit.sinceFirst)
        flow.paragraph(sinceInWords(tr("Since your first test on %1 (%2): %3."), *visit.sinceFirst, visit));
    if (visit.since)
        flow.paragraph(sinceInWords(tr("Since %1 (%2): %3."), *visit.since, visit));
}

void plan(PageFlow& flow, const VisitReport& visit) {
    if (!visit.plan || visit.withoutNumbers || visit.minor())
        return;
    const Plan& plan = *visit.plan;
    flow.heading(tr("The plan"));
    flow.paragraph(tr("Eaten %1 to %2 kcal a day, with the way of life that you described, your mass would "
                      "most likely lie "
                      "between %3 and %4 after %5 weeks. People differ: what counts is how it goes.")
                       .arg(number(50.0 * std::floor(plan.intake.value() / 50.0), 0),
                            number(50.0 * std::floor(plan.intake.value() / 50.0) + 100.0, 0),
                            say(show(plan.points.back().lowest, visit.units)),
                            say(show(plan.points.back().highest, visit.units)))
                       .arg(visit.planRequest.weeks));
    if (plan.proteinHigh > 0.0)
        flow.paragraph(tr("Protein: %1 to %2 g a day, spread over the meals.")
                           .arg(number(plan.proteinLow, 0), number(plan.proteinHigh, 0)));
    flow.paragraph(
        tr("Talk the plan over with your doctor or dietitian before you begin, and stop and ask if you "
           "feel unwell."));
}

void nextTest(PageFlow& flow, const VisitReport& visit) {
    if (!visit.next)
        return;
    // With its sheet it fills most of a page; it begins the second one.
    if (flow.pageCount() == 1)
        flow.pageBreak();
    flow.heading(tr("Your next test"));
    flow.paragraph(
        visit.next->booked
            ? tr("Booked for %1 at %2.").arg(longDay(visit.next->at), clock(visit.next->at))
            : tr("From %1 on, at the same time of day: before that, a change would be too small for the "
                 "test to see.")
                  .arg(longDay(visit.next->at)));
    addPreparation(flow, visit.next->sheet, visit.next->booked, visit.tests.size() > 2 ? 2 : 4, 8.5);
    flow.paragraph(tr("These are the first points of each list; the whole sheet comes with the booking."), 8.5);
}

void goodToKnow(PageFlow& flow, const VisitReport& visit) {
    flow.heading(tr("Good to know"));
    flow.paragraph(
        tr("These pages describe your body on one day. They are not a diagnosis and say nothing about "
           "your worth or fitness by themselves. If anything here worries you, talk to your doctor."));
    if (visit.minor())
        flow.paragraph(
            tr("For the family: bodies change quickly while they grow. This is about growth, strength and "
               "health; there is no target for weight or fat at this age."));
}

} // namespace

const TestReport* VisitReport::richest() const {
    const auto richness = [](const TestReport& test) {
        return test.visit([]<class Method>(const OwnReport<Method>&) { return Reported<Method>::richness; });
    };
    const TestReport* richest = nullptr;
    for (const TestReport& test : tests)
        if (test.composition() && (!richest || richness(test) > richness(*richest)))
            richest = &test;
    return richest;
}

PageFlow clientCopy(const VisitReport& visit) {
    PageFlow flow(tr("%1 · client copy").arg(plain(visit.lab.name)), visit.lab);
    opening(flow, visit);
    whatMatters(flow, visit);
    measured(flow, visit);
    bodyToday(flow, visit);
    changed(flow, visit);
    plan(flow, visit);
    nextTest(flow, visit);
    goodToKnow(flow, visit);
    addTalk(flow, visit);
    return flow;
}

PageFlow labCopy(const VisitReport& visit) {
    PageFlow flow(tr("%1 · lab copy").arg(plain(visit.lab.name)), visit.lab);
    flow.title(tr("Lab copy: the visit on %1").arg(longDay(visit.day())));
    flow.paragraph(personOf(visit), 10.5, printPalette().softInk);
    flow.rule();
    flow.heading(tr("Methods side by side, fat with all of its errors"));
    spindles(flow, visit.across);
    for (const Message& input : visit.across.inputs)
        flow.paragraph(say(input), 9);
    if (visit.across.best)
        flow.paragraph(inTogether(visit.across), 9);
    for (const MethodPair& pair : visit.across.pairs)
        flow.row({tr("%1 − %2").arg(say(methodTitle(visit.across.values[pair.first].method)),
                                    say(methodTitle(visit.across.values[pair.second].method))),
                  number(pair.difference, 1), QStringLiteral("± ") + number(pair.halfInterval, 1),
                  pair.agrees() ? tr("no further apart than expected")
                                : tr("further apart than expected. ") + say(pair.likelyCause)},
                 {0.36, 0.1, 0.1, 0.44}, false, {1, 2});
    flow.heading(tr("Key points, as suggested"));
    for (const TestReport& test : visit.tests)
        for (const KeyPoint& point : test.keyPoints)
            flow.paragraph(tr("%1: %2 (%3)")
                               .arg(say(methodTitle(methodOf(test.computed.test))), say(point.sentence),
                                    say(point.evidence)),
                           9);
    changed(flow, visit);
    plan(flow, visit);
    for (const TestReport& test : visit.tests)
        flow.append(labCopy(test));
    return flow;
}

} // namespace fusain::report

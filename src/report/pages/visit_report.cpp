#include "report/pages/visit_report.hpp"

#include "report/base/words.hpp"
#include "report/figures/spindles_figure.hpp"
#include "report/figures/trend_figure.hpp"
#include "report/method/parts.hpp"
#include "report/pages/client_page.hpp"
#include "report/pages/trend_model.hpp"

#include <QCoreApplication>
#include <algorithm>

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

QString sinceInWords(const QString& frame, const VisitReport::Since& since, const VisitReport& visit) {
    return frame.arg(longDay(since.earlier), say(methodTitle(since.method)),
                     balanceForClient(since.balance, {visit.units, false}));
}

// For the lab, with its numbers whatever the client wants to read.
void changed(PageFlow& flow, const VisitReport& visit) {
    const bool followed =
        std::ranges::any_of(visit.series, [](const Series& line) { return line.points.size() > 1; });
    if (!visit.since && !followed)
        return;
    flow.heading(tr("What changed"));
    if (followed)
        figureOnPaper(flow,
                      {{},
                       [model = trendModel(visit.followed, visit.series)](QPainter& painter, const QRectF& area,
                                                                          const Palette& palette) {
                           paintTrend(painter, area, model, palette);
                       }},
                      150);
    if (visit.sinceFirst)
        flow.paragraph(sinceInWords(tr("Since your first test on %1 (%2): %3."), *visit.sinceFirst, visit));
    if (visit.since)
        flow.paragraph(sinceInWords(tr("Since %1 (%2): %3."), *visit.since, visit));
}

void plan(PageFlow& flow, const VisitReport& visit) {
    const QStringList said = planInWords(visit);
    if (said.isEmpty())
        return;
    flow.heading(tr("The plan"));
    for (const QString& words : said)
        flow.paragraph(words);
}

} // namespace

ForClient forClient(const VisitReport& visit) {
    return {visit.units, visit.withoutNumbers};
}

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
                  number(pair.difference.value(), 1),
                  QStringLiteral("± ") + number(pair.halfInterval.value(), 1),
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

#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/method/parts.hpp"
#include "report/pages/test_report.hpp"

#include <QCoreApplication>
#include <cmath>

namespace fusain::report {
namespace {

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
    const std::vector<double> columns{0.30, 0.13, 0.11, 0.14, 0.15, 0.17};
    const std::vector<int> numbers{1, 3, 4, 5};
    flow.heading(tr("Results"));
    flow.row({tr("quantity"), tr("value"), tr("unit"), tr("95 % CI ±"), tr("LSC"), tr("repeatability SD")},
             columns, true, numbers);
    std::vector<ResultLine> lines;
    if (const DensityResult* density = report.computed.density())
        lines.push_back(resultLine(tr("body density"), density->body.density, 4, QStringLiteral("kg/L")));
    if (const auto* c = report.composition())
        lines.insert(lines.end(),
                     {resultLine(tr("fat"), c->fatPercent, 1, QStringLiteral("%")),
                      resultLine(tr("fat mass"), c->fatMass, 1, QStringLiteral("kg")),
                      resultLine(tr("fat-free mass"), c->fatFreeMass, 1, QStringLiteral("kg")),
                      resultLine(tr("fat mass index"), c->fatMassIndex, 1, QStringLiteral("kg/m²")),
                      resultLine(tr("fat-free mass index"), c->fatFreeMassIndex, 1, QStringLiteral("kg/m²"))});
    std::ranges::move(
        report.visit([]<class Method>(const OwnReport<Method>& own) { return Reported<Method>::lines(own); }),
        std::back_inserter(lines));
    for (const ResultLine& line : lines)
        flow.row(
            {line.name, number(line.value, line.decimals), line.unit, number(line.halfInterval, line.decimals),
             line.leastSignificant > 0.0 ? number(line.leastSignificant, line.decimals) : QStringLiteral("–"),
             line.repeatability > 0.0 ? number(line.repeatability, line.decimals + 1) : QStringLiteral("–")},
            columns, false, numbers);
    flow.paragraph(report.visit([]<class Method>(const OwnReport<Method>&) {
        return Reported<Method>::intervalMeaning();
    }),
                   8.5, printPalette().softInk);
}

void sheet(PageFlow& flow, const TestReport& report) {
    const std::vector<double> columns{0.06, 0.21, 0.1, 0.07, 0.09, 0.47};
    const std::vector<int> numbers{2, 4};
    flow.heading(tr("Worked sheet"));
    flow.row({QString(), tr("quantity"), tr("value"), tr("unit"), tr("SE"), tr("how")}, columns, true, numbers);
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
                  tr("SE %1").arg(number(line.standardError, 2))},
                 {0.4, 0.12, 0.15}, false, {1, 2});
}

void sameDay(PageFlow& flow, const TestReport& report) {
    for (const OtherMethod& other : report.sameDay) {
        flow.heading(tr("Other method on the same day"));
        flow.paragraph(
            tr("%1: %2 % fat. Difference %3 %-points, %5 (limit %4, 95 %). %6")
                .arg(say(methodTitle(other.method)), number(other.fatPercent.value(), 1),
                     signedNumber(other.difference.value(), 1), number(other.halfInterval.value(), 1),
                     other.agrees() ? tr("no further apart than expected") : tr("further apart than expected"),
                     say(other.likelyCause)),
            9.5);
    }
}

void preparation(PageFlow& flow, const TestReport& report) {
    const RawTest& test = report.record();
    report.visit([&]<class Method>(const OwnReport<Method>& own) {
        flow.heading(Reported<Method>::checksTitle());
        Reported<Method>::checks(flow, own);
    });
    int kept = 0;
    std::array<int, 3> told{};
    for (const AnsweredQuestion& answer : test.answers) {
        ++told[static_cast<std::size_t>(answer.answer.keptAsTold)];
        const auto* rule = report.protocol.find(answer.rule);
        if (answer.finding.kept || !rule) {
            ++kept;
            continue;
        }
        flow.paragraph(tr("– %1 %2. %3")
                           .arg(say(std::string_view(rule->question)), givenText(answer.answer),
                                answer.acceptedReason.empty()
                                    ? QString()
                                    : tr("Accepted by %1: %2.")
                                          .arg(plain(answer.acceptedBy), plain(answer.acceptedReason))),
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
    for (const Note& note : test.notes)
        flow.paragraph(tr("Note: %1").arg(say(noteMessage(note))), 9);
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
    report.visit([&]<class Method>(const OwnReport<Method>& own) { Reported<Method>::sources(flow, own); });
    if (report.references.fat)
        flow.paragraph(tr("Reference: %1; %2; %3.")
                           .arg(plain(report.references.fat->title), plain(report.references.fat->citation),
                                plain(report.references.fat->bandMeaning)),
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
    if (report.keySignature)
        flow.paragraph(say(*report.keySignature), 8.5);
}

} // namespace

PageFlow labCopy(const TestReport& report) {
    PageFlow flow(tr("%1 · lab copy").arg(plain(report.lab.name)), report.lab);
    heading(flow, report);
    results(flow, report);
    sheet(flow, report);
    report.visit([&]<class Method>(const OwnReport<Method>& own) { Reported<Method>::readings(flow, own); });
    sameDay(flow, report);
    preparation(flow, report);
    policies(flow, report);
    return flow;
}

} // namespace fusain::report

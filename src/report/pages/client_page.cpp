#include "report/pages/client_page.hpp"

#include "report/base/words.hpp"
#include "report/figures/tiles_figure.hpp"
#include "report/figures/trend_figure.hpp"
#include "report/method/parts.hpp"
#include "report/method/reference_rule.hpp"
#include "report/pages/client_words.hpp"
#include "report/pages/preparation_page.hpp"
#include "report/pages/result_figures.hpp"
#include "report/pages/talk_pages.hpp"
#include "report/pages/trend_model.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <array>
#include <cmath>

namespace fusain::report {
namespace {

/// How much room a page takes.
struct Setting {
    double trend; ///< height of the picture; 0 leaves it out
    double small; ///< size of the letters of what is read last
};
constexpr std::array settings{Setting{150.0, 9.5}, Setting{112.0, 9.5}, Setting{80.0, 8.0}, Setting{0.0, 8.0}};

// The change that a page speaks of: since the first test where there is one, else since the last.
const std::optional<VisitReport::Since>& spokenOf(const VisitReport& visit) {
    return visit.sinceFirst ? visit.sinceFirst : visit.since;
}

void opening(PageFlow& flow, const VisitReport& visit) {
    const QColor soft = printPalette().softInk;
    flow.ends(plain(visit.lab.name), weekday(visit.day()), 10.5, soft, true);
    QStringList methods;
    for (const TestReport& test : visit.tests)
        methods << say(methodTitle(methodOf(test.computed.test)));
    flow.paragraph(tr("%1 · %2").arg(plain(visit.namesHidden ? visit.client.code : visit.client.name),
                                     methods.join(QStringLiteral(", "))),
                   10.5, soft);
    for (const TestReport& test : visit.tests)
        if (test.record().version > 1)
            flow.paragraph(tr("This is version %1. It replaces an earlier page: %2")
                               .arg(test.record().version)
                               .arg(plain(test.record().amendmentReason)));
    flow.gap(6.0);
}

QString headlineOf(const VisitReport& visit) {
    const TestReport* richest = visit.richest();
    if (!richest)
        return tr("What was measured is good for following you over time.");
    if (const auto& since = spokenOf(visit); since && !since->balance.parts.empty()) {
        const Change& fat = since->balance.parts.front().change;
        if (fat.real() && visit.withoutNumbers)
            return (fat.difference < 0.0 ? tr("You have less fat than on %1.")
                                         : tr("You have more fat than on %1."))
                .arg(longDay(since->earlier));
        if (fat.real())
            return (fat.difference < 0.0 ? tr("You have lost about %1 of fat since %2.")
                                         : tr("You have gained about %1 of fat since %2."))
                .arg(massForClient(fat.difference, forClient(visit)), longDay(since->earlier));
    }
    if (visit.withoutNumbers)
        return tr("The measurement went well.");
    return tr("About %1 % of your body mass is fat.")
        .arg(number(richest->composition()->fatPercent.estimate().value(), 0));
}

QString changeWords(const Change& change, const VisitReport& visit) {
    if (!change.real())
        return tr("no measurable change");
    return (change.difference < 0.0 ? tr("%1 less") : tr("%1 more"))
        .arg(massForClient(change.difference, forClient(visit)));
}

QString fatChangeWords(const Change& change, const VisitReport& visit) {
    if (!change.real())
        return tr("no measurable change");
    return (change.difference < 0.0 ? tr("%1 less fat") : tr("%1 more fat"))
        .arg(massForClient(change.difference, forClient(visit)));
}

Tile fatTile(const VisitReport& visit, const TestReport& test) {
    const auto& fat = test.composition()->fatPercent;
    const auto* found = visit.minor() ? nullptr : test.statements.place(Followed::FatPercent);
    Tile tile{
        tr("Body fat"),
        tr("%1 %").arg(number(fat.estimate().value(), 0)),
        tr("very likely between %1 and %2 %").arg(number(fat.low().value(), 0), number(fat.high().value(), 0)),
        referenceRule({}, QStringLiteral("%"), spindleOf(fat), 5.0, found ? found->set : nullptr,
                      test.record().subject),
        {},
        {}};
    if (tile.scale->band)
        tile.bandWords = tr("people of your sex and age ¹");
    if (const auto& since = spokenOf(visit); since && !since->balance.parts.empty())
        tile.change = fatChangeWords(since->balance.parts.front().change, visit);
    return tile;
}

Tile massTile(const QString& name, const Measured<Kilograms>& mass, const VisitReport& visit) {
    const auto shown = [&](Kilograms value) { return fusain::show(value, visit.units, 0); };
    return {name,
            say(shown(mass.estimate())),
            tr("very likely between %1 and %2")
                .arg(QString::fromStdString(shown(mass.low()).number), say(shown(mass.high()))),
            referenceRule({}, {}, spindleOf(mass), 5.0, nullptr, visit.tests.front().record().subject),
            {},
            {}};
}

std::vector<Tile> tilesOf(const VisitReport& visit, const TestReport& test) {
    const auto& body = *test.composition();
    std::vector<Tile> tiles{fatTile(visit, test),
                            massTile(tr("Muscle, bone, water"), body.fatFreeMass, visit),
                            {tr("Weight"), say(fusain::show(test.result().mass, visit.units)), {}, {}, {}, {}}};
    const Since which = visit.sinceFirst ? Since::First : Since::Last;
    const auto said = [&](Followed quantity) {
        const auto* change = test.statements.change(quantity, which);
        return change && spokenOf(visit) && change->comparison.verdict != Verdict::NotComparable
                   ? changeWords(change->comparison.change, visit)
                   : QString();
    };
    tiles[1].change = said(Followed::FatFreeMass);
    tiles[2].change = said(Followed::Mass);
    return tiles;
}

void tiles(PageFlow& flow, const VisitReport& visit) {
    const TestReport* richest = visit.richest();
    if (!richest || visit.withoutNumbers)
        return;
    flow.rule();
    flow.gap(4.0);
    figureOnPaper(
        flow,
        {{},
         [model = tilesOf(visit, *richest)](QPainter& painter, const QRectF& area, const Palette& palette) {
             paintTiles(painter, area, model, palette);
         }},
        onPaper * tilesHeight);
    if (const auto& since = spokenOf(visit); since && !since->balance.parts.empty())
        flow.paragraph(tr("Changes since %1.").arg(longDay(since->earlier)), 8.5, printPalette().softInk);
    flow.rule();
}

// What the page says in words where it gives no numbers, or where there is no fat to give.
void inWordsOnly(PageFlow& flow, const VisitReport& visit) {
    const TestReport* richest = visit.richest();
    if (!richest) {
        for (const TestReport& test : visit.tests)
            if (const QString why = test.visit(
                    []<class Method>(const OwnReport<Method>&) { return Reported<Method>::whyNoFat(); });
                !why.isEmpty())
                flow.paragraph(why, 11);
        return;
    }
    if (!visit.withoutNumbers)
        return;
    flow.paragraph(
        tr("This page is in words only; the person who tested you has the numbers and will talk them "
           "over with you if you wish."),
        11);
    if (const auto& since = spokenOf(visit))
        flow.paragraph(sentence(balanceForClient(since->balance, forClient(visit))) + QLatin1Char('.'), 11);
}

void place(PageFlow& flow, const VisitReport& visit) {
    const TestReport* richest = visit.richest();
    if (!richest || visit.minor())
        return;
    const auto* found = richest->statements.place(Followed::FatPercent);
    flow.paragraph(found ? placeForClient(found->place) + QLatin1Char(' ') +
                               rangeForClient(*found, forClient(visit)) + QStringLiteral(" ¹")
                         : tr("The reference that this lab uses does not cover your age."),
                   10.5);
}

void trend(PageFlow& flow, const VisitReport& visit, double height) {
    std::size_t visits = 0;
    for (const Series& line : visit.series)
        visits = std::max(visits, line.points.size());
    if (height <= 0.0 || visits < 2 || visit.withoutNumbers)
        return;
    flow.heading(visit.followed == Followed::FatMass ? tr("Your fat over time")
                                                     : tr("Your lean mass over time"));
    figureOnPaper(flow,
                  {{},
                   [model = trendForClient(visit.followed, visit.series, visit.units)](
                       QPainter& painter, const QRectF& area, const Palette& palette) {
                       paintTrend(painter, area, model, palette);
                   }},
                  height);
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
        flow.paragraph(text, 11);
}

void methodsOfTheDay(PageFlow& flow, const VisitReport& visit) {
    if (visit.withoutNumbers || visit.across.values.size() < 2)
        return;
    flow.heading(tr("Body fat by each method"));
    std::vector<NamedSpindle> rows; // what was measured; models of several are for the lab
    for (const MethodValue& value : visit.across.values)
        rows.push_back({say(methodTitle(value.method)), value.fatPercent.estimate().value(),
                        value.fatPercent.halfInterval().value(), false});
    figureOnPaper(flow,
                  {{},
                   [rows](QPainter& painter, const QRectF& area, const Palette& palette) {
                       paintSpindles(painter, area, rows, palette);
                   }},
                  onPaper * spindlesHeight(rows.size()));
    const bool agree = std::ranges::all_of(visit.across.pairs, &MethodPair::agrees);
    flow.paragraph(agree
                       ? tr("Where two bars overlap, the methods say the same: here they all do.")
                       : tr("Each method looks at another side of the body. Here some differ by more than they "
                            "usually do; please ask us before you rely on one of them."));
}

// Of a test alone: another method of the day, which has a page of its own.
void otherMethods(PageFlow& flow, const VisitReport& visit) {
    if (visit.tests.size() > 1)
        return;
    for (const OtherMethod& other : visit.tests.front().sameDay) {
        const QString method = say(methodTitle(other.method));
        flow.paragraph(
            other.agrees()
                ? tr("The other method (%1) gave the same result within the error of both.").arg(method)
                : tr("The other method (%1) gave a different value, more than the two usually differ. Please "
                     "ask "
                     "us before you rely on either.")
                      .arg(method));
    }
}

void untilNextTime(PageFlow& flow, const VisitReport& visit) {
    QStringList said = planInWords(visit);
    if (visit.next)
        said << (visit.next->booked
                     ? tr("Your next test is booked for %1 at %2. The sheet that comes with the "
                          "booking says how to "
                          "prepare.")
                           .arg(weekday(visit.next->at), clock(visit.next->at))
                     : tr("Next test: on or after %1, at the same time of day and prepared the same way. "
                          "Sooner than that, usual changes are too small for the test to see.")
                           .arg(weekday(visit.next->at)));
    if (!said.isEmpty())
        flow.box(tr("Until next time"), said);
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

QStringList disturbancesOf(const TestReport& report) {
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
    return items;
}

// How it was measured, what the method adds, and what could have disturbed it.
void howMeasured(PageFlow& flow, const VisitReport& visit, double size) {
    flow.heading(tr("How it was measured"));
    for (const TestReport& test : visit.tests) {
        const QStringList disturbed = disturbancesOf(test);
        QString done = test.visit(
            []<class Method>(const OwnReport<Method>& own) { return Reported<Method>::whatWasDone(own); });
        if (disturbed.isEmpty())
            done += QLatin1Char(' ') + tr("You were prepared as asked, and the readings agreed.");
        flow.paragraph(done, size);
        test.visit([&]<class Method>(const OwnReport<Method>& own) { Reported<Method>::inWords(flow, own); });
        for (const QString& item : disturbed)
            flow.paragraph(QStringLiteral("– ") + item, size);
    }
}

void closing(PageFlow& flow, const VisitReport& visit) {
    const QColor soft = printPalette().softInk;
    flow.paragraph(
        tr("This page describes your body on one day. It is not a diagnosis and says nothing about your "
           "worth or fitness by itself. If anything here worries you, talk to your doctor."),
        8.5, soft);
    if (visit.minor())
        flow.paragraph(
            tr("For the family: bodies change quickly while they grow. This is about growth, strength and "
               "health; there is no target for weight or fat at this age."));
    flow.rule();
    for (const TestReport& test : visit.tests)
        flow.paragraph((test.physiologist.empty()
                            ? tr("Tested by %1").arg(plain(test.technician))
                            : tr("Tested by %1 · checked and signed by %2")
                                  .arg(plain(test.technician), plain(test.physiologist))) +
                           tr(" · test %1, version %2").arg(plain(test.record().id)).arg(test.record().version),
                       8.5, soft);
    const TestReport* richest = visit.richest();
    if (richest && !visit.minor() && richest->statements.place(Followed::FatPercent))
        flow.paragraph(tr("¹ %1; %2")
                           .arg(plain(richest->references.fat->citation),
                                say(std::string_view(richest->references.fat->bandMeaning))),
                       8.0, soft);
}

PageFlow composed(const VisitReport& visit, const Setting& setting) {
    PageFlow flow(tr("%1 · client copy").arg(plain(visit.lab.name)), visit.lab);
    opening(flow, visit);
    flow.headline(headlineOf(visit));
    tiles(flow, visit);
    inWordsOnly(flow, visit);
    place(flow, visit);
    whatMatters(flow, visit);
    methodsOfTheDay(flow, visit);
    otherMethods(flow, visit);
    trend(flow, visit, setting.trend);
    untilNextTime(flow, visit);
    howMeasured(flow, visit, setting.small);
    closing(flow, visit);
    return flow;
}

std::vector<ComputedTest> upToNow(const TestReport& test) {
    std::vector<ComputedTest> all = test.history;
    all.push_back(test.computed);
    return all;
}

} // namespace

QStringList planInWords(const VisitReport& visit) {
    if (!visit.plan || visit.withoutNumbers || visit.minor())
        return {};
    const Plan& plan = *visit.plan;
    const double from = 50.0 * std::floor(plan.intake.value() / 50.0);
    QStringList said{
        tr("Eaten %1 to %2 kcal a day, with the way of life that you described, your weight would most likely "
           "be between %3 and %4 after %5 weeks. People differ: what counts is how it goes.")
            .arg(number(from, 0), number(from + 100.0, 0),
                 say(fusain::show(plan.points.back().lowest, visit.units)),
                 say(fusain::show(plan.points.back().highest, visit.units)))
            .arg(visit.planRequest.weeks)};
    if (plan.proteinHigh > 0.0)
        said << tr("Protein: %1 to %2 g a day, spread over the meals.")
                    .arg(number(plan.proteinLow, 0), number(plan.proteinHigh, 0));
    if (!visit.planRequest.notes.empty())
        said << tr("What you will note until next time: %1").arg(plain(visit.planRequest.notes));
    said << tr("Talk the plan over with your doctor or dietitian before you begin, and stop and ask if you "
               "feel unwell.");
    return said;
}

PageFlow clientCopy(const VisitReport& visit) {
    // One page for one test; the picture of the way so far gives up its room first.
    PageFlow flow = composed(visit, settings.front());
    for (std::size_t i = 1; i < settings.size() && visit.tests.size() == 1 && flow.pageCount() > 1; ++i)
        flow = composed(visit, settings[i]);
    addTalk(flow, visit);
    return flow;
}

PageFlow clientCopy(const TestReport& report) {
    return clientCopy(visitOf(report));
}

std::optional<NextTest> proposedNext(const TestReport& test) {
    return nextTest(upToNow(test), test.precision);
}

VisitReport visitOf(const TestReport& test) {
    VisitReport visit;
    visit.lab = test.lab;
    visit.client = test.client;
    visit.namesHidden = test.namesHidden;
    visit.withoutNumbers = test.withoutNumbers;
    visit.units = test.units;
    visit.tests.push_back(test);
    visit.followed = visit.minor() ? Followed::FatFreeMass : Followed::FatMass;
    const auto all = upToNow(test);
    visit.series = seriesOf(visit.followed, all, test.precision);
    addChanges(visit);
    if (const auto next = nextTest(all, test.precision))
        visit.next = VisitReport::Next{next->at, false, {}};
    return visit;
}

void addChanges(VisitReport& visit) {
    const TestReport* richest = visit.richest();
    const auto since = [&](std::optional<std::size_t> which) -> std::optional<VisitReport::Since> {
        if (!which)
            return std::nullopt;
        const ComputedTest& past = richest->history[*which];
        auto balance = massBalance(past, richest->computed, richest->precision);
        return balance ? std::optional(VisitReport::Since{past.record().startedAt, methodOf(past.test),
                                                          std::move(*balance)})
                       : std::nullopt;
    };
    if (!richest)
        return;
    visit.since = since(richest->statements.last());
    visit.sinceFirst = since(richest->statements.first());
}

} // namespace fusain::report

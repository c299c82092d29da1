#include "report/pages/talk_scenes.hpp"

#include "report/base/words.hpp"
#include "report/figures/course_figure.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/figures/trend_figure.hpp"
#include "report/pages/preparation_page.hpp"
#include "report/pages/result_figures.hpp"
#include "report/pages/trend_model.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <ranges>

namespace fusain::report {
namespace {

using About = TalkScene::About;

QString massInWords(double kilograms, const VisitReport& visit) {
    return say(show(Kilograms(std::abs(kilograms)), visit.units));
}

// Of a change of fat: its size, or that none can be seen. Sizes only where the client wants numbers.
QString fatChange(const Change& change, const VisitReport& visit) {
    if (!change.real())
        return tr("No measurable change in your fat.");
    if (visit.withoutNumbers)
        return change.difference < 0.0 ? tr("You have less fat than at that test.")
                                       : tr("You have more fat than at that test.");
    return (change.difference < 0.0 ? tr("You have lost about %1 of fat.")
                                    : tr("You have gained about %1 of fat."))
        .arg(massInWords(change.difference, visit));
}

QString otherChanges(const VisitReport::Since& since, const VisitReport& visit) {
    QStringList said;
    for (const auto& part : since.balance.parts | std::views::drop(1)) { // fat is said before
        const QString name = say(part.name);
        if (!part.change.real())
            said << tr("%1: no measurable change").arg(name);
        else if (visit.withoutNumbers)
            said << (part.change.difference < 0.0 ? tr("%1: less") : tr("%1: more")).arg(name);
        else
            said << (part.change.difference < 0.0 ? tr("%1: %2 less") : tr("%1: %2 more"))
                        .arg(name, massInWords(part.change.difference, visit));
    }
    return said.join(QStringLiteral("; "));
}

std::optional<TalkScene> today(const VisitReport& visit) {
    TalkScene scene{About::Today, tr("Today"), {}, {}, {}};
    const TestReport* richest = visit.richest();
    if (!richest || visit.withoutNumbers) {
        scene.headline = richest ? tr("The measurement went well.") : tr("This is your starting point.");
        scene.below = richest ? QString() : tr("What was measured today is good for following you over time.");
        return scene;
    }
    const auto& fat = richest->composition()->fatPercent;
    const double value = fat.estimate().value(), half = fat.halfInterval().value();
    scene.headline = tr("About %1 % of your body mass is fat.").arg(number(value, 0));
    scene.below = tr("Your true value is very likely between %1 and %2 %.")
                      .arg(number(value - half, 0), number(value + half, 0));
    scene.picture = coreFigure(*richest);
    return scene;
}

std::optional<TalkScene> sinceWeBegan(const VisitReport& visit) {
    const auto& since = visit.sinceFirst ? visit.sinceFirst : visit.since;
    if (!since || since->balance.parts.empty())
        return std::nullopt;
    TalkScene scene{About::SinceWeBegan,
                    tr("Since we began"),
                    fatChange(since->balance.parts.front().change, visit),
                    {},
                    {}};
    const QString others = otherChanges(*since, visit);
    scene.below = tr("Since %1. %2.").arg(longDay(since->earlier), others.left(1).toUpper() + others.mid(1));
    if (!visit.withoutNumbers)
        scene.picture =
            NamedFigure{scene.name, [model = trendModel(visit.followed, visit.series)](
                                        QPainter& painter, const QRectF& area, const Palette& palette) {
                            paintTrend(painter, area, model, palette);
                        }};
    return scene;
}

std::optional<TalkScene> whereYouAre(const VisitReport& visit) {
    const TestReport* richest = visit.richest();
    if (!richest || visit.withoutNumbers || visit.minor())
        return std::nullopt;
    const auto* row = richest->references.fat ? richest->references.fat->rowFor(richest->record().subject.sex,
                                                                                richest->record().subject.age)
                                              : nullptr;
    if (!row)
        return std::nullopt;
    const auto& fat = richest->composition()->fatPercent;
    const double value = fat.estimate().value(), half = fat.halfInterval().value();
    TalkScene scene{About::WhereYouAre, tr("Where you are"), {}, {}, {}};
    scene.headline = value + half < row->low    ? tr("Your value is below the reference range.")
                     : value - half > row->high ? tr("Your value is above the reference range.")
                     : value >= row->low && value <= row->high
                         ? tr("Your value is within the reference range.")
                         : tr("Your value is close to the edge of the reference range.");
    scene.below =
        tr("For people of your sex and age it is %1 to %2 %. It describes people who were measured for it; "
           "it is no target.")
            .arg(number(row->low, 0), number(row->high, 0));
    auto rule = fatRule(*richest);
    rule.said = true;
    rule.spindles.erase(rule.spindles.begin(), rule.spindles.end() - 1); // the change has its own scene
    rule.reference = tr("hatched: the reference range");
    scene.picture =
        NamedFigure{scene.name, [rule](QPainter& painter, const QRectF& area, const Palette& palette) {
                        paintRule(painter, area.adjusted(0, 0.2 * area.height(), 0, 0), rule, palette);
                    }};
    return scene;
}

std::optional<TalkScene> yourSides(const VisitReport& visit) {
    const TestReport* richest = visit.richest();
    if (!richest || visit.withoutNumbers)
        return std::nullopt;
    auto sides =
        richest->visit([]<class Method>(const OwnReport<Method>& own) { return Reported<Method>::sides(own); });
    if (!sides)
        return std::nullopt;
    return TalkScene{About::YourSides, tr("Your sides"), tr("Your right and your left side"),
                     tr("Nobody is quite the same on both sides."), std::move(sides)};
}

std::optional<TalkScene> thePlan(const VisitReport& visit) {
    if (!visit.plan || visit.withoutNumbers || visit.minor())
        return std::nullopt;
    const Plan& plan = *visit.plan;
    TalkScene scene{About::Plan, tr("The plan"), {}, {}, {}};
    scene.headline = tr("In %1 weeks you would most likely weigh %2 to %3.")
                         .arg(visit.planRequest.weeks)
                         .arg(QString::fromStdString(show(plan.points.back().lowest, visit.units, 0).number),
                              say(show(plan.points.back().highest, visit.units, 0)));
    const double from = 50.0 * std::floor(plan.intake.value() / 50.0);
    scene.below =
        tr("With %1 to %2 kcal a day and the way of life that you described. People differ; we follow how it "
           "goes. Talk it over with your doctor or dietitian before you begin.")
            .arg(number(from, 0), number(from + 100.0, 0));
    CourseModel model;
    model.withStaticRule = false; // a matter for the lab
    const double last = static_cast<double>(plan.points.size() - 1);
    for (const PlanPoint& point : plan.points)
        model.weeks.push_back(
            {point.mass.value(), point.lowest.value(), point.highest.value(), point.fatMass.value(),
             plan.points.front().mass.value() + plan.staticChange.value() * point.week / last});
    scene.picture =
        NamedFigure{scene.name, [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                        paintCourse(painter, area, model, palette);
                    }};
    return scene;
}

std::optional<TalkScene> next(const VisitReport& visit) {
    if (!visit.next)
        return std::nullopt;
    TalkScene scene{About::Next, tr("Next"), {}, {}, {}};
    scene.headline = visit.next->booked
                         ? tr("Your next test: %1 at %2.").arg(longDay(visit.next->at), clock(visit.next->at))
                         : tr("Your next test: from %1 on.").arg(longDay(visit.next->at));
    constexpr std::size_t shown = 3;
    QStringList before;
    for (const auto* list : {&visit.next->sheet.avoid, &visit.next->sheet.prepare})
        for (const PreparationLine& line : *list)
            if (static_cast<std::size_t>(before.size()) < shown)
                before << preparationWords(visit.next->sheet, line, visit.next->booked);
    scene.below = (visit.next->booked ? QString()
                                      : tr("Before that, a change would be too small for the test to see.") +
                                            QStringLiteral("\n\n")) +
                  before.join(QLatin1Char('\n'));
    return scene;
}

} // namespace

std::vector<TalkScene> talkScenes(const VisitReport& visit) {
    std::vector<TalkScene> scenes;
    for (const auto make : {&today, &sinceWeBegan, &whereYouAre, &yourSides, &thePlan, &next})
        if (auto scene = make(visit))
            scenes.push_back(std::move(*scene));
    return scenes;
}

QStringList talkNotes(const VisitReport& visit) {
    QStringList notes;
    for (const TestReport& test : visit.tests) {
        for (const KeyPoint& point : test.keyPoints)
            notes << QStringLiteral("%1 (%2)").arg(say(point.sentence), say(point.evidence));
        if (const QString text = plain(test.record().interpretation); !text.isEmpty() && !notes.contains(text))
            notes << text;
    }
    return notes;
}

} // namespace fusain::report

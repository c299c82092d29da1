#include "report/pages/talk_scenes.hpp"

#include "report/base/words.hpp"
#include "report/figures/course_figure.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/figures/trend_figure.hpp"
#include "report/pages/client_words.hpp"
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

// Of a change of fat: its size, or that none can be seen. Sizes only where the client wants numbers.
QString fatChange(const Change& change, const VisitReport& visit) {
    if (!change.real())
        return tr("No measurable change in your fat.");
    if (visit.withoutNumbers)
        return change.difference < 0.0 ? tr("You have less fat than at that test.")
                                       : tr("You have more fat than at that test.");
    return (change.difference < 0.0 ? tr("You have lost about %1 of fat.")
                                    : tr("You have gained about %1 of fat."))
        .arg(massForClient(change.difference, forClient(visit)));
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
    scene.headline = tr("About %1 % of your body mass is fat.").arg(number(fat.estimate().value(), 0));
    scene.below = intervalForClient(fat);
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
    constexpr std::size_t fatIsSaid = 1;
    scene.below = tr("Since %1. %2.")
                      .arg(longDay(since->earlier),
                           sentence(balanceForClient(since->balance, forClient(visit), fatIsSaid)));
    if (!visit.withoutNumbers)
        scene.picture =
            NamedFigure{scene.name, [model = trendForClient(visit.followed, visit.series, visit.units)](
                                        QPainter& painter, const QRectF& area, const Palette& palette) {
                            paintTrend(painter, area, model, palette);
                        }};
    return scene;
}

std::optional<TalkScene> whereYouAre(const VisitReport& visit) {
    const TestReport* richest = visit.richest();
    if (!richest || visit.withoutNumbers || visit.minor())
        return std::nullopt;
    const auto* place = richest->statements.place(Followed::FatPercent);
    if (!place)
        return std::nullopt;
    TalkScene scene{About::WhereYouAre,
                    tr("Where you are"),
                    placeForClient(place->place),
                    rangeForClient(*place, forClient(visit)),
                    {}};
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
    scene.headline = tr("After %n week(s) you would most likely weigh %1 to %2.", visit.planRequest.weeks)
                         .arg(QString::fromStdString(show(plan.points.back().lowest, visit.units, 0).number),
                              say(show(plan.points.back().highest, visit.units, 0)));
    const double from = 50.0 * std::floor(plan.intake.value() / 50.0);
    scene.below =
        tr("With %1 to %2 kcal a day and the way of life that you described. People differ; we follow how it "
           "goes. Talk it over with your doctor or dietitian before you begin.")
            .arg(number(from, 0), number(from + 100.0, 0));
    CourseModel model = courseModel(plan);
    model.withStaticRule = false; // a matter for the lab
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
                         ? tr("Your next test: %1 at %2.").arg(weekday(visit.next->at), clock(visit.next->at))
                         : tr("Your next test: on or after %1.").arg(weekday(visit.next->at));
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

// Every figure with nothing, with one value and with far too many: something is drawn where there is something
// to draw, and nothing outside of the area that the figure was given.
#include "report/base/figure_reading.hpp"
#include "report/chamber/pressure_figure.hpp"
#include "report/chamber/volume_figure.hpp"
#include "report/figures/agreement_figure.hpp"
#include "report/figures/body_figures.hpp"
#include "report/figures/change_figure.hpp"
#include "report/figures/check_scale_figure.hpp"
#include "report/figures/control_chart_figure.hpp"
#include "report/figures/course_figure.hpp"
#include "report/figures/field_figure.hpp"
#include "report/figures/group_figure.hpp"
#include "report/figures/practice_figure.hpp"
#include "report/figures/reference_figure.hpp"
#include "report/figures/replay_figure.hpp"
#include "report/figures/scale_face_figure.hpp"
#include "report/figures/spindles_figure.hpp"
#include "report/figures/stations_figure.hpp"
#include "report/figures/tiles_figure.hpp"
#include "report/figures/trend_figure.hpp"
#include "report/impedance/impedance_figures.hpp"
#include "report/scan/region_figures.hpp"
#include "report/tank/blows_figure.hpp"
#include "report/tank/trace_figure.hpp"
#include "support/property.hpp"

#include <QImage>
#include <cmath>

namespace fusain::report::figures_test {
namespace {

using Paint = std::function<void(QPainter&, const QRectF&, const Palette&)>;

constexpr int edge = 40, wide = 420, high = 260;

struct Ink {
    int inside = 0, outside = 0;
};

Ink inkOf(const Paint& paint, const Palette& palette) {
    QImage image(wide + 2 * edge, high + 2 * edge, QImage::Format_RGB32);
    image.fill(palette.paper);
    QPainter painter(&image);
    paint(painter, QRectF(edge, edge, wide, high), palette);
    painter.end();
    Ink ink;
    // A pixel of grace: lines have a width.
    const QRect area(edge - 1, edge - 1, wide + 2, high + 2);
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            if (QColor(image.pixel(x, y)) != palette.paper)
                ++(area.contains(x, y) ? ink.inside : ink.outside);
    return ink;
}

class Figures : public ::testing::Test {
protected:
    static void SetUpTestSuite() { loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts")); }
    static void expectDrawn(const char* name, const Paint& paint, int least = 300) {
        for (const Palette* palette :
             {&lightPalette(), &darkPalette(), &printPalette(), &strongLightPalette(), &strongDarkPalette()}) {
            const Ink ink = inkOf(paint, *palette);
            EXPECT_GT(ink.inside, least) << name;
            EXPECT_EQ(ink.outside, 0) << name << " leaves its area";
        }
        // What is drawn is also said, and where it is said lies within the area.
        const QRectF area(edge, edge, wide, high);
        const auto said = readingOf(
            [&](QPainter& painter, const QRectF& place) { paint(painter, place, lightPalette()); }, area);
        EXPECT_FALSE(said.empty()) << name;
        for (const FigurePoint& point : said) {
            EXPECT_FALSE(point.words.isEmpty()) << name;
            EXPECT_TRUE(area.adjusted(-8, -8, 8, 8).contains(point.place))
                << name << ": " << point.words.toStdString() << " at " << point.place.x() << ", "
                << point.place.y();
        }
    }
    static void expectCalm(const char* name, const Paint& paint) {
        EXPECT_EQ(inkOf(paint, lightPalette()).outside, 0) << name << " leaves its area";
    }
};

// Computed apart from this code by the formula of WCAG 2.1.
TEST_F(Figures, AScaleClosesItsRingAndShowsTheLastVisits) {
    const auto paint = [](const ScaleFaceModel& model) {
        return [model](QPainter& painter, const QRectF& area, const Palette& palette) {
            paintScaleFace(painter, area, model, palette);
        };
    };
    ScaleFaceModel model;
    model.unit = QStringLiteral("kg");
    expectDrawn("empty scale", paint(model));
    model.reading = 71.0;
    for (const double steadiness : {0.0, 0.4, 1.0, 7.0}) {
        model.steadiness = steadiness;
        expectDrawn("scale", paint(model));
    }
    model.visits = {{71.4, QStringLiteral("2025-11-06")}};
    expectDrawn("one visit", paint(model));
    model.visits.push_back({400.0, QStringLiteral("2026-01-06")});
    model.reading = -1e6;
    expectDrawn("far off", paint(model));
    EXPECT_EQ(steadinessOf({}, 0.05), 0.0);
    EXPECT_EQ(steadinessOf({70.0}, 0.05), 0.0);
    EXPECT_EQ(steadinessOf({70.00, 70.05}, 0.0501), 1.0);
    EXPECT_NEAR(steadinessOf({70.0, 70.2, 70.1}, 0.05), 0.25, 1e-9);
}

TEST_F(Figures, ACheckStandsOnItsScaleWhateverItsError) {
    CheckScaleModel model;
    model.limit = 0.05;
    model.unit = QStringLiteral("kg");
    const auto paint = [&model](QPainter& painter, const QRectF& area, const Palette& palette) {
        paintCheckScale(painter, area, model, palette);
    };
    expectDrawn("no reading", paint);
    model.live = 5.0;
    model.earlier = {0.01, -0.02, 0.0};
    model.errors = {0.05, 0.0501, -40.0}; // on the limit, beyond it, far off
    expectDrawn("readings", paint);
    const auto said =
        readingOf([&](QPainter& painter, const QRectF& area) { paint(painter, area, lightPalette()); },
                  QRectF(0, 0, 600, 104));
    ASSERT_EQ(said.size(), 7u);
    EXPECT_TRUE(said[4].words.contains(QLatin1String("within the limit"))) << said[4].words.toStdString();
    EXPECT_TRUE(said[5].words.contains(QLatin1String("beyond the limit")));
    EXPECT_TRUE(said[6].words.contains(QLatin1String("40.000")));
    EXPECT_NEAR(said[4].place.x(), 300.0 + 0.25 * (600.0 - 92.0), 1e-6); // the limit is half way to the edge
    EXPECT_NEAR(said[6].place.x(), 46.0, 1e-6);
}

TEST_F(Figures, StationsSayHowFarTheWorkHasCome) {
    std::vector<Station> stations{{QStringLiteral("Zero"), {}, Station::State::Now},
                                  {QStringLiteral("Reference mass 5.000 kg"), {}, Station::State::Waiting},
                                  {QStringLiteral("Verdict"), {}, Station::State::Waiting}};
    const auto paint = [&stations](QPainter& painter, const QRectF& area, const Palette& palette) {
        paintStations(painter, area, stations, palette);
    };
    expectDrawn("begin", paint);
    stations[0].state = stations[1].state = Station::State::Done;
    stations[1].value = QStringLiteral("5.003 kg");
    stations[2] = {QStringLiteral("Verdict"), QStringLiteral("+0.003 kg"), Station::State::Failed};
    expectDrawn("end", paint);
    const auto said =
        readingOf([&](QPainter& painter, const QRectF& area) { paint(painter, area, lightPalette()); },
                  QRectF(0, 0, 600, 80));
    EXPECT_EQ(said[1].words, QStringLiteral("Reference mass 5.000 kg: 5.003 kg, done"));
    EXPECT_EQ(said[2].words, QStringLiteral("Verdict: +0.003 kg, failed"));
    expectCalm("none", [](QPainter& painter, const QRectF& area, const Palette& palette) {
        paintStations(painter, area, {}, palette);
    });
}

TEST_F(Figures, BlowsAreCurvesAndBarsWithTheBracketOfTheLargest) {
    BlowsModel model;
    const auto paint = [&model](QPainter& painter, const QRectF& area, const Palette& palette) {
        paintBlows(painter, area, model, palette);
    };
    expectCalm("nothing", paint);
    for (const double volume : {4.9, 5.05, 4.2})
        model.bars.push_back({static_cast<int>(model.bars.size()) + 1, volume, volume > 4.5});
    for (int i = 0; i < 3; ++i) {
        model.curves.emplace_back();
        for (int t = 0; t < 60; ++t)
            model.curves.back().push_back({Seconds(0.2 * t), Litres(5.0 * (1.0 - std::exp(-0.3 * t)))});
    }
    expectDrawn("three", paint);
    const auto said =
        readingOf([&](QPainter& painter, const QRectF& area) { paint(painter, area, lightPalette()); },
                  QRectF(0, 0, 600, 190));
    ASSERT_EQ(said.size(), 3u);
    EXPECT_EQ(said[1].words, QStringLiteral("effort 2: 5.05 L BTPS"));
    EXPECT_TRUE(said[2].words.endsWith(QLatin1String("not acceptable")));
    model.bars.assign(40, {12, 99.0, false}); // far more than anybody makes
    expectDrawn("many", paint);
}

TEST_F(Figures, TheSwingOfTheChamberIsSaid) {
    PressureStripModel model;
    const auto paint = [&model](QPainter& painter, const QRectF& area, const Palette& palette) {
        paintPressureStrip(painter, area, model, palette);
    };
    expectCalm("nothing yet", paint);
    for (int i = 0; i < 500; ++i) {
        const double t = 0.05 * i;
        model.empty.push_back({Seconds(t), Pascals(101325.0 + 5.0 * std::sin(6.0 * t)), Pascals(0.0)});
        model.cylinder.push_back(
            {Seconds(t + 100.0), Pascals(101325.0 + 7.0 * std::sin(6.0 * t)), Pascals(0.0)});
    }
    expectDrawn("both", paint);
    const auto said =
        readingOf([&](QPainter& painter, const QRectF& area) { paint(painter, area, lightPalette()); },
                  QRectF(0, 0, 600, 120));
    ASSERT_EQ(said.size(), 2u);
    EXPECT_TRUE(said[0].words.contains(QLatin1String("5.0"))) << said[0].words.toStdString();
    EXPECT_TRUE(said[1].words.contains(QLatin1String("7.0"))) << said[1].words.toStdString();
}

TEST_F(Figures, AReplayKeepsItsWordsApartAndSaysAllOfThem) {
    ReplayModel model;
    const auto paint = [&model](QPainter& painter, const QRectF& area, const Palette& palette) {
        paintReplay(painter, area, model, palette);
    };
    model.minutes = 40.0;
    model.pins.push_back({40.0, QStringLiteral("trial 1 accepted"), true}); // at the very end
    expectDrawn("one", paint);
    for (int i = 0; i < 30; ++i) {
        model.bands.push_back({1.3 * i, 1.3 * i + 0.5, i % 2 ? QString() : QStringLiteral("feet on the wall")});
        model.pins.push_back(
            {1.3 * i, QStringLiteral("trial %1 accepted although it was spoilt").arg(i), i % 3 != 0});
    }
    expectDrawn("many", paint);
    const auto said =
        readingOf([&](QPainter& painter, const QRectF& area) { paint(painter, area, lightPalette()); },
                  QRectF(0, 0, 600, 170));
    EXPECT_EQ(said.size(), 61u);
    model.minutes = 0.0;
    expectDrawn("no time at all", paint);
}

TEST_F(Figures, AReferenceIsDrawnAlongAgeWithPeopleOverIt) {
    ReferenceModel model;
    const auto paint = [&model](QPainter& painter, const QRectF& area, const Palette& palette) {
        paintReference(painter, area, model, palette);
    };
    expectCalm("no rows", paint);
    model.unit = QStringLiteral("%");
    model.ranges = {
        {true, 20.0, 39.0, 21.0, 33.0}, {true, 40.0, 120.0, 23.0, 35.0}, {false, 20.0, 120.0, 8.0, {}}};
    expectDrawn("ranges", paint);
    model.people = {{true, 30.0, 25.0}, {true, 71.0, 4000.0}, {false, 9.0, -50.0}};
    expectDrawn("people far off", paint);
    const auto said =
        readingOf([&](QPainter& painter, const QRectF& area) { paint(painter, area, lightPalette()); },
                  QRectF(0, 0, 600, 220));
    ASSERT_EQ(said.size(), 6u);
    EXPECT_EQ(said[0].words, QStringLiteral("women 20–39: 21.0 to 33.0 %"));
    EXPECT_EQ(said[2].words, QStringLiteral("a client of 30 years: 25.0 %"));
    EXPECT_EQ(said[4].words, QStringLiteral("men 20–120: from 8.0 %"));
    EXPECT_LT(said[0].place.x(), 300.0);
    EXPECT_GT(said[4].place.x(), 300.0);
}

TEST_F(Figures, AChangeIsDrawnAgainstItsLeastSignificantChange) {
    ChangeMark mark;
    const auto paint = [&mark](QPainter& painter, const QRectF& area, const Palette& palette) {
        paintChangeMark(painter, area, mark, palette);
    };
    for (const double ratio : {0.0, 0.99, -1.5, 1000.0, -1000.0})
        for (const auto state :
             {ChangeMark::State::Exceeds, ChangeMark::State::Within, ChangeMark::State::NotComparable})
            for (const int push : {-1, 0, 1}) {
                mark = {ratio, state, push};
                expectDrawn("change", paint, 100);
            }
    const auto said = [&] {
        return readingOf([&](QPainter& painter, const QRectF& area) { paint(painter, area, lightPalette()); },
                         QRectF(0, 0, 100, 24))
            .front();
    };
    mark = {2.0, ChangeMark::State::NotComparable, -1};
    EXPECT_EQ(said().words, QStringLiteral("not comparable; the preparation alone reads lower"));
    EXPECT_NEAR(said().place.x(), 70.0, 1e-9); // two of the five times the LSC that half the width holds
    mark = {9.0, ChangeMark::State::Exceeds, 0};
    EXPECT_NEAR(said().place.x(), 90.0, 1e-9); // at four times, however large
}

TEST_F(Figures, AgreementIsADotAPersonBetweenItsLimits) {
    AgreementModel model;
    const auto paint = [&model](QPainter& painter, const QRectF& area, const Palette& palette) {
        paintAgreement(painter, area, model, palette);
    };
    expectCalm("nobody", paint);
    model = {{{20.0, 21.0}, {25.0, 25.5}, {30.0, 32.0}, {18.0, 17.5}},
             {},
             QStringLiteral("A"),
             QStringLiteral("B"),
             QStringLiteral("points"),
             1};
    model.agreement = *quality::agreementOf(model.pairs);
    expectDrawn("four people", paint);
    const auto said =
        readingOf([&](QPainter& painter, const QRectF& area) { paint(painter, area, lightPalette()); },
                  QRectF(0, 0, 600, 300));
    ASSERT_EQ(said.size(), 7u); // three lines, four people
    // Differences 1, 0.5, 2, -0.5: mean 0.75, SD 1.0408; limits 0.75 +- 1.96 SD, worked by hand.
    EXPECT_TRUE(said[0].words.startsWith(QStringLiteral("upper limit: +2.8"))) << said[0].words.toStdString();
    EXPECT_TRUE(said[1].words.startsWith(QStringLiteral("mean difference: +0.8")) ||
                said[1].words.startsWith(QStringLiteral("mean difference: +0.7")))
        << said[1].words.toStdString();
    EXPECT_TRUE(said[2].words.startsWith(QStringLiteral("lower limit: −1.3"))) << said[2].words.toStdString();
    EXPECT_EQ(said[5].words, QStringLiteral("mean 31.0, difference +2.0 points"));
    EXPECT_LT(said[5].place.y(), said[6].place.y()); // the larger difference stands higher
    EXPECT_GT(said[5].place.x(), said[6].place.x());
    model.pairs.push_back({4000.0, -4000.0});
    model.agreement = *quality::agreementOf(model.pairs);
    expectDrawn("one far off", paint);
}

TEST_F(Figures, APeriodIsReadOffTheTrend) {
    TrendModel model;
    EXPECT_FALSE(trendDayAt(100.0, QRectF(0, 0, 600, 200), model));
    model.lines = {{QStringLiteral("densitometer"),
                    {{100.0, 20.0, 1.0, QStringLiteral("a")}, {200.0, 18.0, 1.0, QStringLiteral("b")}}}};
    const QRectF area(0, 0, 600, 200);
    const auto said = readingOf(
        [&](QPainter& painter, const QRectF& where) { paintTrend(painter, where, model, lightPalette()); },
        area);
    ASSERT_EQ(said.size(), 2u);
    EXPECT_NEAR(*trendDayAt(said[0].place.x(), area, model), 100.0, 1e-6);
    EXPECT_NEAR(*trendDayAt(said[1].place.x(), area, model), 200.0, 1e-6);
}

TEST_F(Figures, TilesStandSideBySide) {
    const auto paint = [](const std::vector<Tile>& tiles) {
        return [tiles](QPainter& painter, const QRectF& area, const Palette& palette) {
            paintTiles(painter, area, tiles, palette);
        };
    };
    RuleModel scale;
    scale.from = 10.0;
    scale.to = 40.0;
    scale.spindles = {{25.0, 4.0}};
    scale.band = {21.0, 1e6}; // beyond the end of the scale
    const Tile fat{QStringLiteral("Body fat"),
                   QStringLiteral("25 %"),
                   QStringLiteral("between 21 and 29 %"),
                   scale,
                   QStringLiteral("people of your age"),
                   QStringLiteral("2 kg less")};
    expectDrawn("one tile", paint({fat}));
    expectDrawn("three tiles",
                paint({fat, fat, {QStringLiteral("Weight"), QStringLiteral("71.0 kg"), {}, {}, {}, {}}}));
}

TEST_F(Figures, ACourseIsDashedBeyondAGuard) {
    CourseModel model;
    for (int week = 0; week <= 12; ++week)
        model.weeks.push_back({60.0 - week, 59.0 - week, 61.0 - week, 15.0, 60.0 - 1.1 * week});
    for (const std::size_t crossing : {1u, 6u, 12u}) {
        model.crossing = crossing;
        model.crossingWords = QStringLiteral("From here on too little");
        expectDrawn("course beyond a guard",
                    [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                        paintCourse(painter, area, model, palette);
                    });
    }
}

TEST_F(Figures, TheContrastOfTwoColoursIsTheOneOfTheGuidelines) {
    EXPECT_NEAR(contrastOf(Qt::black, Qt::white), 21.0, 1e-9);
    EXPECT_NEAR(contrastOf(Qt::white, Qt::white), 1.0, 1e-12);
    EXPECT_NEAR(contrastOf(QColor(0x777777), Qt::white), 4.47808, 1e-5);
    EXPECT_NEAR(contrastOf(Qt::white, QColor(0x777777)), 4.47808, 1e-5);
    EXPECT_NEAR(contrastOf(QColor(0xA62B5B), QColor(0xFFFDF8)), 6.62523, 1e-5);
}

TEST_F(Figures, TextAndMarksCanBeReadInEveryAppearance) {
    for (const Palette* palette : {&lightPalette(), &darkPalette(), &printPalette()})
        for (const QColor& ground : {palette->paper, palette->sheet})
            for (const QColor& text :
                 {palette->ink, palette->softInk, palette->berry, palette->aril, palette->leaf})
                EXPECT_GE(contrastOf(text, ground), 4.5)
                    << text.name().toStdString() << ground.name().toStdString();
    for (const Palette* palette : {&strongLightPalette(), &strongDarkPalette()})
        for (const QColor& ground : {palette->paper, palette->sheet}) {
            for (const QColor& text :
                 {palette->ink, palette->softInk, palette->berry, palette->aril, palette->leaf})
                EXPECT_GE(contrastOf(text, ground), 7.0) << text.name().toStdString();
            EXPECT_GE(contrastOf(palette->rule, ground), 4.5);
        }
}

TrendModel trend(int lines, int points) {
    TrendModel model;
    model.title = QStringLiteral("fat mass");
    model.unit = QStringLiteral("kg");
    for (int line = 0; line < lines; ++line) {
        TrendModel::Line made{QStringLiteral("method %1").arg(line), {}};
        for (int i = 0; i < points; ++i)
            made.points.push_back(
                {20000.0 + 30.0 * i, 20.0 + std::sin(0.7 * i) * 3.0, 1.2, QStringLiteral("day")});
        model.lines.push_back(std::move(made));
    }
    if (points > 0)
        model.band = std::pair(20.0, 2.5);
    return model;
}

TEST_F(Figures, TheTrend) {
    const auto paint = [](TrendModel model) {
        return [model](QPainter& p, const QRectF& area, const Palette& palette) {
            paintTrend(p, area, model, palette);
        };
    };
    expectDrawn("one visit", paint(trend(1, 1)));
    expectDrawn("three methods", paint(trend(3, 9)));
    expectDrawn("a hundred visits", paint(trend(2, 100)));
    expectCalm("no visit", paint(trend(0, 0)));
    expectCalm("a line without visits", paint(trend(1, 0)));
}

TEST_F(Figures, TheBalance) {
    const auto paint = [](std::vector<BalanceModel::Part> parts) {
        return [parts](QPainter& p, const QRectF& area, const Palette& palette) {
            paintBalance(p, area, {parts, -3.2}, palette);
        };
    };
    expectDrawn("balance", paint({{QStringLiteral("fat"), -3.4, 0.9}, {QStringLiteral("lean"), 0.2, 0.8}}));
    expectDrawn("no change", paint({{QStringLiteral("fat"), 0.0, 0.0}}), 50);
    expectCalm("no parts", paint({}));
}

TEST_F(Figures, TheRuleAndItsSpindles) {
    const auto paint = [](const RuleModel& model) {
        return [model](QPainter& p, const QRectF& area, const Palette& palette) {
            paintRule(p, area, model, palette);
        };
    };
    RuleModel rule{QStringLiteral("% fat"),
                   QStringLiteral("%"),
                   10.0,
                   40.0,
                   1,
                   {{25.0, 2.0}},
                   std::pair(18.0, 28.0),
                   QStringLiteral("reference: made up for this test")};
    expectDrawn("rule", paint(rule));
    rule.spindles = {{25.0, 0.0}};
    expectDrawn("without an uncertainty", paint(rule));
    rule.spindles.clear();
    rule.band.reset();
    expectDrawn("a scale alone", paint(rule), 100);
    rule.from = rule.to = 20.0;
    expectCalm("a scale of no length", paint(rule));
    const auto spindles = [](std::vector<NamedSpindle> rows) {
        return [rows](QPainter& p, const QRectF& area, const Palette& palette) {
            paintSpindles(p, area, rows, palette);
        };
    };
    expectDrawn("spindles", spindles({{QStringLiteral("tank"), 18.0, 2.0, true},
                                      {QStringLiteral("scan"), 21.0, 3.0, false}}));
    expectCalm("no spindles", spindles({}));
}

TEST_F(Figures, TheField) {
    const auto paint = [](const FieldModel& model) {
        return [model](QPainter& p, const QRectF& area, const Palette& palette) {
            paintField(p, area, model, palette);
        };
    };
    FieldModel field{{{19.0, 5.0, QStringLiteral("then")}, {19.5, 4.1, QStringLiteral("now")}},
                     QRectF(17.0, 3.0, 4.0, 3.0),
                     QStringLiteral("made up")};
    expectDrawn("field", paint(field));
    field.path = {{12.0, 25.0, QStringLiteral("far out")}};
    expectDrawn("far out", paint(field));
    expectCalm("empty", paint({}));
    const auto budget = [](std::vector<BudgetBar> bars) {
        return [bars](QPainter& p, const QRectF& area, const Palette& palette) {
            paintBudget(p, area, bars, palette);
        };
    };
    expectDrawn("budget", budget({{QStringLiteral("residual volume"), 0.7, QStringLiteral("1.2 %")},
                                  {QStringLiteral("trials"), 0.3, QStringLiteral("0.4 %")}}));
    expectCalm("no budget", budget({}));
}

TEST_F(Figures, TheCore) {
    const auto paint = [](const CoreModel& model) {
        return [model](QPainter& p, const QRectF& area, const Palette& palette) {
            paintCore(p, area, model, palette);
        };
    };
    CoreModel core;
    core.columns = {{QStringLiteral("then"), {{QStringLiteral("fat"), 20.0}, {QStringLiteral("lean"), 52.0}}},
                    {QStringLiteral("now"), {{QStringLiteral("fat"), 17.0}, {QStringLiteral("lean"), 52.5}}}};
    expectDrawn("core", paint(core));
    core.columns.pop_back();
    core.columns.front().layers = {{QStringLiteral("fat"), 0.0}};
    expectCalm("a layer of nothing", paint(core));
    expectCalm("no column", paint({}));
}

TEST_F(Figures, TheControlChart) {
    const auto paint = [](const ControlChartModel& model) {
        return [model](QPainter& p, const QRectF& area, const Palette& palette) {
            paintControlChart(p, area, model, palette);
        };
    };
    ControlChartModel chart;
    for (int day = 0; day < 40; ++day) {
        chart.days.push_back(20000.0 + day);
        chart.values.push_back(50.0 + 0.02 * std::cos(day));
    }
    const auto baseline = quality::baselineFrom(std::span(chart.values).first(20));
    ASSERT_TRUE(baseline);
    chart.points = quality::judgeChart(chart.values, *baseline);
    chart.limits = {{20000.0, 20040.0, *baseline}};
    chart.unit = QStringLiteral("L");
    chart.firstDay = QStringLiteral("2026-01-01");
    chart.lastDay = QStringLiteral("2026-02-10");
    expectDrawn("chart", paint(chart));
    expectCalm("empty", paint({}));
}

TEST_F(Figures, TheRecordings) {
    std::vector<hydrostatic::ForceSample> samples;
    for (int i = 0; i < 500; ++i)
        samples.push_back({Seconds(0.02 * i), Kilograms(3.0 + 0.3 * std::cos(0.1 * i))});
    const auto trace = [](std::vector<hydrostatic::ForceSample> recorded) {
        return [recorded](QPainter& p, const QRectF& area, const Palette& palette) {
            paintTrace(p, area, {recorded, hydrostatic::analyseTrace(recorded)}, palette);
        };
    };
    expectDrawn("trace", trace(samples));
    expectCalm("no samples", trace({}));
    expectCalm("one sample", trace({samples.front()}));
    airdisplacement::VolumeReadingResult volume;
    for (int i = 0; i < 50; ++i) {
        volume.windowTimes.push_back(i);
        volume.windowVolumes.push_back(63.5 + 0.05 * std::sin(i));
    }
    volume.volume = Litres(63.5);
    volume.state = airdisplacement::TrialState::Readable;
    const auto volumes = [](airdisplacement::VolumeReadingResult reading) {
        return [reading](QPainter& p, const QRectF& area, const Palette& palette) {
            paintVolumeTrace(p, area, reading, palette);
        };
    };
    expectDrawn("volume", volumes(volume));
    expectCalm("before the first window", volumes({}));
    expectCalm("an arc without readings",
               [](QPainter& p, const QRectF& area, const Palette& palette) { paintArc(p, area, {}, palette); });
}

TEST_F(Figures, ThePracticeCourse) {
    const auto paint = [](int attempts) {
        PracticeCourse course;
        for (int i = 0; i < attempts; ++i)
            course.attempts.push_back({Instant{1773302400000 + i * 86400000LL}, (i % 4) / 3.0, i % 2 == 0});
        return [course](QPainter& p, const QRectF& area, const Palette& palette) {
            paintPracticeCourse(p, area, course, palette);
        };
    };
    expectDrawn("nothing yet", paint(0), 100);
    expectDrawn("one", paint(1));
    expectDrawn("two hundred", paint(200));
}

TEST_F(Figures, RegionsGroupsAndCourses) {
    RegionMatrixModel regions;
    regions.percentTitle = QStringLiteral("fat %");
    regions.changeTitle = QStringLiteral("since 12 March 2025");
    for (int i = 0; i < 8; ++i)
        regions.rows.push_back({QStringLiteral("region %1").arg(i), QStringLiteral("1.20"),
                                QStringLiteral("3.40"), QStringLiteral("0.20"), QStringLiteral("26.0"),
                                RegionMatrixModel::Change{0.3 * i - 1.0, 0.5},
                                RegionMatrixModel::Change{0.1 * i, 0.5}, i == 7});
    const auto matrix = [](const RegionMatrixModel& model) {
        return [model](QPainter& p, const QRectF& area, const Palette& palette) {
            paintRegionMatrix(p, area, model, palette);
        };
    };
    expectDrawn("regions", matrix(regions));
    expectCalm("no regions", matrix({}));
    const auto group = [](const GroupModel& model) {
        return [model](QPainter& p, const QRectF& area, const Palette& palette) {
            paintGroup(p, area, model, palette);
        };
    };
    expectDrawn("group",
                group({QStringLiteral("% fat"), QStringLiteral("%"), 1, {22, 25, 26, 30, 31}, {12, 14, 15}}));
    expectCalm("nobody", group({}));
    CourseModel course;
    for (int week = 0; week <= 24; ++week)
        course.weeks.push_back(
            {90.0 - 0.2 * week, 89.0 - 0.3 * week, 91.0 - 0.1 * week, 30.0 - 0.2 * week, 90.0 - 0.4 * week});
    const auto plan = [](const CourseModel& model) {
        return [model](QPainter& p, const QRectF& area, const Palette& palette) {
            paintCourse(p, area, model, palette);
        };
    };
    expectDrawn("course", plan(course));
    expectCalm("no weeks", plan({}));
    course.weeks.resize(1);
    expectCalm("one week", plan(course));
}

} // namespace
} // namespace fusain::report::figures_test

// The quality report of an accreditation visit, and the control chart a click is aimed at.
#include "report/base/figure_reading.hpp"
#include "report/figures/control_chart_figure.hpp"
#include "report/pages/quality_report.hpp"
#include "support/hydrostatic_run.hpp"
#include "support/pdf_text.hpp"

#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace fusain::report::quality_report_test {
namespace {

// Twelve daily checks about 50 L; the twelfth is far off. SD of the first ten is 0.0105 L (five of 49.99 and
// five of 50.01: deviations of 0.01, √(10·0.0001/9)).
class QualityReport : public ::testing::Test {
protected:
    static void SetUpTestSuite() { ASSERT_TRUE(loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"))); }
    QualityReport() {
        chamber.id = "chamber";
        chamber.name = "Air chamber";
        CheckDefinition cylinder;
        cylinder.id = "cylinder-volume";
        cylinder.title = "Cylinder volume";
        cylinder.object = "Calibration cylinder";
        cylinder.unit = "L";
        cylinder.rule.nominal = 50.0;
        cylinder.decimals = 3;
        chamber.checks.push_back(cylinder);
        for (int i = 0; i < 12; ++i) {
            const double reading = i == 11 ? 50.2 : i % 2 == 0 ? 49.99 : 50.01;
            const std::string date = "2026-02-" + std::string(i < 9 ? "0" : "") + std::to_string(i + 1);
            checks.push_back(Check{"c" + std::to_string(i),
                                   "chamber",
                                   "cylinder-volume",
                                   *instantFromIso(date + "T08:00:00.000Z"),
                                   50.0,
                                   reading,
                                   i != 11,
                                   "bram",
                                   "",
                                   {reading}});
        }
        checks.push_back(Check{"s1",
                               "chamber",
                               "service",
                               *instantFromIso("2026-02-13T08:00:00.000Z"),
                               0.0,
                               0.0,
                               true,
                               "oriel",
                               "new door seal",
                               {}});
    }
    QString text(const Period& period) {
        const QString path = folder.filePath(QStringLiteral("quality.pdf"));
        const auto names = [](const std::string& id) {
            return id == "bram" ? "Bram Iyengar" : "Oriel Thackway";
        };
        EXPECT_TRUE(writePdf(qualityReport({.name = "Test lab"}, chamber, checks, period, names), path, {}));
        return testing::outputOf(QStringLiteral("pdftotext"),
                                 {QStringLiteral("-layout"), path, QStringLiteral("-")});
    }
    static Period between(const char* from, const char* until) {
        return {instantFromIso(from), instantFromIso(until)};
    }

    Instrument chamber;
    std::vector<Check> checks;
    QTemporaryDir folder;
};

TEST_F(QualityReport, ListsEveryCheckItsRulesAndTheService) {
    const QString words = text({});
    for (const char* part : {"Quality report: Air chamber", "13 entries", "50.200", "failed", "Bram Iyengar",
                             "new door seal", "Oriel Thackway", "2026-02-01", "2026-02-12"})
        EXPECT_TRUE(words.contains(QLatin1String(part))) << part << "\n" << words.toStdString();
}

TEST_F(QualityReport, APeriodLeavesOutTheRestButNotTheVerdict) {
    const QString words = text(between("2026-02-12T00:00:00.000Z", "2026-02-13T00:00:00.000Z"));
    EXPECT_TRUE(words.contains(QLatin1String("1 entries"))) << words.toStdString();
    EXPECT_FALSE(words.contains(QLatin1String("2026-02-11")));
    EXPECT_FALSE(words.contains(QLatin1String("new door seal")));
    // The one value alone has no baseline; judged with the history before it, it breaks the action limit.
    const auto whole = controlSeries(chamber.checks.front(), checks);
    ASSERT_EQ(whole.points.size(), 12u);
    EXPECT_TRUE(whole.points.back().rejected());
    for (const quality::ControlRule rule : whole.points.back().rules)
        EXPECT_TRUE(words.contains(QString::fromUtf8(quality::inWords(rule).data(),
                                                     static_cast<qsizetype>(quality::inWords(rule).size()))
                                       .section(QLatin1Char(' '), 0, 1)))
            << words.toStdString();
}

TEST_F(QualityReport, AnEmptyPeriodSaysSo) {
    const QString words = text(between("2025-01-01T00:00:00.000Z", "2025-02-01T00:00:00.000Z"));
    EXPECT_TRUE(words.contains(QLatin1String("Not made in this period."))) << words.toStdString();
}

TEST_F(QualityReport, ThePeriodHoldsItsFirstMomentAndNotItsEnd) {
    const Period period{checks[2].at, checks[5].at};
    const auto inside = within(period, checks);
    ASSERT_EQ(inside.size(), 3u);
    EXPECT_EQ(inside.front().id, "c2");
    EXPECT_EQ(inside.back().id, "c4");
    EXPECT_EQ(within({}, checks).size(), checks.size());
}

TEST_F(QualityReport, EachStretchBetweenServicesKeepsItsOwnLimits) {
    for (int i = 0; i < 10; ++i) {
        const std::string date = "2026-03-" + std::string(i < 9 ? "0" : "") + std::to_string(i + 1);
        const double reading = i % 2 == 0 ? 50.19 : 50.21; // the new door seal shifts everything by 0.2 L
        checks.push_back(Check{"d" + std::to_string(i),
                               "chamber",
                               "cylinder-volume",
                               *instantFromIso(date + "T08:00:00.000Z"),
                               50.0,
                               reading,
                               true,
                               "bram",
                               "",
                               {reading}});
    }
    const auto& definition = chamber.checks.front();
    const auto model = chartOf(controlSeries(definition, checks), definition);
    ASSERT_EQ(model.limits.size(), 2u);
    EXPECT_NEAR(model.limits[0].baseline.mean, 50.00, 1e-9);
    EXPECT_NEAR(model.limits[1].baseline.mean, 50.20, 1e-9);
    EXPECT_LT(model.limits[0].untilDay, model.services.front());
    EXPECT_GT(model.limits[1].fromDay, model.services.front());
    // A page about March alone has March's limits only.
    EXPECT_TRUE(text(between("2026-03-01T00:00:00.000Z", "2026-04-01T00:00:00.000Z"))
                    .contains(QLatin1String("50.200")));
}

TEST_F(QualityReport, AClickFindsThePaintedPoint) {
    const auto model = chartOf(controlSeries(chamber.checks.front(), checks), chamber.checks.front());
    const QRectF area(0, 0, 640, 260);
    QImage image(640, 260, QImage::Format_RGB32);
    image.fill(printPalette().sheet);
    QPainter painter(&image);
    paintControlChart(painter, area, model, printPalette());
    painter.end();
    // The rejected last value is the only filled triangle: its colour is where a click must find it.
    QPointF last;
    int inked = 0;
    for (int y = 0; y < 260; ++y)
        for (int x = 560; x < 590; ++x)
            if (QColor(image.pixel(x, y)) == printPalette().aril) {
                last += QPointF(x, y);
                ++inked;
            }
    ASSERT_GT(inked, 20);
    EXPECT_EQ(controlPointAt(last / inked, area, model), std::optional<std::size_t>(11));
    EXPECT_EQ(controlPointAt(QPointF(320, 20), area, model), std::nullopt);
    EXPECT_EQ(controlPointAt(QPointF(320, 20), area, {}), std::nullopt);
}

TEST_F(QualityReport, OneOutlierDoesNotRuleTheScale) {
    const auto& definition = chamber.checks.front();
    auto model = chartOf(controlSeries(definition, checks), definition);
    const QRectF area(0, 0, 640, 260);
    const auto heights = [&] {
        const auto said =
            readingOf([&](QPainter& painter,
                          const QRectF& where) { paintControlChart(painter, where, model, lightPalette()); },
                      area);
        std::vector<double> all;
        for (const FigurePoint& point : said)
            all.push_back(point.place.y());
        return all;
    };
    const auto& baseline = model.limits.front().baseline;
    model.values.back() = baseline.mean + 4.99 * baseline.standardDeviation; // still to scale
    const double spreadBefore = std::abs(heights()[0] - heights()[1]);
    model.values.back() = baseline.mean + 500.0 * baseline.standardDeviation;
    const auto after = heights();
    EXPECT_GT(std::abs(after[0] - after[1]), 0.8 * spreadBefore);
    EXPECT_LT(after.back(), area.top() + 20.0); // behind the break, at the edge
    EXPECT_EQ(controlPointAt({576.0, after.back()}, area, model), model.values.size() - 1);
    model.values.back() = baseline.mean - 500.0 * baseline.standardDeviation;
    EXPECT_GT(heights().back(), area.bottom() - 40.0);
}

} // namespace
} // namespace fusain::report::quality_report_test

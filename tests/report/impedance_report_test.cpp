// The pages about an impedance test: the client's and the lab's, and the pictures on them.
#include "procedure/all/procedure.hpp"
#include "record/lab/reference_json.hpp"
#include "report/base/words.hpp"
#include "report/pages/result_figures.hpp"
#include "support/impedance_run.hpp"
#include "support/pdf_text.hpp"

#include <QImage>
#include <QRegularExpression>
#include <algorithm>

namespace fusain::report::impedance_report_test {
namespace {

using namespace testing;

class ImpedanceReport : public ::testing::Test {
protected:
    static void SetUpTestSuite() { ASSERT_TRUE(loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"))); }
    TestReport made(std::size_t policy = 0, bool onlyReported = false) {
        auto run = *ImpedanceProcedure::begin(impedanceSetting(policy), "t1", man, technician, journal,
                                              SteppingClock());
        prepare(run);
        const auto kept = onlyReported ? run.keepReported({{"fat-percent", 22.0, "%"}})
                                       : run.acceptSweep(cleanSweep(), linked(run));
        EXPECT_TRUE(kept);
        finish(run);
        TestReport report(*computeTest(snapshotOf(run), run.setting().policy));
        report.lab.name = "Test lab";
        report.client = {"client-1", "SP-001",     "Ruan Achterberg",  *dateFromIso("1996-01-01"),
                         Sex::Male,  Metres(1.75), UnitSystem::Metric, "",
                         false};
        report.technician = "Bram Iyengar";
        report.physiologist = "Oriel Thackway";
        report.protocol = run.protocol();
        report.references.fat = &fat;
        report.statements = Statements({.test = &report.computed, .fat = &fat});
        report.references.phaseAngle = &phase;
        return report;
    }
    static bool has(const std::vector<NamedFigure>& figures, const char* name) {
        return std::ranges::any_of(figures,
                                   [&](const NamedFigure& each) { return each.name == QLatin1String(name); });
    }
    MemoryJournal journal;
    reference::ReferenceSet fat =
        *referenceFromJson(dataFile("references/composition.json").at(0), "references");
    reference::ReferenceSet phase =
        *referenceFromJson(dataFile("references/impedance.json").at(0), "references");
};

TEST_F(ImpedanceReport, TheClientReadsWhatWasDoneInPlainWords) {
    const TestReport report = made();
    const QString words = textOf(clientCopy(report));
    // 100·(70 − 57.14)/70 = 18.4 %; ± 1.96·3.3/70 = 9.2 points.
    for (const char* part :
         {"current too weak to feel", "About 18 % of your body mass is fat", "between 9 and 28 %",
          "Water in your body", "Phase angle", "7.1", "Your arms", "not a diagnosis"})
        EXPECT_TRUE(words.contains(QLatin1String(part))) << part << "\n" << words.toStdString();
    EXPECT_FALSE(words.contains(QLatin1String("air you displace")));
    EXPECT_EQ(clientCopy(report).pageCount(), 1);
}

TEST_F(ImpedanceReport, TheLabCopyHasSweepEquationsArcAndSources) {
    const QString words = textOf(labCopy(made()));
    for (const char* part : {"57.14", "42.51", "589.3", "391.8", "Kyle UG et al (2001)", "Moissl 2006",
                             "De Lorenzo 1997", "not yet verified", "right arm", "uncalibrated estimate",
                             "500.0", "lying, gel electrodes", "8 from 1 to 1000 kHz"})
        EXPECT_TRUE(words.contains(QLatin1String(part))) << part << "\n" << words.toStdString();
}

TEST_F(ImpedanceReport, AnswersWithoutAFigureAreCountedAsSuch) {
    TestReport report = made();
    auto& test = std::get<ImpedanceTest>(report.computed.test);
    EXPECT_FALSE(textOf(labCopy(report)).contains(QLatin1String("in one go")));
    test.answers[0].answer.keptAsTold = readiness::KeptAsTold::List;
    test.answers[1].answer.keptAsTold = readiness::KeptAsTold::Group;
    test.answers[2].answer.keptAsTold = readiness::KeptAsTold::Group;
    const QString words = textOf(labCopy(report));
    EXPECT_TRUE(words.contains(QLatin1String("1 were said in one go"))) << words.toStdString();
    EXPECT_TRUE(words.contains(QLatin1String("2 together with a group")));
}

TEST_F(ImpedanceReport, ContactsGiveAPageWithoutFatThatSaysWhy) {
    const TestReport report = made(2);
    const QString client = textOf(clientCopy(report));
    EXPECT_TRUE(client.contains(QLatin1String("does not work out fat"))) << client.toStdString();
    EXPECT_FALSE(client.contains(QRegularExpression(QStringLiteral("\\d+ % of your body"))));
    EXPECT_TRUE(textOf(labCopy(report)).contains(QLatin1String("No whole-body equation")));
    EXPECT_FALSE(has(figuresOf(report), "Field"));
    EXPECT_FALSE(has(figuresOf(report), "Vector"));
    EXPECT_TRUE(has(figuresOf(report), "Arc"));
}

TEST_F(ImpedanceReport, ReportedValuesAreMarkedOnEveryPage) {
    const TestReport report = made(0, true);
    EXPECT_TRUE(textOf(clientCopy(report)).contains(QLatin1String("as the instrument reported them")));
    EXPECT_TRUE(textOf(labCopy(report)).contains(QLatin1String("as reported by the instrument")));
    EXPECT_FALSE(has(figuresOf(report), "Arc"));
}

TEST_F(ImpedanceReport, WhatDifferedFromTheLastTestStandsInTheFindings) {
    TestReport report = made();
    TestReport before = made();
    auto& earlier = std::get<ImpedanceTest>(before.computed.test);
    earlier.startedAt =
        report.record().startedAt.plusMinutes(-(30.0 * 24.0 + 9.0) * 60.0); // nine hours earlier in the day
    for (AnsweredQuestion& answer : earlier.answers)
        answer.finding.kept = answer.rule != "imp_food" && answer.finding.kept;
    report.history = {before.computed};
    QString words;
    for (const Message& sentence : findingsOf(report))
        words += say(sentence) + QLatin1Char('\n');
    EXPECT_TRUE(words.contains(QLatin1String("9 hours later in the day"))) << words.toStdString();
    EXPECT_TRUE(words.contains(QLatin1String("Differs from the last test: \"When did you last eat?\"")))
        << words.toStdString();
    EXPECT_TRUE(words.contains(QLatin1String("Fat may read higher than at that test"))) << words.toStdString();
    EXPECT_TRUE(words.contains(QLatin1String("the vector: no change")));
}

TEST_F(ImpedanceReport, WordsOnlyHoldsForImpedanceToo) {
    TestReport report = made();
    report.withoutNumbers = true;
    EXPECT_FALSE(textOf(clientCopy(report))
                     .contains(QRegularExpression(QStringLiteral("\\d+(\\.\\d+)? ?(%|kg|lb|L|°)"))));
}

TEST_F(ImpedanceReport, EveryPictureDrawsSomethingInBothAppearances) {
    TestReport report = made();
    report.references.ownVectors =
        std::make_shared<const impedance::VectorReference>(*impedance::vectorReferenceFor(Sex::Male));
    for (const char* name : {"Field", "Errors", "Core", "Indices", "Pairs", "Arc", "Vector", "Own"})
        EXPECT_TRUE(has(figuresOf(report), name)) << name;
    for (const NamedFigure& figure : figuresOf(report))
        for (const Palette* palette : {&lightPalette(), &darkPalette()}) {
            QImage image(360, 280, QImage::Format_RGB32);
            image.fill(palette->paper);
            QPainter painter(&image);
            figure.paint(painter, QRectF(0, 0, 360, 280), *palette);
            painter.end();
            int inked = 0;
            for (int y = 0; y < image.height(); ++y)
                for (int x = 0; x < image.width(); ++x)
                    inked += QColor(image.pixel(x, y)) != palette->paper;
            EXPECT_GT(inked, 500) << figure.name.toStdString();
        }
}

} // namespace
} // namespace fusain::report::impedance_report_test

// The pages about a test in the air chamber: the client's and the lab's.
#include "procedure/all/procedure.hpp"
#include "record/lab/reference_json.hpp"
#include "report/pages/test_report.hpp"
#include "support/chamber_run.hpp"
#include "support/pdf_text.hpp"

#include <QRegularExpression>

namespace fusain::report::chamber_report_test {
namespace {

using namespace fusain::testing;

class ChamberReport : public ::testing::Test {
protected:
    static void SetUpTestSuite() { ASSERT_TRUE(loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"))); }
    ChamberReport() {
        report.client = {"client-1", "SP-001",     "Teo Marangwe",     *dateFromIso("1996-01-01"),
                         Sex::Male,  Metres(1.75), UnitSystem::Metric, "",
                         false};
        report.references.fat = &reference;
        report.statements = Statements({.test = &report.computed, .fat = &reference});
        report.technician = "Bram Iyengar";
        report.physiologist = "Oriel Thackway";
    }
    // A test by the book, or one that goes on to the trials and gas that `measure` wants.
    template <class Measure>
    static TestReport made(Measure measure) {
        MemoryJournal journal;
        auto run = ChamberProcedure::begin(chamberSetting(), "t1", man, technician, journal, SteppingClock());
        prepare(*run);
        measure(*run);
        finish(*run);
        TestReport report(*computeTest(snapshotOf(*run), run->setting().policy));
        report.lab.name = "Test lab";
        report.protocol = run->protocol();
        return report;
    }
    reference::ReferenceSet reference =
        *referenceFromJson(dataFile("references/composition.json").at(0), "references");
    TestReport report = made([](ChamberProcedure& run) { measureTwice(run); });
};

TEST_F(ChamberReport, TheClientCopySaysWhatTheChamberDidOnOnePage) {
    EXPECT_EQ(clientCopy(report).pageCount(), 1);
    const QString words = textOf(clientCopy(report));
    for (const char* part : {"Teo Marangwe", "air displacement", "measured 2 times how much air you displace",
                             "of your body mass is fat", "very likely between", "not a diagnosis",
                             "Until next time", "Bram Iyengar", "checked and signed by Oriel Thackway"})
        EXPECT_TRUE(words.contains(QLatin1String(part))) << part << "\n" << words.toStdString();
    for (const char* strange : {"water after breathing out", "under water", "residual"})
        EXPECT_FALSE(words.contains(QLatin1String(strange))) << strange;
}

TEST_F(ChamberReport, TheLabCopyHasEachTermOfTheVolumeWithItsSignAndSource) {
    const PageFlow pages = labCopy(report);
    EXPECT_GE(pages.pageCount(), 2);
    const QString words = textOf(pages);
    // Mean of the two trials 63.500 L; BSA (DuBois, 70 kg, 175 cm) 1.8481 m², artefact −4.67e-5·18481 = −0.863
    // L; 0.4 · 3.840 = 1.536 L; volume 63.500 + 0.863 + 1.536 = 65.899 L; density 70 / 65.899 = 1.0622 kg/L.
    for (const char* part : {"63.500", "0.863", "1.536", "65.899", "1.0622", "DuBois", "panting",
                             "Volume trials", "Scale", "20.004", "Where the uncertainty comes from"})
        EXPECT_TRUE(words.contains(QLatin1String(part))) << part << "\n" << words.toStdString();
}

TEST_F(ChamberReport, APredictedThoracicGasIsSaidOnBothPages) {
    report = made([](ChamberProcedure& run) {
        for (const double volume : {63.46, 63.54})
            MUST(run.acceptTrial(Litres(volume), Litres(0.0)));
        MUST(run.confirm(ChamberStep::ThoracicGas, "the client could not pant"));
    });
    EXPECT_TRUE(textOf(clientCopy(report)).contains(QLatin1String("air in your chest was estimated")));
    EXPECT_TRUE(textOf(labCopy(report)).contains(QLatin1String("Crapo")));
}

TEST_F(ChamberReport, ASecondSetAfterRecalibratingIsFlaggedOnTheClientsPage) {
    report = made([](ChamberProcedure& run) {
        for (const double volume : {63.1, 63.6, 64.2})
            MUST(run.acceptTrial(Litres(volume), Litres(0.0)));
        MUST(run.startOver("volumes did not agree"));
        MUST(run.calibrateTyped(Litres(50.0), Litres(50.01)));
        measureTwice(run);
    });
    EXPECT_TRUE(textOf(clientCopy(report)).contains(QLatin1String("first set of trials did not agree")));
}

TEST_F(ChamberReport, BothMethodsOnOneDayStandSideBySideWithoutAVerdictOnTheClient) {
    OtherMethod other;
    other.method = methodHydrostatic;
    other.fatPercent = Percent(15.0);
    other.difference = Percent(1.2);
    other.halfInterval = Percent(2.5);
    other.likelyCause = {FUSAIN_TEXT("Within what the two can tell apart."), {}};
    report.sameDay = {other};
    EXPECT_TRUE(
        textOf(clientCopy(report)).contains(QLatin1String("gave the same result within the error of both")));
    report.sameDay[0].difference = Percent(4.0);
    EXPECT_TRUE(textOf(clientCopy(report)).contains(QLatin1String("gave a different value")));
    EXPECT_TRUE(textOf(labCopy(report)).contains(QLatin1String("underwater weighing")));
}

TEST_F(ChamberReport, UsCustomaryUnitsAreNotMixedWithMetric) {
    report.units = UnitSystem::UsCustomary;
    const QString words = textOf(clientCopy(report));
    EXPECT_TRUE(words.contains(QLatin1String("154.3 lb"))) << words.toStdString(); // 70 / 0.45359237
    EXPECT_FALSE(words.contains(QRegularExpression(QStringLiteral("\\d kg"))));
}

} // namespace
} // namespace fusain::report::chamber_report_test

// The lab calibrates its own analyzer, in the window: fitted from a table, adopted by the physiologist, used by
// the next test.
#include "desktop/bench/impedance/analyzer_setup.hpp"
#include "desktop/places/quality/calibration_page.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/lab_policies.hpp"
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "support/journey.hpp"

namespace fusain::desktop::calibration_test {
namespace {

class Calibration : public Journey {
protected:
    CalibrationPage& page() {
        shell->open(PlaceName::Quality);
        shell->quality().showInstrument(QStringLiteral("analyzer"));
        shell->quality().showPage(QualityPlace::Page::Calibration);
        return *shell->quality().findChild<CalibrationPage*>();
    }
    static std::string pairs(int people) {
        std::string text = "contact_ohm,gel_ohm\n";
        for (int i = 0; i < people; ++i) // gel = 0.86 · contact, ± 3 Ω in turn
            text += std::to_string(430 + 5 * i) + "," +
                    std::to_string(0.86 * (430 + 5 * i) + (i % 2 ? 3 : -3)) + "\n";
        return text;
    }
};

TEST_F(Calibration, ContactsAreConvertedOnlyAfterThePhysiologistAdoptedTheLine) {
    ASSERT_TRUE(session->book().setSetting("policy.impedance", "policy.impedance.contact", "oriel"));
    page().choose(0, Sex::Male);
    page().fit(pairs(49), "pairs.csv");
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("at least 50")))
        << shell->lastProblem().toStdString();
    page().fit(pairs(50), "pairs.csv");
    page().adopt();
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("physiologist")));
    EXPECT_TRUE(
        std::get<ImpedancePolicy>(session->policies().forNewTest(methodImpedance)).contactToGel.empty());
    session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    page().adopt();
    const AnyPolicy policy = session->policies().forNewTest(methodImpedance);
    const auto& line = std::get<ImpedancePolicy>(policy).contactToGel;
    ASSERT_TRUE(line.contains(Sex::Male));
    EXPECT_FALSE(line.contains(Sex::Female));
    EXPECT_NEAR(line.at(Sex::Male).slope, 0.86, 0.01);
    ASSERT_TRUE(session->report(session->startRun(someone(), {}, methodImpedance)));
    shell->open(PlaceName::Bench);
    runUntil(ImpedanceStep::Report);
    const auto result = session->computing().computed(snapshotOf(*session->run()));
    ASSERT_TRUE(result && result->composition());
    EXPECT_TRUE(std::get<ImpedanceResult>(result->result).converted);
}

TEST_F(Calibration, SegmentsAgainstTheDensitometerStopBeingAnEstimate) {
    std::string text = "height_cm";
    for (const char* part : {"r/", "lean/"})
        for (const auto segment : impedance::bodySegments)
            text += std::string(",") + part + std::string(impedance::segmentKey(segment));
    text += "\n";
    for (int i = 0; i < 30; ++i)
        text += std::to_string(165 + i % 20) + ",226,230,30,224,225," + std::to_string(3.3 + 0.02 * (i % 5)) +
                ",3.3,25.0,9.3,9.2\n";
    session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    page().choose(1, Sex::Male);
    page().fit("height_cm,r/trunk\n170,30\n", "cases.csv");
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("is missing")));
    page().fit(text, "cases.csv");
    page().adopt();
    const AnyPolicy policy = session->policies().forNewTest(methodImpedance);
    ASSERT_TRUE(std::get<ImpedancePolicy>(policy).segments.contains(Sex::Male));
    EXPECT_EQ(std::get<ImpedancePolicy>(policy).segments.at(Sex::Male).people, 30);
}

TEST_F(Calibration, HowTheAnalyzerIsConnectedBelongsToTheRecord) {
    ASSERT_TRUE(session->report(session->startRun(someone(), {}, methodImpedance)));
    auto& run = dynamic_cast<ImpedanceProcedure&>(*session->run());
    AnalyzerSetupDialog dialog(*session, run);
    const auto box = [&](const char* name) {
        for (QComboBox* each : dialog.findChildren<QComboBox*>())
            if (each->accessibleName() == QLatin1String(name))
                return each;
        return static_cast<QComboBox*>(nullptr);
    };
    box("Electrodes")->setCurrentIndex(1);
    box("Number of electrodes")->setCurrentIndex(1);
    box("Measured side")->setCurrentIndex(1);
    box("Missing part")->setCurrentIndex(box("Missing part")->findData(QStringLiteral("right/foot")));
    for (QLineEdit* each : dialog.findChildren<QLineEdit*>())
        if (each->accessibleName().startsWith(QLatin1String("left arm")))
            QTest::keyClicks(each, QStringLiteral("58,5"));
    ASSERT_TRUE(dialog.keep()) << shell->lastProblem().toStdString();
    EXPECT_EQ(run.test().setup.geometry, impedance::ElectrodeGeometry::StandingContact);
    EXPECT_EQ(run.test().setup.electrodes, 4);
    EXPECT_EQ(run.test().setup.side, "left");
    EXPECT_EQ(run.test().missingParts, std::vector<std::string>{"right/foot"});
    EXPECT_DOUBLE_EQ(run.test().tapedLengths.at(impedance::Segment::LeftArm).value(), 0.585);
    const auto kept = std::get<ImpedanceTest>(*session->book().test(run.record().id));
    EXPECT_EQ(kept.setup.side, "left");
}

} // namespace
} // namespace fusain::desktop::calibration_test

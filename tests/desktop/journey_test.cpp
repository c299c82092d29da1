// Journeys through the real window, by mouse and keyboard, from a new client to the saved PDF.
#include "desktop/bench/method/closing_panels.hpp"
#include "desktop/bench/method/questions_panel.hpp"
#include "desktop/bench/method/typed_time.hpp"
#include "desktop/bench/tank/trials_panel.hpp"
#include "desktop/places/quality/chart_page.hpp"
#include "desktop/places/quality/precision_page.hpp"
#include "desktop/services/instrument_checks.hpp"
#include "desktop/views/client_form.hpp"
#include "link/simulation/all/simulated_lab.hpp"
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "support/in_step.hpp"
#include "support/journey.hpp"

#include <QClipboard>
#include <QProcess>
#include <gtest/gtest.h>

namespace fusain::desktop::journey_test {
namespace {

using testing::soon;

TEST_F(Journey, FromANewClientToTheSavedPdf) {
    shell->open(PlaceName::Clients);
    QTimer::singleShot(0, shell.get(), [&] {
        auto* form = qobject_cast<ClientForm*>(QApplication::activeModalWidget());
        ASSERT_TRUE(form);
        const auto fields = form->findChildren<QLineEdit*>();
        QTest::keyClicks(fields[0], QStringLiteral("Teo Marangwe"));
        QTest::keyClicks(fields[2], QStringLiteral("1996-09-14"));
        QTest::keyClicks(fields[4], QStringLiteral("183"));
        form->findChild<QComboBox*>()->setCurrentIndex(1);
        QTest::mouseClick(form->findChild<QPushButton*>(QStringLiteral("primary")), Qt::LeftButton);
    });
    shell->clients().newClient();
    ASSERT_EQ(session->book().clients().size(), 1u);

    ASSERT_TRUE(session->report(session->startRun(session->book().clients().front(), {})));
    shell->open(PlaceName::Bench);
    runUntil(HydrostaticStep::Report);
    auto* panel = qobject_cast<ReportPanel*>(shell->bench().currentPanel());
    ASSERT_TRUE(panel);
    const QString path = folder.filePath(QStringLiteral("client.pdf"));
    ASSERT_TRUE(panel->saveTo(path)) << shell->lastProblem().toStdString();

    QProcess pdftotext;
    pdftotext.start(QStringLiteral("pdftotext"), {path, QStringLiteral("-")});
    pdftotext.waitForFinished();
    const QString words = QString::fromUtf8(pdftotext.readAllStandardOutput()).simplified();
    EXPECT_TRUE(words.contains(QLatin1String("Teo Marangwe"))) << words.toStdString();
    EXPECT_TRUE(words.contains(QLatin1String("of your body mass is fat")));
    EXPECT_EQ(session->book().resultsOf(session->run()->record().id).size(), 1u);
    EXPECT_TRUE(session->book().verify().sound());
}

TEST_F(Journey, ClosingTheWindowAtAnyStepResumesExactlyThere) {
    startRun();
    const std::string id = session->run()->record().id;
    for (int i = 0; i < 60; ++i) {
        driver->advance();
        if (i % 6 != 0)
            continue;
        const auto step = session->run()->current();
        const Json record = toJson(snapshotOf(*session->run()));
        closeWindow();
        openWindow();
        ASSERT_TRUE(session->report(session->resumeRun(id)));
        shell->open(PlaceName::Bench);
        EXPECT_TRUE(session->run()->current() == step);
        EXPECT_EQ(toJson(snapshotOf(*session->run())), record);
    }
}

TEST_F(Journey, TheFivePlacesOpenByKeyAndTheSearchFinds) {
    someone("Marit Quennell");
    for (const auto& [key, name] :
         {std::pair(Qt::Key_C, "Clients"), std::pair(Qt::Key_B, "Bench"), std::pair(Qt::Key_Q, "Quality"),
          std::pair(Qt::Key_L, "Library"), std::pair(Qt::Key_D, "Day")}) {
        QTest::keyClick(shell.get(), key, Qt::AltModifier);
        const auto checked = [&, wanted = QLatin1String(name)] {
            const auto places = shell->findChildren<QPushButton*>(QStringLiteral("place"));
            return std::ranges::any_of(places, [&](const QPushButton* place) {
                return place->isChecked() && place->accessibleName() == wanted;
            });
        };
        EXPECT_TRUE(soon(checked)) << name;
    }
    QTest::keyClick(shell.get(), Qt::Key_F, Qt::ControlModifier);
    auto* search = qobject_cast<QLineEdit*>(shell->focusWidget());
    ASSERT_TRUE(search);
    QTest::keyClicks(search, QStringLiteral("marit"));
    QTest::keyClick(search, Qt::Key_Return);
    EXPECT_TRUE(shell->clients().where().contains(QLatin1String("Marit Quennell")));
}

TEST_F(Journey, NamesAreHiddenWithOneKey) {
    const Client client = someone("Marit Quennell");
    shell->open(PlaceName::Clients);
    QTest::keyClick(shell.get(), Qt::Key_H, Qt::ControlModifier);
    for (const QLabel* each : shell->findChildren<QLabel*>())
        EXPECT_FALSE(each->text().contains(QLatin1String("Marit"))) << each->text().toStdString();
    for (const QListWidget* list : shell->findChildren<QListWidget*>())
        for (int row = 0; row < list->count(); ++row)
            EXPECT_FALSE(list->item(row)->text().contains(QLatin1String("Marit")));
    const auto* clients = shell->findChild<QListView*>(QStringLiteral("clients"))->model();
    for (int row = 0; row < clients->rowCount(); ++row)
        EXPECT_FALSE(clients->index(row, 0).data().toString().contains(QLatin1String("Marit")));
    EXPECT_GT(clients->rowCount(), 0);
}

TEST_F(Journey, ImpossibleTypingIsExplainedAndNothingIsAccepted) {
    startRun();
    runUntil(HydrostaticStep::WaterTemperature);
    driver->type("Water temperature, °C", "93.2", true);
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("no test below 20 or above 40")));
    driver->type("Water temperature, °C", "warm", true);
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("not a number")));
    EXPECT_FALSE(tank().test().waterTemperature);
    runUntil(HydrostaticStep::Trials);
    driver->type("Steady reading, typed, kg gross", "73,3", true);
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("not below the dry mass")));
    EXPECT_TRUE(tank().test().trials.empty());
}

TEST_F(Journey, SettingATrialAsideAsksForAReason) {
    startRun();
    runUntil(HydrostaticStep::OutSafely);
    ASSERT_TRUE(session->report(session->run()->goTo(HydrostaticStep::Trials)));
    replyToReason(QStringLiteral("touched the wall"));
    driver->press(Qt::Key_X);
    EXPECT_EQ(tank().test().trials.back().setAsideReason, "touched the wall");
    driver->press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(tank().test().trials.back().counts());
}

TEST_F(Journey, ACheckStaysReadableWhileTheNextStepBegins) {
    startRun();
    runUntil(HydrostaticStep::WaterTemperature);
    const auto said = [&] {
        for (const QLabel* each : shell->bench().findChildren<QLabel*>())
            if (each->isVisible() && each->objectName() == QLatin1String("soft") &&
                each->text().startsWith(QStringLiteral("✓ ")))
                return each->text();
        return QString();
    };
    EXPECT_EQ(said(), QStringLiteral("✓ Load cell check: error +0.003 kg, limit 0.020: passed"));
    driver->advance();
    EXPECT_EQ(said(), QStringLiteral("✓ Water temperature: 34.1 °C"));
    QTest::keyClick(&shell->bench(), Qt::Key_Escape); // back: nothing has come to an end
    driver->advance();
    startRun(); // another client
    EXPECT_EQ(said(), QString());
}

TEST_F(Journey, WhatIsOpenIsFoundOnTheEmptyBench) {
    startRun();
    runUntil(HydrostaticStep::DryMass);
    const std::string id = session->run()->record().id;
    closeWindow();
    openWindow();
    shell->open(PlaceName::Bench);
    auto* open = qobject_cast<RecordsView*>(shell->focusWidget());
    ASSERT_TRUE(open);
    ASSERT_EQ(open->model()->rowCount(), 1);
    EXPECT_EQ(open->model()->index(0, 0).data().toString(), QStringLiteral("Ailsa Brandvold"));
    open->choose(QString::fromStdString(id));
    QTest::keyClick(open, Qt::Key_Return);
    ASSERT_TRUE(session->run());
    EXPECT_EQ(session->run()->record().id, id);
    EXPECT_TRUE(session->run()->current() == HydrostaticStep::DryMass);
}

TEST_F(Journey, KeysBelongToTheStepWhereverTheFocusIs) {
    startRun();
    runUntil(HydrostaticStep::DryMass);
    auto* sheet = shell->bench().findChild<QListWidget*>();
    auto* primary = shell->bench().findChild<QPushButton*>(QStringLiteral("primary"));
    ASSERT_TRUE(sheet);
    ASSERT_TRUE(primary);
    const int row = sheet->currentRow();
    sheet->setFocus();
    QTest::keyClick(sheet, Qt::Key_8); // into the field, not a search among the steps
    auto* field = qobject_cast<QLineEdit*>(shell->focusWidget());
    ASSERT_TRUE(field);
    EXPECT_EQ(field->text(), QStringLiteral("8"));
    EXPECT_EQ(sheet->currentRow(), row);
    // In a field Space is a space, and the button says so.
    EXPECT_TRUE(primary->text().contains(QStringLiteral("[Ctrl+Enter]"))) << primary->text().toStdString();
    QTest::keyClicks(field, QStringLiteral("3,0"));
    sheet->setFocus();
    EXPECT_TRUE(primary->text().contains(QStringLiteral("[Space]"))) << primary->text().toStdString();
    field->setFocus();
    QTest::keyClick(shell.get(), Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE(tank().test().dryMass) << shell->lastProblem().toStdString();
    EXPECT_EQ(tank().test().dryMass->value, 83.0);
}

TEST_F(Journey, TheStandBackViewShowsOneReadingAndOneVerdict) {
    startRun();
    runUntil(HydrostaticStep::DryMass);
    QTest::keyClick(shell.get(), Qt::Key_F11);
    EXPECT_TRUE(shell->bench().standBack());
    int large = 0;
    for (const QLabel* each : shell->bench().findChildren<QLabel*>())
        large += each->isVisible() && each->fontInfo().pixelSize() >= 64 && !each->text().isEmpty();
    EXPECT_GE(large, 1);
    QTest::keyClick(&shell->bench(), Qt::Key_Escape);
    EXPECT_FALSE(shell->bench().standBack());
}

TEST_F(Journey, ATrialComesFromTheSimulatedLoadCellAndSurvivesAPulledCable) {
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, simulation::LabFaults{});
    startRun();
    runUntil(HydrostaticStep::Trials);
    fusain::testing::linkInStep(session->hub(), lab, {QStringLiteral("load-cell")});
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("load-cell")); }));
    driver->press(Qt::Key_Space); // start
    ASSERT_TRUE(soon(
        [&] { return shell->bench().currentPanel()->verdict().startsWith(QLatin1String("Reading steady")); }));
    driver->press(Qt::Key_Space); // accept
    ASSERT_EQ(tank().test().trials.size(), 1u);
    EXPECT_NEAR(tank().test().trials[0].gross.value(), 3.3, 0.06);
    EXPECT_GT(tank().test().trials[0].trace.samples.size(), 100u);
    driver->press(Qt::Key_Space);
    fusain::testing::pass(lab, 500);
    lab.pullCables();
    fusain::testing::pass(lab, 300);
    EXPECT_EQ(tank().test().trials.size(), 1u);
    EXPECT_EQ(std::get<HydrostaticTest>(*session->book().test(session->run()->record().id)).trials.size(), 1u);
    EXPECT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("load-cell")); }));
}

TEST_F(Journey, ASavedTraceIsReplayedThroughTheBench) {
    startRun();
    runUntil(HydrostaticStep::Trials);
    simulation::Random random(3);
    const auto played = simulation::playSubmersion(simulation::drawSubmersion(random, 3.4), random);
    auto* panel = qobject_cast<TrialsPanel*>(shell->bench().currentPanel());
    panel->replay(played.samples, "trial-1.csv");
    ASSERT_TRUE(soon([&] { return panel->primaryText().startsWith(QLatin1String("Accept trial")); }));
    driver->press(Qt::Key_Space);
    ASSERT_EQ(tank().test().trials.size(), 1u);
    EXPECT_NEAR(tank().test().trials[0].gross.value(), 3.4, 0.02);
}

// A failing set of volumes leads to recalibration and a good result.
TEST_F(Journey, VolumesThatDoNotAgreeLeadToRecalibrationAndAReport) {
    ASSERT_TRUE(session->report(session->startRun(someone(), {}, methodChamber)));
    shell->open(PlaceName::Bench);
    runUntil(ChamberStep::VolumeTrials);
    for (const char* volume : {"63,50", "63,70", "63,90"})
        driver->type("Raw volume, typed, L", volume, true);
    auto& run = dynamic_cast<ChamberProcedure&>(*session->run());
    ASSERT_EQ(run.test().trials.size(), 3u);
    EXPECT_TRUE(shell->bench().currentPanel()->verdict().contains(QLatin1String("recalibrate")));
    driver->type("Raw volume, typed, L", "63,60", true);
    EXPECT_EQ(run.test().trials.size(), 3u);
    replyToReason(QStringLiteral("volumes do not agree"));
    driver->press(Qt::Key_Space);
    EXPECT_EQ(run.currentStep(), ChamberStep::Calibration);
    runUntil(ChamberStep::Report);
    auto* panel = qobject_cast<ReportPanel*>(shell->bench().currentPanel());
    ASSERT_TRUE(panel);
    panel->showCopy(true);
    const QString path = folder.filePath(QStringLiteral("lab.pdf"));
    ASSERT_TRUE(panel->saveTo(path)) << shell->lastProblem().toStdString();
    QProcess pdftotext;
    pdftotext.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), path, QStringLiteral("-")});
    pdftotext.waitForFinished();
    const QString words = QString::fromUtf8(pdftotext.readAllStandardOutput()).simplified();
    for (const char* part :
         {"air displacement", "Volume trials", "surface-area artefact", "calibrated anew", "Dempster"})
        EXPECT_TRUE(words.contains(QLatin1String(part))) << part << "\n" << words.toStdString();
    EXPECT_TRUE(session->book().verify().sound());
}

// The simulated chamber, played faster than life, through the real link.
TEST_F(Journey, AVolumeTrialComesFromTheSimulatedChamberAndAFaultIsNamed) {
    simulation::VirtualPerson person;
    person.dryMass = 70.0;
    simulation::LabFaults faults;
    faults.chamber.moves = true;
    simulation::SimulatedLab lab(7, person, faults);
    lab.setChamberSpeed(25);
    ASSERT_TRUE(session->report(session->startRun(someone(), {}, methodChamber)));
    shell->open(PlaceName::Bench);
    runUntil(ChamberStep::Calibration);
    fusain::testing::linkInStep(session->hub(), lab, {QStringLiteral("chamber")});
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("chamber")); }));
    auto& run = dynamic_cast<ChamberProcedure&>(*session->run());
    const auto ready = [&] { return shell->bench().currentPanel()->primaryEnabled(); };
    driver->press(Qt::Key_Space); // empty
    ASSERT_TRUE(soon(ready));
    driver->press(Qt::Key_Space); // with the cylinder
    ASSERT_TRUE(soon(ready));
    EXPECT_EQ(run.test().calibration(), nullptr);
    driver->press(Qt::Key_Space); // accept
    ASSERT_TRUE(run.test().calibration()) << shell->lastProblem().toStdString();
    ASSERT_TRUE(run.test().calibration()->fromPressures);
    EXPECT_NEAR(run.test().calibration()->fromPressures->empty.ratio, 1.5, 1e-3);
    runUntil(ChamberStep::VolumeTrials);
    driver->press(Qt::Key_Space);
    ASSERT_TRUE(soon(ready));
    EXPECT_TRUE(shell->bench().currentPanel()->verdict().contains(QLatin1String("moved")))
        << shell->bench().currentPanel()->verdict().toStdString();
    EXPECT_TRUE(run.test().trials.empty()); // never silently used
    lab.setFaults({});
    driver->press(Qt::Key_Space); // repeat
    ASSERT_TRUE(soon([&] {
        return ready() && shell->bench().currentPanel()->verdict().startsWith(QLatin1String("Steady"));
    })) << shell->bench().currentPanel()->verdict().toStdString();
    driver->press(Qt::Key_Space); // accept
    ASSERT_EQ(run.test().trials.size(), 1u);
    EXPECT_GT(run.test().trials[0].pressures.samples.size(), 4900u);
    lab.pullCables();
    fusain::testing::pass(lab, 300);
    EXPECT_EQ(std::get<ChamberTest>(*session->book().test(run.record().id)).trials.size(), 1u);
}

TEST_F(Journey, AnOverdueCheckStopsTheTechnicianAndThePhysiologistOverridesWithAReason) {
    const Client client = someone();
    clock = [] { return *instantFromIso("2026-05-01T07:40:00.000Z"); };
    closeWindow();
    openWindow();
    EXPECT_FALSE(session->report(session->startRun(client, {}, methodChamber)));
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("is due"))) << shell->lastProblem().toStdString();
    EXPECT_FALSE(session->report(session->startRun(client, {}, methodChamber, "in a hurry"))); // a technician
    session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    ASSERT_TRUE(session->report(session->startRun(client, {}, methodChamber, "checked by hand this morning")));
    EXPECT_NE(session->run()->record().notes.front().text.find("checked by hand"), std::string::npos);
}

TEST_F(Journey, AFiveFoldCheckIsMadeInTheQualityPlaceAndFreesTheChamber) {
    clock = [] { return *instantFromIso("2026-05-01T07:40:00.000Z"); };
    closeWindow();
    openWindow();
    shell->open(PlaceName::Quality);
    shell->quality().showInstrument(QStringLiteral("chamber"));
    QLineEdit* reading = nullptr;
    for (QLineEdit* edit : shell->quality().findChildren<QLineEdit*>())
        if (edit->accessibleName().startsWith(QLatin1String("Reading")))
            reading = edit;
    ASSERT_TRUE(reading);
    EXPECT_TRUE(session->checks().obstacleToTests(methodChamber));
    for (const char* value : {"50,02", "49,98", "50,01", "50,00", "49,99"}) {
        QTest::keyClicks(reading, QLatin1String(value));
        QTest::keyClick(reading, Qt::Key_Return);
    }
    EXPECT_FALSE(session->checks().obstacleToTests(methodChamber));
    EXPECT_EQ(session->book().checks("chamber").back().readings.size(), 5u);
    QTest::keyClicks(reading, QStringLiteral("fifty"));
    QTest::keyClick(reading, Qt::Key_Return);
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("reference value and a reading")));
}

TEST_F(Journey, ChecksTakeTheirReadingsFromTheLiveInstruments) {
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, simulation::LabFaults{});
    lab.setChamberSpeed(20);
    fusain::testing::linkInStep(
        session->hub(), lab,
        {QStringLiteral("chamber"), QStringLiteral("spirometer"), QStringLiteral("thermometer")});
    shell->open(PlaceName::Quality);
    QPushButton* take = nullptr;
    for (QPushButton* each : shell->quality().findChildren<QPushButton*>())
        if (each->text() == QLatin1String("Read the instrument"))
            take = each;
    ASSERT_TRUE(take);
    ASSERT_TRUE(soon([&] { return session->hub().latest(QStringLiteral("chamber")).has_value(); }));
    shell->quality().showInstrument(QStringLiteral("chamber"));
    const auto before = session->book().checks("chamber").size();
    // Empty, cylinder, then five readings: each press records, and the last one keeps the check.
    for (int recording = 0; recording < 40 && session->book().checks("chamber").size() == before; ++recording) {
        QTest::mouseClick(take, Qt::LeftButton);
        fusain::testing::pass(lab, 1700); // 25 s of the chamber, and the press after it
    }
    ASSERT_EQ(session->book().checks("chamber").size(), before + 1) << shell->lastProblem().toStdString();
    EXPECT_TRUE(session->book().checks("chamber").back().passed);
    EXPECT_EQ(session->book().checks("chamber").back().readings.size(), 5u);
    shell->quality().showInstrument(QStringLiteral("spirometer"));
    const auto strokes = session->book().checks("spirometer").size();
    for (int stroke = 0; stroke < 3; ++stroke) {
        QTest::mouseClick(take, Qt::LeftButton);
        fusain::testing::pass(lab, 4500);
    }
    ASSERT_EQ(session->book().checks("spirometer").size(), strokes + 1);
    EXPECT_NEAR(session->book().checks("spirometer").back().reading, 3.0, 0.09);
}

TEST_F(Journey, TheChamberWarnsWhenTheClientWasInTheTankToday) {
    startRun();
    const auto client = session->book().client(session->run()->record().subject.clientId);
    ASSERT_TRUE(session->report(session->startRun(*client, {}, methodChamber)));
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("in the tank today")));
    EXPECT_FALSE(session->run()->record().notes.empty());
}

TEST_F(Journey, AStudyIsTypedForOneGroupAndShownForThatGroupOnly) {
    shell->open(PlaceName::Quality);
    shell->quality().showInstrument(QStringLiteral("chamber"));
    shell->quality().showPage(QualityPlace::Page::Precision);
    auto* page = shell->quality().findChild<PrecisionPage*>();
    ASSERT_TRUE(page);
    QComboBox* group = nullptr;
    for (QComboBox* each : page->findChildren<QComboBox*>())
        if (each->accessibleName() == QLatin1String("Measured by"))
            group = each;
    ASSERT_TRUE(group);
    group->setCurrentIndex(group->findData(QStringLiteral("trainee")));
    auto* repeats = page->findChild<QLineEdit*>();
    QTest::keyClicks(repeats, QStringLiteral("eighteen 18.5"));
    QTest::keyClick(repeats, Qt::Key_Return);
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("is not a number")));
    repeats->clear();
    for (int person = 0; person < 14; ++person) {
        QTest::keyClicks(repeats, QStringLiteral("18,2 18,5 18,3"));
        QTest::keyClick(repeats, Qt::Key_Return);
    }
    const auto keep = [&] {
        for (QPushButton* each : page->findChildren<QPushButton*>())
            if (each->text() == QLatin1String("Save the study"))
                QTest::mouseClick(each, Qt::LeftButton);
    };
    keep();
    ASSERT_EQ(session->book().studies("chamber").size(), 1u);
    EXPECT_EQ(session->book().studies("chamber").front().group, "trainee");
    EXPECT_EQ(page->findChild<QTableWidget*>()->rowCount(), 14);
    group->setCurrentIndex(0);
    EXPECT_EQ(page->findChild<QTableWidget*>()->rowCount(), 0);
    keep(); // nothing is collected: nothing more is kept
    EXPECT_EQ(session->book().studies("chamber").size(), 1u);
}

TEST_F(Journey, AClickOnAPointOfTheChartOpensItsCheck) {
    shell->open(PlaceName::Quality);
    shell->quality().showInstrument(QStringLiteral("chamber"));
    shell->quality().showPage(QualityPlace::Page::Chart);
    QApplication::processEvents();
    auto* chart = shell->quality().findChild<ChartPage*>()->findChild<FigureView*>();
    ASSERT_TRUE(chart);
    // One check so far: it lies at the left end of the axis, on the centre line.
    const auto* checks = shell->quality().findChild<RecordsView*>();
    bool opened = false;
    for (int y = 0; y < chart->height() && !opened; y += 4) {
        QTest::mouseClick(chart, Qt::LeftButton, {}, QPoint(76, y));
        opened = shell->quality().findChild<QTabWidget*>()->currentIndex() == 0;
    }
    ASSERT_TRUE(opened);
    EXPECT_FALSE(checks->current().isEmpty());
}

TEST_F(Journey, StrokesOfOneFlowDoNotMakeASyringeCheck) {
    simulation::LabFaults faults;
    faults.strokesAlike = true;
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, faults);
    fusain::testing::linkInStep(session->hub(), lab, {QStringLiteral("spirometer")});
    shell->open(PlaceName::Quality);
    shell->quality().showInstrument(QStringLiteral("spirometer"));
    auto* guided = shell->quality().findChild<GuidedCheck*>();
    ASSERT_TRUE(guided);
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("spirometer")); }));
    guided->takeLive();
    ASSERT_TRUE(soon([&] { return guided->readings().size() == 1; }));
    guided->takeLive();
    EXPECT_TRUE(soon([&] { return guided->progress().contains(QLatin1String("adds no new flow")); }));
    EXPECT_EQ(guided->readings().size(), 1u);
    shell->quality().showInstrument(QStringLiteral("thermometer")); // another check forgets it
    EXPECT_TRUE(guided->readings().empty());
}

TEST_F(Journey, APhysiologistRecomputesBesideTheSignedResult) {
    startRun();
    runUntil(HydrostaticStep::Report);
    const AnyTest test = snapshotOf(*session->run());
    ASSERT_TRUE(session->report(
        session->recompute(test, *session->catalogue().policy("policy.hydrostatic.brozek-ecsc"))));
    const auto results = session->book().resultsOf(common(test).id);
    ASSERT_EQ(results.size(), 2u);
    EXPECT_NE((*results[0].document)["fat_percent"]["value"], (*results[1].document)["fat_percent"]["value"]);
    // What the clients' place offers beside a test is of its own method, and another than its own.
    shell->open(PlaceName::Clients);
    shell->clients().showClient(QString::fromStdString(common(test).subject.clientId));
    const QComboBox* offered = nullptr;
    for (const QComboBox* each : shell->clients().findChildren<QComboBox*>())
        if (each->accessibleName() == QLatin1String("Other policy"))
            offered = each;
    ASSERT_TRUE(offered);
    EXPECT_GT(offered->count(), 0);
    for (int i = 0; i < offered->count(); ++i) {
        const std::string id = offered->itemData(i).toString().toStdString();
        EXPECT_EQ(methodOf(*session->catalogue().policy(id)), methodHydrostatic) << id;
        EXPECT_NE(id, common(test).policyId);
    }
}

TEST_F(Journey, WhatIfMovesTheResultAndStoresNothing) {
    startRun();
    runUntil(HydrostaticStep::Result);
    const auto events = session->book().eventCount();
    auto* findings = shell->bench().currentPanel()->findChild<FindingsView*>();
    auto* residual = findings->findChild<QLineEdit*>();
    QTest::keyClicks(residual, QStringLiteral("1,9"));
    bool said = false;
    for (const QLabel* each : findings->findChildren<QLabel*>())
        said = said || each->text().startsWith(QLatin1String("What if:"));
    EXPECT_TRUE(said);
    EXPECT_EQ(session->book().eventCount(), events);
}

TEST_F(Journey, EveryControlThatTakesTypingHasAName) {
    startRun();
    for (const QWidget* each : shell->findChildren<QWidget*>()) {
        const bool typed = qobject_cast<const QLineEdit*>(each) || qobject_cast<const QTableWidget*>(each) ||
                           qobject_cast<const QListWidget*>(each) || qobject_cast<const QComboBox*>(each);
        EXPECT_TRUE(!typed || !each->accessibleName().isEmpty())
            << each->metaObject()->className() << " in " << each->parentWidget()->metaObject()->className();
    }
}

TEST(TypedTimes, AreReadAsPeopleSayThem) {
    const Instant now = *instantFromIso("2026-03-12T07:40:00.000Z");
    EXPECT_NEAR(readTime(QStringLiteral("06:40"), now)->ago->value(), 1.0, 1e-9);
    EXPECT_NEAR(readTime(QStringLiteral("19:40"), now)->ago->value(), 12.0, 1e-9); // yesterday
    EXPECT_NEAR(readTime(QStringLiteral("90 min"), now)->ago->value(), 1.5, 1e-9);
    EXPECT_NEAR(readTime(QStringLiteral("3,5 h"), now)->ago->value(), 3.5, 1e-9);
    EXPECT_NEAR(readTime(QStringLiteral("2 d"), now)->ago->value(), 48.0, 1e-9);
    EXPECT_TRUE(readTime(QStringLiteral("never"), now)->never);
    for (const auto& [text, hours] :
         {std::pair("1h", 1.0), std::pair("8 min", 8.0 / 60.0), std::pair("7:15", 25.0 / 60.0),
          std::pair("2 days ago", 48.0), std::pair("10 weeks", 1680.0), std::pair("4.80 weeks", 806.4),
          std::pair("about 3 hours ago", 3.0), std::pair("yesterday 19:00", 12.0 + 40.0 / 60.0),
          std::pair("Yesterday", 7.0 + 40.0 / 60.0), std::pair("0", 0.0)}) {
        const auto read = readTime(QLatin1String(text), now);
        ASSERT_TRUE(read) << text;
        EXPECT_NEAR(read->ago->value(), hours, 1e-9) << text;
    }
    for (const char* text : {"", "25:00", "7:60", "soon", "-3 h", "3 hogsheads", "yesterday noon", "ago"})
        EXPECT_FALSE(readTime(QLatin1String(text), now)) << text;
    EXPECT_NEAR(*readNumber(QStringLiteral("4.80 weeks"), QStringLiteral("weeks")), 4.8, 1e-12);
    EXPECT_NEAR(*readNumber(QStringLiteral(" 1,02 "), QString()), 1.02, 1e-12);
    EXPECT_FALSE(readNumber(QStringLiteral("4 days"), QStringLiteral("weeks")));
}

} // namespace
} // namespace fusain::desktop::journey_test

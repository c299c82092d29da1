// The densitometer in the real window: typed, from the folder, wrong numbers, an unplugged scanner, progress.
#include "desktop/bench/scan/dxa_panels.hpp"
#include "desktop/bench/scan/scan_panel.hpp"
#include "desktop/places/clients/health_dialog.hpp"
#include "desktop/services/body_waters.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/screenings.hpp"
#include "link/simulation/all/simulated_lab.hpp"
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "store/transfer/client_transfer.hpp"
#include "support/dxa_run.hpp"
#include "support/in_step.hpp"
#include "support/journey.hpp"

#include <QDir>
#include <QFile>

namespace fusain::desktop::dxa_journey_test {
namespace {

using testing::soon;

class DxaJourney : public Journey {
protected:
    DxaProcedure& run() { return dynamic_cast<DxaProcedure&>(*session->run()); }
    void startDxa(const char* name = "Goran Lethe") {
        ASSERT_TRUE(session->report(session->startRun(someone(name), {}, methodDxa)));
        shell->open(PlaceName::Bench);
    }
    void runUntilStep(DxaStep step) {
        for (int i = 0; i < 80 && run().currentStep() != step; ++i)
            ASSERT_TRUE(driver->advance()) << i;
        ASSERT_EQ(run().currentStep(), step) << shell->lastProblem().toStdString();
    }
    // A signed scan without working through the window: what is looked at comes after.
    void signedScan(const Client& client) {
        ASSERT_TRUE(session->report(session->startRun(client, {}, methodDxa)));
        Expected<void> done = run().readPhantom(Percent(24.05), Percent(24.1));
        if (done)
            done = run().answerOpen([](const readiness::Rule& rule) { return readiness::answerKeeping(rule); });
        if (done)
            done = run().weigh(Kilograms(70.8), Attribution::typed());
        if (done)
            done = run().stateDose(0, Microsieverts(0.0), 0);
        if (done)
            done = run().confirm(DxaStep::Positioning);
        DxaScan scan;
        const double values[][3] = {{1.0, 3.3, 0.5},  {1.0, 3.1, 0.2}, {1.1, 3.3, 0.2},
                                    {9.4, 23.2, 0.9}, {2.7, 8.5, 0.5}, {2.8, 8.6, 0.5}};
        for (std::size_t i = 0; i < dxa::parts.size(); ++i)
            scan.readings.regions.push_back({dxa::parts[i],
                                             Kilograms(values[i][0]),
                                             Kilograms(values[i][1]),
                                             Kilograms(values[i][2]),
                                             {},
                                             {}});
        if (done)
            done = run().acceptScan(scan);
        for (const DxaStep step : {DxaStep::Lines, DxaStep::Result})
            if (done)
                done = run().confirm(step);
        if (done)
            done = run().interpret("In the band.");
        const Staff oriel{"oriel", "Oriel Thackway", Role::Physiologist};
        if (done)
            done = session->signRun(session->atTheBench(), oriel);
        ASSERT_TRUE(done) << done.error().english();
        session->closeRun();
    }
    ScanPanel& panel() { return dynamic_cast<ScanPanel&>(*shell->bench().currentPanel()); }
    QString scans() {
        QDir(folder.path()).mkpath(QStringLiteral("scans"));
        const QString place = folder.filePath(QStringLiteral("scans"));
        EXPECT_TRUE(session->book().setSetting("scan-folder", place.toStdString(), "bram"));
        return place;
    }
    static void write(const QString& path, const std::string& text) {
        QFile file(path);
        ASSERT_TRUE(file.open(QIODevice::WriteOnly));
        file.write(QByteArray::fromStdString(text));
    }
};

TEST_F(DxaJourney, TypedByKeyboardFromThePhantomToTheSignedReport) {
    startDxa();
    runUntilStep(DxaStep::Report);
    EXPECT_EQ(run().test().state, TestState::Signed);
    EXPECT_NEAR(run().test().phantom()->nominal.value(), 24.05, 1e-9); // taken from the quality log
    ASSERT_TRUE(run().test().scan());
    EXPECT_EQ(run().test().scan()->origin, Origin::Typed);
    const auto report = session->computing().reportOn(snapshotOf(run()));
    ASSERT_TRUE(report) << report.error().english();
    EXPECT_NEAR(report->composition()->fatPercent.estimate().value(), 25.4237, 1e-3);
    EXPECT_EQ(session->book().resultsOf(run().record().id).size(), 1u);
}

TEST_F(DxaJourney, AScanComesIntoTheFolderAndForeignFilesAreLeftAlone) {
    const QString place = scans();
    simulation::VirtualPerson person;
    person.onScanner.fat = Kilograms(18.0);
    person.onScanner.lean = Kilograms(50.0);
    person.onScanner.boneMineral = Kilograms(2.8);
    startDxa();
    person.code = session->book().client(run().record().subject.clientId)->code;
    simulation::SimulatedLab lab(5, person, {});
    lab.setScanner(
        place, [this] { return session->now(); }, 600);
    write(place + QStringLiteral("/notes.json"), "not json at all");
    write(place + QStringLiteral("/policy.json"), "{\"format\": \"fusain-policy\"}");
    runUntilStep(DxaStep::Scan);
    fusain::testing::linkInStep(session->hub(), lab, {QStringLiteral("scanner")});
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("scanner")); }));
    driver->press(Qt::Key_Space);
    EXPECT_TRUE(panel().primaryText().contains(QLatin1String("Scanning")));
    ASSERT_TRUE(soon([&] { return panel().primaryText().contains(QLatin1String("Accept")); }))
        << panel().verdict().toStdString();
    driver->press(Qt::Key_Space);
    ASSERT_TRUE(run().test().scan()) << shell->lastProblem().toStdString();
    EXPECT_EQ(run().test().scan()->origin, Origin::File);
    EXPECT_FALSE(run().test().scan()->link.empty());
    EXPECT_EQ(run().currentStep(), DxaStep::Lines);
    EXPECT_EQ(QDir(place).entryList(QDir::Files).size(), 3); // nothing was moved or deleted
}

TEST_F(DxaJourney, TheScanOfAnotherClientIsNotTaken) {
    const QString place = scans();
    startDxa();
    runUntilStep(DxaStep::Scan);
    ScanFile other;
    other.clientCode = "SP-999";
    other.scannedAt = session->now().plusMinutes(1);
    write(place + QStringLiteral("/scan.json"), fusain::toJson(other).dump());
    ASSERT_TRUE(soon([&] {
        panel().refresh();
        for (QLabel* label : panel().findChildren<QLabel*>())
            if (label->text().contains(QLatin1String("1 scan of another client")))
                return true;
        return false;
    }));
    EXPECT_FALSE(panel().primaryEnabled());
}

// The label was swapped: the physiologist says so, and both records keep it.
TEST_F(DxaJourney, AReassignedScanIsAnEventInBothRecords) {
    Client other = someone("Marit Quennell");
    other.code = "SP-999";
    ASSERT_TRUE(session->book().save(other, "bram"));
    startDxa();
    runUntilStep(DxaStep::Scan);
    session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    ScanFile file;
    file.clientCode = "SP-999";
    file.scannedAt = session->now();
    file.scanner = {"Scanner", "3.1", "whole body"};
    file.scan = testing::sheetsScan();
    const auto from = Attribution::fromFile(run().record().id, "scanner", "scan-7.json");
    ASSERT_TRUE(session->report(run().acceptFile(file, "C-1", {{}, "the labels were swapped"}, from)));
    ASSERT_TRUE(session->report(session->noteReassigned("SP-999", "scan-7.json", "the labels were swapped")));
    EXPECT_EQ(run().record().notes.back().kind, NoteKind::ScanReassigned);
    const auto events = session->book().eventsOf(other.id);
    ASSERT_EQ(events.back().kind, "scan.reassigned");
    EXPECT_EQ(events.back().by, "oriel");
    EXPECT_EQ(events.back().data->at("to_test"), run().record().id);
    EXPECT_TRUE(session->book().verify().sound());
    // Nobody here has that code: there is no other record to write into.
    EXPECT_TRUE(session->report(session->noteReassigned("SP-000", "scan-8.json", "typed wrong")));
}

TEST_F(DxaJourney, ACellOfTheRegionsIsTypedWithTheKeys) {
    startDxa();
    runUntilStep(DxaStep::Scan);
    auto* regions = shell->bench().currentPanel()->findChild<QTableWidget*>();
    ASSERT_TRUE(regions);
    regions->setFocus();
    regions->setCurrentCell(1, 1);
    QTest::keyClick(regions, Qt::Key_7); // into the cell, not into a field of the step
    auto* cell = regions->findChild<QLineEdit*>();
    ASSERT_TRUE(cell);
    QTest::keyClicks(cell, QStringLiteral(",5"));
    QTest::keyClick(cell, Qt::Key_Return);
    QApplication::processEvents(); // the cell takes it with the next event
    EXPECT_EQ(regions->item(1, 1)->text(), QStringLiteral("7,5"));
}

TEST_F(DxaJourney, NumbersThatDoNotAddUpAreNamedWhileTheyAreTyped) {
    startDxa();
    runUntilStep(DxaStep::Scan);
    auto* table = panel().regions();
    const char* rows[][3] = {{"1,0", "3,3", "0,5"},  {"1,0", "3,1", "0,2"}, {"1,1", "3,3", "0,2"},
                             {"9,4", "23,2", "0,9"}, {"2,7", "8,5", "0,5"}, {"2,8", "8,6", "0,5"}};
    for (int row = 0; row < 6; ++row)
        for (int column = 0; column < 3; ++column)
            table->item(row, column + 1)->setText(QLatin1String(rows[row][column]));
    EXPECT_TRUE(panel().primaryEnabled()) << panel().verdict().toStdString();
    for (const auto& [column, total] : {std::pair(1, "16,0"), std::pair(2, "50,0"), std::pair(3, "2,8")})
        table->item(7, column)->setText(QLatin1String(total)); // the page's total: two kilograms of fat too few
    EXPECT_FALSE(panel().primaryEnabled());
    EXPECT_TRUE(panel().verdict().contains(QLatin1String("add up to 18.000 kg, the page shows 16.000")))
        << panel().verdict().toStdString();
    table->item(7, 1)->setText(QStringLiteral("much"));
    EXPECT_FALSE(panel().primaryEnabled());
    table->item(7, 1)->setText(QStringLiteral("18,0"));
    EXPECT_TRUE(panel().primaryEnabled()) << panel().verdict().toStdString();
    driver->press(Qt::Key_Space);
    EXPECT_TRUE(run().test().scan());
}

TEST_F(DxaJourney, PossiblePregnancyStopsTheScan) {
    Client client = someone("Keziah Stroud");
    client.sex = Sex::Female;
    ASSERT_TRUE(session->book().save(client, "bram"));
    ASSERT_TRUE(session->report(session->startRun(client, {}, methodDxa)));
    shell->open(PlaceName::Bench);
    driver->advance(); // the phantom
    ASSERT_EQ(run().currentStep(), DxaStep::Screening);
    shell->bench().currentPanel()->setFocus();
    QTest::keyClick(shell->bench().currentPanel(), Qt::Key_1); // yes
    EXPECT_EQ(run().answerTo("dxa_pregnant")->finding.action, readiness::Action::Blocked);
    EXPECT_FALSE(session->report(run().acceptDeviation("dxa_pregnant", "very early")));
    ASSERT_TRUE(session->report(run().goTo(DxaStep::Scan)));
    EXPECT_FALSE(panel().primaryEnabled());
}

TEST_F(DxaJourney, ThePagesOfTheClientShowProgressAndMethods) {
    const Client client = someone();
    signedScan(client);
    signedScan(client);
    shell->open(PlaceName::Clients);
    shell->clients().showClient(QString::fromStdString(client.id));
    shell->clients().showPage(ClientsPlace::Page::Progress);
    QTableWidget* changes = shell->clients().progress().findChild<QTableWidget*>();
    ASSERT_TRUE(changes);
    ASSERT_GT(changes->rowCount(), 5);
    EXPECT_TRUE(changes->item(0, 6)->text().startsWith(QStringLiteral("within error"))); // the same numbers twice
    shell->clients().showPage(ClientsPlace::Page::Methods);
    const auto boxes = shell->clients().methodsOfADay().findChildren<QComboBox*>();
    EXPECT_GE(boxes.front()->count(), 1);
}

TEST_F(DxaJourney, APlanIsShownOrStopsAndSaysWhoHelps) {
    const Client client = someone();
    signedScan(client);
    shell->open(PlaceName::Clients);
    shell->clients().showClient(QString::fromStdString(client.id));
    shell->clients().showPage(ClientsPlace::Page::Plan);
    PlanPage& plan = shell->clients().plan();
    EXPECT_TRUE(plan.stop().isEmpty()) << "at balance nothing is asked";
    for (QSlider* slider : plan.findChildren<QSlider*>())
        if (slider->minimum() < 0)
            slider->setValue(-300);
    EXPECT_TRUE(plan.stop().contains(QLatin1String("health questions"))) << plan.stop().toStdString();
    const ScreeningQuestions& set = session->catalogue().screening;
    HealthDialog dialog(set, set.concerning(client.sex, Years(30)), {}, session->now(), "bram");
    for (const ScreeningQuestion& question : set.questions)
        dialog.answer(question.id, ScreeningAnswer::No);
    plan.useScreening(dialog.screening(), true);
    EXPECT_TRUE(plan.stop().isEmpty()) << plan.stop().toStdString();
    QTableWidget* points = plan.findChild<QTableWidget*>();
    ASSERT_TRUE(points);
    EXPECT_EQ(points->rowCount(), 3); // now, four and twelve weeks
    EXPECT_EQ(screeningOf(session->book(), client.id).items.size(),
              set.concerning(client.sex, Years(30)).size());
    dialog.answer("eating-history", ScreeningAnswer::Yes);
    plan.useScreening(dialog.screening(), true);
    EXPECT_TRUE(plan.stop().contains(QLatin1String("clinician"))) << plan.stop().toStdString();
    // Their pages are in words from now on.
    const auto report = session->computing().reportOn(session->book().testsOf(client.id).front());
    ASSERT_TRUE(report);
    EXPECT_TRUE(report->withoutNumbers);
    EXPECT_FALSE(points->isVisible()); // no numbers beside a stop
}

// Body water and health answers stand with the client, and what cannot be read is not written over.
TEST_F(DxaJourney, PapersOfAClientAreKeptAndNeverWrittenOverUnread) {
    const Client client = someone();
    const Instant day = session->now();
    EXPECT_TRUE(keepBodyWater(session->book(), client.id, {day, "bram", Litres(41.0), {}}));
    EXPECT_TRUE(keepBodyWater(session->book(), client.id, {day.plusMinutes(5.0), "bram", Litres(42.0), {}}));
    const auto samples = bodyWatersOf(session->book(), client.id);
    ASSERT_EQ(samples.size(), 1u) << "one of a day";
    EXPECT_EQ(bodyWaterOn(samples, day)->water.value(), 42.0);
    EXPECT_FALSE(bodyWaterOn(samples, day.plusMinutes(3.0 * 24.0 * 60.0)));
    for (const char* paper : {"body-water", "screening"})
        ASSERT_TRUE(session->book().setSetting(paperKey(paper, client.id), "{\"items\": 7", "bram"));
    EXPECT_FALSE(keepBodyWater(session->book(), client.id, {day, "bram", Litres(40.0), {}}));
    EXPECT_FALSE(keepScreening(session->book(), client.id, {}, "bram"));
    EXPECT_EQ(session->book().setting(paperKey("body-water", client.id)), "{\"items\": 7");
    EXPECT_EQ(screeningOf(session->book(), client.id).clearanceOf("eating-1", day), Clearance::NotAsked);
    EXPECT_TRUE(
        betterInWords(session->book(), session->catalogue().screening, client.id, client.sex, Years(30), day))
        << "who may have said something gets no numbers";
    auto record = *store::takeOut(session->book(), client.id);
    Json taken = fusain::toJson(record);
    taken["screening"] = Json{{"items", 7}};
    EXPECT_FALSE(clientRecordFromJson(taken, "other.json"));
}

TEST_F(DxaJourney, ARecordGoesOutAndComesIntoAnotherBook) {
    const Client client = someone("Goran Lethe");
    signedScan(client);
    const auto record = store::takeOut(session->book(), client.id);
    ASSERT_TRUE(record);
    EXPECT_FALSE(shell->clients().records().putIn(fusain::toJson(*record).dump(), "there.json")); // it is here
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("already")));
    ClientRecord other = *record;
    other.client.id = "client-away";
    other.client.code = "SP-777";
    other.client.name = "Somebody Else";
    other.tests.clear();
    EXPECT_TRUE(shell->clients().records().putIn(fusain::toJson(other).dump(), "away.json"));
    EXPECT_TRUE(session->book().client("client-away"));
    const QString workbook = folder.filePath(QStringLiteral("tests.xlsx"));
    ASSERT_TRUE(shell->clients().records().saveTable(client, workbook));
    QFile file(workbook);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    EXPECT_TRUE(file.read(2) == "PK"); // a workbook is a zip archive
    EXPECT_FALSE(shell->clients().records().saveTable(client, QStringLiteral("/nonexistent/tests.xlsx")));
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("workbook")));
}

} // namespace
} // namespace fusain::desktop::dxa_journey_test

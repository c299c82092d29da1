// Journeys through the real window, by mouse and keyboard, from a new client to the saved PDF.
#include "desktop/bench/closing_panels.hpp"
#include "desktop/bench/questions_panel.hpp"
#include "desktop/bench/trials_panel.hpp"
#include "desktop/places/client_form.hpp"
#include "link/simulation/simulated_lab.hpp"
#include "store/data_files.hpp"
#include "support/bench_driver.hpp"

#include <QClipboard>
#include <QInputDialog>
#include <QProcess>
#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace fusain::desktop {
namespace {

using testing::BenchDriver;
using testing::soon;

class Journey : public ::testing::Test {
protected:
    static void SetUpTestSuite() { report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts")); }
    void SetUp() override { openWindow(); }
    void TearDown() override { closeWindow(); }

    void openWindow() {
        auto book = store::LabBook::open(folder.filePath(QStringLiteral("lab.fusain")), clock);
        ASSERT_TRUE(book) << book.error().english();
        if ((*book)->staff().empty()) {
            ASSERT_TRUE((*book)->save(Staff{"bram", "Bram Iyengar", Role::Technician}, "bram"));
            ASSERT_TRUE((*book)->save(Staff{"oriel", "Oriel Thackway", Role::Physiologist}, "bram"));
            ASSERT_TRUE((*book)->setSetting("at-the-bench", "bram", "bram"));
        }
        session = std::make_unique<Session>(
            std::move(*book), *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data")), clock);
        shell = std::make_unique<Shell>(*session);
        shell->show();
        shell->activateWindow(); // shortcuts belong to the active window
        ASSERT_TRUE(QTest::qWaitForWindowActive(shell.get()));
        driver = std::make_unique<BenchDriver>(*shell, *session);
    }
    void closeWindow() {
        driver.reset();
        shell.reset();
        session.reset();
    }
    Client someone(const char* name = "Ailsa Brandvold") {
        Client client{session->freshId("client"),
                      "C-" + session->freshId(""),
                      name,
                      *dateFromIso("1990-01-01"),
                      Sex::Male,
                      Metres(1.75),
                      UnitSystem::Metric,
                      "",
                      false};
        EXPECT_TRUE(session->book().save(client, "bram"));
        return client;
    }
    void startRun() {
        const Client client = someone();
        ASSERT_TRUE(session->report(session->startRun(client, {})));
        shell->open(PlaceName::Bench);
    }
    void runUntil(HydrostaticStep step) {
        for (int i = 0; i < 120 && session->run()->currentStep() != step; ++i)
            driver->advance();
        ASSERT_EQ(session->run()->currentStep(), step) << shell->lastProblem().toStdString();
    }
    // Answers the next modal question with a sentence.
    void replyToReason(const QString& reason) {
        QTimer::singleShot(0, shell.get(), [reason] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            ASSERT_TRUE(dialog);
            dialog->setTextValue(reason);
            dialog->accept();
        });
    }

    QTemporaryDir folder;
    Clock clock = [] { return *instantFromIso("2026-03-12T07:40:00.000Z"); };
    std::unique_ptr<Session> session;
    std::unique_ptr<Shell> shell;
    std::unique_ptr<BenchDriver> driver;
};

TEST_F(Journey, FromANewClientToTheSavedPdf) {
    shell->open(PlaceName::Clients);
    QTimer::singleShot(0, shell.get(), [&] {
        auto* form = qobject_cast<ClientForm*>(QApplication::activeModalWidget());
        ASSERT_TRUE(form);
        const auto fields = form->findChildren<QLineEdit*>();
        QTest::keyClicks(fields[0], QStringLiteral("Teo Marangwe"));
        QTest::keyClicks(fields[2], QStringLiteral("1996-09-14"));
        QTest::keyClicks(fields[3], QStringLiteral("183"));
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
    EXPECT_EQ(session->book().resultsOf(session->run()->test().id).size(), 1u);
    EXPECT_TRUE(session->book().verify().sound());
}

TEST_F(Journey, ClosingTheWindowAtAnyStepResumesExactlyThere) {
    startRun();
    const std::string id = session->run()->test().id;
    for (int i = 0; i < 60; ++i) {
        driver->advance();
        if (i % 6 != 0)
            continue;
        const auto step = session->run()->currentStep();
        const Json record = toJson(session->run()->test());
        closeWindow();
        openWindow();
        ASSERT_TRUE(session->report(session->resumeRun(id)));
        shell->open(PlaceName::Bench);
        EXPECT_EQ(session->run()->currentStep(), step);
        EXPECT_EQ(toJson(session->run()->test()), record);
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
        EXPECT_TRUE(soon(checked, 2000)) << name;
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
}

TEST_F(Journey, ImpossibleTypingIsExplainedAndNothingIsAccepted) {
    startRun();
    runUntil(HydrostaticStep::WaterTemperature);
    driver->type("Water temperature, °C", "93.2", true);
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("no test below 20 or above 40")));
    driver->type("Water temperature, °C", "warm", true);
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("not a number")));
    EXPECT_FALSE(session->run()->test().waterTemperature);
    runUntil(HydrostaticStep::Trials);
    driver->type("Steady reading, typed, kg gross", "73,3", true);
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("not below the dry mass")));
    EXPECT_TRUE(session->run()->test().trials.empty());
}

TEST_F(Journey, SettingATrialAsideAsksForAReason) {
    startRun();
    runUntil(HydrostaticStep::OutSafely);
    ASSERT_TRUE(session->report(session->run()->goTo(HydrostaticStep::Trials)));
    replyToReason(QStringLiteral("touched the wall"));
    driver->press(Qt::Key_X);
    EXPECT_EQ(session->run()->test().trials.back().setAsideReason, "touched the wall");
    driver->press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(session->run()->test().trials.back().counts());
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
    session->hub().configure(
        QStringLiteral("load-cell"),
        link::LinkSettings::fromText(
            QStringLiteral("tcp:127.0.0.1:%1").arg(lab.openTcp(QStringLiteral("load-cell")))));
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("load-cell")); }));
    driver->press(Qt::Key_Space); // start
    ASSERT_TRUE(soon(
        [&] { return shell->bench().currentPanel()->verdict().startsWith(QLatin1String("Steady")); }, 20000));
    driver->press(Qt::Key_Space); // accept
    ASSERT_EQ(session->run()->test().trials.size(), 1u);
    EXPECT_NEAR(session->run()->test().trials[0].gross.value(), 3.3, 0.06);
    EXPECT_GT(session->run()->test().trials[0].trace.size(), 100u);
    driver->press(Qt::Key_Space);
    soon([] { return false; }, 500);
    lab.pullCables();
    soon([] { return false; }, 300);
    EXPECT_EQ(session->run()->test().trials.size(), 1u);
    EXPECT_EQ(session->book().test(session->run()->test().id)->trials.size(), 1u);
    EXPECT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("load-cell")); }));
}

TEST_F(Journey, ASavedTraceIsReplayedThroughTheBench) {
    startRun();
    runUntil(HydrostaticStep::Trials);
    simulation::Random random(3);
    const auto played = simulation::playSubmersion(simulation::drawSubmersion(random, 3.4), random);
    auto* panel = qobject_cast<TrialsPanel*>(shell->bench().currentPanel());
    panel->replay(played.samples);
    ASSERT_TRUE(soon([&] { return panel->verdict().startsWith(QLatin1String("Steady")); }, 20000));
    driver->press(Qt::Key_Space);
    ASSERT_EQ(session->run()->test().trials.size(), 1u);
    EXPECT_NEAR(session->run()->test().trials[0].gross.value(), 3.4, 0.02);
}

TEST_F(Journey, APhysiologistRecomputesBesideTheSignedResult) {
    startRun();
    runUntil(HydrostaticStep::Report);
    const auto test = session->run()->test();
    ASSERT_TRUE(session->report(
        session->recompute(test, *session->catalogue().policy("policy.hydrostatic.brozek-ecsc"))));
    const auto results = session->book().resultsOf(test.id);
    ASSERT_EQ(results.size(), 2u);
    EXPECT_NE(results[0].document["fat_percent"]["value"], results[1].document["fat_percent"]["value"]);
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
    EXPECT_NEAR(*QuestionsPanel::readTime(QStringLiteral("06:40"), now)->hoursSince, 1.0, 1e-9);
    EXPECT_NEAR(*QuestionsPanel::readTime(QStringLiteral("19:40"), now)->hoursSince, 12.0, 1e-9); // yesterday
    EXPECT_NEAR(*QuestionsPanel::readTime(QStringLiteral("90 min"), now)->hoursSince, 1.5, 1e-9);
    EXPECT_NEAR(*QuestionsPanel::readTime(QStringLiteral("3,5 h"), now)->hoursSince, 3.5, 1e-9);
    EXPECT_NEAR(*QuestionsPanel::readTime(QStringLiteral("2 d"), now)->hoursSince, 48.0, 1e-9);
    EXPECT_TRUE(QuestionsPanel::readTime(QStringLiteral("never"), now)->never);
    for (const char* text : {"", "25:00", "soon", "-3 h"})
        EXPECT_FALSE(QuestionsPanel::readTime(QLatin1String(text), now)) << text;
}

} // namespace
} // namespace fusain::desktop

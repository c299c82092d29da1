// The practice room in the real window: a case is begun, the made-up client answers, and the debrief says what
// was noticed.
#include "link/simulation/fault_names.hpp"
#include "support/journey.hpp"

namespace fusain::desktop {
namespace {

class Practice : public Journey {
protected:
    void SetUp() override {
        Journey::SetUp();
        shell.reset();
        session->setPractice();
        shell = std::make_unique<Shell>(*session);
        shell->show();
        shell->activateWindow();
        ASSERT_TRUE(QTest::qWaitForWindowActive(shell.get()));
        driver = std::make_unique<testing::BenchDriver>(*shell, *session);
    }
    QString allWords() {
        QStringList all;
        for (const auto* each : shell->findChildren<QLabel*>())
            if (each->isVisible())
                all << each->text();
        return all.join(QLatin1Char('\n'));
    }
};

TEST_F(Practice, IsMarkedOnTheWindowAndOnEveryPage) {
    EXPECT_TRUE(allWords().contains(QStringLiteral("Nothing here belongs to a client")));
    EXPECT_NE(session->labName().find("PRACTICE"), std::string::npos);
}

TEST_F(Practice, TheClientAnswersAndAStoppedTestIsAMetGoal) {
    ASSERT_TRUE(shell->practice()->begin("analyzer-pacemaker"));
    ASSERT_TRUE(session->clientSays());
    const readiness::Rule* implant = session->run()->protocol().find("imp_implant");
    ASSERT_TRUE(implant);
    EXPECT_EQ(session->clientSays()(*implant), QStringLiteral("yes"));
    readiness::Answer yes;
    yes.choice = "yes";
    ASSERT_TRUE(session->run()->answer("imp_implant", yes));
    ASSERT_TRUE(session->report(session->endRun("a pacemaker: no current")));
    shell->open(PlaceName::Practice);
    EXPECT_TRUE(shell->practice()->debriefText().isEmpty() == false);
    auto* list = shell->practice()->findChild<QListWidget*>();
    for (int row = 0; row < list->count(); ++row)
        if (list->item(row)->text().startsWith(QStringLiteral("Mentioned late")))
            list->setCurrentRow(row);
    EXPECT_TRUE(shell->practice()->debriefText().startsWith(QStringLiteral("✓")))
        << shell->practice()->debriefText().toStdString();
    EXPECT_FALSE(session->clientSays()) << "outside of a case nobody answers";
}

TEST_F(Practice, EveryFaultOfEveryCaseIsOneThatTheSimulatorKnows) {
    ASSERT_GE(session->catalogue().practice.size(), 24u);
    for (const PracticeCase& each : session->catalogue().practice)
        EXPECT_TRUE(simulation::faultsNamed(each.faults)) << each.id;
    const std::string unknown[] = {"earthquake"};
    EXPECT_FALSE(simulation::faultsNamed(unknown));
}

TEST_F(Practice, ACaseBegunTellsTheInstrumentsAndBelongsToWhoBeganIt) {
    std::string begun;
    QObject::connect(shell->practice(), &PracticePlace::caseBegun, shell.get(),
                     [&](const PracticeCase& practice) { begun = practice.id; });
    ASSERT_TRUE(shell->practice()->begin("tank-wall"));
    EXPECT_EQ(begun, "tank-wall");
    EXPECT_FALSE(shell->practice()->begin("no such case"));
    EXPECT_EQ(session->book().settingsUnder("practice-run.").size(), 1u);
    EXPECT_GE(shell->practice()->signOffSheet().pageCount(), 1);
}

} // namespace
} // namespace fusain::desktop

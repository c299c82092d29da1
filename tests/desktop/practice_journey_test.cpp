// The practice room in the real window: made-up people on the simulated instruments over their real links. What
// the trainee does here is done with the keys and panels of the bench.
#include "link/simulation/all/simulated_lab.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "support/in_step.hpp"
#include "support/journey.hpp"
#include "support/pdf_text.hpp"

#include <QAbstractItemView>
#include <QSlider>

namespace fusain::desktop::practice_journey_test {
namespace {

class Practice : public Journey {
protected:
    void SetUp() override {
        // The instruments' own time, and a millisecond for each look at the clock: nothing happens at once.
        clock = [this, start = *instantFromIso("2026-03-12T07:40:00.000Z"),
                 looks = std::make_shared<qint64>(0)] {
            return Instant{start.milliseconds + (labTime ? labTime() : 0) + ++*looks};
        };
        Journey::SetUp();
        openRoom();
    }
    void TearDown() override {
        lab.reset();
        Journey::TearDown();
    }
    void openRoom() {
        driver.reset();
        shell.reset();
        session->setPractice();
        lab =
            std::make_unique<simulation::SimulatedLab>(7, simulation::VirtualPerson{}, simulation::LabFaults{});
        labTime = lab->clock();
        fusain::testing::linkInStep(session->hub(), *lab, link::InstrumentHub::roles());
        lab->setAnalyzer({}, 60);
        lab->setChamberSpeed(30);
        lab->setScanner(folder.path(), clock, 600);
        EXPECT_TRUE(session->book().setSetting("scan-folder", folder.path().toStdString(), "bram"));
        shell = std::make_unique<Shell>(*session);
        shell->practice()->run().setInstruments(lab.get());
        shell->show();
        shell->activateWindow();
        ASSERT_TRUE(QTest::qWaitForWindowActive(shell.get()));
        driver = std::make_unique<testing::BenchDriver>(*shell, *session);
    }
    PracticePlace& room() { return *shell->practice(); }
    void begin(const char* caseId) {
        ASSERT_TRUE(room().cases().begin(caseId)) << shell->lastProblem().toStdString();
        const std::string truth = session->book().setting("truth." + session->run()->record().subject.clientId);
        auto person = simulation::virtualPersonOf(simulation::trueBodyFromJson(Json::parse(truth)));
        person.code = session->book().client(session->run()->record().subject.clientId)->code;
        lab->setPerson(person);
        ASSERT_TRUE(testing::soon([&] {
            return session->hub().status(QStringLiteral("analyzer")).state == link::LinkState::Live &&
                   session->hub().status(QStringLiteral("load-cell")).state == link::LinkState::Live;
        }));
    }
    StepPanel& panel() { return *shell->bench().currentPanel(); }
    // Space, as soon as it does what its button says.
    bool spaceWhen(const QString& says) {
        const bool there =
            testing::soon([&] { return panel().primaryText().contains(says) && panel().primaryEnabled(); });
        if (there)
            driver->press(Qt::Key_Space);
        return there;
    }
    QString allWords() {
        QStringList all;
        for (const auto* each : shell->findChildren<QLabel*>())
            if (each->isVisible())
                all << each->text();
        return all.join(QLatin1Char('\n'));
    }
    QString debriefOf(const char* caseId) {
        session->closeRun();
        shell->open(PlaceName::Practice);
        room().showPage(PracticePlace::Page::Cases);
        room().cases().choose(caseId);
        room().refresh();
        return room().cases().debriefText();
    }
    // Braces: the commands have to happen in their order.
    void must(std::initializer_list<Expected<void>> done) {
        for (const Expected<void>& each : done)
            ASSERT_TRUE(session->report(each)) << shell->lastProblem().toStdString();
        shell->open(PlaceName::Bench);
    }
    static Expected<void> as(const PracticeCase& practice, Procedure& run) {
        return run.answerOpen([&](const readiness::Rule& rule) -> std::optional<readiness::Answer> {
            const auto own = practice.answers.find(rule.id);
            return own == practice.answers.end() ? readiness::answerKeeping(rule, 0.2) : own->second;
        });
    }
    // Up to the instrument that misbehaves; the rest of the bench has journeys of its own.
    void toTheSweep() {
        using enum ImpedanceStep;
        auto& run = dynamic_cast<ImpedanceProcedure&>(*session->run());
        const auto client = *session->book().client(run.record().subject.clientId);
        must({run.confirm(WarmUp), run.checkModule(Ohms(500.0), Ohms(500.2)),
              run.confirmIdentity(client.code, client.code, *client.height), as(*room().run().current(), run),
              run.weigh(Kilograms(64.0), Attribution::typed()), run.confirm(Electrodes)});
    }
    void toTheRehearsal() {
        using enum HydrostaticStep;
        must({tank().confirm(TankReady), tank().checkLoadCell(Kilograms(0.0), Kilograms(5.0), Kilograms(5.003)),
              tank().readWaterTemperature(Celsius(34.2), Attribution::typed()),
              as(*room().run().current(), tank()), tank().weighDry(Kilograms(71.0), Attribution::typed()),
              tank().measureResidualVolume(Litres(1.5), "oxygen dilution")});
    }
    void toTheVolumes() {
        using enum ChamberStep;
        auto& run = dynamic_cast<ChamberProcedure&>(*session->run());
        simulation::Random random(5);
        const simulation::ChamberModel chamber;
        must({run.confirm(WarmUp), run.checkScale(Kilograms(20.0), Kilograms(20.001)),
              run.calibrate(*airdisplacement::calibrate(playCalibration(chamber, false, 25.0, random),
                                                        playCalibration(chamber, true, 25.0, random),
                                                        Litres(chamber.cylinder), Litres(0.005))),
              as(*room().run().current(), run), run.weigh(Kilograms(80.0), Attribution::typed())});
    }
    void finishAtTheDesk() {
        for (int i = 0; i < 40 && session->run()->textOf(session->run()->current()).id != "sign"; ++i)
            driver->advance();
        ASSERT_TRUE(session->report(session->signRun({"bram", "Bram Iyengar", Role::Technician},
                                                     Staff{"oriel", "Oriel Thackway", Role::Physiologist})))
            << shell->lastProblem().toStdString();
    }

    std::function<qint64()> labTime; ///< of the instruments; none before they are there
    std::unique_ptr<simulation::SimulatedLab> lab;
};

TEST_F(Practice, IsMarkedOnTheWindowAndOnEveryPage) {
    EXPECT_TRUE(allWords().contains(QStringLiteral("Nothing here belongs to a client")));
    EXPECT_NE(session->labName().find("PRACTICE"), std::string::npos);
    EXPECT_FALSE(room().strip().isVisible()) << "nobody to talk to outside of a case";
}

TEST_F(Practice, Analyzer_ATestIsStoppedWhenTheImplantIsMentionedLate) {
    begin("analyzer-late");
    EXPECT_TRUE(room().strip().isVisible());
    const readiness::Rule* implant = session->run()->protocol().find("imp_implant");
    ASSERT_TRUE(implant);
    EXPECT_EQ(session->clientSays()(*implant), QStringLiteral("no")) << "so the client says, at first";
    toTheSweep();
    EXPECT_EQ(session->run()->current(), Step(ImpedanceStep::Posture));
    EXPECT_TRUE(room().strip().words().contains(QStringLiteral("collarbone")))
        << room().strip().words().toStdString();
    ASSERT_TRUE(session->report(session->endRun("a pacemaker: no current")));
    EXPECT_FALSE(session->clientSays()) << "outside of a case nobody answers";
    const QString debrief = debriefOf("analyzer-late");
    EXPECT_TRUE(debrief.startsWith(QStringLiteral("✓"))) << debrief.toStdString();
    EXPECT_TRUE(debrief.contains(QStringLiteral("Caught 1, missed 0, false alarms 0")))
        << debrief.toStdString();
}

TEST_F(Practice, Analyzer_SocksAreFoundAndTheSweepIsTakenAgain) {
    begin("analyzer-socks");
    toTheSweep();
    must({session->run()->confirm(ImpedanceStep::Posture)});
    ASSERT_TRUE(spaceWhen(QStringLiteral("sweep"))) << panel().primaryText().toStdString();
    ASSERT_TRUE(testing::soon([&] { return !panel().primaryText().contains(QStringLiteral("Reading")); }));
    EXPECT_EQ(session->run()->current(), Step(ImpedanceStep::Sweep)) << "socks let no sweep through";
    room().strip().actBy("socks-off");
    EXPECT_TRUE(room().strip().words().contains(QStringLiteral("Off they come")));
    driver->press(Qt::Key_R);
    ASSERT_TRUE(testing::soon([&] { return panel().primaryText().contains(QStringLiteral("Accept")); }))
        << panel().primaryText().toStdString();
    driver->press(Qt::Key_Space);
    finishAtTheDesk();
    const QString debrief = debriefOf("analyzer-socks");
    EXPECT_TRUE(debrief.contains(QStringLiteral("Caught 1, missed 0, false alarms 0")))
        << debrief.toStdString();
    EXPECT_FALSE(debrief.contains(QStringLiteral("▲"))) << debrief.toStdString();
}

TEST_F(Practice, Tank_WhoForcesAnAnxiousClientMissesItAndReadsTheCost) {
    begin("tank-anxious");
    toTheRehearsal();
    EXPECT_TRUE(room().strip().words().contains(QStringLiteral("need air")))
        << room().strip().words().toStdString();
    driver->press(Qt::Key_Space);
    EXPECT_EQ(session->run()->current(), Step(HydrostaticStep::Trials));
    for (int trial = 0; trial < 3; ++trial) {
        ASSERT_TRUE(spaceWhen(QStringLiteral("Start trial"))) << panel().primaryText().toStdString();
        ASSERT_TRUE(spaceWhen(QStringLiteral("Accept trial"))) << panel().primaryText().toStdString();
    }
    EXPECT_EQ(room().run().log().recordings.size(), 3u);
    ASSERT_TRUE(session->report(session->run()->confirm(HydrostaticStep::Trials, "enough for today")));
    finishAtTheDesk();
    const QString debrief = debriefOf("tank-anxious");
    EXPECT_TRUE(debrief.contains(QStringLiteral("Missed: The client was given time"))) << debrief.toStdString();
    EXPECT_TRUE(debrief.contains(QStringLiteral("For this person: +"))) << debrief.toStdString();
    EXPECT_TRUE(debrief.contains(QStringLiteral("To practise next"))) << debrief.toStdString();
}

TEST_F(Practice, Chamber_TheCylinderIsFoundBeforeItCounts) {
    begin("chamber-cylinder");
    toTheVolumes();
    EXPECT_EQ(session->run()->current(), Step(ChamberStep::VolumeTrials));
    ASSERT_TRUE(spaceWhen(QStringLiteral("Close the door"))) << panel().primaryText().toStdString();
    ASSERT_TRUE(testing::soon([&] { return room().run().log().recordings.size() == 1u; }));
    EXPECT_EQ(room().run().log().recordings.front().spoiltBy, std::vector<std::string>{"cylinder-left"});
    room().strip().actBy("empty-chamber");
    EXPECT_TRUE(room().run().log().acts.back().mended);
    room().strip().actBy("cap");
    EXPECT_FALSE(room().run().log().acts.back().calledFor);
    ASSERT_TRUE(session->report(session->endRun("calibrate again first")));
    const QString debrief = debriefOf("chamber-cylinder");
    EXPECT_TRUE(debrief.contains(QStringLiteral("Caught 1, missed 1, false alarms 1")))
        << debrief.toStdString();
    EXPECT_EQ(debrief.count(QStringLiteral("Missed:")), 1); // what is counted is what is said
}

TEST_F(Practice, Chamber_TheDoorIsClosedAndTheTestSigned) {
    begin("chamber-door");
    toTheVolumes();
    auto& run = dynamic_cast<ChamberProcedure&>(*session->run());
    ASSERT_TRUE(spaceWhen(QStringLiteral("Close the door")));
    ASSERT_TRUE(testing::soon([&] { return panel().primaryText().contains(QStringLiteral("Repeat")); }))
        << "a leak is no volume: " << panel().primaryText().toStdString();
    room().strip().actBy("close-chamber");
    driver->press(Qt::Key_Space); // repeat
    for (int volume = 0; volume < 4 && run.trials().verdict == airdisplacement::TrialVerdict::NeedMore;
         ++volume) {
        if (volume > 0) {
            ASSERT_TRUE(spaceWhen(QStringLiteral("Close the door")));
        }
        ASSERT_TRUE(spaceWhen(QStringLiteral("Accept trial"))) << panel().verdict().toStdString();
    }
    must({run.confirm(ChamberStep::ThoracicGas, "predicted for practice")});
    finishAtTheDesk();
    const QString debrief = debriefOf("chamber-door");
    EXPECT_TRUE(debrief.contains(QStringLiteral("Caught 1, missed 0, false alarms 0")))
        << debrief.toStdString();
    EXPECT_FALSE(debrief.contains(QStringLiteral("▲"))) << debrief.toStdString();
}

TEST_F(Practice, Scanner_LinesAreDrawnAgainWithoutASecondDose) {
    begin("scanner-lines");
    auto& run = dynamic_cast<DxaProcedure&>(*session->run());
    must({run.readPhantom(simulation::softTissuePhantom, Percent(24.1)), as(*room().run().current(), run),
          run.weigh(Kilograms(64.0), Attribution::typed()), run.stateDose(0, Microsieverts(0.0), 0),
          run.confirm(DxaStep::Positioning)});
    ASSERT_TRUE(spaceWhen(QStringLiteral("Start the scan")));
    ASSERT_TRUE(testing::soon([&] { return panel().primaryText().contains(QStringLiteral("Accept")); }));
    EXPECT_TRUE(allWords().contains(QStringLiteral("less lean than the other side")))
        << "the trainee is told, and may still take it";
    room().strip().actBy("lines-again");
    ASSERT_TRUE(spaceWhen(QStringLiteral("Accept the scan"))) << panel().verdict().toStdString();
    ASSERT_TRUE(run.test().scan());
    EXPECT_EQ(room().run().log().recordings.size(), 2u) << "the scan, and the same analysed again";
    must({run.confirm(DxaStep::Lines)});
    finishAtTheDesk();
    const QString debrief = debriefOf("scanner-lines");
    EXPECT_TRUE(debrief.contains(QStringLiteral("Caught 1, missed 0, false alarms 0")))
        << debrief.toStdString();
    EXPECT_FALSE(debrief.contains(QStringLiteral("▲"))) << debrief.toStdString();
}

TEST_F(Practice, Scanner_AWeekOfPhantomsOnTheWayUpIsSeenAndReported) {
    begin("scanner-phantom");
    EXPECT_GE(session->book().checks("scanner").size(), 7u);
    EXPECT_EQ(session->run()->current(), Step(DxaStep::Phantom));
    room().strip().actBy("call-service");
    ASSERT_TRUE(session->report(session->endRun("the densitometer waits for the service")));
    const QString debrief = debriefOf("scanner-phantom");
    EXPECT_TRUE(debrief.contains(QStringLiteral("Caught 2, missed 0, false alarms 0")))
        << debrief.toStdString();
}

TEST_F(Practice, TheWrongRecordIsNoticedByAskingForTheName) {
    begin("analyzer-name");
    const auto opened = session->book().client(session->run()->record().subject.clientId);
    EXPECT_EQ(opened->name, "Runa Oksvik");
    room().strip().actBy("ask-name");
    EXPECT_TRUE(room().strip().words().contains(QStringLiteral("Runa Oksavik, born on 27 September 1993")))
        << room().strip().words().toStdString();
}

TEST_F(Practice, AfterAnActSpaceBelongsToTheBenchAgain) {
    begin("tank-anxious");
    QTest::keyClick(shell.get(), Qt::Key_D, Qt::ControlModifier);
    auto* acts = room().strip().findChild<QComboBox*>();
    EXPECT_TRUE(acts->view()->isVisible()) << "Ctrl+D opens the list";
    acts->hidePopup();
    EXPECT_EQ(QApplication::focusWidget(), acts);
    QTest::keyClick(acts, Qt::Key_Return);
    EXPECT_EQ(room().run().log().acts.size(), 1u);
    EXPECT_NE(QApplication::focusWidget(), acts);
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Space);
    EXPECT_TRUE(session->run()->isDone(HydrostaticStep::TankReady));
}

TEST_F(Practice, TwoTraineesAreCountedEachByTheirOwn) {
    begin("analyzer-implant");
    readiness::Answer yes;
    yes.choice = "yes";
    ASSERT_TRUE(session->run()->answer("imp_implant", yes));
    ASSERT_TRUE(session->report(session->endRun("a pacemaker: no current")));
    session->closeRun();
    session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    begin("analyzer-implant");
    ASSERT_TRUE(session->report(session->endRun("no time")));
    session->closeRun();
    shell->open(PlaceName::Practice);
    room().showPage(PracticePlace::Page::Trainee);
    auto* who = room().trainee().findChild<QComboBox*>();
    ASSERT_EQ(who->count(), 2);
    const auto methodsTable = room().trainee().findChildren<QTableWidget*>().front();
    const auto met = [&](const char* trainee) {
        who->setCurrentIndex(who->findData(QString::fromLatin1(trainee)));
        return methodsTable->item(2, 1)->text();
    };
    EXPECT_EQ(met("bram"), QStringLiteral("1 of 12"));
    EXPECT_EQ(met("oriel"), QStringLiteral("0 of 12"));
    who->setCurrentIndex(who->findData(QStringLiteral("bram")));
    const QString text = fusain::testing::textOf(room().trainee().signOffSheet());
    for (const char* words : {"Bram Iyengar", "PRACTICE", "1 of 12 cases", "signed off by"})
        EXPECT_TRUE(text.contains(QLatin1String(words))) << words << '\n' << text.toStdString();
}

TEST_F(Practice, AnEarlierTestIsThereToCompareWith) {
    begin("analyzer-odd");
    const auto tests = session->book().testsOf(session->run()->record().subject.clientId);
    ASSERT_EQ(tests.size(), 2u);
    EXPECT_EQ(common(tests.front()).state, TestState::Signed);
    EXPECT_NEAR(minutesBetween(common(tests.front()).startedAt, session->now()), 8.0 * 7.0 * 24.0 * 60.0,
                24.0 * 60.0);
}

TEST_F(Practice, APowerCutLosesNeitherTheCaseNorWhatWasMended) {
    begin("analyzer-socks");
    room().strip().actBy("socks-off");
    const std::string testId = session->run()->record().id;
    session->closeRun();
    EXPECT_FALSE(room().run().current());
    ASSERT_TRUE(session->report(session->resumeRun(testId)));
    ASSERT_TRUE(room().run().current());
    EXPECT_EQ(room().run().current()->id, "analyzer-socks");
    EXPECT_TRUE(room().run().log().did("socks-off"));
    EXPECT_FALSE(lab->mend("socks-off")) << "they are off already";
}

TEST_F(Practice, WhatACaseLeavesUnmendedIsNotThereInTheNextTest) {
    begin("analyzer-socks");
    ASSERT_TRUE(session->report(session->endRun("enough")));
    session->closeRun();
    ASSERT_TRUE(session->report(session->startRun(someone(), {}, methodImpedance)));
    EXPECT_FALSE(room().run().current());
    EXPECT_FALSE(room().strip().isVisible());
    EXPECT_FALSE(lab->mend("socks-off")) << "the analyzer is in order again";
}

TEST_F(Practice, HelpIsAsMuchAsWasChosen) {
    auto* help = room().cases().findChild<QComboBox*>();
    help->setCurrentIndex(0);
    begin("tank-plain");
    runUntil(HydrostaticStep::LoadCell);
    EXPECT_TRUE(room().strip().words().contains(QStringLiteral("Hint"))) << "a prompt at each step";
    ASSERT_TRUE(session->report(session->endRun("enough")));
    help->setCurrentIndex(1);
    begin("tank-plain");
    runUntil(HydrostaticStep::LoadCell);
    EXPECT_FALSE(room().strip().words().contains(QStringLiteral("Hint")));
    QTest::keyClick(shell.get(), Qt::Key_J, Qt::ControlModifier);
    EXPECT_TRUE(room().strip().words().contains(QStringLiteral("Hint"))) << "asked for";
    EXPECT_EQ(room().run().log().hints, 1);
    ASSERT_TRUE(session->report(session->endRun("enough")));
    help->setCurrentIndex(2);
    begin("tank-plain");
    runUntil(HydrostaticStep::LoadCell);
    EXPECT_TRUE(room().run().hint().isEmpty());
}

TEST_F(Practice, EveryFaultAndActOfEveryCaseIsKnown) {
    ASSERT_GE(session->catalogue().practice.size(), 24u);
    const auto& acts = session->catalogue().practiceActs;
    const auto known = [&](std::string_view id) {
        return std::ranges::find(acts, id, &PracticeAct::id) != acts.end();
    };
    for (const simulation::NamedFault& fault : simulation::namedFaults())
        EXPECT_TRUE(known(fault.act)) << fault.name << " has no remedy on offer";
    for (const PracticeCase& each : session->catalogue().practice) {
        for (const PracticeFault& fault : each.faults)
            EXPECT_TRUE(simulation::faultNamed(fault.name)) << each.id;
        for (const PracticeGoal& goal : each.goals)
            if (goal.fact.starts_with("did.")) {
                EXPECT_TRUE(known(goal.fact.substr(4))) << each.id << ' ' << goal.fact;
            }
    }
}

TEST_F(Practice, EveryPageToReadStandsAndACarefulReaderScoresFull) {
    shell->open(PlaceName::Practice);
    room().showPage(PracticePlace::Page::Reading);
    ASSERT_GE(session->catalogue().readings.size(), 6u);
    std::map<Verdict, int> verdicts;
    for (const ReadingExercise& each : session->catalogue().readings) {
        ASSERT_TRUE(room().reading().open(each.id)) << each.id << ' ' << shell->lastProblem().toStdString();
        const auto key = room().reading().key();
        ASSERT_EQ(key.size(), each.quantities.size()) << each.id;
        EXPECT_FALSE(room().reading().check()) << "nothing is marked yet";
        for (std::size_t i = 0; i < key.size(); ++i) {
            ++verdicts[key[i].verdict];
            EXPECT_FALSE(key[i].reasons.empty());
            room().reading().mark(static_cast<int>(i), key[i].verdict);
        }
        const auto score = room().reading().check();
        ASSERT_TRUE(score);
        EXPECT_TRUE(score->full()) << each.id;
    }
    for (const Verdict verdict : {Verdict::Real, Verdict::MayBeNoise, Verdict::NotComparable})
        EXPECT_GE(verdicts[verdict], 3) << "each judgement can be practised";
    EXPECT_GE(room().trainee().signOffSheet().pageCount(), 1);
}

TEST_F(Practice, WhatIfAnswersAtOnce) {
    shell->open(PlaceName::Practice);
    room().showPage(PracticePlace::Page::WhatIf);
    WhatIfPage& bench = room().whatIf();
    bench.chooseMethod(QStringLiteral("hydrostatic"));
    const QString before = bench.resultText();
    bench.setFault(QStringLiteral("held-back"), true);
    EXPECT_NE(bench.resultText(), before);
    EXPECT_TRUE(bench.resultText().contains(QStringLiteral("off by +"))) << bench.resultText().toStdString();
    bench.chooseMethod(QStringLiteral("impedance"));
    bench.setFault(QStringLiteral("crossed-leads"), true);
    EXPECT_TRUE(bench.resultText().contains(QStringLiteral("No result"))) << bench.resultText().toStdString();
    auto* mass = bench.findChild<QSlider*>();
    mass->setValue(mass->value() + 10);
    EXPECT_TRUE(testing::soon([&] { return bench.resultText().contains(QStringLiteral("No result")); }));
}

} // namespace
} // namespace fusain::desktop::practice_journey_test

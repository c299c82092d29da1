// One person's signal beside another person's test, in the real window: nothing reaches the wrong record,
// whatever is shown, hidden, typed or pressed.
#include "desktop/places/day/team_morning.hpp"
#include "desktop/services/water_book.hpp"
#include "support/in_step.hpp"
#include "support/journey.hpp"

#include <QComboBox>
#include <QPlainTextEdit>

namespace fusain::desktop::two_people_test {
namespace {

using fusain::testing::linkInStep;
using fusain::testing::pass;
using fusain::testing::soon;

class TwoPeople : public Journey {
protected:
    StepPanel& panel() { return *shell->bench().currentPanel(); }
    std::string begin(const char* name, std::string_view method) {
        const Client client = someone(name);
        EXPECT_TRUE(session->report(session->startRun(client, {}, method)));
        shell->open(PlaceName::Bench);
        return session->run()->record().id;
    }
    void show(const std::string& test) {
        ASSERT_TRUE(session->report(session->resumeRun(test)));
        shell->open(PlaceName::Bench);
    }
    void key(int key) { driver->press(key); }
    /// Frames by hand, as a scale would send them.
    void frame(const char* role, std::map<std::string, double> values) {
        Q_EMIT session->hub().frameArrived({role, ++sequence_, std::move(values)});
    }
    template <class Own>
    Own& running() {
        return dynamic_cast<Own&>(*session->run());
    }

private:
    unsigned long sequence_ = 0;
};

TEST_F(TwoPeople, ATrialOfOneIsNotThereInTheTestOfTheOther) {
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, simulation::LabFaults{});
    const std::string first = begin("Ailsa Brandvold", methodHydrostatic);
    runUntil(HydrostaticStep::Trials);
    begin("Marit Quennell", methodHydrostatic);
    const std::string second = session->run()->record().id;
    runUntil(HydrostaticStep::Trials);
    show(first);
    linkInStep(session->hub(), lab, {QStringLiteral("load-cell")});
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("load-cell")); }));
    key(Qt::Key_Space);
    ASSERT_TRUE(soon([&] { return panel().primaryText().startsWith(QLatin1String("Accept trial")); }));
    show(second);
    EXPECT_TRUE(panel().primaryText().startsWith(QLatin1String("Start trial")))
        << panel().primaryText().toStdString();
    key(Qt::Key_Space); // the load cell is in use by the first test
    EXPECT_TRUE(tank().test().trials.empty());
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("Another open test")));
    show(first); // what was read is still there, and hers
    ASSERT_TRUE(panel().primaryText().startsWith(QLatin1String("Accept trial")));
    key(Qt::Key_Space);
    ASSERT_EQ(tank().test().trials.size(), 1u);
    EXPECT_EQ(tank().test().trials.front().test, first);
    show(second);
    EXPECT_TRUE(tank().test().trials.empty());
}

TEST_F(TwoPeople, ASweepOfOneIsNotThereInTheTestOfTheOther) {
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, simulation::LabFaults{});
    lab.setAnalyzer({}, 60);
    const std::string first = begin("Ailsa Brandvold", methodImpedance);
    runUntil(ImpedanceStep::Sweep);
    const std::string second = begin("Marit Quennell", methodImpedance);
    runUntil(ImpedanceStep::Sweep);
    show(first);
    linkInStep(session->hub(), lab, {QStringLiteral("analyzer")});
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("analyzer")); }));
    key(Qt::Key_Space);
    ASSERT_TRUE(soon([&] { return panel().primaryText().startsWith(QLatin1String("Accept")); }));
    show(second);
    EXPECT_EQ(panel().primaryText(), QStringLiteral("Start the sweep"));
    show(first);
    EXPECT_TRUE(panel().primaryText().startsWith(QLatin1String("Accept")));
}

// Every kind of recording: begun for one, it is neither running nor complete for the other at the same step.
TEST_F(TwoPeople, NoPanelShowsOrTakesWhatIsRecordedForSomebodyElse) {
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, simulation::LabFaults{});
    lab.setChamberSpeed(25);
    lab.setAnalyzer({}, 60);
    lab.setScanner(folder.path(), clock, 600);
    struct Kind {
        std::string_view method;
        Step step;
        const char* role;
    };
    const std::vector<Kind> kinds{{methodHydrostatic, HydrostaticStep::VitalCapacity, "spirometer"},
                                  {methodChamber, ChamberStep::Calibration, "chamber"},
                                  {methodImpedance, ImpedanceStep::Sweep, "analyzer"},
                                  {methodDxa, DxaStep::Scan, "scanner"}};
    std::vector<std::pair<std::string, std::string>> pairs;
    for (const Kind& kind : kinds) {
        const std::string first = begin("Ailsa Brandvold", kind.method);
        runUntil(kind.step);
        const std::string second = begin("Marit Quennell", kind.method);
        runUntil(kind.step);
        pairs.emplace_back(first, second);
    }
    linkInStep(session->hub(), lab, link::InstrumentHub::roles());
    for (std::size_t i = 0; i < kinds.size(); ++i) {
        ASSERT_TRUE(soon([&] { return session->hub().isLive(QLatin1String(kinds[i].role)); }));
        show(pairs[i].second);
        const QString idle = panel().primaryText();
        show(pairs[i].first);
        EXPECT_EQ(panel().primaryText(), idle);
        key(Qt::Key_Space);
        EXPECT_NE(panel().primaryText(), idle) << kinds[i].role;
        pass(lab, 200);
        show(pairs[i].second);
        EXPECT_EQ(panel().primaryText(), idle) << kinds[i].role;
        const auto events = session->book().eventCount();
        key(Qt::Key_Space); // the instrument is in use
        EXPECT_EQ(session->book().eventCount(), events) << kinds[i].role;
        EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("Another open test"))) << kinds[i].role;
        pass(lab, 3000);
        EXPECT_EQ(panel().primaryText(), idle) << kinds[i].role;
    }
}

// What was written or ticked for one is not there for the other, and comes back with its own test.
TEST_F(TwoPeople, WordsTypedForOneAreNotKeptForTheOther) {
    const std::string first = begin("Ailsa Brandvold", methodHydrostatic);
    runUntil(HydrostaticStep::Interpretation);
    const std::string second = begin("Marit Quennell", methodHydrostatic);
    runUntil(HydrostaticStep::Interpretation);
    const auto box = [&] { return panel().findChild<QPlainTextEdit*>(); };
    show(first);
    box()->setPlainText(QStringLiteral("Ailsa's own sentence."));
    show(second);
    EXPECT_TRUE(box()->toPlainText().isEmpty());
    key(Qt::Key_Space);
    EXPECT_TRUE(tank().test().interpretation.empty());
    show(first);
    EXPECT_EQ(box()->toPlainText(), QStringLiteral("Ailsa's own sentence."));
}

TEST_F(TwoPeople, AHeightTypedForOneIsNotConfirmedForTheOther) {
    const std::string first = begin("Ailsa Brandvold", methodImpedance);
    runUntil(ImpedanceStep::Identity);
    const std::string second = begin("Marit Quennell", methodImpedance);
    runUntil(ImpedanceStep::Identity);
    show(first);
    driver->type("Height, cm", "165");
    driver->type("Client code", "half a co");
    show(second);
    driver->type("Client code", session->book().client(session->run()->record().subject.clientId)->code.c_str(),
                 true);
    ASSERT_TRUE(running<ImpedanceProcedure>().test().identity);
    EXPECT_NEAR(running<ImpedanceProcedure>().test().subject.height.value(), 1.75, 1e-12);
}

// The load cell is zeroed anew while a finished trial waits: it was recorded under the tare of before.
TEST_F(TwoPeople, ATrialIsNotTakenUnderACheckThatWasMadeAfterIt) {
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, simulation::LabFaults{});
    startRun();
    runUntil(HydrostaticStep::Trials);
    linkInStep(session->hub(), lab, {QStringLiteral("load-cell")});
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("load-cell")); }));
    key(Qt::Key_Space);
    ASSERT_TRUE(soon([&] { return panel().primaryText().startsWith(QLatin1String("Accept trial")); }));
    ASSERT_TRUE(session->report(tank().checkLoadCell(Kilograms(1.0), Kilograms(5.0), Kilograms(5.0))));
    ASSERT_TRUE(session->report(session->run()->goTo(HydrostaticStep::Trials)));
    key(Qt::Key_Space);
    EXPECT_TRUE(tank().test().trials.empty());
    EXPECT_TRUE(panel().primaryText().startsWith(QLatin1String("Start trial")));
}

// A team's turn, and somebody else's impedance test put on the bench meanwhile.
TEST_F(TwoPeople, ATeamsTurnIsNeverAnothersTest) {
    const Client member = someone("Rafe Quillander"), guest = someone("Marit Quennell");
    store::Visit visit{"v1", member.id, clock(), std::string(methodImpedance), "booked", {}, "team: dance"};
    ASSERT_TRUE(session->book().save(visit, "bram"));
    TeamMorning morning(*session);
    ASSERT_TRUE(session->report(morning.begin(member, visit)));
    ASSERT_TRUE(morning.running());
    const std::string turn = morning.running()->record().id;
    ASSERT_TRUE(session->report(session->startRun(guest, {}, methodImpedance)));
    const std::string onTheBench = session->run()->record().id;
    EXPECT_EQ(morning.running(), nullptr); // no mass, no sweep of the team can reach the guest
    ASSERT_TRUE(session->report(session->resumeRun(turn)));
    EXPECT_TRUE(morning.running());
    ASSERT_TRUE(session->report(morning.endTurn("aside")));
    EXPECT_EQ(session->run()->record().id, onTheBench); // the guest's test was closed by nobody
    EXPECT_EQ(morning.running(), nullptr);
}

TEST_F(TwoPeople, AMassThatDoesNotGoIsAskedAbout) {
    startRun();
    runUntil(HydrostaticStep::VitalCapacity); // 70.00 kg in the tank
    const auto client = *session->book().client(session->run()->record().subject.clientId);
    ASSERT_TRUE(session->report(session->startRun(client, {}, methodChamber)));
    shell->open(PlaceName::Bench);
    runUntil(ChamberStep::Mass);
    auto& chamber = running<ChamberProcedure>();
    EXPECT_FALSE(session->massDoubt(Kilograms(71.0)));
    EXPECT_TRUE(session->massDoubt(Kilograms(71.01)));
    replyToReason(QString());
    driver->type("Mass, kg", "63,00", true);
    EXPECT_FALSE(chamber.test().mass);
    replyToReason(QStringLiteral("the tank's scale was wet"));
    driver->type("Mass, kg", "63,00", true);
    ASSERT_TRUE(chamber.test().mass);
    EXPECT_EQ(chamber.record().notes.back().kind, NoteKind::IdentityKept);
}

// A client in the chamber while another is weighed: each recording goes on, whoever is on the bench.
TEST_F(TwoPeople, ARecordingGoesOnWhileAnotherTestIsOnTheBench) {
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, simulation::LabFaults{});
    const std::string first = begin("Ailsa Brandvold", methodHydrostatic);
    runUntil(HydrostaticStep::Trials);
    linkInStep(session->hub(), lab, {QStringLiteral("load-cell")});
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("load-cell")); }));
    key(Qt::Key_Space);
    const std::string second = begin("Marit Quennell", methodChamber);
    pass(lab, 12000);
    EXPECT_EQ(session->openRuns().size(), 2u);
    show(first);
    EXPECT_TRUE(panel().primaryText().startsWith(QLatin1String("Accept trial")))
        << panel().verdict().toStdString();
    key(Qt::Key_Space);
    EXPECT_GT(tank().test().trials.front().trace.samples.size(), 300u);
    EXPECT_EQ(tank().test().trials.front().missingLines, 0);
}

TEST_F(TwoPeople, TheStandBackViewRecordsAndNeitherPlacesNorNamesNorThemesTouchARecording) {
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, simulation::LabFaults{});
    startRun();
    runUntil(HydrostaticStep::Trials);
    linkInStep(session->hub(), lab, {QStringLiteral("load-cell")});
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("load-cell")); }));
    QTest::keyClick(shell.get(), Qt::Key_F11);
    key(Qt::Key_Space);
    const auto sent = session->hub().sent(QStringLiteral("load-cell"));
    for (const PlaceName place : {PlaceName::Clients, PlaceName::Quality, PlaceName::Bench}) {
        pass(lab, 300);
        shell->open(place);
    }
    session->setNamesHidden(true);
    session->setDark(true);
    shell->resize(1400, 900);
    session->setNamesHidden(false);
    session->setDark(false);
    EXPECT_TRUE(soon([&] { return panel().primaryText().startsWith(QLatin1String("Accept trial")); }))
        << panel().verdict().toStdString();
    EXPECT_EQ(session->hub().sent(QStringLiteral("load-cell")), sent); // drawing gives no orders
    EXPECT_TRUE(panel().standBack().reading.endsWith(QLatin1String("kg")));
    key(Qt::Key_Space);
    ASSERT_EQ(tank().test().trials.size(), 1u);
    EXPECT_EQ(tank().test().trials.front().missingLines, 0);
}

TEST_F(TwoPeople, ALightClientComesUpAndTheTrialIsStillReady) {
    simulation::VirtualPerson light;
    light.netUnderwaterMass = 0.9;
    simulation::SimulatedLab lab(7, light, simulation::LabFaults{});
    startRun();
    runUntil(HydrostaticStep::Trials);
    linkInStep(session->hub(), lab, {QStringLiteral("load-cell")});
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("load-cell")); }));
    key(Qt::Key_Space);
    ASSERT_TRUE(soon([&] { return panel().verdict().startsWith(QLatin1String("Client up")); }))
        << panel().verdict().toStdString();
    pass(lab, 5000); // for as long as it lasts
    key(Qt::Key_Space);
    ASSERT_EQ(tank().test().trials.size(), 1u) << shell->lastProblem().toStdString();
    EXPECT_NEAR(tank().test().trials.front().net().value(), 0.9, 0.06);
}

TEST_F(TwoPeople, ALeftoverTypedValueIsTakenByNoOtherButton) {
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, simulation::LabFaults{});
    startRun();
    runUntil(HydrostaticStep::Trials);
    driver->type("Steady reading, typed, kg gross", "68.380");
    linkInStep(session->hub(), lab, {QStringLiteral("load-cell")});
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("load-cell")); }));
    EXPECT_TRUE(panel().primaryText().startsWith(QLatin1String("Start trial")));
    key(Qt::Key_Space);
    EXPECT_TRUE(tank().test().trials.empty());
    ASSERT_TRUE(session->report(session->run()->goTo(HydrostaticStep::DryMass)));
    ASSERT_TRUE(session->report(session->run()->goTo(HydrostaticStep::Trials)));
    for (const QLineEdit* field : panel().findChildren<QLineEdit*>())
        EXPECT_TRUE(field->text().isEmpty()); // nothing is left over when the step is come to again
}

TEST_F(TwoPeople, APoundTypedAtTheScaleDoesNotAcceptTheLiveMass) {
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, simulation::LabFaults{});
    startRun();
    runUntil(HydrostaticStep::DryMass);
    linkInStep(session->hub(), lab, {QStringLiteral("floor-scale")});
    ASSERT_TRUE(soon([&] { return session->hub().latest(QStringLiteral("floor-scale")).has_value(); }));
    shell->bench().setFocus();
    QWidget* focus = &shell->bench();
    for (const QChar c : QStringLiteral("154 lb")) {
        focus = QApplication::focusWidget() ? QApplication::focusWidget() : &shell->bench();
        QTest::keyClick(focus, c.toLatin1());
    }
    EXPECT_FALSE(tank().test().dryMass);
}

TEST_F(TwoPeople, OnlyASteadyScaleIsAccepted) {
    simulation::LabFaults swaying;
    swaying.scaleUnstable = true;
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, swaying);
    startRun();
    runUntil(HydrostaticStep::Readiness);
    linkInStep(session->hub(), lab, {QStringLiteral("floor-scale")});
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("floor-scale")); }));
    runUntil(HydrostaticStep::DryMass);
    const auto onIt = [&](double stable) {
        const auto latest = session->hub().latest(QStringLiteral("floor-scale"));
        return latest && latest->value("kg") > 60.0 && latest->value("stable", 0.5) == stable;
    };
    ASSERT_TRUE(soon([&] { return onIt(0.0); }));
    EXPECT_FALSE(panel().primaryEnabled());
    key(Qt::Key_Space);
    EXPECT_FALSE(tank().test().dryMass);
    lab.setFaults({});
    ASSERT_TRUE(soon([&] { return onIt(1.0); }));
    const QString says = panel().primaryText();
    key(Qt::Key_Space);
    ASSERT_TRUE(tank().test().dryMass);
    EXPECT_TRUE(says.contains(number(tank().test().dryMass->value, 2))); // exactly what the button showed
}

TEST_F(TwoPeople, TheNextAnswerDoesNotLandOnOneThatAwaitsADecision) {
    startRun();
    runUntil(HydrostaticStep::Readiness);
    const auto* rule = tank().questions(HydrostaticStep::Readiness).front();
    ASSERT_EQ(rule->id, "hw_food");
    driver->type("Answer", "1 h", true);
    ASSERT_TRUE(tank().answerTo("hw_food")->open());
    for (QLineEdit* field : panel().findChildren<QLineEdit*>())
        if (field->isVisible())
            QTest::keyClicks(field, QStringLiteral("14 h\r"));
    QTest::keyClicks(&shell->bench(), QStringLiteral("14"));
    EXPECT_EQ(tank().answerTo("hw_food")->answer.ago, Hours(1.0));
}

TEST_F(TwoPeople, AContraindicationsPrimaryEndsTheTest) {
    startRun();
    runUntil(HydrostaticStep::Screening);
    const auto* rule = tank().questions(HydrostaticStep::Screening).front();
    ASSERT_TRUE(session->report(tank().answer(rule->id, {std::nullopt, false, std::nullopt, "yes"})));
    EXPECT_TRUE(panel().primaryText().startsWith(QLatin1String("End test")));
    EXPECT_FALSE(panel().verdict().contains(QLatin1String("ontinue")));
    for (const auto* each : panel().findChildren<QPushButton*>())
        EXPECT_FALSE(each->isVisible() && each->text().startsWith(QLatin1String("Override"))); // a technician
    replyToReason(QStringLiteral("epilepsy"));
    key(Qt::Key_Space);
    EXPECT_EQ(tank().test().state, TestState::Refused);
}

TEST_F(TwoPeople, BadWaterLocksEveryTankTestUntilAGoodReading) {
    const Client client = someone();
    water::CareReading bad;
    bad.freeChlorine = MilligramsPerLitre(0.4);
    bad.combinedChlorine = MilligramsPerLitre(0.1);
    bad.acidity = 7.4;
    bad.temperature = Celsius(34.0);
    ASSERT_TRUE(session->report(session->water().log({clock(), "bram", bad, {}})));
    EXPECT_FALSE(session->report(session->startRun(client, {})));
    EXPECT_TRUE(session->report(session->startRun(client, {}, methodChamber))); // only the tank
    session->closeRun();
    session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    EXPECT_TRUE(session->report(session->startRun(client, {}, methodHydrostatic, "the strip was old")));
    session->closeRun();
    session->setAtTheBench({"bram", "Bram Iyengar", Role::Technician});
    bad.freeChlorine = MilligramsPerLitre(3.5);
    ASSERT_TRUE(session->report(session->water().log({clock(), "bram", bad, {}})));
    EXPECT_TRUE(session->report(session->startRun(client, {})));
}

TEST_F(TwoPeople, ASecondTestOnAnInstrumentAndAnotherDayAreAskedFirst) {
    const Client first = someone("Ailsa Brandvold"), second = someone("Marit Quennell");
    EXPECT_TRUE(session->objectionsTo(first, {}, methodHydrostatic).empty());
    ASSERT_TRUE(session->report(session->startRun(first, {})));
    EXPECT_EQ(session->objectionsTo(second, {}, methodHydrostatic).size(), 1u);
    EXPECT_TRUE(session->objectionsTo(second, {}, methodChamber).empty());
    for (const auto& [id, when, objections] :
         {std::tuple("v1", "2026-03-12T09:40:00.000Z", 0u), // two hours early
          std::tuple("v2", "2026-03-12T09:41:00.000Z", 1u), std::tuple("v3", "2026-03-19T07:40:00.000Z", 1u)}) {
        store::Visit visit{id, second.id, *instantFromIso(when), std::string(methodChamber), "booked", {}, {}};
        ASSERT_TRUE(session->book().save(visit, "bram"));
        EXPECT_EQ(session->objectionsTo(second, id, methodChamber).size(), objections) << id;
    }
}

TEST_F(TwoPeople, EachTestProposesWhoRanIt) {
    startRun();
    runUntil(HydrostaticStep::Sign);
    const auto technician = [&] {
        for (const QComboBox* box : panel().findChildren<QComboBox*>())
            if (box->accessibleName() == QLatin1String("Technician"))
                return box->currentText();
        return QString();
    };
    EXPECT_EQ(technician(), QStringLiteral("Bram Iyengar"));
    ASSERT_TRUE(session->book().save(Staff{"tove", "Tove Lindqvist", Role::Technician}, "oriel"));
    session->setAtTheBench({"tove", "Tove Lindqvist", Role::Technician});
    begin("Marit Quennell", methodHydrostatic);
    runUntil(HydrostaticStep::Sign);
    EXPECT_EQ(technician(), QStringLiteral("Tove Lindqvist"));
    key(Qt::Key_Space); // no physiologist was chosen
    EXPECT_EQ(tank().test().state, TestState::Running);
}

TEST_F(TwoPeople, TwentyThousandClientsAreOpenedByIdFromEveryWayIn) {
    constexpr int people = 20000;
    ASSERT_TRUE(session->book().together([&]() -> Expected<void> {
        for (int i = 0; i < people; ++i) {
            const std::string n = std::to_string(100000 + i);
            if (auto saved =
                    session->book().save(Client{"c" + n, "K-" + n, "Person " + n, *dateFromIso("1990-01-01"),
                                                Sex::Female, Metres(1.7), UnitSystem::Metric, "", false},
                                         "bram");
                !saved)
                return saved;
        }
        return {};
    }));
    std::mt19937 random(14);
    const auto shown = [&] { return shell->clients().where(); };
    for (int i = 0; i < 200; ++i) {
        const std::string n = std::to_string(100000 + std::uniform_int_distribution(0, people - 1)(random));
        if (i % 2 == 0) {
            shell->searchFor(QString::fromStdString((i % 4 == 0 ? "K-" : "Person ") + n));
        } else {
            shell->open(PlaceName::Clients);
            shell->clients().showClient(QString::fromStdString("c" + n));
        }
        ASSERT_TRUE(shown().contains(QString::fromStdString("Person " + n)))
            << n << ' ' << shown().toStdString();
    }
    shell->searchFor(QStringLiteral("Person 1000")); // a hundred of them
    EXPECT_FALSE(shown().contains(QLatin1String("Person 1"))) << shown().toStdString();
    shell->clients().showClient(QStringLiteral("nobody"));
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("not in this lab book")));
}

} // namespace
} // namespace fusain::desktop::two_people_test

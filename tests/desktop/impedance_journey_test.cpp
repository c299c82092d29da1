// The impedance analyzer in the real window: a clean run, a contact mended, a blocked pacemaker, a team
// morning, an import.
#include "desktop/bench/method/questions_panel.hpp"
#include "desktop/places/clients/import_dialog.hpp"
#include "desktop/places/clients/imports_dialog.hpp"
#include "desktop/places/day/team_review.hpp"
#include "desktop/services/carried_answers.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/day_now.hpp"
#include "link/simulation/all/simulated_lab.hpp"
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "support/impedance_run.hpp"
#include "support/in_step.hpp"
#include "support/journey.hpp"

#include <QCheckBox>
#include <QFile>
#include <QPlainTextEdit>
#include <QProgressDialog>

namespace fusain::desktop::impedance_journey_test {
namespace {

using testing::soon;

class ImpedanceJourney : public Journey {
protected:
    ImpedanceProcedure& run() { return dynamic_cast<ImpedanceProcedure&>(*session->run()); }
    void startImpedance(const char* name = "Ines Halloway") {
        ASSERT_TRUE(session->report(session->startRun(someone(name), {}, methodImpedance)));
        shell->open(PlaceName::Bench);
    }
    void connect(simulation::SimulatedLab& lab, std::initializer_list<const char*> roles) {
        QStringList names;
        for (const char* role : roles)
            names << QLatin1String(role);
        fusain::testing::linkInStep(session->hub(), lab, names);
        for (const QString& name : names)
            ASSERT_TRUE(soon([&] { return session->hub().isLive(name); }));
    }
    StepPanel& panel() { return *shell->bench().currentPanel(); }
};

TEST_F(ImpedanceJourney, ACleanRunFromTheSweepToTheSignedReport) {
    simulation::SimulatedLab lab(5, {}, {});
    lab.setAnalyzer({}, 240);
    startImpedance();
    runUntil(ImpedanceStep::Sweep);
    connect(lab, {"analyzer"});
    driver->press(Qt::Key_Space);
    ASSERT_TRUE(soon([&] { return panel().primaryText().contains(QLatin1String("Accept")); }))
        << panel().verdict().toStdString();
    driver->press(Qt::Key_Space);
    ASSERT_EQ(run().test().sweeps.size(), 1u) << shell->lastProblem().toStdString();
    EXPECT_EQ(run().test().sweep()->readings.spectra.size(), 6u);
    runUntil(ImpedanceStep::Report);
    EXPECT_EQ(run().record().state, TestState::Signed);
    const auto report = session->computing().reportOn(snapshotOf(run()));
    ASSERT_TRUE(report);
    EXPECT_TRUE(report->composition());
    EXPECT_EQ(session->book().resultsOf(run().record().id).size(), 1u);
}

TEST_F(ImpedanceJourney, AListReadOutIsAnsweredWithOneKeyAndExceptionsFirst) {
    startImpedance();
    runUntil(ImpedanceStep::Readiness);
    const auto rules = run().questions(ImpedanceStep::Readiness);
    ASSERT_GT(rules.size(), 5u);
    // An exception first: food an hour ago. It needs a decision, and stays what it was.
    const auto food = std::ranges::find(rules, std::string("imp_food"), &readiness::Rule::id);
    ASSERT_NE(food, rules.end());
    readiness::Answer hourAgo;
    hourAgo.ago = Hours(1.0);
    ASSERT_TRUE(session->report(run().answer("imp_food", hourAgo)));
    ASSERT_TRUE(session->report(run().acceptDeviation("imp_food", "comes from far away")));
    panel().setFocus();
    QTest::keyClick(&panel(), Qt::Key_A);
    for (const auto* rule : rules) {
        const auto* answer = run().answerTo(rule->id);
        EXPECT_EQ(answer != nullptr, rule->type != readiness::AnswerType::Number) << rule->id;
        if (answer) {
            EXPECT_EQ(answer->answer.keptAsTold == readiness::KeptAsTold::List, rule->id != "imp_food")
                << rule->id;
        }
    }
    EXPECT_FALSE(run().answerTo("imp_food")->finding.kept);
    EXPECT_FALSE(run().isDone(ImpedanceStep::Readiness)) << "what is measured is typed";
}

TEST_F(ImpedanceJourney, WhatWasSaidTodayIsTakenOverAndStandsAsItDoesNow) {
    const Client client = someone();
    ASSERT_TRUE(session->report(session->startRun(client, {}, methodHydrostatic)));
    readiness::Answer food;
    food.ago = Hours(5.0);
    ASSERT_TRUE(session->report(session->run()->answer("hw_food", food)));
    const Instant asked = session->now();
    session->closeRun();
    clock = [asked] { return asked.plusMinutes(90.0); };
    closeWindow();
    openWindow();
    ASSERT_TRUE(session->report(session->startRun(*session->book().client(client.id), {}, methodImpedance)));
    shell->open(PlaceName::Bench);
    runUntil(ImpedanceStep::Readiness);
    const auto* rule = session->protocolFor(methodImpedance).find("imp_food");
    ASSERT_TRUE(rule);
    const auto rules = run().questions(ImpedanceStep::Readiness);
    const SaidBefore said = saidBefore(*session, rules);
    ASSERT_TRUE(said.today.contains("imp_food"));
    EXPECT_NEAR(said.today.at("imp_food").answer.ago->value(), 6.5, 1e-9); // an hour and a half later
    EXPECT_EQ(said.today.size(), 1u) << "nothing else was asked in the same words";
    ASSERT_FALSE(run().answerTo("imp_food"));
    panel().setFocus();
    QTest::keyClick(&panel(), Qt::Key_C);
    ASSERT_TRUE(run().answerTo("imp_food"));
    EXPECT_NEAR(run().answerTo("imp_food")->answer.ago->value(), 6.5, 1e-9);
    EXPECT_FALSE(run().answerTo("imp_caffeine")) << "nobody said that";
}

// Questions of one topic are not one question: a pacemaker is not low blood sugar, thirst is not a salty night.
TEST_F(ImpedanceJourney, AnAnswerGoesToNoOtherQuestionThanItsOwn) {
    const Client client = someone();
    ASSERT_TRUE(session->report(session->startRun(client, {}, methodHydrostatic)));
    for (const auto& rule : {"hw_sugar", "hw_dried_out"})
        ASSERT_TRUE(session->report(session->run()->answer(rule, {std::nullopt, false, std::nullopt, "no"})));
    ASSERT_TRUE(session->report(session->run()->answer("hw_gas", {Hours(2.0), false, std::nullopt, {}})));
    session->closeRun();
    ASSERT_TRUE(session->report(session->startRun(client, {}, methodImpedance)));
    std::vector<const readiness::Rule*> rules;
    for (int i = 0; i < static_cast<int>(session->run()->steps().size()); ++i)
        std::ranges::copy(session->run()->questions(Step(i)), std::back_inserter(rules));
    const auto said = saidBefore(*session, rules);
    ASSERT_EQ(said.today.size(), 1u);
    EXPECT_EQ(said.today.begin()->first, "imp_dried_out");
    session->closeRun();
    // Somebody else's answers are not there.
    ASSERT_TRUE(session->report(session->startRun(someone("Ode Winterbourne"), {}, methodImpedance)));
    EXPECT_TRUE(saidBefore(*session, rules).today.empty());
}

TEST_F(ImpedanceJourney, NobodySignsForAPhysiologistWhoIsNotThere) {
    simulation::SimulatedLab lab(5, {}, {});
    startImpedance();
    session->setAtTheBench({"bram", "Bram Iyengar", Role::Technician});
    runUntil(ImpedanceStep::Sweep);
    connect(lab, {"analyzer"});
    driver->press(Qt::Key_Space);
    ASSERT_TRUE(soon([&] { return panel().primaryText().contains(QLatin1String("Accept")); }));
    driver->press(Qt::Key_Space);
    runUntil(ImpedanceStep::Interpretation);
    // A number that is not one of the test is named; what is ticked stands in the text.
    auto* text = panel().findChild<QPlainTextEdit*>();
    text->setPlainText(QStringLiteral("You have 99.9 % fat; come back in 12 weeks."));
    auto* warning = panel().findChild<QLabel*>(QStringLiteral("warning"));
    ASSERT_TRUE(soon([&] { return warning->text().contains(QLatin1String("99.9 %")); }));
    EXPECT_FALSE(warning->text().contains(QLatin1String("12")));
    auto* first = panel().findChild<QCheckBox*>();
    first->click();
    EXPECT_TRUE(text->toPlainText().contains(first->accessibleName()));
    text->setPlainText(first->accessibleName());
    EXPECT_TRUE(first->isChecked());
    first->click();
    EXPECT_TRUE(text->toPlainText().isEmpty());
    runUntil(ImpedanceStep::Sign);
    EXPECT_TRUE(panel().primaryText().contains(QLatin1String("Hand over")));
    driver->press(Qt::Key_Space);
    EXPECT_TRUE(run().handedOver());
    EXPECT_EQ(run().record().state, TestState::Running);
    EXPECT_TRUE(panel().primaryText().isEmpty()) << "it waits";
    driver->press(Qt::Key_Space);
    EXPECT_EQ(run().record().state, TestState::Running);
    // It stands in the day of the physiologist, not in the technician's.
    DayBoard board(*session);
    board.load(session->now());
    EXPECT_FALSE(nowOf(*session, board).sentence.startsWith(QLatin1String("To sign")));
    session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    EXPECT_TRUE(nowOf(*session, board).sentence.startsWith(QLatin1String("To sign")))
        << nowOf(*session, board).sentence.toStdString();
    EXPECT_TRUE(panel().primaryText().contains(QLatin1String("Sign")));
    driver->press(Qt::Key_Space);
    ASSERT_EQ(run().record().state, TestState::Signed) << shell->lastProblem().toStdString();
    EXPECT_EQ(run().record().signature->technician, "bram");
    EXPECT_EQ(run().record().signature->physiologist, "oriel");
    // An amendment is a version of its own: it has to be handed over anew.
    session->setAtTheBench({"bram", "Bram Iyengar", Role::Technician});
    EXPECT_FALSE(session->report(run().amend("the height was wrong"))); // the physiologist answers for it
    session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    ASSERT_TRUE(session->report(run().amend("the height was wrong")));
    EXPECT_FALSE(run().handedOver());
    EXPECT_FALSE(isHandedOver(run().record()));
}

TEST_F(ImpedanceJourney, AContactFaultIsNamedRefusedAndMended) {
    simulation::LabFaults faults;
    faults.analyzer.badContact = impedance::Segment::LeftArm;
    simulation::SimulatedLab lab(5, {}, faults);
    lab.setAnalyzer({}, 240);
    startImpedance();
    runUntil(ImpedanceStep::Sweep);
    connect(lab, {"analyzer"});
    driver->press(Qt::Key_Space);
    ASSERT_TRUE(soon([&] { return panel().primaryText().contains(QLatin1String("Repeat")); }));
    EXPECT_TRUE(panel().verdict().contains(QLatin1String("left arm"))) << panel().verdict().toStdString();
    EXPECT_TRUE(panel().verdict().contains(QLatin1String("moisten")));
    EXPECT_TRUE(run().test().sweeps.empty());
    lab.setFaults({});
    driver->press(Qt::Key_Space); // repeats
    ASSERT_TRUE(soon([&] { return panel().primaryText().contains(QLatin1String("Accept")); }));
    driver->press(Qt::Key_Space);
    EXPECT_EQ(run().test().sweeps.size(), 1u);
}

TEST_F(ImpedanceJourney, TheModuleIsReadLiveAndACableMayBePulled) {
    simulation::SimulatedLab lab(5, {}, {});
    lab.setAnalyzer({}, 20);
    startImpedance();
    connect(lab, {"analyzer"});
    runUntil(ImpedanceStep::Module);
    driver->press(Qt::Key_Space);
    ASSERT_TRUE(soon([&] { return panel().primaryText().startsWith(QLatin1String("Accept")); }));
    EXPECT_EQ(run().test().moduleCheck(), nullptr); // a button takes what it shows, when it is pressed
    driver->press(Qt::Key_Space);
    ASSERT_TRUE(run().test().moduleCheck());
    EXPECT_NEAR(run().test().moduleCheck()->reading.value(), 500.0, 2.0);
    runUntil(ImpedanceStep::Sweep);
    driver->press(Qt::Key_Space);
    ASSERT_TRUE(soon([&] { return panel().standBack().reading.contains(QLatin1Char('/')); }));
    lab.pullCables();
    ASSERT_TRUE(soon([&] { return panel().verdict().contains(QLatin1String("disconnected")); }))
        << panel().verdict().toStdString();
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("analyzer")); })); // it reconnects
    driver->press(Qt::Key_R);
    ASSERT_TRUE(soon([&] { return panel().primaryText().contains(QLatin1String("Accept")); }));
}

TEST_F(ImpedanceJourney, APacemakerBlocksTheTechnician) {
    startImpedance("Pau Ferrandiz-Noor");
    runUntil(ImpedanceStep::Screening);
    QTest::keyClick(&panel(), Qt::Key_1); // yes
    EXPECT_EQ(run().answerTo("imp_implant")->finding.action, readiness::Action::Blocked);
    EXPECT_FALSE(session->report(run().acceptDeviation("imp_implant", "it will be all right")));
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("physiologist")))
        << shell->lastProblem().toStdString();
    ASSERT_TRUE(session->report(run().goTo(ImpedanceStep::Sweep)));
    EXPECT_FALSE(panel().primaryEnabled());
    EXPECT_TRUE(panel().verdict().contains(QLatin1String("First finish")));
}

TEST_F(ImpedanceJourney, ValuesOfTheInstrumentAloneMakeAReportThatSaysSo) {
    startImpedance();
    runUntil(ImpedanceStep::Sweep);
    ASSERT_TRUE(session->report(run().keepReported({{"fat-percent", 21.0, "%"}})));
    ASSERT_TRUE(run().isDone(ImpedanceStep::Sweep));
    runUntil(ImpedanceStep::Report);
    const auto report = session->computing().reportOn(snapshotOf(run()));
    ASSERT_TRUE(report);
    EXPECT_TRUE(std::get<ImpedanceResult>(report->computed.result).fromReported);
}

TEST_F(ImpedanceJourney, WithoutFatThePhaseAngleIsReadFromTwoMetres) {
    startImpedance();
    auto standing = run().test().setup;
    standing.geometry = impedance::ElectrodeGeometry::StandingContact;
    ASSERT_TRUE(session->report(run().setUp(standing)));
    runUntil(ImpedanceStep::Sweep);
    ASSERT_TRUE(session->report(run().acceptSweep(fusain::testing::cleanSweep(), Attribution::typed())));
    ASSERT_TRUE(session->report(run().goTo(ImpedanceStep::Result)));
    const auto computed = session->computing().computed(snapshotOf(run()));
    ASSERT_TRUE(computed);
    ASSERT_EQ(computed->composition(), nullptr);
    const double angle = std::get<ImpedanceResult>(computed->result).phaseAngle->estimate().value();
    EXPECT_EQ(panel().standBack().reading, number(angle, 1) + QStringLiteral("°"));
    EXPECT_TRUE(panel().standBack().verdict.contains(QLatin1String("Phase angle")));
}

TEST_F(ImpedanceJourney, ATeamOfTenIsMeasuredWithSixKeysEach) {
    simulation::SimulatedLab lab(5, {}, {});
    lab.setAnalyzer({}, 120);
    connect(lab, {"analyzer", "floor-scale"});
    std::vector<std::string> codes;
    for (int i = 0; i < 10; ++i) {
        Client client = someone("Dancer");
        client.code = "SD-" + std::to_string(i + 1);
        ASSERT_TRUE(session->book().save(client, "bram"));
        codes.push_back(client.code);
        ASSERT_TRUE(session->book().save(store::Visit{"visit-" + client.id,
                                                      client.id,
                                                      session->now().plusMinutes(4.0 * i),
                                                      std::string(methodImpedance),
                                                      "booked",
                                                      {},
                                                      "team: dancers"},
                                         "bram"));
    }
    shell->open(PlaceName::Day);
    shell->day().showTeam(true);
    TeamPage& team = shell->day().team();
    auto* code = team.findChild<QLineEdit*>();
    const auto scan = [&](const std::string& text) {
        code->clear();
        QTest::keyClicks(code, QString::fromStdString(text)); // the scanner types
        QTest::keyClick(code, Qt::Key_Return);
    };
    QTest::keyClick(&team, Qt::Key_Space); // everybody was asked together, once
    scan("SP-999");
    EXPECT_TRUE(team.message().contains(QLatin1String("belongs to nobody")));
    for (int i = 0; i < 10; ++i) {
        int keys = 1; // Enter of the scanner
        scan(codes[static_cast<std::size_t>(i)]);
        ASSERT_TRUE(session->run()) << team.message().toStdString() << shell->lastProblem().toStdString();
        const std::string id = session->run()->record().id;
        if (i == 3) { // away for a moment, called again at the end
            replyToReason(QStringLiteral("had to take a call"));
            QTest::keyClick(&team, Qt::Key_X);
            ASSERT_EQ(team.queue().entries()[3].state, TeamState::Aside);
            continue;
        }
        while (shell->typingPause().holds()) // since the X of somebody who is away
            QThread::msleep(5);
        QTest::keyClick(&team, Qt::Key_Space), ++keys; // alone: implant, pregnancy and the like
        QTest::keyClick(&team, Qt::Key_Space), ++keys; // stands by what the group said
        ASSERT_TRUE(soon([&] {
            const auto frame = session->hub().latest(QStringLiteral("floor-scale"));
            return frame && frame->value("kg") > 40.0 && frame->value("stable", 1.0) != 0.0;
        }));
        QTest::keyClick(&team, Qt::Key_Space), ++keys; // mass
        QTest::keyClick(&team, Qt::Key_Space), ++keys; // sweep
        ASSERT_TRUE(soon([&] { return !session->run(); })) << team.message().toStdString();
        EXPECT_LE(keys, 6);
        EXPECT_EQ(team.queue().entries()[static_cast<std::size_t>(i)].state, TeamState::Done);
    }
    scan(codes[0]);
    EXPECT_TRUE(team.message().contains(QLatin1String("measured already")));
    EXPECT_EQ(team.queue().left(), 1);
    scan(codes[3]);
    EXPECT_TRUE(session->run());
    const auto morning = session->book().visitsBetween({}, session->now().plusMinutes(600));
    const auto tests = session->book().testsOf(morning.front().clientId);
    ASSERT_EQ(tests.size(), 1u);
    const auto toldBy = [&](const char* rule) {
        return common(tests.front()).answerTo(rule)->answer.keptAsTold;
    };
    EXPECT_EQ(toldBy("imp_implant"), readiness::KeptAsTold::List);
    EXPECT_EQ(toldBy("imp_food"), readiness::KeptAsTold::Group);
    EXPECT_FALSE(common(tests.front()).answerTo("imp_food")->answer.ago); // nobody named a time
    // The board hides the values until they are asked for.
    auto* board = team.findChild<RecordsView*>();
    const auto cell = [&](int row, int column) { return board->model()->index(row, column).data().toString(); };
    ASSERT_TRUE(soon([&] { return !cell(0, 4).isEmpty(); }));
    EXPECT_EQ(cell(0, 4), QStringLiteral("•••"));
    EXPECT_FALSE(cell(0, 3).isEmpty());
    team.showValues(true);
    EXPECT_TRUE(cell(0, 4).endsWith(QLatin1String(" %"))) << cell(0, 4).toStdString();
    team.showValues(false);
    EXPECT_EQ(cell(0, 4), QStringLiteral("•••"));
}

// What is unusual is opened, every result has its sentence; only then all of them are signed.
TEST_F(ImpedanceJourney, ResultsOfATeamAreReviewedBeforeTheyAreSigned) {
    const auto person = [](const char* id, const char* sentence, QStringList toLook) {
        TeamResult result;
        result.testId = id;
        result.fatPercent = 20.0;
        result.halfInterval = 4.0;
        result.sentence = QLatin1String(sentence);
        result.toLook = std::move(toLook);
        return TeamReview::Person{QLatin1String(id), QLatin1String(id), result};
    };
    TeamReview review(*session, {person("a", "Nothing has changed.", {}),
                                 person("b", "", {QStringLiteral("changed since the last test")}),
                                 person("c", "Well.", {QStringLiteral("2 answers not as asked")})});
    auto* list = review.findChild<RecordsView*>();
    auto* sentence = review.findChild<QLineEdit*>();
    QPushButton* sign = nullptr;
    for (QPushButton* each : review.findChildren<QPushButton*>())
        if (each->text().startsWith(QLatin1String("Sign")))
            sign = each;
    ASSERT_TRUE(list && sentence && sign);
    EXPECT_EQ(list->current(), QStringLiteral("b")); // what is unusual stands first, and is open
    EXPECT_EQ(review.leftToOpen(), 1);
    EXPECT_FALSE(sign->isEnabled());
    list->choose(QStringLiteral("c"));
    EXPECT_EQ(review.leftToOpen(), 0);
    EXPECT_EQ(sentence->text(), QStringLiteral("Well."));
    EXPECT_FALSE(sign->isEnabled()) << "b has no sentence yet";
    list->choose(QStringLiteral("b"));
    EXPECT_TRUE(sentence->text().isEmpty());
    QTest::keyClicks(sentence, QStringLiteral("You have gained 1 kg of lean mass."));
    EXPECT_TRUE(sign->isEnabled());
    const auto said = review.sentences();
    EXPECT_EQ(said.at("a"), "Nothing has changed.");
    EXPECT_EQ(said.at("b"), "You have gained 1 kg of lean mass.");
    EXPECT_EQ(said.at("c"), "Well.");
}

TEST_F(ImpedanceJourney, OneOfTheTeamWhoDiffersIsAskedAtTheOrdinaryBench) {
    Client client = someone("Dancer");
    client.code = "SD-1";
    ASSERT_TRUE(session->book().save(client, "bram"));
    ASSERT_TRUE(session->book().save(
        store::Visit{
            "visit-1", client.id, session->now(), std::string(methodImpedance), "booked", {}, "team: dancers"},
        "bram"));
    shell->open(PlaceName::Day);
    shell->day().showTeam(true);
    TeamPage& team = shell->day().team();
    QTest::keyClick(&team, Qt::Key_D); // the group is not of one mind: each is asked everything alone
    auto* code = team.findChild<QLineEdit*>();
    QTest::keyClicks(code, QStringLiteral("SD-1"));
    QTest::keyClick(code, Qt::Key_Return);
    ASSERT_TRUE(session->run()) << team.message().toStdString();
    QTableWidget* questions = nullptr;
    for (QTableWidget* each : team.findChildren<QTableWidget*>())
        if (each->accessibleName() == QLatin1String("Questions"))
            questions = each;
    ASSERT_TRUE(questions);
    EXPECT_GT(questions->rowCount(), 15); // screening, the private ones and the group's
    QTest::keyClick(&team, Qt::Key_D);    // had breakfast
    EXPECT_TRUE(shell->bench().isVisible());
    ASSERT_TRUE(session->run());
    EXPECT_TRUE(session->run()->record().answers.empty()); // nothing was said for anybody
    EXPECT_EQ(team.queue().entries()[0].state, TeamState::Aside);
}

// In the encoding of older programs, of another year, while somebody is on the bench.
TEST_F(ImpedanceJourney, AnOldExportComesInWithItsDateAndDisturbsNobody) {
    Client client = someone("Lotte Vansittart");
    client.code = "SP-109";
    ASSERT_TRUE(session->book().save(client, "bram"));
    startImpedance("Somebody Else");
    const std::string onTheBench = session->run()->record().id;
    const auto table = exchange::tableFromCsv("ID,Datum,Gewicht (weight),Gr\xF6\xDF"
                                              "e (height),Resistance whole body,Reactance whole body\n"
                                              "SP-109,2019-05-01,70.0,175,480,60\n"
                                              "SP-109,2031-05-01,70.0,175,480,60\n"
                                              "SP-109,May 2019,70.0,175,480,60\n",
                                              "export.csv");
    ASSERT_TRUE(table) << table.error().english();
    EXPECT_EQ(table->header[3], "Größe (height)");
    ImportDialog dialog(*session, *table, {"", "/somewhere/export.csv"});
    EXPECT_EQ(dialog.importGood(), 1);
    ASSERT_TRUE(session->run());
    EXPECT_EQ(session->run()->record().id, onTheBench);
    const auto tests = session->book().testsOf(client.id);
    ASSERT_EQ(tests.size(), 1u);
    const auto& kept = std::get<ImpedanceTest>(tests.front());
    EXPECT_EQ(isoText(dateOf(kept.startedAt)), "2019-05-01");
    EXPECT_EQ(kept.mass->at, kept.startedAt);
    EXPECT_EQ(std::floor(kept.subject.age.value()), 29.0); // of then
    EXPECT_EQ(kept.sweep()->origin, Origin::File);
    EXPECT_TRUE(session->book().verify().sound());
}

TEST_F(ImpedanceJourney, AnExportIsPreviewedAndOnlyGoodRowsComeIn) {
    Client client = someone("Lotte Vansittart");
    client.code = "SP-109";
    ASSERT_TRUE(session->book().save(client, "bram"));
    auto table =
        exchange::tableFromCsv("ID,Weight,Height,Resistance whole body,Reactance whole body,Body fat %\n"
                               "SP-109,70.0,175,480,60,19.0\n"
                               "SP-404,70.0,175,480,60,19.0\n"
                               "SP-109,70.0,165,480,60,19.0\n"
                               "SP-109,70.0,175,60,480,19.0\n",
                               "export.csv");
    ASSERT_TRUE(table);
    ImportDialog dialog(*session, *table, {"", "/somewhere/export.csv"});
    QTableWidget* rows = nullptr;
    for (QTableWidget* each : dialog.findChildren<QTableWidget*>())
        if (each->accessibleName() == QLatin1String("Rows"))
            rows = each;
    ASSERT_TRUE(rows);
    EXPECT_TRUE(rows->item(0, 5)->text().startsWith(QStringLiteral("✓")));
    EXPECT_TRUE(rows->item(1, 5)->text().contains(QLatin1String("SP-404")));
    EXPECT_TRUE(rows->item(2, 5)->text().contains(QLatin1String("height")));
    EXPECT_TRUE(rows->item(3, 5)->text().contains(QLatin1String("swapped")));
    EXPECT_EQ(dialog.importGood(), 1);
    const auto tests = session->book().testsOf(client.id);
    ASSERT_EQ(tests.size(), 1u);
    const auto& kept = std::get<ImpedanceTest>(tests.front());
    EXPECT_NEAR(kept.sweep()->readings.standard(impedance::Segment::WholeBody)->resistance.value(), 480.0,
                1e-12);
    EXPECT_EQ(kept.reportedValues().size(), 1u);
    EXPECT_FALSE(session->book().setting("import-mapping.analyzer").empty());
}

TEST_F(ImpedanceJourney, ALongImportCanBeCancelledAndLeavesNothing) {
    Client client = someone("Lotte Vansittart");
    client.code = "SP-109";
    ASSERT_TRUE(session->book().save(client, "bram"));
    constexpr int rows = 3000; // many more than come in before somebody cancels
    std::string text = "ID,Weight,Height,Resistance whole body,Reactance whole body\n";
    for (int i = 0; i < rows; ++i)
        text += "SP-109,70.0,175," + std::to_string(450 + i % 60) + ",60\n";
    const ChosenText file{text, "export.csv"};
    const auto table = exchange::tableFromCsv(file.text, file.path);
    ASSERT_TRUE(table);
    ImportDialog dialog(*session, *table, file);
    int reached = 0;
    QTimer hand;
    QObject::connect(&hand, &QTimer::timeout, shell.get(), [&] {
        if (auto* progress = dialog.findChild<QProgressDialog*>(); progress && progress->isVisible()) {
            reached = progress->value();
            progress->cancel();
        }
    });
    hand.start(0);
    const auto before = session->book().eventCount();
    EXPECT_EQ(dialog.importGood(), 0);
    EXPECT_GT(reached, 0);
    EXPECT_LT(reached, rows);
    EXPECT_TRUE(session->book().testsOf(client.id).empty());
    EXPECT_EQ(session->book().eventCount(), before);
    EXPECT_TRUE(session->book().verify().sound());
}

// The wrong table: what it brought goes as it came, in one act, unless somebody has worked on it.
TEST_F(ImpedanceJourney, AnImportIsTakenBackAsOne) {
    Client client = someone("Lotte Vansittart");
    client.code = "SP-109";
    ASSERT_TRUE(session->book().save(client, "bram"));
    const ChosenText file{"ID,Weight,Height,Resistance whole body,Reactance whole body\n"
                          "SP-109,70.0,175,480,60\nSP-109,70.4,175,470,61\nSP-109,70.2,175,475,62\n",
                          "export.csv"};
    const auto table = exchange::tableFromCsv(file.text, file.path);
    ASSERT_TRUE(table);
    ASSERT_EQ(ImportDialog(*session, *table, file).importGood(), 3);
    {
        ImportDialog again(*session, *table, file);
        bool said = false;
        for (const QLabel* each : again.findChildren<QLabel*>())
            said = said || each->text().contains(QLatin1String("already"));
        EXPECT_TRUE(said);
    }
    const std::string one = common(session->book().testsOf(client.id).front()).id;
    ASSERT_TRUE(session->resumeRun(one));
    EXPECT_FALSE(ImportsDialog(*session).takeBack()); // it is open
    EXPECT_EQ(session->book().testsOf(client.id).size(), 3u);
    session->closeRun();
    EXPECT_TRUE(ImportsDialog(*session).takeBack());
    EXPECT_TRUE(session->book().testsOf(client.id).empty());
    EXPECT_TRUE(session->book().runningTests().empty());
    EXPECT_TRUE(session->book().client(client.id));
    const auto verified = session->book().verify();
    EXPECT_TRUE(verified.sound()) << verified.faults.front().what.english();
    EXPECT_FALSE(ImportsDialog(*session).takeBack()); // once

    ASSERT_EQ(ImportDialog(*session, *table, file).importGood(), 3);
    const std::string worked = common(session->book().testsOf(client.id).front()).id;
    ASSERT_TRUE(session->resumeRun(worked));
    ASSERT_TRUE(session->run()->addNote(NoteKind::Remark, "seen"));
    session->closeRun();
    EXPECT_FALSE(ImportsDialog(*session).takeBack());
    EXPECT_EQ(session->book().testsOf(client.id).size(), 3u);
}

TEST_F(ImpedanceJourney, AnotherPersonOnTheElectrodesIsDoubted) {
    startImpedance();
    runUntil(ImpedanceStep::Report);
    const auto client = session->book().client(run().record().subject.clientId);
    session->closeRun();
    clock = [] { return *instantFromIso("2026-03-12T09:40:00.000Z"); };
    const std::string id = client->id;
    closeWindow();
    openWindow();
    ASSERT_TRUE(session->report(session->startRun(*session->book().client(id), {}, methodImpedance)));
    shell->open(PlaceName::Bench);
    runUntil(ImpedanceStep::Identity);
    driver->type("Client code", client->code.c_str());
    driver->type("Height, cm", "165");
    EXPECT_TRUE(soon([&] {
        for (const QLabel* each : panel().findChildren<QLabel*>())
            if (each->text().contains(QLatin1String("at the last visit it was 175.0 cm")))
                return true;
        return false;
    }));
    replyToReason(QString()); // goes back
    driver->press(Qt::Key_Space);
    EXPECT_FALSE(run().test().identity);
}

} // namespace
} // namespace fusain::desktop::impedance_journey_test

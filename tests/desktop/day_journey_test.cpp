// A lab's day in the real window: booking, moving, preparing, ticking, running late.
#include "desktop/bench/tank/tank_strip.hpp"
#include "desktop/places/day/booking_dialog.hpp"
#include "desktop/places/day/preparation_dialog.hpp"
#include "desktop/places/day/water_dialog.hpp"
#include "desktop/services/water_book.hpp"
#include "link/simulation/all/simulated_lab.hpp"
#include "support/in_step.hpp"
#include "support/journey.hpp"

#include <QAbstractItemModelTester>
#include <QMessageBox>

#include <QFile>

namespace fusain::desktop::day_journey_test {
namespace {

class Day : public Journey {
protected:
    void SetUp() override {
        Journey::SetUp();
        client = someone();
        shell->open(PlaceName::Day);
    }
    store::Visit book(const char* method, const char* iso) {
        const store::Visit visit{
            session->freshId("visit"), client.id, *instantFromIso(iso), method, "booked", {}, {}};
        EXPECT_TRUE(session->report(session->book().save(visit, "bram")));
        return visit;
    }
    /// As on the morning of a day on which nobody has read the water yet.
    void nobodyReadTheWater() { ASSERT_TRUE(session->book().setSetting("water-log.2026-03-12", "[]", "bram")); }
    DayPlace& day() { return shell->day(); }
    QString words() {
        QStringList all;
        for (const auto* each : day().findChildren<QLabel*>())
            all << each->text();
        return all.join(QLatin1Char('\n'));
    }
    RecordsView* tasks() {
        for (RecordsView* each : day().findChildren<RecordsView*>())
            if (each->accessibleName().startsWith(QLatin1String("What is to be done")))
                return each;
        return nullptr;
    }
    /// A cell of the tasks, as it is shown.
    QString cell(int row, int column) { return tasks()->model()->index(row, column).data().toString(); }
    void chooseTask(int row) {
        tasks()->choose(tasks()->model()->index(row, 0).data(TableModel::IdRole).toString());
    }
    Client client;
};

TEST_F(Day, SomebodyNewIsEnteredAndBookedInOneDialog) {
    BookingDialog dialog(*session, *instantFromIso("2026-03-13T08:00:00.000Z"));
    dialog.chooseMethods({"hydrostatic", "air-displacement"});
    EXPECT_FALSE(dialog.book()) << "nobody is chosen by being first in the list";
    QLineEdit* search = nullptr;
    for (QLineEdit* each : dialog.findChildren<QLineEdit*>())
        if (each->accessibleName() == QLatin1String("Search clients"))
            search = each;
    ASSERT_TRUE(search);
    search->setText(QStringLiteral("Runa Solheim"));
    QPushButton* add = nullptr;
    for (QPushButton* each : dialog.findChildren<QPushButton*>())
        if (each->text() == QStringLiteral("Add Runa Solheim…"))
            add = each;
    ASSERT_TRUE(add);
    QTimer::singleShot(0, shell.get(), [] {
        auto* form = QApplication::activeModalWidget();
        ASSERT_TRUE(form && form->objectName() == QLatin1String("clientForm"));
        const auto edits = form->findChildren<QLineEdit*>();
        EXPECT_EQ(edits[0]->text(), QStringLiteral("Runa Solheim"));
        for (QLineEdit* each : edits) {
            if (each->text().isEmpty() && each->placeholderText() == QLatin1String("1984-06-02"))
                each->setText(QStringLiteral("1991-04-02"));
            else if (each->text().isEmpty())
                each->setText(QStringLiteral("171"));
        }
        for (QPushButton* each : form->findChildren<QPushButton*>())
            if (each->text() == QLatin1String("Save client"))
                return each->click();
    });
    add->click();
    dialog.chooseMethods({"hydrostatic", "air-displacement"});
    auto* school = dialog.findChildren<QComboBox*>().back();
    Q_EMIT school->activated(school->currentIndex()); // another interval leaves the ticks alone
    ASSERT_TRUE(dialog.book()) << shell->lastProblem().toStdString();
    const auto found = session->book().findClients("Runa");
    ASSERT_EQ(found.size(), 1u);
    EXPECT_EQ(session->book().visitsOf(found.front().id).size(), 2u);
}

// The strip stands under the ribbon; what would be booked is drawn where it would stand, and nothing is in the
// book before it is booked.
TEST_F(Day, BookingIsAStripUnderTheRibbon) {
    shell->commands().find(QStringLiteral("day.book"))->action->trigger();
    auto* strip = day().findChild<BookingDialog*>();
    ASSERT_TRUE(strip && strip->isVisible());
    EXPECT_FALSE(strip->isWindow());
    EXPECT_FALSE(tasks()->isVisible());
    strip->chooseClient(QString::fromStdString(client.id));
    strip->chooseMethods({"impedance", "hydrostatic"});
    EXPECT_EQ(strip->proposal(shell->day().board()).size(), 2u);
    EXPECT_TRUE(day().ribbon().accessibleDescription().contains(QStringLiteral("proposed")))
        << day().ribbon().accessibleDescription().toStdString();
    EXPECT_TRUE(session->book().visitsOf(client.id).empty());
    QTest::keyClick(strip, Qt::Key_Escape);
    EXPECT_FALSE(day().findChild<BookingDialog*>() && day().findChild<BookingDialog*>()->isVisible());
    EXPECT_TRUE(tasks()->isVisible());
    EXPECT_FALSE(day().ribbon().accessibleDescription().contains(QStringLiteral("proposed")));
    QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    shell->commands().find(QStringLiteral("day.book"))->action->trigger();
    strip = day().findChild<BookingDialog*>();
    ASSERT_TRUE(strip);
    strip->chooseClient(QString::fromStdString(client.id));
    strip->chooseMethods({"impedance"});
    ASSERT_TRUE(strip->book());
    strip->accept();
    ASSERT_EQ(session->book().visitsOf(client.id).size(), 1u);
    EXPECT_TRUE(day().ribbon().accessibleDescription().contains(QStringLiteral("Ailsa")) ||
                day().ribbon().accessibleDescription().contains(QString::fromStdString(client.name)));
}

TEST_F(Day, SeveralMethodsAreBookedInTheirBestOrderWithReasons) {
    BookingDialog dialog(*session, *instantFromIso("2026-03-12T08:00:00.000Z"));
    dialog.chooseClient(QString::fromStdString(client.id));
    dialog.chooseMethods({"hydrostatic", "impedance", "air-displacement"});
    ASSERT_TRUE(dialog.book());
    const auto visits = session->book().visitsOf(client.id);
    ASSERT_EQ(visits.size(), 3u);
    EXPECT_EQ(visits[0].method, "impedance");
    EXPECT_EQ(visits[1].method, "air-displacement");
    EXPECT_EQ(visits[2].method, "hydrostatic");
    QStringList labels;
    for (const auto* each : dialog.findChildren<QLabel*>())
        labels << each->text();
    EXPECT_TRUE(labels.join(QLatin1Char('\n')).contains(QStringLiteral("hair and skin must be dry")))
        << labels.join('\n').toStdString();
}

TEST_F(Day, TheKeyboardChoosesMovesAndTheMoveIsKept) {
    const auto first = book("impedance", "2026-03-12T09:00:00.000Z"),
               second = book("dxa", "2026-03-12T10:00:00.000Z");
    day().refresh();
    day().ribbon().choose(QString::fromStdString(first.id));
    QTest::keyClick(&day().ribbon(), Qt::Key_Right);
    EXPECT_EQ(day().ribbon().chosen().toStdString(), second.id);
    QTest::keyClick(&day().ribbon(), Qt::Key_Right, Qt::ShiftModifier);
    EXPECT_EQ(isoText(day().board().visit(second.id)->at), "2026-03-12T10:05:00.000Z");
    EXPECT_EQ(day().ribbon().chosen().toStdString(), second.id);
}

TEST_F(Day, AnAppointmentThatHasBegunStaysWhereItIs) {
    auto visit = book("impedance", "2026-03-12T09:00:00.000Z");
    visit.state = "running";
    ASSERT_TRUE(session->book().save(visit, "bram"));
    day().refresh();
    DayBoard board(*session);
    board.load(session->now());
    EXPECT_FALSE(board.move(visit.id, session->now()));
    EXPECT_FALSE(board.cancel(visit.id));
}

TEST_F(Day, TwoOnOneInstrumentAreSaid) {
    book("dxa", "2026-03-12T09:00:00.000Z");
    book("dxa", "2026-03-12T09:10:00.000Z");
    day().refresh();
    EXPECT_TRUE(words().contains(QStringLiteral("Two clients on one instrument"))) << words().toStdString();
}

TEST_F(Day, SpaceTicksALineAndItStaysTickedWhenTheWindowIsOpenedAgain) {
    book("hydrostatic", "2026-03-12T12:00:00.000Z");
    day().refresh();
    ASSERT_GT(tasks()->model()->rowCount(), 5);
    tasks()->setFocus();
    chooseTask(0);
    QTest::keyClick(tasks(), Qt::Key_Space);
    EXPECT_EQ(cell(0, 0), QStringLiteral("✓"));
    closeWindow();
    openWindow();
    shell->open(PlaceName::Day);
    day().refresh();
    EXPECT_EQ(cell(0, 0), QStringLiteral("✓"));
}

// Work that comes before it moves a line down; what Space ticks is the line that was chosen.
TEST_F(Day, AChosenLineStaysChosenWhenThePlanChanges) {
    book("dxa", "2026-03-12T14:00:00.000Z");
    day().refresh();
    const int last = tasks()->model()->rowCount() - 1;
    ASSERT_GE(last, 0);
    chooseTask(last);
    const QString chosen = tasks()->current();
    book("hydrostatic", "2026-03-12T12:00:00.000Z");
    day().refresh();
    ASSERT_GT(tasks()->model()->rowCount(), last + 1);
    EXPECT_EQ(tasks()->current(), chosen);
    tasks()->setFocus();
    QTest::keyClick(tasks(), Qt::Key_Space);
    EXPECT_TRUE(day().board().ticks().contains(chosen.toStdString()) ||
                chosen.startsWith(QStringLiteral("check.")))
        << chosen.toStdString() << shell->lastProblem().toStdString();
    for (const auto& [task, tick] : day().board().ticks())
        EXPECT_EQ(task, chosen.toStdString());
}

TEST_F(Day, TheWaterIsReadAndJudgedBeforeItsLineIsTicked) {
    nobodyReadTheWater();
    book("hydrostatic", "2026-03-12T12:00:00.000Z");
    day().refresh();
    const auto& lines = day().board().plan().tasks;
    const auto mix = std::ranges::find(lines, "tank.mix", &DayTask::id) - lines.begin();
    ASSERT_LT(mix, tasks()->model()->rowCount());
    tasks()->setFocus();
    chooseTask(static_cast<int>(mix));
    QString verdict;
    const auto fill = [&](bool keep) {
        QTimer::singleShot(0, shell.get(), [&verdict, keep] {
            auto* dialog = qobject_cast<WaterDialog*>(QApplication::activeModalWidget());
            ASSERT_TRUE(dialog);
            const auto fields = dialog->findChildren<ValueField*>();
            const char* readings[] = {"1,9", "0,2", "7,6", "35,1"};
            for (int i = 0; i < 4; ++i)
                QTest::keyClicks(fields[i]->edit(), QString::fromLatin1(readings[i]));
            verdict = dialog->verdict();
            for (auto* each : dialog->findChildren<QPushButton*>())
                if (each->text().contains(keep ? QStringLiteral("Save") : QStringLiteral("Go back")))
                    return each->click();
        });
    };
    fill(false);
    QTest::keyClick(tasks(), Qt::Key_Space);
    EXPECT_TRUE(verdict.contains(QStringLiteral("Nobody in"))) << verdict.toStdString();
    // To the middle of 3 and 5: 2.1 mg/L in 1300 L from 10 %: 2.1·1300/100 = 27.3 mL.
    EXPECT_TRUE(verdict.contains(QStringLiteral("27 mL"))) << verdict.toStdString();
    EXPECT_EQ(cell(static_cast<int>(mix), 0), QStringLiteral("–")) << "gone back: not ticked";
    EXPECT_TRUE(day().board().waterLog().empty());
    shell->activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(shell.get()));
    tasks()->setFocus();
    fill(true);
    QTest::keyClick(tasks(), Qt::Key_Space);
    EXPECT_EQ(cell(static_cast<int>(mix), 0), QStringLiteral("✓"));
    EXPECT_TRUE(cell(static_cast<int>(mix), 4).contains(QStringLiteral("Bram Iyengar")));
    const auto log = day().board().waterLog();
    ASSERT_EQ(log.size(), 1u);
    EXPECT_EQ(log[0].by, "bram");
    EXPECT_DOUBLE_EQ(log[0].reading.freeChlorine.value(), 1.9);
}

TEST_F(Day, AnImpossibleWaterReadingIsRefusedAndNothingIsKept) {
    nobodyReadTheWater();
    day().refresh();
    DayBoard board(*session);
    board.load(session->now());
    EXPECT_FALSE(board.logWater({MilligramsPerLitre(4.0), std::nullopt, 20.0, Celsius(35.0)}, {}));
    EXPECT_TRUE(board.waterLog().empty());
    // A log that somebody spoilt by hand is left as it is, and the day opens all the same.
    ASSERT_TRUE(session->book().setSetting("water-log.2026-03-12", R"([{"at": "noon"}])", "bram"));
    board.load(session->now());
    EXPECT_TRUE(board.waterLog().empty());
    for (const char* spoilt : {R"([{"at": "noon"}])", "{}"}) {
        ASSERT_TRUE(session->book().setSetting("water-log.2026-03-12", spoilt, "bram"));
        EXPECT_FALSE(board.logWater({MilligramsPerLitre(4.0), std::nullopt, 7.5, Celsius(35.0)}, {}))
            << "not written over";
        EXPECT_EQ(session->book().setting("water-log.2026-03-12"), spoilt);
    }
}

TEST_F(Day, NobodyIsInTheTankBeforeTheWaterWasRead) {
    nobodyReadTheWater();
    EXPECT_FALSE(session->startRun(client, {}, methodHydrostatic));
    EXPECT_TRUE(session->startRun(client, {}, methodChamber)); // the water is the tank's
    ASSERT_TRUE(session->water().log(
        {clock(), "bram", {MilligramsPerLitre(4.1), MilligramsPerLitre(0.2), 7.4, Celsius(35.1)}, {}}));
    EXPECT_TRUE(session->startRun(client, {}, methodHydrostatic));
}

// The water may turn while a test is open: then nobody dives, whoever is at the bench.
TEST_F(Day, NobodyDivesIntoWaterThatTurnedBad) {
    ASSERT_TRUE(session->report(session->startRun(client, {}, methodHydrostatic)));
    shell->open(PlaceName::Bench);
    auto* strip = shell->bench().findChild<TankStrip*>();
    ASSERT_TRUE(strip && strip->isVisible());
    EXPECT_TRUE(strip->accessibleName().contains(QLatin1String("Within the limits")))
        << strip->accessibleName().toStdString();
    runUntil(HydrostaticStep::Trials);
    simulation::SimulatedLab lab(7, simulation::VirtualPerson{}, simulation::LabFaults{});
    fusain::testing::linkInStep(session->hub(), lab, {QStringLiteral("load-cell")});
    ASSERT_TRUE(fusain::testing::soon([&] { return session->hub().isLive(QStringLiteral("load-cell")); }));
    ASSERT_TRUE(session->water().log(
        {clock(), "bram", {MilligramsPerLitre(0.4), MilligramsPerLitre(0.9), 7.4, Celsius(35.2)}, {}}));
    session->tellChanges();
    EXPECT_TRUE(strip->accessibleName().contains(QLatin1String("Nobody in the water")));
    auto* panel = shell->bench().currentPanel();
    EXPECT_TRUE(panel->verdict().startsWith(QLatin1String("Nobody in the water")))
        << panel->verdict().toStdString();
    driver->press(Qt::Key_Space);
    EXPECT_TRUE(panel->primaryText().startsWith(QLatin1String("Start trial")))
        << panel->primaryText().toStdString();
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("Free chlorine")));
    // The physiologist may decide otherwise, and says why.
    session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    replyToReason(QStringLiteral("a wrong strip; read again by photometer"));
    driver->press(Qt::Key_Space);
    EXPECT_TRUE(panel->primaryText().startsWith(QLatin1String("Reading")))
        << panel->primaryText().toStdString();
    EXPECT_EQ(session->run()->record().notes.back().kind, NoteKind::WaterOverridden);
    // The reason was for that reading: a later bad one locks again.
    const std::size_t notes = session->run()->record().notes.size();
    driver->press(Qt::Key_R); // the dive is thrown away, and another would begin
    EXPECT_EQ(session->run()->record().notes.size(), notes) << "asked once for one reading";
    ASSERT_TRUE(session->water().log({clock().plusMinutes(5.0),
                                      "bram",
                                      {MilligramsPerLitre(0.2), MilligramsPerLitre(0.9), 7.4, Celsius(35.2)},
                                      {}}));
    session->tellChanges();
    session->setAtTheBench({"bram", "Bram Iyengar", Role::Technician});
    driver->press(Qt::Key_R);
    EXPECT_TRUE(panel->primaryText().startsWith(QLatin1String("Start trial")))
        << panel->primaryText().toStdString();
}

// The tank's lines are not ticked: starting asks, and Enter does not start.
TEST_F(Day, AStartAsksWhenThePreparationIsNotDone) {
    const store::Visit visit = book("hydrostatic", "2026-03-12T08:00:00.000Z");
    day().refresh();
    QString asked;
    const auto answer = [&](const char* button) {
        QTimer::singleShot(0, shell.get(), [&asked, button] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            ASSERT_TRUE(box);
            asked = box->text();
            if (!button) {
                QTest::keyClick(box, Qt::Key_Return);
                return;
            }
            for (QAbstractButton* each : box->buttons())
                if (each->text() == QLatin1String(button))
                    return each->click();
        });
    };
    answer(nullptr);
    EXPECT_FALSE(day().startTest(client, visit.id, methodHydrostatic));
    EXPECT_TRUE(asked.contains(QLatin1String("Rinse twice and drain"))) << asked.toStdString();
    EXPECT_FALSE(session->run());
    answer("Start anyway");
    EXPECT_TRUE(day().startTest(client, visit.id, methodHydrostatic)) << shell->lastProblem().toStdString();
    EXPECT_TRUE(session->run());
}

TEST_F(Day, AnInstrumentThatAnswersIsWarmingUp) {
    book("air-displacement", "2026-03-12T09:00:00.000Z");
    DayBoard board(*session);
    board.load(session->now(), {{"chamber", session->now().plusMinutes(-50.0)}});
    const auto& lines = board.plan().tasks;
    const auto warm = std::ranges::find(lines, "warm-up.chamber", &DayTask::id);
    ASSERT_NE(warm, lines.end());
    EXPECT_TRUE(warm->done) << "45 minutes are over";
    board.load(session->now().plusMinutes(24.0 * 60.0), {{"chamber", session->now()}});
    EXPECT_TRUE(board.plan().tasks.empty()) << "tomorrow nobody has switched anything on";
}

TEST_F(Day, ATankThatCannotBeReadySaysWhomToCall) {
    book("hydrostatic", "2026-03-12T09:00:00.000Z"); // it is 07:40 and nothing has been done
    day().refresh();
    EXPECT_TRUE(words().contains(QStringLiteral("▲ Call Ailsa Brandvold"))) << words().toStdString();
}

TEST_F(Day, TheSheetHasTheClockTimesOfTheAppointment) {
    const PreparationDialog sheet(*session, client,
                                  {{"hydrostatic", *instantFromIso("2026-03-13T08:30:00.000Z")}});
    EXPECT_TRUE(sheet.text().contains(QStringLiteral("Eat nothing after 04:30.")))
        << sheet.text().toStdString();
    EXPECT_TRUE(sheet.text().contains(QStringLiteral("20:30 the day before")));
}

TEST_F(Day, ACodeOfSeveralWordsIsFoundInACalendarToo) {
    Client odd = someone("Wren Tallis");
    odd.code = "Gruppe Süd/4";
    ASSERT_TRUE(session->book().save(odd, "bram"));
    Client nobody = someone("Without a code");
    nobody.code = {};
    ASSERT_TRUE(session->book().save(nobody, "bram")); // and is named by no calendar
    const std::string event =
        "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:test\r\nBEGIN:VEVENT\r\nUID:a\r\n"
        "DTSTAMP:20260312T070000Z\r\nDTSTART:20260313T090000Z\r\nDTEND:20260313T093000Z\r\n"
        "SUMMARY:dxa ";
    const std::string end = "\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
    ASSERT_TRUE(day().readCalendar(event + "Gruppe Süd/4" + end, "a.ics"));
    EXPECT_EQ(session->book().visitsOf(odd.id).size(), 1u);
    EXPECT_TRUE(words().contains(QStringLiteral("1 appointments booked")));
    ASSERT_TRUE(day().readCalendar(event + "somebody" + end, "a.ics"));
    EXPECT_TRUE(words().contains(QStringLiteral("0 appointments booked")));
}

TEST_F(Day, TheCalendarGoesOutByCodeAndComesInOnce) {
    const auto visit = book("dxa", "2026-03-13T09:00:00.000Z");
    day().refresh();
    const QString path = folder.filePath(QStringLiteral("out.ics"));
    ASSERT_TRUE(day().saveCalendar(path));
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    const std::string text = file.readAll().toStdString();
    EXPECT_EQ(text.find("Ailsa"), std::string::npos);
    EXPECT_NE(text.find(client.code), std::string::npos);
    ASSERT_TRUE(day().readCalendar(text, "out.ics"));
    EXPECT_EQ(session->book().visitsOf(client.id).size(), 1u); // known already
    DayBoard board(*session);
    board.load(visit.at);
    ASSERT_TRUE(board.cancel(visit.id));
    ASSERT_TRUE(day().readCalendar(text, "out.ics"));
    EXPECT_EQ(session->book().visitsOf(client.id).size(), 2u); // the cancelled one, and the new one
    EXPECT_FALSE(day().readCalendar("no calendar", "photo.ics"));
}

TEST_F(Day, ACodeThatIsPartOfAnotherIsSomebodyElse) {
    Client longer = client;
    longer.id = "longer";
    longer.code = client.code + "7";
    longer.name = "Teo Marangwe";
    ASSERT_TRUE(session->book().save(longer, "bram"));
    ASSERT_TRUE(day().readCalendar(
        "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a\r\nDTSTART:20260313T090000Z\r\n"
        "SUMMARY:dxa " +
            longer.code + "\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
        "other.ics"));
    EXPECT_TRUE(session->book().visitsOf(client.id).empty());
    EXPECT_EQ(session->book().visitsOf("longer").size(), 1u);
}

TEST_F(Day, TheWeekShowsAllOfIt) {
    book("dxa", "2026-03-13T09:00:00.000Z");
    shell->day().showWeek(true);
    auto* week = day().findChild<WeekPage*>();
    ASSERT_TRUE(week);
    const QAbstractItemModelTester tester(week->model());
    ASSERT_EQ(week->model()->columnCount(), 7);
    EXPECT_TRUE(week->model()->index(0, 4).data().toString().contains(QStringLiteral("Ailsa"))); // Friday
    EXPECT_TRUE(week->model()->headerData(4, Qt::Horizontal).toString().contains(QStringLiteral("13")));
    week->setCurrentIndex(week->model()->index(0, 5));
    QTest::keyClick(week, Qt::Key_Return); // a day without appointments opens as well
    EXPECT_TRUE(shell->day().where() == QLatin1String("Day"));
    EXPECT_TRUE(day().findChild<QLabel*>(QStringLiteral("title"))->text().contains(QStringLiteral("14")));
}

} // namespace
} // namespace fusain::desktop::day_journey_test

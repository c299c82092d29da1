// The band of the day: what is said first, and that its button does it.
#include "desktop/places/day/now_band.hpp"
#include "desktop/services/water_book.hpp"
#include "support/journey.hpp"

namespace fusain::desktop::day_now_test {
namespace {

class DayNow : public Journey {
protected:
    static Instant at(double minutes) {
        return instantFromIso("2026-03-12T07:40:00.000Z")->plusMinutes(minutes);
    }
    void book(const Client& client, const char* method, double minutes) {
        ASSERT_TRUE(session->book().save(
            store::Visit{session->freshId("visit"), client.id, at(minutes), method, "booked", {}, {}}, "bram"));
        shell->open(PlaceName::Day);
        shell->day().refresh();
    }
    // Nothing of the plan is left to do.
    void tickAll() {
        DayBoard board(*session);
        for (int turn = 0; turn < 40; ++turn) {
            board.load(session->now());
            const auto open = std::ranges::find(board.plan().tasks, false, &DayTask::done);
            if (open == board.plan().tasks.end())
                break;
            ASSERT_TRUE(board.tick(open->id, true));
        }
        shell->day().refresh();
    }
    const NowFact& said() { return shell->findChild<NowBand*>()->fact(); }
};

TEST_F(DayNow, AnEmptyDayOffersToBook) {
    shell->open(PlaceName::Day);
    EXPECT_EQ(said().act, NowFact::Act::Book);
}

TEST_F(DayNow, BadWaterComesBeforeEverythingAndItsButtonLogsIt) {
    book(someone(), "hydrostatic", 30.0);
    EXPECT_NE(said().act, NowFact::Act::LogWater);
    ASSERT_TRUE(session->water().log(
        {session->now(), "bram", {MilligramsPerLitre(0.4), MilligramsPerLitre(0.9), 7.4, Celsius(35.2)}, {}}));
    shell->day().refresh();
    EXPECT_EQ(said().act, NowFact::Act::LogWater);
    EXPECT_TRUE(said().sentence.startsWith(QStringLiteral("Nobody in the tank")))
        << said().sentence.toStdString();
    EXPECT_TRUE(said().urgent);
    QString opened;
    QTimer::singleShot(0, shell.get(), [&] {
        opened = QLatin1String(QApplication::activeModalWidget()->metaObject()->className());
        qobject_cast<QDialog*>(QApplication::activeModalWidget())->reject();
    });
    QTest::mouseClick(shell->findChild<NowBand*>()->findChild<QPushButton*>(), Qt::LeftButton);
    EXPECT_TRUE(opened.endsWith(QStringLiteral("WaterDialog"))) << opened.toStdString();
}

TEST_F(DayNow, WaterIsNoMatterWhenNobodyGoesIn) {
    ASSERT_TRUE(session->water().log(
        {session->now(), "bram", {MilligramsPerLitre(0.4), MilligramsPerLitre(0.9), 7.4, Celsius(35.2)}, {}}));
    book(someone(), "impedance", 30.0);
    EXPECT_NE(said().act, NowFact::Act::LogWater);
    // Two hours are the edge.
    book(someone("Dov Castellane"), "hydrostatic", 121.0);
    EXPECT_NE(said().act, NowFact::Act::LogWater);
    book(someone("Marit Quennell"), "hydrostatic", 119.0);
    EXPECT_EQ(said().act, NowFact::Act::LogWater);
}

// A check that stops the tank is said as one of any other instrument.
TEST_F(DayNow, ADueCheckOfTheTankIsSaidWhenTheWaterIsGood) {
    for (const Instrument& instrument : session->catalogue().instruments)
        for (const CheckDefinition& check : instrument.checks) // read far off: failed
            ASSERT_TRUE(session->keepCheck(
                instrument.id, check.id, check.rule.nominal,
                std::vector<double>(static_cast<std::size_t>(check.rule.readings), check.rule.nominal + 50.0)));
    ASSERT_TRUE(session->obstacleToTests(methodHydrostatic));
    book(someone(), "hydrostatic", 30.0);
    EXPECT_TRUE(said().urgent);
    EXPECT_EQ(said().act, NowFact::Act::None);
    EXPECT_TRUE(said().sentence.contains(QStringLiteral("cannot be tested"))) << said().sentence.toStdString();
}

TEST_F(DayNow, ATestThatHasBegunIsOpenedFromTheBand) {
    startRun();
    const std::string running = session->run()->record().id;
    session->closeRun();
    shell->open(PlaceName::Day);
    EXPECT_EQ(said().act, NowFact::Act::OpenTest);
    EXPECT_EQ(said().id, running);
    QTest::mouseClick(shell->findChild<NowBand*>()->findChild<QPushButton*>(), Qt::LeftButton);
    ASSERT_TRUE(session->run());
    EXPECT_EQ(session->run()->record().id, running);
    EXPECT_TRUE(shell->bench().isVisible());
}

TEST_F(DayNow, AnAppointmentIsStartedFromTheBandOnlyNearItsTime) {
    book(someone(), "impedance", 21.0);
    tickAll();
    EXPECT_EQ(said().act, NowFact::Act::None) << said().sentence.toStdString();
    EXPECT_TRUE(said().more.contains(QStringLiteral("in 21 min"))) << said().more.toStdString();
    book(someone("Dov Castellane"), "impedance", 20.0);
    tickAll();
    EXPECT_EQ(said().act, NowFact::Act::StartVisit) << said().sentence.toStdString();
    EXPECT_TRUE(said().sentence.contains(QStringLiteral("Dov Castellane"))) << said().sentence.toStdString();
}

TEST_F(DayNow, ALineOfThePlanIsTickedFromTheBand) {
    book(someone(), "impedance", 12.0);
    ASSERT_EQ(said().act, NowFact::Act::Tick) << said().sentence.toStdString();
    const std::string line = said().id;
    QTest::mouseClick(shell->findChild<NowBand*>()->findChild<QPushButton*>(), Qt::LeftButton);
    EXPECT_TRUE(shell->day().board().ticks().contains(line));
    EXPECT_NE(said().id, line);
}

} // namespace
} // namespace fusain::desktop::day_now_test

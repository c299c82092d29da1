// Two windows on one book of a server: bookings, edits of one client, a test that changes hands.
#include "desktop/services/day_board.hpp"
#include "desktop/services/workstation.hpp"
#include "desktop/views/client_form.hpp"
#include "desktop/views/conflict.hpp"
#include "desktop/views/look_on.hpp"
#include "desktop/window/care_bar.hpp"
#include "procedure/all/procedure.hpp"
#include "store/transfer/data_files.hpp"
#include "support/bench_driver.hpp"
#include "support/engines.hpp"
#include "support/journey.hpp"
#include "support/own_server.hpp"

#include <QAbstractButton>
#include <QDialogButtonBox>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QListWidget>
#include <QMessageBox>
#include <QPushButton>
#include <QRadioButton>
#include <QTest>

namespace fusain::desktop::workstations_test {
namespace {

using fusain::testing::BookShelf;
using fusain::testing::Engine;

const Staff oriel{"oriel", "Oriel Thackway", Role::Physiologist},
    bram{"bram", "Bram Iyengar", Role::Technician};

class Workstations : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"));
        setTextScale(1.0);
    }
    Workstations() {
        auto book = store::LabBook::create(shelf.address(), clock);
        EXPECT_TRUE(book) << book.error().english();
        EXPECT_TRUE((*book)->save(bram, "bram"));
        EXPECT_TRUE((*book)->save(oriel, "bram"));
        EXPECT_TRUE((*book)->save(ailsa, "bram"));
        fusain::testing::passAllChecks(**book, *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data")),
                                       clock());
        book->reset();
        tank = open("Tank PC", bram);
        office = open("Office PC", oriel);
    }
    std::unique_ptr<Session> open(const char* name, const Staff& staff) {
        OwnSettings own;
        own.set(QLatin1String(Workstation::nameKey), QLatin1String(name));
        auto book = store::LabBook::open(shelf.address(), clock);
        EXPECT_TRUE(book) << book.error().english();
        auto session = std::make_unique<Session>(std::move(*book), shippedCatalogue(), clock, own);
        EXPECT_TRUE(session->setAtTheBench(staff));
        return session;
    }
    static LabCatalogue shippedCatalogue() {
        return *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data"));
    }
    static bool soon(const std::function<bool()>& is) {
        QElapsedTimer timer;
        timer.start();
        while (!is() && timer.elapsed() < 20000)
            QCoreApplication::processEvents(QEventLoop::AllEvents, 20);
        return is();
    }

    BookShelf shelf{Engine::Server};
    Clock clock = [] { return *instantFromIso("2026-03-12T07:40:00.000Z"); };
    Client ailsa{"client-1", "SP-101",     "Ailsa Brandvold",  *dateFromIso("1984-06-02"),
                 Sex::Male,  Metres(1.75), UnitSystem::Metric, "",
                 false};
    std::unique_ptr<Session> tank, office;
};

TEST_F(Workstations, EachKeepsWhoIsAtItAndTheLabWhatIsItsOwn) {
    EXPECT_EQ(tank->atTheBench().id, "bram");
    EXPECT_EQ(office->atTheBench().id, "oriel");
    EXPECT_EQ(office->book().setting("at-the-bench"), "");
    EXPECT_NE(tank->freshId("client"), office->freshId("client")); // at the same count
    ASSERT_TRUE(tank->book().setSetting("units", "us", "bram"));
    EXPECT_EQ(office->units(), UnitSystem::UsCustomary);
}

TEST_F(Workstations, WhatOneBooksTheOtherSeesAndBothMayBook) {
    int told = 0;
    QObject::connect(office.get(), &Session::changed, office.get(),
                     [&](const Changes& changes) { told += changes.visits && changes.elsewhere; });
    DayBoard here(*tank), there(*office);
    here.load(clock());
    there.load(clock());
    ASSERT_TRUE(here.book(ailsa.id, "dxa", clock().plusMinutes(60.0), {}));
    ASSERT_TRUE(there.book(ailsa.id, "hydrostatic", clock().plusMinutes(90.0), {}));
    EXPECT_TRUE(soon([&] { return told > 0; }));
    EXPECT_EQ(tank->book().visitsOf(ailsa.id).size(), 2u);
    // Moved on one, and then on the other that has not looked since: refused, and nothing is lost.
    here.load(clock());
    there.load(clock());
    const std::string visit = here.visits().front().id;
    ASSERT_TRUE(here.move(visit, clock().plusMinutes(120.0)));
    EXPECT_FALSE(there.move(visit, clock().plusMinutes(180.0)));
    there.load(clock());
    EXPECT_TRUE(there.move(visit, clock().plusMinutes(180.0)));
}

TEST_F(Workstations, WhatBothTickStaysTicked) {
    DayBoard here(*tank), there(*office);
    here.load(clock());
    there.load(clock());
    ASSERT_TRUE(here.tick("tank.rinse", true));
    ASSERT_TRUE(there.tick("tank.mix", true));
    here.load(clock());
    EXPECT_EQ(here.ticks().size(), 2u);
}

TEST_F(Workstations, ARunningTestIsLookedOnAtAndTakenOverWithAReason) {
    ASSERT_TRUE(tank->report(tank->startRun(ailsa, {}, methodHydrostatic)));
    const std::string test = tank->run()->record().id;
    EXPECT_TRUE(
        office->workstation().elsewhere(test).startsWith(QLatin1String("at Tank PC with Bram Iyengar")));
    const auto refused = office->resumeRun(test);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("at Tank PC with Bram Iyengar"), std::string::npos);
    LookOn looking(*office, test);
    looking.show();
    const auto* steps = looking.findChildren<QListWidget*>().constFirst();
    const QString before = steps->item(1)->text();
    EXPECT_FALSE(steps->item(0)->text().startsWith(QStringLiteral("✓")));
    ASSERT_TRUE(tank->report(
        runningAs<TankMethod>(*tank->run()).checkLoadCell(Kilograms(4.0), Kilograms(5.0), Kilograms(5.0))));
    EXPECT_TRUE(soon([&] {
        for (int i = 0; i < steps->count(); ++i)
            if (steps->item(i)->text().startsWith(QStringLiteral("✓")))
                return true;
        return false;
    })) << "what is accepted there is seen here";

    Problem said;
    QObject::connect(tank.get(), &Session::problemRaised, tank.get(),
                     [&](const Problem& problem) { said = problem; });
    ASSERT_TRUE(office->report(office->takeOverRun(test, "Bram was called away")));
    EXPECT_TRUE(office->run());
    EXPECT_TRUE(soon([&] { return !tank->run(); }));
    EXPECT_NE(said.what.english().find("taken over"), std::string::npos) << said.english();
    EXPECT_EQ(tank->book().eventsOf("lease." + test).back().data->at("reason"), "Bram was called away");
    EXPECT_TRUE(tank->book().verify().sound());
    office->closeRun();
    EXPECT_TRUE(soon([&] { return tank->workstation().elsewhere(test).isEmpty(); }));
    EXPECT_TRUE(tank->report(tank->resumeRun(test)));
}

// Whoever lost a test may have entries that waited for the server: they come into it while it is on a bench
// here, which shows them and can go on.
TEST_F(Workstations, WhatAnotherAddsToTheTestOnTheBenchIsShownThere) {
    ASSERT_TRUE(office->report(office->startRun(ailsa, {}, methodHydrostatic)));
    const std::string test = office->run()->record().id;
    QStringList said;
    QObject::connect(office.get(), &Session::problemRaised, office.get(),
                     [&](const Problem& problem) { said << QString::fromStdString(problem.english()); });
    ASSERT_TRUE(tank->book().note("note.added", test, "bram", {{"kind", "remark"}, {"text", "a cough"}}));
    EXPECT_TRUE(soon([&] { return !office->run()->record().notes.empty(); }));
    EXPECT_TRUE(said.join(QLatin1Char(' ')).contains(QLatin1String("has added to this test")));
    EXPECT_TRUE(office->report(office->run()->addNote("seen")));
    EXPECT_EQ(office->run()->record().notes.size(), 2u);
    EXPECT_TRUE(office->book().verify().sound());
}

TEST_F(Workstations, OfTwoEditsOfOneClientThePersonChoosesFieldByField) {
    ClientForm form(*office, ailsa, nullptr);
    Client changed = ailsa;
    changed.telephone = "310";
    changed.height = Metres(1.77);
    ASSERT_TRUE(tank->book().save(changed, "bram"));
    auto edits = form.findChildren<QLineEdit*>();
    edits[0]->setText(QStringLiteral("Ailsa B. Brandvold"));
    edits[3]->setText(QStringLiteral("315"));
    bool asked = false;
    QTimer::singleShot(0, &form, [&] {
        auto* conflict = qobject_cast<ClientConflict*>(QApplication::activeModalWidget());
        ASSERT_TRUE(conflict);
        QTimer::singleShot(5000, conflict, &QDialog::reject); // a test that fails does not hang
        asked = true;
        auto* primary = conflict->findChild<QPushButton*>(QStringLiteral("primary"));
        EXPECT_FALSE(primary->isEnabled()); // nothing is chosen for anybody
        for (const char* choice : {"Name: Ailsa B. Brandvold", "Telephone: 310", "Height: 177.0 cm"}) {
            const auto buttons = conflict->findChildren<QRadioButton*>();
            const auto found = std::ranges::find(buttons, QLatin1String(choice), &QWidget::accessibleName);
            ASSERT_NE(found, buttons.end()) << choice;
            (*found)->setChecked(true);
        }
        EXPECT_TRUE(primary->isEnabled());
        primary->click();
    });
    form.findChild<QPushButton*>(QStringLiteral("primary"))->click();
    EXPECT_TRUE(asked);
    const auto kept = tank->book().client(ailsa.id);
    EXPECT_EQ(kept->name, "Ailsa B. Brandvold");
    EXPECT_EQ(kept->telephone, "310");
    EXPECT_EQ(kept->height, Metres(1.77));
}

// The cable is pulled in the middle of a run.
class CablePulledAtTheBench : public ::testing::Test {
protected:
    void SetUp() override {
        report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"));
        const LabCatalogue catalogue = *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data"));
        auto book = store::LabBook::create(server.address(), clock);
        ASSERT_TRUE(book) << book.error().english();
        ASSERT_TRUE((*book)->save(bram, "bram"));
        const Client client{"client-1", "SP-112",     "Dov Castellane",   *dateFromIso("1994-06-02"),
                            Sex::Male,  Metres(1.75), UnitSystem::Metric, "",
                            false};
        ASSERT_TRUE((*book)->save(client, "bram"));
        fusain::testing::passAllChecks(**book, catalogue, clock());
        session = std::make_unique<Session>(std::move(*book), catalogue, clock);
        ASSERT_TRUE(session->setAtTheBench(bram));
        ASSERT_TRUE(session->startRun(client, {}, methodGirths));
        test = session->run()->record().id;
        shell = std::make_unique<Shell>(*session);
        shell->show();
        shell->open(PlaceName::Bench);
        said = shell->findChild<CareBar*>();
    }
    /// Accepts a reading while the server is away.
    void acceptWithoutServer() {
        ASSERT_TRUE(server.ask("kill"));
        auto& run = dynamic_cast<GirthProcedure&>(*session->run());
        ASSERT_TRUE(session->report(run.checkTape(Centimetres(100.0), Centimetres(100.0))));
        EXPECT_EQ(session->book().waitingCount(), 1);
    }
    /// The server is back, and another workstation writes to the same test first.
    void othersWrite() {
        ASSERT_TRUE(server.ask("start"));
        auto theirs = store::LabBook::open(server.address(), clock);
        ASSERT_TRUE(theirs) << theirs.error().english();
        ASSERT_TRUE((*theirs)->note("note.added", test, "bram", {{"kind", "remark"}, {"text", "a cough"}}));
    }
    [[nodiscard]] QPushButton* wayOfTheNotice() const {
        for (auto* each : said->findChildren<QPushButton*>())
            if (each->isVisible())
                return each;
        return nullptr;
    }
    static bool soon(const std::function<bool()>& is) {
        QElapsedTimer waited;
        for (waited.start(); !is() && waited.elapsed() < 20000;)
            QCoreApplication::processEvents(QEventLoop::AllEvents, 20);
        return is();
    }

    const fusain::testing::OwnServer server;
    const Clock clock = [] { return *instantFromIso("2026-03-12T07:40:00.000Z"); };
    std::unique_ptr<Session> session;
    std::unique_ptr<Shell> shell;
    const CareBar* said = nullptr;
    std::string test;
};

// What is accepted is seen at once, and is in the book later.
TEST_F(CablePulledAtTheBench, TheBenchGoesOnAndShowsIt) {
    const auto* before = shell->bench().currentPanel();
    acceptWithoutServer();
    const auto other = session->resumeRun("girths-of-somebody-else"); // nobody can say whether it is there
    ASSERT_FALSE(other);
    EXPECT_NE(other.error().english().find("server"), std::string::npos) << other.error().english();
    EXPECT_NE(shell->bench().currentPanel(), before);
    EXPECT_TRUE(said->isVisible());
    ASSERT_TRUE(server.ask("start")); // before anybody else has looked for it
    EXPECT_TRUE(soon([&] { return session->book().waitingCount() == 0; }));
    EXPECT_FALSE(said->isVisible());
    EXPECT_EQ(session->book().eventsOf(test).back().kind, session->run()->events().back().kind);
}

// Another has written to the same test meanwhile: what waits is named beside it, and not forgotten by who
// decides later.
TEST_F(CablePulledAtTheBench, WhatNobodyHasDecidedYetStaysInView) {
    QStringList asked, answers{QStringLiteral("Decide later"), QStringLiteral("Add ours behind theirs")};
    QTimer asking;
    QObject::connect(&asking, &QTimer::timeout, [&] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        if (!box || answers.isEmpty())
            return;
        asked << box->informativeText();
        const QString answer = answers.takeFirst();
        for (QAbstractButton* each : box->buttons())
            if (each->text() == answer)
                return each->click();
    });
    asking.start(20);
    acceptWithoutServer();
    othersWrite();
    ASSERT_TRUE(soon([&] { return answers.size() == 1 && said->isVisible(); }));
    EXPECT_TRUE(asked.front().contains(QLatin1String("07:40  tape check"))) << asked.front().toStdString();
    EXPECT_TRUE(asked.front().contains(QLatin1String("07:40  note: a cough")));
    EXPECT_EQ(session->book().waitingCount(), 1);
    ASSERT_TRUE(wayOfTheNotice());
    wayOfTheNotice()->click();
    EXPECT_TRUE(soon([&] { return session->book().waitingCount() == 0; }));
    EXPECT_FALSE(said->isVisible());
    EXPECT_EQ(session->book().eventsOf(test).back().kind, "tape.checked");
    EXPECT_TRUE(session->book().verify().sound());
}

// No name is shown over the cover of a locked window, nor over another question.
TEST_F(CablePulledAtTheBench, NothingIsAskedOverACover) {
    acceptWithoutServer();
    QDialog cover(shell.get());
    cover.setModal(true);
    cover.show();
    othersWrite();
    EXPECT_TRUE(soon([&] { return wayOfTheNotice() != nullptr; }));
    EXPECT_EQ(QApplication::activeModalWidget(), &cover);
    EXPECT_EQ(session->book().waitingCount(), 1);
}

} // namespace
} // namespace fusain::desktop::workstations_test

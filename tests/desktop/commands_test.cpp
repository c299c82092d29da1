// What can be done by name and by key, what can be undone, and what a window remembers.
#include "desktop/services/day_board.hpp"
#include "desktop/services/lab_undo.hpp"
#include "desktop/views/client_form.hpp"
#include "desktop/window/command_search.hpp"
#include "desktop/window/key_sheet.hpp"
#include "support/journey.hpp"

#include <QListView>
#include <QSet>

namespace fusain::desktop::commands_test {
namespace {

class CommandsOfTheWindow : public Journey {
protected:
    Commands& commands() { return shell->commands(); }
    const Commands::Command& command(const char* id) {
        const auto* found = commands().find(QLatin1String(id));
        EXPECT_TRUE(found) << id;
        return *found;
    }
    Instant at(double minutes) const { return clock().plusMinutes(minutes); }
    std::string booked(const Client& client) {
        EXPECT_TRUE(session->book().save(
            store::Visit{"v-1", client.id, at(60.0), "hydrostatic", "booked", {}, {}}, "bram"));
        return "v-1";
    }
    Instant visitAt() { return session->book().visitsBetween(at(-600.0), at(600.0)).at(0).at; }
};

TEST_F(CommandsOfTheWindow, HaveNamesOfTheirOwnAndKeysThatNoOtherHas) {
    QSet<QString> ids, keys;
    for (const Commands::Command& each : commands().all()) {
        EXPECT_FALSE(each.action->text().isEmpty());
        EXPECT_FALSE(ids.contains(each.action->objectName())) << each.action->objectName().toStdString();
        ids << each.action->objectName();
        const QString key = each.action->shortcut().toString();
        EXPECT_TRUE(key.isEmpty() || !keys.contains(key)) << key.toStdString();
        keys << key;
    }
    EXPECT_GT(ids.size(), 50);
}

TEST_F(CommandsOfTheWindow, AreFoundByAPartOfTheirNameAndRun) {
    CommandSearch search(commands(), shell.get());
    const int all = search.list().count();
    search.type(QStringLiteral("contr chart"));
    ASSERT_EQ(search.list().count(), 1);
    EXPECT_GT(all, 50);
    search.take();
    ASSERT_TRUE(search.chosen());
    commands().run(*search.chosen());
    EXPECT_TRUE(shell->quality().isVisible());
    search.type(QStringLiteral("zzzz"));
    EXPECT_EQ(search.list().count(), 0);
}

TEST_F(CommandsOfTheWindow, SayWhyNotWhenTheyCannotBeCarriedOut) {
    shell->open(PlaceName::Bench);
    QTest::keyClick(shell.get(), Qt::Key_E, Qt::ControlModifier);
    EXPECT_EQ(shell->lastProblem(), QStringLiteral("No test is open."));
    shell->open(PlaceName::Clients);
    commands().run(command("clients.change"));
    EXPECT_EQ(shell->lastProblem(), QStringLiteral("Choose a client first."));
    shell->open(PlaceName::Bench);
    CommandSearch search(commands(), shell.get());
    search.type(QStringLiteral("without a result"));
    ASSERT_EQ(search.list().count(), 1);
    EXPECT_TRUE(search.list().item(0)->text().contains(QStringLiteral("Not now: No test is open.")));
}

// Whom the key would mean is not seen: nobody is changed, started, cancelled or measured from another place.
TEST_F(CommandsOfTheWindow, AboutSomebodyAreForThePlaceThatShowsThem) {
    const Client ailsa = someone();
    const std::string visit = booked(ailsa);
    shell->open(PlaceName::Clients);
    shell->clients().showClient(QString::fromStdString(ailsa.id));
    shell->open(PlaceName::Day);
    shell->day().ribbon().choose(QString::fromStdString(visit));
    for (const char* id : {"clients.change", "clients.start", "clients.open", "clients.report",
                           "clients.save-record", "clients.save-table", "clients.save-fhir"}) {
        commands().run(command(id));
        EXPECT_EQ(shell->lastProblem(), QStringLiteral("Go to Clients first, to see what this is about."))
            << id;
        EXPECT_TRUE(shell->day().isVisible()) << id;
    }
    EXPECT_FALSE(session->run());
    shell->open(PlaceName::Clients);
    for (const char* id : {"day.cancel", "day.start", "day.preparation"}) {
        commands().run(command(id));
        EXPECT_EQ(shell->lastProblem(), QStringLiteral("Go to Day first, to see what this is about.")) << id;
    }
    EXPECT_EQ(session->book().visitsOf(ailsa.id).at(0).state, "booked");
    startRun();
    const int step = session->run()->current().index();
    shell->open(PlaceName::Clients);
    QTest::keyClick(shell.get(), Qt::Key_Return, Qt::ControlModifier);
    EXPECT_EQ(session->run()->current().index(), step);
    EXPECT_EQ(shell->lastProblem(), QStringLiteral("Go to Bench first, to see what this is about."));
}

TEST_F(CommandsOfTheWindow, NobodyUndoesWhatSomebodyElseDid) {
    const std::string id = booked(someone());
    shell->open(PlaceName::Day);
    shell->day().ribbon().choose(QString::fromStdString(id));
    commands().run(command("day.cancel"));
    session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    commands().run(command("window.undo"));
    EXPECT_EQ(shell->lastProblem(), QStringLiteral("Nothing to undo."));
    EXPECT_EQ(session->book().visitsBetween(at(-600.0), at(600.0)).at(0).state, "cancelled");
}

TEST_F(CommandsOfTheWindow, TakeOtherKeysForEachPerson) {
    KeySheet sheet(commands(), QStringLiteral("Day"), shell.get());
    EXPECT_FALSE(sheet.choose(QStringLiteral("day.book"), QKeySequence(Qt::CTRL | Qt::Key_K))); // taken
    EXPECT_TRUE(sheet.choose(QStringLiteral("day.book"), QKeySequence(Qt::CTRL | Qt::Key_I)));
    EXPECT_EQ(command("day.book").action->shortcut(), QKeySequence(Qt::CTRL | Qt::Key_I));
    session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    EXPECT_EQ(command("day.book").action->shortcut(), command("day.book").usual);
    session->setAtTheBench({"bram", "Bram Iyengar", Role::Technician});
    EXPECT_EQ(command("day.book").action->shortcut(), QKeySequence(Qt::CTRL | Qt::Key_I));
    EXPECT_TRUE(sheet.choose(QStringLiteral("day.book"), {})); // none
    EXPECT_TRUE(command("day.book").action->shortcut().isEmpty());
    EXPECT_FALSE(sheet.choose({}, QKeySequence(Qt::Key_F9))); // a key that a place reads itself
}

TEST_F(CommandsOfTheWindow, AMovedAppointmentGoesBackWithOneKey) {
    const std::string id = booked(someone());
    shell->open(PlaceName::Day);
    shell->day().ribbon().choose(QString::fromStdString(id));
    QTest::keyClick(&shell->day().ribbon(), Qt::Key_Right, Qt::ShiftModifier);
    EXPECT_EQ(visitAt(), at(65.0));
    const auto said = [this] {
        for (const QFrame* notice : shell->findChildren<QFrame*>(QStringLiteral("notice")))
            for (const QLabel* words : notice->findChildren<QLabel*>())
                if (words->isVisible())
                    return words->text();
        return QString();
    };
    EXPECT_TRUE(said().startsWith(QStringLiteral("Done: ")) && said().contains(QStringLiteral("Ctrl+Z")))
        << said().toStdString();
    QTest::keyClick(shell.get(), Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(visitAt(), at(60.0));
    EXPECT_TRUE(said().startsWith(QStringLiteral("Undone: "))) << said().toStdString();
    session->setNamesHidden(true);
    commands().run(command("window.redo"));
    QTest::keyClick(shell.get(), Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(said(), QStringLiteral("Undone.")); // the name of what was done may have a client's in it
    session->setNamesHidden(false);
    commands().run(command("window.redo"));
    EXPECT_EQ(visitAt(), at(65.0));
    // Somebody else moved it: it stays, and the reason is said.
    ASSERT_TRUE(session->book().save(
        store::Visit{id, session->book().clients().at(0).id, at(90.0), "hydrostatic", "booked", {}, {}},
        "oriel"));
    commands().run(command("window.undo"));
    EXPECT_EQ(visitAt(), at(90.0));
    EXPECT_TRUE(shell->lastProblem().contains(QStringLiteral("changed again")))
        << shell->lastProblem().toStdString();
    commands().run(command("window.undo"));
    EXPECT_EQ(shell->lastProblem(), QStringLiteral("Nothing to undo."));
}

TEST_F(CommandsOfTheWindow, ACancelledAppointmentComesBack) {
    const std::string id = booked(someone());
    shell->open(PlaceName::Day);
    shell->day().ribbon().choose(QString::fromStdString(id));
    commands().run(command("day.cancel"));
    EXPECT_EQ(session->book().visitsBetween(at(-600.0), at(600.0)).at(0).state, "cancelled");
    commands().run(command("window.undo"));
    EXPECT_EQ(session->book().visitsBetween(at(-600.0), at(600.0)).at(0).state, "booked");
}

TEST_F(CommandsOfTheWindow, AChangedClientIsPutBack) {
    Client client = someone();
    client.name = "Ailsa Brandvold-Reyes";
    ASSERT_TRUE(session->undoing().act(QStringLiteral("changed"),
                                       [&] { return session->book().save(client, "bram"); }));
    commands().run(command("window.undo"));
    EXPECT_EQ(session->book().client(client.id)->name, "Ailsa Brandvold");
}

TEST_F(CommandsOfTheWindow, TheListOfClientsFolds) {
    shell->open(PlaceName::Clients);
    const auto list = [&] { return shell->clients().findChild<QListView*>(QStringLiteral("clients")); };
    EXPECT_TRUE(list()->isVisible());
    QTest::keyClick(shell.get(), Qt::Key_F8);
    EXPECT_FALSE(list()->isVisible());
    QTest::keyClick(shell.get(), Qt::Key_F8);
    EXPECT_TRUE(list()->isVisible());
}

TEST_F(CommandsOfTheWindow, TheWindowComesBackAsItWasLeft) {
    const QString file = folder.filePath(QStringLiteral("window.ini"));
    const Client client = someone();
    const QString path = session->book().path();
    const auto reopen = [&] {
        closeWindow();
        session = std::make_unique<Session>(*store::LabBook::open(path, clock), catalogue(), clock,
                                            OwnSettings(file));
        shell = std::make_unique<Shell>(*session);
        shell->show();
        QApplication::processEvents();
    };
    reopen();
    shell->resize(1240, 770);
    shell->clients().showClient(QString::fromStdString(client.id));
    shell->open(PlaceName::Clients);
    session->setDark(true);
    session->setHighContrast(true);
    shell->close();
    reopen();
    EXPECT_TRUE(session->highContrast());
    EXPECT_EQ(&session->palette(), &report::strongDarkPalette());
    session->setHighContrast(false);
    EXPECT_EQ(&session->palette(), &report::darkPalette());
    EXPECT_TRUE(shell->clients().isVisible());
    EXPECT_EQ(shell->clients().chosen().toStdString(), client.id);
    EXPECT_TRUE(session->dark());
    EXPECT_EQ(shell->size(), QSize(1240, 770));
    // The look belongs to a person, not to the lab: nothing of it is in the journal.
    for (const auto& [kind, subject] : session->book().subjectsSince(0))
        EXPECT_NE(subject, "theme");
}

} // namespace
} // namespace fusain::desktop::commands_test

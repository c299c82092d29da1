// The lab book under the window is taken away, damaged or new: the window says so and loses nothing.
#include "desktop/places/quality/limits_dialog.hpp"
#include "desktop/places/quality/reference_dialog.hpp"
#include "desktop/recordings/scan/scan_folder.hpp"
#include "desktop/services/book_care.hpp"
#include "desktop/services/instrument_checks.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/views/client_form.hpp"
#include "desktop/window/book_menu.hpp"
#include "desktop/window/first_start.hpp"
#include "desktop/window/help.hpp"
#include "store/transfer/data_files.hpp"
#include "support/journey.hpp"

#include <QCheckBox>
#include <QFormLayout>
#include <QMessageBox>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTextBrowser>
#include <sys/stat.h>

namespace fusain::desktop::care_journey_test {
namespace {

using fusain::testing::soon;

class Care : public Journey {
protected:
    QString path() const { return folder.filePath(QStringLiteral("lab.fusain")); }
    QString words() const {
        QStringList all;
        for (const auto* each : shell->findChildren<QLabel*>())
            if (each->isVisible())
                all << each->text();
        return all.join(QLatin1Char('\n'));
    }
    void tamper(const QString& sql) {
        {
            auto database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("hand"));
            database.setDatabaseName(path());
            ASSERT_TRUE(database.open());
            ASSERT_TRUE(QSqlQuery(database).exec(sql));
        }
        QSqlDatabase::removeDatabase(QStringLiteral("hand"));
    }
};

// rm, or a lost mount, while somebody is weighed: not one reading more is shown as accepted.
TEST_F(Care, ABookThatIsTakenAwayAcceptsNothingAndOffersToSaveWhatIsInHand) {
    startRun();
    runUntil(HydrostaticStep::Trials);
    const auto events = session->book().eventCount();
    ASSERT_TRUE(QFile::remove(path()));
    driver->type("Steady reading, typed, kg gross", "3,30", true);
    EXPECT_TRUE(tank().test().trials.empty());
    EXPECT_EQ(session->book().eventCount(), events);
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("removed or replaced")))
        << shell->lastProblem().toStdString();
    ASSERT_TRUE(soon([&] { return words().contains(QLatin1String("not where it was opened")); }));
    const QString rescued = folder.filePath(QStringLiteral("rescued.fusain"));
    ASSERT_TRUE(session->book().backUp(rescued));
    auto book = store::LabBook::open(rescued, clock);
    ASSERT_TRUE(book) << book.error().english();
    EXPECT_EQ((*book)->eventCount(), events);
    EXPECT_EQ((*book)->runningTests().size(), 1u);
}

TEST_F(Care, DamageIsFoundInTheBackgroundAndShownInItsPlace) {
    startRun();
    const auto client = *session->book().client(session->run()->record().subject.clientId);
    closeWindow();
    tamper(QStringLiteral("UPDATE clients SET document = '{' WHERE id = '%1'")
               .arg(QString::fromStdString(client.id)));
    tamper(QStringLiteral("UPDATE tests SET document = '['"));
    tamper(QStringLiteral("UPDATE checks SET document = '!' WHERE instrument = 'chamber'"));
    openWindow();
    session->care().begin();
    session->care().finish();
    ASSERT_TRUE(soon([&] { return words().contains(QLatin1String("This lab book is damaged")); }));
    EXPECT_TRUE(words().contains(QLatin1String("2026-03-12")) || words().contains(QLatin1String("12 Mar")))
        << words().toStdString();
    // The person, the test and the check are there, and named as what they are.
    shell->searchFor(QString::fromStdString(client.code));
    EXPECT_TRUE(words().contains(QLatin1String("record damaged"))) << words().toStdString();
    EXPECT_EQ(session->book().unreadableTestsOf(client.id).size(), 1u);
    EXPECT_FALSE(
        session->book().save(*session->book().client(client.id), "bram")); // what is left is not written over
    const auto checks = session->book().checks("chamber");
    ASSERT_FALSE(checks.empty());
    EXPECT_FALSE(checks.back().passed);
    EXPECT_FALSE(session->book().checks("floor-scale").empty());
}

TEST_F(Care, ACopyIsMadeAfterASignatureAndInASecondFolderToo) {
    const QString second = folder.filePath(QStringLiteral("other disk"));
    ASSERT_TRUE(session->book().setSetting("second-copies", second.toStdString(), "bram"));
    session->care().begin();
    session->care().finish();
    const auto reach = [&](const QString& place) {
        const auto copy = store::LabBook::openForReading(place + QStringLiteral("/2026-03-12.fusain"));
        return copy ? (*copy)->eventCount() : -1;
    };
    EXPECT_EQ(reach(store::LabBook::copiesBeside(path())), session->book().eventCount());
    EXPECT_EQ(reach(store::LabBook::copiesIn(second, path())), session->book().eventCount());
    ASSERT_TRUE(session->book().setSetting("theme", "dark", "bram"));
    Q_EMIT session->testSigned();
    session->care().finish();
    EXPECT_EQ(reach(store::LabBook::copiesIn(second, path())), session->book().eventCount());
}

// By signing, in the window: the copy holds the signature.
TEST_F(Care, WhatIsSignedIsInTheCopyAtOnce) {
    session->care().begin();
    session->care().finish();
    startRun();
    const std::string test = session->run()->record().id;
    runUntil(HydrostaticStep::Report);
    session->care().finish();
    const auto copy = store::LabBook::openForReading(store::LabBook::copiesBeside(path()) +
                                                     QStringLiteral("/2026-03-12.fusain"));
    ASSERT_TRUE(copy);
    ASSERT_TRUE((*copy)->test(test));
    EXPECT_EQ(common(*(*copy)->test(test)).state, TestState::Signed);
}

TEST_F(Care, AnAdultsHeightThatChangesIsSavedOnlyTheSecondTime) {
    const Client client = someone();
    ClientForm form(*session, client, nullptr);
    const auto fields = form.findChildren<QLineEdit*>();
    const auto height = std::ranges::find(fields, QStringLiteral("175.0"), &QLineEdit::text);
    ASSERT_NE(height, fields.end());
    (*height)->setText(QStringLiteral("157"));
    const auto save = [&] {
        for (auto* each : form.findChildren<QPushButton*>())
            if (each->text().contains(QLatin1String("Save")))
                return each->click();
    };
    save();
    EXPECT_NEAR(session->book().client(client.id)->height->value(), 1.75, 1e-9);
    save();
    EXPECT_NEAR(session->book().client(client.id)->height->value(), 1.57, 1e-9);
}

TEST_F(Care, WhatLooksLikeMarkupIsShownAsItWasTyped) {
    const Client client = someone("<h1>Ailsa</h1><img src=\"/dev/zero\">");
    shell->open(PlaceName::Clients);
    shell->clients().showClient(QString::fromStdString(client.id));
    EXPECT_TRUE(words().contains(QLatin1String("<h1>Ailsa</h1>")));
    for (const auto* each : shell->findChildren<QLabel*>())
        if (!each->buddy()) { // the names of fields are our own words
            EXPECT_EQ(each->textFormat(), Qt::PlainText) << each->text().toStdString();
        }
    EXPECT_EQ(safeFileName(QStringLiteral("../../etc/a\nb:c.pdf")), QStringLiteral("etc-a-b-c.pdf"));
}

// What a shared folder can hold: a scan, a huge nest, a link to a device, a pipe. The window never waits.
TEST_F(Care, TheScanFolderIsReadBesideTheWindow) {
    const QString place = folder.filePath(QStringLiteral("scans"));
    QDir().mkpath(place);
    QFile nest(place + QStringLiteral("/nest.json"));
    ASSERT_TRUE(nest.open(QIODevice::WriteOnly));
    nest.write(QByteArray(4 << 20, '['));
    nest.close();
    ASSERT_TRUE(QFile::link(QStringLiteral("/dev/zero"), place + QStringLiteral("/zero.json")));
    ASSERT_EQ(::mkfifo(QFile::encodeName(place + QStringLiteral("/pipe.json")), 0600), 0);
    ScanFolder scans;
    int looks = 0;
    QObject::connect(&scans, &ScanFolder::read, shell.get(), [&] { ++looks; });
    scans.watch(place);
    EXPECT_EQ(looks, 0); // not in the window's own time
    ASSERT_TRUE(soon([&] { return looks == 1; }));
    ASSERT_EQ(scans.scans().size(), 1u);
    EXPECT_FALSE(scans.scans().front().file);
    EXPECT_EQ(scans.scans().front().name, QStringLiteral("nest.json"));
}

TEST_F(Care, AReferenceObjectIsTheLabsOwnRecord) {
    const Instrument& chamber = *session->catalogue().instrument("chamber");
    ReferenceDialog dialog(*session, chamber, *chamber.check("cylinder-volume"), nullptr);
    const auto fields = dialog.findChildren<QLineEdit*>();
    fields[1]->setText(QStringLiteral("V-9"));
    fields[2]->setText(QStringLiteral("49,95"));
    fields[4]->setText(QStringLiteral("2026-03-11")); // ran out yesterday
    for (auto* each : dialog.findChildren<QPushButton*>())
        if (each->text().contains(QLatin1String("Save")))
            each->click();
    EXPECT_EQ(chamber.check("cylinder-volume")->rule.nominal, 49.95); // in force at once
    const auto obstacle = session->obstacleToTests(methodChamber);
    ASSERT_TRUE(obstacle);
    EXPECT_NE(obstacle->english().find("2026-03-11"), std::string::npos) << obstacle->english();
    EXPECT_FALSE(session->obstacleToTests(methodImpedance)); // only what depends on it
    closeWindow();
    openWindow();
    EXPECT_EQ(session->catalogue().instrument("chamber")->check("cylinder-volume")->identification, "V-9");
}

// Limits are the lab's own, with a reason, and only the physiologist changes them.
TEST_F(Care, LimitsOfACheckAreTheLabsOwnRecord) {
    const CheckLimits own{0.2, std::nullopt, std::nullopt, 2, Hours(12.0), false, "SOP 4"};
    auto& checks = session->checks();
    const Staff physiologist{"oriel", "Oriel Thackway", Role::Physiologist};
    EXPECT_FALSE(checks.keepLimits("chamber", "cylinder-volume", own, "bram"));
    EXPECT_FALSE(checks.keepLimits("chamber", "no such", own, physiologist.id));
    const auto refused = [&](auto change) {
        CheckLimits bad = own;
        change(bad);
        return !checks.keepLimits("chamber", "cylinder-volume", bad, physiologist.id);
    };
    EXPECT_TRUE(refused([](CheckLimits& limits) { limits.mean.reset(); }));
    EXPECT_TRUE(refused([](CheckLimits& limits) { limits.mean = 0.0; }));
    EXPECT_TRUE(refused([](CheckLimits& limits) { limits.spread = -1.0; }));
    EXPECT_TRUE(refused([](CheckLimits& limits) { limits.readings = 0; }));
    EXPECT_TRUE(refused([](CheckLimits& limits) { limits.readings = 101; }));
    EXPECT_TRUE(refused([](CheckLimits& limits) { limits.every = Hours(0.0); }));
    EXPECT_TRUE(refused([](CheckLimits& limits) { limits.source = " "; }));
    EXPECT_EQ(session->catalogue().instrument("chamber")->check("cylinder-volume")->rule.readings, 5);

    session->setAtTheBench(physiologist);
    const Instrument& chamber = *session->catalogue().instrument("chamber");
    LimitsDialog dialog(*session, chamber, *chamber.check("cylinder-volume"), nullptr);
    const auto type = [&](const char* name, const char* text) {
        for (auto* each : dialog.findChildren<QLineEdit*>())
            if (each->accessibleName().startsWith(QLatin1String(name)))
                each->setText(QString::fromUtf8(text));
    };
    type("Mean within", "0,2");
    type("Standard deviation", "");
    type("Number", "2");
    type("Valid for", "12");
    dialog.findChild<QCheckBox*>()->setChecked(false);
    const auto save = [&] {
        for (auto* each : dialog.findChildren<QPushButton*>())
            if (each->text().contains(QLatin1String("Save")))
                each->click();
    };
    save();
    EXPECT_NE(dialog.result(), QDialog::Accepted); // no reason
    type("Reason", "SOP 4");
    save();
    EXPECT_EQ(dialog.result(), QDialog::Accepted);
    closeWindow();
    openWindow();
    const CheckDefinition& kept = *session->catalogue().instrument("chamber")->check("cylinder-volume");
    EXPECT_EQ(kept.rule.meanLimit, 0.2);
    EXPECT_FALSE(kept.rule.spreadLimit);
    EXPECT_EQ(kept.rule.readings, 2);
    EXPECT_EQ(kept.every.value(), 12.0);
    EXPECT_FALSE(kept.blocks);
    EXPECT_EQ(kept.source, "SOP 4");
    // One reading between the shipped limit (0.1 L) and the lab's own passes now.
    ASSERT_TRUE(session->checks().keep("c9", "chamber", "cylinder-volume", kept.rule.nominal,
                                       {kept.rule.nominal + 0.15, kept.rule.nominal + 0.15}, "oriel"));
    EXPECT_TRUE(session->book().checks("chamber").back().passed);
}

// Presses a button of the question that comes next.
void willPress(QObject* context, const char* text) {
    QTimer::singleShot(0, context, [text] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        ASSERT_TRUE(box);
        for (QAbstractButton* each : box->buttons())
            if (each->text() == QLatin1String(text))
                return each->click();
        box->reject();
        FAIL() << text;
    });
}

TEST_F(Care, AnotherLabBookOpensInAWindowOfItsOwn) {
    QStringList started;
    BookMenu menu(*session, RecentBooks(folder.filePath(QStringLiteral("window.ini"))), shell.get());
    menu.setStarter([&](const QStringList& arguments) {
        started = arguments;
        return true;
    });
    int replaced = 0;
    QObject::connect(&menu, &BookMenu::replaced, shell.get(), [&] { ++replaced; });
    const QString other = folder.filePath(QStringLiteral("other.fusain"));
    willPress(shell.get(), "Go back");
    menu.openPath(other);
    EXPECT_TRUE(started.isEmpty());
    willPress(shell.get(), "Stay in this window");
    menu.openPath(other);
    EXPECT_EQ(started, QStringList{other});
    EXPECT_EQ(replaced, 0);
    willPress(shell.get(), "Close this window");
    menu.openPath(other);
    EXPECT_EQ(replaced, 1);
    menu.setStarter([](const QStringList&) { return false; });
    willPress(shell.get(), "Stay in this window");
    menu.openPath(other);
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("could not be started")));
}

TEST_F(Care, RecentBooksKeepTheirOrderAndTheOnesThatAreNotConnected) {
    const QString file = folder.filePath(QStringLiteral("window.ini"));
    for (int i = 1; i <= 9; ++i)
        RecentBooks(file).opened(QStringLiteral("/a/%1.fusain").arg(i));
    RecentBooks(file).opened(QStringLiteral("/a/5.fusain"));
    const QStringList kept = RecentBooks(file).paths();
    ASSERT_EQ(kept.size(), 8);
    EXPECT_EQ(kept.first(), QStringLiteral("/a/5.fusain"));
    EXPECT_EQ(kept.at(1), QStringLiteral("/a/9.fusain"));
    EXPECT_FALSE(kept.contains(QStringLiteral("/a/1.fusain")));
    RecentBooks recent(file);
    recent.opened(session->book().path());
    BookMenu menu(*session, recent, shell.get());
    QMenu* list = nullptr;
    for (QAction* each : menu.actions())
        list = each->menu() ? each->menu() : list;
    ASSERT_TRUE(list);
    Q_EMIT list->aboutToShow();
    ASSERT_EQ(list->actions().size(), 7); // without the one that is open
    EXPECT_FALSE(list->actions().constFirst()->isEnabled());
    EXPECT_TRUE(list->actions().constFirst()->text().contains(QLatin1String("not connected")));
}

// A word that is in the handbook is found; the handbook is there in an installed copy as in the build tree.
TEST_F(Care, TheHandbookIsFoundAndSearched) {
    Help help(store::dataFolder() + QStringLiteral("/help"));
    auto* text = help.findChild<QTextBrowser*>();
    ASSERT_TRUE(text);
    EXPECT_TRUE(text->toPlainText().contains(QLatin1String("Keys")));
    auto* find = help.findChild<QLineEdit*>();
    QTest::keyClicks(find, QStringLiteral("chlorine"));
    EXPECT_EQ(text->textCursor().selectedText().toLower(), QStringLiteral("chlorine"));
    QTest::keyClick(find, Qt::Key_Return);
    EXPECT_EQ(text->textCursor().selectedText().toLower(), QStringLiteral("chlorine"));
    EXPECT_NE(help.result(), QDialog::Accepted);
}

/// A lab book that was made this minute.
class NewLab : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"));
        setTextScale(1.0);
    }
    void open() {
        session.reset();
        session = std::make_unique<Session>(
            std::move(*store::LabBook::openOrCreate(folder.filePath(QStringLiteral("new.fusain")), clock)),
            *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data")), clock);
    }
    static void type(FirstStart& pages, const char* label, const char* text) {
        for (auto* form : pages.currentPage()->findChildren<QFormLayout*>())
            for (int row = 0; row < form->rowCount(); ++row)
                if (const auto* item = form->itemAt(row, QFormLayout::LabelRole))
                    if (auto* words = qobject_cast<QLabel*>(item->widget());
                        words && words->text().startsWith(QLatin1String(label)))
                        return qobject_cast<QLineEdit*>(form->itemAt(row, QFormLayout::FieldRole)->widget())
                            ->setText(QString::fromUtf8(text));
        FAIL() << label;
    }
    QTemporaryDir folder;
    Clock clock = [] { return *instantFromIso("2027-11-03T07:40:00.000Z"); };
    std::unique_ptr<Session> session;
};

// In November 2027: no invented colleague, no certificate that has expired, and a first test that can begin.
TEST_F(NewLab, BeginsWithFivePagesThatCanBeLeftAndTakenUpAgain) {
    open();
    EXPECT_TRUE(session->book().staff().empty());
    EXPECT_FALSE(FirstStart::done(*session));
    {
        FirstStart pages(*session);
        pages.restart();
        pages.next();
        EXPECT_EQ(pages.currentId(), 0); // a lab needs a name
        type(pages, "Name of the lab", "Whinmoor Body Composition");
        pages.next();
        EXPECT_EQ(pages.currentId(), 1);
    } // gone on later
    open();
    EXPECT_FALSE(FirstStart::done(*session));
    FirstStart pages(*session);
    pages.restart();
    ASSERT_EQ(pages.currentId(), 1);
    type(pages, "Technician", "Tove Lindqvist");
    pages.next();
    EXPECT_EQ(pages.currentId(), 1); // somebody answers for the results
    type(pages, "Physiologist", "Edda Marchbank");
    pages.next();
    ASSERT_EQ(pages.currentId(), 2);
    for (auto* box : pages.currentPage()->findChildren<QCheckBox*>())
        box->setChecked(box->text().contains(QLatin1String("nderwater")));
    pages.next();
    ASSERT_EQ(pages.currentId(), 3);
    pages.next();
    ASSERT_EQ(pages.currentId(), 4);
    EXPECT_TRUE(pages.validateCurrentPage());
    EXPECT_TRUE(FirstStart::done(*session));
    ASSERT_EQ(session->book().staff().size(), 2u);
    EXPECT_EQ(session->atTheBench().name, "Edda Marchbank");
    EXPECT_EQ(session->ownedMethods(), (std::vector<std::string_view>{methodHydrostatic}));
    EXPECT_EQ(session->labName(), "Whinmoor Body Composition");
    // What stands in the way now is a check to make, never a certificate that nobody entered.
    const auto obstacle = session->obstacleToTests(methodHydrostatic);
    ASSERT_TRUE(obstacle);
    EXPECT_NE(obstacle->english().find("is due"), std::string::npos) << obstacle->english();
    fusain::testing::passAllChecks(session->book(), session->catalogue(), clock());
    EXPECT_FALSE(session->obstacleToTests(methodHydrostatic));
    for (const Event& event : session->book().eventsOf("lab-name"))
        EXPECT_EQ(event.by, "fusain"); // nobody was there yet

    // And on to the first signed test, by the keys of the bench.
    const Client client{"client-1", "W-001",      "Jory Aldcroft",    *dateFromIso("1990-01-01"),
                        Sex::Male,  Metres(1.75), UnitSystem::Metric, "",
                        false};
    ASSERT_TRUE(session->book().save(client, session->atTheBench().id));
    Shell shell(*session);
    shell.show();
    shell.activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(&shell));
    testing::BenchDriver driver(shell, *session);
    ASSERT_TRUE(session->report(session->startRun(client, {}, methodHydrostatic)))
        << shell.lastProblem().toStdString();
    shell.open(PlaceName::Bench);
    const std::string test = session->run()->record().id;
    for (int i = 0; i < 200 && session->run() && session->run()->record().state != TestState::Signed; ++i)
        driver.advance();
    ASSERT_TRUE(session->book().test(test));
    EXPECT_EQ(common(*session->book().test(test)).state, TestState::Signed)
        << shell.lastProblem().toStdString();
    EXPECT_EQ(session->book().resultsOf(test).size(), 1u);
    EXPECT_TRUE(session->book().verify().sound());
}

} // namespace
} // namespace fusain::desktop::care_journey_test

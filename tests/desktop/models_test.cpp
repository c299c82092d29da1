// Lists and tables that know their rows by id: what is chosen stays chosen when rows come, go or change places.
#include "desktop/places/clients/clients_model.hpp"
#include "desktop/places/library/library_entries.hpp"
#include "desktop/services/background.hpp"
#include "desktop/widgets/records_view.hpp"
#include "desktop/window/work_line.hpp"
#include "support/journey.hpp"

#include <QAbstractItemModelTester>
#include <QClipboard>
#include <QHeaderView>
#include <QListView>
#include <QThread>
#include <atomic>

namespace fusain::desktop::models_test {
namespace {

std::vector<TableModel::Row> threeTests() {
    return {{QStringLiteral("b"), {{QStringLiteral("2026-03-01"), 2}, {QStringLiteral("9.5 kg"), 9.5}}},
            {QStringLiteral("a"), {{QStringLiteral("2026-02-01"), 1}, {QStringLiteral("21.0 kg"), 21.0}}},
            {QStringLiteral("c"), {{QStringLiteral("2026-04-01"), 3}, {QStringLiteral("10.2 kg"), 10.2}}}};
}

QStringList idsOf(const RecordsView& view) {
    QStringList ids;
    for (int row = 0; row < view.model()->rowCount(); ++row)
        ids << view.model()->index(row, 0).data(TableModel::IdRole).toString();
    return ids;
}

class Models : public Journey {
protected:
    RecordsView view{{QStringLiteral("date"), QStringLiteral("fat mass")}, QStringLiteral("Tests")};
};

TEST_F(Models, TheTableKeepsTheRulesOfModels) {
    const QAbstractItemModelTester tester(&view.rows(), QAbstractItemModelTester::FailureReportingMode::Fatal);
    const QAbstractItemModelTester sorted(view.model(), QAbstractItemModelTester::FailureReportingMode::Fatal);
    for (int i = 0; i < 3; ++i) {
        view.setRows(threeTests());
        view.setRows({});
    }
    EXPECT_FALSE(view.rows().data({}, Qt::DisplayRole).isValid());
}

TEST_F(Models, RowsAreSortedByTheirValuesAndTheChosenOneStays) {
    view.setRows(threeTests());
    EXPECT_EQ(idsOf(view), QStringList({QStringLiteral("b"), QStringLiteral("a"), QStringLiteral("c")}));
    view.choose(QStringLiteral("a"));
    view.sortByColumn(1, Qt::AscendingOrder); // 9.5 < 10.2 < 21.0: as numbers, not as words
    EXPECT_EQ(idsOf(view), QStringList({QStringLiteral("b"), QStringLiteral("c"), QStringLiteral("a")}));
    EXPECT_EQ(view.current(), QStringLiteral("a"));
    view.sortByColumn(0, Qt::DescendingOrder);
    EXPECT_EQ(idsOf(view).front(), QStringLiteral("c"));
    auto rows = threeTests();
    rows.erase(rows.begin());
    view.setRows(rows); // one is gone, the chosen one is still there
    EXPECT_EQ(view.current(), QStringLiteral("a"));
    view.choose(QStringLiteral("not there"));
    EXPECT_EQ(view.current(), QStringLiteral("a"));
}

TEST_F(Models, ChosenRowsAreCopiedAsATable) {
    view.setRows(threeTests());
    view.selectAll();
    QTest::keySequence(&view, QKeySequence::Copy);
    EXPECT_EQ(QApplication::clipboard()->text(),
              QStringLiteral("date\tfat mass\n2026-03-01\t9.5 kg\n2026-02-01\t21.0 kg\n2026-04-01\t10.2 kg\n"));
    view.choose(QStringLiteral("c"));
    EXPECT_EQ(view.chosenAsText(), QStringLiteral("date\tfat mass\n2026-04-01\t10.2 kg\n"));
}

TEST_F(Models, ColumnsComeBackAsTheyWereLeft) {
    view.setColumnWidth(0, 217);
    view.sortByColumn(1, Qt::DescendingOrder);
    RecordsView again({QStringLiteral("date"), QStringLiteral("fat mass")}, QStringLiteral("Tests"));
    again.setColumns(view.columns());
    EXPECT_EQ(again.columnWidth(0), 217);
    EXPECT_EQ(again.horizontalHeader()->sortIndicatorSection(), 1);
    again.setColumns({}); // nothing was remembered
    EXPECT_EQ(again.columnWidth(0), 217);
}

TEST_F(Models, ClientsAreListedByNameAndFoundByTheirId) {
    const Client marit = someone("Marit Quennell"), ailsa = someone("Ailsa Brandvold");
    ClientsModel model(*session);
    const QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::Fatal);
    model.search({});
    ASSERT_EQ(model.rowCount(), 2);
    EXPECT_TRUE(model.index(0).data().toString().startsWith(QStringLiteral("Ailsa Brandvold")));
    EXPECT_EQ(model.indexOf(QString::fromStdString(marit.id)).row(), 1);
    model.search(QStringLiteral("quenn"));
    EXPECT_EQ(model.rowCount(), 1);
    EXPECT_FALSE(model.indexOf(QString::fromStdString(ailsa.id)).isValid());
    // A client who is changed is found by the new name at once.
    Client renamed = ailsa;
    renamed.name = "Ailsa Quennell";
    ASSERT_TRUE(session->book().save(renamed, "bram"));
    model.search(QStringLiteral("quenn"));
    EXPECT_EQ(model.rowCount(), 2);
}

TEST_F(Models, AClientStaysChosenWhenOthersComeBefore) {
    const Client marit = someone("Marit Quennell");
    shell->open(PlaceName::Clients);
    shell->clients().showClient(QString::fromStdString(marit.id));
    someone("Aaro Abel");
    session->report({});
    EXPECT_EQ(shell->clients().chosen().toStdString(), marit.id);
    EXPECT_TRUE(shell->clients().where().contains(QStringLiteral("Marit Quennell")));
}

TEST_F(Models, SomebodyWithoutATestHasNobodysFindings) {
    startRun();
    for (int i = 0; i < 150 && driver->advance(); ++i)
        QApplication::processEvents();
    const std::string measured = session->run()->record().subject.clientId;
    const Client nobody = someone("Wren Tallis");
    shell->open(PlaceName::Clients);
    shell->clients().showClient(QString::fromStdString(measured));
    shell->clients().showPage(ClientsPlace::Page::Findings);
    auto* sheet = shell->clients().findings().findChild<QTableWidget*>();
    const auto saysAnInterval = [&] {
        QStringList said;
        for (const QLabel* each : shell->clients().findings().findChildren<QLabel*>())
            said << each->text();
        return said.join(QLatin1Char(' ')).contains(QStringLiteral("95 % CI"));
    };
    ASSERT_GT(sheet->rowCount(), 0);
    ASSERT_TRUE(saysAnInterval());
    shell->clients().showClient(QString::fromStdString(nobody.id));
    shell->clients().showPage(ClientsPlace::Page::Findings);
    EXPECT_EQ(sheet->rowCount(), 0);
    EXPECT_FALSE(saysAnInterval());
}

TEST_F(Models, InAWideWindowTheTestsStayBesideWhatIsReadOfThem) {
    startRun();
    for (int i = 0; i < 150 && driver->advance(); ++i)
        QApplication::processEvents();
    const auto measured = QString::fromStdString(session->run()->record().subject.clientId);
    const Client nobody = someone("Wren Tallis");
    ClientsPlace& clients = shell->clients();
    auto* pages = clients.findChild<QTabWidget*>();
    auto* sheet = clients.findings().findChild<QTableWidget*>();
    shell->resize(1280, 800);
    shell->open(PlaceName::Clients);
    QApplication::processEvents();
    clients.showClient(measured);
    ASSERT_EQ(pages->tabText(0), QStringLiteral("&Tests"));
    ASSERT_EQ(pages->currentIndex(), 0);
    shell->resize(1920, 1080);
    QApplication::processEvents();
    EXPECT_TRUE(pages->tabText(0).contains(QStringLiteral("Findings")));
    const auto views = clients.findChildren<RecordsView*>();
    const auto* tests = *std::ranges::find(views, QStringLiteral("Tests"), &QWidget::accessibleName);
    EXPECT_TRUE(tests->isVisible() && clients.findings().isVisible());
    EXPECT_GT(sheet->rowCount(), 0);
    clients.showClient(QString::fromStdString(nobody.id)); // both follow the client
    EXPECT_EQ(tests->model()->rowCount(), 0);
    EXPECT_EQ(sheet->rowCount(), 0);
    clients.showClient(measured);
    clients.showPage(ClientsPlace::Page::Plan);
    shell->resize(1280, 800);
    QApplication::processEvents();
    EXPECT_EQ(pages->tabText(0), QStringLiteral("&Tests"));
    EXPECT_EQ(pages->currentWidget(), &clients.plan()); // what was read stays in view
}

TEST_F(Models, LongWorkGoesOnBesideTheWindow) {
    Background& background = session->background();
    QStringList seen;
    const auto remember = [&] { seen << background.underWay(); };
    QObject::connect(&background, &Background::changed, shell.get(), remember);
    std::optional<bool> done;
    background.run(
        QStringLiteral("Counting"), [](Progress&) { return Expected<void>(); }, shell.get(),
        [&](const Expected<void>& outcome) { done = outcome.has_value(); });
    EXPECT_FALSE(done); // it comes back with the events of the window, never inside the call
    background.finish();
    EXPECT_EQ(done, true);
    EXPECT_EQ(seen, QStringList({QStringLiteral("Counting"), QString()}));
    // Who asked is gone: nobody is told.
    auto* gone = new QObject;
    bool told = false;
    background.run(
        QStringLiteral("More"),
        [](Progress&) {
            return failure({"no", {}});
        },
        gone, [&](const Expected<void>&) { told = true; });
    delete gone;
    background.finish();
    EXPECT_FALSE(told);
}

TEST_F(Models, LongWorkSaysHowFarItIsAndEndsWhenItIsCancelled) {
    Background& background = session->background();
    auto* cancel = shell->findChild<WorkLine*>()->findChild<QPushButton*>();
    auto* bar = shell->findChild<WorkLine*>()->findChild<QProgressBar*>();
    EXPECT_FALSE(cancel->isVisible());
    std::atomic<bool> halfWay = false;
    std::optional<Expected<void>> ended;
    background.run(
        QStringLiteral("Counting"),
        [&](Progress& progress) -> Expected<void> {
            progress.reached(1, 2);
            halfWay = true;
            while (!progress.cancelled())
                QThread::msleep(1);
            return failure({"cancelled", {}});
        },
        shell.get(), [&](const Expected<void>& outcome) { ended = outcome; });
    ASSERT_TRUE(testing::soon([&] { return halfWay && bar->value() == 50; }));
    EXPECT_TRUE(cancel->isVisible());
    QTest::keyClick(cancel, Qt::Key_Space);
    background.finish();
    ASSERT_TRUE(ended);
    EXPECT_FALSE(*ended);
    EXPECT_FALSE(cancel->isVisible());
}

TEST_F(Models, WorkInSlicesLeavesTheWindowFreeAndStopsAtTheFirstProblem) {
    Background& background = session->background();
    std::size_t done = 0, turns = 0;
    const auto piece = [&](std::size_t i) -> Expected<void> {
        EXPECT_EQ(i, done++);
        QThread::msleep(3);
        return i == 20 ? failure({"twenty", {}}) : Expected<void>();
    };
    std::optional<Expected<void>> ended;
    const auto end = [&](const Expected<void>& outcome) { ended = outcome; };
    QTimer timer;
    QObject::connect(&timer, &QTimer::timeout, shell.get(), [&] { ++turns; });
    timer.start(0);
    background.runInSlices(QStringLiteral("Counting"), 20, piece, shell.get(), end);
    EXPECT_EQ(done, 0u);
    background.finish();
    ASSERT_TRUE(ended && *ended);
    EXPECT_EQ(done, 20u);
    EXPECT_GE(turns, 4u); // other work of the window had its turns
    done = 0;
    background.runInSlices(QStringLiteral("Counting"), 40, piece, shell.get(), end);
    background.finish();
    EXPECT_FALSE(*ended);
    EXPECT_EQ(done, 21u);
    done = 0;
    background.runInSlices(QStringLiteral("Counting"), 15, piece, shell.get(), end);
    background.cancel();
    background.finish();
    EXPECT_EQ(ended->error().what.english(), "Cancelled.");
    EXPECT_EQ(done, 0u);
}

TEST_F(Models, TheLibraryIsATreeThatNarrowsToItsEntries) {
    LibraryModel model;
    LibraryFilter filter;
    filter.setSourceModel(&model);
    const QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::Fatal);
    const QAbstractItemModelTester narrowed(&filter, QAbstractItemModelTester::FailureReportingMode::Fatal);
    model.setGroups(libraryEntries(*session));
    ASSERT_EQ(model.rowCount(),
              5); // equations, references, protocols, policies, glossary; nobody here has a true body
    const QModelIndex siri = model.findWords(QStringLiteral("SIRI"));
    ASSERT_TRUE(siri.isValid());
    EXPECT_EQ(model.find(siri.data(LibraryModel::IdRole).toString()), siri);
    EXPECT_EQ(siri.parent(), model.index(0, 0));
    EXPECT_FALSE(model.find(QStringLiteral("none of these")).isValid());
    filter.narrow(QStringLiteral("no such words"), {}, false);
    EXPECT_EQ(filter.rowCount(), 0); // a heading goes with its last entry
    filter.narrow({}, report::plain(methodDxa), false);
    for (int group = 0; group < filter.rowCount(); ++group)
        for (int row = 0; row < filter.rowCount(filter.index(group, 0)); ++row) {
            const QModelIndex entry = filter.index(row, 0, filter.index(group, 0));
            const QStringList those = entry.data(LibraryModel::MethodsRole).toStringList();
            EXPECT_TRUE(those.contains(report::plain(methodDxa)) || those.isEmpty())
                << entry.data().toString().toStdString();
        }
    model.markInForce(usedNow(*session));
    filter.narrow({}, {}, true);
    const QModelIndex policies = filter.index(filter.rowCount() - 1, 0);
    EXPECT_EQ(filter.rowCount(policies), static_cast<int>(methods.size())); // one a method
    const QPersistentModelIndex kept(model.find(siri.data(LibraryModel::IdRole).toString()));
    model.markInForce({});
    EXPECT_TRUE(kept.isValid()); // only the marks have changed
    filter.narrow({}, {}, true);
    EXPECT_EQ(filter.rowCount(), 0);
}

} // namespace
} // namespace fusain::desktop::models_test

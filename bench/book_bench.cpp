// A lab book with 20,000 clients and 200,000 tests in the real window without a screen: starting, searching,
// and a client's progress, each against bare queries of the same rows or an empty book in the same run.
// `book_bench FILE` gives every test the recordings of a real one, three each: 1.5 GB,
// made once and kept in FILE.
#include "desktop/widgets/appearance.hpp"
#include "desktop/window/shell.hpp"
#include "link/simulation/all/played_run.hpp"
#include "procedure/all/computed.hpp"
#include "record/base/json.hpp"
#include "store/book/signatures.hpp"
#include "store/transfer/data_files.hpp"
#include "support.hpp"

#include <QApplication>
#include <QElapsedTimer>
#include <QFileInfo>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QThread>
#include <QTimer>
#include <cstdio>
#include <fstream>

namespace {

using namespace fusain;

constexpr int clients = 20000, testsEach = 10;
const Clock benchClock = [] { return *instantFromIso("2026-03-12T07:40:00.000Z"); };

std::string testDocument(const std::string& client, const std::string& id, int visit) {
    DxaTest test;
    test.id = id;
    test.subject = {client, Sex::Male, Years(40.0), Metres(1.75), true};
    test.startedAt = benchClock().plusMinutes(-60.0 * 24.0 * 30.0 * (testsEach - visit));
    test.state = TestState::Signed;
    test.policyId = "policy.dxa.whole-mass-kilograms";
    Attribution typed;
    typed.origin = Origin::Typed;
    typed.at = test.startedAt;
    test.mass = Reading(typed, 70.8);
    DxaScan scan;
    scan.number = 1;
    scan.scanner = {"Scanner", "3.1", "whole body"};
    const double values[][3] = {{1.0, 3.3, 0.5},  {1.0, 3.1, 0.2}, {1.1, 3.3, 0.2},
                                {9.4, 23.2, 0.9}, {2.7, 8.5, 0.5}, {2.8, 8.6, 0.5}};
    for (std::size_t i = 0; i < dxa::parts.size(); ++i)
        scan.readings.regions.push_back(
            {dxa::parts[i], Kilograms(values[i][0]), Kilograms(values[i][1]), Kilograms(values[i][2]), {}, {}});
    test.scans = {scan};
    return toJson(test).dump();
}

// The blocks of one test under water, from the real procedure.
QList<QByteArray> recordingsOfATest(const QString& scratch) {
    Instant now = benchClock();
    {
        const LabCatalogue catalogue = *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data"));
        auto book = *store::LabBook::create(scratch, benchClock);
        const Client person{
            "c", "c",  "c", *dateFromIso("1984-06-02"), Sex::Female, Metres(1.70), UnitSystem::Metric,
            "",  false};
        simulation::TrueBody body;
        simulation::Random random(20260312);
        auto run = book->save(person, "a").and_then([&] {
            return beginTest(catalogue.policyFor(methodHydrostatic, {}),
                             catalogue.protocolFor(methodHydrostatic), "t",
                             {"c", Sex::Female, person.ageAt(now), *person.height, false},
                             {"a", "A", Role::Technician}, *book, [&now] { return now; });
        });
        if (!run || !simulation::playTank(runningAs<TankMethod>(**run), body, {}, random, now))
            return {};
    }
    QList<QByteArray> blocks;
    bareQuery(scratch, QStringLiteral("SELECT data FROM recordings"),
              [&](const QVariant& data) { blocks << data.toByteArray(); });
    return blocks;
}

// Straight into the tables: the journal of two hundred thousand tests is not what is measured.
void fill(const QString& path, const QList<QByteArray>& recordings) {
    {
        auto database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("fill"));
        database.setDatabaseName(path);
        database.open();
        database.transaction();
        QSqlQuery client(database), test(database), block(database);
        block.prepare(QStringLiteral("INSERT INTO recordings (name, data) VALUES (?, ?)"));
        client.prepare(QStringLiteral(
            "INSERT INTO clients (id, code, name, birth_date, document) VALUES (?, ?, ?, ?, ?)"));
        test.prepare(QStringLiteral(
            "INSERT INTO tests (id, version, client, method, started_at, state, document) VALUES "
            "(?, 1, ?, 'dxa', ?, 'signed', ?)"));
        for (int i = 0; i < clients; ++i) {
            const std::string id = "c" + std::to_string(i), code = "C-" + std::to_string(i);
            const Client person{id,
                                code,
                                "Person " + std::to_string((i * 7919) % clients),
                                *dateFromIso("1984-06-02"),
                                Sex::Male,
                                Metres(1.75),
                                UnitSystem::Metric,
                                "",
                                false};
            for (const std::string& value :
                 {id, code, person.name, std::string("1984-06-02"), toJson(person).dump()})
                client.addBindValue(QString::fromStdString(value));
            client.exec();
            for (int visit = 0; visit < testsEach; ++visit) {
                const std::string testId = id + "-" + std::to_string(visit);
                test.addBindValue(QString::fromStdString(testId));
                test.addBindValue(QString::fromStdString(id));
                test.addBindValue(QString::fromStdString(
                    isoText(benchClock().plusMinutes(-60.0 * 24.0 * 30.0 * (testsEach - visit)))));
                test.addBindValue(QString::fromStdString(testDocument(id, testId, visit)));
                test.exec();
                for (qsizetype each = 0; each < recordings.size(); ++each) {
                    block.addBindValue(QStringLiteral("%1-%2").arg(QString::fromStdString(testId)).arg(each));
                    block.addBindValue(recordings[each]);
                    block.exec();
                }
            }
        }
        database.commit();
    }
    QSqlDatabase::removeDatabase(QStringLiteral("fill"));
}

/// The longest that the window was busy with one event: what somebody waits for between a key and the next.
class Watched : public QApplication {
public:
    using QApplication::QApplication;
    bool notify(QObject* receiver, QEvent* event) override {
        if (QThread::currentThread() != thread()) // nobody waits for what is computed behind
            return QApplication::notify(receiver, event);
        const bool outermost = !inside_;
        QElapsedTimer timer;
        timer.start();
        inside_ = true;
        const bool done = QApplication::notify(receiver, event);
        if (outermost) {
            inside_ = false;
            slowest = std::max(slowest, milliseconds(timer));
        }
        return done;
    }
    double slowest = 0.0;

private:
    bool inside_ = false;
};

std::unique_ptr<desktop::Session> sessionOn(const QString& path) {
    return std::make_unique<desktop::Session>(*store::LabBook::open(path, benchClock),
                                              *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data")),
                                              benchClock);
}

/// A window on a book, and how long it took to be usable.
struct Window {
    std::unique_ptr<desktop::Session> session;
    std::unique_ptr<desktop::Shell> shell;
    double start = 0.0;
    explicit Window(const QString& path) {
        QElapsedTimer timer;
        timer.start();
        show(sessionOn(path));
        start = milliseconds(timer);
    }
    explicit Window(std::unique_ptr<desktop::Session> ready) { show(std::move(ready)); }

private:
    void show(std::unique_ptr<desktop::Session> ready) {
        session = std::move(ready);
        shell = std::make_unique<desktop::Shell>(*session);
        shell->show();
        shell->open(desktop::PlaceName::Clients);
        QApplication::processEvents();
    }
};

double slowestKey(Window& window) {
    double slowest = 0.0;
    for (const char* typed : {"p", "pe", "person 1", "person 19", "person 1999", "person 19999", "c-777"}) {
        QElapsedTimer timer;
        timer.start();
        window.shell->clients().search(QLatin1String(typed));
        QApplication::processEvents();
        slowest = std::max(slowest, milliseconds(timer));
    }
    return slowest;
}

/// Clients of whom the journal knows, since sealing begins there.
bool bookOfSealedNames(const QString& path) {
    constexpr SealingCost cheap{1, 8192}; // not what a guess costs is measured
    const auto book = store::LabBook::create(path, benchClock);
    if (!book || !(*book)->save(Staff{"a", "A", Role::Physiologist}, "a"))
        return false;
    const auto saved = (*book)->together([&]() -> Expected<void> {
        for (int i = 0; i < clients; ++i) {
            const std::string n = std::to_string(i);
            if (auto done = (*book)->save(
                    Client{"c" + n, "C-" + n, "Person " + std::to_string((i * 7919) % clients),
                           *dateFromIso("1984-06-02"), Sex::Male, Metres(1.75), UnitSystem::Metric, "", false},
                    "a");
                !done)
                return done;
        }
        return {};
    });
    store::Signatures signatures(**book, cheap);
    return saved && signatures.makeKey("a", "four quiet herons") &&
           signatures.sealNames("a", store::SealedNames::newPhrase());
}

// From the passphrase to the list, and from a key to the list, in the window; beside the same in clear.
int measureSealedNames(const QString& path, double inClear) {
    if (!bookOfSealedNames(path))
        return 1;
    auto session = sessionOn(path);
    QElapsedTimer timer;
    timer.start();
    if (!session->setAtTheBench({"a", "A", Role::Physiologist}, "four quiet herons"))
        return 1;
    const std::size_t known = session->book().clients().size();
    const double opened = milliseconds(timer);
    Window window(std::move(session));
    const double slowest = slowestKey(window);
    std::printf("names sealed: %zu open after %.0f ms; slowest key %.1f ms (aim at most 16), in clear %.1f ms: "
                "ratio %.1f\n",
                known, opened, slowest, inClear, slowest / inClear);
    return 0;
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    Watched application(argc, argv);
    const QTemporaryDir folder(QStringLiteral("/dev/shm/fusain-bench-XXXXXX"));
    const bool recorded = argc > 1;
    const QString empty = folder.filePath(QStringLiteral("empty.fusain")),
                  full = recorded ? QString::fromLocal8Bit(argv[1])
                                  : folder.filePath(QStringLiteral("full.fusain"));
    const bool kept = QFile::exists(full);
    for (const QString& path : kept ? QStringList{empty} : QStringList{empty, full})
        if (auto book = store::LabBook::create(path, benchClock);
            !book || !(*book)->save(Staff{"a", "A", Role::Physiologist}, "a"))
            return 1;
    if (!kept)
        fill(full,
             recorded ? recordingsOfATest(folder.filePath(QStringLiteral("one.fusain"))) : QList<QByteArray>());
    std::printf("the book: %.2f GB\n", static_cast<double>(QFileInfo(full).size()) / 1e9);
    double emptyStart = 0.0;
    { const Window warm(empty); } // fonts and libraries are warm for both
    {
        const Window window(empty);
        emptyStart = window.start;
    }
    Window window(full);
    std::printf("start: %.0f ms with 20,000 clients and 200,000 tests, %.0f ms with none: ratio %.2f (aim at "
                "most 1.50)\n",
                window.start, emptyStart, window.start / emptyStart);
    const double slowest = slowestKey(window);
    const double names = bareQuery(full, QStringLiteral("SELECT name FROM clients"),
                                   [](const QVariant& value) { value.toString(); });
    std::printf("search: slowest key %.0f ms (aim at most 50), bare query of the names %.1f ms: ratio %.1f\n",
                slowest, names, slowest / names);
    window.shell->clients().search(QStringLiteral("c-777"));
    QElapsedTimer timer;
    timer.start();
    window.shell->clients().showPage(desktop::ClientsPlace::Page::Progress);
    QApplication::processEvents();
    const double progress = milliseconds(timer);
    const double rows = bareQuery(full, QStringLiteral("SELECT document FROM tests WHERE client = 'c777'"),
                                  [](const QVariant& value) { value.toString(); });
    std::printf(
        "progress: %.0f ms for ten tests (aim at most 150), bare query of the rows %.1f ms: ratio %.0f\n",
        progress, rows, progress / rows);
    const auto watch = [&](const char* what, const std::function<void()>& act) {
        application.slowest = 0.0;
        QElapsedTimer whole;
        whole.start();
        QTimer::singleShot(0, window.shell.get(), act); // as an event of the window
        QApplication::processEvents();
        QApplication::processEvents();
        std::printf("one event, %s: %.0f ms (aim at most 16)\n", what, application.slowest);
    };
    const auto page = [&](desktop::ClientsPlace::Page which) {
        return [&, which] { window.shell->clients().showPage(which); };
    };
    using Page = desktop::ClientsPlace::Page;
    watch("another client", [&] { window.shell->clients().showClient(QStringLiteral("c778")); });
    watch("its findings", page(Page::Findings));
    watch("its progress", page(Page::Progress));
    watch("across methods", page(Page::Methods));
    watch("its plan", page(Page::Plan));
    for (const auto& [name, place] :
         {std::pair("Day", desktop::PlaceName::Day), std::pair("Quality", desktop::PlaceName::Quality),
          std::pair("Library", desktop::PlaceName::Library), std::pair("Clients", desktop::PlaceName::Clients)})
        watch(name, [&, place = place] { window.shell->open(place); });
    watch("names hidden", [&] { window.session->setNamesHidden(true); });
    watch("any change", [&] { window.session->report({}); });
    return measureSealedNames(folder.filePath(QStringLiteral("sealed.fusain")), slowest);
}

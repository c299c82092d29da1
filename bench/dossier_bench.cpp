// A client with many tests with all their recordings, in the real window without a screen: the dossier, coming
// back to it, the report on a visit and a tick in it, each against one bare reading of the same documents.
#include "desktop/places/clients/visit_dialog.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/window/shell.hpp"
#include "link/simulation/all/played_run.hpp"
#include "procedure/all/computed.hpp"
#include "record/base/json.hpp"
#include "store/transfer/data_files.hpp"
#include "support.hpp"

#include <QApplication>
#include <QElapsedTimer>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <algorithm>
#include <cstdio>

namespace {

using namespace fusain;

constexpr int testsOfEach = 40;
const Staff technician{"bram", "Bram Iyengar", Role::Technician},
    physiologist{"oriel", "Oriel Thackway", Role::Physiologist};

// Median of an odd number of runs: one run is a matter of luck.
double median(int runs, const std::function<void()>& work) {
    std::vector<double> times;
    for (int i = 0; i < runs; ++i) {
        QElapsedTimer timer;
        timer.start();
        work();
        QApplication::processEvents();
        times.push_back(milliseconds(timer));
    }
    std::ranges::nth_element(times, times.begin() + runs / 2);
    return times[static_cast<std::size_t>(runs / 2)];
}

// One client with so many signed tests by a method, a week apart, played through the real procedure.
template <class Method>
bool fill(store::LabBook& book, const LabCatalogue& catalogue, Instant& clock, const char* client) {
    simulation::TrueBody body;
    simulation::Random random(20260312);
    const Client person{
        client, client, client, *dateFromIso("1984-06-02"), Sex::Female, Metres(1.70), UnitSystem::Metric,
        "",     false};
    if (!book.save(person, technician.id))
        return false;
    for (int i = 0; i < testsOfEach; ++i) {
        clock = instantFromIso("2025-05-01T07:00:00.000Z")->plusMinutes(7.0 * 24.0 * 60.0 * i);
        auto run = beginTest(catalogue.policyFor(Method::id, {}), catalogue.protocolFor(Method::id),
                             std::string(client) + std::to_string(i),
                             {client, Sex::Female, person.ageAt(clock), *person.height, i > 0}, technician,
                             book, [&clock] { return clock; });
        if (!run)
            return false;
        auto& own = runningAs<Method>(**run);
        Expected<void> done;
        if constexpr (std::same_as<Method, ChamberMethod>)
            done = simulation::playChamber(own, body, {}, random, clock);
        else
            done = simulation::playTank(own, body, {}, random, clock);
        if (done)
            done = simulation::playFinish(**run, "Read calmly.", technician, physiologist);
        const auto computed = computeByItsPolicy(snapshotOf(**run), catalogue);
        if (!done || !computed ||
            !book.save(store::StoredResult{(*run)->record().id, 1, 1, clock, computed->document()},
                       technician.id)) {
            std::fprintf(stderr, "%s\n", done ? "not computed" : done.error().english().c_str());
            return false;
        }
    }
    return true;
}

// What SQLite and the JSON library alone need for the documents of a client.
double bareReading(const QString& path, const char* client) {
    return bareQuery(
        path, QStringLiteral("SELECT document FROM tests WHERE client = '%1'").arg(QLatin1String(client)),
        [](const QVariant& document) {
            if (Json::parse(document.toString().toStdString()).is_null())
                std::printf("empty\n");
        });
}

void measure(desktop::Session& session, desktop::Shell& shell, const QString& path, const char* client) {
    const double bare = bareReading(path, client);
    const auto print = [&](const char* what, double time, double aim) {
        std::printf("%s, %d %s tests: %.0f ms (aim at most %.0f), bare reading of the documents %.0f ms: ratio "
                    "%.2f\n",
                    what, testsOfEach, client, time, aim, bare, time / bare);
    };
    const double first = median(1, [&] { shell.clients().showClient(QLatin1String(client)); });
    print("dossier, first time", first, 100.0);
    print("dossier, again", median(5, [&] { shell.clients().showClient(QLatin1String(client)); }), 100.0);
    print("after a change", median(5, [&] { session.tellChanges(true); }), 100.0);
    print("theme", median(3, [&] { session.setDark(!session.dark()); }), 100.0);
    std::unique_ptr<desktop::VisitDialog> dialog;
    const Client person = *session.book().client(client);
    print("report on a visit",
          median(1,
                 [&] {
                     dialog = std::make_unique<desktop::VisitDialog>(session, person);
                     dialog->setVisible(true);
                 }),
          300.0);
    auto* box = dialog->findChild<QCheckBox*>();
    print("a tick in it", median(5, [&] { box->click(); }), 50.0);
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"));
    const QTemporaryDir folder(QStringLiteral("/dev/shm/fusain-bench-XXXXXX"));
    const QString path = folder.filePath(QStringLiteral("dossier.fusain"));
    const LabCatalogue catalogue = *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data"));
    Instant clock = *instantFromIso("2026-03-12T07:40:00.000Z");
    {
        auto book = store::LabBook::openOrCreate(path, [&clock] { return clock; });
        if (!book || !(*book)->save(technician, "bram") || !(*book)->save(physiologist, "bram") ||
            !fill<ChamberMethod>(**book, catalogue, clock, "chamber") ||
            !fill<TankMethod>(**book, catalogue, clock, "tank"))
            return 1;
    }
    clock = *instantFromIso("2026-03-12T07:40:00.000Z");
    desktop::Session session(*store::LabBook::open(path, [&clock] { return clock; }), catalogue,
                             [&clock] { return clock; });
    desktop::Shell shell(session);
    shell.show();
    shell.open(desktop::PlaceName::Clients);
    QApplication::processEvents();
    for (const char* client : {"chamber", "tank"})
        measure(session, shell, path, client);
    return 0;
}

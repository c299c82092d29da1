// The program that the kill test kills: the real desktop, driven by keys without end. After every change that
// the window shows it says which test it was and how many of its events are accepted by then.
#include "fusain/guarded_application.hpp"
#include "fusain/run.hpp"
#include "record/library/catalogue.hpp"
#include "support/bench_driver.hpp"

#include <QMessageBox>
#include <cstdio>

namespace {

using namespace fusain;

// A row of another program's export, for the client on the bench.
void importRow(desktop::Session& session) {
    const auto client = session.book().client(session.run()->record().subject.clientId);
    session.report(session.importTest(*client, session.now(), methodImpedance, [](Procedure& run) {
        impedance::Sweep sweep;
        sweep.spectra.push_back(
            {impedance::Segment::WholeBody,
             {impedance::pointOf(impedance::standardFrequency, {Ohms(480.0), Ohms(60.0)})}});
        return runningAs<ImpedanceMethod>(run).importReadings(Kilograms(70.0), std::move(sweep), {},
                                                              "rows.csv");
    }));
}

// A scan that is labelled for the client before this one, reassigned by the physiologist: an event in both
// records.
void reassignScan(desktop::Session& session) {
    const auto clients = session.book().findClients("Kill Test");
    const auto before = std::ranges::find_if(
        clients, [&](const Client& each) { return each.id != session.run()->record().subject.clientId; });
    if (before == clients.end())
        return;
    auto& run = runningAs<ScanMethod>(*session.run());
    run.setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
    ScanFile file{before->code,
                  session.now(),
                  {"Scanner", "3.1", "whole body"},
                  Microsieverts(4.0),
                  "",
                  run.test().scan()->readings,
                  {},
                  {}};
    session.report(run.acceptFile(file, "this client's", {{}, "the labels were swapped"},
                                  Attribution::fromFile(run.record().id, "scanner", "scan.json"), {}, [&] {
                                      return session.noteReassigned(file.clientCode, "scan.json",
                                                                    "the labels were swapped");
                                  }));
}

// Something throws in a slot, as a damaged file might make it; the window says so and goes on.
void throwInASlot(desktop::Shell& shell) {
    auto* closer = new QTimer(&shell);
    QObject::connect(closer, &QTimer::timeout, &shell, [] {
        if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())) {
            std::printf("said: %s\n", box->windowTitle().toUtf8().constData());
            box->accept();
        }
    });
    closer->start(10);
    QTimer::singleShot(0, &shell, [] { throw std::runtime_error("made for the test"); });
    QTimer::singleShot(300, &shell, [&shell] {
        std::printf("went on: %d\n", shell.isVisible());
        std::fflush(stdout);
        shell.close();
    });
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 2)
        return 1;
    GuardedApplication application(argc, argv);
    RunOptions options;
    options.book = QString::fromLocal8Bit(argv[1]);
    options.createBook = true;
    const bool throws = argc > 2 && std::string_view(argv[2]) == "--throw";
    return runDesktop(options, [throws](desktop::Shell& shell, desktop::Session& session) {
        if (throws)
            return throwInASlot(shell);
        testing::BenchDriver driver(shell, session);
        QObject::connect(&session, &desktop::Session::changed, &shell, [&session] {
            if (session.run()) {
                std::printf("%s %zu\n", session.run()->record().id.c_str(), session.run()->events().size());
                std::fflush(stdout);
            }
        });
        if (session.book().staff().empty()) {
            session.report(session.book().save(Staff{"oriel", "Oriel Thackway", Role::Physiologist}, "oriel"));
            session.setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist});
        }
        if (const auto running = session.book().runningTests(); !running.empty())
            session.report(session.resumeRun(common(running.front()).id));
        shell.open(desktop::PlaceName::Bench);
        while (true) {
            if (!session.run()) {
                const Client client{session.freshId("client"),
                                    session.freshId("code"),
                                    "Kill Test",
                                    *dateFromIso("1990-01-01"),
                                    Sex::Male,
                                    Metres(1.75),
                                    UnitSystem::Metric,
                                    "",
                                    false};
                session.report(session.book().save(client, "bram"));
                testing::passAllChecks(session.book(), session.catalogue(), session.now());
                const auto method =
                    methods[static_cast<std::size_t>(session.book().eventCount()) % methods.size()];
                session.report(session.startRun(client, {}, method));
                shell.open(desktop::PlaceName::Bench);
            }
            QApplication::processEvents();
            if (session.run()->current() == DxaStep::Lines && session.run()->method() == methodDxa &&
                runningAs<ScanMethod>(*session.run()).test().scans.size() == 1)
                reassignScan(session);
            if (driver.advance())
                continue;
            if (session.run()->record().version == 1) {
                session.report(session.run()->amend("kill test"));
            } else {
                importRow(session);
                session.closeRun();
            }
        }
    });
}

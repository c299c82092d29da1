// The program that the kill test kills: the real desktop, driven by keys without end. After every change that
// the window shows it says which test it was and how many of its events are accepted by then.
#include "fusain/run.hpp"
#include "record/library/catalogue.hpp"
#include "support/bench_driver.hpp"

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

} // namespace

int main(int argc, char** argv) {
    if (argc < 2)
        return 1;
    QApplication application(argc, argv);
    RunOptions options;
    options.book = QString::fromLocal8Bit(argv[1]);
    return runDesktop(options, [](desktop::Shell& shell, desktop::Session& session) {
        testing::BenchDriver driver(shell, session);
        QObject::connect(&session, &desktop::Session::changed, &shell, [&session] {
            if (session.run()) {
                std::printf("%s %zu\n", session.run()->record().id.c_str(), session.run()->events().size());
                std::fflush(stdout);
            }
        });
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

// Power cuts and disks that fail, at every point of the work: nothing that was shown as accepted is lost, and
// the book opens and verifies.
#include "procedure/tank/procedure.hpp"
#include "record/all/record.hpp"
#include "store/book/lab_book.hpp"
#include "support/hydrostatic_run.hpp"
#include "support/recording_files.hpp"

#include <QFile>
#include <QTemporaryDir>
#include <memory>

namespace fusain::store::power_test {
namespace {

using namespace fusain::testing;

/// More are made by hand: FUSAIN_POWER_CUTS=2000.
int cuts() {
    const int asked = qEnvironmentVariableIntValue("FUSAIN_POWER_CUTS");
    return asked > 0 ? asked : 120;
}

class Power : public ::testing::Test {
protected:
    Power() {
        auto book = LabBook::create(path(), clock);
        EXPECT_TRUE(book) << book.error().english();
        Client client{"client-1", "SP-001",     "Ailsa Brandvold",  *dateFromIso("1984-06-02"),
                      Sex::Male,  Metres(1.75), UnitSystem::Metric, "",
                      false};
        EXPECT_TRUE((*book)->save(client, "bram"));
    }
    QString path() const { return folder.filePath(QStringLiteral("lab.fusain")); }
    static QByteArray contents(const QString& name) {
        QFile file(name);
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
    }
    /// A morning: a test from its first step to its signature with result and appointment in one act, an
    /// amendment.
    /// @param accepted called after each act with the number of events that are accepted
    void work(LabBook& book, const std::function<void(std::int64_t)>& accepted) {
        auto run = HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, book, clock);
        const auto say = [&] { accepted(book.eventCount()); };
        if (!run)
            return;
        say();
        const auto act = [&](const Procedure::Done& done) {
            if (done)
                say();
        };
        act(run->confirm(HydrostaticStep::TankReady));
        act(run->checkLoadCell(Kilograms(4.15), Kilograms(5.0), Kilograms(5.004)));
        act(run->readWaterTemperature(Celsius(34.0), Attribution::typed()));
        act(run->answerOpen(onTheLimit));
        act(run->weighDry(Kilograms(70.0), Attribution::typed()));
        act(run->measureResidualVolume(Litres(1.30), "oxygen dilution"));
        act(run->confirm(HydrostaticStep::Rehearsal));
        std::vector<hydrostatic::ForceSample> trace;
        for (int i = 0; i < 400; ++i)
            trace.push_back({Seconds(0.02 * i), Kilograms(7.44 + 0.002 * std::sin(0.9 * i))});
        for (int trial = 0; trial < 3; ++trial)
            act(run->acceptTrace(trace, linked(*run, "load-cell")));
        act(run->confirm(HydrostaticStep::OutSafely));
        act(run->confirm(HydrostaticStep::Result));
        act(run->interpret("In the band."));
        act(run->sign(technician, physiologist, [&]() -> Expected<void> {
            auto kept = book.save(StoredResult{"t1", 1, 1, clock(), Json{{"fat", 14.4}}}, "bram");
            return kept ? book.save(Visit{"v1", "client-1", clock(), "hydrostatic", "done", "t1", {}}, "bram")
                        : kept;
        }));
        run->setAtTheBench(physiologist);
        act(run->amend("the wrong scale"));
        act(book.setSetting("units", "us", "bram"));
    }
    static void signedWholeOrNotAtAll(LabBook& book) {
        const auto first = book.test("t1", 1);
        const bool isSigned = first && common(*first).state == TestState::Signed;
        ASSERT_EQ(!book.resultsOf("t1").empty(), isSigned);
        ASSERT_EQ(!book.visitsOf("client-1").empty(), isSigned);
    }
    QTemporaryDir folder;
    SteppingClock clock;
};

TEST_F(Power, ACutAtAnyPointLosesNothingThatWasAccepted) {
    const QMap<QString, QByteArray> before{{path(), contents(path())}};
    std::vector<std::pair<std::size_t, std::int64_t>> accepted{{0, 1}};
    RecordingFiles files;
    {
        auto book = LabBook::open(path(), clock);
        ASSERT_TRUE(book);
        work(**book, [&](std::int64_t events) { accepted.emplace_back(files.operations().size(), events); });
    }
    files.stop();
    ASSERT_GT(accepted.back().second, 40);
    const std::size_t all = files.operations().size();
    std::mt19937 random(16);
    std::size_t later = 0; // cuts after the first acceptance
    for (int i = 0; i < cuts(); ++i) {
        const std::size_t cut = std::uniform_int_distribution<std::size_t>(0, all)(random);
        const QTemporaryDir after;
        for (const auto& [name, bytes] : files.cutAt(cut, before, random).asKeyValueRange()) {
            QFile file(after.filePath(QString(name).remove(folder.path() + QLatin1Char('/'))));
            ASSERT_TRUE(file.open(QIODevice::WriteOnly));
            file.write(bytes);
        }
        const auto held = std::ranges::find_if(accepted.rbegin(), accepted.rend(),
                                               [&](const auto& each) { return each.first <= cut; });
        auto book = LabBook::open(after.filePath(QStringLiteral("lab.fusain")), clock);
        ASSERT_TRUE(book) << "cut " << cut << ": " << book.error().english();
        ASSERT_GE((*book)->eventCount(), held->second) << "cut " << cut;
        const auto verification = (*book)->verify();
        ASSERT_TRUE(verification.sound())
            << "cut " << cut << ": " << verification.faults.front().what.english();
        signedWholeOrNotAtAll(**book);
        later += held->second > 1;
    }
    EXPECT_GT(later, static_cast<std::size_t>(cuts()) / 2);
}

// The n-th call to the disk fails, for each n: what is said to be accepted is, what is refused left nothing,
// and the work goes on.
TEST_F(Power, AnErrorAtAnyCallIsSaidAndLosesNothing) {
    for (const int code : {SQLITE_FULL, SQLITE_IOERR_WRITE, SQLITE_IOERR_FSYNC})
        for (int call = 1; call < 400; call += 7) {
            const QTemporaryDir place;
            const QString copy = place.filePath(QStringLiteral("lab.fusain"));
            ASSERT_TRUE(QFile::copy(path(), copy));
            std::int64_t accepted = 1;
            {
                RecordingFiles files;
                auto book = LabBook::open(copy, clock);
                ASSERT_TRUE(book);
                files.failAfter(call, code);
                work(**book, [&](std::int64_t events) { accepted = std::max(accepted, events); });
                files.failAfter(0, SQLITE_OK);
                ASSERT_TRUE((*book)->setSetting("theme", "dark", "bram")) << code << " at " << call;
                ++accepted;
            }
            auto book = LabBook::open(copy, clock);
            ASSERT_TRUE(book) << code << " at " << call;
            ASSERT_GE((*book)->eventCount(), accepted) << code << " at " << call;
            const auto verification = (*book)->verify();
            ASSERT_TRUE(verification.sound())
                << code << " at " << call << ": " << verification.faults.front().what.english();
            signedWholeOrNotAtAll(**book);
        }
}

} // namespace
} // namespace fusain::store::power_test

// Two people with a test on every instrument each, all open at once, and acts at random: whatever is shown,
// pressed, typed, set up anew or taken back, no reading lands in the record of somebody else.
#include "support/in_step.hpp"
#include "support/journey.hpp"
#include "support/watched_application.hpp"

#include <random>

namespace fusain::desktop::random_walk_test {
namespace {

using fusain::testing::linkInStep;
using fusain::testing::pass;
using fusain::testing::soon;
using simulation::SimulatedLab;
using simulation::TrueBody;

/// More than these are made by hand: FUSAIN_RANDOM_ACTS=10000.
int acts() {
    const int asked = qEnvironmentVariableIntValue("FUSAIN_RANDOM_ACTS");
    return asked > 0 ? asked : 600;
}

/// An instrument with the person that is in it, on or under it; its own time.
struct Instrument {
    const char* role;
    std::string_view method;
    Step step;
    std::unique_ptr<SimulatedLab> lab;
};

struct OpenTest {
    std::string id;
    std::size_t instrument;
    TrueBody body;
    std::string code;
};

class RandomWalk : public Journey {
protected:
    void SetUp() override {
        Journey::SetUp();
        // What a dialog asks is answered with no.
        QObject::connect(&closer_, &QTimer::timeout, shell.get(), [] {
            if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget()))
                dialog->reject();
        });
        closer_.start(1);
        ASSERT_TRUE(session->book().setSetting("scan-folder", folder.path().toStdString(), "bram"));
        instruments.push_back({"load-cell", methodHydrostatic, HydrostaticStep::Trials, {}});
        instruments.push_back({"chamber", methodChamber, ChamberStep::VolumeTrials, {}});
        instruments.push_back({"analyzer", methodImpedance, ImpedanceStep::Sweep, {}});
        instruments.push_back({"scanner", methodDxa, DxaStep::Scan, {}});
        for (std::size_t i = 0; i < instruments.size(); ++i)
            prepare(i);
    }
    void TearDown() override {
        closer_.stop();
        Journey::TearDown();
    }

    // One test of each person; the chamber is made ready by its own recording, under the first of them.
    void prepare(std::size_t index) {
        Instrument& instrument = instruments[index];
        instrument.lab =
            std::make_unique<SimulatedLab>(7 + index, simulation::VirtualPerson{}, simulation::LabFaults{});
        instrument.lab->setChamberSpeed(25);
        instrument.lab->setAnalyzer({}, 60);
        instrument.lab->setScanner(folder.path(), clock, 600);
        const auto connect = [&] {
            linkInStep(session->hub(), *instrument.lab, {QLatin1String(instrument.role)});
            ASSERT_TRUE(soon([&] { return session->hub().isLive(QLatin1String(instrument.role)); }));
        };
        if (instrument.method == methodChamber)
            connect();
        for (const double fat : {0.10, 0.35}) {
            TrueBody body;
            body.fatFraction = fat;
            const Client client = someone(fat < 0.2 ? "Ailsa Brandvold" : "Marit Quennell");
            ASSERT_TRUE(session->report(session->startRun(client, {}, instrument.method)));
            tests.push_back({session->run()->record().id, index, body, client.code});
            shell->open(PlaceName::Bench);
            for (int i = 0; i < 200 && !(session->run()->current() == instrument.step); ++i)
                if (session->run()->current() == ChamberStep::Calibration && instrument.method == methodChamber)
                    calibrate(instrument);
                else
                    driver->advance();
            ASSERT_TRUE(session->run()->current() == instrument.step) << shell->lastProblem().toStdString();
        }
        if (instrument.method != methodChamber) // what is typed on the way there is typed without a link
            connect();
    }
    void calibrate(const Instrument& instrument) {
        for (int press = 0; press < 3; ++press) { // empty, with the cylinder, accept
            driver->press(Qt::Key_Space);
            pass(*instrument.lab, 4000);
        }
    }

    OpenTest& here() { return *std::ranges::find(tests, session->run()->record().id, &OpenTest::id); }
    Instrument& at(const OpenTest& test) { return instruments[test.instrument]; }
    StepPanel& panel() { return *shell->bench().currentPanel(); }
    bool free(const Instrument& instrument) {
        const QObject probe;
        const bool claimed = session->hub().claim(QLatin1String(instrument.role), &probe);
        session->hub().release(QLatin1String(instrument.role), &probe);
        return claimed;
    }
    template <class Own>
    Own& own() {
        return dynamic_cast<Own&>(*session->run());
    }

    // Whoever starts a recording is the one in the instrument, unless it records somebody already.
    void space() {
        const OpenTest& test = here();
        if (free(at(test))) {
            auto person = simulation::virtualPersonOf(test.body);
            person.code = test.code;
            at(test).lab->setPerson(person);
        }
        // In a field Space is a space: whoever typed something leaves it first.
        if (auto* field = qobject_cast<QLineEdit*>(shell->bench().focusWidget())) {
            field->clear();
            field->clearFocus();
        }
        driver->press(Qt::Key_Space);
    }
    void setUpAnew() {
        if (auto* tank = dynamic_cast<HydrostaticProcedure*>(session->run())) {
            if (free(at(here()))) // with the same chair and belt
                session->report(tank->checkLoadCell(Kilograms(0.0), Kilograms(5.0), Kilograms(5.001)));
        } else if (auto* chamber = dynamic_cast<ChamberProcedure*>(session->run())) {
            session->report(chamber->calibrate(*chamber->test().calibration()->fromPressures));
        } else if (auto* analyzer = dynamic_cast<ImpedanceProcedure*>(session->run())) {
            session->report(analyzer->setUp(analyzer->test().setup));
        } else {
            session->report(own<DxaProcedure>().setScanner(own<DxaProcedure>().test().scanner));
        }
    }
    void typeSomething(std::mt19937& random) {
        QWidget* focused = QApplication::focusWidget();
        for (const char c : {'1', '7', 'b', ' ', ','})
            if (random() % 2)
                QTest::keyClick(focused ? focused : &shell->bench(), c);
    }

    /// Every reading of every open test is its own person's. Those that were judged stop counting, so that
    /// there is room for more. @return how many came over a link or as a file since the last look
    int judgeAndMakeRoom() {
        const OpenTest& test = here();
        int taken = 0;
        const auto each = [&](auto& run, const auto readings, auto measured, double expected,
                              double tolerance) {
            for (const auto& reading : readings) {
                EXPECT_EQ(reading.test, test.id);
                if (reading.counts() && reading.origin != Origin::Typed) {
                    ++taken;
                    EXPECT_NEAR(measured(reading), expected, tolerance) << test.id;
                }
            }
            for (const auto& reading : readings)
                if (reading.counts())
                    static_cast<void>(run.setAside(reading.number, "seen"));
        };
        if (auto* tank = dynamic_cast<HydrostaticProcedure*>(session->run()))
            each(
                *tank, tank->test().trials, [](const WeighingTrial& trial) { return trial.net().value(); },
                simulation::virtualPersonOf(test.body).netUnderwaterMass, 0.5);
        else if (auto* chamber = dynamic_cast<ChamberProcedure*>(session->run()))
            each(
                *chamber, chamber->test().trials, [](const VolumeTrial& trial) { return trial.volume.value(); },
                test.body.mass / test.body.density() - 1.2, 1.5);
        else if (auto* analyzer = dynamic_cast<ImpedanceProcedure*>(session->run()))
            each(
                *analyzer, analyzer->test().sweeps,
                [](const ImpedanceSweep& sweep) {
                    return sweep.readings.of(impedance::Segment::WholeBody)
                        ->at(impedance::standardFrequency)
                        ->magnitude.value();
                },
                magnitudeOf(test.body), 0.06 * magnitudeOf(test.body));
        else
            each(
                own<DxaProcedure>(), own<DxaProcedure>().test().scans,
                [](const DxaScan& scan) { return scan.readings.of(dxa::Region::Total)->fat.value(); },
                test.body.mass * test.body.fatFraction, 4.0);
        return taken;
    }
    static double magnitudeOf(const TrueBody& body) {
        const auto arc = simulation::wholeBodyArc(simulation::analyzerPersonOf(body));
        return impedance::pointOf(impedance::standardFrequency,
                                  impedance::impedanceOf(arc.at(impedance::standardFrequency).complex()))
            .magnitude.value();
    }

    std::vector<Instrument> instruments;
    std::vector<OpenTest> tests;

private:
    QTimer closer_;
};

TEST_F(RandomWalk, LandsNoReadingInAnotherRecord) {
    std::mt19937 random(2026);
    const auto draw = [&](std::size_t of) {
        return std::uniform_int_distribution<std::size_t>(0, of - 1)(random);
    };
    std::map<std::string_view, int> accepted;
    for (int act = 0; act < acts() && !HasFailure(); ++act) {
        switch (draw(16)) {
        case 0:
            ASSERT_TRUE(session->report(session->resumeRun(tests[draw(tests.size())].id)));
            shell->open(PlaceName::Bench);
            break;
        case 1:
            driver->press(Qt::Key_F11);
            break;
        case 2:
            shell->open(draw(2) == 0 ? PlaceName::Clients : PlaceName::Quality);
            shell->open(PlaceName::Bench);
            break;
        case 3:
            session->setNamesHidden(draw(2) == 0);
            session->setDark(draw(2) == 0);
            break;
        case 4:
            if (draw(3) == 0)
                setUpAnew();
            break;
        case 5:
            typeSomething(random);
            break;
        case 6:
        case 7:
        case 8:
        case 9: // a submersion lasts longest
            pass(*at(here()).lab, at(here()).method == methodHydrostatic ? 4000 : 800);
            break;
        default:
            space();
            break;
        }
        accepted[at(here()).method] += judgeAndMakeRoom();
        if (!(session->run()->current() == at(here()).step)) {
            ASSERT_TRUE(session->report(session->run()->goTo(at(here()).step)));
        }
    }
    for (const Instrument& instrument : instruments)
        EXPECT_GT(accepted[instrument.method], 0) << instrument.method;
    // Changes of look are among the acts, and take longer than any other may (docs/performance.md).
    (void)testing::WatchedApplication::instance().takeLongest();
}

} // namespace
} // namespace fusain::desktop::random_walk_test

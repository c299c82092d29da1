#pragma once
#include "desktop/services/water_book.hpp"
#include "desktop/window/shell.hpp"

#include <QApplication>
#include <QElapsedTimer>
#include <QPlainTextEdit>
#include <QTest>
#include <QThread>

namespace fusain::testing {

/// Every blocking check passed just now and good water in the tank, so that tests may start.
inline void passAllChecks(store::LabBook& book, const LabCatalogue& catalogue, Instant now) {
    if (!desktop::WaterBook(book, catalogue)
             .log({now, "bram", {MilligramsPerLitre(4.1), MilligramsPerLitre(0.2), 7.4, Celsius(35.1)}, {}}))
        qFatal("the water could not be logged");
    for (const Instrument& instrument : catalogue.instruments)
        for (const CheckDefinition& check : instrument.checks)
            if (!book.save(Check{"check-" + instrument.id + check.id + isoText(now),
                                 instrument.id,
                                 check.id,
                                 now,
                                 check.rule.nominal,
                                 check.rule.nominal,
                                 true,
                                 "bram",
                                 {},
                                 std::vector<double>(static_cast<std::size_t>(check.rule.readings),
                                                     check.rule.nominal)},
                           "bram"))
                qFatal("the check could not be kept");
}

/// Lets the event loop run until `condition` holds. Gives up after `milliseconds`: long enough for a machine
/// with other work to do, since nothing that is waited for goes by the clock.
template <class Condition>
bool soon(Condition condition, int milliseconds = 150000) {
    QElapsedTimer timer;
    timer.start();
    while (!condition() && timer.elapsed() < milliseconds)
        QApplication::processEvents(QEventLoop::AllEvents, 10);
    return condition();
}

/// Works the bench as a technician without instruments would: by keyboard, in the real window. What the hands
/// do can be done in another way (ReaderDriver); what is to be done at each step stands here once.
class BenchDriver {
public:
    BenchDriver(desktop::Shell& shell, desktop::Session& session) : shell_(shell), session_(session) {}
    virtual ~BenchDriver() = default;

    /// One piece of keyboard work for the step that is open. Returns false when the run needs nothing more.
    bool advance() {
        Procedure& run = *session_.run();
        const StepText& step = run.textOf(run.current());
        if (step.id == "report")
            return false;
        if (step.kind == StepKind::Screening || step.kind == StepKind::Readiness)
            answer(run);
        else if (step.kind == StepKind::Interpretation)
            interpret();
        else if (step.kind == StepKind::Sign)
            sign();
        else if (!typeReading(run))
            go();
        return true;
    }

    /// Space comes a moment after the last letter, as from a hand.
    void press(int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        if (key == Qt::Key_Space && modifiers == Qt::NoModifier)
            while (shell_.typingPause()
                       .holds()) // asleep: what a test has prepared for the key must not come before
                QThread::msleep(5);
        if (modifiers != Qt::NoModifier) { // shortcuts belong to the active window, also after a dialog
            shell_.activateWindow();
            (void)QTest::qWaitForWindowActive(&shell_);
        }
        shell_.bench().setFocus();
        QTest::keyClick(&shell_.bench(), static_cast<Qt::Key>(key), modifiers);
    }

    virtual void type(const char* accessibleName, const char* text, bool enter = false) {
        for (QLineEdit* edit : panel()->findChildren<QLineEdit*>())
            if (plain(edit->accessibleName()) == QString::fromUtf8(accessibleName)) {
                edit->clear();
                QTest::keyClicks(edit, QString::fromUtf8(text));
                if (enter)
                    QTest::keyClick(edit, Qt::Key_Return);
                return;
            }
        qFatal("no field %s", accessibleName);
    }

protected:
    /// Does what the button at the foot says.
    virtual void go() {
        if (shell_.typingPause().holds())
            press(Qt::Key_Return, Qt::ControlModifier);
        else
            press(Qt::Key_Space);
    }
    /// Gives the answer that stands at this place among those offered, from 0.
    virtual void pick(int place, const QString& /*words*/) {
        panel()->setFocus();
        QTest::keyClick(panel(), static_cast<Qt::Key>(Qt::Key_1 + place));
    }
    virtual void fill(int row, int column, const char* text) {
        panel()->findChild<QTableWidget*>()->item(row, column)->setText(QLatin1String(text));
    }
    virtual void write(const QString& text) { panel()->findChild<QPlainTextEdit*>()->setPlainText(text); }
    // Without the brackets of the translation test.
    static QString plain(QString name) { return name.remove(QChar(0x27E6)).remove(QChar(0x27E7)); }
    desktop::StepPanel* panel() { return shell_.bench().currentPanel(); }
    desktop::Shell& shell_;

private:
    /// Types what the open step reads. @return false for a step without a reading
    bool typeReading(Procedure& run) {
        if (auto* tank = dynamic_cast<HydrostaticProcedure*>(&run))
            return typeTank(*tank);
        if (auto* analyzer = dynamic_cast<ImpedanceProcedure*>(&run))
            return typeImpedance(*analyzer);
        if (auto* scanner = dynamic_cast<DxaProcedure*>(&run))
            return typeDxa(*scanner);
        if (auto* tape = dynamic_cast<GirthProcedure*>(&run))
            return typeGirths(*tape);
        return typeChamber(dynamic_cast<ChamberProcedure&>(run));
    }

    bool typeGirths(GirthProcedure& run) {
        static constexpr std::array readings{"84,5", "98,0", "36,2", "30,1", "54,3"}; // in the order of Site
        switch (run.currentStep()) {
        case GirthStep::Tape:
            type("What the tape shows, cm", "100,1", true);
            return true;
        case GirthStep::Mass:
            type("Mass, kg", "70,00", true);
            return true;
        case GirthStep::Girths:
            if (const auto site = run.nextSite())
                type("Reading, typed, cm", readings[static_cast<std::size_t>(*site)], true);
            return true;
        default:
            return false;
        }
    }

    bool typeTank(HydrostaticProcedure& run) {
        using enum HydrostaticStep;
        switch (run.currentStep()) {
        case LoadCell:
            type("Shown with the reference mass, kg", "5,003");
            return false;
        case WaterTemperature:
            type("Water temperature, °C", "34.1", true);
            return true;
        case DryMass:
            type("Dry mass, kg", "70,00", true);
            return true;
        case VitalCapacity:
            if (!run.test().roomTemperature) {
                type("Room temperature at the spirometer, °C", "23.0");
                type("Air pressure, mmHg", "760");
            }
            type("Vital capacity, as the spirometer shows, L, room conditions", "4,80", true);
            return true;
        case Trials:
            type("Steady reading, typed, kg gross", run.test().trials.size() % 2 == 0 ? "3,30" : "3,32", true);
            return true;
        default:
            return false;
        }
    }

    bool typeChamber(ChamberProcedure& run) {
        using enum ChamberStep;
        switch (run.currentStep()) {
        case Scale:
            type("Shown with the reference masses, kg", "20,003", true);
            return true;
        case Calibration:
            type("Cylinder, as this chamber reads it, L (a chamber that calibrates itself)", "50,02", true);
            return true;
        case Mass:
            type("Mass, kg", "70,00", true);
            return true;
        case VolumeTrials:
            type("Raw volume, typed, L", run.test().trials.size() % 2 == 0 ? "63,50" : "63,58", true);
            return true;
        case ThoracicGas:
            type("Method of the thoracic gas", "panting");
            type("Or: thoracic gas measured elsewhere, L BTPS", "3,84");
            return false;
        default:
            return false;
        }
    }

    bool typeImpedance(ImpedanceProcedure& run) {
        using enum ImpedanceStep;
        switch (run.currentStep()) {
        case Module:
            type("Read by the analyzer, Ω", "500,3", true);
            return true;
        case Identity:
            type("Client code", session_.book().client(run.record().subject.clientId)->code.c_str(), true);
            return true;
        case Mass:
            type("Mass, kg", "70,00", true);
            return true;
        case Sweep:
            type("R typed, Ω", "480");
            type("Xc typed, Ω", "60", true);
            return true;
        default:
            return false;
        }
    }

    bool typeDxa(DxaProcedure& run) {
        switch (run.currentStep()) {
        case DxaStep::Mass:
            type("Mass, kg", "70,80", true);
            return true;
        case DxaStep::Scan:
            typeRegions();
            return false;
        default:
            return false;
        }
    }

    // Head, arms, trunk and legs of a man of 70.8 kg, into the table.
    void typeRegions() {
        static constexpr const char* rows[][3] = {{"1,0", "3,3", "0,5"}, {"1,0", "3,1", "0,2"},
                                                  {"1,1", "3,3", "0,2"}, {"9,4", "23,2", "0,9"},
                                                  {"2,7", "8,5", "0,5"}, {"2,8", "8,6", "0,5"}};
        for (int row = 0; row < 6; ++row)
            for (int column = 0; column < 3; ++column)
                fill(row, column + 1, rows[row][column]);
    }

    void interpret() {
        write(QStringLiteral("In the band."));
        go();
    }

    // The technician hands the test over; the physiologist comes to the bench and signs it.
    void sign() {
        if (session_.run()->handedOver())
            for (const Staff& staff : session_.book().staff())
                if (staff.role == Role::Physiologist)
                    session_.setAtTheBench(staff);
        go();
    }

    void answer(Procedure& run) {
        for (const auto* rule : run.questions(run.current())) {
            if (run.answerTo(rule->id))
                continue;
            const readiness::Answer wanted = readiness::answerKeeping(*rule);
            if (rule->type == readiness::AnswerType::Choice) {
                const auto choice = std::ranges::find(rule->choices, wanted.choice) - rule->choices.begin();
                pick(static_cast<int>(choice), report::say(std::string_view(wanted.choice)));
            } else if (rule->type == readiness::AnswerType::Number) {
                type("Answer", std::to_string(*wanted.number).c_str(), true);
            } else {
                // Typed with six digits, a third of an hour is no longer twenty minutes.
                const double inside = readiness::answerKeeping(*rule, 0.01).ago->value();
                type("Answer", (std::to_string(inside) + " h").c_str(), true);
            }
            return;
        }
    }

    desktop::Session& session_;
};

} // namespace fusain::testing

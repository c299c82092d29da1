#pragma once
#include "desktop/shell.hpp"

#include <QApplication>
#include <QElapsedTimer>
#include <QPlainTextEdit>
#include <QTest>

namespace fusain::testing {

/// Lets the event loop run until `condition` holds; false after `milliseconds`.
template <class Condition>
bool soon(Condition condition, int milliseconds = 10000) {
    QElapsedTimer timer;
    timer.start();
    while (!condition() && timer.elapsed() < milliseconds)
        QApplication::processEvents(QEventLoop::AllEvents, 10);
    return condition();
}

/// Works the bench as a technician without instruments would: by keyboard, in the real window.
class BenchDriver {
public:
    BenchDriver(desktop::Shell& shell, desktop::Session& session) : shell_(shell), session_(session) {}

    /// One piece of keyboard work for the step that is open. Returns false when the run needs nothing more.
    bool advance() {
        using enum HydrostaticStep;
        auto* run = session_.run();
        switch (run->currentStep()) {
        case LoadCell:
            type("Shown with the reference mass, kg", "5,003");
            press(Qt::Key_Space);
            break;
        case WaterTemperature:
            type("Water temperature, °C", "34.1", true);
            break;
        case Screening:
        case Readiness:
            answer(*run);
            break;
        case DryMass:
            type("Dry mass, kg", "70,00", true);
            break;
        case VitalCapacity:
            if (!run->test().roomTemperature) {
                type("Room temperature at the spirometer, °C", "23.0");
                type("Air pressure, mmHg", "760");
            }
            type("Vital capacity, as the spirometer shows, L, room conditions", "4,80", true);
            break;
        case Trials:
            type("Steady reading, typed, kg gross", run->test().trials.size() % 2 == 0 ? "3,30" : "3,32", true);
            break;
        case Interpretation:
            panel()->findChild<QPlainTextEdit*>()->setPlainText(QStringLiteral("In the band."));
            press(Qt::Key_Space);
            break;
        case Report:
            return false;
        default:
            press(Qt::Key_Space);
        }
        return true;
    }

    void press(int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        shell_.bench().setFocus();
        QTest::keyClick(&shell_.bench(), static_cast<Qt::Key>(key), modifiers);
    }

    void type(const char* accessibleName, const char* text, bool enter = false) {
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

private:
    // Without the brackets of the translation test.
    static QString plain(QString name) { return name.remove(QChar(0x27E6)).remove(QChar(0x27E7)); }
    desktop::StepPanel* panel() { return shell_.bench().currentPanel(); }

    void answer(HydrostaticProcedure& run) {
        for (const auto* rule : run.questions(run.currentStep())) {
            if (run.answerTo(rule->id))
                continue;
            if (rule->type == readiness::AnswerType::Choice) {
                const auto choice = std::ranges::find(rule->choices, rule->limitChoice) - rule->choices.begin();
                panel()->setFocus();
                QTest::keyClick(panel(), static_cast<Qt::Key>(Qt::Key_1 + choice));
            } else if (rule->type == readiness::AnswerType::Number) {
                type("Answer", std::to_string(rule->limit).c_str(), true);
            } else {
                type("Answer", (std::to_string(readiness::limitHours(*rule)) + " h").c_str(), true);
            }
            return;
        }
    }

    desktop::Shell& shell_;
    desktop::Session& session_;
};

} // namespace fusain::testing

// How many keys a test takes in which nothing is unusual, with the instruments linked: from its first step
// until it is handed over for signing.
#include "desktop/places/clients/visit_dialog.hpp"
#include "desktop/places/day/booking_dialog.hpp"
#include "link/simulation/all/simulated_lab.hpp"
#include "procedure/all/procedure.hpp"
#include "support/in_step.hpp"
#include "support/journey.hpp"

#include <QRegularExpression>

namespace fusain::desktop::key_presses_test {
namespace {

using fusain::testing::pass;

class KeyPresses : public Journey {
protected:
    void press(int key) {
        ++keys;
        driver->press(key);
    }
    StepPanel& panel() { return *shell->bench().currentPanel(); }
    [[nodiscard]] QString button() { return panel().primaryText(); }

    // Nobody presses while the instrument is at work, or before the client is on the scale.
    bool wouldWait() {
        static const QRegularExpression light(QStringLiteral("Accept [−-]?[0-2]?\\d\\.\\d+ kg"));
        const std::string id(session->run()->textOf(session->run()->current()).id);
        if (id.find("mass") != std::string::npos && light.match(button()).hasMatch())
            return true;
        return !panel().primaryEnabled() || button().contains(QStringLiteral("…")) ||
               button().startsWith(QLatin1String("End the")) ||
               button().contains(QRegularExpression(QStringLiteral(" [−-]?0\\.0")));
    }
    // Whatever the button at the foot says, once it says that it can.
    void space() {
        for (int waited = 0; waited < 400 && wouldWait(); ++waited)
            pass(*lab, 250);
        if (qEnvironmentVariableIsSet("FUSAIN_KEYS"))
            qWarning() << keys << button() << shell->lastProblem();
        press(Qt::Key_Space);
        pass(*lab, 250);
    }
    void answerQuestions() {
        const Step step = session->run()->current();
        press(Qt::Key_A); // the list was read out
        for (const auto* rule : session->run()->questions(step))
            if (!session->run()->answerTo(rule->id)) { // what is measured is typed: figures and Enter
                const auto number = readiness::answerKeeping(*rule).number;
                ASSERT_TRUE(number) << rule->id;
                keys += static_cast<int>(QString::number(*number).size()) + 1;
                driver->advance();
            }
    }
    // @return how many keys it took
    int runUntilHandedOver(std::string_view method, std::initializer_list<const char*> roles) {
        lab =
            std::make_unique<simulation::SimulatedLab>(7, simulation::VirtualPerson{}, simulation::LabFaults{});
        lab->setChamberSpeed(20);
        lab->setAnalyzer({}, 60);
        Client client = someone();
        client.code = "7";
        EXPECT_TRUE(session->book().save(client, "bram"));
        EXPECT_TRUE(session->report(session->startRun(client, {}, method)));
        shell->open(PlaceName::Bench);
        QStringList links;
        for (const char* role : roles)
            links << QLatin1String(role);
        fusain::testing::linkInStep(session->hub(), *lab, links);
        pass(*lab, 1500);
        for (int act = 0; act < 120 && !session->run()->handedOver(); ++act) {
            const StepKind kind = session->run()->textOf(session->run()->current()).kind;
            if (kind == StepKind::Screening || kind == StepKind::Readiness)
                answerQuestions();
            else if (kind == StepKind::Interpretation) {
                press(Qt::Key_1); // the first sentence that is offered
                EXPECT_FALSE(button().isEmpty());
                driver->advance(); // and in its own words where nothing is offered
                ++keys;
            } else if (method == methodImpedance && session->run()->current() == ImpedanceStep::Identity) {
                keys += 2; // the code of one figure, scanned or typed, and Enter
                driver->advance();
            } else {
                space();
            }
        }
        EXPECT_TRUE(session->run()->handedOver()) << shell->lastProblem().toStdString();
        return keys;
    }

    std::unique_ptr<simulation::SimulatedLab> lab;
    int keys = 0;
};

TEST_F(KeyPresses, ATankTestTakesFewerThanFortyFive) {
    const int taken = runUntilHandedOver(methodHydrostatic,
                                         {"load-cell", "thermometer", "floor-scale", "spirometer", "room"});
    RecordProperty("keys", taken);
    EXPECT_LE(taken, 45);
}

TEST_F(KeyPresses, AChamberTestTakesFewerThanThirtyFive) {
    const int taken = runUntilHandedOver(methodChamber, {"chamber", "chamber-scale", "room"});
    RecordProperty("keys", taken);
    EXPECT_LE(taken, 35);
}

TEST_F(KeyPresses, AnImpedanceTestTakesFewerThanThirty) {
    const int taken = runUntilHandedOver(methodImpedance, {"analyzer", "floor-scale", "room"});
    RecordProperty("keys", taken);
    EXPECT_LE(taken, 30);
}

// Somebody new, entered and booked for two methods, by real keys wherever the focus is.
TEST_F(KeyPresses, SomebodyNewIsBookedForTwoMethodsWithFortyKeys) {
    const auto focus = [] {
        const QWidget* modal = QApplication::activeModalWidget();
        return modal ? modal->focusWidget() : QApplication::focusWidget();
    };
    const auto press = [&](int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        ++keys;
        QTest::keyClick(focus(), static_cast<Qt::Key>(key), modifiers);
    };
    const auto type = [&](const char* text) {
        keys += static_cast<int>(std::strlen(text));
        QTest::keyClicks(focus(), QString::fromUtf8(text));
    };
    shell->open(PlaceName::Day);
    press(Qt::Key_B, Qt::ControlModifier);
    auto* strip = shell->day().findChild<BookingDialog*>();
    ASSERT_TRUE(strip && strip->isVisible());
    ASSERT_TRUE(qobject_cast<QLineEdit*>(QApplication::focusWidget()));
    type("Runa Solheim");
    press(Qt::Key_Tab);
    press(Qt::Key_Tab);
    QTimer::singleShot(0, shell.get(), [&] {
        auto* form = QApplication::activeModalWidget();
        ASSERT_TRUE(form && form->objectName() == QLatin1String("clientForm"));
        form->activateWindow();
        ASSERT_TRUE(QTest::qWaitForWindowActive(form));
        press(Qt::Key_Tab); // the name is there; the code is made
        press(Qt::Key_Tab);
        type("1991-04-02");
        press(Qt::Key_Tab);
        type("204");
        press(Qt::Key_Return);
        if (form->isVisible()) // what is missing is said; nobody waits for ever
            qobject_cast<QDialog*>(form)->reject();
    });
    press(Qt::Key_Space);
    const auto found = session->book().findClients("Runa");
    ASSERT_EQ(found.size(), 1u);
    EXPECT_EQ(found.front().telephone, "204");
    shell->activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(shell.get()));
    press(Qt::Key_Tab); // on to the methods
    press(Qt::Key_Space);
    press(Qt::Key_Tab);
    press(Qt::Key_Space);
    press(Qt::Key_Return);
    EXPECT_EQ(session->book().visitsOf(found.front().id).size(), 2u) << shell->lastProblem().toStdString();
    RecordProperty("keys", keys);
    EXPECT_LE(keys, 40);
}

// Ctrl+P, Enter for the page that is shown, Enter at the printer.
TEST_F(KeyPresses, TheClientPageIsPrintedWithThreeKeys) {
    VisitDialog shown(*session, someone());
    QStringList defaults;
    for (const QPushButton* each : shown.findChildren<QPushButton*>())
        if (each->isDefault())
            defaults << each->text();
    EXPECT_EQ(defaults, QStringList{QStringLiteral("Print…")});
}

} // namespace
} // namespace fusain::desktop::key_presses_test

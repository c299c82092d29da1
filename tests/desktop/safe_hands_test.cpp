// Whatever is typed by mistake: nothing is accepted, started, cancelled, answered or signed but what the button
// said. Text goes to every field, list and button of every step of every method, and to the day.
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "support/journey.hpp"

#include <QListWidget>
#include <QPlainTextEdit>
#include <random>

namespace fusain::desktop::safe_hands_test {
namespace {

class SafeHands : public Journey {
protected:
    void SetUp() override {
        Journey::SetUp();
        QObject::connect(&closer_, &QTimer::timeout, shell.get(), [] { // what a dialog asks is answered with no
            if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget()))
                dialog->reject();
        });
        closer_.start(1);
    }
    void TearDown() override {
        closer_.stop();
        Journey::TearDown();
    }

    std::size_t draw(std::size_t of) { return std::uniform_int_distribution<std::size_t>(0, of - 1)(random_); }

    // A word or two, as somebody types a name, a remark or a number: it never begins with Space.
    QString text(const QString& letters) {
        QString result(letters[static_cast<int>(draw(static_cast<std::size_t>(letters.size())))]);
        const QString rest = letters + QStringLiteral("   ,.-/");
        for (std::size_t i = 0, length = 3 + draw(12); i < length; ++i)
            result += rest[static_cast<int>(draw(static_cast<std::size_t>(rest.size())))];
        return result;
    }

    // What must not change: the record, the step, the appointments, how many tests there are.
    std::string state() {
        std::string all;
        if (session->run())
            all =
                toJson(snapshotOf(*session->run())).dump() + std::to_string(session->run()->current().index());
        for (const Client& client : session->book().clients()) {
            for (const store::Visit& visit : session->book().visitsOf(client.id))
                all += visit.id + visit.state + isoText(visit.at);
            all += std::to_string(session->book().testsOf(client.id).size());
        }
        for (const Instrument& instrument : session->catalogue().instruments)
            all += std::to_string(session->book().checks(instrument.id).size());
        return all;
    }

    // Everything on a page that can have the focus.
    QList<QWidget*> targets(QWidget& page) {
        QList<QWidget*> found{&page};
        for (QWidget* each : page.findChildren<QWidget*>())
            if (each->isVisible() && each->isEnabled() && each->focusPolicy() != Qt::NoFocus)
                found << each;
        return found;
    }

    struct Kept {
        QList<std::pair<QPointer<QLineEdit>, QString>> lines;
        QList<std::pair<QPointer<QPlainTextEdit>, QString>> texts;
    };
    static Kept fieldsOf(QWidget& page) {
        Kept kept;
        for (QLineEdit* edit : page.findChildren<QLineEdit*>())
            kept.lines << std::pair(QPointer(edit), edit->text());
        for (QPlainTextEdit* edit : page.findChildren<QPlainTextEdit*>())
            kept.texts << std::pair(QPointer(edit), edit->toPlainText());
        return kept;
    }
    static void putBack(const Kept& kept) {
        for (const auto& [edit, text] : kept.lines)
            if (edit)
                edit->setText(text);
        for (const auto& [edit, text] : kept.texts)
            if (edit)
                edit->setPlainText(text);
    }

    // @return whether nothing happened
    bool typeAt(QWidget& page, const QString& letters, int times, const std::string& where) {
        for (int i = 0; i < times; ++i) {
            const auto all = targets(page);
            QWidget* target = all[static_cast<int>(draw(static_cast<std::size_t>(all.size())))];
            const Kept kept = fieldsOf(page);
            const QString typed = text(letters);
            const std::string before = state(), name = target->accessibleName().toStdString() + " (" +
                                                       target->metaObject()->className() + ")";
            target->setFocus();
            for (const QChar letter : typed)
                if (QWidget* now = QApplication::focusWidget())
                    QTest::keyClick(now, letter.toLatin1());
            const bool calm = state() == before;
            EXPECT_TRUE(calm) << where << ": \"" << typed.toStdString() << "\" typed at " << name;
            if (!calm)
                return false;
            putBack(kept);
        }
        return true;
    }

    void letTypingPass() { QTest::qWait(650); }

    void walk(std::string_view method) {
        ASSERT_TRUE(session->report(session->startRun(someone(), {}, method)));
        shell->open(PlaceName::Bench);
        std::optional<int> last;
        for (int act = 0; act < 200; ++act) {
            const Step step = session->run()->current();
            const StepText& words = session->run()->textOf(step);
            if (std::exchange(last, step.index()) != step.index()) {
                const bool asks = words.kind == StepKind::Screening || words.kind == StepKind::Readiness;
                // A and C and digits answer there, and the screen says so; R, X and N are keys everywhere.
                const QString letters =
                    asks ? QStringLiteral("bdefghijklmopqstuvwyzBDEFGHIJKLMOPQSTUVWYZ")
                         : QStringLiteral("abcdefghijklmopqstuvwyzABCDEFGHIJKLMOPQSTUVWYZ0123456789");
                if (!typeAt(shell->bench(), letters, 14, std::string(method) + ", " + std::string(words.id)))
                    return;
                letTypingPass();
                shell->bench().refresh(); // fields were put back behind the button's back
                ASSERT_TRUE(expectNoKeyPastADisabledButton(std::string(words.id)));
            }
            if (!driver->advance())
                break;
        }
        EXPECT_EQ(session->run()->record().state, TestState::Signed) << shell->lastProblem().toStdString();
    }

    bool expectNoKeyPastADisabledButton(const std::string& step) {
        auto* primary = shell->bench().findChild<QPushButton*>(QStringLiteral("primary"));
        if (primary->isVisible() && primary->isEnabled())
            return true;
        const std::string before = state();
        driver->press(Qt::Key_Space);
        driver->press(Qt::Key_Return, Qt::ControlModifier);
        const bool calm = state() == before;
        EXPECT_TRUE(calm) << step;
        return calm;
    }

private:
    std::mt19937 random_{20261128};
    QTimer closer_;
};

TEST_F(SafeHands, TextTypedByMistakeDoesNothingInTheTank) {
    walk(methodHydrostatic);
}
TEST_F(SafeHands, TextTypedByMistakeDoesNothingInTheChamber) {
    walk(methodChamber);
}
TEST_F(SafeHands, TextTypedByMistakeDoesNothingAtTheAnalyzer) {
    walk(methodImpedance);
}
TEST_F(SafeHands, TextTypedByMistakeDoesNothingAtTheScanner) {
    walk(methodDxa);
}

TEST_F(SafeHands, TextTypedByMistakeNeitherStartsNorCancelsAnAppointment) {
    for (const char* name : {"Ailsa Brandvold", "Marit Quennell"}) {
        const Client client = someone(name);
        for (const char* at : {"2026-03-12T09:00:00.000Z", "2026-03-12T11:00:00.000Z"})
            ASSERT_TRUE(session->report(session->book().save(
                store::Visit{
                    session->freshId("visit"), client.id, *instantFromIso(at), "hydrostatic", "booked", {}, {}},
                "bram")));
    }
    for (const PlaceName place : {PlaceName::Day, PlaceName::Clients, PlaceName::Quality}) {
        shell->open(place);
        QWidget& page = place == PlaceName::Day       ? static_cast<QWidget&>(shell->day())
                        : place == PlaceName::Clients ? static_cast<QWidget&>(shell->clients())
                                                      : static_cast<QWidget&>(shell->quality());
        typeAt(page, QStringLiteral("abcdefghijklmnopqrstuvwxyzABCXYZ0123456789"), 60,
               "place " + std::to_string(static_cast<int>(place)));
    }
    EXPECT_FALSE(session->run());
}

// A number left in a field is never what a button means that says something else.
TEST_F(SafeHands, ANumberIsAcceptedOnlyUnderAButtonThatSaysIt) {
    startRun();
    runUntil(HydrostaticStep::DryMass);
    auto* primary = shell->bench().findChild<QPushButton*>(QStringLiteral("primary"));
    driver->press(Qt::Key_7);
    QTest::keyClicks(QApplication::focusWidget(), QStringLiteral("1.4"));
    letTypingPass();
    EXPECT_TRUE(primary->text().startsWith(QLatin1String("Accept typed 71.40 kg")))
        << primary->text().toStdString();
    driver->press(Qt::Key_Space);
    ASSERT_TRUE(tank().test().dryMass);
    EXPECT_EQ(tank().test().dryMass->value, 71.4);
}

} // namespace
} // namespace fusain::desktop::safe_hands_test

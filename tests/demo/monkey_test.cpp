// Keys and clicks at random on the whole window, with a lab's book of two years under it: nothing falls,
// nothing hangs, the record stays sound, and the memory does not grow.
#include "demo_lab.hpp"
#include "desktop/services/book_care.hpp"
#include "desktop/window/shell.hpp"
#include "report/base/style.hpp"
#include "support/watched_application.hpp"

#include <QApplication>
#include <QFile>
#include <QFileDialog>
#include <QMenu>
#include <QTest>
#include <QTimer>
#include <random>
#include <unistd.h>

namespace fusain::demo::monkey_test {
namespace {

using namespace desktop;

/// By hand for longer: FUSAIN_MONKEY_SECONDS=1800.
int seconds() {
    const int asked = qEnvironmentVariableIntValue("FUSAIN_MONKEY_SECONDS");
    return asked > 0 ? asked : 12;
}

double residentMegabytes() {
    QFile statm(QStringLiteral("/proc/self/statm"));
    if (!statm.open(QIODevice::ReadOnly))
        return 0.0;
    return statm.readAll().split(' ').value(1).toDouble() * static_cast<double>(::sysconf(_SC_PAGESIZE)) /
           1048576.0;
}

/// Somebody who does not know what they do.
class Monkey {
public:
    Monkey(Shell& shell, unsigned seed) : shell_(shell), random_(seed) {}
    void play(int milliseconds) {
        playing_ = true;
        next();
        QTimer::singleShot(milliseconds, &shell_, [this] { playing_ = false; });
        while (playing_ || depth_ > 0 || waiting_)
            QTest::qWait(5);
    }
    [[nodiscard]] int acts() const { return acts_; }
    [[nodiscard]] int dialogs() const { return dialogs_; }

private:
    std::size_t draw(std::size_t of) { return std::uniform_int_distribution<std::size_t>(0, of - 1)(random_); }

    // A dialog that opens runs its own loop inside the act that opened it: each act has a timer of its own,
    // because one that is at work is not called again. When the play is over the acts go on to close what is
    // open, until every loop is left.
    void next() {
        waiting_ = true;
        QTimer::singleShot(1, &shell_, [this] {
            waiting_ = false;
            if (!playing_ && depth_ == 0)
                return;
            next();
            ++depth_;
            playing_ ? act() : leave();
            --depth_;
        });
    }
    static void leave() {
        for (QWidget* each : QApplication::topLevelWidgets())
            if (qobject_cast<QMenu*>(each) && each->isVisible()) {
                each->close();
                return;
            }
        if (QWidget* popup = QApplication::activePopupWidget())
            popup->close();
        else if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget()))
            dialog->reject();
    }
    void act() {
        QWidget* window = QApplication::activePopupWidget();
        if (!window)
            window = QApplication::activeModalWidget();
        if (auto* dialog = qobject_cast<QDialog*>(window)) {
            const bool outOfTheRoom = qobject_cast<QFileDialog*>(dialog) || dialog->inherits("QPrintDialog");
            dialogs_ += outOfTheRoom || last_ != dialog;
            last_ = dialog;
            if (outOfTheRoom || draw(40) == 0)
                return dialog->reject();
        }
        if (!window) {
            window = &shell_;
            window->activateWindow();
        }
        ++acts_;
        switch (draw(6)) {
        case 0:
            return click(*window);
        case 1:
            return type(*window);
        default:
            return press(*window);
        }
    }
    // No key reaches a window that waits for a dialog.
    static QWidget* focusedIn(QWidget& window) {
        QWidget* focused = QApplication::focusWidget();
        return focused && focused->window() == window.window() ? focused : &window;
    }
    // Where a widget is that can be clicked; sometimes anywhere.
    void click(QWidget& window) {
        QPoint place(static_cast<int>(draw(static_cast<std::size_t>(window.width()))),
                     static_cast<int>(draw(static_cast<std::size_t>(window.height()))));
        QWidget* under = window.childAt(place);
        under = under ? under : &window;
        const QPoint inside = under->mapFrom(&window, place);
        if (draw(12) == 0)
            QTest::mouseDClick(under, Qt::LeftButton, {}, inside);
        else
            QTest::mouseClick(under, draw(10) == 0 ? Qt::RightButton : Qt::LeftButton, {}, inside);
    }
    void type(QWidget& window) {
        static const QStringList texts{
            QStringLiteral("71,2"),          QStringLiteral("-3"),     QStringLiteral("1e308"),
            QStringLiteral("nan"),           QStringLiteral("SP-101"), QStringLiteral("Zoë <b>"),
            QStringLiteral("2026-02-30"),    QStringLiteral("0"),      QStringLiteral("154 lb"),
            QStringLiteral("\u202e\u0000x"), QStringLiteral("34.1")};
        QWidget* focused = focusedIn(window);
        for (const QChar each : texts[static_cast<qsizetype>(draw(static_cast<std::size_t>(texts.size())))])
            QTest::sendKeyEvent(QTest::Click, focused, Qt::Key_unknown, each, Qt::NoModifier);
    }
    void press(QWidget& window) {
        static constexpr std::array keys{Qt::Key_Space,  Qt::Key_Return, Qt::Key_Tab,  Qt::Key_Tab,
                                         Qt::Key_Down,   Qt::Key_Up,     Qt::Key_Left, Qt::Key_Right,
                                         Qt::Key_Escape, Qt::Key_R,      Qt::Key_X,    Qt::Key_N,
                                         Qt::Key_1,      Qt::Key_2,      Qt::Key_3,    Qt::Key_Delete,
                                         Qt::Key_F11,    Qt::Key_F1,     Qt::Key_Home, Qt::Key_PageDown};
        static constexpr std::array withControl{Qt::Key_Z, Qt::Key_E, Qt::Key_G, Qt::Key_F,
                                                Qt::Key_H, Qt::Key_T, Qt::Key_A};
        static constexpr std::array withAlt{Qt::Key_D, Qt::Key_C, Qt::Key_B, Qt::Key_Q, Qt::Key_L};
        QWidget* focused = focusedIn(window);
        switch (draw(8)) {
        case 0:
            return QTest::keyClick(focused, withControl[draw(withControl.size())], Qt::ControlModifier);
        case 1:
            return shell_.open(static_cast<PlaceName>(draw(withAlt.size())));
        case 2:
            return QTest::keyClick(focused, Qt::Key_Tab, Qt::ShiftModifier);
        default:
            return QTest::keyClick(focused, keys[draw(keys.size())]);
        }
    }

    Shell& shell_;
    std::mt19937 random_;
    bool playing_ = false, waiting_ = false;
    int depth_ = 0; ///< acts that are under way, one inside the other
    QDialog* last_ = nullptr;
    int acts_ = 0, dialogs_ = 0;
};

TEST_F(DemoLab, AMonkeyAtTheWindowBreaksNothing) {
    report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"));
    Instant now = clock;
    const Clock running = [&now] {
        now.milliseconds += 5; // every look at the clock is a little later
        return now;
    };
    Session session(*store::LabBook::open(copied(), running), *catalogue, running);
    session.setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist}); // who may do most
    Shell shell(session);
    shell.books().setStarter([](const QStringList&) { return true; });
    shell.show();
    const auto before = session.book().eventCount();
    const unsigned seed = qEnvironmentVariableIsSet("FUSAIN_MONKEY_SEED")
                              ? qEnvironmentVariableIntValue("FUSAIN_MONKEY_SEED")
                              : 15;
    Monkey monkey(shell, seed);
    monkey.play(seconds() * 1000 / 3); // by then every page has been built once
    const double warm = residentMegabytes();
    monkey.play(seconds() * 1000 * 2 / 3);
    const double grown = residentMegabytes() - warm;
    std::printf("%d acts, %d dialogs, %lld events, %.0f MB and %.1f MB more\n", monkey.acts(), monkey.dialogs(),
                static_cast<long long>(session.book().eventCount() - before), warm, grown);
    EXPECT_GT(monkey.acts(), seconds());
    EXPECT_LT(grown, 60.0);
    // A change of look takes longer than any other act may (docs/performance.md), and the monkey makes some.
    (void)testing::WatchedApplication::instance().takeLongest();
    session.care().finish();
    const auto verified = session.book().verify();
    EXPECT_TRUE(verified.sound()) << verified.faults.front().what.english();
}

} // namespace
} // namespace fusain::demo::monkey_test

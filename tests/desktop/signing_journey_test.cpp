// Nobody acts under another's name: the bench and a signature ask for a passphrase, where there is one.
#include "desktop/services/computing.hpp"
#include "desktop/views/passphrase.hpp"
#include "procedure/all/procedure.hpp"
#include "store/book/signatures.hpp"
#include "support/girth_run.hpp"
#include "support/journey.hpp"

#include <QComboBox>
#include <QLabel>
#include <QTest>

namespace fusain::desktop::signing_journey_test {
namespace {

const std::string words = "four quiet herons walk";
const Staff oriel{"oriel", "Oriel Thackway", Role::Physiologist},
    bram{"bram", "Bram Iyengar", Role::Technician};

class SigningJourney : public Journey {
protected:
    void SetUp() override {
        Journey::SetUp();
        ASSERT_TRUE(session->setAtTheBench(oriel));
        constexpr SealingCost cheap{1, 8192}; // not what a guess costs is tried here
        ASSERT_TRUE(store::Signatures(session->book(), cheap).makeKey("oriel", words));
    }
    Procedure& girths() {
        const Client client = someone();
        EXPECT_TRUE(session->report(session->startRun(client, {}, methodGirths)));
        shell->open(PlaceName::Bench);
        auto& run = runningAs<GirthMethod>(*session->run());
        testing::prepare(run);
        testing::measure(run);
        EXPECT_TRUE(run.confirm(GirthStep::Result));
        EXPECT_TRUE(run.interpret("Followed from here."));
        session->report({});
        return *session->run();
    }
    QComboBox& atTheBench() {
        for (QComboBox* each : shell->findChildren<QComboBox*>())
            if (each->accessibleName() == QLatin1String("Who is at the bench"))
                return *each;
        throw std::runtime_error("nobody can take the bench");
    }
    void choose(const char* id) {
        atTheBench().setCurrentIndex(atTheBench().findData(QLatin1String(id)));
        Q_EMIT atTheBench().activated(atTheBench().currentIndex());
    }
};

TEST_F(SigningJourney, AWrongPassphraseSignsNothing) {
    Procedure& run = girths();
    replyToReason(QStringLiteral("nine loud kettles sing"));
    driver->press(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_EQ(run.record().state, TestState::Running);
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("The passphrase is not right")))
        << shell->lastProblem().toStdString();
    EXPECT_TRUE(session->book().resultsOf(run.record().id).empty());
    EXPECT_TRUE(session->book().verify().sound());
}

TEST_F(SigningJourney, TheRightOneSignsWithTheKeyAndTheLabCopySaysSo) {
    Procedure& run = girths();
    replyToReason(QString::fromStdString(words));
    driver->press(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_EQ(run.record().state, TestState::Signed) << shell->lastProblem().toStdString();
    const auto verified = session->book().verify();
    EXPECT_TRUE(verified.sound()) << verified.faults.front().what.english();
    EXPECT_EQ(verified.signatures, 1);
    const auto report = session->computing().reportOn(snapshotOf(run));
    ASSERT_TRUE(report);
    ASSERT_TRUE(report->keySignature);
    EXPECT_TRUE(report->keySignature->english().starts_with("Signature: event "));
}

TEST_F(SigningJourney, TheBenchIsTakenByWhoSaysTheirPassphrase) {
    choose("bram");
    EXPECT_EQ(session->atTheBench().id, "bram");
    replyToReason(QStringLiteral("nine loud kettles sing"));
    choose("oriel");
    EXPECT_EQ(session->atTheBench().id, "bram");
    EXPECT_EQ(atTheBench().currentData().toString(), QLatin1String("bram"));
    replyToReason(QString::fromStdString(words));
    choose("oriel");
    EXPECT_EQ(session->atTheBench().id, "oriel");
}

// A PIN is chosen after the passphrase; it is enough for the bench and the lock, and for no signature.
TEST_F(SigningJourney, APinOfTheDayTakesTheBenchAndUnlocksAndSignsNothing) {
    replyToReason(QStringLiteral("nine loud kettles sing"));
    chooseDayPin(*session, shell.get());
    EXPECT_FALSE(session->pins().has("oriel", session->now()));
    QStringList replies{QString::fromStdString(words), QStringLiteral("4821")};
    QTimer asked; // one dialog after the other, however long each takes to come
    QObject::connect(&asked, &QTimer::timeout, [&] {
        if (auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            dialog && !replies.isEmpty()) {
            dialog->setTextValue(replies.takeFirst());
            dialog->accept();
        }
    });
    asked.start(20);
    chooseDayPin(*session, shell.get());
    asked.stop();
    ASSERT_TRUE(session->pins().has("oriel", session->now()));
    Procedure& run = girths();
    shell->activateWindow(); // it was behind the dialogs
    (void)QTest::qWaitForWindowActive(shell.get());
    replyToReason(QStringLiteral("4821"));
    driver->press(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_EQ(run.record().state, TestState::Running);
    choose("bram");
    replyToReason(QStringLiteral("4821"));
    choose("oriel");
    EXPECT_EQ(session->atTheBench().id, "oriel");
    QTimer::singleShot(60, shell.get(), [&] {
        auto* cover = qobject_cast<LockCover*>(QApplication::activeModalWidget());
        ASSERT_TRUE(cover);
        auto* field = cover->findChild<QLineEdit*>();
        EXPECT_EQ(field->placeholderText(), QStringLiteral("passphrase or PIN"));
        field->setText(QStringLiteral("4821"));
        QTest::keyClick(field, Qt::Key_Return);
        EXPECT_FALSE(cover->isVisible());
    });
    shell->lock().lockNow();
    EXPECT_FALSE(shell->lock().locked());
    EXPECT_TRUE(session->book().verify().sound());
}

// What only a physiologist may do is done by somebody who proves to be one.
TEST_F(SigningJourney, AnOverrideAsksForThePassphrase) {
    const Client client = someone();
    ASSERT_TRUE(session->report(session->startRun(client, {}, methodGirths)));
    shell->open(PlaceName::Bench);
    auto& run = runningAs<GirthMethod>(*session->run());
    ASSERT_TRUE(run.checkTape(Centimetres(100.0), Centimetres(100.8)));
    session->report({});
    const auto overrideWith = [&](const QString& passphrase) {
        QStringList answers{QStringLiteral("the other tape is at the maker's"), passphrase};
        QTimer asked;
        QObject::connect(&asked, &QTimer::timeout, [&] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            if (!dialog || answers.isEmpty())
                return;
            dialog->setTextValue(answers.takeFirst());
            dialog->accept();
        });
        asked.start(5);
        driver->press(Qt::Key_G, Qt::ControlModifier);
        EXPECT_TRUE(answers.isEmpty());
    };
    overrideWith(QStringLiteral("nine loud kettles sing"));
    EXPECT_FALSE(run.isDone(GirthStep::Tape));
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("The passphrase is not right")));
    overrideWith(QString::fromStdString(words));
    EXPECT_TRUE(run.isDone(GirthStep::Tape)) << shell->lastProblem().toStdString();
}

// A window that is opened anew does not go on as somebody who has a passphrase.
TEST_F(SigningJourney, AfterAStartWhoHasAPassphraseSaysItFirst) {
    closeWindow();
    QString asked;
    QTimer::singleShot(0, qApp, [&] { // after the window has asked who it is
        QTimer::singleShot(100, qApp, [&] {
            auto* cover = qobject_cast<LockCover*>(QApplication::activeModalWidget());
            ASSERT_TRUE(cover);
            EXPECT_TRUE(session->atTheBench().id.empty());
            asked = cover->findChild<QLabel*>()->text();
            auto* who = cover->findChild<QComboBox*>();
            auto* field = cover->findChild<QLineEdit*>();
            who->setCurrentIndex(who->findData(QStringLiteral("oriel")));
            QTest::keyClick(field, Qt::Key_Return); // an empty one is not hers
            EXPECT_TRUE(cover->isVisible());
            who->setCurrentIndex(who->findData(QStringLiteral("bram"))); // has none
            QTest::keyClick(field, Qt::Key_Return);
        });
    });
    openWindow();
    EXPECT_TRUE(asked.contains(QLatin1String("Who is at the bench")));
    EXPECT_EQ(session->atTheBench().id, "bram");
    closeWindow();
    openWindow();
    EXPECT_EQ(session->atTheBench().id, "bram"); // has none: as before
}

// What is running goes on behind the cover, and no key reaches it.
TEST_F(SigningJourney, ALockedWindowOpensForAPassphraseAlone) {
    Procedure& run = girths();
    int ticks = 0;
    QTimer behind;
    QObject::connect(&behind, &QTimer::timeout, [&] { ++ticks; });
    behind.start(5);
    QStringList seen;
    QTimer::singleShot(60, shell.get(), [&] {
        auto* cover = qobject_cast<LockCover*>(QApplication::activeModalWidget());
        ASSERT_TRUE(cover);
        EXPECT_GE(cover->width(), shell->width());
        auto* field = cover->findChild<QLineEdit*>();
        QTest::keyClick(cover, Qt::Key_Escape);
        QTest::keyClick(cover, Qt::Key_Return, Qt::ControlModifier); // signs nothing
        field->setText(QStringLiteral("nine loud kettles sing"));
        QTest::keyClick(field, Qt::Key_Return);
        EXPECT_TRUE(cover->isVisible());
        for (const QLabel* each : cover->findChildren<QLabel*>())
            seen << each->text();
        EXPECT_GT(ticks, 0);
        field->setText(QString::fromStdString(words));
        QTest::keyClick(field, Qt::Key_Return);
        EXPECT_FALSE(cover->isVisible());
    });
    shell->lock().lockNow();
    EXPECT_FALSE(shell->lock().locked());
    EXPECT_TRUE(seen.join(QLatin1Char(' ')).contains(QLatin1String("The passphrase is not right")));
    EXPECT_FALSE(seen.join(QLatin1Char(' ')).contains(QLatin1String("Brandvold")));
    EXPECT_EQ(run.record().state, TestState::Running);
    EXPECT_EQ(session->run(), &run);
}

TEST_F(SigningJourney, NobodyTouchingItLocksIt) {
    bool locked = false;
    QTimer::singleShot(200, shell.get(), [&] {
        locked = shell->lock().locked();
        shell->lock().lockAfter(0.0); // else it locks again
        if (auto* cover = qobject_cast<LockCover*>(QApplication::activeModalWidget()))
            cover->accept();
    });
    shell->lock().lockAfter(20.0 / 60000.0); // twenty milliseconds
    QTest::qWait(400);
    EXPECT_TRUE(locked);
}

// While nobody had a passphrase nothing was locked; whoever takes the bench with one is locked again.
TEST_F(SigningJourney, IdlenessCountsAnewForWhoTakesTheBench) {
    choose("bram");
    shell->lock().lockAfter(20.0 / 60000.0);
    QTest::qWait(120);
    EXPECT_FALSE(shell->lock().locked());
    ASSERT_TRUE(session->setAtTheBench(oriel, words));
    QTest::keyClick(shell.get(), Qt::Key_Shift);
    bool locked = false;
    QTimer::singleShot(200, shell.get(), [&] {
        locked = shell->lock().locked();
        shell->lock().lockAfter(0.0);
        if (auto* cover = qobject_cast<LockCover*>(QApplication::activeModalWidget()))
            cover->accept();
    });
    QTest::qWait(400);
    EXPECT_TRUE(locked);
}

// A recording that runs is use enough: nobody is locked out of a reading.
TEST_F(SigningJourney, ARunningRecordingKeepsItOpen) {
    bool locked = false;
    QTimer frames, look;
    QObject::connect(&frames, &QTimer::timeout, [this] { Q_EMIT session->recorded(); });
    QObject::connect(&look, &QTimer::timeout, [&] {
        if (auto* cover = qobject_cast<LockCover*>(QApplication::activeModalWidget())) {
            locked = true;
            shell->lock().lockAfter(0.0);
            cover->accept();
        }
    });
    frames.start(5);
    look.start(10);
    shell->lock().lockAfter(60.0 / 60000.0);
    QTest::qWait(400);
    EXPECT_FALSE(locked);
    frames.stop(); // the recording has ended
    QTest::qWait(400);
    EXPECT_TRUE(locked);
}

// A lab of one person without a passphrase stays as easy as it was.
TEST_F(SigningJourney, WithoutAPassphraseNothingIsLocked) {
    choose("bram");
    shell->lock().lockNow();
    EXPECT_FALSE(shell->lock().locked());
    EXPECT_TRUE(shell->lock().obstacle().contains(QLatin1String("passphrase")));
}

// Names that are sealed in the file: by a button, with the phrase shown once, and opened at the next start.
class SealedNamesJourney : public SigningJourney {
protected:
    void seal() {
        shell->open(PlaceName::Settings);
        QStringList shown;
        QTimer answering;
        QObject::connect(&answering, &QTimer::timeout, [&] {
            QWidget* modal = QApplication::activeModalWidget();
            if (auto* asked = qobject_cast<QInputDialog*>(modal)) {
                asked->setTextValue(QString::fromStdString(words));
                asked->accept();
            } else if (modal && modal->objectName() == QLatin1String("phrase")) {
                for (const QLabel* each : modal->findChildren<QLabel*>())
                    if (each->accessibleName() == QLatin1String("Recovery phrase"))
                        phrase = each->text();
                auto* primary = primaryOf(modal);
                EXPECT_FALSE(primary->isEnabled());
                auto* typed = modal->findChild<QLineEdit*>();
                typed->setText(QStringLiteral("AAAA"));
                EXPECT_FALSE(primary->isEnabled());
                typed->setText(phrase.section(QLatin1Char('-'), -1).toLower());
                EXPECT_TRUE(primary->isEnabled());
                primary->click();
            }
        });
        answering.start(10);
        pressed("Seal names…");
        answering.stop();
        ASSERT_TRUE(session->signatures().sealedNames().on()) << shell->lastProblem().toStdString();
    }
    static QPushButton* primaryOf(QWidget* dialog) {
        for (QPushButton* each : dialog->findChildren<QPushButton*>())
            if (each->text() == QLatin1String("Seal names"))
                return each;
        return nullptr;
    }
    void pressed(const char* words) {
        for (QPushButton* each : shell->findChildren<QPushButton*>())
            if (each->text() == QString::fromUtf8(words))
                return each->click();
        ADD_FAILURE() << "there is no " << words;
    }
    // Opens the window; what its cover offers, and whether it let in who said this.
    QStringList openAs(const QString& who, const QString& said) {
        QStringList offered;
        QTimer answering; // a second cover asks who is at the bench, where the phrase said nothing of it
        QObject::connect(&answering, &QTimer::timeout, [&] {
            auto* cover = qobject_cast<LockCover*>(QApplication::activeModalWidget());
            if (!cover)
                return;
            if (!offered.empty())
                return cover->accept();
            auto* box = cover->findChild<QComboBox*>();
            for (int i = 0; i < box->count(); ++i)
                offered << box->itemText(i);
            auto* field = cover->findChild<QLineEdit*>();
            QTest::keyClick(field, Qt::Key_Return); // an empty one opens nothing
            EXPECT_TRUE(cover->isVisible());
            box->setCurrentIndex(box->findText(who));
            field->setText(said);
            QTest::keyClick(field, Qt::Key_Return);
            EXPECT_FALSE(cover->isVisible());
        });
        answering.start(50);
        openWindow();
        QTest::qWait(200);
        return offered;
    }
    QString phrase;
};

TEST_F(SealedNamesJourney, AreSealedByAButtonAndOpenedByAPassphraseAtTheNextStart) {
    const std::string client = someone().id;
    const std::string name = session->book().client(client)->name;
    seal();
    EXPECT_EQ(phrase.size(), 34);
    EXPECT_EQ(session->book().client(client)->name, name); // here they are open
    EXPECT_TRUE(session->book().verify().sound());
    closeWindow();
    const QStringList offered = openAs(QStringLiteral("Oriel Thackway"), QString::fromStdString(words));
    EXPECT_EQ(offered, (QStringList{QStringLiteral("Oriel Thackway"), QStringLiteral("Recovery phrase")}));
    EXPECT_EQ(session->book().client(client)->name, name);
    EXPECT_EQ(session->atTheBench().id, "oriel");
}

TEST_F(SealedNamesJourney, TheRecoveryPhraseOpensThemToo) {
    const std::string client = someone().id;
    seal();
    closeWindow();
    openAs(QStringLiteral("Recovery phrase"), phrase);
    EXPECT_NE(session->book().client(client)->name, session->book().client(client)->code);
}

// While they are closed nobody is measured: an age would be computed from nothing.
TEST_F(SealedNamesJourney, NobodyIsMeasuredWhileTheyAreClosed) {
    const Client client = someone();
    seal();
    auto names = session->signatures().sealedNames();
    names.close();
    EXPECT_FALSE(session->startRun(client, {}, methodGirths));
    EXPECT_FALSE(session->run());
    bool asked = false;
    QTimer::singleShot(100, shell.get(), [&] {
        auto* cover = qobject_cast<LockCover*>(QApplication::activeModalWidget());
        ASSERT_TRUE(asked = cover);
        cover->findChild<QLineEdit*>()->setText(QString::fromStdString(words));
        QTest::keyClick(cover->findChild<QLineEdit*>(), Qt::Key_Return);
    });
    session->report({});
    QTest::qWait(500);
    EXPECT_TRUE(asked);
    EXPECT_FALSE(session->signatures().sealedNames().locked());
    EXPECT_TRUE(session->startRun(client, {}, methodGirths));
}

} // namespace
} // namespace fusain::desktop::signing_journey_test

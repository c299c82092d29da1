#pragma once
#include "desktop/widgets/appearance.hpp"
#include "store/transfer/data_files.hpp"
#include "support/bench_driver.hpp"

#include <QInputDialog>
#include <QTemporaryDir>
#include <QTimer>
#include <gtest/gtest.h>

namespace fusain::desktop {

/// The real window on a lab book of its own, with a technician at the bench and every check passed.
class Journey : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"));
        setTextScale(1.0);
    }
    void SetUp() override { openWindow(); }
    void TearDown() override { closeWindow(); }

    void openWindow() {
        auto book = store::LabBook::openOrCreate(folder.filePath(QStringLiteral("lab.fusain")), clock);
        ASSERT_TRUE(book) << book.error().english();
        if ((*book)->staff().empty()) {
            ASSERT_TRUE((*book)->save(Staff{"bram", "Bram Iyengar", Role::Technician}, "bram"));
            ASSERT_TRUE((*book)->save(Staff{"oriel", "Oriel Thackway", Role::Physiologist}, "bram"));
            ASSERT_TRUE((*book)->setSetting("at-the-bench", "bram", "bram"));
            fusain::testing::passAllChecks(
                **book, *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data")), clock());
        }
        session = std::make_unique<Session>(std::move(*book), catalogue(), clock);
        shell = std::make_unique<Shell>(*session);
        shell->show();
        shell->activateWindow(); // shortcuts belong to the active window
        ASSERT_TRUE(QTest::qWaitForWindowActive(shell.get()));
        driver = std::make_unique<testing::BenchDriver>(*shell, *session);
    }
    // The clock stands still here: nobody could rest between two dives.
    static LabCatalogue catalogue() {
        LabCatalogue shipped = *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data"));
        for (AnyPolicy& policy : shipped.policies)
            if (auto* tank = std::get_if<HydrostaticPolicy>(&policy))
                tank->restBetweenDives = Seconds(0.0);
        return shipped;
    }
    void closeWindow() {
        driver.reset();
        shell.reset();
        session.reset();
    }
    Client someone(const char* name = "Ailsa Brandvold") {
        Client client{session->freshId("client"),
                      "C-" + session->freshId(""),
                      name,
                      *dateFromIso("1990-01-01"),
                      Sex::Male,
                      Metres(1.75),
                      UnitSystem::Metric,
                      "",
                      false};
        EXPECT_TRUE(session->book().save(client, "bram"));
        return client;
    }
    void startRun() {
        const Client client = someone();
        ASSERT_TRUE(session->report(session->startRun(client, {})));
        shell->open(PlaceName::Bench);
    }
    HydrostaticProcedure& tank() { return dynamic_cast<HydrostaticProcedure&>(*session->run()); }
    void runUntil(Step step) {
        for (int i = 0; i < 120 && !(session->run()->current() == step); ++i)
            driver->advance();
        ASSERT_TRUE(session->run()->current() == step) << shell->lastProblem().toStdString();
    }
    // Answers the next modal question with a sentence.
    void replyToReason(const QString& reason) {
        QTimer::singleShot(0, shell.get(), [reason] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            ASSERT_TRUE(dialog);
            dialog->setTextValue(reason);
            dialog->accept();
        });
    }

    QTemporaryDir folder;
    Clock clock = [] { return *instantFromIso("2026-03-12T07:40:00.000Z"); };
    std::unique_ptr<Session> session;
    std::unique_ptr<Shell> shell;
    std::unique_ptr<testing::BenchDriver> driver;
};

} // namespace fusain::desktop

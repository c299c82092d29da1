// Girths in the real window: typed by keyboard alone, and from the simulated tape.
#include "desktop/bench/girth/girths_panel.hpp"
#include "link/simulation/all/simulated_lab.hpp"
#include "procedure/all/procedure.hpp"
#include "support/in_step.hpp"
#include "support/journey.hpp"

#include <QTableWidget>

namespace fusain::desktop::girth_journey_test {
namespace {

using girth::Site;
using testing::soon;

class GirthJourney : public Journey {
protected:
    GirthProcedure& run() { return runningAs<GirthMethod>(*session->run()); }
    void startGirths() {
        ASSERT_TRUE(session->report(session->startRun(someone("Goran Lethe"), {}, methodGirths)));
        shell->open(PlaceName::Bench);
    }
    void runUntilStep(GirthStep step) {
        for (int i = 0; i < 80 && run().currentStep() != step; ++i)
            ASSERT_TRUE(driver->advance()) << i;
        ASSERT_EQ(run().currentStep(), step) << shell->lastProblem().toStdString();
    }
    GirthsPanel& panel() { return dynamic_cast<GirthsPanel&>(*shell->bench().currentPanel()); }
};

TEST_F(GirthJourney, AWholeTestIsTypedByKeyboardAndSigned) {
    startGirths();
    const std::string id = run().record().id;
    for (int i = 0; i < 150 && driver->advance(); ++i)
        QApplication::processEvents();
    const auto test = session->book().test(id);
    ASSERT_TRUE(test);
    EXPECT_EQ(common(*test).state, TestState::Signed) << shell->lastProblem().toStdString();
    EXPECT_EQ(std::get<GirthTest>(*test).girths.counting(), 15);
}

TEST_F(GirthJourney, ATypedReadingThatNobodyHasIsRefusedAndNothingIsKept) {
    startGirths();
    runUntilStep(GirthStep::Girths);
    driver->type("Reading, typed, cm", "845", true);
    EXPECT_TRUE(run().test().girths.empty());
    EXPECT_TRUE(shell->lastProblem().contains(QStringLiteral("out of range")))
        << shell->lastProblem().toStdString();
    driver->type("Reading, typed, cm", "84,5", true);
    ASSERT_EQ(run().test().girths.size(), 1u);
    EXPECT_EQ(panel().site(), Site::Hip); // the next of the round
}

TEST_F(GirthJourney, TheTapeIsReadOnceForEachLaying) {
    simulation::SimulatedLab lab(3, {}, {});
    testing::linkInStep(session->hub(), lab, {QStringLiteral("tape")});
    startGirths();
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("tape")); }));
    runUntilStep(GirthStep::Girths);
    ASSERT_TRUE(soon([&] { return panel().primaryEnabled(); }));
    driver->press(Qt::Key_Space);
    ASSERT_EQ(run().test().girths.size(), 1u);
    EXPECT_EQ(run().test().girths.front().site, Site::Waist);
    EXPECT_EQ(run().test().girths.front().origin, Origin::Link);
    // The panel asked for the hip: the tape is off first.
    EXPECT_FALSE(panel().primaryEnabled());
    driver->press(Qt::Key_Space);
    EXPECT_EQ(run().test().girths.size(), 1u);
    ASSERT_TRUE(soon([&] { return panel().primaryEnabled(); }));
    driver->press(Qt::Key_Space);
    ASSERT_EQ(run().test().girths.size(), 2u);
    EXPECT_EQ(run().test().girths.back().site, Site::Hip);
}

TEST_F(GirthJourney, ATapeRoundOneSiteIsNotAcceptedForAnotherChosenMeanwhile) {
    simulation::SimulatedLab lab(3, {}, {});
    testing::linkInStep(session->hub(), lab, {QStringLiteral("tape")});
    startGirths();
    ASSERT_TRUE(soon([&] { return session->hub().isLive(QStringLiteral("tape")); }));
    runUntilStep(GirthStep::Girths);
    ASSERT_TRUE(soon([&] { return panel().primaryEnabled(); }));
    auto* sites = panel().findChild<QTableWidget*>();
    sites->setFocus();
    sites->selectRow(2);
    const Site chosen = panel().site();
    ASSERT_NE(chosen, Site::Waist);
    EXPECT_FALSE(panel().primaryEnabled());
    driver->press(Qt::Key_Space);
    EXPECT_TRUE(run().test().girths.empty());
    ASSERT_TRUE(soon([&] { return panel().primaryEnabled(); }));
    panel().primary();
    ASSERT_EQ(run().test().girths.size(), 1u);
    EXPECT_EQ(run().test().girths.front().site, chosen);
}

} // namespace
} // namespace fusain::desktop::girth_journey_test

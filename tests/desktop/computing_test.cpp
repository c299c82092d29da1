// What is remembered of a test that was computed, and that it never stands for another state of it.
#include "desktop/services/computing.hpp"
#include "record/base/json.hpp"
#include "support/journey.hpp"

namespace fusain::desktop::computing_test {
namespace {

class Remembers : public Journey {
protected:
    Json afresh(const AnyTest& test) { return computeByItsPolicy(test, session->catalogue())->document(); }
    Json asked(const AnyTest& test) { return session->computing().computed(test)->document(); }
};

TEST_F(Remembers, ARecordInHandThatIsOlderThanTheBookDoesNotStandForTheNewerOne) {
    startRun();
    runUntil(HydrostaticStep::OutSafely);
    const AnyTest before = snapshotOf(*session->run());
    ASSERT_TRUE(session->report(session->run()->goTo(HydrostaticStep::Trials)));
    ASSERT_TRUE(session->report(tank().setAside(1, "touched the wall")));
    const AnyTest after = snapshotOf(*session->run());
    const Json wanted = afresh(after);
    ASSERT_NE(wanted, afresh(before));
    EXPECT_EQ(asked(before), afresh(before)); // asked first, with the later event in the book already
    EXPECT_EQ(asked(after), wanted);
    EXPECT_EQ(asked(*session->book().test(common(after).id)), wanted);
}

TEST_F(Remembers, ASignedTestIsComputedOnce) {
    startRun();
    for (int i = 0; i < 150 && driver->advance(); ++i)
        QApplication::processEvents();
    const AnyTest test = *session->book().test(session->run()->record().id);
    ASSERT_EQ(common(test).state, TestState::Signed);
    const Json wanted = afresh(test);
    EXPECT_EQ(asked(test), wanted);
    const int computed = session->computing().computations();
    for (int i = 0; i < 3; ++i)
        EXPECT_EQ(asked(test), wanted);
    shell->open(PlaceName::Clients);
    shell->clients().showClient(QString::fromStdString(common(test).subject.clientId));
    session->report({}); // any change: the dossier is filled anew
    EXPECT_EQ(session->computing().computations(), computed);
    WhatIf whatIf;
    whatIf.lungGas = Litres(2.5); // tried, not remembered
    EXPECT_NE(session->computing().computed(test, whatIf)->document(), wanted);
    EXPECT_EQ(asked(test), wanted);
}

} // namespace
} // namespace fusain::desktop::computing_test

// What places are told when the lab book or the bench has changed.
#include "desktop/services/changes.hpp"
#include "store/book/projection.hpp"
#include "support/journey.hpp"

namespace fusain::desktop::changes_test {
namespace {

class Told : public Journey {
protected:
    void SetUp() override {
        Journey::SetUp();
        QObject::connect(session.get(), &Session::changed, shell.get(),
                         [this](const Changes& changes) { told.push_back(changes); });
    }
    std::vector<Changes> told;
};

TEST(Changes, EveryKindOfEventIsAboutSomething) {
    using namespace store::kinds;
    const auto about = [](std::string_view kind) { return Changes::ofEvents({{std::string(kind), "x"}}); };
    EXPECT_TRUE(Changes::ofEvents({}).none());
    EXPECT_TRUE(about(clientSaved).people);
    EXPECT_TRUE(about(staffSaved).colleagues);
    EXPECT_TRUE(about(visitSaved).visits);
    EXPECT_TRUE(about(resultStored).tests);
    EXPECT_TRUE(about(checkSaved).checks);
    EXPECT_TRUE(about(studySaved).checks);
    EXPECT_TRUE(about(settingChanged).settings);
    EXPECT_TRUE(about("trial.accepted").tests); // every other one is of a test
    EXPECT_FALSE(about("trial.accepted").people);
    for (const std::string_view rows : {rowFound, importMade, importTakenBack}) {
        const Changes changes = about(rows);
        EXPECT_TRUE(changes.people && changes.visits && changes.tests && changes.checks) << rows;
    }
    EXPECT_EQ(Changes::ofEvents({{"visit.saved", "a"}, {"check.saved", "b"}}).subjects,
              (std::set<std::string>{"a", "b"}));
}

TEST_F(Told, WhatWasWrittenIsToldOnceWithItsIds) {
    const Client client = someone();
    session->tellChanges();
    ASSERT_FALSE(told.empty());
    told.clear();
    Client changed = client;
    changed.note = "prefers the morning";
    EXPECT_TRUE(session->report(session->book().save(changed, "bram")));
    ASSERT_EQ(told.size(), 1u);
    EXPECT_TRUE(told[0].people);
    EXPECT_FALSE(told[0].tests || told[0].settings || told[0].shown);
    EXPECT_EQ(told[0].subjects, std::set<std::string>{client.id});
    session->tellChanges(); // nothing was written since
    ASSERT_EQ(told.size(), 2u);
    EXPECT_TRUE(told[1].shown && told[1].subjects.empty());
}

TEST_F(Told, ATestThatBeginsConcernsWhatShowsIt) {
    const Client client = someone();
    session->tellChanges();
    told.clear();
    ASSERT_TRUE(session->report(session->startRun(client, {}, methodImpedance)));
    const std::string test = session->run()->record().id;
    ASSERT_FALSE(told.empty());
    EXPECT_TRUE(told[0].tests && told[0].shown); // another test is on the bench
    EXPECT_TRUE(told[0].subjects.contains(test));
    EXPECT_TRUE(shell->bench().concerns(told[0]));
    Changes reading; // as from a trial or an answer
    reading.tests = true;
    EXPECT_TRUE(shell->day().concerns(reading) && shell->clients().concerns(reading));
    EXPECT_FALSE(shell->settings().concerns(reading));
    EXPECT_FALSE(shell->library().concerns(reading));
}

TEST_F(Told, APlaceThatIsNotConcernedKeepsWhatWasTypedIntoIt) {
    shell->open(PlaceName::Settings);
    shell->settings().showPage(SettingsPlace::Page::People);
    QLineEdit* name = nullptr;
    for (QLineEdit* each : shell->settings().findChildren<QLineEdit*>())
        name = each->isVisible() ? each : name;
    ASSERT_TRUE(name);
    QTest::keyClicks(name, QStringLiteral("Ines"));
    EXPECT_TRUE(session->report(session->book().save(someone(), "bram")));
    EXPECT_EQ(name->text(), QStringLiteral("Ines"));
}

} // namespace
} // namespace fusain::desktop::changes_test

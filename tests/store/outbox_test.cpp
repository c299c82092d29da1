// The cable may be pulled: what is accepted at the bench meanwhile is on this workstation, and in the book
// later, once.
#include "procedure/all/procedure.hpp"
#include "procedure/all/replay.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "store/book/outbox.hpp"
#include "store/book/sealed_names.hpp"
#include "store/book/signatures.hpp"
#include "support/engines.hpp"
#include "support/hydrostatic_run.hpp"
#include "support/own_server.hpp"

#include <QFile>
#include <atomic>
#include <chrono>
#include <random>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

namespace fusain::store::outbox_test {
namespace {

using namespace fusain::testing;

class CablePulled : public ::testing::Test {
protected:
    void SetUp() override {
        book = *LabBook::openOrCreate(server.address(), clock);
        book->collectIn(path());
        MUST(book->save(Client{man.clientId, "SP-001", "Dov Castellane", *dateFromIso("1990-11-23"), Sex::Male,
                               Metres(1.75), UnitSystem::Metric, "", false},
                        "bram"));
        auto begun = HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, *book, clock);
        ASSERT_TRUE(begun);
        run = std::make_unique<HydrostaticProcedure>(std::move(*begun));
        prepare(*run);
    }
    [[nodiscard]] QString path() const { return folder.filePath(QStringLiteral("tank.waiting")); }
    void pull() { ASSERT_TRUE(server.ask("kill")); }
    void putBack() {
        ASSERT_TRUE(server.ask("start"));
        EXPECT_FALSE(book->notOurs());
    }
    void expectInTheBook() {
        EXPECT_TRUE(book->waiting().empty());
        const auto test = book->test("t1");
        ASSERT_TRUE(test);
        EXPECT_EQ(toJson(*test), toJson(snapshotOf(*run)));
        const auto verified = book->verify();
        EXPECT_TRUE(verified.sound()) << verified.faults.front().what.english();
    }
    OwnServer server;
    SteppingClock clock;
    QTemporaryDir folder;
    std::unique_ptr<LabBook> book;
    std::unique_ptr<HydrostaticProcedure> run;
};

TEST_F(CablePulled, TheRunGoesOnAndIsInTheBookWhenTheServerIsBack) {
    MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
    EXPECT_TRUE(book->client(man.clientId)); // as the window reads them
    pull();
    MUST(run->acceptTrial(Kilograms(7.46), Kilograms(0.02)));
    MUST(run->acceptTrial(Kilograms(8.46), Kilograms(0.02)));
    MUST(run->undo()); // of what has no number of the book yet
    MUST(run->acceptTrial(Kilograms(7.45), Kilograms(0.02)));
    EXPECT_EQ(run->test().trials.size(), 3u);
    EXPECT_EQ(book->waiting().size(), 4u);
    EXPECT_TRUE(book->away());
    EXPECT_EQ(book->client(man.clientId)->name, "Dov Castellane"); // as it was seen last
    putBack();
    const auto delivered = book->deliver();
    ASSERT_TRUE(delivered) << delivered.error().english();
    EXPECT_EQ(*delivered, 4);
    expectInTheBook();
    // An undoing afterwards names what waited by its number there.
    MUST(run->undo());
    EXPECT_EQ(run->test().trials.size(), 2u);
    MUST(run->acceptTrial(Kilograms(7.45), Kilograms(0.02)));
    expectInTheBook();
    finish(*run);
    EXPECT_EQ(run->record().state, TestState::Signed);
    expectInTheBook();
}

// A recording says after which event it began: in the book that is a number of the book.
TEST_F(CablePulled, WhatARecordingFollowedIsNamedByTheNumberOfTheBook) {
    const auto now = [&] {
        Attribution from = linked(*run, "load-cell");
        from.afterEvent = run->events().back().sequence;
        return from;
    };
    pull();
    MUST(run->addNote("the cable was pulled"));
    EXPECT_GE(run->events().back().sequence, Outbox::firstNumber);
    const Attribution before = now();
    MUST(run->checkLoadCell(Kilograms(4.15), Kilograms(5.0), Kilograms(5.003)));
    EXPECT_FALSE(run->acceptTrial(Kilograms(7.44), Kilograms(0.002), before)); // older than the check
    MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.002), now()));
    MUST(run->acceptTrial(Kilograms(9.99), Kilograms(0.002), now()));
    MUST(run->undo()); // which names it
    putBack();
    ASSERT_TRUE(book->deliver());
    MUST(run->addNote("and put back"));
    const Attribution later = now();
    MUST(run->acceptTrial(Kilograms(7.45), Kilograms(0.002), later));
    for (const Event& event : book->eventsOf("t1"))
        EXPECT_EQ(event.data->dump().find("100000000000000"), std::string::npos) << event.kind;
    const auto found = book->test("t1");
    ASSERT_TRUE(found);
    EXPECT_EQ(std::get<HydrostaticTest>(*found).trials.size(), 2u);
    EXPECT_TRUE(book->verify().sound());
}

TEST_F(CablePulled, TheNextStepDeliversWhatWaits) {
    pull();
    MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
    putBack();
    MUST(run->acceptTrial(Kilograms(7.46), Kilograms(0.02)));
    EXPECT_EQ(run->test().trials.size(), 2u);
    expectInTheBook();
}

// An act that is taken back takes back nothing of what waited before it.
TEST_F(CablePulled, AnActThatFailsLeavesWhatWasDelivered) {
    pull();
    MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
    putBack();
    EXPECT_FALSE(book->together([&]() -> Expected<void> {
        EXPECT_TRUE(book->setSetting("units", "us", "bram"));
        return failure({FUSAIN_TEXT("The disk is full."), {}});
    }));
    EXPECT_TRUE(book->waiting().empty());
    EXPECT_EQ(book->setting("units"), "");
    expectInTheBook();
}

// The workstation is switched off as well before the server is back.
TEST_F(CablePulled, WhatWaitsOutlivesTheWindow) {
    pull();
    MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
    MUST(run->acceptTrial(Kilograms(8.46), Kilograms(0.02)));
    MUST(run->undo());
    EXPECT_EQ(QFile::permissions(path()) & (QFile::ReadGroup | QFile::ReadOther), QFile::Permissions());
    book.reset();
    ASSERT_TRUE(server.ask("start"));
    book = *LabBook::open(server.address(), clock);
    EXPECT_TRUE(book->waiting().empty()); // nobody said where
    book->collectIn(path());
    expectInTheBook();
}

TEST_F(CablePulled, WhatIsMoreThanTheTestWaitsForTheServer) {
    pull();
    MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
    Client other{"c2", "SP-002", "Wren Tallis", *dateFromIso("1979-03-03"), Sex::Female, {}, UnitSystem::Metric,
                 "",   false};
    EXPECT_FALSE(book->save(other, "bram"));
    EXPECT_FALSE(book->save(Visit{"v1", man.clientId, clock(), "hydrostatic", "booked", "", ""}, "bram"));
    EXPECT_FALSE(HydrostaticProcedure::begin(standardSetting(), "t2", man, technician, *book, clock));
    MUST(run->acceptTrial(Kilograms(7.46), Kilograms(0.02)));
    MUST(run->acceptTrial(Kilograms(7.45), Kilograms(0.02)));
    MUST(run->confirm(HydrostaticStep::OutSafely));
    MUST(run->confirm(HydrostaticStep::Result));
    MUST(run->interpret("In the band."));
    EXPECT_FALSE(run->sign(technician, physiologist));
    EXPECT_EQ(run->record().state, TestState::Running);
    putBack();
    MUST(run->sign(technician, physiologist));
    expectInTheBook();
}

TEST_F(CablePulled, WithoutADiskOfItsOwnNothingIsSaidToBeKept) {
    book->collectIn(folder.filePath(QStringLiteral("gone/tank.waiting")));
    pull();
    const auto refused = run->acceptTrial(Kilograms(7.44), Kilograms(0.02));
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("nothing can be kept"), std::string::npos);
    EXPECT_TRUE(run->test().trials.empty());
}

// Two windows of one workstation have one place: the second of them keeps nothing and sends nothing.
TEST_F(CablePulled, ASecondWindowLeavesTheOutboxAlone) {
    pull();
    MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
    Outbox second(path());
    EXPECT_EQ(second.count(), 0);
    EXPECT_FALSE(second.keep(Event{0, clock(), "bram", "note.added", "t1", Json::object(), {}}, 1));
    putBack();
    ASSERT_TRUE(book->deliver());
    expectInTheBook();
}

// It was in the book already when the server went: once is enough.
TEST_F(CablePulled, WhatIsThereAfterAllIsNotTakenTwice) {
    pull();
    MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
    MUST(run->acceptTrial(Kilograms(7.46), Kilograms(0.02)));
    const Event first = book->waiting().front();
    ASSERT_TRUE(server.ask("start"));
    {
        auto before = *LabBook::open(server.address(), clock);
        ASSERT_TRUE(before->append(first));
    }
    EXPECT_FALSE(book->notOurs());
    const auto delivered = book->deliver();
    ASSERT_TRUE(delivered) << delivered.error().english();
    expectInTheBook();
    EXPECT_EQ(run->test().trials.size(), 2u);
}

// The workstation itself is switched off: nobody closes the outbox, and the next window takes it up.
TEST_F(CablePulled, AnOutboxOfAProcessThatWasKilledIsTakenUp) {
    const pid_t victim = ::fork();
    if (victim == 0) {
        Outbox* left = new Outbox(path()); // never closed
        const bool kept =
            left->keep(Event{0, clock(), "bram", "note.added", "t1", Json{{"text", "left"}}, {}}, 1)
                .has_value();
        ::_exit(kept ? 0 : 1);
    }
    int state = 1;
    ::waitpid(victim, &state, 0);
    ASSERT_EQ(state, 0);
    Outbox next(path());
    EXPECT_EQ(next.count(), 1);
    EXPECT_EQ(next.count("t1"), 1);
    EXPECT_EQ(next.count("t2"), 0);
    EXPECT_EQ(next.waiting().front().event.by, "bram");
}

// A test that this window only delivers for is none that it goes on with.
TEST_F(CablePulled, WhatWasDeliveredAtTheStartHoldsNobodyBack) {
    pull();
    MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
    book.reset();
    ASSERT_TRUE(server.ask("start"));
    book = *LabBook::open(server.address(), clock);
    book->collectIn(path());
    EXPECT_EQ(book->waitingCount(), 0);
    {
        auto other = *LabBook::open(server.address(), clock);
        auto theirs =
            HydrostaticProcedure::resume(standardSetting(), other->takeUp("t1"), technician, *other, clock);
        ASSERT_TRUE(theirs);
        MUST(theirs->addNote("from the office"));
    }
    MUST(book->note("step.shown", "t1", "bram", {{"step", "trials"}}));
}

class TakenOver : public CablePulled {
protected:
    void SetUp() override {
        CablePulled::SetUp();
        pull();
        MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
        MUST(run->acceptTrial(Kilograms(7.46), Kilograms(0.02)));
        ASSERT_TRUE(server.ask("start"));
        auto other = *LabBook::open(server.address(), clock);
        auto theirs =
            HydrostaticProcedure::resume(standardSetting(), other->takeUp("t1"), technician, *other, clock);
        ASSERT_TRUE(theirs);
        MUST(theirs->acceptTrial(Kilograms(7.50), Kilograms(0.02)));
        EXPECT_FALSE(book->notOurs());
        EXPECT_FALSE(book->deliver()); // nothing is settled silently
        EXPECT_EQ(book->waiting().size(), 2u);
        EXPECT_FALSE(run->acceptTrial(Kilograms(7.45), Kilograms(0.02)));
        EXPECT_EQ(book->waiting().size(), 2u);
    }
    [[nodiscard]] std::vector<double> trialsInTheBook() {
        std::vector<double> found;
        const auto test = book->test("t1");
        for (const auto& trial : std::get<HydrostaticTest>(*test).trials)
            found.push_back(trial.gross.value());
        EXPECT_TRUE(book->verify().sound());
        return found;
    }
};

// Two trials of one number would be no record: nothing of ours goes in, and nothing is lost.
TEST_F(TakenOver, OursDoNotGoBehindTheirsWhereTheyDoNotFit) {
    const auto events = book->eventCount();
    EXPECT_FALSE(book->deliverBehind("t1"));
    EXPECT_EQ(book->waiting().size(), 2u);
    EXPECT_EQ(book->eventCount(), events);
    EXPECT_EQ(trialsInTheBook(), (std::vector<double>{7.50}));
}

TEST_F(CablePulled, OursGoBehindTheirsWhenSomebodySaysSo) {
    pull();
    MUST(run->addNote("the client asked for a pause"));
    MUST(run->acceptTrial(Kilograms(7.44), Kilograms(0.02)));
    ASSERT_TRUE(server.ask("start"));
    auto other = *LabBook::open(server.address(), clock);
    auto theirs =
        HydrostaticProcedure::resume(standardSetting(), other->takeUp("t1"), technician, *other, clock);
    ASSERT_TRUE(theirs);
    MUST(theirs->addNote("looked in from the office"));
    EXPECT_FALSE(book->notOurs());
    EXPECT_FALSE(book->deliver());
    const auto delivered = book->deliverBehind("t1");
    ASSERT_TRUE(delivered) << delivered.error().english();
    EXPECT_EQ(*delivered, 2);
    EXPECT_TRUE(book->waiting().empty());
    const auto test = book->test("t1");
    ASSERT_TRUE(test);
    EXPECT_EQ(common(*test).notes.size(), 2u);
    EXPECT_EQ(common(*test).notes.front().text, "looked in from the office");
    EXPECT_EQ(std::get<HydrostaticTest>(*test).trials.size(), 1u);
    EXPECT_TRUE(book->verify().sound());
}

TEST_F(TakenOver, OrAreNotTakenAndStandInTheJournalWithTheReason) {
    MUST(book->doNotTake("t1", "oriel", "the other scale was right"));
    EXPECT_TRUE(book->waiting().empty());
    EXPECT_EQ(trialsInTheBook(), (std::vector<double>{7.50}));
    const auto kept = book->eventsOf("outbox.t1");
    ASSERT_EQ(kept.size(), 1u);
    EXPECT_EQ(kept[0].data->value("reason", ""), "the other scale was right");
    EXPECT_EQ(kept[0].data->at("events").size(), 2u);
}

// Nobody is taken at their word because the server cannot be asked for their key.
TEST_F(CablePulled, APassphraseIsStillAPassphrase) {
    constexpr SealingCost cheap{1, 64ULL * 1024};
    MUST(book->save(Staff{"oriel", "Oriel Thackway", Role::Physiologist}, "bram"));
    MUST(Signatures(*book, cheap).makeKey("oriel", "four grey seals swim"));
    pull();
    EXPECT_FALSE(Signatures(*book, cheap).isPassphraseOf("oriel", "anything at all"));
    auto fresh = LabBook::open(server.address(), clock);
    EXPECT_FALSE(fresh);
    ASSERT_TRUE(server.ask("start"));
    book = *LabBook::open(server.address(), clock); // which has not looked at her key yet
    pull();
    EXPECT_FALSE(Signatures(*book, cheap).isPassphraseOf("oriel", "anything at all"));
    ASSERT_TRUE(server.ask("start"));
}

// Whenever the server goes, every reading that was accepted is there, once and in order. More are made by hand:
// FUSAIN_KILLS=200.
TEST_F(CablePulled, AtAnyMomentNothingIsRefusedLostOrDoubled) {
    const int kills = std::max(3, qEnvironmentVariableIntValue("FUSAIN_KILLS"));
    std::mt19937 random(24);
    int accepted = 0;
    for (int kill = 0; kill < kills; ++kill) {
        std::atomic<bool> down = false;
        std::thread killer([&] {
            std::this_thread::sleep_for(
                std::chrono::milliseconds(std::uniform_int_distribution(0, 120)(random)));
            EXPECT_TRUE(server.ask("kill"));
            down = true;
        });
        for (int after = 0; after < 3; after += down ? 1 : 0, ++accepted)
            EXPECT_TRUE(run->addNote("n-" + std::to_string(accepted)));
        killer.join();
        putBack();
        ASSERT_TRUE(book->deliver());
    }
    EXPECT_GT(accepted, 3 * kills);
    expectInTheBook();
    const auto test = book->test("t1");
    const auto& notes = common(*test).notes;
    ASSERT_EQ(notes.size(), static_cast<std::size_t>(accepted));
    for (int i = 0; i < accepted; ++i)
        EXPECT_EQ(notes[static_cast<std::size_t>(i)].text, "n-" + std::to_string(i));
    std::printf("[ %d accepted, none refused ]\n", accepted);
}

} // namespace
} // namespace fusain::store::outbox_test

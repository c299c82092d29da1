#include "procedure/method/events.hpp"
#include "procedure/tank/result.hpp"
#include "support/hydrostatic_run.hpp"

namespace fusain::hydrostatic_procedure_test {
namespace {

using namespace fusain::testing;
using enum HydrostaticStep;

class Run : public ::testing::Test {
protected:
    HydrostaticProcedure begin(const TestSubject& subject = man) {
        return *HydrostaticProcedure::begin(standardSetting(), "t1", subject, technician, journal, clock);
    }
    MemoryJournal journal;
    SteppingClock clock;
};

TEST_F(Run, AnAdministratorBeginsNone) {
    const Staff administrator{"ida", "Ida Moreau", Role::Administrator};
    const auto begun = HydrostaticProcedure::begin(standardSetting(), "t1", man, administrator, journal, clock);
    ASSERT_FALSE(begun);
    EXPECT_EQ(begun.error().what.english(), "An administrator does not measure people.");
}

TEST_F(Run, GoesThroughTheRunSheetInOrder) {
    HydrostaticProcedure run = begin();
    EXPECT_EQ(run.currentStep(), TankReady);
    prepare(run);
    EXPECT_EQ(run.currentStep(), Trials);
    weighThreeTimes(run);
    EXPECT_EQ(run.currentStep(), OutSafely);
    finish(run);
    EXPECT_EQ(run.test().state, TestState::Signed);
    EXPECT_EQ(run.currentStep(), Report);
}

// Two minutes from the last dive on, by the shipped policies; older policies know of no rest.
TEST_F(Run, DivesAreRestedBetween) {
    HydrostaticProcedure run = begin();
    prepare(run);
    EXPECT_FALSE(run.restUntil()) << "nobody has dived yet";
    MUST(run.acceptTrial(Kilograms(7.4), Kilograms(0.02)));
    const Instant surfaced = run.test().trials[0].at;
    ASSERT_TRUE(run.restUntil());
    EXPECT_EQ(minutesBetween(surfaced, *run.restUntil()), 2.0);
    Json old = dataFile("policies/hydrostatic.json").at(0);
    old.erase("rest_between_dives_s");
    EXPECT_EQ(hydrostaticPolicyFromJson(old, "old")->restBetweenDives.value(), 0.0);
}

TEST_F(Run, TheResultIsTheWorkedExample) {
    HydrostaticProcedure run = begin();
    prepare(run);
    weighThreeTimes(run); // mean 7.45 − 4.15 = 3.30 kg
    const auto result = computeHydrostatic(run.test(), run.setting().policy);
    ASSERT_TRUE(result);
    // As the worked example of the sheet, with Tanaka's water 0.9943724264007725: bc gives
    // 70/((70 − 3.30)/0.9943724264007725 − 1.40) = 1.0658142764…, Siri 14.43378….
    const double density = 70.0 / ((70.0 - 3.30) / 0.9943724264007725 - 1.40);
    EXPECT_NEAR(result->body.density.estimate().value(), density, 1e-12);
    EXPECT_NEAR(result->body.fatPercent.estimate().value(), 14.434, 1e-3);
    EXPECT_NEAR((result->body.fatMass.estimate() + result->body.fatFreeMass.estimate()).value(), 70.0, 1e-12);
}

TEST_F(Run, ResumesExactlyWhereItWasAfterEveryEvent) {
    HydrostaticProcedure run = begin();
    prepare(run);
    weighThreeTimes(run);
    MUST(run.setAside(2, "coughed"));
    MUST(run.goTo(Readiness));
    const std::vector<Event> all = journal.events();
    for (std::size_t kept = 1; kept <= all.size(); ++kept) {
        MemoryJournal other;
        const auto resumed = HydrostaticProcedure::resume(
            standardSetting(), {all.begin(), all.begin() + static_cast<long>(kept)}, technician, other, clock);
        ASSERT_TRUE(resumed);
        if (kept == all.size()) {
            EXPECT_EQ(toJson(resumed->test()), toJson(run.test()));
            EXPECT_EQ(resumed->currentStep(), Readiness);
        }
    }
}

TEST_F(Run, NoTrialWithoutScreening) {
    HydrostaticProcedure run = begin();
    MUST(run.weighDry(Kilograms(70.0), Attribution::typed()));
    const auto refused = run.acceptTrial(Kilograms(7.4), Kilograms(0.02));
    ASSERT_FALSE(refused);
    EXPECT_TRUE(run.test().trials.empty());
}

TEST_F(Run, ABlockedAnswerNeedsThePhysiologist) {
    HydrostaticProcedure run = begin();
    MUST(run.answer("hw_seizure", {std::nullopt, false, std::nullopt, "yes"}));
    EXPECT_FALSE(run.acceptDeviation("hw_seizure", "seems fine"));
    run.setAtTheBench(physiologist);
    EXPECT_FALSE(run.acceptDeviation("hw_seizure", " "));
    MUST(run.acceptDeviation("hw_seizure", "neurologist's letter, 10 March"));
    EXPECT_FALSE(run.answerTo("hw_seizure")->open());
}

TEST_F(Run, ATechnicianMayGoPastAWaitWithAReason) {
    HydrostaticProcedure run = begin();
    MUST(run.answer("hw_food", {Hours(2.5), false, std::nullopt, ""}));
    const AnsweredQuestion* answer = run.answerTo("hw_food");
    EXPECT_TRUE(answer->open());
    EXPECT_NEAR(answer->finding.wait.value(), 90.0, 1e-9); // 4 h asked, 2.5 h kept
    MUST(run.acceptDeviation("hw_food", "only a biscuit"));
    EXPECT_FALSE(run.answerTo("hw_food")->open());
}

TEST_F(Run, WaitingIsJudgedAgainWithTheTimeThatPassed) {
    HydrostaticProcedure run = begin();
    readiness::Answer ate;
    ate.ago = Hours(3.5);
    MUST(run.answer("hw_food", ate));
    const AnsweredQuestion asked = *run.answerTo("hw_food");
    ASSERT_TRUE(asked.waitUntil());
    EXPECT_NEAR(minutesBetween(asked.at, *asked.waitUntil()), 30.0, 1e-6);
    MUST(run.answerAfterWaiting("hw_food"));
    EXPECT_FALSE(run.answerTo("hw_food")->finding.kept); // a second later: still too early
    ate.ago = Hours(3.9999);
    MUST(run.answer("hw_food", ate));
    for (int second = 0; second < 3; ++second)
        MUST(run.addNote("waiting"));
    MUST(run.answerAfterWaiting("hw_food"));
    EXPECT_TRUE(run.answerTo("hw_food")->finding.kept);
    EXPECT_FALSE(run.answerAfterWaiting("hw_alcohol")); // nothing was asked yet
}

TEST_F(Run, TheRecordCarriesItsPolicyAndTheQuestionAsItWasAsked) {
    HydrostaticProcedure run = begin();
    readiness::Answer ate;
    ate.ago = Hours(5.0);
    MUST(run.answer("hw_food", ate));
    EXPECT_EQ(run.answerTo("hw_food")->question, "When did you last eat?");
    const auto kept = hydrostaticPolicyFromJson(run.test().policy, "record");
    ASSERT_TRUE(kept);
    EXPECT_EQ(toJson(*kept), toJson(run.setting().policy));
}

TEST_F(Run, ImpossibleReadingsAreRefusedAndNothingChanges) {
    HydrostaticProcedure run = begin();
    prepare(run);
    const auto before = toJson(run.test());
    EXPECT_FALSE(run.acceptTrial(Kilograms(75.0), Kilograms(0.02))); // above the dry mass
    EXPECT_FALSE(run.acceptTrial(Kilograms(30.0), Kilograms(0.02)));
    EXPECT_FALSE(run.readWaterTemperature(Celsius(93.2), Attribution::typed())); // fahrenheit
    EXPECT_FALSE(run.weighDry(Kilograms(700.0), Attribution::typed()));
    EXPECT_FALSE(
        run.readRoom(Celsius(22.0), MillimetresOfMercury(1013.0), Attribution::typed())); // hectopascals
    EXPECT_FALSE(run.addEffort(Litres(5200.0), true, "", Attribution::typed()));          // millilitres
    for (const auto& [celsius, pressure] :
         {std::pair(9.9, 760.0), std::pair(45.1, 760.0), std::pair(22.0, 499.9), std::pair(22.0, 820.1)})
        EXPECT_FALSE(run.readRoom(Celsius(celsius), MillimetresOfMercury(pressure), Attribution::typed()))
            << celsius << ' ' << pressure;
    EXPECT_EQ(toJson(run.test()), before);
    for (const auto& [celsius, pressure] : {std::pair(10.0, 500.0), std::pair(45.0, 820.0)})
        EXPECT_TRUE(run.readRoom(Celsius(celsius), MillimetresOfMercury(pressure), Attribution::typed()))
            << celsius << ' ' << pressure;
}

TEST_F(Run, ATrialSetAsideDoesNotCountUntilRestored) {
    HydrostaticProcedure run = begin();
    prepare(run);
    weighThreeTimes(run);
    EXPECT_FALSE(run.setAside(3, ""));
    MUST(run.setAside(3, "touched the wall"));
    EXPECT_EQ(run.trials().verdict, hydrostatic::TrialVerdict::NeedMore);
    EXPECT_EQ(run.currentStep(), Trials);
    MUST(run.restore(3));
    EXPECT_EQ(run.trials().verdict, hydrostatic::TrialVerdict::Enough);
}

TEST_F(Run, UndoTakesBackTheLastChangeAndIsItselfOnTheRecord) {
    HydrostaticProcedure run = begin();
    MUST(run.confirm(TankReady));
    MUST(run.weighDry(Kilograms(70.0), Attribution::typed()));
    const std::size_t events = journal.events().size();
    MUST(run.undo());
    EXPECT_FALSE(run.test().dryMass);
    EXPECT_TRUE(run.test().done("tank-ready"));
    EXPECT_EQ(journal.events().size(), events + 1);
    MUST(run.undo());
    EXPECT_FALSE(run.undo());
}

TEST_F(Run, SigningLocksAndAmendingKeepsBothVersions) {
    HydrostaticProcedure run = begin();
    prepare(run);
    weighThreeTimes(run);
    MUST(run.confirm(OutSafely));
    MUST(run.confirm(Result));
    MUST(run.interpret("In the band."));
    EXPECT_FALSE(run.sign(technician, std::nullopt));
    EXPECT_FALSE(run.sign(technician, technician));
    EXPECT_FALSE(run.sign({"tess", "Tess Okafor", Role::Trainee}, physiologist));
    EXPECT_FALSE(run.handOver({"tess", "Tess Okafor", Role::Trainee}));
    MUST(run.sign(technician, physiologist));
    EXPECT_FALSE(run.weighDry(Kilograms(71.0), Attribution::typed()));
    EXPECT_FALSE(run.undo());
    EXPECT_FALSE(run.amend("scale was in the wrong unit")); // a technician is at the bench
    run.setAtTheBench(physiologist);
    EXPECT_FALSE(run.amend(""));
    MUST(run.amend("scale was in the wrong unit"));
    EXPECT_EQ(run.test().version, 2);
    EXPECT_EQ(run.currentStep(), Sign); // nothing is changed yet
    MUST(run.weighDry(Kilograms(71.0), Attribution::typed()));
    EXPECT_EQ(run.currentStep(), Result); // another number: to be looked at again
    EXPECT_FALSE(run.sign(technician, physiologist));
    MUST(run.confirm(Result));
    EXPECT_EQ(run.currentStep(), Interpretation);
    EXPECT_FALSE(run.sign(technician, physiologist));
    MUST(run.interpret("A little more, still in the band."));
    MUST(run.sign(technician, physiologist));
}

TEST_F(Run, AFailedLoadCellCheckStopsTheTechnicianOnly) {
    HydrostaticProcedure run = begin();
    MUST(run.checkLoadCell(Kilograms(0.0), Kilograms(5.0), Kilograms(5.05)));
    EXPECT_FALSE(run.isDone(LoadCell));
    EXPECT_FALSE(run.confirm(LoadCell, "only a little"));
    run.setAtTheBench(physiologist);
    MUST(run.confirm(LoadCell, "reference mass was wet"));
    EXPECT_TRUE(run.isDone(LoadCell));
}

// A journal whose disk is full after some events.
class FullDisk : public MemoryJournal {
public:
    Expected<Event> append(Event event) override {
        if (static_cast<int>(events().size()) >= room)
            return failure({"The disk is full.", {}});
        return MemoryJournal::append(std::move(event));
    }
    int room = 2;
};

TEST(RunOnAFullDisk, NothingIsAcceptedUntilThereIsSpaceAgain) {
    FullDisk disk;
    SteppingClock clock;
    auto run = HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, disk, clock);
    ASSERT_TRUE(run);
    MUST(run->weighDry(Kilograms(70.0), Attribution::typed()));
    EXPECT_FALSE(run->readWaterTemperature(Celsius(34.0), Attribution::typed()));
    EXPECT_FALSE(run->test().waterTemperature);
    EXPECT_TRUE(run->test().dryMass);
    disk.room = 100;
    MUST(run->readWaterTemperature(Celsius(34.0), Attribution::typed()));
    EXPECT_TRUE(run->test().waterTemperature);
}

// A check that failed asks for attention where it stands, and nowhere else.
TEST(HydrostaticProcedure, OnlyAFailedLoadCellAsksForAttention) {
    MemoryJournal journal;
    auto run = *HydrostaticProcedure::begin(standardSetting(), "t", man, technician, journal, SteppingClock());
    const auto asks = [&](HydrostaticStep step) { return run.stateOf(Step(step)) == StepState::Attention; };
    MUST(run.confirm(HydrostaticStep::TankReady));
    EXPECT_FALSE(asks(HydrostaticStep::LoadCell));
    EXPECT_FALSE(asks(HydrostaticStep::WaterTemperature));
    MUST(run.checkLoadCell(Kilograms(4.15), Kilograms(5.0), Kilograms(5.4)));
    MUST(run.goTo(Step(HydrostaticStep::WaterTemperature)));
    EXPECT_TRUE(asks(HydrostaticStep::LoadCell));
    EXPECT_FALSE(asks(HydrostaticStep::WaterTemperature));
    EXPECT_FALSE(asks(HydrostaticStep::DryMass));
    MUST(run.checkLoadCell(Kilograms(4.15), Kilograms(5.0), Kilograms(5.004)));
    MUST(run.goTo(Step(HydrostaticStep::DryMass)));
    EXPECT_FALSE(asks(HydrostaticStep::LoadCell));
}

TEST(HydrostaticProcedure, AnUnderwaterMassOutOfRangeIsNamedAsItIsShown) {
    MemoryJournal journal;
    auto run = *HydrostaticProcedure::begin(standardSetting(), "t", man, technician, journal, SteppingClock());
    prepare(run);
    const auto refused = run.acceptTrial(Kilograms(-12.3456), Kilograms(0.02));
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("mass \u221216.50 kg"), std::string::npos)
        << refused.error().english();
}

} // namespace
} // namespace fusain::hydrostatic_procedure_test

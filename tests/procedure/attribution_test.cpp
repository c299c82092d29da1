// Whose a reading is and what it was taken under: nothing that happens later, and nobody else's signal, moves
// it.
#include "procedure/all/computed.hpp"
#include "procedure/all/procedure.hpp"
#include "procedure/all/replay.hpp"
#include "procedure/tank/result.hpp"
#include "record/library/catalogue.hpp"
#include "support/chamber_run.hpp"
#include "support/dxa_run.hpp"
#include "support/impedance_run.hpp"

#include <cmath>
#include <gtest/gtest.h>

namespace fusain::attribution_test {
namespace {

using namespace testing;

class Attributed : public ::testing::Test {
protected:
    MemoryJournal journal;
    SteppingClock clock;
    HydrostaticProcedure tank(const char* id = "t1") {
        return *HydrostaticProcedure::begin(standardSetting(), id, man, technician, journal, clock);
    }
    ChamberProcedure chamber(const char* id = "t1") {
        return *ChamberProcedure::begin(chamberSetting(), id, man, technician, journal, clock);
    }
    ImpedanceProcedure analyzer(const char* id = "t1") {
        return *ImpedanceProcedure::begin(impedanceSetting(), id, man, technician, journal, clock);
    }
    DxaProcedure scanner(const char* id = "t1") {
        return *DxaProcedure::begin(dxaSetting(), id, man, technician, journal, clock);
    }
    static double fat(const HydrostaticProcedure& run) {
        return computeHydrostatic(run.test(), run.setting().policy)->body.fatPercent.estimate().value();
    }
    ScanFile file(const char* code, double visceral) {
        ScanFile file{code, clock(), {"Scanner", "3.1", "whole body"}, Microsieverts(4.0), "", sheetsScan(),
                      {},   {}};
        if (visceral > 0.0)
            file.reported = {{"visceral-fat-mass", visceral, "kg"}};
        return file;
    }
};

const Attribution anothers = Attribution::overLink("t-other", "load-cell", "tcp:1");

TEST_F(Attributed, WhatWasRecordedForAnotherTestIsRefusedByEveryMethod) {
    auto weighing = tank();
    prepare(weighing);
    auto volumes = chamber();
    prepare(volumes);
    auto sweep = analyzer();
    prepare(sweep);
    auto scan = scanner();
    prepare(scan);
    const auto before = journal.events().size();
    EXPECT_FALSE(weighing.acceptTrace(steadyTrace(), anothers));
    EXPECT_FALSE(weighing.acceptTrial(Kilograms(7.4), Kilograms(0.02), anothers));
    EXPECT_FALSE(weighing.weighDry(Kilograms(70.0), anothers));
    EXPECT_FALSE(weighing.readWaterTemperature(Celsius(34.0), anothers));
    EXPECT_FALSE(weighing.readRoom(Celsius(22.0), MillimetresOfMercury(757.0), anothers));
    EXPECT_FALSE(weighing.addEffort(Litres(4.8), true, {}, anothers));
    EXPECT_FALSE(weighing.checkLoadCell(Kilograms(0.0), Kilograms(5.0), Kilograms(5.0), anothers));
    EXPECT_FALSE(volumes.acceptTrial(Litres(63.5), Litres(0.0), anothers));
    EXPECT_FALSE(volumes.checkScale(Kilograms(20.0), Kilograms(20.0), anothers));
    EXPECT_FALSE(volumes.measureThoracicGas(Litres(3.8), "panting", anothers));
    EXPECT_FALSE(sweep.acceptSweep(cleanSweep(), anothers));
    EXPECT_FALSE(sweep.checkModule(Ohms(500.0), Ohms(500.0), anothers));
    EXPECT_FALSE(
        scan.acceptFile(file("SP-101", 0.6), "SP-101", {}, Attribution::fromFile("t-other", "scanner", "a")));
    EXPECT_FALSE(scan.readPhantom(Percent(24.0), Percent(24.0), anothers));
    // Nor what nobody knows the test of.
    EXPECT_FALSE(sweep.acceptSweep(cleanSweep(), Attribution::overLink({}, "analyzer", "tcp:1")));
    Attribution otherClient = linked(sweep);
    otherClient.client = "client-9";
    EXPECT_FALSE(sweep.acceptSweep(cleanSweep(), otherClient));
    EXPECT_EQ(journal.events().size(), before); // a refused command appends nothing
    MUST(sweep.acceptSweep(cleanSweep(), linked(sweep)));
}

TEST_F(Attributed, AReadingSaysWhoseItIsWhoTookItAndFromWhat) {
    auto run = tank();
    prepare(run);
    Attribution from = Attribution::overLink("t1", "load-cell", "tcp:127.0.0.1:4001");
    from.missingLines = 3;
    MUST(run.acceptTrace(steadyTrace(), from));
    const WeighingTrial& trial = run.test().trials.front();
    EXPECT_EQ(trial.origin, Origin::Link);
    EXPECT_EQ(trial.test, "t1");
    EXPECT_EQ(trial.client, "client-1");
    EXPECT_EQ(trial.by, "bram");
    EXPECT_EQ(trial.device, "load-cell");
    EXPECT_EQ(trial.link, "tcp:127.0.0.1:4001");
    EXPECT_EQ(trial.missingLines, 3);
    EXPECT_EQ(trial.check, 1);
    EXPECT_EQ(trial.tare.value(), 4.15);
    EXPECT_EQ(trial.verdict.reader, "weighing-trace 1");
    EXPECT_EQ(trial.verdict.verdict, "readable");
    EXPECT_NEAR(trial.gross.value(), 7.44, 0.002);
    const auto back = anyTestFromJson(toJson(snapshotOf(run)), "t1");
    ASSERT_TRUE(back) << back.error().english();
    EXPECT_EQ(toJson(*back), toJson(snapshotOf(run)));
}

TEST_F(Attributed, ARecordWithAReadingOfAnotherTestIsNotRead) {
    auto run = tank();
    prepare(run);
    weighThreeTimes(run);
    for (const char* key : {"test", "client"}) {
        Json json = toJson(run.test());
        json["trials"][1][key] = "another";
        const auto read = hydrostaticTestFromJson(json, "t1");
        ASSERT_FALSE(read);
        EXPECT_NE(read.error().english().find("another test"), std::string::npos);
    }
}

TEST_F(Attributed, ASignalThatDoesNotReadIsRefusedByTheProcedureItself) {
    auto run = tank();
    prepare(run);
    const auto trace = steadyTrace();
    EXPECT_FALSE(run.acceptTrace({trace.begin(), trace.begin() + 40}, linked(run, "load-cell"))); // 0.8 s
    EXPECT_TRUE(run.test().trials.empty());
}

TEST_F(Attributed, AnotherLoadCellCheckMovesNoTrialThatWasMadeBeforeIt) {
    auto run = tank();
    prepare(run);
    weighThreeTimes(run);
    const double before = fat(run);
    MUST(run.checkLoadCell(Kilograms(3.15), Kilograms(5.0),
                           Kilograms(5.0))); // a belt that is a kilogram lighter
    EXPECT_EQ(fat(run), before);
    EXPECT_EQ(run.test().loadCellChecks.size(), 2u); // the first stays on the record
    MUST(run.acceptTrial(Kilograms(6.45), Kilograms(0.02)));
    EXPECT_NEAR(run.test().trials.back().net().value(), 3.30, 1e-12); // with the tare of its own check
    EXPECT_EQ(run.test().trials.back().check, 2);
    EXPECT_NEAR(fat(run), before, 0.1);
}

TEST_F(Attributed, ALoadCellThatDisagreedIsFlaggedForTheTrialsUnderIt) {
    auto run = tank();
    prepare(run);
    weighThreeTimes(run);
    MUST(run.checkLoadCell(Kilograms(4.15), Kilograms(5.0), Kilograms(5.05))); // after the trials
    EXPECT_TRUE(computeHydrostatic(run.test(), run.setting().policy)->flags.empty());
    auto later = tank("t2");
    prepare(later);
    MUST(later.checkLoadCell(Kilograms(4.15), Kilograms(5.0), Kilograms(5.05)));
    later.setAtTheBench(physiologist);
    MUST(later.confirm(HydrostaticStep::LoadCell, "the mass was wet"));
    weighThreeTimes(later);
    EXPECT_EQ(computeHydrostatic(later.test(), later.setting().policy)->flags.size(), 1u);
}

TEST_F(Attributed, SettingTheAnalyzerUpAnewChangesNoSweepThatWasTakenBefore) {
    auto run = analyzer();
    prepare(run);
    MUST(run.acceptSweep(cleanSweep(), linked(run)));
    const auto document = [&] { return computeTest(run.test(), run.setting().policy)->document(); };
    const Json before = document();
    AnalyzerSetup standing = run.test().setup;
    standing.geometry = impedance::ElectrodeGeometry::StandingContact;
    MUST(run.setUp(standing));
    MUST(run.answerOpen(onTheLimit)); // those that are asked standing only
    EXPECT_EQ(document(), before);
    MUST(run.acceptSweep(cleanSweep(), linked(run)));
    EXPECT_NE(document(), before); // the new sweep was taken standing
    MUST(run.setAside(2, "the wrong set-up"));
    EXPECT_EQ(document(), before);
}

TEST_F(Attributed, EachVolumeTrialKeepsTheCalibrationThatItWasMeasuredWith) {
    auto run = chamber();
    prepare(run);
    MUST(run.acceptTrial(Litres(63.46), Litres(0.0)));
    MUST(run.calibrateTyped(Litres(50.0), Litres(50.03)));
    MUST(run.acceptTrial(Litres(63.54), Litres(0.0)));
    ASSERT_EQ(run.test().calibrations.size(), 2u);
    EXPECT_EQ(run.test().trials[0].calibration, 1);
    EXPECT_EQ(run.test().trials[1].calibration, 2);
    EXPECT_EQ(run.test().calibrations.find(1)->cylinderReading.value(), 50.02);
}

TEST_F(Attributed, ReportedValuesBelongToTheirScan) {
    auto run = scanner();
    prepare(run);
    MUST(run.acceptFile(file("SP-101", 1.9), "SP-101", {}, fromFile(run, "a.json")));
    EXPECT_EQ(run.test().reportedValue("visceral-fat-mass")->value, 1.9);
    MUST(run.setAside(1, "another person's scan"));
    MUST(run.acceptFile(file("SP-101", 0.0), "SP-101", {}, fromFile(run, "b.json")));
    EXPECT_EQ(run.test().reportedValue("visceral-fat-mass"), nullptr);
    MUST(run.restore(1));
    MUST(run.setAside(2, "blurred"));
    EXPECT_EQ(run.test().reportedValue("visceral-fat-mass")->value, 1.9); // with the scan that it came with
}

TEST_F(Attributed, AScanOfSomebodyElseIsRefusedWithOrWithoutANoteAndReassignedOnlyByThePhysiologist) {
    auto run = scanner();
    prepare(run);
    EXPECT_FALSE(run.acceptFile(file("SP-999", 0.6), "SP-101", {}, fromFile(run)));
    EXPECT_FALSE(run.acceptFile(file("SP-999", 0.6), "SP-101", {{"wore a ring"}, {}}, fromFile(run)));
    EXPECT_FALSE(run.acceptFile(file("SP-999", 0.6), "SP-101", {{}, "the label was swapped"}, fromFile(run)));
    DxaScan asTyped = scanOf(sheetsScan());
    static_cast<Attribution&>(asTyped) = fromFile(run);
    EXPECT_FALSE(run.acceptScan(asTyped)); // a file has no way round its label
    run.setAtTheBench(physiologist);
    EXPECT_FALSE(run.acceptFile(file("SP-999", 0.6), "SP-101", {{}, "  "}, fromFile(run)));
    EXPECT_TRUE(run.test().scans.empty());
    MUST(run.acceptFile(file("SP-999", 0.6), "SP-101", {{"wore a ring"}, "the label was swapped"},
                        fromFile(run)));
    EXPECT_EQ(run.test().scans.front().artefacts, std::vector<std::string>{"wore a ring"});
    EXPECT_EQ(run.test().scans.front().dose.value(), 4.0); // the file's own
    EXPECT_EQ(run.test().notes.back().kind, NoteKind::ScanReassigned);
    EXPECT_EQ(run.test().notes.back().text, "the label was swapped");
}

TEST_F(Attributed, AnInterpretationOfOtherNumbersIsNotSigned) {
    auto run = tank();
    prepare(run);
    weighThreeTimes(run);
    MUST(run.confirm(HydrostaticStep::OutSafely));
    MUST(run.confirm(HydrostaticStep::Result));
    MUST(run.interpret("14.4 % fat, in the band."));
    MUST(run.setAside(1, "moved"));
    MUST(run.setAside(2, "moved"));
    MUST(run.acceptTrial(Kilograms(7.00), Kilograms(0.02)));
    EXPECT_FALSE(run.sign(technician, physiologist));
    EXPECT_FALSE(run.isDone(HydrostaticStep::Interpretation));
    // Back to the same numbers, and what was said of them holds again.
    MUST(run.setAside(4, "moved"));
    MUST(run.restore(1));
    MUST(run.restore(2));
    EXPECT_TRUE(run.isDone(HydrostaticStep::Result));
    EXPECT_TRUE(run.isDone(HydrostaticStep::Interpretation));
    MUST(run.sign(technician, physiologist));
}

TEST_F(Attributed, NothingIsSignedWithoutAResultOrWithoutATechnician) {
    auto run = tank();
    prepare(run);
    weighThreeTimes(run);
    MUST(run.confirm(HydrostaticStep::OutSafely));
    MUST(run.confirm(HydrostaticStep::Result));
    MUST(run.interpret("In the band."));
    EXPECT_FALSE(run.sign(Staff{}, physiologist));
    for (const int trial : {1, 2, 3})
        MUST(run.setAside(trial, "moved"));
    MUST(run.confirm(HydrostaticStep::Trials, "there are none"));
    EXPECT_FALSE(run.confirm(HydrostaticStep::Result));
    EXPECT_FALSE(run.sign(technician, physiologist));
    EXPECT_EQ(run.test().state, TestState::Running);
}

TEST_F(Attributed, WhatCannotBeKeptBesideASignatureUndoesTheSignature) {
    auto run = tank();
    prepare(run);
    weighThreeTimes(run);
    MUST(run.confirm(HydrostaticStep::OutSafely));
    MUST(run.confirm(HydrostaticStep::Result));
    MUST(run.interpret("In the band."));
    EXPECT_FALSE(run.sign(technician, physiologist, [] {
        return Expected<void>(failure({"the disk is full", {}}));
    }));
    EXPECT_EQ(run.test().state, TestState::Running);
}

TEST_F(Attributed, OnlyATrialThatIsThereComesBackAndNotMoreThanTheMost) {
    auto run = tank();
    prepare(run);
    const int most = run.setting().policy.trials.maximumTrials;
    for (int i = 0; i < most; ++i)
        MUST(run.acceptTrial(Kilograms(7.4 + 0.05 * (i % 2)), Kilograms(0.02)));
    EXPECT_FALSE(run.acceptTrial(Kilograms(7.4), Kilograms(0.02)));
    MUST(run.setAside(1, "moved"));
    MUST(run.acceptTrial(Kilograms(7.4), Kilograms(0.02)));
    const auto events = run.events().size();
    EXPECT_FALSE(run.restore(1)); // there would be one too many
    EXPECT_FALSE(run.restore(99));
    EXPECT_FALSE(run.setAside(99, "moved"));
    EXPECT_EQ(run.events().size(), events);
    MUST(run.setAside(2, "moved"));
    MUST(run.restore(1));
    EXPECT_EQ(run.test().trials.counting(), most);
    for (const auto& refused : {chamber("t2").restore(1), analyzer("t3").restore(1), scanner("t4").restore(1)})
        EXPECT_FALSE(refused);
}

TEST_F(Attributed, AnEventOfAnUnknownKindIsAProblemNotALoss) {
    auto run = tank();
    prepare(run);
    auto events = run.events();
    events.back().kind = "trial.weighed-on-the-moon";
    const auto replayed = replayTest(events);
    ASSERT_FALSE(replayed);
    EXPECT_NE(replayed.error().english().find("weighed-on-the-moon"), std::string::npos);
    EXPECT_FALSE(HydrostaticProcedure::resume(standardSetting(), events, technician, journal, clock));
}

TEST_F(Attributed, AnEventOfSomebodyElsesReadingIsNotReplayed) {
    auto run = analyzer();
    prepare(run);
    MUST(run.acceptSweep(cleanSweep(), linked(run)));
    auto events = run.events();
    (*events.back().data)["test"] = "t-other";
    EXPECT_FALSE(replayTest(events));
}

TEST_F(Attributed, NumbersThatAreNoneAreRefusedWhereTheRuleIs) {
    auto run = tank();
    const double none = std::nan("");
    EXPECT_FALSE(run.checkLoadCell(Kilograms(none), Kilograms(5.0), Kilograms(5.0)));
    EXPECT_FALSE(run.checkLoadCell(Kilograms(0.0), Kilograms(5.0), Kilograms(none)));
    prepare(run);
    EXPECT_FALSE(run.acceptTrial(Kilograms(7.44), Kilograms(none)));
    EXPECT_FALSE(run.acceptTrial(Kilograms(none), Kilograms(0.02)));
    EXPECT_FALSE(run.acceptTrial(Kilograms(7.44), Kilograms(-0.01)));
    EXPECT_FALSE(run.weighDry(Kilograms(none), Attribution::typed()));
}

// Undo takes back a whole command: the record is as it was before it.
TEST_F(Attributed, UndoTakesBackEveryCommandWhole) {
    auto run = scanner();
    prepare(run);
    run.setAtTheBench(physiologist);
    dxa::Scan wrong = sheetsScan();
    wrong.regions.back().fat = Kilograms(9.0); // more than the trunk and legs hold
    const std::vector<std::function<Expected<void>()>> commands{
        [&] { return run.weigh(Kilograms(71.0), Attribution::typed()); },
        [&] { return run.readPhantom(Percent(24.0), Percent(24.1)); },
        [&] { return run.stateDose(9, Microsieverts(45.0), 1, "asked for by the clinic"); },
        [&] {
            return run.acceptFile(file("SP-101", 0.6), "SP-101", {{"ring"}, {}}, fromFile(run));
        },
        [&] {
            return run.acceptFile(file("SP-9", 0.6), "SP-101", {{}, "swapped"}, fromFile(run));
        },
        [&] { return run.acceptScan(scanOf(wrong), "to see what it costs"); },
        [&] {
            return run.keepReported({{"visceral-fat-mass", 0.6, "kg"}}, {});
        },
        [&] { return run.setAside(1, "moved"); },
        [&] { return run.restore(1); },
        [&] { return run.addNote("calm"); },
        [&] { return run.confirm(DxaStep::Lines); },
        [&] { return run.confirm(DxaStep::Result); },
        [&] { return run.interpret("In the band."); },
    };
    for (std::size_t i = 0; i < commands.size(); ++i) {
        const Json before = toJson(run.test());
        const auto events = run.events().size();
        const auto done = commands[i]();
        ASSERT_TRUE(done) << i << ": " << done.error().english();
        EXPECT_EQ(run.events().size(), events + 1) << i; // one command, one event
        MUST(run.undo());
        EXPECT_EQ(toJson(run.test()), before) << i;
        MUST(commands[i]());
    }
}

/// The recording of a signal that began after an event.
Attribution recordedAfter(const Procedure& run, std::int64_t event) {
    Attribution from = linked(run);
    from.afterEvent = event;
    return from;
}
std::int64_t latest(const Procedure& run, std::string_view kind) {
    const auto found = std::ranges::find(run.events().rbegin(), run.events().rend(), kind, &Event::kind);
    return found->sequence;
}

// A recording that began before a check is not one that was taken under it, to the very event.
TEST_F(Attributed, ARecordingFromBeforeTheLoadCellWasCheckedAgainIsRefused) {
    auto run = tank();
    prepare(run);
    MUST(run.checkLoadCell(Kilograms(3.15), Kilograms(5.0), Kilograms(5.0)));
    const auto checked = latest(run, "load-cell.checked");
    EXPECT_FALSE(run.acceptTrace(steadyTrace(), recordedAfter(run, checked - 1)));
    MUST(run.acceptTrace(steadyTrace(6.44), recordedAfter(run, checked)));
    MUST(run.acceptTrial(Kilograms(6.45), Kilograms(0.02))); // read from the indicator now
}

// An event that this record does not have: under which set-up the recording was taken nobody can say.
TEST_F(Attributed, ARecordingAfterAnEventThatTheRecordDoesNotKnowIsRefused) {
    auto run = tank();
    prepare(run);
    const auto last = run.events().back().sequence;
    EXPECT_FALSE(run.acceptTrace(steadyTrace(), recordedAfter(run, last + 1)));
    MUST(run.acceptTrace(steadyTrace(), recordedAfter(run, last)));
}

TEST_F(Attributed, ACheckThatWasTakenBackDoesNotMakeARecordingOlder) {
    auto run = tank();
    prepare(run);
    const auto first = latest(run, "load-cell.checked");
    MUST(run.checkLoadCell(Kilograms(3.15), Kilograms(5.0), Kilograms(5.0)));
    MUST(run.undo());
    MUST(run.acceptTrace(steadyTrace(), recordedAfter(run, first)));
}

// Nor is a recording taken when the check that it was made under was taken back since: another tare holds
// again.
TEST_F(Attributed, ARecordingUnderACheckThatWasTakenBackIsRefused) {
    auto run = tank();
    prepare(run);
    MUST(run.checkLoadCell(Kilograms(3.15), Kilograms(5.0), Kilograms(5.0)));
    const Attribution from = recordedAfter(run, latest(run, "load-cell.checked"));
    MUST(run.undo());
    EXPECT_FALSE(run.acceptTrace(steadyTrace(), from));
    EXPECT_TRUE(run.test().trials.empty());
}

TEST_F(Attributed, ASweepThatSomebodyDoubtedIsOneEventWithItsReason) {
    auto run = analyzer();
    prepare(run);
    const auto events = run.events().size();
    MUST(run.acceptSweep(cleanSweep(), linked(run), {}, "drank a litre"));
    EXPECT_EQ(run.events().size(), events + 1);
    EXPECT_EQ(run.test().notes.back().kind, NoteKind::IdentityKept);
    EXPECT_EQ(run.test().notes.back().text, "drank a litre");
    EXPECT_EQ(toJson(*replayTest(run.events())), toJson(run.test()));
}

TEST_F(Attributed, AVolumeFromBeforeTheChamberWasMadeReadyAgainIsRefused) {
    auto run = chamber();
    prepare(run);
    const auto calibrated = latest(run, "chamber.calibrated");
    EXPECT_FALSE(run.acceptTrial(Litres(63.5), Litres(0.01), recordedAfter(run, calibrated - 1)));
    MUST(run.acceptTrial(Litres(63.5), Litres(0.01), recordedAfter(run, calibrated)));
    MUST(run.startOver("the door was opened"));
    MUST(run.calibrateTyped(Litres(50.0), Litres(50.02)));
    EXPECT_FALSE(run.acceptTrial(Litres(63.5), Litres(0.01), recordedAfter(run, calibrated)));
    MUST(run.acceptTrial(Litres(63.5), Litres(0.01), recordedAfter(run, latest(run, "chamber.calibrated"))));
}

TEST_F(Attributed, ASweepFromBeforeTheElectrodesWereSetAnewIsRefused) {
    auto run = analyzer();
    prepare(run);
    const auto set = latest(run, "analyzer.set"), checked = latest(run, "module.checked");
    EXPECT_FALSE(run.acceptSweep(cleanSweep(), recordedAfter(run, set))); // before the module was checked
    MUST(run.acceptSweep(cleanSweep(), recordedAfter(run, checked)));
    AnalyzerSetup other = run.test().setup;
    other.side = "left";
    MUST(run.setUp(other));
    EXPECT_FALSE(run.acceptSweep(cleanSweep(), recordedAfter(run, checked)));
    MUST(run.acceptSweep(cleanSweep(), recordedAfter(run, latest(run, "analyzer.set"))));
}

// The doubt and the reading are one change: taking it back takes both.
TEST_F(Attributed, AMassThatSomebodyDoubtedIsOneEventWithItsReason) {
    auto weighing = tank();
    MUST(weighing.answerOpen(onTheLimit));
    MUST(weighing.confirm(HydrostaticStep::TankReady));
    const auto events = weighing.events().size();
    MUST(weighing.weighDry(Kilograms(82.0), linked(weighing, "floor-scale"), "came back from the sea"));
    EXPECT_EQ(weighing.events().size(), events + 1);
    ASSERT_EQ(weighing.test().notes.size(), 1u);
    EXPECT_EQ(weighing.test().notes.front().kind, NoteKind::IdentityKept);
    EXPECT_EQ(weighing.test().notes.front().text, "came back from the sea");
    EXPECT_EQ(toJson(*replayTest(weighing.events())), toJson(weighing.test()));
    MUST(weighing.undo());
    EXPECT_TRUE(weighing.test().notes.empty());
    EXPECT_FALSE(weighing.test().dryMass);
}

// A frozen document that cannot be read is said, and the shipped one never takes its place.
TEST_F(Attributed, APolicyOrProtocolThatCannotBeReadIsNeverReplaced) {
    auto run = tank();
    prepare(run);
    weighThreeTimes(run);
    LabCatalogue catalogue;
    catalogue.policies.push_back(*anyPolicyFromJson(dataFile("policies/hydrostatic.json").at(0), "shipped"));
    catalogue.protocols.push_back(*protocolFromJson(dataFile("protocols/hydrostatic.json"), "shipped"));
    const auto damaged = [&](const char* document, const char* key, const Json& value) {
        Json json = toJson(run.test());
        json[document][key] = value;
        return *anyTestFromJson(json, "t");
    };
    for (const auto& [key, value] :
         {std::pair("gut_gas_l", Json(-5)), std::pair("version", Json(99)), std::pair("gut_gas", Json(0.1)),
          std::pair("trial_rule", Json("Heaviest")), std::pair("method", Json("impedance"))}) {
        const auto policy = policyOf(damaged("policy_document", key, value), catalogue);
        ASSERT_FALSE(policy) << key;
        EXPECT_FALSE(computeByItsPolicy(damaged("policy_document", key, value), catalogue)) << key;
    }
    EXPECT_FALSE(protocolOf(damaged("protocol_document", "screning", Json::array()), catalogue));
    EXPECT_EQ(common(*policyOf(damaged("policy_document", "gut_gas_l", 0.12), catalogue)).id,
              run.setting().policy.id);
    Json otherMethod = toJson(run.test());
    otherMethod["policy_document"] = dataFile("policies/impedance.json").at(0);
    const auto foreign = policyOf(*anyTestFromJson(otherMethod, "t"), catalogue);
    ASSERT_FALSE(foreign);
    EXPECT_NE(foreign.error().english().find("is for another method"), std::string::npos);
    Json fromElsewhere = toJson(run.test());
    fromElsewhere.erase("policy_document");
    EXPECT_TRUE(policyOf(*anyTestFromJson(fromElsewhere, "t"), catalogue));
    fromElsewhere["policy"] = "policy.of-another-lab";
    EXPECT_FALSE(policyOf(*anyTestFromJson(fromElsewhere, "t"), catalogue));
    fromElsewhere["policy"] = "";
    EXPECT_TRUE(policyOf(*anyTestFromJson(fromElsewhere, "t"), catalogue));
}

// The record carries its protocol: a question that is added later is not asked of a test that has begun.
TEST_F(Attributed, ATestKeepsTheProtocolThatItBeganWith) {
    auto run = tank();
    prepare(run);
    EXPECT_TRUE(run.isDone(HydrostaticStep::Readiness));
    LabCatalogue later;
    Json longer = dataFile("protocols/hydrostatic.json");
    longer["readiness"].push_back(longer["readiness"].front());
    longer["readiness"].back()["id"] = "hw_new";
    later.protocols.push_back(*protocolFromJson(longer, "later"));
    const AnyTest test = snapshotOf(run);
    const Protocol kept = *protocolOf(test, later);
    EXPECT_EQ(kept.readiness.size(), run.protocol().readiness.size());
    EXPECT_EQ(later.protocols.front().readiness.size(), kept.readiness.size() + 1);
    auto resumed =
        HydrostaticProcedure::resume({run.setting().policy, kept}, run.events(), technician, journal, clock);
    ASSERT_TRUE(resumed);
    EXPECT_TRUE(resumed->isDone(HydrostaticStep::Readiness));
}

} // namespace
} // namespace fusain::attribution_test

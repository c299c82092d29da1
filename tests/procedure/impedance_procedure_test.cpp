// The run of one impedance test without a window, and what is computed from it.
#include "procedure/all/computed.hpp"
#include "procedure/all/procedure.hpp"
#include "procedure/all/replay.hpp"
#include "procedure/day/team_queue.hpp"
#include "procedure/meaning/findings.hpp"
#include "procedure/meaning/pattern.hpp"
#include "procedure/meaning/preparation_difference.hpp"
#include "procedure/meaning/same_day.hpp"
#include "record/base/json.hpp"
#include "support/changes.hpp"
#include "support/impedance_run.hpp"

#include <algorithm>
#include <gtest/gtest.h>

namespace fusain::impedance_procedure_test {
namespace {

using namespace testing;
using enum ImpedanceStep;
using impedance::Segment;

class ImpedanceRun : public ::testing::Test {
protected:
    ImpedanceProcedure begin(const TestSubject& subject = man, std::size_t policy = 0) {
        auto run = ImpedanceProcedure::begin(impedanceSetting(policy), "t1", subject, technician, journal,
                                             SteppingClock());
        EXPECT_TRUE(run) << run.error().english();
        return std::move(*run);
    }
    ImpedanceProcedure measured(const TestSubject& subject = man, std::size_t policy = 0) {
        auto run = begin(subject, policy);
        prepare(run);
        const auto kept = run.acceptSweep(cleanSweep(), linked(run));
        EXPECT_TRUE(kept) << kept.error().english();
        return run;
    }
    static ImpedanceResult computed(const ImpedanceProcedure& run, const WhatIf& whatIf = {}) {
        auto result = computeImpedance(run.test(), run.setting().policy, whatIf);
        EXPECT_TRUE(result) << result.error().english();
        return std::move(*result);
    }
    static bool flagged(const TestResult& result, const char* words) {
        return std::ranges::any_of(
            result.flags, [&](const Message& flag) { return flag.english().find(words) != std::string::npos; });
    }
    MemoryJournal journal;
};

TEST_F(ImpedanceRun, FromTheWarmUpToTheSignature) {
    auto run = measured();
    finish(run);
    EXPECT_EQ(run.record().state, TestState::Signed);
    EXPECT_FALSE(run.acceptSweep(cleanSweep(), linked(run))); // locked
    // Reading the events again gives the same record, and so does the document.
    const auto again = replayTest(run.events());
    ASSERT_TRUE(again);
    EXPECT_EQ(toJson(*again), toJson(snapshotOf(run)));
    const auto read = anyTestFromJson(toJson(snapshotOf(run)), "test");
    ASSERT_TRUE(read) << read.error().english();
    EXPECT_EQ(toJson(*read), toJson(snapshotOf(run)));
}

TEST_F(ImpedanceRun, GivesTheSheetsNumbersForTheSheetsMan) {
    const auto result = computed(measured());
    ASSERT_TRUE(result.composition);
    EXPECT_NEAR(result.composition->fatFreeMass.estimate().value(), 57.1445, 2e-3); // Kyle
    EXPECT_NEAR(result.bodyWater->estimate().value(), 42.5109, 2e-3);               // Sun
    EXPECT_NEAR(result.skeletalMuscle->estimate().value(), 32.3816, 2e-3);          // Janssen
    EXPECT_NEAR(result.limbLean->estimate().value(), 24.5032, 2e-3);                // Kyle 2003
    EXPECT_NEAR(result.phaseAngle->estimate().value(), 7.1250, 1e-3);
    EXPECT_NEAR(result.fluids->extracellular.value(), 17.0186, 2e-3);
    EXPECT_NEAR(result.fluids->intracellular.value(), 24.5872, 2e-3);
    EXPECT_NEAR(*result.impedanceRatio, 423.555 / 565.225, 1e-4);
    EXPECT_EQ(result.otherFluids.size(), 2u);
    EXPECT_EQ(result.arc->verdict, impedance::FitVerdict::Good);
    // The equation is by far the largest part: 1.72 kg in its own people, 3.2 kg in others.
    EXPECT_NEAR(result.composition->fatFreeMass.personError().value(), 3.2, 1e-9);
    EXPECT_EQ(result.composition->fatPercent.budget().front().source, Source::PredictionEquation);
}

TEST_F(ImpedanceRun, AChangeIsNotBlurredByTheEquationButTheValueIs) {
    auto run = measured();
    const auto now = outcomeOf(*computeTest(snapshotOf(run), run.setting().policy));
    ASSERT_TRUE(now);
    const Changes changes = changesSince(*now, *now);
    // A resistance of 2 % from day to day is about 1 kg of fat-free mass: 2.77 times that, and the reading.
    EXPECT_GT(changes.fatFreeMass.leastSignificant, 2.0);
    EXPECT_LT(changes.fatFreeMass.leastSignificant, 3.5);
    EXPECT_GT(now->composition.fatFreeMass.halfInterval().value(), 6.2);
}

TEST_F(ImpedanceRun, SeveralEquationsStandSideBySide) {
    const auto run = measured();
    const auto result = computed(run);
    int fatFree = 0;
    for (const EquationEstimate& each : result.estimates)
        fatFree += each.equation->quantity == impedance::Predicted::FatFreeMass;
    EXPECT_EQ(fatFree, 4);
    // Fat-free mass is as unsure as in people that the equation was not made from, or more: none looks surer
    // than the others because its error is not known, or is that of its own people.
    for (const EquationEstimate& each : result.estimates)
        if (each.equation->quantity == impedance::Predicted::FatFreeMass) {
            EXPECT_GE(std::abs(each.value.share(Source::PredictionEquation)), 3.2 - 1e-9) << each.equation->id;
        }
    WhatIf whatIf;
    whatIf.conversion = "impedance.ffm.sun-2003";
    EXPECT_NEAR(computed(run, whatIf).composition->fatFreeMass.estimate().value(), 58.5914, 2e-3);
    whatIf.conversion = "impedance.tbw.sun-2003";
    EXPECT_FALSE(computeImpedance(run.test(), run.setting().policy, whatIf)); // water is not fat-free mass
}

TEST_F(ImpedanceRun, AnImplantBlocksUntilThePhysiologistDecides) {
    auto run = begin();
    MUST(run.answer("imp_implant", {std::nullopt, false, std::nullopt, "yes"}));
    EXPECT_EQ(run.answerTo("imp_implant")->finding.action, readiness::Action::Blocked);
    EXPECT_FALSE(run.acceptDeviation("imp_implant", "in a hurry"));
    EXPECT_TRUE(run.obstacleTo(Electrodes));
    EXPECT_FALSE(run.weigh(Kilograms(70), Attribution::typed()));
}

TEST_F(ImpedanceRun, OpenQuestionsAreAnsweredInOneGoAndGivenAnswersStay) {
    auto run = begin();
    MUST(run.answer("imp_food", {Hours(2.0), false, std::nullopt, {}}));
    int left = 0;
    MUST(run.answerOpen([&](const readiness::Rule& rule) -> std::optional<readiness::Answer> {
        if (!rule.mayAskGroup && ++left)
            return std::nullopt;
        readiness::Answer told;
        told.keptAsTold = readiness::KeptAsTold::Group;
        return told;
    }));
    EXPECT_EQ(run.answerTo("imp_food")->answer.ago, Hours(2.0));
    EXPECT_TRUE(run.answerTo("imp_exercise")->finding.kept);
    EXPECT_FALSE(run.answerTo("imp_implant"));
    EXPECT_GT(left, 5);
    EXPECT_FALSE(run.isDone(Screening));
    // The word of a group about what only each person can say keeps nothing, and blocks here.
    readiness::Answer rumour;
    rumour.keptAsTold = readiness::KeptAsTold::Group;
    MUST(run.answer("imp_implant", rumour));
    EXPECT_EQ(run.answerTo("imp_implant")->finding.action, readiness::Action::Blocked);
}

TEST_F(ImpedanceRun, QuestionsFollowTheElectrodes) {
    const auto asked = [](ImpedanceProcedure& run, const char* id) {
        const auto questions = run.questions(Readiness);
        return std::ranges::any_of(questions, [&](const auto* rule) { return rule->id == id; });
    };
    auto lying = begin();
    MUST(lying.setUp({"A", "", 8, impedance::ElectrodeGeometry::SupineGel, "right", std::nullopt}));
    EXPECT_TRUE(asked(lying, "imp_supine_short"));
    EXPECT_FALSE(asked(lying, "imp_stand"));
    auto standing = begin(man, 2);
    MUST(standing.setUp({"A", "", 8, impedance::ElectrodeGeometry::StandingContact, "right", std::nullopt}));
    EXPECT_FALSE(asked(standing, "imp_supine_short"));
    EXPECT_TRUE(asked(standing, "imp_stand"));
    EXPECT_FALSE(
        standing.setUp({"A", "", 6, impedance::ElectrodeGeometry::StandingContact, "right", std::nullopt}));
    EXPECT_FALSE(
        standing.setUp({"A", "", 8, impedance::ElectrodeGeometry::StandingContact, "middle", std::nullopt}));
}

TEST_F(ImpedanceRun, LyingDownIsWaitedForWithTheClock) {
    auto instant = std::make_shared<Instant>(*instantFromIso("2026-03-12T07:40:00.000Z"));
    auto run = *ImpedanceProcedure::begin(impedanceSetting(), "t1", man, technician, journal,
                                          [instant] { return *instant; });
    MUST(run.answer("imp_supine_short", {std::nullopt, false, 2.0, {}}));
    EXPECT_FALSE(run.answerTo("imp_supine_short")->finding.kept);
    EXPECT_DOUBLE_EQ(run.answerTo("imp_supine_short")->finding.wait.value(), 3.0);
    *instant = instant->plusMinutes(3.0);
    MUST(run.answerAfterWaiting("imp_supine_short"));
    EXPECT_TRUE(run.answerTo("imp_supine_short")->finding.kept);
    EXPECT_DOUBLE_EQ(*run.answerTo("imp_supine_short")->answer.number, 5.0);
}

TEST_F(ImpedanceRun, TheWrongCodeOrHeightIsRefused) {
    auto run = begin();
    EXPECT_FALSE(run.confirmIdentity("C-2", "C-1", Metres(1.75)));
    EXPECT_FALSE(run.confirmIdentity("C-1", "C-1", Metres(17.5)));
    MUST(run.confirmIdentity("C-1", "C-1", Metres(1.76)));
    EXPECT_DOUBLE_EQ(run.record().subject.height.value(), 1.76);
}

TEST_F(ImpedanceRun, AModuleOutsideItsToleranceStopsTheTechnician) {
    auto run = begin();
    MUST(run.confirm(WarmUp));
    MUST(run.checkModule(Ohms(500.0), Ohms(507.5))); // exactly 1.5 %
    EXPECT_TRUE(run.isDone(Module));
    MUST(run.checkModule(Ohms(500.0), Ohms(507.6)));
    EXPECT_FALSE(run.isDone(Module));
    EXPECT_EQ(run.stateOf(Module), run.current() == Step(Module) ? StepState::Current : StepState::Attention);
    EXPECT_FALSE(run.confirm(Module, "never mind"));
    run.setAtTheBench(physiologist);
    EXPECT_TRUE(run.confirm(Module, "module is old, analyzer checked elsewhere"));
    EXPECT_FALSE(run.checkModule(Ohms(5.0), Ohms(5.0)));
}

TEST_F(ImpedanceRun, ABadSweepIsRefusedUnlessThePhysiologistSaysWhy) {
    auto run = begin();
    prepare(run);
    auto sweep = cleanSweep(1.2); // left leg 18 % higher
    EXPECT_FALSE(run.acceptSweep(sweep, linked(run)));
    EXPECT_FALSE(run.acceptSweep(sweep, linked(run), "it will do")); // the technician
    run.setAtTheBench(physiologist);
    MUST(run.acceptSweep(sweep, linked(run), "old injury of the left leg"));
    EXPECT_FALSE(run.test().sweeps.front().verdict.remarks.empty());
    EXPECT_TRUE(flagged(computed(run), "Right and left leg differ"));
    ASSERT_TRUE(computed(run).legs);
    EXPECT_TRUE(computed(run).legs->notable());
}

TEST_F(ImpedanceRun, SweepsAreSetAsideAndRestoredAndUndone) {
    auto run = measured();
    MUST(run.acceptSweep(cleanSweep(1.01), linked(run)));
    EXPECT_EQ(run.test().sweep()->number, 2);
    MUST(run.setAside(2, "talked"));
    EXPECT_EQ(run.test().sweep()->number, 1);
    MUST(run.restore(2));
    EXPECT_EQ(run.test().sweep()->number, 2);
    MUST(run.undo());
    EXPECT_EQ(run.test().sweep()->number, 1);
    EXPECT_FALSE(run.setAside(2, " "));
    EXPECT_FALSE(run.setAside(9, "no such sweep"));
}

struct Bad {
    const char* words;
    void (*spoil)(impedance::Sweep&);
};
class BadSweep : public ImpedanceRun, public ::testing::WithParamInterface<Bad> {};
TEST_P(BadSweep, IsExplainedAndNotKept) {
    auto run = begin();
    prepare(run);
    auto sweep = cleanSweep();
    GetParam().spoil(sweep);
    const auto kept = run.acceptSweep(sweep, linked(run));
    ASSERT_FALSE(kept);
    EXPECT_NE(kept.error().english().find(GetParam().words), std::string::npos) << kept.error().english();
    EXPECT_TRUE(run.test().sweeps.empty());
}
INSTANTIATE_TEST_SUITE_P(
    Input, BadSweep,
    ::testing::Values(
        Bad{"has no reading", [](impedance::Sweep& s) { s.spectra.clear(); }},
        Bad{"has no reading", [](impedance::Sweep& s) { s.spectra[2].points.clear(); }},
        Bad{"do not rise",
            [](impedance::Sweep& s) { std::swap(s.spectra[0].points[1], s.spectra[0].points[2]); }},
        Bad{"there twice", [](impedance::Sweep& s) { s.spectra.push_back(s.spectra[1]); }},
        Bad{"no number",
            [](impedance::Sweep& s) { s.spectra[0].points[3].impedance->reactance = Ohms(std::nan("")); }},
        Bad{"kilohms",
            [](impedance::Sweep& s) {
                for (auto& spectrum : s.spectra)
                    for (auto& point : spectrum.points)
                        point = impedance::pointOf(point.frequency,
                                                   impedance::impedanceOf(point.impedance->complex() / 1000.0));
            }},
        Bad{"electrode may be off",
            [](impedance::Sweep& s) {
                s.spectra[1].points[0] = impedance::magnitudePoint(kilohertz(1), Ohms(9000));
            }},
        Bad{"Frequency", [](impedance::Sweep& s) { s.spectra[0].points[0].frequency = Hertz(50.0); }},
        Bad{"no body has that", [](impedance::Sweep& s) {
                for (auto& point : s.spectra[0].points)
                    std::swap(point.impedance->resistance, point.impedance->reactance);
            }}));

TEST_F(ImpedanceRun, StandingContactsGiveNoFatButSayWhatItWouldCost) {
    auto run = measured(man, 2);
    const auto result = computed(run);
    EXPECT_FALSE(result.composition);
    EXPECT_FALSE(result.fluids);
    EXPECT_TRUE(result.phaseAngle && result.segmentation);
    EXPECT_TRUE(flagged(result, "No whole-body equation"));
    EXPECT_TRUE(flagged(result, "would be off by about"));
    const auto test = computeTest(snapshotOf(run), run.setting().policy);
    ASSERT_TRUE(test);
    EXPECT_EQ(test->composition(), nullptr);
    EXPECT_FALSE(outcomeOf(*test));
    EXPECT_FALSE(findings(*test, Statements({.test = &*test})).empty());
    EXPECT_FALSE(test->sheet().empty());
}

TEST_F(ImpedanceRun, ALabsOwnConversionOpensTheEquationsWithItsError) {
    auto setting = impedanceSetting(2);
    setting.policy.contactToGel[Sex::Male] = {Ohms(0.0),          0.86,        Ohms(8.0),   550.0,
                                              50.0 * 40.0 * 40.0, Ohms(430.0), Ohms(680.0), 50};
    auto run = *ImpedanceProcedure::begin(setting, "t1", man, technician, journal, SteppingClock());
    prepare(run);
    auto sweep = cleanSweep();
    MUST(run.acceptSweep(sweep, linked(run)));
    const auto result = computed(run);
    ASSERT_TRUE(result.composition && result.converted);
    EXPECT_NEAR(result.converted->resistance.value(), 0.86 * 480.0, 0.1);
    EXPECT_GT(std::abs(result.composition->fatFreeMass.uncertain().share(Source::ElectrodeConversion)), 0.5);
    // The policy travels with the record, calibrations included.
    const auto policy = anyPolicyFromJson(run.record().policy, "policy");
    ASSERT_TRUE(policy) << policy.error().english();
    EXPECT_EQ(std::get<ImpedancePolicy>(*policy).contactToGel.at(Sex::Male).people, 50);
}

TEST_F(ImpedanceRun, AChildHasTheChildsEquationOnly) {
    const TestSubject boy{"client-2", Sex::Male, Years(12.0), Metres(1.50), false};
    auto run = begin(boy);
    prepare(run, Kilograms(42.0));
    impedance::Sweep sweep;
    sweep.spectra.push_back({Segment::WholeBody, {impedance::pointOf(kilohertz(50), {Ohms(640), Ohms(62)})}});
    MUST(run.acceptSweep(sweep, Attribution::typed()));
    const auto result = computed(run);
    EXPECT_NEAR(result.composition->fatFreeMass.estimate().value(), 33.2553, 1e-4); // Houtkooper 1992
    EXPECT_FALSE(result.skeletalMuscle);
    WhatIf whatIf;
    whatIf.conversion = "impedance.ffm.kyle-2001";
    EXPECT_FALSE(computeImpedance(run.test(), run.setting().policy, whatIf));
    const TestSubject small{"client-3", Sex::Female, Years(8.0), Metres(1.28), false};
    auto young = begin(small);
    prepare(young, Kilograms(27.0));
    MUST(young.acceptSweep(sweep, Attribution::typed()));
    EXPECT_FALSE(computed(young).composition);
    EXPECT_TRUE(flagged(computed(young), "No equation of this policy covers"));
}

TEST_F(ImpedanceRun, ValuesOfTheInstrumentStayApartAndWorkAlone) {
    auto both = measured();
    MUST(both.keepReported({{"fat-percent", 31.0, "%"}}));
    EXPECT_FALSE(computed(both).fromReported);
    EXPECT_NEAR(computed(both).composition->fatPercent.estimate().value(), 100.0 * (70.0 - 57.1445) / 70.0,
                0.01);
    auto alone = begin();
    prepare(alone);
    MUST(alone.keepReported({{"fat-free-mass", 56.0, "kg"},
                             {"lean.right-arm", 3.4, "kg"},
                             {"lean.left-arm", 3.3, "kg"},
                             {"lean.trunk", 26.0, "kg"},
                             {"lean.right-leg", 9.4, "kg"},
                             {"lean.left-leg", 9.3, "kg"}}));
    const auto result = computed(alone);
    EXPECT_TRUE(result.fromReported);
    EXPECT_DOUBLE_EQ(result.composition->fatMass.estimate().value(), 14.0);
    ASSERT_TRUE(result.arms);
    EXPECT_NEAR(result.arms->difference.value(), 0.1, 1e-12);
    EXPECT_TRUE(flagged(result, "as reported by the instrument"));
    EXPECT_FALSE(alone.keepReported({{"fat-percent", 310.0, "%"}}));
    EXPECT_FALSE(alone.keepReported({{"fat-free-mass", 90.0, "kg"}})); // more than the person weighs
}

TEST_F(ImpedanceRun, AMissingPartIsTakenIntoAccountOnTheIntactSideOnly) {
    auto run = measured();
    MUST(run.setMissingParts({"left/lower-leg-and-foot"}));
    const auto result = computed(run);
    EXPECT_NEAR(result.missingMass.value(), 70.0 / (1.0 - 0.059) - 70.0, 1e-9);
    EXPECT_TRUE(result.composition);
    EXPECT_FALSE(result.segmentation); // five cylinders need five segments
    MUST(run.setMissingParts({"right/foot"}));
    EXPECT_FALSE(computed(run).composition);
    EXPECT_TRUE(flagged(computed(run), "measured side"));
    MUST(run.setMissingParts({"left/foot", "right/foot"}));
    EXPECT_TRUE(flagged(computed(run), "both sides"));
    EXPECT_FALSE(run.setMissingParts({"left/wing"}));
    EXPECT_FALSE(run.setMissingParts({"foot"}));
}

TEST_F(ImpedanceRun, TooMuchWaterBreaksTheTwoCompartmentStepAndSaysSo) {
    auto run = begin();
    prepare(run);
    auto sweep = cleanSweep();
    // A fifth less resistance at every frequency: more water than this fat-free mass holds.
    for (auto& spectrum : sweep.spectra)
        for (auto& point : spectrum.points)
            point =
                impedance::pointOf(point.frequency, impedance::impedanceOf(point.impedance->complex() * 0.74));
    MUST(run.acceptSweep(sweep, linked(run)));
    EXPECT_TRUE(flagged(computed(run), "Hydration of the fat-free mass is")) << *computed(run).hydration;
}

TEST_F(ImpedanceRun, ImportedReadingsAreJudgedButAskNoQuestions) {
    auto run = begin();
    MUST(run.setUp({"Analyzer", "", 8, impedance::ElectrodeGeometry::SupineGel, "right", std::nullopt}));
    EXPECT_FALSE(run.importReadings(Kilograms(70), cleanSweep(1.3), {}, "export.csv, line 2"));
    EXPECT_FALSE(run.importReadings(Kilograms(7), cleanSweep(), {}, "export.csv, line 2"));
    MUST(run.importReadings(Kilograms(70), cleanSweep(), {{"fat-percent", 20.0, "%"}}, "export.csv, line 2"));
    EXPECT_TRUE(run.isDone(Sweep));
    EXPECT_EQ(run.record().notes.back().kind, NoteKind::Imported);
    EXPECT_NEAR(computed(run).composition->fatFreeMass.estimate().value(), 57.1445, 2e-3);
    const auto again = replayTest(run.events());
    ASSERT_TRUE(again);
    EXPECT_EQ(toJson(*again), toJson(snapshotOf(run)));
}

TEST(AnyProcedure, BeginsAndResumesTheMethodOfThePolicy) {
    MemoryJournal journal;
    const AnyPolicy policy = impedanceSetting(2).policy;
    auto begun =
        beginTest(policy, impedanceSetting().protocol, "t1", man, technician, journal, SteppingClock());
    ASSERT_TRUE(begun);
    EXPECT_EQ(methodOf(snapshotOf(*(*begun))), methodImpedance);
    EXPECT_EQ(std::get<ImpedanceTest>(snapshotOf(*(*begun))).setup.geometry,
              impedance::ElectrodeGeometry::StandingContact);
    const auto resumed = resumeTest(policy, impedanceSetting().protocol, (*begun)->events(), technician,
                                    journal, SteppingClock());
    ASSERT_TRUE(resumed);
    EXPECT_EQ(toJson(snapshotOf(*(*resumed))), toJson(snapshotOf(*(*begun))));
}

TEST(ImpedancePolicyFile, OnlyGradeADecidesAndChildrenHaveTheirOwn) {
    const auto with = [](const char* key, const Json& value) {
        Json json = dataFile("policies/impedance.json").at(0);
        json[key] = value;
        return impedancePolicyFromJson(json, "policy");
    };
    EXPECT_TRUE(with("fat_free_mass_adult", "impedance.ffm.sun-2003"));
    EXPECT_FALSE(with("fat_free_mass_adult", "impedance.ffm.gray-1989")); // grade B
    EXPECT_FALSE(with("fat_free_mass_adult", "impedance.tbw.sun-2003"));  // water
    EXPECT_FALSE(with("fat_free_mass_child", "impedance.ffm.kyle-2001")); // adults
    EXPECT_FALSE(with("fluids", "matthie-2005"));                         // to be confirmed
    EXPECT_FALSE(with("geometry", "upside-down"));
    EXPECT_FALSE(with("resistance_error", 0.0));
    EXPECT_FALSE(with("alongside", Json::array({"impedance.ffm.nobody"})));
    const auto policy = impedanceSetting().policy;
    const auto again = impedancePolicyFromJson(toJson(policy), "again");
    ASSERT_TRUE(again) << again.error().english();
    EXPECT_EQ(toJson(*again), toJson(policy));
}

TEST(TeamQueue, CallsInOrderAndKnowsWhoseCodeItIs) {
    const TeamQueue queue({{"a", "SD-01", TeamState::Done},
                           {"b", "SD-02", TeamState::Aside},
                           {"c", "SD-03", TeamState::Waiting},
                           {"d", "SD-04", TeamState::Waiting}});
    EXPECT_EQ(queue.next()->code, "SD-03");
    EXPECT_EQ(queue.left(), 3);
    EXPECT_TRUE(queue.byCode("SD-02").problem.empty()); // called again
    EXPECT_TRUE(queue.byCode("SD-04").problem.empty()); // out of turn is allowed: the code decides
    EXPECT_FALSE(queue.byCode("SD-01").problem.empty());
    EXPECT_FALSE(queue.byCode("SP-101").problem.empty());
    EXPECT_EQ(TeamQueue({{"b", "SD-02", TeamState::Aside}}).next()->code, "SD-02");
    EXPECT_EQ(TeamQueue({{"a", "SD-01", TeamState::Done}}).next(), nullptr);
}

// Only an answer with a time in it grows older.
TEST_F(ImpedanceRun, OnlyTimeIsWaitedFor) {
    auto run = begin();
    int waits = 0, others = 0;
    for (int i = 0; i < static_cast<int>(run.steps().size()); ++i)
        for (const readiness::Rule* rule : run.questions(Step(i))) {
            EXPECT_FALSE(run.answerAfterWaiting(rule->id)) << rule->id; // nothing was asked yet
            const readiness::Answer answer = readiness::answerKeeping(*rule);
            MUST(run.answer(rule->id, answer));
            const bool time = answer.ago || (readiness::growsWithTime(*rule) && answer.number);
            (time ? waits : others) += 1;
            EXPECT_EQ(run.answerAfterWaiting(rule->id).has_value(), time) << rule->id;
        }
    EXPECT_FALSE(run.answerAfterWaiting("no such question"));
    EXPECT_GT(waits, 2);
    EXPECT_GT(others, 2);
}

} // namespace
} // namespace fusain::impedance_procedure_test

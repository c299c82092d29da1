// A test on the densitometer from the phantom to the signature, and what is computed from it.
#include "procedure/all/procedure.hpp"
#include "procedure/meaning/findings.hpp"
#include "procedure/meaning/pattern.hpp"
#include "procedure/meaning/preparation_difference.hpp"
#include "procedure/meaning/same_day.hpp"
#include "record/base/json.hpp"
#include "support/dxa_run.hpp"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>

namespace fusain::dxa_procedure_test {
namespace {

using namespace testing;
using enum DxaStep;

class DxaRun : public ::testing::Test {
protected:
    DxaProcedure begin(const TestSubject& subject = man, std::size_t policy = 0) {
        auto run = DxaProcedure::begin(dxaSetting(policy), "t1", subject, technician, journal, SteppingClock());
        EXPECT_TRUE(run) << run.error().english();
        return std::move(*run);
    }
    DxaProcedure scanned(const dxa::Scan& scan = sheetsScan(), const TestSubject& subject = man) {
        auto run = begin(subject);
        prepare(run);
        const auto kept = run.acceptScan(scanOf(scan));
        EXPECT_TRUE(kept) << kept.error().english();
        return run;
    }
    static ComputedTest computed(const DxaProcedure& run) {
        auto result = computeTest(snapshotOf(run), run.setting().policy);
        EXPECT_TRUE(result) << result.error().english();
        return std::move(*result);
    }
    static bool says(const std::vector<Message>& sentences, const char* words) {
        return std::ranges::any_of(
            sentences, [&](const Message& each) { return each.english().find(words) != std::string::npos; });
    }
    MemoryJournal journal;
};

dxa::RegionReading& at(dxa::Scan& scan, dxa::Region region) {
    return *std::ranges::find(scan.regions, region, &dxa::RegionReading::region);
}

TEST_F(DxaRun, FromThePhantomToTheSignature) {
    auto run = scanned();
    EXPECT_EQ(run.currentStep(), Lines);
    finish(run);
    EXPECT_EQ(run.test().state, TestState::Signed);
    MUST(run.confirm(Report));
    // The same events give the same record.
    const auto again = DxaProcedure::resume(dxaSetting(), run.events(), technician, journal, SteppingClock());
    ASSERT_TRUE(again) << again.error().english();
    EXPECT_EQ(toJson(again->test()), toJson(run.test()));
    const auto read = anyTestFromJson(*parseJson(toJson(run.test()).dump(), "t"), "t");
    ASSERT_TRUE(read) << read.error().english();
    EXPECT_EQ(toJson(*read), toJson(run.test()));
}

TEST_F(DxaRun, GivesTheSheetsNumbers) {
    const auto test = computed(scanned());
    const auto& result = std::get<DxaResult>(test.result);
    EXPECT_NEAR(result.composition.fatPercent.estimate().value(), 25.423728813559322, 1e-12);
    EXPECT_NEAR(result.indices.limbLean.value(), 23.5, 1e-12);
    EXPECT_NEAR(result.legLean.asymmetry.value(), 1.1695906432748495, 1e-12);
    EXPECT_FALSE(result.legLean.real());
    EXPECT_EQ(result.setting, "Scanner, 3.1, whole body");
    EXPECT_EQ(test.density(), nullptr);
    ASSERT_NE(test.composition(), nullptr);
    const auto sheet = test.sheet();
    const auto line = std::ranges::find(sheet, "ALM/H²", &WorkedLine::symbol);
    ASSERT_NE(line, sheet.end());
    EXPECT_NE(line->source.find("Baumgartner"), std::string::npos);
    EXPECT_EQ(test.document().at("method"), "dxa");
    EXPECT_EQ(test.document().at("regions").size(), 10u);
}

TEST_F(DxaRun, AnythingIsRefusedBeforeItsTurn) {
    auto run = begin();
    EXPECT_FALSE(run.acceptScan(scanOf(sheetsScan())));
    EXPECT_FALSE(run.weigh(Kilograms(70), Attribution::typed())); // screening comes first
    prepare(run);
    EXPECT_FALSE(run.confirm(Lines)); // no scan yet
    EXPECT_FALSE(run.weigh(Kilograms(700), Attribution::typed()));
    EXPECT_FALSE(run.readPhantom(Percent(0.24), Percent(24.0))); // a fraction for percent
    EXPECT_FALSE(run.setScanner({}));
    EXPECT_FALSE(run.setAside(1, "none there"));
}

TEST_F(DxaRun, APhantomThatHasDriftedStopsTheTechnician) {
    auto run = begin();
    MUST(run.readPhantom(Percent(24.05), Percent(24.55))); // exactly 0.5
    EXPECT_TRUE(run.isDone(Phantom));
    MUST(run.readPhantom(Percent(24.05), Percent(24.56)));
    EXPECT_FALSE(run.isDone(Phantom));
    EXPECT_EQ(run.stateOf(Phantom), StepState::Current);
    EXPECT_FALSE(run.confirm(Phantom, "in a hurry"));
    run.setAtTheBench(physiologist);
    EXPECT_TRUE(run.confirm(Phantom, "service is coming, one scan for the clinic"));
}

TEST_F(DxaRun, PossiblePregnancyBlocks) {
    auto run = begin(woman);
    MUST(run.answer("dxa_pregnant", {std::nullopt, false, std::nullopt, "unsure"}));
    EXPECT_EQ(run.answerTo("dxa_pregnant")->finding.action, readiness::Action::Blocked);
    EXPECT_FALSE(run.acceptDeviation("dxa_pregnant", "probably not"));
    EXPECT_FALSE(run.weigh(Kilograms(60), Attribution::typed()));
    const auto asked = [&](DxaProcedure& of) {
        const auto questions = of.questions(Screening);
        return std::ranges::any_of(questions, [](const auto* rule) { return rule->id == "dxa_pregnant"; });
    };
    EXPECT_TRUE(asked(run));
    auto his = begin(man);
    EXPECT_FALSE(asked(his));
}

TEST_F(DxaRun, TooHeavyForTheTableIsNotScanned) {
    auto run = begin();
    prepare(run, Kilograms(150.0));
    EXPECT_FALSE(run.tableObstacle());
    MUST(run.weigh(Kilograms(150.1), Attribution::typed()));
    ASSERT_TRUE(run.tableObstacle());
    EXPECT_FALSE(run.acceptScan(scanOf(sheetsScan())));
}

TEST_F(DxaRun, TheDoseOfAYearIsAddedUpAndLimited) {
    auto run = begin();
    MUST(run.stateDose(2, Microsieverts(10.0), 3)); // 10 + 3·5, and 5 more
    EXPECT_NEAR(run.test().dose->lastYear.value(), 25.0, 1e-12);
    EXPECT_NEAR(run.test().dose->withThisScan().value(), 30.0, 1e-12);
    MUST(run.stateDose(9, Microsieverts(45.0), 0)); // exactly 50
    EXPECT_FALSE(run.stateDose(9, Microsieverts(45.0), 1));
    EXPECT_FALSE(run.stateDose(9, Microsieverts(45.0), 1, "the technician says so"));
    run.setAtTheBench(physiologist);
    EXPECT_TRUE(run.stateDose(9, Microsieverts(45.0), 1, "asked for by the clinic"));
    EXPECT_TRUE(std::ranges::any_of(run.test().notes, [](const Note& note) {
        return note.kind == NoteKind::DoseOverridden && note.text == "asked for by the clinic";
    }));
    EXPECT_FALSE(run.stateDose(0, Microsieverts(0.0), -1));
}

TEST_F(DxaRun, RegionsThatDoNotAddUpAreRefusedUnlessThePhysiologistSaysWhy) {
    auto run = begin();
    prepare(run);
    dxa::Scan wrong = sheetsScan();
    at(wrong, dxa::Region::Trunk).fat = Kilograms(8.4);
    const auto refused = run.acceptScan(scanOf(wrong));
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("add up"), std::string::npos) << refused.error().english();
    EXPECT_FALSE(run.acceptScan(scanOf(wrong), "it is fine")); // the technician
    run.setAtTheBench(physiologist);
    MUST(run.acceptScan(scanOf(wrong), "misprint of the densitometer's page"));
    EXPECT_FALSE(run.test().scans[0].verdict.remarks.empty());
    EXPECT_FALSE(computed(run).shared().flags.empty());
    dxa::Scan none = sheetsScan();
    std::erase_if(none.regions, [](const auto& each) { return each.region == dxa::Region::Trunk; });
    EXPECT_FALSE(run.acceptScan(scanOf(none), "no trunk")); // nothing can be computed of it, whoever says so
}

TEST_F(DxaRun, AScanOfSomebodyElseIsNotTaken) {
    auto run = begin();
    prepare(run);
    ScanFile file;
    file.clientCode = "SP-104";
    file.scan = sheetsScan();
    const auto refused = run.acceptFile(file, "SP-101", {}, fromFile(run));
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("SP-104"), std::string::npos);
    file.clientCode = "SP-101";
    file.reported = {{"visceral-fat-mass", 0.6, "kg"}};
    file.bones = {{"total", GramsPerSquareCentimetre(1.2), -0.4, 0.1}};
    MUST(run.acceptFile(file, "SP-101", {}, fromFile(run)));
    const auto test = computed(run);
    const auto& result = std::get<DxaResult>(test.result);
    EXPECT_NEAR(result.visceralVolume->value(), 0.6 / 0.94, 1e-12);
    ASSERT_EQ(result.bone.size(), 1u);
    EXPECT_NE(result.bone[0].english().find("Z-score"), std::string::npos); // a man below 50
    EXPECT_EQ(run.test().scans[0].link, "scan-1.json");
}

TEST_F(DxaRun, ReportedValuesAreCheckedForTheirUnit) {
    auto run = begin();
    EXPECT_FALSE(run.keepReported({{"visceral-fat-mass", 620.0, "kg"}}, {})); // grams
    EXPECT_FALSE(run.keepReported({{"", 1.0, ""}}, {}));
    EXPECT_FALSE(run.keepReported({}, {{"total", {}, -25.0, {}}}));
    EXPECT_FALSE(run.keepReported({{"x", std::nan(""), ""}}, {}));
}

TEST_F(DxaRun, AScanSetAsideStaysOnTheRecordAndComesBack) {
    auto run = scanned();
    EXPECT_FALSE(run.setAside(1, "  "));
    MUST(run.setAside(1, "moved"));
    EXPECT_FALSE(run.isDone(DxaStep::Scan));
    EXPECT_FALSE(computeDxa(run.test(), run.setting().policy));
    MUST(run.restore(1));
    EXPECT_TRUE(run.isDone(DxaStep::Scan));
    MUST(run.undo());
    EXPECT_FALSE(run.isDone(DxaStep::Scan));
}

TEST_F(DxaRun, AHalfBodyIsMarkedAndItsSidesAreNotCompared) {
    auto run = begin();
    prepare(run, Kilograms(71.2));
    const dxa::Scan sheet = sheetsScan();
    dxa::Scan half;
    for (const auto region : {dxa::Region::RightArm, dxa::Region::RightLeg})
        half.regions.push_back(*sheet.of(region));
    for (const auto region : {dxa::Region::Trunk, dxa::Region::Head}) {
        auto reading = *sheet.of(region);
        half.regions.push_back(
            {region, 0.5 * reading.fat, 0.5 * reading.lean, 0.5 * reading.boneMineral, {}, {}});
    }
    DxaScan scan = scanOf(*dxa::mirrored(half));
    EXPECT_FALSE(run.acceptScan(scan)); // copied, but not said so
    scan.halfBody = "right";
    MUST(run.acceptScan(scan));
    const auto test = computed(run);
    EXPECT_TRUE(says(test.shared().flags, "mirrored"));
    EXPECT_NE(test.shared().setting.find("half body"), std::string::npos);
    EXPECT_FALSE(says(dxaFindings(std::get<DxaResult>(test.result), run.test()), "right leg"));
    scan.halfBody = "upper";
    EXPECT_FALSE(run.acceptScan(scan));
}

TEST_F(DxaRun, AnotherSoftwareIsNotCompared) {
    std::vector<ComputedTest> before{computed(scanned())};
    dxa::Scan later = sheetsScan();
    at(later, dxa::Region::Trunk).fat = Kilograms(7.4);
    at(later, dxa::Region::Subtotal).fat = Kilograms(15.0);
    at(later, dxa::Region::Total).fat = Kilograms(16.0);
    auto run = begin();
    prepare(run, Kilograms(68.8));
    DxaScan scan = scanOf(later);
    scan.scanner = {"Scanner", "4.0", "whole body"};
    MUST(run.acceptScan(scan));
    const auto now = computed(run);
    const Statements other({.test = &now, .history = before});
    ASSERT_TRUE(other.obstacle());
    EXPECT_NE(other.obstacle()->english().find("4.0"), std::string::npos);
    EXPECT_FALSE(other.preparedOtherwise());
    EXPECT_FALSE(other.change(Followed::FatMass, Since::Last));
    const auto sentences = findings(now, other, &before.back());
    EXPECT_TRUE(says(sentences, "not comparable"));
    EXPECT_FALSE(says(sentences, "since 20"));
    // With the same software two kilograms are a change that two scans can tell apart.
    std::get<DxaResult>(before.front().result).setting = now.shared().setting;
    const Statements same({.test = &now, .history = before});
    EXPECT_FALSE(same.obstacle());
    EXPECT_TRUE(says(findings(now, same, &before.back()), "exceeds the LSC"));
}

// The lower limit is for whoever is not yet 18.
TEST_F(DxaRun, MinorsHaveALowerYearlyDose) {
    const DxaPolicy policy = dxaSetting().policy;
    EXPECT_EQ(policy.yearlyDoseOf(Years(17.99)).value(), 20.0);
    EXPECT_EQ(policy.yearlyDoseOf(Years(18.0)).value(), 50.0);
    DxaPolicy strict = policy;
    strict.yearlyDose = Microsieverts(15.0);
    EXPECT_EQ(strict.yearlyDoseOf(Years(10.0)).value(), 15.0) << "never more than adults";
}

TEST_F(DxaRun, ThePolicyKnowsPoundsPercentAndNonsense) {
    const auto pounds = dxaSetting(2).policy;
    EXPECT_NEAR(pounds.balance.arms, 0.45359237, 1e-12);
    EXPECT_EQ(pounds.convention, dxa::FatConvention::SoftTissue);
    EXPECT_EQ(dxaSetting(1).policy.balance.kind, dxa::BalanceThreshold::Kind::Percent);
    const auto with = [](const char* key, const Json& value) {
        Json json = dataFile("policies/dxa.json").at(0);
        json[key] = value;
        return dxaPolicyFromJson(json, "p").has_value();
    };
    EXPECT_FALSE(with("fat_convention", "mine"));
    EXPECT_FALSE(with("phantom_tolerance_percent", 0.0));
    EXPECT_FALSE(with("table_limit_kg", 10.0));
    EXPECT_FALSE(with("balance", Json{{"unit", "stone"}, {"arms", 1}, {"legs", 1}}));
    EXPECT_FALSE(with("precision", Json{{"fat", -0.1}}));
    EXPECT_TRUE(with("yearly_dose_usv", 20.0));
    const auto again = dxaPolicyFromJson(toJson(pounds), "again");
    ASSERT_TRUE(again) << again.error().english();
    EXPECT_EQ(toJson(*again), toJson(pounds));
}

} // namespace
} // namespace fusain::dxa_procedure_test

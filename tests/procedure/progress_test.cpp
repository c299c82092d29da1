// Progress over visits, and several methods of one day.
#include "procedure/all/procedure.hpp"
#include "procedure/meaning/across_methods.hpp"
#include "procedure/meaning/progress.hpp"
#include "record/base/json.hpp"
#include "support/dxa_run.hpp"
#include "support/impedance_run.hpp"

#include <cmath>
#include <gtest/gtest.h>

namespace fusain::progress_test {
namespace {

using namespace testing;

dxa::Scan leaner(double kilograms) {
    dxa::Scan scan = sheetsScan();
    for (const auto region : {dxa::Region::Trunk, dxa::Region::Subtotal, dxa::Region::Total})
        std::ranges::find(scan.regions, region, &dxa::RegionReading::region)->fat -= Kilograms(kilograms);
    return scan;
}

class Visits : public ::testing::Test {
protected:
    ComputedTest scan(const dxa::Scan& readings, const char* when, const char* software = "3.1",
                      const std::string& id = "t") {
        auto run = *DxaProcedure::begin(dxaSetting(), id, man, technician, journal,
                                        SteppingClock(*instantFromIso(when)));
        const Kilograms mass = readings.of(dxa::Region::Total)->mass();
        prepare(run, mass);
        DxaScan record = scanOf(readings);
        record.scanner = {"Scanner", software, "whole body"};
        const auto kept = run.acceptScan(record);
        EXPECT_TRUE(kept) << kept.error().english();
        return *computeTest(snapshotOf(run), run.setting().policy);
    }
    ComputedTest sweep(const char* when) {
        auto run = *ImpedanceProcedure::begin(impedanceSetting(), "i", man, technician, journal,
                                              SteppingClock(*instantFromIso(when)));
        prepare(run);
        const auto kept = run.acceptSweep(cleanSweep(), linked(run));
        EXPECT_TRUE(kept);
        return *computeTest(snapshotOf(run), run.setting().policy);
    }
    ComputedTest tank(const char* when) {
        auto run = *HydrostaticProcedure::begin(standardSetting(), "h", man, technician, journal,
                                                SteppingClock(*instantFromIso(when)));
        prepare(run);
        weighThreeTimes(run);
        return *computeTest(snapshotOf(run), run.setting().policy);
    }
    MemoryJournal journal;
};

TEST_F(Visits, AChangeIsRealBeyondTheLeastSignificantOne) {
    const auto before = scan(sheetsScan(), "2026-01-01T08:00:00.000Z");
    // Fat 18 → 16 kg. By hand: 1.96·√((0.03·18)² + (0.03·16)²) = 1.416 kg, and the scanner's own
    // bias, 2.3 % of the mass, is 0.046 kg less.
    const auto after = scan(leaner(2.0), "2026-03-12T08:00:00.000Z");
    const Comparison fat = compare(Followed::FatMass, before, after);
    EXPECT_EQ(fat.verdict, Verdict::Real);
    EXPECT_NEAR(fat.change.difference, -2.0, 1e-9);
    EXPECT_NEAR(fat.change.leastSignificant, 1.41892, 1e-4);
    EXPECT_NEAR(*fat.perWeek, -0.2, 1e-3); // seventy days
    EXPECT_NE(fat.why.english().find("exceeds the LSC"), std::string::npos);
    EXPECT_EQ(compare(Followed::FatMass, before, scan(leaner(1.0), "2026-03-12T08:00:00.000Z")).verdict,
              Verdict::MayBeNoise);
    // The lab's own study takes the place of the model: 1.96·√2·0.3 = 0.83 kg.
    LabPrecision own;
    own.fatMass = StudiedError{0.3, true};
    const Comparison better =
        compare(Followed::FatMass, before, scan(leaner(1.0), "2026-03-12T08:00:00.000Z"), own);
    EXPECT_EQ(better.verdict, Verdict::Real);
    EXPECT_NEAR(better.change.leastSignificant, 0.8328, 1e-3);
}

TEST_F(Visits, OtherInstrumentsAndMethodsAreNotCompared) {
    const auto before = scan(sheetsScan(), "2026-01-01T08:00:00.000Z");
    const auto update = scan(leaner(2.0), "2026-03-12T08:00:00.000Z", "4.0");
    const Comparison other = compare(Followed::FatMass, before, update);
    EXPECT_EQ(other.verdict, Verdict::NotComparable);
    EXPECT_NE(other.why.english().find("4.0"), std::string::npos);
    EXPECT_EQ(compare(Followed::Mass, before, update).verdict, Verdict::Real); // the scale is the scale
    EXPECT_EQ(compare(Followed::FatMass, before, sweep("2026-03-12T08:00:00.000Z")).verdict,
              Verdict::NotComparable);
    EXPECT_EQ(compare(Followed::PhaseAngle, before, update).verdict, Verdict::NotComparable);
    const std::vector<ComputedTest> all{before, update, sweep("2026-03-12T09:00:00.000Z")};
    EXPECT_EQ(seriesOf(Followed::FatMass, all).size(), 3u); // never joined
    EXPECT_EQ(seriesOf(Followed::Mass, all).size(), 2u);
    EXPECT_EQ(seriesOf(Followed::PhaseAngle, all).size(), 1u);
}

TEST_F(Visits, EveryQuantityHasItsWordsAndItsTests) {
    const auto dxa = scan(sheetsScan(), "2026-01-01T08:00:00.000Z");
    const auto impedance = sweep("2026-01-01T09:00:00.000Z");
    for (const FollowedText& each : followedQuantities()) {
        EXPECT_FALSE(each.title.empty());
        EXPECT_EQ(&textOf(each.quantity), &each);
        if (each.quantity != Followed::VisceralFat) {
            EXPECT_TRUE(valueOf(each.quantity, dxa) || valueOf(each.quantity, impedance)) << each.id;
        }
    }
    for (const FollowedText& each : followedRegions()) {
        EXPECT_EQ(&textOf(each.quantity), &each);
        EXPECT_TRUE(valueOf(each.quantity, dxa)) << each.id;
        EXPECT_FALSE(valueOf(each.quantity, impedance)) << each.id;
    }
    // A leg of 8.5 kg of lean repeats to 1.8 %, its 2.7 kg of fat to 2.5 %.
    EXPECT_NEAR(valueOf(Followed::LeftLegLean, dxa)->value, 8.5, 1e-12);
    EXPECT_NEAR(valueOf(Followed::LeftLegLean, dxa)->visitError, 0.153, 1e-12);
    EXPECT_NEAR(valueOf(Followed::LeftLegFat, dxa)->visitError, 0.0675, 1e-12);
    EXPECT_NEAR(valueOf(Followed::TrunkFat, dxa)->value, 9.4, 1e-12);
    EXPECT_NEAR(valueOf(Followed::LimbLean, dxa)->value, 23.5, 1e-12);
}

TEST_F(Visits, ATrendComesWithTheFourthVisit) {
    std::vector<ComputedTest> visits;
    const char* days[] = {"2025-09-01T08:00:00.000Z", "2025-11-03T08:00:00.000Z", "2026-01-05T08:00:00.000Z",
                          "2026-03-09T08:00:00.000Z"};
    for (int i = 0; i < 4; ++i) {
        const auto lines = seriesOf(Followed::FatMass, visits);
        EXPECT_FALSE(!lines.empty() && trendOf(lines[0]));
        visits.push_back(scan(leaner(0.9 * i), days[i]));
    }
    const auto trend = trendOf(seriesOf(Followed::FatMass, visits)[0]);
    ASSERT_TRUE(trend);
    EXPECT_NEAR(trend->perWeek, -0.1, 1e-9); // 0.9 kg in nine weeks, every time
    EXPECT_TRUE(trend->real());
}

TEST_F(Visits, TheBalanceAddsUpToTheChangeOfMass) {
    const auto before = scan(sheetsScan(), "2026-01-01T08:00:00.000Z");
    const auto balance = massBalance(before, scan(leaner(2.0), "2026-03-12T08:00:00.000Z"));
    ASSERT_TRUE(balance);
    ASSERT_EQ(balance->parts.size(), 3u);
    EXPECT_EQ(balance->parts[0].name, "fat");
    EXPECT_NEAR(balance->mass.value(), -2.0, 1e-9);
    EXPECT_FALSE(balance->parts[1].change.real());
    const auto water = massBalance(sweep("2026-01-01T09:00:00.000Z"), sweep("2026-03-12T09:00:00.000Z"));
    ASSERT_TRUE(water);
    EXPECT_EQ(water->parts[1].name, "water");
    EXPECT_FALSE(massBalance(before, sweep("2026-03-12T09:00:00.000Z")));
}

TEST_F(Visits, AnAdoptedCrossCalibrationKeepsAHistoryAndIsMarked) {
    // 40 people on the line b = 1 + 0.95·a: no residual, no scatter.
    std::vector<quality::PairedValue> pairs;
    for (int i = 0; i < 40; ++i)
        pairs.push_back({12.0 + 0.6 * i, 1.0 + 0.95 * (12.0 + 0.6 * i)});
    const auto deming = quality::demingLine(pairs);
    const auto when = *instantFromIso("2026-02-01T08:00:00.000Z");
    const auto line = crossCalibrationFrom(*deming, "hydrostatic", "dxa", 0.5, 0.8, when);
    ASSERT_TRUE(line) << line.error().english();
    EXPECT_NEAR(line->slope, 0.95, 1e-9);
    EXPECT_EQ(line->scatter.value(), 0.0);
    const auto before = tank("2025-03-04T10:00:00.000Z"), now = scan(sheetsScan(), "2026-03-12T08:00:00.000Z");
    const double then = before.composition()->fatPercent.estimate().value();
    ASSERT_TRUE(line->covers(then)) << then;
    const Comparison comparison = compareConverted(before, now, *line);
    ASSERT_NE(comparison.verdict, Verdict::NotComparable) << comparison.why.english();
    EXPECT_NEAR(comparison.change.difference, 25.423728813559322 - (1.0 + 0.95 * then), 1e-9);
    EXPECT_NE(comparison.why.english().find("converted"), std::string::npos);
    EXPECT_EQ(compareConverted(now, before, *line).verdict, Verdict::NotComparable); // never backwards
    CrossCalibration narrow = *line;
    narrow.least = Percent(then + 1.0);
    EXPECT_EQ(compareConverted(before, now, narrow).verdict, Verdict::NotComparable);
    pairs.resize(29);
    EXPECT_FALSE(crossCalibrationFrom(*quality::demingLine(pairs), "hydrostatic", "dxa", 0.5, 0.8, when));
    const auto back = crossCalibrationFromJson(toJson(*line), "x");
    ASSERT_TRUE(back);
    EXPECT_EQ(toJson(*back), toJson(*line));
    Json same = toJson(*line);
    same["to"] = "hydrostatic";
    EXPECT_FALSE(crossCalibrationFromJson(same, "x"));
}

TEST(WeeklyRate, IsHeldAgainstTheUsualRange) {
    EXPECT_NE(rateSentence(-0.5, Kilograms(80)).english().find("within the usual"), std::string::npos);
    EXPECT_NE(rateSentence(-0.8, Kilograms(80)).english().find("within the usual"), std::string::npos); // 1 %
    EXPECT_NE(rateSentence(-1.0, Kilograms(80)).english().find("Lean mass is lost"),
              std::string::npos);                                                                // 1.25 %
    EXPECT_NE(rateSentence(-1.5, Kilograms(80)).english().find("physician"), std::string::npos); // 1.9 %
    EXPECT_NE(rateSentence(0.3, Kilograms(80)).english().find("gained"), std::string::npos);
}

TEST_F(Visits, ADayOfThreeMethodsGivesPairsAndModels) {
    const std::vector<ComputedTest> day{tank("2026-03-04T10:00:00.000Z"), sweep("2026-03-04T08:30:00.000Z"),
                                        scan(sheetsScan(), "2026-03-04T08:05:00.000Z")};
    const MethodsOfADay together = acrossMethods(day);
    ASSERT_EQ(together.values.size(), 3u);
    EXPECT_EQ(together.values[0].method, methodHydrostatic); // in the order of the methods
    EXPECT_EQ(together.pairs.size(), 3u);
    ASSERT_FALSE(together.models.empty());
    EXPECT_EQ(together.models.front().model->id, "fat.four.wang-2002");
    // Wang by hand from what the tests gave.
    const auto& volume = day[0].density()->body.volume.estimate();
    const auto& impedance = std::get<ImpedanceResult>(day[1].result);
    const double mass = day[0].shared().mass.value();
    const double fat =
        100.0 * (2.748 * volume.value() / mass - 0.699 * 0.9937 * impedance.fluids->total().value() / mass +
                 1.129 * 2.8 / mass - 2.051);
    EXPECT_NEAR(together.models.front().composition.fatPercent.estimate().value(), fat, 1e-9);
    EXPECT_EQ(together.inputs.size(), 4u); // and what a wider spread of water would do
    // Without the scan only three components are left, without water none.
    EXPECT_EQ(acrossMethods(std::span(day).first(2)).models.front().model->components(), 3);
    EXPECT_TRUE(acrossMethods(std::span(day).first(1)).models.empty());
    EXPECT_TRUE(acrossMethods({}).values.empty());

    // Water by dilution takes the place of that of the spectrum, and is much surer.
    const WaterSample water{day[0].record().startedAt, "oriel", impedance.fluids->total(), {}};
    const MethodsOfADay diluted = acrossMethods(day, water);
    EXPECT_NEAR(diluted.models.front().composition.fatPercent.estimate().value(), fat, 1e-9);
    EXPECT_LT(diluted.models.front().composition.fatPercent.halfInterval(),
              0.75 * together.models.front().composition.fatPercent.halfInterval());
    EXPECT_EQ(diluted.inputs.size(), 3u);
    // Put together: surer than the surest, and not with one.
    ASSERT_TRUE(together.best);
    for (const MethodValue& value : together.values)
        EXPECT_LE(together.best->fatPercent.totalError(), value.fatPercent.totalError());
    EXPECT_NEAR(together.best->weights[0] + together.best->weights[1] + together.best->weights[2], 1.0, 1e-12);
    EXPECT_FALSE(acrossMethods(std::span(day).first(1)).best);
}

// Φ of the change over its standard error: at the limit itself 97.5 %.
TEST(DirectionOfAChange, IsANormalProbability) {
    EXPECT_NEAR((Change{1.0, 1.0}.directionProbability()), 0.975, 1e-9);
    EXPECT_NEAR((Change{-0.5, 1.0}.directionProbability()), 0.836453, 1e-6);
    EXPECT_NEAR((Change{0.0, 1.0}.directionProbability()), 0.5, 1e-12);
    EXPECT_EQ((Change{0.2, 0.0}.directionProbability()), 1.0);
}

TEST_F(Visits, TheNextTestWaitsForWhatTheLabCanSee) {
    auto outcome = *outcomeOf(tank("2026-03-04T10:00:00.000Z"));
    const auto weeks = [&](double error) {
        LabPrecision own;
        own.fatMass = StudiedError{error, true};
        return weeksToNextTest(outcome, own);
    };
    EXPECT_EQ(weeks(0.05), 2);                              // never sooner
    EXPECT_EQ(weeks(0.9 / (normal95 * std::sqrt(2.0))), 4); // 0.9 kg at 0.25 a week: 3.6 weeks
    EXPECT_EQ(weeks(5.0), 26);                              // nor later than half a year
    EXPECT_EQ(weeksAfter(Instant{0}, 4).milliseconds, 4LL * 7 * 24 * 3600 * 1000);
}

TEST_F(Visits, PairsAreOfOnePersonAndOneDay) {
    const auto sameDay = [](Instant a, Instant b) {
        return a.milliseconds / 86400000 == b.milliseconds / 86400000;
    };
    const std::vector<ComputedTest> tests{tank("2026-03-04T10:00:00.000Z"), sweep("2026-03-04T08:30:00.000Z"),
                                          sweep("2026-03-05T08:30:00.000Z"),
                                          scan(sheetsScan(), "2026-03-07T08:00:00.000Z")};
    EXPECT_EQ(pairedFat(tests, methodHydrostatic, methodImpedance, sameDay).size(), 1u);
    EXPECT_TRUE(pairedFat(tests, methodHydrostatic, methodDxa, sameDay).empty());
}

} // namespace
} // namespace fusain::progress_test

// The sheet's people: man 175 cm 70 kg 30 y FFM 58, woman 165 cm 60 kg 30 y FFM 43.
#include "core/energy/resting.hpp"
#include "core/energy/weight_change.hpp"
#include "support/property.hpp"

#include <gtest/gtest.h>

namespace fusain::energy::energy_test {
namespace {

const RestingSubject man{Sex::Male, Years(30), Metres(1.75), Kilograms(70), Kilograms(58), true};
const RestingSubject woman{Sex::Female, Years(30), Metres(1.65), Kilograms(60), Kilograms(43), true};

double of(const char* id, const RestingSubject& subject) {
    return findRestingEquation(id)->compute(subject).value();
}

TEST(RestingEnergy, EveryEquationGivesTheSheetsNumbers) {
    struct Row {
        const char* id;
        double man, woman;
    };
    for (const Row& row :
         {Row{"energy.rmr.harris-benedict-1919", 1702.0125, 1393.8155},
          Row{"energy.rmr.roza-shizgal-1984", 1695.667, 1383.683},
          Row{"energy.rmr.mifflin-1990", 1648.75, 1320.25}, Row{"energy.rmr.cunningham-1980", 1776.0, 1446.0},
          Row{"energy.rmr.cunningham-1991", 1622.8, 1298.8}, Row{"energy.rmr.owen-1987", 1593.0, 1225.8},
          Row{"energy.rmr.mueller-2004", 1690.58, 1337.09},
          Row{"energy.rmr.ten-haaf-2014.mass", 1840.48, 1471.3202},
          Row{"energy.rmr.ten-haaf-2014.fat-free-mass", 1804.982, 1463.417},
          Row{"energy.rmr.schofield-1985", 1676.14, 1333.16}, Row{"energy.rmr.henry-2005", 1604.45, 1306.98}}) {
        EXPECT_NEAR(of(row.id, man), row.man, 0.02) << row.id;
        EXPECT_NEAR(of(row.id, woman), row.woman, 0.02) << row.id;
    }
    EXPECT_NEAR(of("energy.rmr.de-lorenzo-1999", man), 1820.5, 1e-9);
}

// The whole of the last year of age belongs to a published range, and the day after does not.
TEST(RestingEnergy, ARangeOfAgesEndsWithItsLastCompletedYear) {
    const auto covers = [](const char* id, double age) {
        RestingSubject subject = man;
        subject.age = Years(age);
        return findRestingEquation(id)->covers(subject);
    };
    struct Range {
        const char* id;
        double from, to;
    };
    for (const Range& each : {Range{"energy.rmr.mifflin-1990", 19, 78}, Range{"energy.rmr.owen-1987", 18, 82},
                              Range{"energy.rmr.ten-haaf-2014.mass", 18, 35},
                              Range{"energy.rmr.ten-haaf-2014.fat-free-mass", 18, 35}}) {
        EXPECT_FALSE(covers(each.id, each.from - 0.01)) << each.id;
        EXPECT_TRUE(covers(each.id, each.from)) << each.id;
        EXPECT_TRUE(covers(each.id, each.to + 0.99)) << each.id;
        EXPECT_FALSE(covers(each.id, each.to + 1.0)) << each.id;
    }
    RestingSubject old = man;
    old.fatFreeMass.reset();
    old.age = Years(78.99);
    EXPECT_EQ(usualEquation(old).id, "energy.rmr.mifflin-1990");
    old.age = Years(79.0);
    EXPECT_EQ(usualEquation(old).id, "energy.rmr.henry-2005");
}

TEST(RestingEnergy, EquationsKeepToTheirPeople) {
    EXPECT_FALSE(findRestingEquation("energy.rmr.de-lorenzo-1999")->covers(woman)); // 22 % too high
    RestingSubject child = woman;
    child.age = Years(11);
    child.athlete = false;
    for (const RestingEstimate& each : restingEstimates(child))
        EXPECT_TRUE(each.equation->id == "energy.rmr.schofield-1985" ||
                    each.equation->id == "energy.rmr.henry-2005");
    EXPECT_EQ(usualEquation(child).id, "energy.rmr.henry-2005");
    EXPECT_EQ(usualEquation(man).id, "energy.rmr.cunningham-1980");
    RestingSubject plain = man;
    plain.athlete = false;
    EXPECT_EQ(usualEquation(plain).id, "energy.rmr.cunningham-1991");
    plain.fatFreeMass.reset();
    EXPECT_EQ(usualEquation(plain).id, "energy.rmr.mifflin-1990");
    for (const RestingEstimate& each : restingEstimates(plain))
        EXPECT_FALSE(each.equation->needsFatFreeMass);
}

TEST(RestingEnergy, BandsBeginAtTheirAge) {
    RestingSubject subject = man;
    subject.age = Years(29.99);
    EXPECT_NEAR(of("energy.rmr.schofield-1985", subject), 15.057 * 70 + 692.2, 1e-9); // 1746, sheet 1
    subject.age = Years(30.0);
    EXPECT_NEAR(of("energy.rmr.schofield-1985", subject), 1676.14, 1e-9);
}

TEST(RestingEnergy, GasesGiveWeirAndAreChecked) {
    EXPECT_NEAR(restingFromGases(0.250, 0.2125).value(), 1757.196, 1e-9); // sheet 1
    EXPECT_TRUE(acceptableResting(0.250, 0.2125, 10.0));
    EXPECT_FALSE(acceptableResting(0.250, 0.2125, 10.1));
    EXPECT_FALSE(acceptableResting(0.250, 0.150, 5.0)); // quotient 0.60
    EXPECT_FALSE(acceptableResting(0.250, 0.260, 5.0)); // 1.04
}

// By hand: √(0.15² + (0.15/1.6)²) = 0.17689; √(0.18² + (0.15/1.6)²) = 0.20296; from a BMI of 30 on.
TEST(RestingEnergy, WhatOnePersonSpendsIsKnownToASixth) {
    EXPECT_NEAR(expenditureInterval(KilogramsPerSquareMetre(24.0), 1.6), 0.17689, 1e-5);
    EXPECT_NEAR(expenditureInterval(KilogramsPerSquareMetre(29.999), 1.6), 0.17689, 1e-5);
    EXPECT_NEAR(expenditureInterval(KilogramsPerSquareMetre(30.0), 1.6), 0.20296, 1e-5);
    EXPECT_LT(expenditureInterval(KilogramsPerSquareMetre(24.0), 2.4),
              expenditureInterval(KilogramsPerSquareMetre(24.0), 1.2));
}

TEST(ActivityOfADay, IsTheHoursTimesTheirCost) {
    // Sheet 2.1: 41.6 MET-h, level 1.7333.
    const std::array day{Activity{8, 0.95}, Activity{8, 1.5}, Activity{4, 1.3},
                         Activity{2, 2.5},  Activity{1, 3.5}, Activity{1, 8.3}};
    EXPECT_NEAR(activityLevel(day), 41.6 / 24.0, 1e-12);
    EXPECT_EQ(activityLevel({}), 1.0);
    EXPECT_EQ(activityBand(1.69), "sedentary or light");
    EXPECT_EQ(activityBand(1.70), "active or moderately active");
    EXPECT_EQ(activityBand(2.41), "hard to keep up for long");
}

TEST(Partition, GivesTheSheetsTable) {
    EXPECT_NEAR(fatFreeShare(Kilograms(28)), 0.2708, 5e-5);
    EXPECT_NEAR(fatMassAfter(Kilograms(12), Kilograms(-5)).value(), 9.4664, 5e-5);
    EXPECT_NEAR(fatMassAfter(Kilograms(28), Kilograms(-10)).value(), 20.9946, 5e-5);
    EXPECT_NEAR(fatMassAfter(Kilograms(60), Kilograms(-5)).value(), 55.7618, 5e-5);
    // Lean share of a gain of 5 kg from 17 kg of fat: 0.3592
    EXPECT_NEAR(1.0 - (fatMassAfter(Kilograms(17), Kilograms(5)).value() - 17.0) / 5.0, 0.3592, 5e-5);
}

TEST(Partition, MoreLossIsLessFatAndNeverNone) {
    testing::holdsFor("monotone", [] {
        const double fat = *rc::gen::inRange(30, 800) / 10.0;
        const double change = *rc::gen::inRange(-200, 200) / 10.0;
        const Kilograms after = fatMassAfter(Kilograms(fat), Kilograms(change));
        RC_ASSERT(after.value() > 0.0);
        RC_ASSERT(after < fatMassAfter(Kilograms(fat), Kilograms(change + 0.5)));
        RC_ASSERT(std::abs(after.value() - fat) <= std::abs(change) + 1e-9);
    });
}

TEST(TargetOfFat, BothEndsAreTheSheets) {
    const TargetMass target = targetMass(Kilograms(28), Kilograms(67), 0.20);
    EXPECT_NEAR(target.fatFreeKept.value(), 83.75, 1e-9);
    EXPECT_NEAR(target.byPartition.value(), 75.77, 0.005);
    const TargetMass lean = targetMass(Kilograms(12), Kilograms(58), 0.12);
    EXPECT_NEAR(lean.fatFreeKept.value(), 65.91, 0.005);
    EXPECT_NEAR(lean.byPartition.value(), 59.84, 0.005);
    const TargetMass small = targetMass(Kilograms(17), Kilograms(43), 0.22);
    EXPECT_NEAR(small.byPartition.value(), 49.07, 0.005);
}

const DietSubject heavyMan{Kilograms(95), Kilograms(28), KilocaloriesPerDay(1905), 1.6};

TEST(DynamicWeight, FollowsTheSheetsTwelveWeeks) {
    struct Row {
        int day;
        double mass, fat, expenditure;
    };
    const auto course = dynamicCourse(heavyMan, KilocaloriesPerDay(-500), 84);
    for (const Row& row :
         {Row{7, 94.249, 27.728, 2950}, Row{14, 93.878, 27.458, 2928}, Row{28, 93.181, 26.954, 2900},
          Row{56, 91.891, 26.028, 2870}, Row{84, 90.687, 25.171, 2849}}) {
        const DietDay& day = course[static_cast<std::size_t>(row.day)];
        EXPECT_NEAR(day.mass.value(), row.mass, 0.01) << row.day;
        EXPECT_NEAR(day.fatMass.value(), row.fat, 0.01) << row.day;
        EXPECT_NEAR(day.expenditure.value(), row.expenditure, 2.0) << row.day;
    }
    EXPECT_NEAR(staticChange(KilocaloriesPerDay(-500), 84).value(), -5.455, 5e-4);
}

TEST(DynamicWeight, TenYearsReproduceThePapersRule) {
    const auto course = dynamicCourse(heavyMan, KilocaloriesPerDay(-500), 3650);
    EXPECT_NEAR((course.back().mass - heavyMan.mass).value(), -20.96, 0.1); // sheet 2.5
    EXPECT_NEAR((course[365].mass - heavyMan.mass).value(), -13.0, 0.1);
}

TEST(DynamicWeight, NothingChangesInBalance) {
    const auto course = dynamicCourse(heavyMan, KilocaloriesPerDay(0), 365);
    EXPECT_NEAR(course.back().mass.value(), 95.0, 1e-6);
    EXPECT_NEAR(course.back().expenditure.value(), 3048.0, 1e-3);
}

TEST(DynamicWeight, TheIntakeForAGoalReachesIt) {
    const KilocaloriesPerDay intake = intakeFor(heavyMan, Kilograms(-4.313), 84);
    EXPECT_NEAR(intake.value(), -500.0, 3.0);
    EXPECT_NEAR((dynamicCourse(heavyMan, intake, 84).back().mass - heavyMan.mass).value(), -4.313, 0.01);
}

} // namespace
} // namespace fusain::energy::energy_test

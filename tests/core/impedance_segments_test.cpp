// Cylinders, balance, the lab's own calibrations, amputation.
#include "core/impedance/paired_regression.hpp"
#include "core/impedance/segmental.hpp"

#include <cmath>
#include <gtest/gtest.h>
#include <random>

namespace fusain::impedance::impedance_segments_test {
namespace {

// The sheet's worked man: 175 cm, 57.1445 kg fat-free, contact resistances of its table, each resistivity
// chosen so that the reference shares come out; then the right leg 5 % lower and the trunk 1 Ω higher.
TEST(Segments, TheWorkedManOfTheSheet) {
    const Metres height(1.75);
    const double lean = 0.95 * 57.1445;
    const std::map<Segment, double> table{{Segment::RightArm, 300.1},
                                          {Segment::LeftArm, 306.1},
                                          {Segment::Trunk, 23.6},
                                          {Segment::RightLeg, 234.3},
                                          {Segment::LeftLeg, 235.7}};
    SegmentModel model;
    std::map<Segment, Ohms> read;
    for (const auto& [segment, ohms] : table) {
        model.resistivity[segment] = referenceShare(segment, Sex::Male) * lean /
                                     cylinderLean(1.0, height * lengthFraction(segment), Ohms(ohms)).value();
        model.relativeError[segment] = 0.1;
        read.emplace(segment, Ohms(ohms));
    }
    read[Segment::RightLeg] = Ohms(234.3 * 0.95);
    read[Segment::Trunk] = Ohms(24.6);
    const auto found = segmentLean(read, Sex::Male, height, model, Kilograms(57.1445));
    ASSERT_TRUE(found);
    const auto raw = [&](Segment segment) { return found->of(segment)->raw.value(); };
    const auto scaled = [&](Segment segment) { return found->of(segment)->scaled.value(); };
    EXPECT_NEAR(raw(Segment::RightArm), 3.420, 1e-3);
    EXPECT_NEAR(raw(Segment::Trunk), 24.375, 5e-3);
    EXPECT_NEAR(raw(Segment::RightLeg), 9.829, 1e-3);
    EXPECT_NEAR(raw(Segment::LeftLeg), 9.337, 1e-3);
    EXPECT_NEAR(*found->closure, 1.0107, 1e-4);
    EXPECT_NEAR(scaled(Segment::RightArm), 3.457, 1e-3);
    EXPECT_NEAR(scaled(Segment::Trunk), 24.636, 5e-3);
    EXPECT_NEAR(scaled(Segment::RightLeg), 9.934, 1e-3);
    EXPECT_NEAR(scaled(Segment::LeftLeg), 9.437, 1e-3);
}

TEST(Segments, ReferenceLeanByHeight) {
    // Sheet 5.9: k = share·0.95·FFMI; men arm 1.1312, leg 3.0883, trunk 8.4029; women 0.7608, 2.4944, 7.0956.
    EXPECT_NEAR(referenceLean(Segment::RightArm, Sex::Male, Metres(1.0)).value(), 1.1312, 1e-4);
    EXPECT_NEAR(referenceLean(Segment::LeftLeg, Sex::Male, Metres(1.0)).value(), 3.0883, 1e-4);
    EXPECT_NEAR(referenceLean(Segment::Trunk, Sex::Female, Metres(1.0)).value(), 7.0956, 1e-4);
    EXPECT_NEAR(referenceLean(Segment::RightLeg, Sex::Female, Metres(1.65)).value(), 6.791, 1e-3);
}

TEST(Segments, TheShippedModelGivesItsReferenceAdultAndSaysThatItIsUncalibrated) {
    const auto model = uncalibratedModel(Sex::Male, ElectrodeGeometry::StandingContact);
    const std::map<Segment, Ohms> read{{Segment::RightArm, Ohms(303.1)},
                                       {Segment::LeftArm, Ohms(303.1)},
                                       {Segment::Trunk, Ohms(23.6)},
                                       {Segment::RightLeg, Ohms(235.0)},
                                       {Segment::LeftLeg, Ohms(235.0)}};
    const auto found = segmentLean(read, Sex::Male, Metres(1.75), model, std::nullopt);
    ASSERT_TRUE(found);
    EXPECT_FALSE(found->closure);
    EXPECT_NEAR(found->of(Segment::RightArm)->scaled.value(), 3.420, 1e-3);
    EXPECT_EQ(found->remarks.size(), 1u);
    auto missing = read;
    missing.erase(Segment::Trunk);
    const auto refused = segmentLean(missing, Sex::Male, Metres(1.75), model, std::nullopt);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("trunk"), std::string::npos);
    // A whole body that does not go with the segments is said.
    EXPECT_EQ(segmentLean(read, Sex::Male, Metres(1.75), model, Kilograms(70.0))->remarks.size(), 2u);
}

TEST(Segments, TapedLengthsCountInPlaceOfHeight) {
    const auto model = uncalibratedModel(Sex::Female, ElectrodeGeometry::SupineGel);
    std::map<Segment, Ohms> read;
    for (const Segment segment : bodySegments)
        read[segment] = Ohms(segment == Segment::Trunk ? 35.0 : 272.0);
    const auto byHeight = segmentLean(read, Sex::Female, Metres(1.65), model, std::nullopt);
    const auto taped = segmentLean(read, Sex::Female, Metres(1.65), model, std::nullopt,
                                   {{Segment::LeftArm, Metres(1.65 * 0.332 * 1.1)}});
    EXPECT_NEAR(taped->of(Segment::LeftArm)->raw / byHeight->of(Segment::LeftArm)->raw, 1.21,
                1e-9); // length squared
    EXPECT_EQ(taped->of(Segment::RightArm)->raw, byHeight->of(Segment::RightArm)->raw);
}

TEST(Segments, ASegmentWithoutAResistanceStopsIt) {
    const auto model = uncalibratedModel(Sex::Female, ElectrodeGeometry::SupineGel);
    std::map<Segment, Ohms> read;
    for (const Segment segment : bodySegments)
        read[segment] = Ohms(segment == Segment::Trunk ? 35.0 : 272.0);
    for (const double ohms : {0.0, -1.0, std::nan("")}) {
        read[Segment::LeftLeg] = Ohms(ohms);
        const auto refused = segmentLean(read, Sex::Female, Metres(1.65), model, std::nullopt);
        ASSERT_FALSE(refused) << ohms;
        EXPECT_NE(refused.error().english().find("left leg"), std::string::npos);
    }
    read[Segment::LeftLeg] = Ohms(0.1);
    EXPECT_TRUE(segmentLean(read, Sex::Female, Metres(1.65), model, std::nullopt));
    read.erase(Segment::LeftLeg);
    EXPECT_FALSE(segmentLean(read, Sex::Female, Metres(1.65), model, std::nullopt));
}

TEST(Segments, ADifferenceSmallerThanTheErrorIsNone) {
    const SegmentLean right{Segment::RightArm, Kilograms(3.0), Kilograms(3.0), Kilograms(0.4), 1.0};
    SegmentLean left = right;
    left.scaled = Kilograms(2.95);
    // 1 % on each side: 1.96·0.01·√(3² + 2.95²) = 0.0825 kg
    const auto small = balance(right, left, 0.01, Kilograms(0.45));
    EXPECT_NEAR(small.leastSignificant.value(), 0.0825, 1e-4);
    EXPECT_FALSE(small.real());
    left.scaled = Kilograms(2.7);
    EXPECT_TRUE(balance(right, left, 0.01, Kilograms(0.45)).real());
    EXPECT_FALSE(balance(right, left, 0.01, Kilograms(0.45)).notable());
    left.scaled = Kilograms(2.1);
    EXPECT_TRUE(balance(right, left, 0.01, Kilograms(0.45)).notable());
    EXPECT_NEAR(asymmetryPercent(310.0, 300.0), 3.2787, 1e-4);
}

// 200 people whose limbs scatter by 8 % about ρ = 300, 220, 280 Ω·cm: the mean of 200 is known to 0.57 %.
TEST(Segments, ACalibrationFindsTheResistivityAndItsScatter) {
    std::mt19937_64 random(11);
    std::normal_distribution<double> gauss(0.0, 1.0);
    std::vector<CalibrationCase> cases;
    for (int i = 0; i < 200; ++i) {
        CalibrationCase each;
        each.height = Metres(1.75 + 0.07 * gauss(random));
        for (const Segment segment : bodySegments) {
            const double rho = isArm(segment) ? 300.0 : isLeg(segment) ? 280.0 : 220.0;
            const Ohms ohms((segment == Segment::Trunk ? 24.0 : 260.0) * (1.0 + 0.1 * gauss(random)));
            each.resistances[segment] = ohms;
            each.lean[segment] =
                cylinderLean(rho, each.height * lengthFraction(segment), ohms) * (1.0 + 0.08 * gauss(random));
        }
        cases.push_back(each);
    }
    const auto model = calibrateSegments(cases);
    ASSERT_TRUE(model);
    EXPECT_TRUE(model->calibrated);
    EXPECT_EQ(model->people, 200);
    EXPECT_NEAR(model->resistivity.at(Segment::RightArm), 300.0, 6.0);
    EXPECT_NEAR(model->resistivity.at(Segment::Trunk), 220.0, 5.0);
    EXPECT_NEAR(model->relativeError.at(Segment::LeftLeg), 0.08, 0.015);
    EXPECT_FALSE(calibrateSegments(std::span(cases).first(29)));
    EXPECT_TRUE(calibrateSegments(std::span(cases).first(30)));
    cases[3].lean.erase(Segment::RightLeg);
    EXPECT_FALSE(calibrateSegments(cases));
}

TEST(PairedRegression, IsTheOrdinaryLineWithItsScatter) {
    // Contact 400 … 645 Ω in steps of 5, gel = 20 + 0.82·contact ± 4 Ω in turn: slope and intercept by hand are
    // those of the line but for the last digits, and the scatter is 4·√(50/48) Ω.
    std::vector<PairedReading> pairs;
    for (int i = 0; i < 50; ++i) {
        const double contact = 400.0 + 5.0 * i;
        pairs.push_back({Ohms(contact), Ohms(20.0 + 0.82 * contact + (i % 2 ? 4.0 : -4.0))});
    }
    const auto line = fitPairs(pairs);
    ASSERT_TRUE(line);
    EXPECT_NEAR(line->slope, 0.82, 0.01);
    EXPECT_NEAR(line->residualDeviation.value(), 4.0 * std::sqrt(50.0 / 48.0), 0.02);
    const auto converted = line->convert(Ohms(558.0));
    EXPECT_NEAR(converted.resistance.value(), 20.0 + 0.82 * 558.0, 1.0);
    EXPECT_GT(converted.standardError.value(), line->residualDeviation.value());
    EXPECT_TRUE(converted.within);
    EXPECT_FALSE(line->convert(Ohms(700.0)).within);
    EXPECT_GT(line->convert(Ohms(700.0)).standardError, converted.standardError);
    EXPECT_FALSE(fitPairs(std::span(pairs).first(49)));
    EXPECT_FALSE(fitPairs(std::vector<PairedReading>(60, PairedReading{Ohms(500), Ohms(430)})));
}

TEST(Amputation, TheMassOfTheWholePerson) {
    // Sheet: 64.1 kg without lower leg and foot (5.9 %) → 68.1190 kg.
    EXPECT_NEAR(wholeMass(Kilograms(64.1), findMissingPart("lower-leg-and-foot")->percent).value(), 68.1190,
                1e-4);
    EXPECT_EQ(wholeMass(Kilograms(64.1), 0.0), Kilograms(64.1));
    EXPECT_FALSE(findMissingPart("wing"));
}

} // namespace
} // namespace fusain::impedance::impedance_segments_test

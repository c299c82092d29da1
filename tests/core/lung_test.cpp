#include "core/lung/static_volumes.hpp"
#include "core/lung/syringe.hpp"
#include "core/lung/vital_capacity.hpp"

#include <cmath>
#include <gtest/gtest.h>

namespace fusain::lung::lung_test {
namespace {

constexpr Metres manHeight{1.75}, womanHeight{1.65};
constexpr Years thirty{30.0};

// Worked by hand for a man of 175 cm and a woman of 165 cm, both 30 years old.
TEST(ResidualVolume, Crapo) {
    EXPECT_NEAR(residualVolumeCrapo1982(Sex::Male, manHeight, thirty).volume.value(), 1.561, 1e-12);
    EXPECT_NEAR(residualVolumeCrapo1982(Sex::Female, womanHeight, thirty).volume.value(), 1.4325, 1e-12);
    EXPECT_DOUBLE_EQ(residualVolumeCrapo1982(Sex::Male, manHeight, thirty).standardError.value(), 0.37);
}

TEST(ResidualVolume, EcscTakesTheYoungAsTwentyFive) {
    EXPECT_NEAR(residualVolumeEcsc1993(Sex::Male, manHeight, thirty).volume.value(), 1.7225, 1e-12);
    EXPECT_NEAR(residualVolumeEcsc1993(Sex::Female, womanHeight, thirty).volume.value(), 1.4665, 1e-12);
    EXPECT_EQ(residualVolumeEcsc1993(Sex::Male, manHeight, Years(18.0)).volume,
              residualVolumeEcsc1993(Sex::Male, manHeight, Years(25.0)).volume);
}

TEST(ResidualVolume, WilmoreIsForYoungAdultsOnly) {
    EXPECT_NEAR(residualVolumeWilmore1969(Sex::Male, Litres(5.2), Years(25)).volume.value(), 1.248, 1e-12);
    EXPECT_NEAR(residualVolumeWilmore1969(Sex::Female, Litres(3.9), Years(25)).volume.value(), 1.092, 1e-12);
    EXPECT_TRUE(residualVolumeWilmore1969(Sex::Male, Litres(5.2), Years(34)).withinValidity);
    EXPECT_FALSE(residualVolumeWilmore1969(Sex::Male, Litres(5.2), Years(35.5)).withinValidity);
}

TEST(ResidualVolume, EdgesOfValidityAreFlagged) {
    EXPECT_TRUE(residualVolumeCrapo1982(Sex::Female, womanHeight, Years(17)).withinValidity);
    EXPECT_FALSE(residualVolumeCrapo1982(Sex::Female, womanHeight, Years(16)).withinValidity);
    EXPECT_FALSE(residualVolumeEcsc1993(Sex::Male, Metres(1.54), thirty).withinValidity);
    EXPECT_TRUE(residualVolumeEcsc1993(Sex::Male, Metres(1.55), thirty).withinValidity);
    EXPECT_FALSE(residualVolumeEcsc1993(Sex::Female, Metres(1.81), thirty).withinValidity);
}

TEST(StaticVolumes, FunctionalResidualAndTotalCapacity) {
    EXPECT_NEAR(functionalResidualCapacityCrapo1982(Sex::Male, manHeight, thirty).volume.value(), 3.240, 1e-12);
    EXPECT_NEAR(functionalResidualCapacityCrapo1982(Sex::Female, womanHeight, thirty).volume.value(), 2.851,
                1e-12);
    EXPECT_NEAR(functionalResidualCapacityEcsc1993(Sex::Male, manHeight, thirty).volume.value(), 3.275, 1e-12);
    EXPECT_NEAR(functionalResidualCapacityEcsc1993(Sex::Female, womanHeight, thirty).volume.value(), 2.726,
                1e-12);
    EXPECT_NEAR(totalLungCapacityCrapo1982(Sex::Male, manHeight, thirty).volume.value(), 6.6755, 1e-12);
    EXPECT_NEAR(totalLungCapacityCrapo1982(Sex::Female, womanHeight, thirty).volume.value(), 5.198, 1e-12);
}

// By hand: 7.99·1.75 − 7.08; 6.60·1.65 − 5.79; 0.0600·175 − 0.0214·30 − 4.650; 5.76·1.75 − 0.026·30 − 4.34.
TEST(StaticVolumes, EuropeanTotalCapacityAndTwoForcedCapacities) {
    EXPECT_NEAR(totalLungCapacityEcsc1993(Sex::Male, manHeight, thirty).volume.value(), 6.9025, 1e-12);
    EXPECT_NEAR(totalLungCapacityEcsc1993(Sex::Female, womanHeight, thirty).volume.value(), 5.100, 1e-12);
    EXPECT_NEAR(forcedVitalCapacityCrapo1981(Sex::Male, manHeight, thirty).volume.value(), 5.208, 1e-12);
    EXPECT_NEAR(forcedVitalCapacityCrapo1981(Sex::Female, womanHeight, thirty).volume.value(), 3.8635, 1e-12);
    EXPECT_NEAR(forcedVitalCapacityEcsc1993(Sex::Male, manHeight, thirty).volume.value(), 4.96, 1e-12);
    EXPECT_NEAR(forcedVitalCapacityEcsc1993(Sex::Female, womanHeight, thirty).volume.value(), 3.6395, 1e-12);
}

// 0.0041·150^2.41 = 720 mL, worked with a pocket calculator (150^2.41 = e^(2.41·5.010635) = 175 700).
TEST(ResidualVolume, ChildrenByHeightOnly) {
    EXPECT_NEAR(residualVolumePolgar1971(Sex::Male, Metres(1.50), Years(12)).volume.value(), 0.720, 5e-4);
    EXPECT_TRUE(residualVolumePolgar1971(Sex::Female, Metres(1.10), Years(6)).withinValidity);
    EXPECT_FALSE(residualVolumePolgar1971(Sex::Female, Metres(1.09), Years(6)).withinValidity);
}

TEST(ForcedVitalCapacity, HankinsonAdultsAndChildren) {
    EXPECT_NEAR(forcedVitalCapacityHankinson1999(Sex::Male, manHeight, thirty).volume.value(), 5.293, 5e-4);
    EXPECT_NEAR(forcedVitalCapacityHankinson1999(Sex::Female, womanHeight, thirty).volume.value(), 3.895, 5e-4);
    EXPECT_NEAR(forcedVitalCapacityHankinson1999(Sex::Male, Metres(1.50), Years(12)).volume.value(), 2.945,
                5e-4);
    EXPECT_NEAR(forcedVitalCapacityHankinson1999(Sex::Female, Metres(1.50), Years(12)).volume.value(), 2.835,
                5e-4);
}

std::vector<VolumeSample> blow(double capacity, double timeConstant, double seconds, double hesitation = 0.0) {
    std::vector<VolumeSample> samples;
    for (double t = 0.0; t <= seconds; t += 0.01) {
        const double effort = t - 0.3;
        double volume = effort <= 0.0 ? 0.0 : capacity * (1.0 - std::exp(-effort / timeConstant));
        // A slow start: some air leaks out before the push.
        if (hesitation > 0.0)
            volume = std::max(volume, std::min(hesitation, hesitation * t / 0.3));
        samples.push_back({Seconds(t), Litres(volume)});
    }
    return samples;
}

TEST(Manoeuvre, ACompleteBlowIsAcceptable) {
    const ManoeuvreQuality quality = judgeManoeuvre(blow(4.0, 0.6, 7.0), std::nullopt);
    EXPECT_TRUE(quality.acceptable()) << quality.remark.english();
    EXPECT_NEAR(quality.vitalCapacity.value(), 4.0, 0.001);
}

TEST(Manoeuvre, StoppingEarlyIsNotAcceptable) {
    const ManoeuvreQuality quality = judgeManoeuvre(blow(4.0, 0.6, 1.8), std::nullopt);
    EXPECT_FALSE(quality.goodEnd);
    EXPECT_FALSE(quality.remark.empty());
}

TEST(Manoeuvre, AHesitantStartIsNotAcceptable) {
    EXPECT_FALSE(judgeManoeuvre(blow(4.0, 0.6, 7.0, 0.6), std::nullopt).goodStart);
}

TEST(Manoeuvre, TooShortACurveIsRefusedNotGuessed) {
    EXPECT_FALSE(judgeManoeuvre(std::vector<VolumeSample>{{Seconds(0), Litres(0)}}, std::nullopt).acceptable());
}

SessionJudgement session(std::initializer_list<double> volumes, double age = 30.0) {
    std::vector<Effort> efforts;
    for (const double volume : volumes)
        efforts.push_back({Litres(volume), true});
    return judgeSession(efforts, Years(age));
}

TEST(Session, NeedsThreeAcceptableWithTheTwoLargestWithin150Millilitres) {
    EXPECT_EQ(session({5.20, 5.18}).verdict, SessionVerdict::NeedMore);
    EXPECT_EQ(session({5.20, 5.05, 4.70}).verdict, SessionVerdict::Repeatable); // exactly 0.150 L
    EXPECT_EQ(session({5.20, 5.049, 4.70}).verdict, SessionVerdict::NeedMore);
    EXPECT_EQ(session({5.20, 5.05, 4.70}).largest->value(), 5.20);
}

TEST(Session, YoungChildrenHaveTheirOwnTolerance) {
    // 10 % of 1.20 L = 0.120 L for a child of six.
    EXPECT_EQ(session({1.20, 1.08, 1.00}, 6.0).verdict, SessionVerdict::Repeatable);
    EXPECT_EQ(session({1.20, 1.07, 1.00}, 6.0).verdict, SessionVerdict::NeedMore);
}

TEST(Session, EndsAfterEightEfforts) {
    const auto judged = session({4.0, 4.2, 4.4, 4.6, 4.8, 5.0, 5.2, 5.4});
    EXPECT_EQ(judged.verdict, SessionVerdict::Exhausted);
    EXPECT_EQ(judged.largest->value(), 5.4);
}

TEST(Session, UnacceptableEffortsDoNotCount) {
    const std::vector<Effort> efforts{{Litres(5.9), false}, {Litres(5.2), true}, {Litres(5.1), true}};
    const auto judged = judgeSession(efforts, Years(30));
    EXPECT_EQ(judged.acceptable, 2);
    EXPECT_EQ(judged.largest->value(), 5.2);
    EXPECT_EQ(judged.verdict, SessionVerdict::NeedMore);
}

// A stroke at a steady flow, sampled at 50 Hz, with half a second of rest at the end.
std::vector<VolumeSample> steadyStroke(double litres, double seconds) {
    std::vector<VolumeSample> samples;
    for (int i = 0; i / 50.0 < seconds + 0.5; ++i)
        samples.push_back({Seconds(i / 50.0), Litres(std::min(litres, litres * i / 50.0 / seconds))});
    return samples;
}

TEST(Syringe, ReadsVolumeAndFlowOfAStroke) {
    const auto stroke = strokeOf(steadyStroke(3.0, 1.5)); // 3 L in 1.5 s: 2 L/s
    ASSERT_TRUE(stroke);
    EXPECT_DOUBLE_EQ(stroke->volume.value(), 3.0);
    EXPECT_NEAR(stroke->flow.value(), 2.0, 0.05);
    EXPECT_FALSE(strokeOf({}));
    EXPECT_FALSE(strokeOf(std::vector<VolumeSample>(20, {Seconds(0.1), Litres(0.0)}))); // nothing went through
}

// Of 10 L, exactly 1 L at 1 s and exactly 9 L at 2 s: 8 L in that second.
TEST(Syringe, ATenthAndNineTenthsAreReachedWhenTheyAreThere) {
    const std::vector<VolumeSample> samples{{Seconds(0.0), Litres(0.0)},
                                            {Seconds(1.0), Litres(1.0)},
                                            {Seconds(2.0), Litres(9.0)},
                                            {Seconds(5.0), Litres(10.0)}};
    const auto stroke = strokeOf(samples);
    ASSERT_TRUE(stroke);
    EXPECT_DOUBLE_EQ(stroke->flow.value(), 8.0);
}

TEST(Syringe, ThreeSamplesAreAStrokeAndTwoAreNone) {
    const std::vector<VolumeSample> three{
        {Seconds(0.0), Litres(0.0)}, {Seconds(0.5), Litres(1.5)}, {Seconds(1.0), Litres(3.0)}};
    const auto stroke = strokeOf(three);
    ASSERT_TRUE(stroke);
    EXPECT_NEAR(stroke->flow.value(), 0.8 * 3.0 / 0.5, 1e-12); // 10 % is reached at 0.5 s, 90 % at 1 s
    EXPECT_FALSE(strokeOf(std::span(three).first(2)));
}

TEST(Syringe, AFlowCountsOnceAndWithinTheRangeOnly) {
    const auto at = [](double flow) { return SyringeStroke{Litres(3.0), LitresPerSecond(flow)}; };
    const std::vector<SyringeStroke> earlier{at(2.0)};
    EXPECT_TRUE(addsAFlow(at(3.0), earlier)); // exactly half as fast again
    EXPECT_FALSE(addsAFlow(at(2.9), earlier));
    EXPECT_FALSE(addsAFlow(at(1.5), earlier));
    EXPECT_TRUE(addsAFlow(at(1.3), earlier));
    EXPECT_TRUE(addsAFlow(at(0.5), {}));
    EXPECT_FALSE(addsAFlow(at(0.49), {}));
    EXPECT_FALSE(addsAFlow(at(12.1), {}));
}

// At the ends of height and age that a study had, and a hair beyond them.
TEST(PredictedResidualVolume, SaysWhereItsStudyEnded) {
    using Equation = PredictedVolume (*)(Sex, Metres, Years);
    const auto ends = [](Equation of, Sex sex, double least, double most, double youngest, double oldest) {
        const double height = 0.5 * (least + most), age = 0.5 * (youngest + oldest), beyond = 1e-6;
        for (const double each : {least, most})
            EXPECT_TRUE(of(sex, Metres(each), Years(age)).withinValidity) << each;
        for (const double each : {least - beyond, most + beyond})
            EXPECT_FALSE(of(sex, Metres(each), Years(age)).withinValidity) << each;
        for (const double each : {youngest, oldest})
            EXPECT_TRUE(of(sex, Metres(height), Years(each)).withinValidity) << each;
        for (const double each : {youngest - beyond, oldest + beyond})
            EXPECT_FALSE(of(sex, Metres(height), Years(each)).withinValidity) << each;
    };
    ends(residualVolumeEcsc1993, Sex::Male, 1.55, 1.95, 18.0, 70.0);
    ends(residualVolumeEcsc1993, Sex::Female, 1.45, 1.80, 18.0, 70.0);
    ends(residualVolumeCrapo1982, Sex::Male, 1.46, 2.00, 17.0, 90.0);
    ends(residualVolumeCrapo1982, Sex::Female, 1.46, 2.00, 17.0, 90.0);
}

} // namespace
} // namespace fusain::lung::lung_test

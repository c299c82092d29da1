#include "core/airdisplacement/body_volume.hpp"
#include "core/airdisplacement/chamber.hpp"
#include "core/airdisplacement/trial_rules.hpp"
#include "core/anthropometry/surface_area.hpp"
#include "core/compartments/body.hpp"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>
#include <rapidcheck/gtest.h>

namespace fusain::airdisplacement::chamber_test {
namespace {

// Worked by hand for a man of 175 cm and 70 kg, a woman of 165 cm and 60 kg, both 30 y, and a boy of 150 cm, 40
// kg, 12 y.
TEST(SurfaceArea, DuBoisAndHaycock) {
    using namespace anthropometry;
    EXPECT_NEAR(squareCentimetres(surfaceAreaDuBois1916(Kilograms(70), Metres(1.75))), 18481.4, 0.05);
    EXPECT_NEAR(squareCentimetres(surfaceAreaDuBois1916(Kilograms(60), Metres(1.65))), 16586.6, 0.05);
    EXPECT_NEAR(surfaceAreaHaycock1978(Kilograms(40), Metres(1.50)).value(), 1.2858, 5e-5);
}

TEST(ThoracicGas, AdultsAndChildren) {
    EXPECT_NEAR(thoracicGasAdult(Sex::Male, Metres(1.75), Years(30)).volume.value(), 3.840, 1e-12);
    EXPECT_NEAR(thoracicGasAdult(Sex::Female, Metres(1.65), Years(30)).volume.value(), 3.201, 1e-12);
    EXPECT_NEAR(thoracicGasFields2004(Sex::Male, Metres(1.50), Years(12)).volume.value(), 2.08894, 1e-9);
    EXPECT_NEAR(thoracicGasFields2004(Sex::Female, Metres(1.50), Years(12)).volume.value(), 2.07305, 1e-9);
    EXPECT_FALSE(thoracicGasFields2004(Sex::Male, Metres(1.10), Years(7)).withinValidity); // the curve turns up
    EXPECT_TRUE(thoracicGasFields2004(Sex::Female, Metres(1.05), Years(6)).withinValidity);
    EXPECT_FALSE(thoracicGasFields2004(Sex::Female, Metres(1.50), Years(18)).withinValidity);
}

// Vraw 63.500, SAA −0.8631, TGV 3.840 → 65.89908 L, density 1.062230, Siri 16.0007 %.
TEST(BodyVolume, BothTermsAdd) {
    const double artefact = surfaceAreaArtefact(SquareMetres(1.84814)).value();
    EXPECT_NEAR(artefact, -0.8631, 5e-5);
    const auto volumeOf = [](double raw, double skin, double gas) {
        return bodyVolume(BodyInChamber<Plain>{.rawVolume = Litres(raw),
                                               .surfaceAreaArtefact = Litres(skin),
                                               .thoracicGas = Litres(gas)})
            .value();
    };
    EXPECT_NEAR(volumeOf(63.500, -0.86308, 3.840), 65.89908, 1e-5);
    EXPECT_NEAR(70.0 / 65.89908, 1.062230, 5e-7);
    EXPECT_GT(volumeOf(63.5, artefact, 3.84), 63.5); // a flipped sign would lose 1.7 L
}

TEST(BodyVolume, TheIntervalKnowsWhatPredictingCosts) {
    const Measured<Kilograms> mass(Kilograms(70.0), Source::DryMass, Kilograms(0.01));
    const auto fatError = [&](double gasError) {
        const auto volume = bodyVolume(
            BodyInChamber<Measured>{.rawVolume{Litres(63.5), Source::VolumeTrials, Litres(0.03)},
                                    .surfaceAreaArtefact{Litres(-0.8631), Source::SurfaceArea, Litres(0.043)},
                                    .thoracicGas{Litres(3.84), Source::ThoracicGas, Litres(gasError)}});
        return compartments::bodyFrom(mass, volume, compartments::siri1961, KilogramsPerLitre(0.0),
                                      Metres(1.75))
            .fatPercent.totalError()
            .value();
    };
    // By the gas alone: 0.4 · 495/70 = 2.829 %fat per litre.
    EXPECT_NEAR(std::sqrt(std::pow(fatError(0.44), 2) - std::pow(fatError(0.0), 2)), 0.44 * 2.8286, 0.01);
    EXPECT_NEAR(fatError(0.44), 1.30, 0.1);
    EXPECT_LT(fatError(0.10), 0.55);
}

TrialJudgement judged(std::initializer_list<double> volumes, int set = 1) {
    std::vector<VolumeReading> readings;
    for (const double volume : volumes)
        readings.push_back({static_cast<int>(readings.size()) + 1, Litres(volume)});
    return judgeVolumes(readings, set, TrialPolicy{});
}

// Worked examples of the trial rule.
TEST(VolumeTrials, TwoThatAgreeAreAveraged) {
    const auto enough = judged({63.512, 63.598});
    EXPECT_EQ(enough.verdict, TrialVerdict::Enough);
    EXPECT_NEAR(enough.rawVolume.value(), 63.555, 1e-12);
    EXPECT_EQ(judged({63.500, 63.650}).verdict, TrialVerdict::Enough); // exactly on the tolerance
    EXPECT_EQ(judged({63.500, 63.651}).verdict, TrialVerdict::NeedMore);
    EXPECT_EQ(judged({63.5}).verdict, TrialVerdict::NeedMore);
    EXPECT_EQ(judged({}).verdict, TrialVerdict::NeedMore);
}

TEST(VolumeTrials, OfThreeTheClosestTwo) {
    const auto enough = judged({63.512, 63.720, 63.640});
    EXPECT_EQ(enough.verdict, TrialVerdict::Enough);
    EXPECT_EQ(enough.used, (std::vector{2, 3}));
    EXPECT_NEAR(enough.rawVolume.value(), 63.680, 1e-12);
    EXPECT_EQ(judged({63.0, 63.1, 63.2}).used, (std::vector{1, 2})); // a tie: the earlier pair
}

TEST(VolumeTrials, WithoutAgreementRecalibrateThenEnd) {
    EXPECT_EQ(judged({63.50, 63.70, 63.90}).verdict, TrialVerdict::Recalibrate);
    EXPECT_EQ(judged({63.50, 63.70, 63.90}, 2).verdict, TrialVerdict::EndSession);
}

RC_GTEST_PROP(VolumeTrials, TheMeanLiesBetweenTheTwoUsed, ()) {
    const auto offsets = *rc::gen::container<std::vector<int>>(3, rc::gen::inRange(-300, 300));
    const auto judgement =
        judged({65.0 + offsets[0] / 1000.0, 65.0 + offsets[1] / 1000.0, 65.0 + offsets[2] / 1000.0});
    RC_PRE(judgement.verdict == TrialVerdict::Enough);
    RC_ASSERT(judgement.difference.value() <= 0.150 + 1e-9);
    RC_ASSERT(judgement.used.size() == 2u);
}

// Empty ratio 1.5, with the 50-L cylinder 1.33333: an object that gives 1.288333 displaces 63.5 L.
TEST(Calibration, TwoPoints) {
    Calibration calibration;
    calibration.empty.ratio = 1.5;
    calibration.cylinder.ratio = 1.5 - 50.0 / 300.0;
    EXPECT_NEAR(calibration.volumeAt(1.5 - 63.5 / 300.0).value(), 63.5, 1e-9);
    EXPECT_NEAR(calibration.airAt(1.5).value(), 450.0, 1e-9);
    EXPECT_NEAR(calibration.volumeAt(1.5).value(), 0.0, 1e-12);
}

TEST(Calibration, ItsErrorGrowsBeyondTheCylinder) {
    Calibration calibration;
    calibration.empty = {1.5, 3e-5, 0.0, 0.0};
    calibration.cylinder = {1.5 - 50.0 / 300.0, 3e-5, 0.0, 0.0};
    calibration.cylinderError = Litres(0.005);
    EXPECT_LT(calibration.errorAt(Litres(50.0)), calibration.errorAt(Litres(90.0)));
    // At the cylinder itself only its own reading and certificate count: hypot(0.005, 50·3e-5/0.16667) =
    // 0.0103.
    EXPECT_NEAR(calibration.errorAt(Litres(50.0)).value(), std::hypot(0.005, 50.0 * 3e-5 * 6.0), 1e-9);
}

// A chamber without noise: amplitudes by Poisson's law, γPΔV/V.
std::vector<PressureSample> clean(double air, double seconds, double reference = 300.0) {
    std::vector<PressureSample> samples;
    const double scale = 1.4 * 101325.0 * 0.35;
    for (int i = 0; i < static_cast<int>(seconds * 100); ++i) {
        const double t = i / 100.0, swing = std::cos(2.0 * std::numbers::pi * 3.0 * t + 0.7);
        samples.push_back({Seconds(t), Pascals(scale / air * swing), Pascals(-scale / reference * swing)});
    }
    return samples;
}

TEST(Response, IsTheRatioOfTheAirVolumes) {
    const auto response = responseOf(clean(390.0, 10.0));
    ASSERT_TRUE(response);
    EXPECT_NEAR(response->ratio, 1.3, 1e-9); // 390/300
    EXPECT_NEAR(response->phase, 0.0, 1e-9);
}

TEST(Response, RefusesWhatItCannotRead) {
    EXPECT_FALSE(responseOf({}));
    EXPECT_FALSE(responseOf(clean(390.0, 3.0)));
    std::vector<PressureSample> silent = clean(390.0, 10.0);
    for (PressureSample& sample : silent)
        sample.test = sample.reference = Pascals(0.0);
    EXPECT_FALSE(responseOf(silent));
}

TEST(Calibrate, FindsTheCylinderMissingOrInBoth) {
    EXPECT_TRUE(calibrate(clean(450, 20), clean(400, 20), Litres(50), Litres(0.005)));
    EXPECT_FALSE(calibrate(clean(450, 20), clean(450, 20), Litres(50), Litres(0.005)));
    for (const auto& [litres, taken] :
         {std::pair(4.999, false), std::pair(5.0, true), std::pair(150.0, true), std::pair(150.001, false)})
        EXPECT_EQ(calibrate(clean(450, 20), clean(400, 20), Litres(litres), Litres(0.005)).has_value(), taken)
            << litres;
    EXPECT_FALSE(calibrate(clean(400, 20), clean(450, 20), Litres(50), Litres(0.005))); // the wrong way round
    EXPECT_FALSE(
        calibrate(clean(450, 20), clean(400, 20), Litres(500), Litres(0.005))); // larger than any chamber
    EXPECT_FALSE(calibrate(clean(450, 20), clean(400, 20), Litres(-1), Litres(0.005)));
}

TEST(ReadVolume, ACleanTrialGivesTheVolume) {
    const auto calibration = *calibrate(clean(450, 20), clean(400, 20), Litres(50), Litres(0.005));
    const Occupant occupant{Kilograms(70), SquareMetres(0.0)};
    const auto reading = readVolume(clean(450.0 - 63.5, 50.0), calibration, occupant);
    EXPECT_EQ(reading.state, TrialState::Readable);
    EXPECT_NEAR(reading.volume.value(), 63.5, 1e-6);
    EXPECT_EQ(readVolume(clean(386.5, 10.0), calibration, occupant).state, TrialState::Waiting);
    EXPECT_EQ(readVolume(clean(450.0 - 113.5, 50.0), calibration, occupant).state, TrialState::CylinderLeft);
    EXPECT_EQ(readVolume(clean(450.0 - 90.0, 50.0), calibration, occupant).state, TrialState::Implausible);
}

// ΔV/ΔPm 0.0035 L/cmH2O at 760 mmHg gives 3.3927 L: (760 − 47)·1.35951·0.0035.
TEST(Panting, GivesTheTextbookVolume) {
    std::vector<PantingSample> samples;
    const double air = 386.5, slope = 0.0035 * 1.4 * 101325.0 / air;
    for (int i = 0; i < 350; ++i) {
        const double airway = 12.0 * std::sin(2.0 * std::numbers::pi * i / 100.0);
        samples.push_back({Seconds(i / 100.0), Pascals(slope * airway), CentimetresOfWater(airway)});
    }
    const auto result = judgePanting(samples, Litres(air), MillimetresOfMercury(760.0));
    EXPECT_TRUE(result.accepted);
    EXPECT_NEAR(result.thoracicGas.value(), 3.3927, 5e-5);
    for (PantingSample& sample : samples)
        sample.airway = CentimetresOfWater(3.0 * sample.airway.value());
    EXPECT_FALSE(judgePanting(samples, Litres(air), MillimetresOfMercury(760.0)).accepted); // 36 cmH2O
    EXPECT_FALSE(judgePanting({samples.data(), 50}, Litres(air), MillimetresOfMercury(760.0)).accepted);
}

TEST(Response, IsReadFromFiveWholeSeconds) {
    EXPECT_TRUE(responseOf(clean(390.0, 5.0)));
    EXPECT_FALSE(responseOf(clean(390.0, 4.9)));
}

} // namespace
} // namespace fusain::airdisplacement::chamber_test

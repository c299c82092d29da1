// The claims about the chamber, on simulated people. Sample sizes and bounds are those of
// docs/science/air-displacement.md.
#include "core/airdisplacement/body_volume.hpp"
#include "core/anthropometry/surface_area.hpp"
#include "core/numeric/statistics.hpp"
#include "link/simulation/chamber/chamber.hpp"
#include "procedure/chamber/result.hpp"
#include "support/errors.hpp"
#include "support/taken.hpp"

#include <cmath>
#include <gtest/gtest.h>
#include <map>

namespace fusain::simulation::chamber_statistics_test {
namespace {

using airdisplacement::TrialState;

double uniform(Random& random, double low, double high) {
    return std::uniform_real_distribution(low, high)(random);
}
double gauss(Random& random, double deviation) {
    return std::normal_distribution(0.0, deviation)(random);
}

struct SimulatedPerson {
    TestSubject subject;
    double mass, fatPercent; ///< true
    ChamberOccupant occupant;
    airdisplacement::Occupant known;
};

SimulatedPerson drawPerson(Random& random) {
    SimulatedPerson person;
    person.subject.sex = uniform(random, 0, 1) < 0.5 ? Sex::Male : Sex::Female;
    person.subject.age = Years(uniform(random, 18, 70));
    person.subject.height = Metres(uniform(random, 1.55, 1.95));
    const double bmi = uniform(random, 18.5, 34.0);
    person.mass = bmi * person.subject.height.value() * person.subject.height.value();
    person.fatPercent = uniform(random, 8.0, 40.0);
    const double density = 495.0 / (person.fatPercent + 450.0);
    person.occupant.tissueVolume = person.mass / density;
    const auto gas =
        airdisplacement::thoracicGasAdult(person.subject.sex, person.subject.height, person.subject.age);
    person.occupant.meanThoracicGas = gas.volume.value() + gauss(random, 0.44);
    person.occupant.tidalVolume = uniform(random, 0.4, 0.9);
    person.occupant.breathsPerSecond = uniform(random, 0.18, 0.32);
    person.known = {Kilograms(person.mass),
                    anthropometry::surfaceAreaDuBois1916(Kilograms(person.mass), person.subject.height)};
    // The air on the skin follows the surface area, which DuBois predicts within 5 %.
    person.occupant.skinFilm =
        4.67e-5 * squareCentimetres(person.known.surfaceArea) / 0.4 * (1.0 + gauss(random, 0.05));
    return person;
}

airdisplacement::Calibration freshCalibration(Random& random) {
    const ChamberModel chamber;
    return *airdisplacement::calibrate(playCalibration(chamber, false, 25.0, random),
                                       playCalibration(chamber, true, 25.0, random), Litres(chamber.cylinder),
                                       Litres(0.005));
}

// One trial: between trials people sit a little differently.
airdisplacement::VolumeReadingResult trialOf(const SimulatedPerson& person,
                                             const airdisplacement::Calibration& calibration, Random& random,
                                             ChamberFaults faults = {}) {
    ChamberOccupant occupant = person.occupant;
    occupant.tissueVolume += gauss(random, 0.03);
    occupant.faults = faults;
    return airdisplacement::readVolume(playVolumeTrial(ChamberModel{}, occupant, 50.0, random), calibration,
                                       person.known);
}

TEST(ChamberStatistics, VolumeIsUnbiasedAndTheFatIntervalCoversTheTruth) {
    Random random(20260312);
    int covered = 0, people = 0, alarms = 0, trials = 0;
    std::vector<double> volumeErrors;
    ChamberPolicy policy;
    for (int i = 0; i < 500; ++i) {
        const SimulatedPerson person = drawPerson(random);
        const auto calibration = freshCalibration(random);
        ChamberTest test;
        test.subject = person.subject;
        test.mass = Reading(testing::taken(Origin::Link), person.mass + gauss(random, 0.01));
        test.calibrations = {{{{}, 1, {}}, 1, calibration, Litres(50.0), Litres(50.0)}};
        for (int trial = 1; trial <= 3; ++trial) {
            const auto reading = trialOf(person, calibration, random);
            ++trials;
            alarms += !reading.readable();
            if (reading.readable())
                test.trials.push_back({{testing::taken(Origin::Link), trial, ""},
                                       1,
                                       1,
                                       reading.volume,
                                       reading.standardError,
                                       {},
                                       {}});
        }
        const auto predicted = computeChamber(test, policy);
        if (!predicted)
            continue;
        test.thoracicGas =
            MeasuredThoracicGas{{}, Litres(person.occupant.meanThoracicGas + gauss(random, 0.1)), "panting"};
        const auto measured = computeChamber(test, policy);
        // Bias of the body volume with the gas known to its measurement error.
        volumeErrors.push_back(measured->body.volume.estimate().value() - person.occupant.tissueVolume);
        for (const auto* result : {&predicted, &measured}) {
            ++people;
            const auto& fat = (*result)->body.fatPercent;
            covered += std::abs(fat.estimate().value() - person.fatPercent) <=
                       normal95 * testing::measurementError(fat);
        }
    }
    std::printf("bias %.1f mL, coverage %.2f %%, false alarms %.2f %%, %zu people\n",
                1000.0 * statistics::mean(volumeErrors), 100.0 * covered / people, 100.0 * alarms / trials,
                volumeErrors.size());
    EXPECT_GE(volumeErrors.size(), 490u);
    EXPECT_LE(std::abs(statistics::mean(volumeErrors)), 0.020);
    EXPECT_GE(covered, 0.93 * people);
    EXPECT_LE(covered, 0.97 * people);
    EXPECT_LE(alarms, 0.05 * trials);
}

TEST(ChamberStatistics, EveryFaultIsNamed) {
    const std::map<TrialState, ChamberFaults> faults{
        {TrialState::CylinderLeft, {.cylinderLeft = true}},
        {TrialState::DoorLeak, {.doorOpen = true}},
        {TrialState::Draught, {.draught = true}},
        {TrialState::Movement, {.moves = true}},
        {TrialState::Cough, {.coughs = true}},
        {TrialState::LooseAir, {.looseAir = true}},
        {TrialState::WarmOrDamp, {.warmDamp = true}},
    };
    Random random(7);
    for (const auto& [expected, fault] : faults) {
        int named = 0;
        std::map<int, int> seen;
        for (int i = 0; i < 500; ++i) {
            const SimulatedPerson person = drawPerson(random);
            const auto reading = trialOf(person, freshCalibration(random), random, fault);
            named += reading.state == expected;
            ++seen[static_cast<int>(reading.state)];
        }
        std::printf("fault %d named %.1f %%\n", static_cast<int>(expected), named / 5.0);
        EXPECT_GE(named, 475) << "state " << static_cast<int>(expected);
        if (named < 475)
            for (const auto& [state, count] : seen)
                std::printf("   state %d: %d\n", state, count);
    }
}

TEST(ChamberStatistics, PantingMeasuresTheThoracicGas) {
    Random random(11);
    const ChamberModel chamber;
    std::vector<double> errors;
    int accepted = 0, slackAccepted = 0, strongAccepted = 0;
    for (int i = 0; i < 500; ++i) {
        const SimulatedPerson person = drawPerson(random);
        const auto air =
            Litres(chamber.testVolume - person.occupant.tissueVolume - person.occupant.meanThoracicGas);
        const auto judge = [&](double effort, bool slack) {
            return airdisplacement::judgePanting(playPanting(chamber, person.occupant, effort, slack, random),
                                                 air, MillimetresOfMercury(760.0));
        };
        const auto gentle = judge(uniform(random, 6.0, 25.0), false);
        accepted += gentle.accepted;
        errors.push_back(gentle.thoracicGas.value() - person.occupant.meanThoracicGas);
        slackAccepted += judge(12.0, true).accepted;
        strongAccepted += judge(45.0, false).accepted;
    }
    EXPECT_GE(accepted, 490);
    EXPECT_EQ(slackAccepted, 0);
    EXPECT_EQ(strongAccepted, 0);
    EXPECT_LE(std::abs(statistics::mean(errors)), 0.02);
    EXPECT_LE(statistics::standardDeviation(errors), 0.1);
}

TEST(ChamberSimulation, TheSameSeedPlaysTheSamePressures) {
    Random a(5), b(5);
    const auto first = playVolumeTrial(ChamberModel{}, ChamberOccupant{}, 20.0, a);
    const auto second = playVolumeTrial(ChamberModel{}, ChamberOccupant{}, 20.0, b);
    ASSERT_EQ(first.size(), second.size());
    for (std::size_t i = 0; i < first.size(); i += 100)
        EXPECT_EQ(first[i].test, second[i].test);
}

} // namespace
} // namespace fusain::simulation::chamber_statistics_test

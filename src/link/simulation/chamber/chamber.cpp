#include "link/simulation/chamber/chamber.hpp"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

namespace fusain::simulation {
namespace {

using airdisplacement::adiabaticExponent;
using Complex = std::complex<double>;

constexpr double skinRelaxation = 0.007; // s

double omega() {
    return 2.0 * std::numbers::pi * airdisplacement::driveFrequency.value();
}

// Air that exchanges heat with what holds it: how much larger than its volume it looks, with its loss.
Complex looks(double litres, double relaxation) {
    return litres * (1.0 + (adiabaticExponent - 1.0) / Complex(1.0, omega() * relaxation));
}

// Everything that goes wrong in one recording, drawn once.
class Disturbance {
public:
    Disturbance(const ChamberFaults& faults, double seconds, Random& random) : seconds_(seconds) {
        if (faults.draught) {
            drift_ = uniform(random, 0.3, 1.0) * (uniform(random, 0, 1) < 0.5 ? -1.0 : 1.0);
            baseline_ = uniform(random, 3.0, 10.0) * (uniform(random, 0, 1) < 0.5 ? -1.0 : 1.0);
        }
        if (faults.warmDamp) {
            rise_ = uniform(random, 8.0, 30.0);
            riseTime_ = uniform(random, 12.0, 25.0);
        }
        if (faults.moves) {
            moveFrom_ = uniform(random, 3.0, seconds - 6.0);
            moveFor_ = uniform(random, 1.0, 4.0);
            moveSize_ = uniform(random, 5.0, 20.0);
        }
        if (faults.coughs)
            for (double at = uniform(random, 3.0, seconds - 6.0), n = std::floor(uniform(random, 1.0, 4.99));
                 n > 0; --n, at += uniform(random, 0.6, 1.0))
                coughs_.push_back({at, uniform(random, 30.0, 150.0)});
    }
    /// Litres by which the air in the chamber seems to change.
    [[nodiscard]] double volumeAt(double t) const { return drift_ * t / seconds_; }
    [[nodiscard]] double referenceAt(double t) const { return baseline_ * t / seconds_; }
    [[nodiscard]] double testAt(double t, double interval, Random& random) {
        double pressure = referenceAt(t) + (rise_ > 0.0 ? rise_ * (1.0 - std::exp(-t / riseTime_)) : 0.0);
        if (t >= moveFrom_ && t < moveFrom_ + moveFor_) {
            const double memory = std::exp(-interval / 0.15);
            wander_ = memory * wander_ + std::sqrt(1.0 - memory * memory) * gauss(random, moveSize_);
            pressure += wander_;
        }
        for (const auto& [at, height] : coughs_)
            pressure += height * std::exp(-0.5 * std::pow((t - at) / 0.05, 2));
        return pressure;
    }

private:
    double seconds_;
    double drift_ = 0.0, baseline_ = 0.0, rise_ = 0.0, riseTime_ = 1.0;
    double moveFrom_ = -10.0, moveFor_ = 0.0, moveSize_ = 0.0, wander_ = 0.0;
    std::vector<std::pair<double, double>> coughs_;
};

// As the converter of the chamber sends it.
double converted(double pressure) {
    // Sixteen bits over ±330 Pa; the noise of a sample is fifteen steps.
    constexpr double stepsPerPascal = 100.0;
    return std::round(pressure * stepsPerPascal) / stepsPerPascal;
}

// Pressures for an adiabatic-equivalent air volume that may change with time; a leak adds to its loss.
template <class Air>
PressureTrace play(const ChamberModel& chamber, double seconds, Random& random, Air airAt, double leakLoss,
                   Disturbance disturbance, double breathing, double breathRate) {
    PressureTrace trace;
    const double interval = 1.0 / chamber.sampleRate;
    const double scale = adiabaticExponent * chamber.airPressure * chamber.stroke;
    const double phase = uniform(random, 0.0, 2.0 * std::numbers::pi);
    const double referenceAmplitude = scale / chamber.referenceVolume;
    const auto count = static_cast<std::size_t>(seconds * chamber.sampleRate);
    trace.reserve(count);
    for (std::size_t i = 0; i < count; ++i) {
        const double t = static_cast<double>(i) * interval;
        const Complex air = airAt(t) - Complex(0.0, leakLoss);
        const Complex drive = std::polar(1.0, omega() * t + phase);
        const double test = (scale / air * drive).real() + disturbance.testAt(t, interval, random) +
                            breathing * std::sin(2.0 * std::numbers::pi * breathRate * t) +
                            gauss(random, chamber.noise);
        const double reference =
            (-referenceAmplitude * drive).real() + disturbance.referenceAt(t) + gauss(random, chamber.noise);
        trace.push_back({Seconds(t), Pascals(converted(test)), Pascals(converted(reference))});
    }
    return trace;
}

} // namespace

PressureTrace playCalibration(const ChamberModel& chamber, bool cylinder, double seconds, Random& random) {
    const Complex air = chamber.testVolume - (cylinder ? chamber.cylinder : 0.0);
    return play(
        chamber, seconds, random, [air](double) { return air; }, 0.0, Disturbance({}, seconds, random), 0.0,
        0.25);
}

PressureTrace playVolumeTrial(const ChamberModel& chamber, const ChamberOccupant& occupant, double seconds,
                              Random& random) {
    const ChamberFaults& faults = occupant.faults;
    const Disturbance disturbance(faults, seconds, random);
    // Air in hair or clothing relaxes slowly enough to show a loss; the lungs do not.
    const double loose = faults.looseAir ? uniform(random, 0.8, 4.0) : 0.0;
    const double looseRelaxation = uniform(random, 0.05, 0.12);
    const double film = occupant.skinFilm * (faults.warmDamp ? uniform(random, 1.3, 1.8) : 1.0);
    const double leak = faults.doorOpen ? uniform(random, 0.015, 0.2) : 0.0;
    const double breathPhase = uniform(random, 0.0, 2.0 * std::numbers::pi);
    const double solid = occupant.tissueVolume + (faults.cylinderLeft ? chamber.cylinder : 0.0);
    const double rest = chamber.testVolume - solid - occupant.meanThoracicGas - film - loose;
    const Complex still = rest + looks(film, skinRelaxation) + looks(loose, looseRelaxation);
    const auto airAt = [=](double t) {
        // Breathing moves air between the chamber and the lungs: only its heat exchange changes.
        const double lungs = occupant.meanThoracicGas +
                             0.5 * occupant.tidalVolume *
                                 std::sin(2.0 * std::numbers::pi * occupant.breathsPerSecond * t + breathPhase);
        return still + (occupant.meanThoracicGas - lungs) + looks(lungs, 0.0) + disturbance.volumeAt(t);
    };
    return play(chamber, seconds, random, airAt, std::tan(leak) * rest, disturbance, 4.0,
                occupant.breathsPerSecond);
}

std::vector<airdisplacement::PantingSample> playPanting(const ChamberModel& chamber,
                                                        const ChamberOccupant& occupant, double effort,
                                                        bool slackCheeks, Random& random) {
    std::vector<airdisplacement::PantingSample> samples;
    const double barometric = chamber.airPressure * 760.0 / 101325.0;
    const double air = chamber.testVolume - occupant.tissueVolume - occupant.meanThoracicGas;
    for (int i = 0; i < 350; ++i) {
        const double t = i / chamber.sampleRate;
        const double airway = effort * std::sin(2.0 * std::numbers::pi * t) * (1.0 - std::exp(-t / 0.2));
        // Slack cheeks: part of the effort moves the cheeks instead of the lungs, out of step.
        const double lungs = slackCheeks ? 0.6 * effort * std::sin(2.0 * std::numbers::pi * t - 0.9) : airway;
        const double change = occupant.meanThoracicGas * lungs / ((barometric - 47.0) * 1.35951); // L
        const double pressure = adiabaticExponent * chamber.airPressure * change / air;
        samples.push_back({Seconds(t), Pascals(pressure + gauss(random, chamber.noise)),
                           CentimetresOfWater(airway + gauss(random, 0.05))});
    }
    return samples;
}

} // namespace fusain::simulation

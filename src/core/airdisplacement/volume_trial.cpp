// What one trial in the chamber says: the volume, or what went wrong.
#include "core/airdisplacement/chamber.hpp"
#include "core/airdisplacement/window_fit.hpp"
#include "core/numeric/statistics.hpp"
#include "core/units/format.hpp"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusain::airdisplacement {
namespace {

constexpr double shortestTrial = 15.0;   // s
constexpr double doorPhase = 6e-3;       // rad: more is lost through a door, not in hair
constexpr double loosePhase = 2.0e-4;    // rad beyond calibration and skin
constexpr double mostDownward = 0.12;    // of the energy of a cough lies below the baseline
constexpr double mostFilled = 0.40;      // of a second that a cough fills
constexpr double warmRise = 4.0;         // Pa: rise of the closed chamber against the reference
constexpr double leastDrift = 0.15;      // L over 50 s
constexpr double driftErrors = 3.2;      // standard errors
constexpr double skinRelaxation = 0.007; // s: thermal relaxation of the thin film on the skin
constexpr double trialSeconds = 50.0;

double omega() {
    return 2.0 * std::numbers::pi * driveFrequency.value();
}

// Loss of the film of air that the surface-area artefact stands for.
double skinPhase(SquareMetres surfaceArea, Litres air) {
    const double film = 4.67e-5 * squareCentimetres(surfaceArea); // L, already times 0.4
    const double x = omega() * skinRelaxation;
    return film * x / (1.0 + x * x) / air.value();
}

// What a disturbed stretch looks like. A cough blows: short, and only upward. A movement goes both ways and
// lasts.
struct Bursts {
    int windows = 0;       ///< seconds that the drive and a slow baseline do not explain
    double downward = 0.0; ///< part of their energy below the baseline
    double filled = 0.0;   ///< largest part of one second above a third of the peak
    [[nodiscard]] bool cough() const { return downward < mostDownward && filled < mostFilled; }
};

Bursts burstsIn(std::span<const PressureSample> samples, const std::vector<Window>& windows,
                std::complex<double> amplitude, double limit) {
    Bursts bursts;
    double up = 0.0, down = 0.0;
    for (const Window& window : windows) {
        if (window.residual <= limit)
            continue;
        ++bursts.windows;
        std::vector<double> rest;
        for (const PressureSample& sample : samples) {
            const double t = sample.time.value();
            if (std::abs(t - window.time) <= 0.5)
                rest.push_back(sample.test.value() - amplitude.real() * std::cos(omega() * t) +
                               amplitude.imag() * std::sin(omega() * t));
        }
        const double baseline = statistics::median(rest);
        double peak = 0.0;
        for (double& value : rest) {
            value -= baseline;
            peak = std::max(peak, std::abs(value));
            (value > 0.0 ? up : down) += value * value;
        }
        const auto above =
            std::ranges::count_if(rest, [&](double value) { return std::abs(value) > 0.35 * peak; });
        bursts.filled = std::max(bursts.filled, static_cast<double>(above) / static_cast<double>(rest.size()));
    }
    bursts.downward = up + down > 0.0 ? down / (up + down) : 0.0;
    return bursts;
}

struct Line {
    double slope = 0.0, error = 0.0;
};

Line fitLine(const std::vector<double>& times, const std::vector<double>& values) {
    const double middle = statistics::mean(times), level = statistics::mean(values);
    double xx = 0.0, xy = 0.0, rest = 0.0;
    for (std::size_t i = 0; i < times.size(); ++i) {
        xx += (times[i] - middle) * (times[i] - middle);
        xy += (times[i] - middle) * (values[i] - level);
    }
    const double slope = xy / xx;
    for (std::size_t i = 0; i < times.size(); ++i)
        rest += std::pow(values[i] - level - slope * (times[i] - middle), 2);
    return {slope, std::sqrt(rest / static_cast<double>(times.size() - 2) / xx)};
}

// How much the baseline of the closed chamber rose against the reference, last quarter against first.
double riseOf(const std::vector<Window>& windows) {
    const std::size_t quarter = std::max<std::size_t>(1, windows.size() / 4);
    const auto meanOver = [&](std::size_t from) {
        double sum = 0.0;
        for (std::size_t i = from; i < from + quarter; ++i)
            sum += windows[i].testBaseline - windows[i].referenceBaseline;
        return sum / static_cast<double>(quarter);
    };
    return meanOver(windows.size() - quarter) - meanOver(0);
}

// Standard error from means over stretches of ten seconds, so that breathing does not count as independent
// noise.
double errorOverBreaths(const std::vector<double>& volumes) {
    std::vector<double> means;
    for (std::size_t i = 0; i + 10 <= volumes.size(); i += 10)
        means.push_back(statistics::mean({volumes.data() + i, 10}));
    return means.size() < 2
               ? statistics::standardDeviation(volumes) / std::sqrt(static_cast<double>(volumes.size()))
               : statistics::standardDeviation(means) / std::sqrt(static_cast<double>(means.size()));
}

TrialState plausibility(Litres volume, const Calibration& calibration, Kilograms mass) {
    if (plausibleRawVolume(mass, volume))
        return TrialState::Readable;
    return plausibleRawVolume(mass, volume - calibration.cylinderVolume) ? TrialState::CylinderLeft
                                                                         : TrialState::Implausible;
}

} // namespace

Message VolumeReadingResult::message() const {
    switch (state) {
    case TrialState::Waiting:
        return {FUSAIN_TEXT("Recording: sit still, hands in the lap, breathe quietly."), {}};
    case TrialState::Readable:
        return {FUSAIN_TEXT("Steady: {1} L."), {fixed(volume.value(), 3)}};
    case TrialState::Movement:
        return {FUSAIN_TEXT("The person moved: repeat this trial, hands in the lap."), {}};
    case TrialState::Cough:
        return {FUSAIN_TEXT("A cough or a laugh: wait until it has passed, then repeat."), {}};
    case TrialState::DoorLeak:
        return {FUSAIN_TEXT("The door is not shut: close it without leaning on it, then repeat."), {}};
    case TrialState::Draught:
        return {
            FUSAIN_TEXT("The volume drifts by {1} mL over the trial: a draught or a change of temperature."),
            {signedFixed(1000.0 * driftPerTrial.value(), 0)}};
    case TrialState::WarmOrDamp:
        return {FUSAIN_TEXT("The chamber is warming up because the client is warm or damp. Dry the client, let "
                            "them rest for ten minutes, then repeat."),
                {}};
    case TrialState::LooseAir:
        return {FUSAIN_TEXT(
                    "Air is held in hair or clothing: cap pressed flat, close-fitting swimwear, then repeat."),
                {}};
    case TrialState::CylinderLeft:
        return {
            FUSAIN_TEXT(
                "The calibration cylinder seems to be still inside: the volume is about that much too large."),
            {}};
    case TrialState::Implausible:
        return {FUSAIN_TEXT("{1} L does not go with the mass: check mass and calibration."),
                {fixed(volume.value(), 1)}};
    }
    return {};
}

VolumeReadingResult readVolume(std::span<const PressureSample> samples, const Calibration& calibration,
                               const Occupant& occupant) {
    VolumeReadingResult result;
    const std::vector<Window> windows = fitWindows(samples);
    std::vector<double> residuals;
    for (const Window& window : windows)
        residuals.push_back(window.residual);
    const double restless = 2.5 * statistics::median(residuals) + 0.05;
    std::vector<double> phases;
    std::complex<double> amplitude = 0.0;
    for (const Window& window : windows) {
        if (window.residual > restless)
            continue;
        result.windowTimes.push_back(window.time);
        result.windowVolumes.push_back(calibration.volumeAt(std::abs(window.ratio())).value());
        phases.push_back(std::arg(-window.ratio()));
        amplitude += window.test;
    }
    if (windows.empty() || result.windowVolumes.size() < 4 ||
        samples.back().time.value() - samples.front().time.value() < shortestTrial)
        return result;
    amplitude /= static_cast<double>(phases.size());
    result.volume = Litres(statistics::mean(result.windowVolumes));
    result.standardError = Litres(errorOverBreaths(result.windowVolumes));
    const Line line = fitLine(result.windowTimes, result.windowVolumes);
    result.driftPerTrial = Litres(trialSeconds * line.slope);
    const double ratio = calibration.empty.ratio - (result.volume / calibration.cylinderVolume) *
                                                       (calibration.empty.ratio - calibration.cylinder.ratio);
    // Air that gives heat away lags: the ratio of the pressures turns backward.
    result.phaseExcess = calibration.empty.phase - statistics::mean(phases) -
                         skinPhase(occupant.surfaceArea, calibration.airAt(ratio));
    const Bursts bursts = burstsIn(samples, windows, amplitude, restless);
    if (std::abs(result.phaseExcess) > doorPhase)
        result.state = TrialState::DoorLeak;
    else if (bursts.windows > 0)
        result.state = bursts.cough() ? TrialState::Cough : TrialState::Movement;
    else if (riseOf(windows) > warmRise)
        result.state = TrialState::WarmOrDamp;
    else if (std::abs(result.driftPerTrial.value()) >
             std::max(leastDrift, driftErrors * trialSeconds * line.error))
        result.state = TrialState::Draught;
    else if (std::abs(result.phaseExcess) > loosePhase)
        result.state = TrialState::LooseAir;
    else
        result.state = plausibility(result.volume, calibration, occupant.mass);
    return result;
}

} // namespace fusain::airdisplacement

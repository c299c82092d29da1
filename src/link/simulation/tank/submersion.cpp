#include "link/simulation/tank/submersion.hpp"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusain::simulation {
namespace {

struct Splash {
    double time, height, width;
};

std::vector<Splash> drawSplashes(const SubmersionSettings& settings, Random& random) {
    const int count = settings.faults.splash ? 12 : std::uniform_int_distribution(0, 3)(random);
    const double latest = settings.faults.splash ? settings.duration : 2.5;
    std::vector<Splash> splashes;
    for (int i = 0; i < count; ++i)
        splashes.push_back(
            {uniform(random, 0.0, latest), uniform(random, -0.6, 0.6), uniform(random, 0.02, 0.06)});
    return splashes;
}

// A touch takes weight off (or presses down), with friction that makes the force wander.
class WallTouch {
public:
    WallTouch(const SubmersionSettings& settings, double readableFrom, Random& random) {
        const bool fromTheStart = uniform(random, 0.0, 1.0) < 0.3;
        const double lastStart = std::max(readableFrom + 1.5, settings.duration - 2.0);
        start_ = fromTheStart ? readableFrom * 0.5 : uniform(random, readableFrom + 1.0, lastStart);
        end_ = fromTheStart ? settings.duration + 1.0 : start_ + uniform(random, 1.2, 5.0);
        force_ = uniform(random, 0.08, 0.9) * (uniform(random, 0.0, 1.0) < 0.75 ? -1.0 : 1.0);
        friction_ = uniform(random, 0.10, 0.35) * std::abs(force_);
    }
    double at(double time, double interval, Random& random) {
        if (time < start_ || time > end_)
            return 0.0;
        const double memory = std::exp(-interval / 0.35);
        wander_ = memory * wander_ +
                  std::sqrt(1.0 - memory * memory) * std::normal_distribution(0.0, friction_)(random);
        return force_ * std::min({1.0, (time - start_) / 0.15, (end_ - time) / 0.15}) + wander_;
    }

private:
    double start_ = 0.0, end_ = 0.0, force_ = 0.0, friction_ = 0.0, wander_ = 0.0;
};

} // namespace

SubmersionSettings drawSubmersion(Random& random, double steadyGross) {
    SubmersionSettings settings;
    settings.steadyGross = steadyGross;
    settings.frequency = uniform(random, 0.3, 1.5);
    settings.amplitude = uniform(random, 0.05, 0.6);
    settings.swingDecay = uniform(random, 2.5, 10.0);
    settings.noise = uniform(random, 0.003, 0.008);
    settings.breath = uniform(random, 0.5, 2.5);
    settings.breathingOut = uniform(random, 0.4, 0.9);
    settings.leak = uniform(random, 0.03, 0.15);
    settings.duration = uniform(random, 10.0, 14.0);
    return settings;
}

Submersion playSubmersion(const SubmersionSettings& settings, Random& random) {
    Submersion result;
    result.steadyGross = settings.steadyGross;
    result.readableFrom = settings.breathingOut * std::log(std::max(1.0, settings.breath / 0.005));
    const double phase = uniform(random, 0.0, 2.0 * std::numbers::pi);
    const std::vector<Splash> splashes = drawSplashes(settings, random);
    WallTouch touch(settings, result.readableFrom, random);
    std::normal_distribution<double> noise(0.0, settings.noise);

    const double interval = 1.0 / settings.sampleRate;
    const auto count = static_cast<std::size_t>(settings.duration * settings.sampleRate);
    result.samples.reserve(count);
    for (std::size_t i = 0; i < count; ++i) {
        const double t = static_cast<double>(i) * interval;
        double gasLeft = settings.breath * std::exp(-t / settings.breathingOut);
        if (settings.faults.incompleteBreathingOut)
            gasLeft += settings.leak * (settings.duration + 4.0 - t);
        double gross = settings.steadyGross - 0.994 * gasLeft + settings.faults.zeroDriftPerSecond * t +
                       settings.amplitude * std::exp(-t / settings.swingDecay) *
                           std::cos(2.0 * std::numbers::pi * settings.frequency * t + phase);
        for (const Splash& splash : splashes) {
            const double distance = (t - splash.time) / splash.width;
            gross += splash.height * std::exp(-0.5 * distance * distance);
        }
        if (settings.faults.wallTouch)
            gross += touch.at(t, interval, random);
        result.samples.push_back({Seconds(t), Kilograms(gross + noise(random))});
    }
    return result;
}

} // namespace fusain::simulation

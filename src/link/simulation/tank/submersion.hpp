#pragma once
#include "core/hydrostatic/weighing_trace.hpp"
#include "link/simulation/method/random.hpp"

#include <cstdint>
#include <vector>

namespace fusain::simulation {

/// What goes wrong during one simulated submersion.
struct SubmersionFaults {
    bool incompleteBreathingOut = false; ///< gas keeps leaving slowly until the end
    bool wallTouch = false;              ///< a hand or foot on the wall
    bool splash = false;                 ///< many splashes instead of a few
    double zeroDriftPerSecond = 0.0;     ///< kg/s of the load cell itself
};

/// One person sitting on the chair under water, as the load cell feels it.
struct SubmersionSettings {
    double steadyGross = 7.0;  ///< kg, when breathing out is complete
    double frequency = 0.7;    ///< Hz, 0.3 … 1.5
    double amplitude = 0.3;    ///< kg, 0.05 … 0.6
    double swingDecay = 5.0;   ///< s
    double noise = 0.005;      ///< kg, standard deviation of one sample
    double breath = 1.5;       ///< L still to breathe out when the head goes under
    double breathingOut = 0.7; ///< s, time constant
    double leak = 0.06;        ///< L/s, only with incompleteBreathingOut
    double duration = 12.0;    ///< s under water
    double sampleRate = 50.0;  ///< Hz
    SubmersionFaults faults;
};

/// The samples and what is true about them.
struct Submersion {
    std::vector<hydrostatic::ForceSample> samples;
    double steadyGross = 0.0;
    double readableFrom = 0.0; ///< s: less than 5 g of breath left to leave
};

/// Settings drawn over the ranges that the instrument protocol states.
[[nodiscard]] SubmersionSettings drawSubmersion(Random& random, double steadyGross);
/// Plays one submersion. Same settings and random state, same samples.
[[nodiscard]] Submersion playSubmersion(const SubmersionSettings& settings, Random& random);

} // namespace fusain::simulation

#pragma once
#include <random>

namespace fusain::simulation {

/// What every simulated instrument draws from: seeded, so that a day can be played again.
using Random = std::mt19937_64;

[[nodiscard]] inline double gauss(Random& random, double deviation) {
    return std::normal_distribution(0.0, deviation)(random);
}
[[nodiscard]] inline double uniform(Random& random, double low, double high) {
    return std::uniform_real_distribution(low, high)(random);
}

} // namespace fusain::simulation

#pragma once
#include "core/units/units.hpp"

#include <cmath>

namespace fusain::anthropometry {

/// Right limb against left. A difference counts only beyond what the measurement can tell apart, and is called
/// notable only beyond what the lab calls so: noise must not look like an imbalance.
struct LimbBalance {
    Kilograms difference{0.0};       ///< right − left
    Kilograms leastSignificant{0.0}; ///< 95 %, of the difference within one measurement
    Kilograms threshold{0.0};        ///< of the lab
    Percent asymmetry{0.0};          ///< 200·(right − left)/(right + left)
    [[nodiscard]] bool real() const { return std::abs(difference.value()) > leastSignificant.value(); }
    [[nodiscard]] bool notable() const { return real() && std::abs(difference.value()) > threshold.value(); }
};

} // namespace fusain::anthropometry

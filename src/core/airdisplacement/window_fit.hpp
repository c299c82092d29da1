#pragma once
#include "core/airdisplacement/chamber.hpp"

#include <complex>

namespace fusain::airdisplacement {

/// Both chambers over one second: complex amplitudes at the drive frequency and the slow baselines.
struct Window {
    double time = 0.0;                                  ///< s, middle
    std::complex<double> test, reference;               ///< Pa
    double testBaseline = 0.0, referenceBaseline = 0.0; ///< Pa
    double residual = 0.0;                              ///< Pa, root mean square, test chamber
    [[nodiscard]] std::complex<double> ratio() const { return reference / test; }
};

/// Fits windows of one second with at least 30 samples each; other stretches are left out.
[[nodiscard]] std::vector<Window> fitWindows(std::span<const PressureSample> samples);

} // namespace fusain::airdisplacement

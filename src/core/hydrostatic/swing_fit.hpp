#pragma once
#include <optional>
#include <span>

namespace fusain::hydrostatic {

struct SwingPoint {
    double time; ///< s
    double mass; ///< kg
};

/// A damped swing about a steady level, with the tail of the breathing out, fitted to one window.
struct SwingFit {
    double start = 0.0, end = 0.0;         ///< s
    double level = 0.0, levelError = 0.0;  ///< kg; of the model with the tail
    double tail = 0.0;                     ///< kg still missing at the window's start, going with 0.75 s
    double drift = 0.0, driftError = 0.0;  ///< kg/s; from the model with drift
    double frequency = 0.0, damping = 0.0; ///< Hz, 1/s
    double amplitude = 0.0;                ///< kg at the start of the window
    double residual = 0.0;      ///< robust residual standard deviation of the model with the tail, kg
    double driftResidual = 0.0; ///< the same of the model with the drift, kg
};

/// Fits a − c e^(−τ/0.75 s) + e^(−λτ)(p cos ωτ + q sin ωτ), and the same with a drift in place of the tail.
/// @param window at least 20 points in order of time
/// @param noise standard deviation of the samples' high-frequency noise, kg, used for the Huber weights
/// @return nothing when the normal equations are singular
[[nodiscard]] std::optional<SwingFit> fitSwing(std::span<const SwingPoint> window, double noise);

} // namespace fusain::hydrostatic

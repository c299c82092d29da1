#include "core/airdisplacement/window_fit.hpp"

#include <Eigen/Dense>
#include <cmath>
#include <numbers>

namespace fusain::airdisplacement {
namespace {

constexpr double windowSeconds = 1.0; // three whole cycles of the drive
constexpr int terms = 5;              // baseline, slope, bend, cosine, sine

Window fitWindow(std::span<const PressureSample> samples) {
    const double middle = 0.5 * (samples.front().time.value() + samples.back().time.value());
    const double omega = 2.0 * std::numbers::pi * driveFrequency.value();
    Eigen::Matrix<double, terms, terms> normal = Eigen::Matrix<double, terms, terms>::Zero();
    Eigen::Matrix<double, terms, 2> right = Eigen::Matrix<double, terms, 2>::Zero();
    double squares = 0.0;
    for (const PressureSample& sample : samples) {
        const double t = sample.time.value(), s = t - middle;
        const Eigen::Matrix<double, terms, 1> row{1.0, s, s * s, std::cos(omega * t), std::sin(omega * t)};
        normal.noalias() += row * row.transpose();
        right.col(0) += row * sample.test.value();
        right.col(1) += row * sample.reference.value();
        squares += sample.test.value() * sample.test.value();
    }
    const Eigen::Matrix<double, terms, 2> x = normal.ldlt().solve(right);
    Window window;
    window.time = middle;
    window.test = {x(3, 0), -x(4, 0)};
    window.reference = {x(3, 1), -x(4, 1)};
    window.testBaseline = x(0, 0);
    window.referenceBaseline = x(0, 1);
    const double rest = squares - x.col(0).dot(right.col(0));
    window.residual = std::sqrt(std::max(0.0, rest) / static_cast<double>(samples.size() - terms));
    return window;
}

} // namespace

std::vector<Window> fitWindows(std::span<const PressureSample> samples) {
    std::vector<Window> windows;
    for (std::size_t first = 0; first < samples.size();) {
        const double end = samples[first].time.value() + windowSeconds - 1e-9;
        std::size_t last = first;
        while (last < samples.size() && samples[last].time.value() < end)
            ++last;
        // The last, cut-off window would not hold whole cycles.
        const bool whole = last < samples.size() ||
                           samples[last - 1].time.value() - samples[first].time.value() > 0.95 * windowSeconds;
        if (whole && last - first >= 30)
            windows.push_back(fitWindow(samples.subspan(first, last - first)));
        first = last;
    }
    return windows;
}

} // namespace fusain::airdisplacement

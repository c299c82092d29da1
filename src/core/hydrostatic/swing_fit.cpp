#include "core/hydrostatic/swing_fit.hpp"

#include "core/numeric/statistics.hpp"

#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <vector>

namespace fusain::hydrostatic {
namespace {

constexpr double twoPi = 2.0 * std::numbers::pi;
constexpr std::array dampings{0.05, 0.3};
constexpr std::array frequencies{0.27, 0.33, 0.40, 0.48, 0.57, 0.67, 0.79, 0.92, 1.07, 1.24, 1.42, 1.60};

// The slow term beside the swing: a straight drift, or the tail of the breathing out.
enum class Slow { Drift, Tail };
constexpr double tailSeconds = 0.75; // a usual breathing out
// The window is chosen after the fact and the tail is not quite exponential: 1,000 simulated traces call for
// this.
constexpr double errorInflation = 1.25;
constexpr double tailPriorDeviation = 0.05; // kg, how much of the tail a window may still hold

// Model: level + slow·s(t) + e^(−λτ)(p cos ωτ + q sin ωτ), s(t) = t − middle or −e^(−τ/0.75 s).
struct Parameters {
    double level = 0.0, cosine = 0.0, sine = 0.0, damping = 0.0, omega = 0.0, slow = 0.0;
};

// e^(−λτ)·(cos ωτ, sin ωτ) for rising τ. Samples come at even steps, so that a rotation replaces the functions.
class DampedRotation {
public:
    DampedRotation(double damping, double omega) : damping_(damping), omega_(omega) {}
    void advanceTo(double tau) {
        const double step = tau - tau_;
        if (std::abs(step - step_) > 1e-9) {
            step_ = step;
            const double decay = std::exp(-damping_ * step);
            stepCosine_ = decay * std::cos(omega_ * step);
            stepSine_ = decay * std::sin(omega_ * step);
        }
        const double c = cosine * stepCosine_ - sine * stepSine_;
        sine = cosine * stepSine_ + sine * stepCosine_;
        cosine = c;
        tau_ = tau;
    }
    double cosine = 1.0, sine = 0.0;

private:
    double damping_, omega_;
    double tau_ = 0.0, step_ = 0.0, stepCosine_ = 1.0, stepSine_ = 0.0;
};

class WindowFit {
public:
    WindowFit(std::span<const SwingPoint> window, double noise)
        : window_(window), noise_(noise), start_(window.front().time),
          middle_(0.5 * (window.front().time + window.back().time)), weights_(window.size(), 1.0) {
        drift_.reserve(window.size());
        tail_.reserve(window.size());
        for (const SwingPoint& point : window) {
            drift_.push_back(point.time - middle_);
            tail_.push_back(-std::exp(-(point.time - start_) / tailSeconds));
        }
    }

    // Best (λ, ω) of the grid by linear least squares for the other parameters.
    [[nodiscard]] std::optional<Parameters> gridSearch() const;
    // Gauss-Newton with Huber weights; the last iteration leaves the covariance behind.
    bool refine(Parameters& parameters, Slow slow);
    [[nodiscard]] double residualDeviation(const Parameters& parameters, Slow slow) const;
    [[nodiscard]] double errorOfLevel() const { return std::sqrt(covariance_(0, 0)); }
    [[nodiscard]] double errorOfSlow() const { return std::sqrt(covariance_(5, 5)); }

private:
    [[nodiscard]] const std::vector<double>& slowBasis(Slow slow) const {
        return slow == Slow::Drift ? drift_ : tail_;
    }
    bool step(Parameters& x, Slow slow);

    std::span<const SwingPoint> window_;
    double noise_, start_, middle_;
    std::vector<double> weights_, drift_, tail_; // for each point
    Eigen::Matrix<double, 6, 6> covariance_ = Eigen::Matrix<double, 6, 6>::Zero();
};

std::optional<Parameters> WindowFit::gridSearch() const {
    double smallest = -1.0;
    Parameters best;
    // Every second point is enough to choose the cell of the grid.
    const std::size_t stride = window_.size() > 150 ? 3 : 2;
    for (const double frequency : frequencies) {
        for (const double damping : dampings) {
            const double omega = twoPi * frequency;
            Eigen::Matrix4d normal = Eigen::Matrix4d::Zero();
            Eigen::Vector4d right = Eigen::Vector4d::Zero();
            double total = 0.0;
            DampedRotation swing(damping, omega);
            for (std::size_t i = 0; i < window_.size(); i += stride) {
                swing.advanceTo(window_[i].time - start_);
                const std::array basis{1.0, swing.cosine, swing.sine, drift_[i]};
                const double mass = window_[i].mass - window_.front().mass;
                for (int k = 0; k < 4; ++k) {
                    right(k) += basis[static_cast<std::size_t>(k)] * mass;
                    for (int l = 0; l <= k; ++l) // the solver reads the lower half
                        normal(k, l) += basis[static_cast<std::size_t>(k)] * basis[static_cast<std::size_t>(l)];
                }
                total += mass * mass;
            }
            const Eigen::Vector4d solution = normal.ldlt().solve(right);
            const double rest = total - solution.dot(right);
            if (std::isfinite(rest) && (smallest < 0.0 || rest < smallest)) {
                smallest = rest;
                best = {solution[0] + window_.front().mass, solution[1], solution[2], damping, omega, 0.0};
            }
        }
    }
    return smallest < 0.0 ? std::nullopt : std::optional(best);
}

bool WindowFit::step(Parameters& x, Slow slow) {
    Eigen::Matrix<double, 6, 6> normal = Eigen::Matrix<double, 6, 6>::Zero();
    Eigen::Matrix<double, 6, 1> right = Eigen::Matrix<double, 6, 1>::Zero();
    DampedRotation rotation(x.damping, x.omega);
    const std::vector<double>& slowTerms = slowBasis(slow);
    for (std::size_t i = 0; i < window_.size(); ++i) {
        const double tau = window_[i].time - start_;
        rotation.advanceTo(tau);
        const double c = rotation.cosine, s = rotation.sine;
        const double swing = x.cosine * c + x.sine * s;
        const double slowTerm = slowTerms[i];
        const double rest = window_[i].mass - (x.level + x.slow * slowTerm + swing);
        const double huber = 2.5 * noise_ / std::max(std::abs(rest), 2.5 * noise_);
        weights_[i] = huber;
        const std::array row{1.0, c, s, -tau * swing, tau * (x.sine * c - x.cosine * s), slowTerm};
        for (int k = 0; k < 6; ++k) {
            right(k) += huber * rest * row[static_cast<std::size_t>(k)];
            for (int l = 0; l <= k; ++l) // the solver reads the lower half
                normal(k, l) += huber * row[static_cast<std::size_t>(k)] * row[static_cast<std::size_t>(l)];
        }
    }
    if (slow == Slow::Tail) {
        const double tailPrior = noise_ * noise_ / (tailPriorDeviation * tailPriorDeviation);
        normal(5, 5) += tailPrior;
        right(5) -= tailPrior * x.slow;
    }
    // A weak prior keeps the frequency and damping of a swing too small to see from running away.
    const double precision = noise_ * noise_;
    const double frequencyPrior = precision / (1.5 * 1.5), dampingPrior = precision / (0.3 * 0.3);
    normal(3, 3) += dampingPrior;
    normal(4, 4) += frequencyPrior;
    right(3) += dampingPrior * (0.2 - x.damping);
    const Eigen::LDLT<Eigen::Matrix<double, 6, 6>> solver(normal);
    if (solver.info() != Eigen::Success)
        return false;
    const Eigen::Matrix<double, 6, 1> change = solver.solve(right);
    if (!change.allFinite())
        return false;
    x.level += change[0];
    x.cosine += change[1];
    x.sine += change[2];
    x.damping = std::clamp(x.damping + std::clamp(change[3], -0.3, 0.3), -0.05, 2.0);
    x.omega = std::clamp(x.omega + std::clamp(change[4], -0.6, 0.6), twoPi * 0.2, twoPi * 2.0);
    x.slow += change[5];
    covariance_ = solver.solve(Eigen::Matrix<double, 6, 6>::Identity());
    return true;
}

bool WindowFit::refine(Parameters& parameters, Slow slow) {
    for (int iteration = 0; iteration < 6; ++iteration) {
        const double before = parameters.level;
        if (!step(parameters, slow))
            return false;
        if (iteration > 1 && std::abs(parameters.level - before) < 2e-5)
            break;
    }
    return true;
}

double WindowFit::residualDeviation(const Parameters& parameters, Slow slow) const {
    double sum = 0.0, weight = 0.0;
    DampedRotation rotation(parameters.damping, parameters.omega);
    const std::vector<double>& slowTerms = slowBasis(slow);
    for (std::size_t i = 0; i < window_.size(); ++i) {
        rotation.advanceTo(window_[i].time - start_);
        const double rest =
            window_[i].mass - (parameters.level + parameters.slow * slowTerms[i] +
                               parameters.cosine * rotation.cosine + parameters.sine * rotation.sine);
        // Single splashes are weighted down; a window full of them keeps its large residual.
        const double w = std::max(0.05, weights_[i]);
        sum += w * rest * rest;
        weight += w;
    }
    return std::sqrt(sum / std::max(1.0, weight - 5.0));
}

} // namespace

std::optional<SwingFit> fitSwing(std::span<const SwingPoint> window, double noise) {
    if (window.size() < 20)
        return std::nullopt;
    WindowFit problem(window, noise);
    auto steady = problem.gridSearch();
    if (!steady)
        return std::nullopt;
    Parameters drifting = *steady;
    if (!problem.refine(drifting, Slow::Drift))
        return std::nullopt;
    SwingFit fit;
    fit.drift = drifting.slow;
    fit.driftResidual = problem.residualDeviation(drifting, Slow::Drift);
    fit.driftError = std::max(noise, fit.driftResidual) * problem.errorOfSlow();

    if (!problem.refine(*steady, Slow::Tail))
        return std::nullopt;
    fit.residual = problem.residualDeviation(*steady, Slow::Tail);
    fit.start = window.front().time;
    fit.end = window.back().time;
    fit.level = steady->level;
    fit.tail = steady->slow;
    fit.frequency = steady->omega / twoPi;
    fit.damping = steady->damping;
    fit.amplitude = std::hypot(steady->cosine, steady->sine);
    fit.levelError = errorInflation * std::max(noise, fit.residual) * problem.errorOfLevel();
    return fit;
}

} // namespace fusain::hydrostatic

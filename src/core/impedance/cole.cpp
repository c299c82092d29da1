#include "core/impedance/cole.hpp"

#include "core/numeric/statistics.hpp"
#include "core/units/format.hpp"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusain::impedance {
namespace {

using Complex = std::complex<double>;
constexpr double twoPi = 2.0 * std::numbers::pi;
constexpr int mostParameters = 5;
constexpr double leastOutlier = 0.004; // relative: nearer than this nothing is left out
using Vector = Eigen::Matrix<double, Eigen::Dynamic, 1, 0, mostParameters, 1>;
using Matrix = Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, 0, mostParameters, mostParameters>;

// Unknowns that no bound can be broken with: ln R∞, ln(R0 − R∞), logit a, ln fc; the delay in nanoseconds.
struct Unknowns {
    double logInfinite, logStep, logitExponent, logFrequency, delay;
};

double logit(double p) {
    return std::log(p / (1.0 - p));
}

ColeModel modelOf(const Unknowns& x) {
    const double infinite = std::exp(x.logInfinite);
    return {Ohms(infinite + std::exp(x.logStep)), Ohms(infinite), 1.0 / (1.0 + std::exp(-x.logitExponent)),
            Hertz(std::exp(x.logFrequency)), Seconds(x.delay * 1e-9)};
}

struct Data {
    double frequency, logFrequency, magnitude;
    Complex impedance;
};

// One spectrum and its least-squares problem. Residuals are relative to the reading, so every frequency has the
// same weight.
class ColeProblem {
public:
    ColeProblem(std::span<const SpectrumPoint> points, bool magnitudeOnly)
        : magnitudeOnly_(magnitudeOnly), parameters_(magnitudeOnly ? 4 : 5), weights_(points.size(), 1.0),
          relative_(points.size(), 0.0) {
        data_.reserve(points.size());
        for (const SpectrumPoint& point : points)
            data_.push_back({point.frequency.value(), std::log(point.frequency.value()),
                             point.magnitude.value(),
                             point.impedance ? point.impedance->complex() : Complex()});
    }

    // Circle through the points (Kåsa), or a guess from the ends where there are magnitudes only.
    [[nodiscard]] std::optional<Unknowns> start() const {
        if (magnitudeOnly_) {
            const double low = data_.front().magnitude * 1.01, high = data_.back().magnitude * 0.98;
            if (!(low > high))
                return std::nullopt;
            return Unknowns{std::log(high), std::log(low - high), logit(0.70), std::log(40e3), 0.0};
        }
        Eigen::Matrix3d normal = Eigen::Matrix3d::Zero();
        Eigen::Vector3d right = Eigen::Vector3d::Zero();
        for (const Data& each : data_) {
            const double x = each.impedance.real(), y = -each.impedance.imag();
            const Eigen::Vector3d row(x, y, 1.0);
            normal += row * row.transpose();
            right += row * (x * x + y * y);
        }
        const Eigen::Vector3d solution = normal.ldlt().solve(right);
        const double centreX = 0.5 * solution[0], centreY = 0.5 * solution[1];
        const double radius = std::sqrt(std::max(0.0, solution[2] + centreX * centreX + centreY * centreY));
        double half = radius > std::abs(centreY) ? std::sqrt(radius * radius - centreY * centreY) : 0.0;
        double infinite = centreX - half;
        const auto steepest =
            std::ranges::max_element(data_, {}, [](const Data& each) { return -each.impedance.imag(); });
        double exponent = half > 0.0 && centreY < 0.0
                              ? 2.0 / std::numbers::pi * std::asin(std::min(1.0, half / radius))
                              : 0.7;
        if (!(half > 0.0) || !(infinite > 0.0) || !std::isfinite(half)) { // no circle: the ends must do
            infinite = 0.95 * std::abs(data_.back().impedance.real());
            half = 0.5 * std::abs(data_.front().impedance.real() * 1.05 - infinite);
            exponent = 0.7;
        }
        if (!(half > 0.0) || !(infinite > 0.0))
            return std::nullopt;
        exponent = std::clamp(exponent, 0.45, 0.95);
        return Unknowns{std::log(infinite), std::log(2.0 * half), logit(exponent), steepest->logFrequency, 0.0};
    }

    // Levenberg-Marquardt until the weighted sum of squares stands still. @return whether it did
    bool minimize(Unknowns& x, int iterations) {
        double damping = 1e-3;
        double cost = assemble(x);
        for (int i = 0; i < iterations; ++i) {
            Matrix damped = normal_;
            damped.diagonal() += damping * normal_.diagonal();
            const Vector step = damped.ldlt().solve(right_);
            if (!step.allFinite())
                return false;
            Unknowns tried = moved(x, step);
            const Matrix normal = normal_;
            const Vector right = right_;
            const double triedCost = assemble(tried);
            if (triedCost <= cost) {
                const bool still = cost - triedCost <= 1e-9 * cost + 1e-18;
                x = tried;
                cost = triedCost;
                damping = std::max(1e-9, damping * 0.1);
                if (still)
                    return true;
            } else {
                normal_ = normal;
                right_ = right;
                damping *= 10.0;
                if (damping > 1e8)
                    return true; // no better place is near
            }
        }
        return true;
    }

    // Whether any reading lies far enough from the arc to be an outlier at all.
    [[nodiscard]] bool anyFar() const {
        return std::ranges::any_of(relative_, [](double residual) { return residual > leastOutlier; });
    }
    // Standard deviation of one residual, from the median of their sizes.
    [[nodiscard]] double scale() const {
        const double median = statistics::median(relative_);
        return std::max(2e-4, median / (magnitudeOnly_ ? 0.6745 : 1.1774));
    }
    void reweigh(bool tukey) {
        const double sigma = scale();
        for (std::size_t i = 0; i < data_.size(); ++i) {
            const double r = relative_[i];
            if (tukey) {
                const double u = r / (6.0 * sigma);
                weights_[i] = u < 1.0 ? (1.0 - u * u) * (1.0 - u * u) : 0.0;
            } else {
                weights_[i] = r <= 2.0 * sigma ? 1.0 : 2.0 * sigma / r;
            }
        }
    }
    // Leaves the outliers out altogether; the rest counts fully.
    std::vector<std::size_t> dropOutliers() {
        const double sigma = scale();
        std::vector<std::size_t> dropped;
        for (std::size_t i = 0; i < data_.size(); ++i) {
            const bool out = relative_[i] > 4.0 * sigma && relative_[i] > leastOutlier;
            weights_[i] = out ? 0.0 : 1.0;
            if (out)
                dropped.push_back(i);
        }
        return dropped;
    }

    double assemble(const Unknowns& x) {
        normal_ = Matrix::Zero(parameters_, parameters_);
        right_ = Vector::Zero(parameters_);
        const double infinite = std::exp(x.logInfinite), step = std::exp(x.logStep);
        const double exponent = 1.0 / (1.0 + std::exp(-x.logitExponent));
        double cost = 0.0;
        std::array<Complex, mostParameters> slope;
        for (std::size_t i = 0; i < data_.size(); ++i) {
            const Data& each = data_[i];
            const Complex turned(each.logFrequency - x.logFrequency, std::numbers::pi / 2.0);
            const Complex g = std::exp(exponent * turned), n = 1.0 / (1.0 + g);
            const double omega = twoPi * each.frequency * 1e-9;
            const Complex rotation = std::polar(1.0, -omega * x.delay);
            const Complex z = (infinite + step * n) * rotation;
            const Complex common = step * n * n * g * rotation;
            slope = {infinite * rotation, step * n * rotation, -common * turned * exponent * (1.0 - exponent),
                     common * exponent, Complex(0.0, -omega) * z};
            cost += add(i, each, z, slope);
        }
        return cost;
    }

    [[nodiscard]] const Matrix& normal() const { return normal_; }
    [[nodiscard]] const std::vector<double>& relative() const { return relative_; }
    [[nodiscard]] int parameters() const { return parameters_; }

private:
    double add(std::size_t i, const Data& each, const Complex& z,
               const std::array<Complex, mostParameters>& slope) {
        std::array<double, mostParameters> real{}, imaginary{};
        Complex residual;
        if (magnitudeOnly_) {
            residual = std::log(std::abs(z) / each.magnitude);
            for (int k = 0; k < parameters_; ++k)
                real[static_cast<std::size_t>(k)] = (slope[static_cast<std::size_t>(k)] / z).real();
        } else {
            residual = (z - each.impedance) / each.magnitude;
            for (int k = 0; k < parameters_; ++k) {
                real[static_cast<std::size_t>(k)] = slope[static_cast<std::size_t>(k)].real() / each.magnitude;
                imaginary[static_cast<std::size_t>(k)] =
                    slope[static_cast<std::size_t>(k)].imag() / each.magnitude;
            }
        }
        relative_[i] = std::abs(residual);
        const double weight = weights_[i];
        for (int a = 0; a < parameters_; ++a) {
            const auto row = static_cast<std::size_t>(a);
            right_[a] -= weight * (real[row] * residual.real() + imaginary[row] * residual.imag());
            for (int b = 0; b <= a; ++b) {
                const auto column = static_cast<std::size_t>(b);
                const double product = weight * (real[row] * real[column] + imaginary[row] * imaginary[column]);
                normal_(a, b) += product;
                if (a != b)
                    normal_(b, a) += product;
            }
        }
        return weight * std::norm(residual);
    }
    static Unknowns moved(const Unknowns& x, const Vector& step) {
        return {x.logInfinite + std::clamp(step[0], -1.0, 1.0), x.logStep + std::clamp(step[1], -1.0, 1.0),
                x.logitExponent + std::clamp(step[2], -1.0, 1.0),
                x.logFrequency + std::clamp(step[3], -1.0, 1.0), step.size() > 4 ? x.delay + step[4] : 0.0};
    }

    bool magnitudeOnly_;
    int parameters_;
    std::vector<Data> data_;
    std::vector<double> weights_, relative_;
    Matrix normal_;
    Vector right_;
};

void standardErrors(ColeFit& fit, const ColeProblem& problem, double cost, std::size_t used) {
    const int readings = static_cast<int>(used) * (fit.magnitudeOnly ? 1 : 2);
    fit.degreesOfFreedom = readings - problem.parameters();
    const double variance = fit.degreesOfFreedom > 0 ? cost / fit.degreesOfFreedom : 0.0;
    const Matrix covariance =
        variance * problem.normal().ldlt().solve(Matrix::Identity(problem.parameters(), problem.parameters()));
    const double infinite = fit.model.infiniteResistance.value();
    const double step = fit.model.zeroResistance.value() - infinite;
    // R∞ = e^u, R0 = e^u + e^v, R_I = R∞·R0/(R0 − R∞) with gradients in (u, v).
    const Eigen::Vector2d ofInfinite(infinite, 0.0), ofZero(infinite, step);
    const double zero = infinite + step;
    const Eigen::Vector2d ofCells = (zero * zero * ofInfinite - infinite * infinite * ofZero) / (step * step);
    const Eigen::Matrix2d uv = covariance.topLeftCorner(2, 2);
    const auto error = [&](const Eigen::Vector2d& gradient) {
        return std::sqrt(std::max(0.0, gradient.dot(uv * gradient)));
    };
    fit.infiniteResistanceError = Ohms(error(ofInfinite));
    fit.zeroResistanceError = Ohms(error(ofZero));
    fit.intracellularResistanceError = Ohms(error(ofCells));
    fit.resistanceCovariance = ofZero.dot(uv * ofInfinite);
    const double a = fit.model.exponent;
    fit.exponentError = std::sqrt(std::max(0.0, covariance(2, 2))) * a * (1.0 - a);
    fit.characteristicFrequencyError =
        Hertz(std::sqrt(std::max(0.0, covariance(3, 3))) * fit.model.characteristicFrequency.value());
    if (!fit.magnitudeOnly)
        fit.delayError = Seconds(std::sqrt(std::max(0.0, covariance(4, 4))) * 1e-9);
}

std::string percent(double fraction, int decimals) {
    return fixed(100.0 * fraction, decimals);
}

// Reasons for which the numbers are not to be used.
std::vector<Message> objections(const ColeFit& fit, std::span<const SpectrumPoint> points,
                                const FitLimits& limits) {
    std::vector<Message> found;
    const ColeModel& m = fit.model;
    if (fit.rootMeanSquareError > limits.acceptable)
        found.push_back({FUSAIN_TEXT("The arc misses the readings by {1} %; more than {2} % is not an arc."),
                         {percent(fit.rootMeanSquareError, 2), percent(limits.acceptable, 1)}});
    if (static_cast<double>(fit.outliers.size()) > limits.outlierFraction * static_cast<double>(points.size()))
        found.push_back({FUSAIN_TEXT("{1} of {2} readings are not on the arc."),
                         {std::to_string(fit.outliers.size()), std::to_string(points.size())}});
    const double ratio = m.infiniteResistance.value() / m.zeroResistance.value();
    if (ratio < limits.leastRatio || ratio > limits.mostRatio)
        found.push_back({FUSAIN_TEXT("R∞/R0 is {1}; the range is {2} to {3}."),
                         {fixed(ratio, 2), fixed(limits.leastRatio, 2), fixed(limits.mostRatio, 2)}});
    if (m.exponent < limits.leastExponent || m.exponent > limits.mostExponent)
        found.push_back(
            {FUSAIN_TEXT("The exponent of the arc is {1}; the range is {2} to {3}."),
             {fixed(m.exponent, 2), fixed(limits.leastExponent, 2), fixed(limits.mostExponent, 2)}});
    if (const double fc = m.characteristicFrequency.value();
        fc < limits.lowestFrequency.value() || fc > limits.highestFrequency.value())
        found.push_back({FUSAIN_TEXT("The characteristic frequency is {1} kHz; the range is {2} to {3}."),
                         {fixed(fc / 1e3, 1), fixed(limits.lowestFrequency.value() / 1e3, 0),
                          fixed(limits.highestFrequency.value() / 1e3, 0)}});
    return found;
}

// Reasons to be careful, none of which spoils the fit.
std::vector<Message> reservations(const ColeFit& fit, std::span<const SpectrumPoint> points,
                                  const FitLimits& limits) {
    std::vector<Message> found;
    const ColeModel& m = fit.model;
    if (fit.rootMeanSquareError > limits.good)
        found.push_back(
            {FUSAIN_TEXT("The arc misses the readings by {1} %."), {percent(fit.rootMeanSquareError, 2)}});
    if (fit.zeroResistanceError.value() > limits.zeroResistanceError * m.zeroResistance.value())
        found.push_back(
            {FUSAIN_TEXT("R0 is known to ± {1} Ω only."), {fixed(fit.zeroResistanceError.value(), 1)}});
    if (fit.infiniteResistanceError.value() > limits.infiniteResistanceError * m.infiniteResistance.value())
        found.push_back(
            {FUSAIN_TEXT("R∞ is known to ± {1} Ω only."), {fixed(fit.infiniteResistanceError.value(), 1)}});
    if (std::abs(m.delay.value()) > limits.longestDelay.value())
        found.push_back(
            {FUSAIN_TEXT("A delay of {1} ns is long: look at the leads."), {fixed(m.delay.value() * 1e9, 0)}});
    for (const SpectrumPoint& point : points)
        if (std::abs(point.frequency.value() / standardFrequency.value() - 1.0) <= 0.02) {
            const double away =
                std::abs(magnitude(m.at(point.frequency)).value() / point.magnitude.value() - 1.0);
            if (away > limits.standardPoint)
                found.push_back(
                    {FUSAIN_TEXT("At 50 kHz the arc is {1} % away from the reading."), {percent(away, 2)}});
        }
    return found;
}

bool usable(const SpectrumPoint& point, bool magnitudeOnly) {
    const double f = point.frequency.value();
    return std::isfinite(f) && f > 0.0 && std::isfinite(point.magnitude.value()) &&
           point.magnitude.value() > 0.0 &&
           (magnitudeOnly || (point.impedance && point.impedance->resistance.value() > 0.0 &&
                              std::isfinite(point.impedance->reactance.value())));
}

} // namespace

Ohms ColeModel::intracellularResistance() const {
    const double zero = zeroResistance.value(), infinite = infiniteResistance.value();
    return Ohms(zero * infinite / (zero - infinite));
}

Impedance ColeModel::at(Hertz frequency) const {
    const Complex turned(std::log(frequency.value() / characteristicFrequency.value()), std::numbers::pi / 2.0);
    const double infinite = infiniteResistance.value();
    const Complex z = infinite + (zeroResistance.value() - infinite) / (1.0 + std::exp(exponent * turned));
    return impedanceOf(z * std::polar(1.0, -twoPi * frequency.value() * delay.value()));
}

Ohms ColeModel::greatestReactance() const {
    return Ohms(0.5 * (zeroResistance - infiniteResistance).value() *
                std::tan(exponent * std::numbers::pi / 4.0));
}

double ColeModel::membraneCapacitance() const {
    return 1.0 / (twoPi * characteristicFrequency.value() *
                  (zeroResistance.value() + intracellularResistance().value()));
}

FitLimits FitLimits::of(Segment segment) {
    FitLimits limits;
    if (segment == Segment::WholeBody)
        return limits;
    limits.leastRatio = segment == Segment::Trunk ? 0.35 : 0.50;
    limits.leastExponent = segment == Segment::Trunk ? 0.45 : 0.50;
    limits.highestFrequency = Hertz(segment == Segment::Trunk ? 300e3 : 150e3);
    limits.zeroResistanceError = limits.infiniteResistanceError = segment == Segment::Trunk ? 0.05 : 0.02;
    return limits;
}

double ColeFit::intervalFactor() const {
    return statistics::studentT95(std::max(1, degreesOfFreedom));
}

std::optional<ColeFit> fitCole(std::span<const SpectrumPoint> points, const FitLimits& limits) {
    ColeFit fit;
    fit.magnitudeOnly = std::ranges::any_of(points, [](const auto& point) { return !point.impedance; });
    std::vector<SpectrumPoint> good;
    for (const SpectrumPoint& point : points)
        if (usable(point, fit.magnitudeOnly))
            good.push_back(point);
    const bool rising =
        std::ranges::adjacent_find(good, std::ranges::greater_equal(), &SpectrumPoint::frequency) == good.end();
    if (!rising || good.size() < (fit.magnitudeOnly ? 6u : 5u))
        return std::nullopt;
    ColeProblem problem(good, fit.magnitudeOnly);
    const auto start = problem.start();
    if (!start)
        return std::nullopt;
    Unknowns x = *start;
    if (!problem.minimize(x, 60))
        return std::nullopt;
    std::vector<std::size_t> dropped;
    if (problem.anyFar()) { // else no point can be an outlier, and the plain fit is the last one
        for (int pass = 0; pass < 7; ++pass) {
            problem.reweigh(pass >= 4);
            if (!problem.minimize(x, 3))
                return std::nullopt;
        }
        dropped = problem.dropOutliers();
        if (!problem.minimize(x, 20))
            return std::nullopt;
    }
    const double cost = problem.assemble(x);
    fit.model = modelOf(x);
    fit.residuals = problem.relative();
    for (const std::size_t i : dropped)
        fit.outliers.push_back(good[i].frequency);
    const std::size_t used = good.size() - dropped.size();
    fit.rootMeanSquareError = used > 0 ? std::sqrt(cost / static_cast<double>(used)) : 1.0;
    standardErrors(fit, problem, cost, used);
    fit.remarks = objections(fit, good, limits);
    if (!fit.remarks.empty() || fit.degreesOfFreedom < 1)
        return fit;
    fit.remarks = reservations(fit, good, limits);
    fit.verdict = fit.rootMeanSquareError > limits.good ? FitVerdict::Acceptable : FitVerdict::Good;
    return fit;
}

} // namespace fusain::impedance

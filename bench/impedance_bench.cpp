// One spectrum, and 100,000 of them, fitted with all that makes the fit robust, against a bare
// Levenberg-Marquardt of Eigen's on the same data with the same derivatives and starting values.
#include "core/impedance/cole.hpp"

#include <chrono>
#include <cstdio>
#include <numbers>
#include <random>
#include <unsupported/Eigen/LevenbergMarquardt>

namespace {

using namespace fusain;
using Complex = std::complex<double>;

// The same five unknowns and relative residuals, handed to the library as they are.
struct BareCole : Eigen::DenseFunctor<double> {
    const std::vector<impedance::SpectrumPoint>& points;
    explicit BareCole(const std::vector<impedance::SpectrumPoint>& data)
        : DenseFunctor(5, 2 * static_cast<int>(data.size())), points(data) {}

    int operator()(const Eigen::VectorXd& x, Eigen::VectorXd& residuals) const {
        for (std::size_t i = 0; i < points.size(); ++i) {
            const Complex z = model(x, points[i].frequency.value());
            const Complex r = (z - points[i].impedance->complex()) / points[i].magnitude.value();
            residuals[2 * static_cast<Eigen::Index>(i)] = r.real();
            residuals[2 * static_cast<Eigen::Index>(i) + 1] = r.imag();
        }
        return 0;
    }
    int df(const Eigen::VectorXd& x, Eigen::MatrixXd& jacobian) const {
        const double infinite = std::exp(x[0]), step = std::exp(x[1]), a = 1.0 / (1.0 + std::exp(-x[2]));
        for (std::size_t i = 0; i < points.size(); ++i) {
            const double f = points[i].frequency.value(), omega = 2.0 * std::numbers::pi * f * 1e-9;
            const Complex turned(std::log(f) - x[3], std::numbers::pi / 2.0), g = std::exp(a * turned),
                                                                              n = 1.0 / (1.0 + g);
            const Complex rotation = std::polar(1.0, -omega * x[4]), common = step * n * n * g * rotation;
            const Complex slopes[] = {infinite * rotation, step * n * rotation,
                                      -common * turned * a * (1.0 - a), common * a,
                                      Complex(0.0, -omega) * (infinite + step * n) * rotation};
            for (Eigen::Index k = 0; k < 5; ++k) {
                const Complex slope = slopes[k] / points[i].magnitude.value();
                jacobian(2 * static_cast<Eigen::Index>(i), k) = slope.real();
                jacobian(2 * static_cast<Eigen::Index>(i) + 1, k) = slope.imag();
            }
        }
        return 0;
    }
    static Complex model(const Eigen::VectorXd& x, double f) {
        const Complex g =
            std::exp(1.0 / (1.0 + std::exp(-x[2])) * Complex(std::log(f) - x[3], std::numbers::pi / 2.0));
        return (std::exp(x[0]) + std::exp(x[1]) / (1.0 + g)) *
               std::polar(1.0, -2.0 * std::numbers::pi * f * 1e-9 * x[4]);
    }
};

double seconds(const std::chrono::steady_clock::time_point& since) {
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - since).count();
}

} // namespace

int main() {
    constexpr int spectra = 100'000;
    std::mt19937_64 random(1);
    std::normal_distribution<double> gauss(0.0, 0.001);
    std::uniform_real_distribution<double> spread(0.85, 1.15);
    std::vector<std::vector<impedance::SpectrumPoint>> data;
    for (int i = 0; i < spectra; ++i) {
        const double size = spread(random);
        const impedance::ColeModel truth{Ohms(583.0 * size), Ohms(391.0 * size), 0.70,
                                         Hertz(40e3 * spread(random)), Seconds(15e-9)};
        std::vector<impedance::SpectrumPoint> points;
        for (const double khz : {1.0, 5.0, 20.0, 50.0, 100.0, 250.0, 500.0, 1000.0}) {
            const auto z = truth.at(kilohertz(khz)).complex();
            points.push_back(impedance::pointOf(
                kilohertz(khz),
                impedance::impedanceOf(z + Complex(gauss(random), gauss(random)) * std::abs(z))));
        }
        data.push_back(std::move(points));
    }
    double sum = 0.0;
    auto start = std::chrono::steady_clock::now();
    for (const auto& points : data)
        sum += impedance::fitCole(points)->model.zeroResistance.value();
    const double ours = seconds(start);
    start = std::chrono::steady_clock::now();
    for (const auto& points : data) {
        BareCole problem(points);
        Eigen::LevenbergMarquardt<BareCole> solver(problem);
        Eigen::VectorXd x(5);
        const double high = points.back().magnitude.value(), low = points.front().magnitude.value();
        x << std::log(0.98 * high), std::log(1.01 * low - 0.98 * high), std::log(0.7 / 0.3), std::log(40e3),
            0.0;
        solver.minimize(x);
        sum -= std::exp(x[0]) + std::exp(x[1]);
    }
    const double bare = seconds(start);
    std::printf("one spectrum fitted in %.3f ms (aim under 1); 100,000 take %.2f times a bare "
                "Levenberg-Marquardt (aim at "
                "most 1.50); mean difference of R0 %.4f ohm\n",
                1e3 * ours / spectra, ours / bare, sum / spectra);
}

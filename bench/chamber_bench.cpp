// The analysis of one volume trial, and a control chart of 10,000 checks, against a plain single pass over the
// same numbers.
#include "core/quality/control_chart.hpp"
#include "link/simulation/chamber/chamber.hpp"

#include <chrono>
#include <cstdio>

namespace {

using namespace fusain;

// Best of several runs, in milliseconds.
template <class Work>
double best(int runs, Work work) {
    double least = 1e9;
    for (int i = 0; i < runs; ++i) {
        const auto start = std::chrono::steady_clock::now();
        work();
        least = std::min(
            least, std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
    }
    return least;
}

volatile double sink = 0.0;

} // namespace

int main() {
    simulation::Random random(1);
    const simulation::ChamberModel chamber;
    const auto calibration = *airdisplacement::calibrate(
        simulation::playCalibration(chamber, false, 25.0, random),
        simulation::playCalibration(chamber, true, 25.0, random), Litres(50.0), Litres(0.005));
    const auto trial = simulation::playVolumeTrial(chamber, simulation::ChamberOccupant{}, 50.0, random);
    const airdisplacement::Occupant occupant{Kilograms(70.0), SquareMetres(1.85)};
    const double pass = best(200, [&] {
        double sum = 0.0;
        for (const auto& sample : trial)
            sum +=
                sample.test.value() * sample.test.value() + sample.reference.value() * sample.reference.value();
        sink = sum;
    });
    const double analysis =
        best(50, [&] { sink = airdisplacement::readVolume(trial, calibration, occupant).volume.value(); });
    std::printf("volume trial of 50 s: %.2f ms (aim under 5), %.0f times a single pass over the samples\n",
                analysis, analysis / pass);

    std::vector<double> checks;
    for (int i = 0; i < 10000; ++i)
        checks.push_back(50.0 + std::normal_distribution(0.0, 0.01)(random));
    const double plain = best(200, [&] {
        double sum = 0.0;
        for (const double check : checks)
            sum += check * check;
        sink = sum;
    });
    const double chart = best(20, [&] {
        const auto baseline = quality::baselineFrom({checks.data(), 25});
        sink = quality::judgeChart(checks, *baseline).back().ewma;
    });
    std::printf("control chart of 10,000 checks: %.2f ms (aim under 100), %.0f times a single pass\n", chart,
                chart / plain);
}

// How much of one core the analysis of a 1,000 Hz weighing trace needs: seconds of computing per second of
// trace.
#include "link/simulation/tank/submersion.hpp"

#include <cstdio>
#include <ctime>

int main() {
    using namespace fusain;
    simulation::Random random(7);
    double traced = 0.0, computed = 0.0;
    for (int i = 0; i < 100; ++i) {
        auto settings = simulation::drawSubmersion(random, 7.0);
        settings.sampleRate = 1000.0;
        const auto played = simulation::playSubmersion(settings, random);
        const std::clock_t start = std::clock();
        const auto reading = hydrostatic::analyseTrace(played.samples);
        computed += static_cast<double>(std::clock() - start) / CLOCKS_PER_SEC;
        traced += settings.duration;
        if (reading.gross.value() == 0.0)
            return 1;
    }
    std::printf("trace analysis at 1,000 Hz: %.2f %% of one core (aim under 2 %%)\n",
                100.0 * computed / traced);
    return 0;
}

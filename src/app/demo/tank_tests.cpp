#include "demo/tank_tests.hpp"

#include "core/water/density.hpp"

#include <cmath>

namespace fusain::demo {
namespace {

using simulation::Random;
using enum HydrostaticStep;

constexpr double waterTemperature = 34.2; // °C

double gauss(Random& random, double deviation) {
    return std::normal_distribution(0.0, deviation)(random);
}

} // namespace

Expected<void> TankTest::prepare() {
    const double reference = 5.0 + gauss(random_, 0.004);
    Expected<void> done = run_.confirm(TankReady);
    if (done)
        done = run_.checkLoadCell(Kilograms(0.0), Kilograms(5.0), Kilograms(reference));
    if (done)
        done = book_.save(Check{"check-" + run_.test().id,
                                "load-cell",
                                "load-cell",
                                clock_,
                                5.0,
                                reference,
                                true,
                                "bram",
                                {},
                                {reference}},
                          "bram");
    if (done)
        done = run_.readWaterTemperature(Celsius(waterTemperature + gauss(random_, 0.05)), Origin::Link);
    if (done)
        done = run_.answerOpen(wellPrepared);
    if (done)
        done = run_.weighDry(Kilograms(std::round((body_.mass + gauss(random_, 0.02)) * 100.0) / 100.0),
                             Origin::Link);
    if (done)
        done = run_.readRoom(Celsius(23.4), MillimetresOfMercury(756.3), Origin::Link);
    for (int effort = 0; effort < 3 && done; ++effort)
        done = run_.addEffort(Litres(body_.vitalCapacity - std::abs(gauss(random_, 0.04))), true, {},
                              Origin::Link);
    clock_ = clock_.plusMinutes(14);
    return done ? run_.confirm(Rehearsal) : done;
}

Expected<void> TankTest::weigh(int trials, double heldBack) {
    for (int trial = 0; trial < 10; ++trial) {
        if (trials > 0 ? trial >= trials : run_.trials().verdict == hydrostatic::TrialVerdict::Enough)
            break;
        clock_ = clock_.plusMinutes(1.5);
        const double net = body_.netUnderwater(water::densityTanaka2001(Celsius(waterTemperature)).value()) -
                           0.994 * heldBack * std::pow(0.78, trial) + gauss(random_, 0.02);
        const auto played = simulation::playSubmersion(simulation::drawSubmersion(random_, net), random_);
        const auto reading = hydrostatic::analyseTrace(played.samples);
        if (reading.verdict != hydrostatic::TraceVerdict::Readable)
            continue;
        if (auto done = run_.acceptTrial(reading.gross, reading.standardError, Origin::Link,
                                         reading.message().english(), played.samples);
            !done)
            return done;
    }
    return {};
}

Expected<void> TankTest::finish(const Staff& technician, const Staff& physiologist) {
    const auto done = run_.confirm(OutSafely);
    return done ? finishTest(book_, run_, run_.setting().policy,
                             "Measured calmly; the trials agree. Prepared as asked.", technician, physiologist,
                             clock_)
                : done;
}

} // namespace fusain::demo

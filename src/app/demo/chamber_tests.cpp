#include "demo/chamber_tests.hpp"

#include "core/anthropometry/surface_area.hpp"

#include <cmath>

namespace fusain::demo {
namespace {

using simulation::Random;
using enum ChamberStep;

double gauss(Random& random, double deviation) {
    return std::normal_distribution(0.0, deviation)(random);
}

Expected<void> prepare(store::LabBook& book, ChamberProcedure& run, const TrueBody& body, Random& random,
                       Instant& clock) {
    const simulation::ChamberModel chamber;
    const double scale = 20.0 + gauss(random, 0.002);
    Expected<void> done = run.confirm(WarmUp);
    if (done)
        done = run.checkScale(Kilograms(20.0), Kilograms(scale));
    if (done)
        done = book.save(Check{"check-scale-" + run.test().id,
                               "chamber-scale",
                               "reference-mass",
                               clock,
                               20.0,
                               scale,
                               true,
                               "bram",
                               {},
                               {scale}},
                         "bram");
    const auto calibration = airdisplacement::calibrate(
        simulation::playCalibration(chamber, false, 25.0, random),
        simulation::playCalibration(chamber, true, 25.0, random), Litres(chamber.cylinder), Litres(0.005));
    if (!calibration)
        return tl::unexpected(calibration.error());
    if (done)
        done = run.calibrate(*calibration);
    if (done)
        done = run.answerOpen(wellPrepared);
    clock = clock.plusMinutes(9);
    return done ? run.weigh(Kilograms(std::round((body.mass + gauss(random, 0.01)) * 1000.0) / 1000.0),
                            Origin::Link)
                : done;
}

Expected<void> trials(ChamberProcedure& run, const TrueBody& body, const ChamberDay& day, Random& random,
                      Instant& clock) {
    const airdisplacement::Occupant known{
        Kilograms(run.test().mass->value),
        anthropometry::surfaceAreaDuBois1916(Kilograms(run.test().mass->value), run.test().subject.height)};
    for (int trial = 0; trial < 8 && run.trials().verdict == airdisplacement::TrialVerdict::NeedMore; ++trial) {
        clock = clock.plusMinutes(1.5);
        simulation::ChamberOccupant occupant = occupantOf(body, run.test().subject.height);
        occupant.tissueVolume += gauss(random, day.restlessness);
        const auto samples = simulation::playVolumeTrial(simulation::ChamberModel{}, occupant, 50.0, random);
        const auto reading =
            airdisplacement::readVolume(samples, *run.test().calibration->fromPressures, known);
        if (!reading.readable())
            continue;
        if (auto done = run.acceptTrial(reading.volume, reading.standardError, Origin::Link,
                                        reading.message().english(), samples);
            !done)
            return done;
    }
    return {};
}

Expected<void> thoracicGas(ChamberProcedure& run, const TrueBody& body, const ChamberDay& day, Random& random) {
    if (!day.measureGas)
        return run.confirm(ThoracicGas, "no time for the panting today");
    const auto occupant = occupantOf(body, run.test().subject.height);
    const auto result = airdisplacement::judgePanting(
        simulation::playPanting(simulation::ChamberModel{}, occupant, 12.0, false, random),
        Litres(450.0 - occupant.tissueVolume - occupant.meanThoracicGas), MillimetresOfMercury(760.0));
    return run.measureThoracicGas(result.thoracicGas, "panting in the chamber");
}

} // namespace

Expected<void> runChamberTest(store::LabBook& book, ChamberProcedure& run, const TrueBody& body,
                              const ChamberDay& day, const Staff& technician, const Staff& physiologist,
                              Random& random, Instant& clock) {
    Expected<void> done = prepare(book, run, body, random, clock);
    if (done)
        done = trials(run, body, day, random, clock);
    if (!done || !day.finish)
        return done;
    done = thoracicGas(run, body, day, random);
    return done ? finishTest(book, run, run.setting().policy,
                             "Sat calmly; the volumes agree. Prepared as asked.", technician, physiologist,
                             clock)
                : done;
}

Expected<void> chamberChecks(store::LabBook& book, Random& random, Instant& clock) {
    for (int day = 0; day < 46; ++day) {
        clock = instantFromIso("2026-01-26T07:15:00.000Z")->plusMinutes(day * 24.0 * 60.0);
        if (day % 7 >= 5)
            continue;                             // nobody is here at the weekend
        const bool loose = day >= 21 && day < 24; // the diaphragm came loose; serviced on the fourth day
        if (day == 24)
            if (auto done = book.save(Check{"check-chamber-service",
                                            "chamber",
                                            "service",
                                            clock,
                                            0.0,
                                            0.0,
                                            true,
                                            "oriel",
                                            "diaphragm tightened",
                                            {}},
                                      "oriel");
                !done)
                return done;
        std::vector<double> readings;
        for (int i = 0; i < 5; ++i)
            readings.push_back(
                std::round((50.004 + (loose ? 0.05 * (day - 20) : 0.0) + gauss(random, 0.02)) * 1000.0) /
                1000.0);
        const quality::CheckRule rule{50.0, 5, 0.1, 0.075, std::nullopt};
        const auto verdict = quality::judgeCheck(readings, rule, "L", 3);
        if (auto done = book.save(Check{"check-chamber-" + std::to_string(day),
                                        "chamber",
                                        "cylinder-volume",
                                        clock,
                                        50.0,
                                        verdict.mean,
                                        verdict.passed,
                                        "bram",
                                        {},
                                        readings},
                                  "bram");
            !done)
            return done;
    }
    return {};
}

Expected<void> chamberPrecision(store::LabBook& book, Random& random, Instant& clock) {
    clock = *instantFromIso("2026-02-20T15:00:00.000Z");
    Study study{"study-chamber-fat", "chamber", "fat-percent", "%", clock, "oriel", {}, {}};
    for (int person = 0; person < 30; ++person) {
        const double level = std::uniform_real_distribution(9.0, 38.0)(random);
        // Volume scatter of a repeat, in %fat: 0.035 L of 70 L, 7 %fat a litre, and the gas measured anew.
        const auto repeat = [&] { return std::round((level + gauss(random, 0.37)) * 100.0) / 100.0; };
        study.people.push_back({repeat(), repeat()});
    }
    return book.save(study, "oriel");
}

} // namespace fusain::demo

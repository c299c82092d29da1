#include "demo/impedance_tests.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::demo {
namespace {

using simulation::Random;
using enum ImpedanceStep;

double gauss(Random& random, double deviation) {
    return std::normal_distribution(0.0, deviation)(random);
}

Expected<void> answerAll(ImpedanceProcedure& run, const ImpedanceDay& day) {
    Expected<void> done;
    for (const ImpedanceDay::Deviation& deviation : day.deviations) {
        if (done)
            done = run.answer(deviation.rule, {deviation.hours, false, std::nullopt, {}});
        if (done)
            done = run.acceptDeviation(deviation.rule, deviation.reason);
    }
    return done ? run.answerOpen(wellPrepared) : done;
}

Expected<void> prepare(ImpedanceProcedure& run, const TrueBody& body, const std::string& code,
                       const ImpedanceDay& day, Random& random, Instant& clock) {
    Expected<void> done = run.confirm(WarmUp);
    if (done)
        done = run.checkModule(Ohms(500.0),
                               impedance::magnitude(*simulation::playModule(false, 0.0, random).impedance));
    if (done)
        done = run.confirmIdentity(code, code, run.test().subject.height);
    if (done)
        done = answerAll(run, day);
    clock = clock.plusMinutes(4);
    if (done)
        done =
            run.weigh(Kilograms(std::round((body.mass + gauss(random, 0.03)) * 100.0) / 100.0), Origin::Link);
    if (done)
        done = run.confirm(Electrodes);
    return done ? run.confirm(Posture) : done;
}

Expected<void> sweep(ImpedanceProcedure& run, const TrueBody& body, const ImpedanceDay& day,
                     const Staff& physiologist, Random& random, Instant& clock) {
    simulation::AnalyzerModel analyzer;
    analyzer.geometry = run.test().setup.geometry;
    simulation::AnalyzerPerson person = analyzerPersonOf(body);
    person.extracellular = person.extracellular * day.waterShift;
    simulation::AnalyzerFaults faults = day.firstSweep;
    for (int attempt = 0; attempt < 6; ++attempt) {
        clock = clock.plusMinutes(1.2);
        auto readings = simulation::playSweep(analyzer, person, faults, random);
        faults = {}; // the contact is mended
        if (!impedance::mustRepeat(run.judge(readings)))
            return run.acceptSweep(std::move(readings), Origin::Link);
        if (day.inSpite) {
            const Staff technician = run.atTheBench();
            run.setAtTheBench(physiologist);
            auto done = run.acceptSweep(std::move(readings), Origin::Link, day.inSpite);
            run.setAtTheBench(technician);
            return done;
        }
    }
    return failure({FUSAIN_TEXT("No clean sweep of {1}."), {run.test().id}});
}

Check analyzerCheck(int day, const char* kind, double nominal, std::vector<double> readings, Instant at) {
    double mean = 0.0;
    for (const double reading : readings)
        mean += reading / static_cast<double>(readings.size());
    return {"check-analyzer-" + std::string(kind) + "-" + std::to_string(day),
            "analyzer",
            kind,
            at,
            nominal,
            mean,
            true,
            "bram",
            {},
            std::move(readings)};
}

} // namespace

simulation::AnalyzerPerson analyzerPersonOf(const TrueBody& body) {
    simulation::AnalyzerPerson person;
    person.sex = body.sex;
    person.height = metresFromCentimetres(body.heightCm);
    person.mass = Kilograms(body.mass);
    const double water = body.mass * (1.0 - body.fatFraction) * body.waterOfFatFree;
    const double outside = body.sex == Sex::Male ? 0.415 : 0.435;
    person.extracellular = Litres(water * outside);
    person.intracellular = Litres(water * (1.0 - outside));
    person.rightArm = body.rightArm;
    person.leftArm = body.leftArm;
    return person;
}

Expected<void> runImpedanceTest(store::LabBook& book, ImpedanceProcedure& run, const TrueBody& body,
                                const std::string& code, const ImpedanceDay& day, const Staff& technician,
                                const Staff& physiologist, Random& random, Instant& clock) {
    Expected<void> done = prepare(run, body, code, day, random, clock);
    if (done)
        done = sweep(run, body, day, physiologist, random, clock);
    return done && day.finish ? finishTest(book, run, run.setting().policy, day.interpretation, technician,
                                           physiologist, clock)
                              : done;
}

Expected<void> impedanceChecks(store::LabBook& book, Random& random, Instant& clock) {
    for (int day = 0; day < 46; ++day) {
        clock = instantFromIso("2026-01-26T07:05:00.000Z")->plusMinutes(day * 24.0 * 60.0);
        if (day % 7 >= 5)
            continue; // nobody is here at the weekend
        std::vector<double> readings;
        for (int i = 0; i < 3; ++i)
            readings.push_back(std::round((500.3 + gauss(random, 0.25)) * 100.0) / 100.0);
        if (auto done = book.save(analyzerCheck(day, "resistor-500", 500.0, readings, clock), "bram"); !done)
            return done;
        if (day % 7 == 0)
            if (auto done =
                    book.save(analyzerCheck(day, "rc-module", 482.57,
                                            {std::round((482.9 + gauss(random, 0.4)) * 100.0) / 100.0}, clock),
                              "bram");
                !done)
                return done;
    }
    return {};
}

} // namespace fusain::demo

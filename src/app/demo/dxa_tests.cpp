#include "demo/dxa_tests.hpp"

#include <cmath>

namespace fusain::demo {
namespace {

using simulation::Random;
using enum DxaStep;

constexpr Percent phantom{24.05};

int scansOfAYear(store::LabBook& book, const DxaTest& test) {
    int scans = 0;
    for (const AnyTest& any : book.testsOf(test.subject.clientId))
        if (const auto* past = std::get_if<DxaTest>(&any); past && past->id != test.id)
            scans += minutesBetween(past->startedAt, test.startedAt) < 365.0 * 24.0 * 60.0;
    return scans;
}

Expected<void> prepare(store::LabBook& book, DxaProcedure& run, const TrueBody& body, const DxaDay& day,
                       Random& random, Instant& clock) {
    Expected<void> done;
    while (done && !run.isDone(Phantom)) // read again when it is off, as anybody would
        done = run.readPhantom(phantom, simulation::playPhantom(phantom, 0.0, random));
    if (done)
        done = run.answerOpen(wellPrepared);
    if (done && day.afterMenopause)
        done = run.stateMenopause(true);
    clock = clock.plusMinutes(3);
    const double mass = body.mass + std::normal_distribution(0.0, 0.03)(random);
    if (done)
        done = run.weigh(Kilograms(std::round(mass * 100.0) / 100.0), Origin::Link);
    if (done)
        done = run.stateDose(scansOfAYear(book, run.test()),
                             run.setting().policy.dosePerScan * scansOfAYear(book, run.test()), 0);
    return done ? run.confirm(Positioning) : done;
}

Expected<void> scan(DxaProcedure& run, const TrueBody& body, const std::string& code, const DxaDay& day,
                    Random& random, Instant& clock) {
    simulation::DensitometerFaults faults = day.firstScan;
    for (int attempt = 1; attempt < 4; ++attempt) {
        clock = clock.plusMinutes(7);
        ScanFile file;
        file.clientCode = code;
        file.scannedAt = clock;
        file.scanner = {"Scanner", "3.1", "whole body"};
        file.dose = run.setting().policy.dosePerScan;
        file.scan =
            simulation::playWholeBody(simulation::trueRegions(scannedPersonOf(body)), faults, {}, random);
        file.reported = day.reported;
        file.bones = day.bones;
        faults = {};
        if (!dxa::mustRepeat(run.judge(file.scan, false)))
            return run.acceptFile(file, code, "scan-" + code + "-" + std::to_string(attempt) + ".json");
        if (auto noted =
                run.addNote("a scan was thrown away: " + run.judge(file.scan, false).front().what.english());
            !noted)
            return noted;
    }
    return failure({FUSAIN_TEXT("No clean scan of {1}."), {run.test().id}});
}

} // namespace

simulation::ScannedPerson scannedPersonOf(const TrueBody& body) {
    constexpr double boneOfFatFree = 0.044;
    const double fatFree = body.mass * (1.0 - body.fatFraction);
    simulation::ScannedPerson person;
    person.sex = body.sex;
    person.fat = Kilograms(body.mass * body.fatFraction);
    person.boneMineral = Kilograms(boneOfFatFree * fatFree);
    person.lean = Kilograms((1.0 - boneOfFatFree) * fatFree);
    person.trunkFat = body.trunkFat;
    // A thinner limb holds the current back more and weighs less.
    person.rightArm = body.limbs / body.rightArm;
    person.leftArm = body.limbs / body.leftArm;
    person.rightLeg = person.leftLeg = body.limbs;
    return person;
}

Expected<void> runDxaTest(store::LabBook& book, DxaProcedure& run, const TrueBody& body,
                          const std::string& code, const DxaDay& day, const Staff& technician,
                          const Staff& physiologist, Random& random, Instant& clock) {
    Expected<void> done = prepare(book, run, body, day, random, clock);
    if (done)
        done = scan(run, body, code, day, random, clock);
    if (done)
        done = run.confirm(Lines);
    return done ? finishTest(book, run, run.setting().policy, day.interpretation, technician, physiologist,
                             clock)
                : done;
}

// Thirty people twice: what the lab's own precision is worth against the least that is demanded.
Expected<void> scannerPrecision(store::LabBook& book, Random& random, Instant& clock) {
    clock = *instantFromIso("2025-02-20T15:00:00.000Z");
    for (const auto& [quantity, unit, error] :
         {std::tuple("fat-percent", "%", 0.42), std::tuple("fat-mass", "kg", 0.34),
          std::tuple("fat-free-mass", "kg", 0.38)}) {
        Study study{
            std::string("study-scanner-") + quantity, "scanner", quantity, unit, clock, "oriel", {}, {}};
        for (int person = 0; person < 30; ++person) {
            const double level = std::uniform_real_distribution(12.0, 40.0)(random);
            const auto repeat = [&] {
                return std::round((level + std::normal_distribution(0.0, error)(random)) * 100.0) / 100.0;
            };
            study.people.push_back({repeat(), repeat()});
        }
        if (auto done = book.save(study, "oriel"); !done)
            return done;
    }
    return {};
}

Expected<void> scannerChecks(store::LabBook& book, Random& random, Instant& clock) {
    const auto keep = [&](int day, const char* kind, double nominal, double reading) {
        return book.save(Check{"check-scanner-" + std::string(kind) + "-" + std::to_string(day),
                               "scanner",
                               kind,
                               clock,
                               nominal,
                               reading,
                               true,
                               "bram",
                               {},
                               {reading}},
                         "bram");
    };
    for (int day = 0; day < 46; ++day) {
        clock = instantFromIso("2026-01-26T07:10:00.000Z")->plusMinutes(day * 24.0 * 60.0);
        if (day % 7 >= 5)
            continue; // nobody is here at the weekend
        if (auto done = keep(day, "soft-tissue-phantom", phantom.value(),
                             simulation::playPhantom(phantom, 0.0, random).value());
            !done)
            return done;
        const double spine = std::round((1.0 + std::normal_distribution(0.0, 0.004)(random)) * 1e4) / 1e4;
        if (day % 7 == 0)
            if (auto done = keep(day, "spine-phantom", 1.0, spine); !done)
                return done;
    }
    return {};
}

} // namespace fusain::demo

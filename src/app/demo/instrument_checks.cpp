#include "demo/instrument_checks.hpp"

#include "core/quality/check_rule.hpp"
#include "demo/demo_book.hpp"
#include "link/simulation/scan/densitometer.hpp"
#include "record/base/json.hpp"
#include "record/lab/water_log.hpp"

#include <cmath>

namespace fusain::demo {
namespace {

using simulation::gauss;
using simulation::Random;

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

Expected<void> scaleChecks(store::LabBook& book, Random& random, Instant& clock) {
    Expected<void> done;
    for (int week = 0; week < 20; ++week) {
        clock = instantFromIso("2025-10-27T07:20:00.000Z")->plusMinutes(week * 7.0 * 24.0 * 60.0);
        const double reading = 20.0 + 0.0015 * week + gauss(random, 0.008) + (week == 12 ? 0.07 : 0.0);
        if (done && clock < demoNow())
            done = book.save(Check{"check-scale-" + std::to_string(week),
                                   "floor-scale",
                                   "reference-mass",
                                   clock,
                                   20.0,
                                   reading,
                                   std::abs(reading - 20.0) <= 0.05,
                                   "bram",
                                   {},
                                   {reading}},
                             "bram");
    }
    return done;
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
        if (auto done = keep(day, "soft-tissue-phantom", simulation::softTissuePhantom.value(),
                             simulation::playPhantom(simulation::softTissuePhantom, 0.0, random).value());
            !done)
            return done;
        const double spine = std::round((1.0 + std::normal_distribution(0.0, 0.004)(random)) * 1e4) / 1e4;
        if (day % 7 == 0)
            if (auto done = keep(day, "spine-phantom", 1.0, spine); !done)
                return done;
    }
    return {};
}

Expected<void> referenceObjects(store::LabBook& book, const LabCatalogue& catalogue) {
    struct Certificate {
        const char *instrument, *check, *number, *until;
    };
    static constexpr Certificate certificates[]{
        {"floor-scale", "reference-mass", "M-1011, M-1012", "2027-06-30"},
        {"load-cell", "load-cell", "M-0507", "2027-06-30"},
        {"thermometer", "reference-thermometer", "T-22", "2027-03-31"},
        {"spirometer", "syringe-3l", "S-3-118", "2026-12-31"},
        {"chamber", "cylinder-volume", "V-50", "2027-01-31"},
        {"chamber-scale", "reference-mass", "M-1011, M-1012", "2027-06-30"},
        {"analyzer", "resistor-500", "R-500-4", "2027-05-31"},
        {"analyzer", "rc-module", "RC-2", "2027-05-31"},
        {"scanner", "soft-tissue-phantom", "P-7", "2027-09-30"},
        {"scanner", "spine-phantom", "P-8", "2027-09-30"},
        {"tape", "rule", "L-3", "2028-02-28"}};
    for (const Certificate& each : certificates) {
        const Instrument* instrument = catalogue.instrument(each.instrument);
        const CheckDefinition* check = instrument ? instrument->check(each.check) : nullptr;
        if (!check)
            return failure({"the demo's lab has an instrument that the catalogue does not know", {}});
        const ReferenceObject object{check->object, each.number, check->rule.nominal, check->uncertainty,
                                     dateFromIso(each.until)};
        if (auto done = book.setSetting("reference." + instrument->id + "." + check->id, toJson(object).dump(),
                                        "oriel");
            !done)
            return done;
    }
    return {};
}

Expected<void> tankMorning(store::LabBook& book, Instant& clock) {
    const auto check = [&](const char* instrument, const char* kind, double nominal, double mean,
                           std::vector<double> readings, const char* note) {
        return book.save(Check{std::string("check-") + instrument + "-today", instrument, kind, clock, nominal,
                               mean, true, "bram", note, std::move(readings)},
                         "bram");
    };
    clock = *instantFromIso("2026-03-12T06:46:00.000Z");
    const WaterLogEntry water{
        clock, "bram", {MilligramsPerLitre(4.1), MilligramsPerLitre(0.2), 7.4, Celsius(35.1)}, {}};
    Expected<void> done = book.setSetting("water-log.2026-03-12", Json::array({toJson(water)}).dump(), "bram");
    clock = *instantFromIso("2026-03-12T06:56:00.000Z");
    if (done)
        done = check("thermometer", "reference-thermometer", 34.0, 34.06, {34.06}, "");
    clock = *instantFromIso("2026-03-12T07:04:00.000Z");
    if (done)
        done = check("spirometer", "syringe-3l", 3.0, 3.011, {3.004, 3.012, 3.017}, "flows 1.1, 3.4, 7.2 L/s");
    return done;
}

} // namespace fusain::demo

#include "demo/visits.hpp"
#include "link/simulation/all/played_run.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain::demo {
namespace {

using simulation::Random;
using simulation::TankDay;
using simulation::TrueBody;

class TankVisits {
public:
    TankVisits(Visits& visits, Random& random) : visits_(visits), random_(random) {}

    Expected<std::string> tankTest(const Person& p, const TrueBody& body, const char* when,
                                   const TankDay& day) {
        const auto begun = visits_.beginAt(when, p, methodHydrostatic, "-");
        if (!begun)
            return tl::unexpected(begun.error());
        auto& run = runningAs<TankMethod>(**begun);
        Expected<void> done = simulation::playTank(run, body, day, random_, visits_.clock());
        if (done)
            done =
                visits_.keepCheck("check-" + run.test().id, "load-cell", "load-cell",
                                  run.test().loadCell()->referenceNominal.value(),
                                  run.test().loadCell()->referenceReading.value(), run.test().loadCell()->at);
        if (done && day.trials == 0)
            done = visits_.finish(run, "Measured calmly; the trials agree. Prepared as asked.");
        return done ? Expected<std::string>(run.test().id) : tl::unexpected(done.error());
    }

    Expected<void> wholeTest(const char* id, const TrueBody& body, const char* when,
                             std::optional<Litres> measuredResidualVolume = {}) {
        TankDay day;
        day.measuredResidualVolume = measuredResidualVolume;
        const auto done = tankTest(person(id), body, when, day);
        return done ? Expected<void>() : tl::unexpected(done.error());
    }

    // Fat down, lean kept, over fourteen months.
    Expected<void> ailsasYear() {
        struct Stage {
            const char* when;
            double mass, fat;
        };
        Expected<void> done;
        for (const Stage& stage : {Stage{"2025-01-09T09:05:00.000Z", 76.4, 0.318},
                                   {"2025-04-10T09:00:00.000Z", 75.0, 0.305},
                                   {"2025-07-17T09:10:00.000Z", 73.6, 0.290},
                                   {"2025-11-06T09:00:00.000Z", 72.2, 0.276},
                                   {"2026-03-05T09:00:00.000Z", 71.0, 0.262}}) {
            TrueBody body = person("ailsa").body;
            body.mass = stage.mass;
            body.fatFraction = stage.fat;
            if (done)
                done = wholeTest("ailsa", body, stage.when);
        }
        return done;
    }

    Expected<void> otherTests() {
        Expected<void> done = wholeTest("teo", person("teo").body, "2026-02-26T10:00:00.000Z", Litres(1.96));
        if (done)
            done = wholeTest("marit", person("marit").body, "2025-10-22T11:00:00.000Z");
        if (done)
            done = wholeTest("wren", person("wren").body, "2025-10-23T13:30:00.000Z", Litres(0.79));
        if (!done)
            return done;
        return visits_.refuse({"pau", methodHydrostatic, "SP-106-2026-03-03", "2026-03-03T10:30:00.000Z",
                               "hw_fear", "no", "afraid of water; the chamber instead"});
    }

private:
    Visits& visits_;
    Random& random_;
};

} // namespace

Expected<void> tankTests(Visits& visits, Random& random) {
    TankVisits tank(visits, random);
    const auto done = tank.ailsasYear();
    return done ? tank.otherTests() : done;
}

Expected<std::string> runningTankTest(Visits& visits, Random& random) {
    TankDay firstTrials;
    firstTrials.trials = 3;
    firstTrials.heldBack = 0.75;
    return TankVisits(visits, random)
        .tankTest(person("yusuf"), person("yusuf").body, "2026-03-12T07:12:00.000Z", firstTrials);
}

Expected<void> dovsTankTest(Visits& visits, Random& random) {
    return TankVisits(visits, random)
        .wholeTest("dov", person("dov").body, "2026-03-04T10:00:00.000Z", Litres(2.0));
}

} // namespace fusain::demo

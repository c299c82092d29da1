#include "demo/visits.hpp"
#include "link/simulation/all/played_run.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain::demo {
namespace {

using simulation::ChamberDay;
using simulation::Random;

class ChamberVisits {
public:
    ChamberVisits(Visits& visits, Random& random) : visits_(visits), random_(random) {}

    Expected<void> chamberTests() {
        Expected<void> done = chamberTest("teo", "2026-02-26T08:40:00.000Z", chamberDay(false, 0.03, true));
        if (done)
            done = chamberTest("pau", "2026-03-03T11:10:00.000Z", chamberDay(true, 0.03, true));
        if (done)
            done = chamberTest("dov", "2026-03-04T09:00:00.000Z", chamberDay(true, 0.03, true));
        return done ? chamberTest("elio", "2026-03-12T07:20:00.000Z", chamberDay(true, 0.5, false)) : done;
    }

private:
    static ChamberDay chamberDay(bool measureGas, double restlessness, bool finish) {
        ChamberDay day;
        day.measureGas = measureGas;
        day.restlessness = restlessness;
        day.finish = finish;
        return day;
    }

    Expected<void> chamberTest(const char* id, const char* when, const ChamberDay& day) {
        const Person& p = person(id);
        const auto begun = visits_.beginAt(when, p, methodChamber, "-chamber-");
        if (!begun)
            return tl::unexpected(begun.error());
        auto& run = runningAs<ChamberMethod>(**begun);
        Expected<void> done = simulation::playChamber(run, p.body, day, random_, visits_.clock());
        if (done)
            done = visits_.keepCheck("check-scale-" + run.test().id, "chamber-scale", "reference-mass",
                                     run.test().scale()->nominal.value(), run.test().scale()->reading.value(),
                                     run.test().scale()->at);
        return done && day.finish ? visits_.finish(run, "Sat calmly; the volumes agree. Prepared as asked.")
                                  : done;
    }

    Visits& visits_;
    Random& random_;
};

} // namespace

Expected<void> chamberTests(Visits& visits, Random& random) {
    return ChamberVisits(visits, random).chamberTests();
}

} // namespace fusain::demo

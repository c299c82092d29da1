#include "demo/visits.hpp"
#include "link/simulation/all/played_run.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain::demo {
namespace {

using simulation::Random;
using simulation::TrueBody;

class GirthVisits {
public:
    GirthVisits(Visits& visits, Random& random) : visits_(visits), random_(random) {}

    Expected<void> girthTests() {
        struct Stage {
            const char* when;
            double mass, fat, trunkFat;
            const char* interpretation;
        };
        static constexpr Stage stages[]{
            {"2025-03-11T08:40:00.000Z", 104.2, 0.338, 0.59,
             "The waist is what we follow; the limbs are for comparison."},
            {"2025-11-11T08:40:00.000Z", 103.7, 0.314, 0.57, "Read calmly; the readings agree."},
            {"2026-03-10T08:45:00.000Z", 103.4, 0.302, 0.56,
             "The waist went down with the fat of the trunk; it is still above the upper limit."}};
        Expected<void> done;
        for (const Stage& stage : stages)
            if (done) {
                TrueBody body = person("goran").body;
                body.mass = stage.mass;
                body.fatFraction = stage.fat;
                body.trunkFat = stage.trunkFat;
                done = girthTest("goran", body, stage.when, stage.interpretation);
            }
        return done;
    }

private:
    Expected<void> girthTest(const char* id, const TrueBody& body, const char* when,
                             const char* interpretation) {
        const Person& p = person(id);
        const auto begun = visits_.beginAt(when, p, methodGirths, "-girths-");
        if (!begun)
            return tl::unexpected(begun.error());
        auto& run = runningAs<GirthMethod>(**begun);
        Expected<void> done = simulation::playGirths(run, body, {}, random_, visits_.clock());
        if (const TapeCheck* tape = run.test().tape(); done && tape)
            done = visits_.keepCheck("check-" + run.test().id, "tape", "rule", tape->nominal.value(),
                                     tape->reading.value(), tape->at);
        return done ? visits_.finish(run, interpretation) : done;
    }

    Visits& visits_;
    Random& random_;
};

} // namespace

Expected<void> girthTests(Visits& visits, Random& random) {
    return GirthVisits(visits, random).girthTests();
}

} // namespace fusain::demo

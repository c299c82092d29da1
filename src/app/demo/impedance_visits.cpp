#include "demo/visits.hpp"
#include "link/simulation/all/played_run.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain::demo {
namespace {

using simulation::ImpedanceDay;
using simulation::Random;
using simulation::TrueBody;

class ImpedanceVisits {
public:
    ImpedanceVisits(Visits& visits, Random& random) : visits_(visits), random_(random) {}

    Expected<void> impedanceTests() {
        Expected<void> done;
        struct Stage {
            const char* when;
            double mass, fat;
        };
        for (const Stage& stage : {Stage{"2025-09-18T08:10:00.000Z", 57.4, 0.196},
                                   {"2025-12-04T08:05:00.000Z", 56.6, 0.181},
                                   {"2026-03-06T08:10:00.000Z", 56.0, 0.172}}) {
            TrueBody body = person("ines").body;
            body.mass = stage.mass;
            body.fatFraction = stage.fat;
            ImpedanceDay day;
            day.interpretation = "Strong and light. Eating enough for the training is the topic, not the fat.";
            if (done)
                done = impedanceTest("ines", body, stage.when, day);
        }
        if (done)
            done = ruansArm();
        ImpedanceDay contact;
        contact.faults = [](int sweep) {
            simulation::LabFaults faults;
            if (sweep == 1)
                faults.analyzer.badContact = impedance::Segment::LeftArm;
            return faults;
        };
        if (done)
            done = impedanceTest("lotte", person("lotte").body, "2026-03-09T09:20:00.000Z", contact);
        if (done)
            done = impedanceTest("nerys", person("nerys").body, "2026-03-11T07:30:00.000Z", {});
        ImpedanceDay evening;
        evening.deviations = {{"imp_food", {Hours(2.0), false, {}, {}}, "wants to see the difference"},
                              {"imp_exercise", {Hours(1.5), false, {}, {}}, "wants to see the difference"}};
        evening.waterShift = 1.035;
        evening.interpretation =
            "After a meal and training the body conducts better: the lower fat is not real.";
        TrueBody fed = person("nerys").body;
        fed.mass += 0.9;
        if (done)
            done = impedanceTest("nerys", fed, "2026-03-11T17:30:00.000Z", evening);
        if (done)
            done = impedanceTest("dov", person("dov").body, "2026-03-04T08:30:00.000Z", {});
        return done ? pacemaker() : done;
    }

private:
    Expected<void> impedanceTest(const char* id, const TrueBody& changed, const char* when,
                                 const ImpedanceDay& day) {
        const Person& p = person(id);
        TrueBody body = changed;
        body.heightCm = p.heightCm;
        constexpr std::size_t toTheMinute = 16; // somebody may come twice a day
        const auto begun = visits_.beginAt(when, p, methodImpedance, "-impedance-", toTheMinute);
        if (!begun)
            return tl::unexpected(begun.error());
        auto& run = runningAs<ImpedanceMethod>(**begun);
        const auto done =
            simulation::playImpedance(run, body, p.code, day, physiologist, random_, visits_.clock());
        return done && day.finish ? visits_.finish(run, day.interpretation) : done;
    }

    Expected<void> ruansArm() {
        ImpedanceDay day;
        day.reasonInSpite = "the left arm is thinner since the fracture: the difference is real";
        day.interpretation =
            "The left arm holds clearly less lean than the right: strength work for that side.";
        return impedanceTest("ruan", person("ruan").body, "2026-03-09T09:00:00.000Z", day);
    }

    Expected<void> pacemaker() {
        return visits_.refuse({"pau", methodImpedance, "SP-106-impedance", "2026-03-03T10:20:00.000Z",
                               "imp_implant", "yes", "a pacemaker: no current through this body"});
    }

    Visits& visits_;
    Random& random_;
};

} // namespace

Expected<void> impedanceTests(Visits& visits, Random& random) {
    return ImpedanceVisits(visits, random).impedanceTests();
}

} // namespace fusain::demo

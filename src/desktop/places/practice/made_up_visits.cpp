#include "desktop/places/practice/made_up_visits.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/services/lab_policies.hpp"
#include "link/simulation/all/played_run.hpp"
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"

namespace fusain::desktop {
namespace {

// Preparation, readings and all, up to the last reading.
Expected<void> playReadings(Procedure& run, const simulation::TrueBody& body, const Client& client,
                            const ReadingVisit& visit, simulation::Random& random, Instant& clock) {
    std::vector<simulation::Deviation> deviations;
    for (const auto& [rule, answer] : visit.answers)
        deviations.push_back({rule, answer, "wanted to know anyway"});
    const auto day = [&]<class Day>(Day made) {
        made.deviations = deviations;
        return made;
    };
    if (auto* tank = dynamic_cast<HydrostaticProcedure*>(&run))
        return playTank(*tank, body, day(simulation::TankDay{}), random, clock);
    if (auto* chamber = dynamic_cast<ChamberProcedure*>(&run))
        return playChamber(*chamber, body, day(simulation::ChamberDay{}), random, clock);
    if (auto* analyzer = dynamic_cast<ImpedanceProcedure*>(&run)) {
        auto how = day(simulation::ImpedanceDay{});
        how.waterShift = visit.waterShift;
        return playImpedance(*analyzer, body, client.code, how, run.atTheBench(), random, clock);
    }
    if (auto* tape = dynamic_cast<GirthProcedure*>(&run))
        return playGirths(*tape, body, day(simulation::GirthDay{}), random, clock);
    auto how = day(simulation::DxaDay{});
    if (!visit.software.empty())
        how.scanner.software = visit.software;
    return playDxa(dynamic_cast<DxaProcedure&>(run), body, client.code, how, random, clock);
}

} // namespace

Expected<std::string> playVisit(Session& session, const Client& client, const ReadingVisit& visit,
                                const Json& person, simulation::Random& random) {
    Json described = person;
    described.update(visit.person);
    const auto body = simulation::trueBodyFromJson(described);
    Instant clock = startOf(dateOf(session.now().plusMinutes(-visit.weeksAgo * 7.0 * 24.0 * 60.0)))
                        .plusMinutes(visit.startsAtHour * 60.0);
    // A visit of today is over by now.
    if (clock > session.now())
        clock = clock.plusMinutes(-24.0 * 60.0);
    const auto earlier = session.book().testsOf(client.id);
    const bool repeat =
        std::ranges::any_of(earlier, [&](const AnyTest& test) { return methodOf(test) == visit.method; });
    auto staff = session.atTheBench();
    staff.role = Role::Physiologist; // a made-up past needs nobody's leave
    const auto begun =
        beginTest(session.policies().forNewTest(visit.method), session.catalogue().protocolFor(visit.method),
                  session.freshId("test"), {client.id, client.sex, client.ageAt(clock), *client.height, repeat},
                  staff, session.book(), [&clock] { return clock; });
    if (!begun)
        return tl::unexpected(begun.error());
    Procedure& run = **begun;
    Expected<void> done = playReadings(run, body, client, visit, random, clock);
    const auto computed = done ? session.computing().computed(snapshotOf(run)) : tl::unexpected(done.error());
    if (!computed)
        return tl::unexpected(computed.error());
    done = simulation::playFinish(run, "Played for practice.", staff, staff);
    if (done)
        done = session.book().save(store::StoredResult{run.record().id, 1, 1, clock, computed->document()},
                                   staff.id);
    return done ? Expected<std::string>(run.record().id) : tl::unexpected(done.error());
}

} // namespace fusain::desktop

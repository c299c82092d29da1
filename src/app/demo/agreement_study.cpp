#include "demo/agreement_study.hpp"

#include "link/simulation/all/played_run.hpp"
#include "procedure/all/computed.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain::demo {
namespace {

using simulation::gauss;
using simulation::TrueBody;

constexpr std::size_t volunteers = 30;
const Staff technician{"bram", "Bram Iyengar", Role::Technician};
const Staff physiologist{"oriel", "Oriel Thackway", Role::Physiologist};

constexpr std::array<const char*, 6> firstNames{"Calla", "Edric", "Maelis", "Tobin", "Veda", "Orrin"};
constexpr std::array<const char*, 5> familyNames{"Ashgrove", "Beckthorn", "Dunmarrow", "Fellside", "Garrowby"};

struct Volunteer {
    Client client;
    TrueBody body;
    TrueBody asWeighed, asScanned; ///< what each method takes the body for
};

// No fat-free body has just the density and the water that a method takes for everybody's: by about 2 % of fat
// one way or the other under water, by somewhat less in a scan. Errors of one method have nothing to do with
// those of the other.
TrueBody asAssumed(TrueBody body, double deviation, simulation::Random& random) {
    body.fatFraction = std::clamp(body.fatFraction + gauss(random, deviation), 0.05, 0.60);
    return body;
}

// Lean and fat, women and men, so that a line between two methods has something to rest on.
Volunteer volunteer(std::size_t i, simulation::Random& random) {
    const bool man = i % 2 == 1;
    const double along = static_cast<double>(i) / (volunteers - 1.0);
    TrueBody body{man ? Sex::Male : Sex::Female, 0.0, (man ? 0.10 : 0.16) + 0.24 * along, man ? 1.6 : 1.3,
                  man ? 5.0 : 3.7};
    constexpr unsigned firstSeed = 9000; // of their own: nobody else of the demo changes with them
    constexpr double underWater = 0.018, inAScan = 0.012;
    simulation::Random own(firstSeed + static_cast<unsigned>(i));
    body.heightCm = std::round((man ? 178.0 : 165.0) + gauss(random, 5.0));
    body.mass = (man ? 20.8 : 19.6) * body.heightCm * body.heightCm / 1e4 * (1.0 + 0.35 * along);
    const std::string number = (i < 9 ? "0" : "") + std::to_string(i + 1);
    const std::string born = std::to_string(1969 + (i * 7) % 34) + "-0" + std::to_string(1 + i % 9) + "-11";
    return {Client{"study-" + number, "SA-" + number,
                   std::string(firstNames[i % firstNames.size()]) + ' ' + familyNames[i / firstNames.size()],
                   *dateFromIso(born), body.sex, metresFromCentimetres(body.heightCm), UnitSystem::Metric,
                   "agreement study", false},
            body, asAssumed(body, underWater, own), asAssumed(body, inAScan, own)};
}

class Volunteering {
public:
    Volunteering(store::LabBook& book, const LabCatalogue& catalogue, simulation::Random& random,
                 Instant& clock)
        : book_(book), catalogue_(catalogue), random_(random), clock_(clock) {}

    Expected<void> measure(const Volunteer& who, Instant day) {
        clock_ = day;
        Expected<void> done = book_.save(who.client, technician.id);
        if (done)
            done = book_.setSetting("truth." + who.client.id, toJson(who.body).dump(), physiologist.id);
        if (done)
            done = scan(who);
        clock_ = day.plusMinutes(50.0);
        return done ? weighUnderWater(who) : done;
    }

private:
    Expected<std::unique_ptr<Procedure>> begin(const Client& client, std::string_view method,
                                               const char* kind) {
        return beginTest(
            catalogue_.policyFor(method, {}), catalogue_.protocolFor(method), client.code + '-' + kind,
            {client.id, client.sex, client.ageAt(clock_), *client.height, !book_.testsOf(client.id).empty()},
            technician, book_, [this] { return clock_; });
    }
    Expected<void> scan(const Volunteer& who) {
        const auto begun = begin(who.client, methodDxa, "dxa");
        if (!begun)
            return tl::unexpected(begun.error());
        const auto done = simulation::playDxa(runningAs<ScanMethod>(**begun), who.asScanned, who.client.code,
                                              {}, random_, clock_);
        return done ? finish(**begun) : done;
    }
    Expected<void> weighUnderWater(const Volunteer& who) {
        const auto begun = begin(who.client, methodHydrostatic, "tank");
        if (!begun)
            return tl::unexpected(begun.error());
        simulation::TankDay day;
        day.measuredResidualVolume = Litres(who.body.residualVolume);
        const auto done =
            simulation::playTank(runningAs<TankMethod>(**begun), who.asWeighed, day, random_, clock_);
        return done ? finish(**begun) : done;
    }
    Expected<void> finish(Procedure& run) {
        const AnyTest test = snapshotOf(run);
        const auto computed = computeByItsPolicy(test, catalogue_);
        if (!computed)
            return tl::unexpected(computed.error());
        const auto done =
            simulation::playFinish(run, "Measured for the agreement study.", technician, physiologist);
        return done ? book_.save(store::StoredResult{run.record().id, 1, 1, clock_, computed->document()},
                                 technician.id)
                    : done;
    }

    store::LabBook& book_;
    const LabCatalogue& catalogue_;
    simulation::Random& random_;
    Instant& clock_;
};

} // namespace

Expected<void> agreementStudy(store::LabBook& book, const LabCatalogue& catalogue, simulation::Random& random,
                              Instant& clock) {
    constexpr double minutesOfDay = 24.0 * 60.0, apart = 100.0;
    constexpr std::size_t aDay = 5;
    const Instant first = *instantFromIso("2026-02-02T08:00:00.000Z");
    Volunteering study(book, catalogue, random, clock);
    Expected<void> done;
    for (std::size_t i = 0; i < volunteers && done; ++i)
        done =
            study.measure(volunteer(i, random), first.plusMinutes(minutesOfDay * static_cast<double>(i / aDay) +
                                                                  apart * static_cast<double>(i % aDay)));
    return done;
}

} // namespace fusain::demo

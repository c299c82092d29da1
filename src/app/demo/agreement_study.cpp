#include "demo/agreement_study.hpp"

#include "link/simulation/all/played_run.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain::demo {
namespace {

using simulation::gauss;
using simulation::TrueBody;

constexpr std::size_t volunteers = 30;

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
    Volunteering(Visits& visits, simulation::Random& random) : visits_(visits), random_(random) {}

    Expected<void> measure(const Volunteer& who, Instant day) {
        visits_.clock() = day;
        Expected<void> done = visits_.book().save(who.client, technician.id);
        if (done)
            done =
                visits_.book().setSetting("truth." + who.client.id, toJson(who.body).dump(), physiologist.id);
        if (done)
            done = scan(who);
        visits_.clock() = day.plusMinutes(50.0);
        return done ? weighUnderWater(who) : done;
    }

private:
    Expected<void> scan(const Volunteer& who) {
        const auto begun = visits_.begin(who.client, methodDxa, who.client.code + "-dxa");
        if (!begun)
            return tl::unexpected(begun.error());
        const auto done = simulation::playDxa(runningAs<ScanMethod>(**begun), who.asScanned, who.client.code,
                                              {}, random_, visits_.clock());
        return done ? visits_.finish(**begun, interpretation) : done;
    }
    Expected<void> weighUnderWater(const Volunteer& who) {
        const auto begun = visits_.begin(who.client, methodHydrostatic, who.client.code + "-tank");
        if (!begun)
            return tl::unexpected(begun.error());
        simulation::TankDay day;
        day.measuredResidualVolume = Litres(who.body.residualVolume);
        const auto done =
            simulation::playTank(runningAs<TankMethod>(**begun), who.asWeighed, day, random_, visits_.clock());
        return done ? visits_.finish(**begun, interpretation) : done;
    }

    static constexpr const char* interpretation = "Measured for the agreement study.";
    Visits& visits_;
    simulation::Random& random_;
};

} // namespace

Expected<void> agreementStudy(Visits& visits, simulation::Random& random) {
    constexpr double minutesOfDay = 24.0 * 60.0, apart = 100.0;
    constexpr std::size_t aDay = 5;
    const Instant first = *instantFromIso("2026-02-02T08:00:00.000Z");
    Volunteering study(visits, random);
    Expected<void> done;
    for (std::size_t i = 0; i < volunteers && done; ++i)
        done =
            study.measure(volunteer(i, random), first.plusMinutes(minutesOfDay * static_cast<double>(i / aDay) +
                                                                  apart * static_cast<double>(i % aDay)));
    return done;
}

} // namespace fusain::demo

#include "demo/visits.hpp"
#include "link/simulation/all/true_body.hpp"
#include "record/base/json.hpp"

#include <array>
#include <cmath>

namespace fusain::demo {

using simulation::gauss;
using simulation::Random;
using simulation::TrueBody;

Expected<void> squad(Visits& visits, Random& random) {
    static constexpr std::array names{"Isolde Fenwright",    "Tamsin Okoro-Vale",  "Mireille Castaway",
                                      "Petra Lindqvist-Rao", "Oona Harrowgate",    "Zella Marchetti",
                                      "Briony Achebe-Holt",  "Saskia Thornbury",   "Kit Valderrama",
                                      "Ambrose Quill",       "Leander Osei-Frost", "Dmitri Alderwick",
                                      "Rafe Quillander",     "Jonah Pellworth"};
    Expected<void> done;
    for (std::size_t i = 0; i < names.size() && done; ++i) {
        const bool man = i >= 8;
        TrueBody body{man ? Sex::Male : Sex::Female, 0.0, (man ? 0.12 : 0.19) + gauss(random, 0.02),
                      man ? 1.6 : 1.3, man ? 5.0 : 3.7};
        body.heightCm = (man ? 179.0 : 168.0) + std::round(gauss(random, 4.0));
        body.mass = (man ? 22.3 : 20.0) * body.heightCm * body.heightCm / 1e4 + gauss(random, 1.5);
        const std::string id = "dancer-" + std::to_string(i + 1),
                          code = "SD-" + std::string(i < 9 ? "0" : "") + std::to_string(i + 1);
        const std::string born = std::to_string(1995 + (i * 5) % 12) + "-0" + std::to_string(1 + i % 9) + "-15";
        visits.clock() = *instantFromIso("2026-03-02T09:00:00.000Z");
        done = visits.book().save(Client{id,
                                         code,
                                         names[i],
                                         *dateFromIso(born),
                                         body.sex,
                                         metresFromCentimetres(body.heightCm),
                                         UnitSystem::Metric,
                                         "company in residence",
                                         false,
                                         {},
                                         "Skerry Point 5" + code.substr(3)},
                                  "bram");
        if (done)
            done = visits.book().setSetting("truth." + id, toJson(body).dump(), "oriel");
        if (done)
            done = visits.book().save(
                store::Visit{
                    "visit-team-" + id,
                    id,
                    instantFromIso("2026-03-12T08:00:00.000Z")->plusMinutes(4.0 * static_cast<double>(i)),
                    std::string(methodImpedance),
                    "booked",
                    {},
                    "team: dance company"},
                "bram");
    }
    return done;
}

} // namespace fusain::demo

#include "demo/visits.hpp"
#include "link/simulation/all/played_run.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain::demo {
namespace {

using simulation::DxaDay;
using simulation::Random;
using simulation::TrueBody;

class ScanVisits {
public:
    ScanVisits(Visits& visits, Random& random) : visits_(visits), random_(random) {}

    Expected<void> scanTests() {
        struct Stage {
            const char* id;
            const char* when;
            double mass, fat, trunkFat;
            DxaDay day;
        };
        const auto bone = [](double density, std::optional<double> t, std::optional<double> z) {
            return std::vector<dxa::ReportedBone>{{"total", GramsPerSquareCentimetre(density), t, z}};
        };
        const Stage stages[] = {
            {"goran", "2025-03-11T08:00:00.000Z", 104.2, 0.338, 0.59,
             scanDay(visceral(2.31, 232), bone(1.241, 0.3, 0.4),
                     "Most of the fat sits in the middle: that is "
                     "where to begin.")},
            {"goran", "2025-07-08T08:05:00.000Z", 104.0, 0.326, 0.58, scanDay(visceral(2.07, 208))},
            {"goran", "2025-11-11T08:00:00.000Z", 103.7, 0.314, 0.57, scanDay(visceral(1.86, 187))},
            {"goran", "2026-03-10T08:05:00.000Z", 103.4, 0.302, 0.56,
             scanDay(visceral(1.64, 165), bone(1.239, 0.3, 0.4),
                     "The scale hardly moved and yet three kilograms of fat are gone, most from the middle; "
                     "the lean "
                     "grew.")},
            {"caspian", "2026-01-08T07:50:00.000Z", 86.0, 0.308, 0.55, scanDay(visceral(1.42, 143))},
            {"caspian", "2026-03-09T07:55:00.000Z", 81.0, 0.286, 0.54,
             scanDay(visceral(1.22, 122), {},
                     "Five kilograms in sixty days, and a third of them lean: slower, with more protein and "
                     "strength "
                     "work.")},
            {"mirren", "2026-03-05T09:30:00.000Z", 61.0, 0.40, 0.49,
             scanDay(visceral(0.82, 84), bone(0.968, -1.9, -0.6),
                     "Little lean on arms and legs. Strength is tested next; the clinic's physician decides "
                     "what it "
                     "means.")},
            {"ruan", "2026-03-10T09:00:00.000Z", 70.0, 0.13, 0.42, scanDay({})},
            {"lotte", "2026-03-10T09:40:00.000Z", 66.0, 0.24, 0.44, scanDay({})},
            {"ines", "2026-03-06T08:40:00.000Z", 56.0, 0.172, 0.40, scanDay({}, bone(1.082, -0.6, -0.5))},
            {"wren", "2026-03-05T14:00:00.000Z", 38.0, 0.19, 0.42,
             scanDay({}, {{"total-less-head", GramsPerSquareCentimetre(0.842), {}, 0.2}})},
            {"dov", "2026-03-04T08:05:00.000Z", 96.0, 0.186, 0.50, scanDay(visceral(0.61, 63))},
        };
        Expected<void> done;
        for (Stage stage : stages) {
            if (std::string_view(stage.id) == "mirren")
                stage.day.afterMenopause = true;
            if (std::string_view(stage.id) == "dov")
                stage.day.faults = armOutsideFirst;
            TrueBody body = person(stage.id).body;
            body.mass = stage.mass;
            body.fatFraction = stage.fat;
            body.trunkFat = stage.trunkFat;
            if (done)
                done = scan(stage.id, body, stage.when, stage.day);
        }
        return done ? pregnant() : done;
    }

private:
    // Beside the one that has begun.
    int earlierScansOfAYear(const std::string& clientId, const std::string& begun) {
        int scans = 0;
        for (const AnyTest& any : visits_.book().testsOf(clientId))
            scans += methodOf(any) == methodDxa && common(any).id != begun &&
                     minutesBetween(common(any).startedAt, visits_.clock()) < 365.0 * 24.0 * 60.0;
        return scans;
    }

    Expected<void> scan(const char* id, const TrueBody& body, const char* when, DxaDay day) {
        const Person& p = person(id);
        const auto begun = visits_.beginAt(when, p, methodDxa, "-dxa-");
        if (!begun)
            return tl::unexpected(begun.error());
        auto& run = runningAs<ScanMethod>(**begun);
        day.scansOfAYear = earlierScansOfAYear(p.id, run.test().id);
        const auto done = simulation::playDxa(run, body, p.code, day, random_, visits_.clock());
        return done ? visits_.finish(run, day.interpretation) : done;
    }

    static DxaDay scanDay(std::vector<ReportedValue> reported, std::vector<dxa::ReportedBone> bones = {},
                          const char* interpretation = nullptr) {
        DxaDay day;
        day.reported = std::move(reported);
        day.bones = std::move(bones);
        if (interpretation)
            day.interpretation = interpretation;
        return day;
    }

    static simulation::LabFaults armOutsideFirst(int scan) {
        simulation::LabFaults faults;
        faults.scanner.armOutside = scan == 1;
        return faults;
    }

    static std::vector<ReportedValue> visceral(double kilograms, double squareCentimetres) {
        return {{"visceral-fat-mass", kilograms, "kg"}, {"visceral-fat-area", squareCentimetres, "cm²"}};
    }

    Expected<void> pregnant() {
        return visits_.refuse({"keziah", methodDxa, "SP-107-dxa", "2026-03-06T10:00:00.000Z", "dxa_pregnant",
                               "yes", "pregnant: no X-rays; booked for after delivery"});
    }

    Visits& visits_;
    Random& random_;
};

} // namespace

Expected<void> scanTests(Visits& visits, Random& random) {
    return ScanVisits(visits, random).scanTests();
}

} // namespace fusain::demo

#include "demo/demo_book.hpp"

#include "core/airdisplacement/body_volume.hpp"
#include "core/anthropometry/surface_area.hpp"
#include "core/water/density.hpp"
#include "demo/chamber_tests.hpp"
#include "demo/dxa_tests.hpp"
#include "demo/impedance_tests.hpp"
#include "demo/tank_tests.hpp"
#include "procedure/any_procedure.hpp"
#include "procedure/computed_test.hpp"
#include "procedure/plan.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::demo {
namespace {

using Random = simulation::Random;
using enum HydrostaticStep;

struct Person {
    const char* id;
    const char* code;
    const char* name;
    const char* born;
    double heightCm;
    UnitSystem units;
    const char* note;
    TrueBody body;
};

const Person people[] = {
    {"ailsa",
     "SP-101",
     "Ailsa Brandvold",
     "1984-06-02",
     168.0,
     UnitSystem::Metric,
     "helm",
     {Sex::Female, 71.0, 0.262, 1.55, 3.7}},
    {"teo",
     "SP-102",
     "Teo Marangwe",
     "1996-09-14",
     183.0,
     UnitSystem::Metric,
     "crew; residual volume measured",
     {Sex::Male, 88.0, 0.171, 1.98, 5.6, 1.100, 1.3}},
    {"pau",
     "SP-106",
     "Pau Ferrandiz-Noor",
     "1951-11-20",
     170.0,
     UnitSystem::Metric,
     "pacemaker; afraid of water",
     {Sex::Male, 69.0, 0.27, 2.4, 3.4}},
    {"yusuf",
     "SP-110",
     "Yusuf Calloway",
     "1987-05-30",
     181.0,
     UnitSystem::Metric,
     "crew; first tank test",
     {Sex::Male, 83.0, 0.208, 1.9, 5.2}},
    {"dov",
     "SP-112",
     "Dov Castellane",
     "1994-08-08",
     190.0,
     UnitSystem::Metric,
     "all four methods today",
     {Sex::Male, 96.0, 0.186, 2.0, 6.2}},
    {"wren",
     "SP-113",
     "Wren Tallis",
     "2014-10-03",
     146.0,
     UnitSystem::Metric,
     "child: child constants only",
     {Sex::Female, 38.0, 0.19, 0.78, 2.5, 1.086}},
    {"elio",
     "SP-116",
     "Elio Santangelo-Rask",
     "1999-11-02",
     169.0,
     UnitSystem::Metric,
     "restless in the chamber",
     {Sex::Male, 74.0, 0.17, 1.5, 5.0}},
    {"ines",
     "SP-103",
     "Ines Halloway",
     "2002-11-19",
     171.0,
     UnitSystem::Metric,
     "dancer",
     {Sex::Female, 56.0, 0.172, 1.4, 3.8}},
    {"ruan",
     "SP-108",
     "Ruan Achterberg",
     "2006-05-14",
     178.0,
     UnitSystem::Metric,
     "rower; left arm after a fracture",
     {Sex::Male, 70.0, 0.13, 1.5, 5.4, 1.100, 0.0, 178.0, 0.732, 0.90, 1.12}},
    {"lotte",
     "SP-109",
     "Lotte Vansittart",
     "1997-07-30",
     174.0,
     UnitSystem::Metric,
     "",
     {Sex::Female, 66.0, 0.24, 1.5, 4.0, 1.100, 0.0, 174.0, 0.732, 0.997, 1.004}},
    {"nerys",
     "SP-111",
     "Nerys Adebayo-Lund",
     "1980-09-02",
     163.0,
     UnitSystem::Metric,
     "wants to see what a day does to the result",
     {Sex::Female, 92.0, 0.41, 1.5, 3.4}},
    {"marit",
     "SP-115",
     "Marit Quennell",
     "1989-07-21",
     169.0,
     UnitSystem::UsCustomary,
     "asks for US units",
     {Sex::Female, 63.0, 0.243, 1.4, 3.9}},
    {"goran",
     "SP-104",
     "Goran Lethe",
     "1973-06-18",
     176.0,
     UnitSystem::Metric,
     "fat around the middle; scanned through the year",
     {Sex::Male, 103.4, 0.302, 1.9, 4.4, 1.100, 0.0, 176.0, 0.732, 0.99, 1.01, 0.56}},
    {"mirren",
     "SP-105",
     "Mirren Osei-Tait",
     "1958-10-05",
     160.0,
     UnitSystem::Metric,
     "muscle clinic",
     {Sex::Female, 61.0, 0.40, 1.7, 2.6, 1.100, 0.0, 160.0, 0.732, 1.0, 1.01, 0.49, 0.80}},
    {"keziah",
     "SP-107",
     "Keziah Stroud",
     "1991-08-27",
     165.0,
     UnitSystem::Metric,
     "26 weeks pregnant: after delivery",
     {Sex::Female, 78.0, 0.34, 1.5, 3.6}},
    {"caspian",
     "SP-114",
     "Caspian Oduya",
     "1967-12-09",
     172.0,
     UnitSystem::Metric,
     "sixty days on a plan",
     {Sex::Male, 81.0, 0.285, 1.9, 4.1, 1.100, 0.0, 172.0, 0.732, 0.99, 1.01, 0.53}},
};

double gauss(Random& random, double deviation) {
    return std::normal_distribution(0.0, deviation)(random);
}

class DemoLab {
public:
    DemoLab(store::LabBook& book, const LabCatalogue& catalogue, Instant& clock, std::uint64_t seed)
        : book_(book), catalogue_(catalogue), clock_(clock), random_(seed) {}

    Expected<void> fill() {
        clock_ = at("2024-12-02T08:00:00.000Z");
        Expected<void> done = book_.setSetting("lab-name", "Skerry Point Physiology Laboratory", "oriel");
        for (const Staff& member : {physiologist_, technician_, trainee_})
            if (done)
                done = book_.save(member, "oriel");
        for (const Person& person : people)
            if (done)
                done = saveClient(person);
        if (done)
            done = ailsasYear();
        if (done)
            done = otherTests();
        if (done)
            done = scaleChecks();
        if (done)
            done = chamberChecks(book_, random_, clock_);
        if (done)
            done = chamberPrecision(book_, random_, clock_);
        if (done)
            done = chamberTests();
        if (done)
            done = impedanceChecks(book_, random_, clock_);
        if (done)
            done = impedanceTests();
        if (done)
            done = scannerPrecision(book_, scans_, clock_);
        if (done)
            done = scannerChecks(book_, scans_, clock_);
        if (done)
            done = dxaTests();
        if (done)
            done = squad();
        if (done)
            done = today();
        if (done)
            done = book_.setSetting("at-the-bench", technician_.id, technician_.id);
        clock_ = demoNow();
        return done;
    }

private:
    static Instant at(const char* text) { return *instantFromIso(text); }
    static const Person& person(std::string_view id) {
        for (const Person& each : people)
            if (each.id == id)
                return each;
        return people[0];
    }

    Expected<void> saveClient(const Person& p) {
        Client client{p.id,
                      p.code,
                      p.name,
                      *dateFromIso(p.born),
                      p.body.sex,
                      metresFromCentimetres(p.heightCm),
                      p.units,
                      p.note,
                      std::string_view(p.id) == "wren"};
        if (auto done = book_.save(client, "bram"); !done)
            return done;
        TrueBody body = p.body;
        body.heightCm = p.heightCm;
        return book_.setSetting(std::string("truth.") + p.id, toJson(body).dump(), "oriel");
    }

    Expected<TankTest> begin(const Person& p, const TrueBody& body, const char* when) {
        clock_ = at(when);
        const Client client = *book_.client(p.id);
        const bool repeat = !book_.testsOf(p.id).empty();
        auto procedure = HydrostaticProcedure::begin(
            {std::get<HydrostaticPolicy>(catalogue_.policyFor(methodHydrostatic, {})),
             catalogue_.protocolFor(methodHydrostatic)},
            std::string(p.code) + "-" + isoText(clock_).substr(0, 10),
            {p.id, client.sex, client.ageAt(clock_), *client.height, repeat}, technician_, book_,
            [this] { return clock_; });
        if (!procedure)
            return tl::unexpected(procedure.error());
        return TankTest(book_, std::move(*procedure), body, random_, clock_);
    }

    Expected<void> wholeTest(const char* id, const TrueBody& body, const char* when,
                             double measuredResidualVolume = 0.0) {
        auto test = begin(person(id), body, when);
        if (!test)
            return tl::unexpected(test.error());
        Expected<void> done = test->prepare();
        if (done && measuredResidualVolume > 0.0)
            done = test->run().measureResidualVolume(Litres(measuredResidualVolume), "oxygen dilution");
        if (done)
            done = test->weigh(0, 0.05);
        return done ? test->finish(technician_, physiologist_) : done;
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
        Expected<void> done = wholeTest("teo", person("teo").body, "2026-02-26T10:00:00.000Z", 1.96);
        if (done)
            done = wholeTest("marit", person("marit").body, "2025-10-22T11:00:00.000Z");
        if (done)
            done = wholeTest("wren", person("wren").body, "2025-10-23T13:30:00.000Z", 0.79);
        if (!done)
            return done;
        auto pau = begin(person("pau"), person("pau").body, "2026-03-03T10:30:00.000Z");
        if (!pau)
            return tl::unexpected(pau.error());
        done = pau->run().answer("hw_fear", {std::nullopt, false, std::nullopt, "no"});
        return done ? pau->run().refuse("afraid of water; the chamber instead") : done;
    }

    Expected<void> chamberTest(const char* id, const char* when, const ChamberDay& day) {
        const Person& p = person(id);
        clock_ = at(when);
        const Client client = *book_.client(p.id);
        auto procedure =
            ChamberProcedure::begin({std::get<ChamberPolicy>(catalogue_.policyFor(methodChamber, {})),
                                     catalogue_.protocolFor(methodChamber)},
                                    std::string(p.code) + "-chamber-" + isoText(clock_).substr(0, 10),
                                    {p.id, client.sex, client.ageAt(clock_), *client.height, false},
                                    technician_, book_, [this] { return clock_; });
        if (!procedure)
            return tl::unexpected(procedure.error());
        return runChamberTest(book_, *procedure, p.body, day, technician_, physiologist_, random_, clock_);
    }

    // Teo on the day of his tank test, first with the gas predicted; Pau, whom the tank refused; Elio, who
    // cannot sit still.
    Expected<void> chamberTests() {
        Expected<void> done = chamberTest("teo", "2026-02-26T08:40:00.000Z", {false, 0.03, true});
        if (done)
            done = chamberTest("pau", "2026-03-03T11:10:00.000Z", {true, 0.03, true});
        if (done)
            done = chamberTest("dov", "2026-03-04T09:00:00.000Z", {true, 0.03, true});
        return done ? chamberTest("elio", "2026-03-12T07:20:00.000Z", {true, 0.5, false}) : done;
    }

    Expected<void> impedanceTest(const char* id, const TrueBody& changed, const char* when,
                                 const ImpedanceDay& day) {
        const Person& p = person(id);
        clock_ = at(when);
        const Client client = *book_.client(p.id);
        const AnyPolicy& policy = catalogue_.policyFor(methodImpedance, {});
        TrueBody body = changed;
        body.heightCm = p.heightCm;
        auto begun =
            beginTest(policy, catalogue_.protocolFor(methodImpedance),
                      std::string(p.code) + "-impedance-" + isoText(clock_).substr(0, 16),
                      {p.id, client.sex, client.ageAt(clock_), *client.height, !book_.testsOf(p.id).empty()},
                      technician_, book_, [this] { return clock_; });
        if (!begun)
            return tl::unexpected(begun.error());
        return runImpedanceTest(book_, static_cast<ImpedanceProcedure&>(**begun), body, p.code, day,
                                technician_, physiologist_, random_, clock_);
    }

    // Ines over a season, Ruan's arm, Lotte who has none, Nerys in the morning and after a day, Dov before the
    // rest; Pau's pacemaker.
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
        contact.firstSweep.badContact = impedance::Segment::LeftArm;
        if (done)
            done = impedanceTest("lotte", person("lotte").body, "2026-03-09T09:20:00.000Z", contact);
        if (done)
            done = impedanceTest("nerys", person("nerys").body, "2026-03-11T07:30:00.000Z", {});
        ImpedanceDay evening;
        evening.deviations = {{"imp_food", 2.0, "wants to see the difference"},
                              {"imp_exercise", 1.5, "wants to see the difference"}};
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

    Expected<void> ruansArm() {
        ImpedanceDay day;
        day.inSpite = "the left arm is thinner since the fracture: the difference is real";
        day.interpretation =
            "The left arm holds clearly less lean than the right: strength work for that side.";
        return impedanceTest("ruan", person("ruan").body, "2026-03-09T09:00:00.000Z", day);
    }

    Expected<void> pacemaker() {
        const Person& p = person("pau");
        clock_ = at("2026-03-03T10:20:00.000Z");
        const Client client = *book_.client(p.id);
        auto begun = beginTest(catalogue_.policyFor(methodImpedance, {}),
                               catalogue_.protocolFor(methodImpedance), std::string(p.code) + "-impedance",
                               {p.id, client.sex, client.ageAt(clock_), *client.height, false}, technician_,
                               book_, [this] { return clock_; });
        if (!begun)
            return tl::unexpected(begun.error());
        if (auto done = (*begun)->answer("imp_implant", {std::nullopt, false, std::nullopt, "yes"}); !done)
            return done;
        return (*begun)->refuse("a pacemaker: no current through this body");
    }

    Expected<std::unique_ptr<Procedure>> beginDxa(const Person& p, const std::string& id) {
        const Client client = *book_.client(p.id);
        return beginTest(catalogue_.policyFor(methodDxa, {}), catalogue_.protocolFor(methodDxa), id,
                         {p.id, client.sex, client.ageAt(clock_), *client.height, !book_.testsOf(p.id).empty()},
                         technician_, book_, [this] { return clock_; });
    }

    Expected<void> dxaTest(const char* id, const TrueBody& body, const char* when, const DxaDay& day) {
        const Person& p = person(id);
        clock_ = at(when);
        auto begun = beginDxa(p, std::string(p.code) + "-dxa-" + isoText(clock_).substr(0, 10));
        if (!begun)
            return tl::unexpected(begun.error());
        return runDxaTest(book_, static_cast<DxaProcedure&>(**begun), body, p.code, day, technician_,
                          physiologist_, scans_, clock_);
    }

    static std::vector<ReportedValue> visceral(double kilograms, double squareCentimetres) {
        return {{"visceral-fat-mass", kilograms, "kg"}, {"visceral-fat-area", squareCentimetres, "cm²"}};
    }

    // Goran's middle, Caspian's sixty days, Mirren's limbs, the arm of Ruan and none of Lotte, Ines, Wren, Dov.
    Expected<void> dxaTests() {
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
            {"goran",
             "2025-03-11T08:00:00.000Z",
             104.2,
             0.338,
             0.59,
             {{},
              visceral(2.31, 232),
              bone(1.241, 0.3, 0.4),
              false,
              "Most of the fat sits in the middle: that is "
              "where to begin."}},
            {"goran", "2025-07-08T08:05:00.000Z", 104.0, 0.326, 0.58, {{}, visceral(2.07, 208), {}, false}},
            {"goran", "2025-11-11T08:00:00.000Z", 103.7, 0.314, 0.57, {{}, visceral(1.86, 187), {}, false}},
            {"goran",
             "2026-03-10T08:05:00.000Z",
             103.4,
             0.302,
             0.56,
             {{},
              visceral(1.64, 165),
              bone(1.239, 0.3, 0.4),
              false,
              "The scale hardly moved and yet three kilograms of fat are gone, most from the middle; the lean "
              "grew."}},
            {"caspian", "2026-01-08T07:50:00.000Z", 86.0, 0.308, 0.55, {{}, visceral(1.42, 143), {}, false}},
            {"caspian",
             "2026-03-09T07:55:00.000Z",
             81.0,
             0.286,
             0.54,
             {{},
              visceral(1.22, 122),
              {},
              false,
              "Five kilograms in sixty days, and a third of them lean: slower, with more protein and strength "
              "work."}},
            {"mirren",
             "2026-03-05T09:30:00.000Z",
             61.0,
             0.40,
             0.49,
             {{},
              visceral(0.82, 84),
              bone(0.968, -1.9, -0.6),
              true,
              "Little lean on arms and legs. Strength is tested next; the clinic's physician decides what it "
              "means."}},
            {"ruan", "2026-03-10T09:00:00.000Z", 70.0, 0.13, 0.42, {{}, {}, {}, false}},
            {"lotte", "2026-03-10T09:40:00.000Z", 66.0, 0.24, 0.44, {{}, {}, {}, false}},
            {"ines", "2026-03-06T08:40:00.000Z", 56.0, 0.172, 0.40, {{}, {}, bone(1.082, -0.6, -0.5), false}},
            {"wren",
             "2026-03-05T14:00:00.000Z",
             38.0,
             0.19,
             0.42,
             {{}, {}, {{"total-less-head", GramsPerSquareCentimetre(0.842), {}, 0.2}}, false}},
            {"dov", "2026-03-04T08:05:00.000Z", 96.0, 0.186, 0.50, {{true}, visceral(0.61, 63), {}, false}},
        };
        Expected<void> done;
        for (const Stage& stage : stages) {
            TrueBody body = person(stage.id).body;
            body.mass = stage.mass;
            body.fatFraction = stage.fat;
            body.trunkFat = stage.trunkFat;
            if (done)
                done = dxaTest(stage.id, body, stage.when, stage.day);
        }
        if (done)
            done = wholeTest("dov", person("dov").body, "2026-03-04T10:00:00.000Z", 2.0);
        PlanRequest plan;
        plan.targetFat = Percent(25.0);
        plan.weeks = 24;
        plan.change = KilocaloriesPerDay(-500.0);
        if (done)
            done = book_.setSetting("plan.goran", toJson(plan).dump(), "oriel");
        return done ? pregnant() : done;
    }

    Expected<void> pregnant() {
        clock_ = at("2026-03-06T10:00:00.000Z");
        auto begun = beginDxa(person("keziah"), "SP-107-dxa");
        if (!begun)
            return tl::unexpected(begun.error());
        if (auto done = (*begun)->answer("dxa_pregnant", {std::nullopt, false, std::nullopt, "yes"}); !done)
            return done;
        return (*begun)->refuse("pregnant: no X-rays; booked for after delivery");
    }

    // Fourteen dancers, for a team morning.
    Expected<void> squad() {
        static constexpr std::array names{"Isolde Fenwright",    "Tamsin Okoro-Vale",  "Mireille Castaway",
                                          "Petra Lindqvist-Rao", "Oona Harrowgate",    "Zella Marchetti",
                                          "Briony Achebe-Holt",  "Saskia Thornbury",   "Kit Valderrama",
                                          "Ambrose Quill",       "Leander Osei-Frost", "Dmitri Alderwick",
                                          "Rafe Montclair-Bo",   "Jonah Pellworth"};
        Expected<void> done;
        for (std::size_t i = 0; i < names.size() && done; ++i) {
            const bool man = i >= 8;
            TrueBody body{man ? Sex::Male : Sex::Female, 0.0, (man ? 0.12 : 0.19) + gauss(random_, 0.02),
                          man ? 1.6 : 1.3, man ? 5.0 : 3.7};
            body.heightCm = (man ? 179.0 : 168.0) + std::round(gauss(random_, 4.0));
            body.mass = (man ? 22.3 : 20.0) * body.heightCm * body.heightCm / 1e4 + gauss(random_, 1.5);
            const std::string id = "dancer-" + std::to_string(i + 1),
                              code = "SD-" + std::string(i < 9 ? "0" : "") + std::to_string(i + 1);
            const std::string born =
                std::to_string(1995 + (i * 5) % 12) + "-0" + std::to_string(1 + i % 9) + "-15";
            clock_ = at("2026-03-02T09:00:00.000Z");
            done = book_.save(Client{id, code, names[i], *dateFromIso(born), body.sex,
                                     metresFromCentimetres(body.heightCm), UnitSystem::Metric,
                                     "company in residence", false},
                              "bram");
            if (done)
                done = book_.setSetting("truth." + id, toJson(body).dump(), "oriel");
            if (done)
                done = book_.save(
                    store::Visit{"visit-team-" + id,
                                 id,
                                 at("2026-03-12T08:00:00.000Z").plusMinutes(4.0 * static_cast<double>(i)),
                                 std::string(methodImpedance),
                                 "booked",
                                 {},
                                 "team: dance company"},
                    "bram");
        }
        return done;
    }

    Expected<void> scaleChecks() {
        Expected<void> done;
        for (int week = 0; week < 20; ++week) {
            clock_ = at("2025-10-27T07:20:00.000Z").plusMinutes(week * 7.0 * 24.0 * 60.0);
            const double reading = 20.0 + 0.0015 * week + gauss(random_, 0.008) + (week == 12 ? 0.07 : 0.0);
            if (done && clock_ < demoNow())
                done = book_.save(Check{"check-scale-" + std::to_string(week),
                                        "floor-scale",
                                        "reference-mass",
                                        clock_,
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

    Expected<void> today() {
        auto yusuf = begin(person("yusuf"), person("yusuf").body, "2026-03-12T07:12:00.000Z");
        if (!yusuf)
            return tl::unexpected(yusuf.error());
        Expected<void> done = yusuf->prepare();
        if (done)
            done = yusuf->weigh(3, 0.75);
        const auto visit = [&](const char* id, const char* when, const char* state, const std::string& test,
                               const char* note) {
            if (done)
                done = book_.save(
                    store::Visit{std::string("visit-") + id, id, at(when), "hydrostatic", state, test, note},
                    "bram");
        };
        const auto chamberVisit = [&](const char* id, const char* when, const char* state,
                                      const std::string& test, const char* note) {
            if (done)
                done = book_.save(store::Visit{std::string("visit-chamber-") + id, id, at(when),
                                               std::string(methodChamber), state, test, note},
                                  "bram");
        };
        clock_ = at("2026-03-12T07:39:00.000Z");
        visit("yusuf", "2026-03-12T07:10:00.000Z", "running", yusuf->run().test().id, "first tank test");
        chamberVisit("elio", "2026-03-12T07:20:00.000Z", "running", "SP-116-chamber-2026-03-12",
                     "volumes do not agree");
        visit("dov", "2026-03-12T09:00:00.000Z", "booked", {}, "four methods today");
        chamberVisit("marit", "2026-03-12T10:10:00.000Z", "booked", {}, "before the tank");
        visit("marit", "2026-03-12T10:30:00.000Z", "booked", {}, "US units");
        visit("wren", "2026-03-12T13:30:00.000Z", "booked", {}, "with guardian");
        return done;
    }

    store::LabBook& book_;
    const LabCatalogue& catalogue_;
    Instant& clock_;
    Random random_;
    Random scans_{31415}; ///< apart from the others, so that a scan more changes no other test
    const Staff physiologist_{"oriel", "Oriel Thackway", Role::Physiologist};
    const Staff technician_{"bram", "Bram Iyengar", Role::Technician};
    const Staff trainee_{"sunniva", "Sunniva Pell", Role::Trainee};
};

} // namespace

Instant demoNow() {
    return *instantFromIso("2026-03-12T07:40:00.000Z");
}

Expected<void> finishTest(store::LabBook& book, Procedure& run, const AnyPolicy& policy,
                          const char* interpretation, const Staff& technician, const Staff& physiologist,
                          Instant at) {
    const auto computed = computeTest(run.snapshot(), policy);
    if (!computed)
        return tl::unexpected(computed.error());
    const auto confirm = [&](std::string_view id) {
        const auto step = std::ranges::find(run.steps(), id, &StepText::id);
        return run.confirm(Step(static_cast<int>(step - run.steps().begin())));
    };
    Expected<void> done = confirm("result");
    if (done)
        done = run.interpret(interpretation);
    if (done)
        done = run.sign(technician, physiologist);
    if (done)
        done = book.save(store::StoredResult{run.record().id, 1, 1, at, computed->document()}, technician.id);
    if (done)
        done = confirm("report");
    return done ? confirm("after") : done;
}

readiness::Answer wellPrepared(const readiness::Rule& rule) {
    return readiness::answerKeeping(rule, rule.type == readiness::AnswerType::TimeSince ? 0.5 : 0.0);
}

simulation::ChamberOccupant occupantOf(const TrueBody& body, Metres height) {
    simulation::ChamberOccupant occupant;
    occupant.tissueVolume = body.mass / body.density();
    const bool male = body.sex == Sex::Male;
    occupant.meanThoracicGas =
        body.residualVolume + 0.32 * body.vitalCapacity + (male ? 0.4 : 0.3) + body.moreThoracicGas;
    occupant.tidalVolume = male ? 0.7 : 0.5;
    occupant.skinFilm =
        4.67e-5 * squareCentimetres(anthropometry::surfaceAreaDuBois1916(Kilograms(body.mass), height)) / 0.4;
    return occupant;
}

Json toJson(const TrueBody& body) {
    return {{"sex", sexText(body.sex)},
            {"mass_kg", body.mass},
            {"fat_fraction", body.fatFraction},
            {"residual_volume_l", body.residualVolume},
            {"vital_capacity_l", body.vitalCapacity},
            {"fat_free_density_kg_per_l", body.fatFreeDensity},
            {"more_thoracic_gas_l", body.moreThoracicGas},
            {"height_cm", body.heightCm},
            {"water_of_fat_free", body.waterOfFatFree},
            {"right_arm", body.rightArm},
            {"left_arm", body.leftArm},
            {"trunk_fat", body.trunkFat},
            {"limbs", body.limbs}};
}

TrueBody trueBodyFromJson(const Json& json) {
    return {sexFromText(json.value("sex", "female")),
            json.value("mass_kg", 70.0),
            json.value("fat_fraction", 0.25),
            json.value("residual_volume_l", 1.4),
            json.value("vital_capacity_l", 4.0),
            json.value("fat_free_density_kg_per_l", 1.1),
            json.value("more_thoracic_gas_l", 0.0),
            json.value("height_cm", 170.0),
            json.value("water_of_fat_free", 0.732),
            json.value("right_arm", 0.99),
            json.value("left_arm", 1.01),
            json.value("trunk_fat", 0.50),
            json.value("limbs", 1.0)};
}

simulation::VirtualPerson virtualPersonOf(const TrueBody& body) {
    return {body.mass,
            body.netUnderwater(water::densityTanaka2001(Celsius(34.2)).value()),
            body.vitalCapacity,
            0.25,
            occupantOf(body, metresFromCentimetres(body.heightCm)),
            analyzerPersonOf(body),
            scannedPersonOf(body),
            {}};
}

Expected<void> fillDemoBook(store::LabBook& book, const LabCatalogue& catalogue, Instant& clock,
                            std::uint64_t seed) {
    return DemoLab(book, catalogue, clock, seed).fill();
}

} // namespace fusain::demo

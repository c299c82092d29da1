#include "demo/demo_book.hpp"

#include "demo/agreement_study.hpp"
#include "demo/instrument_checks.hpp"
#include "demo/people.hpp"
#include "link/simulation/all/played_run.hpp"
#include "procedure/all/computed.hpp"
#include "procedure/meaning/plan.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::demo {
namespace {

using simulation::ChamberDay;
using simulation::DxaDay;
using simulation::gauss;
using simulation::ImpedanceDay;
using simulation::Random;
using simulation::TankDay;
using simulation::TrueBody;

class DemoLab {
public:
    DemoLab(store::LabBook& book, const LabCatalogue& catalogue, Instant& clock, std::uint64_t seed)
        : book_(book), catalogue_(catalogue), clock_(clock), random_(seed) {}

    Expected<void> fill() {
        clock_ = at("2024-12-02T08:00:00.000Z");
        Expected<void> done = book_.setSetting("lab-name", "Skerry Point Physiology Laboratory", "oriel");
        if (done)
            done = book_.setSetting("lab-address", "Behind the lifeboat station, Skerry Point", "oriel");
        if (done)
            done = book_.setSetting("lab-telephone", "Skerry Point 204", "oriel");
        for (const Staff& member : {physiologist_, technician_, trainee_})
            if (done)
                done = book_.save(member, "oriel");
        for (const Person& person : people())
            if (done)
                done = saveClient(person);
        if (done)
            done = ailsasYear();
        if (done)
            done = otherTests();
        if (done)
            done = referenceObjects(book_, catalogue_);
        if (done)
            done = scaleChecks(book_, random_, clock_);
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
            done = girthTests();
        if (done)
            done = squad();
        if (done)
            done = agreementStudy(book_, catalogue_, study_, clock_);
        if (done)
            done = tankMorning(book_, clock_);
        if (done)
            done = today();
        if (done)
            done = book_.setSetting("at-the-bench", technician_.id, technician_.id);
        clock_ = demoNow();
        return done;
    }

private:
    static Instant at(const char* text) { return *instantFromIso(text); }
    Expected<void> saveClient(const Person& p) {
        Client client{p.id,
                      p.code,
                      p.name,
                      *dateFromIso(p.born),
                      p.body.sex,
                      metresFromCentimetres(p.heightCm),
                      p.units,
                      p.note,
                      std::string_view(p.id) == "wren",
                      {},
                      "Skerry Point 3" + std::string(p.code).substr(4)};
        if (auto done = book_.save(client, "bram"); !done)
            return done;
        TrueBody body = p.body;
        body.heightCm = p.heightCm;
        return book_.setSetting(std::string("truth.") + p.id, toJson(body).dump(), "oriel");
    }

    Expected<std::unique_ptr<Procedure>> begin(const Person& p, std::string_view method,
                                               const std::string& id) {
        const Client client = *book_.client(p.id);
        return beginTest(catalogue_.policyFor(method, {}), catalogue_.protocolFor(method), id,
                         {p.id, client.sex, client.ageAt(clock_), *client.height, !book_.testsOf(p.id).empty()},
                         technician_, book_, [this] { return clock_; });
    }

    // The check of an instrument that a test began with, kept for the instrument as well.
    Expected<void> keepCheck(const std::string& id, const char* instrument, const char* kind, Kilograms nominal,
                             Kilograms reading, Instant when) {
        return book_.save(Check{id,
                                instrument,
                                kind,
                                when,
                                nominal.value(),
                                reading.value(),
                                true,
                                "bram",
                                {},
                                {reading.value()}},
                          "bram");
    }

    Expected<void> finish(Procedure& run, const char* interpretation) {
        const auto computed = computeByItsPolicy(snapshotOf(run), catalogue_);
        if (!computed)
            return tl::unexpected(computed.error());
        const auto done = simulation::playFinish(run, interpretation, technician_, physiologist_);
        return done ? book_.save(store::StoredResult{run.record().id, 1, 1, clock_, computed->document()},
                                 technician_.id)
                    : done;
    }

    Expected<std::string> tankTest(const Person& p, const TrueBody& body, const char* when,
                                   const TankDay& day) {
        clock_ = at(when);
        const auto begun =
            begin(p, methodHydrostatic, std::string(p.code) + "-" + isoText(clock_).substr(0, 10));
        if (!begun)
            return tl::unexpected(begun.error());
        auto& run = runningAs<TankMethod>(**begun);
        Expected<void> done = simulation::playTank(run, body, day, random_, clock_);
        if (done)
            done = keepCheck("check-" + run.test().id, "load-cell", "load-cell",
                             run.test().loadCell()->referenceNominal, run.test().loadCell()->referenceReading,
                             run.test().loadCell()->at);
        if (done && day.trials == 0)
            done = finish(run, "Measured calmly; the trials agree. Prepared as asked.");
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
        return refusal("pau", methodHydrostatic, "SP-106-2026-03-03", "2026-03-03T10:30:00.000Z", "hw_fear",
                       "no", "afraid of water; the chamber instead");
    }

    // An answer ends the test before it has begun.
    Expected<void> refusal(const char* id, std::string_view method, const std::string& testId, const char* when,
                           const char* rule, const char* answer, const char* reason) {
        clock_ = at(when);
        const auto begun = begin(person(id), method, testId);
        if (!begun)
            return tl::unexpected(begun.error());
        const auto done = (*begun)->answer(rule, {std::nullopt, false, std::nullopt, answer});
        return done ? (*begun)->refuse(reason) : done;
    }

    static ChamberDay chamberDay(bool measureGas, double restlessness, bool finish) {
        ChamberDay day;
        day.measureGas = measureGas;
        day.restlessness = restlessness;
        day.finish = finish;
        return day;
    }

    Expected<void> chamberTest(const char* id, const char* when, const ChamberDay& day) {
        const Person& p = person(id);
        clock_ = at(when);
        const auto begun =
            begin(p, methodChamber, std::string(p.code) + "-chamber-" + isoText(clock_).substr(0, 10));
        if (!begun)
            return tl::unexpected(begun.error());
        auto& run = runningAs<ChamberMethod>(**begun);
        Expected<void> done = simulation::playChamber(run, p.body, day, random_, clock_);
        if (done)
            done = keepCheck("check-scale-" + run.test().id, "chamber-scale", "reference-mass",
                             run.test().scale()->nominal, run.test().scale()->reading, run.test().scale()->at);
        return done && day.finish ? finish(run, "Sat calmly; the volumes agree. Prepared as asked.") : done;
    }

    // Teo on the day of his tank test, first with the gas predicted; Pau, whom the tank refused; Elio, who
    // cannot sit still.
    Expected<void> chamberTests() {
        Expected<void> done = chamberTest("teo", "2026-02-26T08:40:00.000Z", chamberDay(false, 0.03, true));
        if (done)
            done = chamberTest("pau", "2026-03-03T11:10:00.000Z", chamberDay(true, 0.03, true));
        if (done)
            done = chamberTest("dov", "2026-03-04T09:00:00.000Z", chamberDay(true, 0.03, true));
        return done ? chamberTest("elio", "2026-03-12T07:20:00.000Z", chamberDay(true, 0.5, false)) : done;
    }

    Expected<void> impedanceTest(const char* id, const TrueBody& changed, const char* when,
                                 const ImpedanceDay& day) {
        const Person& p = person(id);
        clock_ = at(when);
        TrueBody body = changed;
        body.heightCm = p.heightCm;
        const auto begun =
            begin(p, methodImpedance, std::string(p.code) + "-impedance-" + isoText(clock_).substr(0, 16));
        if (!begun)
            return tl::unexpected(begun.error());
        auto& run = runningAs<ImpedanceMethod>(**begun);
        const auto done = simulation::playImpedance(run, body, p.code, day, physiologist_, random_, clock_);
        return done && day.finish ? finish(run, day.interpretation) : done;
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

    Expected<void> ruansArm() {
        ImpedanceDay day;
        day.reasonInSpite = "the left arm is thinner since the fracture: the difference is real";
        day.interpretation =
            "The left arm holds clearly less lean than the right: strength work for that side.";
        return impedanceTest("ruan", person("ruan").body, "2026-03-09T09:00:00.000Z", day);
    }

    Expected<void> pacemaker() {
        return refusal("pau", methodImpedance, "SP-106-impedance", "2026-03-03T10:20:00.000Z", "imp_implant",
                       "yes", "a pacemaker: no current through this body");
    }

    int scansOfAYear(const std::string& clientId) {
        int scans = 0;
        for (const AnyTest& any : book_.testsOf(clientId))
            scans += methodOf(any) == methodDxa &&
                     minutesBetween(common(any).startedAt, clock_) < 365.0 * 24.0 * 60.0;
        return scans;
    }

    Expected<void> dxaTest(const char* id, const TrueBody& body, const char* when, DxaDay day) {
        const Person& p = person(id);
        clock_ = at(when);
        day.scansOfAYear = scansOfAYear(p.id);
        const auto begun = begin(p, methodDxa, std::string(p.code) + "-dxa-" + isoText(clock_).substr(0, 10));
        if (!begun)
            return tl::unexpected(begun.error());
        auto& run = runningAs<ScanMethod>(**begun);
        const auto done = simulation::playDxa(run, body, p.code, day, scans_, clock_);
        return done ? finish(run, day.interpretation) : done;
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
                done = dxaTest(stage.id, body, stage.when, stage.day);
        }
        if (done)
            done = wholeTest("dov", person("dov").body, "2026-03-04T10:00:00.000Z", Litres(2.0));
        PlanRequest plan;
        plan.targetFat = Percent(25.0);
        plan.weeks = 24;
        plan.change = KilocaloriesPerDay(-500.0);
        plan.notes = "walks and evening meals";
        if (done)
            done = book_.setSetting(paperKey("plan", "goran"), toJson(plan).dump(), "oriel");
        if (done)
            done = askedAboutHealth("goran", *instantFromIso("2026-03-10T08:30:00.000Z"));
        return done ? pregnant() : done;
    }

    // The man whose middle shrinks while the scale hardly moves, with the tape on the mornings of his scans.
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

    Expected<void> girthTest(const char* id, const TrueBody& body, const char* when,
                             const char* interpretation) {
        const Person& p = person(id);
        clock_ = at(when);
        const auto begun =
            begin(p, methodGirths, std::string(p.code) + "-girths-" + isoText(clock_).substr(0, 10));
        if (!begun)
            return tl::unexpected(begun.error());
        auto& run = runningAs<GirthMethod>(**begun);
        Expected<void> done = simulation::playGirths(run, body, {}, tapes_, clock_);
        if (const TapeCheck* tape = run.test().tape(); done && tape)
            done = book_.save(Check{"check-" + run.test().id,
                                    "tape",
                                    "rule",
                                    tape->at,
                                    tape->nominal.value(),
                                    tape->reading.value(),
                                    true,
                                    "bram",
                                    {},
                                    {tape->reading.value()}},
                              "bram");
        return done ? finish(run, interpretation) : done;
    }

    // Somebody whose health stands in the way of nothing.
    Expected<void> askedAboutHealth(const std::string& client, Instant at) {
        Screening screening;
        for (const ScreeningQuestion* question : catalogue_.screening.concerning(Sex::Male, Years(47.0)))
            screening.put(screeningItem(catalogue_.screening, *question, ScreeningAnswer::No, at, "oriel"));
        return book_.setSetting(paperKey("screening", client), toJson(screening).dump(), "oriel");
    }

    Expected<void> pregnant() {
        return refusal("keziah", methodDxa, "SP-107-dxa", "2026-03-06T10:00:00.000Z", "dxa_pregnant", "yes",
                       "pregnant: no X-rays; booked for after delivery");
    }

    // Fourteen dancers, for a team morning.
    Expected<void> squad() {
        static constexpr std::array names{"Isolde Fenwright",    "Tamsin Okoro-Vale",  "Mireille Castaway",
                                          "Petra Lindqvist-Rao", "Oona Harrowgate",    "Zella Marchetti",
                                          "Briony Achebe-Holt",  "Saskia Thornbury",   "Kit Valderrama",
                                          "Ambrose Quill",       "Leander Osei-Frost", "Dmitri Alderwick",
                                          "Rafe Quillander",     "Jonah Pellworth"};
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
            done = book_.save(Client{id,
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

    Expected<void> today() {
        TankDay firstTrials;
        firstTrials.trials = 3;
        firstTrials.heldBack = 0.75;
        const auto yusuf =
            tankTest(person("yusuf"), person("yusuf").body, "2026-03-12T07:12:00.000Z", firstTrials);
        if (!yusuf)
            return tl::unexpected(yusuf.error());
        Expected<void> done;
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
        visit("yusuf", "2026-03-12T07:10:00.000Z", "running", *yusuf, "first tank test");
        chamberVisit("elio", "2026-03-12T07:20:00.000Z", "running", "SP-116-chamber-2026-03-12",
                     "volumes do not agree");
        visit("dov", "2026-03-12T09:00:00.000Z", "booked", {}, "four methods today");
        const auto laterVisit = [&](const char* id, const char* when, std::string_view method) {
            if (done)
                done = book_.save(
                    store::Visit{
                        std::string("visit-later-") + id, id, at(when), std::string(method), "booked", {}, {}},
                    "bram");
        };
        laterVisit("lotte", "2026-03-13T07:20:00.000Z", methodImpedance);
        laterVisit("teo", "2026-03-13T10:00:00.000Z", methodHydrostatic);
        laterVisit("mirren", "2026-03-13T11:00:00.000Z", methodDxa);
        laterVisit("ruan", "2026-03-14T08:00:00.000Z", methodImpedance);
        chamberVisit("marit", "2026-03-12T10:10:00.000Z", "booked", {}, "before the tank");
        visit("marit", "2026-03-12T10:30:00.000Z", "booked", {}, "US units");
        visit("wren", "2026-03-12T13:30:00.000Z", "booked", {}, "with guardian");
        return done;
    }

    store::LabBook& book_;
    const LabCatalogue& catalogue_;
    Instant& clock_;
    Random random_;
    Random study_{27182}; ///< of the agreement study, apart as well
    Random tapes_{27182}; ///< apart from the others as well
    Random scans_{31415}; ///< apart from the others, so that a scan more changes no other test
    const Staff physiologist_{"oriel", "Oriel Thackway", Role::Physiologist};
    const Staff technician_{"bram", "Bram Iyengar", Role::Technician};
    const Staff trainee_{"sunniva", "Sunniva Pell", Role::Trainee};
};

} // namespace

Instant demoNow() {
    return *instantFromIso("2026-03-12T07:40:00.000Z");
}

Expected<void> fillDemoBook(store::LabBook& book, const LabCatalogue& catalogue, Instant& clock,
                            std::uint64_t seed) {
    return DemoLab(book, catalogue, clock, seed).fill();
}

} // namespace fusain::demo

#include "demo/demo_book.hpp"

#include "demo/agreement_study.hpp"
#include "demo/instrument_checks.hpp"
#include "demo/visits.hpp"
#include "procedure/meaning/plan.hpp"
#include "record/base/json.hpp"

namespace fusain::demo {
namespace {

using simulation::Random;
using simulation::TrueBody;

class DemoLab {
public:
    DemoLab(store::LabBook& book, const LabCatalogue& catalogue, Instant& clock, std::uint64_t seed)
        : book_(book), catalogue_(catalogue), clock_(clock), random_(seed), visits_(book, catalogue, clock) {}

    // Step after step as long as all goes well.
    Expected<void> fill() {
        Expected<void> done = lab();
        const auto then = [&](auto&& step) {
            if (done)
                done = step();
        };
        then([&] { return tankTests(visits_, random_); });
        then([&] { return referenceObjects(book_, catalogue_); });
        then([&] { return scaleChecks(book_, random_, clock_); });
        then([&] { return chamberChecks(book_, random_, clock_); });
        then([&] { return chamberPrecision(book_, random_, clock_); });
        then([&] { return chamberTests(visits_, random_); });
        then([&] { return impedanceChecks(book_, random_, clock_); });
        then([&] { return impedanceTests(visits_, random_); });
        then([&] { return scannerPrecision(book_, scans_, clock_); });
        then([&] { return scannerChecks(book_, scans_, clock_); });
        then([&] { return scanTests(visits_, scans_); });
        then([&] { return dovsTankTest(visits_, random_); });
        then([&] { return goransPlan(); });
        then([&] { return girthTests(visits_, tapes_); });
        then([&] { return squad(visits_, random_); });
        then([&] { return agreementStudy(visits_, study_); });
        then([&] { return tankMorning(book_, clock_); });
        then([&] { return today(); });
        then([&] { return book_.setSetting("at-the-bench", technician.id, technician.id); });
        clock_ = demoNow();
        return done;
    }

private:
    static Instant at(const char* text) { return *instantFromIso(text); }

    // Its address, who works there, and who comes.
    Expected<void> lab() {
        clock_ = at("2024-12-02T08:00:00.000Z");
        Expected<void> done;
        for (const auto& [key, text] : {std::pair("lab-name", "Skerry Point Physiology Laboratory"),
                                        std::pair("lab-address", "Behind the lifeboat station, Skerry Point"),
                                        std::pair("lab-telephone", "Skerry Point 204")})
            if (done)
                done = book_.setSetting(key, text, physiologist.id);
        for (const Staff& member : {physiologist, technician, trainee})
            if (done)
                done = book_.save(member, physiologist.id);
        for (const Person& person : people())
            if (done)
                done = saveClient(person);
        return done;
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
                      std::string_view(p.id) == "wren",
                      {},
                      "Skerry Point 3" + std::string(p.code).substr(4)};
        if (auto done = book_.save(client, "bram"); !done)
            return done;
        TrueBody body = p.body;
        body.heightCm = p.heightCm;
        return book_.setSetting(std::string("truth.") + p.id, toJson(body).dump(), "oriel");
    }

    Expected<void> goransPlan() {
        PlanRequest plan;
        plan.targetFat = Percent(25.0);
        plan.weeks = 24;
        plan.change = KilocaloriesPerDay(-500.0);
        plan.notes = "walks and evening meals";
        const auto done = book_.setSetting(paperKey("plan", "goran"), toJson(plan).dump(), physiologist.id);
        return done ? askedAboutHealth("goran", at("2026-03-10T08:30:00.000Z")) : done;
    }

    // Somebody whose health stands in the way of nothing.
    Expected<void> askedAboutHealth(const std::string& client, Instant at) {
        Screening screening;
        for (const ScreeningQuestion* question : catalogue_.screening.concerning(Sex::Male, Years(47.0)))
            screening.put(
                screeningItem(catalogue_.screening, *question, ScreeningAnswer::No, at, physiologist.id));
        return book_.setSetting(paperKey("screening", client), toJson(screening).dump(), physiologist.id);
    }

    Expected<void> today() {
        const auto yusuf = runningTankTest(visits_, random_);
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
    Visits visits_;
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

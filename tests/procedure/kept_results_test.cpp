// What tests of many people by every method and policy give, with every printed line and sentence, as it was
// kept.
#include "procedure/all/computed.hpp"
#include "procedure/day/day_plan.hpp"
#include "procedure/meaning/findings.hpp"
#include "procedure/meaning/key_points.hpp"
#include "procedure/meaning/plan_schools.hpp"
#include "procedure/meaning/retest_time.hpp"
#include "procedure/meaning/written_claims.hpp"
#include "record/lab/reference_json.hpp"
#include "support/chamber_run.hpp"
#include "support/dxa_run.hpp"
#include "support/girth_run.hpp"
#include "support/impedance_run.hpp"
#include "support/kept.hpp"

namespace fusain::kept_results_test {
namespace {

using namespace testing;

const std::vector<TestSubject>& people() {
    static const std::vector<TestSubject> all{{"man", Sex::Male, Years(30.4), Metres(1.75), false},
                                              {"woman", Sex::Female, Years(34.2), Metres(1.65), false},
                                              {"boy", Sex::Male, Years(11.6), Metres(1.49), false},
                                              {"girl", Sex::Female, Years(16.3), Metres(1.61), false},
                                              {"old woman", Sex::Female, Years(78.9), Metres(1.57), true},
                                              {"old man", Sex::Male, Years(71.0), Metres(1.69), true}};
    return all;
}

std::vector<KeyPointRule> rules() {
    std::vector<KeyPointRule> all;
    for (const Json& each : dataFile("interpretation/key_points.json"))
        all.push_back(*keyPointRuleFromJson(each, "key points"));
    return all;
}

// The numbers of each part in one line; what is cited is for other tests.
void keepDocument(Kept& kept, const std::string& path, const Json& value) {
    std::vector<double> numbers;
    std::string words;
    for (const auto& [key, inner] : value.items())
        if (inner.is_number())
            numbers.push_back(inner.get<double>());
        else if (inner.is_structured() && key != "variance_budget")
            keepDocument(kept, path + '/' + key, inner);
        else if (inner.is_boolean() || key == "applies" || key == "verdict")
            words += inner.dump() + ' ';
    if (!numbers.empty() || !words.empty())
        kept.line(path, numbers, words);
}

/// One test with all that is said of it, against those of the same person before.
void keep(Kept& kept, const std::string& what, const ComputedTest& test, std::span<const ComputedTest> before) {
    static const auto fat = *referenceFromJson(dataFile("references/composition.json").at(0), "references");
    static const auto points = rules();
    kept.line("== " + what);
    Json document = test.document();
    document.erase("recipe"); // versions and fingerprints of the program
    keepDocument(kept, "", document);
    for (const WorkedLine& line : test.sheet())
        kept.line("sheet", line.symbol, line.value, line.unit, line.plusMinus, line.formula,
                  line.how.english());
    const Statements statements({.test = &test, .history = before, .fat = &fat});
    for (const Statement& statement : statements.all())
        kept.line("statement", labSentence(statement).english(), verdictOf(statement));
    for (const Message& sentence : findings(test, statements, before.empty() ? nullptr : &before.back()))
        kept.line("finding", sentence.english());
    const KeyPointFacts facts = keyPointFacts({&test, &statements, before.empty(), nullptr});
    std::vector<double> values;
    for (const auto& [fact, value] : facts)
        values.push_back(value);
    kept.line("facts", values);
    for (const KeyPoint& point : keyPoints(facts, points))
        kept.line("point", point.sentence.english(), point.evidence.english(), point.score);
    std::vector<double> against;
    for (const char* written : {"You have lost fat.", "Fat mass is up.", "Fat is above the reference range.",
                                "Fat-free mass went down.", "Body mass has not changed."})
        against.push_back(static_cast<double>(claimsAgainst(written, statements).size()));
    kept.line("claims", against);
    std::vector<ComputedTest> all(before.begin(), before.end());
    all.push_back(test);
    if (const auto next = nextTest(all))
        kept.line("next", isoText(next->at), next->leastVisible.value(), next->ownPace.value());
}

template <class Run>
Expected<ComputedTest> computedOf(const Run& run) {
    return computeTest(snapshotOf(run), run.setting().policy);
}

/// The same person twice, the second time at another mass and with other readings.
template <class Make>
void keepTwice(Kept& kept, const std::string& what, const Make& make) {
    const Instant first = *instantFromIso("2026-01-12T09:00:00.000Z"),
                  later = first.plusMinutes(60.0 * 24.0 * 63.0);
    std::vector<ComputedTest> before;
    for (const auto& [when, loss] : {std::pair(first, 0.0), std::pair(later, 1.0)})
        if (auto test = make(when, loss)) {
            keep(kept, what, *test, before);
            before.push_back(std::move(*test));
        } else {
            kept.line("== " + what, test.error().english());
        }
}

TEST(KeptResults, Quantities) {
    Kept kept("quantities");
    for (const auto texts : {followedQuantities(), followedRegions(), followedGirths()})
        for (const FollowedText& text : texts)
            kept.line(std::string(text.id), text.title, text.unit, text.decimals);
}

TEST(KeptResults, Tank) {
    Kept kept("tank");
    MemoryJournal journal;
    for (std::size_t policy = 0; policy < 5; ++policy)
        for (const TestSubject& who : people()) {
            HydrostaticSetting setting = standardSetting();
            setting.policy =
                *hydrostaticPolicyFromJson(dataFile("policies/hydrostatic.json").at(policy), "policies");
            const double mass = 22.6 * who.height.value() * who.height.value();
            keepTwice(kept, who.clientId + " by " + setting.policy.id,
                      [&](Instant when, double loss) -> Expected<ComputedTest> {
                          auto begun = HydrostaticProcedure::begin(setting, "t", who, technician, journal,
                                                                   SteppingClock(when));
                          if (!begun)
                              return tl::unexpected(begun.error());
                          auto& run = *begun;
                          (void)run.confirm(HydrostaticStep::TankReady);
                          (void)run.checkLoadCell(Kilograms(4.15), Kilograms(5.0), Kilograms(5.004));
                          (void)run.readWaterTemperature(Celsius(33.6), Attribution::typed());
                          (void)run.answerOpen(onTheLimit);
                          (void)run.weighDry(Kilograms(mass - 2.0 * loss), Attribution::typed());
                          if (policy % 2 == 0)
                              (void)run.measureResidualVolume(Litres(0.7 * who.height.value()),
                                                              "oxygen dilution");
                          (void)run.confirm(HydrostaticStep::Rehearsal);
                          const double net = 0.034 * mass + 0.22 * loss;
                          for (const double off : {-0.031, 0.0, 0.012, 0.02, 0.004})
                              (void)run.acceptTrial(Kilograms(4.15 + net + off), Kilograms(0.02));
                          return computedOf(run);
                      });
        }
}

TEST(KeptResults, Chamber) {
    Kept kept("chamber");
    MemoryJournal journal;
    for (std::size_t policy = 0; policy < 2; ++policy)
        for (const TestSubject& who : people())
            for (const bool measured : {policy == 0, who.sex == Sex::Male}) {
                ChamberSetting setting = chamberSetting();
                setting.policy =
                    *chamberPolicyFromJson(dataFile("policies/air-displacement.json").at(policy), "policies");
                const double mass = 22.1 * who.height.value() * who.height.value();
                keepTwice(kept, who.clientId + " by " + setting.policy.id,
                          [&](Instant when, double loss) -> Expected<ComputedTest> {
                              auto begun = ChamberProcedure::begin(setting, "t", who, technician, journal,
                                                                   SteppingClock(when));
                              if (!begun)
                                  return tl::unexpected(begun.error());
                              auto& run = *begun;
                              (void)run.confirm(ChamberStep::WarmUp);
                              (void)run.checkScale(Kilograms(20.0), Kilograms(20.004));
                              (void)run.calibrateTyped(Litres(50.0), Litres(50.02));
                              (void)run.answerOpen(onTheLimit);
                              (void)run.weigh(Kilograms(mass - 1.6 * loss), Attribution::typed());
                              const double raw = (mass - 1.6 * loss) / (1.078 + 0.006 * loss);
                              for (const double off : {-0.04, 0.05})
                                  (void)run.acceptTrial(Litres(raw + off), Litres(0.0));
                              if (measured)
                                  (void)run.measureThoracicGas(Litres(2.1 * who.height.value()), "panting");
                              return computedOf(run);
                          });
            }
}

TEST(KeptResults, Impedance) {
    Kept kept("impedance");
    MemoryJournal journal;
    for (std::size_t policy = 0; policy < 3; ++policy)
        for (const TestSubject& who : people())
            for (const double legs : {who.sex == Sex::Male ? 1.0 : 1.09})
                keepTwice(kept, who.clientId + " by policy " + std::to_string(policy),
                          [&](Instant when, double loss) -> Expected<ComputedTest> {
                              auto begun = ImpedanceProcedure::begin(impedanceSetting(policy), "t", who,
                                                                     technician, journal, SteppingClock(when));
                              if (!begun)
                                  return tl::unexpected(begun.error());
                              auto& run = *begun;
                              const double mass = 21.8 * who.height.value() * who.height.value() - 1.5 * loss;
                              (void)run.setUp(
                                  {"Analyzer", "1.0", 8, run.setting().policy.geometry, "right", std::nullopt});
                              (void)run.confirm(ImpedanceStep::WarmUp);
                              (void)run.checkModule(Ohms(500.0), Ohms(500.4));
                              (void)run.confirmIdentity("C-1", "C-1", who.height);
                              (void)run.answerOpen(onTheLimit);
                              (void)run.weigh(Kilograms(mass), Attribution::typed());
                              (void)run.confirm(ImpedanceStep::Electrodes);
                              (void)run.confirm(ImpedanceStep::Posture);
                              if (auto done = run.acceptSweep(cleanSweep(legs - 0.02 * loss), linked(run));
                                  !done)
                                  return tl::unexpected(done.error());
                              return computedOf(run);
                          });
}

// An analyzer that tells its own results only.
TEST(KeptResults, ReportedByAnAnalyzer) {
    Kept kept("reported-by-an-analyzer");
    MemoryJournal journal;
    for (const TestSubject& who : people())
        for (const bool segments : {false, true})
            for (const char* what : {"fat-free-mass", "fat-percent", "body-water"})
                keepTwice(
                    kept, who.clientId + " " + what, [&](Instant when, double loss) -> Expected<ComputedTest> {
                        auto begun = ImpedanceProcedure::begin(impedanceSetting(0), "t", who, technician,
                                                               journal, SteppingClock(when));
                        if (!begun)
                            return tl::unexpected(begun.error());
                        auto& run = *begun;
                        const double mass = 22.5 * who.height.value() * who.height.value() - 2.0 * loss;
                        std::vector<ReportedValue> values{{what,
                                                           std::string_view(what) == "fat-percent" ? 24.0 - loss
                                                           : std::string_view(what) == "body-water"
                                                               ? 0.55 * mass
                                                               : 0.77 * mass,
                                                           std::string_view(what) == "fat-percent"  ? "%"
                                                           : std::string_view(what) == "body-water" ? "L"
                                                                                                    : "kg"}};
                        if (segments)
                            for (const impedance::Segment segment : impedance::bodySegments)
                                values.push_back(
                                    {"lean." + std::string(impedance::segmentKey(segment)),
                                     segment == impedance::Segment::Trunk ? 0.33 * mass : 0.06 * mass, "kg"});
                        (void)run.answerOpen(onTheLimit);
                        (void)run.weigh(Kilograms(mass), Attribution::typed());
                        if (auto done = run.keepReported(values); !done)
                            return tl::unexpected(done.error());
                        return computedOf(run);
                    });
}

TEST(KeptResults, Days) {
    Kept kept("days");
    const auto policy = *planningFromJson(dataFile("planning/standard.json"), "planning");
    const auto at = [](int minutes) {
        return instantFromIso("2026-03-12T00:00:00.000Z")->plusMinutes(minutes);
    };
    // To the nearest second: the last bits of another compiler do not count.
    const auto second = [](Instant instant) { return isoText({instant.milliseconds + 500}).substr(11, 8); };
    const std::vector<std::vector<std::pair<const char*, int>>> days{
        {{"hydrostatic", 570}},
        {{"hydrostatic", 480}, {"hydrostatic", 600}, {"hydrostatic", 690}, {"hydrostatic", 900}},
        {{"impedance", 480}, {"dxa", 500}, {"air-displacement", 540}, {"hydrostatic", 600}},
        {{"air-displacement", 420}, {"air-displacement", 460}, {"girths", 465}, {"impedance", 1010}},
        {{"hydrostatic", 430}, {"air-displacement", 440}, {"hydrostatic", 1000}}};
    for (const auto& day : days)
        for (const int now : {0, 400, 620, 1100})
            for (const bool one : {true, false}) {
                DayInputs inputs;
                inputs.midnight = at(0);
                inputs.now = at(now);
                inputs.checks = {{"load-cell.mass", "tank", "Check the load cell"}};
                for (const auto& [method, minutes] : day)
                    inputs.appointments.push_back({method + std::to_string(minutes), one ? "c" : method, method,
                                                   at(minutes), minutes + 60 < now, minutes < now});
                if (now > 500)
                    inputs.done = {{"tank.rinse", at(380)}, {"tank.fill-hot", at(430)}};
                const DayPlan plan = planDay(inputs, policy);
                kept.line("== day", now, one);
                for (const DayTask& task : plan.tasks)
                    kept.line(task.id, task.instrument, second(task.from), second(task.to), task.done,
                              task.late, task.detail.english());
                for (const DayConflict& conflict : plan.conflicts)
                    kept.line("conflict", conflict.what.english());
                for (const Message& cost : plan.costs)
                    kept.line("cost", cost.english());
                for (const DelayedAppointment& delay : plan.delays)
                    kept.line("delay", delay.appointment, second(delay.earliest), delay.minutes);
                for (const auto& [appointment, water] : plan.waterAt)
                    kept.line("water", appointment, water.value());
                if (plan.noFilling)
                    kept.line("no filling", plan.noFilling->english());
            }
}

TEST(KeptResults, Scans) {
    Kept kept("scans");
    MemoryJournal journal;
    for (std::size_t policy = 0; policy < 3; ++policy)
        for (const TestSubject& who : people())
            for (const double middle : {who.sex == Sex::Male ? 0.0 : 4.0})
                keepTwice(kept, who.clientId + " by policy " + std::to_string(policy),
                          [&](Instant when, double loss) -> Expected<ComputedTest> {
                              auto begun = DxaProcedure::begin(dxaSetting(policy), "t", who, technician,
                                                               journal, SteppingClock(when));
                              if (!begun)
                                  return tl::unexpected(begun.error());
                              auto& run = *begun;
                              dxa::Scan scan = sheetsScan();
                              for (auto& region : scan.regions) {
                                  const bool whole = region.region == dxa::Region::Total ||
                                                     region.region == dxa::Region::Subtotal;
                                  if (whole || region.region == dxa::Region::Trunk)
                                      region.fat += Kilograms(middle - 1.7 * loss);
                                  if (whole || region.region == dxa::Region::LeftArm)
                                      region.lean += Kilograms(0.4 * loss);
                              }
                              (void)run.setScanner({"Scanner", "3.1", "whole body"});
                              (void)run.readPhantom(Percent(24.05), Percent(24.2));
                              (void)run.answerOpen(onTheLimit);
                              (void)run.weigh(Kilograms(70.8 + middle - 1.3 * loss), Attribution::typed());
                              (void)run.stateDose(1, Microsieverts(5.0), 0);
                              (void)run.confirm(DxaStep::Positioning);
                              if (auto done = run.acceptScan(scanOf(scan)); !done)
                                  return tl::unexpected(done.error());
                              (void)run.keepReported({{"visceral-fat-mass", 0.9 + 0.2 * middle, "kg"},
                                                      {"visceral-fat-area", 98.0 + 20.0 * middle, "cm²"}},
                                                     {{"total", GramsPerSquareCentimetre(1.02), 0.3, -0.4}});
                              return computedOf(run);
                          });
}

TEST(KeptResults, Girths) {
    Kept kept("girths");
    MemoryJournal journal;
    for (std::size_t policy = 0; policy < 2; ++policy)
        for (const TestSubject& who : people())
            for (const double waist : {79.0, who.sex == Sex::Male ? 95.0 : 88.5, 121.0})
                keepTwice(kept, who.clientId, [&](Instant when, double loss) -> Expected<ComputedTest> {
                    auto begun = GirthProcedure::begin(girthSetting(policy), "t", who, technician, journal,
                                                       SteppingClock(when));
                    if (!begun)
                        return tl::unexpected(begun.error());
                    auto& run = *begun;
                    prepare(run, Kilograms(25.0 * who.height.value() * who.height.value()));
                    measure(run, waist - 4.0 * loss);
                    return computedOf(run);
                });
}

std::vector<Asked> cleared(Sex sex, Years age) {
    static const auto questions =
        *screeningQuestionsFromJson(dataFile("screening/standard.json"), "standard.json");
    const Instant today{1'772'000'000'000};
    Screening screening;
    for (const ScreeningQuestion& question : questions.questions)
        screening.put(screeningItem(questions, question, ScreeningAnswer::No, today, "oriel"));
    return askedOf(questions, screening, sex, age, today);
}

TEST(KeptResults, Plans) {
    Kept kept("plans");
    for (const TestSubject& who : people())
        for (const double massIndex : {18.2, 24.0, 36.0})
            for (const double fat : {0.09, 0.24, 0.43})
                for (const double change : {-1000.0, -450.0, 0.0, 300.0})
                    for (const bool athlete : {false, true}) {
                        const double mass = massIndex * who.height.value() * who.height.value();
                        const PlanSubject subject{who.sex,
                                                  who.age,
                                                  who.height,
                                                  Kilograms(mass),
                                                  Kilograms(fat * mass),
                                                  Kilograms((1.0 - fat) * mass),
                                                  {athlete, cleared(who.sex, who.age)}};
                        PlanRequest request;
                        request.change = KilocaloriesPerDay(change);
                        request.weeks = athlete ? 40 : 16;
                        request.athlete = athlete;
                        if (change < 0.0)
                            request.targetFat = Percent(100.0 * fat - 4.0);
                        if (athlete) {
                            request.exercise = KilocaloriesPerDay(420.0);
                            request.activityLevel = 1.9;
                        }
                        const auto plan = makePlan(subject, request);
                        if (!plan) {
                            kept.line("stop", plan.error().what.english(), plan.error().remedy.english());
                            continue;
                        }
                        const PlanPoint& end = plan->points.back();
                        kept.line("plan", plan->resting.value(), plan->balance.value(), plan->intake.value(),
                                  plan->energyAvailability.value(), plan->proteinLow, plan->proteinHigh,
                                  end.mass.value(), end.fatMass.value(), end.lowest.value(),
                                  end.highest.value(), plan->staticChange.value(),
                                  plan->target ? plan->target->byPartition.value() : 0.0,
                                  plan->weeksAtSafeRate ? plan->weeksAtSafeRate->first : 0.0,
                                  plan->weeksAtSafeRate ? plan->weeksAtSafeRate->second : 0.0,
                                  plan->crossing ? plan->crossing->week : -1,
                                  plan->crossing ? plan->crossing->why.english() : std::string());
                        for (const Message& caution : plan->cautions)
                            kept.line("  caution", caution.english());
                        for (const SchoolPlan& each : plansBySchool(subject, request))
                            kept.line("  school", each.school->id, each.plan ? each.plan->intake.value() : 0.0,
                                      each.plan ? each.plan->points.back().mass.value() : 0.0,
                                      each.plan && each.plan->crossing ? each.plan->crossing->week : -1);
                    }
}

} // namespace
} // namespace fusain::kept_results_test

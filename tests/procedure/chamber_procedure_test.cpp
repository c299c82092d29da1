#include "procedure/all/computed.hpp"
#include "procedure/all/procedure.hpp"
#include "procedure/meaning/across_methods.hpp"
#include "procedure/meaning/findings.hpp"
#include "procedure/meaning/pattern.hpp"
#include "procedure/meaning/preparation_difference.hpp"
#include "procedure/meaning/same_day.hpp"
#include "procedure/quality/quality_review.hpp"
#include "record/base/json.hpp"
#include "support/chamber_run.hpp"
#include "support/changes.hpp"
#include "support/errors.hpp"

namespace fusain::chamber_procedure_test {
namespace {

using namespace fusain::testing;
using enum ChamberStep;

class ChamberRun : public ::testing::Test {
protected:
    ChamberProcedure begin(const TestSubject& subject = man, const Staff& staff = technician) {
        return *ChamberProcedure::begin(chamberSetting(), "c1", subject, staff, journal, clock);
    }
    MemoryJournal journal;
    SteppingClock clock;
};

TEST_F(ChamberRun, GoesThroughTheRunSheetInOrder) {
    ChamberProcedure run = begin();
    EXPECT_EQ(run.currentStep(), WarmUp);
    prepare(run);
    EXPECT_EQ(run.currentStep(), VolumeTrials);
    measureTwice(run);
    EXPECT_EQ(run.currentStep(), Result);
    finish(run);
    EXPECT_EQ(run.record().state, TestState::Signed);
    EXPECT_EQ(run.currentStep(), Report);
}

// Raw 63.500, artefact −0.8631, gas 3.840: volume 65.89908, density 1.062230, Siri 16.0007 %, worked by hand.
TEST_F(ChamberRun, TheResultIsTheWorkedExample) {
    ChamberProcedure run = begin();
    prepare(run);
    measureTwice(run);
    const auto result = computeChamber(run.test(), run.setting().policy);
    ASSERT_TRUE(result) << result.error().english();
    EXPECT_NEAR(result->surfaceAreaArtefact.estimate().value(), -0.8631, 5e-5);
    EXPECT_NEAR(result->body.volume.estimate().value(), 65.89908, 1e-4);
    EXPECT_NEAR(result->body.density.estimate().value(), 1.062230, 1e-6);
    EXPECT_NEAR(result->body.fatPercent.estimate().value(), 16.0007, 1e-3);
    EXPECT_NEAR((result->body.fatMass.estimate() + result->body.fatFreeMass.estimate()).value(), 70.0, 1e-12);
}

TEST_F(ChamberRun, PredictingTheGasWidensTheInterval) {
    ChamberProcedure run = begin();
    prepare(run);
    measureTwice(run);
    ChamberTest predicted = run.test();
    predicted.thoracicGas.reset();
    const auto measured = computeChamber(run.test(), run.setting().policy);
    const auto without = computeChamber(predicted, run.setting().policy);
    ASSERT_TRUE(without);
    const auto &fat = without->body.fatPercent, &best = measured->body.fatPercent;
    EXPECT_GT(testing::measurementError(fat), 2.0 * testing::measurementError(best));
    EXPECT_NEAR(testing::measurementError(fat), 1.30, 0.1); // sheet 7.2
    EXPECT_NEAR(std::abs(fat.uncertain().share(Source::LungPrediction)), 0.44 * 2.83, 0.02);
    EXPECT_GT(fat.halfInterval(), best.halfInterval());
    // Two visits never look closer because the gas was predicted: the lungs of the day count as a measurement
    // would.
    EXPECT_GE(fat.leastSignificantChange().value(), best.leastSignificantChange().value() - 1e-12);
}

TEST_F(ChamberRun, ChildrenGetTheirOwnGasAndConstants) {
    ChamberProcedure run = begin({"child", Sex::Male, Years(12.3), Metres(1.50), false});
    prepare(run);
    ChamberTest test = run.test();
    test.mass->value = 40.0;
    test.trials = {{{{}, 1, ""}, 1, 1, Litres(36.85), Litres(0), {}, {}},
                   {{{}, 2, ""}, 1, 1, Litres(36.85), Litres(0), {}, {}}};
    const auto result = computeChamber(test, run.setting().policy);
    ASSERT_TRUE(result) << result.error().english();
    EXPECT_EQ(result->thoracicGas.equation, "chamber.thoracic-gas.fields-2004");
    EXPECT_EQ(result->conversion, "fat.density.lohman-1989");
    EXPECT_NEAR(result->body.density.estimate().value(), 1.04455, 2e-5); // worked by hand with 2.089 L
    EXPECT_NEAR(result->body.fatPercent.estimate().value(), 19.69, 0.01);
    test.subject.height = Metres(1.05); // below the vertex of the curve
    EXPECT_FALSE(computeChamber(test, run.setting().policy));
}

TEST_F(ChamberRun, TrialsThatDoNotAgreeLeadToRecalibrationAndAFreshSet) {
    ChamberProcedure run = begin();
    prepare(run);
    for (const double volume : {63.5, 63.7, 63.9})
        MUST(run.acceptTrial(Litres(volume), Litres(0.0)));
    EXPECT_EQ(run.trials().verdict, airdisplacement::TrialVerdict::Recalibrate);
    EXPECT_FALSE(run.acceptTrial(Litres(63.6), Litres(0.0))); // not before recalibrating
    EXPECT_FALSE(run.startOver(" "));
    MUST(run.startOver("volumes do not agree"));
    EXPECT_EQ(run.currentStep(), Calibration);
    EXPECT_FALSE(run.test().calibration());
    EXPECT_EQ(run.test().calibrations.size(), 1u);
    MUST(run.calibrateTyped(Litres(50.0), Litres(49.99)));
    measureTwice(run);
    const auto result = computeChamber(run.test(), run.setting().policy);
    ASSERT_TRUE(result);
    EXPECT_EQ(result->trials.used, (std::vector{4, 5})); // the first set does not count
    EXPECT_FALSE(run.startOver("again"));                // the policy allows two sets
}

TEST_F(ChamberRun, ASecondSetWithoutAgreementEndsTheSession) {
    ChamberProcedure run = begin();
    prepare(run);
    for (const double volume : {63.5, 63.7, 63.9})
        MUST(run.acceptTrial(Litres(volume), Litres(0.0)));
    MUST(run.startOver("volumes do not agree"));
    MUST(run.calibrateTyped(Litres(50.0), Litres(50.0)));
    for (const double volume : {63.5, 63.7, 63.9})
        MUST(run.acceptTrial(Litres(volume), Litres(0.0)));
    EXPECT_EQ(run.trials().verdict, airdisplacement::TrialVerdict::EndSession);
    EXPECT_FALSE(run.acceptTrial(Litres(63.6), Litres(0.0)));
    MUST(run.refuse("volumes never agreed"));
}

// Who must not press against a closed tube is measured without it: the predicted gas, or one from elsewhere.
TEST_F(ChamberRun, AnAnswerBarsThePuffsAndNotTheTest) {
    ChamberProcedure run = begin();
    prepare(run);
    measureTwice(run);
    readiness::Answer yes;
    yes.choice = "yes";
    MUST(run.answer("sp_chest", yes));
    MUST(run.acceptDeviation("sp_chest", "operated three weeks ago: the gas is predicted"));
    ASSERT_TRUE(run.barTo(ChamberStep::ThoracicGas));
    const auto puffed = run.measureThoracicGas(Litres(3.8), "panting", linked(run, "chamber"));
    ASSERT_FALSE(puffed);
    EXPECT_NE(puffed.error().english().find("Not with this answer"), std::string::npos);
    EXPECT_FALSE(run.barTo(ChamberStep::VolumeTrials));
    MUST(run.confirm(ChamberStep::ThoracicGas, "predicted: recently operated"));
    EXPECT_TRUE(run.isDone(ChamberStep::ThoracicGas));
    MUST(run.measureThoracicGas(Litres(3.8), "plethysmography elsewhere")); // no breath against the tube here
}

TEST_F(ChamberRun, ImpossibleReadingsAreRefusedAndNothingChanges) {
    ChamberProcedure run = begin();
    EXPECT_FALSE(run.checkScale(Kilograms(0.0), Kilograms(0.0)));
    EXPECT_FALSE(run.calibrateTyped(Litres(500.0), Litres(500.0))); // larger than the chamber
    EXPECT_FALSE(run.calibrateTyped(Litres(50.0), Litres(5.0)));
    EXPECT_FALSE(run.weigh(Kilograms(70.0), Attribution::typed())); // screening first
    prepare(run);
    const Json before = toJson(run.test());
    EXPECT_FALSE(run.weigh(Kilograms(700.0), Attribution::typed()));
    EXPECT_FALSE(run.acceptTrial(Litres(-3.0), Litres(0.0)));
    EXPECT_FALSE(run.acceptTrial(Litres(113.5), Litres(0.0))); // the cylinder is still inside
    EXPECT_FALSE(run.measureThoracicGas(Litres(3.8), "panting").has_value() && run.test().trials.empty() &&
                 run.isDone(VolumeTrials));
    EXPECT_FALSE(run.measureThoracicGas(Litres(38.0), "panting"));
    EXPECT_FALSE(run.confirm(ThoracicGas, "no time")); // trials first
    EXPECT_EQ(toJson(run.test()).at("volume_trials"), before.at("volume_trials"));
}

TEST_F(ChamberRun, AFailedScaleStopsTheTechnicianOnly) {
    ChamberProcedure run = begin();
    MUST(run.confirm(WarmUp));
    MUST(run.checkScale(Kilograms(20.0), Kilograms(20.05)));
    EXPECT_FALSE(run.isDone(Scale));
    EXPECT_FALSE(run.confirm(Scale, "looks fine"));
    run.setAtTheBench(physiologist);
    MUST(run.confirm(Scale, "checked with another mass"));
    EXPECT_TRUE(run.isDone(Scale));
}

TEST_F(ChamberRun, ResumesExactlyWhereItWasAfterEveryEvent) {
    ChamberProcedure run = begin();
    prepare(run);
    for (const double volume : {63.5, 63.7, 63.9})
        MUST(run.acceptTrial(Litres(volume), Litres(0.0)));
    MUST(run.startOver("volumes do not agree"));
    MUST(run.undo());
    MUST(run.setAside(3, "moved"));
    MUST(run.restore(3));
    MUST(run.startOver("volumes do not agree"));
    MUST(run.calibrateTyped(Litres(50.0), Litres(50.0)));
    measureTwice(run);
    finish(run);
    const std::vector<Event> events = run.events();
    auto resumed = ChamberProcedure::resume(chamberSetting(), events, technician, journal, clock);
    ASSERT_TRUE(resumed);
    EXPECT_EQ(toJson(resumed->test()), toJson(run.test()));
    EXPECT_TRUE(resumed->current() == run.current());
    for (std::size_t count = 1; count < events.size(); ++count)
        EXPECT_TRUE(ChamberProcedure::resume(chamberSetting(),
                                             {events.begin(), events.begin() + static_cast<long>(count)},
                                             technician, journal, clock));
}

TEST_F(ChamberRun, TheRawRecordRoundTripsWithPressures) {
    ChamberProcedure run = begin();
    prepare(run);
    auto data = toJson(VolumeTrial{{linked(run, "chamber"), 1, {}},
                                   1,
                                   1,
                                   Litres(63.5),
                                   Litres(0.012),
                                   {"chamber-pressures 1", "readable"},
                                   {{{Seconds(0.0), Pascals(1.0 / 3.0), Pascals(-2.0 / 7.0)},
                                     {Seconds(0.01), Pascals(1.0), Pascals(2.0)}}}});
    const auto trial = volumeTrialFromJson(data);
    EXPECT_EQ(toJson(trial), data);
    EXPECT_EQ(trial.pressures.samples[0].reference.value(), double(float(-2.0 / 7.0)));
    MUST(run.acceptTrial(Litres(63.5), Litres(0.012)));
    const auto read = anyTestFromJson(toJson(snapshotOf(run)), "record");
    ASSERT_TRUE(read) << read.error().english();
    EXPECT_EQ(toJson(*read), toJson(snapshotOf(run)));
    Json other = toJson(snapshotOf(run));
    other["method"] = "guesswork";
    EXPECT_FALSE(anyTestFromJson(other, "record"));
}

TEST_F(ChamberRun, TheWorkedSheetShowsEveryTermWithItsSign) {
    ChamberProcedure run = begin();
    prepare(run);
    measureTwice(run);
    const auto computed = computeTest(snapshotOf(run), run.setting().policy);
    ASSERT_TRUE(computed);
    std::string volumeLine;
    for (const WorkedLine& line : computed->sheet())
        if (line.symbol == "Vb")
            volumeLine = line.formula;
    EXPECT_EQ(volumeLine, "Vraw − SAA + 0.40·TGV = 63.500 − (−0.8631) + 0.40·3.840");
    EXPECT_FALSE(computeTest(snapshotOf(run), standardSetting().policy)); // a policy of the tank
}

class TwoMethods : public ChamberRun {
protected:
    TwoMethods()
        : tank(*HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, journal, clock)) {
        testing::prepare(tank);
        weighThreeTimes(tank);
    }
    HydrostaticProcedure tank;
};

TEST_F(TwoMethods, AreComparedWithTheirIntervalsAndTheLikelyCause) {
    ChamberProcedure run = begin();
    prepare(run);
    measureTwice(run);
    ChamberTest predicted = run.test();
    predicted.thoracicGas.reset();
    const auto chamberTest = computeTest(predicted, run.setting().policy);
    const auto tankTest = computeTest(tank.test(), tank.setting().policy);
    ASSERT_TRUE(chamberTest && tankTest);
    const DensityResult *chamber = chamberTest->density(), *weighed = tankTest->density();
    const OtherMethod other = *compareMethods(*chamberTest, *tankTest);
    // The person's density and what the day put into the body are in both: their shares are subtracted, and gas
    // in the gut makes the tank read more and the chamber less.
    const auto &inChamber = chamber->body.fatPercent.uncertain(),
               &inTank = weighed->body.fatPercent.uncertain();
    double variance = std::pow(chamber->body.fatPercent.totalError().value(), 2) +
                      std::pow(weighed->body.fatPercent.totalError().value(), 2);
    for (const Source both :
         {Source::FatFreeDensity, Source::BodyWaterOfTheDay, Source::GutContentOfTheDay, Source::GutGas})
        variance -= 2.0 * inChamber.share(both) * inTank.share(both);
    EXPECT_LT(inChamber.share(Source::GutGas) * inTank.share(Source::GutGas), 0.0);
    EXPECT_NEAR(other.difference.value(),
                (chamber->body.fatPercent.estimate() - weighed->body.fatPercent.estimate()).value(), 1e-12);
    EXPECT_NEAR(other.halfInterval.value(), 1.959964 * std::sqrt(variance), 1e-4);
    EXPECT_NE(other.likelyCause.english().find("thoracic gas"), std::string::npos)
        << other.likelyCause.english();
}

TEST_F(TwoMethods, ALabsOwnPrecisionTakesThePlaceOfTheErrorModel) {
    const auto now = outcomeOf(*computeTest(tank.test(), tank.setting().policy));
    ASSERT_TRUE(now);
    Outcome earlier = *now;
    earlier.composition.fatPercent =
        Measured<Percent>(now->composition.fatPercent.uncertain() + Uncertain(1.0));
    EXPECT_FALSE(changesSince(earlier, *now).fatPercent.real());
    LabPrecision own;
    own.fatPercent = StudiedError{0.3, true}; // between days: least significant change 0.83
    EXPECT_TRUE(changesSince(earlier, *now, own).fatPercent.real());
    EXPECT_NEAR(changesSince(earlier, *now, own).fatPercent.leastSignificant, 2.771808 * 0.3, 1e-6);
    // A study of one day says nothing of the next: the day stays.
    own.fatPercent = StudiedError{0.3, false};
    const double day = now->composition.fatPercent.uncertain().errorOf(SourceKind::Day);
    EXPECT_GT(day, 0.3);
    EXPECT_NEAR(changesSince(earlier, *now, own).fatPercent.leastSignificant, 2.771808 * std::hypot(0.3, day),
                1e-5);
}

// What a cross-calibration rests on: a study between days stands for itself, one of the same day leaves the
// day.
TEST_F(TwoMethods, TheErrorOfAMethodKnowsWhatTheLabFound) {
    const std::vector tests{*computeTest(tank.test(), tank.setting().policy)};
    const auto& fat = tests.front().composition()->fatPercent;
    const double day = fat.uncertain().errorOf(SourceKind::Day);
    EXPECT_NEAR(meanVisitError(tests, methodHydrostatic, {}), fat.visitError().value(), 1e-12);
    EXPECT_NEAR(meanVisitError(tests, methodHydrostatic, StudiedError{0.3, true}), 0.3, 1e-12);
    EXPECT_NEAR(meanVisitError(tests, methodHydrostatic, StudiedError{0.3, false}), std::hypot(0.3, day),
                1e-12);
    EXPECT_EQ(meanVisitError(tests, methodChamber, {}), 0.0);
    const std::vector twice{tests.front(), tests.front()};
    EXPECT_NEAR(meanVisitError(twice, methodHydrostatic, StudiedError{0.3, true}), 0.3, 1e-12);
}

// Pressures say a volume only by a calibration from pressures and with a mass.
TEST(ChamberProcedure, PressuresWithoutTheirCalibrationSayNothing) {
    MemoryJournal journal;
    auto run = *ChamberProcedure::begin(chamberSetting(), "t", man, technician, journal, SteppingClock());
    const std::vector<airdisplacement::PressureSample> samples(100);
    EXPECT_FALSE(run.read(samples)); // no calibration
    prepare(run);                    // a typed one, and a mass
    EXPECT_FALSE(run.read(samples));
}

// Checks and the question whether a test may start.
class Quality : public ::testing::Test {
protected:
    Quality() {
        for (const Json& json : dataFile("quality/instruments.json"))
            instruments.push_back(*instrumentFromJson(json, "instruments"));
    }
    const CheckDefinition& cylinder() { return *find("chamber").check("cylinder-volume"); }
    const Instrument& find(const std::string& id) {
        return *std::ranges::find(instruments, id, &Instrument::id);
    }
    static Check made(const char* at, bool passed, const char* kind = "cylinder-volume",
                      double reading = 50.0) {
        return {at, "chamber", kind, *instantFromIso(at), 50.0, reading, passed, "bram", {}, {reading}};
    }
    std::optional<Problem> obstacle(const std::vector<Check>& checks,
                                    const char* now = "2026-03-12T07:40:00.000Z") {
        return obstacleToTests(
            methodChamber, instruments,
            [&](const std::string& id) { return id == "chamber" ? checks : std::vector<Check>{}; },
            *instantFromIso(now));
    }
    std::vector<Instrument> instruments;
};

TEST_F(Quality, ATestStartsOnlyAfterAGoodCheckInTime) {
    EXPECT_TRUE(obstacle({}));
    EXPECT_FALSE(obstacle({made("2026-03-12T07:00:00.000Z", true)}));
    EXPECT_TRUE(obstacle({made("2026-03-11T07:00:00.000Z", true)})); // older than 24 h
    EXPECT_TRUE(obstacle({made("2026-03-12T06:00:00.000Z", true), made("2026-03-12T07:00:00.000Z", false)}));
    EXPECT_FALSE(obstacle({made("2026-03-12T06:00:00.000Z", false), made("2026-03-12T07:00:00.000Z", true)}));
}

TEST_F(Quality, AServiceAsksForANewCheck) {
    EXPECT_TRUE(
        obstacle({made("2026-03-12T06:00:00.000Z", true), made("2026-03-12T07:00:00.000Z", true, "service")}));
}

// A shipped list of kinds knows no dates: a lab that has filed nothing is never told that something has
// expired.
TEST_F(Quality, WithoutACertificateOnFileNothingExpires) {
    for (const Instrument& instrument : instruments)
        for (const CheckDefinition& check : instrument.checks)
            EXPECT_FALSE(check.certificateUntil) << instrument.id;
    EXPECT_FALSE(obstacle({made("2127-11-01T07:00:00.000Z", true)}, "2127-11-01T12:00:00.000Z"));
}

TEST_F(Quality, TheLabsOwnObjectTakesThePlaceOfTheKind) {
    const ReferenceObject own{"cylinder of the workshop", "V-50", 49.87, 0.004, dateFromIso("2027-01-31")};
    const auto read = referenceObjectFromJson(toJson(own), "x");
    ASSERT_TRUE(read);
    CheckDefinition check = cylinder();
    use(check, *read);
    EXPECT_EQ(check.object, own.object);
    EXPECT_EQ(check.identification, "V-50");
    EXPECT_EQ(check.rule.nominal, 49.87);
    EXPECT_EQ(check.uncertainty, 0.004);
    EXPECT_EQ(check.certificateUntil, own.certificateUntil);
    for (const auto& [key, wrong] : {std::pair("object", Json("  ")), std::pair("uncertainty", Json(-0.001)),
                                     std::pair("certificate_until", Json("soon"))}) {
        Json json = toJson(own);
        json[key] = wrong;
        EXPECT_FALSE(referenceObjectFromJson(json, "x")) << key;
    }
}

TEST_F(Quality, AnExpiredCertificateCountsForNothing) {
    for (Instrument& instrument : instruments)
        for (CheckDefinition& check : instrument.checks)
            check.certificateUntil = dateFromIso("2027-01-31");
    EXPECT_FALSE(obstacle({made("2027-01-31T07:00:00.000Z", true)}, "2027-01-31T12:00:00.000Z"));
    const auto expired = obstacle({made("2027-02-01T07:00:00.000Z", true)}, "2027-02-01T12:00:00.000Z");
    ASSERT_TRUE(expired);
    EXPECT_NE(expired->english().find("certificate of \"calibration cylinder\" ran out on 2027-01-31"),
              std::string::npos)
        << expired->english();
}

TEST_F(Quality, AServiceRestartsTheBaseline) {
    std::vector<Check> checks;
    const auto day = [](int n) { return Instant{n * 86400000LL}; };
    for (int i = 0; i < 24; ++i) {
        if (i == 12)
            checks.push_back({"s", "chamber", "service", day(i), 0, 0, true, "oriel", "new diaphragm", {}});
        Check check =
            made("2026-03-12T07:00:00.000Z", true, "cylinder-volume", (i < 12 ? 50.0 : 50.2) + (i % 2) * 0.01);
        check.at = day(i);
        checks.push_back(check);
    }
    const ControlSeries series = controlSeries(cylinder(), checks);
    ASSERT_EQ(series.points.size(), 24u);
    EXPECT_EQ(series.services.size(), 1u);
    EXPECT_EQ(series.rejected(), 0u); // each stretch against its own ten
    ASSERT_TRUE(series.baseline);
    EXPECT_NEAR(series.baseline->mean, 50.205, 1e-9);
}

TEST_F(Quality, NothingIsJudgedBeforeTenValues) {
    std::vector<Check> checks;
    for (int i = 0; i < 9; ++i)
        checks.push_back(made("2026-03-12T07:00:00.000Z", true, "cylinder-volume", 50.0 + 3.0 * i));
    const ControlSeries series = controlSeries(cylinder(), checks);
    EXPECT_FALSE(series.baseline);
    EXPECT_EQ(series.rejected(), 0u);
    EXPECT_TRUE(controlSeries(cylinder(), {}).points.empty());
}

TEST_F(Quality, AnInstrumentFileWithAMissingKeyNamesThePlace) {
    Json json = dataFile("quality/instruments.json").at(4);
    json["checks"][0].erase("nominal");
    const auto read = instrumentFromJson(json, "instruments.json");
    ASSERT_FALSE(read);
    EXPECT_NE(read.error().english().find("nominal"), std::string::npos) << read.error().english();
    json = dataFile("quality/instruments.json").at(4);
    json["checks"][0]["certificate_until"] = "next year";
    EXPECT_FALSE(instrumentFromJson(json, "instruments.json"));
}

// Pairs that differ by d have SD d/√2; thirty of them make 30 degrees of freedom.
Study studyOf(const std::string& group, double difference, int people = 30) {
    return {"s-" + group,
            "chamber",
            "fat-percent",
            "%",
            {},
            "oriel",
            std::vector<std::vector<double>>(static_cast<std::size_t>(people), {20.0, 20.0 + difference}),
            group};
}

TEST(PrecisionInHands, OnesOwnStudyComesBeforeTheRoleAndTheRoleBeforeEveryone) {
    const Staff bram{"bram", "Bram Iyengar", Role::Technician}, noor{"noor", "Noor Ekdal", Role::Trainee};
    const Staff lena{"lena", "Lena Ostrow", Role::Technician};
    const std::vector<Study> studies{studyOf("bram", 0.4), studyOf("technician", 0.6), studyOf("", 1.0)};
    EXPECT_NEAR(precisionInHandsOf(bram, studies).fatPercent->standardDeviation, 0.4 / std::sqrt(2.0), 1e-12);
    EXPECT_NEAR(precisionInHandsOf(lena, studies).fatPercent->standardDeviation, 0.6 / std::sqrt(2.0), 1e-12);
    EXPECT_NEAR(precisionInHandsOf(noor, studies).fatPercent->standardDeviation, 1.0 / std::sqrt(2.0), 1e-12);
    EXPECT_FALSE(precisionInHandsOf(noor, studies).fatMass);
}

TEST(PrecisionInHands, AStudyBetweenDaysComesBeforeOneOfTheSameDay) {
    const Staff bram{"bram", "Bram Iyengar", Role::Technician};
    Study days = studyOf("", 1.0);
    days.betweenDays = true;
    for (const auto& studies : {std::vector{days, studyOf("bram", 0.4)}, std::vector{studyOf("", 0.4), days}}) {
        const auto own = precisionInHandsOf(bram, studies).fatPercent;
        ASSERT_TRUE(own);
        EXPECT_TRUE(own->betweenDays);
        EXPECT_NEAR(own->standardDeviation, 1.0 / std::sqrt(2.0), 1e-12);
    }
}

TEST(PrecisionInHands, TooSmallAStudyCountsForNothing) {
    const Staff bram{"bram", "Bram Iyengar", Role::Technician};
    // A study of lean men speaks for them, before one of everybody and for nobody else.
    std::vector<Study> two{studyOf("", 0.4, 30), studyOf("", 0.8, 30)};
    two[1].population = {Sex::Male, Percent(0.0), Percent(12.0)};
    const auto forPerson = [&](const std::optional<MeasuredPerson>& person) {
        return precisionInHandsOf(bram, two, person).fatPercent->standardDeviation * std::sqrt(2.0);
    };
    EXPECT_NEAR(forPerson({}), 0.4, 1e-12);
    EXPECT_NEAR(forPerson(MeasuredPerson{Sex::Male, Percent(12.0)}), 0.8, 1e-12);
    EXPECT_NEAR(forPerson(MeasuredPerson{Sex::Male, Percent(12.1)}), 0.4, 1e-12);
    EXPECT_NEAR(forPerson(MeasuredPerson{Sex::Female, Percent(10.0)}), 0.4, 1e-12);
    EXPECT_FALSE(precisionInHandsOf(bram, {studyOf("bram", 0.4, 26)}).fatPercent); // 26 degrees of freedom
    EXPECT_TRUE(precisionInHandsOf(bram, {studyOf("bram", 0.4, 27)}).fatPercent);
}

// Two to seven days apart, the latest run of each person; on one day for the other design.
TEST(StudyFromTests, TakesTheRepeatsThatTheDesignWants) {
    const auto day = [](double days) { return Instant{static_cast<std::int64_t>(days * 86400000.0)}; };
    const auto sameDay = [](Instant a, Instant b) {
        return a.milliseconds / 86400000 == b.milliseconds / 86400000;
    };
    const std::vector<StudyValue> values{{"a", day(0.3), 20.0}, {"a", day(3.3), 20.4}, {"a", day(10.3), 20.2},
                                         {"b", day(0.3), 30.0}, {"b", day(1.3), 31.0}, {"c", day(5.3), 15.0},
                                         {"c", day(5.4), 15.2}, {"d", day(0.3), 11.0}, {"d", day(8.3), 12.0}};
    using People = std::vector<std::vector<double>>;
    EXPECT_EQ(repeatsFor(true, 2, values, sameDay), (People{{20.4, 20.2}}));
    EXPECT_EQ(repeatsFor(true, 3, values, sameDay), (People{{20.0, 20.4, 20.2}}));
    EXPECT_EQ(repeatsFor(false, 2, values, sameDay), (People{{15.0, 15.2}}));
    EXPECT_TRUE(repeatsFor(true, 2, {}, sameDay).empty());
    // A later test that stands alone does not hide the repeats before it; another equation is no repeat.
    const std::vector<StudyValue> later{{"a", day(0.3), 20.0}, {"a", day(3.3), 20.4}, {"a", day(60.3), 25.0}};
    EXPECT_EQ(repeatsFor(true, 2, later, sameDay), (People{{20.0, 20.4}}));
    const std::vector<StudyValue> two{{"a", day(0.3), 20.0, "siri"}, {"a", day(3.3), 20.4, "brozek"}};
    EXPECT_TRUE(repeatsFor(true, 2, two, sameDay).empty());
}

} // namespace
} // namespace fusain::chamber_procedure_test

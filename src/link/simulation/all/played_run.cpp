#include "link/simulation/all/played_run.hpp"

#include "core/water/density.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::simulation {
namespace {

Kilograms shown(double kilograms, double places) {
    return Kilograms(std::round(kilograms * places) / places);
}

Attribution from(const Procedure& run, const char* device) {
    return Attribution::overLink(run.record().id, device, "simulated");
}

Expected<void> answerAll(Procedure& run, const std::vector<Deviation>& deviations) {
    for (const Deviation& deviation : deviations) {
        if (auto done = run.answer(deviation.rule, deviation.answer); !done)
            return done;
        if (run.answerTo(deviation.rule)->open())
            if (auto done = run.acceptDeviation(deviation.rule, deviation.reason); !done)
                return done;
    }
    return run.answerOpen(wellPrepared);
}

Expected<void> prepareTank(HydrostaticProcedure& run, const TrueBody& body, const TankDay& day, Random& random,
                           Instant& clock) {
    using enum HydrostaticStep;
    Expected<void> done = run.confirm(TankReady);
    if (done)
        done = run.checkLoadCell(Kilograms(0.0), Kilograms(5.0), Kilograms(5.0 + gauss(random, 0.004)));
    if (done)
        done = run.readWaterTemperature(tankWater + Celsius(gauss(random, 0.05)), from(run, "thermometer"));
    if (done)
        done = answerAll(run, day.deviations);
    if (done)
        done = run.weighDry(
            shown(body.mass + (day.faults(0).scaleOffset ? scaleOffsetError : 0.0) + gauss(random, 0.02),
                  100.0),
            from(run, "floor-scale"));
    if (done)
        done = run.readRoom(Celsius(23.4), MillimetresOfMercury(756.3), from(run, "room"));
    for (int effort = 0; effort < 3 && done; ++effort)
        done = run.addEffort(Litres(body.vitalCapacity - std::abs(gauss(random, 0.04))), true, {},
                             from(run, "spirometer"));
    clock = clock.plusMinutes(14);
    if (done)
        done = run.confirm(Rehearsal);
    return done && day.measuredResidualVolume
               ? run.measureResidualVolume(*day.measuredResidualVolume, "oxygen dilution")
               : done;
}

Expected<void> weighUnderWater(HydrostaticProcedure& run, const TrueBody& body, const TankDay& day,
                               Random& random, Instant& clock) {
    for (int trial = 0; trial < 10; ++trial) {
        if (day.trials > 0 ? trial >= day.trials : run.trials().verdict == hydrostatic::TrialVerdict::Enough)
            break;
        clock = clock.plusMinutes(1.5);
        const double net = body.netUnderwater(water::densityTanaka2001(tankWater).value()) -
                           0.994 * day.heldBack * std::pow(0.78, trial) + gauss(random, 0.02);
        // A zero that drifts has gone on drifting since the last trial.
        const double drifted = day.faults(trial + 1).zeroDrift ? zeroDriftRate * 90.0 * (trial + 1) : 0.0;
        const auto played =
            playSubmersion(submersionWith(day.faults(trial + 1), net + drifted, random), random);
        const auto reading = hydrostatic::analyseTrace(played.samples);
        if (day.discard(trial + 1) || (reading.verdict != hydrostatic::TraceVerdict::Readable && !day.inSpite))
            continue;
        // One that does not read is used only to see what that costs.
        auto done = reading.verdict == hydrostatic::TraceVerdict::Readable
                        ? run.acceptTrace(played.samples, from(run, "load-cell"))
                        : run.acceptTrial(reading.gross, reading.standardError, from(run, "load-cell"));
        if (!done)
            return done;
    }
    return {};
}

Expected<void> prepareChamber(ChamberProcedure& run, const TrueBody& body, const ChamberDay& day,
                              Random& random, Instant& clock) {
    using enum ChamberStep;
    const ChamberModel chamber;
    const double off = day.faults(0).chamberScaleOffset ? chamberScaleError : 0.0;
    const double scale = 20.0 + off + gauss(random, 0.002);
    Expected<void> done = run.confirm(WarmUp);
    if (done)
        done = run.checkScale(Kilograms(20.0), Kilograms(scale));
    const auto calibration = playedCalibration(chamber, random);
    if (!calibration)
        return tl::unexpected(calibration.error());
    if (done)
        done = run.calibrate(*calibration, from(run, "chamber"));
    if (done)
        done = answerAll(run, day.deviations);
    clock = clock.plusMinutes(9);
    return done ? run.weigh(shown(body.mass + off + gauss(random, 0.01), 1000.0), from(run, "chamber-scale"))
                : done;
}

Expected<void> measureVolumes(ChamberProcedure& run, const TrueBody& body, const ChamberDay& day,
                              Random& random, Instant& clock) {
    for (int trial = 0; trial < 8 && run.trials().verdict == airdisplacement::TrialVerdict::NeedMore; ++trial) {
        clock = clock.plusMinutes(1.5);
        ChamberOccupant occupant = occupantOf(body, run.test().subject.height);
        occupant.tissueVolume += gauss(random, day.restlessness);
        occupant.faults = day.faults(trial + 1).chamber;
        const auto samples = playVolumeTrial(ChamberModel{}, occupant, 50.0, random);
        const auto reading = run.read(samples).value_or(airdisplacement::VolumeReadingResult{});
        if (day.discard(trial + 1) || (!reading.readable() && !day.inSpite))
            continue;
        auto done = reading.readable()
                        ? run.acceptPressures(samples, from(run, "chamber"))
                        : run.acceptTrial(reading.volume, reading.standardError, from(run, "chamber"));
        if (!done)
            return done;
    }
    return {};
}

Expected<void> measureThoracicGas(ChamberProcedure& run, const TrueBody& body, const ChamberDay& day,
                                  Random& random) {
    if (!day.measureGas)
        return run.confirm(ChamberStep::ThoracicGas, "no time for the panting today");
    const auto occupant = occupantOf(body, run.test().subject.height);
    const auto result = airdisplacement::judgePanting(
        playPanting(ChamberModel{}, occupant, 12.0, false, random),
        Litres(450.0 - occupant.tissueVolume - occupant.meanThoracicGas), MillimetresOfMercury(760.0));
    return run.measureThoracicGas(result.thoracicGas, "panting in the chamber", from(run, "chamber"));
}

Expected<void> prepareImpedance(ImpedanceProcedure& run, const TrueBody& body, const std::string& code,
                                const ImpedanceDay& day, Random& random, Instant& clock) {
    using enum ImpedanceStep;
    Expected<void> done = run.confirm(WarmUp);
    if (done)
        done = run.checkModule(
            Ohms(500.0), impedance::magnitude(*playModule(false, day.faults(0).analyzerOff, random).impedance));
    if (done)
        done = run.confirmIdentity(code, code, run.test().subject.height);
    if (done)
        done = answerAll(run, day.deviations);
    clock = clock.plusMinutes(4);
    if (done)
        done = run.weigh(shown(body.mass + gauss(random, 0.03), 100.0), from(run, "floor-scale"));
    if (done)
        done = run.confirm(Electrodes);
    return done ? run.confirm(Posture) : done;
}

Expected<void> sweep(ImpedanceProcedure& run, const TrueBody& body, const ImpedanceDay& day,
                     const Staff& physiologist, Random& random, Instant& clock) {
    AnalyzerModel analyzer;
    analyzer.geometry = run.test().setup.geometry;
    AnalyzerPerson person = analyzerPersonOf(body);
    person.extracellular = person.extracellular * day.waterShift;
    for (int attempt = 1; attempt <= 6; ++attempt) {
        clock = clock.plusMinutes(1.2);
        auto readings = playSweep(analyzer, person, day.faults(attempt).analyzer, random);
        if (day.discard(attempt))
            continue;
        if (!impedance::mustRepeat(run.judge(readings)))
            return run.acceptSweep(std::move(readings), from(run, "analyzer"));
        if (day.reasonInSpite || day.inSpite) {
            const Staff technician = run.atTheBench();
            run.setAtTheBench(physiologist);
            auto done = run.acceptSweep(std::move(readings), from(run, "analyzer"),
                                        day.reasonInSpite ? day.reasonInSpite : "to see what it costs");
            run.setAtTheBench(technician);
            return done;
        }
    }
    return failure({FUSAIN_TEXT("No clean sweep of {1}."), {run.test().id}});
}

Expected<void> prepareDxa(DxaProcedure& run, const TrueBody& body, const DxaDay& day, Random& random,
                          Instant& clock) {
    using enum DxaStep;
    Expected<void> done;
    for (int reading = 0; done && reading < 4 && !run.isDone(Phantom); ++reading) // again when it is off
        done = run.readPhantom(softTissuePhantom,
                               playPhantom(softTissuePhantom, day.faults(0).phantomOff, random));
    if (done)
        done = answerAll(run, day.deviations);
    if (done && day.afterMenopause)
        done = run.stateMenopause(true);
    clock = clock.plusMinutes(3);
    if (done)
        done = run.weigh(shown(body.mass + gauss(random, 0.03), 100.0), from(run, "floor-scale"));
    if (done)
        done = run.stateDose(day.scansOfAYear, run.setting().policy.dosePerScan * day.scansOfAYear, 0);
    return done ? run.confirm(Positioning) : done;
}

Expected<void> scan(DxaProcedure& run, const TrueBody& body, const std::string& code, const DxaDay& day,
                    Random& random, Instant& clock) {
    for (int attempt = 1; attempt < 4; ++attempt) {
        clock = clock.plusMinutes(7);
        ScanFile file;
        file.clientCode = code;
        file.scannedAt = clock;
        file.scanner = day.scanner;
        file.dose = run.setting().policy.dosePerScan;
        file.scan = playWholeBody(trueRegions(scannedPersonOf(body)), day.faults(attempt).scanner, {}, random);
        file.reported = day.reported;
        file.bones = day.bones;
        if (day.discard(attempt))
            continue;
        const std::string source = "scan-" + code + "-" + std::to_string(attempt) + ".json";
        if (!dxa::mustRepeat(run.judge(file.scan, false)))
            return run.acceptFile(file, code, {}, Attribution::fromFile(run.record().id, "scanner", source));
        if (day.inSpite)
            return run.acceptFile(file, code, {}, Attribution::fromFile(run.record().id, "scanner", source),
                                  "to see what it costs");
        if (auto noted = run.addNote(NoteKind::ScanDiscarded,
                                     std::string(faultName(run.judge(file.scan, false).front().fault)));
            !noted)
            return noted;
    }
    return failure({FUSAIN_TEXT("No clean scan of {1}."), {run.test().id}});
}

} // namespace

Expected<airdisplacement::Calibration> playedCalibration(const ChamberModel& chamber, Random& random) {
    // Named, and in this order: a compiler may draw for arguments in any, and the same seed has to give the
    // same day.
    const auto cylinder = playCalibration(chamber, true, 25.0, random);
    const auto empty = playCalibration(chamber, false, 25.0, random);
    return airdisplacement::calibrate(empty, cylinder, Litres(chamber.cylinder), Litres(0.005));
}

readiness::Answer wellPrepared(const readiness::Rule& rule) {
    return readiness::answerKeeping(rule, rule.type == readiness::AnswerType::TimeSince ? 0.5 : 0.0);
}

Expected<void> playTank(HydrostaticProcedure& run, const TrueBody& body, const TankDay& day, Random& random,
                        Instant& clock) {
    const auto done = prepareTank(run, body, day, random, clock);
    return done ? weighUnderWater(run, body, day, random, clock) : done;
}

Expected<void> playChamber(ChamberProcedure& run, const TrueBody& body, const ChamberDay& day, Random& random,
                           Instant& clock) {
    Expected<void> done = prepareChamber(run, body, day, random, clock);
    if (done)
        done = measureVolumes(run, body, day, random, clock);
    return done && day.finish ? measureThoracicGas(run, body, day, random) : done;
}

Expected<void> playImpedance(ImpedanceProcedure& run, const TrueBody& body, const std::string& code,
                             const ImpedanceDay& day, const Staff& physiologist, Random& random,
                             Instant& clock) {
    const auto done = prepareImpedance(run, body, code, day, random, clock);
    return done ? sweep(run, body, day, physiologist, random, clock) : done;
}

Expected<void> playDxa(DxaProcedure& run, const TrueBody& body, const std::string& code, const DxaDay& day,
                       Random& random, Instant& clock) {
    Expected<void> done = prepareDxa(run, body, day, random, clock);
    if (done)
        done = scan(run, body, code, day, random, clock);
    return done ? run.confirm(DxaStep::Lines) : done;
}

Expected<void> playGirths(GirthProcedure& run, const TrueBody& body, const GirthDay& day, Random& random,
                          Instant& clock) {
    using enum GirthStep;
    constexpr Centimetres rule{100.0};
    Expected<void> done =
        run.checkTape(rule, Centimetres(std::round(10.0 * (rule.value() + gauss(random, 0.03))) / 10.0));
    if (done)
        done = answerAll(run, day.deviations);
    clock = clock.plusMinutes(4);
    if (done)
        done = run.weigh(shown(body.mass + gauss(random, 0.03), 100.0), from(run, "floor-scale"));
    if (done)
        done = run.confirm(Landmarks);
    const TapedPerson person = tapedPersonOf(body);
    for (int laying = 1; done && run.nextSite(); ++laying) {
        clock = clock.plusMinutes(0.5);
        const auto site = *run.nextSite();
        const auto value = layTape(person, site, day.faults(laying).tape, random);
        if (!day.discard(laying))
            done = run.takeGirth(site, value, from(run, "tape"));
    }
    return done;
}

Expected<void> playFinish(Procedure& run, const char* interpretation, const Staff& technician,
                          const Staff& physiologist) {
    const auto confirm = [&](std::string_view id) {
        const auto step = std::ranges::find(run.steps(), id, &StepText::id);
        return run.confirm(Step(static_cast<int>(step - run.steps().begin())));
    };
    Expected<void> done;
    if (std::ranges::find(run.steps(), "out-safely", &StepText::id) != run.steps().end())
        done = confirm("out-safely");
    if (done)
        done = confirm("result");
    if (done)
        done = run.interpret(interpretation);
    if (done)
        done = run.sign(technician, physiologist);
    if (done)
        done = confirm("report");
    return done ? confirm("after") : done;
}

} // namespace fusain::simulation

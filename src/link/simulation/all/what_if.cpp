#include "link/simulation/all/what_if.hpp"

#include "core/anthropometry/surface_area.hpp"
#include "core/water/density.hpp"
#include "link/simulation/all/played_run.hpp"
#include "procedure/all/computed.hpp"

namespace fusain::simulation {
namespace {

constexpr Instant anyMorning{1773302400000}; // nothing depends on the day
const Staff nobody{"nobody", "Nobody", Role::Physiologist};

// A body after eating or drinking: heavier, and not yet different in any other way.
TrueBody after(const Experiment& experiment) {
    TrueBody body = experiment.body;
    if (experiment.swallowed > 0.0) {
        // What was swallowed has the density of water: the sum of parts stays what a tank or a chamber sees.
        const double fatFree = body.mass * (1.0 - body.fatFraction);
        const double volume = fatFree / body.fatFreeDensity + experiment.swallowed / 0.994;
        body.fatFreeDensity = (fatFree + experiment.swallowed) / volume;
        body.fatFraction *= body.mass / (body.mass + experiment.swallowed);
        body.mass += experiment.swallowed;
    }
    return body;
}

class Play {
public:
    Play(const Experiment& experiment, LabFaults faults, const AnyPolicy& policy, bool inSpite)
        : experiment_(experiment), faults_(std::move(faults)), policy_(policy), inSpite_(inSpite),
          body_(after(experiment)), random_(experiment.seed) {}

    Finding run(const Protocol& protocol) {
        Finding finding;
        MemoryJournal journal;
        const TestSubject subject{"nobody", body_.sex, Years(30.0), metresFromCentimetres(body_.heightCm),
                                  false};
        const auto begun =
            beginTest(policy_, protocol, "what-if", subject, nobody, journal, [this] { return clock_; });
        if (!begun)
            return finding;
        const auto done = played(**begun);
        showOne(finding, **begun); // afterwards: what the rules compare with has been read by then
        if (!done)
            return finding;
        const auto computed = computeTest(snapshotOf(*(*begun)), policy_);
        if (const auto* composition = computed ? computed->composition() : nullptr) {
            finding.fatPercent = composition->fatPercent.estimate().value();
            finding.halfInterval = composition->fatPercent.halfInterval().value();
        }
        return finding;
    }

private:
    template <class Day>
    Day day() const {
        Day day;
        day.faults = [this](int) { return faults_; };
        day.inSpite = inSpite_;
        return day;
    }

    [[nodiscard]] TankDay tankDay() const {
        TankDay tank = day<TankDay>();
        tank.heldBack = experiment_.heldBack;
        return tank;
    }
    [[nodiscard]] ImpedanceDay impedanceDay() const {
        ImpedanceDay analyzer = day<ImpedanceDay>();
        analyzer.waterShift = experiment_.waterShift;
        return analyzer;
    }

    // The whole test, as the rules let it through.
    Expected<void> played(Procedure& run) {
        Expected<void> done;
        Methods::with(run.method(), [&]<class Method> { done = play(runningAs<Method>(run)); });
        return done;
    }
    Expected<void> play(HydrostaticProcedure& run) { return playTank(run, body_, tankDay(), random_, clock_); }
    Expected<void> play(ChamberProcedure& run) {
        return playChamber(run, body_, day<ChamberDay>(), random_, clock_);
    }
    Expected<void> play(ImpedanceProcedure& run) {
        return playImpedance(run, body_, "nobody", impedanceDay(), nobody, random_, clock_);
    }
    Expected<void> play(DxaProcedure& run) {
        return playDxa(run, body_, "nobody", day<DxaDay>(), random_, clock_);
    }

    Expected<void> play(GirthProcedure& run) {
        return playGirths(run, body_, day<GirthDay>(), random_, clock_);
    }

    // One recording to look at, from a random state of its own: sliders then change it smoothly.
    void showOne(Finding& finding, Procedure& run) const {
        Random random(experiment_.seed);
        Methods::with(run.method(), [&]<class Method> { show(finding, runningAs<Method>(run), random); });
    }

    void show(Finding& finding, HydrostaticProcedure&, Random& random) const {
        const double net =
            body_.netUnderwater(water::densityTanaka2001(tankWater).value()) - 0.994 * experiment_.heldBack;
        finding.submersion = playSubmersion(submersionWith(faults_, net, random), random).samples;
        const auto reading = hydrostatic::analyseTrace(finding.submersion);
        finding.reading = reading.message();
        finding.usable = reading.verdict == hydrostatic::TraceVerdict::Readable;
    }

    void show(Finding&, GirthProcedure&, Random&) const {} // a tape records nothing

    void show(Finding& finding, ChamberProcedure&, Random& random) const {
        const ChamberModel chamber;
        const auto calibration = playedCalibration(chamber, random);
        ChamberOccupant occupant = occupantOf(body_, metresFromCentimetres(body_.heightCm));
        occupant.faults = faults_.chamber;
        if (!calibration)
            return;
        const airdisplacement::Occupant known{
            Kilograms(body_.mass),
            anthropometry::surfaceAreaDuBois1916(Kilograms(body_.mass), metresFromCentimetres(body_.heightCm))};
        finding.volume =
            airdisplacement::readVolume(playVolumeTrial(chamber, occupant, 50.0, random), *calibration, known);
        finding.reading = finding.volume->message();
        finding.usable = finding.volume->readable();
    }

    void show(Finding& finding, ImpedanceProcedure& run, Random& random) const {
        AnalyzerModel analyzer;
        analyzer.geometry = run.test().setup.geometry;
        AnalyzerPerson person = analyzerPersonOf(body_);
        person.extracellular = person.extracellular * experiment_.waterShift;
        finding.sweep = playSweep(analyzer, person, faults_.analyzer, random);
        const auto doubts = run.judge(*finding.sweep);
        finding.usable = !impedance::mustRepeat(doubts);
        if (!doubts.empty())
            finding.reading = doubts.front().what;
    }

    void show(Finding& finding, DxaProcedure& run, Random& random) const {
        finding.scan = playWholeBody(trueRegions(scannedPersonOf(body_)), faults_.scanner, {}, random);
        const auto doubts = run.judge(*finding.scan, false);
        finding.usable = !dxa::mustRepeat(doubts);
        if (!doubts.empty())
            finding.reading = doubts.front().what;
    }

    const Experiment& experiment_;
    LabFaults faults_;
    const AnyPolicy& policy_;
    bool inSpite_;
    TrueBody body_;
    Random random_;
    Instant clock_ = anyMorning;
};

} // namespace

Expected<Finding> tryOut(const Experiment& experiment, const AnyPolicy& policy, const Protocol& protocol) {
    auto faults = faultsNamed(experiment.faults);
    if (!faults)
        return tl::unexpected(faults.error());
    Finding finding = Play(experiment, *faults, policy, false).run(protocol);
    if (!finding.fatPercent)
        finding.inSpite = Play(experiment, *faults, policy, true).run(protocol).fatPercent;
    return finding;
}

std::optional<Cost> costOf(const std::string& fault, const Experiment& experiment, const AnyPolicy& policy,
                           const Protocol& protocol, int plays) {
    Experiment clean = experiment, spoilt = experiment;
    clean.faults.clear();
    spoilt.faults = {fault};
    Cost cost;
    for (int play = 1; play <= plays; ++play) {
        clean.seed = spoilt.seed = experiment.seed + static_cast<std::uint64_t>(play);
        const auto without = tryOut(clean, policy, protocol), with = tryOut(spoilt, policy, protocol);
        if (!without || !with || !without->fatPercent || !(with->fatPercent || with->inSpite))
            return std::nullopt;
        cost.refused |= !with->fatPercent;
        cost.points += (with->fatPercent ? *with->fatPercent : *with->inSpite) - *without->fatPercent;
    }
    cost.points /= plays;
    return cost;
}

} // namespace fusain::simulation

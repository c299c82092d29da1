#pragma once
// People with true bodies, unchanged on two days, measured by each method. The bodies are made here, by a model
// of their own; the simulated instruments have no part in it.
#include "core/airdisplacement/body_volume.hpp"
#include "core/anthropometry/surface_area.hpp"
#include "core/dxa/composition.hpp"
#include "core/lung/static_volumes.hpp"
#include "core/numeric/best_estimate.hpp"
#include "core/water/density.hpp"
#include "procedure/meaning/across_methods.hpp"
#include "procedure/meaning/same_day.hpp"
#include "support/chamber_run.hpp"
#include "support/changes.hpp"
#include "support/dxa_run.hpp"
#include "support/impedance_run.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>
#include <random>

namespace fusain::coverage {

using namespace fusain::testing;

class Draw {
public:
    double operator()(double mean, double deviation) {
        return std::normal_distribution(mean, deviation)(random_);
    }
    double between(double low, double high) { return std::uniform_real_distribution(low, high)(random_); }

private:
    std::mt19937_64 random_{16};
};

/// A body that does not change, and what is wrong about measuring it each time.
struct Person {
    TestSubject subject;
    double fat, fatFree;       ///< kg
    double water, boneMineral; ///< kg of what is free of fat
    double density;            ///< of what is free of fat, kg/L
    double residualVolume, thoracicGas;
    double scanBias, equationBias, artefactBias, spectrumBias;
    [[nodiscard]] double mass() const { return fat + fatFree; }
    [[nodiscard]] double fatPercent() const { return 100.0 * fat / mass(); }
    [[nodiscard]] double volume() const { return fat / 0.9007 + fatFree / density; }
};
struct Today {
    double water, gut, gas;
};

/// What is free of fat: water, mineral and the rest, whose shares make its density. They scatter so that the
/// density does by 0.0064 kg/L in healthy adults and by 0.008 in obese ones.
inline void compose(Person& person, Draw& draw, bool obese) {
    const double water = draw(0.738, obese ? 0.0227 : 0.0170), mineral = draw(0.070, 0.006),
                 rest = 1.0 - water - mineral;
    person.density = 1.0 / (water / 0.9937 + mineral / 3.038 + rest / draw(1.34, 0.014));
    person.water = water * person.fatFree;
    person.boneMineral =
        mineral * person.fatFree - 0.0129 * person.water; // the rest of the mineral is dissolved
}

inline Person someone(Draw& draw, int number) {
    Person person;
    const bool woman = number % 2 == 0;
    const double height = woman ? draw(1.65, 0.06) : draw(1.78, 0.07), age = draw.between(20.0, 58.0);
    person.subject = {"p", woman ? Sex::Female : Sex::Male, Years(age), Metres(height), false};
    const double index = std::clamp(draw(24.5, 3.0), 18.8, 33.0), mass = index * height * height;
    const double percent =
        std::clamp((woman ? 5.4 : -5.4) + 1.2 * index + 0.1 * age - 7.0 + draw(0.0, 3.5), 6.0, 48.0);
    person.fat = percent / 100.0 * mass;
    person.fatFree = mass - person.fat;
    compose(person, draw, index >= 30.0);
    const auto& s = person.subject;
    const auto predicted = lung::residualVolumeCrapo1982(s.sex, s.height, s.age);
    person.residualVolume = std::max(0.4, draw(predicted.volume.value(), predicted.standardError.value()));
    const auto gas = airdisplacement::thoracicGasAdult(s.sex, s.height, s.age);
    person.thoracicGas = std::max(1.2, draw(gas.volume.value(), 0.44));
    person.scanBias = draw(0.0, 0.023 * mass);
    person.equationBias = draw(0.0, 3.2);
    person.artefactBias = draw(0.0, 0.05);
    person.spectrumBias = draw(0.0, spectroscopyWaterSpread);
    return person;
}

inline Today oneDay(Draw& draw) {
    return {draw(0.0, 0.40), draw(0.0, 0.35), std::max(0.0, draw(0.1, 0.09))};
}
inline double massOf(const Person& person, const Today& day) {
    return person.mass() + day.water + day.gut;
}
inline double volumeOf(const Person& person, const Today& day) {
    return person.volume() + day.water / 0.9934 + day.gut;
}

/// What a method says of a person on a day; nothing where it cannot.
using Seen = std::optional<Outcome>;

inline Seen byTank(const Person& person, const Today& day, Draw& draw, bool measured) {
    static const HydrostaticPolicy policy = standardSetting().policy;
    const double lungs = person.residualVolume + draw(0.0, 0.08),
                 water = water::densityTanaka2001(Celsius(34.0)).value();
    HydrostaticTest test;
    test.subject = person.subject;
    test.dryMass = Reading(Attribution::typed(), massOf(person, day) + draw(0.0, 0.05));
    test.waterTemperature = Reading(Attribution::typed(), 34.0 + draw(0.0, 0.1));
    if (measured)
        test.residualVolume = MeasuredResidualVolume{{}, Litres(lungs + draw(0.0, 0.1)), "dilution"};
    const double net = massOf(person, day) - water * (volumeOf(person, day) + lungs + day.gas);
    for (int trial = 1; trial <= 3; ++trial)
        test.trials.push_back(
            {{{}, trial, {}}, Kilograms(net + draw(0.0, 0.02)), Kilograms(0.005), 1, Kilograms(0.0), {}, {}});
    const auto result = computeHydrostatic(test, policy);
    return result ? Seen(Outcome{{}, result->mass, result->body, result->conversion, {}}) : std::nullopt;
}

inline Seen byChamber(const Person& person, const Today& day, Draw& draw, bool measured) {
    static const ChamberPolicy policy = chamberSetting().policy;
    const double gas = person.thoracicGas + draw(0.0, 0.15), mass = massOf(person, day) + draw(0.0, 0.01);
    const double area =
        squareCentimetres(anthropometry::surfaceAreaDuBois1916(Kilograms(mass), person.subject.height));
    const double raw = volumeOf(person, day) + 0.6 * (day.gas - 0.1) -
                       4.67e-5 * area * (1.0 + person.artefactBias) - 0.40 * gas;
    ChamberTest test;
    test.subject = person.subject;
    test.mass = Reading(Attribution::typed(), mass);
    const double first = raw + draw(0.0, 0.045), second = raw + draw(0.0, 0.045),
                 middle = (first + second) / 2.0;
    const double apart = std::clamp(first - second, -0.14, 0.14); // two that agree, as the rule asks
    for (const double volume : {middle + apart / 2.0, middle - apart / 2.0})
        test.trials.push_back({{{}, test.trials.nextNumber(), {}}, 1, 0, Litres(volume), Litres(0.0), {}, {}});
    if (measured)
        test.thoracicGas = MeasuredThoracicGas{{}, Litres(gas + draw(0.0, 0.1)), "panting"};
    const auto result = computeChamber(test, policy, {});
    return result ? Seen(Outcome{{}, result->mass, result->body, result->conversion, {}}) : std::nullopt;
}

inline Seen byScanner(const Person& person, const Today& day, Draw& draw) {
    const DxaPolicy policy = dxaSetting().policy;
    dxa::RegionReading total;
    const double bone = person.boneMineral, lean = person.fatFree - bone + day.water + day.gut;
    total.fat = Kilograms(std::max(0.5, person.fat * draw(1.0, 0.03) + person.scanBias));
    total.lean = Kilograms(lean * draw(1.0, 0.02) - person.scanBias);
    total.boneMineral = Kilograms(bone * draw(1.0, 0.015));
    return Outcome{{},
                   total.mass(),
                   dxa::bodyFrom(total, policy.precision, policy.day, person.subject.height).composition,
                   "dxa",
                   {}};
}

// The resistance that makes the equation say what it says of this person, read on a day.
inline Seen byAnalyzer(const Person& person, const Today& day, Draw& draw) {
    static const ImpedanceSetting setting = impedanceSetting();
    const double centimetre = 100.0 * person.subject.height.value(), man = person.subject.sex == Sex::Male;
    const double says = person.fatFree + person.equationBias;
    double r = 500.0;
    for (int i = 0; i < 50;
         ++i) // Kyle 2001: −4.104 + 0.518·H²/R + 0.231·W + 0.130·Xc + 4.229·man, Xc a ninth of R
        r = 0.518 * centimetre * centimetre /
            (says + 4.104 - 0.231 * person.mass() - 0.130 * r / 9.0 - 4.229 * man);
    if (!(r > 250.0 && r < 1100.0))
        return std::nullopt; // nobody has such a body
    const double resistance = r * (1.0 + draw(0.0, 0.02)) * (1.0 + draw(0.0, 0.005)),
                 reactance = r / 9.0 * (1.0 + draw(0.0, 0.03)) * (1.0 + draw(0.0, 0.015));
    ImpedanceTest test;
    test.subject = person.subject;
    test.mass = Reading(Attribution::typed(), massOf(person, day) + draw(0.0, 0.05));
    ImpedanceSweep sweep;
    sweep.number = 1;
    sweep.setup = {"Analyzer", "1.0", 1, setting.policy.geometry, "right", std::nullopt};
    sweep.readings.spectra.push_back(
        {impedance::Segment::WholeBody,
         {impedance::pointOf(impedance::standardFrequency, {Ohms(resistance), Ohms(reactance)})}});
    test.setup = sweep.setup;
    test.sweeps.push_back(std::move(sweep));
    const auto result = computeImpedance(test, setting.policy);
    return result && result->composition
               ? Seen(Outcome{{}, result->mass, *result->composition, result->conversion, {}})
               : std::nullopt;
}

/// Four components: the volume of the chamber, water from a spectrum, mineral from a scan.
inline Seen byFourComponents(const Person& person, const Today& day, Draw& draw) {
    const Seen chamber = byChamber(person, day, draw, true);
    if (!chamber)
        return std::nullopt;
    constexpr double arc = 0.4;
    const double litres = (person.water + day.water) / compartments::waterDensity + person.spectrumBias +
                          draw(0.0, 0.5) + draw(0.0, arc);
    const double bone = person.boneMineral * draw(1.0, 0.015);
    const double density = chamber->composition.fatPercent.estimate().value();
    const double volume = chamber->mass.value() * (density / 100.0 + 4.50) / 4.95; // as the chamber had it
    const auto& shares = chamber->composition.fatPercent.uncertain();
    // The error of that volume is what the chamber's fat has without the density of what is free of fat.
    const double technical =
        std::sqrt(std::max(0.0, std::pow(chamber->composition.fatPercent.totalError().value(), 2) -
                                    std::pow(shares.share(Source::FatFreeDensity), 2)));
    const compartments::Readings readings{
        Measured<Kilograms>(chamber->mass, Source::DryMass, Kilograms(0.05)),
        Measured<Litres>(
            Uncertain(volume, Source::VolumeTrials, technical / 100.0 * chamber->mass.value() / 4.95)),
        Measured<Litres>(Uncertain(litres, Source::Resistance, arc) +
                         Uncertain(0.0, Source::SpectrumOfTheDay, 0.5) +
                         Uncertain(0.0, Source::PredictionEquation, spectroscopyWaterSpread)),
        Measured<Kilograms>(Uncertain(bone, Source::ScanBone, 0.015 * bone)), person.subject.height};
    const auto body = compartments::compositionFrom(compartments::multiComponentModels().front(), readings);
    return Outcome{{}, chamber->mass, *body, "four", {}};
}

/// All methods of one day, put together.
inline Seen byAllTogether(const Person& person, const Today& day, Draw& draw) {
    std::vector<Uncertain> fat;
    Seen last;
    for (const Seen& seen : {byTank(person, day, draw, true), byChamber(person, day, draw, true),
                             byScanner(person, day, draw), byAnalyzer(person, day, draw)}) {
        if (!seen)
            return std::nullopt;
        fat.push_back(seen->composition.fatPercent.uncertain());
        last = seen;
    }
    last->composition.fatPercent = Measured<Percent>(bestEstimate(fat, &sameOnOneDay).value);
    return last;
}

/// How often the figures of a method hold.
struct Coverage {
    int people = 0;
    double covered = 0.0;                     ///< share of people whose truth lies in the 95 % interval
    std::array<double, 3> coveredByFatness{}; ///< the same of the leanest third, the middle, the fattest
    double falseFat = 0.0, falseFree = 0.0, falsePercent = 0.0; ///< share called changed in whom nothing did
    double found = 0.0;                                         ///< of changes of twice the limit
};

using Method = std::function<Seen(const Person&, const Today&, Draw&)>;

inline Coverage coverageOf(const Method& method, int people) {
    struct Line {
        double fat;
        bool covered;
    };
    Draw draw;
    std::vector<Line> lines;
    Coverage counted;
    for (int i = 0; static_cast<int>(lines.size()) < people && i < 4 * people; ++i) {
        const Person person = someone(draw, i);
        const Seen first = method(person, oneDay(draw), draw), second = method(person, oneDay(draw), draw);
        if (!first || !second)
            continue;
        const auto& fat = first->composition.fatPercent;
        lines.push_back({person.fatPercent(), fat.low().value() <= person.fatPercent() &&
                                                  person.fatPercent() <= fat.high().value()});
        const Changes changes = changesSince(*first, *second);
        counted.falseFat += changes.fatMass.real();
        counted.falseFree += changes.fatFreeMass.real();
        counted.falsePercent += changes.fatPercent.real();
        // a change of twice the limit, on top of what two days differ by
        counted.found += std::abs(2.0 * changes.fatMass.leastSignificant + changes.fatMass.difference) >
                         changes.fatMass.leastSignificant;
    }
    std::ranges::sort(lines, {}, &Line::fat);
    counted.people = static_cast<int>(lines.size());
    std::array<int, 3> inThird{};
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const std::size_t third = std::min<std::size_t>(2, 3 * i / lines.size());
        ++inThird[third];
        counted.covered += lines[i].covered;
        counted.coveredByFatness[third] += lines[i].covered;
    }
    for (double* share :
         {&counted.covered, &counted.falseFat, &counted.falseFree, &counted.falsePercent, &counted.found})
        *share /= counted.people;
    for (std::size_t third = 0; third < 3; ++third)
        counted.coveredByFatness[third] /= inThird[third];
    return counted;
}

struct NamedMethod {
    const char* name;
    Method method;
    bool followed; ///< held against itself on another day
};
/// Every method that a lab has, and what it makes of several.
inline std::vector<NamedMethod> allMethods() {
    const auto with = [](Seen (*by)(const Person&, const Today&, Draw&, bool), bool measured) {
        return
            [=](const Person& person, const Today& day, Draw& draw) { return by(person, day, draw, measured); };
    };
    return {{"tank, residual volume measured", with(&byTank, true), true},
            {"tank, residual volume predicted", with(&byTank, false), true},
            {"chamber, gas measured", with(&byChamber, true), true},
            {"chamber, gas predicted", with(&byChamber, false), true},
            {"densitometer", &byScanner, true},
            {"impedance", &byAnalyzer, true},
            {"four components", &byFourComponents, false},
            {"all together", &byAllTogether, false}};
}

} // namespace fusain::coverage

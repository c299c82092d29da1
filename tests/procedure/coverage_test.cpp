// Whether the three figures mean what they say: people with true bodies, unchanged on two days, measured by
// each method. The bodies are made here, by a model of their own; the simulated instruments have no part in it.
#include "core/airdisplacement/body_volume.hpp"
#include "core/anthropometry/surface_area.hpp"
#include "core/dxa/composition.hpp"
#include "core/lung/static_volumes.hpp"
#include "core/water/density.hpp"
#include "procedure/meaning/change.hpp"
#include "support/chamber_run.hpp"
#include "support/dxa_run.hpp"
#include "support/impedance_run.hpp"

#include <cmath>
#include <random>

namespace fusain::coverage_test {
namespace {

using namespace fusain::testing;

/// More by hand: FUSAIN_COVERAGE=2000.
int people() {
    const char* asked = std::getenv("FUSAIN_COVERAGE");
    return asked ? std::atoi(asked) : 300;
}

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
    double fat, fatFree; ///< kg
    double density;      ///< of what is free of fat, kg/L
    double residualVolume, thoracicGas;
    double scanBias, equationBias, artefactBias;
    [[nodiscard]] double mass() const { return fat + fatFree; }
    [[nodiscard]] double fatPercent() const { return 100.0 * fat / mass(); }
    [[nodiscard]] double volume() const { return fat / 0.9007 + fatFree / density; }
};
struct Today {
    double water, gut, gas;
};

Person someone(Draw& draw, int number) {
    Person person;
    const bool woman = number % 2 == 0;
    const double height = woman ? draw(1.65, 0.06) : draw(1.78, 0.07), age = draw.between(20.0, 58.0);
    person.subject = {"p", woman ? Sex::Female : Sex::Male, Years(age), Metres(height), false};
    const double index = std::clamp(draw(24.5, 3.0), 18.8, 33.0), mass = index * height * height;
    const double percent =
        std::clamp((woman ? 5.4 : -5.4) + 1.2 * index + 0.1 * age - 7.0 + draw(0.0, 3.5), 6.0, 48.0);
    person.fat = percent / 100.0 * mass;
    person.fatFree = mass - person.fat;
    person.density = draw(1.1000, 0.006);
    const auto& s = person.subject;
    const auto predicted = lung::residualVolumeCrapo1982(s.sex, s.height, s.age);
    person.residualVolume = std::max(0.4, draw(predicted.volume.value(), predicted.standardError.value()));
    const auto gas = airdisplacement::thoracicGasAdult(s.sex, s.height, s.age);
    person.thoracicGas = std::max(1.2, draw(gas.volume.value(), 0.44));
    person.scanBias = draw(0.0, 0.023 * mass);
    person.equationBias = draw(0.0, 3.2);
    person.artefactBias = draw(0.0, 0.05);
    return person;
}

Today oneDay(Draw& draw) {
    return {draw(0.0, 0.40), draw(0.0, 0.35), std::max(0.0, draw(0.1, 0.09))};
}
double massOf(const Person& person, const Today& day) {
    return person.mass() + day.water + day.gut;
}
double volumeOf(const Person& person, const Today& day) {
    return person.volume() + day.water / 0.9934 + day.gut;
}

using Seen = std::optional<Outcome>;

Seen byTank(const Person& person, const Today& day, Draw& draw, bool measured) {
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

Seen byChamber(const Person& person, const Today& day, Draw& draw, bool measured) {
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

Seen byScanner(const Person& person, const Today& day, Draw& draw) {
    const DxaPolicy policy = dxaSetting().policy;
    dxa::RegionReading total;
    const double bone = 0.042 * person.fatFree, lean = person.fatFree - bone + day.water + day.gut;
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
Seen byAnalyzer(const Person& person, const Today& day, Draw& draw) {
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

struct Counted {
    int people = 0, covered = 0, falsely = 0, found = 0, twice = 0;
};

template <class Method>
Counted count(Method method) {
    Draw draw;
    Counted counted;
    for (int i = 0; counted.people < people() && i < 4 * people(); ++i) {
        const Person person = someone(draw, i);
        const Seen first = method(person, oneDay(draw), draw), second = method(person, oneDay(draw), draw);
        if (!first || !second)
            continue;
        ++counted.people;
        const auto& fat = first->composition.fatPercent;
        counted.covered +=
            fat.low().value() <= person.fatPercent() && person.fatPercent() <= fat.high().value();
        const Changes changes = changesSince(*first, *second);
        counted.falsely += changes.fatMass.real() + changes.fatFreeMass.real() + changes.fatPercent.real();
        counted.twice += 1; // a change of twice the limit, on top of what two days differ by
        counted.found += std::abs(2.0 * changes.fatMass.leastSignificant + changes.fatMass.difference) >
                         changes.fatMass.leastSignificant;
    }
    return counted;
}

// Three standard errors of a share of so many people.
double slack(double share, int of) {
    return 3.0 * std::sqrt(share * (1.0 - share) / of);
}

void holds(const char* name, const Counted& counted) {
    const double n = counted.people, covered = counted.covered / n, falsely = counted.falsely / (3.0 * n),
                 found = double(counted.found) / counted.twice;
    std::printf("%-34s %4d people: the 95 %% interval holds %.1f %%, false change %.1f %%, of twice the LSC "
                "found %.1f %%\n",
                name, counted.people, 100.0 * covered, 100.0 * falsely, 100.0 * found);
    ASSERT_GE(counted.people, people() / 2) << name;
    EXPECT_GE(covered, 0.95 - 0.01 - slack(0.95, counted.people)) << name;
    EXPECT_LE(covered, 0.95 + 0.01 + slack(0.95, counted.people)) << name;
    EXPECT_LE(falsely, 0.06 + slack(0.05, counted.people)) << name;
    EXPECT_GE(found, 0.80) << name;
}

TEST(Coverage, TheThreeFiguresMeanWhatTheySay) {
    holds("tank, residual volume measured", count([](const auto& person, const auto& day, Draw& draw) {
              return byTank(person, day, draw, true);
          }));
    holds("tank, residual volume predicted", count([](const auto& person, const auto& day, Draw& draw) {
              return byTank(person, day, draw, false);
          }));
    holds("chamber, gas measured", count([](const auto& person, const auto& day, Draw& draw) {
              return byChamber(person, day, draw, true);
          }));
    holds("chamber, gas predicted", count([](const auto& person, const auto& day, Draw& draw) {
              return byChamber(person, day, draw, false);
          }));
    holds("densitometer", count(byScanner));
    holds("impedance", count(byAnalyzer));
}

} // namespace
} // namespace fusain::coverage_test

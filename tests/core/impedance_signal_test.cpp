// The rules by which a sweep is judged, each at its edge. What simulated faults do is tested with the
// simulator.
#include "core/impedance/cole.hpp"
#include "core/impedance/signal.hpp"

#include <algorithm>
#include <functional>
#include <gtest/gtest.h>
#include <map>

namespace fusain::impedance::impedance_signal_test {
namespace {

constexpr std::array khz{1.0, 5.0, 20.0, 50.0, 100.0, 250.0, 500.0, 1000.0};

// A clean sweep of the sheet's man on contact electrodes.
Sweep cleanSweep() {
    const std::map<Segment, ColeModel> models{
        {Segment::RightArm, {Ohms(366), Ohms(240), 0.66, Hertz(45e3), Seconds(0)}},
        {Segment::LeftArm, {Ohms(373), Ohms(244.8), 0.66, Hertz(45e3), Seconds(0)}},
        {Segment::Trunk, {Ohms(29.5), Ohms(14.5), 0.60, Hertz(90e3), Seconds(0)}},
        {Segment::RightLeg, {Ohms(288), Ohms(193), 0.70, Hertz(38e3), Seconds(0)}},
        {Segment::LeftLeg, {Ohms(290), Ohms(194.3), 0.70, Hertz(38e3), Seconds(0)}}};
    Sweep sweep;
    Spectrum whole{Segment::WholeBody, {}};
    for (const double each : khz) {
        std::complex<double> sum = 0.0;
        for (const Segment segment : {Segment::RightArm, Segment::Trunk, Segment::RightLeg})
            sum += models.at(segment).at(kilohertz(each)).complex();
        whole.points.push_back(pointOf(kilohertz(each), impedanceOf(sum)));
        whole.points.back().scatter = 0.001;
    }
    sweep.closing = *whole.at(standardFrequency);
    sweep.spectra.push_back(whole);
    for (const auto& [segment, model] : models) {
        Spectrum spectrum{segment, {}};
        for (const double each : khz) {
            spectrum.points.push_back(pointOf(kilohertz(each), model.at(kilohertz(each))));
            spectrum.points.back().scatter = segment == Segment::Trunk ? 0.004 : 0.001;
        }
        sweep.spectra.push_back(spectrum);
    }
    return sweep;
}

Spectrum& in(Sweep& sweep, Segment segment) {
    return *std::ranges::find(sweep.spectra, segment, &Spectrum::segment);
}
void scale(SpectrumPoint& point, double factor) {
    point = pointOf(point.frequency, impedanceOf(point.impedance->complex() * factor));
}
std::vector<SignalFinding> judged(const std::function<void(Sweep&)>& spoil) {
    Sweep sweep = cleanSweep();
    spoil(sweep);
    return judgeSignal(sweep, SignalLimits::of(ElectrodeGeometry::StandingContact));
}
const SignalFinding* find(const std::vector<SignalFinding>& findings, SignalFault fault) {
    const auto found = std::ranges::find(findings, fault, &SignalFinding::fault);
    return found == findings.end() ? nullptr : &*found;
}

TEST(Signal, ACleanSweepHasNothingToSay) {
    const auto findings = judged([](Sweep&) {});
    EXPECT_TRUE(findings.empty()) << (findings.empty() ? "" : findings.front().what.english());
    EXPECT_FALSE(mustRepeat(findings));
    EXPECT_TRUE(judgeSignal({}, {}).empty());
}

TEST(Signal, AnyRiseWithFrequencyIsNamedWithSegmentAndFrequency) {
    const auto findings = judged([](Sweep& sweep) {
        auto& points = in(sweep, Segment::LeftLeg).points;
        scale(points[5], points[4].magnitude / points[5].magnitude * 1.0011);
    });
    const auto* rising = find(findings, SignalFault::Rising);
    ASSERT_TRUE(rising);
    EXPECT_EQ(rising->segment, Segment::LeftLeg);
    EXPECT_EQ(rising->frequency, kilohertz(250.0));
    EXPECT_NE(rising->what.english().find("left leg rises from 100 to 250 kHz"), std::string::npos);
    EXPECT_TRUE(mustRepeat(findings));
    const auto within = judged([](Sweep& sweep) {
        auto& points = in(sweep, Segment::LeftLeg).points;
        scale(points[5], points[4].magnitude / points[5].magnitude * 1.0009); // within the tolerance of 0.1 %
    });
    EXPECT_FALSE(find(within, SignalFault::Rising));
}

TEST(Signal, SwappedPartsHaveAPhaseThatNoBodyHas) {
    const auto findings = judged([](Sweep& sweep) {
        for (SpectrumPoint& point : in(sweep, Segment::RightArm).points)
            std::swap(point.impedance->resistance, point.impedance->reactance);
    });
    const auto* phase = find(findings, SignalFault::Phase);
    ASSERT_TRUE(phase);
    EXPECT_NE(phase->remedy.english().find("swapped"), std::string::npos);
}

TEST(Signal, ANegativeResistanceMeansCrossedLeads) {
    const auto findings = judged([](Sweep& sweep) {
        for (SpectrumPoint& point : in(sweep, Segment::RightArm).points)
            scale(point, -1.0);
    });
    ASSERT_TRUE(find(findings, SignalFault::CrossedLeads));
    EXPECT_EQ(findings.front().severity, Severity::Bad);
}

TEST(Signal, OneBadContactIsNamedByItsLimbAndTwoFeetAsSocks) {
    const auto unsteady = [](Sweep& sweep, Segment segment) {
        for (SpectrumPoint& point : in(sweep, segment).points)
            if (point.frequency < kilohertz(30.0))
                point.scatter = 0.03;
    };
    const auto one = judged([&](Sweep& sweep) { unsteady(sweep, Segment::LeftArm); });
    ASSERT_TRUE(find(one, SignalFault::Contact));
    EXPECT_EQ(find(one, SignalFault::Contact)->segment, Segment::LeftArm);
    const auto feet = judged([&](Sweep& sweep) {
        unsteady(sweep, Segment::LeftLeg);
        unsteady(sweep, Segment::RightLeg);
    });
    EXPECT_TRUE(find(feet, SignalFault::Socks));
    EXPECT_FALSE(find(feet, SignalFault::Contact));
    const auto hands = judged([&](Sweep& sweep) {
        unsteady(sweep, Segment::LeftArm);
        unsteady(sweep, Segment::RightArm);
    });
    EXPECT_TRUE(find(hands, SignalFault::DryHands));
}

// What is restless is told from 20 kHz on, that frequency with it; below it is a matter of the contacts.
TEST(Signal, RestlessnessIsToldFromTwentyKilohertz) {
    const auto restlessAt = [](double least) {
        return judged([&](Sweep& sweep) {
            for (SpectrumPoint& point : in(sweep, Segment::Trunk).points)
                point.scatter = point.frequency.value() == least ? std::optional(0.02) : std::nullopt;
        });
    };
    EXPECT_TRUE(find(restlessAt(20e3), SignalFault::Talking));
    EXPECT_FALSE(find(restlessAt(10e3), SignalFault::Talking));
}

TEST(Signal, MovementTalkingAndDrift) {
    const auto moved = judged([](Sweep& sweep) {
        for (SpectrumPoint& point : in(sweep, Segment::RightLeg).points)
            point.scatter = 0.02;
    });
    ASSERT_TRUE(find(moved, SignalFault::Movement));
    EXPECT_FALSE(find(moved, SignalFault::Contact)); // as unsteady at high frequency as at low
    const auto talked = judged([](Sweep& sweep) {
        for (SpectrumPoint& point : in(sweep, Segment::Trunk).points)
            point.scatter = 0.02;
    });
    EXPECT_TRUE(find(talked, SignalFault::Talking));
    const auto drifted = judged([](Sweep& sweep) { scale(*sweep.closing, 1.0061); });
    EXPECT_TRUE(find(drifted, SignalFault::Drift));
    const auto steady = judged([](Sweep& sweep) { scale(*sweep.closing, 1.0059); });
    EXPECT_FALSE(find(steady, SignalFault::Drift));
}

TEST(Signal, PartsThatDoNotAddUp) {
    const auto findings = judged([](Sweep& sweep) {
        for (SpectrumPoint& point : in(sweep, Segment::WholeBody).points)
            scale(point, 1.03);
        scale(*sweep.closing, 1.03);
    });
    EXPECT_TRUE(find(findings, SignalFault::Sum));
}

TEST(Signal, SidesAndWindows) {
    const auto by = [](double factor) {
        return judged([factor](Sweep& sweep) {
            for (SpectrumPoint& point : in(sweep, Segment::LeftLeg).points)
                scale(point, factor);
        });
    };
    EXPECT_FALSE(find(by(1.05), SignalFault::Sides));
    EXPECT_EQ(find(by(1.08), SignalFault::Sides)->severity, Severity::Note);
    EXPECT_EQ(find(by(1.16), SignalFault::Sides)->severity, Severity::Bad);
    const auto small = judged([](Sweep& sweep) {
        for (SpectrumPoint& point : in(sweep, Segment::Trunk).points)
            scale(point, 0.4);
    });
    EXPECT_TRUE(find(small, SignalFault::Window));
}

TEST(Signal, TouchingThighsReadLowOnBothSides) {
    const auto findings = judged([](Sweep& sweep) {
        for (const Segment segment : {Segment::RightLeg, Segment::LeftLeg})
            for (SpectrumPoint& point : in(sweep, segment).points)
                scale(point, 0.62);
    });
    EXPECT_TRUE(find(findings, SignalFault::ThighsTouch));
}

TEST(Signal, WithoutPhasesAndScatterTheRestIsStillJudged) {
    const auto findings = judged([](Sweep& sweep) {
        for (Spectrum& spectrum : sweep.spectra)
            for (SpectrumPoint& point : spectrum.points)
                point = magnitudePoint(point.frequency, point.magnitude);
        auto& points = in(sweep, Segment::RightArm).points;
        points[6].magnitude = points[5].magnitude * 1.01;
    });
    ASSERT_EQ(findings.size(), 1u);
    EXPECT_EQ(findings.front().fault, SignalFault::Rising);
}

TEST(Identity, AnotherPersonOrAMistypedHeightIsNoticed) {
    const IdentityFacts last{Metres(1.75), Kilograms(70.0), Ohms(560.0)};
    EXPECT_TRUE(identityDoubts({Metres(1.75), Kilograms(72.0), Ohms(540.0)}, last).empty());
    EXPECT_TRUE(identityDoubts({Metres(1.77), std::nullopt, std::nullopt}, last).empty()); // exactly the limit
    EXPECT_EQ(identityDoubts({Metres(1.65), Kilograms(70.0), Ohms(560.0)}, last).size(), 1u);
    EXPECT_EQ(identityDoubts({Metres(1.60), Kilograms(58.0), Ohms(680.0)}, last).size(), 3u);
}

// A phase that the magnitudes around it do not bear out is looked at from 20 to 100 kHz: below, skin counts;
// above, the leads.
TEST(Signal, PhasesAreHeldAgainstMagnitudesFrom20To100Kilohertz) {
    for (const auto& [at, looked] : {std::pair(5.0, false), std::pair(20.0, true), std::pair(50.0, true),
                                     std::pair(100.0, true), std::pair(250.0, false)}) {
        const auto findings = judged([at = at](Sweep& sweep) {
            for (SpectrumPoint& point : in(sweep, Segment::RightArm).points)
                if (point.frequency.value() == 1000.0 * at)
                    point = pointOf(point.frequency,
                                    fromPolar(magnitude(*point.impedance),
                                              Degrees(2.5 * phaseAngle(*point.impedance).value())));
        });
        const auto named = std::ranges::any_of(findings, [at = at](const SignalFinding& each) {
            return each.fault == SignalFault::Slope && each.segment == Segment::RightArm && each.frequency &&
                   each.frequency->value() == 1000.0 * at;
        });
        EXPECT_EQ(named, looked) << at;
    }
    // Just outside: the same error at 18.9 and at 101.1 kHz is none, at 19.1 and 100.9 it is one.
    for (const auto& [at, looked] :
         {std::pair(18.9, false), std::pair(19.1, true), std::pair(100.9, true), std::pair(101.1, false)}) {
        const auto findings = judged([at = at](Sweep& sweep) {
            for (SpectrumPoint& point : in(sweep, Segment::LeftArm).points)
                if (point.frequency.value() == (at < 50.0 ? 20e3 : 100e3)) {
                    const Impedance spoilt = fromPolar(magnitude(*point.impedance),
                                                       Degrees(2.5 * phaseAngle(*point.impedance).value()));
                    point = pointOf(Hertz(1000.0 * at), spoilt);
                }
        });
        const auto named = std::ranges::any_of(findings, [](const SignalFinding& each) {
            return each.fault == SignalFault::Slope && each.segment == Segment::LeftArm;
        });
        EXPECT_EQ(named, looked) << at;
    }
}

} // namespace
} // namespace fusain::impedance::impedance_signal_test

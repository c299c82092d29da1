#include "link/simulation/impedance/analyzer.hpp"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

namespace fusain::simulation {
namespace {

using namespace impedance;

// The part of a segment in the arc of the right body, and how its own arc differs: trunks relax at higher
// frequency.
struct Part {
    double zero, infinite, exponent, frequency; // share of R0 and R∞; added to a; factor of fc
};
constexpr Part armPart{0.470, 0.474, -0.01, 1.08}, trunkPart{0.065, 0.055, -0.06, 1.80},
    legPart{0.465, 0.471, 0.01, 0.94};

// Hands and feet are in the way of standing contacts; the trunk is shorter between them.
struct Geometry {
    double arm, trunk, leg;
};
constexpr Geometry gel{1.0, 1.0, 1.0}, contact{1.33, 0.78, 1.05};

ColeModel segmentArc(const ColeModel& whole, Segment segment, const AnalyzerPerson& person,
                     const Geometry& geometry) {
    const Part& part = isArm(segment) ? armPart : isLeg(segment) ? legPart : trunkPart;
    const double limb = segment == Segment::RightArm   ? person.rightArm
                        : segment == Segment::LeftArm  ? person.leftArm
                        : segment == Segment::RightLeg ? person.rightLeg
                        : segment == Segment::LeftLeg  ? person.leftLeg
                                                       : 1.0;
    const double size = limb * (isArm(segment) ? geometry.arm : isLeg(segment) ? geometry.leg : geometry.trunk);
    return {whole.zeroResistance * (part.zero * size), whole.infiniteResistance * (part.infinite * size),
            whole.exponent + part.exponent, whole.characteristicFrequency * part.frequency, Seconds(0.0)};
}

// One sweep as it goes: the arcs of the moment, what disturbs them, and the noise.
class Player {
public:
    Player(const AnalyzerModel& analyzer, const AnalyzerPerson& person, const AnalyzerFaults& faults,
           Random& random)
        : analyzer_(analyzer), faults_(faults), random_(random), whole_(wholeBodyArc(person)) {
        const bool standing = analyzer.geometry == ElectrodeGeometry::StandingContact;
        // What is thinner on the right is so against the left: the right body as a whole has the resistance of
        // its water.
        const double right = armPart.zero * person.rightArm + trunkPart.zero + legPart.zero * person.rightLeg;
        for (const Segment segment :
             {Segment::RightArm, Segment::LeftArm, Segment::Trunk, Segment::RightLeg, Segment::LeftLeg}) {
            ColeModel& arc = arcs_[segment] = segmentArc(whole_, segment, person, standing ? contact : gel);
            arc.zeroResistance = arc.zeroResistance / right;
            arc.infiniteResistance = arc.infiniteResistance / right;
        }
        if (faults.thighsTouch)
            for (const Segment leg : {Segment::RightLeg, Segment::LeftLeg}) {
                const double shunted = uniform(random, 0.45, 0.55);
                arcs_[leg].zeroResistance = arcs_[leg].zeroResistance * shunted;
                arcs_[leg].infiniteResistance = arcs_[leg].infiniteResistance * shunted;
            }
        badness_ = uniform(random, 0.12, 0.40);
        drift_ = uniform(random, 0.012, 0.030) * (uniform(random, 0.0, 1.0) < 0.5 ? -1.0 : 1.0);
        unrest_ = uniform(random, 0.016, 0.040);
    }

    Sweep play() {
        Sweep sweep;
        const double total = 6.0 * static_cast<double>(analyzer_.kilohertz.size());
        double done = 0.0;
        for (const Segment segment : segments) {
            Spectrum spectrum{segment, {}};
            for (const double khz : analyzer_.kilohertz) {
                spectrum.points.push_back(read(segment, kilohertz(khz), done / total));
                done += 1.0;
            }
            sweep.spectra.push_back(std::move(spectrum));
        }
        sweep.closing = read(Segment::WholeBody, standardFrequency, 1.0);
        return sweep;
    }

private:
    [[nodiscard]] std::complex<double> trueImpedance(Segment segment, Hertz frequency) const {
        const auto of = [&](Segment each) { return arcs_.at(each).at(frequency).complex(); };
        const bool plain = analyzer_.geometry == ElectrodeGeometry::SupineGel && !faults_.thighsTouch;
        if (faults_.crossedLeads && segment == Segment::RightArm)
            return -(of(Segment::Trunk) + of(Segment::RightLeg));
        if (faults_.crossedLeads && segment == Segment::RightLeg)
            return -(of(Segment::RightArm) + of(Segment::Trunk));
        if (segment != Segment::WholeBody)
            return of(segment);
        const auto body = plain ? whole_.at(frequency).complex()
                                : of(Segment::RightArm) + of(Segment::Trunk) + of(Segment::RightLeg);
        return faults_.crossedLeads ? -body : body;
    }

    [[nodiscard]] bool badly(Segment segment) const {
        const auto of = [&](Segment limb) {
            return segment == limb ||
                   (segment == Segment::WholeBody && (limb == Segment::RightArm || limb == Segment::RightLeg));
        };
        if (faults_.socks && (isLeg(segment) || segment == Segment::WholeBody))
            return true;
        return faults_.badContact && of(*faults_.badContact);
    }

    SpectrumPoint read(Segment segment, Hertz frequency, double progress) {
        std::complex<double> z = trueImpedance(segment, frequency);
        double scatter = segment == Segment::Trunk ? analyzer_.trunkNoise : analyzer_.noise;
        if (badly(segment)) {
            const double part = segment == Segment::WholeBody ? 0.5 : 1.0;
            z *= 1.0 + part * badness_ / (1.0 + frequency.value() / 6e3);
            scatter += part * 0.05 / (1.0 + frequency.value() / 8e3);
        }
        if (faults_.talking)
            scatter += segment == Segment::Trunk ? unrest_ : isArm(segment) ? 0.15 * unrest_ : 0.0;
        if (faults_.moves && segment == *faults_.moves)
            scatter += unrest_;
        if (faults_.warmUpDrift)
            z *= 1.0 + drift_ * progress;
        z *= std::polar(1.0, -2.0 * std::numbers::pi * frequency.value() * analyzer_.delay.value());
        // What is given is the mean of many readings; their own scatter is larger than its error.
        const double error =
            std::max(segment == Segment::Trunk ? analyzer_.trunkNoise : analyzer_.noise, scatter / 3.0);
        z += std::complex<double>(gauss(random_, error), gauss(random_, error)) * std::abs(z);
        SpectrumPoint point = pointOf(frequency, impedanceOf(z));
        point.scatter = scatter * std::max(0.3, 1.0 + gauss(random_, 0.2));
        return point;
    }

    const AnalyzerModel& analyzer_;
    const AnalyzerFaults& faults_;
    Random& random_;
    ColeModel whole_;
    std::map<Segment, ColeModel> arcs_;
    double badness_ = 0.0, drift_ = 0.0, unrest_ = 0.0;
};

} // namespace

ColeModel wholeBodyArc(const AnalyzerPerson& person) {
    const double h = centimetres(person.height), w = person.mass.value();
    const double massIndex = w / (person.height.value() * person.height.value());
    const double size = h * h * std::sqrt(w);
    const double outside = 0.188 / massIndex + 0.2883, inside = 5.8758 / massIndex + 0.4194;
    const double zero = size * std::pow(outside / person.extracellular.value(), 1.5);
    const double cells = size * std::pow(inside / person.intracellular.value(), 1.5);
    return {Ohms(zero), Ohms(zero * cells / (zero + cells)), person.exponent, person.characteristicFrequency,
            Seconds(0.0)};
}

Sweep playSweep(const AnalyzerModel& analyzer, const AnalyzerPerson& person, const AnalyzerFaults& faults,
                Random& random) {
    return Player(analyzer, person, faults, random).play();
}

SpectrumPoint playModule(bool rc, double off, Random& random) {
    const double re = 549.0, ri = 1910.0, capacitance = 1.5e-9;
    const ColeModel circuit{Ohms(re), Ohms(re * ri / (re + ri)), 1.0,
                            Hertz(1.0 / (2.0 * std::numbers::pi * capacitance * (re + ri))), Seconds(0.0)};
    const std::complex<double> z =
        rc ? circuit.at(standardFrequency).complex() : std::complex<double>(500.0, 0.0);
    return pointOf(standardFrequency, impedanceOf(z * (1.0 + off + gauss(random, 0.0005))));
}

AnalyzerPerson drawAnalyzerPerson(Random& random) {
    AnalyzerPerson person;
    const bool man = uniform(random, 0.0, 1.0) < 0.5;
    person.sex = man ? Sex::Male : Sex::Female;
    person.height = Metres(std::clamp((man ? 1.78 : 1.65) + gauss(random, 0.07), 1.45, 2.05));
    const double massIndex = std::clamp(24.0 + gauss(random, 3.0), 18.5, 33.0);
    person.mass = Kilograms(massIndex * person.height.value() * person.height.value());
    // The more mass for the height, the more of it is fat.
    const double fat =
        std::clamp((man ? 0.17 : 0.27) + 0.011 * (massIndex - 23.0) + gauss(random, 0.03), 0.06, 0.48);
    const double water = person.mass.value() * (1.0 - fat) * (0.732 + gauss(random, 0.008));
    const double outside = (man ? 0.415 : 0.435) + gauss(random, 0.012);
    person.extracellular = Litres(water * outside);
    person.intracellular = Litres(water * (1.0 - outside));
    person.exponent = std::clamp(0.70 + gauss(random, 0.02), 0.64, 0.76);
    person.characteristicFrequency = Hertz(std::clamp(38e3 + gauss(random, 5e3), 26e3, 55e3));
    for (double* limb : {&person.rightArm, &person.leftArm, &person.rightLeg, &person.leftLeg})
        *limb = 1.0 + gauss(random, 0.012);
    return person;
}

} // namespace fusain::simulation

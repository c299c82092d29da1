#include "core/impedance/signal.hpp"

#include "core/impedance/segmental.hpp"
#include "core/units/format.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::impedance {
namespace {

using Findings = std::vector<SignalFinding>;

std::string nameOf(Segment segment) {
    return std::string(segmentName(segment));
}
std::string kilohertzText(Hertz frequency) {
    const double khz = frequency.value() / 1000.0;
    return fixed(khz, khz < 10.0 && khz != std::floor(khz) ? 1 : 0);
}

const Message repeatContact{FUSAIN_TEXT("Wipe and moisten skin and electrode, press the contact, repeat."), {}};
const Message repeatStill{FUSAIN_TEXT("Ask for stillness and silence, repeat."), {}};

// Typical scatter of the points in a range of frequencies; nothing when the analyzer does not give any.
std::optional<double> scatterIn(const Spectrum& spectrum, double from, double to) {
    std::vector<double> found;
    for (const SpectrumPoint& point : spectrum.points)
        if (point.scatter && point.frequency.value() >= from && point.frequency.value() <= to)
            found.push_back(*point.scatter);
    if (found.empty())
        return std::nullopt;
    std::ranges::sort(found);
    return found[found.size() / 2];
}

// High or unsteady at low frequency while the high frequencies are steady: a bad contact.
bool badContact(const Spectrum& spectrum, const SignalLimits& limits) {
    const auto low = scatterIn(spectrum, 0.0, 10e3), high = scatterIn(spectrum, 90e3, 2e6);
    if (low && *low > limits.lowFrequencyScatter && (!high || *low > 2.0 * *high))
        return true;
    return spectrum.points.size() >= 2 && spectrum.points[0].frequency.value() <= 3e3 &&
           spectrum.points[1].frequency.value() <= 10e3 &&
           1.0 - spectrum.points[1].magnitude / spectrum.points[0].magnitude > limits.lowFrequencyDrop;
}

bool crossed(const Spectrum& spectrum) {
    return std::ranges::any_of(spectrum.points, [](const SpectrumPoint& point) {
        return point.impedance && point.impedance->resistance.value() < 0.0;
    });
}

void judgeContacts(const Sweep& sweep, const SignalLimits& limits, Findings& findings) {
    const auto bad = [&](Segment segment) {
        const Spectrum* spectrum = sweep.of(segment);
        return spectrum && !crossed(*spectrum) && badContact(*spectrum, limits);
    };
    const bool feet = bad(Segment::RightLeg) && bad(Segment::LeftLeg);
    const bool hands = bad(Segment::RightArm) && bad(Segment::LeftArm);
    if (feet)
        findings.push_back(
            {SignalFault::Socks,
             Severity::Bad,
             Segment::RightLeg,
             std::nullopt,
             {FUSAIN_TEXT("Both legs are high or unsteady at low frequency: socks, or dry and callused soles."),
              {}},
             {FUSAIN_TEXT("Socks off, wipe and moisten the soles, heels on the electrodes, repeat."), {}}});
    if (hands)
        findings.push_back(
            {SignalFault::DryHands,
             Severity::Bad,
             Segment::RightArm,
             std::nullopt,
             {FUSAIN_TEXT("Both arms are high or unsteady at low frequency: dry or lotioned hands."), {}},
             repeatContact});
    for (const Segment segment : {Segment::RightArm, Segment::LeftArm, Segment::RightLeg, Segment::LeftLeg})
        if (bad(segment) && !(isLeg(segment) && feet) && !(isArm(segment) && hands))
            findings.push_back(
                {SignalFault::Contact,
                 Severity::Bad,
                 segment,
                 std::nullopt,
                 {FUSAIN_TEXT(
                      "The {1} is high or unsteady at low frequency: an electrode there has poor contact."),
                  {nameOf(segment)}},
                 repeatContact});
    // A whole body without segments has only itself to judge.
    const bool alone =
        std::ranges::none_of(bodySegments, [&](Segment each) { return sweep.of(each) != nullptr; });
    if (alone && bad(Segment::WholeBody))
        findings.push_back(
            {SignalFault::Contact,
             Severity::Bad,
             Segment::WholeBody,
             std::nullopt,
             {FUSAIN_TEXT("High or unsteady at low frequency: an electrode has poor contact."), {}},
             repeatContact});
}

void judgeSteadiness(const Sweep& sweep, const SignalLimits& limits, Findings& findings) {
    for (const Spectrum& spectrum : sweep.spectra) {
        const auto scatter = scatterIn(spectrum, 20e3, 2e6);
        if (!scatter)
            continue;
        if (spectrum.segment == Segment::Trunk && *scatter > limits.trunkScatter)
            findings.push_back({SignalFault::Talking,
                                Severity::Bad,
                                Segment::Trunk,
                                std::nullopt,
                                {FUSAIN_TEXT("The trunk is unsteady by {1} %: talking, or deep breaths."),
                                 {fixed(100.0 * *scatter, 1)}},
                                repeatStill});
        else if ((isArm(spectrum.segment) || isLeg(spectrum.segment)) && *scatter > limits.limbScatter)
            findings.push_back({SignalFault::Movement,
                                Severity::Bad,
                                spectrum.segment,
                                std::nullopt,
                                {FUSAIN_TEXT("The {1} is unsteady by {2} % at every frequency: it moved."),
                                 {nameOf(spectrum.segment), fixed(100.0 * *scatter, 1)}},
                                repeatStill});
    }
}

void judgeDrift(const Sweep& sweep, const SignalLimits& limits, Findings& findings) {
    const Spectrum* whole = sweep.of(Segment::WholeBody);
    const SpectrumPoint* first = whole && sweep.closing ? whole->at(sweep.closing->frequency) : nullptr;
    if (!first)
        return;
    const double drift = sweep.closing->magnitude / first->magnitude - 1.0;
    if (std::abs(drift) > limits.drift)
        findings.push_back(
            {SignalFault::Drift,
             Severity::Bad,
             Segment::WholeBody,
             sweep.closing->frequency,
             {FUSAIN_TEXT("The whole body read {1} % differently at the end of the sweep: the analyzer is not "
                          "warm, or the posture changed."),
              {signedFixed(100.0 * drift, 1)}},
             {FUSAIN_TEXT("Let the analyzer warm up, let the person stand or lie quietly, repeat."), {}}});
}

// Every point of one spectrum: physics first.
void judgePoints(const Spectrum& spectrum, const SignalLimits& limits, Findings& findings) {
    if (crossed(spectrum)) {
        findings.push_back({SignalFault::CrossedLeads,
                            Severity::Bad,
                            spectrum.segment,
                            std::nullopt,
                            {FUSAIN_TEXT("The {1} has a negative resistance: two leads are crossed."),
                             {nameOf(spectrum.segment)}},
                            {FUSAIN_TEXT("Compare every lead with its mark, repeat."), {}}});
        return;
    }
    for (std::size_t i = 1; i < spectrum.points.size(); ++i) {
        const SpectrumPoint &below = spectrum.points[i - 1], &point = spectrum.points[i];
        if (point.magnitude.value() > below.magnitude.value() * (1.0 + limits.rise)) {
            findings.push_back(
                {SignalFault::Rising,
                 Severity::Bad,
                 spectrum.segment,
                 point.frequency,
                 {FUSAIN_TEXT("The {1} rises from {2} to {3} kHz, which tissue never does. Check contact, "
                              "stray capacitance and movement."),
                  {nameOf(spectrum.segment), kilohertzText(below.frequency), kilohertzText(point.frequency)}},
                 repeatContact});
            break; // one sentence a segment is enough
        }
    }
    for (const SpectrumPoint& point : spectrum.points) {
        const double f = point.frequency.value();
        if (!point.impedance || f < 4.9e3 || f > 251e3)
            continue;
        const double phase = phaseAngle(*point.impedance).value();
        if (phase <= 0.0 || phase > limits.greatestPhase.value()) {
            findings.push_back(
                {SignalFault::Phase,
                 Severity::Bad,
                 spectrum.segment,
                 point.frequency,
                 {FUSAIN_TEXT("The phase of the {1} at {2} kHz is {3}°; no body has that."),
                  {nameOf(spectrum.segment), kilohertzText(point.frequency), fixed(phase, 1)}},
                 {FUSAIN_TEXT("Are resistance and reactance swapped? Check the leads, repeat."), {}}});
            break;
        }
    }
}

void judgeSlope(const Spectrum& spectrum, const SignalLimits& limits, Findings& findings) {
    for (std::size_t i = 1; i + 1 < spectrum.points.size(); ++i) {
        const SpectrumPoint& point = spectrum.points[i];
        if (!point.impedance || point.frequency.value() < 19e3 || point.frequency.value() > 101e3)
            continue;
        const double phase = phaseAngle(*point.impedance).value();
        const double expected = phaseFromMagnitudes(spectrum.points[i - 1], spectrum.points[i + 1]).value();
        if (phase > 0.0 && std::abs(expected / phase - 1.0) > limits.slope) {
            findings.push_back(
                {SignalFault::Slope,
                 Severity::Note,
                 spectrum.segment,
                 point.frequency,
                 {FUSAIN_TEXT(
                      "Magnitudes and phase of the {1} at {2} kHz do not belong together ({3}° against {4}°)."),
                  {nameOf(spectrum.segment), kilohertzText(point.frequency), fixed(phase, 1),
                   fixed(expected, 1)}},
                 {FUSAIN_TEXT("Check the analyzer with its module."), {}}});
            return;
        }
    }
}

void judgeSum(const Sweep& sweep, const SignalLimits& limits, Findings& findings) {
    const Spectrum* whole = sweep.of(Segment::WholeBody);
    if (!whole)
        return;
    for (const SpectrumPoint& point : whole->points) {
        if (point.frequency.value() < 4.9e3 || !point.impedance)
            continue;
        std::complex<double> sum = 0.0;
        for (const Segment segment : {Segment::RightArm, Segment::Trunk, Segment::RightLeg}) {
            const Spectrum* part = sweep.of(segment);
            const SpectrumPoint* at = part ? part->at(point.frequency) : nullptr;
            if (!at || !at->impedance)
                return;
            sum += at->impedance->complex();
        }
        const double away = std::abs(sum) / point.magnitude.value() - 1.0;
        if (std::abs(away) > limits.sum) {
            findings.push_back({SignalFault::Sum,
                                Severity::Bad,
                                Segment::WholeBody,
                                point.frequency,
                                {FUSAIN_TEXT("Right arm, trunk and right leg add up to {1} % more or less than "
                                             "the whole body at {2} kHz."),
                                 {signedFixed(100.0 * away, 1), kilohertzText(point.frequency)}},
                                {FUSAIN_TEXT("Check posture, leads and contacts, repeat."), {}}});
            return;
        }
    }
}

double at50(const Sweep& sweep, Segment segment) {
    const Spectrum* spectrum = sweep.of(segment);
    const SpectrumPoint* point = spectrum ? spectrum->at(standardFrequency) : nullptr;
    return point ? point->magnitude.value() : 0.0;
}

void judgeSides(const Sweep& sweep, const SignalLimits& limits, Findings& findings) {
    const auto pair = [&](Segment right, Segment left, double note, double bad, std::string_view words) {
        const double r = at50(sweep, right), l = at50(sweep, left);
        if (r <= 0.0 || l <= 0.0)
            return;
        const double percent = asymmetryPercent(r, l);
        if (std::abs(percent) > note)
            findings.push_back(
                {SignalFault::Sides,
                 std::abs(percent) > bad ? Severity::Bad : Severity::Note,
                 right,
                 standardFrequency,
                 {std::string(words), {signedFixed(percent, 1)}},
                 {FUSAIN_TEXT(
                      "Check contacts and posture; swelling, injury or metal on one side can be the reason."),
                  {}}});
    };
    pair(Segment::RightArm, Segment::LeftArm, limits.armNote, limits.armBad,
         FUSAIN_TEXT("Right and left arm differ by {1} %."));
    pair(Segment::RightLeg, Segment::LeftLeg, limits.legNote, limits.legBad,
         FUSAIN_TEXT("Right and left leg differ by {1} %."));
    const double arms = at50(sweep, Segment::RightArm) + at50(sweep, Segment::LeftArm);
    const double legs = at50(sweep, Segment::RightLeg) + at50(sweep, Segment::LeftLeg);
    if (arms <= 0.0 || legs <= 0.0)
        return;
    if (legs / arms < limits.legsToArmsLow)
        findings.push_back(
            {SignalFault::ThighsTouch,
             Severity::Bad,
             Segment::RightLeg,
             standardFrequency,
             {FUSAIN_TEXT("Both legs read low against the arms: the thighs may touch."), {}},
             {FUSAIN_TEXT("Feet apart, a dry towel between the thighs if need be, repeat."), {}}});
    if (legs / arms > limits.legsToArmsHigh)
        findings.push_back(
            {SignalFault::ArmsTouch,
             Severity::Bad,
             Segment::RightArm,
             standardFrequency,
             {FUSAIN_TEXT("Both arms read low against the legs: the arms may touch the trunk."), {}},
             {FUSAIN_TEXT("Arms away from the trunk, repeat."), {}}});
}

void judgeWindows(const Sweep& sweep, const SignalLimits& limits, Findings& findings) {
    for (const Segment segment : bodySegments) {
        const double ohms = at50(sweep, segment);
        const Spectrum* spectrum = sweep.of(segment);
        if (ohms <= 0.0 || crossed(*spectrum))
            continue;
        const auto [low, high] = isArm(segment)   ? std::pair(limits.armLow, limits.armHigh)
                                 : isLeg(segment) ? std::pair(limits.legLow, limits.legHigh)
                                                  : std::pair(limits.trunkLow, limits.trunkHigh);
        if (ohms < low.value() || ohms > high.value())
            findings.push_back(
                {SignalFault::Window,
                 Severity::Note,
                 segment,
                 standardFrequency,
                 {FUSAIN_TEXT("The {1} reads {2} Ω at 50 kHz; such segments read {3} to {4}."),
                  {nameOf(segment), fixed(ohms, 1), fixed(low.value(), 0), fixed(high.value(), 0)}},
                 {FUSAIN_TEXT("Check contacts, posture and whose turn it is."), {}}});
    }
}

} // namespace

SignalLimits SignalLimits::of(ElectrodeGeometry geometry) {
    SignalLimits limits;
    if (geometry == ElectrodeGeometry::SupineGel) {
        limits.armLow = Ohms(130.0);
        limits.armHigh = Ohms(450.0);
        limits.legHigh = Ohms(450.0);
        limits.legsToArmsLow = 0.65;
        limits.legsToArmsHigh = 1.45;
    }
    return limits;
}

std::vector<SignalFinding> judgeSignal(const Sweep& sweep, const SignalLimits& limits) {
    Findings findings;
    for (const Spectrum& spectrum : sweep.spectra)
        judgePoints(spectrum, limits, findings);
    judgeContacts(sweep, limits, findings);
    judgeSteadiness(sweep, limits, findings);
    judgeDrift(sweep, limits, findings);
    judgeSum(sweep, limits, findings);
    judgeSides(sweep, limits, findings);
    judgeWindows(sweep, limits, findings);
    for (const Spectrum& spectrum : sweep.spectra)
        judgeSlope(spectrum, limits, findings);
    std::ranges::stable_sort(findings, std::ranges::greater(), &SignalFinding::severity);
    return findings;
}

bool mustRepeat(std::span<const SignalFinding> findings) {
    return std::ranges::any_of(findings,
                               [](const SignalFinding& each) { return each.severity == Severity::Bad; });
}

std::string_view faultName(SignalFault fault) {
    static constexpr std::array names{
        FUSAIN_TEXT("rising"),       FUSAIN_TEXT("phase"),      FUSAIN_TEXT("crossed leads"),
        FUSAIN_TEXT("contact"),      FUSAIN_TEXT("socks"),      FUSAIN_TEXT("dry hands"),
        FUSAIN_TEXT("movement"),     FUSAIN_TEXT("talking"),    FUSAIN_TEXT("drift"),
        FUSAIN_TEXT("sum"),          FUSAIN_TEXT("sides"),      FUSAIN_TEXT("range"),
        FUSAIN_TEXT("thighs touch"), FUSAIN_TEXT("arms touch"), FUSAIN_TEXT("slope")};
    return names[static_cast<std::size_t>(fault)];
}

Message IdentityDoubt::message() const {
    static constexpr std::array sentences{
        FUSAIN_TEXT("The height is {1} cm, at the last visit it was {2} cm."),
        FUSAIN_TEXT("The mass is {1} kg, at the last visit it was {2} kg."),
        FUSAIN_TEXT("The whole body reads {1} Ω, at the last visit it was {2} Ω.")};
    const int decimals = about == About::Impedance ? 0 : 1;
    return {sentences[static_cast<std::size_t>(about)], {fixed(now, decimals), fixed(last, decimals)}};
}

std::vector<IdentityDoubt> identityDoubts(const IdentityFacts& now, const IdentityFacts& last,
                                          const IdentityLimits& limits) {
    using enum IdentityDoubt::About;
    std::vector<IdentityDoubt> doubts;
    if (std::abs((now.height - last.height).value()) > limits.height.value() + 1e-9)
        doubts.push_back({Height, centimetres(now.height), centimetres(last.height)});
    if (now.mass && last.mass && std::abs(*now.mass / *last.mass - 1.0) > limits.mass)
        doubts.push_back({Mass, now.mass->value(), last.mass->value()});
    if (now.magnitude && last.magnitude && std::abs(*now.magnitude / *last.magnitude - 1.0) > limits.impedance)
        doubts.push_back({Impedance, now.magnitude->value(), last.magnitude->value()});
    return doubts;
}

} // namespace fusain::impedance

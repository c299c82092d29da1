#pragma once
#include "core/base/message.hpp"
#include "core/impedance/spectrum.hpp"

namespace fusain::impedance {

/// What can be wrong with a sweep.
enum class SignalFault {
    Rising,       ///< the magnitude rises with frequency
    Phase,        ///< a phase that no body has
    CrossedLeads, ///< a negative resistance
    Contact,      ///< high or unsteady at low frequency: an electrode of this limb
    Socks,        ///< the same at both feet
    DryHands,     ///< the same at both hands
    Movement,     ///< unsteady at every frequency in a limb
    Talking,      ///< unsteady at every frequency in the trunk
    Drift,        ///< the closing reading differs from the first
    Sum,          ///< segments and whole body do not add up
    Sides,        ///< right and left differ more than limbs do
    Window,       ///< outside what such a segment reads
    ThighsTouch,  ///< both legs low against the arms
    ArmsTouch,    ///< both arms low against the legs
    Slope         ///< magnitudes and phases do not belong together
};
enum class Severity {
    Note, ///< look at it
    Bad   ///< repeat: nothing is computed from the sweep
};

struct SignalFinding {
    SignalFault fault;
    Severity severity = Severity::Bad;
    Segment segment = Segment::WholeBody;
    std::optional<Hertz> frequency;
    Message what;
    Message remedy;
};

/// From when on a sweep is not believed. The monotone rule is physics; all other numbers are engineering
/// choices of this program (grade C): a lab sets its own.
struct SignalLimits {
    double rise = 0.001;         ///< relative, at a step up in frequency
    Degrees greatestPhase{20.0}; ///< between 5 and 250 kHz
    double lowFrequencyDrop =
        0.055; ///< relative fall of |Z| from the lowest frequency to the next (1 to 5 kHz)
    double lowFrequencyScatter = 0.010;
    double limbScatter = 0.006, trunkScatter = 0.012;
    double drift = 0.006;
    double sum = 0.02;
    double armNote = 8.0, armBad = 15.0, legNote = 6.0, legBad = 12.0; ///< %, right against left
    Ohms trunkLow{12.0}, trunkHigh{45.0};                              ///< at 50 kHz
    Ohms armLow{180.0}, armHigh{600.0}, legLow{130.0}, legHigh{450.0};
    double legsToArmsLow = 0.52, legsToArmsHigh = 1.10; ///< magnitudes at 50 kHz, both sides together
    double slope = 0.40; ///< relative difference between a phase and what the magnitudes around it say
    /// Gel electrodes at wrist and ankle leave hand and foot out: limbs read lower.
    [[nodiscard]] static SignalLimits of(ElectrodeGeometry geometry);
};

/// Judges a sweep before any number is computed from it. Each finding names segment and frequency and says what
/// to do; the gravest come first.
[[nodiscard]] std::vector<SignalFinding> judgeSignal(const Sweep& sweep, const SignalLimits& limits);
/// True when anything is bad.
[[nodiscard]] bool mustRepeat(std::span<const SignalFinding> findings);
/// Short name of a fault, marked for translation.
[[nodiscard]] std::string_view faultName(SignalFault fault);

/// What a person who is measured again should show: mass, height and impedance near the last visit's.
struct IdentityLimits {
    Metres height{0.02};
    double mass = 0.08;      ///< relative
    double impedance = 0.12; ///< relative, |Z| of the whole body at 50 kHz
};
struct IdentityFacts {
    Metres height;
    std::optional<Kilograms> mass;
    std::optional<Ohms> magnitude; ///< of the whole body at 50 kHz
};
/// One fact that does not fit the last visit.
struct IdentityDoubt {
    enum class About { Height, Mass, Impedance };
    About about;
    double now = 0.0;  ///< cm, kg or Ω
    double last = 0.0; ///< at the last visit
    [[nodiscard]] Message message() const;
};
/// Doubts that this is the person, or that the height was typed right.
[[nodiscard]] std::vector<IdentityDoubt> identityDoubts(const IdentityFacts& now, const IdentityFacts& last,
                                                        const IdentityLimits& limits = {});

} // namespace fusain::impedance

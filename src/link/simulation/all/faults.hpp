#pragma once
#include "core/base/problem.hpp"
#include "link/simulation/chamber/chamber.hpp"
#include "link/simulation/girth/tape.hpp"
#include "link/simulation/impedance/analyzer.hpp"
#include "link/simulation/scan/densitometer.hpp"
#include "link/simulation/tank/submersion.hpp"

#include <span>
#include <string>
#include <vector>

namespace fusain::simulation {

/// What goes wrong, per instrument.
struct LabFaults {
    bool scaleUnstable = false;
    bool scaleOffset = false; ///< floor scale reads 0.4 kg high
    bool zeroDrift = false;   ///< load cell drifts 2 g/s
    bool tareChanged = false; ///< something hangs on the chair since it was zeroed
    bool incompleteBreathingOut = false;
    bool heldBack = false;   ///< a tense person keeps air in, steadily
    bool trappedAir = false; ///< bubbles in the suit and the hair
    bool wallTouch = false;
    bool splash = false;
    bool thermometerDead = false;
    ChamberFaults chamber;           ///< of every volume trial
    bool chamberScaleOffset = false; ///< the chamber's scale reads 0.1 kg high
    AnalyzerFaults analyzer;         ///< of every sweep
    DensitometerFaults scanner;      ///< of every scan
    TapeFaults tape;                 ///< of every laying
    double phantomOff = 0.0;         ///< points of fat that the densitometer has drifted
    double analyzerOff = 0.0;        ///< relative error of the analyzer on its test module
    bool spirometerLeak = false;     ///< efforts stop early
    bool strokesAlike = false;       ///< every stroke of the syringe at the same flow
    bool roomFrozen = false;         ///< barometer and room thermometer stand still at an impossible 300 mmHg
    bool garbage = false;            ///< every fifth line of every instrument is noise
};

/// What the zero of the load cell drifts with its fault, kg/s.
inline constexpr double zeroDriftRate = 0.002;
/// Air that a tense person keeps in, and air in suit and hair, L; what hangs on the chair since it was zeroed,
/// kg in the water.
inline constexpr double heldBackAir = 0.45, trappedAirVolume = 0.25, changedTare = 0.55;
/// What the floor scale shows too much with its fault, kg.
inline constexpr double scaleOffsetError = 0.4;
/// What the chamber's scale shows too much with its fault, kg.
inline constexpr double chamberScaleError = 0.1;

/// One submersion of a body whose steady net mass is `net`, with what goes wrong in it.
/// @param net kg after breathing out completely
[[nodiscard]] SubmersionSettings submersionWith(const LabFaults& faults, double net, Random& random);

/// A fault by the name that practice cases use, and the act that mends it.
struct NamedFault {
    std::string_view name;
    std::string_view method; ///< that it disturbs
    std::string_view act;    ///< that mends it: data/practice/acts.json
    std::string_view say;    ///< in words, marked for translation
    void (*put)(LabFaults&);
    bool inChecks = false; ///< a check of the instrument shows it, before any recording
};
[[nodiscard]] std::span<const NamedFault> namedFaults();
/// @return null for an unknown name
[[nodiscard]] const NamedFault* faultNamed(std::string_view name);
/// @return a Problem for an unknown name
[[nodiscard]] Expected<LabFaults> faultsNamed(std::span<const std::string> names);

/// A fault of a case, and the recordings that it is there for.
struct ScriptedFault {
    std::string name;
    std::vector<int> recordings; ///< from 1, in order of time; empty: until it is mended
};

/// What goes wrong when, until somebody finds the reason and mends it.
class FaultScript {
public:
    FaultScript() = default;
    /// @return a Problem when a name is not known
    [[nodiscard]] static Expected<FaultScript> from(std::vector<ScriptedFault> faults);

    [[nodiscard]] bool empty() const { return faults_.empty(); }
    /// @param recording from 1; 0 before the first
    [[nodiscard]] LabFaults during(int recording) const;
    /// Names of what is wrong during a recording.
    [[nodiscard]] std::vector<std::string> namesDuring(int recording) const;
    /// Somebody does what may help. @return whether something was mended
    bool mend(std::string_view act, int recording);

private:
    std::vector<ScriptedFault> faults_;
};

} // namespace fusain::simulation

#pragma once
#include "link/simulation/all/faults.hpp"
#include "link/simulation/all/true_body.hpp"
#include "procedure/all/methods.hpp"
#include "procedure/all/procedure.hpp"

namespace fusain::simulation {

/// An answer that breaks a rule, with the reason for which the test went on.
struct Deviation {
    std::string rule;
    readiness::Answer answer;
    std::string reason;
};

/// The chamber calibrated empty and with its cylinder, as before a test.
[[nodiscard]] Expected<airdisplacement::Calibration> playedCalibration(const ChamberModel& chamber,
                                                                       Random& random);

/// What happens in any test that is played.
struct PlayedDay {
    std::vector<Deviation> deviations;
    /// What goes wrong during the n-th submersion, volume trial, sweep or scan, from 1; 0 before the first.
    std::function<LabFaults(int)> faults = [](int) { return LabFaults{}; };
    /// Whether the n-th recording is thrown away although the rules would take it.
    std::function<bool(int)> discard = [](int) { return false; };
    /// Takes what the rules would refuse, as far as it has a value: to see what it would have cost.
    bool inSpite = false;
};

/// The answer of somebody who prepared well: well inside the times that were asked.
[[nodiscard]] readiness::Answer wellPrepared(const readiness::Rule& rule);

// Each of these plays one test of one true body through the real procedure, from its first step to the last
// reading, and stops at the first problem. Same arguments and random state, same readings. `clock` moves on as
// the test does.

/// An underwater weighing.
struct TankDay : PlayedDay {
    int trials = 0;         ///< to weigh; 0: until the rule is satisfied
    double heldBack = 0.05; ///< L of air that stay in the lungs in the first trial, less each time
    std::optional<Litres> measuredResidualVolume;
};
[[nodiscard]] Expected<void> playTank(HydrostaticProcedure& run, const TrueBody& body, const TankDay& day,
                                      Random& random, Instant& clock);

/// A test in the chamber.
struct ChamberDay : PlayedDay {
    bool measureGas = true;     ///< by panting; else the prediction stands
    double restlessness = 0.03; ///< L, how differently the person sits from trial to trial
    bool finish = true;         ///< up to the signed report; else the test is left at the trials
};
[[nodiscard]] Expected<void> playChamber(ChamberProcedure& run, const TrueBody& body, const ChamberDay& day,
                                         Random& random, Instant& clock);

/// A test on the impedance analyzer.
struct ImpedanceDay : PlayedDay {
    double waterShift = 1.0; ///< factor on the water outside the cells: food, drink, warm muscles
    const char* interpretation = "Read calmly; the signal was clean. Prepared as asked.";
    const char* reasonInSpite = nullptr; ///< why the physiologist uses a sweep that the rules would repeat
    bool finish = true;
};
[[nodiscard]] Expected<void> playImpedance(ImpedanceProcedure& run, const TrueBody& body,
                                           const std::string& code, const ImpedanceDay& day,
                                           const Staff& physiologist, Random& random, Instant& clock);

/// A test on the densitometer.
struct DxaDay : PlayedDay {
    std::vector<ReportedValue> reported;
    std::vector<dxa::ReportedBone> bones;
    bool afterMenopause = false;
    const char* interpretation = "Read calmly; lines and sums agree. Prepared as asked.";
    int scansOfAYear = 0; ///< that came before
    ScannerSetup scanner{"Scanner", "3.1", "whole body"};
};
[[nodiscard]] Expected<void> playDxa(DxaProcedure& run, const TrueBody& body, const std::string& code,
                                     const DxaDay& day, Random& random, Instant& clock);

/// Girths with a tape.
struct GirthDay : PlayedDay {
    const char* interpretation = "Read calmly; the readings agree. Prepared as asked.";
};
[[nodiscard]] Expected<void> playGirths(GirthProcedure& run, const TrueBody& body, const GirthDay& day,
                                        Random& random, Instant& clock);

/// From the read result to the tidy instrument: interpreted and signed.
[[nodiscard]] Expected<void> playFinish(Procedure& run, const char* interpretation, const Staff& technician,
                                        const Staff& physiologist);

} // namespace fusain::simulation

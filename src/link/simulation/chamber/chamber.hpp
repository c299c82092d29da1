#pragma once
#include "core/airdisplacement/chamber.hpp"
#include "link/simulation/method/random.hpp"

namespace fusain::simulation {

/// What goes wrong during one recording in the chamber.
struct ChamberFaults {
    bool cylinderLeft = false; ///< the calibration cylinder stands beside the person
    bool doorOpen = false;     ///< air escapes at the door
    bool draught = false;      ///< the temperature about the chamber changes
    bool moves = false;        ///< the person moves
    bool coughs = false;       ///< short blows of pressure
    bool looseAir = false;     ///< hair without a cap, loose clothing
    bool warmDamp = false;     ///< a warm, damp person heats the closed chamber
};

/// The chamber itself. Volumes in litres, pressures in pascals.
struct ChamberModel {
    double testVolume = 450.0;
    double referenceVolume = 300.0;
    double stroke = 0.35;          ///< amplitude of the diaphragm, L
    double airPressure = 101325.0; ///< Pa
    double noise = 0.15;           ///< standard deviation of one sample, Pa
    double cylinder = 50.0;        ///< true volume of the calibration cylinder
    double sampleRate = 100.0;     ///< Hz
};

/// The person inside: what the body and its air are in truth.
struct ChamberOccupant {
    double tissueVolume = 65.9;    ///< L, without the air in the lungs
    double meanThoracicGas = 3.84; ///< L, during quiet breathing
    double tidalVolume = 0.6;      ///< L
    double breathsPerSecond = 0.24;
    double skinFilm = 2.16; ///< L of air that clings to the skin (|k|·BSA/0.4)
    ChamberFaults faults;
};

using PressureTrace = std::vector<airdisplacement::PressureSample>;

/// The chamber without a person: empty, or with the cylinder.
[[nodiscard]] PressureTrace playCalibration(const ChamberModel& chamber, bool cylinder, double seconds,
                                            Random& random);
/// One volume trial of `seconds`. Same arguments and random state, same samples.
[[nodiscard]] PressureTrace playVolumeTrial(const ChamberModel& chamber, const ChamberOccupant& occupant,
                                            double seconds, Random& random);
/// Three gentle puffs against the occlusion, the diaphragm at rest.
/// @param effort amplitude of the airway pressure, cmH2O  @param leak part of the airway pressure lost through
/// slack cheeks
[[nodiscard]] std::vector<airdisplacement::PantingSample> playPanting(const ChamberModel& chamber,
                                                                      const ChamberOccupant& occupant,
                                                                      double effort, bool slackCheeks,
                                                                      Random& random);

} // namespace fusain::simulation

#pragma once
#include "core/impedance/cole.hpp"
#include "link/simulation/method/random.hpp"

namespace fusain::simulation {

/// The person on the simulated impedance analyzer: water and build in truth.
struct AnalyzerPerson {
    Sex sex = Sex::Male;
    Metres height{1.78};
    Kilograms mass{72.0};
    Litres extracellular{17.4};
    Litres intracellular{25.2};
    double exponent = 0.70;
    Hertz characteristicFrequency{40e3};
    /// Resistance of each limb against its usual part; above 1 it is thinner or longer.
    double rightArm = 0.99, leftArm = 1.01, rightLeg = 1.0, leftLeg = 1.005;
};

/// What goes wrong during one sweep.
struct AnalyzerFaults {
    std::optional<impedance::Segment> badContact; ///< an electrode of this limb
    bool socks = false;
    bool crossedLeads = false; ///< the sense leads of the right hand and the right foot
    bool talking = false;
    bool warmUpDrift = false;
    std::optional<impedance::Segment> moves;
    bool thighsTouch = false;
};

/// The analyzer itself.
struct AnalyzerModel {
    impedance::ElectrodeGeometry geometry = impedance::ElectrodeGeometry::SupineGel;
    std::vector<double> kilohertz{1.0, 5.0, 20.0, 50.0, 100.0, 250.0, 500.0, 1000.0};
    double noise = 0.001;      ///< relative standard deviation of a reading, each part
    double trunkNoise = 0.003; ///< breathing moves the trunk
    Seconds delay{10e-9};
};

/// Arc of the whole body, wrist to ankle, lying, that this water gives: the mixture equations of Moissl
/// backwards, so that their assumptions hold.
[[nodiscard]] impedance::ColeModel wholeBodyArc(const AnalyzerPerson& person);

/// One sweep: whole body, five segments, and the whole body at 50 kHz once more. Same arguments and random
/// state, same readings.
[[nodiscard]] impedance::Sweep playSweep(const AnalyzerModel& analyzer, const AnalyzerPerson& person,
                                         const AnalyzerFaults& faults, Random& random);

/// One reading of a test module at 50 kHz: "500" for the resistor, "rc" for the RC circuit.
/// @param off relative error of the analyzer
[[nodiscard]] impedance::SpectrumPoint playModule(bool rc, double off, Random& random);

/// Any adult: sex, height, mass, fat, water and limbs drawn from what is usual.
[[nodiscard]] AnalyzerPerson drawAnalyzerPerson(Random& random);

} // namespace fusain::simulation

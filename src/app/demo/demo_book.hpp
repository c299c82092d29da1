#pragma once
#include "link/simulation/simulated_lab.hpp"
#include "procedure/lab_catalogue.hpp"
#include "procedure/procedure.hpp"
#include "store/lab_book.hpp"

namespace fusain::demo {

/// The demo's today.
[[nodiscard]] Instant demoNow();

/// A made-up body, known exactly: what the simulated instruments measure.
struct TrueBody {
    Sex sex = Sex::Female;
    double mass = 70.0;                     ///< kg
    double fatFraction = 0.25;              ///< of the mass
    double residualVolume = 1.4;            ///< L BTPS
    double vitalCapacity = 4.0;             ///< L BTPS
    double fatFreeDensity = 1.100;          ///< kg/L
    double moreThoracicGas = 0.0;           ///< L beyond what the other lung volumes suggest
    double heightCm = 170.0;                ///< cm
    double waterOfFatFree = 0.732;          ///< water as part of the fat-free mass
    double rightArm = 0.99, leftArm = 1.01; ///< resistance against what is usual: above 1 is thinner
    double trunkFat = 0.50;                 ///< part of the fat that lies in the trunk
    double limbs = 1.0;                     ///< lean of arms and legs against what is usual
    [[nodiscard]] double density() const {
        return 1.0 / (fatFraction / 0.900 + (1.0 - fatFraction) / fatFreeDensity);
    }
    /// Net mass under water of `waterDensity` with 0.1 L of gas in the gut.
    [[nodiscard]] double netUnderwater(double waterDensity) const {
        return mass - (mass / density() + residualVolume + 0.1) * waterDensity;
    }
};
[[nodiscard]] Json toJson(const TrueBody& body);
[[nodiscard]] TrueBody trueBodyFromJson(const Json& json);
[[nodiscard]] simulation::VirtualPerson virtualPersonOf(const TrueBody& body);

/// Fills a new lab book with the made-up lab: staff, clients, their tests measured by the simulator through the
/// real procedure, checks and today's appointments. The same seed gives the same book.
[[nodiscard]] Expected<void> fillDemoBook(store::LabBook& book, const LabCatalogue& catalogue, Instant& clock,
                                          std::uint64_t seed);

/// The same body as the chamber sees it; its thoracic gas is the prediction of its height, half a litre more.
[[nodiscard]] simulation::ChamberOccupant occupantOf(const TrueBody& body, Metres height);

/// The answer of somebody who prepared well: well inside the times that were asked.
[[nodiscard]] readiness::Answer wellPrepared(const readiness::Rule& rule);

/// From the read result to the tidy instrument: interpreted, signed, the result stored.
[[nodiscard]] Expected<void> finishTest(store::LabBook& book, Procedure& run, const AnyPolicy& policy,
                                        const char* interpretation, const Staff& technician,
                                        const Staff& physiologist, Instant at);

} // namespace fusain::demo

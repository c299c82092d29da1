#pragma once
#include "link/simulation/all/faults.hpp"
#include "link/simulation/all/true_body.hpp"
#include "record/all/policy.hpp"
#include "record/method/protocol.hpp"

namespace fusain::simulation {

/// A body, and what goes wrong while it is measured: to be tried, never kept.
struct Experiment {
    std::string method;
    TrueBody body;
    std::vector<std::string> faults; ///< in every recording
    double heldBack = 0.0;           ///< L of air that stay in the lungs under water
    double waterShift = 1.0;         ///< factor on the water outside the cells: drink, sweat, warm muscles
    double swallowed = 0.0;          ///< kg eaten or drunk just before
    std::uint64_t seed = 1;
};

/// What an experiment gives.
struct Finding {
    std::optional<double> fatPercent, halfInterval; ///< nothing where the rules let nothing through
    std::optional<double> inSpite; ///< fat by what the rules refuse, where it has a value all the same, %
    Message reading;               ///< what the analysis says of the recording that is shown
    bool usable = false;           ///< whether it would be accepted
    // The recording that is shown; one of them is there.
    std::vector<hydrostatic::ForceSample> submersion;
    std::optional<airdisplacement::VolumeReadingResult> volume;
    std::optional<impedance::Sweep> sweep;
    std::optional<dxa::Scan> scan;
};

/// Plays the experiment through the real procedure. Same experiment, same finding.
/// @param policy and protocol of the experiment's method
[[nodiscard]] Expected<Finding> tryOut(const Experiment& experiment, const AnyPolicy& policy,
                                       const Protocol& protocol);

/// What a fault costs.
struct Cost {
    double points = 0.0;  ///< of fat, with the fault against without
    bool refused = false; ///< the rules would not have let it through; this is what it would have cost
};
/// What a fault costs this body: the mean over `plays` pairs with and without it.
/// @return nothing where a spoilt recording has no value at all
[[nodiscard]] std::optional<Cost> costOf(const std::string& fault, const Experiment& experiment,
                                         const AnyPolicy& policy, const Protocol& protocol, int plays = 3);

} // namespace fusain::simulation

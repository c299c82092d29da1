#pragma once
#include "core/problem.hpp"
#include "link/simulation/simulated_lab.hpp"

#include <span>

namespace fusain::simulation {

/// Faults by the names that practice cases use, such as "wall-touch". @return a Problem for an unknown name
[[nodiscard]] Expected<LabFaults> faultsNamed(std::span<const std::string> names);

} // namespace fusain::simulation

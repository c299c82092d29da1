#pragma once
#include <optional>

namespace fusain {

/// The lab's own precision, where it has measured it; it replaces what the error model says about a change.
struct LabPrecision {
    std::optional<double> fatPercent;  ///< RMS-SD, %fat points
    std::optional<double> fatMass;     ///< kg
    std::optional<double> fatFreeMass; ///< kg
};

} // namespace fusain

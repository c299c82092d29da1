#pragma once
#include "core/lung/vital_capacity.hpp"

namespace fusain::lung {

/// One stroke of a calibration syringe as a spirometer saw it.
struct SyringeStroke {
    Litres volume{0.0};
    LitresPerSecond flow{0.0}; ///< mean over the middle of the stroke, 10 to 90 % of its volume
};

/// Reads a stroke from the volume that went through.
/// @param samples in order of time, volume not falling
/// @return nothing when fewer than three points rise, or no time passes in the middle of the stroke
[[nodiscard]] std::optional<SyringeStroke> strokeOf(std::span<const VolumeSample> samples);

/// Whether a stroke adds a flow to those made before: between 0.5 and 12 L/s, and faster or slower than each of
/// them by at least half.
/// @par Source the range: Graham BL et al (2019), Am J Respir Crit Care Med 200:e70-e88. The factor 1.5 is this
/// program's own.
[[nodiscard]] bool addsAFlow(const SyringeStroke& stroke, std::span<const SyringeStroke> earlier);

} // namespace fusain::lung

#include "core/lung/syringe.hpp"

#include <algorithm>

namespace fusain::lung {
namespace {

constexpr double slowestFlow = 0.5, fastestFlow = 12.0; // L/s
constexpr double apart = 1.5;

} // namespace

std::optional<SyringeStroke> strokeOf(std::span<const VolumeSample> samples) {
    if (samples.size() < 3)
        return std::nullopt;
    const double volume = samples.back().volume.value();
    const auto timeAt = [&](double part) {
        const auto reached = std::ranges::find_if(
            samples, [&](const VolumeSample& sample) { return sample.volume.value() >= part * volume; });
        return reached->time.value();
    };
    if (!(volume > 0.0))
        return std::nullopt;
    const double seconds = timeAt(0.9) - timeAt(0.1);
    if (!(seconds > 0.0))
        return std::nullopt;
    return SyringeStroke{Litres(volume), LitresPerSecond(0.8 * volume / seconds)};
}

bool addsAFlow(const SyringeStroke& stroke, std::span<const SyringeStroke> earlier) {
    const double flow = stroke.flow.value();
    return flow >= slowestFlow && flow <= fastestFlow &&
           std::ranges::all_of(earlier, [&](const SyringeStroke& other) {
               const double ratio = flow / other.flow.value();
               return ratio >= apart || ratio <= 1.0 / apart;
           });
}

} // namespace fusain::lung

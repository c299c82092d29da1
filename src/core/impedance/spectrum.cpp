#include "core/impedance/spectrum.hpp"

#include "core/base/message.hpp"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusain::impedance {
namespace {

constexpr double degreesPerRadian = 180.0 / std::numbers::pi;

} // namespace

std::string_view geometryName(ElectrodeGeometry geometry) {
    return geometry == ElectrodeGeometry::SupineGel ? FUSAIN_TEXT("lying, gel electrodes at wrist and ankle")
                                                    : FUSAIN_TEXT("standing, contacts under hands and feet");
}

Ohms magnitude(const Impedance& impedance) {
    return Ohms(std::hypot(impedance.resistance.value(), impedance.reactance.value()));
}

Degrees phaseAngle(const Impedance& impedance) {
    return Degrees(std::atan2(impedance.reactance.value(), impedance.resistance.value()) * degreesPerRadian);
}

Impedance fromPolar(Ohms magnitude, Degrees phase) {
    const double radians = phase.value() / degreesPerRadian;
    return {Ohms(magnitude.value() * std::cos(radians)), Ohms(magnitude.value() * std::sin(radians))};
}

Impedance parallelForm(const Impedance& series) {
    const double r = series.resistance.value(), x = series.reactance.value(), square = r * r + x * x;
    return {Ohms(square / r), Ohms(square / x)};
}

Impedance seriesForm(const Impedance& parallel) {
    const double r = parallel.resistance.value(), x = parallel.reactance.value(), square = r * r + x * x;
    return {Ohms(r * x * x / square), Ohms(r * r * x / square)};
}

double resistanceIndex(Metres height, Ohms resistance) {
    return centimetres(height) * centimetres(height) / resistance.value();
}

SpectrumPoint pointOf(Hertz frequency, const Impedance& impedance) {
    return {frequency, magnitude(impedance), impedance, std::nullopt};
}

SpectrumPoint magnitudePoint(Hertz frequency, Ohms magnitude) {
    return {frequency, magnitude, std::nullopt, std::nullopt};
}

const SpectrumPoint* Spectrum::at(Hertz frequency) const {
    const auto found = std::ranges::find_if(points, [&](const SpectrumPoint& point) {
        return std::abs(point.frequency.value() / frequency.value() - 1.0) <= 0.02;
    });
    return found == points.end() ? nullptr : &*found;
}

bool Spectrum::complete() const {
    return std::ranges::all_of(points, [](const SpectrumPoint& point) { return point.impedance.has_value(); });
}

const Spectrum* Sweep::of(Segment segment) const {
    const auto found = std::ranges::find(spectra, segment, &Spectrum::segment);
    return found == spectra.end() ? nullptr : &*found;
}

std::optional<Impedance> Sweep::standard(Segment segment) const {
    const Spectrum* spectrum = of(segment);
    const SpectrumPoint* point = spectrum ? spectrum->at(standardFrequency) : nullptr;
    return point ? point->impedance : std::nullopt;
}

Degrees phaseFromMagnitudes(const SpectrumPoint& below, const SpectrumPoint& above) {
    return Degrees(-90.0 * std::log(above.magnitude.value() / below.magnitude.value()) /
                   std::log(above.frequency.value() / below.frequency.value()));
}

} // namespace fusain::impedance

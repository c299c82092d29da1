#include "core/water/density.hpp"

#include "core/water/tank_filling.hpp"

namespace fusain::water {
namespace {

struct ValueAndSlope {
    double value;
    double slope;
};

// ρ = a5·[1 − (t + a1)²(t + a2) / (a3 (t + a4))], in kg/m³, with its derivative.
ValueAndSlope tanaka(double t) {
    constexpr double a1 = -3.983035, a2 = 301.797, a3 = 522528.9, a4 = 69.34881, a5 = 999.974950;
    const double u = t + a1, v = t + a2, w = a3 * (t + a4);
    const double ratio = u * u * v / w;
    const double slope = -a5 * ((2.0 * u * v + u * u) / w - ratio / (t + a4));
    return {a5 * (1.0 - ratio), slope};
}

} // namespace

KilogramsPerLitre densityTanaka2001(Celsius temperature) {
    return KilogramsPerLitre(tanaka(temperature.value()).value / 1000.0);
}

Measured<KilogramsPerLitre> densityTanaka2001(const Measured<Celsius>& temperature) {
    const auto [value, slope] = tanaka(temperature.estimate().value());
    return Measured<KilogramsPerLitre>(temperature.uncertain().mapped(value / 1000.0, slope / 1000.0));
}

KilogramsPerLitre densityKell1975(Celsius temperature) {
    const double t = temperature.value();
    const double numerator =
        999.83952 +
        t * (16.945176 + t * (-7.9870401e-3 + t * (-46.170461e-6 + t * (105.56302e-9 - t * 280.54253e-12))));
    return KilogramsPerLitre(numerator / (1.0 + 16.879850e-3 * t) / 1000.0);
}

TemperatureVerdict judgeTemperature(Celsius temperature) {
    const double t = temperature.value();
    if (!(t >= 20.0 && t <= 40.0))
        return TemperatureVerdict::Refused;
    return temperature >= leastComfortable && temperature <= mostComfortable ? TemperatureVerdict::Comfortable
                                                                             : TemperatureVerdict::Unusual;
}

} // namespace fusain::water

#include "core/gas/corrections.hpp"

#include <cmath>

namespace fusain::gas {

MillimetresOfMercury vapourPressureBuck1981(Celsius temperature) {
    const double t = temperature.value();
    return pressureFromHectopascals(6.1121 * std::exp(17.502 * t / (240.97 + t)));
}

MillimetresOfMercury vapourPressureAntoine(Celsius temperature) {
    return MillimetresOfMercury(std::pow(10.0, 8.10765 - 1750.286 / (235.0 + temperature.value())));
}

double btpsFromAtps(Celsius temperature, MillimetresOfMercury pressure) {
    const double barometric = pressure.value();
    return (barometric - vapourPressureBuck1981(temperature).value()) / (barometric - 47.0) * 310.0 /
           (273.0 + temperature.value());
}

double stpdFromAtps(Celsius temperature, MillimetresOfMercury pressure) {
    return (pressure.value() - vapourPressureBuck1981(temperature).value()) / 760.0 * 273.0 /
           (273.0 + temperature.value());
}

double btpsFromAtpd(Celsius temperature, MillimetresOfMercury pressure) {
    return pressure.value() / (pressure.value() - 47.0) * 310.0 / (273.0 + temperature.value());
}

} // namespace fusain::gas

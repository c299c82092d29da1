#include "core/lung/static_volumes.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::lung {
namespace {

constexpr bool between(double value, double low, double high) {
    return value >= low && value <= high;
}
constexpr Litres choose(Sex sex, double male, double female) {
    return Litres(sex == Sex::Male ? male : female);
}

bool crapoValid(Metres height, Years age) {
    return between(centimetres(height), 146.0, 200.0) && between(age.value(), 17.0, 90.0);
}

bool ecscValid(Sex sex, Metres height, Years age) {
    const bool tall =
        sex == Sex::Male ? between(height.value(), 1.55, 1.95) : between(height.value(), 1.45, 1.80);
    return tall && between(age.value(), 18.0, 70.0);
}

} // namespace

PredictedVolume residualVolumeCrapo1982(Sex sex, Metres height, Years age) {
    const double H = centimetres(height), A = age.value();
    return {choose(sex, 0.0216 * H + 0.0207 * A - 2.840, 0.0197 * H + 0.0201 * A - 2.421),
            choose(sex, 0.37, 0.38), crapoValid(height, age)};
}

PredictedVolume residualVolumeEcsc1993(Sex sex, Metres height, Years age) {
    const double H = height.value(), A = std::max(25.0, age.value());
    return {choose(sex, 1.31 * H + 0.022 * A - 1.23, 1.81 * H + 0.016 * A - 2.00), choose(sex, 0.41, 0.35),
            ecscValid(sex, height, age)};
}

PredictedVolume residualVolumeWilmore1969(Sex sex, Litres vitalCapacity, Years age) {
    return {vitalCapacity * (sex == Sex::Male ? 0.24 : 0.28), Litres(0.30),
            between(age.value(), 18.0, 34.0) && between(vitalCapacity.value(), 1.0, 9.0)};
}

PredictedVolume functionalResidualCapacityCrapo1982(Sex sex, Metres height, Years age) {
    const double H = centimetres(height), A = age.value();
    return {choose(sex, 0.0472 * H + 0.0090 * A - 5.290, 0.0360 * H + 0.0031 * A - 3.182),
            choose(sex, 0.72, 0.52), crapoValid(height, age)};
}

PredictedVolume functionalResidualCapacityEcsc1993(Sex sex, Metres height, Years age) {
    const double H = height.value(), A = std::max(25.0, age.value());
    return {choose(sex, 2.34 * H + 0.009 * A - 1.09, 2.24 * H + 0.001 * A - 1.00), choose(sex, 0.60, 0.50),
            ecscValid(sex, height, age)};
}

PredictedVolume totalLungCapacityCrapo1982(Sex sex, Metres height, Years age) {
    const double H = centimetres(height), A = age.value();
    return {choose(sex, 0.0795 * H + 0.0032 * A - 7.333, 0.0590 * H - 4.537), choose(sex, 0.79, 0.54),
            crapoValid(height, age)};
}

PredictedVolume totalLungCapacityEcsc1993(Sex sex, Metres height, Years age) {
    const double H = height.value();
    return {choose(sex, 7.99 * H - 7.08, 6.60 * H - 5.79), choose(sex, 0.70, 0.60),
            ecscValid(sex, height, age)};
}

PredictedVolume residualVolumePolgar1971(Sex, Metres height, Years age) {
    const Litres volume(0.0041e-3 * std::pow(centimetres(height), 2.41));
    return {volume, 0.25 * volume,
            between(centimetres(height), 110.0, 170.0) && between(age.value(), 5.0, 17.0)};
}

PredictedVolume forcedVitalCapacityCrapo1981(Sex sex, Metres height, Years age) {
    const double H = centimetres(height), A = age.value();
    return {choose(sex, 0.0600 * H - 0.0214 * A - 4.650, 0.0491 * H - 0.0216 * A - 3.590),
            choose(sex, 0.644, 0.393), crapoValid(height, age)};
}

PredictedVolume forcedVitalCapacityEcsc1993(Sex sex, Metres height, Years age) {
    const double H = height.value(), A = std::max(25.0, age.value());
    return {choose(sex, 5.76 * H - 0.026 * A - 4.34, 4.43 * H - 0.026 * A - 2.89), choose(sex, 0.61, 0.43),
            ecscValid(sex, height, age)};
}

PredictedVolume forcedVitalCapacityHankinson1999(Sex sex, Metres height, Years age) {
    const double H2 = centimetres(height) * centimetres(height), A = age.value();
    double volume = 0.0;
    if (sex == Sex::Male)
        volume = A >= 20.0 ? -0.1933 + 0.00064 * A - 0.000269 * A * A + 0.00018642 * H2
                           : -0.2584 - 0.20415 * A + 0.010133 * A * A + 0.00018642 * H2;
    else
        volume = A >= 18.0 ? -0.3560 + 0.01870 * A - 0.000382 * A * A + 0.00014815 * H2
                           : -1.2082 + 0.05916 * A + 0.00014815 * H2;
    const double belowMeanAtLowerLimit = (sex == Sex::Male ? 0.00002947 : 0.00002617) * H2;
    return {Litres(volume), Litres(belowMeanAtLowerLimit / 1.644853626951473),
            between(A, 8.0, 80.0) && between(centimetres(height), 110.0, 200.0)};
}

} // namespace fusain::lung

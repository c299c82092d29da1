#include "core/airdisplacement/body_volume.hpp"

namespace fusain::airdisplacement {

lung::PredictedVolume thoracicGasAdult(Sex sex, Metres height, Years age) {
    lung::PredictedVolume gas = lung::functionalResidualCapacityCrapo1982(sex, height, age);
    gas.volume += Litres(sex == Sex::Male ? 0.60 : 0.35);
    gas.standardError = Litres(0.44);
    return gas;
}

lung::PredictedVolume thoracicGasFields2004(Sex sex, Metres height, Years age) {
    const double H = centimetres(height), A = age.value();
    const bool male = sex == Sex::Male;
    const double volume =
        male ? 0.00056 * H * H - 0.12442 * H + 8.15194 : 0.00044 * H * H - 0.09220 * H + 6.00305;
    return {Litres(volume), Litres(0.30), A >= 6.0 && A < 18.0 && H >= (male ? 111.0 : 105.0) && H <= 200.0};
}

} // namespace fusain::airdisplacement

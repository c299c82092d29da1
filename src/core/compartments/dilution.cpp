#include "core/compartments/dilution.hpp"

#include "core/base/message.hpp"
#include "core/compartments/multi_component.hpp"

namespace fusain::compartments {
namespace {

constexpr double molarMassOfWater = 18.015;

constexpr double molarMassOf(Tracer tracer) {
    return tracer == Tracer::Deuterium ? 20.028 : 20.015;
}

} // namespace

std::string_view tracerText(Tracer tracer) {
    return tracer == Tracer::Deuterium ? FUSAIN_TEXT("deuterium") : FUSAIN_TEXT("oxygen-18");
}

Litres bodyWater(const Dilution& dilution) {
    const double rise = 1e-6 * (dilution.after - dilution.before);
    // A molecule of ²H₂O brings as many atoms of its element as one of water has, and so does H₂¹⁸O.
    const double perKilogram = dilution.unit == Enrichment::MilligramsPerKilogram
                                   ? 1.0
                                   : molarMassOfWater / molarMassOf(dilution.tracer);
    return Litres(perKilogram * dilution.dose.value() / rise / overfill(dilution.tracer) / waterDensity);
}

Measured<Litres> bodyWaterByDilution(Litres water) {
    return {water, Source::DilutionWater, dilutionWaterError};
}

} // namespace fusain::compartments

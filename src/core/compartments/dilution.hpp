#pragma once
#include "core/numeric/measured.hpp"
#include "core/units/units.hpp"

#include <string_view>

namespace fusain::compartments {

/// A tracer that mixes with the water of the body.
enum class Tracer { Deuterium, Oxygen18 };
/// How enrichment is given: mass of the tracer water in the sample's water, or tracer atoms among those of its
/// element.
enum class Enrichment { MilligramsPerKilogram, AtomsPerMillion };

/// What a dilution rests on.
struct Dilution {
    Tracer tracer = Tracer::Deuterium;
    Kilograms dose; ///< of pure tracer water (²H₂O or H₂¹⁸O), 0 … 0.2
    Enrichment unit = Enrichment::MilligramsPerKilogram;
    double before = 0.0; ///< in `unit`, ≥ 0
    double after = 0.0;  ///< at equilibrium, above `before`
};

/// How far the tracer's space is larger than the water: it exchanges with other hydrogen and oxygen as well.
/// @par Source Racette SB et al (1994), Am J Physiol 267:E585-E590: 1.041 for hydrogen, 1.007 for oxygen.
[[nodiscard]] constexpr double overfill(Tracer tracer) {
    return tracer == Tracer::Deuterium ? 1.041 : 1.007;
}
[[nodiscard]] std::string_view tracerText(Tracer tracer);

/// Standard error of body water by dilution in one person, L: dose, enrichments and space together. An
/// engineering choice within the 1 to 2 % of repeated dilutions; to be confirmed.
inline constexpr Litres dilutionWaterError{0.6};

/// Body water from a dilution: dose over the rise of the enrichment, without what the tracer's space is too
/// large. Conservation of the tracer; molar masses of water 18.015, ²H₂O 20.028, H₂¹⁸O 20.015 g/mol.
/// @return L at body temperature; not finite without a rise
[[nodiscard]] Litres bodyWater(const Dilution& dilution);
[[nodiscard]] Measured<Litres> bodyWaterByDilution(Litres water);

} // namespace fusain::compartments

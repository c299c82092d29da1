#pragma once
#include "core/impedance/cole.hpp"

namespace fusain::impedance {

/// Water outside and inside the cells by mixture theory: cells are insulators in a conducting fluid at low
/// frequency, and conduct themselves at high frequency. Each method has its own resistivities; they are never
/// mixed, and a ratio by one method is never held against a threshold of another.
enum class FluidMethod {
    Moissl2006,    ///< coefficients by body mass index
    DeLorenzo1997, ///< Hanai's mixture, solved for the ratio
    Matthie2005    ///< second generation; constants to be confirmed against the source
};
[[nodiscard]] std::string_view fluidMethodTitle(FluidMethod method);
[[nodiscard]] std::string_view fluidMethodId(FluidMethod method); ///< "moissl-2006" …
[[nodiscard]] std::optional<FluidMethod> fluidMethodFromId(std::string_view id);

struct FluidSubject {
    Sex sex = Sex::Female;
    Metres height{0.0};
    Kilograms mass{0.0};
};

struct Fluids {
    FluidMethod method = FluidMethod::Moissl2006;
    Litres extracellular{0.0};
    Litres intracellular{0.0};
    Litres extracellularError{0.0}, intracellularError{0.0}; ///< from the arc alone; 0 when it is not known
    Litres totalError{0.0};
    [[nodiscard]] Litres total() const { return extracellular + intracellular; }
    /// Water outside the cells as a fraction of all water.
    [[nodiscard]] double extracellularFraction() const { return extracellular / total(); }
};

/// @param zero R0 (= R_E), Ω  @param infinite R∞, Ω, smaller than R0; wrist to ankle, lying
/// @par Source Moissl UM et al (2006), Physiol Meas 27:921-933: V = k·(H²√W/R)^⅔ with k_E = 0.188/BMI + 0.2883
/// and k_I = 5.8758/BMI + 0.4194; De Lorenzo A et al (1997), J Appl Physiol 82:1542-1558: k_E 0.306 (men),
/// 0.316, (1 + V_I/V_E)^2.5 = (R_E + R_I)/R_I·(1 + k_ρ·V_I/V_E), k_ρ 3.82 (men), 3.40; Matthie JR (2005), J
/// Appl Physiol 99:780-781.
[[nodiscard]] Fluids fluidsFrom(FluidMethod method, const FluidSubject& subject, Ohms zero, Ohms infinite);

/// The same with the errors of the fitted arc, propagated to first order (R0 and R∞ are correlated).
[[nodiscard]] Fluids fluidsFrom(FluidMethod method, const FluidSubject& subject, const ColeFit& fit);

/// Hydration of the fat-free mass: water over fat-free mass.
/// @return usual band of the adult or child: 0.70 … 0.76 for adults (mean 0.732)
struct HydrationBand {
    double low, high;
};
/// @par Source adults: Wang Z et al (1999), Am J Clin Nutr 69:833-841; children: Wells JCK et al (2010), Am J
/// Clin Nutr 91:610-618 (grade B)
[[nodiscard]] HydrationBand usualHydration(Years age);

} // namespace fusain::impedance

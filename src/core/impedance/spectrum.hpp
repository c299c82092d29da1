#pragma once
#include "core/anthropometry/segment.hpp"
#include "core/units/units.hpp"

#include <array>
#include <complex>
#include <optional>
#include <span>
#include <string_view>
#include <vector>

namespace fusain::impedance {

using anthropometry::isArm;
using anthropometry::isLeg;
using anthropometry::Segment;
using anthropometry::segmentFromKey;
using anthropometry::segmentKey;
using anthropometry::segmentName;
using anthropometry::segments;

/// Where and how the electrodes touch. An equation made for one geometry is wrong for the other by kilograms.
enum class ElectrodeGeometry {
    SupineGel,      ///< gel electrodes at wrist and ankle, lying
    StandingContact ///< metal contacts under hands and feet, standing
};
[[nodiscard]] std::string_view geometryName(ElectrodeGeometry geometry);

/// A series impedance R − jXc; the reactance is entered positive.
struct Impedance {
    Ohms resistance{0.0};
    Ohms reactance{0.0};
    [[nodiscard]] std::complex<double> complex() const { return {resistance.value(), -reactance.value()}; }
    friend bool operator==(const Impedance&, const Impedance&) = default;
};
[[nodiscard]] inline Impedance impedanceOf(std::complex<double> z) {
    return {Ohms(z.real()), Ohms(-z.imag())};
}

/// |Z| = √(R² + Xc²), Ω.
[[nodiscard]] Ohms magnitude(const Impedance& impedance);
/// Phase angle atan(Xc/R), degrees, −180 … 180; positive for a capacitive body.
/// @par Source Baumgartner RN, Chumlea WC, Roche AF (1988), Am J Clin Nutr 48:16-23.
[[nodiscard]] Degrees phaseAngle(const Impedance& impedance);
/// R = |Z|·cos φ, Xc = |Z|·sin φ.
[[nodiscard]] Impedance fromPolar(Ohms magnitude, Degrees phase);
/// The parallel form of the same impedance: Rp = (R² + Xc²)/R, Xp = (R² + Xc²)/Xc. R and Xc not 0.
[[nodiscard]] Impedance parallelForm(const Impedance& series);
/// Back to the series form: R = Rp·Xp²/(Rp² + Xp²), Xc = Rp²·Xp/(Rp² + Xp²).
[[nodiscard]] Impedance seriesForm(const Impedance& parallel);
/// H²/R in cm²/Ω. @param resistance Ω, above 0
[[nodiscard]] double resistanceIndex(Metres height, Ohms resistance);

/// One reading of a spectrum: the magnitude always, both parts where the analyzer gives them.
struct SpectrumPoint {
    Hertz frequency{0.0};
    Ohms magnitude{0.0};
    std::optional<Impedance> impedance;
    std::optional<double> scatter; ///< relative standard deviation of the readings averaged, where it is known
    friend bool operator==(const SpectrumPoint&, const SpectrumPoint&) = default;
};
[[nodiscard]] SpectrumPoint pointOf(Hertz frequency, const Impedance& impedance);
[[nodiscard]] SpectrumPoint magnitudePoint(Hertz frequency, Ohms magnitude);

/// The readings of one segment, rising in frequency.
struct Spectrum {
    Segment segment = Segment::WholeBody;
    std::vector<SpectrumPoint> points;
    /// The point within 2 % of a frequency.
    [[nodiscard]] const SpectrumPoint* at(Hertz frequency) const;
    /// True when every point has both parts.
    [[nodiscard]] bool complete() const;
};
inline constexpr Hertz standardFrequency{50000.0};

/// All that one run of the analyzer gave: spectra of the whole body, of segments, or both.
struct Sweep {
    std::vector<Spectrum> spectra;
    std::optional<SpectrumPoint> closing; ///< the whole body at 50 kHz once more, at the end of the sweep
    [[nodiscard]] const Spectrum* of(Segment segment) const;
    /// Both parts at 50 kHz, where the segment has them.
    [[nodiscard]] std::optional<Impedance> standard(Segment segment) const;
};

/// Phase that a passive tissue would have between two magnitudes: −90°·d ln|Z|/d ln f. Good to 10–20 %, so a
/// plausibility only.
[[nodiscard]] Degrees phaseFromMagnitudes(const SpectrumPoint& below, const SpectrumPoint& above);

} // namespace fusain::impedance

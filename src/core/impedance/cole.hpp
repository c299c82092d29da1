#pragma once
#include "core/base/message.hpp"
#include "core/impedance/spectrum.hpp"

namespace fusain::impedance {

/// The Cole model of a spectrum with the delay of leads and analyzer:
/// Z(f) = (R∞ + (R0 − R∞)/(1 + (jf/fc)^a))·exp(−j2πf·Td).
///
/// The exponent is stored as a: 1 for an ideal capacitor, about 0.7 for a body (1941 it was written as 1 − α).
/// @par Source Cole KS, Cole RH (1941), J Chem Phys 9:341-351; De Lorenzo A et al (1997), J Appl Physiol
/// 82:1542-1558.
struct ColeModel {
    Ohms zeroResistance{0.0};            ///< R0: the extracellular water alone
    Ohms infiniteResistance{0.0};        ///< R∞: all water
    double exponent = 0.7;               ///< a
    Hertz characteristicFrequency{40e3}; ///< fc: where the reactance is greatest
    Seconds delay{0.0};                  ///< Td
    /// R_I = R0·R∞/(R0 − R∞): the water in the cells, in parallel with the rest.
    [[nodiscard]] Ohms intracellularResistance() const;
    [[nodiscard]] Impedance at(Hertz frequency) const;
    /// Greatest reactance ½(R0 − R∞)·tan(aπ/4), Ω.
    [[nodiscard]] Ohms greatestReactance() const;
    /// Effective membrane capacitance 1/(2πfc·(R0 + R_I)), farad.
    [[nodiscard]] double membraneCapacitance() const;
};

/// What a fit has to show before its numbers are believed. Engineering choices of this program; a lab sets its
/// own.
struct FitLimits {
    double good = 0.005, acceptable = 0.010; ///< relative root mean square error
    double outlierFraction = 0.15;
    double leastRatio = 0.50, mostRatio = 0.90; ///< R∞/R0
    double leastExponent = 0.55, mostExponent = 0.85;
    Hertz lowestFrequency{15e3}, highestFrequency{150e3};                ///< fc
    double zeroResistanceError = 0.005, infiniteResistanceError = 0.010; ///< relative
    Seconds longestDelay{50e-9};
    double standardPoint = 0.005; ///< relative, model against the reading at 50 kHz
    /// The limits of a segment: a trunk has a lower ratio and a higher frequency than limbs and whole bodies.
    [[nodiscard]] static FitLimits of(Segment segment);
};

enum class FitVerdict { Good, Acceptable, Rejected };

struct ColeFit {
    ColeModel model;
    Ohms zeroResistanceError{0.0}, infiniteResistanceError{0.0}, intracellularResistanceError{0.0};
    double exponentError = 0.0;
    Hertz characteristicFrequencyError{0.0};
    Seconds delayError{0.0};
    double resistanceCovariance = 0.0; ///< of R0 and R∞, Ω²
    double rootMeanSquareError = 0.0;  ///< relative, of the points that count
    int degreesOfFreedom = 0;
    bool magnitudeOnly = false;    ///< no reactances: the errors are larger and the delay is not seen
    std::vector<double> residuals; ///< relative |ΔZ|/|Z|, one a point, as given
    std::vector<Hertz> outliers;   ///< frequencies left out
    FitVerdict verdict = FitVerdict::Rejected;
    std::vector<Message> remarks; ///< why it is not good
    /// Factor from a standard error to the half-width of its 95 % interval.
    [[nodiscard]] double intervalFactor() const;
};

/// Fits the model by least squares of relative residuals. Where any of them is above 0.4 %, it is reweighted
/// against outliers: four passes with Huber's weights (2σ), then Tukey's (6σ); a point with more than 4σ and
/// 0.4 % is left out, and the rest is fitted once more without weights, so that the standard errors are the
/// usual ones.
/// @param points at least 5 with both parts, or at least 6 magnitudes; frequencies 1 kHz … 1 MHz, rising
/// @return nothing when there are too few points or no arc can be found
/// @par Source the delay: De Lorenzo A et al (1997), J Appl Physiol 82:1542-1558; magnitude only:
/// Ward LC, Essex T, Cornish BH (2006), Physiol Meas 27:839-850.
[[nodiscard]] std::optional<ColeFit> fitCole(std::span<const SpectrumPoint> points,
                                             const FitLimits& limits = {});

} // namespace fusain::impedance

#pragma once
#include "core/base/message.hpp"
#include "core/impedance/spectrum.hpp"

#include <string>

namespace fusain::impedance {

/// The impedance vector of a whole body, standardized by height: R/H and Xc/H in Ω/m.
struct BodyVector {
    double resistance = 0.0; ///< R/H
    double reactance = 0.0;  ///< Xc/H
};
[[nodiscard]] BodyVector vectorOf(const Impedance& impedance, Metres height);

/// The vectors of a population, one sex: means, standard deviations (Ω/m) and correlation.
struct VectorReference {
    std::string title;
    std::string citation;
    Sex sex = Sex::Female;
    BodyVector mean;
    BodyVector deviation;
    double correlation = 0.0;
    int people = 0;
    char grade = 'A'; ///< 'B': to be confirmed against the source
};

/// The shipped references. @par Source Piccoli A et al (1995), Am J Clin Nutr 61:269-270; the correlations are
/// to be confirmed against the source, so the ellipses carry that mark.
[[nodiscard]] std::span<const VectorReference> vectorReferences();
[[nodiscard]] const VectorReference* vectorReferenceFor(Sex sex);
/// The lab's own people as a reference. @param vectors at least 10 @return nothing for fewer
[[nodiscard]] std::optional<VectorReference> ownReference(std::span<const BodyVector> vectors, Sex sex,
                                                          const std::string& title);

/// Squared distance of a vector from the mean in units of the population: T² = (a² − 2rab + b²)/(1 − r²).
[[nodiscard]] double distanceSquared(const BodyVector& vector, const VectorReference& reference);
/// Part of the population that lies nearer to the mean: 1 − exp(−T²/2).
[[nodiscard]] double populationInside(const BodyVector& vector, const VectorReference& reference);

/// An ellipse in the R/H–Xc/H plane.
struct VectorEllipse {
    BodyVector centre;
    double majorAxis = 0.0, minorAxis = 0.0; ///< semi-axes, Ω/m
    double tilt = 0.0;                       ///< radians from the R/H axis
};
/// Where a part `probability` (0 … 1) of single people of the population lies. With `forSmallSample` the factor
/// is that of a tolerance region for a reference of this size, else the asymptotic one.
/// @par Source Piccoli A et al (1994), Kidney Int 46:534-539.
[[nodiscard]] VectorEllipse toleranceEllipse(const VectorReference& reference, double probability,
                                             bool forSmallSample = false);
/// Where the mean of the population lies with that probability.
[[nodiscard]] VectorEllipse confidenceEllipse(const VectorReference& reference, double probability);

/// How two populations differ: Mahalanobis distance, Hotelling's T², its F statistic and probability.
struct GroupDifference {
    double distance = 0.0, tSquared = 0.0, f = 0.0, probability = 1.0;
};
[[nodiscard]] GroupDifference compareGroups(const VectorReference& a, const VectorReference& b);

/// What the way from one vector to another means; along the long axis of the reference fluid, across it cells.
enum class Migration { None, MoreFluid, LessFluid, MoreCells, FewerCells };
/// @param least distance in units of the population below which nothing is said; 0.25 is a third of what
/// separates neighbours
[[nodiscard]] Migration migration(const BodyVector& from, const BodyVector& to,
                                  const VectorReference& reference, double least = 0.25);
/// In words, marked for translation.
[[nodiscard]] std::string_view migrationText(Migration migration);
/// Where the vector lies, in words.
[[nodiscard]] Message placeInWords(const BodyVector& vector, const VectorReference& reference);

} // namespace fusain::impedance

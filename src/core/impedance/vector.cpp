#include "core/impedance/vector.hpp"

#include "core/numeric/statistics.hpp"
#include "core/units/format.hpp"

#include <algorithm>
#include <boost/math/distributions/fisher_f.hpp>
#include <cmath>

namespace fusain::impedance {
namespace {

struct Standardized {
    double a, b;
};

Standardized standardized(const BodyVector& vector, const VectorReference& reference) {
    return {(vector.resistance - reference.mean.resistance) / reference.deviation.resistance,
            (vector.reactance - reference.mean.reactance) / reference.deviation.reactance};
}

VectorEllipse ellipseWith(const VectorReference& reference, double k) {
    const double s1 = reference.deviation.resistance, s2 = reference.deviation.reactance,
                 r = reference.correlation;
    const double sum = s1 * s1 + s2 * s2, difference = s1 * s1 - s2 * s2;
    const double root = std::sqrt(difference * difference + 4.0 * r * r * s1 * s1 * s2 * s2);
    return {reference.mean, std::sqrt(k * 0.5 * (sum + root)), std::sqrt(k * 0.5 * (sum - root)),
            0.5 * std::atan2(2.0 * r * s1 * s2, difference)};
}

// Quantile of F with two and m degrees of freedom, in closed form.
double quantileF2(double probability, double m) {
    return 0.5 * m * (std::pow(1.0 - probability, -2.0 / m) - 1.0);
}

} // namespace

BodyVector vectorOf(const Impedance& impedance, Metres height) {
    return {impedance.resistance.value() / height.value(), impedance.reactance.value() / height.value()};
}

std::span<const VectorReference> vectorReferences() {
    static const std::array references{VectorReference{"Piccoli 1995, men",
                                                       "Piccoli A et al (1995), Am J Clin Nutr 61:269-270",
                                                       Sex::Male,
                                                       {298.6, 30.8},
                                                       {43.2, 7.2},
                                                       0.47,
                                                       354,
                                                       'B'},
                                       VectorReference{"Piccoli 1995, women",
                                                       "Piccoli A et al (1995), Am J Clin Nutr 61:269-270",
                                                       Sex::Female,
                                                       {371.9, 34.4},
                                                       {49.0, 7.7},
                                                       0.41,
                                                       372,
                                                       'B'}};
    return references;
}

const VectorReference* vectorReferenceFor(Sex sex) {
    const auto found = std::ranges::find(vectorReferences(), sex, &VectorReference::sex);
    return &*found;
}

std::optional<VectorReference> ownReference(std::span<const BodyVector> vectors, Sex sex,
                                            const std::string& title) {
    if (vectors.size() < 10)
        return std::nullopt;
    std::vector<double> resistances, reactances;
    for (const BodyVector& vector : vectors) {
        resistances.push_back(vector.resistance);
        reactances.push_back(vector.reactance);
    }
    VectorReference own{title,
                        {},
                        sex,
                        {statistics::mean(resistances), statistics::mean(reactances)},
                        {statistics::standardDeviation(resistances), statistics::standardDeviation(reactances)},
                        0.0,
                        static_cast<int>(vectors.size()),
                        'A'};
    if (!(own.deviation.resistance > 0.0 && own.deviation.reactance > 0.0))
        return std::nullopt;
    for (const BodyVector& vector : vectors) {
        const auto [a, b] = standardized(vector, own);
        own.correlation += a * b / static_cast<double>(vectors.size() - 1);
    }
    return std::abs(own.correlation) < 0.999 ? std::optional(own) : std::nullopt;
}

double distanceSquared(const BodyVector& vector, const VectorReference& reference) {
    const auto [a, b] = standardized(vector, reference);
    const double r = reference.correlation;
    return (a * a - 2.0 * r * a * b + b * b) / (1.0 - r * r);
}

double populationInside(const BodyVector& vector, const VectorReference& reference) {
    return 1.0 - std::exp(-0.5 * distanceSquared(vector, reference));
}

VectorEllipse toleranceEllipse(const VectorReference& reference, double probability, bool forSmallSample) {
    const double n = reference.people;
    return ellipseWith(reference, forSmallSample ? 2.0 * (n - 1.0) * (n + 1.0) / (n * (n - 2.0)) *
                                                       quantileF2(probability, n - 2.0)
                                                 : -2.0 * std::log(1.0 - probability));
}

VectorEllipse confidenceEllipse(const VectorReference& reference, double probability) {
    const double n = reference.people;
    return ellipseWith(reference, 2.0 * (n - 1.0) / (n * (n - 2.0)) * quantileF2(probability, n - 2.0));
}

GroupDifference compareGroups(const VectorReference& a, const VectorReference& b) {
    const double n1 = a.people, n2 = b.people;
    const auto pooled = [&](double x, double y) { return ((n1 - 1.0) * x + (n2 - 1.0) * y) / (n1 + n2 - 2.0); };
    const double s11 = pooled(a.deviation.resistance * a.deviation.resistance,
                              b.deviation.resistance * b.deviation.resistance),
                 s22 = pooled(a.deviation.reactance * a.deviation.reactance,
                              b.deviation.reactance * b.deviation.reactance),
                 s12 = pooled(a.correlation * a.deviation.resistance * a.deviation.reactance,
                              b.correlation * b.deviation.resistance * b.deviation.reactance);
    const double d1 = a.mean.resistance - b.mean.resistance, d2 = a.mean.reactance - b.mean.reactance;
    const double square = (d1 * d1 * s22 - 2.0 * d1 * d2 * s12 + d2 * d2 * s11) / (s11 * s22 - s12 * s12);
    GroupDifference found;
    found.distance = std::sqrt(square);
    found.tSquared = n1 * n2 / (n1 + n2) * square;
    found.f = (n1 + n2 - 3.0) / (2.0 * (n1 + n2 - 2.0)) * found.tSquared;
    found.probability = boost::math::cdf(
        boost::math::complement(boost::math::fisher_f_distribution<double>(2.0, n1 + n2 - 3.0), found.f));
    return found;
}

Migration migration(const BodyVector& from, const BodyVector& to, const VectorReference& reference,
                    double least) {
    const VectorEllipse unit = ellipseWith(reference, 1.0);
    const double dx = to.resistance - from.resistance, dy = to.reactance - from.reactance;
    const double along = (dx * std::cos(unit.tilt) + dy * std::sin(unit.tilt)) / unit.majorAxis;
    const double across = (dy * std::cos(unit.tilt) - dx * std::sin(unit.tilt)) / unit.minorAxis;
    if (std::hypot(along, across) < least)
        return Migration::None;
    if (std::abs(along) >= std::abs(across))
        return along < 0.0 ? Migration::MoreFluid : Migration::LessFluid;
    return across > 0.0 ? Migration::MoreCells : Migration::FewerCells;
}

std::string_view migrationText(Migration migration) {
    switch (migration) {
    case Migration::None:
        return FUSAIN_TEXT("no change that means anything");
    case Migration::MoreFluid:
        return FUSAIN_TEXT("shorter: more fluid");
    case Migration::LessFluid:
        return FUSAIN_TEXT("longer: less fluid");
    case Migration::MoreCells:
        return FUSAIN_TEXT("steeper: more cell mass");
    case Migration::FewerCells:
        return FUSAIN_TEXT("flatter: less cell mass");
    }
    return "";
}

Message placeInWords(const BodyVector& vector, const VectorReference& reference) {
    const double inside = populationInside(vector, reference);
    const std::vector<std::string> arguments{fixed(100.0 * inside, 0), reference.title};
    if (inside <= 0.50)
        return {FUSAIN_TEXT("The vector is in the middle half of {2}."), arguments};
    const Migration way = migration(reference.mean, vector, reference, 0.0);
    std::string_view words =
        FUSAIN_TEXT("The vector is outside the middle half of {2} ({1} % are nearer to the "
                    "mean), towards more fluid or a larger body.");
    if (way == Migration::LessFluid)
        words =
            FUSAIN_TEXT("The vector is outside the middle half of {2} ({1} % are nearer to the mean), towards "
                        "less fluid or a slighter body.");
    if (way == Migration::MoreCells)
        words =
            FUSAIN_TEXT("The vector is outside the middle half of {2} ({1} % are nearer to the mean), towards "
                        "more cell mass.");
    if (way == Migration::FewerCells)
        words =
            FUSAIN_TEXT("The vector is outside the middle half of {2} ({1} % are nearer to the mean), towards "
                        "less cell mass.");
    return {std::string(words), arguments};
}

} // namespace fusain::impedance

#pragma once
#include "procedure/all/computed.hpp"
#include "procedure/method/precision.hpp"

#include <cmath>

namespace fusain {

/// One result as far as it is compared with others.
struct Outcome {
    Instant at;
    Kilograms mass;
    compartments::Composition composition;
    std::string conversion;
    std::string setting; ///< of the instrument
};
/// @return nothing for a test that gives no fat, such as standing contacts without an equation of their own
[[nodiscard]] std::optional<Outcome> outcomeOf(const ComputedTest& test);

/// A change between two tests, judged against what the two tests can tell apart.
struct Change {
    double difference = 0.0;
    double leastSignificant = 0.0; ///< 95 %, from both standard errors without what the two tests share
    [[nodiscard]] bool real() const { return std::abs(difference) > leastSignificant; }
    /// How likely the person changed in the direction of the difference, 0.5 … 1: Φ(|difference| over its
    /// standard error), from the same errors as the limit.
    [[nodiscard]] double directionProbability() const;
};

/// A value with the standard error of one visit about the same person's other visits.
struct FollowedValue {
    double value = 0.0;
    double visitError = 0.0;
    Uncertain shares{0.0}; ///< what else is unsure about it, by source; without them where it is not known
    /// Half of the 95 % interval about the truth; that of a visit where nothing else is known.
    [[nodiscard]] double halfInterval() const;
};
/// @param own the lab's measured precision; where it is known it takes the place of what it measured: one
/// between days of both, one of the same day of the readings only
template <class Q>
[[nodiscard]] FollowedValue followed(const Measured<Q>& value, const std::optional<StudiedError>& own = {}) {
    return {value.estimate().value(), visitError(value.uncertain(), own), value.uncertain()};
}
/// Two values by one method and equation: what is the same in both is no part of the change; the readings and
/// the days of both count.
[[nodiscard]] Change changeBetween(const FollowedValue& before, const FollowedValue& now);

/// A usual pace of losing fat, kg a week, for asking when a test could see it. A convention.
inline constexpr double usualPace = 0.25;
/// The least fat that two tests like this one can tell apart, kg.
[[nodiscard]] double leastVisibleFat(const Outcome& outcome, const LabPrecision& own = {});
/// Weeks until a further test can show fat going at a pace, from the precision of this one; 2 … 26: sooner,
/// food and water change more than tissue.
/// @param pace kg a week, above 0
[[nodiscard]] int weeksToNextTest(const Outcome& outcome, const LabPrecision& own = {},
                                  double pace = usualPace);
/// The same moment so many weeks on.
[[nodiscard]] Instant weeksAfter(Instant instant, int weeks);

} // namespace fusain

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
/// Why no change is computed between two results; nothing when one may be.
[[nodiscard]] std::optional<Message> obstacleToChange(const Outcome& earlier, const Outcome& now);
/// Standard error that the person's own errors leave in a change: nothing of what is the same in both.
[[nodiscard]] double personErrorOfChange(const Uncertain& before, const Uncertain& after, bool sameEquation);

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

/// Change of fat percent, fat mass and fat-free mass from an earlier result.
///
/// What the same person has again by the same method and equation cancels as far as it is the same in both; the
/// readings and the days of both count. A lab's own study takes the place of what it measured: one between days
/// of both, one of the same day of the readings only.
struct Changes {
    Change fatPercent, fatMass, fatFreeMass;
};
/// @param own the lab's measured precision; where it is known it takes the place of the error model
[[nodiscard]] Changes changesSince(const Outcome& earlier, const Outcome& now, const LabPrecision& own = {});

/// A usual pace of losing fat, kg a week, for asking when a test could see it. A convention.
inline constexpr double usualPace = 0.25;
/// Weeks until a further test can show fat going at a pace, from the precision of this one; 2 … 26: sooner,
/// food and water change more than tissue.
/// @param pace kg a week, above 0
[[nodiscard]] int weeksToNextTest(const Outcome& outcome, const LabPrecision& own = {},
                                  double pace = usualPace);
/// The same moment so many weeks on.
[[nodiscard]] Instant weeksAfter(Instant instant, int weeks);

} // namespace fusain

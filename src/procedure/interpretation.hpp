#pragma once
#include "core/reference/reference_set.hpp"
#include "procedure/computed_test.hpp"
#include "procedure/quality_review.hpp"

#include <cmath>

namespace fusain {

/// One result as far as it is compared with others.
struct Outcome {
    Instant at;
    Kilograms mass;
    compartments::Composition composition;
    std::vector<Source> repeated;
    std::string conversion;
    std::string setting; ///< of the instrument
};
/// Why no change is computed between two results; nothing when one may be.
[[nodiscard]] std::optional<Message> obstacleToChange(const Outcome& earlier, const Outcome& now);
/// @return nothing for a test that gives no fat, such as standing contacts without an equation of their own
[[nodiscard]] std::optional<Outcome> outcomeOf(const ComputedTest& test);

/// A change between two tests, judged against what the two tests can tell apart.
struct Change {
    double difference = 0.0;
    double leastSignificant = 0.0; ///< 95 %, from both standard errors without what the two tests share
    [[nodiscard]] bool real() const { return std::abs(difference) > leastSignificant; }
};

/// Change of fat percent, fat mass and fat-free mass from an earlier result.
///
/// A lung volume predicted, or an equation used, in both tests is the same error twice and cancels; it is left
/// out of the limit. A lab's own precision study replaces this limit.
struct Changes {
    Change fatPercent, fatMass, fatFreeMass;
};
/// @param own the lab's measured precision; where it is known it takes the place of the error model
[[nodiscard]] Changes changesSince(const Outcome& earlier, const Outcome& now, const LabPrecision& own = {});

/// Fat-led, even or muscle-led: which of the two indices is further from the middle of its reference.
enum class WeightPattern { FatLed, Even, MuscleLed, Unknown };
[[nodiscard]] WeightPattern weightPattern(const compartments::Composition& composition,
                                          const reference::ReferenceSet* fatMassIndex,
                                          const reference::ReferenceSet* fatFreeMassIndex,
                                          const TestSubject& subject);
[[nodiscard]] std::string_view patternText(WeightPattern pattern);

/// What the physiologist can say, most important first: where the result lies, what changed, what disturbed it.
[[nodiscard]] std::vector<Message> findings(const ComputedTest& test,
                                            const reference::ReferenceSet* fatReference,
                                            const std::optional<Outcome>& earlier,
                                            const std::optional<Outcome>& baseline = {},
                                            const LabPrecision& own = {});

/// How this test's preparation differs from an earlier one's where that could explain a change: the time of
/// day, and what was kept then and is not kept now, with the direction of its effect on the fat estimate and
/// its size.
[[nodiscard]] std::vector<Message> preparationDifferences(const RawTest& now, const RawTest& earlier,
                                                          const Protocol& protocol);

/// A result of another method on the same day, and how it compares.
struct OtherMethod {
    std::string_view method; ///< "hydrostatic", "air-displacement"
    Percent fatPercent;
    double difference = 0.0;   ///< this test minus the other, %fat points
    double halfInterval = 0.0; ///< 95 %, both errors together
    Message likelyCause;       ///< from variance budgets and deviations; empty when they agree
    [[nodiscard]] bool agrees() const { return std::abs(difference) <= halfInterval; }
};
/// Compares two results of one day. Between the tank and the chamber the fat-free density of the person is the
/// same and does not count.
/// @return nothing when one of them gives no fat
[[nodiscard]] std::optional<OtherMethod> compareMethods(const ComputedTest& test, const ComputedTest& other);

/// Months until a further test can show a realistic change (0.5 %fat a month), from the precision of this one;
/// 2 … 6.
[[nodiscard]] int monthsToNextTest(const Outcome& outcome);

} // namespace fusain

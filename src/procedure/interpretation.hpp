#pragma once
#include "core/reference/reference_set.hpp"
#include "procedure/hydrostatic_result.hpp"

namespace fusain {

/// An earlier result to compare with.
struct EarlierResult {
    Instant at;
    Kilograms mass;
    Percent fatPercent;
    Percent fatPercentError;
    Kilograms fatMass;
    Kilograms fatMassError;
    Kilograms fatFreeMass;
    Kilograms fatFreeMassError;
    bool residualVolumeMeasured = false;
};

/// A change between two tests, judged against what the two tests can tell apart.
struct Change {
    double difference = 0.0;
    double leastSignificant = 0.0; ///< 95 %, from both standard errors without what the two tests share
    [[nodiscard]] bool real() const { return std::abs(difference) > leastSignificant; }
};

/// Change of fat percent, fat mass and fat-free mass from an earlier result.
///
/// A residual volume predicted in both tests is the same error twice and cancels; it is left out of the limit.
/// A lab's own precision study will replace this limit when it exists.
struct Changes {
    Change fatPercent, fatMass, fatFreeMass;
};
[[nodiscard]] Changes changesSince(const EarlierResult& earlier, const HydrostaticResult& now);

/// Fat-led, even or muscle-led: which of the two indices is further from the middle of its reference.
enum class WeightPattern { FatLed, Even, MuscleLed, Unknown };
[[nodiscard]] WeightPattern weightPattern(const HydrostaticResult& result,
                                          const reference::ReferenceSet* fatMassIndex,
                                          const reference::ReferenceSet* fatFreeMassIndex,
                                          const TestSubject& subject);
[[nodiscard]] std::string_view patternText(WeightPattern pattern);

/// What the physiologist can say, most important first: where the result lies, what changed, what disturbed it.
[[nodiscard]] std::vector<Message> findings(const HydrostaticTest& test, const HydrostaticResult& result,
                                            const reference::ReferenceSet* fatReference,
                                            const std::optional<EarlierResult>& earlier,
                                            const std::optional<EarlierResult>& baseline = {});

/// Months until a further test can show a realistic change (0.5 %fat a month), from the precision of this one;
/// 2 … 6.
[[nodiscard]] int monthsToNextTest(const HydrostaticResult& result);

} // namespace fusain

#pragma once
#include "record/method/protocol.hpp"
#include "record/method/raw_record.hpp"

namespace fusain {

/// One thing that was prepared otherwise at one of two tests.
struct PreparationDifference {
    std::string rule;     ///< id; empty for the time of day
    std::string question; ///< as it was asked
    /// What it does to the fat of the later test, held against the earlier one; Noise where nobody can say.
    readiness::Effect effect = readiness::Effect::Noise;
    double hoursLater = 0.0; ///< in the day, of the later test; for the time of day only
};

/// How this test's preparation differs from an earlier one's where that could explain a change: what was kept
/// at one of them only, and a time of day that is hours away.
[[nodiscard]] std::vector<PreparationDifference> preparedOtherwise(const RawTest& now, const RawTest& earlier);
/// Those of them that make a comparison worthless: every answer, and a time of day beyond six hours (an
/// engineering choice: breakfast on one day and supper on the other).
[[nodiscard]] std::vector<PreparationDifference> spoilingDifferences(const RawTest& now,
                                                                     const RawTest& earlier);

/// The differences in words, with the direction of the effect on the fat estimate and its size.
[[nodiscard]] std::vector<Message> preparationDifferences(const RawTest& now, const RawTest& earlier,
                                                          const Protocol& protocol);

} // namespace fusain

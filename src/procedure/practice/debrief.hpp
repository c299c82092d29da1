#pragma once
#include "procedure/computed_test.hpp"
#include "record/practice_case.hpp"

namespace fusain {

/// What the record of a practice test holds, as numbers under names: "signed", "refused", "trials" that count,
/// "set-aside", "drift-noticed", "answer.RULE.broken" for every answered question.
[[nodiscard]] std::map<std::string, double> practiceFacts(const AnyTest& test);

/// One goal and whether it was met.
struct GoalOutcome {
    const PracticeGoal* goal = nullptr;
    bool met = false;
};

/// A practice test against its case and the known truth.
struct Debrief {
    std::vector<GoalOutcome> goals;
    int met = 0;
    std::optional<double> measured, halfInterval, truth; ///< %fat; the truth wherever it is known
    double minutes = 0.0;                                ///< from the start to the signature or the end
    [[nodiscard]] double score() const {
        return goals.empty() ? 0.0 : static_cast<double>(met) / static_cast<double>(goals.size());
    }
    /// Whether the interval holds the truth; nothing without a result.
    [[nodiscard]] std::optional<bool> holdsTruth() const;
};
/// @param computed null for a test without a result  @param end when it was signed or ended
[[nodiscard]] Debrief debriefOf(const PracticeCase& practice, const AnyTest& test, const ComputedTest* computed,
                                Instant end);

} // namespace fusain

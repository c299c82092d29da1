#pragma once
#include "procedure/all/computed.hpp"
#include "record/practice/practice_case.hpp"
#include "record/practice/practice_log.hpp"

namespace fusain {

/// What a practice test holds, as numbers under names: docs/formats/practice.md lists them.
[[nodiscard]] std::map<std::string, double> practiceFacts(const AnyTest& test, const PracticeLog& log);

/// One goal and whether it was met.
struct GoalOutcome {
    const PracticeGoal* goal = nullptr;
    bool met = false;
};

/// A practice test against its case and the known truth.
struct Debrief {
    std::vector<GoalOutcome> goals;
    int met = 0;
    int caught = 0, missed = 0, invented = 0;             ///< goals of those kinds
    std::optional<Percent> measured, halfInterval, truth; ///< fat; the truth wherever it is known
    double minutes = 0.0;                                 ///< from the start to the signature or the end
    [[nodiscard]] double score() const {
        return goals.empty() ? 0.0 : static_cast<double>(met) / static_cast<double>(goals.size());
    }
    /// Whether the interval holds the truth; nothing without a result.
    [[nodiscard]] std::optional<bool> holdsTruth() const;
    /// The first goal that was not met, what was planted before the rest; null when all were.
    [[nodiscard]] const PracticeGoal* next() const;
};
/// @param computed null for a test without a result  @param end when it was signed or ended
[[nodiscard]] Debrief debriefOf(const PracticeCase& practice, const AnyTest& test, const PracticeLog& log,
                                const ComputedTest* computed, Instant end);

/// How far somebody has come with the cases of one method.
struct MethodProgress {
    std::string_view method;
    int cases = 0; ///< that there are
    int met = 0;   ///< whose last attempt met every goal
    int alone = 0; ///< of those, without a prompt or a hint
    [[nodiscard]] bool complete() const { return cases > 0 && met == cases; }
};
/// One finished attempt, as far as progress counts it.
struct AttemptScore {
    std::string caseId;
    Instant at;
    double score = 0.0;
    bool helped = false; ///< prompted, or a hint was asked for
};
/// @param attempts of one trainee, oldest first
[[nodiscard]] std::vector<MethodProgress> progressOver(std::span<const PracticeCase> cases,
                                                       std::span<const AttemptScore> attempts);

} // namespace fusain

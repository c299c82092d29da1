#pragma once
#include "core/reference/reference_set.hpp"
#include "procedure/meaning/statements.hpp"
#include "record/lab/key_point_rule.hpp"

#include <map>

namespace fusain {

/// What is known of a visit, as numbers under names: docs/formats/key-points.md. A fact that is not known is
/// not there, and no rule about it holds.
using KeyPointFacts = std::map<std::string, double>;

/// What the facts of a visit are taken from; null where there is none.
struct KeyPointInputs {
    const ComputedTest* test = nullptr;
    const Statements* statements = nullptr; ///< of this test
    bool firstTest = false;                 ///< nothing was signed before by this method
    const reference::ReferenceSet* limbLean = nullptr;
};
[[nodiscard]] KeyPointFacts keyPointFacts(const KeyPointInputs& inputs);
/// Whether lean of arms and legs is below the limit of a reference; not where neither knows it.
[[nodiscard]] bool hasLowLimbLean(const ComputedTest& test, const reference::ReferenceSet* limbLean);

/// One thing that matters today.
struct KeyPoint {
    const KeyPointRule* rule = nullptr;
    Message sentence, evidence;
    double score = 0.0;
};
/// The statement that a point rests on; null where it rests on something else.
[[nodiscard]] const Statement* statementBehind(const KeyPoint& point, const Statements& statements);
/// At most three, the most important first; of two with one fact only the stronger. Score: the weight times the
/// size against the error, at most three times.
[[nodiscard]] std::vector<KeyPoint> keyPoints(const KeyPointFacts& facts, std::span<const KeyPointRule> rules,
                                              std::size_t most = 3);

} // namespace fusain

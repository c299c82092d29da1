#pragma once
#include "procedure/meaning/progress.hpp"
#include "record/practice/reading_exercise.hpp"

namespace fusain {

/// One change on a made-up client's page, as the rules judge it and as it was in truth.
struct ReadingLine {
    const FollowedText* quantity = nullptr;
    Comparison comparison; ///< as the page shows it; the verdict takes the preparation into account
    Verdict verdict = Verdict::NotComparable;
    std::vector<Message> reasons;
    double truth = 0.0; ///< the change that the body went through, in the unit of the quantity
    /// Noise beyond the limit, or a true change below it: what the rules say is not what happened. Happens to
    /// the best of rules.
    [[nodiscard]] bool deceptive() const;
};

/// The visit that the last one is read against: the first by the same method, else the one before.
/// @param tests of the visits, oldest first, two or more
[[nodiscard]] std::size_t readingBaseline(std::span<const ComputedTest> tests);

/// Judges the last visit against the first by the same method as the last, as somebody who reads well would.
/// Where no earlier visit has the method, against the one before.
/// @param tests of the visits, oldest first, computed
[[nodiscard]] std::vector<ReadingLine>
readingKey(const ReadingExercise& exercise, std::span<const ComputedTest> tests, const Protocol& protocol);

/// What a trainee marked, against the key.
struct ReadingScore {
    int right = 0, asked = 0;
    [[nodiscard]] bool full() const { return right == asked; }
};
[[nodiscard]] ReadingScore scoreReading(std::span<const ReadingLine> key, std::span<const Verdict> marked);

} // namespace fusain

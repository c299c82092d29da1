#include "procedure/practice/reading.hpp"

#include "procedure/meaning/preparation_difference.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

double numberOf(const ReadingExercise& exercise, const ReadingVisit& visit, const char* key) {
    return visit.person->value(key, exercise.person->at(key).get<double>());
}

// What a body is made of in truth, as far as the simulator knows it.
double truthOf(Followed quantity, const ReadingExercise& exercise, const ReadingVisit& visit) {
    const double mass = numberOf(exercise, visit, "mass_kg"), fat = numberOf(exercise, visit, "fat_fraction");
    switch (quantity) {
    case Followed::FatPercent:
        return 100.0 * fat;
    case Followed::FatMass:
        return mass * fat;
    case Followed::FatFreeMass:
        return mass * (1.0 - fat);
    default:
        return mass;
    }
}

} // namespace

bool ReadingLine::deceptive() const {
    if (verdict == Verdict::NotComparable)
        return false;
    const bool changed = std::abs(truth) > 1e-9;
    return (verdict == Verdict::Real) != changed;
}

std::size_t readingBaseline(std::span<const ComputedTest> tests) {
    const std::string_view method = methodOf(tests.back().test);
    for (std::size_t i = 0; i + 1 < tests.size(); ++i)
        if (methodOf(tests[i].test) == method)
            return i;
    return tests.size() - 2;
}

std::vector<ReadingLine> readingKey(const ReadingExercise& exercise, std::span<const ComputedTest> tests,
                                    const Protocol& protocol) {
    std::vector<ReadingLine> lines;
    if (tests.size() < 2 || tests.size() != exercise.visits.size())
        return lines;
    const std::size_t first = readingBaseline(tests);
    const auto prepared = preparationDifferences(tests.back().record(), tests[first].record(), protocol);
    for (const std::string& id : exercise.quantities) {
        const auto text = std::ranges::find(followedQuantities(), id, &FollowedText::id);
        if (text == followedQuantities().end())
            continue;
        ReadingLine line;
        line.quantity = &*text;
        line.comparison = compare(text->quantity, tests[first], tests.back());
        line.verdict = line.comparison.verdict;
        line.reasons = {line.comparison.why};
        if (!line.comparison.unlike.empty())
            line.reasons = prepared;
        line.truth = truthOf(text->quantity, exercise, exercise.visits.back()) -
                     truthOf(text->quantity, exercise, exercise.visits[first]);
        lines.push_back(std::move(line));
    }
    return lines;
}

ReadingScore scoreReading(std::span<const ReadingLine> key, std::span<const Verdict> marked) {
    ReadingScore score{0, static_cast<int>(key.size())};
    for (std::size_t i = 0; i < std::min(key.size(), marked.size()); ++i)
        score.right += key[i].verdict == marked[i];
    return score;
}

} // namespace fusain

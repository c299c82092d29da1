#pragma once
#include "core/readiness/rule.hpp"
#include "record/json.hpp"

#include <map>
#include <string>
#include <vector>

namespace fusain {

/// What a trainee should notice or do, as a fact of the finished record: docs/formats/practice.md.
struct PracticeGoal {
    std::string id;
    std::string say; ///< marked for translation: what was done when the fact holds
    std::string fact;
    double least = 1.0;
    std::optional<double> most;
    std::string cost;     ///< of missing it, marked for translation
    std::string practise; ///< what to practise next, marked for translation
};

/// A made-up person on made-up instruments, and what goes wrong.
struct PracticeCase {
    std::string id, method, title, level, story;
    Json person;                                      ///< of the simulator: sex, mass, fat fraction, height
    std::vector<std::string> faults;                  ///< of the simulated instruments, by name
    std::map<std::string, readiness::Answer> answers; ///< by rule; every other question is answered as asked
    std::vector<PracticeGoal> goals;
};

/// Reads and checks a case: a known method and level, a person, and at least one goal.
[[nodiscard]] Expected<PracticeCase> practiceCaseFromJson(const Json& json, const std::string& where);

} // namespace fusain

#pragma once
#include "core/readiness/rule.hpp"
#include "record/base/document.hpp"
#include "record/base/document_kind.hpp"

#include <map>
#include <string>
#include <vector>

namespace fusain {

/// One visit of a made-up person whose page is read.
struct ReadingVisit {
    double weeksAgo = 0.0;
    std::string method;
    Document person = Document::object();             ///< what is different of the body on that day
    double waterShift = 1.0;                          ///< factor on the water outside the cells that day
    std::map<std::string, readiness::Answer> answers; ///< that break a rule
    std::string software;                             ///< of the densitometer, where it is another one
    double startsAtHour = 8.0;                        ///< of the day, UTC
};

/// A client's page with a known truth: what on it is real, what noise, what cannot be compared.
struct ReadingExercise {
    std::string id, title, story;
    Document person;
    std::vector<ReadingVisit> visits;    ///< two or more, oldest first
    std::vector<std::string> quantities; ///< that are asked for, such as "fat-mass"
    int seed = 1;
};

/// Reads and checks an exercise: known methods, two visits in order, at least one quantity.
[[nodiscard]] Expected<ReadingExercise> readingExerciseFromJson(const Json& json, const std::string& where);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind readingExerciseKind();

} // namespace fusain

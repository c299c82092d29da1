#pragma once
#include "core/reference/reference_set.hpp"
#include "record/all/policy.hpp"
#include "record/all/record.hpp"
#include "record/lab/glossary.hpp"
#include "record/lab/instrument.hpp"
#include "record/lab/key_point_rule.hpp"
#include "record/lab/planning.hpp"
#include "record/lab/preparation.hpp"
#include "record/lab/screening.hpp"
#include "record/method/protocol.hpp"
#include "record/practice/practice_case.hpp"
#include "record/practice/reading_exercise.hpp"

#include <deque>
#include <vector>

namespace fusain {

/// The data that ships with the program: what a lab can choose from.
struct LabCatalogue {
    std::vector<AnyPolicy> policies; ///< the first of a method is its default
    std::vector<Protocol> protocols; ///< the first of a method is its default
    /// Shipped, then the lab's own. A list that keeps its places: reports hold on to the sets while it grows.
    std::deque<reference::ReferenceSet> references;
    std::vector<Instrument> instruments;
    std::vector<KeyPointRule> keyPoints;
    PreparationTexts preparation;
    PlanningPolicy planning;
    ScreeningQuestions screening;
    Glossary glossary;
    std::vector<PracticeCase> practice;
    std::vector<PracticeAct> practiceActs;
    std::vector<ReadingExercise> readings;

    [[nodiscard]] const AnyPolicy* policy(const std::string& id) const;
    /// The policy with this id, else the first of the method.
    [[nodiscard]] const AnyPolicy& policyFor(std::string_view method, const std::string& id) const;
    template <class Policy>
    [[nodiscard]] const Policy* policyOf(const std::string& id) const {
        const AnyPolicy* found = policy(id);
        return found ? std::get_if<Policy>(found) : nullptr;
    }
    [[nodiscard]] const Instrument* instrument(const std::string& id) const;
    [[nodiscard]] const Protocol* protocol(const std::string& id) const;
    /// The protocol with this id, else the first of the method.
    [[nodiscard]] const Protocol& protocolFor(std::string_view method, const std::string& id = {}) const;
    [[nodiscard]] const reference::ReferenceSet* reference(const std::string& id) const;
    /// The first set for a quantity, e.g. "fat-mass-index".
    [[nodiscard]] const reference::ReferenceSet* referenceFor(const std::string& quantity) const;
    /// Puts a set of the lab's own in, in place of one with the same id.
    void keep(reference::ReferenceSet set);
};

} // namespace fusain

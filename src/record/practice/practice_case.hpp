#pragma once
#include "core/readiness/rule.hpp"
#include "record/base/calendar.hpp"
#include "record/base/document.hpp"
#include "record/base/document_kind.hpp"

#include <map>
#include <string>
#include <vector>

namespace fusain {

/// What a goal is about: a fault that was planted, nothing invented beside it, or the work brought to its end.
enum class GoalKind { Catch, Restraint, Finish };

/// What a trainee should notice or do, as a fact of the finished record: docs/formats/practice.md.
struct PracticeGoal {
    std::string id;
    GoalKind kind = GoalKind::Catch;
    std::string say;    ///< marked for translation: what was done when the fact holds
    std::string missed; ///< marked for translation: what happened when it does not
    std::string fact;
    double least = 1.0;
    std::optional<double> most;
    std::string cost;     ///< of missing it, marked for translation
    std::string practise; ///< what to practise next, marked for translation
};

/// A fault of the simulated instruments, and the recordings that it is there for.
struct PracticeFault {
    std::string name;
    std::vector<int> recordings; ///< from 1, in order of time; empty: until it is mended
};

/// What the made-up person says by itself when a step is reached.
struct PracticeRemark {
    std::string step;
    std::string say; ///< marked for translation
};

/// What an instrument showed on the mornings before; the last reading is yesterday's.
struct PracticeChecks {
    std::string instrument, check;
    std::vector<double> readings;
};

/// The same person's earlier test, well prepared.
struct PracticeEarlier {
    double weeksAgo = 0.0;
    Document person = Document::object(); ///< what was different of the body then
};

/// The record that was opened by mistake: of somebody with nearly the same name.
struct PracticeMistaken {
    std::string name;
    Date birthDate{};
    Centimetres height;
};

/// A made-up person on made-up instruments, and what goes wrong.
struct PracticeCase {
    std::string id, method, title, level, story;
    std::string name; ///< as the person says it
    Date birthDate{};
    Document person; ///< of the simulator: sex, mass, fat fraction, height
    std::vector<PracticeFault> faults;
    std::map<std::string, readiness::Answer> answers; ///< by rule; every other question is answered as asked
    std::vector<PracticeRemark> remarks;
    std::map<std::string, std::string> hints; ///< by step, marked for translation
    std::vector<PracticeChecks> checks;
    std::optional<PracticeEarlier> earlier;
    std::optional<PracticeMistaken> mistaken;
    std::vector<PracticeGoal> goals;
};

/// Reads and checks a case: a known method and level, a person, and at least one goal.
[[nodiscard]] Expected<PracticeCase> practiceCaseFromJson(const Json& json, const std::string& where);

/// An answer with `hours`, a `number` or a `choice`; throws Json::exception for readDocument.
[[nodiscard]] readiness::Answer practiceAnswerFromJson(const Json& json);
/// Throws Json::exception for readDocument when there is no such method.
void checkMethod(const std::string& method, const Json& at);

/// Something that a trainee can say or do beside the screen.
struct PracticeAct {
    std::string id;
    std::vector<std::string> methods; ///< where it is offered
    std::string say;                  ///< on the button, marked for translation
    std::string helped;               ///< what happens when it was the reason, marked for translation
    std::string inVain;               ///< and when it was not
};
[[nodiscard]] Expected<PracticeAct> practiceActFromJson(const Json& json, const std::string& where);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind practiceCaseKind();

/// The keys of this kind of document.
[[nodiscard]] DocumentKind practiceActKind();

} // namespace fusain

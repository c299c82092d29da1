#pragma once
#include "core/base/message.hpp"
#include "core/units/units.hpp"

#include <optional>
#include <string>
#include <vector>

namespace fusain::readiness {

enum class AnswerType { TimeSince, Choice, Number };
enum class Comparison { AtLeast, MoreThan, AtMost, LessThan, Equals };
/// Which way the fat estimate errs when the rule is broken; None is safety or validity only.
enum class Effect { Over, Under, Noise, None };
/// What to do, from mild to severe.
enum class Action { GoOn, Note, Wait, Rebook, Blocked };

/// One question of a protocol with the rule that its answer must meet.
struct Rule {
    std::string id;
    std::string question;
    AnswerType type = AnswerType::Choice;
    Comparison okIf = Comparison::Equals;
    double limit = 0.0;      ///< numbers and times; hours, minutes … as `unit` says
    std::string limitChoice; ///< choices
    std::string unit;        ///< "h", "min", "C", ""
    std::vector<std::string> choices;
    /// "", "repeat test", "woman", "childbearing age", "minor", "supine analyzer", "standing analyzer" or "gel
    /// electrodes"
    std::string appliesIf;
    Effect effect = Effect::None;
    std::string effectSize;
    std::string reason;
    std::string source;
    std::string grade; ///< C: a lab-adjustable default
    Action actionIfBroken = Action::Note;
    std::string bars; ///< id of the step that a broken answer keeps from being measured here; empty: of none
    bool mayAskGroup = false; ///< nothing private, and true for the rest of the morning once it is true
};

/// "It is kept", said without a figure of its own: by one person to a list of questions read out in one go, or
/// by a group that was asked together.
enum class KeptAsTold { No, List, Group };

/// An answer as given. Exactly one of the fields is set, or none for "unknown".
struct Answer {
    std::optional<Hours> ago; ///< time-since
    bool never = false;       ///< time-since: it never happened (passes an at-least rule)
    std::optional<double> number;
    std::string choice;
    KeptAsTold keptAsTold = KeptAsTold::No;
    [[nodiscard]] bool unknown() const {
        return !ago && !never && !number && choice.empty() && keptAsTold == KeptAsTold::No;
    }
};

struct Finding {
    bool kept = true;
    Action action = Action::GoOn;
    Minutes wait; ///< for Wait on an at-least time rule: how long until it is met
};

/// True for a number of minutes that only has to grow: how long somebody has been standing or lying.
[[nodiscard]] bool growsWithTime(const Rule& rule);
/// Compares one answer with its rule. "never" meets an at-least rule; unknown breaks every rule, and so does
/// the word of a group where the rule wants each person asked.
[[nodiscard]] Finding judge(const Rule& rule, const Answer& answer);

/// The limit in the rule's own unit turned into hours (time-since rules).
[[nodiscard]] double limitHours(const Rule& rule);

/// An answer that keeps the rule, for people who are made up.
/// @param margin how far inside the limit, as a fraction of it; 0: exactly on it (0 to 1)
[[nodiscard]] Answer answerKeeping(const Rule& rule, double margin = 0.0);

} // namespace fusain::readiness

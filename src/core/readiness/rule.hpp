#pragma once
#include "core/message.hpp"

#include <optional>
#include <string>
#include <vector>

namespace fusain::readiness {

enum class AnswerType { TimeSince, Choice, Number };
enum class Comparison { AtLeast, MoreThan, AtMost, LessThan, Equals };
/// Which way the fat estimate errs when the rule is broken; None is a matter of safety or validity only.
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
    std::string appliesIf; ///< "", "repeat test", "woman", "supine analyzer", "standing analyzer", "gel electrodes"
    Effect effect = Effect::None;
    std::string effectSize;
    std::string reason;
    std::string source;
    std::string grade; ///< C: an engineering choice of this program
    Action actionIfBroken = Action::Note;
};

/// An answer as given. Exactly one of the fields is set, or none for "unknown".
struct Answer {
    std::optional<double> hoursSince; ///< time-since, in hours
    bool never = false;               ///< time-since: it never happened (passes an at-least rule)
    std::optional<double> number;
    std::string choice;
    [[nodiscard]] bool unknown() const { return !hoursSince && !never && !number && choice.empty(); }
};

struct Finding {
    bool kept = true;
    Action action = Action::GoOn;
    double waitMinutes = 0.0; ///< for Wait on an at-least time rule: how long until it is met
};

/// True for a number of minutes that only has to grow: how long somebody has been standing or lying.
[[nodiscard]] bool growsWithTime(const Rule& rule);
/// Compares one answer with its rule. "never" meets an at-least rule; unknown breaks every rule.
[[nodiscard]] Finding judge(const Rule& rule, const Answer& answer);

/// The limit in the rule's own unit turned into hours (time-since rules).
[[nodiscard]] double limitHours(const Rule& rule);

} // namespace fusain::readiness

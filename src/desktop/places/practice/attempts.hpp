#pragma once
#include "desktop/places/practice/practice_run.hpp"
#include "link/simulation/all/what_if.hpp"
#include "procedure/practice/debrief.hpp"
#include "procedure/practice/replay.hpp"

#include <map>

namespace fusain::desktop {

/// One finished practice test.
struct Attempt {
    const PracticeCase* practice = nullptr;
    std::string testId;
    Instant at; ///< when it began
    PracticeLog log;
    Debrief debrief;
    Replay replay;
    [[nodiscard]] bool helped() const { return log.help == HelpLevel::Prompts || log.hints > 0; }
};

/// A reading exercise that was answered.
struct ReadingAttempt {
    std::string exercise, trainee;
    Instant at;
    int right = 0, asked = 0;
};

/// What was practised in this book so far. A finished test does not change: it is computed once.
class Attempts {
public:
    explicit Attempts(Session& session) : session_(session) {}
    /// Oldest first.
    [[nodiscard]] std::vector<const Attempt*> all();
    /// The last of a case, by anybody or by one trainee; null without one.
    [[nodiscard]] const Attempt* lastOf(const std::string& caseId, const std::string& trainee = {});
    /// Everybody who practised.
    [[nodiscard]] std::vector<std::string> trainees();
    [[nodiscard]] std::vector<MethodProgress> progressOf(const std::string& trainee);

    [[nodiscard]] std::vector<ReadingAttempt> readings();
    Expected<void> keep(const ReadingAttempt& attempt);

    /// What a fault that was missed costs the person of a case, points of fat; nothing where the rules would
    /// not let it through.
    [[nodiscard]] std::optional<simulation::Cost> costOf(const PracticeCase& practice,
                                                         const std::string& fault);

private:
    void read();
    Session& session_;
    std::int64_t readAt_ = -1;                ///< events in the book when it was looked through
    std::map<std::string, Attempt> finished_; ///< by id of the test
    std::map<std::string, std::optional<simulation::Cost>> costs_;
};

} // namespace fusain::desktop

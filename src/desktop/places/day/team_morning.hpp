#pragma once
#include "desktop/services/session.hpp"
#include "procedure/all/computed.hpp"
#include "procedure/day/team_queue.hpp"

#include <map>

namespace fusain::desktop {

/// Today's team on the impedance analyzer: who is in the queue, and what one answer for several people or for
/// several questions stands for. Every test is an ordinary one of the lab book.
class TeamMorning {
public:
    explicit TeamMorning(Session& session) : session_(session) {}

    /// Today's impedance appointments whose note begins with "team".
    [[nodiscard]] std::vector<store::Visit> visits();
    [[nodiscard]] TeamQueue queue();
    /// The test of the person whose turn it is; null while it is nobody's, or while another test is on the
    /// bench.
    [[nodiscard]] ImpedanceProcedure* running() const;

    /// The questions that this analyzer's protocol lets a whole group be asked together.
    [[nodiscard]] std::vector<const readiness::Rule*> groupQuestions();
    /// From now on people stand by what the group said; before, or `{}`, each is asked everything alone.
    void setGroupAsked(std::optional<Instant> at) { groupAskedAt_ = at; }
    [[nodiscard]] bool groupAsked() const { return groupAskedAt_.has_value(); }

    /// Starts a person's test, or goes on with the one that was set aside; the checks of the morning hold for
    /// it.
    Expected<void> begin(const Client& client, const store::Visit& visit);
    /// The unanswered questions of the running test that are put to this person alone (List), or that the group
    /// was asked (Group).
    [[nodiscard]] std::vector<const readiness::Rule*> openQuestions(readiness::KeptAsTold told) const;
    /// This person said of all of them that everything is as asked, or stands by what the group said.
    Expected<void> keepAll(readiness::KeptAsTold told);
    /// Ends the person's turn and keeps the state of the appointment: "measured" or "aside".
    Expected<void> endTurn(const std::string& state);

    [[nodiscard]] std::vector<ComputedTest> measured();
    /// Tests that are measured; those that are signed already too.
    [[nodiscard]] std::vector<std::string> measuredIds();
    /// Signs every measured test that has a sentence of interpretation here, by its id. @return how many were
    /// signed
    int signAll(const std::map<std::string, std::string>& sentences, const std::string& passphrase = {});

private:
    Expected<void> makeReady(const Client& client);
    [[nodiscard]] readiness::KeptAsTold askedHow(const readiness::Rule& rule) const;

    Session& session_;
    std::optional<Instant> groupAskedAt_;
    std::string turn_; ///< id of the test of the person whose turn it is
};

} // namespace fusain::desktop

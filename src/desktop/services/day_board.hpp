#pragma once
#include "desktop/services/session.hpp"
#include "procedure/day/day_plan.hpp"
#include "record/lab/water_log.hpp"

namespace fusain::desktop {

/// What stands on the ribbon: an appointment, or a team's appointments together.
struct DayBlock {
    std::string id; ///< of the appointment, or of the team's first
    std::string title;
    std::string method;
    Instant at, until;
    std::string state;
    int people = 1;
};

/// The lab's own planning policy, else the shipped one.
[[nodiscard]] PlanningPolicy planningInForce(Session& session);
/// Keeps the lab's own. @return a Problem for one that could not be read back
Expected<void> keepPlanning(Session& session, const PlanningPolicy& policy);

/// When a line was ticked, and by whom.
struct Tick {
    Instant at;
    std::string by; ///< staff id; empty in books from before names were kept
};

/// One day of the lab as the Day place shows and changes it: appointments, the planner's lines and their ticks.
class DayBoard {
public:
    explicit DayBoard(Session& session) : session_(session) {}

    /// Reads a day anew. @param day any moment of it  @param liveSince by role of an instrument whose link is
    /// live
    void load(Instant day, const std::map<std::string, Instant>& liveSince = {});
    [[nodiscard]] Instant midnight() const { return midnight_; }
    [[nodiscard]] const std::vector<store::Visit>& visits() const { return visits_; }
    [[nodiscard]] const std::vector<DayBlock>& blocks() const { return blocks_; }
    [[nodiscard]] const store::Visit* visit(const std::string& id) const;
    [[nodiscard]] const DayPlan& plan() const { return plan_; }
    [[nodiscard]] const PlanningPolicy& policy() const { return policy_; }
    [[nodiscard]] static bool over(const store::Visit& visit);
    [[nodiscard]] std::string clientName(const std::string& clientId) const;

    Expected<void> book(const std::string& clientId, const std::string& method, Instant at,
                        const std::string& note);
    /// Moves an appointment that has not begun. @return a Problem for one that has
    Expected<void> move(const std::string& visitId, Instant to);
    Expected<void> cancel(const std::string& visitId);
    Expected<void> tick(const std::string& taskId, bool done);
    /// Where these methods of one client would stand; empty when the day has no room for several.
    [[nodiscard]] std::vector<Appointment>
    proposed(const std::string& clientId, const std::vector<std::string>& methods, Instant notBefore) const;
    /// Books several methods of one client in their best order, as early as the lanes allow after a moment.
    /// @return a Problem when the day has no room
    Expected<void> bookBattery(const std::string& clientId, const std::vector<std::string>& methods,
                               Instant notBefore, const std::string& note);
    /// Who ticked what, and when.
    [[nodiscard]] const std::map<std::string, Tick>& ticks() const { return ticks_; }
    /// The water log of the day shown and the days before it, newest first.
    [[nodiscard]] std::vector<WaterLogEntry> waterLog(int days = 14) const;
    Expected<void> logWater(const water::CareReading& reading, const std::string& note);

private:
    void makeBlocks();
    [[nodiscard]] std::vector<Appointment> appointments() const;
    [[nodiscard]] std::vector<DueCheck> dueChecks() const;
    [[nodiscard]] std::string tickKey() const;
    [[nodiscard]] std::map<std::string, Tick> readTicks() const;

    Session& session_;
    Instant midnight_;
    std::int64_t loadedUpTo_ = 0; ///< the last event of the book when the visits were read
    std::vector<store::Visit> visits_;
    std::vector<DayBlock> blocks_;
    std::map<std::string, Tick> ticks_;
    PlanningPolicy policy_;
    DayPlan plan_;
};

} // namespace fusain::desktop

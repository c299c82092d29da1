#pragma once
#include "procedure/day/battery.hpp"

#include <map>
#include <optional>

namespace fusain {

/// The work that an entry of the water log proves.
inline constexpr std::string_view waterWork = "tank.mix";

/// A quality check that is due before an instrument may be used.
struct DueCheck {
    std::string id;         ///< of the check's definition
    std::string instrument; ///< whose lane it belongs to
    std::string title;      ///< marked for translation
};

/// One line of the day's work, with its time.
struct DayTask {
    std::string id; ///< the same for the same work on the same day, so that it stays ticked
    std::string instrument;
    std::string title; ///< marked for translation
    Message detail;    ///< how long, how warm …; may be empty
    Instant from, to;  ///< as things stand now
    bool done = false;
    bool late = false; ///< begins later than it was planned
};

/// Something in the plan that cannot be as it stands.
struct DayConflict {
    Message what;
    std::vector<std::string> appointments; ///< ids
};

/// An appointment that cannot begin on time, as things stand.
struct DelayedAppointment {
    std::string appointment;
    Instant earliest;
    double minutes = 0.0;
};

struct DayPlan {
    std::vector<DayTask> tasks; ///< in order of time
    std::vector<DayConflict> conflicts;
    std::vector<Message> costs; ///< of orders that are possible and break a rule
    std::vector<DelayedAppointment> delays;
    std::map<std::string, Celsius> waterAt; ///< by appointment in the tank
    std::optional<Message> noFilling;       ///< why the tank cannot be made warm enough
};

struct DayInputs {
    std::vector<Appointment> appointments; ///< of one day, any order
    std::vector<DueCheck> checks;
    std::map<std::string, Instant> done;     ///< task id → when it was ticked
    std::map<std::string, Instant> underWay; ///< task id → since when an instrument says that it goes on
    Instant midnight;                        ///< at which the lab's day begins
    Instant now;
};

/// Works the day's tasks back from the appointments: cleaning, filling, mixing and lowering the tank and
/// hanging the chair, warm-ups, checks, the water log, hot water for a tank that has cooled by the next client,
/// and what follows the last one. What is not ticked and should have begun begins now; whatever hangs on it
/// moves, and the appointments that cannot be kept are named.
/// @pre every appointment's method is one of the policy's
[[nodiscard]] DayPlan planDay(const DayInputs& inputs, const PlanningPolicy& policy);

} // namespace fusain

#pragma once
#include "desktop/services/day_board.hpp"

namespace fusain::desktop {

/// What matters at this moment of the day, and the one act that answers it. Worked out from what is known
/// (water, checks, open tests, appointments, open lines of the plan), never from a tick alone.
struct NowFact {
    enum class Act { None, LogWater, OpenTest, StartVisit, Tick, Book };
    QString sentence; ///< large
    QString more;     ///< why, and what comes next
    Act act = Act::None;
    QString button; ///< what the act is called; empty for none
    std::string id; ///< of the test, appointment or line that the act is about
    bool urgent = false;
};

/// The most pressing first: water that nobody may enter, a check that stops the next test, work that is
/// late, what waits for the signature of the physiologist at the desk, a test on the bench, who comes next.
/// @param board the day of `now`, loaded
[[nodiscard]] NowFact nowOf(Session& session, const DayBoard& board);

} // namespace fusain::desktop

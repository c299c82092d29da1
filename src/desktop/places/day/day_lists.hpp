#pragma once
#include "desktop/services/day_board.hpp"
#include "desktop/widgets/day_ribbon.hpp"
#include "desktop/widgets/table_model.hpp"

namespace fusain::desktop {

/// A day in words and blocks: what its ribbon, its lists and its line say of a board. It changes nothing.
class DayLists {
public:
    /// @param board outlives this
    DayLists(Session& session, const DayBoard& board) : session_(session), board_(board) {}

    /// @param proposal what the booking strip would book, drawn on the lanes of its methods
    [[nodiscard]] DayRibbon::Model ribbon(const std::vector<Appointment>& proposal, bool today) const;
    [[nodiscard]] std::vector<TableModel::Row> tasks(bool today) const;
    /// Who is left from before and not signed comes first, then everybody by the clock. The ids begin with
    /// "test:" or "visit:".
    [[nodiscard]] std::vector<TableModel::Row> people(bool today) const;
    /// The chosen appointment, and what holds for the whole day.
    [[nodiscard]] QStringList lines(const std::string& chosen) const;
    /// Somebody to be called: the name, with the telephone where it is kept and names are shown.
    [[nodiscard]] QString reached(const std::string& clientId) const;

private:
    [[nodiscard]] DayRibbon::Lane lane(const MethodTimes& times,
                                       const std::vector<Appointment>& proposal) const;
    void noteWater(DayRibbon::Lane& lane) const;
    [[nodiscard]] bool inTrouble(const std::string& visitId) const;
    [[nodiscard]] QString chosenLine(const store::Visit& visit) const;
    [[nodiscard]] QString howOf(const DayTask& task, bool today) const;

    Session& session_;
    const DayBoard& board_;
};

} // namespace fusain::desktop

#pragma once
#include "desktop/places/day/day_lists.hpp"
#include "desktop/places/day/now_band.hpp"
#include "desktop/places/day/team_page.hpp"
#include "desktop/places/day/week_page.hpp"
#include "desktop/services/day_board.hpp"
#include "desktop/views/place.hpp"
#include "desktop/widgets/day_ribbon.hpp"

#include <QStackedWidget>
#include <QVBoxLayout>

namespace fusain::desktop {

class BookingDialog;

/// A day: who comes, on a ribbon by instruments, and under it what is to be done, in order. A week beside it.
class DayPlace : public Place {
    Q_OBJECT
public:
    explicit DayPlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override;
    /// Opens or leaves the team morning.
    void showTeam(bool on);
    void showWeek(bool on);
    /// @param day any moment of it
    void showDay(Instant day);
    [[nodiscard]] TeamPage& team() { return *team_; }
    [[nodiscard]] DayRibbon& ribbon() { return *ribbon_; }
    [[nodiscard]] const DayBoard& board() const { return board_; }
    /// The booked appointments of a year out, and those of another calendar that name a client's code and a
    /// method in.
    bool saveCalendar(const QString& path);
    bool readCalendar(const std::string& text, const std::string& path);
    void enter() override;
    void addCommands(const PlaceCommands& add) override;

private:
    enum Page { DayPage, TeamMorningPage, WholeWeekPage };
    [[nodiscard]] QLayout* head();
    [[nodiscard]] QWidget* dayPage();
    [[nodiscard]] QLayout* acts();
    void showPage(Page page);
    void goTo(int days);
    void fillTasks();
    void fillWords();
    void fillProblems();
    void answerNow(const NowFact& fact);
    void openTest(const std::string& testId);
    void openPerson(const QString& row);
    void fillWeek();
    void tickSelected();
    void noteLink(const QString& role);
    void logWater();
    void editPlanning();
    void startSelected();
    void moveVisit(const QString& id, qint64 milliseconds);
    void book();
    /// @param before the day that was seen when the booking began; what was not booked leaves it
    void endBooking(bool booked, Instant before);
    void cancelSelected();
    void showSheet();
    void calendarOut();
    void calendarIn();

    DayBoard board_;
    DayLists lists_;
    std::map<std::string, Instant> liveSince_; ///< by role of an instrument
    Instant day_;
    bool today_ = true; ///< the day shown goes with the clock
    QLabel* title_;
    DayRibbon* ribbon_;
    NowBand* now_;
    RecordsView *tasks_, *people_;
    ProblemCards* problems_;
    QLabel* words_;
    QVBoxLayout* booking_;           ///< where the strip stands while somebody is booked
    BookingDialog* strip_ = nullptr; ///< only then
    QWidget* below_ = nullptr;
    WeekPage* week_;
    QStackedWidget* pages_;
    TeamPage* team_;
};

} // namespace fusain::desktop

#pragma once
#include "desktop/places/place.hpp"
#include "desktop/places/team_page.hpp"

#include <QStackedWidget>

namespace fusain::desktop {

/// Today: who comes, what the tank needs before, what is due.
class DayPlace : public Place {
    Q_OBJECT
public:
    explicit DayPlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override;
    /// Opens or leaves the team morning.
    void showTeam(bool on);
    [[nodiscard]] TeamPage& team() { return *team_; }
    void enter() override;

private:
    void startSelected();
    void book();
    QLabel* title_;
    QTableWidget* visits_;
    QTableWidget* tasks_;
    QLabel* due_;
    std::vector<store::Visit> shown_;
    QStackedWidget* pages_;
    TeamPage* team_;
};

} // namespace fusain::desktop

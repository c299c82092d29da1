#pragma once
#include "desktop/places/place.hpp"

namespace fusain::desktop {

/// Today: who comes, what the tank needs before, what is due.
class DayPlace : public Place {
    Q_OBJECT
public:
    explicit DayPlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override { return tr("Day"); }
    void enter() override;

private:
    void startSelected();
    void book();
    QLabel* title_;
    QTableWidget* visits_;
    QTableWidget* tasks_;
    QLabel* due_;
    std::vector<store::Visit> shown_;
};

} // namespace fusain::desktop

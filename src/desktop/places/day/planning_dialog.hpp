#pragma once
#include "desktop/services/day_board.hpp"
#include "desktop/widgets/parts.hpp"

#include <QDialog>

namespace fusain::desktop {

/// What the day is planned with: the opening hours, the tank and its supply, and how long each method takes.
class PlanningDialog : public QDialog {
    Q_OBJECT
public:
    PlanningDialog(Session& session, const PlanningPolicy& policy, QWidget* parent = nullptr);

private:
    void keep();
    Session& session_;
    PlanningPolicy policy_;
    QLineEdit* opening_;
    ValueField *volume_, *flow_, *hot_, *cold_, *room_, *loss_, *wanted_;
    QTableWidget* times_;
    QLabel* problem_;
};

} // namespace fusain::desktop
